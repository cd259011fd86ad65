using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Trade;

/// <summary>A line of a list of what is in the house, as it was understood.</summary>
/// <param name="Text">As written.</param>
/// <param name="Ingredient">What; none where it could not be read.</param>
/// <param name="Grams">How much, g; 0 where it could not be read.</param>
/// <param name="UseBy">Its date; none where none is written.</param>
/// <param name="IsOpen">True where it says that it is open.</param>
/// <param name="Trouble">What is wrong with it; empty for nothing.</param>
public sealed record StockLine(string Text, Ingredient? Ingredient, double Grams, DateOnly? UseBy, bool IsOpen, string Trouble);

/// <summary>Reads lists of what is in the house: "2 packs butter, use by 5 Dec", "1.2 kg plain flour, open".</summary>
/// <param name="reader">Reads amounts and ingredients.</param>
/// <param name="today">Today: a date without a year is the nearest to come, or one that passed within the last half year.</param>
public sealed partial class StockLines(LineReader reader, DateOnly today)
{
    private static readonly string[] Dates =
    [
        "yyyy-MM-dd", "d/M/yyyy", "d.M.yyyy", "d-M-yyyy", "d/M/yy", "d.M.yy", "d MMM yyyy", "d MMMM yyyy", "d MMM", "d MMMM", "d/M",
        "d.M.", "d.M",
    ];

    /// <summary>Reads a list. Blank lines are passed over.</summary>
    public IReadOnlyList<StockLine> ReadAll(string text) =>
    [
        .. text.ReplaceLineEndings("\n").Split('\n').Where(l => !string.IsNullOrWhiteSpace(l)).Take(Core.Recipes.PartLimits.Lines)
            .Select(Read),
    ];

    /// <summary>Reads one line.</summary>
    public StockLine Read(string text)
    {
        var line = text.Trim();
        var open = Opened().Match(line) is { Success: true };
        if (open)
            line = Opened().Replace(line, "");
        DateOnly? useBy = null;
        if (By().Match(line) is { Success: true } by)
        {
            useBy = DateOf(by.Groups["date"].Value);
            if (useBy is null)
                return new(text, null, 0, null, open, $"“{by.Groups["date"].Value.Trim()}” is no date. Write it like 5 Dec or 2026-12-05.");
            line = line[..by.Index].TrimEnd(' ', ',', ';');
        }

        var read = reader.Read(line);
        if (read.Items is not [{ Ingredient: { } ingredient, Grams: { } grams } item])
        {
            var why = read.Items.Count > 1 ? "More than one thing: a line for each."
                : read.Items is [{ Ingredient: null } unknown] ? $"“{unknown.Name}” is not in the pantry."
                : read.Items is [{ Ingredient: { } known }] ? $"How much {known.ShortName}? Grams, packs, pieces or cups."
                : "That is not understood: how much of what?";
            return new(text, null, 0, useBy, open, why);
        }

        return read.QuestionInHand is { Length: > 0 } odd ? new(text, ingredient, grams, useBy, open, odd)
            : grams <= 0 ? new(text, ingredient, 0, useBy, open, "More than nothing.")
            : grams > MostGrams ? new(text, ingredient, grams, useBy, open, "That is more than half a tonne. Is it right?")
            : new(text, ingredient, grams, useBy, open, "");
    }

    /// <summary>More of one thing than this is a slip, g.</summary>
    public const double MostGrams = 500_000;

    /// <summary>A date as it is written on a pack or by hand; none where it is not one.</summary>
    public DateOnly? DateOf(string text)
    {
        var said = text.Trim();
        foreach (var format in Dates)
        {
            if (!DateOnly.TryParseExact(said, format, CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
                continue;
            if (format.Contains('y'))
                return date;
            var near = new DateOnly(today.Year, date.Month, Math.Min(date.Day, DateTime.DaysInMonth(today.Year, date.Month)));
            return near < today.AddMonths(-6) ? near.AddYears(1) : near > today.AddMonths(6) ? near.AddYears(-1) : near;
        }

        return null;
    }

    [GeneratedRegex(@",?\s*\(?\b(?:opened|open)\b\)?", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Opened();

    [GeneratedRegex(
        @",?\s*\b(?:use\s+by|used\s+by|best\s+before|bbe?|ubd|until|exp(?:ires)?|by)\b:?\s*(?<date>[\w./ -]+)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex By();
}
