using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Tests.Pans;

public class PanTests
{
    [Fact]
    public void A_23_cm_plate_by_hand()
    {
        // R = 114.5, r = 92, depth 32 mm.
        // R² + R r + r² = 13110.25 + 10534 + 8464 = 32108.25; × 32 × π ÷ 3 = 1,075,952 mm³ = 1076 ml.
        var plate = PanCupboard.Plate23.Inside;
        plate.Volume.Value.ShouldBe(1076, 0.5);

        // Base π × 92² = 26,590 mm²; top π × 114.5² = 41,187 mm²; rim 2 π × 114.5 = 719.4 mm.
        plate.BaseArea.Value.ShouldBe(26_590, 1);
        plate.TopArea.Value.ShouldBe(41_187, 1);
        plate.Rim.Value.ShouldBe(719.4, 0.1);

        // Slant √(22.5² + 32²) = √1530.25 = 39.12; wall π × 206.5 × 39.12 = 25,378 mm².
        plate.WallArea.Value.ShouldBe(25_378, 5);
    }

    [Fact]
    public void A_straight_springform_is_a_cylinder() =>
        PanCupboard.Springform20.Inside.Volume.Value.ShouldBe(Math.PI * 100 * 100 * 70 / 1000, 1e-6);

    [Fact]
    public void An_oblong_tin_by_hand()
    {
        // 180 × 280 mm, corners of 15: area 50,400 − (4 − π) × 225 = 50,206.9 mm²; × 50 mm = 2510 ml.
        var tin = PanCupboard.Find("tray-28")!.Inside;
        tin.BaseArea.Value.ShouldBe(50_206.9, 0.1);
        tin.Volume.Value.ShouldBe(2510.3, 0.1);

        // Round it: 2 × 460 − (8 − 2π) × 15 = 894.2 mm; × 50 = 44,712 mm² of wall.
        tin.Rim.Value.ShouldBe(894.2, 0.1);
        tin.WallArea.Value.ShouldBe(44_712, 1);
    }

    [Theory]
    [InlineData("pot-120", 120)]
    [InlineData("pot-200", 200)]
    public void A_pot_holds_what_it_is_called(string id, double ml) => PanCupboard.Find(id)!.Inside.Volume.Value.ShouldBe(ml, ml * 0.02);

    /// <summary>Every kind against thin slices that are measured as polygons: nothing of the formulas is used.</summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 150)]
    public void Volume_wall_areas_and_rim_agree_with_an_independent_integration(Composition pie)
    {
        var (pan, tub) = (pie.Pan, pie.Pan.Inside);
        const int Slices = 4000;
        if (pan.Water is not null)
            tub = pan.ByItsSizes;
        double volume = 0, wall = 0;
        var lean = (pan.Top.Value - pan.Base.Value) / 2;
        var along = Math.Sqrt((lean * lean) + (pan.Depth.Value * pan.Depth.Value)) / Slices;
        for (var i = 0; i < Slices; i++)
        {
            var (area, round) = Outline((i + 0.5) / Slices);
            volume += area * pan.Depth.Value / Slices;
            wall += round * along;
        }

        tub.Volume.Value.ShouldBe(volume / 1000, volume / 1000 * 1e-6);
        tub.WallArea.Value.ShouldBe(wall, wall * 1e-6);
        tub.BaseArea.Value.ShouldBe(Outline(0).Area, Outline(0).Area * 1e-9);
        tub.TopArea.Value.ShouldBe(Outline(1).Area, Outline(1).Area * 1e-9);
        tub.Rim.Value.ShouldBe(Outline(1).Round, Outline(1).Round * 1e-9);

        // Two straight strips and four quarter discs, at a share of the height.
        (double Area, double Round) Outline(double share)
        {
            var width = pan.Base.Value + (2 * lean * share);
            var length = width + ((pan.Length ?? pan.Top).Value - pan.Top.Value);
            var corner = pan.Corner is { } c ? c.Value - (lean * (1 - share)) : width / 2;
            var inner = (Wide: width - (2 * corner), Long: length - (2 * corner));
            return (
                (inner.Wide * inner.Long) + (2 * corner * (inner.Wide + inner.Long)) + (Math.PI * corner * corner),
                (2 * (inner.Wide + inner.Long)) + (2 * Math.PI * corner));
        }
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Depth_for_a_volume_undoes_volume_to_a_depth(Composition pie)
    {
        var lined = pie.Lined;
        foreach (var share in (double[])[0.05, 0.3, 0.5, 0.77, 1])
        {
            var depth = lined.Depth.Value * share;
            var volume = lined.VolumeTo(depth);
            if (volume.Value > 0)
                lined.DepthFor(volume).Value.ShouldBe(depth, 1e-6 * Math.Max(1, depth));
        }
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void A_lining_only_takes_room(Composition pie)
    {
        var lined = pie.Lined;
        lined.Volume.Value.ShouldBeLessThan(pie.Pan.Inside.Volume.Value);
        lined.Depth.Value.ShouldBeLessThan(pie.Pan.Depth.Value);
        lined.HalfAt(0).ShouldBeLessThanOrEqualTo(pie.Pan.Inside.HalfAt(pie.Crust.Thickness.Value) + 1e-9);
    }

    [Fact]
    public void Three_millimetres_of_dough_in_a_23_cm_plate_by_hand()
    {
        // Slope 22.5 ÷ 32 = 0.7031 mm for a mm; the wall's 3 mm are 3 × 39.12 ÷ 32 = 3.667 mm across.
        // Bottom radius 92 + 3 × 0.7031 − 3.667 = 90.44; top 114.5 − 3.667 = 110.83; depth 29.
        // π ÷ 3 × 29 × (110.83² + 110.83 × 90.44 + 90.44²) = 925,147 mm³.
        Pies.Plain.Lined.Volume.Value.ShouldBe(925, 1);
    }

    [Fact]
    public void A_base_alone_leaves_the_whole_width() =>
        Pies.Cheese.Lined.Volume.Value.ShouldBe(Math.PI * 100 * 100 * (70 - 9) / 1000, 1e-6);

    [Fact]
    public void Above_the_brim_the_depth_goes_on_growing()
    {
        var lined = Pies.Plain.Lined;
        lined.DepthFor(lined.Volume + new Millilitres(100)).Value.ShouldBeGreaterThan(lined.Depth.Value);
    }

    [Fact]
    public void Water_wins_over_the_sizes_and_moves_the_sides_by_hand()
    {
        // A straight tin of 200 × 70 mm holds 2199 ml by its sizes. With 2300 g of water in it, π r² × 70 = 2,300,000: r = 102.27.
        var tin = PanCupboard.Springform20 with { Water = new(2300) };
        tin.Inside.Volume.Value.ShouldBe(2300, 1e-6);
        tin.Inside.TopHalf.ShouldBe(102.27, 0.005);
        tin.Inside.Depth.ShouldBe(70);
        PanMeasures.Of(tin).Volume.Terms.ShouldContain(t => t.Name == "by its sizes alone");
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void A_tub_that_is_to_hold_so_much_holds_so_much_and_leans_as_before(Composition pie)
    {
        var tub = pie.Pan.ByItsSizes;
        foreach (var share in (double[])[0.6, 0.9, 1, 1.4, 2.5])
        {
            var wanted = tub.Volume * share;
            var moved = tub.Holding(wanted);
            if (moved.BaseHalf > 1)
                moved.Volume.Value.ShouldBe(wanted.Value, wanted.Value * 1e-9);
            moved.Slope.ShouldBe(tub.Slope, 1e-9);
        }
    }
}
