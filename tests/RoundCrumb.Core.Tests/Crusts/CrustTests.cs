using FsCheck.Xunit;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Tests.Crusts;

public class CrustTests
{
    [Fact]
    public void Dough_for_a_23_cm_plate_by_hand()
    {
        // Disc 184 + 2 × 39.12 + 2 × 25 = 312.2 mm. Area π ÷ 4 × 312.2² = 76,568 mm².
        // × 3 mm × 1.2 g/ml = 275.6 g for the disc, + 12 % = 308.7 g to mix, 33.1 g left.
        var crust = CrustSums.Of(Pies.Plain.Crust, PanCupboard.Plate23);
        crust.Disc!.Value.Value.ShouldBe(312.2, 0.1);
        crust.Total.Value.Value.ShouldBe(308.7, 0.3);
        crust.Offcuts!.Value.Value.ShouldBe(33.1, 0.1);

        // Percentages 100 + 82 + 30 + 3 + 2 = 217: flour 308.7 ÷ 2.17 = 142.3 g, butter 0.82 of it = 116.6 g.
        crust.Lines[0].Mass.Value.Value.ShouldBe(142.3, 0.2);
        crust.Lines[1].Mass.Value.Value.ShouldBe(116.6, 0.2);
    }

    [Fact]
    public void Crumb_for_a_23_cm_plate_by_hand()
    {
        // (265.9 cm² × 0.5 + 253.8 cm² × 0.5) × 1.10 = 285.8 g; parts 1 + 0.46 + 0.08 = 1.54: crumb 185.6, butter 85.4, sugar 14.8.
        var pie = Pies.Read("crust=plain-crumb&pan=plate-23");
        var crust = CrustSums.Of(pie.Crust, pie.Pan);
        crust.Total.Value.Value.ShouldBe(285.8, 0.3);
        crust.Lines.Select(l => Math.Round(l.Mass.Value.Value, 0)).ShouldBe([186, 15, 85]);

        // A quarter of the butter is held back; 185.6 g are 23.2 biscuits of 8 g, so 24.
        crust.HeldBack!.Value.Value.ShouldBe(21.3, 0.1);
        crust.Biscuits!.Value.Value.ShouldBe(24);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void The_lines_of_a_crust_weigh_what_the_crust_weighs(Composition pie)
    {
        var crust = CrustSums.Of(pie.Crust, pie.Pan);
        (crust.Lines.Sum(l => l.Mass.Value.Value) - (crust.BrownedAway?.Value.Value ?? 0)).ShouldBe(crust.Total.Value.Value, 1e-6);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Twice_as_thick_is_twice_the_dough(Composition pie)
    {
        if (pie.Crust.Family is not RolledFamily)
            return;
        var thin = CrustSums.Of(pie.Crust, pie.Pan).Total.Value;
        var thick = CrustSums.Of(pie.Crust with { Thickness = pie.Crust.Thickness * 2 }, pie.Pan).Total.Value;
        thick.Value.ShouldBe(thin.Value * 2, 1e-6);
    }

    [Fact]
    public void A_deeper_edge_wants_a_wider_disc()
    {
        double Disc(Edge edge) => CrustSums.Of(Pies.Plain.Crust with { Edge = edge }, PanCupboard.Plate23).Disc!.Value.Value;
        (Disc(Edge.Crimped) - Disc(Edge.Trimmed)).ShouldBe(2 * (25 - 6), 1e-9);
        (Disc(Edge.HighFluted) - Disc(Edge.Crimped)).ShouldBe(2 * (30 - 25), 1e-9);
    }

    [Fact]
    public void A_fluted_wall_takes_more_crumb_than_a_smooth_one()
    {
        var tin = PanCupboard.TartTin25;
        var smooth = tin with { Kind = PanKind.PiePlate };
        var crust = Composition.UsualCrust(tin, CrustBook.PlainCrumb);
        CrustSums.Of(crust, tin).Total.Value.Value.ShouldBeGreaterThan(CrustSums.Of(crust, smooth).Total.Value.Value);
    }

    [Fact]
    public void Hot_start_in_glass_by_hand()
    {
        // 15–18 min weighted and 10–15 open at 220 °C, × 3/3 mm × 1.10 for glass: 16.5–19.8 and 11–16.5.
        // Weights: 925 ml inside the lining × 0.8 = 740 g.
        var card = Assessment.Of(Pies.Plain).Card;
        card.Oven!.Value.Value.ShouldBe(220);
        card.Stages[0].Weighted.ShouldBeTrue();
        card.Stages[0].Minutes.Value.Least.ShouldBe(16.5, 0.01);
        card.Stages[0].Minutes.Value.Most.ShouldBe(19.8, 0.01);
        card.Stages[1].Weighted.ShouldBeFalse();
        card.Stages[1].Minutes.Value.Most.ShouldBe(16.5, 0.01);
        card.Weights!.Value.Value.ShouldBe(740, 1);
    }

    [Fact]
    public void The_steady_school_is_cooler_and_longer()
    {
        var hot = Assessment.Of(Pies.Plain).Card;
        var steady = Assessment.Of(Pies.Plain with { Crust = Pies.Plain.Crust with { Treatment = Treatment.Steady } }).Card;
        steady.Oven!.Value.Value.ShouldBeLessThan(hot.Oven!.Value.Value);
        steady.Stages[0].Minutes.Value.Least.ShouldBeGreaterThan(hot.Stages[0].Minutes.Value.Most);
        steady.Why.ShouldNotBe(hot.Why);
    }

    [Fact]
    public void Thickness_moves_the_minutes_in_proportion()
    {
        var thin = Assessment.Of(Pies.Plain).Card.Stages[0].Minutes.Value;
        var thick = Assessment.Of(Pies.Plain with { Crust = Pies.Plain.Crust with { Thickness = new(4.5) } }).Card.Stages[0].Minutes.Value;
        thick.Best.ShouldBe(thin.Best * 1.5, 1e-9);
    }

    [Theory]
    [InlineData("yolk", 2, 3, true)]
    [InlineData("white", 5, 8, true)]
    [InlineData("chocolate", 15, 30, false)]
    public void A_seal_adds_its_stage(string seal, double least, double most, bool oven)
    {
        var stage = Assessment.Of(Pies.Plain with { Crust = Pies.Plain.Crust with { Seal = Seal.Find(seal)! } })
            .Card.Stages.Single(s => s.Kind is StageKind.Seal);
        (stage.Minutes.Value.Least, stage.Minutes.Value.Most, stage.Heat is not null).ShouldBe((least, most, oven));
    }

    [Fact]
    public void Chilled_crumb_needs_no_oven_and_no_weights()
    {
        var card = Assessment.Of(Pies.Cheese).Card;
        card.Oven.ShouldBeNull();
        card.Weights.ShouldBeNull();
        card.Stages.ShouldHaveSingleItem().Minutes.Value.ShouldBe(Quantities.MinuteRange.Between(45, 60));
    }

    [Fact]
    public void An_oblong_tart_is_lined_from_a_sheet_by_hand()
    {
        // Base 105 × 345 (the wall leans 2.5 a side), slant √(2.5² + 25²) = 25.12, trimmed 6 mm over: 105 + 50.25 + 12 = 167.2 by 407.2 mm.
        // Mass 167.2 × 407.2 × 3 mm × 1.2 g/cm³ = 245.2 g, + 12 % = 274.6 g.
        var sums = Assessment.Of(Pies.Read("pan=oblong-35&crust=sweet-short&fill=malt-custard")).Crust;
        sums.Disc!.Value.Value.ShouldBe(167.2, 0.1);
        sums.SheetLength!.Value.Value.ShouldBe(407.2, 0.1);
        sums.Total.Value.Value.ShouldBe(274.6, 0.5);
    }

    [Fact]
    public void A_tartlet_is_rolled_thinner_and_baked_three_quarters_as_long()
    {
        // 2.5 mm: × 2.5/3; dark steel × 0.9; a small shell × 0.75: 25–35 min weighted become 14.1–19.7.
        var card = Assessment.Of(Pies.Read("pan=tartlet-10&crust=sweet-short&fill=malt-custard")).Card;
        card.Stages[0].Minutes.Value.Least.ShouldBe(14.06, 0.01);
        card.Stages[0].Minutes.Value.Most.ShouldBe(19.69, 0.01);
    }

    [Theory]
    [InlineData("square-20", 6, 0)]
    [InlineData("springform-23", 9, 0)]
    [InlineData("oblong-35", 4, 25)]
    [InlineData("wells-12", 4, 30)]
    [InlineData("plate-28", 5, 38)]
    [InlineData("pot-200", 5, 0)]
    public void Crumb_is_as_thick_and_stands_as_high_as_the_pan_wants(string pan, double thick, double high)
    {
        var crust = Composition.UsualCrust(PanCupboard.Find(pan)!, CrustBook.PlainCrumb);
        crust.Thickness.Value.ShouldBe(thick);
        crust.Height.Value.ShouldBe(high);
    }
}
