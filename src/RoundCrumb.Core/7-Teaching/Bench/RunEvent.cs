using System.Text.Json.Serialization;

namespace RoundCrumb.Core.Bench;

/// <summary>What a reading is of.</summary>
public enum ReadingOf
{
    /// <summary>All of the filling, weighed in its pot or bowl, g.</summary>
    Pot,

    /// <summary>Filling that is left over, g.</summary>
    LeftOver,

    /// <summary>All of the dough or crumb, g.</summary>
    Dough,

    /// <summary>What a thermometer in the oven reads, °C.</summary>
    Oven,

    /// <summary>The filling in its pot, °C.</summary>
    Filling,

    /// <summary>The middle of a pie, °C.</summary>
    Middle,
}

/// <summary>Something that was done or seen at the bench. Each is kept under its name in JSON, which never changes.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Began), "began")]
[JsonDerivedType(typeof(PlanReplaced), "plan-replaced")]
[JsonDerivedType(typeof(Ended), "ended")]
[JsonDerivedType(typeof(Started), "started")]
[JsonDerivedType(typeof(Ticked), "ticked")]
[JsonDerivedType(typeof(Unticked), "unticked")]
[JsonDerivedType(typeof(LineTicked), "line")]
[JsonDerivedType(typeof(ClockSet), "clock-set")]
[JsonDerivedType(typeof(NotYet), "not-yet")]
[JsonDerivedType(typeof(ClockStopped), "clock-stopped")]
[JsonDerivedType(typeof(Measured), "measured")]
[JsonDerivedType(typeof(Noted), "noted")]
[JsonDerivedType(typeof(WentWrong), "went-wrong")]
[JsonDerivedType(typeof(Showed), "showed")]
[JsonDerivedType(typeof(Undone), "undone")]
public abstract record Deed;

/// <summary>Something that was done or seen at a task.</summary>
/// <param name="Task">Which.</param>
public abstract record TaskDeed(TaskKey Task) : Deed;

/// <summary>The run begins, with a plan.</summary>
public sealed record Began(RunPlan Plan) : Deed;

/// <summary>From here on it goes by another plan.</summary>
/// <param name="Plan">All of it, what is done included.</param>
public sealed record PlanReplaced(RunPlan Plan) : Deed;

/// <summary>The run is over.</summary>
public sealed record Ended : Deed;

/// <summary>A task is taken in hand.</summary>
public sealed record Started(TaskKey Task) : TaskDeed(Task);

/// <summary>A task is done; of a load: it is in the oven.</summary>
public sealed record Ticked(TaskKey Task) : TaskDeed(Task);

/// <summary>A task is not done after all, whoever ticked it.</summary>
public sealed record Unticked(TaskKey Task) : TaskDeed(Task);

/// <summary>A line to weigh out is in the bowl, or is not.</summary>
/// <param name="Task">Whose list it is on.</param>
/// <param name="Line">Which, by its key.</param>
/// <param name="In">True where it is in.</param>
public sealed record LineTicked(TaskKey Task, string Line, bool In) : TaskDeed(Task);

/// <summary>A clock of the baker's own.</summary>
/// <param name="Name">What it is for.</param>
/// <param name="Minutes">How long it runs; over 0.</param>
public sealed record ClockSet(string Name, double Minutes) : Deed;

/// <summary>What a clock is for is not right yet.</summary>
/// <param name="Clock">Which clock.</param>
/// <param name="Minutes">How much longer; over 0.</param>
public sealed record NotYet(string Clock, double Minutes) : Deed;

/// <summary>A clock is not wanted any more.</summary>
public sealed record ClockStopped(string Clock) : Deed;

/// <summary>Something was measured.</summary>
/// <param name="Task">At which task.</param>
/// <param name="Of">What of.</param>
/// <param name="Value">g or °C, as <paramref name="Of"/> says.</param>
public sealed record Measured(TaskKey Task, ReadingOf Of, double Value) : TaskDeed(Task);

/// <summary>Something went wrong at a task, and something was done about it.</summary>
/// <param name="Task">At which task; it is in hand from then on.</param>
/// <param name="Fault">What, by its short name.</param>
/// <param name="Cure">Which of its cures was chosen, 0 for the first.</param>
/// <param name="Minutes">Minutes of hands that it takes; 0 or more.</param>
public sealed record WentWrong(TaskKey Task, string Fault, int Cure, double Minutes) : TaskDeed(Task);

/// <summary>In a rehearsal the simulated kitchen shows that something is going wrong; what is done about it is the baker's.</summary>
/// <param name="Task">At which task.</param>
/// <param name="Fault">What, by its short name.</param>
public sealed record Showed(TaskKey Task, string Fault) : TaskDeed(Task);

/// <summary>Words that are kept with a task.</summary>
public sealed record Noted(TaskKey Task, string Words) : TaskDeed(Task);

/// <summary>Something is taken back: it counts as if it had never been.</summary>
/// <param name="Event">What, by its id; it may itself be something that took something back.</param>
public sealed record Undone(Guid Event) : Deed;

/// <summary>A deed with its circumstances.</summary>
/// <param name="Id">Made by the device: sent twice it is one.</param>
/// <param name="Deed">What was done.</param>
/// <param name="Device">By which device.</param>
/// <param name="Baker">Whose lane the device showed, by id; empty for all.</param>
/// <param name="At">When it happened, by the kitchen's clock.</param>
/// <param name="Arrived">When it came in.</param>
public sealed record RunEvent(Guid Id, Deed Deed, string Device, string Baker, DateTimeOffset At, DateTimeOffset Arrived);
