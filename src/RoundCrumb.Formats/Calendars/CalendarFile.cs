using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace RoundCrumb.Formats.Calendars;

/// <summary>One thing in a calendar.</summary>
/// <param name="Uid">Never changes for the same thing, so that sending it again changes what is there.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Words">What to do.</param>
/// <param name="Start">When it begins.</param>
/// <param name="End">When it ends.</param>
/// <param name="Where">Where, or who.</param>
/// <param name="WarnBefore">Minutes before it begins that the calendar speaks up; none to leave it silent.</param>
public sealed record CalendarEntry(
    string Uid, string Title, string Words, DateTimeOffset Start, DateTimeOffset End, string Where, int? WarnBefore);

/// <summary>A calendar that was read.</summary>
/// <param name="Entries">What is in it, each with the moment it begins.</param>
/// <param name="Trouble">Why it could not be read; empty where it could.</param>
public sealed record ReadCalendar(IReadOnlyList<(string Uid, string Title, DateTimeOffset Start)> Entries, string Trouble);

/// <summary>Writes and reads calendars (iCalendar, RFC 5545).</summary>
public static class CalendarFile
{
    /// <summary>The years in which bake days are planned.</summary>
    private const int Earliest = 2000;

    private const int Latest = 2199;

    /// <summary>
    /// The most events, alarms and rules of time zones in one calendar: a week of two ovens has some two hundred events with an alarm each.
    /// </summary>
    private const int Most = 5000;

    /// <summary>A calendar holds time zones, those hold rules; events hold alarms.</summary>
    private const int Deepest = 4;

    /// <summary>Writes a calendar.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="entries">What goes in.</param>
    /// <param name="version">Counts up at every change, so that a calendar knows which is the newer.</param>
    /// <param name="stamp">When it was written.</param>
    public static string Write(string name, IEnumerable<CalendarEntry> entries, int version, DateTimeOffset stamp)
    {
        var calendar = new Calendar { ProductId = "-//Round Crumb//Bake day//EN", Method = "PUBLISH" };
        calendar.AddProperty("X-WR-CALNAME", name);
        foreach (var entry in entries)
        {
            var one = new CalendarEvent
            {
                Uid = entry.Uid,
                Summary = entry.Title,
                Description = entry.Words,
                Location = entry.Where,
                Start = Utc(entry.Start),
                End = Utc(entry.End),
                DtStamp = Utc(stamp),
                Sequence = version,
            };
            if (entry.WarnBefore is { } minutes)
                one.Alarms.Add(
                    new Alarm
                    {
                        Action = AlarmAction.Display,
                        Description = entry.Title,
                        Trigger = new Trigger(Duration.FromMinutes(-minutes)),
                    });
            calendar.Events.Add(one);
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }

    /// <summary>Reads a calendar. What is in it without a name or a beginning is passed over.</summary>
    /// <param name="text">The calendar.</param>
    /// <param name="here">Where a time is meant that says no place of its own.</param>
    public static ReadCalendar Read(string text, TimeZoneInfo here)
    {
        if (Bounded(text) is { Length: > 0 } trouble)
            return new([], trouble);
        try
        {
            if (Calendar.Load(text) is not { } calendar)
                return new([], "There is no calendar in that file.");
            var dated = calendar.Events.Where(e => e.Uid is { Length: > 0 } && e.Start is { HasTime: true }).ToList();
            var entries = dated.Where(e => Moment(e.Start!, here) is not null)
                .Select(e => (e.Uid!, e.Summary ?? "", Moment(e.Start!, here)!.Value)).ToList();
            var unread = dated.Count - entries.Count;
            return dated.Count == 0 ? new([], "There are no events in that file.")
                : new(
                    entries,
                    unread == 0
                        ? ""
                        : $"{unread} {(unread == 1 ? "event begins" : "events begin")} at a time that can’t be read: in a time zone "
                            + $"that is not known here, or outside {Earliest} to {Latest}.");
        }
        catch (Exception e) when (
            e is System.Runtime.Serialization.SerializationException or ArgumentException or FormatException or InvalidOperationException
                or NullReferenceException or IndexOutOfRangeException or TimeZoneNotFoundException)
        {
            return new([], "That file is not a calendar that can be read.");
        }
    }

    /// <summary>Where an event begins; nothing where its time zone is not known, or no bake day is that far off.</summary>
    private static DateTimeOffset? Moment(CalDateTime start, TimeZoneInfo here)
    {
        if (start.Value.Year is < Earliest or > Latest)
            return null;
        var wall = DateTime.SpecifyKind(start.Value, DateTimeKind.Unspecified);
        if (start.IsFloating)
            return new(wall, here.GetUtcOffset(wall));

        // The library takes a zone that it does not know for UTC.
        return start.IsUtc || IsKnown(start.TzId) ? new(start.AsUtc, TimeSpan.Zero) : null;
    }

    private static bool IsKnown(string? zone) =>
        zone is { Length: > 0 }
            && (TimeZoneInfo.TryFindSystemTimeZoneById(zone, out _) || NodaTime.DateTimeZoneProviders.Tzdb.GetZoneOrNull(zone) is not null);

    /// <summary>
    /// Why a text is not read at all: more events than any day has, or things within things within things. Both would take the library
    /// long; nothing where it is read.
    /// </summary>
    private static string Bounded(string text)
    {
        var (depth, deepest, begun) = (0, 0, 0);
        foreach (var line in text.AsSpan().EnumerateLines())
        {
            var words = line.Trim();
            if (words.StartsWith("BEGIN:", StringComparison.OrdinalIgnoreCase))
                (depth, deepest, begun) = (depth + 1, Math.Max(deepest, depth + 1), begun + 1);
            else if (words.StartsWith("END:", StringComparison.OrdinalIgnoreCase))
                depth--;
        }

        return deepest > Deepest
            ? "That calendar is nested deeper than any. It is not read."
            : begun > Most ? $"That calendar holds more than {Most} things. It is not read."
            : "";
    }

    private static CalDateTime Utc(DateTimeOffset moment) => new(moment.UtcDateTime, "UTC");
}
