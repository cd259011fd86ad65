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
        var made = schools.Prefer(Composition.UsualCrust(Pan, crust));
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

/// <summary>One meeting of a crust and a filling.</summary>
/// <param name="Crust">The crust.</param>
/// <param name="Filling">The filling.</param>
/// <param name="Goes">How well.</param>
/// <param name="Because">The rule that decided it; empty where nothing is wrong.</param>
public readonly record struct Cell(CrustFamily Crust, FillingFormula Filling, PairVerdict Goes, string Because);

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
    public static Board Of(Wish wish, IReadOnlyList<CrustFamily> crusts, IReadOnlyList<FillingFormula> fillings, Kitchen kitchen) => new(
        crusts, fillings,
        [
            .. crusts.Select(crust => (IReadOnlyList<Cell>)[.. fillings.Select(filling =>
            {
                var pie = Assessment.Of(wish.For(crust, filling, Topping.None, kitchen.Schools), 1, kitchen);
                var goes = Verdict.Of(pie);
                return new Cell(crust, filling, goes, goes is PairVerdict.Well ? "" : pie.Advice[0].Rule.Id);
            })]),
        ]);

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
