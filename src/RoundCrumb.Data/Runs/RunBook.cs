using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Bench;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Runs;

/// <summary>An event with its number.</summary>
/// <param name="Seq">Greater for what came in later.</param>
/// <param name="Event">The event.</param>
public sealed record NumberedEvent(int Seq, RunEvent Event);

/// <summary>The runs and their events.</summary>
public sealed class RunBook(RoundCrumbContext context, RunMemory memory)
{
    /// <summary>The runs under way, the last begun first; rehearsals are none of them.</summary>
    public Task<List<Run>> UnderWayAsync(CancellationToken cancel = default) =>
        context.Runs.AsNoTracking().Where(r => r.EndedAt == null && !r.IsRehearsal).OrderByDescending(r => r.Id).ToListAsync(cancel);

    /// <summary>Runs in earnest of which something was done that is not in the stock yet.</summary>
    public Task<List<Run>> NotStockedAsync(CancellationToken cancel = default) => context.Runs.AsNoTracking()
        .Where(r => !r.IsRehearsal && context.RunRows.Any(e => e.RunId == r.Id && e.Seq > r.StockedSeq)).OrderBy(r => r.Id)
        .ToListAsync(cancel);

    /// <summary>Says up to which event a run's use of ingredients is in the stock.</summary>
    public Task StockedAsync(int run, int seq, CancellationToken cancel = default) =>
        context.Runs.Where(r => r.Id == run).ExecuteUpdateAsync(r => r.SetProperty(x => x.StockedSeq, seq), cancel);

    /// <summary>The rehearsals under way, the last begun first.</summary>
    public Task<List<Run>> RehearsedAsync(CancellationToken cancel = default) =>
        context.Runs.AsNoTracking().Where(r => r.EndedAt == null && r.IsRehearsal).OrderByDescending(r => r.Id).ToListAsync(cancel);

    /// <summary>Changes the clock of a rehearsal under way.</summary>
    /// <returns>False where there is none.</returns>
    public async Task<bool> ChangeClockAsync(int run, Func<RehearsalClock, RehearsalClock> change, CancellationToken cancel = default)
    {
        // Whoever rehearses and the kitchen change it side by side: none writes over what it has not seen.
        for (var tried = 0; tried < MostTries; tried++)
        {
            if (await context.Runs.AsNoTracking().FirstOrDefaultAsync(r => r.Id == run && r.EndedAt == null, cancel)
                    is not { Clock: { } seen })
                return false;
            var next = change(seen);
            if (await context.Runs.Where(r => r.Id == run && r.EndedAt == null && r.Clock == seen)
                    .ExecuteUpdateAsync(set => set.SetProperty(r => r.Clock, next), cancel) > 0)
                return true;
        }

        return false;
    }

    /// <summary>So often a change is tried again that somebody else came before.</summary>
    private const int MostTries = 20;

    /// <summary>A run; none where it is not there.</summary>
    public Task<Run?> FindAsync(int id, CancellationToken cancel = default) =>
        context.Runs.AsNoTracking().FirstOrDefaultAsync(r => r.Id == id, cancel);

    /// <summary>The last run of a day, under way or over; none where it was never begun.</summary>
    public Task<Run?> LastOfAsync(int day, CancellationToken cancel = default) =>
        context.Runs.AsNoTracking().Where(r => r.BakeDayId == day && !r.IsRehearsal).OrderByDescending(r => r.Id)
            .FirstOrDefaultAsync(cancel);

    /// <summary>True for the event by which a run was begun.</summary>
    public Task<bool> IsBeginningAsync(int run, Guid what, CancellationToken cancel = default) => context.Runs.AsNoTracking()
        .Where(r => r.Id == run).SelectMany(r => r.Rows).OrderBy(r => r.Seq).Take(1).AnyAsync(r => r.EventId == what, cancel);

    /// <summary>The run under way of the batch that a sheet is; none where there is none.</summary>
    public Task<Run?> LiveOfBakeAsync(int bake, CancellationToken cancel = default) => context.Runs.AsNoTracking().Where(
            r => r.EndedAt == null && !r.IsRehearsal && context.DayOrders.Any(
                o => o.BakeDayId == r.BakeDayId && o.BakeId == bake && o.DeletedAt == null))
        .OrderBy(r => r.Id).FirstOrDefaultAsync(cancel);

    /// <summary>Begins a run; where one of that day is under way, that is the one.</summary>
    /// <param name="run">The run.</param>
    /// <param name="began">The event that begins it.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<Run> BeginAsync(Run run, RunEvent began, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (await context.Runs.AsNoTracking()
                .FirstOrDefaultAsync(r => r.BakeDayId == run.BakeDayId && r.EndedAt == null && r.IsRehearsal == run.IsRehearsal, cancel)
            is { } there)
            return there;
        var fresh = new Run
        {
            BakeDayId = run.BakeDayId,
            Name = run.Name,
            BegunAt = run.BegunAt,
            IsRehearsal = run.IsRehearsal,
            Clock = run.Clock,
            Learned = run.Learned,
        };
        fresh.Rows.Add(RunRow.Of(0, began));
        context.Runs.Add(fresh);
        await context.SaveChangesAsync(cancel);
        return fresh;
    });

    /// <summary>The events of a run in the order in which they came in.</summary>
    /// <param name="run">Which run.</param>
    /// <param name="after">Only those with a greater number.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IReadOnlyList<NumberedEvent>> EventsAsync(int run, int after = 0, CancellationToken cancel = default) =>
    [
        .. (await context.RunRows.AsNoTracking().Where(r => r.RunId == run && r.Seq > after).OrderBy(r => r.Seq).ToListAsync(cancel))
            .Select(r => new NumberedEvent(r.Seq, r.AsEvent()))
    ];

    /// <summary>All events of a run with their sum; what was read before is not read again.</summary>
    public async Task<RunEvents> OpenAsync(int run, CancellationToken cancel = default)
    {
        var known = memory.Of(run);
        if (known.All.Count == 0)
            return memory.Keep(run, new(await EventsAsync(run, 0, cancel)));

        // The last that is known comes first of those asked for, or the file is another than it was.
        var more = await EventsAsync(run, known.LastSeq - 1, cancel);
        if (more.Count == 0 || more[0].Seq != known.LastSeq || more[0].Event.Id != known.All[^1].Event.Id)
            return memory.Keep(run, new(await EventsAsync(run, 0, cancel)));
        return memory.Keep(run, more.Count == 1 ? known : new([.. known.All, .. more.Skip(1)]));
    }

    /// <summary>Adds events; those that are there already are passed over.</summary>
    /// <returns>Those that were new, with their numbers.</returns>
    public Task<IReadOnlyList<NumberedEvent>> AddAsync(
        int run, IReadOnlyCollection<RunEvent> events, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var ids = events.Select(e => e.Id).ToList();
        var there = await context.RunRows.Where(r => r.RunId == run && ids.Contains(r.EventId)).Select(r => r.EventId).ToListAsync(cancel);
        var rows = events.DistinctBy(e => e.Id).Where(e => !there.Contains(e.Id)).Select(e => (Event: e, Row: RunRow.Of(run, e))).ToList();
        context.RunRows.AddRange(rows.Select(r => r.Row));
        await context.SaveChangesAsync(cancel);
        return (IReadOnlyList<NumberedEvent>)[.. rows.Select(r => new NumberedEvent(r.Row.Seq, r.Event))];
    });

    /// <summary>Says that a run is over, or, where that was taken back, that it goes on.</summary>
    public Task EndAsync(int run, DateTimeOffset? at, CancellationToken cancel = default) =>
        context.Runs.Where(r => r.Id == run).ExecuteUpdateAsync(r => r.SetProperty(x => x.EndedAt, at), cancel);
}
