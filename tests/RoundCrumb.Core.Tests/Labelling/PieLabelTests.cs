using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Labelling;

/// <summary>What a label says, and what it must never leave out.</summary>
public sealed class PieLabelTests
{
    private static BatchSheet Sheet(Composition pie, int pies = 1) => BatchSheet.Of(Assessment.Of(pie, pies, Kitchen.Usual));

    private static PieLabel Label(string address) => PieLabel.Of(Sheet(CompositionAddress.Read(address).Composition));

    private static string Plain(PieLabel label, LabelLaw law = LabelLaw.European) => string.Concat(label.Text(law).Select(w => w.Text));

    private const string Malt = "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing";

    [Fact]
    public void Ingredients_stand_by_weight_as_they_went_in_and_allergens_are_set_off_in_words()
    {
        var label = Label(Malt);
        label.Lines.Where(l => !l.Ingredient.Is(Traits.PlainWater)).Select(l => l.Grams).ShouldBeInOrder(SortDirection.Descending);
        var text = Plain(label);
        text.ShouldStartWith("whole milk, double cream (milk), unsalted butter (milk), plain flour (wheat)");
        text.ShouldContain("malted milk powder (wheat, barley malt, milk powder, sugar)");
        text.ShouldEndWith(".");
        var set = label.Text(LabelLaw.European).Where(w => w.IsAllergen).Select(w => w.Text).Distinct().ToList();
        set.ShouldBe(["milk", "wheat", "egg", "barley"], ignoreOrder: true);

        // Barley is no allergen of the nine: the word stands there and is not set off.
        label.Text(LabelLaw.American).Where(w => w.IsAllergen).Select(w => w.Text).Distinct().ShouldBe(["milk", "wheat", "egg"],
            ignoreOrder: true);
        label.Groups(LabelLaw.American).ShouldBe(["milk", "egg", "wheat"]);
    }

    [Fact]
    public void Alcohol_gelatine_and_raw_egg_are_said()
    {
        var cheese = Label("pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&top=none");
        (cheese.HasGelatine, cheese.HasAlcohol).ShouldBe((true, false));
        (Label(Malt).HasGelatine, Label(Malt).IsVegetarian).ShouldBe((false, true));
        Label(Malt).HasAlcohol.ShouldBeTrue("vanilla extract is spirit, and never cooks off wholly");
        cheese.IsVegetarian.ShouldBeFalse();
    }

    /// <summary>
    /// An own ingredient of which nobody has said what it has is named, and is never "none"; once it is said to have none it is not.
    /// </summary>
    [Fact]
    public void What_is_not_stated_is_never_none()
    {
        var values = IngredientValues.Of(Pantry.PlainFlour) with { Allergens = Allergens.None, AllergensStated = false };
        values.Like(Pantry.PlainFlour, "own-1", "mystery flour", []).AllergensStated.ShouldBeFalse();
        (values with { AllergensStated = true }).Like(Pantry.PlainFlour, "own-1", "mystery flour", []).AllergensStated.ShouldBeTrue();
        (values with { Allergens = Allergens.Lupin }).Like(Pantry.PlainFlour, "own-1", "mystery flour", []).AllergensStated.ShouldBeTrue();
        Pantry.All.ShouldAllBe(i => i.AllergensStated);

        // For guests who must not have nuts it is as good as nuts, and wherever what is contained is named it is named too.
        var mystery = values.Like(Pantry.PlainFlour, "own-1", "mystery flour", []);
        mystery.MayHave(Allergens.Almond).ShouldBeTrue();
        mystery.MayHave(Allergens.None).ShouldBeFalse();
        Pantry.PlainFlour.MayHave(Allergens.Almond).ShouldBeFalse();
        var part = new PartRecipe("box-1-1", "Mystery", PartKind.Filling, "starch-custard", [new(mystery, 100), new(Pantry.Butter, 10)]);
        part.Contains.ShouldBe(["milk", "perhaps wheat (gluten)", "not stated for mystery flour"]);
        new Needs(Composition.Usual.Occasion with { Without = Allergens.Almond }).Allow(mystery).ShouldBeFalse();
    }

    /// <summary>
    /// 100 g of butter by hand: 82 g of fat at 37 kJ are 3,034, half a gram each of sugar and protein 17: some 3,050 kJ, 729 kcal; of the
    /// fat
    /// 64 % is saturated, 52.5 g.
    /// </summary>
    [Fact]
    public void Energy_and_the_seven_are_those_of_its_makeup()
    {
        var butter = Nutrition.Of([(Pantry.Butter, 250)], 250);
        butter.Fat.ShouldBe(Pantry.Butter.Makeup.Fat * 100, 1e-9);
        butter.Kilojoules.ShouldBe(
            (Pantry.Butter.Makeup.Fat * 3700) + ((Pantry.Butter.Makeup.Sugars + Pantry.Butter.Makeup.Protein) * 1700), 20);
        butter.Saturates.ShouldBe(butter.Fat * 0.64, 0.5);
        (butter.Kilojoules / butter.Kilocalories).ShouldBe(4.184, 1e-9);

        // A litre of milk boiled down to half holds twice as much in 100 g, and salt is nearly all salt.
        var (milk, half) = (Nutrition.Of([(Pantry.Milk, 1000)], 1000), Nutrition.Of([(Pantry.Milk, 1000)], 500));
        half.Kilojoules.ShouldBe(2 * milk.Kilojoules, 1e-6);
        Nutrition.Of([(Pantry.Salt, 10), (Pantry.Water, 990)], 1000).Salt.ShouldBe(1, 0.01);
        Nutrition.Of([(Pantry.Milk, 100)], 100).For(150).Protein.ShouldBe(milk.Protein * 1.5, 1e-9);
    }

    [Fact]
    public void Every_ingredient_has_saturates_within_its_fat_and_salt_within_its_weight()
    {
        foreach (var ingredient in Pantry.All)
        {
            ingredient.Saturates.ShouldBeInRange(0, ingredient.Makeup.Fat + 1e-9, ingredient.Name);
            ingredient.Salt.ShouldBeInRange(0, 1, ingredient.Name);
            foreach (var allergen in AllergenWords.In(ingredient.Allergens))
            {
                if (Compound.Usual(ingredient) is { Count: > 0 } holds)
                    holds.ShouldContain(h => AllergenWords.Names(h, allergen), $"{ingredient.Name}: {allergen}");
            }
        }
    }

    /// <summary>
    /// Three hundred pies put together: whatever goes into one of them by its own parts, added up here without the label's help, is on its
    /// label, and nothing else is; and its words name every one.
    /// </summary>
    [Fact]
    public void Allergens_of_three_hundred_pies_are_the_union_of_what_goes_in()
    {
        var random = new Random(17);
        T Any<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];
        for (var n = 0; n < 300; n++)
        {
            var pie = Composition.For(Any(PanCupboard.All), Any(CrustBook.All), Any(FillingBook.All), Any(ToppingBook.All));
            var sheet = Sheet(pie);
            var union = Allergens.None;
            foreach (var line in pie.Filling.Formula.Lines)
                union |= line.Ingredient.Allergens;
            foreach (var line in sheet.Pie.Crust.Lines)
                union |= line.Ingredient.Allergens;
            foreach (var line in sheet.Pie.Toppings.SelectMany(t => t.Lines))
                union |= line.Ingredient.Allergens;
            if (sheet.Pie.Composition.Crust.Seal.Ingredient is { } seal)
                union |= seal.Allergens;
            var label = PieLabel.Of(sheet);
            label.Allergens.ShouldBe(union, CompositionAddress.Write(pie));
            var text = Plain(label);
            foreach (var allergen in AllergenWords.In(union))
                text.ShouldContain(AllergenWords.Of(allergen), Case.Insensitive, CompositionAddress.Write(pie));
            label.Net.Value.Value.ShouldBeGreaterThan(0);
            label.Nutrition.Kilojoules.ShouldBeInRange(100, 3800, CompositionAddress.Write(pie));
        }
    }

    /// <summary>
    /// A label of 99.1 by 67.7 mm less 2.5 mm all round is 94.1 by 62.7 mm, 5,900 mm². Of 900 letters, half as wide as high and with lines
    /// of
    /// 1.18, each has 5,900 ÷ (900 × 0.59) = 11.1: 3.33 mm high, 9.45 pt, and a tenth less 8.5. Of 6,000 it would be 3.3: too small to
    /// read.
    /// </summary>
    [Fact]
    public void Type_is_as_large_as_fits_and_never_too_small_to_read()
    {
        var sheet = LabelSheet.All.Single(s => s.Id == "a4-8");
        sheet.TypeFor(900).ShouldBe(8.5);
        sheet.TypeFor(10).ShouldBe(11);
        sheet.TypeFor(6000).ShouldBeNull();
        foreach (var one in LabelSheet.All.Append(LabelSheet.OfOwn(90, 50)))
        {
            (one.Left + (one.Columns * one.Width)).ShouldBeLessThanOrEqualTo(one.PageWidth + 1e-9, one.Name);
            (one.Top + (one.Rows * one.Height)).ShouldBeLessThanOrEqualTo(one.PageHeight + 1e-9, one.Name);
        }

        (LabelSheet.OfOwn(90, 50).Columns, LabelSheet.OfOwn(90, 50).Rows).ShouldBe((2, 5));
    }

    /// <summary>
    /// Plum and almond in the 25 cm tin, jam beneath: what is cut off (12 of 112) is no part of the pie, so that its sugar (136.6 g) goes
    /// before its soft flour (142.9 × 0.893 = 127.7 g); the jam is 0.15 g to each square centimetre of the base.
    /// </summary>
    [Fact]
    public void Net_weight_has_the_seal_in_it_and_offcuts_are_no_part_of_it()
    {
        const string plum = "pan=tart-25&crust=sweet-short&edge=trimmed&fill=plum-almond&top=none";
        var (with, without) = (Label(plum + "&seal=jam"), Label(plum + "&seal=none"));
        var film = Sheet(CompositionAddress.Read(plum).Composition).Pie.Lined.Within.BaseArea.Value / 100 * 0.15;
        (with.Net.Value - without.Net.Value).Value.ShouldBe(film, 1e-6);
        film.ShouldBe(67, 2);
        var names = with.Lines.Select(l => l.Ingredient.Id).ToList();
        names.IndexOf("caster-sugar").ShouldBeLessThan(names.IndexOf("soft-flour"));
    }

    /// <summary>
    /// Fresh curd: the whey takes 83 of 100 g of the milk's sugar with it. By hand for 1,017 g of pie: lactose 108 g of 227 g of sugars, of
    /// which 18 g stay: 13.5 g in 100 g, carbohydrate about 25.7 g; all of it counted it was 22.3 and 34.5.
    /// </summary>
    [Fact]
    public void What_the_whey_takes_is_not_counted()
    {
        var n = Label(
            "pan=plate-20&crust=short&bake=steady&edge=crimped&seal=white&fill=nutmeg-curd&make=exact&top=none&ahead=10").Nutrition;
        n.Sugars.ShouldBe(13.5, 1);
        n.Carbohydrate.ShouldBe(25.7, 2);
        n.Kilojoules.ShouldBeInRange(1350, 1560);
    }

    /// <summary>What is listed is what is in the pie: together with what evaporates it never weighs less than the pie does.</summary>
    [Fact]
    public void Contents_and_net_weight_are_of_one_pie()
    {
        foreach (var filling in FillingBook.All)
        {
            var sheet = Sheet(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.Icing), 3);
            var contents = PieContents.Of(sheet);
            (contents.Lines.Sum(l => l.Grams) - contents.Evaporated).ShouldBe(
                contents.Net.Value.Value, contents.Net.Value.Value * 0.03, filling.Id);

            // Three pies are three times one pie; what a batch leaves in the bowl is no part of any.
            PieLabel.Of(sheet).Net.Value.Value.ShouldBe(
                PieLabel.Of(Sheet(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.Icing), 1)).Net.Value.Value,
                contents.Net.Value.Value * 0.02, filling.Id);
        }
    }
}
