using System.Globalization;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Runs;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Stocktaking;

/// <summary>
/// Takes from the stock what ticked batch sheets and runs at the bench have used. A line is used once it is ticked, or once the step at
/// which it is weighed is done; taking the tick back puts it back.
/// </summary>
public sealed class StockKeeper(
    StockBook stock, RunBook runs, DayBook days, BakeBook bakes, BenchDesk desk, CompositionReader compositions, TimeProvider clock)
{
    /// <summary>What uses an order's ingredients is called.</summary>
    public static string OwnerOf(int order) => "order:" + order.ToString(CultureInfo.InvariantCulture);

    /// <summary>What there is now, with all that was done at the bench.</summary>
    public async Task<StockLevels> LevelsAsync(CancellationToken cancel = default)
    {
        foreach (var run in await runs.NotStockedAsync(cancel))
        {
            if (await desk.OpenAsync(run.Id, cancel) is not { } open)
                continue;
            await TakeAsync(open, cancel);
            await runs.StockedAsync(run.Id, open.Seq, cancel);
        }

        return await stock.LevelsAsync(cancel);
    }

    /// <summary>Takes what a ticked batch sheet has used.</summary>
    public async Task TakeAsync(int bakeId, CancellationToken cancel = default)
    {
        if (await bakes.FindAsync(bakeId, cancel) is not { } bake)
            return;
        if (await days.OrderOfBakeAsync(bakeId, cancel) is { } order)
        {
            if (await runs.LastOfAsync(order.BakeDayId, cancel) is { IsRehearsal: false } run
                && await desk.OpenAsync(run.Id, cancel) is { } open)
            {
                await TakeAsync(open, cancel);
                return;
            }

            await SayAsync(OwnerOf(order.Id), bake, null, cancel);
            return;
        }

        await SayAsync("bake:" + bakeId.ToString(CultureInfo.InvariantCulture), bake, null, cancel);
    }

    private async Task TakeAsync(OpenBench open, CancellationToken cancel)
    {
        if (open.Day is not { } day || open.Run.IsRehearsal)
            return;
        foreach (var made in day.Built.Made)
        {
            if (day.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == made.Order.Key) is not { } order)
                continue;
            var done = new Dictionary<string, DateTimeOffset>(StringComparer.Ordinal);
            foreach (var task in open.State.Plan.Tasks.Where(t => t.Orders.Contains(made.Order.Key)))
                Tick(open, open.TaskOf(task), made, done);
            var bake = order.BakeId is { } id ? await bakes.FindAsync(id, cancel) : null;
            await SayAsync(
                OwnerOf(order.Id), BatchSheet.Of(made.Pie), made.Chain.Steps,
                [.. done, .. (bake?.Ticks ?? []).Select(t => KeyValuePair.Create(t.Key, clock.GetUtcNow()))], cancel);
        }
    }

    /// <summary>What is ticked of one order's sheet by a task of a run: its lines, and its steps once it is done.</summary>
    private static void Tick(OpenBench open, BenchTask task, Prepared made, Dictionary<string, DateTimeOffset> done)
    {
        if (task.State is { IsDone: false, Lines.Count: 0 })
            return;
        if (task.State.DoneAt is { } at)
        {
            foreach (var (of, step) in open.StepsOf(task).Where(s => s.Made.Order.Key == made.Order.Key))
                done[BatchSheet.StepTick(step)] = at;
        }

        foreach (var line in open.LinesOf(task).Where(l => task.State.IsDone || task.State.Lines.Contains(l.Key)))
        {
            foreach (var (of, key, _) in line.Of.Where(o => o.Made.Order.Key == made.Order.Key))
                done[key] = task.State.DoneAt ?? task.State.StartedAt ?? open.State.LastAt ?? open.Now;
        }
    }

    private async Task SayAsync(string owner, Bake bake, IReadOnlyList<Step>? steps, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        var pie = Assessment.Of((await compositions.ReadAsync(bake.Address, cancel)).Composition, bake.Pies, kitchen);
        await SayAsync(
            owner, BatchSheet.Of(pie), steps ?? pie.Chain.Steps,
            [.. bake.Ticks.Select(t => KeyValuePair.Create(t.Key, clock.GetUtcNow()))], cancel);
    }

    private Task SayAsync(
        string owner, BatchSheet sheet, IReadOnlyList<Step> steps, IEnumerable<KeyValuePair<string, DateTimeOffset>> ticks,
        CancellationToken cancel)
    {
        var at = ticks.GroupBy(t => t.Key, StringComparer.Ordinal).ToDictionary(
            g => g.Key, g => g.Min(t => t.Value), StringComparer.Ordinal);
        return stock.SayUsedAsync(owner, Used(sheet, steps, at), cancel);
    }

    /// <summary>What is used of a sheet by what is ticked of it.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="steps">The steps that are done for it; those of what is in stock are not among them.</param>
    /// <param name="ticks">What is ticked, and when.</param>
    public static IReadOnlyDictionary<string, (string Ingredient, Grams Mass, DateTimeOffset At)> Used(
        BatchSheet sheet, IReadOnlyList<Step> steps, IReadOnlyDictionary<string, DateTimeOffset> ticks)
    {
        var used = new Dictionary<string, (string, Grams, DateTimeOffset)>(StringComparer.Ordinal);
        foreach (var part in sheet.Parts)
        {
            DateTimeOffset? whole = WeighOut.StepOf(steps, part) is { } step
                && ticks.TryGetValue(BatchSheet.StepTick(steps[step]), out var done)
                ? done
                : null;
            foreach (var line in part.Lines)
            {
                if ((ticks.TryGetValue(line.Key, out var own) ? own : whole) is { } at)
                    used[line.Key] = (line.Ingredient.Id, line.Mass.Value, at);
            }
        }

        return used;
    }
}

/// <summary>What a day's orders have used of the house already.</summary>
public static class UsedByADay
{
    extension(StockBook stock)
    {
        /// <summary>The lines that a day's orders have used, by what used them.</summary>
        public Task<ILookup<string, string>> UsedByAsync(OpenDay open, CancellationToken cancel = default) =>
            stock.UsedAsync(open.Kept.Orders.Select(o => StockKeeper.OwnerOf(o.Id)), cancel);
    }
}
