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
public sealed record DayLine(
    string Key, string Date, string Start, string End, int Minutes, string Who, string What, string Pie, int Count, string Do);

/// <summary>Writes and reads a day as a table (CSV).</summary>
public static class DayTable
{
    private static readonly CsvConfiguration Settings = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        InjectionOptions = InjectionOptions.Escape,
    };

    /// <summary>As it was written, and as spreadsheets of one country and another write it when they save.</summary>
    private static readonly string[] Dates = [
        "yyyy-MM-dd", "d/M/yyyy", "d.M.yyyy", "M/d/yyyy", "d-M-yyyy", "d/M/yy", "M/d/yy", "d MMM yyyy", "d-MMM-yy"
    ];

    private static readonly string[] Times = ["H:mm", "H:mm:ss", "h:mm tt", "h:mm:ss tt", "H.mm"];

    /// <summary>Writes the table, with a line of headings.</summary>
    public static string Write(IEnumerable<DayLine> lines)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Settings))
            csv.WriteRecords(lines);
        return text.ToString();
    }

    /// <summary>
    /// Reads when each line of a table begins: its key, date and start are enough, with commas, semicolons or tabs between. What cannot be
    /// read is said, with its line.
    /// </summary>
    /// <param name="text">The table.</param>
    /// <param name="from">The first day: of a date that can be read in two ways, the one of these days is meant.</param>
    /// <param name="days">How many days.</param>
    public static (IReadOnlyList<(string Key, DateTime Start)> Lines, IReadOnlyList<string> Troubles) Read(
        string text, DateOnly from, int days)
    {
        var lines = new List<(string, DateTime)>();
        var troubles = new List<string>();
        using var reader = new StringReader(text);
        using var csv = new CsvReader(
            reader,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                MissingFieldFound = null,
                BadDataFound = null,
                HeaderValidated = null,
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
                PrepareHeaderForMatch = static h => h.Header.Trim().ToLowerInvariant(),
            });
        if (!csv.Read() || !csv.ReadHeader()
                || csv.HeaderRecord?.Any(h => h.Trim().Equals("key", StringComparison.OrdinalIgnoreCase)) is not true)
            return ([], ["That table has no column called Key."]);
        while (csv.Read())
        {
            var key = csv.GetField("key")?.Trim() ?? "";
            var (date, start) = (csv.GetField("date")?.Trim() ?? "", csv.GetField("start")?.Trim() ?? "");
            if (key.Length == 0)
                continue;
            var on = Dates.Select(
                f => DateOnly.TryParseExact(date, f, CultureInfo.InvariantCulture, DateTimeStyles.None, out var d) ? d : (DateOnly?)null)
                .OfType<DateOnly>().ToList();
            if (on.Count > 0 && TimeOnly.TryParseExact(start, Times, CultureInfo.InvariantCulture, DateTimeStyles.None, out var at))
                lines.Add((key, on.Where(d => d >= from && d < from.AddDays(days)).Append(on[0]).First().ToDateTime(at)));
            else
                troubles.Add($"Line {csv.Parser.Row}: “{$"{date} {start}".Trim()}” is not a date and a time.");
        }

        return (lines, troubles);
    }
}
