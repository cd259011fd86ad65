using System.Globalization;

namespace RoundCrumb.Core.Quantities;

/// <summary>Reads one number as bakers type it: <c>2.5</c>, <c>2,5</c>, <c>1 1/2</c>, <c>1½</c>, <c>1,250</c>.</summary>
public static class BakersNumber
{
    private const string Vulgar = "½⅓⅔¼¾⅛⅜⅝⅞";
    private static readonly double[] VulgarValues = [1 / 2.0, 1 / 3.0, 2 / 3.0, 1 / 4.0, 3 / 4.0, 1 / 8.0, 3 / 8.0, 5 / 8.0, 7 / 8.0];

    /// <summary>Reads a number and whatever word follows it.</summary>
    /// <param name="typed">What was typed.</param>
    /// <param name="value">The number; may be negative, never infinite.</param>
    /// <param name="unit">What follows the number, lower case and trimmed; empty for none.</param>
    /// <returns>False when it does not start with a number.</returns>
    public static bool TryRead(string? typed, out double value, out string unit)
    {
        value = 0;
        unit = "";
        var s = (typed ?? "").Trim().Replace('−', '-').Replace('⁄', '/').Replace('\u00a0', ' ');
        if (s.Length is 0 or > 40)
            return false;

        var sign = 1;
        if (s[0] is '-' or '+')
        {
            sign = s[0] == '-' ? -1 : 1;
            s = s[1..].TrimStart();
        }

        var end = 0;
        while (end < s.Length && (char.IsAsciiDigit(s[end]) || s[end] is '.' or ',' or '/' or ' ' || Vulgar.Contains(s[end])))
            end++;
        var digits = s[..end].Trim();
        unit = s[end..].Trim().ToLowerInvariant();
        if (digits.Length == 0)
            return false;

        var sum = 0.0;
        foreach (var piece in digits.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (!TryPiece(piece, out var part))
                return false;
            sum += part;
        }

        value = sign * sum;
        return double.IsFinite(value);
    }

    private static bool TryPiece(string piece, out double value)
    {
        value = 0;
        var last = Vulgar.IndexOf(piece[^1]);
        if (last >= 0)
        {
            value = VulgarValues[last];
            if (piece.Length == 1)
                return true;
            if (!TryPlain(piece[..^1], out var whole))
                return false;
            value += whole;
            return true;
        }

        var slash = piece.IndexOf('/');
        if (slash < 0)
            return TryPlain(piece, out value);
        if (!TryPlain(piece[..slash], out var top) || !TryPlain(piece[(slash + 1)..], out var bottom) || bottom == 0)
            return false;
        value = top / bottom;
        return true;
    }

    private static bool TryPlain(string text, out double value)
    {
        // One comma followed by three digits parts thousands; any other single comma is a decimal comma.
        var comma = text.IndexOf(',');
        if (comma >= 0 && !text.Contains('.'))
            text = text.Length - comma == 4 && comma is >= 1 and <= 3 && text[0] != '0' ? text.Remove(comma, 1) : text.Replace(',', '.');
        return double.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out value);
    }
}
