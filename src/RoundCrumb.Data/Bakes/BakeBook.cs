using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Bakes;

/// <summary>What became of a bake on the counter.</summary>
/// <param name="Pie">Its name.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Pies">How many were made.</param>
/// <param name="Sold">How many were sold.</param>
/// <param name="Left">How many were left and kept.</param>
/// <param name="Thrown">How many were thrown away.</param>
public sealed record SoldBake(string Pie, DateTimeOffset MadeAt, int Pies, double Sold, double Left, double Thrown);

/// <summary>The bakes: sheets, ticks and what was written down.</summary>
public sealed class BakeBook(RoundCrumbContext context, AllOrNothing together, ILearnedNumber learned, TimeProvider clock)
{
    /// <summary>The last so many, newest first.</summary>
    public Task<List<Bake>> LastAsync(int most, CancellationToken cancel = default) =>
        context.Bakes.AsNoTracking().Include(b => b.Ticks).Include(b => b.Log).AsSplitQuery().OrderByDescending(b => b.MadeAt).Take(most)
            .ToListAsync(cancel);

    /// <summary>A stretch of some bakes, newest first.</summary>
    /// <param name="query">Which.</param>
    /// <param name="skip">How many to pass over.</param>
    /// <param name="take">How many at the most.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<List<Bake>> ListAsync(LogQuery query, int skip, int take, CancellationToken cancel = default) =>
        query.In(context).AsNoTracking().Include(b => b.Ticks).Include(b => b.Log).AsSplitQuery().OrderByDescending(b => b.MadeAt)
            .ThenByDescending(b => b.Id).Skip(skip).Take(take).ToListAsync(cancel);

    /// <summary>How many such bakes there are.</summary>
    /// <param name="query">Which.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<int> CountAsync(LogQuery query, CancellationToken cancel = default) => query.In(context).CountAsync(cancel);

    /// <summary>Such bakes with their logs, the oldest first, without ticks.</summary>
    /// <param name="query">Which.</param>
    /// <param name="most">The last so many.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<List<Bake>> LoggedAsync(LogQuery query, int most, CancellationToken cancel = default)
    {
        var last = await query.In(context).AsNoTracking().Where(b => b.Log != null).Include(b => b.Log).OrderByDescending(b => b.MadeAt)
            .ThenByDescending(b => b.Id).Take(most).ToListAsync(cancel);
        last.Reverse();
        return last;
    }

    /// <summary>What was said of how many were sold, the oldest first.</summary>
    /// <param name="most">The last so many.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IReadOnlyList<SoldBake>> SoldAsync(int most, CancellationToken cancel = default) =>
    [
        .. (await context.Bakes.AsNoTracking().Where(b => b.Log!.Sold != null).OrderByDescending(b => b.MadeAt).Take(most)
            .Select(b => new SoldBake(b.PieName, b.MadeAt, b.Pies, b.Log!.Sold ?? 0, b.Log.Unsold ?? 0, b.Log.ThrownAway ?? 0))
            .ToListAsync(cancel)).AsEnumerable().Reverse(),
    ];

    /// <summary>Some bakes by their numbers, with logs, in the order asked for; those that are not there are left out.</summary>
    public async Task<IReadOnlyList<Bake>> SomeAsync(IReadOnlyList<int> ids, CancellationToken cancel = default)
    {
        var found = await context.Bakes.AsNoTracking().Include(b => b.Log).Where(b => ids.Contains(b.Id)).ToDictionaryAsync(b => b.Id,
            cancel);
        return [.. ids.Where(found.ContainsKey).Select(i => found[i])];
    }

    /// <summary>The names of all pies that were made, the one made last first.</summary>
    public Task<List<string>> PieNamesAsync(CancellationToken cancel = default) => context.Bakes.GroupBy(b => b.PieName)
        .OrderByDescending(g => g.Max(b => b.MadeAt)).Select(g => g.Key).Take(200).ToListAsync(cancel);

    /// <summary>One bake with its ticks and log, or none.</summary>
    public Task<Bake?> FindAsync(int id, CancellationToken cancel = default) =>
        context.Bakes.AsNoTracking().Include(b => b.Ticks).Include(b => b.Log).FirstOrDefaultAsync(b => b.Id == id, cancel);

    /// <summary>Starts a bake. It keeps what the kitchen knows now: its sheet stays what it is.</summary>
    public async Task<Bake> StartAsync(string pieName, string address, int pies, CancellationToken cancel = default)
    {
        var known = await learned.NumberAsync(cancel);
        var bake = new Bake
        {
            PieName = pieName,
            Address = CompositionAddress.WithLearned(address, known),
            Pies = pies,
            MadeAt = clock.GetUtcNow(),
        };
        context.Bakes.Add(bake);
        await context.SaveChangesAsync(cancel);
        return bake;
    }

    /// <summary>Ticks a line or takes the tick back; twice the same is the same.</summary>
    public async Task TickAsync(int bakeId, string key, bool done, CancellationToken cancel = default)
    {
        if (done)
            await context.Database.ExecuteSqlAsync($"INSERT OR IGNORE INTO BakeTick (BakeId, Key) VALUES ({bakeId}, {key})", cancel);
        else
            await context.Set<BakeTick>().Where(t => t.BakeId == bakeId && t.Key == key).ExecuteDeleteAsync(cancel);
    }

    /// <summary>Writes the log of a bake, if nobody has since <paramref name="version"/> (0 for none yet).</summary>
    /// <returns>False when somebody has.</returns>
    public async Task<bool> WriteAsync(int bakeId, BakeEntry entry, int version, CancellationToken cancel = default)
    {
        if (await context.Bakes.Include(b => b.Log).FirstOrDefaultAsync(b => b.Id == bakeId, cancel) is not { } bake
                || (bake.Log?.Version ?? 0) != version)
            return false;
        var log = bake.Log ??= new BakeLog { BakeId = bakeId, Version = 0 };
        LogOf(entry, log, clock.GetUtcNow());
        log.Version++;
        try
        {
            await context.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateException e) when (e is DbUpdateConcurrencyException || Storage.Attempts.IsTaken(e))
        {
            context.ChangeTracker.Clear();
            return false;
        }
    }

    /// <summary>What is made of which pie and when, so that what is brought in twice is taken once.</summary>
    public async Task<HashSet<(string Pie, long At)>> MomentsAsync(CancellationToken cancel = default) =>
    [
        .. (await context.Bakes.AsNoTracking().Select(b => new { b.PieName, b.MadeAt }).ToListAsync(cancel))
            .Select(b => (b.PieName, b.MadeAt.ToUnixTimeSeconds())),
    ];

    /// <summary>A bake that was written down elsewhere.</summary>
    public static Bake Brought(string pie, string address, int pies, DateTimeOffset made, BakeEntry entry) => new()
    {
        PieName = pie,
        Address = address,
        Pies = pies,
        MadeAt = made,
        Log = LogOf(entry, new BakeLog(), made),
    };

    /// <summary>Takes in bakes with their logs, all or none; others go on writing meanwhile.</summary>
    /// <param name="all">The bakes.</param>
    /// <param name="written">Told how many are written; they are kept once all are.</param>
    /// <param name="cancel">Stops it; nothing is kept then.</param>
    public async Task TakeInAsync(IReadOnlyList<Bake> all, Action<int> written, CancellationToken cancel = default)
    {
        if (all.Count == 0)
            return;
        await using var arriving = await ArrivingBakes.WriteAsync(
            context.Database.GetDbConnection().DataSource, all, written, cancel);
        await arriving.MoveAsync(context, together, cancel);
    }

    /// <summary>An entry as it is kept.</summary>
    public static BakeLog LogOf(BakeEntry entry, BakeLog log, DateTimeOffset at)
    {
        log.OvenSet = entry.OvenSet?.Value;
        log.OvenRead = entry.OvenRead?.Value;
        log.StageMinutes = JsonSerializer.Serialize(entry.StageMinutes.ToDictionary(m => m.Key.ToString(), m => m.Value));
        log.FromPot = entry.FromPot?.Value;
        log.LeftOver = entry.LeftOver?.Value;
        log.Base = entry.Base.ToString();
        log.Set = entry.Set.ToString();
        log.Top = entry.Top.ToString();
        log.Notes = entry.Notes;
        (log.Baker, log.Sold, log.Unsold, log.ThrownAway) = (entry.Baker, entry.Sold, entry.Unsold, entry.ThrownAway);
        log.Measures = new()
        {
            WarmUp = entry.WarmUp,
            Shrank = entry.Shrank?.Value,
            Stood = entry.Stood,
            TasteWords = entry.TasteWords,
            SomethingNew = entry.SomethingNew,
            Tastes = [.. entry.Tastes.Select(t => new LoggedTaste { Scale = t.Key, Step = t.Value })],
            Hands = [.. entry.HandsMinutes.Select(h => new LoggedHands { Step = h.Key, Minutes = h.Value })],
            Weighed = [.. entry.Weighed.Select(w => new LoggedWeight { Kind = w.Key.Kind, Of = w.Key.Of, Amount = w.Value })],
        };
        log.WrittenAt = at;
        return log;
    }

    /// <summary>What was written, as the core knows it.</summary>
    public static BakeEntry EntryOf(BakeLog? log) => log is null ? new BakeEntry() : new BakeEntry
    {
        OvenSet = log.OvenSet is { } s ? new OvenCelsius(s) : null,
        OvenRead = log.OvenRead is { } r ? new OvenCelsius(r) : null,
        StageMinutes = (JsonSerializer.Deserialize<Dictionary<string, double>>(log.StageMinutes) ?? [])
            .Where(m => StageKinds.Find(m.Key) is not null).ToDictionary(m => StageKinds.Find(m.Key)!.Value, m => m.Value),
        WarmUp = log.Measures.WarmUp,
        Shrank = log.Measures.Shrank is { } mm ? new Millimetres(mm) : null,
        Stood = log.Measures.Stood,
        TasteWords = log.Measures.TasteWords,
        SomethingNew = log.Measures.SomethingNew,
        Tastes = log.Measures.Tastes.DistinctBy(t => t.Scale).ToDictionary(t => t.Scale, t => t.Step),
        HandsMinutes = log.Measures.Hands.DistinctBy(h => h.Step).ToDictionary(h => h.Step, h => h.Minutes),
        Weighed = log.Measures.Weighed.Select(w => (Key: new CorrectionKey(w.Kind, w.Of), w.Amount)).DistinctBy(w => w.Key)
            .ToDictionary(w => w.Key, w => w.Amount),
        Baker = log.Baker,
        Sold = log.Sold,
        Unsold = log.Unsold,
        ThrownAway = log.ThrownAway,
        FromPot = log.FromPot is { } p ? new Grams(p) : null,
        LeftOver = log.LeftOver is { } l ? new Grams(l) : null,
        Base = Enum.TryParse<BaseVerdict>(log.Base, out var b) ? b : default,
        Set = Enum.TryParse<SetVerdict>(log.Set, out var set) ? set : default,
        Top = Enum.TryParse<TopVerdict>(log.Top, out var top) ? top : default,
        Notes = log.Notes,
    };
}
