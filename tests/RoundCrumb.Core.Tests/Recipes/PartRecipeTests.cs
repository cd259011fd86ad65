using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Recipes;

public class PartRecipeTests
{
    private static readonly PartRecipe OwnFlaky = new("own-1", "House flaky", PartKind.Crust, "butter-flaky",
    [
        new(Pantry.PlainFlour, 250), new(Pantry.Butter, 200), new(Pantry.Water, 75), new(Pantry.Salt, 5),
    ]);

    private static readonly PartRecipe OwnCrumb = new("own-2", "Ginger crumb", PartKind.Crust, "plain-crumb",
    [
        new(Pantry.Find("ginger-biscuit-crumbs")!, 200), new(Pantry.Butter, 76), new(Pantry.Salt, 1), new(Pantry.Butter, 4),
    ]);

    private static readonly PartRecipe OwnFilling = new("own-3", "Lime yoghurt set", PartKind.Filling, "cheese-gelatine",
    [
        new(Pantry.CreamCheese, 400, GoesIn.Beaten), new(Pantry.Find("greek-yoghurt")!, 200), new(Pantry.CasterSugar, 100),
        new(Pantry.Find("lime-juice")!, 60),
        new(Pantry.Water, 40, GoesIn.Bloom), new(Pantry.Find("gelatine-leaf")!, 8), new(Pantry.DoubleCream, 200, GoesIn.WhippedAndFolded),
    ]);

    private static readonly PartRecipe OwnTopping = new("own-4", "Mascarpone cream", PartKind.Topping, PartFamilies.WhippedCream,
    [
        new(Pantry.DoubleCream, 297), new(Pantry.Find("mascarpone")!, 90), new(Pantry.IcingSugar, 15),
    ]);

    public static TheoryData<string> Shipped => [.. ShippedParts.All.Select(p => p.Id)];

    [Fact]
    public void Bakers_percentages_by_hand()
    {
        // 250 g flour: butter 200 ÷ 250 = 80 %, water 30 %, salt 2 %; in all 212 %.
        var crust = (RolledFamily)OwnFlaky.AsCrust()!;
        crust.TotalOfFlour.ShouldBe(2.12, 1e-9);
        crust.Dough[1].Percent.Usual.ShouldBe(0.8, 1e-9);

        // A crimped 23 cm disc of 312 mm weighs the same whatever is in it; flour is 1 ÷ 2.12 of it.
        var sums = CrustSums.Of(Composition.UsualCrust(PanCupboard.Plate23, crust), PanCupboard.Plate23);
        sums.Lines[0].Mass.Value.Value.ShouldBe(sums.Total.Value.Value / 2.12, 1e-6);
    }

    [Fact]
    public void A_crumb_crust_may_name_one_ingredient_twice()
    {
        // 200 crumbs, 76 + 4 butter, 1 salt: 281 in all, butter 80 ÷ 281 of any pan's mixture.
        var crust = OwnCrumb.AsCrust()!;
        var sums = CrustSums.Of(Composition.UsualCrust(PanCupboard.Plate23, crust), PanCupboard.Plate23);
        sums.Lines.Select(l => l.Mass.Id).ShouldBe(["crust-ginger-biscuit-crumbs", "crust-butter", "crust-salt", "crust-butter-2"]);
        sums.Lines.Where(l => l.Ingredient == Pantry.Butter).Sum(l => l.Mass.Value.Value).ShouldBe(sums.Total.Value.Value * 80 / 281, 1e-6);
        sums.HeldBack!.Value.Value.ShouldBe(sums.Total.Value.Value * 80 / 281 * 0.25, 1e-6);
        ((CrumbFamily)crust).BiscuitMass.Usual.ShouldBe(10);
    }

    [Fact]
    public void A_filling_by_hand()
    {
        // Gelatine: 8 g of 180 bloom are 8 × √0.9 = 7.59 g of 200; ÷ 1008 g = 0.753 in 100. Sharp juice: 60 + 20 (a tenth of the yoghurt) ÷
        // 1008 = 7.9 %.
        var facts = PartFacts.Of(OwnFilling);
        facts.Total.Value.Value.ShouldBe(1008);
        facts.Set!.Value.Value.ShouldBe(0.753, 0.001);
        facts.Cut!.Name.ShouldBe("creamy slice");
        facts.Juice.Value.Value.ShouldBe(0.0794, 0.0005);
        facts.Allergens.ShouldBe(Allergens.Milk);
        facts.IsVegetarian.ShouldBeFalse();
        OwnFilling.AsFilling()!.WholeBy.ShouldBe(Pantry.CreamCheese);
    }

    [Fact]
    public void A_topping_holds_by_what_is_in_it()
    {
        // 90 g mascarpone in 300 ml cream is 0.3: over a fifth, so 36 h. Plain cream with 5 % icing sugar: 8–12 h.
        OwnTopping.AsTopping()!.Holds.Most.ShouldBe(36 * 60);
        (OwnTopping with { Lines = [new(Pantry.DoubleCream, 297), new(Pantry.IcingSugar, 15)] }).AsTopping()!.Holds.Most.ShouldBe(12 * 60);
        (OwnTopping with { Lines = [new(Pantry.DoubleCream, 297)] }).AsTopping()!.Holds.Most.ShouldBe(4 * 60);
    }

    [Theory]
    [InlineData("meringue", "120 egg-white,210 caster-sugar", "egg-white")]
    [InlineData("crumble", "150 plain-flour,90 butter,70 demerara-sugar", "plain-flour")]
    [InlineData("jelly", "300 orange-juice,40 caster-sugar,6 gelatine,30 water", "orange-juice")]
    [InlineData("glaze", "100 marmalade,20 water", "marmalade")]
    public void A_topping_of_the_bakers_own_is_of_its_kind(string family, string lines, string against)
    {
        var part = new PartRecipe(
            "own-7", "House topping", PartKind.Topping, family,
            [
                .. lines.Split(',').Select(l => l.Split(' '))
                    .Select(l => new RecipeLine(Pantry.Find(l[1])!, double.Parse(l[0], System.Globalization.CultureInfo.InvariantCulture)))
            ]);
        part.Trouble.Exists.ShouldBeFalse(part.Trouble.Says);
        PartGuess.FamilyOf(PartKind.Topping, part.Lines).ShouldBe(family);
        var topping = part.AsTopping()!;
        topping.Base.Id.ShouldBe(against);
        var pie = Assessment.Of(
            CompositionAddress.Read("fill=gooseberry&crust=short&top=own-7&ahead=8", PartBook.Shipped.With([part])).Composition);
        pie.Topping!.Choice.Topping.Id.ShouldBe("own-7");
        pie.Topping.Choice.Topping.Kind.ShouldBe(topping.Kind);

        // Its lines keep the proportions in which they were written.
        var (first, second) = (part.Lines[0], part.Lines[1]);
        (pie.Topping.Lines[1].Mass.Value.Value / pie.Topping.Lines[0].Mass.Value.Value).ShouldBe(second.Mass / first.Mass, 1e-9);
    }

    [Theory]
    [InlineData("meringue", "210 caster-sugar", "egg white")]
    [InlineData("jelly", "300 orange-juice,40 caster-sugar", "Nothing in it sets")]
    [InlineData("glaze", "100 water", "jam")]
    [InlineData("crumble", "100 butter", "flour")]
    public void A_topping_without_what_makes_it_is_refused_in_words(string family, string lines, string says) =>
        new PartRecipe(
            "own-7", "House topping", PartKind.Topping, family,
            [
                .. lines.Split(',').Select(l => l.Split(' '))
                    .Select(l => new RecipeLine(Pantry.Find(l[1])!, double.Parse(l[0], System.Globalization.CultureInfo.InvariantCulture)))
            ]).Trouble.Says.ShouldContain(says);

    /// <summary>
    /// What is shipped is only a recipe that came with the program: written out and taken up again it makes the same pie.
    /// </summary>
    [Theory]
    [MemberData(nameof(Shipped))]
    public void A_shipped_part_as_a_recipe_makes_the_same_pie(string id)
    {
        var part = ShippedParts.Find(id)! with { Id = "own-9" };
        part.Trouble.Exists.ShouldBeFalse(part.Trouble.Says);
        var book = PartBook.Shipped.With([part]);
        var field = part.Kind switch { PartKind.Crust => "crust", PartKind.Filling => "fill", _ => "top" };
        var shipped = Assessment.Of(CompositionAddress.Read($"{field}={id}").Composition);
        var own = Assessment.Of(CompositionAddress.Read($"{field}=own-9", book).Composition);
        own.Crust.Total.Value.Value.ShouldBe(shipped.Crust.Total.Value.Value, 0.01);
        own.Crust.Lines.Select(l => Math.Round(l.Mass.Value.Value, 0))
            .ShouldBe(shipped.Crust.Lines.Select(l => Math.Round(l.Mass.Value.Value, 0)));
        own.Yield.Volume.Value.Value.ShouldBe(shipped.Yield.Volume.Value.Value, 1e-6);
        own.Yield.SetIndex.Value.Value.ShouldBe(shipped.Yield.SetIndex.Value.Value, 1e-9);
        own.Topping?.Total.Value.Value.ShouldBe(shipped.Topping!.Total.Value.Value, shipped.Topping.Total.Value.Value * 0.01);
        own.Times.CreamHolds?.Value.ShouldBe(shipped.Times.CreamHolds!.Value);
    }

    [Theory]
    [MemberData(nameof(Shipped))]
    public void A_shipped_part_keeps_to_its_familys_ranges(string id)
    {
        var facts = PartFacts.Of(ShippedParts.Find(id)!);
        facts.Checks.ShouldNotBeEmpty();
        facts.Checks.Where(c => !c.IsSound).Select(c => c.Says.Template).ShouldBeEmpty();
        facts.Figures().Select(f => f.Id).ShouldBeUnique();
    }

    [Theory]
    [InlineData(300, "Much fat")]
    [InlineData(90, "Little fat")]
    public void A_ratio_out_of_its_range_is_said_with_the_reason(double butter, string says)
    {
        var facts = PartFacts.Of(
            OwnFlaky with { Lines = [new(Pantry.PlainFlour, 250), new(Pantry.Butter, butter), new(Pantry.Water, 75)] });
        var check = facts.Checks.Single(c => !c.IsSound);
        check.Says.Template.ShouldStartWith(says);
        check.Severity.ShouldBe(Severity.Disappoints);
        check.Range.Reason.ShouldNotBeNullOrWhiteSpace();
    }

    [Property]
    public void A_part_made_larger_keeps_its_shares_and_its_set(PositiveInt times)
    {
        var k = 1 + (times.Get / 10.0);
        var large = OwnFilling with { Lines = [.. OwnFilling.Lines.Select(l => l with { Grams = l.Grams * k })] };
        var (one, many) = (PartFacts.Of(OwnFilling), PartFacts.Of(large));
        many.Total.Value.Value.ShouldBe(one.Total.Value.Value * k, 1e-6);
        many.Yield!.Value.Value.ShouldBe(one.Yield!.Value.Value * k, 1e-6);
        many.Set!.Value.Value.ShouldBe(one.Set!.Value.Value, 1e-9);
        many.Shares.Select(s => Math.Round(s.Value.Value, 9)).ShouldBe(one.Shares.Select(s => Math.Round(s.Value.Value, 9)));
    }

    [Fact]
    public void What_cannot_be_used_says_why()
    {
        (OwnFlaky with { Lines = [] }).Trouble.Says.ShouldContain("Nothing is weighed");
        (OwnFlaky with { Lines = [new(Pantry.Butter, 100)] }).Trouble.Says.ShouldContain("flour");
        (OwnCrumb with { Lines = [new(Pantry.Butter, 100)] }).Trouble.Says.ShouldContain("crumbs");
        (OwnTopping with { Lines = [new(Pantry.IcingSugar, 100)] }).Trouble.Says.ShouldContain("cream");
        (OwnFilling with { FamilyId = "no-such" }).Trouble.Says.ShouldContain("kind of filling");
        (OwnFlaky with { Lines = [new(Pantry.PlainFlour, 10), new(Pantry.Butter, 500)] }).Trouble.Exists.ShouldBeTrue();
        PartBook.Shipped.With([OwnFlaky with { Lines = [] }]).Crust("own-1").ShouldBeNull();
    }

    [Fact]
    public void The_methods_own_figures_win()
    {
        var reduced = (OwnFilling with { FamilyId = "starch-custard", Figures = new(MethodLoss: 0.2, FillLine: 9) }).AsFilling()!;
        reduced.Family.MethodLoss.Usual.ShouldBe(0.2);
        reduced.Family.FillLine.Usual.ShouldBe(9);
        ((RolledFamily)(OwnFlaky with { Figures = new(Rest: 90) }).AsCrust()!).RestMinutes.ShouldBe(90);
    }

    [Fact]
    public void A_remedy_leaves_a_bakers_own_parts_where_they_are()
    {
        var book = PartBook.Shipped.With([OwnFlaky, OwnFilling, OwnTopping]);
        var pie = CompositionAddress.Read("pan=deep-plate-24&crust=own-1&fill=own-3&top=own-4&ahead=20&topped=19", book).Composition;
        foreach (var remedy in Assessment.Of(pie).Advice.SelectMany(f => f.Remedies))
        {
            var after = remedy.Apply(pie);
            (after.Crust.Family.Id == "own-1" || after.Crust.Family.Id == "plain-crumb").ShouldBeTrue();
            after.Filling.Formula.Id.ShouldBe("own-3");
        }
    }

    [Fact]
    public void One_ingredient_in_two_parts_is_two_lines_on_the_sheet_and_one_to_buy()
    {
        var sheet = BatchSheet.Of(Assessment.Of(Composition.Usual, 3));
        var butter = sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient == Pantry.Butter).ToList();
        butter.Count.ShouldBe(2);
        var buy = Shopping.Of(sheet);
        buy.Select(b => b.Ingredient).ShouldBeUnique();
        var bought = buy.Single(b => b.Ingredient == Pantry.Butter);
        bought.Mass.Value.Value.ShouldBe(butter.Sum(l => l.Mass.Value.Value), 1e-9);

        // Packs of 250 g, whole ones.
        bought.Packs.ShouldBe((int)Math.Ceiling(bought.Mass.Value.Value / 250));
        buy.ShouldNotContain(b => b.Ingredient == Pantry.Water);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Shopping_buys_what_the_sheet_weighs(Composition pie)
    {
        var sheet = BatchSheet.Of(Assessment.Of(pie, 4));
        var dry = sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient != Pantry.Water).Sum(l => l.Mass.Value.Value);
        Shopping.Of(sheet).Sum(b => b.Mass.Value.Value).ShouldBe(dry, 1e-6);
        sheet.Ticks().ShouldBeUnique();
    }
}
