using RoundCrumb.Core.Ingredients;
using static RoundCrumb.Core.Ingredients.Allergens;

namespace RoundCrumb.Core.Tests.Ingredients;

public sealed class AllergenLexiconTests
{
    /// <summary>A name is another name of an ingredient only where it says nothing that the ingredient does not have.</summary>
    [Fact]
    public void No_name_of_the_pantry_says_an_allergen_that_its_row_does_not_have()
    {
        var wrong = Pantry.All.SelectMany(i => i.OtherNames.Prepend(i.Name).Select(n => (Ingredient: i, Name: n)))
            .Select(x => (x.Ingredient, x.Name, Missing: AllergenLexicon.Of(x.Name) & ~(x.Ingredient.Allergens | x.Ingredient.Unanswered)))
            .Where(x => x.Missing is not None && x.Ingredient.AllergensStated)
            .Select(x => $"{x.Ingredient.Id}: “{x.Name}” says {x.Missing}, the row has {x.Ingredient.Allergens}").ToList();
        Assert.True(wrong.Count == 0, string.Join('\n', wrong));
    }

    [Theory]
    [InlineData("pistachio ice cream", Pistachio | Milk)]
    [InlineData("cashew cream cheese", Cashew)]
    [InlineData("oat cream", Oats)]
    [InlineData("malt vinegar", Barley)]
    [InlineData("nougatine", Almond)]
    [InlineData("white chocolate with hazelnuts", Milk | Hazelnut)]
    [InlineData("beurre noisette", Milk)]
    [InlineData("crème de noisettes", Milk | Hazelnut)]
    [InlineData("Mandel, gehackt", Almond)]
    [InlineData("farine de blé", Wheat)]
    [InlineData("latte intero", Milk)]
    [InlineData("huevos", Egg)]
    [InlineData("gehackte Mandeln", Almond)]
    [InlineData("noisettes hachées", Hazelnut)]
    [InlineData("mandorle tostate", Almond)]
    [InlineData("coconut milk", None)]
    [InlineData("cocoa butter", None)]
    [InlineData("cream of tartar", None)]
    [InlineData("noix de coco", None)]
    [InlineData("peanut butter", Peanut)]
    [InlineData("butternut squash", None)]
    [InlineData("buckwheat flour", None)]
    [InlineData("nutmeg", None)]
    [InlineData("gluten-free oat biscuits", None)]
    [InlineData("dairy-free milk chocolate", None)]
    [InlineData("chocolate, no nuts", None)]
    [InlineData("chocolate with nuts, contains hazelnut, no other nuts", Hazelnut)]
    [InlineData("chocolate without other nuts", None)]
    [InlineData("chocolate, free of hazelnuts", None)]
    [InlineData("vegan custard", None)]
    [InlineData("sponge fingers", Wheat | Egg)]
    public void Words_say_what_is_in_a_thing(string words, Allergens has) =>
        AllergenLexicon.Of(words).ShouldBe(has);

    [Fact]
    public void What_is_said_to_be_contained_is_there_and_nothing_else()
    {
        AllergenLexicon.Contained("white chocolate, contains hazelnut").ShouldBe(Hazelnut);
        AllergenLexicon.Contained("white chocolate with hazelnut").ShouldBe(None);
        AllergenLexicon.Contained("contains pecans; milk chocolate").ShouldBe(Pecan);
    }

    /// <summary>Whatever is put before and behind it, a word that names an allergen is heard, and it is not once it is denied.</summary>
    [Fact]
    public void A_word_is_heard_wherever_it_stands()
    {
        foreach (var (word, has) in ((string, Allergens)[])[("almonds", Almond), ("pistachios", Pistachio), ("eggs", Egg), ("sesame",
            Sesame)])
        {
            foreach (var line in (string[])[$"{word}", $"a few {word}, chopped", $"200 g honey ({word})",
                $"honey; {word.ToUpperInvariant()}"])
                (AllergenLexicon.Of(line) & has).ShouldBe(has, line);
            foreach (var line in (string[])[$"no {word}", $"without {word}", $"free of {word}", $"{word}-free", $"{word} free"])
                (AllergenLexicon.Of(line) & has).ShouldBe(None, line);
        }
    }

    /// <summary>An own ingredient keeps what it was made from has, and asks about what its own name says.</summary>
    [Fact]
    public void An_own_ingredient_keeps_the_salt_and_saturates_of_what_it_was_made_from()
    {
        foreach (var (id, name) in ((string, string)[])[("salted-butter", "our farm butter"), ("lard", "our lard"), ("salted-peanuts",
            "ours")])
        {
            var from = Pantry.Get(id);
            var own = IngredientValues.Of(from).Like(from, "own-1", name, []);
            own.Salt.ShouldBe(from.Salt, 1e-12, id);
            own.Saturates.ShouldBe(from.Saturates, 1e-12, id);
            own.Allergens.ShouldBe(from.Allergens);

            // One made from that one in turn.
            IngredientValues.Of(own).Like(own, "own-2", name, []).Salt.ShouldBe(from.Salt, 1e-12, id);
        }

        var ice = Pantry.Get("coffee-ice-cream");
        var pistachio = IngredientValues.Of(ice) with { AllergensStated = false };
        pistachio.Like(ice, "own-3", "pistachio ice cream of ours", []).Unanswered.ShouldBe(Pistachio);
        pistachio.Like(ice, "own-3", "pistachio ice cream of ours", []).MayHave(Pistachio).ShouldBeTrue();
        (pistachio with { Allergens = Milk | Egg | Pistachio }).Like(ice, "own-3", "pistachio ice cream", []).Unanswered.ShouldBe(None);
        (pistachio with { AllergensStated = true }).Like(ice, "own-3", "pistachio ice cream", []).Unanswered.ShouldBe(None);

        // What was there and is not ticked any more is asked about.
        (pistachio with { Allergens = Milk }).Like(ice, "own-4", "ice", []).Unanswered.ShouldBe(Egg);
    }
}
