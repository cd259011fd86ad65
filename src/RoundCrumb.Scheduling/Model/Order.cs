using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Model;

/// <summary>So many of a pie for one time.</summary>
/// <param name="Key">Stable: the order's own.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Pie">What is made.</param>
/// <param name="Count">How many, 1 or more.</param>
/// <param name="Due">The slot by which it is wanted.</param>
/// <param name="Stock">What is there of it already.</param>
/// <param name="Served">True where it is cut and plated here and eaten at that hour; false where it only has to be ready.</param>
public sealed record Order(string Key, string Name, Composition Pie, int Count, int Due, Stock Stock = Stock.Scratch, bool Served = false);

/// <summary>Where and when orders are made.</summary>
public sealed record DaySetting
{
    /// <summary>The kitchen it is made in.</summary>
    public required Kitchen Kitchen { get; init; }

    /// <summary>When each baker is here.</summary>
    public required IReadOnlyList<Shift> Shifts { get; init; }

    /// <summary>The last slot of the days planned for.</summary>
    public required int End { get; init; }

    /// <summary>Nothing new begins before this slot.</summary>
    public int Now { get; init; }

    /// <summary>The slot that it is, below 0 before the first day: nobody can be asked to come in before it.</summary>
    public int Today { get; init; } = int.MinValue;

    /// <summary>Orders that are under way, whose time may have come already.</summary>
    public IReadOnlySet<string> UnderWay { get; init; } = new HashSet<string>();

    /// <summary>Ovens that stay cold.</summary>
    public IReadOnlySet<string> Forbidden { get; init; } = new HashSet<string>();

    /// <summary>Like work that the baker wants to do apart, by its name.</summary>
    public IReadOnlySet<string> Apart { get; init; } = new HashSet<string>();

    /// <summary>Work that begins when the baker says, by its key.</summary>
    public IReadOnlyDictionary<string, int> Pinned { get; init; } = new Dictionary<string, int>();

    /// <summary>Work that is done or under way, by its key.</summary>
    public IReadOnlyDictionary<string, DoneWork> Done { get; init; } = new Dictionary<string, DoneWork>();
}

/// <summary>Work that is done or under way.</summary>
/// <param name="Start">The slot in which it was begun.</param>
/// <param name="Oven">Its oven, by its id; empty for hands.</param>
/// <param name="Orders">The orders for which it was done; empty where only its own is meant. What was done in one go stays so, and nothing
/// that comes later counts as done with it.</param>
public sealed record DoneWork(int Start, string Oven, IReadOnlyList<string> Orders);

/// <summary>What a baker has said of a step that the day no longer knows as it was: it is told, and put on no other.</summary>
/// <param name="Key">The work that was meant.</param>
/// <param name="Kept">Its key as it is kept.</param>
/// <param name="IsDone">True where it was done; false where it was put somewhere.</param>
/// <param name="Why">Why it does not fit any more.</param>
public sealed record UnfitMark(WorkKey Key, string Kept, bool IsDone, string Why);

/// <summary>What kind of trouble an order is in before anything is put on a clock.</summary>
public enum TroubleKind
{
    /// <summary>Something that its pie names is not here.</summary>
    PartMissing,

    /// <summary>It was due before now.</summary>
    Past,

    /// <summary>Nobody is here in time.</summary>
    NoHours,

    /// <summary>No oven that is used takes it.</summary>
    NoOven,

    /// <summary>There is no cold place for it.</summary>
    NoRoom,

    /// <summary>There are not enough of its pan.</summary>
    NoPans,
}

/// <summary>Why an order cannot be made however the day is arranged.</summary>
/// <param name="Order">Which.</param>
/// <param name="Kind">What kind of trouble.</param>
/// <param name="Why">In words.</param>
/// <param name="Fits">How many of it could be made; 0 where the number is not what is wrong.</param>
public sealed record OrderTrouble(Order Order, TroubleKind Kind, string Why, int Fits);

/// <summary>An order as it was put together: its sums and its work.</summary>
/// <param name="Order">The order.</param>
/// <param name="Pie">Its sums.</param>
/// <param name="Chain">Its work.</param>
public sealed record Prepared(Order Order, Assessment Pie, WorkChain Chain);

/// <summary>Like work that is done in one go.</summary>
/// <param name="Name">What it is called among the day's choices.</param>
/// <param name="Join">What kind of like work it is.</param>
/// <param name="Label">What a baker calls it.</param>
/// <param name="Orders">Whose.</param>
/// <param name="Saves">Minutes of hands that it saves.</param>
/// <param name="Apart">True where the baker has pulled it apart.</param>
public sealed record Joined(string Name, JoinName Join, string Label, IReadOnlyList<string> Orders, double Saves, bool Apart);

/// <summary>A day made of orders.</summary>
/// <param name="Day">What is solved.</param>
/// <param name="Made">The orders in it, as the day counts its batches.</param>
/// <param name="LeftOut">The orders that cannot be made.</param>
/// <param name="Joined">What is done in one go, or could be.</param>
/// <param name="Setting">What it was made from.</param>
public sealed record BuiltDay(
    Day Day, IReadOnlyList<Prepared> Made, IReadOnlyList<OrderTrouble> LeftOut, IReadOnlyList<Joined> Joined, DaySetting Setting)
{
    /// <summary>What was said of steps that are no longer as they were.</summary>
    public IReadOnlyList<UnfitMark> Unfit { get; init; } = [];

    /// <summary>The work of each order's own chain that a work of the day is: one, or one of each order that shares it.</summary>
    /// <param name="work">Which work of the day.</param>
    public IReadOnlyList<(Prepared Of, Work Work)> WorksOf(int work) =>
    [
        .. Day.Works[work].Sources.Select(s => (Made[s.Batch], Made[s.Batch].Chain.Works[s.Work]))
    ];
}
