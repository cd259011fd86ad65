using System.Text.Json.Serialization;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Bench;

/// <summary>A thing to do as a plan has it.</summary>
/// <param name="Task">Which.</param>
/// <param name="From">When it is begun.</param>
/// <param name="Minutes">How long hands are busy with it; 0 or more.</param>
/// <param name="Baker">Whose it is, by id; empty for whoever is free.</param>
/// <param name="Oven">The oven of a load, of what is done at its door and of hands that put it in, by id; empty for the rest.</param>
/// <param name="Pies">Of which pies it is.</param>
/// <param name="Does">What is done, in two or three words.</param>
/// <param name="Orders">For which orders it is done, by their keys.</param>
public sealed record PlannedTask(
    TaskKey Task, DateTimeOffset From, double Minutes, string Baker, string Oven, string Pies, string Does, IReadOnlyList<string> Orders)
{
    /// <summary>What it is called, with its pies: what a clock says.</summary>
    [JsonIgnore]
    public string Name => $"{Pies}: {Does}";

    /// <summary>When it is to be done.</summary>
    [JsonIgnore]
    public DateTimeOffset To => From.AddMinutes(Minutes);
}

/// <summary>What comes before what, and what has to be waited for between them.</summary>
/// <param name="After">What is done first.</param>
/// <param name="Before">What waits.</param>
/// <param name="Least">Minutes at least; 0 where it may follow at once.</param>
/// <param name="Most">Minutes before it suffers.</param>
/// <param name="At">Where it is meanwhile.</param>
public sealed record PlannedWait(TaskKey After, TaskKey Before, double Least, double Most, WaitsAt At);

/// <summary>An oven that is hot for what goes into it.</summary>
/// <param name="Oven">Which, by id.</param>
/// <param name="From">When it is hot.</param>
/// <param name="WarmUp">Minutes that it warms up before; 0 or more.</param>
public sealed record PlannedHeat(string Oven, DateTimeOffset From, double WarmUp);

/// <summary>The order of work that a run goes by.</summary>
/// <param name="Tasks">In the order in which they begin.</param>
/// <param name="Waits">What lies between them.</param>
public sealed record RunPlan(IReadOnlyList<PlannedTask> Tasks, IReadOnlyList<PlannedWait> Waits)
{
    /// <summary>When which oven is hot; nothing in a plan that was kept before that was written down.</summary>
    public IReadOnlyList<PlannedHeat> Heats { get; init; } = [];

    /// <summary>A plan without anything.</summary>
    public static RunPlan Empty { get; } = new([], []);
}
