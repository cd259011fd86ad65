using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>What thermometers say of a place.</summary>
public class HeatFitTests
{
    private static readonly HeatTaker Fridge = new("the fridge", Cooler.StillFridge.Facts.Transfer, 4, PlaceHeat.Book);

    private static ColdPlace Place(double times = 1, int readings = 0) =>
        new("cold-1", "Fridge", ColdKind.Fridge, 8, new(400)) { Cooler = Cooler.StillFridge, Heat = new(times, readings) };

    private static Assessment Pie() => Assessment.Of(Pies.Read("pan=plate-23&crust=short&fill=malt-custard&top=none"));

    /// <summary>
    /// By hand: 200 g of water and a mug of 300 g hold 200 × 4.186 + 300 × 0.85 = 1,092 J/K. The mug is 76 mm across: top and base
    /// 0.004536 m² each, and the water stands 44.1 mm high: 0.010526 m² of side. 8 and 6 and 7 W/(m²·K) of a still fridge on them come to
    /// 0.1372 W/K, and 0.1372 × 60 ÷ 1,092 = 0.00754 of the lead goes in a minute: from 60 °C in air of 4 °C after an hour
    /// 4 + 56 × e^(−0.4523) = 39.6 °C.
    /// </summary>
    [Fact]
    public void A_cup_of_water_cools_as_worked_by_hand()
    {
        CupOfWater.Usual.Holds.ShouldBe(1092, 1);
        CupOfWater.Usual.Rate(Fridge.Transfer).ShouldBe(0.00754, 0.00002);
        CupOfWater.Usual.After(60, 4, Fridge.Transfer, 60).ShouldBe(39.6, 0.1);
    }

    [Property(MaxTest = 100)]
    public void Two_readings_of_a_cup_find_what_the_place_takes(PositiveInt a, PositiveInt b)
    {
        var (times, minutes) = (0.5 + (a.Get % 18 / 10.0), 40 + (b.Get % 60));
        var second = CupOfWater.Usual.After(60, 4, Fridge.Transfer * times, minutes);
        var fit = HeatFit.OfCup(CupOfWater.Usual, Fridge, 60, second, minutes);
        fit.Times.ShouldBe(times, 1e-9);
        fit.IsSound.ShouldBeTrue();
    }

    [Theory]
    [InlineData(60, 62, 60, "has to be colder than 60 °C")]
    [InlineData(60, 3, 60, "as cold as the air")]
    [InlineData(60, 58, 5, "hardly cooled")]
    [InlineData(6, 5, 60, "begin with something warmer")]
    [InlineData(60, 10, 10, "Something else was measured")]
    [InlineData(60, 50, 400, "Something else was measured")]
    public void What_cannot_be_is_said(double first, double second, double minutes, string says)
    {
        var fit = HeatFit.OfCup(CupOfWater.Usual, Fridge, first, second, minutes);
        fit.IsSound.ShouldBeFalse();
        new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual).Say(fit.Trouble).ShouldContain(says);
    }

    [Theory]
    [InlineData(0.7)]
    [InlineData(1.0)]
    [InlineData(1.4)]
    public void A_thermometer_in_a_pie_finds_what_the_place_takes(double times)
    {
        var pie = Pie();
        var true_ = pie.CurveOf(pie.CoolingIn(Place(times, 1), 1)!);
        var fit = HeatFit.OfPie(pie, Place(), 1, [new(60, true_.At(60)), new(150, true_.At(150))])!.Value;
        fit.IsSound.ShouldBeTrue();
        fit.Times.ShouldBe(times, 0.01);
    }

    [Fact]
    public void Readings_move_the_set_time_and_narrow_its_band()
    {
        var pie = Pie();
        var (book, slow) = (pie.CoolingIn(Place())!, pie.CoolingIn(Place(0.7, 2))!);
        slow.SetTime!.Value.Least.ShouldBeGreaterThan(book.SetTime!.Value.Least);
        var (before, after) = (HeatBand.Of(100, false), HeatBand.Of(100, true));
        after.Least.ShouldBe(88, 1e-9);
        after.Most.ShouldBe(112, 1e-9);
        (after.Most - after.Least).ShouldBeLessThan((before.Most - before.Least) / 2 + 1e-9);

        // 110 min of the 120 that are allowed: too near to say before a reading (143), and after one (123); 105 is then kept (118).
        TwoStepRule.Of(c => c > 50 ? 1 : c > 20 ? 106 : 300, false).Kept.ShouldBe(RuleKept.Uncertain);
        TwoStepRule.Of(c => c > 50 ? 1 : c > 20 ? 106 : 300, true).Kept.ShouldBe(RuleKept.Yes);
    }

    [Fact]
    public void Several_readings_count_alike_and_none_are_the_book()
    {
        HeatFit.Together([]).ShouldBe(PlaceHeat.Book);
        HeatFit.Together([0.5, 2]).Times.ShouldBe(1, 1e-9);
        HeatFit.Together([0.5, 2]).Readings.ShouldBe(2);
        HeatFit.Together([900]).Times.ShouldBe(PlaceHeat.Most, 1e-9);
    }

    /// <summary>
    /// Two hundred made-up fridges: each takes heat otherwise above, below and aside (a quarter either way on top of up to a third in all),
    /// its pies are a millimetre more or less deep than said, and the thermometer is off by half a degree. The error of the time to 21 °C.
    /// </summary>
    [Fact]
    public void A_reading_makes_the_time_right_to_a_few_per_cent()
    {
        var random = new Random(7);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var custard = Matter.Of(new(0.72, 0.06, 0.04, 0.17, 0.01));
        CoolingCurve Follow(double mm, HeatTransfer h) => CoolingCurve.Follow(
            [new(Walls.BakedCrust, 3, 20), new(custard, mm, 82, IsFilling: true)], new(110, 0.025), [new(1500, 4, h)], 15,
            cells: HeatRun.Coarse);
        var usual = Cooler.StillFridge.Facts.Transfer;
        var book = Follow(25, usual);
        var (none, one, two) = (new List<double>(), new List<double>(), new List<double>());
        for (var n = 0; n < 200; n++)
        {
            var all = Math.Exp(0.15 * Normal());
            var h = new HeatTransfer(
                usual.Above * all * Math.Exp(0.08 * Normal()), usual.Below * all * Math.Exp(0.08 * Normal()),
                usual.Aside * all * Math.Exp(0.08 * Normal()));
            var real = Follow(25 + (0.7 * Normal()), h);
            var takes = real.MinutesTo(21)!.Value;
            none.Add(Math.Abs((book.MinutesTo(21)!.Value / takes) - 1));
            (double, double)[] read = [(60, real.At(60) + (0.4 * Normal())), (150, real.At(150) + (0.4 * Normal()))];
            one.Add(Math.Abs((Fit(read[..1]).MinutesTo(21)!.Value / takes) - 1));
            two.Add(Math.Abs((Fit(read).MinutesTo(21)!.Value / takes) - 1));
        }

        Median(none).ShouldBeGreaterThan(0.07);
        Median(one).ShouldBeLessThan(Median(none));
        Median(two).ShouldBeLessThan(Median(one));
        Median(two).ShouldBeLessThan(0.05);
        High(two).ShouldBeLessThan(0.12);

        CoolingCurve Fit((double Minutes, double Celsius)[] read)
        {
            var (low, high) = (Math.Log(0.2), Math.Log(5));
            for (var turn = 0; turn < 12; turn++)
            {
                var middle = (low + high) / 2;
                var off = Follow(25, usual * Math.Exp(middle));
                (low, high) = read.Sum(r => off.At(r.Minutes) - r.Celsius) > 0 ? (middle, high) : (low, middle);
            }

            return Follow(25, usual * Math.Exp((low + high) / 2));
        }

        static double Median(List<double> of) => of.Order().ElementAt(of.Count / 2);
        static double High(List<double> of) => of.Order().ElementAt(of.Count * 9 / 10);
    }
}
