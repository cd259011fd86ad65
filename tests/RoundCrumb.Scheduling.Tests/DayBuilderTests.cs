using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Scheduling.Model;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

public class DayBuilderTests
{
    [Fact]
    public void One_dough_does_for_two_pies_and_saves_a_setting_up()
    {
        // Dough for one custard pie: 10 + 2 to mix, 1 + 1 to wrap. For two pies of two orders in one go: 11 + 2 × 3 = 17,
        // four slots; apart it is 14 and 14, three slots each.
        var orders = new[] { Order("a", Malt, 1, At(1, 12)), Order("b", Gooseberry, 1, At(1, 15)) };
        var together = DayBuilder.Build(orders, Setting());
        together.Joined.Single(j => j.Label == "Make dough")
            .ShouldSatisfyAllConditions(j => j.Orders.ShouldBe(["a", "b"]), j => j.Saves.ShouldBe(11));
        together.Day.Works.Single(w => w.Label == "Make dough")
            .ShouldSatisfyAllConditions(w => w.Length.ShouldBe(4), w => w.Batches.ShouldBe([0, 1]));

        var apart = DayBuilder.Build(orders, Setting() with { Apart = together.Joined.Select(j => j.Name).ToHashSet() });
        apart.Day.Works.Count(w => w.Label == "Make dough").ShouldBe(2);
        apart.Day.Works.Where(w => w.Label == "Make dough").ShouldAllBe(w => w.Length == 3);
        apart.Joined.ShouldAllBe(j => j.Apart);

        // Days apart one dough would be too old.
        DayBuilder.Build([orders[0], Order("b", Gooseberry, 1, At(3, 15))], Setting(days: 4)).Joined.ShouldBeEmpty();
    }

    [Fact]
    public void Loads_whose_heats_meet_bake_at_one()
    {
        // Almond paste 170–180 and nuts in syrup 175–180 share a heat; shells at 220 want one of their own.
        var built = DayBuilder.Build(
            [Order("a", PlumAlmond, 1, At(1, 12)), Order("b", Walnut, 1, At(1, 12)), Order("c", Malt, 1, At(1, 12))], Setting());
        int HeatOf(string order, string label) =>
            built.Day.Works.First(
                w => w.Load is not null && w.Label == label && w.Key.StartsWith(order + ".", StringComparison.Ordinal)).Load!.Heat;
        HeatOf("a", "Bake filled").ShouldBe(HeatOf("b", "Bake filled"));
        HeatOf("a", "Bake filled").ShouldBeInRange(175, 180);
        HeatOf("c", "Bake shells").ShouldBeGreaterThan(HeatOf("a", "Bake shells"));
    }

    [Fact]
    public void A_load_takes_the_shelves_that_its_pans_need_in_each_oven()
    {
        // Four 23 cm plates: in 60 × 40 two stand on a shelf, in 43.5 × 35 one.
        var big = new Oven("big", "", new(600), new(400), 3, false, 0);
        big.OnOneShelf(PanCupboard.Plate23).ShouldBe(2);
        var load = DayBuilder.Build([Order("a", Malt, 4, At(1, 12))], Setting()).Day.Works.First(w => w.Load is not null).Load!;
        load.Shelves.ShouldBe([2, 0]);
    }

    [Fact]
    public void Small_pies_share_a_place_in_the_cold()
    {
        // 80 mm and a gap into 300 mm: three by three to a place.
        var rooms = new List<ColdRoom> { new(ColdKind.Fridge, 300, 8 * ColdRoom.Place) };
        var tartlet = PanCupboard.All.First(p => p.Id == "tartlet-8");
        DayBuilder.UnitsOf(tartlet, 9, rooms).ShouldBe(ColdRoom.Place);
        DayBuilder.UnitsOf(tartlet, 40, rooms).ShouldBe(160);
        DayBuilder.UnitsOf(PanCupboard.Plate23, 3, rooms).ShouldBe(3 * ColdRoom.Place);
    }

    public static TheoryData<string, TroubleKind, int> Impossible => new()
    {
        { "past", TroubleKind.Past, 0 },
        { "no hours", TroubleKind.NoHours, 0 },
        { "no oven", TroubleKind.NoOven, 0 },
        { "no room", TroubleKind.NoRoom, 8 },
        { "no pans", TroubleKind.NoPans, 6 },
    };

    [Theory]
    [MemberData(nameof(Impossible))]
    public void What_no_arranging_can_mend_is_said_before_anything_is_arranged(string what, TroubleKind kind, int fits)
    {
        var order = what switch
        {
            "past" => Order("a", Malt, 1, At(0, 5)),
            "no room" => Order("a", LemonCheese, 100, At(1, 12)),
            "no pans" => Order("a", Malt, 7, At(1, 12)),
            _ => Order("a", Malt, 1, At(1, 12)),
        };
        var setting = what switch
        {
            "past" => Setting() with { Now = At(0, 6) },
            "no hours" => Setting() with { Shifts = [] },
            "no oven" => Setting() with { Forbidden = new HashSet<string> { "big", "small" } },
            _ => Setting(),
        };
        var built = DayBuilder.Build([order, Order("fine", LemonCheese, 1, At(1, 12))], setting);
        var trouble = built.LeftOut.Single(t => t.Order.Key == "a");
        trouble.Kind.ShouldBe(kind);
        trouble.Fits.ShouldBe(fits);
        trouble.Why.ShouldNotBeNullOrWhiteSpace();

        // The others are made all the same.
        if (kind is not TroubleKind.NoHours)
            built.Made.Single().Order.Key.ShouldBe("fine");
    }
}
