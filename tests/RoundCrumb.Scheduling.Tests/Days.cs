using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>Small days to try things on.</summary>
internal static class Days
{
    public const int Hour = 60 / Slot.Minutes;

    public const string Malt =
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=malt-custard&make=below&top=icing&cream=12&ahead=14&"
            + "topped=1";
    public const string Coffee =
        "pan=plate-23&crust=plain-crumb&bake=baked&fill=coffee-custard&make=above&top=plain&cream=17&ahead=12&topped=1";
    public const string Gooseberry =
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=white&fill=gooseberry&make=exact&line=8&top=crumble&cream=20&"
            + "ahead=8&topped=0";
    public const string Walnut =
        "pan=tart-23&crust=short&bake=steady&edge=trimmed&fill=walnut-treacle&make=exact&top=none&ahead=10&topped=0";
    public const string PlumAlmond =
        "pan=tart-25&crust=sweet-short&bake=steady&edge=trimmed&seal=jam&fill=plum-almond&make=exact&top=none&ahead=6&topped=0";
    public const string LemonCheese = "pan=tart-25&crust=plain-crumb&bake=chilled&fill=lemon-cheese&make=2&top=none&ahead=16&topped=0";

    public static readonly SolveOptions Repeatable = new() { Deterministic = true, Workers = 1, Seconds = 4 };

    /// <summary>Slots of a time on a day.</summary>
    public static int At(int day, double hour) => (day * 24 * Hour) + (int)Math.Round(hour * Hour);

    public static Order Order(
        string key, string address, int count, int due, Core.Steps.Stock stock = Core.Steps.Stock.Scratch, bool served = false) =>
        new(key, key, CompositionAddress.Read(address).Composition, count, due, stock, served);

    public static Kitchen Kitchen(int fridge = 8, int plates = 6) => Core.Kitchens.Kitchen.Of(
        [.. PanCupboard.All.Select(p => new PanPlace(p, p.Id == "plate-23" ? plates : null))],
        [new("big", "Big oven", new(600), new(400), 3, false, 0), new("small", "Small oven", new(435), new(350), 2, false, 0)],
        [new("fridge", "Fridge", ColdKind.Fridge, fridge, new(300)), new("freezer", "Freezer", ColdKind.Freezer, 4, new(360))],
        RoomCelsius.Usual);

    /// <summary>A Friday and a Saturday, one baker 6–14, another 10–18.</summary>
    public static DaySetting Setting(Kitchen? kitchen = null, int days = 2) => new()
    {
        Kitchen = kitchen ?? Kitchen(),
        Shifts = [
            .. Enumerable.Range(0, days).SelectMany(
                d => new[] { new Shift("baker-1", At(d, 6), At(d, 14)), new Shift("baker-2", At(d, 10), At(d, 18)) })
        ],
        End = At(days, 0),
    };

    public static (BuiltDay Built, Solution Solution) Solve(DaySetting setting, params Order[] orders)
    {
        var built = DayBuilder.Build(orders, setting);
        return (built, DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken));
    }
}
