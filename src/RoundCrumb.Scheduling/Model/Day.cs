using System.Text.Json.Serialization;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Model;

/// <summary>The grid that all times of a day are on: five minutes to a slot, counted from the first midnight.</summary>
public static class Slot
{
    /// <summary>Minutes in a slot.</summary>
    public const int Minutes = 5;

    /// <summary>So many slots as cover the minutes.</summary>
    public static int Up(double minutes) =>
        (int)Math.Ceiling((minutes - 0.5) / Minutes) is var slots && minutes > 0 ? Math.Max(1, slots) : 0;

    /// <summary>So many slots as go into the minutes.</summary>
    public static int Down(double minutes) => (int)Math.Floor((minutes + 0.5) / Minutes);
}

/// <summary>Somebody at work, without a break.</summary>
/// <param name="Baker">Which of the bakers, by id.</param>
/// <param name="From">First slot.</param>
/// <param name="To">The slot after the last.</param>
public readonly record struct Shift(string Baker, int From, int To);

/// <summary>An oven of the day.</summary>
/// <param name="Id">Its stable name.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Shelves">How many can be loaded at once.</param>
/// <param name="WarmUp">Slots before each run.</param>
public sealed record DayOven(string Id, string Name, int Shelves, int WarmUp);

/// <summary>Room in the cold for what is not wider than so much.</summary>
/// <param name="Kind">Fridge or freezer.</param>
/// <param name="Widest">In mm; what is wider does not go in.</param>
/// <param name="Units">How much there is of it, in <see cref="ColdRoom.Place"/> to a pie place.</param>
public sealed record ColdRoom(ColdKind Kind, double Widest, int Units)
{
    /// <summary>What one pie of the widest kind takes.</summary>
    public const int Place = 36;

    /// <summary>What a parcel of dough or a bowl takes: a quarter of that.</summary>
    public static int Parcel { get; } = (int)(Place * StepConstants.ParcelPlace.Usual);
}

/// <summary>What takes up a cold place.</summary>
/// <param name="Units">How much of it.</param>
/// <param name="Width">In mm; 0 for what goes in anywhere.</param>
public readonly record struct Takes(int Units, double Width);

/// <summary>What hands do at the oven's door.</summary>
/// <param name="After">Slots since it went in.</param>
/// <param name="Length">Slots.</param>
public readonly record struct Touch(int After, int Length);

/// <summary>A load, as an oven sees it.</summary>
/// <param name="Heat">What the oven is at, °C.</param>
/// <param name="Shelves">How many shelves it takes in each oven; 0 where it does not go in.</param>
/// <param name="Touches">What hands do meanwhile; the last takes it out, and begins as it ends.</param>
public sealed record Load(int Heat, IReadOnlyList<int> Shelves, IReadOnlyList<Touch> Touches);

/// <summary>A work of a batch's own chain.</summary>
/// <param name="Batch">Which batch, as the day counts them.</param>
/// <param name="Work">Which work, as its chain counts them.</param>
public readonly record struct SourceWork(int Batch, int Work);

/// <summary>One thing to put on the clock.</summary>
/// <param name="Key">A <see cref="WorkKey"/> as text: stable, so that it is known again when the day is made anew.</param>
/// <param name="Sources">The work of each batch's own chain that it is.</param>
/// <param name="Batches">Whose it is; more than one where like work is joined.</param>
/// <param name="Part">Which part of the pie.</param>
/// <param name="Label">What it is called in two or three words.</param>
/// <param name="Steps">Which steps of each batch's chain it is, one list to a batch.</param>
/// <param name="Length">Slots.</param>
/// <param name="Tool">What it needs besides hands; of no meaning for a load.</param>
/// <param name="Load">How it bakes; none for hands.</param>
/// <param name="Pies">For how many pies.</param>
/// <param name="Stage">Loads of the same stage of the same batch bake in one run.</param>
public sealed record DayWork(
    string Key, IReadOnlyList<SourceWork> Sources, IReadOnlyList<int> Batches, StepPart Part, string Label,
    IReadOnlyList<IReadOnlyList<int>> Steps, int Length, Tool Tool, Load? Load, int Pies, string Stage)
{
    /// <summary>True where hands are busy from beginning to end.</summary>
    public bool IsHands => Load is null;

    /// <summary>Slots of hands: all of it, or what they do at the oven's door.</summary>
    public int Hands => Load is null ? Length : Load.Touches.Sum(t => t.Length);
}

/// <summary>What lies between the end of one work and the beginning of another.</summary>
/// <param name="From">Which is first.</param>
/// <param name="To">Which follows.</param>
/// <param name="Least">Slots at least.</param>
/// <param name="Best">Slots at best.</param>
/// <param name="Most">Slots at most.</param>
/// <param name="At">Where it is meanwhile.</param>
/// <param name="Takes">What it takes up there.</param>
/// <param name="IsTie">True where nothing has to be waited for.</param>
public sealed record DayGap(int From, int To, int Least, int Best, int Most, WaitsAt At, Takes Takes, bool IsTie);

/// <summary>What lies between the last work on some pies and the time they are ready.</summary>
/// <param name="Batch">Whose.</param>
/// <param name="From">The last work.</param>
/// <param name="Least">Slots at least.</param>
/// <param name="Best">Slots at best.</param>
/// <param name="Most">Slots at most.</param>
/// <param name="At">Where they stand.</param>
/// <param name="Takes">What they take up there.</param>
public sealed record DayEnding(int Batch, int From, int Least, int Best, int Most, WaitsAt At, Takes Takes);

/// <summary>Heat that pies give to the fridge from the end of the work that puts them in.</summary>
/// <param name="Work">Which.</param>
/// <param name="Watts">W, slot by slot, for all of its pies.</param>
public sealed record DayHeat(int Work, IReadOnlyList<int> Watts)
{
    /// <summary>Slots of the first stretch, and of what follows: they give off most at first.</summary>
    public const int First = 60 / Slot.Minutes, After = 120 / Slot.Minutes;

    /// <summary>The mean of the first hour, W.</summary>
    public int AtFirst => Mean(0, First);

    /// <summary>The mean of the two hours after it, W.</summary>
    public int Then => Mean(First, After);

    /// <summary>The mean at a slot, W; nothing before and after.</summary>
    /// <param name="slot">Slots since they went in.</param>
    public int At(int slot) => slot < 0 || slot >= First + After ? 0 : slot < First ? AtFirst : Then;

    private int Mean(int from, int slots) => (int)Math.Round(Watts.Skip(from).Take(slots).DefaultIfEmpty(0).Sum() / (double)slots);
}

/// <summary>So many of one pie for one time.</summary>
/// <param name="Key">Stable: the order's own.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Pies">How many.</param>
/// <param name="Due">The slot by which it is wanted.</param>
/// <param name="Filled">The work from which it ages.</param>
/// <param name="Keeps">Slots that it then keeps.</param>
/// <param name="Topped">The last work of its topping; none without one.</param>
/// <param name="HoldsMost">Slots that the topping holds.</param>
/// <param name="PansFrom">The work with which its pans are first in use.</param>
/// <param name="Pan">Which pan it is made in.</param>
public sealed record Batch(
    string Key, string Name, int Pies, int Due, IReadOnlyList<int> Filled, int Keeps, int? Topped, int HoldsMost, int PansFrom, string Pan);

/// <summary>Pans of one kind.</summary>
/// <param name="Pan">Which.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Owned">How many pies fit into all of them.</param>
public sealed record PansOwned(string Pan, string Name, int Owned);

/// <summary>Everything that has to be done, and what there is to do it with.</summary>
public sealed record Day
{
    /// <summary>When somebody works; outside these hours things only wait.</summary>
    public required IReadOnlyList<Shift> Shifts { get; init; }

    /// <summary>The ovens that may be used.</summary>
    public required IReadOnlyList<DayOven> Ovens { get; init; }

    /// <summary>Room in the cold; of a kind that is not here nobody has said anything, and it is not counted.</summary>
    public required IReadOnlyList<ColdRoom> Cold { get; init; }

    /// <summary>Hot pies that go into the fridge.</summary>
    public IReadOnlyList<DayHeat> Heats { get; init; } = [];

    /// <summary>
    /// Heat that the fridges can take within an hour without their air getting too warm for what else is in them, W; none where nothing is
    /// known of them.
    /// </summary>
    public int? HeatLimit { get; init; }

    /// <summary>The same for planning: pies that go in together may, even if they are too many; that is told besides.</summary>
    public int? HeatRoom => HeatLimit is { } limit && Heats.Count > 0 ? Math.Max(limit, Heats.Max(h => h.AtFirst)) : null;

    /// <summary>How many of each pan there are.</summary>
    public required IReadOnlyList<PansOwned> Pans { get; init; }

    /// <summary>Burners of the hob.</summary>
    public required int Burners { get; init; }

    /// <summary>Mixers.</summary>
    public required int Mixers { get; init; }

    /// <summary>Food processors.</summary>
    public required int Processors { get; init; }

    /// <summary>What is made for each order.</summary>
    public required IReadOnlyList<Batch> Batches { get; init; }

    /// <summary>All pieces of work, hands' and ovens'.</summary>
    public required IReadOnlyList<DayWork> Works { get; init; }

    /// <summary>How long may, or must, lie between two of them.</summary>
    public required IReadOnlyList<DayGap> Gaps { get; init; }

    /// <summary>What lies between the last work on a batch and the time it is ready.</summary>
    public required IReadOnlyList<DayEnding> Endings { get; init; }

    /// <summary>The last slot of the days that were planned for.</summary>
    public required int End { get; init; }

    /// <summary>Work that begins when the baker says: its slot.</summary>
    public IReadOnlyDictionary<int, int> Pinned { get; init; } = new Dictionary<int, int>();

    /// <summary>
    /// Work that is done or under way, with the slot in which it was begun, the slots it took and its oven (-1 for none). What happened is
    /// not argued with.
    /// </summary>
    public IReadOnlyDictionary<int, (int Start, int Oven)> Done { get; init; } = new Dictionary<int, (int, int)>();

    /// <summary>Nothing that is not done begins before this slot.</summary>
    public int Now { get; init; }

    /// <summary>
    /// Stretches for which a pair of hands is held by what is under way: first slot and the slot after the last. It is asked of a plan and
    /// no part of what the day is.
    /// </summary>
    [JsonIgnore]
    public IReadOnlyList<(int From, int To)> Held { get; init; } = [];

    /// <summary>Slots after the planned days in which late work is still put somewhere, so that lateness can be measured.</summary>
    public const int Overtime = 24 * 60 / Slot.Minutes;

    /// <summary>The very last slot.</summary>
    public int Horizon => End + Overtime;

    /// <summary>The slot from which work goes on whatever the hours, because it is late anyway.</summary>
    public int AfterHours =>
        Math.Max(Shifts.Count == 0 ? Now : Shifts.Max(s => s.To), Math.Max(Now, Batches.Count == 0 ? 0 : Batches.Max(b => b.Due)));

    /// <summary>How many bakers are at work in each slot.</summary>
    public int[] AtWork()
    {
        var hands = new int[Horizon + 1];
        foreach (var shift in Shifts)
        {
            for (var t = Math.Max(0, shift.From); t < Math.Min(Horizon, shift.To); t++)
                hands[t]++;
        }

        for (var t = AfterHours; t <= Horizon; t++)
            hands[t] = Math.Max(hands[t], 1);
        return hands;
    }

    /// <summary>
    /// The stretches in which somebody is at work without a break between, first slot and the slot after the last: as a rule one for each
    /// day.
    /// </summary>
    public IReadOnlyList<(int From, int To)> Open()
    {
        var hands = AtWork();
        var open = new List<(int From, int To)>();
        for (var t = 0; t <= Horizon; t++)
        {
            if (hands[t] == 0)
                continue;
            var from = t;
            while (t <= Horizon && hands[t] > 0)
                t++;
            open.Add((from, Math.Min(t, Horizon)));
        }

        return open;
    }

    /// <summary>
    /// What a kind of cold holds at once: all of it in all places, and besides what is wider than some of them in the rest. Empty where it
    /// is not counted.
    /// </summary>
    /// <returns>Over how many mm wide something counts, and how much room there is for that.</returns>
    public IEnumerable<(double Over, int Room)> ColdLimits(ColdKind kind)
    {
        var widest = Cold.Where(c => c.Kind == kind).Select(c => c.Widest).Distinct().Order().ToList();
        return widest.Select((w, k) => (k == 0 ? -1 : widest[k - 1], RoomFor(kind, k == 0 ? 0 : w)!.Value));
    }

    /// <summary>
    /// How much of a kind of cold there is for what is wider than <paramref name="width"/> mm, or exactly so; none where it is not counted.
    /// </summary>
    public int? RoomFor(ColdKind kind, double width)
    {
        var rooms = Cold.Where(c => c.Kind == kind).ToList();
        return rooms.Count == 0 ? null : rooms.Where(c => c.Widest >= width).Sum(c => c.Units);
    }
}
