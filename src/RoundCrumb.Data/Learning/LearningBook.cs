using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Learning;

/// <summary>All that is known, worked out once until something changes.</summary>
/// <param name="From">What it is from.</param>
/// <param name="All">What it comes to.</param>
public sealed record KnownLearned(LearningCase From, IReadOnlyList<Learned> All);

/// <summary>What was observed, what bakers decided, and what was put on when.</summary>
public sealed class LearningBook(
    RoundCrumbContext context, Remembered<CorrectionSet> cache, Remembered<KnownLearned> known, TimeProvider clock) : ILearnedNumber
{
    /// <summary>What is put on now; the book while nothing is.</summary>
    public Task<CorrectionSet> NowAsync(CancellationToken cancel = default) => cache.ReadAsync(async () =>
        (await context.LearnedStates.AsNoTracking().OrderByDescending(s => s.Number).FirstOrDefaultAsync(cancel))?.AsSet()
            ?? CorrectionSet.Book);

    /// <inheritdoc/>
    public async Task<int> NumberAsync(CancellationToken cancel = default) => (await NowAsync(cancel)).Number;

    /// <summary>What was put on at some times, by number; those that are not known are left out.</summary>
    public async Task<IReadOnlyList<CorrectionSet>> StatesAsync(IReadOnlyCollection<int> numbers, CancellationToken cancel = default) =>
        numbers.Count == 0
            ? []
            : [.. (await context.LearnedStates.AsNoTracking().Where(s => numbers.Contains(s.Number)).ToListAsync(cancel)).Select(s =>
                s.AsSet())];

    /// <summary>The state that a bake's log led to as it stands, with the one before it; none where it moved nothing.</summary>
    public async Task<(LearnedState Now, LearnedState? Before)?> MovedByAsync(int bake, CancellationToken cancel = default)
    {
        var written = await context.Set<BakeLog>().Where(l => l.BakeId == bake).Select(l => (DateTimeOffset?)l.WrittenAt)
            .FirstOrDefaultAsync(cancel);
        if (await context.LearnedStates.AsNoTracking().Where(s => s.BakeId == bake).OrderByDescending(s => s.Number)
                .FirstOrDefaultAsync(cancel) is not { } now || now.At < written)
            return null;
        return (
            now,
            await context.LearnedStates.AsNoTracking().Where(s => s.Number < now.Number).OrderByDescending(s => s.Number)
                .FirstOrDefaultAsync(cancel));
    }

    /// <summary>All that is known, with what it is from.</summary>
    public Task<KnownLearned> KnownAsync(CancellationToken cancel = default) => known.ReadAsync(async () =>
    {
        var from = await CaseAsync(cancel);
        return new KnownLearned(from, Learner.Learn(from));
    });

    /// <summary>All that learning starts from.</summary>
    private async Task<LearningCase> CaseAsync(CancellationToken cancel = default)
    {
        var left = await context.Set<BakeLog>().Where(l => l.IsLeftOut).Select(l => l.BakeId).ToListAsync(cancel);
        var rows = await context.Observations.AsNoTracking().OrderBy(o => o.At).ThenBy(o => o.BakeId).ThenBy(o => o.Id).ToListAsync(cancel);
        var leftOut = left.ToHashSet();
        return new(
            [.. rows.Where(r => !leftOut.Contains(r.BakeId)).Select(r => r.AsObservation())],
            [.. (await context.CorrectionChoices.AsNoTracking().ToListAsync(cancel)).Select(c => c.AsChoice())],
            (await context.BakesSaid.AsNoTracking().ToListAsync(cancel)).ToDictionary(
                s => (new CorrectionKey(s.Kind, s.Of, s.Under), s.BakeId), s => s.Said));
    }

    /// <summary>What one correction was observed at, the newest first, with the bakes.</summary>
    public async Task<IReadOnlyList<(Observation One, Bake Bake)>> OfAsync(CorrectionKey key, CancellationToken cancel = default)
    {
        var rows = await context.Observations.AsNoTracking()
            .Where(o => o.Kind == key.Kind && o.Of == key.Of && (key.Under == "" || o.Under == key.Under))
            .OrderByDescending(o => o.At).Take(500).ToListAsync(cancel);
        var ids = rows.Select(r => r.BakeId).Distinct().ToList();
        var bakes = await context.Bakes.AsNoTracking().Include(b => b.Log).Where(b => ids.Contains(b.Id)).ToDictionaryAsync(b => b.Id,
            cancel);
        return [.. rows.Where(r => bakes.ContainsKey(r.BakeId)).Select(r => (r.AsObservation(), bakes[r.BakeId]))];
    }

    /// <summary>What some bakes say something of, each once.</summary>
    public async Task<IReadOnlyList<CorrectionKey>> KeysOfAsync(IReadOnlyCollection<int> bakes, CancellationToken cancel = default) =>
    [
        .. (await context.Observations.AsNoTracking().Where(o => bakes.Contains(o.BakeId)).Select(o => new { o.Kind, o.Of, o.Under })
            .Distinct()
            .ToListAsync(cancel)).Select(o => new CorrectionKey(o.Kind, o.Of, o.Under)).OrderBy(k => k.Kind)
            .ThenBy(k => k.Of, StringComparer.Ordinal),
    ];

    /// <summary>Writes down what a bake says, in place of what it said before.</summary>
    /// <param name="bake">The bake.</param>
    /// <param name="version">The version of its log that says so: one written since is still to be read.</param>
    /// <param name="all">What it says.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task ObserveAsync(int bake, int version, IReadOnlyList<Observation> all, CancellationToken cancel = default)
    {
        await context.Observations.Where(o => o.BakeId == bake).ExecuteDeleteAsync(cancel);
        context.Observations.AddRange(all.Select(ObservationRow.Keep));
        await context.SaveChangesAsync(cancel);
        await context.Set<BakeLog>().Where(l => l.BakeId == bake)
            .ExecuteUpdateAsync(set => set.SetProperty(l => l.ObservedVersion, version), cancel);
        context.ChangeTracker.Clear();
        known.Forget(context);
    }

    /// <summary>Bakes whose log says something that was not read yet.</summary>
    public Task<List<int>> UnreadAsync(CancellationToken cancel = default) => context.Set<BakeLog>().AsNoTracking()
        .Where(l => l.ObservedVersion < l.Version).OrderBy(l => l.WrittenAt).Select(l => l.BakeId).ToListAsync(cancel);

    /// <summary>Puts on what is known now, where that is another than before.</summary>
    /// <param name="all">What is known.</param>
    /// <param name="bake">The bake whose log moved it; none where a baker decided.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>True where it is another.</returns>
    public async Task<bool> PutOnAsync(IReadOnlyList<Learned> all, int? bake, CancellationToken cancel = default)
    {
        var next = Learner.SetOf(0, all).All.OrderBy(c => c.Key.ToString(), StringComparer.Ordinal).ToList();
        var last = await context.LearnedStates.AsNoTracking().OrderByDescending(s => s.Number).FirstOrDefaultAsync(cancel);
        var was = (last?.AsSet() ?? CorrectionSet.Book).All.OrderBy(c => c.Key.ToString(), StringComparer.Ordinal).ToList();
        if (next.SequenceEqual(was))
            return false;
        context.LearnedStates.Add(
            new() { At = clock.GetUtcNow(), BakeId = bake, Corrections = [.. next.Select(LearnedCorrection.From)] });
        await context.SaveChangesAsync(cancel);
        cache.Forget(context);
        return true;
    }

    /// <summary>Decides about one correction, unless somebody else has since.</summary>
    /// <param name="choice">What is decided.</param>
    /// <param name="seen">What stood there when it was decided; null if that is not known.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>False where it was decided otherwise meanwhile: nothing is changed then.</returns>
    public Task<bool> ChooseAsync(
        CorrectionChoice choice, string? seen, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (seen is not null && (await ChoiceAsync(choice.Key, cancel)).Stamp != seen)
            return false;
        var key = choice.Key;
        var row = await context.CorrectionChoices.FirstOrDefaultAsync(c => c.Kind == key.Kind && c.Of == key.Of && c.Under == key.Under,
            cancel)
            ?? context.CorrectionChoices.Add(new() { Kind = key.Kind, Of = key.Of, Under = key.Under }).Entity;
        (row.Mode, row.Pinned, row.ForgottenUntil) = (choice.Mode, choice.Pinned, choice.ForgottenUntil);
        await context.SaveChangesAsync(cancel);
        known.Forget(context);
        return true;
    });

    /// <summary>What has been decided about one correction.</summary>
    public async Task<CorrectionChoice> ChoiceAsync(CorrectionKey key, CancellationToken cancel = default) =>
        (await context.CorrectionChoices.AsNoTracking()
            .FirstOrDefaultAsync(c => c.Kind == key.Kind && c.Of == key.Of && c.Under == key.Under, cancel))?.AsChoice() ?? new(key);

    /// <summary>Says of one bake in one correction whether it counts; none takes back what was said.</summary>
    public Task SayAsync(CorrectionKey key, int bake, BakeSaid? said, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var row = await context.BakesSaid.FirstOrDefaultAsync(
            s => s.Kind == key.Kind && s.Of == key.Of && s.Under == key.Under && s.BakeId == bake, cancel);
        if (said is { } word)
            (row ?? context.BakesSaid.Add(new() { Kind = key.Kind, Of = key.Of, Under = key.Under, BakeId = bake }).Entity).Said = word;
        else if (row is not null)
            context.BakesSaid.Remove(row);
        await context.SaveChangesAsync(cancel);
        known.Forget(context);
        return true;
    });

    /// <summary>Leaves a bake out of everything, or lets it count again.</summary>
    public async Task LeaveOutAsync(int bake, bool leaveOut, CancellationToken cancel = default)
    {
        await context.Set<BakeLog>().Where(l => l.BakeId == bake)
            .ExecuteUpdateAsync(set => set.SetProperty(l => l.IsLeftOut, leaveOut), cancel);
        known.Forget(context);
    }
}
