using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>The heat engine against closed sums, an independent solve of two dimensions, and itself.</summary>
public class HeatRunTests
{
    private const double K = 0.5, Density = 1000, Capacity = 3500;
    private static readonly Matter Body = Matter.Plain(K, Density, Capacity);
    private static readonly Matter Custard = Matter.Plain(0.516, 1088, 3457);
    private static readonly HeatSide Endless = new(0, 0);

    private static CoolingCurve Slab(double mm, double h, double stop = 0.05) => CoolingCurve.Follow(
        [new(Body, mm, 1, true)], Endless, [new(100 * 60, 0, new(h, h, h))], stop);

    /// <summary>The first roots of a falling function, by halving.</summary>
    private static double Root(Func<double, double> of, double low, double high)
    {
        for (var i = 0; i < 200; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = of(middle) > 0 == of(low) > 0 ? (middle, high) : (low, middle);
        }

        return low;
    }

    private static double TimeTo(double lead, Func<double, double> leadAfter) => Root(t => leadAfter(t) - lead, 0, 1e7) / 60;

    /// <summary>
    /// A slab between two airs: θ = Σ 4 sin ζ / (2ζ + sin 2ζ) · exp(−ζ² α t / L²), ζ tan ζ = h L / k, L half the thickness.
    /// </summary>
    [Theory]
    [InlineData(30, 8)]
    [InlineData(30, 35)]
    [InlineData(50, 150)]
    [InlineData(20, 1000)]
    public void A_slab_cools_as_the_closed_series_says(double mm, double h)
    {
        var half = mm / 2000;
        var (bi, a) = (h * half / K, K / Density / Capacity);
        var roots = Enumerable.Range(0, 12)
            .Select(n => Root(z => (z * Math.Sin(z)) - (bi * Math.Cos(z)), (n * Math.PI) + 1e-9, (n * Math.PI) + (Math.PI / 2))).ToList();
        double After(double t) =>
            roots.Sum(z => 4 * Math.Sin(z) / ((2 * z) + Math.Sin(2 * z)) * Math.Exp(-z * z * a * t / half / half));
        var expected = TimeTo(0.1, After);
        Slab(mm, h).MinutesTo(0.1)!.Value.ShouldBe(expected, expected * 0.001);
    }

    private static double Bessel(int order, double x)
    {
        const int Parts = 400;
        double At(int i) => Math.Cos((order * Math.PI * i / Parts) - (x * Math.Sin(Math.PI * i / Parts)));
        return Enumerable.Range(0, Parts + 1).Sum(i => At(i) * (i is 0 or Parts ? 1 : i % 2 == 1 ? 4 : 2)) / 3 / Parts;
    }

    /// <summary>A round body through its side alone: θ = Σ 2 J1(ζ) / (ζ (J0² + J1²)) · exp(−ζ² α t / R²), ζ J1 = Bi J0.</summary>
    [Theory]
    [InlineData(45, 8)]
    [InlineData(115, 20)]
    public void Its_side_cools_as_the_closed_series_of_a_cylinder_says(double radius, double h)
    {
        var r = radius / 1000;
        var (bi, a) = (h * r / K, K / Density / Capacity);
        var roots = new List<double>();
        double F(double z) => (z * Bessel(1, z)) - (bi * Bessel(0, z));
        for (double z = 0.01; roots.Count < 6; z += 0.05)
        {
            if (F(z) > 0 != F(z + 0.05) > 0)
                roots.Add(Root(F, z, z + 0.05));
        }

        double After(double t) => roots.Sum(
            z =>
                2 * Bessel(1, z) / z / ((Bessel(0, z) * Bessel(0, z)) + (Bessel(1, z) * Bessel(1, z)))
                    * Math.Exp(-z * z * a * t / r / r));
        var expected = TimeTo(0.3, After);
        var run = new HeatRun([new(Body, 20, 1, true)], new(radius, 0));
        var stage = new HeatStage(1, 0, new(h, h, h));
        (double Minutes, double Lead) before = (0, 1);
        for (var first = true; run.SideLead > 0.3; first = false)
        {
            before = (run.Minutes, run.SideLead);
            run.Step(2, 0, stage, first);
        }

        var at = before.Minutes + ((run.Minutes - before.Minutes) * (before.Lead - 0.3) / (before.Lead - run.SideLead));
        at.ShouldBe(expected, expected * 0.01);
    }

    /// <summary>A tartlet and a pie, solved in rings and storeys at once with steps of a second or two.</summary>
    [Theory]
    [InlineData(42, 18, 8)]
    [InlineData(42, 30, 16)]
    [InlineData(103, 50, 8)]
    public void The_middle_cools_as_a_solve_of_two_dimensions_says(double radius, double mm, double h)
    {
        var expected = Flat(radius / 1000, mm / 1000, h, 0.25);
        var curve = CoolingCurve.Follow([new(Body, mm, 1, true)], new(radius, 0), [new(100 * 60, 0, new(h, h, h))], 0.2);
        curve.MinutesTo(0.25)!.Value.ShouldBe(expected, expected * 0.05);
    }

    private static double Flat(double radius, double height, double h, double until)
    {
        const int Rings = 24, Storeys = 16;
        var (dr, dz) = (radius / Rings, height / Storeys);
        var t = new double[Rings, Storeys];
        for (var i = 0; i < Rings; i++)
        {
            for (var j = 0; j < Storeys; j++)
                t[i, j] = 1;
        }

        var seconds = 0.2 * Density * Capacity / K * Math.Min(dr * dr, dz * dz);
        var aside = 1 / ((1 / h) + (dr / 2 / K));
        var upright = 1 / ((1 / h) + (dz / 2 / K));
        double gone = 0;
        while (t[0, Storeys / 2] > until)
        {
            var next = (double[,])t.Clone();
            for (var i = 0; i < Rings; i++)
            {
                var ring = (((i + 1) * (i + 1)) - (i * i)) * dr * dr;
                for (var j = 0; j < Storeys; j++)
                {
                    double flow = 0;
                    if (i > 0)
                        flow += K / dr * 2 * i * dr * dz * (t[i - 1, j] - t[i, j]);
                    flow += i < Rings - 1
                        ? K / dr * 2 * (i + 1) * dr * dz * (t[i + 1, j] - t[i, j])
                        : aside * 2 * radius * dz * -t[i, j];
                    flow += ring * (j > 0 ? K / dz * (t[i, j - 1] - t[i, j]) : -upright * t[i, j]);
                    flow += ring * (j < Storeys - 1 ? K / dz * (t[i, j + 1] - t[i, j]) : -upright * t[i, j]);
                    next[i, j] += seconds * flow / (ring * dz * Density * Capacity);
                }
            }

            t = next;
            gone += seconds;
        }

        return gone / 60;
    }

    /// <summary>What is gone from it went out of it, freezing and thawing too.</summary>
    [Theory]
    [InlineData(85, 4, 0, 0.001)]
    [InlineData(85, 20, 0.1, 0.001)]
    [InlineData(20, -18, 0, 0.001)]
    [InlineData(-18, 4, 0, 0.001)]
    public void Heat_is_neither_made_nor_lost(double start, double air, double wet, double within)
    {
        var cream = Matter.Of(new(0.62, 0.06, 0.04, 0.26, 0.02));
        var run = new HeatRun([new(PanMaterial.Glass.Wall.Matter, 5, start), new(cream, 25, start, true)], new(100, 0.01));
        var stage = new HeatStage(1, air, Cooler.FanFridge.Facts.Transfer, wet);
        var before = run.Stored;
        for (var i = 0; i < 240; i++)
            run.Step(2, air, stage, i == 0);
        (before - run.Stored).ShouldBe(run.Left, Math.Abs(run.Left) * within);
    }

    /// <summary>
    /// Custard poured at 85 °C, covered, under 4 °C air, in a glass plate of 23 cm with a crust of 5 mm: minutes to 57, 21, 10, 8 and 5
    /// °C in the
    /// middle.
    /// </summary>
    [Theory]
    [InlineData(Cooler.StillFridge, 25, 52, 205, 336, 387, 558)]
    [InlineData(Cooler.StillFridge, 35, 79, 276, 446, 512, 735)]
    [InlineData(Cooler.StillFridge, 50, 118, 374, 598, 684, 980)]
    [InlineData(Cooler.FanFridge, 35, 48, 166, 266, 305, 434)]
    [InlineData(Cooler.BlastChiller, 35, 31, 99, 153, 170, 211)]
    public void A_pie_cools_as_food_engineering_says(
        Cooler cooler, double mm, double to57, double to21, double to10, double to8, double to5)
    {
        var curve = Pie(cooler, mm);
        foreach (var (celsius, minutes) in new[] { (57.0, to57), (21, to21), (10, to10), (8, to8), (5, to5) })
            curve.MinutesTo(celsius)!.Value.ShouldBe(minutes, minutes * 0.1, $"{celsius} °C");
    }

    [Fact]
    public void A_tartlet_takes_half_as_long()
    {
        var transfer = Cooler.StillFridge.Facts.Transfer;
        var wall = PanMaterial.BrightAluminium.Wall;
        var bright = transfer with { Below = transfer.Below * Walls.BrightShare, Aside = transfer.Aside * Walls.BrightShare };
        var curve = CoolingCurve.Follow(
            [new(wall.Matter, wall.Thickness, 20), new(Walls.BakedCrust, 4, 20), new(Custard, 18, 85, true)],
            new(42, wall.Resistance + (0.004 / 0.15)), [new(24 * 60, 4, bright)], 5);
        foreach (var (celsius, minutes) in new[] { (57.0, 35.0), (21, 127), (10, 210), (8, 242), (5, 353) })
            curve.MinutesTo(celsius)!.Value.ShouldBe(minutes, minutes * 0.1, $"{celsius} °C");
    }

    private static CoolingCurve Pie(
        Cooler cooler, double mm, double? air = null, double start = 85, double factor = 1, FridgeAir? lump = null, double surfaces = 0)
    {
        var wall = PanMaterial.Glass.Wall;
        return CoolingCurve.Follow(
            [new(wall.Matter, wall.Thickness, 20), new(Walls.BakedCrust, 5, 20), new(Custard, mm, start, true)],
            new(103, wall.Resistance + (0.005 / 0.15)),
            [new(30 * 60, air ?? cooler.Facts.UsualAir, cooler.Facts.Transfer * factor)], 4.8, lump, surfaces);
    }

    [Property(MaxTest = 40)]
    public void Deeper_is_slower_colder_air_and_better_air_are_sooner(PositiveInt depth, PositiveInt more, bool fan)
    {
        var cooler = fan ? Cooler.FanFridge : Cooler.StillFridge;
        var mm = 8 + (depth.Get % 50);
        double To(CoolingCurve curve) => curve.MinutesTo(10)!.Value;
        var usual = To(Pie(cooler, mm));
        To(Pie(cooler, mm + 1 + (more.Get % 10))).ShouldBeGreaterThan(usual);
        To(Pie(cooler, mm, air: 1)).ShouldBeLessThan(usual);
        To(Pie(cooler, mm, factor: 1.2)).ShouldBeLessThan(usual);
        To(Pie(cooler, mm, start: 60)).ShouldBeLessThan(usual);
        To(Pie(Cooler.BlastChiller, mm)).ShouldBeLessThan(usual);
    }

    /// <summary>
    /// A household fridge at 4 °C in a room of 22 °C: three hot pies of 25 mm do no harm, six warm it past 8 °C for hours, eight for
    /// longer;
    /// a café's upright takes eight without noticing.
    /// </summary>
    [Fact]
    public void A_fridge_takes_so_many_hot_pies_and_no_more()
    {
        CoolingCurve With(int pies, Cooler cooler = Cooler.StillFridge, double start = 85) => Pie(
            cooler, 25, start: start, lump: new(4, 22, cooler.Facts), surfaces: pies * Math.PI * 0.103 * 0.103);
        With(1).AirPeak.ShouldBeLessThan(6.5);
        With(3).AirTooWarm.ShouldBe(0);
        With(6).AirTooWarm.ShouldBeInRange(60, 240);
        With(8).AirTooWarm.ShouldBeInRange(120, 360);
        With(8).AirPeak.ShouldBeInRange(10, 18);
        With(8).MinutesTo(21)!.Value.ShouldBeGreaterThan(With(1).MinutesTo(21)!.Value * 1.15);
        With(6, start: 40).AirTooWarm.ShouldBe(0);
        With(8, Cooler.FanFridge).AirPeak.ShouldBeLessThan(8);
        double last = 0;
        foreach (var pies in new[] { 1, 2, 4, 6, 8, 12 })
        {
            var to = With(pies).MinutesTo(21)!.Value;
            to.ShouldBeGreaterThan(last - 3, $"{pies} pies");
            last = to;
        }
    }

    [Fact]
    public void What_does_not_get_there_has_no_minutes()
    {
        Pie(Cooler.StillFridge, 25, air: 6).MinutesTo(5).ShouldBeNull();
        Pie(Cooler.StillFridge, 25).MinutesTo(90).ShouldBe(0);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-3)]
    [InlineData(double.NaN)]
    public void A_layer_of_nothing_is_refused(double mm) =>
        Should.Throw<ArgumentException>(() => new HeatRun([new(Custard, mm, 20, true)], Endless));

    [Fact]
    public void A_thin_film_in_a_storm_and_half_a_metre_in_deep_cold_are_reckoned()
    {
        CoolingCurve.Follow([new(Custard, 0.2, 95, true)], Endless, [new(600, -40, new(500, 500, 500))], -30)
            .MinutesTo(-30)!.Value.ShouldBeInRange(0, 5);
        CoolingCurve.Follow([new(Custard, 500, 95, true)], Endless, [new(24 * 60, -40, new(8, 6, 7))], 20)
            .Points.ShouldAllBe(p => double.IsFinite(p.Hottest) && p.Hottest <= 95.1);
    }
}
