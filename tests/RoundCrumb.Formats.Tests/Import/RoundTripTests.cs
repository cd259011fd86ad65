using FsCheck;
using FsCheck.Xunit;
using NJsonSchema;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Export;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Import;

public class RoundTripTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());
    private static readonly Importer Importer = new(Reader);

    private static readonly WrittenPart Crust = new(
        PartKind.Crust, "House crumb", "plain-crumb",
        ["200 g digestive biscuits, crushed", "1 stick less 1 tbsp butter, melted", "a pinch of salt"], "Press it in.\nBake it.");
    private static readonly WrittenPart Filling = new(
        PartKind.Filling, "Tea: a custard", "starch-custard",
        ["500 ml whole milk", "4 egg yolks", "juice of ½ lemon", "40 g cornflour (optional)"], "");

    private static BoxDocument Box => BoxDocument.Of(
        [
            new(7, PartKind.Crust, "House “crumb” & more", ["counter", "spring"], 2,
            [
                new(1, "plain-crumb", "200 g digestive biscuits", [new("wheatmeal-crumbs", 200)], SavedAt: DateTimeOffset.UnixEpoch),
                new(
                    2, "plain-crumb", "200 g digestive biscuits\n90 g butter",
                    [new("wheatmeal-crumbs", 200), new("butter", 90, Note: "melted")], "Press.", CupSize.Metric, EggSize.Medium),
            ]),
            new(
                9, PartKind.Filling, "Set", [], 1,
                [
                    new(
                        1, "cheese-gelatine", "…", [new("own-mill", 12.5, GoesIn.Beaten, "soft", true), new("salt", null)],
                        MethodLoss: 0.1, FillLine: 6, Rest: null)
                ]),
        ],
        [new("A pie", ["x"], "pan=plate-23&crust=box-7-2&fill=box-9-1&top=none")],
        [new("own-mill", "Mill butter", ["farm butter"], "butter", IngredientValues.Of(Pantry.Butter))],
        new Dictionary<string, string> { ["mill butter"] = "own-mill" });

    [Fact]
    public void A_box_comes_back_as_it_went()
    {
        var text = Box.Write();
        var (back, trouble) = BoxDocument.Read(text);
        trouble.ShouldBeEmpty();
        back!.Write().ShouldBe(text);
        back.Parts[0].Versions[1].Lines[1].ShouldBe(new BoxLine("butter", 90, Note: "melted"));
        back.Ingredients[0].Values.ShouldBe(IngredientValues.Of(Pantry.Butter));
        Importer.Read(text).Box.ShouldNotBeNull();
    }

    [Fact]
    public async Task What_is_written_keeps_to_the_published_schema()
    {
        var schema = await JsonSchema.FromFileAsync(
            Path.Combine(Root(), "docs", "formats", "round-crumb-box.schema.json"), TestContext.Current.CancellationToken);
        schema.Validate(Box.Write()).ShouldBeEmpty();
        schema.Validate("""{"format":"round-crumb-box","version":1,"parts":[{"ref":1}],"pies":[],"ingredients":[],"remembered":{}}""").ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData("""{"format":"round-crumb-box","version":9,"parts":[],"pies":[],"ingredients":[],"remembered":{}}""", "newer")]
    [InlineData("""{"format":"round-crumb-box","version":1,"parts":[{"ref":1,"kind":"crust","name":"","tags":[],"current":1,"versions":[]}]}""", "no name")]
    [InlineData("""{"format":"round-crumb-box","version":1,"parts":[{"ref":1,"kind":"soup","name":"x"}]}""", "can’t be read")]
    [InlineData("""{"format":"round-crumb-box","version":1,"parts":[{"ref":1,"kind":"crust","name":"x","tags":[],"current":3,"versions":[{"number":1,"family":"f","text":"","lines":[]}]}]}""", "don’t fit")]
    [InlineData("""{"format":"round-crumb-box","version":1,"parts":[null]}""", "no name")]
    [InlineData("""{"format":"round-crumb-box","version":1,"pies":[{"name":"x"}]}""", "no composition")]
    public void A_box_that_is_not_sound_says_why(string json, string says)
    {
        var (box, trouble) = BoxDocument.Read(json);
        box.ShouldBeNull();
        trouble.ShouldContain(says);
    }

    [Fact]
    public void Text_comes_back_with_its_parts_lines_and_method()
    {
        var text = RecipeWriter.Text([new("Tea pie", [Crust, Filling]), new("House crumb", [Crust])]);
        var recipes = Importer.Read(text).Recipes;
        recipes.Select(r => r.Title).ShouldBe(["Tea pie", "House crumb"]);
        recipes[0].Sections.Select(s => Importer.Named(s.Heading))
            .ShouldBe([(PartKind.Crust, "House crumb"), (PartKind.Filling, "Tea: a custard")]);
        recipes[0].Sections[0].Lines.ShouldBe(string.Join('\n', Crust.Lines));
        recipes[0].Sections[1].Lines.ShouldBe(string.Join('\n', Filling.Lines));
        recipes[0].Method.ShouldBe(Crust.Method);
    }

    [Fact]
    public void Linked_data_comes_back_with_family_kind_lines_and_method()
    {
        var recipe = Importer.Read(RecipeWriter.JsonLd([new("Tea pie", [Crust, Filling])])).Recipes.Single();
        recipe.Title.ShouldBe("Tea pie");
        recipe.Sections.Select(s => (s.Kind, s.FamilyId, s.Heading)).ShouldBe(
            [(PartKind.Crust, "plain-crumb", "House crumb"), (PartKind.Filling, "starch-custard", "Tea: a custard")]);
        recipe.Sections[0].Lines.ShouldBe(string.Join('\n', Crust.Lines));
        recipe.Sections[0].Method.ShouldBe(Crust.Method);
        Importer.Read(RecipeWriter.JsonLd([new("House crumb", [Crust])])).Recipes.Single().Sections.Single()
            .FamilyId.ShouldBe("plain-crumb");
    }

    [Fact]
    public void Several_pies_of_one_graph_stay_apart()
    {
        var recipes = Importer.Read(
            RecipeWriter.JsonLd([new("House crumb", [Crust]), new("Tea pie", [Crust, Filling]), new("Other pie", [Filling])])).Recipes;
        recipes.Select(r => (r.Title, r.Sections.Count)).ShouldBe(
            [("Tea pie", 2), ("Other pie", 1), ("House crumb", 1)], ignoreOrder: true);
    }

    [Fact]
    public void Lines_as_csv_come_back()
    {
        var sections = Importer.Read(RecipeWriter.Csv([Crust, Filling]), "x.csv").Recipes.Single().Sections;
        sections.Select(s => s.Heading).ShouldBe(["Crust: House crumb", "Filling: Tea: a custard"]);
        sections[1].Lines.ShouldBe(string.Join('\n', Filling.Lines));
    }

    /// <summary>Any part that can be written out by the program is read back as the same ingredients and grams.</summary>
    [Property]
    public void Any_part_survives_being_written_and_read(PositiveInt[] picks)
    {
        var lines = (picks ?? []).Take(12)
            .Select((p, i) => new RecipeLine(Pantry.All[p.Get * 7 % Pantry.All.Count], 5 + ((p.Get + i) % 400), GoesIn.Mixed)).ToList();
        if (lines.Count == 0)
            return;
        var written = lines.Select(l => LineWriter.Write(l.Ingredient, l.Grams)).ToList();
        var back = Importer.Read(RecipeWriter.JsonLd([new("P", [new(PartKind.Filling, "P", "starch-custard", written, "")])]))
            .Recipes.Single().Sections.Single();
        var read = Reader.ReadAll(back.Lines).SelectMany(l => l.Items).ToList();
        read.Select(i => i.Ingredient).ShouldBe(lines.Select(l => l.Ingredient));
        read.Select(i => i.Grams).ShouldBe(lines.Select(l => l.Grams));
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "RoundCrumb.slnx")))
            folder = folder.Parent!;
        return folder.FullName;
    }
}
