using System.Globalization;

namespace RoundCrumb.Core.Kitchens;

/// <summary>From when to when somebody works, on one day.</summary>
/// <param name="From">Minutes after midnight, 0 to 1439.</param>
/// <param name="To">Minutes after midnight, after <paramref name="From"/>, up to 1440.</param>
public readonly record struct Hours(int From, int To)
{
    /// <summary>As a clock says it: 06:00–15:00.</summary>
    public override string ToString() => Say(From) + "–" + Say(To);

    /// <summary>A time of day as a clock says it.</summary>
    public static string Say(int minutes) => string.Create(CultureInfo.InvariantCulture, $"{minutes / 60:00}:{minutes % 60:00}");

    /// <summary>Reads hours as they are written: 6-15, 6:00–15:30, 06.00 to 15.00. Nothing written is no hours.</summary>
    /// <returns>False where they cannot be read, or end before they begin.</returns>
    public static bool TryRead(string? text, out Hours? hours)
    {
        hours = null;
        var clean = (text ?? "").Trim().ToLowerInvariant();
        if (clean.Length == 0 || clean is "off" or "-" or "–")
            return true;
        var ends = clean.Replace(" to ", "-", StringComparison.Ordinal).Replace('–', '-').Replace('—', '-').Split('-');
        if (ends.Length != 2 || Clock(ends[0]) is not { } from || Clock(ends[1]) is not { } to || to <= from)
            return false;
        hours = new(from, to);
        return true;
    }

    /// <summary>Reads a time of day: 6, 6:30, 06.30, 24:00; none where it is not one.</summary>
    public static int? Clock(string? text)
    {
        var parts = (text ?? "").Trim().Replace('.', ':').Split(':');
        if (parts.Length is 0 or > 2 || !int.TryParse(parts[0], NumberStyles.None, CultureInfo.InvariantCulture, out var hour))
            return null;
        var minute = 0;
        if (parts.Length == 2
                && (parts[1].Length != 2 || !int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out minute)))
            return null;
        return minute < 60 && (hour < 24 || (hour == 24 && minute == 0)) ? (hour * 60) + minute : null;
    }
}

/// <summary>Somebody who works in the kitchen.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Week">Their hours on each day of the week, Monday first; seven of them, none on a day off.</param>
public sealed record Baker(string Id, string Name, IReadOnlyList<Hours?> Week)
{
    /// <summary>The hours on a day.</summary>
    public Hours? On(DayOfWeek day) => Week[((int)day + 6) % 7];
}
