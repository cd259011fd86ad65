using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Kitchens;

public class OvenTests
{
    private static readonly Oven Big = new("oven-1", "Big oven", new(600), new(400), 3, false, 12);
    private static readonly Oven Fan = new("oven-2", "Small fan oven", new(435), new(350), 2, true, -5);

    [Theory]

    // A 23 cm plate is 229 + 30 of rim = 259: 2 × 259 + 20 = 538 in 600, 1 in 400. A 23 cm tin is 238: 2 × 238 + 20 = 496.
    [InlineData("plate-23", 2)]
    [InlineData("tart-23", 2)]

    // 8 cm tartlets are 88, 20 apart: 5 across (520), and 4 rows staggered at 93.5 (88 + 3 × 93.5 = 368.6): 5 + 5 + 5 + 5,
    // since the second row starts half a pitch in and 54 + 5 × 108 − 20 = 574 still goes.
    [InlineData("tartlet-8", 20)]

    // 35 × 11 cm is 358 × 118: lying along the shelf 1 across and 3 deep (394); across it 4 (4 × 118 + 60 = 532) by 1. Four.
    [InlineData("oblong-35", 4)]

    // A tray of 12 wells is 4 × 82 + 12 = 340 by 3 × 82 + 12 = 258: one along, or 258 across: 2 × 258 + 20 = 536 by 340. Two trays.
    [InlineData("wells-12", 24)]
    public void What_stands_on_one_shelf_by_hand(string pan, int count) => Big.OnOneShelf(PanCupboard.Find(pan)!).ShouldBe(count);

    [Theory]
    [InlineData(1, 1, 1)]
    [InlineData(2, 1, 1)]
    [InlineData(3, 2, 1)]
    [InlineData(6, 3, 1)]
    [InlineData(7, 3, 2)]
    [InlineData(13, 3, 3)]
    public void Loads_fill_shelf_after_shelf(int pans, int shelves, int loads)
    {
        var load = OvenLoad.For(Big, PanCupboard.Plate23, pans);
        (load.PerShelf, load.ShelvesUsed, load.Loads).ShouldBe((2, shelves, loads));
    }

    [Fact]
    public void A_pan_larger_than_the_shelf_makes_no_load() =>
        OvenLoad.For(Pies.Small, PanCupboard.TartTin25, 3).ShouldBe(new OvenLoad(Pies.Small, 0, 0, 0));

    [Fact]
    public void The_dial_reckons_fan_and_error_in()
    {
        var heat = new Worked<OvenCelsius>("oven", "Oven", new(180), "given");

        // 12 °C hot: set 168, said 170. Fan −20 and 5 cold: 180 − 20 + 5 = 165.
        Big.DialFor(heat).Value.Value.ShouldBe(168);
        Fan.DialFor(heat).Value.Value.ShouldBe(165);
        Oven.Plain.DialFor(heat).Value.Value.ShouldBe(180);
        new QuantityFormatter(UnitChoice.Usual).Say(Big.DialFor(heat).Amount).ShouldBe("170 °C");

        // A dial is never moved by the baker's own fan figure, only said in °F or gas.
        new QuantityFormatter(UnitChoice.Usual with { Oven = OvenUnit.Fan }).Say(Fan.DialFor(heat).Amount).ShouldBe("165 °C");
        new QuantityFormatter(UnitChoice.Usual with { Oven = OvenUnit.Fahrenheit }).Say(Fan.DialFor(heat).Amount).ShouldBe("330 °F");
        new QuantityFormatter(UnitChoice.Usual with { Oven = OvenUnit.Gas }).Say(Fan.DialFor(heat).Amount).ShouldBe("gas 3");
    }

    [Fact]
    public void What_nobody_has_said_of_a_kitchen_is_as_usual()
    {
        var kitchen = Kitchen.Of([], [], [], new(28));
        kitchen.Oven.ShouldBe(Oven.Plain);
        kitchen.Pans.Count.ShouldBe(PanCupboard.All.Count);
        kitchen.Room.IsWarm.ShouldBeTrue();
        new RoomCelsius(24).IsWarm.ShouldBeFalse();
    }
}
