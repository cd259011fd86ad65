using System.Globalization;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Model;

/// <summary>What a baker has said of steps, put on the work of a day; what is no longer as it was is told.</summary>
/// <param name="Pinned">Work that begins when the baker says.</param>
/// <param name="Done">Work that is done or under way: its slot, and the place of its oven among the day's; -1 for hands.</param>
/// <param name="Unfit">What fits no work.</param>
internal sealed record Marks(Dictionary<int, int> Pinned, Dictionary<int, (int Start, int Oven)> Done, IReadOnlyList<UnfitMark> Unfit)
{
    /// <summary>Puts them on.</summary>
    public static Marks Of(DaySetting setting, List<Prepared> made, List<DayWork> works)
    {
        var at = works.Index().ToDictionary(w => w.Item.Key, w => w.Index, StringComparer.Ordinal);
        var pinned = new Dictionary<int, int>();
        var done = new Dictionary<int, (int, int)>();
        var unfit = new List<UnfitMark>();
        foreach (var (key, start) in setting.Pinned)
        {
            if (at.TryGetValue(Known(key, made), out var work))
                pinned[work] = start;
            else
                Tell(key, false, null);
        }

        foreach (var (key, mark) in setting.Done)
        {
            if (!at.TryGetValue(Known(key, made), out var work))
                Tell(key, true, null);
            else if (works[work].IsHands)
                done[work] = (mark.Start, -1);
            else if (IndexOf(setting.Kitchen.Ovens, mark.Oven) is { } oven
                    && works[work].Load!.Shelves[oven] > 0)
                done[work] = (mark.Start, oven);
            else
                Tell(
                    key, true,
                    setting.Kitchen.Ovens.Any(o => o.Id == mark.Oven) ? "it does not go into that oven as it is now" : "its oven is gone");
        }

        return new(pinned, done, unfit);

        void Tell(string key, bool isDone, string? why)
        {
            // An order that is not made today has its own words; what it had marked waits for it.
            if (WorkKey.TryParse(Known(key, made), out var known) && made.Find(m => m.Order.Key == known.Order) is { } of)
                unfit.Add(new(known, key, isDone, why ?? Why(known, of)));
        }
    }

    private static int? IndexOf(IReadOnlyList<Oven> ovens, string id) =>
        ovens.Index().Where(o => o.Item.Id == id).Select(o => (int?)o.Index).FirstOrDefault();

    /// <summary>The key of a mark; one of an earlier version names the work by its place in its order's chain.</summary>
    private static string Known(string key, List<Prepared> made) =>
        key.Split('.') is [var order, var place] && int.TryParse(place, NumberStyles.None, CultureInfo.InvariantCulture, out var index)
            && made.Find(m => m.Order.Key == order) is { } of && index < of.Chain.Works.Count
            ? new WorkKey(order, of.Chain.Works[index].Id).ToString()
            : key;

    private static string Why(WorkKey key, Prepared of)
    {
        var same = of.Chain.Works.Where(w => w.Id.Step == key.Work.Step && w.Id.InOven == key.Work.InOven).ToList();
        if (same.Count == 0)
            return "there is no such step any more, or it is done together with another";
        var loads = same.Max(w => w.Id.Lane.Count);
        return loads != key.Work.Lane.Count
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"it goes in {loads} {(loads == 1 ? "load" : "loads")} now, and went in {key.Work.Lane.Count}")

            : "it is done in other stretches now, or together with another order's";
    }
}
