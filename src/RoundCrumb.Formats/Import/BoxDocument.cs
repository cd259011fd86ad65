using System.Text.Json;
using System.Text.Json.Serialization;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Import;

/// <summary>A line as it was understood.</summary>
public sealed record BoxLine(string Ingredient, double? Grams, GoesIn GoesIn = GoesIn.Mixed, string Note = "", bool Optional = false,
    double? ReducedTo = null);

/// <summary>One version of a part.</summary>
public sealed record BoxVersion(
    int Number, string Family, string Text, IReadOnlyList<BoxLine> Lines, string Method = "", CupSize Cup = CupSize.American,
    EggSize Egg = EggSize.Large,
    double? MethodLoss = null, double? FillLine = null, double? Rest = null, DateTimeOffset? SavedAt = null);

/// <summary>A part with its versions. Pies name it by <paramref name="Ref"/> and a version's number.</summary>
public sealed record BoxPart(
    int Ref, PartKind Kind, string Name, IReadOnlyList<string> Tags, int Current, IReadOnlyList<BoxVersion> Versions);

/// <summary>A whole pie: its composition as an address, in which <c>box-REF-NUMBER</c> names a part of this document.</summary>
public sealed record BoxPie(string Name, IReadOnlyList<string> Tags, string Composition);

/// <summary>An ingredient of the baker's own.</summary>
public sealed record BoxIngredient(string Id, string Name, IReadOnlyList<string> OtherNames, string From, IngredientValues Values);

/// <summary>A recipe box, whole or in part, as Round Crumb writes and reads it. Its schema is published in docs/formats.</summary>
public sealed record BoxDocument(
    string Format, int Version, IReadOnlyList<BoxPart> Parts, IReadOnlyList<BoxPie> Pies, IReadOnlyList<BoxIngredient> Ingredients,
    IReadOnlyDictionary<string, string> Remembered)
{
    /// <summary>What its <see cref="Format"/> says.</summary>
    public const string FormatName = "round-crumb-box";

    /// <summary>The version that is written.</summary>
    public const int FormatVersion = 1;

    /// <summary>
    /// The most parts, pies, ingredients or remembered names in one document: more than any kitchen has, and few enough to be kept in one
    /// go.
    /// </summary>
    public const int Most = 3000;

    /// <summary>The most versions of one part.</summary>
    public const int MostVersions = 200;

    /// <summary>How it is written: names in camel case, words for choices, nothing that is as usual left out.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        MaxDepth = 16,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.Create(System.Text.Unicode.UnicodeRanges.All),
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Skip,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>A new document.</summary>
    public static BoxDocument Of(
        IReadOnlyList<BoxPart> parts, IReadOnlyList<BoxPie> pies, IReadOnlyList<BoxIngredient> ingredients,
        IReadOnlyDictionary<string, string> remembered) =>
        new(FormatName, FormatVersion, parts, pies, ingredients, remembered);

    /// <summary>As JSON.</summary>
    public string Write() => JsonSerializer.Serialize(this, Json);

    /// <summary>Reads a document, or says why not.</summary>
    public static (BoxDocument? Box, string Trouble) Read(string json)
    {
        try
        {
            var box = JsonSerializer.Deserialize<BoxDocument>(json, Json);
            if (box is null || box.Format != FormatName)
                return (null, "This JSON is no recipe box of Round Crumb.");
            if (box.Version > FormatVersion)
                return (
                    null,
                    $"This box was written by a newer Round Crumb (version {box.Version} of the format; {FormatVersion} is known here).");
            box = box with
            {
                Parts = box.Parts ?? [],
                Pies = box.Pies ?? [],
                Ingredients = box.Ingredients ?? [],
                Remembered = (box.Remembered ?? new Dictionary<string, string>())
                    .Where(r => r.Value is not null && r.Key.Length is > 0 and <= PartLimits.RememberedWords).ToDictionary(),
            };
            return Flaw(box) is { Length: > 0 } flaw ? (null, flaw) : (box, "");
        }
        catch (Exception e) when (e is InvalidOperationException or ArgumentException)
        {
            return (null, "This JSON can’t be read as a recipe box: half a letter stands in it (a lone surrogate).");
        }
        catch (JsonException e)
        {
            return (
                null,
                "This JSON can’t be read as a recipe box" + (e.Path is { Length: > 1 } path ? $": something is wrong at {path}." : "."));
        }
    }

    private static string Flaw(BoxDocument box)
    {
        if (box.Parts.Count > Most || box.Pies.Count > Most || box.Ingredients.Count > Most || box.Remembered.Count > Most)
            return $"That box holds more than {Most} of one kind. Export it in pieces, and import one after the other.";
        foreach (var part in box.Parts)
        {
            if (FlawOf(part) is { Length: > 0 } flaw)
                return flaw;
        }

        if (box.Parts.Select(p => p.Ref).Distinct().Count() != box.Parts.Count)
            return "Two parts in it have the same ref.";
        if (box.Pies.Any(p => string.IsNullOrWhiteSpace(p?.Name) || p.Composition is null))
            return "A pie in it has no name or no composition.";
        if (box.Pies.FirstOrDefault(p => p.Name.Trim().Length > PartLimits.Name) is { } pie)
            return TooLong("name", pie.Name, pie.Name.Trim().Length, PartLimits.Name);
        if (box.Ingredients.Select(FlawOf).FirstOrDefault(f => f.Length > 0) is { } ingredient)
            return ingredient;
        var known = box.Ingredients.Select(i => i.Id).ToHashSet(StringComparer.Ordinal);
        if (known.Count != box.Ingredients.Count)
            return "Two ingredients in it have the same id.";
        foreach (var part in box.Parts)
        {
            if (part.Versions.SelectMany(v => v.Lines).FirstOrDefault(
                    l => !known.Contains(l.Ingredient) && Pantry.Find(l.Ingredient) is null && Ingredient.Words(l.Ingredient,
                        "") is null) is { } line)
                return $"“{Short(part.Name)}” names the ingredient “{Short(line.Ingredient)}”, which is neither in that box nor in "
                    + $"the pantry here.";
        }

        return "";
    }

    private static string FlawOf(BoxPart? part)
    {
        if (string.IsNullOrWhiteSpace(part?.Name) || part.Versions is not { Count: > 0 }
                || part.Versions.Any(v => v is null || v.Text is null || v.Family is null || v.Lines is null))
            return "A part in it has no name, or no version with text, family and lines.";
        var name = Short(part.Name);
        if (part.Name.Trim().Length > PartLimits.Name)
            return TooLong("name", part.Name, part.Name.Trim().Length, PartLimits.Name);
        if (part.Versions.All(v => v.Number != part.Current)
                || part.Versions.Select(v => v.Number).Distinct().Count() != part.Versions.Count || part.Versions.Any(v => v.Number < 1))
            return $"The versions of “{name}” don’t fit together.";
        if (!Enum.IsDefined(part.Kind)
                || part.Versions.Any(
                    v =>
                        !Enum.IsDefined(v.Cup) || !Enum.IsDefined(v.Egg)
                            || v.Lines.Any(l =>
                        l?.Ingredient is null || !Enum.IsDefined(l.GoesIn) || l.Grams is < 0 or > 1e6 or double.NaN)))
            return $"“{name}” holds something that is not known here.";
        if (part.Versions.Count > MostVersions)
            return $"“{name}” has {part.Versions.Count} versions; {MostVersions} can be imported.";
        foreach (var version in part.Versions)
        {
            if (PartFamilies.Of(part.Kind).All(f => f.Id != version.Family))
                return $"“{name}” is of a family that is not known here: “{Short(version.Family)}”.";
            if (Math.Max(version.Text.Length, (version.Method ?? "").Length) is var longest && longest > PartLimits.Text)
                return TooLong("text", part.Name, longest, PartLimits.Text);
            if (version.Lines.Count > PartLimits.Lines)
                return $"“{name}” has {version.Lines.Count} lines; {PartLimits.Lines} can be kept.";
            if (version.Lines.FirstOrDefault(l => (l.Note ?? "").Length > PartLimits.Note) is { } noted)
                return TooLong("note", part.Name, noted.Note.Length, PartLimits.Note);
            if (version.MethodLoss is < 0 or > PartLimits.MethodLoss or double.NaN
                    || version.FillLine is < 0 or > PartLimits.FillLine or double.NaN
                    || version.Rest is < 0 or > PartLimits.Rest or double.NaN)
                return $"A figure of the method of “{name}” is out of what can be: loss up to {PartLimits.MethodLoss:0 %}, fill "
                    + $"line up to {PartLimits.FillLine} mm, rest up to {PartLimits.Rest} min.";
        }

        return "";
    }

    private static string FlawOf(BoxIngredient? own)
    {
        if (string.IsNullOrWhiteSpace(own?.Name) || own.Id is null || own.From is null || own.Values is null)
            return "An ingredient in it has no name or no values.";
        if (own.Name.Trim().Length > IngredientLimits.LongestName)
            return TooLong("name", own.Name, own.Name.Trim().Length, IngredientLimits.LongestName);
        if (own.OtherNames is { } others
                && (others.Count > IngredientLimits.MostOtherNames
                        || others.Any(o => o is null || o.Length > IngredientLimits.LongestName)))
            return $"“{Short(own.Name)}” has more other names, or longer ones, than can be kept.";
        if (Pantry.Find(own.From) is null)
            return $"“{Short(own.Name)}” is made from “{Short(own.From)}”, which is not in the pantry here.";
        return IngredientLimits.Problems(own.Values).Select(p => $"A value of “{Short(own.Name)}” can’t be ({p.Field}). {p.Words}")
            .FirstOrDefault()
            ?? "";
    }

    private static string TooLong(string what, string whose, int length, int most) =>
        $"A {what} of {length} characters (“{Short(whose)}”); {most} can be kept.";

    private static string Short(string words) => words.Length > 40 ? words[..40] + "…" : words;
}
