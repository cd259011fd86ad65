using System.Globalization;
using System.Text;
using System.Text.Json;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Import;

/// <summary>
/// Whole recipes, each written in every way in which recipes come: under headings of several kinds, without any, as a camera reads
/// them, as a table, as linked data, as a saved page. However it comes, its parts are its parts and every line is read.
/// </summary>
public sealed class WholeRecipeTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());
    private static readonly Importer Importer = new(Reader);

    private static readonly List<Written> All = [.. Read()];

    private sealed record WrittenPart(PartKind Kind, string Family, List<string> Lines);

    private sealed record Written(string Title, string Serves, string Pan, List<WrittenPart> Parts, List<string> Method)
    {
        public IEnumerable<string> Lines => Parts.SelectMany(p => p.Lines);
    }

    private static readonly Dictionary<string, Func<Written, string>> Styles = new()
    {
        ["colons"] = r => Under(r, k => $"For the {k.ToString().ToLowerInvariant()}:", "Method:"),
        ["capitals"] = r => Under(r, k => k switch { PartKind.Crust => "BASE", PartKind.Filling => "FILLING", _ => "TO FINISH" }, "METHOD"),
        ["plain"] = r => Under(
            r, k => k switch { PartKind.Crust => "Pastry base", PartKind.Filling => "The filling", _ => "Cream topping" }, "Directions"),
        ["stars"] = r => Under(r, k => $"**{k}**", "## Instructions"),
        ["no headings"] = r =>
            $"{r.Title}\n{r.Serves}\n\n{string.Join('\n', r.Lines)}\n\nMethod\n{string.Join('\n', r.Method)}",
        ["bullets"] = r =>
            $"{r.Title}\n\nIngredients\n{string.Join('\n', r.Lines.Select(l => "• " + l))}\n\nSteps\n{string.Join('\n', r.Method)}",
        ["camera"] = r => Under(
            r, k => $"{k}:", "Method",
            (l, i) =>
                i % 2 == 0 && l.IndexOf(' ', l.IndexOf(' ') + 1) is var at and > 0
                    ? l[..at] + "\n" + l[(at + 1)..]
                    : l.Replace("1 ", "l ", StringComparison.Ordinal)),
        ["table"] = r =>
            "section,line\n" + string.Join('\n', r.Parts.SelectMany(p => p.Lines.Select(l => $"{p.Kind},\"{l}\""))),
        ["linked data"] = r => JsonSerializer.Serialize(new Dictionary<string, object>
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "Recipe",
            ["name"] = r.Title,
            ["recipeIngredient"] = r.Lines,
            ["recipeInstructions"] = string.Join('\n', r.Method),
        }),
        ["saved page"] = r =>
            $"<html><head><title>{r.Title}</title><style>li {{ color: red }}</style></head><body><nav><a>Home</a></nav><h1>{r.Title}</h1>"
                + string.Concat(
                    r.Parts.Select(p => $"<h3>For the {p.Kind}</h3><ul>{string.Concat(p.Lines.Select(l => $"<li>{l}</li>"))}</ul>"))
                + $"<h3>Method</h3><ol>{string.Concat(r.Method.Select(m => $"<li>{m}</li>"))}</ol></body></html>",
    };

    public static TheoryData<string, string> Cases =>
        [.. All.SelectMany(r => Styles.Keys.Select(s => (r.Title, s)))];

    [Theory]
    [MemberData(nameof(Cases))]
    public void Its_parts_and_lines_are_found_however_it_comes(string title, string style)
    {
        var written = All.Single(r => r.Title == title);
        var result = Importer.Read(Styles[style](written), style == "table" ? "lines.csv" : "");
        result.Trouble.ShouldBeEmpty();
        var recipe = result.Recipes.Single();
        if (style != "table")
            recipe.Title.ShouldBe(title);
        recipe.Sections.Select(KindOf).ShouldBe(written.Parts.Select(p => p.Kind));
        recipe.IsParted.ShouldBe(style is "no headings" or "bullets" or "linked data");
        var read = recipe.Sections.Select(s => Reader.ReadAll(s.Lines).Where(l => !l.IsBlank && l.Heading.Length == 0).ToList()).ToList();
        for (var i = 0; i < read.Count; i++)
        {
            read[i].Count.ShouldBe(written.Parts[i].Lines.Count, string.Join('\n', read[i].Select(l => l.Text)));
            read[i].ShouldAllBe(l => l.IsWhole);
            PartGuess.FamilyOf(KindOf(recipe.Sections[i]), Lines(read[i])).ShouldBe(written.Parts[i].Family);
        }

        if (style != "table")
            MethodReader.Read(recipe.Method).Sizes.ShouldContain(s => s.Count == 1 && Math.Abs(s[0].Value - Across(written.Pan)) < 1);
    }

    [Fact]
    public void There_are_enough_of_them() => (All.Count * Styles.Count).ShouldBeGreaterThanOrEqualTo(40);

    [Theory]
    [InlineData("2 cups all-purpose flour\n1 stick butter\n1 cup heavy cream", CupSize.American)]
    [InlineData("1 cup caster sugar\n200 g plain flour\n300 ml double cream", CupSize.Metric)]
    [InlineData("1 cup caster sugar\n300ml thickened cream\n250g plain sweet biscuits", CupSize.Metric)]
    [InlineData("½ pint double cream\n4 oz plain flour\n2 tbsp golden syrup", CupSize.Imperial)]
    [InlineData("1 cup sugar\n2 eggs", CupSize.American)]
    public void Its_words_tell_which_cups_it_means(string text, CupSize cup) => CupGuess.Of(text).Cup.ShouldBe(cup);

    private static PartKind KindOf(ImportedSection section) =>
        section.Kind ?? PartGuess.KindOf(section.Heading) ?? PartGuess.KindOf(Lines(Reader.ReadAll(section.Lines)));

    private static List<RecipeLine> Lines(IEnumerable<ReadLine> lines) =>
    [
        .. lines.SelectMany(l => l.Items).Where(i => i.Ingredient is not null)
            .Select(i => new RecipeLine(i.Ingredient!, i.Grams, i.GoesIn)),
    ];

    private static double Across(string pan) =>
        double.Parse(pan.Split(' ')[0], CultureInfo.InvariantCulture) * (pan.EndsWith("inch", StringComparison.Ordinal) ? 25.4 : 10);

    private static string Under(Written r, Func<PartKind, string> heading, string method, Func<string, int, string>? line = null)
    {
        var text = new StringBuilder($"{r.Title}\n\n{r.Serves}\n");
        foreach (var part in r.Parts)
        {
            var lines = part.Lines.Select((l, i) => line?.Invoke(l, i) ?? l);
            text.Append(CultureInfo.InvariantCulture, $"\n{heading(part.Kind)}\n{string.Join('\n', lines)}\n");
        }

        return text.Append(CultureInfo.InvariantCulture, $"\n{method}\n{string.Join('\n', r.Method)}\n").ToString();
    }

    private static IEnumerable<Written> Read()
    {
        foreach (var block in File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Import", "recipes.txt")).ReplaceLineEndings("\n")
                     .Split("= ", StringSplitOptions.RemoveEmptyEntries))
        {
            var lines = block.Split('\n', StringSplitOptions.RemoveEmptyEntries);
            var recipe = new Written(lines[0], lines[1]["serves: ".Length..], lines[2]["pan: ".Length..], [], []);
            var inMethod = false;
            foreach (var line in lines[3..])
            {
                if (line == "method")
                    inMethod = true;
                else if (inMethod)
                    recipe.Method.Add(line);
                else if (line.Split(' ') is [var kind, var family] && char.IsLetter(kind[0])
                             && Enum.TryParse<PartKind>(kind, ignoreCase: true, out var part))
                    recipe.Parts.Add(new(part, family, []));
                else
                    recipe.Parts[^1].Lines.Add(line);
            }

            yield return recipe;
        }
    }
}
