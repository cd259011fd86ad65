using System.Buffers;
using System.Globalization;
using System.Text.RegularExpressions;

namespace RoundCrumb.Formats.Reading;

/// <summary>A line made ready to be read.</summary>
/// <param name="Text">It in lower case, abbreviations written out, without what is no ingredient and no amount.</param>
/// <param name="Aside">Heats, sizes and times that it named: they are what they are, never amounts.</param>
/// <param name="Repaired">What was read otherwise than it is printed, each in a few words.</param>
/// <param name="Across">The first size that it named, mm; 0 for none.</param>
/// <param name="Question">What was read otherwise than it is printed and may well be meant so; empty for nothing.</param>
internal sealed record TidyLine(
    string Text, IReadOnlyList<string> Aside, IReadOnlyList<string> Repaired, double Across, string Question)
{
    /// <summary>The asides as one note.</summary>
    public string Note => string.Join(", ", Aside);
}

/// <summary>
/// Makes lines ready to be read: bullets and numbers before them go, letters that a camera took for digits become digits again, short forms
/// are written out, and heats, sizes and times are put aside so that "60 C" is never sixty cups.
/// </summary>
internal static partial class LineTidier
{
    private static readonly Dictionary<string, string> ShortForms = new(StringComparer.Ordinal)
    {
        ["lg"] = "large",
        ["lge"] = "large",
        ["med"] = "medium",
        ["sm"] = "small",
        ["grnd"] = "ground",
        ["choc"] = "chocolate",
        ["lt"] = "light",
        ["dk"] = "dark",
        ["opt"] = "optional",
        ["pwd"] = "powdered",
        ["evap"] = "evaporated",
        ["cond"] = "condensed",
        ["marg"] = "margarine",
        ["veg"] = "vegetable",
        ["gran"] = "granulated",
        ["conf"] = "confectioners",
        ["unsalt"] = "unsalted",
        ["xtra"] = "extra",
        ["extr"] = "extract",
        ["env"] = "envelope",
        ["ctn"] = "carton",
        ["temp"] = "temperature",
        ["w"] = "with",
        ["cr"] = "cream",
        ["tspn"] = "tsp",
        ["tspns"] = "tsp",
        ["teasp"] = "tsp",
        ["tblspn"] = "tbsp",
        ["tblspns"] = "tbsp",
        ["tbls"] = "tbsp",
        ["tablesp"] = "tbsp",
        ["tb"] = "tbsp",
        ["passionfruit"] = "passion fruit",
    };

    /// <summary>A line as it is written, with single blanks and without a bullet or a number before it; empty for a blank one.</summary>
    public static string Line(string text)
    {
        var line = Blanks().Replace(text.Replace("&frac12;", "½", StringComparison.Ordinal), " ").Trim();
        line = line.TrimStart('-', '•', '*', '·', '–', '▢', '□', '☐', '+', '—', '●', '○').TrimStart();
        if (line.StartsWith("[ ]", StringComparison.Ordinal))
            line = line[3..].TrimStart();
        line = ListNumber().Replace(line, "");
        return line.TrimEnd('.', ';', ' ');
    }

    /// <summary>The line ready to be read.</summary>
    public static TidyLine Tidy(string line)
    {
        var repaired = new List<string>();
        line = Repair(line, repaired);

        // A blank is easily lost: eleven halves of a cup are one and a half.
        var question = "";
        line = LostBlank().Replace(line, m =>
        {
            question = $"“{m.Value}” is read as {m.Groups[1].Value} {m.Groups[2].Value}. Is that right?";
            return $"{m.Groups[1].Value} {m.Groups[2].Value}";
        });

        // A spoon alone is told by its size: T the large one, t the small.
        line = SpoonLetter().Replace(line, m => m.Value.StartsWith('T') ? "tbsp" : "tsp");
        var lower = string.Create(line.Length, line, static (span, from) =>
        {
            for (var i = 0; i < span.Length; i++)
                span[i] = char.ToLowerInvariant(from[i]);
        });
        lower = Dots().Replace(PercentGap().Replace(lower, "%"), " ");
        lower = ShortForm().Replace(
            lower,
            m =>
                ShortForms.TryGetValue(m.Groups[1].Value, out var whole) && !(whole is "with" && !m.Value.EndsWith('/'))
                    ? whole
                    : m.Value);
        lower = PartInWords().Replace(lower, m => m.Groups[1].Value switch
        {
            "one" => m.Groups[2].Value is "half" ? "1/2" : m.Groups[2].Value.StartsWith("third", StringComparison.Ordinal) ? "1/3" : "1/4",
            "two" => "2/3",
            _ => "3/4",
        });
        lower = BareUnit().Replace(lower, "1 $0");
        lower = Dozens().Replace(lower, m => m.Groups[1].Value is "1/2" or "½" ? "6 " : $"{Whole(m.Groups[1].Value) * 12} ");
        lower = CountOfSized().Replace(lower, "$1 ");
        lower = FreshOrFrozen().Replace(lower, "");
        lower = PoundsAndOunces().Replace(lower, "$1 plus $2");
        var aside = new List<string>();
        var across = 0.0;
        foreach (var kind in Kinds(lower))
        {
            lower = kind.Replace(lower, m =>
            {
                aside.Add(m.Value.Trim(' ', ',', '(', ')'));
                if (across == 0 && m.Groups["across"] is { Success: true } size)
                    across = Millimetres(size.Value, m.Groups["unit"].Value);
                return m.Value.EndsWith(')') != m.Value.Contains('(') && m.Value.EndsWith(')') ? ")" : " ";
            });
        }

        lower = Blanks().Replace(EmptyBrackets().Replace(lower, " "), " ").Replace(" ,", ",", StringComparison.Ordinal).Trim()
            .TrimEnd(',', ' ');
        return new(lower, aside, repaired, across, question);
    }

    /// <summary>What a line may name besides ingredients; most lines name nothing of the kind, and are not searched for it.</summary>
    private static IEnumerable<Regex> Kinds(string lower)
    {
        if (lower.AsSpan().IndexOfAny(Degrees) >= 0 || lower.Contains("deg", StringComparison.Ordinal) || EndsInDegrees(lower))
            yield return Heat();
        if (lower.AsSpan().IndexOfAny(InchMarks) >= 0 || lower.Contains("cm", StringComparison.Ordinal)
                || lower.Contains("mm", StringComparison.Ordinal) || lower.Contains("in", StringComparison.Ordinal))
            yield return Size();
        if (lower.Contains("min", StringComparison.Ordinal) || lower.Contains('h', StringComparison.Ordinal))
            yield return Time();

        static bool EndsInDegrees(string lower)
        {
            for (var i = 2; i < lower.Length; i++)
            {
                if (lower[i] is 'f' or 'c' && (char.IsAsciiDigit(lower[i - 1]) || (lower[i - 1] == ' ' && char.IsAsciiDigit(lower[i - 2]))))
                    return true;
            }

            return false;
        }
    }

    private static readonly SearchValues<char> Degrees = SearchValues.Create("°º");

    private static readonly SearchValues<char> InchMarks = SearchValues.Create("\"″");

    private static int Whole(string digits) => int.Parse(digits, NumberStyles.None, CultureInfo.InvariantCulture);

    /// <summary>A text in which the letters that stand for noughts are noughts.</summary>
    public static string Digits(string text) =>
        NoughtsWithin().Replace(text + " ", m => m.Value.Replace('O', '0').Replace('o', '0')).TrimEnd();

    private static double Millimetres(string size, string unit) =>
        double.TryParse(size.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
            ? value * (unit is "cm" ? 10 : unit is "mm" ? 1 : 25.4)
            : 0;

    private static string Repair(string line, List<string> repaired)
    {
        line = OneBefore().Replace(line, m => Say(m.Value.Trim(), "1", m.Value.EndsWith(' ') ? "1 " : "1"));
        line = NoughtsWithin().Replace(line, m => Say(m.Value, m.Value.Replace('O', '0').Replace('o', '0')));
        return HalfAsLetters().Replace(line, m => Say(m.Value, m.Value[^1] == '2' ? "½" : "¼"));

        string Say(string printed, string meant, string? with = null)
        {
            repaired.Add($"“{printed}” read as {meant}");
            return with ?? meant;
        }
    }

    [GeneratedRegex(@"[\s\u00a0\u2009]+")]
    private static partial Regex Blanks();

    [GeneratedRegex(@"^(?:\d{1,2}\)|\(?[a-z]\)|\d{1,2}\.(?=\s+\d))\s+", RegexOptions.IgnoreCase)]
    private static partial Regex ListNumber();

    [GeneratedRegex(@"^[lI|]\s+(?=[A-Za-z])|^[lI|](?=/\d)|(?<=\s)[lI|](?=/\d)")]
    private static partial Regex OneBefore();

    [GeneratedRegex(@"(?<![A-Za-z0-9.,/])[1-9][\dOo]*[Oo][\dOo]*(?=\s*(?:k?g|m?l|cl|dl|oz|lb|grams?)\b|\s)")]
    private static partial Regex NoughtsWithin();

    [GeneratedRegex(@"(?<![A-Za-z0-9])[yY'][24](?![A-Za-z0-9/])")]
    private static partial Regex HalfAsLetters();

    [GeneratedRegex(@"(?<=[\d½⅓⅔¼¾⅛]\s?)[Tt]\.?(?=\s)")]
    private static partial Regex SpoonLetter();

    [GeneratedRegex(@"\s*\.{2,}\s*")]
    private static partial Regex Dots();

    [GeneratedRegex(@"(?<=\d)\s+%")]
    private static partial Regex PercentGap();

    [GeneratedRegex(@"(?<!\p{L})([a-z]{1,12})(?:\.(?=[\s,)]|$)|/(?=\s)|(?![\p{L}.]))")]
    private static partial Regex ShortForm();

    [GeneratedRegex(
        @"(?<![\d/.,])([1-9])([1-7]/[2348])(?=\s*(?:cups?|c|tsp|tbsp|teaspoons?|tablespoons?|lbs?|pounds?|oz|ounces?|"
            + @"pints?)\b)")]
    private static partial Regex LostBlank();

    [GeneratedRegex(@"\b(one|two|three)[ -](half|thirds?|quarters?|fourths?)\b(?: of)?(?: an?)?")]
    private static partial Regex PartInWords();

    [GeneratedRegex(
        @"^(?:(?:heap(?:ed|ing)|rounded|scant|generous|level|good|big|large|small|full) )?(?:cup|tablespoon|teaspoon|"
            + @"tbsp|tsp|dessertspoon|stick|pint|litre|sachet|tin|can|packet|jar|squeeze|pinch|knob|"
            + @"handful)(?:ful)?(?= (?:of )?[a-z])")]
    private static partial Regex BareUnit();

    [GeneratedRegex(@"^(\d{1,3}|1/2|½) dozen ")]
    private static partial Regex Dozens();

    [GeneratedRegex(@"^(\d) [x×] (?=\d+(?:\.\d+)?\s*-?(?:cm|inch|in)\b)")]
    private static partial Regex CountOfSized();

    [GeneratedRegex(@"\b(?:fresh (?:or|/) frozen|frozen or fresh|fresh or thawed frozen)\s+")]
    private static partial Regex FreshOrFrozen();

    [GeneratedRegex(@"(\d\s*(?:lbs?\.?|pounds?|kg|kilos?))\s+(\d+(?:[½¼¾])?\s*(?:oz|ounces?|g|grams?)\b)")]
    private static partial Regex PoundsAndOunces();

    [GeneratedRegex(
        @"(?:\b(?:to|at|until|about|around)\s+)*(?:\d{2,3}(?:\s*[-–]\s*\d{2,3})?\s*(?:(?:°|º|degrees?\b|"
            + @"deg\b\.?)\s*(?:[cf]\b|celsius|fahrenheit|centigrade)?|f\b)|(?<=(?:to|at|until|about|around)\s|"
            + @"\()\d{2,3}\s*c\b)")]
    private static partial Regex Heat();

    [GeneratedRegex(
        @"(?:\b(?:cut|sliced|chopped|torn|broken)\s+)?(?:\b(?:in|"
            + @"into)\s+)?(?:about\s+)?(?<across>\d+(?:[.,]\d+)?)(?:\s*[-–x×]\s*\d+(?:[.,]\d+)?)*\s*-?\s*(?:(?<unit>cm|mm|"
            + @"inch(?:es)?|in)\b\.?|(?<unit>[""″]))(?:\s+(?:lengths|cubes|dice|chunks|batons|thick|long|wide|wedges|rounds|"
            + @"slices|pieces)\b)?")]
    private static partial Regex Size();

    [GeneratedRegex(@"(?:\b(?:for|about)\s+)*\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:min(?:ute)?s?|hours?|hrs?)\b\.?")]
    private static partial Regex Time();

    [GeneratedRegex(@"\(\s*\)")]
    private static partial Regex EmptyBrackets();
}
