using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Composing;

/// <summary>A filling as chosen for one pie.</summary>
/// <param name="Formula">Which.</param>
/// <param name="Batch">How much of it is made.</param>
/// <param name="Line">Fill line, below the rim.</param>
/// <param name="Setter">Firmness: how much of the written setter goes in, 1 as written.</param>
public sealed record FillingChoice(FillingFormula Formula, BatchChoice Batch, Millimetres Line, double Setter)
{
    /// <summary>True where a filling that is made hot is cooled in its bowl before it is poured.</summary>
    public bool Cooled { get; init; }

    /// <summary>True where it meets its crust hot, or is baked on it.</summary>
    public bool HeatsItsCrust => Formula.Family.Bake is not null || (Formula.Family.GoesInHot && !Cooled);
}

/// <summary>When it is eaten and by whom.</summary>
/// <param name="FilledAhead">Hours from filling the shell to serving.</param>
/// <param name="ToppedAhead">Hours from topping to serving; not more than <paramref name="FilledAhead"/>.</param>
/// <param name="NoOven">True on a day without an oven.</param>
/// <param name="Vegetarian">True when nothing from a slaughtered animal may be in it.</param>
public sealed record Occasion(double FilledAhead, double ToppedAhead, bool NoOven, bool Vegetarian)
{
    /// <summary>What those who eat it must not have.</summary>
    public Allergens Without { get; init; }

    /// <summary>True when no alcohol may be in it.</summary>
    public bool NoAlcohol { get; init; }

    /// <summary>True when no raw egg may be in it: for the very young and old, the pregnant and the ill.</summary>
    public bool NoRawEgg { get; init; }

    /// <summary>What is taken for another thing all through it.</summary>
    public Pile<AskedSwap> Swaps { get; init; } = Pile.Of<AskedSwap>();

    /// <summary>Hours that it stands out of the fridge before the last slice is eaten.</summary>
    public double OnTable { get; init; } = UsualOnTable;

    /// <summary>How long a pie stands out unless the baker says.</summary>
    public const double UsualOnTable = 1;

    /// <summary>What may go into it.</summary>
    public Needs Needs => new(this);
}

/// <summary>One pie, put together: everything that its sums, its advice and its drawing follow from.</summary>
/// <param name="Pan">What it is made in.</param>
/// <param name="Crust">What holds it.</param>
/// <param name="Filling">What is in it.</param>
/// <param name="Topping">What is on it.</param>
/// <param name="Occasion">When it is eaten and by whom.</param>
public sealed record Composition(Pan Pan, CrustChoice Crust, FillingChoice Filling, ToppingChoice Topping, Occasion Occasion)
{
    /// <summary>The oven that this pie says; none for the kitchen's usual one.</summary>
    public Oven? Oven { get; init; }

    /// <summary>What the kitchen had learned when its address was written; none for what it knows now.</summary>
    public CorrectionSet? Corrections { get; init; }

    /// <summary>What lies under the filling, from the base up.</summary>
    public Pile<LayerChoice> Under { get; init; } = Pile.Of<LayerChoice>();

    /// <summary>What lies on the topping, from below up.</summary>
    public Pile<ToppingChoice> Over { get; init; } = Pile.Of<ToppingChoice>();

    /// <summary>The most layers beneath the filling, and the most toppings beyond the first.</summary>
    public const int MostLayers = 3;

    /// <summary>The rules of which the baker has said “I know” for this pie.</summary>
    public Pile<string> Known { get; init; } = Pile.Of<string>();

    /// <summary>What its address names and is not here: while there is any, the pie cannot be made.</summary>
    public Pile<MissingPart> Missing { get; init; } = Pile.Of<MissingPart>();

    /// <summary>True where nothing that it names is missing.</summary>
    public bool IsWhole => Missing.Count == 0;

    /// <summary>Everything on top, from below up; nothing for a bare pie.</summary>
    public IEnumerable<ToppingChoice> Toppings => Over.Prepend(Topping).Where(t => !t.IsNone);

    /// <summary>How many hours before serving each topping goes on: what lies on something that waits for serving waits with it.</summary>
    public IEnumerable<(ToppingChoice Topping, double Hours)> ToppingHours()
    {
        var atServing = false;
        foreach (var topping in Toppings)
        {
            atServing |= topping.Topping.GoesOn is GoesOn.AtServing;
            yield return (
                topping, atServing ? 0 : topping.Topping.GoesOn is GoesOn.WithTheFilling ? Occasion.FilledAhead : Occasion.ToppedAhead);
        }
    }

    /// <summary>Every filling from the base up; the last is the filling itself.</summary>
    public IEnumerable<FillingFormula> Fillings => Under.OfType<FillingLayer>().Select(l => l.Formula).Append(Filling.Formula);

    /// <summary>
    /// True where its filling is baked in the shell: not where that may be left out and there is no oven or no baked crust.
    /// </summary>
    public bool BakesItsFilling => Filling.Formula.Family is { Bake: not null } family
        && !(family.BakeIsOptional && (Occasion.NoOven || !Crust.IsBaked));

    /// <summary>
    /// True where a filling cooked on the hob is poured straight from the pan: meringue goes on while it is hot, or it weeps and slides.
    /// Italian meringue holds on anything.
    /// </summary>
    public bool PoursStraightFromThePan => Filling is { Cooled: false, Formula.Family: { GoesInHot: true, HobTakesEggTo: not null } }
        && Toppings.Any(t => t.Topping.Kind is ToppingKind.Meringue && t.Topping.Id != ToppingBook.Italian.Id);

    /// <summary>
    /// The same pie with one thing taken for another in it; none where it is so already, or there is nothing to take it for.
    /// </summary>
    /// <param name="swap">What is taken for what.</param>
    /// <param name="what">An ingredient that it should stand for.</param>
    public Composition? With(AskedSwap swap, Ingredient what) => Occasion.Swaps.Contains(swap) || swap.For(what) is null
        ? null
        : this with { Occasion = Occasion with { Swaps = new(Occasion.Swaps.Append(swap)) } };

    /// <summary>
    /// The same pie with cream that is held by whatever lasts for its hours, where it is left to that, and with what is taken for another
    /// thing in its place.
    /// </summary>
    public Composition Settled() => Occasion.Swaps.Aggregate(WithCreamHeld(), static (pie, swap) => pie with
    {
        Crust = pie.Crust with { Seal = swap.In(pie.Crust.Seal) },
        Filling = pie.Filling with { Formula = swap.In(pie.Filling.Formula) },
        Topping = pie.Topping with { Topping = swap.In(pie.Topping.Topping) },
        Over = new(pie.Over.Select(o => o with { Topping = swap.In(o.Topping) })),
        Under = new(pie.Under.Select(l => swap.In(l))),
    });

    private Composition WithCreamHeld()
    {
        if (Topping.Topping.Id != ToppingBook.Held.Id && Over.All(t => t.Topping.Id != ToppingBook.Held.Id))
            return this;
        var held = ToppingBook.HeldFor(Occasion.ToppedAhead, Occasion.Vegetarian);
        ToppingChoice As(ToppingChoice t) => t.Topping.Id == ToppingBook.Held.Id ? t with { Topping = held } : t;
        return this with { Topping = As(Topping), Over = new(Over.Select(As)) };
    }

    /// <summary>The pan with its lining in it.</summary>
    public LinedPan Lined => new(Pan.Inside, Crust.Thickness.Value, Crust.WallThickness.Value, Crust.Height.Value);

    /// <summary>What a baker starts from: a pie that works as it is.</summary>
    public static Composition Usual { get; } = For(
        PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.MaltCustard, Core.Toppings.Topping.Icing) with
    {
        Crust = UsualCrust(PanCupboard.Plate23, CrustBook.ButterFlaky) with { Seal = Seal.White },
    };

    /// <summary>A pie with everything else as is usual for these four.</summary>
    public static Composition For(Pan pan, CrustFamily crust, FillingFormula filling, Topping topping) => new(
        pan,
        UsualCrust(pan, crust),
        new(filling, BatchChoice.Exact, filling.Family.LineIn(pan.Depth), 1),
        ToppingChoice.Usual(topping),
        new(FilledAhead: 14, ToppedAhead: 1, NoOven: false, Vegetarian: false));

    /// <summary>A crust as it is usually made in a pan.</summary>
    public static CrustChoice UsualCrust(Pan pan, CrustFamily family) => new(
        family,
        new(family.UsualThickness(pan).Usual),
        family.UsualHeight(pan),
        family.Treatments[0],
        pan.HasRim ? Edge.Crimped : Edge.Trimmed,
        Seal.None);
}
