using System.Globalization;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Formats.Reading;

/// <summary>Writes a line so that <see cref="LineReader"/> reads it back as it was.</summary>
public static class LineWriter
{
    /// <summary>A line as it was understood.</summary>
    public static string Write(RecipeLine line) => line.IsWordsOnly ? line.Ingredient.WordsOnly
        : Write(line.Ingredient, line.Grams, line.GoesIn, line.Note, line.Optional, line.ReducedTo);

    /// <summary>"72 g egg yolk, keep the whites".</summary>
    /// <param name="ingredient">What.</param>
    /// <param name="grams">How much; none for "to taste".</param>
    /// <param name="goesIn">How it goes in, where that is not what its name says.</param>
    /// <param name="note">What to mind.</param>
    /// <param name="optional">True when it may be left out.</param>
    /// <param name="reducedTo">What it is boiled down to, as a share of its volume; none for half.</param>
    public static string Write(Ingredient ingredient, double? grams, GoesIn goesIn = GoesIn.Mixed, string note = "", bool optional = false,
        double? reducedTo = null)
    {
        var words = grams is { } g ? string.Create(CultureInfo.InvariantCulture, $"{Round(g):0.##} g ") : "";
        words += NameOf(ingredient);
        var told = goesIn switch
        {
            GoesIn.WhippedAndFolded when !Says(note, "whip", "peaks", "fold") => "whipped and folded in",
            GoesIn.WhippedStiff when !Says(note, "stiff") => "whipped stiff and folded in",
            GoesIn.WhitesFolded when !Says(note, "whisk", "whip", "fold") => "whisked and folded in",
            GoesIn.Ribbon when !Says(note, "ribbon") => "whisked to a ribbon",
            GoesIn.Reduced when !Says(note, "boiled down", "reduced", "simmered down", "concentrated") => reducedTo is { } left
                ? string.Create(CultureInfo.InvariantCulture, $"boiled down to {left * 100:0.###}%")
                : "boiled down to half",
            GoesIn.Boiled when !Says(note, "boiled", "stewed", "poached", "simmered", "cooked") => "boiled first",
            GoesIn.Toasted when !Says(note, "toast", "brown") => ingredient.IsFat ? "browned" : "toasted",
            GoesIn.Caramelised when !Says(note, "caramel", "toffee", "amber", "melted dry") => "caramelised",
            GoesIn.Soured when !Says(note, "soured and drained") => "soured and drained",
            GoesIn.Drained when !Says(note, "whey") => "goes with the whey",
            GoesIn.Bloom when !Says(note, "gelatin", "bloom") => "for the gelatine",
            GoesIn.Steeped when ingredient.InMixture > 0 && !Says(note, "steep", "infuse", "strained out") => "steeped and strained out",
            _ => "",
        };
        foreach (var more in (string[])[told, note, grams is null && note.Length == 0 ? "to taste" : "", optional ? "optional" : ""])
        {
            if (more.Length > 0)
                words += ", " + more;
        }

        return words;
    }

    /// <summary>A name without comma or bracket, which would end it, that is found again.</summary>
    public static string NameOf(Ingredient ingredient)
    {
        var names = IngredientFinder.NamesOf(ingredient).Where(
            n => !n.Contains(',', StringComparison.Ordinal) && !n.Contains('(', StringComparison.Ordinal));
        return names.FirstOrDefault() ?? ingredient.ShortName;
    }

    private static double Round(double grams) => grams < 10 ? Math.Round(grams, 2) : grams < 100 ? Math.Round(grams, 1) : Math.Round(grams);

    private static bool Says(string note, params string[] words) =>
        Array.Exists(words, w => note.Contains(w, StringComparison.OrdinalIgnoreCase));
}
