using System.Text.RegularExpressions;

namespace RoundCrumb.Formats.Reading;

/// <summary>Turns of phrase that tell what the words of a line are.</summary>
internal static partial class LinePatterns
{
    [GeneratedRegex(@"\b(?:optional|if liked|if you like)\b")]
    public static partial Regex Optional();

    [GeneratedRegex(@"\bdivided\b")]
    public static partial Regex Divided();

    [GeneratedRegex(@"^(?:a (?:little|bit of|touch of)|some|extra|more|enough|plenty of)\s+")]
    public static partial Regex Some();

    [GeneratedRegex(@"\bsqueeze\b")]
    public static partial Regex Squeeze();

    [GeneratedRegex(@"^(?:egg )?(yolk|white)s?$")]
    public static partial Regex EggParts();

    [GeneratedRegex(@"\b(?:large|small|medium|big|unwaxed|whole|juicy|organic)\s+")]
    public static partial Regex SizeWord();

    [GeneratedRegex(
        @"^(?<name>[^(]+?),?\s+(?:lightly )?(?<how>beaten|mixed|whisked|blended|slaked|dissolved|soaked|bloomed|"
            + @"softened|sprinkled|stirred|infused|loosened|thinned)\s*(?:together\s+)?(?:with|in|over|into)\s+(?<more>.+)$")]
    public static partial Regex BeatenWith();

    [GeneratedRegex(
        @"^(?:(?:about|approx\.?|approximately|roughly|around|or|=|total(?: weight)?|weighing|weight|to give|to yield|"
            + @"scant|ca\.?|drained weight)\s*:?\s+)+")]
    public static partial Regex BeforeMeasure();

    [GeneratedRegex(
        @"^(?:\s*(?:total|in total|in all|altogether|drained|flesh|peeled|prepared|hulled|stoned|pitted|trimmed|net|"
            + @"gross|weight|juice|zest|puree|purée|pulp|when|once|each|of|before peeling|unpeeled|shelled|grated|chopped|"
            + @"cooked|packed|worth|\.))*\s*$")]
    public static partial Regex BehindMeasure();

    [GeneratedRegex(@"^(?<name>[^,(]*?[a-z]),?\s+(?:plus|and|&|\+)\s+(?<more>(?:an? |one |two |three |half |[\d½¼¾⅓⅔⅛]).+)$")]
    public static partial Regex AndMore();

    [GeneratedRegex(@"\s*[;,]\s*|(?<!\d)/|/(?!\d)")]
    public static partial Regex Alternatives();

    [GeneratedRegex(@"^\s*([a-z]+)\s+[a-z]")]
    public static partial Regex FirstWord();

    [GeneratedRegex(@"^(?:large|small|medium|extra large|extra-large|of them|ripe|whole)\b")]
    public static partial Regex OnlySize();

    [GeneratedRegex(@"\s*[x×]$")]
    public static partial Regex Times();

    [GeneratedRegex(@"(?<!un)\bdrained\b")]
    public static partial Regex Drained();

    [GeneratedRegex(@"\s+or\s+|\s*/\s*")]
    public static partial Regex Or();
}
