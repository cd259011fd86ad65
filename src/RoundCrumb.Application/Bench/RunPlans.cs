using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Bench;

/// <summary>Makes the order of work of a bench of a day's plan.</summary>
public static class RunPlans
{
    /// <summary>Minutes in which something is put into an oven that is warm.</summary>
    private const double PutIn = 1;

    /// <summary>The order of work: each stretch of hands, each load going in, and what hands do at the oven's door.</summary>
    public static RunPlan Of(DayView view)
    {
        var day = view.Day;
        var tasks = new List<PlannedTask>(view.Placed.Count * 2);
        foreach (var placed in view.Placed)
        {
            var work = day.Works[placed.Index];
            var key = KeyOf(work);
            string[] orders = [.. work.Batches.Select(b => day.Batches[b].Key)];
            var pies = string.Join(" and ", work.Batches.Select(b => day.Batches[b].Name));
            if (work.Load is not { } load)
            {
                // Hands that put something in do it for the oven that it goes into.
                var into = day.Gaps.Where(g => g.From == placed.Index && g.IsTie && day.Works[g.To].Load is not null)
                    .Select(g => view.Plan.Ovens[g.To]).Where(o => o >= 0).Select(o => day.Ovens[o].Id).FirstOrDefault("");
                tasks.Add(
                    new(
                        new(key), At(placed.From), work.Length * Slot.Minutes, BakerAt(placed.Who), into,
                        pies, Small(placed.Label), orders));
                continue;
            }

            var oven = day.Ovens[placed.Oven].Id;
            var before = day.Gaps.Where(g => g.To == placed.Index && g.IsTie).Select(g => g.From).ToList();
            var puts = view.Placed.FirstOrDefault(p => before.Contains(p.Index)) is { Who: >= 0 } who
                ? who.Who
                : view.AtTheDoor.GetValueOrDefault((placed.Index, 0), -1);
            tasks.Add(
                new(
                    new(key), At(placed.From), PutIn, BakerAt(puts), oven,
                    pies, $"into the {day.Ovens[placed.Oven].Name.ToLowerInvariant()}",
                    orders));
            var steps = view.Built.WorksOf(placed.Index)[0];
            for (var k = 0; k < load.Touches.Count; k++)
            {
                // To the minute, not to the day's grid: two minutes are much for a tartlet.
                var touch = steps.Work.Baking!.Touches[k];
                var step = steps.Of.Chain.Steps[touch.Step];
                var says = k == load.Touches.Count - 1 ? "out of the oven" : Small(step.Label);
                tasks.Add(
                    new(
                        new(key, k), At(placed.From).AddMinutes(touch.After), touch.Minutes,
                        BakerAt(view.AtTheDoor.GetValueOrDefault((placed.Index, k), -1)), oven, pies, says, orders));
            }
        }

        var waits = day.Gaps.Select(
            g => new PlannedWait(
                LastOf(day, g.From), new(KeyOf(day.Works[g.To])), g.Least * Slot.Minutes, g.Most * Slot.Minutes, g.At));
        return new([.. tasks.OrderBy(t => t.From).ThenBy(t => t.Task.ToString(), StringComparer.Ordinal)], [.. waits])
        {
            Heats =
            [
                .. view.Plan.Runs.OrderBy(r => r.From)
                    .Select(r => new PlannedHeat(day.Ovens[r.Oven].Id, At(r.From), day.Ovens[r.Oven].WarmUp * Slot.Minutes))
            ],
        };

        DateTimeOffset At(int slot) => view.Open.Clock.MomentOf(slot);
        string BakerAt(int lane) => lane >= 0 && lane < view.Open.Bakers.Count ? view.Open.Bakers[lane].Id : "";
    }

    /// <summary>The task with which a work is done: a load's when it comes out.</summary>
    private static TaskKey LastOf(Day day, int work) =>
        day.Works[work].Load is { } load ? new(KeyOf(day.Works[work]), load.Touches.Count - 1) : new(KeyOf(day.Works[work]));

    /// <summary>By what a work of a day is known.</summary>
    public static WorkKey KeyOf(DayWork work) =>
        WorkKey.TryParse(work.Key, out var key) ? key : throw new InvalidOperationException($"“{work.Key}” is no work of a day.");

    private static string Small(string label) => label.Length == 0 ? label : char.ToLowerInvariant(label[0]) + label[1..];
}
