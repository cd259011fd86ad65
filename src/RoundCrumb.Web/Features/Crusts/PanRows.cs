using System.Globalization;
using Microsoft.Extensions.Primitives;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Shells;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>One row as it was typed.</summary>
/// <param name="Pan">Which pan, by its key.</param>
/// <param name="Count">How many, as typed.</param>
/// <param name="Freeze">How many to freeze, as typed.</param>
/// <param name="Trouble">What is wrong with it; none where nothing is.</param>
public sealed record PlanRow(Pan Pan, string Count, string Freeze, string? Trouble);

/// <summary>Rows of pans and how many of each, typed one by one or written in words. Reading never fails.</summary>
public sealed class PanRows
{
    /// <summary>The most rows of a plan.</summary>
    private const int MostRows = 12;

    private readonly List<PlanRow> _rows = [];
    private readonly List<ShellOrder> _orders = [];

    /// <summary>
    /// Reads the rows in some fields: <c>p</c>, <c>many</c> and <c>cold</c> as often as there are rows, <c>say</c> in words, <c>add</c> for
    /// one more.
    /// </summary>
    public PanRows(IReadOnlyDictionary<string, StringValues> fields, Kitchen kitchen, CrustFamily family)
    {
        string One(string name) => fields.TryGetValue(name, out var value) && value.Count > 0 ? (value[0] ?? "").Trim() : "";
        Said = One("say");
        var gone = new List<string>();

        // Everything that is in the house comes before what is merely known.
        Pans = [.. kitchen.Pans.Select(p => p.Pan).Concat(PanCupboard.All).DistinctBy(p => p.Key)];
        if (Said.Length > 0)
        {
            var read = ShellOrderReader.Read(Said, Pans, family);
            gone.AddRange(read.Unclear);
            foreach (var order in read.Orders.Take(MostRows))
                Add(order.Pan, Text(order.Count), Text(order.ToFreeze));
        }

        if (_rows.Count == 0 && fields.TryGetValue("p", out var pans))
        {
            var counts = fields.GetValueOrDefault("many");
            var freeze = fields.GetValueOrDefault("cold");
            for (var i = 0; i < Math.Min(pans.Count, MostRows); i++)
            {
                if (Pans.FirstOrDefault(p => p.Key == pans[i]) is not { } pan)
                    gone.Add(NotHere(pans[i] ?? ""));
                else
                    Add(pan, (i < counts.Count ? counts[i] : null) ?? "1", (i < freeze.Count ? freeze[i] : null) ?? "0");
            }
        }

        if (One("add") is { Length: > 0 } added && _rows.Count < MostRows)
        {
            if (Pans.FirstOrDefault(p => p.Key == added) is { } more)
                Add(more, "1", "0");
            else
                gone.Add(NotHere(added));
        }

        Unclear = gone;

        // Until a row can be used, one of a usual pan is reckoned with.
        var first = Pans.FirstOrDefault(p => p.Top.Value is > 200 and < 260) ?? Pans[0];
        if (_rows.Count == 0)
            Add(first, "1", "0");
        else if (_orders.Count == 0)
            _orders.Add(new(first, 1, 0));
    }

    /// <summary>The pans that are offered.</summary>
    public IReadOnlyList<Pan> Pans { get; }

    /// <summary>The rows as typed.</summary>
    public IReadOnlyList<PlanRow> Rows => _rows;

    /// <summary>What can be used of them; one at least.</summary>
    public IReadOnlyList<ShellOrder> Orders => _orders;

    /// <summary>What was written in words.</summary>
    public string Said { get; }

    /// <summary>What was not understood, and pans that are not here.</summary>
    public IReadOnlyList<string> Unclear { get; }

    /// <summary>The rows as fields of an address.</summary>
    public string Address =>
        string.Concat(_orders.Select(o => string.Create(CultureInfo.InvariantCulture, $"&p={o.Pan.Key}&many={o.Count}&cold={o.ToFreeze}")));

    private static string NotHere(string typed) => $"There is no pan called “{(typed.Length > 40 ? typed[..40] + "…" : typed)}” here";

    private static string Text(int number) => number.ToString(CultureInfo.InvariantCulture);

    private void Add(Pan pan, string count, string freeze)
    {
        string? trouble = null;
        if (!int.TryParse(count.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many > ShellOrder.Most)
            trouble = $"How many? A whole number up to {ShellOrder.Most}; 0 takes it off.";
        else if (!int.TryParse(
                freeze.Trim().Length == 0 ? "0" : freeze.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var cold)
                || cold > many)
            trouble = many == 0 ? null : $"To freeze: a whole number up to {many}.";
        else if (many > 0)
            _orders.Add(new(pan, many, cold));
        if (trouble is not null || many > 0)
            _rows.Add(new(pan, count, freeze, trouble));
    }
}
