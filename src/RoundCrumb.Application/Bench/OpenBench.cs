using RoundCrumb.Application.Days;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Bench;

/// <summary>One line to weigh out at the bench: of one pie, or of all that it is weighed for in one go.</summary>
/// <param name="Key">By which it is ticked.</param>
/// <param name="Ingredient">What.</param>
/// <param name="Mass">How much, for all.</param>
/// <param name="Pieces">Yolks or packs where it is counted; 0 where it is not.</param>
/// <param name="Note">How it goes in.</param>
/// <param name="Of">What it is the sum of: for each order its line's own key, and its weight with its working.</param>
public sealed record BenchLine(
    string Key, Ingredient Ingredient, Grams Mass, double Pieces, string Note,
    IReadOnlyList<(Prepared Made, string Key, Worked<Grams> Mass)> Of);

/// <summary>A task with all that a baker wants to know of it.</summary>
/// <param name="Planned">As the plan has it.</param>
/// <param name="State">Where it stands.</param>
/// <param name="Work">Which work of the day it is; none where the day no longer has it.</param>
public sealed record BenchTask(PlannedTask Planned, TaskState State, int? Work);

/// <summary>A run, opened: its events summed up, and its day as it is now.</summary>
/// <param name="Run">As kept.</param>
/// <param name="Seq">The number of its last event.</param>
/// <param name="State">Where it stands.</param>
/// <param name="Day">Its day; none where that is deleted.</param>
/// <param name="Now">The moment.</param>
public sealed record OpenBench(Run Run, int Seq, RunState State, OpenDay? Day, DateTimeOffset Now)
{
    /// <summary>Nothing was done for so long: the run was left open.</summary>
    public static readonly TimeSpan LeftAfter = TimeSpan.FromHours(14);

    /// <summary>Minutes behind the plan from which a run is late.</summary>
    public const int LateFrom = 5;

    private readonly Dictionary<WorkKey, int> _works =
        Day is null ? [] : Day.Built.Day.Works.Select((w, i) => (RunPlans.KeyOf(w), i)).ToDictionary(x => x.Item1, x => x.i);

    private readonly Dictionary<(string Order, string Oven), Prepared> _inOven = [];

    /// <summary>A task as the bench shows it.</summary>
    public BenchTask TaskOf(PlannedTask planned) =>
        new(planned, State.Of(planned.Task), _works.TryGetValue(planned.Task.Work, out var work) ? work : null);

    /// <summary>What is left to do, in the order of the plan; what the day no longer has comes last.</summary>
    /// <param name="baker">Whose; empty for everybody's.</param>
    public IReadOnlyList<BenchTask> Left(string baker) =>
    [
        .. State.Left().Where(t => baker.Length == 0 || LaneOf(t) is var lane && (lane.Length == 0 || lane == baker)).Select(TaskOf)
            .OrderBy(t => t.Work is null)
    ];

    /// <summary>Whose a task is: nobody's where its baker is not here any more, and then whoever is free does it.</summary>
    public string LaneOf(PlannedTask task) =>
        Day is null || Day.Bakers.Any(b => b.Id == task.Baker && Day.Setting.Shifts.Any(s => s.Baker == b.Id)) ? task.Baker : "";

    /// <summary>What is done, the last first.</summary>
    public IReadOnlyList<BenchTask> Done =>
    [
        .. State.Known.Where(k => k.Value.IsDone).OrderByDescending(k => k.Value.DoneAt)
            .Select(
                k => TaskOf(
                    State.Planned(k.Key)
                        ?? new(k.Key, k.Value.DoneAt!.Value, 0, k.Value.DoneBy, "", OrderName(k.Key), NameOf(k.Key), [])))
    ];

    /// <summary>Work that the day has and the plan of the run has not: it was ordered, or changed, since.</summary>
    public IReadOnlyList<DayWork> New =>
        Day is null ? [] : [.. Day.Built.Day.Works.Where(w => State.Planned(new(RunPlans.KeyOf(w))) is null)];

    /// <summary>True for a task that the day has no longer.</summary>
    public bool IsGone(BenchTask task) => Day is not null && task.Work is null;

    /// <summary>A task's name where no plan has it.</summary>
    public static string NameOf(TaskKey task) => task.Work.Work.Step.Kind.Label.ToLowerInvariant();

    private string OrderName(TaskKey task) =>
        Day?.Orders.FirstOrDefault(o => o.Key == task.Work.Order)?.Name ?? "an order that is gone";

    /// <summary>
    /// Minutes that the run is behind its plan: by how much what should be done by now is not, or what should be begun is not. 0 in time.
    /// </summary>
    public int Behind
    {
        get
        {
            var late = 0.0;
            foreach (var lane in State.Left().GroupBy(LaneOf))
            {
                var first = lane.First();
                late = Math.Max(
                    late, State.Of(first.Task).StartedAt is null ? (Now - first.From).TotalMinutes : (Now - first.To).TotalMinutes);
            }

            return (int)Math.Floor(Math.Max(0, late));
        }
    }

    /// <summary>True where nothing was done for so long that it may be forgotten.</summary>
    public bool IsLeftOpen => State.EndedAt is null && State.LastAt is { } last && Now - last > LeftAfter
        && State.Left().FirstOrDefault() is var next && (next is null || Now - next.To > LeftAfter);

    /// <summary>The steps of a task, each with the order that it is done for.</summary>
    public IEnumerable<(Prepared Made, Step Step)> StepsOf(BenchTask task)
    {
        if (Day is null || task.Work is not { } index)
            yield break;
        var work = Day.Built.Day.Works[index];
        for (var k = 0; k < work.Batches.Count; k++)
        {
            var made = Day.Built.Made[work.Batches[k]];
            if (work.Load is null)
            {
                foreach (var s in work.Steps[k])
                    yield return InThatOven(made, made.Chain.Steps[s], task.Planned.Oven);
                continue;
            }

            // At the oven's door: the step that is done there; going in is the first of the load's steps.
            var baking = made.Chain.Works[work.Sources[k].Work].Baking!;
            yield return InThatOven(
                made, made.Chain.Steps[task.Planned.Task.Touch is { } t ? baking.Touches[t].Step : work.Steps[k][0]], task.Planned.Oven);
        }
    }

    /// <summary>A step in the terms of the oven that it is done in, which need not be the one that the pie was thought out for.</summary>
    private (Prepared Made, Step Step) InThatOven(Prepared made, Step step, string oven)
    {
        if (oven.Length == 0 || Day!.Kitchen.Ovens.FirstOrDefault(o => o.Id == oven) is not { } that || made.Pie.Card.Setting.Oven == that)
            return (made, step);
        if (!_inOven.TryGetValue((made.Order.Key, oven), out var there))
        {
            var pie = Assessment.Of(made.Pie.Composition with { Oven = that }, made.Order.Count, Day.Kitchen);
            _inOven[(made.Order.Key, oven)] = there = made with { Pie = pie };
        }

        return (there, there.Pie.Chain.Steps.FirstOrDefault(s => s.Id == step.Id) ?? step);
    }

    /// <summary>What is weighed out at a task.</summary>
    public IReadOnlyList<BenchLine> LinesOf(BenchTask task)
    {
        if (Day is null || task.Work is not { } index || task.Planned.Task.Touch is not null || Day.Built.Day.Works[index].Load is not null
                || task.Planned.Task.Work.Work.Stretch.Index > 0 || task.Planned.Task.Work.Work.Lane.Index > 0)
            return [];
        var lines = new List<(Prepared Made, WeighLine Line)>();
        var batches = Day.Built.Day.Works[index].Batches;
        for (var k = 0; k < batches.Count; k++)
        {
            var made = Day.Built.Made[batches[k]];
            var steps = Day.Built.Day.Works[index].Steps[k];
            foreach (var part in BatchSheet.Of(made.Pie).Parts)
            {
                if (WeighOut.StepOf(made.Chain.Steps, part) is { } at && steps.Contains(at))
                    lines.AddRange(part.Lines.Select(l => (made, l)));
            }
        }

        if (batches.Count == 1)
            return [.. lines.Select(x => Line([x]))];
        return [.. lines.GroupBy(x => (x.Line.Ingredient.Id, x.Line.Note)).Select(g => Line([.. g]))];

        static BenchLine Line(IReadOnlyList<(Prepared Made, WeighLine Line)> some) => new(
            some[0].Line.Key, some[0].Line.Ingredient, new(some.Sum(x => x.Line.Mass.Value.Value)), some.Sum(x => x.Line.Pieces),
            some[0].Line.Note, [.. some.Select(x => (x.Made, x.Line.Key, x.Line.Mass))]);
    }
}
