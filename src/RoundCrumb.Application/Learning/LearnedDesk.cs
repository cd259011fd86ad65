using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Application.Learning;

/// <summary>One correction with what it is called.</summary>
/// <param name="Learned">What is known.</param>
/// <param name="Name">What it is of.</param>
public sealed record NamedLearned(Learned Learned, string Name)
{
    /// <summary>What it is of, where it stands alone: names carry the comma that a sentence goes on behind.</summary>
    public string Title => Name.TrimEnd(',');

    /// <summary>As a sentence without its full stop.</summary>
    public Phrase Said => CorrectionWords.Said(Learned.Key, Name, Put?.Value ?? Learned.Value);

    /// <summary>What is put on; none where the book stands.</summary>
    public Correction? Put => Learned.Correction is { IsBook: false } put ? put : null;
}

/// <summary>A bake that is asked about once.</summary>
/// <param name="Of">In which correction.</param>
/// <param name="Bake">The bake.</param>
/// <param name="One">What it says.</param>
public sealed record OddBake(NamedLearned Of, Bake Bake, Observation One);

/// <summary>All that is known, and what is asked.</summary>
/// <param name="All">Families and what is within them, the surest first within a kind.</param>
/// <param name="Odd">Bakes that lie far off.</param>
/// <param name="Heaps">Where two explain it better than one.</param>
/// <param name="Beyond">What lies further from the book than kitchens do.</param>
/// <param name="Logged">How many bakes it is from.</param>
public sealed record LearnedList(
    IReadOnlyList<NamedLearned> All, IReadOnlyList<OddBake> Odd, IReadOnlyList<NamedLearned> Heaps, IReadOnlyList<NamedLearned> Beyond,
    int Logged)
{
    /// <summary>True where something is asked.</summary>
    public bool Asks => Odd.Count + Heaps.Count + Beyond.Count > 0;
}

/// <summary>One bake in a correction.</summary>
/// <param name="Bake">The bake.</param>
/// <param name="One">What it says.</param>
/// <param name="Said">What the baker has said of it; none for nothing.</param>
/// <param name="IsOdd">True where it is asked about.</param>
public sealed record BakeInLearned(Bake Bake, Observation One, BakeSaid? Said, bool IsOdd);

/// <summary>A figure of a pie that a correction moved.</summary>
/// <param name="Pie">The pie.</param>
/// <param name="Figure">What.</param>
/// <param name="Was">Without it.</param>
/// <param name="Now">With it.</param>
public sealed record MovedFigure(SavedPie Pie, string Figure, Quantity Was, Quantity Now);

/// <summary>One correction with its bakes and what it changed.</summary>
/// <param name="Of">What is known.</param>
/// <param name="Bakes">The newest first.</param>
/// <param name="Moved">What it moved in the pies at hand; what it would move where it is not put on.</param>
public sealed record LearnedDetail(NamedLearned Of, IReadOnlyList<BakeInLearned> Bakes, IReadOnlyList<MovedFigure> Moved);

/// <summary>Shows what was learned, and takes decisions about it.</summary>
public sealed class LearnedDesk(
    LearningBook book, KitchenLearner learner, CompositionReader compositions, PartNames parts, PieShelf shelf, BakeBook bakes)
{
    /// <summary>So many pies are looked through for what was moved.</summary>
    private const int PiesAtHand = 40;

    /// <summary>The figures that are looked at, the weightiest first.</summary>
    private static readonly Func<Assessment, IWorked?>[] Weighty =
    [
        static p => p.Fit.Chosen.Scale, static p => p.PotMass, static p => p.Yield.SetIndex, static p => p.FilledBake?.Minutes,
        static p => StageOf(p, StageKind.Open), static p => StageOf(p, StageKind.Weighted), static p => StageOf(p, StageKind.Crumb),
        static p => p.Card.Dial, static p => p.FilledDial, static p => p.Times.HandsOn, static p => p.Crust.Biscuits,
        static p => p.Crust.Shrinks, static p => p.BaseLife, static p => p.Toppings.Count > 0 ? p.Toppings[0].Lines[0].Mass : null,
    ];

    private static Worked<MinuteRange>? StageOf(Assessment pie, StageKind kind) =>
        pie.Card.Stages.FirstOrDefault(s => s.Kind == kind)?.Minutes;

    /// <summary>All that is known.</summary>
    public async Task<LearnedList> ListAsync(CancellationToken cancel = default)
    {
        var (from, all) = await book.KnownAsync(cancel);
        var names = await CorrectionNames.OfAsync(all.Select(l => l.Key), compositions, parts, cancel);
        var named = all.Select(l => new NamedLearned(l, names.Of(l.Key))).OrderBy(n => n.Learned.Key.Kind)
            .ThenBy(n => n.Learned.Key.Of, StringComparer.Ordinal).ThenBy(n => n.Learned.Key.Under, StringComparer.Ordinal).ToList();
        var odd = new List<OddBake>();
        foreach (var one in named.Where(n => n.Learned.Odd.Count > 0))
        {
            foreach (var id in one.Learned.Odd)
            {
                if (await bakes.FindAsync(id, cancel) is { } bake)
                    odd.Add(new(one, bake, from.Observations.Last(o => o.Key == one.Learned.Key && o.Bake == id)));
            }
        }

        return new(
            named, odd, [.. named.Where(n => n.Learned.Heaps is not null)],
            [.. named.Where(n => n.Learned.IsAsked && (n.Learned.Key.Under.Length > 0 || !n.Learned.Key.Kind.HasTwoLevels))],
            from.Observations.Select(o => o.Bake).Distinct().Count());
    }

    /// <summary>One correction, or none.</summary>
    public async Task<LearnedDetail?> OneAsync(CorrectionKey key, CancellationToken cancel = default)
    {
        var (from, all) = await book.KnownAsync(cancel);
        if (all.FirstOrDefault(l => l.Key == key) is not { } learned)
            return null;
        var names = await CorrectionNames.OfAsync([key], compositions, parts, cancel);
        var seen = (await book.OfAsync(key, cancel)).Select(x => new BakeInLearned(
            x.Bake, x.One, from.Said.TryGetValue((x.One.Key, x.One.Bake), out var said) ? said : null,
            learned.Odd.Contains(x.One.Bake))).ToList();
        return new(new(learned, names.Of(key)), seen, await MovedAsync(learned, cancel));
    }

    /// <summary>What the log of a bake moved, in one sentence; nothing where it moved nothing.</summary>
    public async Task<Phrase> MovedByAsync(int bake, CancellationToken cancel = default)
    {
        if (await book.MovedByAsync(bake, cancel) is not { } moved)
            return Phrase.None;
        var was = moved.Before?.AsSet() ?? CorrectionSet.Book;
        var now = moved.Now.AsSet();
        double Step(Correction c) => Math.Abs(
            Scaled(c.Key, c.Value) - Scaled(c.Key, was.Find(c.Key)?.Value ?? c.Key.Kind.Facts.Prior.Usual)) / c.Key.Kind.Facts.Spread;
        if (now.All.Where(c => c.Key.Under.Length > 0 || !c.Key.Kind.HasTwoLevels).OrderByDescending(Step).FirstOrDefault() is not { } most
                || Step(most) < 0.02)
            return Phrase.None;
        var names = await CorrectionNames.OfAsync([most.Key], compositions, parts, cancel);
        return Phrase.Join(
            CorrectionWords.Said(most.Key, names.Of(most.Key), most.Value),
            new Phrase($"(from {(most.Bakes == 1 ? "1 bake" : $"{most.Bakes} bakes")}). Plans and sheets reckon with it from now on."));
    }

    /// <summary>Puts a correction on, off, or pins it; forgets what was observed until now, or remembers it again.</summary>
    /// <param name="choice">What is decided.</param>
    /// <param name="seen">What stood there when it was decided; null if that is not known.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>False where it was decided otherwise meanwhile.</returns>
    public async Task<bool> ChooseAsync(CorrectionChoice choice, string? seen, CancellationToken cancel = default)
    {
        if (!await book.ChooseAsync(choice, seen, cancel))
            return false;
        await learner.PutOnAsync(null, cancel);
        return true;
    }

    /// <summary>Says of one bake in one correction whether it counts.</summary>
    public async Task SayAsync(CorrectionKey key, int bake, BakeSaid? said, CancellationToken cancel = default)
    {
        await book.SayAsync(key, bake, said, cancel);
        await learner.PutOnAsync(null, cancel);
    }

    private static double Scaled(CorrectionKey key, double value) =>
        key.Kind.Facts.Scale is CorrectionScale.Times ? Math.Log(Math.Max(1e-6, value)) : value;

    /// <summary>The figures of the pies at hand that differ with it and without it.</summary>
    private async Task<IReadOnlyList<MovedFigure>> MovedAsync(Learned learned, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        var put = learned.Correction is { IsBook: false } known ? known
            : new Correction(learned.Key, learned.Value, learned.Low, learned.High, learned.Bakes);
        var others = kitchen.Corrections.All.Where(c => c.Key != learned.Key).ToList();
        var without = new CorrectionSet(0, others);
        var with = new CorrectionSet(0, [.. others, put]);
        var pies = (await shelf.ListAsync(0, PiesAtHand, cancel: cancel)).ToList();
        var read = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        var moved = new List<MovedFigure>();
        foreach (var pie in pies)
        {
            var composition = CompositionAddress.Read(pie.Address, read).Composition;
            var was = Assessment.Of(composition with { Corrections = without }, 1, kitchen);
            var now = Assessment.Of(composition with { Corrections = with }, 1, kitchen);
            foreach (var of in Weighty)
            {
                if (of(was) is { Amount: var before } figure && of(now) is { Amount: var after }
                        && Math.Abs(after.Amount - before.Amount) > 0.004 * Math.Max(0.5, Math.Abs(before.Amount)))
                {
                    moved.Add(new(pie, figure.Name, before, after));
                    break;
                }
            }
        }

        return moved;
    }
}
