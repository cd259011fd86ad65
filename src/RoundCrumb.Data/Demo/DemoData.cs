using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Demo;

/// <summary>
/// The made-up tea room at Marrowby Lock: pies, the house parts two of them are made of, a rack of pans, and three bakes to look at.
/// </summary>
public static class DemoData
{
    private const string Mark = "demo";

    /// <summary>
    /// The house's pies, a filling of every kind among them. The fifth and sixth are kept as they are to show advice at work.
    /// </summary>
    public static IReadOnlyList<(string Name, string Address)> Pies { get; } =
    [
        (
            "Malt custard cream pie",
            Whole(
                "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=malt-custard&make=below&top=icing&cream=12&"
                    + "ahead=14&topped=1")),
        (
            "Coffee cream pie on crumb",
            Whole("pan=plate-23&crust=plain-crumb&bake=baked&fill=coffee-custard&make=above&top=plain&cream=17&ahead=12&topped=1")),
        (
            "Bergamot tea cream tart",
            Whole("pan=tart-25&crust=plain-crumb&bake=baked&fill=bergamot-custard&make=above&top=plain&cream=6&ahead=10&topped=2")),
        (
            "Blackcurrant jelly cheese pie",
            Whole(
                "pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&make=exact&line=15&"
                    + "top=jelly-blackcurrant&cream=6&ahead=20&topped=10")),
        (
            "Lemon cheese tart for the village hall",
            Whole("pan=tart-25&crust=plain-crumb&bake=chilled&fill=lemon-cheese&make=2&top=none&ahead=16&topped=0")),
        (
            "Late-shift coffee pie",
            Whole(
                "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=none&fill=coffee-custard&make=exact&top=plain&cream=12&"
                    + "ahead=22&topped=2")),
        (
            "Pear and cardamom tart",
            Whole(
                "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=pear-cardamom-light&make=below&top=none&"
                    + "ahead=12&topped=0")),
        (
            "Rhubarb buttermilk custard pie",
            Whole(
                "pan=plate-23&crust=short&bake=steady&edge=crimped&seal=white&fill=rhubarb-buttermilk&make=exact&top=none&ahead=10&"
                    + "topped=0")),
        (
            "Grapefruit meringue pie",
            Whole(
                "pan=tart-20&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=grapefruit-curd&make=exact&"
                    + "top=meringue-swiss&cream=16&ahead=8&topped=0")),
        (
            "Blood-orange tart",
            Whole(
                "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=blood-orange-baked&make=below&top=none&"
                    + "ahead=8&topped=0")),
        (
            "Lime pie on ginger crumb",
            Whole("pan=plate-20&crust=ginger-crumb&bake=baked&fill=lime-condensed&make=exact&top=plain&cream=12&ahead=10&topped=1")),
        (
            "Ginger and lime cheese pie",
            Whole("pan=springform-18&crust=oat-crumb&bake=chilled&fill=ginger-lime-cheese&make=exact&line=26&top=none&ahead=16&topped=0")),
        (
            "Raspberry yoghurt pie",
            Whole("pan=plate-23&crust=wafer-crumb&bake=baked&fill=raspberry-chiffon&make=exact&top=none&ahead=10&topped=0")),
        (
            "Sesame ganache tart",
            Whole("pan=tart-23&crust=sandy&bake=steady&edge=trimmed&fill=sesame-chocolate&make=exact&top=none&ahead=10&topped=0")),
        (
            "Plum almond tart",
            Whole("pan=tart-25&crust=sweet-short&bake=steady&edge=trimmed&seal=jam&fill=plum-almond&make=exact&top=none&ahead=6&topped=0")),
        (
            "Nutmeg curd pie",
            Whole("pan=plate-20&crust=short&bake=steady&edge=crimped&seal=white&fill=nutmeg-curd&make=exact&top=none&ahead=10&topped=0")),
        (
            "Walnut and treacle tart",
            Whole("pan=tart-23&crust=short&bake=steady&edge=trimmed&fill=walnut-treacle&make=exact&top=none&ahead=10&topped=0")),
        (
            "Gooseberry crumble pie",
            Whole(
                "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=gooseberry&make=exact&line=8&top=crumble&"
                    + "cream=20&ahead=8&topped=0")),
        (
            "Salt caramel cream pie",
            Whole(
                "pan=plate-20&crust=pretzel-crumb&bake=baked&bind=honey&fill=salt-caramel&make=exact&top=icing&cream=12&ahead=8&topped=2")),
        (
            "Banana and caramel cheese pie",
            Whole(
                "pan=springform-20&crust=plain-crumb&bake=chilled&under1=salt-caramel&under1-high=7&under2=banana-slices&"
                    + "under2-high=8&fill=honey-cheese&make=exact&line=22&top=gelatine&cream=12&on1=toasted-coconut&ahead=12&topped=4")),
        (
            "Strawberry ring tart",
            Whole(
                "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=malt-custard&make=exact&line=8&"
                    + "top=laid-strawberry-halves&on1=glaze-apricot&ahead=10&topped=1")),
        (
            "Lemon tart with a piped border",
            Whole(
                "pan=tart-25&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=sharp-lemon&make=exact&top=mascarpone-cream&"
                    + "top-laid=shells&top-nozzle=11&ahead=10&topped=2")),
    ];

    /// <summary>The rack of the tea room, four kinds on it of its own.</summary>
    private static IReadOnlyList<(string Pan, int Owned)> Rack { get; } =
    [
        ("pan=plate-20", 2), ("pan=plate-23", 5), ("pan=deep-plate-24", 1), ("pan=plate-28", 1), ("pan=tart-20", 2), ("pan=tart-23", 3),
        ("pan=tart-25", 2), ("pan=tartlet-8", 48),
        ("pan=tartlet-10", 12), ("pan=oblong-35", 2), ("pan=springform-18", 1), ("pan=springform-20", 2), ("pan=springform-23", 1),
        ("pan=tray-28", 2), ("pan=ramekin-9", 8), ("pan=wells-12", 2),
        ("pan=square-20", 1), ("pan=pot-120", 24),
        (
            CompositionAddress.WritePan(
                new(PanCupboard.OwnId, "10 cm ring, steel", PanKind.Ring, PanMaterial.BrightAluminium, new(100), new(100), new(30))),
            8),
        (
            CompositionAddress.WritePan(
                new(PanCupboard.OwnId, "20 cm perforated ring", PanKind.Ring, PanMaterial.PerforatedSteel, new(200), new(200), new(22))),
            3),
        (
            CompositionAddress.WritePan(
                new(
                    PanCupboard.OwnId, "Lockkeeper’s blue dish", PanKind.PiePlate, PanMaterial.Ceramic, new(255), new(200), new(36))
                    { Water = new(1490) }),
            1),
        (
            CompositionAddress.WritePan(
                new(PanCupboard.OwnId, "Old enamel plate", PanKind.PiePlate, PanMaterial.BrightAluminium, new(240), new(190), new(28))),
            2),
    ];

    /// <summary>Loads the demo once, and only into a file in which nobody has kept anything.</summary>
    /// <returns>True when it was loaded now.</returns>
    /// <param name="context">The file.</param>
    /// <param name="clock">The clock.</param>
    /// <param name="read">Reads recipe lines.</param>
    /// <param name="cancel">Cancels it.</param>
    public static async Task<bool> LoadAsync(
        RoundCrumbContext context, TimeProvider clock, Func<string, IReadOnlyList<RecipeLine>> read, CancellationToken cancel = default)
    {
        if (await context.Marks.AnyAsync(m => m.Name == Mark, cancel) || await context.Pies.AnyAsync(cancel)
                || await context.Bakes.AnyAsync(cancel) || await context.Parts.AnyAsync(cancel))
            return false;

        // All of it or nothing: half a tea room would never be made whole.
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        var now = clock.GetUtcNow();
        context.Marks.Add(new DataMark { Name = Mark, At = now });
        for (var i = 0; i < Pies.Count; i++)
            context.Pies.Add(new SavedPie { Name = Pies[i].Name, Address = Pies[i].Address, SavedAt = now.AddHours(-2 * i - 1) });

        context.Bakes.AddRange(FirstBakes(now));
        PutIn(context);
        DemoStock.PutIn(context, now, DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, clock.LocalTimeZone).DateTime));
        foreach (var part in DemoParts.All)
            context.Parts.Add(DemoParts.Make(part, now, read));
        await context.SaveChangesAsync(cancel);

        var pies = await context.Pies.ToListAsync(cancel);
        context.Bakes.AddRange(
            DemoLogs.All(now, clock.LocalTimeZone, pies.ToDictionary(p => p.Name, p => p.Address, StringComparer.Ordinal)));
        var weekend = Saturday(now, clock.LocalTimeZone, pies);
        context.BakeDays.AddRange(weekend, Wednesday(weekend.From.AddDays(2), now, pies));

        // Pies of the house's own parts, by the numbers these have been given.
        var numbers = await context.Parts.ToDictionaryAsync(p => p.Name, p => p.Id, cancel);
        var more = 0;
        foreach (var (name, tags, address) in DemoParts.Pies)
        {
            var own = DemoParts.All.Aggregate(
                address, (a, part) => a.Replace($"{{{part.Name}}}", OwnPartId.Of(numbers[part.Name], 1), StringComparison.Ordinal));
            context.Pies.Add(new SavedPie { Name = name, Address = own, Tags = tags, SavedAt = now.AddHours(-20 - more++) });
        }

        await context.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        return true;
    }

    /// <summary>The bakes of the last days: two written down, one begun.</summary>
    private static IEnumerable<Bake> FirstBakes(DateTimeOffset now)
    {
        yield return Made(0, 2, now.AddDays(-1), new BakeEntry
        {
            OvenSet = new OvenCelsius(210),
            OvenRead = new OvenCelsius(221),
            StageMinutes = new Dictionary<StageKind, double>
            {
                [StageKind.Weighted] = 17,
                [StageKind.Open] = 9,
                [StageKind.Seal] = 6,
                [StageKind.Cool] = 50,
            },
            FromPot = new Grams(1400),
            LeftOver = new Grams(0),
            Base = BaseVerdict.Crisp,
            Set = SetVerdict.Clean,
            Top = TopVerdict.Held,
            Notes =
                "Rim ran ahead: shield it from the start next time. Twelve slices sold by two, the last four after the narrowboat party.",
        });
        yield return Made(3, 1, now.AddDays(-3), new BakeEntry
        {
            StageMinutes = new Dictionary<StageKind, double> { [StageKind.Chill] = 60 },
            FromPot = new Grams(1180),
            LeftOver = new Grams(40),
            Base = BaseVerdict.Firm,
            Set = SetVerdict.Firm,
            Top = TopVerdict.Held,
            Notes = "Purée was thick this time.",
        });
        var open = Made(1, 3, now.AddHours(-1), null);
        open.Ticks.AddRange(
            [
                new BakeTick { Key = "crust.biscuit-crumbs" }, new BakeTick { Key = "crust.caster-sugar" },
                new BakeTick { Key = "crust.butter" }
            ]);
        yield return open;
    }

    /// <summary>The tea room's pans, ovens, fridge, bakers and the room itself.</summary>
    private static void PutIn(RoundCrumbContext context)
    {
        foreach (var (pan, owned) in Rack)
            context.KitchenPans.Add(new KitchenPan { Address = pan, Owned = owned });
        context.KitchenOvens.AddRange(
            new KitchenOven { Name = "Big oven", Width = 600, Depth = 400, Shelves = 3, RunsHot = 12, Place = 1 },
            new KitchenOven { Name = "Small fan oven", Width = 435, Depth = 350, Shelves = 2, Fan = true, RunsHot = -5, Place = 2 });
        context.KitchenColds.AddRange(
            new KitchenCold
            {
                Name = "Tall fridge",
                Kind = ColdKind.Fridge,
                Places = 8,
                Widest = 300,
                Cooler = Cooler.FanFridge,
                Reads = 4,
            },
            new KitchenCold { Name = "Chest freezer", Kind = ColdKind.Freezer, Places = 5, Widest = 360 });
        context.KitchenRooms.Add(new KitchenRoom { Celsius = 22, Burners = 4, Mixers = 1, Processors = 1 });
        context.KitchenBakers.AddRange(
            new KitchenBaker { Name = "Early baker", Week = "06:00–14:00;;06:00–14:00;06:00–14:00;06:00–14:00;05:30–13:30;" },
            new KitchenBaker { Name = "Late baker", Week = ";10:00–17:00;10:00–17:00;10:00–17:00;10:00–18:00;07:00–15:00;" });
    }

    /// <summary>Thursday to Saturday: the Saturday counter, forty tartlets for a christening, and the village hall's tea.</summary>
    private static BakeDay Saturday(DateTimeOffset now, TimeZoneInfo zone, IReadOnlyList<SavedPie> pies)
    {
        var today = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime);
        var thursday = today.AddDays(1);
        while (thursday.DayOfWeek is not DayOfWeek.Thursday)
            thursday = thursday.AddDays(1);
        var saturday = thursday.AddDays(2);
        var day = new BakeDay { Name = "Saturday: counter, christening, village hall", From = thursday, Days = 3, SavedAt = now };
        void Take(string name, int count, int hour, int minute, string notes, bool served = false) => day.Orders.Add(new DayOrder
        {
            PieId = pies.First(p => p.Name == name).Id,
            Name = name,
            Address = pies.First(p => p.Name == name).Address,
            Count = count,
            Due = saturday.ToDateTime(new TimeOnly(hour, minute)),
            Notes = notes,
            Served = served,
        });
        Take("Malt custard cream pie", 2, 9, 30, "Counter");
        Take("Plum almond tart", 2, 9, 30, "Counter");
        Take("Coffee cream pie on crumb", 1, 10, 30, "Reading circle, by the window", served: true);
        day.Orders.Add(
            new DayOrder
            {
                Name = "Lemon curd tartlets",
                Address = Tartlets,
                Count = 40,
                Due = saturday.ToDateTime(new TimeOnly(11, 0)),
                Notes = "Christening: fetched in four boxes of ten",
            });
        Take("Lemon cheese tart for the village hall", 2, 15, 0, "Village-hall tea");
        Take("Gooseberry crumble pie", 2, 15, 0, "Village-hall tea, served cool");
        return day;
    }

    /// <summary>The Wednesday after: more than one day holds, kept to show what a plan says then.</summary>
    private static BakeDay Wednesday(DateOnly saturday, DateTimeOffset now, IReadOnlyList<SavedPie> pies)
    {
        var day = new BakeDay
        {
            Name = "Wednesday market, at short notice",
            From = saturday.AddDays(4),
            Days = 1,
            SavedAt = now.AddMinutes(-5),
        };
        foreach (
            var (name, count, hour, notes) in new[]
            {
                ("Malt custard cream pie", 2, 12, "Market stall"),
                ("Raspberry yoghurt pie", 2, 11, "Market stall"),
                ("Blood-orange tart", 2, 13, "The bookshop")
            })
        {
            var pie = pies.First(p => p.Name == name);
            day.Orders.Add(
                new DayOrder
                {
                    PieId = pie.Id,
                    Name = name,
                    Address = pie.Address,
                    Count = count,
                    Due = day.From.ToDateTime(new TimeOnly(hour, 0)),
                    Notes = notes,
                });
        }

        return day;
    }

    private static readonly string Tartlets = Whole(
        "pan=tartlet-8&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=sharp-lemon&make=exact&top=none&ahead=6&topped=0");

    private static Bake Made(int pie, int count, DateTimeOffset at, BakeEntry? entry) => new()
    {
        PieName = Pies[pie].Name,
        Address = CompositionAddress.WithLearned(Pies[pie].Address, 0),
        Pies = count,
        MadeAt = at,
        Log = entry is null ? null : BakeBook.LogOf(entry, new BakeLog(), at.AddHours(20)),
    };

    private static string Whole(string address) => CompositionAddress.Write(CompositionAddress.Read(address).Composition);
}
