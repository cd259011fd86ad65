using FsCheck.Xunit;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

public class LineReaderTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    [Theory]
    [InlineData(CupSize.American, 236.6)]
    [InlineData(CupSize.Metric, 250)]
    [InlineData(CupSize.Imperial, 284.13)]
    public void The_recipe_says_which_cup(CupSize cup, double ml) =>
        new LineReader(IngredientFinder.Shipped, new(cup)).Read("1 cup milk").Items[0].Grams!.Value.ShouldBe(ml * 1.03, 0.1);

    [Fact]
    public void The_recipe_says_which_egg_and_the_line_knows_better()
    {
        // Medium 45 g, so three are 135; "large" on the line is 50 each.
        var medium = new LineReader(IngredientFinder.Shipped, new(Egg: EggSize.Medium));
        medium.Read("3 eggs").Items[0].Grams.ShouldBe(135);
        medium.Read("3 large eggs").Items[0].Grams.ShouldBe(150);
        medium.Read("2 yolks").Items[0].Grams.ShouldBe(33);
    }

    [Fact]
    public void Two_measures_that_disagree_are_pointed_out_with_the_one_that_fits()
    {
        // 8 oz is 227 g; 170 g is a quarter less. A pack of cream cheese is 200 g: neither is a half or whole pack, so the first.
        var cheese = Reader.Read("170 g (8 oz) plain yoghurt");
        cheese.Items[0].Grams!.Value.ShouldBe(170);
        cheese.Trouble.ShouldContain("differ by 25 %");

        // Butter comes in 250 g: 250 fits, 200 does not.
        Reader.Read("200 g (8.8 oz) butter").Items[0].Grams!.Value.ShouldBe(249.5, 0.1);

        // A cup of flour is 125 g; 200 g in a cup would be sugar. The cup fits flour.
        var flour = Reader.Read("1 cup (200 g) plain flour");
        flour.Items[0].Grams!.Value.ShouldBe(125.4, 0.1);
        flour.Trouble.ShouldContain("The volume is taken");

        // 140 g in a cup is flour packed tightly: the scale is right.
        var packed = Reader.Read("1 cup (140 g) plain flour");
        packed.Items[0].Grams.ShouldBe(140);
        packed.Trouble.ShouldContain("the weight fits");

        // Within 8 % nothing is said.
        Reader.Read("6 oz (170 g) butter").Trouble.ShouldBeEmpty();
        Reader.Read("1 cup (120 g) plain flour").Trouble.ShouldBeEmpty();
    }

    /// <summary>Sugar that is melted first is so, whichever way a baker says it, and comes back when it is written.</summary>
    [Theory]
    [InlineData("150 g brown sugar, melted with the butter till it smells of toffee", GoesIn.Caramelised)]
    [InlineData("150 g caster sugar, caramelised", GoesIn.Caramelised)]
    [InlineData("150 g caster sugar, caramelized dry", GoesIn.Caramelised)]
    [InlineData("150 g sugar, cooked to amber", GoesIn.Caramelised)]
    [InlineData("150 g sugar, melted dry", GoesIn.Caramelised)]
    [InlineData("150 g caster sugar, to caramel", GoesIn.Caramelised)]
    [InlineData("150 g sugar, melted in the milk", GoesIn.Mixed)]
    [InlineData("150 g brown sugar, whisked with the yolks", GoesIn.Mixed)]
    [InlineData("150 g caramelised white chocolate", GoesIn.Mixed)]
    public void Sugar_that_is_melted_first_is_known(string line, GoesIn how)
    {
        var item = Reader.Read(line).Items[0];
        item.GoesIn.ShouldBe(how);
        Reader.Read(LineWriter.Write(item.Ingredient!, item.Grams, item.GoesIn)).Items[0].GoesIn.ShouldBe(how);
    }

    [Fact]
    public void What_is_not_understood_is_given_back_with_what_was()
    {
        var line = Reader.Read("200 g flibbertigibbet, chopped");
        line.IsWhole.ShouldBeFalse();
        line.NotRead.ShouldBe("flibbertigibbet");
        line.Note.ShouldBe("chopped");
        line.Text.ShouldBe("200 g flibbertigibbet, chopped");
    }

    [Fact]
    public void A_misspelt_name_is_guessed_and_said()
    {
        var line = Reader.Read("100 g desicated coconut");
        line.Items[0].Ingredient!.Id.ShouldBe("desiccated-coconut");
        line.Items[0].Assumed[0].ShouldContain("taken as");
        line.IsWhole.ShouldBeFalse();
    }

    [Fact]
    public void A_choice_is_remembered()
    {
        IngredientFinder.Shipped.Find("house blend flour").Likeness.ShouldNotBe(Likeness.Known);
        var taught = new IngredientFinder(Pantry.All, new Dictionary<string, string> { ["House blend flours"] = "spelt-flour" });
        taught.Find("house blend flour").ShouldSatisfyAllConditions(
            f => f.Ingredient!.Id.ShouldBe("spelt-flour"), f => f.Likeness.ShouldBe(Likeness.Known));
    }

    [Theory]
    [InlineData("lupin flour")]
    [InlineData("buffalo butter")]
    public void A_flour_that_is_not_known_is_offered_and_never_taken_for_another(string name)
    {
        var found = IngredientFinder.Shipped.Find(name);
        found.Likeness.ShouldNotBe(Likeness.Known);
        found.Candidates.ShouldNotBeEmpty();
    }

    [Fact]
    public void Every_name_of_the_pantry_leads_to_its_own_ingredient_and_to_no_other()
    {
        var keys = Pantry.All.SelectMany(
            i => IngredientFinder.NamesOf(i).Select(IngredientFinder.Key).Distinct().Select(k => (Key: k, i.Id))).ToList();
        keys.GroupBy(k => k.Key).Where(g => g.Select(k => k.Id).Distinct().Count() > 1)
            .Select(g => $"{g.Key}: {string.Join(", ", g.Select(k => k.Id))}").ShouldBeEmpty();
    }

    [Theory]
    [InlineData("For the crust:", "For the crust")]
    [InlineData("## Filling", "Filling")]
    [InlineData("Topping:", "Topping")]
    public void Headings_are_told_from_lines(string text, string heading) => Reader.Read(text).Heading.ShouldBe(heading);

    [Fact]
    public void Optional_lines_and_notes_are_kept()
    {
        var line = Reader.Read("2 tbsp rum (optional), dark if you have it");
        line.Optional.ShouldBeTrue();
        line.Items[0].Ingredient!.Id.ShouldBe("rum");
        Reader.Read("250 g plain flour, sifted twice").Note.ShouldBe("sifted twice");
    }

    [Property(MaxTest = 2000)]
    public void Reading_never_throws_and_never_weighs_less_than_nothing(string text)
    {
        var line = Reader.Read(text ?? "");
        line.Items.ShouldAllBe(i => i.Grams == null || (i.Grams > 0 && i.Grams < 1e6));
        MethodReader.Read(text ?? "").Heats.ShouldAllBe(h => h.Value >= 30);
    }

    /// <summary>Strings made of the words that recipes are made of find the corners faster than any letters do.</summary>
    [Property(MaxTest = 2000)]
    public void Reading_never_throws_on_scrambled_recipes(int[] picks)
    {
        string[] pieces = [
            "1", "½", "/", "(", ")", "x", "-", "cup", "g", "oz", "each", "of", "juice", "lemon", "egg", "yolks", ",", "plus", "less",
            "stick", "tin", "a", "half", "pinch", "optional", "70%", "2,5", "999999999", "to", ":", "fl", "heaped", "butter"
        ];
        var text = string.Join(' ', (picks ?? []).Select(p => pieces[Math.Abs(p % pieces.Length)]));
        Reader.Read(text).Text.ShouldBe(text);
    }

    [Property]
    public void A_line_that_is_written_is_read_back(FsCheck.NonNegativeInt which, FsCheck.PositiveInt grams, bool optional)
    {
        var what = Pantry.All[which.Get % Pantry.All.Count];
        var line = Reader.Read(LineWriter.Write(what, grams.Get, note: "to mind", optional: optional));
        line.IsWhole.ShouldBeTrue(line.Text);
        line.Items[0].Ingredient.ShouldBe(what);
        line.Items[0].Grams!.Value.ShouldBe(grams.Get, 1e-9);
        line.Optional.ShouldBe(optional);
        line.Note.ShouldBe("to mind");
    }

    [Property]
    public void What_is_shown_is_read_as_what_was_shown(FsCheck.PositiveInt tenths, bool ounces)
    {
        // What a screen says of a weight, typed again, is said the same.
        var shown = new QuantityFormatter(new(ounces ? MassUnit.Ounces : MassUnit.Grams, default, default));
        var said = shown.Say(new Quantity(5 + (tenths.Get / 10.0), Dimension.Mass));
        var read = Reader.Read(said + " plain flour");
        shown.Say(new Quantity(read.Items[0].Grams!.Value, Dimension.Mass)).ShouldBe(said);
    }
}
