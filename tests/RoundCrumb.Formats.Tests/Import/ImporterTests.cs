using System.Text;
using FsCheck.Xunit;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Import;

public class ImporterTests
{
    private static readonly Importer Importer = new(new LineReader(IngredientFinder.Shipped, new()));

    private const string ThreeSections = """
        Gooseberry cloud pie

        A pie for the first warm weekend.

        For the crust:
        200 g digestive biscuits, crushed
        1 stick less 1 tbsp butter, melted

        FILLING
        2 x 200 g packs cream cheese
        250 g gooseberry purée
        4 leaves gelatine
        1 cup heavy cream, whipped to soft peaks

        Topping
        150 ml double cream
        1 tbsp icing sugar

        Method
        1. Heat the oven to 180C/160C fan/gas 4. Press the crumb and bake for 8-10 minutes.
        2. Beat the cheese, melt the gelatine, fold in the cream.
        """;

    [Fact]
    public void A_pasted_recipe_in_three_sections()
    {
        var recipe = Importer.Read(ThreeSections).Recipes.Single();
        recipe.Title.ShouldBe("Gooseberry cloud pie");
        recipe.Sections.Select(s => PartGuess.KindOf(s.Heading)).ShouldBe([PartKind.Crust, PartKind.Filling, PartKind.Topping]);
        recipe.Sections.Select(s => s.Lines.Split('\n').Length).ShouldBe([2, 4, 2]);
        recipe.Method.ShouldContain("first warm weekend");
        recipe.Method.ShouldContain("fold in the cream");
    }

    [Fact]
    public void A_list_without_a_heading_or_title_is_one_part()
    {
        var recipe = Importer.Read("200 g plain flour\n100 g butter\n3 tbsp water").Recipes.Single();
        recipe.Title.ShouldBeEmpty();
        recipe.Sections.Single().Lines.Split('\n').Length.ShouldBe(3);
    }

    public static TheoryData<string, string> Shapes => new()
    {
        { "bare", """{"@context":"https://schema.org","@type":"Recipe","name":"Tea pie","recipeIngredient":["500 ml milk","4 egg yolks"],"recipeInstructions":"Warm it."}""" },
        { "array", """[{"@type":"WebSite"},{"@type":["Thing","Recipe"],"name":"Tea pie","recipeIngredient":["500 ml milk","4 egg yolks"],"recipeInstructions":["Warm it."]}]""" },
        { "graph", """{"@graph":[{"@type":"Person"},{"@type":"Recipe","name":"Tea pie","recipeIngredient":["500 ml milk","4 egg yolks"],"recipeInstructions":[{"@type":"HowToStep","text":"Warm it."}]}]}""" },
        { "sections", """{"@type":"Recipe","name":"Tea pie","recipeIngredient":["500 ml milk","4 egg yolks"],"recipeInstructions":[{"@type":"HowToSection","name":"Custard","itemListElement":[{"@type":"HowToStep","text":"Warm it."}]}]}""" },
        { "page", """<!doctype html><html><head><script type="application/ld+json">{"@type":"Recipe","name":"Tea &amp; milk pie","recipeIngredient":["500 ml milk","4 egg yolks"],"recipeInstructions":"<p>Warm it.</p>"}</script></head><body>x</body></html>""" },
    };

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Linked_data_in_every_wrapping(string name, string text)
    {
        var recipe = Importer.Read(text, name).Recipes.Single();
        recipe.Title.ShouldBe(name == "page" ? "Tea & milk pie" : "Tea pie");
        recipe.Sections.Single().Lines.ShouldBe("500 ml milk\n4 egg yolks");
        recipe.Method.ShouldBe("Warm it.");
    }

    [Theory]
    [InlineData("section,amount,unit,ingredient,note\ncrust,200,g,plain flour,sifted\ncrust,100,g,butter,\nfilling,500,ml,milk,")]
    [InlineData("section;amount;unit;ingredient;note\ncrust;200;g;plain flour;sifted\ncrust;100;g;butter;\nfilling;500;ml;milk;")]
    [InlineData("section\tline\ncrust\t200 g plain flour, sifted\ncrust\t100 g butter\nfilling\t500 ml milk")]
    public void Comma_separated_lines(string text)
    {
        var sections = Importer.Read(text, "x.csv").Recipes.Single().Sections;
        sections.Select(s => s.Heading).ShouldBe(["crust", "filling"]);
        sections[0].Lines.ShouldBe("200 g plain flour, sifted\n100 g butter");
        sections[1].Lines.ShouldBe("500 ml milk");
    }

    [Fact]
    public void What_is_hostile_or_broken_gets_a_clear_word()
    {
        Says("").ShouldContain("nothing in it");
        Says("{\"@type\":\"Recipe\", \"name\":").ShouldContain("breaks off");
        Says(new string('[', 4000)).ShouldContain("deeper");
        Says("{\"a\":1}").ShouldContain("no recipe");
        Says("<html><body>hello</body></html>").ShouldContain("no recipe data");
        Says("Dear diary, today it rained.").ShouldContain("No ingredient line");
        Importer.Read([0x89, 0x50, 0x4E, 0x47, 0, 0, 0, 0, 13], "pie.png").Trouble.ShouldContain("no text");
        Importer.Read(new byte[Importer.LargestFile + 1], "big.txt").Trouble.ShouldContain("MB");
        Importer.Read([], "empty.txt").Trouble.ShouldContain("empty");

        static string Says(string text) => Importer.Read(text).ShouldSatisfyTrouble();
    }

    [Fact]
    public void Script_in_a_name_is_only_text_and_never_kept_as_markup()
    {
        var recipe = Importer.Read("""{"@type":"Recipe","name":"<script>alert(1)</script><b>Tea</b> pie","recipeIngredient":["500 ml milk"]}""").Recipes.Single();
        recipe.Title.ShouldBe("Tea pie");
    }

    [Fact]
    public void Huge_numbers_are_no_weights()
    {
        var line = Importer.Lines("99999999999999999999999999999999 kg plain flour")[0];
        line.Items.ShouldAllBe(i => i.Grams == null);
    }

    [Fact]
    public void Old_encodings_and_marks_are_read()
    {
        var text = "Purée tart\n150 g raspberry purée\n½ tsp salt";
        foreach (
            var bytes in (byte[][])[
                Encoding.Latin1.GetBytes(text), Encoding.Unicode.GetPreamble().Concat(Encoding.Unicode.GetBytes(text)).ToArray(),
                Encoding.UTF8.GetPreamble().Concat(Encoding.UTF8.GetBytes(text)).ToArray()])
        {
            var recipe = Importer.Read(bytes, "a.txt").Recipes.Single();
            recipe.Title.ShouldBe("Purée tart");
            recipe.Sections.Single().Lines.ShouldContain("½ tsp");
        }
    }

    [Property(MaxTest = 500)]
    public void Reading_a_file_never_throws(byte[] bytes, string name)
    {
        var result = Importer.Read(bytes ?? [], name ?? "");
        (result.Recipes.Count > 0 || result.Trouble.Length > 0).ShouldBeTrue();
    }

    [Property(MaxTest = 500)]
    public void Reading_scrambled_json_never_throws(int[] picks)
    {
        string[] pieces = [
            "{", "}", "[", "]", "\"@type\"", ":", "\"Recipe\"", ",", "\"recipeIngredient\"", "\"200 g flour\"", "null", "1e400",
            "\"@graph\"", "\"format\"", "\"round-crumb-box\"", "\"parts\""
        ];
        var result = Importer.Read("{" + string.Concat((picks ?? []).Select(p => pieces[Math.Abs(p % pieces.Length)])));
        (result.Recipes.Count > 0 || result.Trouble.Length > 0 || result.Box is not null).ShouldBeTrue();
    }
}

internal static class Troubles
{
    public static string ShouldSatisfyTrouble(this ImportResult result)
    {
        result.Recipes.ShouldBeEmpty();
        result.Box.ShouldBeNull();
        return result.Trouble;
    }
}
