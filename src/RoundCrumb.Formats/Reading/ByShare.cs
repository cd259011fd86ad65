using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Formats.Reading;

/// <summary>
/// Ingredients that are sold by a share: cream, milk and quark by their fat, chocolate by its cocoa. A share that no entry has is the
/// nearest one's.
/// </summary>
internal static partial class ByShare
{
    /// <summary>The entries of a kind, each from the least share that it stands for.</summary>
    private static readonly (string Kind, (double From, Ingredient Is)[] Entries)[] Kinds =
    [
        Kind(
            "cream", (0, "half-and-half"), (17, "single-cream"), (25, "cream-30"), (33, "whipping-cream"), (37, "cream-40"),
            (44, "double-cream")),
        Kind("milk", (0, "skimmed-milk"), (0.9, "semi-skimmed-milk"), (2.7, "milk"), (4.5, "rich-milk")),
        Kind("quark", (0, "low-fat-quark"), (12, "quark"), (30, "rich-quark")),
        Kind("milk chocolate", (0, "milk-chocolate")),
        Kind(
            "chocolate", (0, "dark-chocolate"), (58, "dark-chocolate-60"), (68, "dark-chocolate-70"), (78, "dark-chocolate-85"),
            (95, "unsweetened-chocolate")),
    ];

    /// <summary>Words that may stand beside the kind and its share.</summary>
    private static readonly HashSet<string> Beside = new(StringComparer.Ordinal)
    {
        "dark", "bittersweet", "semisweet", "bitter", "plain", "cocoa", "solids", "fat", "min", "minimum", "at", "least", "about", "cacao",
        "good", "quality", "whipping", "heavy", "fresh", "the", "of", "with", "content", "butterfat", "extra",
    };

    /// <summary>What a name and the words behind it say, where they name a share; none otherwise.</summary>
    public static Ingredient? Find(string name, string note)
    {
        if (Percent().Match(name + " " + note) is not { Success: true } said
                || !double.TryParse(said.Groups[1].Value.Replace(',', '.'), CultureInfo.InvariantCulture, out var share))
            return null;
        var words = Percent().Replace(name, " ").Split([' ', ',', '(', ')', '-'], StringSplitOptions.RemoveEmptyEntries);
        foreach (var (kind, entries) in Kinds)
        {
            var left = string.Join(' ', words.Where(w => !Beside.Contains(w)));
            if (left == kind)
                return entries.Last(e => share >= e.From).Is;
        }

        return null;
    }

    private static (string Kind, (double From, Ingredient Is)[] Entries) Kind(string kind, params (double From, string Id)[] entries) =>
        (kind, Array.ConvertAll(entries, e => (e.From, Pantry.Get(e.Id))));

    [GeneratedRegex(@"(?<![\d.]|\b(?:to|by) )(\d{1,3}(?:[.,]\d)?)%")]
    private static partial Regex Percent();
}
