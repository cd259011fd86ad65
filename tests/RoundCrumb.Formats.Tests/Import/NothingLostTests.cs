using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Import;

/// <summary>Whatever is pasted is in a part, in the method, or named as not used.</summary>
public sealed class NothingLostTests
{
    private static ImportedRecipe Read(string text) =>
        new Importer(new LineReader(IngredientFinder.Shipped, new())).Read(text).Recipes.ShouldHaveSingleItem();

    private static string Lines(ImportedRecipe recipe) => string.Join('\n', recipe.Sections.Select(s => s.Lines));

    /// <summary>A second part behind the method: its eggs, milk and nutmeg were hidden in the method.</summary>
    [Fact]
    public void A_measured_line_behind_the_method_begins_a_part()
    {
        var recipe = Read(
            """
            Nutmeg pie

            200 g plain flour
            100 g butter

            Rub the butter into the flour and bake it blind until it is golden.

            3 eggs
            300 ml milk
            1/2 tsp nutmeg

            Whisk the eggs with the milk and bake it gently until it trembles.
            """);
        var lines = Lines(recipe);
        lines.ShouldContain("3 eggs");
        lines.ShouldContain("300 ml milk");
        lines.ShouldContain("1/2 tsp nutmeg");
        recipe.Sections.Count.ShouldBe(2);
        recipe.Method.ShouldContain("Rub the butter");
        recipe.Method.ShouldContain("Whisk the eggs");
        recipe.NotUsed.ShouldBeEmpty();
    }

    [Fact]
    public void What_is_for_serving_is_never_joined_or_dropped()
    {
        var recipe = Read(
            """
            Cream pie

            For the filling:
            500 ml double cream
            to serve, toasted hazelnuts
            Serves with 50 g toasted hazelnuts
            80 g caster sugar
            """);
        recipe.Joins.ShouldBeEmpty();
        recipe.Serves.ShouldBeEmpty();
        var all = Lines(recipe) + recipe.Method + string.Join('\n', recipe.NotUsed);
        all.ShouldContain("to serve, toasted hazelnuts");
        all.ShouldContain("50 g toasted hazelnuts");
    }

    [Fact]
    public void A_join_is_shown_and_never_swallows_a_food()
    {
        var recipe = Read("Pie\n\n200 g plain flour, sifted twice and left to\nrest a little\n100 g butter\nwalnuts\n");
        recipe.Joins.Single().Second.ShouldBe("rest a little");
        Lines(recipe).Split('\n').ShouldContain("walnuts");
    }

    [Fact]
    public void What_the_method_alone_measures_or_names_is_not_used_and_is_said()
    {
        var recipe = Read(
            """
            Pie

            200 g plain flour
            100 g butter

            Method
            Rub them together. Strew with 40 g pistachios and bake for 20 min at 180 C. Brush with a little honey.
            """);
        recipe.NotUsed.ShouldContain(s => s.Contains("pistachios"));
        recipe.NotUsed.ShouldNotContain(s => s.Contains("Rub them"));
    }

    [Fact]
    public void What_is_over_a_limit_is_named_with_its_words()
    {
        var many = string.Join('\n', Enumerable.Range(1, 130).Select(i => $"{i} g caster sugar"));
        var recipe = Read("Sugar\n\n" + many);
        recipe.NotUsed.ShouldContain("130 g caster sugar");
        recipe.NotUsed[0].ShouldContain("120");
        var box = string.Join("\n----------\n", Enumerable.Range(1, 70).Select(i => $"Pie {i}\n\n200 g plain flour"));
        var result = new Importer(new LineReader(IngredientFinder.Shipped, new())).Read(box.Replace("----------", Importer.Rule));
        result.Recipes.Count.ShouldBe(60);
        result.Trouble.ShouldContain("Pie 61");
        result.Trouble.ShouldContain("Pie 70");
    }

    /// <summary>Every line of a paste, cut up and put together anyhow, is somewhere.</summary>
    [Fact]
    public void Every_word_of_two_hundred_pastes_is_somewhere()
    {
        string[] pieces =
        [
            "200 g plain flour", "3 eggs", "For the filling:", "to serve, 50 g hazelnuts", "Whisk the eggs until they are pale and thick.",
            "Serves 8", "walnuts", "salt", "1. Heat the oven to 180 C and line the tin with paper.", "100 g butter", "cold, in cubes",
            "A pie from my aunt", "Topping", "2 tbsp sesame seeds", "Method", "Strew with 30 g almonds.", "",
        ];
        var random = new Random(30);
        for (var n = 0; n < 200; n++)
        {
            var text = string.Join('\n', Enumerable.Range(0, 14).Select(_ => pieces[random.Next(pieces.Length)]));
            var result = new Importer(new LineReader(IngredientFinder.Shipped, new())).Read(text);
            if (result.Recipes.Count == 0)
                continue;
            var recipe = result.Recipes.Single();
            var all = string.Join(
                '\n', [recipe.Title, recipe.Method, recipe.Serves, .. recipe.Sections.SelectMany(s => new[] { s.Heading, s.Lines }),
                    .. recipe.NotUsed]);
            foreach (var food in (string[])["plain flour", "3 eggs", "hazelnuts", "walnuts", "sesame", "almonds", "my aunt"])
            {
                if (text.Contains(food, StringComparison.Ordinal))
                    all.ShouldContain(food, Case.Insensitive, text);
            }
        }
    }
}
