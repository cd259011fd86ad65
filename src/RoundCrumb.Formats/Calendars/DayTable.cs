using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace RoundCrumb.Formats.Calendars;

/// <summary>One line of a day's table.</summary>
/// <param name="Key">What it is known by.</param>
/// <param name="Date">yyyy-MM-dd.</param>
/// <param name="Start">HH:mm.</param>
/// <param name="End">HH:mm.</param>
/// <param name="Minutes">How long.</param>
/// <param name="Who">Hands or oven.</param>
/// <param name="What">In two or three words.</param>
/// <param name="Pie">Of which pies.</param>
/// <param name="Count">How many.</param>
/// <param name="Do">What to do.</param>
public sealed record DayLine(string Key, string Date, string Start, string End, int Minutes, string Who, string What, string Pie, int Count, string Do);

/// <summary>Writes and reads a day as a table (CSV).</summary>
public static class DayTable
{
    private static readonly CsvConfiguration Settings = new(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape };

    /// <summary>Writes the table, with a line of headings.</summary>
    public static string Write(IEnumerable<DayLine> lines)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Settings))
            csv.WriteRecords(lines);
        return text.ToString();
    }

    /// <summary>Reads when each line of a table begins: its key, date and start are enough. What cannot be read is said, with its line.</summary>
    public static (IReadOnlyList<(string Key, DateTime Start)> Lines, IReadOnlyList<string> Troubles) Read(string text)
    {
        var lines = new List<(string, DateTime)>();
        var troubles = new List<string>();
        using var reader = new StringReader(text);
        using var csv = new CsvReader(reader, new CsvConfiguration(CultureInfo.InvariantCulture) { MissingFieldFound = null, BadDataFound = null, HeaderValidated = null, PrepareHeaderForMatch = static h => h.Header.Trim().ToLowerInvariant() });
        if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord?.Any(h => h.Trim().Equals("key", StringComparison.OrdinalIgnoreCase)) is not true)
            return ([], ["That table has no column called Key."]);
        while (csv.Read())
        {
            var key = csv.GetField("key")?.Trim() ?? "";
            var when = (csv.GetField("date")?.Trim() ?? "") + " " + (csv.GetField("start")?.Trim() ?? "");
            if (key.Length == 0)
                continue;
            if (DateTime.TryParseExact(when, ["yyyy-MM-dd HH:mm", "yyyy-MM-dd H:mm", "dd/MM/yyyy HH:mm", "dd/MM/yyyy H:mm"], CultureInfo.InvariantCulture, DateTimeStyles.None, out var start))
                lines.Add((key, start));
            else
                troubles.Add($"Line {csv.Parser.Row}: “{when.Trim()}” is not a date and a time.");
        }

        return (lines, troubles);
    }
}
