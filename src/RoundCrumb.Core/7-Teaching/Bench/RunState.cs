namespace RoundCrumb.Core.Bench;

/// <summary>A reading as it counts.</summary>
/// <param name="Event">Its event, to take it back by.</param>
/// <param name="Task">At which task.</param>
/// <param name="Of">What of.</param>
/// <param name="Value">g or °C.</param>
/// <param name="At">When.</param>
public sealed record HeldReading(Guid Event, TaskKey Task, ReadingOf Of, double Value, DateTimeOffset At);

/// <summary>Words as they count.</summary>
public sealed record HeldNote(Guid Event, TaskKey Task, string Words, DateTimeOffset At);

/// <summary>A fault as it counts.</summary>
/// <param name="Event">Its event, to take it back by.</param>
/// <param name="Task">At which task.</param>
/// <param name="Fault">What, by its short name.</param>
/// <param name="Cure">Which of its cures was chosen.</param>
/// <param name="Minutes">Minutes of hands that it takes.</param>
/// <param name="At">When.</param>
public sealed record HeldFault(Guid Event, TaskKey Task, string Fault, int Cure, double Minutes, DateTimeOffset At);

/// <summary>What a simulated kitchen has shown.</summary>
/// <param name="Task">At which task.</param>
/// <param name="Fault">What, by its short name.</param>
/// <param name="At">When.</param>
public sealed record ShownFault(TaskKey Task, string Fault, DateTimeOffset At);

/// <summary>Where a task stands.</summary>
/// <param name="StartedAt">When it was taken in hand; none where nobody has said.</param>
/// <param name="StartedBy">In whose lane it was taken in hand, by id; empty where nobody has said.</param>
/// <param name="DoneAt">When it was done; none while it is not.</param>
/// <param name="DoneBy">In whose lane, by id.</param>
/// <param name="Lines">What of its list is in the bowl.</param>
public sealed record TaskState(
    DateTimeOffset? StartedAt, string StartedBy, DateTimeOffset? DoneAt, string DoneBy, IReadOnlySet<string> Lines)
{
    /// <summary>Nothing is known of it.</summary>
    public static TaskState Untouched { get; } = new(null, "", null, "", new HashSet<string>(StringComparer.Ordinal));

    /// <summary>True once it is done.</summary>
    public bool IsDone => DoneAt is not null;
}

/// <summary>
/// A run as it stands: a pure sum of its events. In whatever order they come in and however often, the same events give the same state.
/// </summary>
public sealed class RunState
{
    private readonly Dictionary<TaskKey, TaskState> _tasks = [];
    private readonly List<RunClock> _own = [];
    private readonly Dictionary<string, double> _later = new(StringComparer.Ordinal);
    private readonly HashSet<string> _stopped = new(StringComparer.Ordinal);
    private readonly List<HeldReading> _readings = [];
    private readonly List<HeldNote> _notes = [];
    private readonly List<HeldFault> _faults = [];
    private readonly List<ShownFault> _shown = [];
    private readonly Dictionary<TaskKey, PlannedTask> _planned = [];

    private RunState()
    {
    }

    /// <summary>The plan that it goes by.</summary>
    public RunPlan Plan { get; private set; } = RunPlan.Empty;

    /// <summary>Since when it goes by that plan; none where it has none.</summary>
    public DateTimeOffset? PlannedAt { get; private set; }

    /// <summary>When it was begun; none where nothing has begun it.</summary>
    public DateTimeOffset? BeganAt { get; private set; }

    /// <summary>When it was ended; none while it is under way.</summary>
    public DateTimeOffset? EndedAt { get; private set; }

    /// <summary>The last time that something was done.</summary>
    public DateTimeOffset? LastAt { get; private set; }

    /// <summary>All readings that count, in the order in which they were taken.</summary>
    public IReadOnlyList<HeldReading> Readings => _readings;

    /// <summary>All words that count, in the order in which they were written.</summary>
    public IReadOnlyList<HeldNote> Notes => _notes;

    /// <summary>All that went wrong and counts, in the order in which it did.</summary>
    public IReadOnlyList<HeldFault> Faults => _faults;

    /// <summary>What a simulated kitchen has shown, in the order in which it did.</summary>
    public IReadOnlyList<ShownFault> Shown => _shown;

    /// <summary>True where something was done about what was shown.</summary>
    public bool IsAnswered(ShownFault shown) => _faults.Exists(f => f.Task == shown.Task && f.Fault == shown.Fault);

    /// <summary>Minutes of hands that what went wrong at a task takes.</summary>
    public double Mending(TaskKey task) => _faults.Where(f => f.Task == task).Sum(f => f.Minutes);

    /// <summary>All tasks of which something is known, whether the plan still has them or not.</summary>
    public IReadOnlyDictionary<TaskKey, TaskState> Known => _tasks;

    /// <summary>Clocks of the bakers' own, and how much later others are due: see <see cref="RunClocks"/>.</summary>
    internal IReadOnlyList<RunClock> Own => _own;

    /// <summary>True for a clock that is not wanted any more.</summary>
    internal bool IsStopped(string clock) => _stopped.Contains(clock);

    /// <summary>Minutes by which a clock was put off.</summary>
    internal double PutOff(string clock) => _later.GetValueOrDefault(clock);

    /// <summary>Where a task stands.</summary>
    public TaskState Of(TaskKey task) => _tasks.GetValueOrDefault(task, TaskState.Untouched);

    /// <summary>A task as the plan has it; none where it does not.</summary>
    public PlannedTask? Planned(TaskKey task) => _planned.GetValueOrDefault(task);

    /// <summary>
    /// When a task was begun, as well as can be told: when it was taken in hand; else when it was done less the minutes that it was planned
    /// for, but not before the same baker was done with what came before. None while it is not begun.
    /// </summary>
    public DateTimeOffset? BegunAt(TaskKey task)
    {
        var state = Of(task);
        if (state.StartedAt is { } started)
            return started;
        if (state.DoneAt is not { } done)
            return null;
        var begun = done.AddMinutes(-(Planned(task)?.Minutes ?? 0));
        foreach (var other in _tasks.Values)
        {
            if (other.DoneBy == state.DoneBy && other.DoneAt is { } earlier && earlier < done && earlier > begun)
                begun = earlier;
        }

        return begun;
    }

    /// <summary>What is still to be done, in the order of the plan.</summary>
    /// <param name="baker">Whose; empty for everybody's.</param>
    public IEnumerable<PlannedTask> Left(string baker = "") =>
        Plan.Tasks.Where(t => !Of(t.Task).IsDone && (baker.Length == 0 || t.Baker.Length == 0 || t.Baker == baker));

    /// <summary>The sum of some events.</summary>
    /// <param name="events">In any order; one that is there twice counts once.</param>
    public static RunState Of(IEnumerable<RunEvent> events)
    {
        var all = events.ToList();
        all.Sort(static (a, b) => a.At.UtcTicks.CompareTo(b.At.UtcTicks) is not 0 and var by ? by : a.Id.CompareTo(b.Id));
        all = [.. all.DistinctBy(e => e.Id)];
        var counts = Counting(all);
        var state = new RunState();
        foreach (var e in all.Where(e => counts(e.Id)))
            state.Add(e);
        foreach (var task in state.Plan.Tasks)
            state._planned[task.Task] = task;
        return state;
    }

    /// <summary>
    /// Which events count: those that nothing which itself counts takes back. What takes itself back over others does nothing.
    /// </summary>
    private static Func<Guid, bool> Counting(List<RunEvent> all)
    {
        var targets = all.Where(e => e.Deed is Undone).ToDictionary(e => e.Id, e => ((Undone)e.Deed).Event);
        if (targets.Count == 0)
            return _ => true;
        var takers = targets.ToLookup(t => t.Value, t => t.Key);
        var known = new Dictionary<Guid, bool>();
        foreach (var ring in targets.Keys.Where(IsInRing).ToList())
            known[ring] = false;
        return Counts;

        bool IsInRing(Guid id)
        {
            var at = id;
            for (var steps = 0; steps <= targets.Count && targets.TryGetValue(at, out var next); steps++)
            {
                if (next == id)
                    return true;
                at = next;
            }

            return false;
        }

        bool Counts(Guid id)
        {
            // A chain of what takes back what took back is walked to its end, however long.
            var open = new Stack<Guid>([id]);
            while (open.TryPeek(out var at))
            {
                if (known.ContainsKey(at))
                {
                    open.Pop();
                    continue;
                }

                var unknown = takers[at].Where(t => !known.ContainsKey(t)).ToList();
                if (unknown.Count == 0)
                    known[open.Pop()] = takers[at].All(t => !known[t]);
                else
                    unknown.ForEach(open.Push);
            }

            return known[id];
        }
    }

    private void Add(RunEvent e)
    {
        LastAt = e.Deed is Undone ? LastAt : e.At;
        switch (e.Deed)
        {
            case Began began:
                (Plan, PlannedAt) = (began.Plan, e.At);
                BeganAt ??= e.At;
                break;
            case PlanReplaced replaced:
                (Plan, PlannedAt) = (replaced.Plan, e.At);
                break;
            case Ended:
                EndedAt ??= e.At;
                break;
            case Started started:
                Change(started.Task, s => s.StartedAt is null ? s with { StartedAt = e.At, StartedBy = e.Baker } : s);
                break;
            case Ticked ticked:
                Change(ticked.Task, s => s.IsDone ? s : s with { DoneAt = e.At, DoneBy = e.Baker });
                break;
            case Unticked unticked:
                Change(unticked.Task, s => s with { DoneAt = null, DoneBy = "" });
                break;
            case LineTicked line:
                Change(
                    line.Task,
                    s => s with { Lines = (line.In ? s.Lines.Append(line.Line) : s.Lines.Where(l => l != line.Line)).ToHashSet() });
                break;
            case ClockSet set:
                _own.Add(new(e.Id.ToString("N"), ClockKind.Own, null, set.Name, e.At, e.At.AddMinutes(set.Minutes), 0));
                break;
            case NotYet later:
                _later[later.Clock] = _later.GetValueOrDefault(later.Clock) + later.Minutes;
                break;
            case ClockStopped stopped:
                _stopped.Add(stopped.Clock);
                break;
            case Measured read:
                _readings.Add(new(e.Id, read.Task, read.Of, read.Value, e.At));
                break;
            case WentWrong wrong:
                _faults.Add(new(e.Id, wrong.Task, wrong.Fault, wrong.Cure, wrong.Minutes, e.At));
                if (wrong.Minutes > 0)
                    Change(wrong.Task, s => s with { StartedAt = s.StartedAt ?? e.At });
                break;
            case Showed showed:
                _shown.Add(new(showed.Task, showed.Fault, e.At));
                break;
            case Noted noted:
                _notes.Add(new(e.Id, noted.Task, noted.Words, e.At));
                break;
            case Undone:
                break;
            default:
                throw new InvalidOperationException($"{e.Deed.GetType().Name} is counted nowhere.");
        }
    }

    private void Change(TaskKey task, Func<TaskState, TaskState> change) => _tasks[task] = change(Of(task));
}
