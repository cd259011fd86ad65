namespace RoundCrumb.Core.Bench;

/// <summary>What a clock runs for.</summary>
public enum ClockKind
{
    /// <summary>What is in an oven: somebody has to be at its door when it is due.</summary>
    Oven,

    /// <summary>What rests, chills, sets or cools: when it is due the next step may begin.</summary>
    Wait,

    /// <summary>A baker's own.</summary>
    Own,
}

/// <summary>A clock that runs or is due. It is two instants; nothing has to tick for it.</summary>
/// <param name="Id">By which it is put off or stopped.</param>
/// <param name="Kind">What it runs for.</param>
/// <param name="Task">What is to be done when it is due; none for a baker's own.</param>
/// <param name="Name">What it says.</param>
/// <param name="Since">When it was begun.</param>
/// <param name="Due">When it is due, with all that it was put off.</param>
/// <param name="PutOff">Minutes by which it was put off.</param>
public sealed record RunClock(
    string Id, ClockKind Kind, TaskKey? Task, string Name, DateTimeOffset Since, DateTimeOffset Due, double PutOff)
{
    /// <summary>The id of the clock of what has to be waited for before a task.</summary>
    public static string WaitBefore(TaskKey task) => $"wait {task}";

    /// <summary>True once it is due.</summary>
    public bool IsDue(DateTimeOffset now) => Due <= now;
}

/// <summary>The clocks of a run, worked out from what was done and when.</summary>
public static class RunClocks
{
    extension(RunState run)
    {
        /// <summary>All clocks that run or are due, the next first; none once the run is over.</summary>
        public IReadOnlyList<RunClock> Clocks()
        {
            if (run.EndedAt is not null)
                return [];
            var clocks = new List<RunClock>();
            clocks.AddRange(Ovens(run));
            clocks.AddRange(Waits(run));
            clocks.AddRange(run.Own);
            return
            [
                .. clocks.Where(c => !run.IsStopped(c.Id))
                    .Select(c => run.PutOff(c.Id) is var later and > 0 ? c with { Due = c.Due.AddMinutes(later), PutOff = later } : c)
                    .OrderBy(c => c.Due).ThenBy(c => c.Id, StringComparer.Ordinal)
            ];
        }
    }

    /// <summary>For each load that is in, the next thing to do at its door, as long after it went in as it was planned.</summary>
    private static IEnumerable<RunClock> Ovens(RunState run)
    {
        foreach (var touch in run.Plan.Tasks)
        {
            if (touch.Task.Touch is not { } at || run.Of(touch.Task).IsDone)
                continue;
            var load = new TaskKey(touch.Task.Work);
            if (run.Of(load).DoneAt is not { } since || run.Planned(load) is not { } planned)
                continue;

            // What was put off at the door before moves all that follows it.
            var before = Enumerable.Range(0, at).Select(k => new TaskKey(touch.Task.Work, k)).ToList();
            var (from, due) = (since, since + (touch.From - planned.From));
            foreach (var earlier in before)
            {
                if (run.Of(earlier).DoneAt is not { } done || run.Planned(earlier) is not { } then)
                    continue;
                (from, due) = (done, done.AddMinutes(Math.Max(0, (touch.From - then.To).TotalMinutes)));
            }

            // One clock for a load: what is to be done at its door next.
            if (before.TrueForAll(b => run.Of(b).IsDone))
                yield return new(touch.Task.ToString(), ClockKind.Oven, touch.Task, touch.Name, from, due, 0);
        }
    }

    /// <summary>For each wait that has begun and has to last, until what follows is begun.</summary>
    private static IEnumerable<RunClock> Waits(RunState run)
    {
        foreach (var waits in run.Plan.Waits.Where(w => w.Least > 0).GroupBy(w => w.Before))
        {
            var next = run.Of(waits.Key);
            if (next.IsDone || next.StartedAt is not null || run.Planned(waits.Key) is not { } task)
                continue;
            var begun = waits.Where(w => run.Of(w.After).DoneAt is not null).ToList();
            if (begun.Count == 0)
                continue;
            var since = begun.Min(w => run.Of(w.After).DoneAt!.Value);
            var due = begun.Max(w => run.Of(w.After).DoneAt!.Value.AddMinutes(w.Least));
            yield return new(RunClock.WaitBefore(waits.Key), ClockKind.Wait, waits.Key, task.Name, since, due, 0);
        }
    }
}
