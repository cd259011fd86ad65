using System.Text.RegularExpressions;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Reading;

/// <summary>What is done to an ingredient before it goes in, by what its line says.</summary>
internal static partial class WaysIn
{
    /// <summary>How a line goes in, by its ingredient, by what is said of it behind its name, and by the name.</summary>
    public static GoesIn Of(Ingredient what, string note, string name)
    {
        var said = note + " " + name;
        if (what.Makeup.Water > 0.3 && BoiledDown().IsMatch(said))
            return GoesIn.Reduced;
        if (what.ProteaseWhenRaw && CookedFirst().IsMatch(said))
            return GoesIn.Boiled;
        if (what.UsualLoss > 0 && ToastedAfter().IsMatch(note))
            return GoesIn.Toasted;
        if (what.IsSugar && Melted().IsMatch(note))
            return GoesIn.Caramelised;
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

        // Milk that something is steeped in stays; what was steeped is strained out.
        var wet = what.Makeup.Water > 0.4 && what.Shelf is PantryShelf.Dairy or PantryShelf.Drinks;
        return what.InMixture == 0
            || (!wet && (said.Contains("steep", StringComparison.Ordinal) || said.Contains("infuse", StringComparison.Ordinal)))
            || said.Contains("strained out", StringComparison.Ordinal)
            ? GoesIn.Steeped
            : GoesIn.Mixed;

        // "whipping cream" is a name, not an order.
        static bool OnlyNamed(string said) =>
            !said.Replace("whipping", "", StringComparison.Ordinal).Contains("whip", StringComparison.Ordinal)
                && !said.Contains("whisk", StringComparison.Ordinal) && !said.Contains("peaks", StringComparison.Ordinal)
                && !said.Contains("fold", StringComparison.Ordinal);
    }

    [GeneratedRegex(@"(?<!un)\b(?:boiled|stewed|poached|simmered|blanched|cooked)\b")]
    private static partial Regex CookedFirst();

    [GeneratedRegex(
        @"\b(?:carameli[sz]ed?|(?:to|a dry) caramel|to amber|melted dry|(?:melted|boiled|cooked|bubbled)\b.*\b(?:toffee|butterscotch))\b")]
    private static partial Regex Melted();

    [GeneratedRegex(@"\b(?:toasted|roasted|browned)\b")]
    private static partial Regex ToastedAfter();

    [GeneratedRegex(@"\b(?:(?:boiled|simmered|cooked|reduced|concentrated|evaporated)(?: [a-z]+ly)? (?:down|to|by)\b|reduced\b(?!-))")]
    private static partial Regex BoiledDown();
}
