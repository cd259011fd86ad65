using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>How an order came out of a rehearsal.</summary>
/// <param name="Batch">Which batch of the day.</param>
/// <param name="Due">When it was wanted.</param>
/// <param name="Ready">When it was ready; none where it was not finished.</param>
/// <param name="Worst">What cost it most time; none where nothing did.</param>
public sealed record RehearsedOrder(int Batch, DateTimeOffset Due, DateTimeOffset? Ready, RehearsalLoss? Worst)
{
    /// <summary>Minutes late; 0 in time.</summary>
    public double LateBy => Ready is { } ready ? Math.Max(0, (ready - Due).TotalMinutes) : 0;

    /// <summary>True where it was ready when it was wanted, to the minute.</summary>
    public bool InTime => Ready is not null && LateBy <= DayOdds.Grace;
}

/// <summary>Why a rehearsal lost time, or what it did to a pie.</summary>
public enum LossKind
{
    /// <summary>Hands took longer than planned.</summary>
    Hands,

    /// <summary>Something went wrong and was put right.</summary>
    WentWrong,

    /// <summary>What went wrong was passed over.</summary>
    PassedOver,

    /// <summary>An oven was hot later than planned.</summary>
    Oven,

    /// <summary>What was in the oven took longer than planned.</summary>
    Bake,

    /// <summary>It was taken out before it was right.</summary>
    TooSoon,

    /// <summary>It stayed in after it was right.</summary>
    TooLate,

    /// <summary>A wait was cut short.</summary>
    CutShort,

    /// <summary>Something could have been begun, and was not.</summary>
    Idle,
}

/// <summary>One thing that a rehearsal cost.</summary>
/// <param name="Kind">Why.</param>
/// <param name="Task">At which task.</param>
/// <param name="Minutes">Minutes; of what was taken out too soon or left in, of a wait cut short, by how many.</param>
/// <param name="Fault">What went wrong, by its short name; empty for the rest.</param>
public sealed record RehearsalLoss(LossKind Kind, PlannedTask Task, double Minutes, string Fault = "");

/// <summary>What a rehearsal cost, and why.</summary>
/// <param name="Orders">Each order.</param>
/// <param name="Losses">All that cost anything, the dearest first.</param>
/// <param name="HandsOver">Minutes that hands took more than planned in all; below 0 where they were quicker.</param>
public sealed record RehearsalCost(IReadOnlyList<RehearsedOrder> Orders, IReadOnlyList<RehearsalLoss> Losses, double HandsOver)
{
    /// <summary>Less than so many minutes is nothing to speak of.</summary>
    private const double Least = 2;

    /// <summary>Reads it from what happened.</summary>
    /// <param name="run">The run.</param>
    /// <param name="kitchen">The kitchen that it was done in.</param>
    /// <param name="built">The day.</param>
    /// <param name="momentOf">When a slot of the day is.</param>
    public static RehearsalCost Of(RunState run, SimulatedKitchen kitchen, BuiltDay built, Func<int, DateTimeOffset> momentOf)
    {
        var losses = new List<RehearsalLoss>();
        var hands = 0.0;
        foreach (var task in run.Plan.Tasks)
        {
            var key = task.Task;
            var isLoad = key.Touch is null && run.Planned(key with { Touch = 0 }) is not null;
            if (key.Touch is not null)
            {
                losses.AddRange(AtTheDoor(run, kitchen, task));
            }
            else if (isLoad)
            {
                if (kitchen.HotAt(run, task) is { } hot && (hot - task.From).TotalMinutes >= Least && run.Of(key).IsDone)
                    losses.Add(new(LossKind.Oven, task, (hot - task.From).TotalMinutes));
            }
            else if (run.Of(key) is { StartedAt: { } from, DoneAt: { } to })
            {
                var over = (to - from).TotalMinutes - run.Mending(key) - task.Minutes;
                hands += over;
                if (over >= Least)
                    losses.Add(new(LossKind.Hands, task, over));
            }

            losses.AddRange(BegunAt(run, kitchen, task));
        }

        losses.AddRange(
            run.Faults.Where(f => run.Planned(f.Task) is not null)
                .Select(f => new RehearsalLoss(LossKind.WentWrong, run.Planned(f.Task)!, f.Minutes, f.Fault)));
        losses.AddRange(
            run.Shown.Where(s => !run.IsAnswered(s) && run.Of(s.Task).IsDone && run.Planned(s.Task) is not null)
                .Select(s => new RehearsalLoss(LossKind.PassedOver, run.Planned(s.Task)!, 0, s.Fault)));

        // One oven that was late is said once for each heat, not for each pie in it.
        losses =
        [
            .. losses.Where(l => l.Kind is not LossKind.Oven),
            .. losses.Where(l => l.Kind is LossKind.Oven).GroupBy(l => (l.Task.Oven, l.Task.From)).Select(g => g.MaxBy(l => l.Minutes)!),
        ];
        losses.Sort(static (a, b) => b.Minutes.CompareTo(a.Minutes));
        return new([.. built.Day.Batches.Select((b, i) => OrderOf(run, built, i, losses, momentOf))], losses, hands);
    }

    /// <summary>How a pie most likely came out, by how it was baked and by what was passed over.</summary>
    /// <param name="order">Its order.</param>
    public (BaseVerdict Base, SetVerdict Set) LikelyOf(string order)
    {
        var of = Losses.Where(l => l.Task.Orders.Contains(order)).ToList();
        bool Was(LossKind kind, Func<StepKind, bool> at) => of.Exists(l => l.Kind == kind && at(l.Task.Task.Work.Work.Step.Kind));
        return (
            Was(LossKind.TooSoon, static k => k is StepKind.BakeShell) ? BaseVerdict.Soft : BaseVerdict.Crisp,
            Was(LossKind.TooSoon, static k => k is StepKind.BakeFilled)
                || Was(LossKind.CutShort, static k => k is StepKind.PutCreamOn or StepKind.CutAndPlate or StepKind.Plate)
                || Was(LossKind.PassedOver, static k => k is StepKind.MakeFilling or StepKind.Fill)
                ? SetVerdict.Soft
            : Was(LossKind.TooLate, static k => k is StepKind.BakeFilled) ? SetVerdict.Firm
            : SetVerdict.Clean);
    }

    private static IEnumerable<RehearsalLoss> AtTheDoor(RunState run, SimulatedKitchen kitchen, PlannedTask touch)
    {
        if (kitchen.HowFar(run, touch) is not { } baked)
            yield break;
        var off = baked.In - baked.Of;
        if (baked.IsUnder)
            yield return new(LossKind.TooSoon, touch, -off);
        else if (baked.IsOver && off >= Least)
            yield return new(LossKind.TooLate, touch, off);
        var planned = run.Planned(new(touch.Task.Work))!;
        var before = touch.Task.Touch > 0 ? run.Planned(touch.Task with { Touch = touch.Task.Touch - 1 })!.To : planned.From;
        if (baked.Of - (touch.From - before).TotalMinutes is >= Least and var longer)
            yield return new(LossKind.Bake, touch, longer);
    }

    /// <summary>What was begun before its wait was over, or by a person's hands later than it could have been.</summary>
    private static IEnumerable<RehearsalLoss> BegunAt(RunState run, SimulatedKitchen kitchen, PlannedTask task)
    {
        var begun = run.Of(task.Task).StartedAt ?? (task.Task.Touch is null ? run.Of(task.Task).DoneAt : null);
        if (begun is not { } at || task.Task.Touch is not null)
            yield break;
        var could = task.From;
        foreach (var wait in run.Plan.Waits.Where(w => w.Before == task.Task))
        {
            if (run.Of(wait.After).DoneAt is not { } done)
                continue;
            var over = done.AddMinutes(wait.Least);
            could = over > could ? over : could;
            if (wait.Least > 0 && (over - at).TotalMinutes >= Math.Max(Least, wait.Least / 10))
                yield return new(LossKind.CutShort, task, (over - at).TotalMinutes);
        }

        // A lane that was busy could not have begun it.
        if (!kitchen.IsByHand(task))
            yield break;
        foreach (var other in run.Plan.Tasks)
        {
            if (kitchen.LaneOf(other) == kitchen.LaneOf(task) && run.Of(other.Task).DoneAt is { } done && done <= at && done > could)
                could = done;
        }

        if (run.Planned(task.Task with { Touch = 0 }) is not null && kitchen.HotAt(run, task) is { } hot && hot > could)
            could = hot;
        if ((at - could).TotalMinutes >= Least)
            yield return new(LossKind.Idle, task, (at - could).TotalMinutes);
    }

    private static RehearsedOrder OrderOf(
        RunState run, BuiltDay built, int batch, List<RehearsalLoss> losses, Func<int, DateTimeOffset> momentOf)
    {
        var day = built.Day;
        DateTimeOffset? ready = DateTimeOffset.MinValue;
        foreach (var ending in day.Endings.Where(e => e.Batch == batch))
        {
            var work = day.Works[ending.From];
            var last = WorkKey.TryParse(work.Key, out var key) && work.Load is { } load
                ? new TaskKey(key, load.Touches.Count - 1)
                : new TaskKey(key);
            var then = run.Of(last).DoneAt?.AddMinutes(ending.Least * Slot.Minutes);
            ready = ready is null || then is null ? null : then > ready ? then : ready;
        }

        var order = day.Batches[batch].Key;
        return new(
            batch, momentOf(day.Batches[batch].Due), ready == DateTimeOffset.MinValue ? null : ready,
            losses.Find(
                l => l.Kind is not (LossKind.TooSoon or LossKind.CutShort or LossKind.PassedOver) && l.Task.Orders.Contains(order)));
    }
}
