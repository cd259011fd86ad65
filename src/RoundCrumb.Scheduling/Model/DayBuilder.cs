using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Model;

/// <summary>Makes a day of orders and a kitchen.</summary>
public static class DayBuilder
{
    /// <summary>The name of a pan among a day's pans.</summary>
    public static string PanKey(Pan pan) => FormattableString.Invariant($"{pan.Id} {pan.Name} {pan.Top.Value:0} {pan.Depth.Value:0}");

    /// <summary>Makes the day.</summary>
    public static BuiltDay Build(IEnumerable<Order> orders, DaySetting setting)
    {
        var kitchen = setting.Kitchen;
        var ovens = kitchen.Ovens.Where(o => !setting.Forbidden.Contains(o.Id)).ToList();
        var cold = kitchen.Cold.Where(c => c.Places > 0).Select(c => new ColdRoom(c.Kind, c.Widest.Value, c.Places * ColdRoom.Place))
            .ToList();
        var made = new List<Prepared>();
        var out_ = new List<OrderTrouble>();
        var chains = new List<(Prepared One, List<Work> Works)>();
        foreach (var order in orders.OrderBy(o => o.Due).ThenBy(o => o.Key, StringComparer.Ordinal))
        {
            var pie = Assessment.Of(StockedSteps.Made(order.Pie, order.Stock), order.Count, kitchen);
            var one = new Prepared(order, pie, WorkChain.Of(pie, order.Stock, WorkChain.PerLoad(ovens, order.Pie.Pan), order.Served));
            if (WhyNot(one, setting, ovens, cold) is { } trouble)
                out_.Add(trouble);
            else
                made.Add(one);
        }

        return Weave(made, out_, setting, ovens, cold);
    }

    /// <summary>What no arranging can mend.</summary>
    private static OrderTrouble? WhyNot(Prepared one, DaySetting setting, List<Oven> ovens, List<ColdRoom> cold)
    {
        var order = one.Order;
        var pan = one.Pie.Composition.Pan;
        if (one.Pie.Composition.Missing is [var missing, ..])
            return new(order, TroubleKind.PartMissing, $"{missing.Says} Open its pie and choose one.", 0);
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
            return new(
                order, TroubleKind.NoPans,
                $"{order.Count} at once, and there {(owned == 1 ? "is room for 1" : $"is room for {owned}")} in the pans you have "
                    + $"of {pan.Name}.",
                owned);
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
                return new(
                    order, TroubleKind.NoRoom, $"{order.Count} of them have to stand cold at once, and the fridge takes {fits}.", fits);
            }
        }

        return null;
    }

    internal static int? Owned(Kitchen kitchen, Pan pan)
    {
        var same = kitchen.Pans.Where(p => PanKey(p.Pan) == PanKey(pan)).ToList();
        return same.Count == 0 || same.Any(p => p.Room is null) ? null : same.Sum(p => p.Room);
    }

    private static double Wide(Pan pan)
    {
        var (wide, deep) = pan.Kind.Facts.IsTray ? OvenLoad.Footprint(pan) : (pan.Top.Value, (pan.Length ?? pan.Top).Value);
        return Math.Min(wide, deep);
    }

    /// <summary>What so many pies take up: several small ones stand where one of the widest does.</summary>
    public static int UnitsOf(Pan pan, int pies, IReadOnlyList<ColdRoom> rooms)
    {
        if (pies == 0)
            return 0;
        var widest = rooms.Count == 0 ? 300 : rooms.Max(r => r.Widest);
        var (wide, deep) = pan.Kind.Facts.IsTray ? OvenLoad.Footprint(pan) : (pan.Top.Value, (pan.Length ?? pan.Top).Value);
        var pans = pan.Kind.Facts.IsTray ? (pies + pan.Wells - 1) / pan.Wells : pies;

        // A place is as long as it is wide; what is longer takes two.
        var across = Math.Floor((widest + 10) / (wide + 10));
        var along = Math.Floor((widest + 10) / (deep + 10));
        return across >= 1 && along >= 1
            ? (int)Math.Ceiling(ColdRoom.Place * pans / (across * along))
            : ColdRoom.Place * 2 * pans;
    }

    private static BuiltDay Weave(
        List<Prepared> made, List<OrderTrouble> leftOut, DaySetting setting, List<Oven> ovens, List<ColdRoom> cold)
    {
        var kitchen = setting.Kitchen;
        var groups = Joins.Of(made, setting, out var joined);
        var works = WorksOf(made, groups, setting, out var at);
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
                Put(gaps, GapOf(gap, at[(b, gap.From)], at[(b, gap.To)], works, pan, gap.At is WaitsAt.Fridge ? fridges : freezers));
            endings.AddRange(chain.Endings.Select(e => EndingOf(e, b, at[(b, e.From)], pan, fridges)));
            batches.Add(new(
                order.Key, order.Name, order.Count, order.Due, [.. chain.Filled.Select(f => at[(b, f)])], Slot.Down(chain.Keeps.Most),
                chain.Topped is { } topped ? at[(b, topped)] : null, Math.Max(1, Slot.Down(chain.HoldsMost)), at[(b, chain.PansFrom)],
                PanKey(pan)));
        }

        var pans = made.Select(m => m.Pie.Composition.Pan).DistinctBy(PanKey).Select(p => (Pan: p, Owned: Owned(kitchen, p)))
            .Where(p => p.Owned is not null)
            .Select(p => new PansOwned(PanKey(p.Pan), p.Pan.Name, p.Owned!.Value)).ToList();
        var marks = Marks.Of(setting, made, works);
        var day = new Day
        {
            Shifts = setting.Shifts,
            Ovens = [.. kitchen.Ovens.Select(o => new DayOven(o.Id, o.Name, o.Shelves, Slot.Up(o.HotAfter)))],
            Cold = cold,
            Pans = pans,
            Heats = HeatsOf(made, at),
            HeatLimit = HeatLimitOf(kitchen),
            Burners = kitchen.Burners,
            Mixers = kitchen.Mixers,
            Processors = kitchen.Processors,
            Batches = batches,
            Works = works,
            Gaps = gaps,
            Endings = endings,
            End = setting.End,
            Now = setting.Now,
            Pinned = marks.Pinned,
            Done = marks.Done,
        };
        return new(day, made, leftOut, joined, setting) { Unfit = marks.Unfit };
    }

    /// <summary>The works that put hot pies into the fridge.</summary>
    private static List<DayHeat> HeatsOf(List<Prepared> made, Dictionary<(int Batch, int Work), int> at)
    {
        var heats = new List<DayHeat>();
        foreach (var (b, (_, pie, chain)) in made.Index())
        {
            if (pie.FridgeHeat is not { Count: > 0 } watts)
                continue;
            foreach (var (w, work) in chain.Works.Index().Where(x => x.Item.Steps.Any(s => chain.Steps[s].Kind is StepKind.Set)))
                heats.Add(new(at[(b, w)], [.. watts.Select(x => (int)Math.Round(x * work.Pies))]));
        }

        return heats;
    }

    private static int? HeatLimitOf(Kitchen kitchen)
    {
        var fridges = kitchen.Cold.Where(c => c is { Kind: ColdKind.Fridge, Cooler: not null, Places: > 0 }).ToList();
        return fridges.Count == 0
            ? null
            : Math.Max(0, (int)fridges.Sum(f => FridgeAir.TakesInAnHour(f.Cooler!.Value.Facts, f.Air, kitchen.Room.Value)));
    }

    /// <summary>All work of a day; what is done in one go is one.</summary>
    private static List<DayWork> WorksOf(
        List<Prepared> made, Dictionary<(JoinName Join, int Batch), int> groups, DaySetting setting,
        out Dictionary<(int Batch, int Work), int> at)
    {
        var heats = Heats(made.SelectMany(m => m.Chain.Works).Select(w => w.Baking).OfType<Baking>());
        var works = new List<DayWork>();
        at = [];
        var byGroup = new Dictionary<(JoinName Join, int Lead), int>();
        for (var b = 0; b < made.Count; b++)
        {
            var (order, pie, chain) = made[b];
            for (var w = 0; w < chain.Works.Count; w++)
            {
                var work = chain.Works[w];
                if (work.Join is { } join && groups.TryGetValue((join, b), out var lead))
                {
                    if (byGroup.TryGetValue((join, lead), out var index))
                    {
                        var known = works[index];
                        works[index] = known with
                        {
                            Sources = [.. known.Sources, new(b, w)],
                            Batches = [.. known.Batches, b],
                            Steps = [.. known.Steps, work.Steps],
                            Pies = known.Pies + work.Pies,
                        };
                    }
                    else
                    {
                        // It is known by its lead's work, whichever of them comes first.
                        byGroup[(join, lead)] = index = works.Count;
                        var leads = made[lead].Chain.Works.First(x => x.Join == join);
                        works.Add(
                            new(
                                new WorkKey(made[lead].Order.Key, leads.Id).ToString(), [new(b, w)], [b], work.Part, work.Label,
                                [work.Steps], 0, work.Tool, null, work.Pies, ""));
                    }

                    at[(b, w)] = index;

                    // One setting up for all, and the rest for each.
                    var all = works[index].Batches.Select(o => made[o].Chain.Works.First(x => x.Join == join)).ToList();
                    works[index] = works[index] with { Length = Slot.Up(all.Max(x => x.SetUp) + all.Sum(x => x.More)) };
                    continue;
                }

                at[(b, w)] = works.Count;
                works.Add(new(
                    new WorkKey(order.Key, work.Id).ToString(), [new(b, w)], [b], work.Part, work.Label, [work.Steps],
                    Slot.Up(work.Minutes), work.Tool,
                    work.Baking is { } baking
                        ? LoadOf(
                            baking, heats, pie.Composition.Pan, work.Pies, setting.Kitchen.Ovens,
                            LeftCold(setting, new WorkKey(order.Key, work.Id)))
                        : null,
                    work.Pies, work.Baking is null ? "" : $"{order.Key}.{work.Id.Step}"));
                if (work.Baking is not null)
                    works[^1] = works[^1] with { Length = works[^1].Load!.Touches[^1].After };
            }
        }

        return works;
    }

    /// <summary>What lies between two works, on the day's grid.</summary>
    private static DayGap GapOf(Gap gap, int from, int to, List<DayWork> works, Pan pan, List<ColdRoom> rooms)
    {
        var least = Slot.Up(gap.Wait.Least);
        var most = Math.Max(Slot.Down(gap.Wait.Most), Math.Max(least, gap.IsTie ? Math.Max(1, least) : least));
        if (gap.IsTie && works[from].Batches.Count > 1)
            most = Math.Max(most, Slot.Down(StepConstants.JoinedStands.Usual));
        var takes = gap.At is WaitsAt.Bench ? default : Units(gap.Holds, pan, rooms);
        return new(from, to, least, Math.Clamp(Slot.Up(gap.Wait.Best), least, most), most, gap.At, takes, gap.IsTie);
    }

    /// <summary>Puts a gap in; joined at both ends it is one wait, the strictest of them, and all of it in the cold.</summary>
    private static void Put(List<DayGap> gaps, DayGap next)
    {
        var same = gaps.FindIndex(g => g.From == next.From && g.To == next.To);
        if (same < 0)
        {
            gaps.Add(next);
            return;
        }

        var known = gaps[same];
        gaps[same] = known with
        {
            Least = Math.Max(known.Least, next.Least),
            Best = Math.Max(known.Best, next.Best),
            Most = Math.Max(Math.Max(known.Least, next.Least), Math.Min(known.Most, next.Most)),
            Takes = new(known.Takes.Units + next.Takes.Units, Math.Max(known.Takes.Width, next.Takes.Width)),
        };
    }

    private static DayEnding EndingOf(Ending ending, int batch, int from, Pan pan, List<ColdRoom> fridges)
    {
        var least = Slot.Up(ending.Wait.Least);
        var most = Math.Max(least, Slot.Down(ending.Wait.Most));
        return new(
            batch, from, least, Math.Clamp(Slot.Up(ending.Wait.Best), least, most), most, ending.At,
            ending.At is WaitsAt.Bench ? default : Units(new(ending.Pies, 0), pan, fridges));
    }

    private static Takes Units(Holds holds, Pan pan, List<ColdRoom> rooms) => rooms.Count == 0 ? default
        : new(
            UnitsOf(pan, holds.Pies, rooms) + (holds.Parcels * ColdRoom.Parcel),
            holds.Pies > 0 ? Math.Min(Wide(pan), rooms.Max(r => r.Widest)) : 0);

    /// <summary>The ovens that a load cannot go into: those that stay cold, but for the one that it is in already.</summary>
    private static HashSet<string> LeftCold(DaySetting setting, WorkKey key) =>
        [.. setting.Forbidden.Where(o => !setting.Done.TryGetValue(key.ToString(), out var done) || done.Oven != o)];

    private static Load LoadOf(
        Baking baking, Dictionary<Baking, int> heats, Pan pan, int pies, IReadOnlyList<Oven> ovens, HashSet<string> forbidden)
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
}
