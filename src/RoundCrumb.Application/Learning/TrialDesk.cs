using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Trials;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Trials;

namespace RoundCrumb.Application.Learning;

/// <summary>A trial with its bakes and how it stands.</summary>
/// <param name="Trial">As planned.</param>
/// <param name="Bakes">Of both, the oldest first.</param>
/// <param name="Reading">What they say.</param>
public sealed record TrialStanding(Trial Trial, IReadOnlyList<Bake> Bakes, TrialReading Reading);

/// <summary>A pie whose last bakes missed what was wanted, and what promises most.</summary>
/// <param name="Bake">Its last logged bake.</param>
/// <param name="Try">What to try.</param>
public sealed record TrialIdea(Bake Bake, NextTry Try);

/// <summary>What to try next of a pie, and the trials that come of it.</summary>
public sealed class TrialDesk(BakeBook bakes, TrialBook trials, KitchenLearner learner, CompositionReader compositions)
{
    /// <summary>So many of the last bakes are looked at.</summary>
    private const int LastBakes = 5;

    /// <summary>So many bakes are looked through for pies that missed.</summary>
    private const int LookBack = 60;

    /// <summary>So many pies are thought about for one page.</summary>
    private const int MostPies = 12;

    /// <summary>What to try next of the pie that a bake was of, the most promising first.</summary>
    public async Task<IReadOnlyList<NextTry>> TriesAsync(Bake bake, CancellationToken cancel = default)
    {
        var entries = (await bakes.LoggedAsync(new() { Pie = bake.PieName }, LastBakes, cancel)).Select(b => BakeBook.EntryOf(b.Log))
            .ToList();
        if (entries.Count == 0)
            return [];
        var known = (await learner.KnownAsync(cancel)).ToDictionary(l => l.Key);
        var address = CompositionAddress.WithoutLearned(bake.Address);
        var read = await compositions.ReadAsync(address, cancel);
        var pie = Assessment.Of(read.Composition, 1, await compositions.KitchenAsync(cancel));
        Doubt? DoubtOf(CorrectionKey key) => known.TryGetValue(key, out var own) ? new(own.Mean, own.Deviation)
            : known.TryGetValue(key.Family, out var family) ? new(family.Mean, family.Deviation)
            : null;
        return NextTries.Of(pie, entries, DoubtOf);
    }

    /// <summary>For each pie made lately that missed what was wanted the most promising change, the most promising first.</summary>
    public async Task<IReadOnlyList<TrialIdea>> IdeasAsync(CancellationToken cancel = default)
    {
        var ideas = new List<TrialIdea>();
        var last = (await bakes.LoggedAsync(new(), LookBack, cancel)).AsEnumerable().Reverse().DistinctBy(b => b.PieName);
        foreach (var bake in last.Take(MostPies))
        {
            if (await TriesAsync(bake, cancel) is [var first, ..])
                ideas.Add(new(bake, first));
        }

        return [.. ideas.OrderByDescending(i => i.Try.Gain)];
    }

    /// <summary>Plans a trial of a change.</summary>
    /// <param name="bake">The bake that it starts from.</param>
    /// <param name="after">The changed pie's address, as <see cref="TriesAsync"/> gives it.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>The trial; none where no such change is proposed any more, or it is done by hand and eye.</returns>
    public async Task<Trial?> PlanAsync(Bake bake, string after, QuantityFormatter shown, CancellationToken cancel = default)
    {
        var tried = (await TriesAsync(bake, cancel)).FirstOrDefault(t => !t.IsByHand && CompositionAddress.Write(t.After) == after);
        if (tried is null)
            return null;
        var name = bake.PieName;
        return await trials.AddAsync(
            new()
            {
                Name = name.Length > Trial.LongestName - 10 ? name[..(Trial.LongestName - 10)] : name,
                AsItIs = CompositionAddress.WithoutLearned(bake.Address),
                Changed = after,
                Change = shown.Say(tried.Change),
                Measure = tried.Measure,
            },
            cancel);
    }

    /// <summary>How a trial stands; none where there is no such trial.</summary>
    public async Task<TrialStanding?> StandingAsync(int id, CancellationToken cancel = default) =>
        await trials.FindAsync(id, cancel) is { } trial ? await StandingAsync(trial, cancel) : null;

    /// <summary>How all trials stand.</summary>
    public async Task<IReadOnlyList<TrialStanding>> AllAsync(CancellationToken cancel = default)
    {
        var all = new List<TrialStanding>();
        foreach (var trial in await trials.AllAsync(cancel))
            all.Add(await StandingAsync(trial, cancel));
        return all;
    }

    /// <summary>What a bake says of what a trial looks at; none where it does not.</summary>
    public static double? Found(Trial trial, Bake bake) => bake.Log is null ? null : trial.Measure.In(BakeBook.EntryOf(bake.Log));

    private async Task<TrialStanding> StandingAsync(Trial trial, CancellationToken cancel)
    {
        var of = await trials.BakesAsync(trial.Id, cancel);
        List<double> In(TrialArm arm) => [.. of.Where(b => b.Arm == arm).Select(b => Found(trial, b)).OfType<double>()];
        return new(trial, of, TrialReading.Of(trial.Measure, In(TrialArm.AsItIs), In(TrialArm.Changed)));
    }
}
