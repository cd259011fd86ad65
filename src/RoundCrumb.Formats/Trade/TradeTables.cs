using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace RoundCrumb.Formats.Trade;

/// <summary>A row of the table of what is in the house.</summary>
/// <param name="Ingredient">The ingredient's name; of a part made ahead, what it is.</param>
/// <param name="Id">The ingredient's id; empty for a part made ahead.</param>
/// <param name="Amount">How much.</param>
/// <param name="Unit">g, or pieces.</param>
/// <param name="UseBy">yyyy-MM-dd; empty for none.</param>
/// <param name="Open">yes or no.</param>
/// <param name="Where">shelf, fridge or freezer.</param>
public sealed record StockRecord(string Ingredient, string Id, double Amount, string Unit, string UseBy, string Open, string Where);

/// <summary>A row of the table of prices.</summary>
/// <param name="Ingredient">The ingredient's name.</param>
/// <param name="Id">The ingredient's id; empty where only the name is known.</param>
/// <param name="PackGrams">What the pack holds, g.</param>
/// <param name="Price">What it costs, pounds; empty where it is sold no longer.</param>
/// <param name="Shop">Where.</param>
/// <param name="Since">yyyy-MM-dd.</param>
public sealed record PriceRecord(string Ingredient, string Id, double PackGrams, string Price, string Shop, string Since);

/// <summary>A row of a shopping list.</summary>
/// <param name="Aisle">The shelf.</param>
/// <param name="Ingredient">What.</param>
/// <param name="Wanted">g in all.</param>
/// <param name="InHouse">g in the house.</param>
/// <param name="ToBuy">g to buy.</param>
/// <param name="Packs">The packs.</param>
/// <param name="Price">Pounds; empty where it is not known.</param>
/// <param name="InBasket">yes or no.</param>
public sealed record ShoppingRecord(
    string Aisle, string Ingredient, double Wanted, double InHouse, double ToBuy, string Packs, string Price, string InBasket);

/// <summary>A row of the table of a day's labels; nutrition is for 100 g.</summary>
public sealed record LabelRecord(
    string Name, int Count, string Ingredients, string Contains, string MayContain, double NetGrams, string MadeOn, string UseBy,
    string Code,
    double Price, double Kilojoules, double Kilocalories, double Fat, double Saturates, double Carbohydrate, double Sugars, double Protein,
    double Salt);

/// <summary>A row of a table that was read.</summary>
/// <param name="Line">Its line.</param>
/// <param name="Fields">What stands in it, by the names of the columns in small letters without blanks.</param>
public sealed record TableRow(int Line, IReadOnlyDictionary<string, string> Fields);

/// <summary>A table that was read.</summary>
/// <param name="Rows">Its rows; none where there is no line of headings.</param>
/// <param name="CutAt">The line from which on nothing was read, as there were too many; null if all were.</param>
public sealed record ReadTable(IReadOnlyList<TableRow> Rows, int? CutAt)
{
    /// <summary>True where it has rows, and these columns.</summary>
    public bool Has(params IEnumerable<string> columns) => Rows is [var first, ..] && columns.All(first.Fields.ContainsKey);
}

/// <summary>Tables of the pantry as CSV, both ways.</summary>
public static class TradeTables
{
    private static readonly CsvConfiguration Writing = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        InjectionOptions = InjectionOptions.Escape,
    };

    /// <summary>The most rows that are read.</summary>
    public const int MostRows = 5000;

    private static readonly char[] Delimiters = [',', ';', '\t'];

    /// <summary>The most columns that a table has; a line with more is none of headings.</summary>
    private const int MostColumns = 200;

    /// <summary>Writes rows, with a line of headings.</summary>
    public static string Write<T>(IEnumerable<T> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Writing))
            csv.WriteRecords(rows);
        return text.ToString();
    }

    /// <summary>What is said at the line from which on nothing is read.</summary>
    /// <param name="most">How many are read at once.</param>
    public static string TooMany(int most) =>
        FormattableString.Invariant($"From here on nothing was read: {most} rows are taken at once. Import the rest by itself.");

    /// <summary>Reads a table with commas, semicolons or tabs between its columns.</summary>
    /// <param name="text">The table.</param>
    /// <param name="most">The most rows that are read.</param>
    public static ReadTable Read(string text, int most = MostRows)
    {
        var table = text.TrimStart('\uFEFF');
        var first = table.AsSpan().TrimStart("\r\n");
        if (first[..(first.IndexOfAny('\r', '\n') is >= 0 and var end ? end : first.Length)].CountAny(Delimiters) > MostColumns)
            return new([], null);
        using var reader = new StringReader(table);
        using var csv = new CsvReader(
            reader,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                MissingFieldFound = null,
                BadDataFound = null,
                HeaderValidated = null,
                DetectDelimiter = true,
                DetectDelimiterValues = [.. Delimiters.Select(d => d.ToString())],
            });
        if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is not { } heads)
            return new([], null);
        var names = heads.Select(h => new string([.. h.Where(char.IsLetter)]).ToLowerInvariant()).ToList();
        var rows = new List<TableRow>();
        while (csv.Read())
        {
            var fields = new Dictionary<string, string>(StringComparer.Ordinal);
            for (var i = 0; i < names.Count; i++)
                fields.TryAdd(names[i], (csv.GetField(i) ?? "").Trim());
            if (fields.Values.All(f => f.Length == 0))
                continue;
            if (rows.Count == most)
                return new(rows, csv.Parser.Row);
            rows.Add(new(csv.Parser.Row, fields));
        }

        return new(rows, null);
    }
}
