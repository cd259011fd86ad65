using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Formats.Trade;

namespace RoundCrumb.Formats.Logs;

/// <summary>
/// A bake with its log, as it is handed on: grams, °C of a conventional oven, minutes, mm, hours. What was not said is empty.
/// </summary>
/// <param name="Made">When it was made, with its offset, as in 2026-11-29T09:30:00+00:00.</param>
/// <param name="Pie">What it is called.</param>
/// <param name="Pies">How many.</param>
/// <param name="Composition">The pie, as its address.</param>
/// <param name="OvenSet">What the oven was set to, °C.</param>
/// <param name="OvenRead">What a thermometer in it read, °C.</param>
/// <param name="Minutes">Minutes by stage, as in Weighted=17; Open=9.</param>
/// <param name="FromPot">Filling from the pot, g.</param>
/// <param name="LeftOver">Filling left over, g.</param>
/// <param name="Base">Crisp, Firm, Soft or Soggy.</param>
/// <param name="Cut">Runny, Soft, Clean, Firm or Rubbery.</param>
/// <param name="Top">Held, Softened, Wept or Overwhipped.</param>
/// <param name="WarmUp">Minutes until the oven was hot.</param>
/// <param name="Shrank">By how much the shell shrank, mm.</param>
/// <param name="Stood">Hours from filling to the first cut.</param>
/// <param name="Tastes">From −2, far too little, to 2, as in Sweet=1; Sharp=0.</param>
/// <param name="Taste">How it tasted, in words.</param>
/// <param name="Sold">Pies sold.</param>
/// <param name="Left">Pies left and kept.</param>
/// <param name="ThrownAway">Pies thrown away.</param>
/// <param name="Baker">Who made it, by id.</param>
/// <param name="Weighed">What was weighed of ingredients, as in EggWeight~yolk=18.</param>
/// <param name="Hands">Minutes of hands by step, as in MakeDough=12.</param>
/// <param name="Notes">Anything else.</param>
/// <param name="New">What was new with this bake, as a flour or a tin.</param>
public sealed record LogRecord(
    string Made, string Pie, int Pies, string Composition, double? OvenSet, double? OvenRead, string Minutes, double? FromPot,
    double? LeftOver,
    string Base, string Cut, string Top, double? WarmUp, double? Shrank, double? Stood, string Tastes, string Taste, double? Sold,
    double? Left,
    double? ThrownAway, string Baker, string Weighed, string Hands, string Notes,
    string New = "");

/// <summary>A log as one document.</summary>
/// <param name="Format">Always <see cref="LogTable.FormatName"/>.</param>
/// <param name="Version">Always 1.</param>
/// <param name="Bakes">The oldest first.</param>
public sealed record LogDocument(string Format, int Version, IReadOnlyList<LogRecord> Bakes);

/// <summary>A row that was read.</summary>
/// <param name="Line">In which line, or as which bake, it stands; from 1.</param>
/// <param name="Record">The row as it stands.</param>
/// <param name="Made">When it was made.</param>
/// <param name="Entry">What was written down.</param>
/// <param name="Trouble">Why it cannot be taken; empty where it can.</param>
public sealed record ReadLog(int Line, LogRecord Record, DateTimeOffset Made, BakeEntry Entry, string Trouble);

/// <summary>The log as CSV and JSON, both ways.</summary>
public static class LogTable
{
    /// <summary>What a document of this kind says it is.</summary>
    public const string FormatName = "round-crumb-log";

    /// <summary>The most bakes that are read at once.</summary>
    public const int Most = 20_000;

    /// <summary>How the documents are written and read.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        MaxDepth = 8,
    };

    /// <summary>A bake as it is handed on.</summary>
    public static LogRecord Of(DateTimeOffset made, string pie, int pies, string composition, BakeEntry e) => new(
        made.ToString("yyyy-MM-ddTHH:mm:sszzz", CultureInfo.InvariantCulture), pie, pies, composition, e.OvenSet?.Value, e.OvenRead?.Value,
        Pairs(e.StageMinutes.Select(m => (m.Key.ToString(), m.Value))), e.FromPot?.Value, e.LeftOver?.Value,
        e.Base is BaseVerdict.NotSaid ? "" : e.Base.ToString(), e.Set is SetVerdict.NotSaid ? "" : e.Set.ToString(),
        e.Top is TopVerdict.NotSaid ? "" : e.Top.ToString(), e.WarmUp, e.Shrank?.Value, e.Stood,
        Pairs(e.Tastes.Select(t => (t.Key.ToString(), (double)t.Value))), e.TasteWords, e.Sold, e.Unsold, e.ThrownAway, e.Baker,
        Pairs(e.Weighed.Select(w => (w.Key.Write(), w.Value))), Pairs(e.HandsMinutes.Select(h => (h.Key.ToString(), h.Value))), e.Notes,
        e.SomethingNew);

    /// <summary>As CSV.</summary>
    public static string Csv(IEnumerable<LogRecord> all) => TradeTables.Write(all);

    /// <summary>As one document.</summary>
    public static string Document(IEnumerable<LogRecord> all) => JsonSerializer.Serialize(new LogDocument(FormatName, 1, [.. all]), Json);

    /// <summary>Reads either.</summary>
    /// <param name="text">CSV with a line of headings, or a document.</param>
    /// <param name="trouble">Why nothing of it can be read; empty where something can.</param>
    public static IReadOnlyList<ReadLog> Read(string text, out string trouble)
    {
        trouble = "";
        var clean = text.TrimStart('\uFEFF', ' ', '\r', '\n', '\t');
        if (clean.StartsWith('{'))
        {
            try
            {
                if (JsonSerializer.Deserialize<LogDocument>(clean, Json) is { Format: FormatName, Bakes: { } bakes })
                    return
                    [
                        .. bakes.Take(Most).Select((b, i) => b is null ? Nothing(i + 1) : Row(i + 1, b)),
                        .. Cut(bakes.Count > Most ? Most + 1 : null),
                    ];
                trouble = $"That is a document, but not a log: its format is not {FormatName}.";
            }
            catch (JsonException e)
            {
                trouble = $"That document breaks off or is not well formed, in line {(e.LineNumber ?? 0) + 1}.";
            }

            return [];
        }

        var table = TradeTables.Read(text, Most);
        if (!table.Has("made", "composition"))
        {
            trouble = "That table has no columns called Made and Composition.";
            return [];
        }

        return [.. table.Rows.Select(r => OfRow(r.Line, r.Fields)), .. Cut(table.CutAt)];
    }

    /// <summary>Where there are more than are read at once, the line from which on they are left out.</summary>
    private static IEnumerable<ReadLog> Cut(int? at) => at is { } line ? [Nothing(line) with { Trouble = TradeTables.TooMany(Most) }] : [];

    private static ReadLog OfRow(int line, IReadOnlyDictionary<string, string> fields)
    {
        var wrong = "";
        string Text(string name) => Plain(fields.GetValueOrDefault(name, ""));
        double? Number(string name)
        {
            if (Text(name).Length == 0)
                return null;
            if (double.TryParse(Text(name), NumberStyles.Float, CultureInfo.InvariantCulture, out var value))
                return value;
            wrong = $"“{Text(name)}” under {name} is no number.";
            return null;
        }

        var record = new LogRecord(
            Text("made"), Text("pie"), (int)(Number("pies") ?? 1), Text("composition"), Number("ovenset"), Number("ovenread"),
            Text("minutes"),
            Number("frompot"), Number("leftover"), Text("base"), Text("cut"), Text("top"), Number("warmup"), Number("shrank"),
            Number("stood"),
            Text("tastes"), Text("taste"), Number("sold"), Number("left"), Number("thrownaway"), Text("baker"), Text("weighed"),
            Text("hands"),
            Text("notes"), Text("new"));
        var row = Row(line, record);
        return wrong.Length > 0 ? row with { Trouble = wrong } : row;
    }

    /// <summary>What a row says, held to the same limits as what is typed.</summary>
    private static ReadLog Row(int line, LogRecord r)
    {
        string wrong = "";
        double? Within(double? value, double least, double most, string what)
        {
            if (value is { } v && !(v >= least && v <= most))
                wrong = FormattableString.Invariant($"{what}: {v} lies outside {least} to {most}.");
            return value;
        }

        T Word<T>(string? word, string what)
            where T : struct, Enum
        {
            if (string.IsNullOrWhiteSpace(word))
                return default;
            if (Enum.TryParse<T>(word, ignoreCase: true, out var found) && Enum.IsDefined(found))
                return found;
            wrong = $"{what}: “{word}” is not one of {string.Join(", ", Enum.GetNames<T>().Skip(1))}.";
            return default;
        }

        var made = default(DateTimeOffset);
        if (!DateTimeOffset.TryParse(r.Made, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out made)
            || made.Year is < 1970 or > 9000)
            wrong = $"“{r.Made}” is no moment; try 2026-11-29T09:30:00+00:00.";
        if (string.IsNullOrWhiteSpace(r.Composition) || r.Composition.Length > 4000)
            wrong = "It says no pie: its composition is missing.";
        if (r.Pies is < 1 or > 200)
            wrong = $"{r.Pies} pies: from 1 to 200.";
        var entry = new BakeEntry
        {
            OvenSet = Within(r.OvenSet, 30, 400, "Oven set") is { } set ? new OvenCelsius(Math.Clamp(set, 30, 400)) : null,
            OvenRead = Within(r.OvenRead, 30, 400, "Oven read") is { } read ? new OvenCelsius(Math.Clamp(read, 30, 400)) : null,
            StageMinutes = Read<StageKind>(r.Minutes, 0, 1440, StageKinds.Find, "Minutes"),
            FromPot = Within(r.FromPot, 0, 200_000, "From the pot") is { } pot ? new Grams(Math.Max(0, pot)) : null,
            LeftOver = Within(r.LeftOver, 0, 200_000, "Left over") is { } left ? new Grams(Math.Max(0, left)) : null,
            Base = Word<BaseVerdict>(r.Base, "Base"),
            Set = Word<SetVerdict>(r.Cut, "Cut"),
            Top = Word<TopVerdict>(r.Top, "Top"),
            WarmUp = Within(r.WarmUp, 1, 180, "Warm-up"),
            Shrank = Within(r.Shrank, 0, 60, "Shrank") is { } mm ? new Millimetres(Math.Clamp(mm, 0, 60)) : null,
            Stood = Within(r.Stood, 0, 240, "Stood"),
            Tastes = Read<TasteScale>(r.Tastes, -2, 2, Named<TasteScale>, "Tastes").ToDictionary(t => t.Key, t => (int)Math.Round(t.Value)),
            TasteWords = Short(r.Taste, BakeEntryReader.LongestTaste),
            Sold = Within(r.Sold, 0, r.Pies, "Sold"),
            Unsold = Within(r.Left, 0, r.Pies, "Left"),
            ThrownAway = Within(r.ThrownAway, 0, r.Pies, "Thrown away"),
            Baker = Short(r.Baker, 40),
            Weighed = Read<CorrectionKey>(r.Weighed, 0.001, 5000, k => CorrectionKey.TryRead(k, out var key) ? key : null, "Weighed"),
            HandsMinutes = Read<StepKind>(r.Hands, 0, 1440, Named<StepKind>, "Hands"),
            Notes = Short(r.Notes, BakeEntryReader.LongestNotes),
            SomethingNew = Short(r.New, BakeEntryReader.LongestNew),
        };
        return new(line, r, made, entry, wrong);

        Dictionary<T, double> Read<T>(string? text, double least, double most, Func<string, T?> find, string what)
            where T : struct
        {
            var found = new Dictionary<T, double>();
            foreach (var pair in (text ?? "").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
            {
                var at = pair.LastIndexOf('=');
                if (at > 0 && find(pair[..at].Trim()) is { } key
                        && double.TryParse(pair[(at + 1)..], NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
                        && value >= least && value <= most)
                    found[key] = value;
                else
                    wrong = $"{what}: “{pair}” cannot be read.";
            }

            return found;
        }
    }

    /// <summary>A bake of which nothing is said.</summary>
    private static ReadLog Nothing(int line) => new(
        line, new("", "", 0, "", null, null, "", null, null, "", "", "", null, null, null, "", "", null, null, null, "", "", "", ""),
        default, new(), "There is nothing in it.");

    /// <summary>A cell without the mark that keeps a spreadsheet from running it.</summary>
    private static string Plain(string cell) => cell is ['\'', '=' or '+' or '-' or '@', ..] ? cell[1..] : cell;

    private static T? Named<T>(string name)
        where T : struct, Enum => Enum.TryParse<T>(name, ignoreCase: true, out var found) && Enum.IsDefined(found) ? found : null;

    private static string Short(string? text, int most)
    {
        var clean = (text ?? "").Trim();
        return clean.Length > most ? clean[..most] : clean;
    }

    private static string Pairs(IEnumerable<(string Name, double Value)> all) =>
        string.Join("; ", all.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.Name}={p.Value:0.###}")));
}
