namespace RoundCrumb.Data.Kitchens;

/// <summary>What the clock on the kitchen's wall says, which need not be the computer's.</summary>
public sealed class KitchenClock(KitchenBook kitchen, TimeProvider clock)
{
    /// <summary>The moment that it is.</summary>
    public DateTimeOffset Now => clock.GetUtcNow();

    /// <summary>The kitchen's time zone; the computer's own where none is said, or where it does not know the one that is.</summary>
    public async Task<TimeZoneInfo> ZoneAsync(CancellationToken cancel = default)
    {
        var said = (await kitchen.EquipmentAsync(cancel)).TimeZone;
        return said.Length > 0 && TimeZoneInfo.TryFindSystemTimeZoneById(said, out var zone) ? zone : clock.LocalTimeZone;
    }

    /// <summary>The day that it is in the kitchen.</summary>
    public async Task<DateOnly> TodayAsync(CancellationToken cancel = default) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(Now, await ZoneAsync(cancel)).DateTime);
}
