using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Explaining;

/// <summary>What keeps a piece of work from being five minutes earlier or later.</summary>
public enum Binds
{
    /// <summary>It has to wait for what comes before, or what follows waits for it.</summary>
    Wait,

    /// <summary>Longer between the two would be too long.</summary>
    TooLong,

    /// <summary>All hands are busy.</summary>
    Hands,

    /// <summary>Nobody is there.</summary>
    Hours,

    /// <summary>Burner, mixer or processor is in use.</summary>
    Tool,

    /// <summary>Its oven is full, or at another heat, or the run would be longer.</summary>
    Oven,

    /// <summary>The cold place is full.</summary>
    Cold,

    /// <summary>The fridge has all the heat to take that it can.</summary>
    Heat,

    /// <summary>All pans of its kind are in use.</summary>
    Pans,

    /// <summary>It is wanted.</summary>
    Due,

    /// <summary>It would be older than it keeps, or its topping would not hold.</summary>
    Keeps,

    /// <summary>The baker says so.</summary>
    Pinned,

    /// <summary>It is now.</summary>
    Now,
}

/// <summary>One thing that binds.</summary>
/// <param name="Binds">What.</param>
/// <param name="Work">The other work that has to do with it; -1 where there is none.</param>
/// <param name="Slots">How many slots it is about: a least or a most; 0 where it is about none.</param>
public readonly record struct Reason(Binds Binds, int Work = -1, int Slots = 0);

/// <summary>Why work stands where it does.</summary>
public static class Reasons
{
    /// <summary>What would be broken if this work alone began at another slot, the rest staying where it is.</summary>
    public static IReadOnlyList<Reason> Against(Day day, Plan plan, int work, int start)
    {
        var reasons = new List<Reason>();
        var w = day.Works[work];
        var end = start + w.Length;
        if (day.Pinned.ContainsKey(work) && start != plan.Starts[work])
            reasons.Add(new(Binds.Pinned));
        if (start < day.Now)
            reasons.Add(new(Binds.Now));
        foreach (var gap in day.Gaps)
        {
            if (gap.From == work && plan.Starts[gap.To] - end is var after && (after < gap.Least || after > gap.Most))
                reasons.Add(new(after < gap.Least ? Binds.Wait : Binds.TooLong, gap.To, after < gap.Least ? gap.Least : gap.Most));
            if (gap.To == work && start - plan.EndOf(day, gap.From) is var before && (before < gap.Least || before > gap.Most))
                reasons.Add(new(before < gap.Least ? Binds.Wait : Binds.TooLong, gap.From, before < gap.Least ? gap.Least : gap.Most));
        }

        foreach (var ending in day.Endings.Where(e => e.From == work))
        {
            if (plan.Ready[ending.Batch] - end < ending.Least)
                reasons.Add(new(Binds.Due, -1, ending.Least));
            else if (plan.Ready[ending.Batch] - end > ending.Most)
                reasons.Add(new(Binds.Keeps, -1, ending.Most));
        }

        foreach (var b in w.Batches)
        {
            var batch = day.Batches[b];
            if (batch.Filled.Contains(work) && plan.Ready[b] - end > batch.Keeps)
                reasons.Add(new(Binds.Keeps, -1, batch.Keeps));
            if (batch.Topped == work && plan.Ready[b] - end > batch.HoldsMost)
                reasons.Add(new(Binds.Keeps, -1, batch.HoldsMost));
        }

        HandsAndTools(day, plan, work, start, reasons);
        if (w.Load is { } load)
            Oven(day, plan, work, start, load, reasons);
        Cold(day, plan, work, start, reasons);
        Heat(day, plan, work, start, reasons);
        if (start < plan.Starts[work])
        {
            foreach (var b in w.Batches.Where(b => day.Batches[b].PansFrom == work))
            {
                var pan = day.Pans.FirstOrDefault(p => p.Pan == day.Batches[b].Pan);
                var others = Enumerable.Range(0, day.Batches.Count)
                    .Where(
                        o =>
                            o != b && day.Batches[o].Pan == day.Batches[b].Pan && plan.Starts[day.Batches[o].PansFrom] <= start
                                && start < plan.Ready[o])
                    .ToList();
                if (pan is not null && others.Sum(o => day.Batches[o].Pies) + day.Batches[b].Pies > pan.Owned)
                    reasons.Add(new(Binds.Pans, day.Batches[others[0]].PansFrom));
            }
        }

        return reasons;
    }

    /// <summary>Why it is no earlier.</summary>
    public static IReadOnlyList<Reason> NoEarlier(Day day, Plan plan, int work) => Against(day, plan, work, plan.Starts[work] - 1);

    /// <summary>Why it is no later.</summary>
    public static IReadOnlyList<Reason> NoLater(Day day, Plan plan, int work) => Against(day, plan, work, plan.Starts[work] + 1);

    private static IEnumerable<(int From, int To)> HandsOf(DayWork work, int start) => work.IsHands
        ? [(start, start + work.Length)]
        : work.Load!.Touches.Select(t => (start + t.After, start + t.After + t.Length));

    private static void HandsAndTools(Day day, Plan plan, int work, int start, List<Reason> reasons)
    {
        var w = day.Works[work];
        var hands = day.AtWork();
        foreach (var (from, to) in HandsOf(w, start))
        {
            for (var t = Math.Max(0, from); t < Math.Min(hands.Length, to); t++)
            {
                if (hands[t] == 0)
                {
                    reasons.Add(new(Binds.Hours));
                    break;
                }

                var others = Enumerable.Range(0, day.Works.Count)
                    .Where(i => i != work && HandsOf(day.Works[i], plan.Starts[i]).Any(h => h.From <= t && t < h.To)).ToList();
                if (others.Count >= hands[t])
                {
                    reasons.Add(new(Binds.Hands, others[0]));
                    break;
                }
            }
        }

        var many = w.Tool switch { Tool.Burner => day.Burners, Tool.Mixer => day.Mixers, Tool.Processor => day.Processors, _ => 0 };
        if (!w.IsHands || many <= 0)
            return;
        for (var t = start; t < start + w.Length; t++)
        {
            var users = Enumerable.Range(0, day.Works.Count)
                .Where(
                    i => i != work && day.Works[i].IsHands && day.Works[i].Tool == w.Tool && plan.Starts[i] <= t && t < plan.EndOf(day, i))
                .ToList();
            if (users.Count < many)
                continue;
            reasons.Add(new(Binds.Tool, users[0]));
            return;
        }
    }

    private static void Oven(Day day, Plan plan, int work, int start, Load load, List<Reason> reasons)
    {
        var oven = plan.Ovens[work];
        var end = start + day.Works[work].Length;
        var run = plan.Runs.FirstOrDefault(
            r => r.Oven == oven && r.Heat == load.Heat && r.From <= plan.Starts[work] && r.To >= plan.EndOf(day, work));
        if (start < run.From || end > run.To)
            reasons.Add(new(Binds.Oven));
        for (var t = start; t < end; t++)
        {
            var inside = Enumerable.Range(0, day.Works.Count)
                .Where(i => i != work && plan.Ovens[i] == oven && plan.Starts[i] <= t && t < plan.EndOf(day, i)).ToList();
            if (inside.Sum(i => day.Works[i].Load!.Shelves[oven]) + load.Shelves[oven] <= day.Ovens[oven].Shelves)
                continue;
            reasons.Add(new(Binds.Oven, inside[0]));
            return;
        }
    }

    private static void Cold(Day day, Plan plan, int work, int start, List<Reason> reasons)
    {
        // Earlier, what it makes waits longer in the cold; later, what it is made from does.
        var starts = plan.Starts.ToArray();
        starts[work] = start;
        var moved = plan with { Starts = starts };
        var (from, to) = (Math.Min(start, plan.Starts[work]), Math.Max(start, plan.Starts[work]) + day.Works[work].Length);
        foreach (var (kind, at) in new[] { (ColdKind.Fridge, WaitsAt.Fridge), (ColdKind.Freezer, WaitsAt.Freezer) })
        {
            if (!day.Gaps.Any(g => g.At == at && (g.From == work || g.To == work)) && !day.Endings.Any(e => e.At == at && e.From == work))
                continue;
            foreach (var (over, room) in day.ColdLimits(kind))
            {
                for (var t = from; t < to; t++)
                {
                    if (UsedAt(day, moved, at, t, over) <= room)
                        continue;
                    reasons.Add(new(Binds.Cold));
                    return;
                }
            }
        }
    }

    private static void Heat(Day day, Plan plan, int work, int start, List<Reason> reasons)
    {
        if (day.HeatRoom is not { } room || day.Heats.FirstOrDefault(h => h.Work == work) is not { } own)
            return;
        var goesIn = start + day.Works[work].Length;
        for (var t = 0; t < DayHeat.First + DayHeat.After; t++)
        {
            var others = day.Heats.Where(h => h.Work != work && h.At(goesIn + t - plan.EndOf(day, h.Work)) > 0).ToList();
            if (others.Count == 0 || others.Sum(h => h.At(goesIn + t - plan.EndOf(day, h.Work))) + own.At(t) <= room)
                continue;
            reasons.Add(new(Binds.Heat, others[0].Work));
            return;
        }
    }

    /// <summary>Heat that the fridge has to take from hot pies at a slot, W.</summary>
    /// <param name="day">The day.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="slot">When.</param>
    public static int HeatAt(Day day, Plan plan, int slot) => day.Heats.Sum(h => h.At(slot - plan.EndOf(day, h.Work)));

    /// <summary>How much of a kind of cold is taken up at a slot, in <see cref="ColdRoom.Place"/> to a pie place.</summary>
    /// <param name="day">The day.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="at">Fridge or freezer.</param>
    /// <param name="slot">When.</param>
    /// <param name="over">Only what is wider than this, mm.</param>
    public static int UsedAt(Day day, Plan plan, WaitsAt at, int slot, double over = -1) =>
        day.Gaps.Where(
            g => g.At == at && g.Takes.Width > over && plan.EndOf(day, g.From) <= slot && slot < plan.Starts[g.To])
            .Sum(g => g.Takes.Units) +
        day.Endings.Where(
            e => e.At == at && e.Takes.Width > over && plan.EndOf(day, e.From) <= slot && slot < plan.Ready[e.Batch])
            .Sum(e => e.Takes.Units);
}
