namespace RoundCrumb.Scheduling.Model;

/// <summary>Slots and the clock on the wall. Slots are real minutes: a night in which clocks change has an hour more or less.</summary>
/// <param name="from">The first day.</param>
/// <param name="zone">Where the kitchen is.</param>
public sealed class DayClock(DateOnly from, TimeZoneInfo zone)
{
    private readonly DateTimeOffset _start = Midnight(from, zone);

    /// <summary>The first day.</summary>
    public DateOnly From => from;

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone => zone;

    /// <summary>The slot that a moment falls into; below 0 before the first midnight.</summary>
    public int SlotAt(DateTimeOffset moment) => (int)Math.Floor((moment - _start).TotalMinutes / Slot.Minutes);

    /// <summary>
    /// The slot of a time on the wall; none for an hour that the clocks jump over. Of an hour that comes twice it is the first.
    /// </summary>
    public int? SlotOf(DateTime wall)
    {
        wall = DateTime.SpecifyKind(wall, DateTimeKind.Unspecified);
        return zone.IsInvalidTime(wall) ? null : SlotAt(At(wall, zone));
    }

    /// <summary>True for a time that the wall clock shows twice.</summary>
    public bool ComesTwice(DateTime wall) => zone.IsAmbiguousTime(DateTime.SpecifyKind(wall, DateTimeKind.Unspecified));

    /// <summary>The moment at which a slot begins.</summary>
    public DateTimeOffset MomentOf(int slot) => _start.AddMinutes((double)slot * Slot.Minutes);

    /// <summary>What the clock on the wall says as a slot begins.</summary>
    public DateTime WallOf(int slot) => TimeZoneInfo.ConvertTime(MomentOf(slot), zone).DateTime;

    /// <summary>The slot of the midnight with which a day begins; 0 is the first day.</summary>
    public int DayStart(int day) => SlotAt(Midnight(from.AddDays(day), zone));

    /// <summary>The slots of somebody's hours on a day; hours that the clocks jump over begin when the jump is over.</summary>
    public (int From, int To) SlotsOf(DateOnly date, int fromMinute, int toMinute)
    {
        int At(int minute)
        {
            var wall = date.ToDateTime(TimeOnly.MinValue).AddMinutes(minute);
            return SlotOf(wall) ?? SlotOf(wall.AddHours(1)) ?? 0;
        }

        return (At(fromMinute), At(toMinute));
    }

    private static DateTimeOffset Midnight(DateOnly date, TimeZoneInfo zone)
    {
        var wall = date.ToDateTime(TimeOnly.MinValue);
        while (zone.IsInvalidTime(wall))
            wall = wall.AddMinutes(30);
        return At(wall, zone);
    }

    private static DateTimeOffset At(DateTime wall, TimeZoneInfo zone) =>
        new(wall, zone.IsAmbiguousTime(wall) ? zone.GetAmbiguousTimeOffsets(wall).Max() : zone.GetUtcOffset(wall));
}
