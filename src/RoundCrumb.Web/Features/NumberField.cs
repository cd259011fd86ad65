using System.Globalization;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Web.Features;

/// <summary>A number as it was typed into a field.</summary>
/// <param name="Text">What stands in the field.</param>
/// <param name="Value">What it means; what is usual, or none, where it could not be read.</param>
/// <param name="Trouble">What is wrong with it; empty for nothing.</param>
public readonly record struct NumberField(string Text, double? Value, string Trouble)
{
    private const int LongestTyped = 20;

    /// <summary>Reads a number.</summary>
    /// <param name="typed">What was typed; nothing for what is usual.</param>
    /// <param name="usual">What is usual; none where nothing is.</param>
    /// <param name="least">The least that is taken.</param>
    /// <param name="most">The most that is taken.</param>
    /// <param name="unit">What it is counted in: a unit that is typed with it has to be that.</param>
    public static NumberField Of(string? typed, double? usual, double least, double most, string unit)
    {
        if (string.IsNullOrWhiteSpace(typed))
            return new(usual?.ToString("0.#", CultureInfo.InvariantCulture) ?? "", usual, "");
        var text = typed.Trim();
        text = text.Length > LongestTyped ? text[..LongestTyped] : text;
        return BakersNumber.TryRead(text, out var value, out var after) && (after.Length == 0 || after == unit) && value >= least
                && value <= most
            ? new(text, value, "")
            : new(text, usual, FormattableString.Invariant($"From {least:0.#} to {most:0.#} {unit}."));
    }

    /// <summary>The same where only whole numbers are taken.</summary>
    /// <param name="usual">What it means where it is none.</param>
    public NumberField Whole(double? usual) =>
        Trouble.Length == 0 && Value is { } value && value != Math.Floor(value)
            ? this with { Value = usual, Trouble = "A whole number." }
            : this;

    /// <summary>Reads minutes, also as hours and minutes: 90, 1:30, 1 h 30.</summary>
    /// <param name="typed">What was typed; nothing where nothing is said.</param>
    /// <param name="most">The most minutes that are taken.</param>
    public static NumberField OfMinutes(string? typed, double most)
    {
        if (string.IsNullOrWhiteSpace(typed))
            return new("", null, "");
        var text = typed.Trim();
        text = text.Length > LongestTyped ? text[..LongestTyped] : text;
        var parts = text.Replace("h", ":", StringComparison.OrdinalIgnoreCase).Replace("min", "", StringComparison.OrdinalIgnoreCase)
            .Split(':', StringSplitOptions.TrimEntries);
        double? minutes = parts switch
        {
            [var only] when Read(only) is { } m => m,
            [var hours, ""] when Read(hours) is { } h => h * 60,
            [var hours, var rest] when Read(hours) is { } h && Read(rest) is { } m and < 60 => (h * 60) + m,
            _ => null,
        };
        return minutes is > 0 and var found && found <= most
            ? new(text, found, "")
            : new(text, null, FormattableString.Invariant($"Minutes, or hours and minutes like 1:30, up to {most / 60:0} h."));

        static double? Read(string part) =>
            double.TryParse(part, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value) ? value : null;
    }
}
