using FsCheck.Xunit;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Toppings;

/// <summary>Each kind of topping on one surface: a ring 200 mm across, its crumb base without a wall, so 31,416 mm² = 314.2 cm².</summary>
public class ToppingKindTests
{
    private const string Ring = "pan=springform-20&crust=plain-crumb&bake=chilled&wall=0&fill=lemon-cheese&line=20&ahead=10&topped=1";

    private static ToppingSums On(string top) => Pies.Work(Ring + "&top=" + top).Toppings[^1];

    private static double Grams(ToppingSums sums, string id) => sums.Lines.Single(l => l.Ingredient.Id == id).Mass.Value.Value;

    [Fact]
    public void The_surface_is_that_of_the_ring() => On("plain").Surface.Value.Value.ShouldBe(31416, 1);

    [Fact]
    public void Mascarpone_cream_by_hand()
    {
        // 31,416 × 12 = 377 ml. A ml of cream swells to 1.9 and carries 0.25 g of mascarpone at 1.02 ml/g or so: 2.155 in all
        // (its own figure in the pantry decides the last digit). 377 ÷ 2.155 = 175 ml of cream, a quarter of it mascarpone: 43.7 g.
        var sums = On("mascarpone-cream&cream=12");
        sums.Cream!.Value.Value.ShouldBe(175, 1);
        Grams(sums, "mascarpone").ShouldBe(43.7, 0.3);
    }

    [Fact]
    public void Swiss_meringue_by_hand()
    {
        // 16 mm on 31,416 mm²: 502.7 ml; ÷ 5 ÷ 0.97 ml/g = 103.6 g of white, 3.2 whites. Twice that in sugar: 207.3 g.
        // Against the rule of thumb: 103.6 g on 314 cm² is 33 g to 100 cm², inside its 30–35.
        var sums = On("meringue-swiss&cream=16");
        Grams(sums, "egg-white").ShouldBe(103.6, 0.3);
        Grams(sums, "caster-sugar").ShouldBe(207.3, 0.6);
        (Grams(sums, "egg-white") / 3.1416).ShouldBeInRange(ToppingConstants.WhitesToArea.Low, ToppingConstants.WhitesToArea.High);
    }

    [Theory]
    [InlineData("meringue-french")]
    [InlineData("meringue-swiss")]
    [InlineData("meringue-italian")]
    public void Every_meringue_as_it_usually_lies_takes_thirty_to_thirty_five_grams_of_white_to_100_cm2(string id) =>
        (Grams(On(id + "&top-was=none"), "egg-white") / 3.1416).ShouldBeInRange(30, 35);

    [Fact]
    public void Crumble_by_hand()
    {
        // 20 mm × 31,416 = 628.3 ml × 0.55 g/ml = 345.6 g, 1.1 g/cm². Of 2.1 parts one is flour: 164.6 g; butter 98.7; sugar 82.3.
        var sums = On("crumble&cream=20");
        sums.Total.Value.Value.ShouldBe(345.6, 0.2);
        Grams(sums, "plain-flour").ShouldBe(164.6, 0.2);
        Grams(sums, "butter").ShouldBe(98.7, 0.2);
        (sums.Total.Value.Value / 314.16).ShouldBeInRange(1.0, 1.2);
    }

    [Fact]
    public void A_jelly_layer_by_hand()
    {
        // 6 mm × 31,416 = 188.5 ml × 1.06 = 199.8 g. Juice 1 + sugar 0.12 + gelatine 0.026 + water 0.13 = 1.276
        // parts: 156.6 g juice, 18.8 sugar, 4.07 gelatine, 20.4 water. 4.07 in 199.8 is 2.0 %: a jelly that cuts.
        var sums = On("jelly-orange&cream=6");
        Grams(sums, "blood-orange-juice").ShouldBe(156.6, 0.2);
        Grams(sums, "gelatine").ShouldBe(4.07, 0.01);
        (100 * Grams(sums, "gelatine") / sums.Total.Value.Value).ShouldBe(2.04, 0.01);
    }

    [Theory]
    [InlineData("jelly-blackcurrant")]
    [InlineData("jelly-raspberry")]
    [InlineData("jelly-orange")]
    public void Every_jelly_sets_like_a_jelly(string id) =>
        (100 * Grams(On(id), "gelatine") / On(id).Total.Value.Value).ShouldBeInRange(1.6, 2.8);

    [Fact]
    public void A_glaze_by_hand()
    {
        // 0.08 g/cm² × 314.16 = 25.1 g; 1.25 parts, one of them jam: 20.1 g and 5.0 g of water.
        var sums = On("glaze-apricot");
        Grams(sums, "apricot-jam").ShouldBe(20.1, 0.1);
        Grams(sums, "water").ShouldBe(5.0, 0.1);
    }

    [Fact]
    public void Dusting_by_hand() => Grams(On("dust-icing"), "icing-sugar").ShouldBe(314.16 * 0.015, 0.01);

    [Fact]
    public void Toasted_coconut_is_weighed_with_what_the_oven_takes()
    {
        // 0.05 × 314.16 = 15.7 g on the pie; 8 % is lost: 15.7 ÷ 0.92 = 17.1 g into the oven.
        Grams(On("toasted-coconut"), "coconut-flakes").ShouldBe(17.07, 0.02);
    }

    [Fact]
    public void A_fruit_ring_by_hand()
    {
        // Raspberries 20 mm, a tenth over one another (18 mm drawn in): first ring 90 mm out, ± atan(9 ÷ √(90² − 9²)) = ± 5.74°,
        // 31.4, so 31; then 72, 54, 36, 18 and 0 mm: 25, 18, 12, 6 and the one in the middle: 93. × 4 g = 372 g;
        // with 2 % hulls and rejects 379.6 g to buy.
        var sums = On("laid-raspberries");
        sums.Arranged.PerRing.ShouldBe([31, 25, 18, 12, 6, 1]);
        sums.Total.Value.Value.ShouldBe(93 * 4, 1e-9);
        sums.ToBuy!.Value.Value.ShouldBe(379.6, 0.1);
    }

    [Fact]
    public void Slices_weigh_by_how_thick_they_are_cut()
    {
        // Banana slices weigh 6 g at 8 mm: 3 g at 4 mm.
        var (thick, thin) = (On("laid-banana-slices&cream=8"), On("laid-banana-slices&cream=4"));
        thin.Count!.Value.ShouldBe(thick.Count!.Value);
        thin.Total.Value.Value.ShouldBe(thick.Total.Value.Value / 2, 1e-9);
    }

    [Fact]
    public void Rosettes_round_the_rim_by_hand()
    {
        // Nozzle 12: a rosette 28.8 mm wide; middles 85.6 out; ± atan(14.4 ÷ √(85.6² − 14.4²)) = ± 9.69°: 18.6, so 18.
        // Each holds 28.8³ × 0.7 × 0.39 = 6,521 mm³ = 6.52 ml; 18 make 117.4 ml of stiff cream: 58.7 ml before it is whipped.
        var sums = On("plain&top-laid=rim&top-nozzle=12");
        sums.Count!.Value.Value.ShouldBe(18);
        sums.PipedWidth!.Value.Value.ShouldBe(28.8, 1e-9);
        sums.Cream!.Value.Value.ShouldBe(58.7, 0.1);
    }

    [Fact]
    public void A_lattice_by_hand()
    {
        // Nozzle 10: fourteen lines, 1,933.6 mm in all (worked out with the arrangements), × π/4 × 100 mm² = 151.9 ml; ÷ 2 = 75.9.
        var sums = On("plain&top-laid=lattice&top-nozzle=10");
        sums.Count!.Value.Value.ShouldBe(14);
        sums.Cream!.Value.Value.ShouldBe(75.9, 0.2);
    }

    [Fact]
    public void Shells_round_the_rim_by_hand()
    {
        // Nozzle 12: a shell 33.6 mm long by 21.6 wide, a fifth over the next. Middles 100 − 10.8 = 89.2 out; drawn in it fills
        // ± atan(13.44 ÷ √(89.2² − 8.64²)) = ± 8.61°: 20.9, so 20. Each holds 33.6 × 21.6 × 10.8 × 0.40 = 3,135 mm³;
        // 20 make 62.7 ml of stiff cream: 31.4 ml before it is whipped.
        var sums = On("plain&top-laid=shells&top-nozzle=12");
        sums.Count!.Value.Value.ShouldBe(20);
        sums.PipedWidth!.Value.Value.ShouldBe(33.6, 1e-9);
        sums.Cream!.Value.Value.ShouldBe(31.4, 0.1);
    }

    [Theory]
    [InlineData(2, false, "only its own fat, cold")]
    [InlineData(8, false, "the starch in the icing sugar")]
    [InlineData(20, false, "the cheese in it")]
    [InlineData(40, false, "a trace of gelatine")]
    [InlineData(40, true, "the cheese in it")]
    public void Cream_is_held_by_the_least_that_lasts(double hours, bool vegetarian, string by) =>
        ToppingBook.HeldFor(hours, vegetarian).Why.ShouldBe(by);

    [Fact]
    public void Held_cream_follows_the_hours_wherever_they_change()
    {
        var pie = Pies.Read(Ring + "&top=held&topped=1");
        pie.Topping.Topping.Why.ShouldBe("only its own fat, cold");
        (pie with { Occasion = pie.Occasion with { ToppedAhead = 9 } }).Settled().Topping.Topping.Why.ShouldBe("the cheese in it");
        CompositionAddress.Write(pie).ShouldContain("top=held");
    }

    [Fact]
    public void Whites_left_over_by_hand()
    {
        // Sharp lemon, one batch as written: 72 g of yolk, four eggs, leave 72 × 1.78 = 128 g of white.
        Pies.Work("pan=tart-23&crust=plain-crumb&fill=sharp-lemon&make=1&top=meringue-swiss").WhitesLeft!.Value.Value.ShouldBe(128.2, 0.2);
    }

    [Fact]
    public void A_new_topping_takes_its_own_thickness_not_the_one_before()
    {
        Pies.Read("top=meringue-swiss&cream=6&top-was=icing").Topping.Height.Value.ShouldBe(16);
        Pies.Read("top=icing&cream=6&top-was=icing").Topping.Height.Value.ShouldBe(6);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Each_topping_weighs_what_its_lines_do_and_every_figure_opens_once(Composition pie)
    {
        var work = Assessment.Of(pie);
        foreach (var sums in work.Toppings)
        {
            sums.Total.Value.Value.ShouldBe(sums.Lines.Sum(l => l.Mass.Value.Value), 1e-6);
            sums.Sugars.Value.Value.ShouldBeInRange(0, 1);
            if (sums.Count is { } count)
                count.Value.Value.ShouldBe(
                    sums.Choice.Laying.Pattern is Pattern.Lattice ? sums.Arranged.Lines.Count : sums.Arranged.Pieces.Count);
        }

        work.Toppings.SelectMany(t => t.Lines.Select(l => l.Mass.Id)).ShouldBeUnique();
    }
}
