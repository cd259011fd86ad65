using System.Globalization;
using Pidgin;
using static Pidgin.Parser;

namespace RoundCrumb.Formats.Reading;

/// <summary>Numbers as bakers write them: 1 1/4, 1¼, ½, 2.5, 2,5, 1,250, 1-1/2, "half", "a dozen", "one and a half".</summary>
internal static class Numbers
{
    private const string Vulgar = "½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
    private static readonly double[] VulgarValues = [
        1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0, 0.2, 0.4, 0.6, 0.8, 1 / 6.0, 5 / 6.0, 1 / 8.0, 3 / 8.0, 5 / 8.0, 7 / 8.0
    ];

    private static readonly Dictionary<string, double> Words = new(StringComparer.Ordinal)
    {
        ["a"] = 1,
        ["an"] = 1,
        ["one"] = 1,
        ["two"] = 2,
        ["three"] = 3,
        ["four"] = 4,
        ["five"] = 5,
        ["six"] = 6,
        ["seven"] = 7,
        ["eight"] = 8,
        ["nine"] = 9,
        ["ten"] = 10,
        ["eleven"] = 11,
        ["twelve"] = 12,
        ["dozen"] = 12,
        ["half"] = 0.5,
        ["quarter"] = 0.25,
    };

    /// <summary>What a number word says; none for another word.</summary>
    public static double? Said(string word) => Words.TryGetValue(word, out var value) ? value : null;

    /// <summary>Parts of one, as they are said before "of a".</summary>
    private static readonly (string Words, double Value)[] Shares =
    [
        ("half a dozen", 6), ("three quarters", 0.75), ("three-quarters", 0.75), ("two thirds", 2 / 3.0), ("two-thirds", 2 / 3.0),
        ("a third", 1 / 3.0), ("a quarter", 0.25),
        ("a half", 0.5), ("half", 0.5), ("a couple", 2), ("a few", 3), ("a dozen", 12),
    ];

    /// <summary>Blanks, none or more.</summary>
    public static readonly Parser<char, Unit> Blanks = Token(' ').SkipMany();

    /// <summary>A word of letters.</summary>
    public static readonly Parser<char, string> Word = Token(char.IsLetter).AtLeastOnceString();

    private static readonly Parser<char, Unit> Boundary = Lookahead(Token(c => !char.IsLetter(c)).IgnoreResult().Or(End));

    private static readonly Parser<char, Unit> OfA = Boundary
        .Then(Try(Blanks.Then(String("of")).Then(Boundary)).Optional())
        .Then(Try(Blanks.Then(Token('a')).Then(Token('n').Optional()).Then(Boundary)).Optional()).IgnoreResult();

    private static readonly Parser<char, string> Digits = Token(char.IsAsciiDigit).AtLeastOnceString();

    private static readonly Parser<char, double> VulgarFraction = Token(c => Vulgar.Contains(c))
        .Select(c => VulgarValues[Vulgar.IndexOf(c)]);

    /// <summary>"12", "2.5", "2,5", "1,250" or "1/2"; the second is true for a fraction.</summary>
    private static readonly Parser<char, (double Value, bool IsFraction)> Plain = Digits.Then(
        OneOf(
            Token(c => c is '/' or '⁄').Then(Digits).Select(d => (Mark: '/', Digits: d)),
            Try(Map((mark, digits) => (Mark: mark, Digits: digits), Token(c => c is '.' or ','), Digits)),
            Return((Mark: ' ', Digits: ""))),
        (whole, rest) => Decimal(whole, rest.Mark, rest.Digits));

    private static readonly Parser<char, double> Fraction = VulgarFraction.Or(Plain.Where(p => p.IsFraction).Select(p => p.Value));

    /// <summary>The part behind a whole: "1 1/2", "1½", "1-1/2", "1 and 1/2", "1 and a half".</summary>
    private static readonly Parser<char, double> PartBehind = OneOf(
            Token('-').IgnoreResult(),
            Blanks.Then(OneOf(Try(String("and")), String("&"), String("+")).Then(Blanks).Optional()).IgnoreResult())
        .Then(OneOf(Fraction, Try(String("a half")).ThenReturn(0.5), Try(String("a quarter")).ThenReturn(0.25)))
        .Where(f => f < 1);

    private static readonly Parser<char, double> InDigits = Plain.Then(
        Try(PartBehind).Optional(),
        (whole, part) => (whole, part))
            .Where(n => !n.whole.IsFraction || !n.part.HasValue).Select(n => n.whole.Value + n.part.GetValueOrDefault(0));

    private static readonly Parser<char, double> InWords = Lookahead(Token(char.IsLetter)).Then(OneOf(
        OneOf(Shares.Select(s => Try(String(s.Words).Then(OfA).ThenReturn(s.Value)))),
        Try(Word.Where(Words.ContainsKey).Select(w => Words[w]).Before(Boundary)).Then(
            Try(Blanks.Then(String("and a half")).Then(Boundary).ThenReturn(0.5)).Optional(),
            (n, half) => n + half.GetValueOrDefault(0))));

    /// <summary>Any of them, 0 or more and never infinite.</summary>
    public static readonly Parser<char, double> AnyNumber = OneOf(InDigits, VulgarFraction, InWords).Where(n => n is >= 0 and < 1e7);

    private static (double Value, bool IsFraction) Decimal(string whole, char mark, string digits) => mark switch
    {
        ' ' => (Value(whole), false),
        '/' => (Value(digits) is > 0 and var bottom ? Value(whole) / bottom : double.PositiveInfinity, true),

        // A comma before exactly three digits parts thousands, unless nothing but a nought stands before it.
        ',' when digits.Length == 3 && whole is not "0" && whole.Length <= 3 => (Value(whole + digits), false),
        _ => (Value(whole + "." + digits), false),
    };

    private static double Value(string digits) =>
        double.TryParse(digits, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var v) ? v : double.PositiveInfinity;
}
