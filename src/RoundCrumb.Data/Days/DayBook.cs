using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Days;

/// <summary>The bake days.</summary>
public sealed class DayBook(RoundCrumbContext context, TimeProvider clock)
{
    /// <summary>All days that are not put away, the latest first, with their orders.</summary>
    public Task<List<BakeDay>> AllAsync(CancellationToken cancel = default) =>
        context.BakeDays.AsNoTracking().Include(d => d.Orders.Where(o => o.DeletedAt == null)).Where(d => d.DeletedAt == null)
            .OrderByDescending(d => d.From).ThenByDescending(d => d.Id).ToListAsync(cancel);

    /// <summary>The days that have an order wanted within some dates, the first first.</summary>
    public Task<List<int>> BetweenAsync(DateOnly from, DateOnly to, CancellationToken cancel = default)
    {
        var (first, after) = (from.ToDateTime(default), to.AddDays(1).ToDateTime(default));
        return context.BakeDays.AsNoTracking()
            .Where(d => d.DeletedAt == null && d.Orders.Any(o => o.DeletedAt == null && o.Due >= first && o.Due < after))
            .OrderBy(d => d.From).ThenBy(d => d.Id).Select(d => d.Id).ToListAsync(cancel);
    }

    /// <summary>The first day from one on for which something is ordered; none where nothing is.</summary>
    public async Task<DateOnly?> NextAsync(DateOnly from, CancellationToken cancel = default)
    {
        var first = from.ToDateTime(default);
        var due = await context.DayOrders.AsNoTracking().Where(
                o => o.DeletedAt == null && o.Due >= first && context.BakeDays.Any(d => d.Id == o.BakeDayId && d.DeletedAt == null))
            .OrderBy(o => o.Due).Select(o => (DateTime?)o.Due).FirstOrDefaultAsync(cancel);
        return due is { } day ? DateOnly.FromDateTime(day) : null;
    }

    /// <summary>An order by its number, of a day that is not put away; none where it is not there.</summary>
    public Task<DayOrder?> OrderAsync(int id, CancellationToken cancel = default) => context.DayOrders.AsNoTracking()
        .FirstOrDefaultAsync(o => o.Id == id && context.BakeDays.Any(d => d.Id == o.BakeDayId && d.DeletedAt == null), cancel);

    /// <summary>The order whose batch sheet a bake is; none where it is nobody's.</summary>
    public Task<DayOrder?> OrderOfBakeAsync(int bake, CancellationToken cancel = default) => context.DayOrders.AsNoTracking()
        .Where(o => o.BakeId == bake && o.DeletedAt == null).OrderBy(o => o.Id).FirstOrDefaultAsync(cancel);

    /// <summary>One day with all that belongs to it; none where it is not there.</summary>
    public Task<BakeDay?> FindAsync(int id, CancellationToken cancel = default) =>
        Whole().AsNoTracking().FirstOrDefaultAsync(d => d.Id == id && d.DeletedAt == null, cancel);

    private IQueryable<BakeDay> Whole() =>
        context.BakeDays.AsSplitQuery().Include(d => d.Orders.Where(o => o.DeletedAt == null).OrderBy(o => o.Due).ThenBy(o => o.Id))
            .Include(d => d.Hours).Include(d => d.DayMarks);

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
    public async Task<bool> ChangeAsync(int id, Action<BakeDay> change, CancellationToken cancel = default) => await TryAsync(id, day =>
    {
        change(day);
        return true;
    }, cancel) is KeepOutcome.Kept;

    /// <summary>The same, where the change may find that what it was asked over is no longer so.</summary>
    /// <param name="id">The day.</param>
    /// <param name="change">Changes it, or says that it was changed elsewhere.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<KeepOutcome> TryAsync(int id, Func<BakeDay, bool> change, CancellationToken cancel = default) => context.AgainAsync(
        async () =>
    {
        if (await Whole().FirstOrDefaultAsync(d => d.Id == id && d.DeletedAt == null, cancel) is not { } day)
            return KeepOutcome.Gone;
        if (!change(day))
            return KeepOutcome.ChangedElsewhere;
        day.Version++;
        day.SavedAt = clock.GetUtcNow();
        await context.SaveChangesAsync(cancel);
        return KeepOutcome.Kept;
    });

    /// <summary>A day that was put away; null if it is there, or never was.</summary>
    public Task<BakeDay?> AwayAsync(int id, CancellationToken cancel = default) =>
        context.BakeDays.AsNoTracking().FirstOrDefaultAsync(d => d.Id == id && d.DeletedAt != null, cancel);

    /// <summary>Puts a day away, or brings it back.</summary>
    public Task<bool> PutAwayAsync(int id, bool away, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (await context.BakeDays.FirstOrDefaultAsync(d => d.Id == id, cancel) is not { } day)
            return false;
        (day.DeletedAt, day.Version) = (away ? clock.GetUtcNow() : null, day.Version + 1);
        await context.SaveChangesAsync(cancel);
        return true;
    });

    /// <summary>Takes an order off, or puts it back.</summary>
    public Task<bool> TakeOffAsync(int dayId, int orderId, bool off, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var order = await context.DayOrders.FirstOrDefaultAsync(o => o.Id == orderId && o.BakeDayId == dayId, cancel);
        if (order is null || await context.BakeDays.FirstOrDefaultAsync(d => d.Id == dayId, cancel) is not { } day)
            return false;
        (order.DeletedAt, order.Version) = (off ? clock.GetUtcNow() : null, order.Version + 1);
        (day.Version, day.SavedAt) = (day.Version + 1, clock.GetUtcNow());
        await context.SaveChangesAsync(cancel);
        return true;
    });

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
