using RoundCrumb.Application.Days;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Bench;

/// <summary>One order of a run, to be written down.</summary>
/// <param name="Order">The order.</param>
/// <param name="Made">What was made of it.</param>
/// <param name="Entry">What the bench knows of it.</param>
/// <param name="Bake">Its batch sheet; none where it has none yet.</param>
/// <param name="Done">How many of its tasks were ticked.</param>
/// <param name="Of">How many there were.</param>
public sealed record OrderToLog(DayOrder Order, Prepared Made, BakeEntry Entry, Bake? Bake, int Done, int Of)
{
    /// <summary>True once it is written down.</summary>
    public bool IsLogged => Bake?.Log is not null;
}

/// <summary>How a baker says a pie came out.</summary>
/// <param name="Base">Its base.</param>
/// <param name="Set">How it cut.</param>
/// <param name="Top">Its top.</param>
/// <param name="Notes">Anything else.</param>
public sealed record Verdicts(BaseVerdict Base, SetVerdict Set, TopVerdict Top, string Notes);

/// <summary>Makes log entries of what was done at the bench.</summary>
public sealed class RunLog(BakeBook bakes, KitchenLearner learner, DayBook days)
{
    /// <summary>The orders of a run of which anything was done.</summary>
    public async Task<IReadOnlyList<OrderToLog>> OrdersAsync(OpenBench open, CancellationToken cancel = default)
    {
        if (open.Day is not { } day)
            return [];
        var all = new List<OrderToLog>();
        foreach (var made in day.Built.Made)
        {
            var tasks = open.State.Plan.Tasks.Where(t => t.Orders.Contains(made.Order.Key)).ToList();
            var done = tasks.Count(t => open.State.Of(t.Task).IsDone);
            if (done == 0 || day.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == made.Order.Key) is not { } order)
                continue;
            var bake = order.BakeId is { } id ? await bakes.FindAsync(id, cancel) : null;
            all.Add(new(order, made, RunEntry.Of(open.State, made.Order.Key, made.Pie, made.Chain), bake, done, tasks.Count));
        }

        return all;
    }

    /// <summary>
    /// Writes an order down: its batch sheet is ticked as it was done, and what was timed and measured stands in its log.
    /// </summary>
    /// <param name="open">The run.</param>
    /// <param name="one">The order.</param>
    /// <param name="verdicts">How it came out.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>The bake; none where somebody else has written it down meanwhile.</returns>
    public async Task<int?> WriteAsync(OpenBench open, OrderToLog one, Verdicts verdicts, CancellationToken cancel = default)
    {
        var bake = one.Bake;
        if (bake is null)
        {
            // The sheet says in which oven it was, so that its minutes are learned of that one.
            var oven = RunEntry.OvenOf(open.State, one.Made.Order.Key, one.Made.Pie, one.Made.Chain);
            var address = oven.Id == one.Made.Pie.Card.Setting.Oven.Id
                ? one.Order.Address
                : CompositionAddress.Write(one.Made.Pie.Composition with { Oven = oven, Corrections = null });
            bake = await bakes.StartAsync(
                one.Order.Name, CompositionAddress.WithLearned(address, open.Run.Learned), one.Order.Count, cancel);
            await days.ChangeAsync(
                open.Run.BakeDayId, d => d.Orders.Where(o => o.Id == one.Order.Id).ToList().ForEach(o => o.BakeId = bake.Id), cancel);
        }

        var ticks = new HashSet<string>(StringComparer.Ordinal);
        foreach (var task in open.State.Plan.Tasks.Where(t => t.Orders.Contains(one.Made.Order.Key) && open.State.Of(t.Task).IsDone))
        {
            var shown = open.TaskOf(task);
            ticks.UnionWith(
                open.StepsOf(shown).Where(s => s.Made.Order.Key == one.Made.Order.Key).Select(s => BatchSheet.StepTick(s.Step)));
            ticks.UnionWith(
                open.LinesOf(shown).SelectMany(l => l.Of).Where(o => o.Made.Order.Key == one.Made.Order.Key).Select(o => o.Key));
        }

        var known = BatchSheet.Of(one.Made.Pie).Ticks().ToHashSet(StringComparer.Ordinal);
        foreach (var tick in ticks.Where(known.Contains))
            await bakes.TickAsync(bake.Id, tick, true, cancel);
        var notes = string.Join(". ", new[] { verdicts.Notes, one.Entry.Notes }.Where(n => n.Length > 0));
        var entry = one.Entry with
        {
            Base = verdicts.Base,
            Set = verdicts.Set,
            Top = verdicts.Top,
            Notes = notes.Length > BakeEntryReader.LongestNotes ? notes[..BakeEntryReader.LongestNotes] : notes,
        };
        return await learner.WriteAsync(bake.Id, entry, bake.Log?.Version ?? 0, cancel) ? bake.Id : null;
    }
}
