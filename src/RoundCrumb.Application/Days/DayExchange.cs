using System.Globalization;
using RoundCrumb.Formats.Calendars;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Days;

/// <summary>A planned day on its way out as a calendar or a table, and back.</summary>
/// <param name="view">The day.</param>
public sealed class DayExchange(DayView view)
{
    private OpenDay Open => view.Open;

    /// <summary>The same every time, so that a calendar sent again changes what is there.</summary>
    private string UidOf(string key) => $"{key}.{Open.Kept.Stamp:N}@roundcrumb";

    /// <summary>One event for each stretch of hands and each load.</summary>
    /// <param name="now">When it was written.</param>
    public string Calendar(DateTimeOffset now) => CalendarFile.Write(Open.Kept.Name, view.Placed.Select(Entry), Open.Kept.Version, now);

    private CalendarEntry Entry(PlacedWork p)
    {
        var load = p.Oven >= 0;
        var words = string.Join(
            "\n",
            view.StepsOf(p.Index).Select(s => view.Shown.Say(s.Step.Do) + (s.Step.Cue.Length > 0 ? $" Right when: {s.Step.Cue}." : ""))
                .Distinct());
        var where = view.WhoOf(p) + (load ? ", " + view.HeatOf(p.Oven, view.Day.Works[p.Index].Load!.Heat) : "");

        // A load wants its baker as it comes out; hands want theirs as they begin.
        return new(
            UidOf(p.Key), $"{p.Letters} {p.Label}: {p.Pies}", words, Open.Clock.MomentOf(p.From), Open.Clock.MomentOf(p.To), where,
            load ? 0 : 5);
    }

    /// <summary>One line for each.</summary>
    public string Table() => DayTable.Write(view.Placed.Select(p => new DayLine(
        p.Key, Open.Clock.WallOf(p.From).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), view.Clock(p.From), view.Clock(p.To),
        (p.To - p.From) * Slot.Minutes,
        view.WhoOf(p), p.Label, p.Pies, view.Day.Works[p.Index].Pies,
        string.Join(" ", view.StepsOf(p.Index).Select(s => view.Shown.Say(s.Step.Do)).Distinct()))));

    /// <summary>What was moved in a file that came back, to which slot, and what there is to say of the rest of it.</summary>
    /// <param name="text">What is in the file.</param>
    /// <param name="table">True for a table, false for a calendar.</param>
    public (IReadOnlyList<(PlacedWork Placed, int Slot)> Moved, IReadOnlyList<string> Said) Read(string text, bool table)
    {
        var moved = new List<(PlacedWork Placed, int Slot)>();
        var said = new List<string>();
        var unknown = 0;
        var outside = 0;
        if (table)
        {
            var (lines, troubles) = DayTable.Read(text, Open.Kept.From, Open.Kept.Days);
            said.AddRange(troubles);
            foreach (var (key, start) in lines)
                Move(key, IsOfTheDays(start) ? Open.Clock.SlotOf(start) : null);
        }
        else
        {
            var read = CalendarFile.Read(text, Open.Clock.Zone);
            if (read.Trouble.Length > 0)
                said.Add(read.Trouble);
            var mine = view.Placed.ToDictionary(p => UidOf(p.Key), p => p.Key, StringComparer.Ordinal);
            foreach (var (uid, _, start) in read.Entries)
                Move(
                    mine.GetValueOrDefault(uid, ""),
                    IsOfTheDays(TimeZoneInfo.ConvertTime(start, Open.Clock.Zone).DateTime) ? Open.Clock.SlotAt(start) : null);
        }

        if (unknown > 0)
            said.Add($"{unknown} in it {(unknown == 1 ? "is" : "are")} not of this day and {(unknown == 1 ? "was" : "were")} passed over.");
        if (outside > 0)
            said.Add(
                $"{outside} {(outside == 1 ? "was" : "were")} moved out of these days and stay{(outside == 1 ? "s" : "")} as planned.");
        var past = moved.RemoveAll(m => m.Slot < Math.Max(0, Open.Now));
        if (past > 0)
            said.Add($"{past} {(past == 1 ? "was" : "were")} moved into the past and stay{(past == 1 ? "s" : "")} as planned.");
        return (moved, said);

        void Move(string key, int? slot)
        {
            if (view.Placed.FirstOrDefault(p => p.Key == key) is not { } placed)
                unknown++;
            else if (slot is not { } to)
                outside++;
            else if (to != placed.From)
                moved.Add((placed, to));
        }

        bool IsOfTheDays(DateTime wall) =>
            DateOnly.FromDateTime(wall) is var date && date >= Open.Kept.From && date < Open.Kept.From.AddDays(Open.Kept.Days);
    }
}
