using Pidgin;
using RoundCrumb.Core.Quantities;
using static Pidgin.Parser;
using static RoundCrumb.Formats.Reading.Numbers;

namespace RoundCrumb.Formats.Reading;

/// <summary>What a method or a title says of heat, size and time.</summary>
/// <param name="Heats">Oven heats, each once, in the order in which they are named; "180C/160C fan/gas 4" is one.</param>
/// <param name="Sizes">Sizes, mm: one for a round pan, two or three for a tin.</param>
/// <param name="Minutes">Times.</param>
public sealed record ReadMethod(
    IReadOnlyList<OvenCelsius> Heats, IReadOnlyList<IReadOnlyList<Millimetres>> Sizes, IReadOnlyList<MinuteRange> Minutes);

/// <summary>
/// Finds oven heats ("350F", "gas 4", "fan 160"), sizes ("9-inch", "23cm", "9 x 13 in") and times ("35-40 min", "1½ hours") in a text.
/// </summary>
public static class MethodReader
{
    private static readonly Parser<char, Unit> Stop = Lookahead(Token(c => !char.IsLetter(c)).IgnoreResult().Or(End));
    private static readonly Parser<char, Unit> Degrees = Blanks.Then(
        OneOf(
            Token(c => c is '°' or 'º').IgnoreResult(), Try(String("degrees")).IgnoreResult(), Try(String("deg")).IgnoreResult())
            .Optional())
        .Then(Blanks);
    private static readonly Parser<char, double> Range = AnyNumber.Then(
        Try(Dash.Then(AnyNumber)).Optional(), (a, b) => b.HasValue && b.Value > a ? (a + b.Value) / 2 : a);

    private static readonly Parser<char, OvenCelsius> Gas = Try(String("gas")).Then(Blanks)
        .Then(Try(String("mark").Then(Blanks)).Optional()).Then(AnyNumber)
        .Select(OvenScale.FromGas).Where(c => c is not null).Select(c => c!.Value);

    private static readonly Parser<char, OvenCelsius> FanFirst = Try(String("fan")).Then(Blanks)
        .Then(Try(String("oven").Then(Blanks)).Optional()).Then(Range).Before(Degrees.Then(Token('c').Then(Stop).Optional()))
        .Where(c => c is >= 30 and <= 300).Select(OvenScale.FromFan);

    private static readonly Parser<char, OvenCelsius> ByNumber = Range.Before(Degrees).Then(
        Word.Where(w => w is "f" or "fahrenheit" or "c" or "celsius" or "centigrade")
            .Then(Try(Blanks.Then(Token('(').Optional()).Then(String("fan"))).Optional(), (w, fan) => (Unit: w[0], Fan: fan.HasValue)),
        (n, u) => u.Unit == 'f' ? OvenScale.FromFahrenheit(n) : u.Fan ? OvenScale.FromFan(n) : new OvenCelsius(n))
        .Where(c => c.Value is >= 30 and <= 320);

    /// <summary>One oven heat.</summary>
    private static readonly Parser<char, OvenCelsius> Heat = OneOf(Try(Gas), Try(FanFirst), ByNumber);

    private static readonly Parser<char, double> LengthUnit = OneOf(
        Token(c => c is '"' or '″' or '”').ThenReturn(25.4),
        Word.Where(
            w => w is "inch" or "inches" or "in" or "cm" or "mm" or "centimetre" or "centimetres" or "centimeter" or "centimeters")
            .Select(w => w[0] == 'i' ? 25.4 : w[0] == 'm' ? 1.0 : 10.0));

    private static readonly Parser<char, IReadOnlyList<Millimetres>> Size = Map(
        IReadOnlyList<Millimetres> (all, unit) => [.. all.Select(n => new Millimetres(n * unit))],
        AnyNumber.Before(Try(Blanks.Then(LengthUnit).Before(Lookahead(Blanks.Then(OneOf(Token('x'), Token('×')))))).Optional())
            .SeparatedAtLeastOnce(Try(Blanks.Then(OneOf(Token('x'), Token('×'), Try(String("by")).ThenReturn('x'))).Then(Blanks))),
        Blanks.Then(Token('-').Optional()).Then(LengthUnit)).Where(s => s.All(mm => mm.Value is > 2 and < 1000) && s.Count <= 3);

    private static readonly Parser<char, double> TimeUnit = Word.Where(
        w => w is "min" or "mins" or "minute" or "minutes" or "hour" or "hours" or "hr" or "hrs" or "h" or "m")
        .Select(w => w[0] == 'h' ? 60.0 : 1.0);

    private static readonly Parser<char, MinuteRange> Time = Map(
        (low, high, unit, more) =>
            MinuteRange.Between(
                (low * unit) + more.GetValueOrDefault(0), (Math.Max(low, high.GetValueOrDefault(low)) * unit) + more.GetValueOrDefault(0)),
        AnyNumber, Try(Dash.Then(AnyNumber)).Optional(), Blanks.Then(Token('-').Optional()).Then(TimeUnit),
        Try(
            Blanks.Then(Try(String("and").Then(Blanks)).Optional()).Then(AnyNumber).Before(Blanks)
                .Before(Word.Where(w => w is "min" or "mins" or "minutes" or "m"))).Optional())
        .Where(t => t.Most is > 0 and < 20_000);

    private static Parser<char, Unit> Dash =>
        Blanks.Then(
            OneOf(Token(c => c is '-' or '–' or '—').IgnoreResult(), Try(String("to ")).IgnoreResult(), Try(String("or ")).IgnoreResult()))
            .Then(Blanks);

    /// <summary>All that a text says; a text of any length, of which the first 20,000 characters are read.</summary>
    public static ReadMethod Read(string text)
    {
        var lower = Lower(text.Length > 20_000 ? text[..20_000] : text);
        var heats = new List<OvenCelsius>();
        var sizes = new List<IReadOnlyList<Millimetres>>();
        var minutes = new List<MinuteRange>();
        var any = OneOf(
            Try(Heat.Select(h => (Action)(() => Add(h)))),
            Try(Size.Select(s => (Action)(() => sizes.Add(s)))),
            Try(Time.Select(t => (Action)(() => minutes.Add(t)))))
            .Then(CurrentOffset, (act, end) => (Act: act, End: end));
        for (var i = 0; i < lower.Length; i++)
        {
            var starts = i == 0 || !char.IsLetterOrDigit(lower[i - 1]);
            if (!starts || !(char.IsAsciiDigit(lower[i]) || lower[i] is 'g' or 'f' or 'a' or 'o' or 't' or 'h' or '½' or '¾' or '¼'))
                continue;
            var read = any.Parse(lower[i..Math.Min(lower.Length, i + 60)]);
            if (!read.Success)
                continue;
            read.Value.Act();
            i += read.Value.End - 1;
        }

        return new(heats, sizes, minutes);

        // The same heat in three scales is one heat.
        void Add(OvenCelsius heat)
        {
            if (!heats.Exists(h => Math.Abs(h.Value - heat.Value) < 12))
                heats.Add(heat);
        }
    }

    private static string Lower(string text) => text.Trim().ToLowerInvariant();
}
