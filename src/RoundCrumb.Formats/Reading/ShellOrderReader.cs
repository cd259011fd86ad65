using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Shells;

namespace RoundCrumb.Formats.Reading;

/// <summary>What was understood of a wish for shells.</summary>
/// <param name="Orders">Pan by pan.</param>
/// <param name="Unclear">Pieces that were not understood, each with why.</param>
public sealed record ReadShells(IReadOnlyList<ShellOrder> Orders, IReadOnlyList<string> Unclear);

/// <summary>Reads how many shells in which pans: <c>two 23 cm and one 28 cm, two to freeze</c>.</summary>
public static partial class ShellOrderReader
{
    /// <summary>The longest wish that is read, characters.</summary>
    public const int Longest = 300;

    /// <summary>How far a said size may be from a pan's own, mm.</summary>
    private const double Near = 7;

    private static readonly (string[] Words, PanKind[] Kinds)[] Named =
    [
        (["pie plate", "plate", "pie dish", "dish"], [PanKind.PiePlate]),
        (["oblong"], [PanKind.OblongTart, PanKind.SquareTin]),
        (["tartlet", "mini tart"], [PanKind.TartTin]),
        (["tart", "tin", "fluted"], [PanKind.TartTin, PanKind.OblongTart]),
        (["springform"], [PanKind.Springform]),
        (["ring"], [PanKind.Ring]),
        (["square"], [PanKind.SquareTin]),
        (["ramekin"], [PanKind.Ramekin]),
        (["pot", "glass"], [PanKind.Pot]),
        (["well", "muffin"], [PanKind.WellTray]),
    ];

    /// <summary>True for a kind of pan that can be asked for in words.</summary>
    public static bool Knows(PanKind kind) => Named.Any(n => n.Kinds.Contains(kind));

    /// <summary>Reads a wish.</summary>
    /// <param name="text">What was written.</param>
    /// <param name="pans">The pans that are to be had; those named first win.</param>
    /// <param name="family">The crust: a sweet or sandy one goes into a fluted tin where only a size is said.</param>
    public static ReadShells Read(string text, IReadOnlyList<Pan> pans, CrustFamily family)
    {
        var orders = new List<ShellOrder>();
        var unclear = new List<string>();
        foreach (var raw in Pieces().Split(text.Length > Longest ? text[..Longest] : text))
        {
            var piece = raw.Trim().TrimEnd('.').ToLowerInvariant();
            if (piece.Length == 0)
                continue;
            var freeze = piece.Contains("freez", StringComparison.Ordinal) || piece.Contains("frozen", StringComparison.Ordinal);
            var sizes = Sizes().Match(piece);
            var rest = sizes.Success ? piece.Remove(sizes.Index, sizes.Length) : piece;
            var count = Times(sizes) ?? Count(rest);
            if (freeze && !sizes.Success && PanIn(rest, null, pans, family) is null)
            {
                Freeze(orders, count ?? int.MaxValue);
                continue;
            }

            var pan = PanIn(rest, sizes.Success ? Millimetres(sizes) : null, pans, family);
            if (pan is null)
            {
                unclear.Add(sizes.Success ? $"“{raw.Trim()}”: no pan of that size here" : $"“{raw.Trim()}”: which pan?");
                continue;
            }

            var many = Math.Clamp(count ?? 1, 1, ShellOrder.Most);
            var there = orders.FindIndex(o => o.Pan.Key == pan.Key);
            if (there >= 0)
                orders[there] = orders[there] with
                {
                    Count = Math.Min(ShellOrder.Most, orders[there].Count + many),
                    ToFreeze = orders[there].ToFreeze + (freeze ? many : 0),
                };
            else
                orders.Add(new(pan, many, freeze ? many : 0));
        }

        return new(orders, unclear);
    }

    /// <summary>So many of those named before go to the freezer, the first named first.</summary>
    private static void Freeze(List<ShellOrder> orders, int left)
    {
        for (var i = 0; i < orders.Count && left > 0; i++)
        {
            var here = Math.Min(left, orders[i].Count - orders[i].ToFreeze);
            orders[i] = orders[i] with { ToFreeze = orders[i].ToFreeze + here };
            left -= here;
        }
    }

    private static int? Count(string piece)
    {
        // "a dozen" is twelve, "a 23 cm plate" one.
        int? article = null;
        foreach (var word in Word().Matches(piece).Select(m => m.Value))
        {
            if (int.TryParse(word, NumberStyles.None, CultureInfo.InvariantCulture, out var number))
                return number;
            if (word is "a" or "an")
                article = 1;
            else if (Numbers.Said(word) is { } said && said >= 1)
                return (int)said;
        }

        return article;
    }

    /// <summary>"2 × 23 cm" is two of 23; "35 × 11 cm" is one that is longer than it is wide.</summary>
    private static int? Times(Match size) =>
        size.Groups["b"].Success && Number(size.Groups["a"]) is { } times && times < Number(size.Groups["b"]) ? (int)times : null;

    private static double? Millimetres(Match size)
    {
        var value = Number(Times(size) is null ? size.Groups["a"] : size.Groups["b"]);
        return size.Groups["unit"].Value switch { "mm" => value, "cm" => value * 10, _ => value * 25.4 };
    }

    private static double? Number(Group digits) =>
        double.TryParse(digits.Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
            ? value
            : null;

    private static Pan? PanIn(string words, double? mm, IReadOnlyList<Pan> pans, CrustFamily family)
    {
        // A pan named outright needs no size.
        if (pans.FirstOrDefault(p => p.Id == PanCupboard.OwnId && words.Contains(p.Name, StringComparison.OrdinalIgnoreCase)) is { } own)
            return own;
        var kinds = Named.FirstOrDefault(n => Array.Exists(n.Words, w => words.Contains(w, StringComparison.Ordinal))).Kinds;
        if (mm is null && kinds is null)
            return null;
        var sweet = family is RolledFamily { NeedsLayers: false, Sheet: null };
        return pans
            .Where(p => kinds is null || kinds.Contains(p.Kind))
            .Where(
                p =>
                    mm is not { } size || Math.Abs((p.Length ?? p.Top).Value - size) <= Near
                        || (p.Length is null && Math.Abs(p.Top.Value - size) <= Near))
            .OrderBy(
                p =>
                    kinds is not null
                        ? 0
                        : p.Kind == (sweet ? PanKind.TartTin : PanKind.PiePlate) ? 0
                        : p.Kind is PanKind.PiePlate or PanKind.TartTin ? 1
                        : 2)
            .ThenBy(p => mm is { } size ? Math.Abs((p.Length ?? p.Top).Value - size) : 0)
            .FirstOrDefault();
    }

    [GeneratedRegex(@"[,;\n+]|\band\b|\bplus\b", RegexOptions.IgnoreCase)]
    private static partial Regex Pieces();

    [GeneratedRegex(@"(?<a>\d+(?:[.,]\d+)?)(?:\s*[x×]\s*(?<b>\d+(?:[.,]\d+)?))?[\s-]*(?<unit>cm|mm|inch(?:es)?|in\b|""|″)")]
    private static partial Regex Sizes();

    [GeneratedRegex(@"[a-z]+|\d+")]
    private static partial Regex Word();
}
