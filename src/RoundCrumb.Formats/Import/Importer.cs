using System.Globalization;
using System.Text;
using System.Text.Json;
using CsvHelper;
using CsvHelper.Configuration;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Import;

/// <summary>
/// Reads recipes from elsewhere: pasted text, schema.org Recipe JSON-LD (bare, in a graph, in an array, or inside a page),
/// CSV of ingredient lines, and Round Crumb's own JSON. Hostile and broken files get a clear word and nothing else.
/// </summary>
/// <param name="reader">Tells an ingredient line from a title or a sentence.</param>
public sealed class Importer(LineReader reader)
{
    /// <summary>The largest file that is read, bytes.</summary>
    public const int LargestFile = 5 * 1024 * 1024;

    /// <summary>What parts one recipe from the next in a text of several.</summary>
    public const string Rule = "==========";

    private const int MostRecipes = 60;
    private const int MostLines = 120;

    /// <summary>The most lines of a pasted text: sixty recipes of a hundred lines.</summary>
    private const int MostTextLines = 6000;

    /// <summary>The most scripts of a page that are looked into.</summary>
    private const int MostScripts = 20;
    private readonly TextRecipeReader _texts = new(reader);

    /// <summary>The lines of a section, as they are read.</summary>
    public IReadOnlyList<ReadLine> Lines(string text) => reader.ReadAll(text);

    /// <summary>Reads a file.</summary>
    /// <param name="bytes">Its bytes.</param>
    /// <param name="name">Its name; its ending is a hint, no more.</param>
    public ImportResult Read(byte[] bytes, string name)
    {
        if (bytes.Length > LargestFile)
            return ImportResult.Failed($"That file is {bytes.Length / 1048576.0:0.0} MB; up to {LargestFile / 1048576} MB can be read.");
        if (bytes.Length == 0)
            return ImportResult.Failed("That file is empty.");
        return Decode(bytes) is { } text
            ? Read(text, name)
            : ImportResult.Failed(
                "That is no text: a picture, a scan or a program perhaps. Copy the words out of it and paste them instead.");
    }

    /// <summary>Reads a text.</summary>
    /// <param name="text">The text.</param>
    /// <param name="name">The name of the file it came from, if any.</param>
    public ImportResult Read(string text, string name = "")
    {
        var result = Found(text, name);
        return result with { Recipes = [.. result.Recipes.Select(r => PartSplitter.Part(r, reader))] };
    }

    private ImportResult Found(string text, string name)
    {
        if (string.IsNullOrWhiteSpace(text))
            return ImportResult.Failed("There is nothing in it yet. Paste a recipe, or choose a file.");
        if (text.Length > LargestFile)
            return ImportResult.Failed("That is more than 5 million characters. Paste one recipe at a time.");

        // Half letters, as a broken program writes them, become the sign for what can't be shown.
        if (text.AsSpan().IndexOfAnyInRange('\ud800', '\udfff') >= 0)
            text = Encoding.UTF8.GetString(Encoding.UTF8.GetBytes(text));
        var start = text.AsSpan().TrimStart();
        if (start[0] is '{' or '[' && !start.StartsWith("[ ]", StringComparison.Ordinal))
            return FromJson(text);
        if (start[0] == '<'
                || (
                    text.Contains("application/ld+json", StringComparison.OrdinalIgnoreCase)
                        && text.Contains("</", StringComparison.Ordinal)))
            return FromPage(text);
        if (name.EndsWith(".csv", StringComparison.OrdinalIgnoreCase) || LooksLikeCsv(text))
            return FromCsv(text);
        if (text.AsSpan().Count('\n') >= MostTextLines)
            return ImportResult.Failed(
                $"That is {text.AsSpan().Count('\n') + 1} lines; {MostTextLines} can be read at once. Import it in pieces.");
        var pieces = text.ReplaceLineEndings("\n").Split("\n" + Rule + "\n");
        var several = pieces.Take(MostRecipes).Select(_texts.Read).OfType<ImportedRecipe>().ToList();
        return several.Count > 0
            ? new(several, null, pieces.Length > MostRecipes ? TooMany(pieces.Skip(MostRecipes).Select(p => p.Trim().Split('\n')[0])) : "")
            : ImportResult.Failed("No ingredient line is in it that can be read, such as “200 g plain flour”.");
    }

    /// <summary>What is not read of so many, by its titles.</summary>
    private static string TooMany(IEnumerable<string> titles)
    {
        var rest = titles.Select(t => t.Length > 60 ? t[..60] + "…" : t.Length == 0 ? "one without a title" : t).ToList();
        return $"{MostRecipes} recipes are read at once. Not read, to be imported afterwards: {string.Join("; ", rest.Take(20))}"
            + (rest.Count > 20 ? $" and {rest.Count - 20} more." : ".");
    }

    private static string? Decode(byte[] bytes)
    {
        string text;
        if (bytes is [0xFF, 0xFE, ..])
            text = Encoding.Unicode.GetString(bytes, 2, bytes.Length - 2);
        else if (bytes is [0xFE, 0xFF, ..])
            text = Encoding.BigEndianUnicode.GetString(bytes, 2, bytes.Length - 2);
        else
        {
            try
            {
                text = new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes is [0xEF, 0xBB, 0xBF, ..] ? bytes[3..] : bytes);
            }
            catch (DecoderFallbackException)
            {
                // Old files: one byte a letter.
                text = Encoding.Latin1.GetString(bytes);
            }
        }

        var odd = text.Take(20_000).Count(c => c is '\0' || (char.IsControl(c) && c is not ('\r' or '\n' or '\t' or '\f')));
        return odd > text.Length / 200 + 1 || text.Contains('\0', StringComparison.Ordinal) ? null : text;
    }

    private static ImportResult FromJson(string text)
    {
        JsonDocument document;
        try
        {
            document = JsonDocument.Parse(
                text, new JsonDocumentOptions { MaxDepth = 48, CommentHandling = JsonCommentHandling.Skip, AllowTrailingCommas = true });
        }
        catch (JsonException e)
        {
            return ImportResult.Failed(e.Message.Contains("maximum configured depth", StringComparison.OrdinalIgnoreCase)
                ? "That JSON is nested deeper than any recipe. It is not read."
                : string.Create(
                    CultureInfo.InvariantCulture, $"That starts like JSON and breaks off: line {(e.LineNumber ?? 0) + 1} can’t be read."));
        }

        using (document)
        {
            if (document.RootElement.ValueKind is JsonValueKind.Object && document.RootElement.TryGetProperty("format", out var format)
                    && format.ValueKind is JsonValueKind.String && format.ValueEquals(BoxDocument.FormatName))
            {
                var (box, trouble) = BoxDocument.Read(text);
                return new([], box, trouble);
            }

            List<ImportedRecipe> recipes;
            try
            {
                recipes = [.. JsonLdReader.Read(document.RootElement).Take(2 * MostRecipes)];
            }
            catch (InvalidOperationException)
            {
                return ImportResult.Failed(
                    "Half a letter stands in that JSON (a lone surrogate), so it can’t be read. Copy the recipe’s words and paste "
                        + "them instead.");
            }

            return recipes.Count > 0
                ? new([.. recipes.Take(MostRecipes)], null, recipes.Count > MostRecipes ? TooMany(recipes.Skip(MostRecipes).Select(r =>
                r.Title)) : "")
                : ImportResult.Failed("That JSON holds no recipe: neither a schema.org Recipe nor a box of Round Crumb.");
        }
    }

    private ImportResult FromPage(string text)
    {
        var recipes = new List<ImportedRecipe>();
        var broken = 0;
        foreach (var data in Markup.Scripts(text, "application/ld+json", MostScripts))
        {
            var result = FromJson(data);
            recipes.AddRange(result.Recipes);
            broken += result.Recipes.Count == 0 ? 1 : 0;
        }

        if (recipes.Count > 0)
            return new(
                [.. recipes.Take(MostRecipes)], null,
                recipes.Count > MostRecipes ? TooMany(recipes.Skip(MostRecipes).Select(r => r.Title)) : "");

        // A page that says nothing about itself still has its words.
        if (broken == 0 && _texts.Read(Markup.Lines(text)) is { } written
                && written.Sections.Sum(x => x.Lines.Count(c => c == '\n') + 1) > 2)
            return new([written], null, "");
        return ImportResult.Failed(broken > 0
            ? "That page carries data about itself, but no recipe in it can be read. Copy the recipe’s words and paste them instead."
            : "That page carries no recipe data. Copy the recipe’s words and paste them instead.");
    }

    private static bool LooksLikeCsv(string text)
    {
        var first = text.AsSpan().TrimStart();
        var end = first.IndexOfAny('\r', '\n');
        if (end <= 0)
            return false;
        var columns = first[..end].ToString().ToLowerInvariant().Split(',', ';', '\t').Select(c => c.Trim(' ', '"')).ToList();
        return columns.Count >= 2 && columns.Exists(c => c is "ingredient" or "line") && columns.TrueForAll(c => c.Length is > 0 and < 24);
    }

    private static ImportResult FromCsv(string text)
    {
        try
        {
            using var csv = new CsvReader(
                new StringReader(text),
                new CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    DetectDelimiter = true,
                    BadDataFound = null,
                    MissingFieldFound = null,
                    PrepareHeaderForMatch = h => h.Header.Trim().ToLowerInvariant(),
                    TrimOptions = TrimOptions.Trim,
                });
            if (!csv.Read() || !csv.ReadHeader())
                return ImportResult.Failed("That CSV has no header line.");
            var known = csv.HeaderRecord!.Select(h => h.Trim().ToLowerInvariant()).ToHashSet();
            if (!known.Contains("ingredient") && !known.Contains("line"))
                return ImportResult.Failed(
                    "That CSV has no column “ingredient” or “line”. It wants: section, amount, unit, ingredient, note.");
            var sections = new List<(string Heading, StringBuilder Lines)>();
            var rows = 0;
            while (csv.Read() && rows++ < MostLines * 10)
            {
                var line = Field("line") is { Length: > 0 } whole
                    ? whole
                    : string.Join(
                        ' ',
                        new[]
                        {
                            Field("amount") + Field("quantity"),
                            Field("unit"),
                            Field("grams") is { Length: > 0 } g ? g + " g" : "",
                            Field("ingredient")
                        }.Where(s => s.Length > 0));
                if (Field("note") is { Length: > 0 } note)
                    line += ", " + note;
                var heading = Clean(Field("section"));
                if (sections.Count == 0 || sections[^1].Heading != heading)
                    sections.Add((heading, new()));
                if (!string.IsNullOrWhiteSpace(line))
                    sections[^1].Lines.Append(Clean(line)).Append('\n');
            }

            var made = sections.Where(s => s.Lines.Length > 0)
                .Select(s => new ImportedSection(s.Heading, s.Lines.ToString().TrimEnd('\n'))).ToList();
            return made.Count > 0 ? new([new("", made, "")], null, "") : ImportResult.Failed("That CSV has a header and no lines.");

            string Field(string name) => known.Contains(name) ? Unescaped(csv.GetField(name) ?? "") : "";
        }
        catch (CsvHelperException)
        {
            return ImportResult.Failed("That CSV can’t be read: its quotes or columns don’t fit together.");
        }
    }

    /// <summary>Without the apostrophe that was put before it so that no spreadsheet takes it for a formula.</summary>
    private static string Unescaped(string field) => field is ['\'', '=' or '+' or '-' or '@' or '\t' or '\r', ..] ? field[1..] : field;

    /// <summary>The kind and the name in a heading such as "Crust: House flaky", as Round Crumb writes it.</summary>
    public static (PartKind Kind, string Name)? Named(string heading)
    {
        var colon = heading.IndexOf(": ", StringComparison.Ordinal);
        return colon > 0 && Enum.TryParse<PartKind>(heading[..colon], ignoreCase: true, out var kind) && Enum.IsDefined(kind)
            && heading[(colon + 2)..].Trim() is { Length: > 0 } name
            ? (kind, name)
            : null;
    }

    /// <summary>A text without tags, entities and control characters.</summary>
    internal static string Clean(string? raw) => string.Concat(Markup.Words(raw ?? "").Select(c => char.IsControl(c) ? ' ' : c)).Trim();
}
