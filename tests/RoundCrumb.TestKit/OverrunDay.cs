using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.TestKit;

/// <summary>A day in the middle of which one thing of hands takes longer than planned.</summary>
public static class OverrunDay
{
    /// <summary>The slot after the one in which half of all work is begun.</summary>
    public static int Middle(Plan plan) => plan.Starts.Order().ElementAt(plan.Starts.Count / 2) + 1;

    /// <summary>The day at a moment: all that was to be begun by then was, and the last thing of hands takes so much longer.</summary>
    /// <param name="built">The day.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="now">The slot that it is.</param>
    /// <param name="late">Slots that it takes longer; 0 where all goes as planned.</param>
    /// <returns>The day as it stands, and the work that overran.</returns>
    public static (BuiltDay Later, int Overran) At(BuiltDay built, Plan plan, int now, int late)
    {
        var day = built.Day;
        var begun = Enumerable.Range(0, day.Works.Count).Where(i => plan.Starts[i] < now).ToList();
        var done = begun.ToDictionary(
            i => day.Works[i].Key,
            i => new DoneWork(
                plan.Starts[i], plan.Ovens[i] < 0 ? "" : day.Ovens[plan.Ovens[i]].Id,
                [.. day.Works[i].Batches.Select(b => day.Batches[b].Key)]));
        var overran = begun.Where(i => day.Works[i].IsHands).MaxBy(i => plan.EndOf(day, i));
        var later = DayBuilder.Build(
            built.Made.Select(m => m.Order),
            built.Setting with { Now = now, Done = done, UnderWay = day.Batches.Select(b => b.Key).ToHashSet() });
        return (
            new DayFacts(
                new Dictionary<string, int> { [day.Works[overran].Key] = day.Works[overran].Length + late },
                late > 0 ? [(now, plan.EndOf(day, overran) + late)] : []).Of(later),
            overran);
    }
}
