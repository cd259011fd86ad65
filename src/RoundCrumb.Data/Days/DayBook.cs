using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Kitchens;

namespace RoundCrumb.Data.Days;

/// <summary>The bake days.</summary>
public sealed class DayBook(RoundCrumbContext context, TimeProvider clock)
{
    private const int MostAttempts = 8;

    /// <summary>All days that are not put away, the latest first, with their orders.</summary>
    public Task<List<BakeDay>> AllAsync(CancellationToken cancel = default) =>
        context.BakeDays.AsNoTracking().Include(d => d.Orders.Where(o => o.DeletedAt == null)).Where(d => d.DeletedAt == null).OrderByDescending(d => d.From).ThenByDescending(d => d.Id).ToListAsync(cancel);

    /// <summary>One day with all that belongs to it; none where it is not there.</summary>
    public Task<BakeDay?> FindAsync(int id, CancellationToken cancel = default) => Whole().AsNoTracking().FirstOrDefaultAsync(d => d.Id == id && d.DeletedAt == null, cancel);

    private IQueryable<BakeDay> Whole() => context.BakeDays.AsSplitQuery().Include(d => d.Orders.Where(o => o.DeletedAt == null).OrderBy(o => o.Due).ThenBy(o => o.Id)).Include(d => d.Hours).Include(d => d.DayMarks);

    /// <summary>Begins a day.</summary>
    public async Task<BakeDay> AddAsync(string name, DateOnly from, int days, CancellationToken cancel = default)
    {
        var day = new BakeDay { Name = name, From = from, Days = days, SavedAt = clock.GetUtcNow() };
        context.BakeDays.Add(day);
        await context.SaveChangesAsync(cancel);
        return day;
    }

    /// <summary>Changes a day. What changes its orders or hours leaves the plan; whether that still fits shows when it is read.</summary>
    /// <returns>False when the day is not there.</returns>
    public async Task<bool> ChangeAsync(int id, Action<BakeDay> change, CancellationToken cancel = default)
    {
        // A plan may be kept while somebody changes the day: whoever comes second does it again on what is there then.
        for (var attempt = 1; ; attempt++)
        {
            context.ChangeTracker.Clear();
            if (await Whole().FirstOrDefaultAsync(d => d.Id == id && d.DeletedAt == null, cancel) is not { } day)
                return false;
            change(day);
            day.Version++;
            day.SavedAt = clock.GetUtcNow();
            try
            {
                await context.SaveChangesAsync(cancel);
                return true;
            }
            catch (DbUpdateConcurrencyException) when (attempt < MostAttempts)
            {
            }
        }
    }

    /// <summary>Puts a day away, or brings it back.</summary>
    public async Task<bool> PutAwayAsync(int id, bool away, CancellationToken cancel = default)
    {
        if (await context.BakeDays.FirstOrDefaultAsync(d => d.Id == id, cancel) is not { } day)
            return false;
        day.DeletedAt = away ? clock.GetUtcNow() : null;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>Takes an order off, or puts it back.</summary>
    public async Task<bool> TakeOffAsync(int dayId, int orderId, bool off, CancellationToken cancel = default)
    {
        if (await context.DayOrders.FirstOrDefaultAsync(o => o.Id == orderId && o.BakeDayId == dayId, cancel) is not { } order)
            return false;
        order.DeletedAt = off ? clock.GetUtcNow() : null;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>A baker's hours on one date; the usual week's where nothing else is said.</summary>
    public static Hours? HoursOf(BakeDay day, Baker baker, DateOnly date)
    {
        var other = day.Hours.LastOrDefault(h => baker.Id == FormattableString.Invariant($"baker-{h.BakerId}") && h.Date == date);
        return other is null ? baker.On(date.DayOfWeek) : other.To > other.From ? new Hours(other.From, other.To) : null;
    }

    /// <summary>Says a baker's hours on one date.</summary>
    public static void SayHours(BakeDay day, int baker, DateOnly date, Hours? hours)
    {
        day.Hours.RemoveAll(h => h.BakerId == baker && h.Date == date);
        day.Hours.Add(new DayHours { BakerId = baker, Date = date, From = hours?.From ?? 0, To = hours?.To ?? 0 });
    }
}
