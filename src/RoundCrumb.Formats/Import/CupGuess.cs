using System.Text.RegularExpressions;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Import;

/// <summary>Which cups and spoons a recipe means, by its spelling and its words.</summary>
/// <param name="Cup">The cup.</param>
/// <param name="Because">The words that tell, such as “heavy cream”; empty where nothing tells.</param>
public sealed partial record CupGuess(CupSize Cup, string Because)
{
    /// <summary>The guess for a text. Where as much speaks for one as for the other, or nothing does, it is the American cup.</summary>
    public static CupGuess Of(string text)
    {
        var american = Words(American(), text);
        var british = Words(British(), text);
        var southern = Words(Southern(), text);
        if (southern.Count > 0 && southern.Count + british.Count > american.Count)
            return new(CupSize.Metric, Said(southern));
        if (british.Count > american.Count)
            return new(Imperial().IsMatch(text) && !Cups().IsMatch(text) ? CupSize.Imperial : CupSize.Metric, Said(british));
        return new(CupSize.American, Said(american));
    }

    private static List<string> Words(Regex pattern, string text) =>
        [.. pattern.Matches(text).Select(m => m.Value.ToLowerInvariant()).Distinct().Take(12)];

    private static string Said(List<string> words) => string.Join(", ", words.Take(3).Select(w => $"“{w}”"));

    [GeneratedRegex(
        @"\b(?:all-purpose|heavy (?:whipping )?cream|confectioners[’']? sugar|powdered sugar|graham crackers?|cornstarch|"
            + @"sticks? (?:of )?(?:cold |unsalted )*butter|half[- ]and[- ]half|"
            + @"granulated sugar|kosher salt|molasses|light corn syrup|unflavored|"
            + @"quarts?|pie plate|°F|degrees F)\b|\d{3}\s?°?F\b",
        RegexOptions.IgnoreCase)]
    private static partial Regex American();

    [GeneratedRegex(
        @"\b(?:plain flour|caster sugar|icing sugar|double cream|single cream|soured cream|cornflour|"
            + @"digestives?|golden syrup|treacle|bicarbonate|gas mark|gas \d|tins?|unwaxed|flavour|colour|"
            + @"grams?|millilitres?|litres?|gelatine)\b|\bfan\b",
        RegexOptions.IgnoreCase)]
    private static partial Regex British();

    [GeneratedRegex(
        @"\b(?:thickened cream|plain sweet biscuits|pure cream|pavlova|passionfruit|arrowroot biscuits|desiccated coconut)\b",
        RegexOptions.IgnoreCase)]
    private static partial Regex Southern();

    [GeneratedRegex(@"\b(?:pints?|fl\.? oz|fluid ounces?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Imperial();

    [GeneratedRegex(@"\bcups?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Cups();
}
