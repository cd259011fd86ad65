using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Fillings;

/// <summary>Each family's formula worked out by hand: what a batch gives, and how it sets.</summary>
public class FamilyTests
{
    [Theory]

    // Milk 388, sugar 49.6, cardamom 1.2, yolk 69.8, cornflour 21.1, butter 21.6, pears 153, cream 160 ÷ 0.99 × 1.8 × 0.85 = 247.3:
    // 951.6 × 0.95 × 0.98 = 886. Set (32 + 72 × 0.12) ÷ 916 = 4.44.
    [InlineData("pear-cardamom-light", 886, 4.44, "clean slice")]

    // Buttermilk 275.5, cream 161.0, egg 145.5, sugar 68.2, rhubarb 204, vanilla 4.9, salt 0.4: 859.5 × 0.96 × 0.98 = 808.6.
    // Egg 150 ÷ (284 + 166) = 33.3.
    [InlineData("rhubarb-buttermilk", 808.6, 33.3, "clean slice")]

    // Juice boiled down 240 × 0.97 × 0.5 = 116.4, lemon 43.7, zest 4.9, sugar 93, yolk 104.8, egg 48.5, butter 140.4: 551.6 × 0.96 × 0.98 =
    // 518.9.
    // (108 + 50 × 0.6 + 130 × 0.5) ÷ (120 + 45 + 5 + 150 + 108 + 50 + 130 = 608) = 33.4.
    [InlineData("grapefruit-curd", 518.9, 33.4, "clean slice")]

    // 155.2 + 43.7 + 7.8 + 105.4 + 194 + 116.4 + 13.2 = 635.6 × 0.96 × 0.98 = 598.0. (200 + 20 × 1.5) ÷ 723 = 31.8.
    [InlineData("blood-orange-baked", 598.0, 31.8, "clean slice")]

    // 397 × 0.77 = 305.7, juice 116.4, zest 5.8, yolk 52.4: 480.3 × 0.98 × 0.98 = 461.3. (120 + 54) ÷ 397 = 43.8.
    [InlineData("lime-condensed", 461.3, 43.8, "clean slice")]

    // Cheese 561, sugar 49.6, juice 43.7, zest 3.9, ginger 36, cream stiff 250 ÷ 0.99 × 2.0 × 0.85 = 429.3: 1,123.4 × 0.98 = 1,100.9. 500 ÷
    // 929 = 53.8.
    [InlineData("ginger-lime-cheese", 1100.9, 53.8, "clean slice")]

    // Purée 232.8, yoghurt 194, sugar 37.2 and 31, water 38.8, gelatine 5.6, whites 64 × 0.97 × 6 × 0.85 = 316.6, cream 231.8: 1,087.8 ×
    // 0.98 = 1,066.1.
    // 8 ÷ 812 = 0.985 %, × 0.85 since juice is 26 %: 0.837.
    [InlineData("raspberry-chiffon", 1066.1, 0.837, "creamy slice")]

    // 129.6 + 71.3 + 97 + 105 + 16.5 + 10.4 + 224.4 = 654.2 × 0.96 × 0.98 = 615.5. (100 + 25 × 1.5) ÷ the paste without its plums, 510:
    // 27.0.
    [InlineData("plum-almond", 615.5, 27.0, "clean slice")]

    // Curd 2,000 × 0.17 × 0.97 = 329.8, cream 106.7, egg 145.5, sugar 58.9, flour 7.9, nutmeg 0.7: 649.5 × 0.96 × 0.98 = 611.1.
    // 150 ÷ (340 + 110) = 33.3.
    [InlineData("nutmeg-curd", 611.1, 33.3, "clean slice")]

    // 765 + 93 + 10.6 + 6.6 + 5.8 = 881.0 × 0.88 × 0.98 = 759.8. (16 + 10 × 0.5) ÷ 756 of fruit and zest = 2.78.
    [InlineData("gooseberry", 759.8, 2.78, "clean slice")]

    // 124 + 145.5 + 81 + 1.2 = 351.7 × 0.92 × 0.98 = 317.1. Sugars 204.5 and fat 133.5 in 428: 79.0.
    [InlineData("salt-caramel", 317.1, 79.0, "clean slice")]
    public void What_a_batch_gives_and_how_it_sets_by_hand(string id, double ml, double index, string cut)
    {
        var made = FillingYield.Of(FillingBook.Find(id)!, 1);
        made.Volume.Value.Value.ShouldBe(ml, ml * 0.0005);
        made.SetIndex.Value.Value.ShouldBe(index, index * 0.003);
        made.Cut.Name.ShouldBe(cut);
    }

    [Theory]

    // Chocolate and cream one to one; egg 150 ÷ (230 + 60 + 75 + 60 + 70 = 495) = 30.3.
    [InlineData("sesame-chocolate", 100)]
    [InlineData("walnut-treacle", 30.3)]
    public void How_it_sets_by_hand(string id, double index) =>
        FillingYield.Of(FillingBook.Find(id)!, 1).SetIndex.Value.Value.ShouldBe(index, 0.05);

    [Fact]
    public void Ganache_at_one_to_one_and_four_tenths_is_soft()
    {
        // 1 : 1.4 is 71; one to one is 100.
        var formula = FillingBook.SesameChocolate;
        var soft = formula with { Lines = [.. formula.Lines.Select(l => l.Ingredient == Pantry.DoubleCream ? l with { Grams = 392 } : l)] };
        FillingYield.Of(soft, 1).SetIndex.Value.Value.ShouldBe(71.4, 0.1);
        FillingYield.Of(soft, 1).Cut.Name.ShouldBe("soft");
    }

    [Fact]
    public void Boiling_down_takes_as_long_as_what_boils_off_by_hand()
    {
        // 240 g × 0.97 × half = 116.4 ml at 15 ml a minute: 7.8 min; at 25, 4.7; at 10, 11.6.
        var minutes = FillingYield.Of(FillingBook.GrapefruitCurd, 1).Reducing!.Value;
        minutes.Best.ShouldBe(7.76, 0.01);
        minutes.Least.ShouldBe(4.66, 0.01);
        minutes.Most.ShouldBe(11.64, 0.01);
        FillingYield.Of(FillingBook.MaltCustard, 1).Reducing.ShouldBeNull();
    }

    [Fact]
    public void Whey_takes_what_soured_the_milk_with_it()
    {
        var made = FillingYield.Of(FillingBook.FreshCurd, 1);
        made.Juice.Value.Value.ShouldBeLessThan(0.01);

        // 340 g of curd + 110 + 150 + 95 + 12 + 1 = 708 g.
        made.Weighed.Value.Value.ShouldBe(708, 0.5);
    }

    [Fact]
    public void Almond_paste_rises_over_a_rim_it_stands_too_near_to()
    {
        // A 25 mm tin lined 3 mm: 22 deep. 3 below the rim it stands 19, risen 19 × 1.225 = 23.3; 8 below, 14 × 1.225 = 17.2.
        var full = Assessment.Of(Pies.Read("pan=tart-25&crust=sweet-short&edge=trimmed&seal=jam&fill=plum-almond&line=3&top=none"));
        full.Risen!.Value.Value.ShouldBe(23.3, 0.1);
        full.Advice.ShouldContain(f => f.Rule.Id == "rises-over");
        Assessment.Of(
            Pies.Read("pan=tart-25&crust=sweet-short&edge=trimmed&seal=jam&fill=plum-almond&line=8&top=none"))
            .Risen!.Value.Value.ShouldBe(17.2, 0.1);
    }

    [Fact]
    public void A_baked_filling_bakes_in_a_part_baked_shell()
    {
        var pie = Assessment.Of(Pies.Read("pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk&top=none&ahead=8"));
        pie.Card.StopAt!.Name.ShouldBe("straw");
        pie.Card.Setting.Need.Bake.ShouldBe(ShellBake.Part);

        // Practice has 30–40 min at 160 °C for what is about so deep; it is worked out for this pan.
        pie.FilledBake!.Heat!.Value.Value.ShouldBe(160);
        pie.FilledBake!.Minutes.Value.Best.ShouldBeInRange(20, 40);
        pie.Chain.Steps.Single(s => s.Kind is StepKind.BakeFilled).Wait.ShouldBe(pie.FilledBake!.Minutes.Value);
        pie.Chain.Steps.ShouldContain(s => s.Part == StepPart.Assembly && s.Where == Place.Oven);
        Assessment.Of(Pies.Read("fill=malt-custard")).FilledBake.ShouldBeNull();

        // In an oven that is 12 °C hot the dial is set to 148 for it, and the step says so.
        var hot = Core.Kitchens.Kitchen.Usual with { Ovens = [new("oven-1", "Big {oven}", new(600), new(400), 3, false, 12)] };
        var there = Assessment.Of(pie.Composition, 1, hot);
        there.FilledDial!.Value.Value.ShouldBe(148);
        new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual)
            .Say(there.Chain.Steps.Single(s => s.Part == StepPart.Assembly && s.Where == Place.Oven && s.Wait.Best > 0).Do)
            .ShouldContain("(Big {oven}: set 150 °C)");
        there.FiguresWithTimes().Select(f => f.Id).ShouldContain(PieBakings.FilledDialId);
    }

    [Fact]
    public void Every_family_has_a_formula_a_method_and_a_shell_of_its_own()
    {
        FillingFamilies.All.Select(f => f.Id).ShouldBe(FillingFamilies.Shells.Select(n => n.Id));
        foreach (var family in FillingFamilies.All)
        {
            FillingBook.All.ShouldContain(f => f.Family == family, family.Name);
            family.Method.ShouldNotBeEmpty();
            family.Pour.Do.Template.ShouldContain("{0}");
            family.Bands.Count(b => b.Verdict == 0).ShouldBe(1);

            // What it aims for is a clean slice.
            Core.Cutting.CutBands.Of(family.Bands, family.Aim).Verdict.ShouldBe(0, family.Name);
            family.Bands.Select(b => b.From).ShouldBe(family.Bands.Select(b => b.From).Order());
        }
    }

    [Fact]
    public void A_recipe_of_each_family_is_taken_for_one_of_it()
    {
        foreach (var formula in FillingBook.All)
        {
            PartGuess.FamilyOf(
                PartKind.Filling, [.. formula.Lines.Select(l => new RecipeLine(l.Ingredient, l.Grams, l.GoesIn, l.Note))])
                .ShouldBe(formula.Family.Id, formula.Name);
        }
    }

    [Theory]
    [InlineData("baked-custard", "200 double-cream,50 caster-sugar", "Nothing in it sets")]
    [InlineData("baked-custard", "200 whole-egg,50 caster-sugar", "there is none in it")]
    [InlineData("starch-custard", "400 caster-sugar,5 cornflour", "nine tenths")]
    [InlineData("cheese-gelatine", "400 cream-cheese,100 double-cream", "Nothing in it sets")]
    [InlineData("ganache", "300 dark-chocolate", "there is none in it")]
    public void A_formula_that_cannot_set_says_so(string family, string lines, string says)
    {
        var part = new PartRecipe(
            "p", "P", PartKind.Filling, family,
            [
                .. lines.Split(',').Select(l => l.Split(' '))
                    .Select(l => new RecipeLine(Pantry.Find(l[1])!, double.Parse(l[0], System.Globalization.CultureInfo.InvariantCulture)))
            ]);
        part.Trouble.Says.ShouldContain(says);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void What_each_line_adds_makes_the_index(Composition pie)
    {
        var made = FillingYield.Of(pie.Filling.Formula, pie.Filling.Setter);
        made.SetParts.Sum(p => p.Index).ShouldBe(made.SetIndex.Value.Value, made.SetIndex.Value.Value * 0.03);
        made.SetParts.ShouldAllBe(p => p.Index > 0);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Every_chain_fills_the_shell_once_and_its_waits_are_those_of_its_family(Composition pie)
    {
        var work = Assessment.Of(pie);
        var family = pie.Filling.Formula.Family;
        var steps = work.Chain.Steps;
        steps.Count(s => s.Part == StepPart.Filling && s.Kind is not StepKind.CoolToPour).ShouldBe(
            pie.Fillings.Sum(f => f.Family.Method.Count + (f.Lines.Any(l => l.GoesIn is GoesIn.Reduced) ? 1 : 0)
                + (f.Lines.Any(l => l.GoesIn is GoesIn.Caramelised) && f.Family != FillingBook.SaltCaramel.Family ? 1 : 0)));
        if (family.Bake is not null)
            steps.Any(s => s.Part == StepPart.Assembly && s.Where == Place.Oven && s.Wait.Best > 0).ShouldBeTrue();
        var before = steps.Where(
            s => s.Where is Place.Fridge && s.Part == StepPart.Assembly && s.Cue == "bears a fingertip").Sum(s => s.Wait.Best);
        steps.Where(s => s.Where is Place.Fridge && s.Part == StepPart.Assembly).Sum(s => s.Wait.Best)
            .ShouldBe(before + work.Chain.SetTime.Value.Best, 1e-9);
    }
}
