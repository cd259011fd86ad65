using System.Globalization;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Features;

/// <summary>A warmth as it was typed into a field.</summary>
/// <param name="Text">What stands in the field.</param>
/// <param name="Celsius">What it means, °C; what is usual where it could not be read.</param>
/// <param name="Unit">What it is typed in.</param>
/// <param name="Trouble">What is wrong with it; empty for nothing.</param>
public readonly record struct DegreesField(string Text, double Celsius, string Unit, string Trouble)
{
    private const int LongestTyped = 20;

    /// <summary>Reads a warmth; a unit that is typed with it counts, otherwise the baker's own.</summary>
    /// <param name="typed">What was typed; nothing for what is usual.</param>
    /// <param name="usual">What is usual, °C.</param>
    /// <param name="least">The least that is taken, °C.</param>
    /// <param name="most">The most that is taken, °C.</param>
    /// <param name="units">The baker's degrees.</param>
    public static DegreesField Of(string? typed, double? usual, double least, double most, OvenUnit units)
    {
        var fahrenheit = units is OvenUnit.Fahrenheit;
        var unit = fahrenheit ? "°F" : "°C";
        string Said(double celsius) => (fahrenheit ? (celsius * 9 / 5) + 32 : celsius).ToString("0.#", CultureInfo.InvariantCulture);
        if (string.IsNullOrWhiteSpace(typed))
            return new(usual is { } u ? Said(u) : "", usual ?? double.NaN, unit, "");
        var text = typed.Trim();
        text = text.Length > LongestTyped ? text[..LongestTyped] : text;
        if (BakersNumber.TryRead(text, out var value, out var after) && InCelsius(value, after, fahrenheit) is { } celsius
                && celsius >= least && celsius <= most)
            return new(text, celsius, unit, "");
        return new(text, usual ?? double.NaN, unit, $"Degrees from {Said(least)} to {Said(most)} {unit}.");
    }

    private static double? InCelsius(double value, string unit, bool fahrenheit) => unit.Replace("°", "", StringComparison.Ordinal) switch
    {
        "" => fahrenheit ? (value - 32) * 5 / 9 : value,
        "c" => value,
        "f" => (value - 32) * 5 / 9,
        _ => null,
    };
}
