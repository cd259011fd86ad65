using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Pairing;

/// <summary>What crusts and fillings are paired for.</summary>
/// <param name="Pan">The pan.</param>
/// <param name="Occasion">When and by whom it is eaten.</param>
public sealed record Wish(Pan Pan, Occasion Occasion)
{
    /// <summary>The pie of a crust, a filling and a topping, each as it is usually made, for this pan and these guests.</summary>
    public Composition For(CrustFamily crust, FillingFormula filling, Topping topping, Schools schools)
    {
        var made = Composition.UsualCrust(Pan, crust).As(schools);
        var treatment = made.Treatment;
        if (Occasion.NoOven && crust.Treatments.Contains(Treatment.Chilled))
            treatment = Treatment.Chilled;
        else if (!Occasion.NoOven && filling.Family.HeatsItsCrust && crust.Treatments.Contains(Treatment.Baked))
            treatment = Treatment.Baked;

        // Anyone would seal a rolled shell under a wet filling that waits.
        var seal = crust is RolledFamily && filling.Family.Shell.Wet && Occasion.FilledAhead > 12
            && !Occasion.Without.HasFlag(Ingredients.Allergens.Egg)
            ? Seal.White
            : Seal.None;
        return Settle(new(
            Pan,
            made with { Treatment = treatment, Seal = seal },
            new(filling, BatchChoice.Exact, new(Math.Min(filling.Family.LineIn(Pan.Depth).Value, Math.Max(0, Pan.Depth.Value - 10))), 1),
            ToppingChoice.Usual(topping),
            Occasion));
    }

    private static Composition Settle(Composition c)
    {
        // In a shallow pan a usual base may leave too little room; it is then as thick as leaves some.
        var most = c.Pan.Depth.Value - c.Filling.Line.Value - 5;
        return c.Crust.Thickness.Value <= most
            ? c
            : c with { Crust = c.Crust with { Thickness = new(Math.Max(c.Crust.Family.Limits.Thinnest, most)) } };
    }
}

/// <summary>One pairing of a crust and a filling, at its best.</summary>
/// <param name="Crust">The crust.</param>
/// <param name="Filling">The filling.</param>
/// <param name="Goes">How it goes together as it is usually made.</param>
/// <param name="Because">The rule that decided that; empty where nothing is wrong.</param>
/// <param name="Best">The pie in the bake, seal, edge and thickness that suit it best.</param>
/// <param name="Changes">How many changes from the usual that takes.</param>
/// <param name="Score">How good it is then.</param>
/// <param name="Level">The same in a word.</param>
public sealed record Cell(
    CrustFamily Crust, FillingFormula Filling, PairVerdict Goes, string Because, Composition Best, int Changes, PairScore Score,
    PairLevel Level)
{
    /// <summary>Why, in a phrase.</summary>
    public string Reason => Level is PairLevel.No ? "it cannot be made or served so" : Score.Reason(Affinity.Of(Crust, Filling));
}

/// <summary>Crusts against fillings for a pan, its guests and its hours.</summary>
/// <param name="Crusts">Down the side.</param>
/// <param name="Fillings">Along the top.</param>
/// <param name="Cells">Crust by crust, filling by filling.</param>
public sealed record Board(
    IReadOnlyList<CrustFamily> Crusts, IReadOnlyList<FillingFormula> Fillings, IReadOnlyList<IReadOnlyList<Cell>> Cells)
{
    /// <summary>Works the board out.</summary>
    /// <param name="wish">What it is for.</param>
    /// <param name="crusts">The crusts.</param>
    /// <param name="fillings">The fillings.</param>
    /// <param name="kitchen">The kitchen.</param>
    public static Board Of(Wish wish, IReadOnlyList<CrustFamily> crusts, IReadOnlyList<FillingFormula> fillings, Kitchen kitchen)
    {
        var cells = crusts.SelectMany(c => fillings.Select(f => (Crust: c, Filling: f))).AsParallel().AsOrdered()
            .Select(x => CellOf(wish, x.Crust, x.Filling, kitchen)).ToList();
        return new(
            crusts, fillings, [.. crusts.Select((_, i) => (IReadOnlyList<Cell>)[.. cells.Skip(i * fillings.Count).Take(fillings.Count)])]);
    }

    /// <summary>The best filling for each crust and the other way round: the row or column from its best cell to its worst.</summary>
    public static IEnumerable<Cell> Ranked(IEnumerable<Cell> cells) =>
        cells.OrderBy(c => c.Level is PairLevel.No).ThenByDescending(c => c.Score.Points).ThenBy(c => c.Filling.Name,
            StringComparer.Ordinal);

    /// <summary>One pairing: as usual, and in every bake and seal that it allows, each mended as far as small changes do.</summary>
    private static Cell CellOf(Wish wish, CrustFamily crust, FillingFormula filling, Kitchen kitchen)
    {
        var usual = Assessment.Of(wish.For(crust, filling, Topping.None, kitchen.Schools), 1, kitchen);
        var goes = Verdict.Of(usual);
        var because = goes is PairVerdict.Well ? "" : usual.Advice[0].Rule.Id;
        var variants = Variants(usual.Composition)
            .Select(v => (Pie: v.Changes == 0 ? usual : Assessment.Of(v.Pie, 1, kitchen), v.Changes)).ToList();
        var works = variants.Where(v => Verdict.Of(v.Pie) is PairVerdict.Well).ToList();
        if (works.Count == 0)
        {
            // None works as it stands: the usual one is mended as far as small changes do.
            var (changes, mended, good) = Verdict.Mend(
                usual, c => c.Crust.Family == crust && c.Filling.Formula == filling && (c.Pan.Key == wish.Pan.Key || crust is ShellFamily));
            works = [(changes.Count == 0 ? usual : Assessment.Of(mended, 1, kitchen), changes.Count)];
        }

        // Of two that are as good by a point, the one nearer to the usual.
        var at = works.Select(w => (w.Pie, w.Changes, Score: PairScore.Of(w.Pie))).MaxBy(w => w.Score.Points - w.Changes);
        var verdict = Verdict.Of(at.Pie);
        var level = verdict is PairVerdict.Well ? PairLevels.Of(at.Score.Points)
            : verdict is PairVerdict.Not ? PairLevel.No
            : PairLevel.Poor;
        return new(crust, filling, goes, because, at.Pie.Composition, at.Changes, at.Score, level);
    }

    /// <summary>The bakes and seals that a pie can have, with how many changes each is from the usual.</summary>
    private static IEnumerable<(Composition Pie, int Changes)> Variants(Composition usual)
    {
        yield return (usual, 0);
        foreach (var treatment in usual.Crust.Family.Treatments.Where(t => t != usual.Crust.Treatment))
        {
            if (!usual.Occasion.NoOven || treatment is Treatment.Chilled or Treatment.Ready)
                yield return (usual with { Crust = usual.Crust with { Treatment = treatment } }, 1);
        }

        if (usual.Crust is { Seal: var seal, Family: RolledFamily } && seal == Seal.None && usual.Filling.Formula.Family.Shell.Wet)
            yield return (usual with { Crust = usual.Crust with { Seal = Seal.White } }, 1);
    }

    /// <summary>Toppings for a pair, the best first; within one verdict in the order of the book.</summary>
    public static IReadOnlyList<(Topping Topping, Verdict Verdict)> ToppingsFor(
        Wish wish, CrustFamily crust, FillingFormula filling, PartBook book, Kitchen kitchen) =>
    [
        .. book.Toppings.Where(t => t != ToppingBook.Held && t.Id != Topping.None.Id)
            .Select(t => (Topping: t, Pie: Assessment.Of(wish.For(crust, filling, t, kitchen.Schools), 1, kitchen)))
            .Select(
                p =>
                    (
                        p.Topping,
                        new Verdict(
                            wish.Occasion.Needs.Allow(p.Topping) ? Verdict.Of(p.Pie) : PairVerdict.Not, p.Pie, [], p.Pie.Composition)))
            .OrderBy(p => p.Item2.Goes),
    ];
}
