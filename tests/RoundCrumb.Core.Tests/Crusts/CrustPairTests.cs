using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Tests.Crusts;

/// <summary>Pans and crusts worked out by hand.</summary>
public class CrustPairTests
{
    [Theory]

    // 20 cm plate, flaky, crimped: wall √(21.5² + 30²) = 36.91; disc 160 + 73.8 + 50 = 283.8; π/4 × 283.8² × 3 × 1.2/1000 = 227.7, × 1.12 =
    // 255.1 g.
    [InlineData("pan=plate-20&crust=half-flaky&edge=crimped", 283.8, 255.1)]

    // 28 cm plate, high fluted: wall √(25² + 38²) = 45.49; 229 + 91.0 + 60 = 380.0; 408.2 × 1.12 = 457.2.
    [InlineData("pan=plate-28&crust=shortening-flaky&edge=fluted", 380.0, 457.2)]

    // 23 cm tart tin, sandy, trimmed: wall √(2.5² + 25²) = 25.12; 225 + 50.2 + 12 = 287.2; 233.3 × 1.12 = 261.3.
    [InlineData("pan=tart-23&crust=sandy&edge=trimmed", 287.2, 261.3)]

    // 10 cm tartlet, sweet, 2.5 mm: wall √(2.5² + 20²) = 20.16; 95 + 40.3 + 12 = 147.3; π/4 × 147.3² × 2.5 × 1.2/1000 = 51.1, × 1.12 =
    // 57.3.
    [InlineData("pan=tartlet-10&crust=sweet-short&edge=trimmed", 147.3, 57.3)]

    // 9 cm ramekin, short, 2.5 mm to the top: 90 + 2 × 45 + 12 = 192; 86.9 × 1.12 = 97.3.
    [InlineData("pan=ramekin-9&crust=short&edge=trimmed", 192, 97.3)]

    // 20 cm springform, short, 45 mm up: 200 + 90 + 12 = 302; 257.9 × 1.12 = 288.8.
    [InlineData("pan=springform-20&crust=short&edge=trimmed", 302, 288.8)]
    public void Dough_by_hand(string pie, double disc, double grams)
    {
        var sums = Assessment.Of(Pies.Read(pie)).Crust;
        sums.Disc!.Value.Value.ShouldBe(disc, 0.1);
        sums.Total.Value.Value.ShouldBe(grams, 0.3);
    }

    [Theory]

    // 20 cm square tin, 6 mm base alone in oats: 398.8 cm² × 0.6 × 1.10 = 263.2 g; shares 1 + 0.20 + 0.50 = 1.70: oats 154.8, sugar 31.0,
    // butter 77.4.
    [InlineData("pan=square-20&crust=oat-crumb", 263.2, new[] { 154.8, 31.0, 77.4 })]

    // 23 cm tart tin, 4 mm in ginger: base 397.6 cm², wall π × (225 + 230) ÷ 2 × 25.12 × 1.08 = 193.9 cm²: (397.6 + 193.9) × 0.4 × 1.10 =
    // 260.3; shares 1.38.
    [InlineData("pan=tart-23&crust=ginger-crumb", 260.3, new[] { 188.6, 71.7 })]

    // 20 cm springform, 9 mm base alone in sandwich biscuits: 314.2 × 0.9 × 1.10 = 311.0; shares 1.28: 243.0 and 68.0.
    [InlineData("pan=springform-20&crust=sandwich-crumb", 311.0, new[] { 243.0, 68.0 })]

    // 23 cm plate in wheatmeal, wall set to 4 mm: (265.9 × 0.5 + 253.8 × 0.4) × 1.10 = 257.9; shares 1.58: 163.2, 13.1, 81.6.
    [InlineData("pan=plate-23&crust=wheatmeal-crumb&wallthick=4", 257.9, new[] { 163.2, 13.1, 81.6 })]

    // The same in pretzels with honey: sugar 0.20 as honey ÷ 0.81 sugars = 0.2469; (265.9 + 253.8) × 0.5 × 1.10 = 285.8; shares 1 + 0.2469
    // + 0.68 = 1.9269.
    [InlineData("pan=plate-23&crust=pretzel-crumb&bind=honey", 285.8, new[] { 148.3, 36.6, 100.9 })]
    public void Crumb_by_hand(string pie, double total, double[] lines)
    {
        var sums = Assessment.Of(Pies.Read(pie)).Crust;
        sums.Total.Value.Value.ShouldBe(total, 0.4);
        sums.Lines.Select(l => l.Mass.Value.Value).Zip(lines).ShouldAllBe(l => Math.Abs(l.First - l.Second) < 0.3);
        sums.Lines.Count.ShouldBe(lines.Length);
    }

    [Fact]
    public void Browned_butter_is_weighed_with_the_water_that_it_will_lose()
    {
        // 285.8 g pressed; shares when pressed 1 + 0.08 + 0.46 × 0.84 = 1.4664: crumbs 194.9, sugar 15.6, butter 89.7 g raw,
        // of which 16 % = 14.3 g boils off; a quarter of the 75.3 g that is left is held back: 18.8 g.
        var sums = Assessment.Of(Pies.Read("pan=plate-23&crust=plain-crumb&brown=1")).Crust;
        sums.Lines.Select(l => Math.Round(l.Mass.Value.Value)).ShouldBe([195, 16, 90]);
        sums.BrownedAway!.Value.Value.ShouldBe(14.3, 0.1);
        sums.HeldBack!.Value.Value.ShouldBe(18.8, 0.1);
    }

    [Fact]
    public void A_binder_changes_the_sugar_and_nothing_else()
    {
        var family = CrustBook.PretzelCrumb;
        double Sugars(Binder binder) =>
            family.MixWith(binder).Where(p => p.Role is CrumbRole.Other).Sum(p => p.Share.Usual * p.Ingredient.Sugars);
        Sugars(Binder.Honey).ShouldBe(Sugars(Binder.AsWritten), 1e-9);
        Sugars(Binder.Sugar).ShouldBe(Sugars(Binder.AsWritten), 1e-9);
        Sugars(Binder.None).ShouldBe(0);

        // A crumb without sugar of its own gets the usual amount.
        CrustBook.SandwichCrumb.MixWith(Binder.Sugar).Single(p => p.Ingredient == Pantry.CasterSugar).Share.Usual.ShouldBe(0.12, 1e-9);
    }

    [Fact]
    public void Water_is_a_range_to_stop_inside()
    {
        // 142.3 g of flour: 25 to 35 % of it is 35.6 to 49.8 g.
        var water = CrustSums.Of(Pies.Plain.Crust, PanCupboard.Plate23).Lines.Single(l => l.Ingredient == Pantry.Water);
        water.StopInside!.Value.Low.ShouldBe(35.6, 0.1);
        water.StopInside!.Value.High.ShouldBe(49.8, 0.1);
    }

    [Fact]
    public void Bought_sheets_by_hand()
    {
        // 23 × 35 cm. A 20 cm tin wants a disc of 257.2 mm: wider than the sheet, so by weight and joined; 8 cm tartlets of
        // 127.3 mm: one row of two along 350 (256.6 with the cutter's 2 mm), one across 230: two to a sheet.
        var large = Assessment.Of(Pies.Read("pan=tart-20&crust=bought-short&edge=trimmed")).Crust;
        large.Sheets!.Joined.ShouldBeTrue();
        large.Sheets.Count.Value.Value.ShouldBe(1);
        var small = Assessment.Of(Pies.Read("pan=tartlet-8&crust=bought-short&edge=trimmed")).Crust;
        small.Sheets!.EachLines.ShouldBe(2);
        BoughtSheets.For(CrustBook.BoughtSheet.Sheet!, small.Disc!, null, small.Total, 7).Count.Value.Value.ShouldBe(4);
    }

    [Fact]
    public void A_bought_shell_is_one_shell_and_fits_its_own_foil()
    {
        var sums = Assessment.Of(Pies.Read("crust=bought-shell-23")).Crust;
        sums.Lines.ShouldHaveSingleItem().Pieces.ShouldBe(1);
        sums.Total.Value.Value.ShouldBe(190);
        CrustBook.BoughtShell23.Fits(CrustBook.BoughtShell23.Foil).ShouldBeTrue();
        CrustBook.BoughtTartlet.Fits(PanCupboard.Plate23).ShouldBeFalse();
    }

    [Fact]
    public void Whole_wafers_on_a_square_by_hand()
    {
        // 200 mm ÷ 38 = 5 rows of 5. Bare base 39,876 − 25 × 1,134.1 = 11,524 mm² × 7 mm × 1.10 = 88.7 g of crumb mixture;
        // 25 wafers of 4 g are 100 g; of the mixture 1 ÷ 1.38 is crumb, 64.3 g, and 24.4 g butter.
        var sums = Assessment.Of(Pies.Read("pan=square-20&crust=laid-wafers")).Crust;
        sums.Laid!.Base.Count.ShouldBe(25);
        sums.Laid.Wall.ShouldBe(0);
        sums.Laid.Gaps.Value.Value.ShouldBe(88.7, 0.2);
        sums.Lines.Select(l => Math.Round(l.Mass.Value.Value)).ShouldBe([100, 64, 24]);
    }

    [Fact]
    public void Wafers_stand_round_the_wall_of_a_plate_by_hand()
    {
        // Round the base, half a wafer in: 2 π × (92 − 3.5) = 556 mm ÷ 38 = 14. The base within them is 170 across.
        var laid = Assessment.Of(Pies.Read("pan=plate-23&crust=laid-wafers")).Crust.Laid!;
        laid.Wall.ShouldBe(14);
        laid.Base.ShouldAllBe(s => Math.Sqrt((s.X * s.X) + (s.Y * s.Y)) + 19 <= 85 + 1e-6);

        // Rings: 10 on the outer (of radius 66: π ÷ asin(19 ÷ 66) = 10.7), 4 within; rows give no fewer.
        laid.Base.Count.ShouldBeGreaterThanOrEqualTo(14);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Laid_biscuits_never_overlap_and_the_gaps_are_never_less_than_nothing(Composition pie)
    {
        var choice = Composition.UsualCrust(pie.Pan, CrustBook.LaidWafers);
        var laid = LaidBiscuits.Of(CrustBook.LaidWafers, choice, pie.Pan);
        laid.Gaps.Value.Value.ShouldBeGreaterThanOrEqualTo(0);
        for (var i = 0; i < laid.Base.Count; i++)
        {
            for (var j = 0; j < i; j++)
                laid.Base[i].To(laid.Base[j]).ShouldBeGreaterThanOrEqualTo(laid.Diameter - 1e-6);
        }
    }

    [Fact]
    public void Every_family_is_told_apart_and_says_what_it_is_for()
    {
        CrustBook.All.Select(f => f.Id).ShouldBeUnique();
        CrustBook.All.Select(f => f.Name).ShouldBeUnique();
        CrustBook.All.ShouldAllBe(f => f.For.Length > 5);
        CrustBook.All.OfType<RolledFamily>().ShouldAllBe(f => f.Schools.Length > 20);

        // Fat as the craft has it for each biscuit, percent of the crumb.
        var fat = CrustBook.All.OfType<CrumbFamily>().ToDictionary(f => f.Id, f => f.Mix.Single(p => p.Role is CrumbRole.Fat).Share);
        foreach (
            var (id, low, high) in ((string, double, double)[])[
                ("plain-crumb", 42, 50), ("wheatmeal-crumb", 45, 55), ("wafer-crumb", 35, 40), ("ginger-crumb", 35, 40),
                ("sandwich-crumb", 25, 30), ("pretzel-crumb", 60, 75), ("nut-crumb", 20, 25), ("oat-crumb", 45, 55)])
            (Math.Round(fat[id].Low * 100, 6), Math.Round(fat[id].High * 100, 6)).ShouldBe((low, high), id);
    }
}
