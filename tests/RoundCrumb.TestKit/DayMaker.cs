using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.TestKit;

/// <summary>
/// Days as a pie counter has them, the same for the same seed: an afternoon before and the day itself, two bakers, two ovens, orders due
/// through the day.
/// </summary>
public static class DayMaker
{
    private const int Hour = 60 / Slot.Minutes;

    private static readonly string[] Pies =
    [
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=malt-custard&make=below&top=icing&cream=12&ahead=14&"
            + "topped=1",
        "pan=plate-23&crust=plain-crumb&bake=baked&fill=coffee-custard&make=above&top=plain&cream=17&ahead=12&topped=1",
        "pan=tart-25&crust=plain-crumb&bake=baked&fill=bergamot-custard&make=above&top=plain&cream=6&ahead=10&topped=2",
        "pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&make=exact&line=15&top=jelly-blackcurrant&"
            + "cream=6&ahead=20&topped=10",
        "pan=tart-25&crust=plain-crumb&bake=chilled&fill=lemon-cheese&make=2&top=none&ahead=16&topped=0",
        "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=pear-cardamom-light&make=below&top=none&ahead=12&topped=0",
        "pan=plate-23&crust=short&bake=steady&edge=crimped&seal=white&fill=rhubarb-buttermilk&make=exact&top=none&ahead=10&topped=0",
        "pan=tart-20&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=grapefruit-curd&make=exact&top=meringue-swiss&"
            + "cream=16&ahead=8&topped=0",
        "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=blood-orange-baked&make=below&top=none&ahead=8&topped=0",
        "pan=plate-20&crust=ginger-crumb&bake=baked&fill=lime-condensed&make=exact&top=plain&cream=12&ahead=10&topped=1",
        "pan=plate-23&crust=wafer-crumb&bake=baked&fill=raspberry-chiffon&make=exact&top=none&ahead=10&topped=0",
        "pan=tart-23&crust=sandy&bake=steady&edge=trimmed&fill=sesame-chocolate&make=exact&top=none&ahead=10&topped=0",
        "pan=tart-25&crust=sweet-short&bake=steady&edge=trimmed&seal=jam&fill=plum-almond&make=exact&top=none&ahead=6&topped=0",
        "pan=tart-23&crust=short&bake=steady&edge=trimmed&fill=walnut-treacle&make=exact&top=none&ahead=10&topped=0",
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=gooseberry&make=exact&line=8&top=crumble&cream=20&"
            + "ahead=8&topped=0",
        "pan=tartlet-8&crust=sweet-short&bake=steady&edge=trimmed&seal=white&fill=sharp-lemon&make=exact&top=none&ahead=10&topped=0",
    ];

    /// <summary>
    /// A kitchen that fits so many batches: more of them want more cold places and, from twelve on, a third pair of hands.
    /// </summary>
    public static Kitchen KitchenFor(int batches) => Kitchen.Of(
        [],
        [
            new("big", "Big oven", new(600), new(400), 3, false, 12),
            new("small", "Small fan oven", new(435), new(350), 2, true, -5),
            .. batches > 24 ? [new Oven("deck", "Deck oven", new(900), new(600), 2, false, 0)] : Array.Empty<Oven>(),
        ],
        [
            new("fridge", "Fridge", ColdKind.Fridge, Math.Max(8, batches * 5 / 2), new(300)),
            new("freezer", "Freezer", ColdKind.Freezer, Math.Max(4, batches / 2), new(360))
        ],
        RoomCelsius.Usual) with
    { Burners = 4, Mixers = batches > 12 ? 2 : 1, Processors = 1 };

    /// <summary>A day.</summary>
    /// <param name="seed">Where chance begins.</param>
    /// <param name="batches">How many orders, 1 or more.</param>
    /// <param name="joined">False to do each order by itself.</param>
    /// <param name="served">True to have every other order cut and plated here.</param>
    /// <param name="cooler">How the fridge cools; none where nobody has said.</param>
    public static BuiltDay Make(int seed, int batches, bool joined = true, bool served = false, Cooler? cooler = null)
    {
        var random = new Random((seed * 7919) + batches);
        var bakers = batches <= 12 ? 2 : batches <= 24 ? 3 : 5;
        var shifts = new List<Shift>();
        for (var b = 0; b < bakers; b++)
        {
            var baker = $"baker-{b + 1}";
            shifts.Add(new(baker, (12 + (b % 2)) * Hour, (18 + (b % 2)) * Hour));
            shifts.Add(new(baker, (24 + 5 + (b % 3)) * Hour, (24 + 14 + (b % 3)) * Hour));
        }

        var orders = new List<Order>();
        for (var i = 0; i < batches; i++)
        {
            var address = Pies[random.Next(Pies.Length)];
            var pie = CompositionAddress.Read(address).Composition;
            var count = pie.Pan.IsSmall ? 6 * random.Next(1, 5) : random.Next(1, 4);
            orders.Add(
                new(
                    $"o{i}", $"Pie {i}", pie, count, (24 + 9) * Hour + (random.Next(0, 15) * Hour / 2),
                    random.Next(6) == 0 ? Stock.FrozenShells : Stock.Scratch, served && i % 2 == 0));
        }

        var kitchen = KitchenFor(batches);
        kitchen = kitchen with
        {
            Cold = [.. kitchen.Cold.Select(c => c.Kind is ColdKind.Fridge ? c with { Cooler = cooler } : c)],
        };
        var setting = new DaySetting { Kitchen = kitchen, Shifts = shifts, End = 48 * Hour, Now = 12 * Hour };
        var built = DayBuilder.Build(orders, setting);
        return joined ? built : DayBuilder.Build(orders, setting with { Apart = built.Joined.Select(j => j.Name).ToHashSet() });
    }
}
