using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>Filled shells in the oven: practice's minutes, the rack's share, and what makes a bake longer.</summary>
public class PieBakingTests
{
    /// <summary>A custard of milk, cream and egg.</summary>
    private static readonly Matter Custard = Matter.Of(new(0.68, 0.14, 0.05, 0.12, 0.01));

    private static readonly HeatStage Rack = new(60, 20, Coolers.Rack, 0.1);

    private static BakingCurve Bake(
        double mm, double start, double heat, double doneAt = 78, PanMaterial pan = PanMaterial.Glass, bool fan = false,
        double radius = 110)
    {
        var wall = pan.Wall;
        var transfer = OvenHeat.Transfer(fan);
        if (wall.Bright)
            transfer = transfer with { Below = transfer.Below * Walls.BrightShare, Aside = transfer.Aside * Walls.BrightShare };
        return BakingCurve.Follow(
            [new(wall.Matter, wall.Thickness, 20), new(Walls.BakedCrust, 3, 20), new(Custard, mm, start, IsFilling: true)],
            new(radius, wall.Resistance + (0.003 / 0.15)), new(300, heat, transfer, OvenHeat.Bare), Rack, doneAt);
    }

    /// <summary>Minutes in the oven alone until the middle is that warm.</summary>
    private static double InTheOven(double mm, double start, double heat, bool fan = false)
    {
        var wall = PanMaterial.Glass.Wall;
        var run = new HeatRun(
            [new(wall.Matter, wall.Thickness, 20), new(Walls.BakedCrust, 3, 20), new(Custard, mm, start, IsFilling: true)],
            new(110, wall.Resistance + (0.003 / 0.15)));
        var oven = new HeatStage(300, heat, OvenHeat.Transfer(fan), OvenHeat.Bare);
        while (run.Now(heat).Coldest < 78)
            run.Step(0.25, heat, oven, run.Minutes == 0);
        return run.Minutes;
    }

    /// <summary>Minutes of practice and of a reference in 23 cm glass, without a fan: a custard to 78 °C in its middle.</summary>
    [Theory]
    [InlineData(20, 20, 31, 28, 25)]
    [InlineData(25, 20, 40, 35, 32)]
    [InlineData(35, 20, 59, 53, 48)]
    [InlineData(20, 60, 18, 16, 14)]
    [InlineData(25, 60, 22, 20, 18)]
    [InlineData(35, 60, 32, 29, 26)]
    public void A_custard_takes_the_minutes_of_the_reference(double mm, double start, double at160, double at175, double at190)
    {
        foreach (var (heat, minutes) in new[] { (160, at160), (175, at175), (190, at190) })
        {
            InTheOven(mm, start, heat).ShouldBe(minutes, minutes * 0.1, $"{mm} mm from {start} °C at {heat} °C");
            (InTheOven(mm, start, heat, fan: true) / InTheOven(mm, start, heat)).ShouldBeInRange(0.86, 0.91);
        }
    }

    [Theory]
    [InlineData(20, 20)]
    [InlineData(25, 50)]
    [InlineData(35, 20)]
    public void It_is_taken_out_some_degrees_before_it_is_done_and_the_rack_brings_the_rest(double mm, double start)
    {
        var bake = Bake(mm, start, 160);
        bake.OutAt!.Value.ShouldBeLessThan(InTheOven(mm, start, 160));
        bake.DoneAt.ShouldBeInRange(78, 80);
        (bake.DoneAt - bake.MiddleOut).ShouldBeInRange(2, 8);
        bake.Points.Max(p => p.Coldest).ShouldBe(bake.DoneAt);
    }

    [Property(MaxTest = 40)]
    public void Deeper_takes_longer_and_hotter_or_warmer_does_not(PositiveInt depth, PositiveInt heat, PositiveInt start)
    {
        var (mm, oven, from) = (12 + (depth.Get % 30), 150 + (heat.Get % 50), 10 + (start.Get % 50));
        var bake = Bake(mm, from, oven).OutAt!.Value;
        Bake(mm + 4, from, oven).OutAt!.Value.ShouldBeGreaterThan(bake);
        Bake(mm, from, oven + 10).OutAt!.Value.ShouldBeLessThanOrEqualTo(bake);
        Bake(mm, from + 10, oven).OutAt!.Value.ShouldBeLessThanOrEqualTo(bake);
        Bake(mm, from, oven, fan: true).OutAt!.Value.ShouldBeLessThanOrEqualTo(bake);
        Bake(mm, from, oven, radius: 40).OutAt!.Value.ShouldBeLessThanOrEqualTo(bake);
    }

    [Fact]
    public void An_oven_that_is_colder_than_done_never_bakes_it()
    {
        var bake = Bake(25, 20, 70);
        bake.OutAt.ShouldBeNull();
        bake.DoneAt.ShouldBeLessThan(70);
        Bake(300, 20, 160).OutAt.ShouldBeNull();
    }

    /// <summary>Practice's own minutes, at usual depths in bright metal, are within the band of what is reckoned.</summary>
    [Theory]
    [InlineData("pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk", 20, 40)]
    [InlineData("pan=tart-23&crust=sweet-short&edge=trimmed&fill=blood-orange-baked", 20, 28)]
    [InlineData("pan=tart-25&crust=sweet-short&edge=trimmed&seal=jam&fill=plum-almond", 30, 45)]
    [InlineData("pan=plate-23&crust=short&edge=crimped&fill=nutmeg-curd", 25, 35)]
    [InlineData("pan=plate-23&crust=short&edge=crimped&fill=walnut-treacle", 30, 40)]
    [InlineData("pan=plate-23&crust=short&edge=crimped&fill=gooseberry", 40, 50)]
    [InlineData("pan=plate-23&crust=wheatmeal&fill=lime-condensed", 15, 25)]
    public void Each_family_bakes_about_as_long_as_practice_says(string address, double least, double most)
    {
        var pie = Assessment.Of(Pies.Read(address + "&top=none"));
        var minutes = pie.FilledBake!.Minutes.Value;
        (minutes.Least < most && minutes.Most > least).ShouldBeTrue($"{address} {pie.FilledDepth.Value.Value} mm: {minutes}");
        pie.Baking!.TakeOut!.Value.Value.ShouldBeLessThan(pie.Composition.Filling.Formula.Family.Bake!.DoneAt.Usual);
        pie.FiguresWithTimes().Select(f => f.Id).ShouldBeUnique();
    }

    [Fact]
    public void A_deep_pie_in_glass_bakes_longer_than_tartlets_of_the_same_filling()
    {
        var plate = Assessment.Of(Pies.Read("pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk&top=none"));
        var tartlets = Assessment.Of(Pies.Read("pan=tartlet-8&crust=short&edge=trimmed&fill=rhubarb-buttermilk&top=none"));
        tartlets.FilledBake!.Minutes.Value.Best.ShouldBeLessThan(plate.FilledBake!.Minutes.Value.Best * 0.8);
    }

    [Fact]
    public void Further_shelves_make_it_longer_and_say_so()
    {
        var c = Pies.Read("pan=tart-23&crust=short&edge=trimmed&fill=nutmeg-curd&top=none");
        var oven = new Oven("oven-1", "Small", new(400), new(300), 3, false, 0);
        var (one, three) = (
            Assessment.Of(c, 1, Kitchen.Usual with { Ovens = [oven] }), Assessment.Of(c, 3, Kitchen.Usual with { Ovens = [oven] }));
        three.Card.Load.ShelvesUsed.ShouldBe(3);
        three.FilledBake!.Minutes.Value.Best.ShouldBe(one.FilledBake!.Minutes.Value.Best * 1.12, 1);
        three.FilledBake!.Chain.Single().Name.ShouldBe("3 shelves loaded");
        one.FilledBake!.Chain.ShouldBeEmpty();
    }

    [Fact]
    public void A_rim_is_shielded_where_it_would_be_too_dark_before_the_middle_is_done()
    {
        // 190 °C: 25 min; the fruit takes longer.
        var fruit = Assessment.Of(Pies.Read("pan=plate-23&crust=short&edge=crimped&fill=gooseberry&top=none"));
        fruit.Baking!.ShieldAfter!.Value.Best.ShouldBe(25);
        Say(fruit).ShouldContain("Shield the rim after 25 min.");

        // 160 °C: 25 × 2^(30 ÷ 20) = 71 min, and it is done long before.
        var custard = Assessment.Of(Pies.Read("pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk&top=none"));
        custard.Baking!.ShieldAfter.ShouldBeNull();
        Say(custard).ShouldContain("in the middle: on the rack it goes on to 78 °C.");
        Say(custard).ShouldNotContain("Shield");
    }

    [Fact]
    public void What_is_too_deep_for_a_sum_keeps_the_minutes_of_practice()
    {
        var c = Pies.Read("pan=springform-23&crust=short&edge=trimmed&fill=nutmeg-curd&top=none");
        var deep = c with { Pan = c.Pan with { Depth = new(148) }, Crust = c.Crust with { Height = new(148) } };
        var pie = Assessment.Of(deep, 1);
        pie.FilledDepth.Value.Value.ShouldBeGreaterThan(100);
        pie.FilledBake!.Minutes.Value.ShouldBe(MinuteRange.Between(25, 35));
        pie.Baking!.TakeOut.ShouldBeNull();
    }

    [Fact]
    public void Every_filling_that_bakes_says_what_it_is_done_at() =>
        FillingFamilies.All.Where(f => f.Bake is not null).ShouldAllBe(
            f =>
                f.Bake!.DoneAt.Usual >= f.Bake.DoneAt.Low && f.Bake.DoneAt.Usual < f.Bake.Heat.Low
                    && f.Bake.DoneAt.Usual > f.PourHeat.At.Usual);

    private static string Say(Assessment pie) => new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual)
        .Say(pie.Chain.Steps.Single(s => s.Kind is StepKind.BakeFilled).Do);
}
