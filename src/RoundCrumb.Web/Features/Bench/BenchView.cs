using System.Globalization;
using System.Text.Json;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>A run as one lane of the bench shows it.</summary>
/// <param name="open">The run.</param>
/// <param name="baker">Whose lane, by id; empty for everybody's.</param>
/// <param name="zone">Where the kitchen is.</param>
/// <param name="shown">The baker's units.</param>
/// <param name="offer">Another order of work that is offered; none where none is.</param>
public sealed class BenchView(OpenBench open, string baker, TimeZoneInfo zone, QuantityFormatter shown, Offer? offer = null)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);

    /// <summary>How many tasks stand ready in the page, so that a device without a connection can go on.</summary>
    public const int Ahead = 12;

    /// <summary>The run.</summary>
    public OpenBench Open { get; } = open;

    /// <summary>Whose lane.</summary>
    public string Baker { get; } = baker;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = shown;

    /// <summary>Another order of work that is offered; none where none is.</summary>
    public Offer? Offer { get; } = offer;

    /// <summary>True where the rest is to be planned again at once.</summary>
    public bool IsDue { get; init; }

    /// <summary>Something to say; empty where there is nothing.</summary>
    public string Said { get; init; } = "";

    /// <summary>The kitchen of a rehearsal; none of what is done in earnest.</summary>
    public SimulatedKitchen? Kitchen { get; } = Rehearsals.KitchenOf(open);

    /// <summary>How much faster than the kitchen's its clock goes, as a browser counts: 0 while it stands.</summary>
    public string Speed =>
        (Open.Run.Clock is { } clock ? clock.IsPaused || !IsUnderWay ? 0 : clock.Speed : 1).ToString(CultureInfo.InvariantCulture);

    /// <summary>Where it leads once it is over.</summary>
    public string Ending => Open.Run.IsRehearsal ? Routes.Rehearsed(Open.Run.Id) : Routes.RunLog(Open.Run.Id);

    /// <summary>True for a task of a rehearsal that is nobody's to tick: a simulated baker does it.</summary>
    public bool IsTheirs(BenchTask task) => Kitchen is { } kitchen && !kitchen.IsByHand(task.Planned);

    /// <summary>True for hands in a rehearsal: a person says when it is begun, and it takes as long as it takes.</summary>
    public bool TakesItsTime(BenchTask task) => Kitchen is not null && task.Planned.Task.Touch is null && !IsLoad(task);

    /// <summary>Who does a task that is nobody's to tick.</summary>
    public string NameOf(BenchTask task) =>
        Open.Day?.Bakers.FirstOrDefault(b => b.Id == Kitchen?.LaneOf(task.Planned))?.Name ?? "The kitchen";

    /// <summary>How what is in the oven looks through its door, in words; empty where that is not known.</summary>
    public string Looks(BenchTask task)
    {
        if (Kitchen is not { } kitchen || kitchen.HowFar(Open.State, task.Planned, Open.Now) is not { } baked)
            return "";
        return baked.In <= 0 ? "The oven is not hot yet."
            : baked.Share < PlayConstants.Pale.Usual ? "Pale still, a long way to go."
            : baked.IsUnder ? "It takes colour, not there yet."
            : baked.IsOver ? "It is past right, and getting dark."
            : "It looks right.";
    }

    /// <summary>What the kitchen shows at a task and nobody has answered.</summary>
    public IEnumerable<Fault> ShownAt(BenchTask task) =>
        Open.State.Shown.Where(s => s.Task == task.Planned.Task && !Open.State.IsAnswered(s)).Select(s => FaultBook.Find(s.Fault))
            .OfType<Fault>();

    /// <summary>What would keep all in time, in words.</summary>
    public string Say(DayChange change) => new DayChanges(Open.Day!).Say(change);

    /// <summary>What is left in this lane, first the one at hand.</summary>
    public IReadOnlyList<BenchTask> Left { get; } = open.Left(baker);

    /// <summary>The clocks that run.</summary>
    public IReadOnlyList<RunClock> Clocks { get; } = open.State.Clocks();

    /// <summary>True while the run is under way.</summary>
    public bool IsUnderWay => Open.State.EndedAt is null;

    /// <summary>A time of day; with the day where that is another.</summary>
    public string Clock(DateTimeOffset at)
    {
        var (wall, today) = (TimeZoneInfo.ConvertTime(at, zone), TimeZoneInfo.ConvertTime(Open.Now, zone));
        return wall.ToString(wall.Date == today.Date ? "HH:mm" : "ddd HH:mm", CultureInfo.InvariantCulture);
    }

    /// <summary>An instant as a browser counts.</summary>
    public static string Instant(DateTimeOffset at) => at.ToUnixTimeMilliseconds().ToString(CultureInfo.InvariantCulture);

    /// <summary>A deed as a button carries it.</summary>
    public static string Says(Deed deed) => JsonSerializer.Serialize(deed, Json);

    /// <summary>What a page said, read back; none where it is not that.</summary>
    public static Deed? Read(string? said)
    {
        try
        {
            return JsonSerializer.Deserialize<Deed>(said ?? "", Json);
        }
        catch (Exception e) when (e is JsonException or NotSupportedException)
        {
            return null;
        }
    }

    /// <summary>How the run stands to its plan, in words.</summary>
    public string Standing => !IsUnderWay ? "over"
        : Open.Behind >= OpenBench.LateFrom ? DayView.Minutes(Open.Behind) + " behind"
        : Left is [var next, ..] && next.Planned.From - Open.Now > TimeSpan.FromMinutes(10) ? "ahead, next at " + Clock(next.Planned.From)
        : "all in time";

    /// <summary>A task's name in two or three words.</summary>
    public string Title(BenchTask task) =>
        task.Planned.Task.Touch is null && task.Work is { } work && Open.Day!.Built.Day.Works[work].Load is not null
            ? "Into the " + OvenName(task).ToLowerInvariant()
        : task.Planned.Task.Touch is not null ? Upper(task.Planned.Does)
        : task.Work is { } hands ? Open.Day!.Built.Day.Works[hands].Label
        : Upper(task.Planned.Does);

    /// <summary>Of which pies it is, and how many.</summary>
    public string Pies(BenchTask task) => task.Work is { } work
        ? string.Join(" and ", Open.Day!.Built.WorksOf(work).Select(x => $"{x.Of.Order.Name} × {x.Work.Pies}"))
        : task.Planned.Pies;

    /// <summary>What the button says that ticks it.</summary>
    public string DoneWords(BenchTask task) =>
        task.Planned.Task.Touch is not null ? IsLast(task) ? "It is out" : "Done, back in"
        : IsLoad(task) ? "It is in"
        : "Done, next";

    private bool IsLoad(BenchTask task) => task.Work is { } work && Open.Day!.Built.Day.Works[work].Load is not null;

    /// <summary>True for what takes a load out.</summary>
    public bool IsLast(BenchTask task) => task.Planned.Task.Touch is { } touch
        && !Open.State.Plan.Tasks.Any(t => t.Task.Work == task.Planned.Task.Work && t.Task.Touch > touch);

    /// <summary>What the oven's dial is turned to for a load; empty for the rest.</summary>
    public string Dial(BenchTask task)
    {
        if (task.Work is not { } work || Open.Day!.Built.Day.Works[work].Load is not { } load)
            return "";
        var oven = Open.Day.Built.Day.Ovens.ToList().FindIndex(o => o.Id == task.Planned.Oven);
        if (oven < 0)
            return "";
        var one = Open.Day.Built.Setting.Kitchen.Ovens[oven];
        var heat = new Worked<OvenCelsius>("heat", "Oven", new(load.Heat), "the heat wanted");
        var said = Shown.Say(new Quantity(load.Heat, Dimension.OvenHeat));
        return one.DialIsHeat ? $"{one.Name} at {said}" : $"{one.Name} at {said}: set {Shown.Say(one.DialFor(heat).Amount)}";
    }

    /// <summary>How long a load is in, from going in to coming out; 0 for the rest.</summary>
    public int BakesMinutes(BenchTask task) =>
        task.Work is { } work && Open.Day!.Built.Day.Works[work].Load is not null
            ? Open.Day.Built.Day.Works[work].Length * Slot.Minutes
            : 0;

    /// <summary>What is waited for after it before the next step of these pies, in words; empty where nothing is.</summary>
    public string Then(BenchTask task)
    {
        var waits = Open.State.Plan.Waits.Where(w => w.After == task.Planned.Task && w.Least > 0).ToList();
        return string.Join(
            "; ",
            waits.Select(
                w => $"Then {Where(w.At)} for {DayView.Minutes((int)w.Least)}; after that: {LabelOf(w.Before)}").Distinct());
    }

    /// <summary>The clocks that a device starts by itself while it has no connection: what is due at the oven's door, and when.</summary>
    public string Starts(BenchTask task) => JsonSerializer.Serialize(
        Open.State.Plan.Tasks.Where(t => task.Planned.Task.Touch is null && t.Task.Work == task.Planned.Task.Work && t.Task.Touch is 0)
            .Select(t => new { id = t.Task.ToString(), name = t.Name, minutes = (t.From - task.Planned.From).TotalMinutes }),
        Json);

    /// <summary>What can go wrong at a task.</summary>
    public IReadOnlyList<Fault> Faults(BenchTask task) =>
        [.. Open.StepsOf(task).SelectMany(s => FaultBook.At(s.Step.Kind, s.Made.Pie.Composition)).Distinct()];

    /// <summary>What an eye goes by at a task; none where nothing is drawn of it.</summary>
    public Technique? TechniqueAt(BenchTask task) =>
        Open.StepsOf(task).Select(s => Techniques.At(s.Step.Kind, s.Made.Pie.Composition)).FirstOrDefault(t => t is not null);

    /// <summary>The pages of the guide that a task's steps are done by, each opened with its pie's amounts.</summary>
    public IReadOnlyList<(string Title, string Address)> GuidesAt(BenchTask task) =>
    [
        .. Open.StepsOf(task).SelectMany(s => Techniques.Of(s.Step.Kind, s.Made.Pie.Composition).Select(t => (
            TechniqueGuide.Of(t).Title,
            Routes.TechniqueOf(t) + "?" + CompositionAddress.Write(s.Made.Pie.Composition with { Corrections = null }))))
            .DistinctBy(g => g.Title),
    ];

    /// <summary>Where a fault at a task is traced, with its pie.</summary>
    public string Why(BenchTask task, Fault fault) => Open.StepsOf(task).FirstOrDefault() is { Made.Pie.Composition: { } pie }
        ? $"{Routes.Fault(fault)}?{CompositionAddress.Write(pie with { Corrections = null })}"
        : Routes.Fault(fault);

    /// <summary>What went wrong at a task.</summary>
    public IEnumerable<HeldFault> WentWrongAt(BenchTask task) => Open.State.Faults.Where(f => f.Task == task.Planned.Task);

    /// <summary>What choosing a cure does: it is kept, and what stays in the oven longer has its clock put off.</summary>
    public static string Says(BenchTask task, Fault fault, int cure)
    {
        var chosen = fault.Cures[cure];
        var wrong = new WentWrong(task.Planned.Task, fault.Id, cure, chosen.Hands);
        var load = task.Planned.Task.Work.Work.InOven && task.Planned.Task.Touch is not null;
        Deed[] deeds = chosen.Bake > 0 && load ? [wrong, new NotYet(task.Planned.Task.ToString(), chosen.Bake)] : [wrong];
        return JsonSerializer.Serialize(deeds, Json);
    }

    /// <summary>The cures that hands or the oven do, by their place among a fault's; the others change the order.</summary>
    public static IEnumerable<int> ByHand(Fault fault) => Enumerable.Range(0, fault.Cures.Count).Where(c => fault.Cures[c].Instead is null);

    /// <summary>
    /// The cures that give an order another topping, for each order that is at hand; none in a rehearsal, whose day stays.
    /// </summary>
    public IEnumerable<ToppingSwap> Swaps(BenchTask task, Fault fault)
    {
        if (Open.Run.IsRehearsal || Open.Day is null)
            yield break;
        var orders = Open.StepsOf(task).Select(s => s.Made.Order).DistinctBy(o => o.Key).ToList();
        for (var c = 0; c < fault.Cures.Count; c++)
        {
            foreach (var order in orders)
            {
                if (fault.Cures[c] is { Instead: { } topping } cure && cure.Fits(order.Pie) && fault.Fits(order.Pie))
                {
                    yield return new(
                        c, Says(new WentWrong(task.Planned.Task, fault.Id, c, cure.Hands)),
                        new(order.Key, topping.Id), orders.Count == 1 ? "Change the topping" : $"Change the topping of {order.Name}");
                }
            }
        }
    }

    /// <summary>What a cure takes, in words; empty where it takes nothing to speak of.</summary>
    public static string Takes(Cure cure) => string.Join(
        ", ",
        new[]
        {
            cure.Hands >= 1 ? DayView.Minutes((int)cure.Hands) + " of hands" : "",
            cure.Bake > 0 ? DayView.Minutes((int)cure.Bake) + " longer in" : "",
        }.Where(w => w.Length > 0));

    /// <summary>True for what is done for several orders in one go.</summary>
    public bool IsShared(BenchTask task) => task.Work is { } work && Open.Day!.Built.Day.Works[work].Batches.Count > 1;

    /// <summary>What is worth reading at a task.</summary>
    public IReadOnlyList<ReadingOf> Readings(BenchTask task) =>
        [.. Open.StepsOf(task).SelectMany(s => s.Step.Kind.Readings).Distinct()];

    /// <summary>A reading in the baker's units, as exactly as it was read.</summary>
    public string Reading(ReadingOf of, double value) => !of.IsWeight
        ? Shown.Say(new Quantity(value, of is ReadingOf.Oven ? Dimension.OvenReading : Dimension.Warmth))
        : Shown.Units.Mass is MassUnit.Ounces
            ? string.Create(CultureInfo.InvariantCulture, $"{value / KitchenMeasures.GramsPerOunce:0.##} oz")
        : string.Create(CultureInfo.InvariantCulture, $"{value:#,0.#} g");

    /// <summary>The readings that were held at a task.</summary>
    public IEnumerable<HeldReading> HeldAt(BenchTask task) => Open.State.Readings.Where(r => r.Task == task.Planned.Task);

    /// <summary>The words that were kept with a task.</summary>
    public IEnumerable<HeldNote> NotesAt(BenchTask task) => Open.State.Notes.Where(n => n.Task == task.Planned.Task);

    /// <summary>The weight of a line of one order, opening to its working.</summary>
    public IHtmlContent Figure(BenchLine line, (Prepared Made, string Key, Worked<Grams> Mass) of) => FigureLink.To(
        of.Mass, Shown, CompositionAddress.Write(of.Made.Pie.Composition), of.Made.Order.Count,
        Shown.Weigh(of.Mass.Value, line.Ingredient));

    /// <summary>A sentence of a step, its figures opening as those of a batch sheet do.</summary>
    public IHtmlContent Sentence(Phrase phrase, Prepared made) =>
        FigureLink.Sentence(phrase, Shown, CompositionAddress.Write(made.Pie.Composition), made.Order.Count);

    /// <summary>
    /// How much goes into each pie, by what was weighed in the pot where that was held, in words; empty where nothing is poured.
    /// </summary>
    public string Pour(BenchTask task)
    {
        var fill = Open.StepsOf(task).FirstOrDefault(s => s.Step.Kind is StepKind.Fill);
        if (fill.Made is not { } made)
            return "";
        var planned = made.Pie.FilledMass.Value.Value;
        var pot = Open.State.Readings.LastOrDefault(r => r.Of is ReadingOf.Pot && r.Task.Work.Order == made.Order.Key);
        var each = Shown.Say(new Quantity(planned, Dimension.Mass));
        if (pot is null)
            return $"{each} into each.";
        var there = pot.Value / made.Order.Count;
        var into = Math.Min(there, planned);
        var left = pot.Value - (into * made.Order.Count);
        return there < planned - 2 ? $"{Shown.Say(new Quantity(into, Dimension.Mass))} into each, not {each}: the pot weighed less."
            : left > 5 ? $"{each} into each; {Shown.Say(new Quantity(left, Dimension.Mass))} stays in the pot."
            : $"{each} into each: the pot weighed just that.";
    }

    private string OvenName(BenchTask task) => Open.Day?.Built.Day.Ovens.FirstOrDefault(o => o.Id == task.Planned.Oven)?.Name ?? "oven";

    private string LabelOf(TaskKey task) => Open.State.Planned(task) is { } planned ? planned.Does : OpenBench.NameOf(task);

    private static string Where(WaitsAt at) => at switch
    {
        WaitsAt.Bench => "it stands",
        WaitsAt.Fridge => "into the fridge",
        WaitsAt.Freezer => "into the freezer",
    };

    private static string Upper(string words) => words.Length == 0 ? words : char.ToUpperInvariant(words[0]) + words[1..];
}

/// <summary>A cure that gives an order another topping.</summary>
/// <param name="Cure">Which of the fault's cures.</param>
/// <param name="Deed">What went wrong, as a device says it.</param>
/// <param name="Change">What becomes of the order.</param>
/// <param name="Words">What the button says.</param>
public sealed record ToppingSwap(int Cure, string Deed, OtherTopping Change, string Words);
