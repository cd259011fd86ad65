using System.Globalization;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling;

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
    public required Kitchen Kitchen { get; init; }

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

    /// <summary>Work that is done or under way, by its key: when it began, and the place of its oven among the kitchen's; -1 for none.</summary>
    public IReadOnlyDictionary<string, (int Start, int Oven)> Done { get; init; } = new Dictionary<string, (int, int)>();
}

/// <summary>What kind of trouble an order is in before anything is put on a clock.</summary>
public enum TroubleKind
{
    Past,
    NoHours,
    NoOven,
    NoRoom,
    NoPans,
}

/// <summary>Why an order cannot be made however the day is arranged.</summary>
/// <param name="Order">Which.</param>
/// <param name="Kind">What kind of trouble.</param>
/// <param name="Why">In words.</param>
/// <param name="Fits">How many of it could be made; 0 where the number is not what is wrong.</param>
public sealed record Trouble(Order Order, TroubleKind Kind, string Why, int Fits);

/// <summary>An order as it was put together: its sums and its work.</summary>
/// <param name="Order">The order.</param>
/// <param name="Pie">Its sums.</param>
/// <param name="Chain">Its work.</param>
public sealed record Prepared(Order Order, Assessment Pie, WorkChain Chain);

/// <summary>Like work that is done in one go.</summary>
/// <param name="Name">What it is called among the day's choices.</param>
/// <param name="Label">What a baker calls it.</param>
/// <param name="Orders">Whose.</param>
/// <param name="Saves">Minutes of hands that it saves.</param>
/// <param name="Apart">True where the baker has pulled it apart.</param>
public sealed record Joined(string Name, string Label, IReadOnlyList<string> Orders, double Saves, bool Apart);

/// <summary>A day made of orders.</summary>
/// <param name="Day">What is solved.</param>
/// <param name="Made">The orders in it, as the day counts its batches.</param>
/// <param name="LeftOut">The orders that cannot be made.</param>
/// <param name="Joined">What is done in one go, or could be.</param>
/// <param name="Setting">What it was made from.</param>
public sealed record BuiltDay(Day Day, IReadOnlyList<Prepared> Made, IReadOnlyList<Trouble> LeftOut, IReadOnlyList<Joined> Joined, DaySetting Setting)
{
    /// <summary>The work of each order's own chain that a work of the day is: one, or one of each order that shares it.</summary>
    /// <param name="work">Which work of the day.</param>
    public IReadOnlyList<(Prepared Of, Work Work)> WorksOf(int work)
    {
        var w = Day.Works[work];
        return w.Batches.Count == 1
            ? [(Made[w.Batches[0]], Made[w.Batches[0]].Chain.Works[int.Parse(w.Key.AsSpan(w.Key.LastIndexOf('.') + 1), NumberStyles.None, CultureInfo.InvariantCulture)])]
            : [.. w.Batches.Select((b, k) => (Made[b], Made[b].Chain.Works.First(x => x.Join.Length > 0 && x.Steps.SequenceEqual(w.Steps[k]))))];
    }
}

/// <summary>Makes a day of orders and a kitchen.</summary>
public static class DayBuilder
{
    /// <summary>How far apart orders may be due that share a piece of work, slots.</summary>
    private static int Within(string join) => Slot.Down((join.StartsWith("dough", StringComparison.Ordinal) ? StepConstants.OneDough : join.StartsWith("crumb", StringComparison.Ordinal) ? StepConstants.OneCrumb : StepConstants.OneWhipping).Usual);

    /// <summary>The name of a pan among a day's pans.</summary>
    public static string PanKey(Pan pan) => FormattableString.Invariant($"{pan.Id} {pan.Name} {pan.Top.Value:0} {pan.Depth.Value:0}");

    /// <summary>Makes the day.</summary>
    public static BuiltDay Build(IEnumerable<Order> orders, DaySetting setting)
    {
        var kitchen = setting.Kitchen;
        var ovens = kitchen.Ovens.Where(o => !setting.Forbidden.Contains(o.Id)).ToList();
        var cold = kitchen.Cold.Where(c => c.Places > 0).Select(c => new ColdRoom(c.Kind, c.Widest.Value, c.Places * ColdRoom.Place)).ToList();
        var made = new List<Prepared>();
        var out_ = new List<Trouble>();
        var chains = new List<(Prepared One, List<Work> Works)>();
        foreach (var order in orders.OrderBy(o => o.Due).ThenBy(o => o.Key, StringComparer.Ordinal))
        {
            var pie = Assessment.Of(order.Stock is Stock.FrozenShells && order.Pie.Crust.Family is RolledFamily { Sheet: null } ? order.Pie with { Crust = order.Pie.Crust with { Frozen = true } } : order.Pie, order.Count, kitchen);
            var one = new Prepared(order, pie, WorkChain.Of(pie, order.Stock, WorkChain.PerLoad(ovens, order.Pie.Pan), order.Served));
            if (WhyNot(one, setting, ovens, cold) is { } trouble)
                out_.Add(trouble);
            else
                made.Add(one);
        }

        return Weave(made, out_, setting, ovens, cold);
    }

    /// <summary>A work is known by its order and its place in that order's chain.</summary>
    private static string KeyOf(Order order, int work) => string.Create(CultureInfo.InvariantCulture, $"{order.Key}.{work}");

    /// <summary>What no arranging can mend.</summary>
    private static Trouble? WhyNot(Prepared one, DaySetting setting, List<Oven> ovens, List<ColdRoom> cold)
    {
        var order = one.Order;
        var pan = one.Pie.Composition.Pan;
        if (order.Due <= setting.Now && !setting.UnderWay.Contains(order.Key))
            return new(order, TroubleKind.Past, "It was wanted before now.", 0);
        if (!setting.Shifts.Any(s => s.To > setting.Now) && !setting.UnderWay.Contains(order.Key))
            return new(order, TroubleKind.NoHours, "Nobody has hours in these days.", 0);
        if (one.Chain.Works.Any(w => w.Baking is { Tray: false }) && WorkChain.PerLoad(ovens, pan) == 0)
        {
            return new(order, TroubleKind.NoOven, setting.Kitchen.Ovens.Count > 0 && ovens.Count == 0
                ? "It has to be baked, and every oven is left cold."
                : $"It has to be baked, and {pan.Name} goes into no oven that is used.", 0);
        }

        if (Owned(setting.Kitchen, pan) is { } owned && order.Count > owned)
            return new(order, TroubleKind.NoPans, $"{order.Count} at once, and there {(owned == 1 ? "is room for 1" : $"is room for {owned}")} in the pans you have of {pan.Name}.", owned);
        var fridge = cold.Where(c => c.Kind is ColdKind.Fridge).ToList();

        // All of them stand there at once before they are fetched, or before they are cut.
        List<int> standing = order.Served
            ? [.. one.Chain.Gaps.Where(g => g.At is WaitsAt.Fridge && one.Chain.Endings.Any(e => e.From == g.To)).Select(g => g.Holds.Pies)]
            : [.. one.Chain.Endings.Where(e => e.At is WaitsAt.Fridge).Select(e => e.Pies)];
        if (fridge.Count > 0 && standing.Count > 0)
        {
            var room = fridge.Where(c => c.Widest >= Wide(pan)).Sum(c => c.Units);
            if (room == 0)
                return new(order, TroubleKind.NoRoom, $"{pan.Name} is wider than the fridge takes.", 0);
            if (standing.Sum(pies => UnitsOf(pan, pies, fridge)) > room)
            {
                var fits = order.Count;
                while (fits > 0 && UnitsOf(pan, fits, fridge) > room)
                    fits--;
                return new(order, TroubleKind.NoRoom, $"{order.Count} of them have to stand cold at once, and the fridge takes {fits}.", fits);
            }
        }

        return null;
    }

    private static int? Owned(Kitchen kitchen, Pan pan)
    {
        var same = kitchen.Pans.Where(p => PanKey(p.Pan) == PanKey(pan)).ToList();
        return same.Count == 0 || same.Any(p => p.Room is null) ? null : same.Sum(p => p.Room);
    }

    private static double Wide(Pan pan)
    {
        var (wide, deep) = pan.Kind is PanKind.WellTray ? OvenLoad.Footprint(pan) : (pan.Top.Value, (pan.Length ?? pan.Top).Value);
        return Math.Min(wide, deep);
    }

    /// <summary>What so many pies take up: several small ones stand where one of the widest does.</summary>
    public static int UnitsOf(Pan pan, int pies, IReadOnlyList<ColdRoom> rooms)
    {
        if (pies == 0)
            return 0;
        var widest = rooms.Count == 0 ? 300 : rooms.Max(r => r.Widest);
        var (wide, deep) = pan.Kind is PanKind.WellTray ? OvenLoad.Footprint(pan) : (pan.Top.Value, (pan.Length ?? pan.Top).Value);
        var pans = pan.Kind is PanKind.WellTray ? (pies + pan.Wells - 1) / pan.Wells : pies;

        // A place is as long as it is wide; what is longer takes two.
        var across = Math.Floor((widest + 10) / (wide + 10));
        var along = Math.Floor((widest + 10) / (deep + 10));
        return across >= 1 && along >= 1
            ? (int)Math.Ceiling(ColdRoom.Place * pans / (across * along))
            : ColdRoom.Place * 2 * pans;
    }

    private static BuiltDay Weave(List<Prepared> made, List<Trouble> leftOut, DaySetting setting, List<Oven> ovens, List<ColdRoom> cold)
    {
        var kitchen = setting.Kitchen;
        var heats = Heats(made.SelectMany(m => m.Chain.Works).Select(w => w.Baking).OfType<Baking>());
        var groups = JoinsOf(made, kitchen, setting.Apart, out var joined);
        var works = new List<DayWork>();
        var at = new Dictionary<(int Batch, int Work), int>();
        var byGroup = new Dictionary<(string Join, int Lead), int>();
        for (var b = 0; b < made.Count; b++)
        {
            var (order, pie, chain) = made[b];
            for (var w = 0; w < chain.Works.Count; w++)
            {
                var work = chain.Works[w];
                if (work.Join.Length > 0 && groups.TryGetValue((work.Join, b), out var lead))
                {
                    if (lead == b)
                        byGroup[(work.Join, lead)] = works.Count;
                    var index = byGroup[(work.Join, lead)];
                    at[(b, w)] = index;
                    if (lead == b)
                    {
                        works.Add(new(KeyOf(order, w), [b], work.Part, work.Label, [work.Steps], 0, work.Tool, null, work.Pies, ""));
                    }
                    else
                    {
                        var known = works[index];
                        works[index] = known with { Batches = [.. known.Batches, b], Steps = [.. known.Steps, work.Steps], Pies = known.Pies + work.Pies };
                    }

                    // One setting up for all, and the rest for each.
                    var all = works[index].Batches.Select(o => made[o].Chain.Works.First(x => x.Join == work.Join)).ToList();
                    works[index] = works[index] with { Length = Slot.Up(all.Max(x => x.SetUp) + all.Sum(x => x.More)) };
                    continue;
                }

                at[(b, w)] = works.Count;
                works.Add(new(
                    KeyOf(order, w), [b], work.Part, work.Label, [work.Steps], Slot.Up(work.Minutes), work.Tool,
                    work.Baking is { } baking ? LoadOf(baking, heats, pie.Composition.Pan, work.Pies, kitchen.Ovens, setting.Forbidden) : null,
                    work.Pies, work.Baking is null ? "" : $"{order.Key} {string.Join(' ', work.Steps)}"));
                if (work.Baking is not null)
                    works[^1] = works[^1] with { Length = works[^1].Load!.Touches[^1].After };
            }
        }

        var fridges = cold.Where(c => c.Kind is ColdKind.Fridge).ToList();
        var freezers = cold.Where(c => c.Kind is ColdKind.Freezer).ToList();
        var gaps = new List<DayGap>();
        var endings = new List<DayEnding>();
        var batches = new List<Batch>();
        for (var b = 0; b < made.Count; b++)
        {
            var (order, pie, chain) = made[b];
            var pan = pie.Composition.Pan;
            foreach (var gap in chain.Gaps)
            {
                var (from, to) = (at[(b, gap.From)], at[(b, gap.To)]);
                var least = Slot.Up(gap.Wait.Least);
                var most = Math.Max(Slot.Down(gap.Wait.Most), Math.Max(least, gap.IsTie ? Math.Max(1, least) : least));
                if (gap.IsTie && works[from].Batches.Count > 1)
                    most = Math.Max(most, Slot.Down(StepConstants.JoinedStands.Usual));
                var takes = gap.At is WaitsAt.Bench ? default : Units(gap.Holds, pan, gap.At is WaitsAt.Fridge ? fridges : freezers);
                var next = new DayGap(from, to, least, Math.Clamp(Slot.Up(gap.Wait.Best), least, most), most, gap.At, takes, gap.IsTie);
                if (gaps.FindIndex(g => g.From == from && g.To == to) is >= 0 and var same)
                {
                    // Joined at both ends: one wait, the strictest of them, and all of it in the cold.
                    var known = gaps[same];
                    gaps[same] = known with { Least = Math.Max(known.Least, next.Least), Best = Math.Max(known.Best, next.Best), Most = Math.Max(Math.Max(known.Least, next.Least), Math.Min(known.Most, next.Most)), Takes = new(known.Takes.Units + next.Takes.Units, Math.Max(known.Takes.Width, next.Takes.Width)) };
                }
                else
                {
                    gaps.Add(next);
                }
            }

            foreach (var ending in chain.Endings)
            {
                var least = Slot.Up(ending.Wait.Least);
                var most = Math.Max(least, Slot.Down(ending.Wait.Most));
                endings.Add(new(b, at[(b, ending.From)], least, Math.Clamp(Slot.Up(ending.Wait.Best), least, most), most, ending.At, ending.At is WaitsAt.Bench ? default : Units(new(ending.Pies, 0), pan, fridges)));
            }

            batches.Add(new(
                order.Key, order.Name, order.Count, order.Due, [.. chain.Filled.Select(f => at[(b, f)])], Slot.Down(chain.Keeps.Most),
                chain.Topped is { } topped ? at[(b, topped)] : null, Math.Max(1, Slot.Down(chain.HoldsMost)), at[(b, chain.PansFrom)], PanKey(pan)));
        }

        var pans = made.Select(m => m.Pie.Composition.Pan).DistinctBy(PanKey).Select(p => (Pan: p, Owned: Owned(kitchen, p))).Where(p => p.Owned is not null)
            .Select(p => new PansOwned(PanKey(p.Pan), p.Pan.Name, p.Owned!.Value)).ToList();
        var indexes = works.Select((w, i) => (w.Key, i)).ToDictionary(x => x.Key, x => x.i, StringComparer.Ordinal);
        var day = new Day
        {
            Shifts = setting.Shifts,
            Ovens = [.. kitchen.Ovens.Select(o => new DayOven(o.Id, o.Name, o.Shelves, Slot.Up(o.WarmUp)))],
            Cold = cold,
            Pans = pans,
            Burners = kitchen.Burners,
            Mixers = kitchen.Mixers,
            Processors = kitchen.Processors,
            Batches = batches,
            Works = works,
            Gaps = gaps,
            Endings = endings,
            End = setting.End,
            Now = setting.Now,
            Pinned = setting.Pinned.Where(p => indexes.ContainsKey(p.Key)).ToDictionary(p => indexes[p.Key], p => p.Value),
            Done = setting.Done.Where(p => indexes.ContainsKey(p.Key) && (works[indexes[p.Key]].IsHands || p.Value.Oven >= 0)).ToDictionary(p => indexes[p.Key], p => p.Value),
        };
        return new(day, made, leftOut, joined, setting);
    }

    private static Takes Units(Holds holds, Pan pan, List<ColdRoom> rooms) => rooms.Count == 0 ? default
        : new(UnitsOf(pan, holds.Pies, rooms) + (holds.Parcels * ColdRoom.Parcel), holds.Pies > 0 ? Math.Min(Wide(pan), rooms.Max(r => r.Widest)) : 0);

    private static Load LoadOf(Baking baking, Dictionary<Baking, int> heats, Pan pan, int pies, IReadOnlyList<Oven> ovens, IReadOnlySet<string> forbidden)
    {
        var touches = new List<Touch>(baking.Touches.Count);
        foreach (var touch in baking.Touches)
        {
            // Never two at once, however they fall on the grid.
            var after = Slot.Up(touch.After);
            if (touches.Count > 0)
                after = Math.Max(after, touches[^1].After + touches[^1].Length);
            touches.Add(new(after, Math.Max(1, Slot.Up(touch.Minutes))));
        }

        int Shelves(Oven oven)
        {
            if (forbidden.Contains(oven.Id))
                return 0;
            if (baking.Tray)
                return 1;
            var each = oven.OnOneShelf(pan);
            var shelves = each == 0 ? 0 : (pies + each - 1) / each;
            return shelves > oven.Shelves ? 0 : shelves;
        }

        return new(heats[baking], [.. ovens.Select(Shelves)], touches);
    }

    /// <summary>As few heats as will do: loads whose ranges meet bake at one.</summary>
    private static Dictionary<Baking, int> Heats(IEnumerable<Baking> bakings)
    {
        var heats = new Dictionary<Baking, int>();
        var left = bakings.Distinct().OrderBy(b => b.High.Value).ThenBy(b => b.Low.Value).ToList();
        while (left.Count > 0)
        {
            var upTo = left[0].High.Value;
            var together = left.Where(b => b.Low.Value <= upTo).ToList();
            var (low, high) = (together.Max(b => b.Low.Value), together.Min(b => b.High.Value));
            var usual = together.Average(b => b.Heat.Value);
            var heat = (int)(Math.Round(Math.Clamp(usual, low, high) / 5) * 5);
            if (heat < low || heat > high)
                heat = (int)Math.Round(Math.Clamp(usual, low, high));
            foreach (var baking in together)
                heats[baking] = heat;
            left.RemoveAll(together.Contains);
        }

        return heats;
    }

    /// <summary>For each batch and each name of like work, the first batch of those that do it together.</summary>
    private static Dictionary<(string Join, int Batch), int> JoinsOf(List<Prepared> made, Kitchen kitchen, IReadOnlySet<string> apart, out List<Joined> joined)
    {
        var groups = new Dictionary<(string, int), int>();
        joined = [];
        foreach (var join in made.SelectMany(m => m.Chain.Works).Select(w => w.Join).Where(j => j.Length > 0).Distinct().Order(StringComparer.Ordinal))
        {
            var users = Enumerable.Range(0, made.Count).Where(b => made[b].Chain.Works.Any(w => w.Join == join)).ToList();
            while (users.Count > 0)
            {
                var first = users[0];
                var together = users.Where(b => made[b].Order.Due - made[first].Order.Due <= Within(join)).ToList();
                var name = join + " " + made[first].Order.Key;

                // No longer at a stretch than hands can stand: what is more makes a second lot.
                double Minutes(int b) => made[b].Chain.Works.First(w => w.Join == join).More;
                while (together.Count > 1 && together.Sum(Minutes) > StepConstants.LongestStretch.Usual)
                    together.RemoveAt(together.Count - 1);

                // What is creamed in one go stands finished at one time: in pans that there are, in the cold that there is.
                if (join.StartsWith("cream", StringComparison.Ordinal))
                {
                    while (together.Count > 1 && !StandTogether([.. together.Select(b => made[b])], kitchen))
                        together.RemoveAt(together.Count - 1);
                }

                users.RemoveAll(together.Contains);
                if (together.Count < 2)
                    continue;
                var works = together.Select(b => made[b].Chain.Works.First(w => w.Join == join)).ToList();
                var pulled = apart.Contains(name);
                joined.Add(new(name, works[0].Label, [.. together.Select(b => made[b].Order.Key)], works.Sum(w => w.SetUp) - works.Max(w => w.SetUp), pulled));
                if (pulled)
                    continue;
                foreach (var b in together)
                    groups[(join, b)] = together[0];
            }
        }

        return groups;
    }

    private static bool StandTogether(List<Prepared> some, Kitchen kitchen)
    {
        var rooms = kitchen.Cold.Where(c => c.Kind is ColdKind.Fridge && c.Places > 0).Select(c => new ColdRoom(c.Kind, c.Widest.Value, c.Places * ColdRoom.Place)).ToList();
        return some.GroupBy(p => PanKey(p.Pie.Composition.Pan)).All(g => Owned(kitchen, g.First().Pie.Composition.Pan) is not { } owned || g.Sum(p => p.Order.Count) <= owned)
            && (rooms.Count == 0 || some.Sum(p => UnitsOf(p.Pie.Composition.Pan, p.Order.Count, rooms)) <= rooms.Sum(r => r.Units));
    }
}
