using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Explaining;

/// <summary>How warm the fridges of a day get by the hot pies that a plan puts into them.</summary>
/// <param name="Peak">The warmest that their air gets, °C.</param>
/// <param name="TooWarm">Minutes for which it is above <see cref="CoolingCurve.AirLimit"/>.</param>
/// <param name="From">The slot in which it is so first; -1 where it never is.</param>
/// <param name="To">The slot after the last.</param>
/// <param name="Works">What put those pies in.</param>
public sealed record FridgeDay(double Peak, double TooWarm, int From, int To, IReadOnlyList<int> Works)
{
    /// <summary>So long before it gets too warm something that went in may have to do with it, slots.</summary>
    private const int Before = 60 / Slot.Minutes;

    /// <summary>
    /// Follows their air through the day, all of them as one; none where nothing is known of them or nothing hot goes in.
    /// </summary>
    /// <param name="built">The day.</param>
    /// <param name="plan">Its plan.</param>
    public static FridgeDay? Of(BuiltDay built, Plan plan)
    {
        var (day, kitchen) = (built.Day, built.Setting.Kitchen);
        var fridges = kitchen.Cold.Where(c => c is { Kind: ColdKind.Fridge, Cooler: not null, Places: > 0 }).ToList();
        if (fridges.Count == 0 || day.Heats.Count == 0)
            return null;
        var facts = fridges.Select(f => f.Cooler!.Value.Facts).Aggregate(
            (a, b) => a with { Power = a.Power + b.Power, Contents = a.Contents + b.Contents, Leak = a.Leak + b.Leak });
        var air = new FridgeAir(fridges.Average(f => f.Air), kitchen.Room.Value, facts);
        var ends = day.Heats.Select(h => (Heat: h, End: plan.EndOf(day, h.Work))).ToList();
        var (from, to, tooWarm) = (-1, -1, 0.0);
        for (var slot = ends.Min(e => e.End); slot < ends.Max(e => e.End + e.Heat.Watts.Count); slot++)
        {
            var watts = ends.Sum(e => slot >= e.End && slot - e.End < e.Heat.Watts.Count ? e.Heat.Watts[slot - e.End] : 0);
            for (var minute = 0; minute < Slot.Minutes; minute++)
            {
                air.Step(60, watts);
                if (air.Air <= CoolingCurve.AirLimit)
                    continue;
                tooWarm++;
                from = from < 0 ? slot : from;
                to = slot + 1;
            }
        }

        return new(
            air.Peak, tooWarm, from, to,
            [.. ends.Where(e => from >= 0 && e.End <= to && e.End >= from - Before).Select(e => e.Heat.Work).Distinct()]);
    }
}
