using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Formats.Reading;

/// <summary>
/// What a line says and no ingredient of it has: "white chocolate with hazelnuts", "cream (pistachio flavour)". Nothing that names an
/// allergen is passed over.
/// </summary>
internal static partial class BesideWords
{
    /// <summary>A line with the words that name what none of its ingredients has.</summary>
    public static ReadLine Kept(ReadLine read)
    {
        if (read.Heading.Length > 0 || read.IsBlank)
            return read;
        var text = read.Text.Trim();
        if (read.Items.All(i => i.Ingredient is null))
        {
            // Nothing of it is known. Words without an amount that name no food are an aside, not something to eat.
            return AllergenLexicon.Of(text) is not Allergens.None || StartsWithAmount().IsMatch(text)
                ? read with { WordsOnly = [Ingredient.NotRead(text)] }
                : read;
        }

        var words = new List<Ingredient>(1);
        foreach (var unknown in read.Items.Where(i => i.Ingredient is null))
            words.Add(Ingredient.NotRead(unknown.Name));
        var said = Purpose().Replace(text, "");
        var has = read.Items.Aggregate(
            Allergens.None, (all, i) => all | (i.Ingredient?.Allergens ?? Allergens.None) | (i.Ingredient?.Unanswered ?? Allergens.None));
        var surely = read.Items.Aggregate(Allergens.None, (all, i) => all | (i.Ingredient?.Allergens ?? Allergens.None));
        if (((AllergenLexicon.Of(said) & ~has) | (AllergenLexicon.Contained(said) & ~surely)) is not Allergens.None)
            words.Add(Ingredient.NamedBeside(said));
        return words.Count == 0 ? read : read with { WordsOnly = words };
    }

    /// <summary>What an ingredient is for or goes to, not what is in it: "for the meringue", "folded into the cream".</summary>
    [GeneratedRegex(
        @"(?<![a-z])(?:for|to|into|until|from|before|after|over|onto|on|like|than|as|instead of|see|per|in place of)\s[^,;()]*",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Purpose();

    [GeneratedRegex(@"^\W*(?:\d|[½⅓⅔¼¾⅛]|an?\s|one\s|two\s|half\s)", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex StartsWithAmount();
}
