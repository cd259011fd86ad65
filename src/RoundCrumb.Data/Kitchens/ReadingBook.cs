using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Kitchens;

/// <summary>The readings from which this kitchen's places are known.</summary>
public sealed class ReadingBook(RoundCrumbContext context, Remembered<EquipmentOnHand> cache, TimeProvider clock)
{
    /// <summary>So many are shown, the newest first.</summary>
    public const int Shown = 50;

    /// <summary>The readings of a place, the newest first.</summary>
    /// <param name="cold">The cold place; none for the rack.</param>
    /// <param name="cancel">Stops it.</param>
    public Task<List<HeatReading>> OfAsync(int? cold, CancellationToken cancel = default) => context.HeatReadings.AsNoTracking()
        .Where(r => r.ColdId == cold && r.DeletedAt == null).OrderByDescending(r => r.Id).Take(Shown).ToListAsync(cancel);

    /// <summary>Puts a reading down.</summary>
    public Task AddAsync(HeatReading reading, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        reading.At = clock.GetUtcNow();
        context.HeatReadings.Add(reading);
        await context.SaveChangesAsync(cancel);
        cache.Forget(context);
        return true;
    });

    /// <summary>Leaves a reading out, or brings it back.</summary>
    /// <returns>False where it is not there.</returns>
    public Task<bool> LeaveOutAsync(int id, bool leaveOut, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (await context.HeatReadings.FirstOrDefaultAsync(r => r.Id == id, cancel) is not { } row)
            return false;
        row.DeletedAt = leaveOut ? clock.GetUtcNow() : null;
        await context.SaveChangesAsync(cancel);
        cache.Forget(context);
        return true;
    });
}
