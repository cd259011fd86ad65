using System.Text.RegularExpressions;

namespace RoundCrumb.Formats.Reading;

/// <summary>Which parts of a fruit a line asks for: its juice, its zest, or both.</summary>
/// <param name="Zest">True for the zest.</param>
/// <param name="Juice">True for the juice.</param>
/// <param name="Squeeze">True for a squeeze of juice only.</param>
internal readonly partial record struct FruitParts(bool Zest, bool Juice, bool Squeeze)
{
    /// <summary>True where it asks for any.</summary>
    public bool Any => Zest || Juice;

    /// <summary>What words ask for; nothing where they say anything else as well.</summary>
    public static FruitParts Asked(string words) => OnlyParts().IsMatch(words) ? Named(words) : default;

    /// <summary>What words name, whatever else they say.</summary>
    public static FruitParts Named(string words) => new(
        ZestWord().IsMatch(words), JuiceWord().IsMatch(words), words.Contains("squeeze", StringComparison.Ordinal)
            && !words.Contains("squeezed", StringComparison.Ordinal));

    /// <summary>"zest 2 limes" as "zest of 2 limes": the two ways of saying it are read as one.</summary>
    public static string WithOf(string lower) => BeforeNumber().Replace(lower, "$1 of ");

    /// <summary>"zest of 3 limes and juice of 2" in two: both with the fruit.</summary>
    public static (string First, string Second)? Halves(string lower) =>
        TwoOf().Match(lower) is { Success: true } m
            ? ($"{m.Groups["a"].Value} of {m.Groups["n"].Value} {m.Groups["fruit"].Value}",
                $"{m.Groups["b"].Value} of {m.Groups["m"].Value} {m.Groups["fruit"].Value}")
            : null;

    [GeneratedRegex(
        @"^(?:the |a |finely |coarsely |freshly |grated |pared |strained |squeezed |fresh |and |& |\+ |of |"
            + @"only )*(?:juice|zest|rind|peel|squeeze)(?:\W+(?:and|&|\+|/|of|finely|grated|strained|pared|juice|zest|rind|"
            + @"peel|only)|\W)*$")]
    private static partial Regex OnlyParts();

    [GeneratedRegex(@"\b(?:juiced?|squeezed?)\b")]
    private static partial Regex JuiceWord();

    [GeneratedRegex(@"\b(?:zest(?:ed)?|rind|peel|pared)\b")]
    private static partial Regex ZestWord();

    [GeneratedRegex(@"^((?:(?:juice|zest|rind|grated|finely|and|&)\s+)*(?:juice|zest|rind))\s+(?=[\d½¼¾⅓⅔])")]
    private static partial Regex BeforeNumber();

    [GeneratedRegex(
        @"^(?:the )?(?<a>(?:finely |grated |strained )*(?:juice|zest|rind|peel)) (?:of|from) (?<n>[\d½¼¾/ .-]+|"
            + @"half an?|an?|one|two|three|four) (?<fruit>[a-z -]+?)\s*(?:,|and|&|\+)\s*(?:the )?(?<b>(?:finely |grated |"
            + @"strained )*(?:juice|zest|rind|peel)) (?:of|from) (?<m>[\d½¼¾/ .-]+|half an?|an?|one|two|three|"
            + @"four)(?: (?:\k<fruit>|more|of them))?$")]
    private static partial Regex TwoOf();
}
