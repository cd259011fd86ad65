using System.Text.Json;
using System.Text.Json.Serialization;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Import;

/// <summary>A line as it was understood.</summary>
public sealed record BoxLine(string Ingredient, double? Grams, GoesIn GoesIn = GoesIn.Mixed, string Note = "", bool Optional = false);

/// <summary>One version of a part.</summary>
public sealed record BoxVersion(
    int Number, string Family, string Text, IReadOnlyList<BoxLine> Lines, string Method = "", CupSize Cup = CupSize.American, EggSize Egg = EggSize.Large,
    double? MethodLoss = null, double? FillLine = null, double? Rest = null, DateTimeOffset? SavedAt = null);

/// <summary>A part with its versions. Pies name it by <paramref name="Ref"/> and a version's number.</summary>
public sealed record BoxPart(int Ref, PartKind Kind, string Name, IReadOnlyList<string> Tags, int Current, IReadOnlyList<BoxVersion> Versions);

/// <summary>A whole pie: its composition as an address, in which <c>box-REF-NUMBER</c> names a part of this document.</summary>
public sealed record BoxPie(string Name, IReadOnlyList<string> Tags, string Composition);

/// <summary>An ingredient of the baker's own.</summary>
public sealed record BoxIngredient(string Id, string Name, IReadOnlyList<string> OtherNames, string From, IngredientValues Values);

/// <summary>A recipe box, whole or in part, as Round Crumb writes and reads it. Its schema is published in docs/formats.</summary>
public sealed record BoxDocument(
    string Format, int Version, IReadOnlyList<BoxPart> Parts, IReadOnlyList<BoxPie> Pies, IReadOnlyList<BoxIngredient> Ingredients, IReadOnlyDictionary<string, string> Remembered)
{
    /// <summary>What its <see cref="Format"/> says.</summary>
    public const string FormatName = "round-crumb-box";

    /// <summary>The version that is written.</summary>
    public const int FormatVersion = 1;

    /// <summary>How it is written: names in camel case, words for choices, nothing that is as usual left out.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        MaxDepth = 16,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.Create(System.Text.Unicode.UnicodeRanges.All),
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Skip,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>A new document.</summary>
    public static BoxDocument Of(IReadOnlyList<BoxPart> parts, IReadOnlyList<BoxPie> pies, IReadOnlyList<BoxIngredient> ingredients, IReadOnlyDictionary<string, string> remembered) =>
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
                return (null, $"This box was written by a newer Round Crumb (version {box.Version} of the format; {FormatVersion} is known here).");
            box = box with { Parts = box.Parts ?? [], Pies = box.Pies ?? [], Ingredients = box.Ingredients ?? [], Remembered = box.Remembered ?? new Dictionary<string, string>() };
            return Flaw(box) is { Length: > 0 } flaw ? (null, flaw) : (box, "");
        }
        catch (JsonException e)
        {
            return (null, "This JSON can’t be read as a recipe box" + (e.Path is { Length: > 1 } path ? $": something is wrong at {path}." : "."));
        }
    }

    private static string Flaw(BoxDocument box)
    {
        foreach (var part in box.Parts)
        {
            if (string.IsNullOrWhiteSpace(part?.Name) || part.Versions is not { Count: > 0 } || part.Versions.Any(v => v is null || v.Text is null || v.Family is null || v.Lines is null))
                return "A part in it has no name, or no version with text, family and lines.";
            if (part.Versions.All(v => v.Number != part.Current) || part.Versions.Select(v => v.Number).Distinct().Count() != part.Versions.Count)
                return $"The versions of “{part.Name}” don’t fit together.";
            if (!Enum.IsDefined(part.Kind) || part.Versions.Any(v => !Enum.IsDefined(v.Cup) || !Enum.IsDefined(v.Egg) || v.Lines.Any(l => l is null || !Enum.IsDefined(l.GoesIn) || l.Grams is < 0 or > 1e6 or double.NaN)))
                return $"“{part.Name}” holds something that is not known here.";
        }

        if (box.Parts.Select(p => p.Ref).Distinct().Count() != box.Parts.Count)
            return "Two parts in it have the same ref.";
        if (box.Pies.Any(p => string.IsNullOrWhiteSpace(p?.Name) || p.Composition is null))
            return "A pie in it has no name or no composition.";
        return box.Ingredients.Any(i => string.IsNullOrWhiteSpace(i?.Name) || i.Id is null || i.From is null || i.Values is null) ? "An ingredient in it has no name or no values." : "";
    }
}
