using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>Something that happens in a simulated kitchen.</summary>
/// <param name="At">When.</param>
/// <param name="Baker">In whose lane, by id.</param>
/// <param name="Deed">What.</param>
public sealed record Happening(DateTimeOffset At, string Baker, Deed Deed);

/// <summary>How far something in the oven is.</summary>
/// <param name="Of">Minutes that it needs this time, 1 or more.</param>
/// <param name="In">Minutes that it has had in a hot oven.</param>
public sealed record Baked(double Of, double In)
{
    /// <summary>The share that is done: 1 is right.</summary>
    public double Share => In / Of;

    /// <summary>True where it is not done yet.</summary>
    public bool IsUnder => Share < PlayConstants.Underdone.Usual;

    /// <summary>True where it is overdone.</summary>
    public bool IsOver => Share > PlayConstants.Overdone.Usual;
}

/// <summary>
/// A kitchen that does a planned day by itself, or but for the hands of whoever rehearses: what happens next is worked out from what has
/// happened and from chance by name, so that it goes on from any state, also after its plan was changed. Tasks are done in the order of the
/// plan, each as soon as what it waits for, its tool and its oven are ready and not before its planned time; what is due at an oven's door
/// comes first. Whoever is here and free first takes what is next, whose lane of the plan it may be; only what is a person's waits for that
/// person. Hands take as long as they take, also those of whoever rehearses: they say when something is begun.
/// </summary>
/// <param name="luck">Chance.</param>
/// <param name="facts">The day.</param>
/// <param name="hands">Whose hands are a person's.</param>
public sealed class SimulatedKitchen(Luck luck, KitchenFacts facts, OwnHands hands)
{
    /// <summary>True where a person does a task.</summary>
    public bool IsByHand(PlannedTask task) => hands.Do(LaneOf(task));

    /// <summary>Whose a task is: the first baker's where the plan says nobody's.</summary>
    public string LaneOf(PlannedTask task) =>
        facts.Bakers.Contains(task.Baker) ? task.Baker : facts.Bakers.Count > 0 ? facts.Bakers[0] : "";

    /// <summary>Minutes of hands that a task takes this time, without what goes wrong.</summary>
    public double Minutes(PlannedTask task)
    {
        var planned = task.Task.Touch is null && facts.Works.GetValueOrDefault(task.Task.Work) is { Heat: null, Minutes: > 0 } known
            ? known.Minutes
            : task.Minutes;
        return Tenths(Math.Max(0.5, planned * luck.Of(PlayConstants.Hands, task.Task.ToString())));
    }

    /// <summary>What goes wrong at a task this time; none where nothing does.</summary>
    public Fault? Mishap(PlannedTask task) =>
        task.Task.Touch is null && facts.Works.GetValueOrDefault(task.Task.Work) is { Faults: [_, ..] faults }
            && luck.GoesWrong(task.Task.ToString())
            ? faults[(int)(luck.Share("which " + task.Task) * faults.Count)]
            : null;

    /// <summary>How much longer or shorter a load takes this time than planned.</summary>
    public double BakeFactor(WorkKey load) => luck.Of(PlayConstants.Bake, load.ToString());

    /// <summary>
    /// When the oven of a load is hot enough for it; its planned time where the plan says nothing of it. None while something that is baked
    /// at another heat is still in it.
    /// </summary>
    public DateTimeOffset? HotAt(RunState run, PlannedTask load)
    {
        var heats = run.Plan.Heats.Where(h => h.Oven == load.Oven).ToList();
        var at = heats.FindLastIndex(h => h.From <= load.From);
        if (at < 0)
            return load.From;
        var on = heats[at].From.AddMinutes(-heats[at].WarmUp);
        foreach (var other in run.Plan.Tasks)
        {
            // What was planned into it before this heat has to be out before it is turned.
            if (other.Task.Touch is null || other.Oven != load.Oven || run.Planned(new(other.Task.Work)) is not { } its
                    || its.From >= heats[at].From)
                continue;
            if (run.Of(other.Task).DoneAt is not { } done)
                return null;
            if (done > on)
                on = done;
        }

        var factor = luck.Of(PlayConstants.WarmUp, $"{load.Oven} {heats[at].From.ToUnixTimeSeconds()}");
        return on.AddMinutes(Tenths(heats[at].WarmUp * factor));
    }

    /// <summary>How far what is done at an oven's door is; none where it is not in, or done already.</summary>
    /// <param name="run">The run.</param>
    /// <param name="touch">What is done at the door.</param>
    /// <param name="now">The moment.</param>
    public Baked? HowFar(RunState run, PlannedTask touch, DateTimeOffset now) =>
        !run.Of(touch.Task).IsDone && Stage(run, touch) is var (from, needs)
            ? new(needs, Math.Max(0, (now - from).TotalMinutes))
            : null;

    /// <summary>How far what was done at an oven's door was when somebody turned to it; none where it was not done.</summary>
    /// <param name="run">The run.</param>
    /// <param name="touch">What was done at the door.</param>
    public Baked? HowFar(RunState run, PlannedTask touch) =>
        (run.Of(touch.Task).StartedAt ?? run.Of(touch.Task).DoneAt) is { } at && Stage(run, touch) is var (from, needs)
            ? new(needs, Math.Max(0, (at - from).TotalMinutes))
            : null;

    /// <summary>When what is done at an oven's door is right this time; none where it is not in.</summary>
    public DateTimeOffset? RightAt(RunState run, PlannedTask touch) =>
        !run.Of(touch.Task).IsDone && Stage(run, touch) is var (from, needs) ? from.AddMinutes(needs) : null;

    /// <summary>What is worth reading at a task when it is done: of what, and what is read.</summary>
    public (ReadingOf Of, double Value)? Reading(PlannedTask task)
    {
        if (task.Task.Touch is not null || facts.Works.GetValueOrDefault(task.Task.Work) is not { } known)
            return null;
        var key = task.Task.ToString();
        if (known.Pot is { } pot)
            return (ReadingOf.Pot, Math.Round(pot * luck.Of(PlayConstants.Pot, key)));

        // An oven that bakes faster is hotter, by its thermometer too.
        return known.Heat is { } heat
            ? (ReadingOf.Oven, Math.Round(
                heat + ((1 - BakeFactor(task.Task.Work)) * 100 * PlayConstants.DegreesForAHundredth.Usual)
                    + (2 * PlayConstants.ThermometerOff.Usual * (luck.Share("reads " + key) - 0.5))))
            : null;
    }

    /// <summary>What happens next that nobody's hands have to do; none where it waits for a person, or is over.</summary>
    public Happening? Next(RunState run)
    {
        if (run.EndedAt is not null)
            return null;
        Happening? next = null;
        foreach (var some in UnderWay(run).Concat(facts.Bakers.Select(b => Begins(run, b)).OfType<Happening>()).Concat(PutOff(run)))
        {
            if (next is null || some.At < next.At)
                next = some;
        }

        return next is null && run.Plan.Tasks.Count > 0 && !run.Left().Any()
            ? new(run.LastAt!.Value.AddMinutes(1), "", new Ended())
            : next;
    }

    /// <summary>When there is something next for anybody, also for whoever rehearses; none where nothing is left.</summary>
    public DateTimeOffset? NextAt(RunState run)
    {
        var times = run.Left().Where(IsByHand).Select(t => Ready(run, t)).OfType<DateTimeOffset>()
            .Concat(run.Clocks().Where(c => c.Kind is ClockKind.Own).Select(c => c.Due)).ToList();
        if (Next(run) is { } next)
            times.Add(next.At);
        return times.Count == 0 ? null : times.Min();
    }

    private static bool IsLoad(RunState run, PlannedTask task) =>
        task.Task.Touch is null && run.Planned(task.Task with { Touch = 0 }) is not null;

    /// <summary>What is in hand goes wrong, or is done.</summary>
    private IEnumerable<Happening> UnderWay(RunState run)
    {
        foreach (var task in run.Left())
        {
            if (run.Of(task.Task).StartedAt is not { } since)
                continue;
            var lane = DoneIn(run, task);
            if (Mishap(task) is { } fault && !run.Shown.Any(s => s.Task == task.Task) && !run.Faults.Any(f => f.Task == task.Task))
                yield return new(
                    since.AddMinutes(Minutes(task) / 2), lane,
                    IsByHand(task) ? new Showed(task.Task, fault.Id) : new WentWrong(task.Task, fault.Id, 0, fault.Cures[0].Hands));
            else
                yield return new(EndOf(run, task, since), lane, new Ticked(task.Task));
        }
    }

    /// <summary>
    /// When a task that was begun is done. What goes into an oven is put there by the hands before it, and what comes out is out as soon as
    /// somebody takes it.
    /// </summary>
    private DateTimeOffset EndOf(RunState run, PlannedTask task, DateTimeOffset since) =>
        IsLoad(run, task) || IsLast(run, task) ? since : since.AddMinutes(Minutes(task) + run.Mending(task.Task));

    private static bool IsLast(RunState run, PlannedTask task) =>
        task.Task.Touch is { } touch && run.Planned(task.Task with { Touch = touch + 1 }) is null;

    /// <summary>In whose lane a task is or was done: whoever began it, or whose it is.</summary>
    private string DoneIn(RunState run, PlannedTask task) => run.Of(task.Task).StartedBy is { Length: > 0 } who ? who : LaneOf(task);

    /// <summary>What a baker who is nobody's hands takes up next.</summary>
    private Happening? Begins(RunState run, string baker)
    {
        if (hands.Do(baker))
            return null;
        var free = DateTimeOffset.MinValue;
        (DateTimeOffset At, bool AtDoor, PlannedTask Task)? first = null;
        foreach (var task in run.Plan.Tasks)
        {
            var state = run.Of(task.Task);
            if ((state.StartedAt is null && !state.IsDone) || DoneIn(run, task) != baker)
                continue;
            if (state.DoneAt is not { } done)
                return null;

            // What was taken out is carried to the rack.
            var then = IsLast(run, task) ? done.AddMinutes(Minutes(task)) : done;
            free = then > free ? then : free;
        }

        foreach (var task in run.Plan.Tasks)
        {
            var state = run.Of(task.Task);
            if (IsByHand(task) || state.IsDone || state.StartedAt is not null || Ready(run, task) is not { } ready)
                continue;
            var at = ready > free ? ready : free;
            if (LaneOf(task) != baker && !IsHere(baker, at))
                continue;
            var atDoor = task.Task.Touch is not null;
            if (first is not { } other || at < other.At || (at == other.At && atDoor && !other.AtDoor))
                first = (at, atDoor, task);
        }

        return first is { } one ? new(one.At, baker, new Started(one.Task.Task)) : null;
    }

    private bool IsHere(string baker, DateTimeOffset at) => facts.Hours.Any(h => h.Baker == baker && h.From <= at && at < h.To);

    /// <summary>A clock that is due for something that is not right yet is put off until it is.</summary>
    private IEnumerable<Happening> PutOff(RunState run)
    {
        foreach (var clock in run.Clocks())
        {
            if (clock.Kind is ClockKind.Oven && run.Planned(clock.Task!.Value) is { } touch && !IsByHand(touch)
                    && RightAt(run, touch) is { } right && right > clock.Due.AddMinutes(0.5))
                yield return new(clock.Due, LaneOf(touch), new NotYet(clock.Id, Math.Ceiling((right - clock.Due).TotalMinutes)));
        }
    }

    /// <summary>When a task can be begun; none while what comes before it is not done.</summary>
    private DateTimeOffset? Ready(RunState run, PlannedTask task)
    {
        if (task.Task.Touch is not null)
            return RightAt(run, task);
        var at = task.From;
        foreach (var wait in run.Plan.Waits)
        {
            if (wait.Before != task.Task || run.Planned(wait.After) is null)
                continue;
            if (run.Of(wait.After).DoneAt is not { } done)
                return null;
            var over = done.AddMinutes(wait.Least);
            at = over > at ? over : at;
        }

        if (!IsLoad(run, task))
            return ToolFree(run, task, at);
        return HotAt(run, task) is { } hot ? hot > at ? hot : at : null;
    }

    /// <summary>When a tool is free for a task, from a moment on.</summary>
    private DateTimeOffset ToolFree(RunState run, PlannedTask task, DateTimeOffset at)
    {
        var tool = facts.Works.GetValueOrDefault(task.Task.Work)?.Tool ?? Tool.None;
        if (facts.ManyOf(tool) is not (> 0 and var many))
            return at;
        var busy = run.Plan.Tasks.Where(
                t => t.Task.Touch is null && t.Task != task.Task && facts.Works.GetValueOrDefault(t.Task.Work)?.Tool == tool)
            .Select(t => (From: run.Of(t.Task).StartedAt, To: run.Of(t.Task).DoneAt, Task: t)).Where(t => t.From is not null)
            .Select(t => (From: t.From!.Value, To: t.To ?? EndOf(run, t.Task, t.From.Value))).OrderBy(t => t.To).ToList();
        foreach (var (_, to) in busy)
        {
            if (busy.Count(b => b.From <= at && b.To > at) < many)
                break;
            at = to > at ? to : at;
        }

        return at;
    }

    /// <summary>Since when what is next at an oven's door bakes, and how many minutes it needs this time.</summary>
    private (DateTimeOffset From, double Needs)? Stage(RunState run, PlannedTask touch)
    {
        if (touch.Task.Touch is not { } at)
            return null;
        var load = new TaskKey(touch.Task.Work);
        if (run.Of(load).DoneAt is not { } since || run.Planned(load) is not { } planned)
            return null;
        var minutes = touch.From - planned.From;
        if (at == 0)
        {
            // It went in before the oven was hot: it bakes from when that is.
            if (HotAt(run, planned) is { } hot && hot > since)
                since = hot;
        }
        else
        {
            var before = load with { Touch = at - 1 };
            if (run.Of(before).DoneAt is not { } done || run.Planned(before) is not { } then)
                return null;
            (since, minutes) = (done, touch.From - then.To);
        }

        var longer = run.Faults.Where(f => f.Task == touch.Task)
            .Sum(f => FaultBook.Find(f.Fault) is { } fault && f.Cure < fault.Cures.Count ? fault.Cures[f.Cure].Bake : 0);
        return (since, Math.Max(1, Tenths((minutes.TotalMinutes * BakeFactor(touch.Task.Work)) + longer)));
    }

    private static double Tenths(double minutes) => Math.Round(minutes * 10) / 10;
}
