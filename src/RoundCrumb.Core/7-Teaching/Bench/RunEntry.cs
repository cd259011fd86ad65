using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Bench;

/// <summary>
/// What a run says of one order, as an entry of the log: what was timed and measured. How it came out is for a baker to say.
/// </summary>
public static class RunEntry
{
    /// <summary>The entry.</summary>
    /// <param name="run">The run.</param>
    /// <param name="order">The order's key.</param>
    /// <param name="pie">The pie, for so many.</param>
    /// <param name="chain">Its work.</param>
    public static BakeEntry Of(RunState run, string order, Assessment pie, WorkChain chain)
    {
        var read = Last(run, order, ReadingOf.Oven) is { } oven ? new OvenCelsius(oven) : (OvenCelsius?)null;
        var baked = chain.Works.FirstOrDefault(w => w.Baking is not null && run.Of(new TaskKey(new(order, w.Id))).IsDone);
        var stoodIn = OvenOf(run, order, pie, chain);
        var words = run.Notes.Where(n => n.Task.Work.Order == order).Select(n => n.Words)
            .Concat(
                run.Faults.Where(f => f.Task.Work.Order == order).Select(f => FaultBook.Find(f.Fault)?.Seen).OfType<string>().Distinct())
            .Concat(
                run.Readings.Where(r => r.Task.Work.Order == order && r.Of is ReadingOf.Middle or ReadingOf.Filling)
                    .Select(r => FormattableString.Invariant($"{r.Of.Name} {r.Value:0.#} °C")));
        var notes = string.Join(". ", words);
        return new()
        {
            OvenRead = read,

            // What was read stands beside what its dial was turned to for the heat that was wanted.
            OvenSet = read is null || baked is null
                ? null
                : new OvenCelsius(baked.Baking!.Heat.Value - stoodIn.HotBy(baked.Baking.Heat.Value)),
            StageMinutes = Minutes(run, order, Weighable.StagesOf(pie), chain),
            HandsMinutes = Hands(run, order, pie, chain),
            Baker = MostlyBy(run, order, chain),
            FromPot = Last(run, order, ReadingOf.Pot) is { } pot ? new Grams(pot) : null,
            LeftOver = Last(run, order, ReadingOf.LeftOver) is { } left ? new Grams(left) : null,
            Notes = notes.Length > BakeEntryReader.LongestNotes ? notes[..BakeEntryReader.LongestNotes] : notes,
        };
    }

    /// <summary>
    /// Minutes of hands by kind of step, for all of it: what was taken in hand and ticked, in proportion to what was planned for it.
    /// </summary>
    private static Dictionary<StepKind, double> Hands(RunState run, string order, Assessment pie, WorkChain chain)
    {
        var planned = pie.Chain.Steps.GroupBy(s => s.Kind).ToDictionary(g => g.Key, g => g.Sum(s => s.HandsOn));
        return chain.Works.Where(w => w.Baking is null && w.Join is null && w.Steps.Count == 1 && w.Minutes > 0)
            .Select(w => (Work: w, At: run.Of(new TaskKey(new(order, w.Id)))))
            .Where(x => x.At is { StartedAt: { } from, DoneAt: { } to } && to > from)
            .GroupBy(x => x.Work.Id.Step.Kind)
            .Where(g => planned.GetValueOrDefault(g.Key) > 0)
            .ToDictionary(g => g.Key, g => Math.Round(
                planned[g.Key] * g.Sum(x => (x.At.DoneAt!.Value - x.At.StartedAt!.Value).TotalMinutes) / g.Sum(x => x.Work.Minutes), 1));
    }

    /// <summary>In whose lane most of it was ticked, by id; empty where nobody was named.</summary>
    private static string MostlyBy(RunState run, string order, WorkChain chain) =>
        chain.Works.Select(w => run.Of(new TaskKey(new(order, w.Id))).DoneBy).Where(b => b.Length > 0).GroupBy(b => b)
            .OrderByDescending(g => g.Count()).ThenBy(g => g.Key, StringComparer.Ordinal).Select(g => g.Key).FirstOrDefault() ?? "";

    /// <summary>The oven in which it was baked, which need not be the one that it was thought out for.</summary>
    /// <param name="run">The run.</param>
    /// <param name="order">The order's key.</param>
    /// <param name="pie">The pie.</param>
    /// <param name="chain">Its work.</param>
    public static Oven OvenOf(RunState run, string order, Assessment pie, WorkChain chain)
    {
        var ids = chain.Works.Where(w => w.Baking is not null).Select(w => run.Planned(new TaskKey(new(order, w.Id)))?.Oven ?? "");
        return pie.Kitchen.Ovens.FirstOrDefault(o => ids.Contains(o.Id)) ?? pie.Card.Setting.Oven;
    }

    private static double? Last(RunState run, string order, ReadingOf of) =>
        run.Readings.LastOrDefault(r => r.Of == of && r.Task.Work.Order == order)?.Value;

    /// <summary>
    /// Minutes that each stage in an oven took, from what was done at its door; the mean where several loads went in.
    /// </summary>
    private static Dictionary<StageKind, double> Minutes(RunState run, string order, IReadOnlyList<BakeStage> all, WorkChain chain)
    {
        var took = new List<(StageKind Stage, double Minutes)>();
        foreach (var work in chain.Works.Where(w => w.Baking is not null))
        {
            var load = new TaskKey(new(order, work.Id));
            if (run.Of(load).DoneAt is not { } from)
                continue;
            var kind = work.Id.Step.Kind;
            var stages = all
                .Where(s => kind is StepKind.BakeFilled ? s.Kind is StageKind.Filled : s.Heat is not null && s.Kind is not StageKind.Filled)
                .ToList();
            for (var touch = 0; touch < work.Baking!.Touches.Count; touch++)
            {
                if (run.Of(load with { Touch = touch }) is not { DoneAt: { } done } at)
                    break;

                // It was out of the heat when somebody took it in hand, where that was said.
                var to = at.StartedAt ?? done;
                if (kind is StepKind.BakeShell or StepKind.BakeFilled && touch < stages.Count && to > from)
                    took.Add((stages[touch].Kind, (to - from).TotalMinutes));
                from = done;
            }
        }

        return took.GroupBy(t => t.Stage).ToDictionary(g => g.Key, g => Math.Round(g.Average(t => t.Minutes), 1));
    }
}
