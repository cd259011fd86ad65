using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Reading;

/// <summary>What is done to an ingredient before it goes in, by what its line says.</summary>
internal static class WaysIn
{
    /// <summary>How a line goes in, by its ingredient and by what is said of it.</summary>
    public static GoesIn Of(Ingredient what, string said)
    {
        if (said.Contains("boiled down", StringComparison.Ordinal) || said.Contains("reduced to half", StringComparison.Ordinal)
                || said.Contains("reduced by half", StringComparison.Ordinal))
            return GoesIn.Reduced;
        if (said.Contains("soured and drained", StringComparison.Ordinal))
            return GoesIn.Soured;
        if (said.Contains("whey", StringComparison.Ordinal) && what.Juice > 0)
            return GoesIn.Drained;
        if (what.Egg is not EggPart.None && said.Contains("ribbon", StringComparison.Ordinal))
            return GoesIn.Ribbon;
        if (what.Egg is EggPart.White
                && (
                    said.Contains("whisk", StringComparison.Ordinal) || said.Contains("whip", StringComparison.Ordinal)
                        || said.Contains("peaks", StringComparison.Ordinal) || said.Contains("fold", StringComparison.Ordinal)))
            return GoesIn.WhitesFolded;
        var whips = what.Is(Traits.Whips);
        if (whips && said.Contains("stiff", StringComparison.Ordinal))
            return GoesIn.WhippedStiff;
        if (whips
                && (
                    said.Contains("whip", StringComparison.Ordinal) || said.Contains("whisk", StringComparison.Ordinal)
                        || said.Contains("peaks", StringComparison.Ordinal) || said.Contains("fold", StringComparison.Ordinal))
                && !said.Contains("unwhipped", StringComparison.Ordinal) && what.Name != said.Trim() && !OnlyNamed(said))
            return GoesIn.WhippedAndFolded;
        if (what.Is(Traits.CreamCheese) && !said.Contains("melted", StringComparison.Ordinal))
            return GoesIn.Beaten;
        if (what.Is(Traits.PlainWater)
                && (
                    said.Contains("gelatin", StringComparison.Ordinal) || said.Contains("bloom", StringComparison.Ordinal)
                        || said.Contains("soak", StringComparison.Ordinal)))
            return GoesIn.Bloom;
        return what.InMixture == 0 || said.Contains("steep", StringComparison.Ordinal) || said.Contains("infuse", StringComparison.Ordinal)
            || said.Contains("strained out", StringComparison.Ordinal)
            ? GoesIn.Steeped
            : GoesIn.Mixed;

        // "whipping cream" is a name, not an order.
        static bool OnlyNamed(string said) =>
            !said.Replace("whipping", "", StringComparison.Ordinal).Contains("whip", StringComparison.Ordinal)
                && !said.Contains("whisk", StringComparison.Ordinal) && !said.Contains("peaks", StringComparison.Ordinal)
                && !said.Contains("fold", StringComparison.Ordinal);
    }
}
