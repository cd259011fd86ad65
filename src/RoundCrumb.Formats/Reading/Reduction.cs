using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Formats.Reading;

/// <summary>What a line says that something is boiled down to: a volume, a weight or a part.</summary>
internal static partial class Reduction
{
    /// <summary>The most that is boiled down to, as a share; nearer to 1 it is not worth the name.</summary>
    private const double Most = 0.98;

    /// <summary>The share of its volume that is left; none where nothing is said, or nothing that can be.</summary>
    /// <param name="said">What the line says.</param>
    /// <param name="what">Of what.</param>
    /// <param name="grams">How much of it there is at first.</param>
    /// <param name="grammar">Reads a measure.</param>
    /// <param name="impossible">True where more would have to boil off than there is water.</param>
    public static double? Left(string said, Ingredient what, double grams, MeasureGrammar grammar, out bool impossible)
    {
        impossible = false;
        if (Target().Match(said) is not { Success: true } target)
            return null;
        var by = target.Groups["how"].Value == "by";
        var amount = target.Groups["amount"].Value;
        double? left = Part(amount) is { } part ? by ? 1 - part : part
            : Measured(amount, grammar) is not { } measure ? null
            : measure.Ml > 0 ? measure.Ml / (grams / what.BulkDensity)
            : 1 - ((1 - (measure.Grams / grams)) / what.InMixture);
        if (left is null || double.IsNaN(left.Value))
            return null;
        impossible = left <= 0 || 1 - (what.InMixture * (1 - left)) < (1 - what.Makeup.Water - what.Alcohol) * 0.98;
        return left is > 0 and <= Most && !impossible ? left : null;
    }

    private static Amounts? Measured(string amount, MeasureGrammar grammar)
    {
        var words = amount.Split(' ');
        for (var n = Math.Min(4, words.Length); n > 0; n--)
        {
            if (grammar.Whole(string.Join(' ', words[..n]).TrimEnd(',', '.', ')', ';')) is { Low.IsCount: false } measure)
                return measure.Middle;
        }

        return null;
    }

    private static double? Part(string amount) =>
        PerCent().Match(amount) is { Success: true } share
            ? double.Parse(share.Groups[1].Value.Replace(',', '.'), CultureInfo.InvariantCulture) / 100
        : Fraction().Match(amount) is { Success: true } words
            ? Parts(words.Groups["n"].Value) / WholeIn(words.Groups["d"].Value)
        : null;

    private static double Parts(string said) => said switch { "two" or "2" => 2, "three" or "3" => 3, _ => 1 };

    private static double WholeIn(string said) => said switch
    {
        "half" or "2" => 2,
        "third" or "thirds" or "3" => 3,
        "quarter" or "quarters" or "fourth" or "4" => 4,
        "fifth" or "fifths" or "5" => 5,
        _ => throw new UnreachableException(said),
    };

    [GeneratedRegex(
        @"\b(?:boiled|simmered|cooked|reduced|concentrated|evaporated)\b[^,;]{0,24}?\b(?<how>to|by)\s+(?:about |"
            + @"around |roughly |just )?(?<amount>.+)$")]
    private static partial Regex Target();

    [GeneratedRegex(@"^(\d{1,2}(?:[.,]\d{1,4})?)%")]
    private static partial Regex PerCent();

    [GeneratedRegex(
        @"^(?:a |one |an )?(?:(?<n>two|three|[123])[ -/])?(?<d>half|thirds?|quarters?|fourth|fifths?|(?<=/)[2345])\b|"
            + @"^(?<n>1)/(?<d>[2345])\b")]
    private static partial Regex Fraction();
}
