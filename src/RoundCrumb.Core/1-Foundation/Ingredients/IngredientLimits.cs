namespace RoundCrumb.Core.Ingredients;

/// <summary>What a value of an ingredient may be.</summary>
/// <param name="Field">What the value is called on forms and in files.</param>
/// <param name="Of">The value.</param>
/// <param name="Least">The least, in the value's own unit.</param>
/// <param name="Most">The most.</param>
/// <param name="Words">The same in words, for whoever typed something else.</param>
public sealed record IngredientLimit(string Field, Func<IngredientValues, double> Of, double Least, double Most, string Words);

/// <summary>
/// The one place that says what the values of a baker's own ingredient may be: for the form, for imports and for the API.
/// </summary>
public static class IngredientLimits
{
    /// <summary>The longest name, characters.</summary>
    public const int LongestName = 80;

    /// <summary>The most other names.</summary>
    public const int MostOtherNames = 20;

    /// <summary>
    /// By how much the shares of an ingredient may come to more than the whole of it: they are typed to a tenth of a gram.
    /// </summary>
    public const double Rounding = 0.0005;

    /// <summary>What the shares are called together.</summary>
    public const string Makeup = "makeup";

    /// <summary>
    /// Each value by itself. Densities are physical (nothing in a kitchen is denser than 3 g/ml); the others are the whole of what there
    /// is, or what is sold.
    /// </summary>
    public static IReadOnlyList<IngredientLimit> All { get; } =
    [
        new("bulk", static v => v.BulkDensity, 0.05, 3, "A millilitre of anything in a kitchen weighs 0.05 to 3 g."),
        new("mix", static v => v.InMixture, 0, 20, "A gram adds 0 to 20 ml."),
        new("water", static v => v.Water, 0, 1, "0 to 100 g."),
        new("fat", static v => v.Fat, 0, 1, "0 to 100 g."),
        new("sugars", static v => v.Sugars, 0, 1, "0 to 100 g."),
        new("protein", static v => v.Protein, 0, 1, "0 to 100 g."),
        new("starch", static v => v.Starch, 0, 1, "0 to 100 g."),
        new("saturates", static v => v.Saturates ?? 0, 0, 1, "0 to 100 g."),
        new("salt", static v => v.Salt ?? 0, 0, 1, "0 to 100 g."),
        new("sets", static v => v.StarchEquivalent, 0, 2, "Nothing thickens more than twice as strongly as cornflour."),
        new("juice", static v => v.Juice, 0, 1, "0 to 100 %."),
        new("alcohol", static v => v.Alcohol, 0, 0.95, "0 to 95 g."),
        new("bloom", static v => v.Bloom, 0, 320, "Gelatine is sold from 50 to 320 bloom."),
        new("loss", static v => v.UsualLoss, 0, 0.6, "0 to 60 %."),
        new("each", static v => v.GramsEach, 0, 5000, "A piece weighs up to 5 kg."),
        new("pack", static v => v.PackGrams, 0, 50_000, "A pack holds up to 50 kg."),
        new("price", static v => (double)v.PackPrice, 0, 10_000, "Up to £10,000."),
    ];

    /// <summary>What is wrong with some values, by field; nothing where all may be kept.</summary>
    public static IEnumerable<(string Field, string Words)> Problems(IngredientValues values)
    {
        var wrong = 0;
        foreach (var limit in All)
        {
            // Written so that what is no number is out of it too.
            if (limit.Of(values) is var value && value >= limit.Least && value <= limit.Most)
                continue;
            wrong++;
            yield return (limit.Field, limit.Words);
        }

        if (wrong == 0 && values.Saturates > values.Fat + Rounding)
            yield return ("saturates", "No more of it can be saturated than is fat.");
        if (wrong == 0 && values.Water + values.Fat + values.Sugars + values.Protein + values.Starch > 1 + Rounding)
            yield return (Makeup, "Water, fat, sugars, protein and starch come to more than 100 g.");
    }
}
