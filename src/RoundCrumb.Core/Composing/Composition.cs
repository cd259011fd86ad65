using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Composing;

/// <summary>A filling as chosen for one pie.</summary>
/// <param name="Formula">Which.</param>
/// <param name="Batch">How much of it is made.</param>
/// <param name="Line">Fill line, below the rim.</param>
/// <param name="Setter">Firmness: how much of the written setter goes in, 1 as written.</param>
public sealed record FillingChoice(FillingFormula Formula, BatchChoice Batch, Millimetres Line, double Setter);

/// <summary>A topping as chosen for one pie.</summary>
/// <param name="Topping">Which.</param>
/// <param name="Height">Mean thickness; of no meaning with nothing on top.</param>
public sealed record ToppingChoice(Topping Topping, Millimetres Height);

/// <summary>When it is eaten and by whom.</summary>
/// <param name="FilledAhead">Hours from filling the shell to serving.</param>
/// <param name="ToppedAhead">Hours from topping to serving; not more than <paramref name="FilledAhead"/>.</param>
/// <param name="NoOven">True on a day without an oven.</param>
/// <param name="Vegetarian">True when nothing from a slaughtered animal may be in it.</param>
public sealed record Occasion(double FilledAhead, double ToppedAhead, bool NoOven, bool Vegetarian);

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

    /// <summary>The pan with its lining in it.</summary>
    public LinedPan Lined => new(Pan.Inside, Crust.Thickness.Value, Crust.WallThickness.Value, Crust.Height.Value);

    /// <summary>What a baker starts from: a pie that works as it is.</summary>
    public static Composition Usual { get; } = For(PanCupboard.Plate23, CrustBook.ButterFlaky, FillingBook.MaltCustard, Toppings.Topping.Icing) with
    {
        Crust = UsualCrust(PanCupboard.Plate23, CrustBook.ButterFlaky) with { Seal = Seal.White },
    };

    /// <summary>A pie with everything else as is usual for these four.</summary>
    public static Composition For(Pan pan, CrustFamily crust, FillingFormula filling, Topping topping) => new(
        pan,
        UsualCrust(pan, crust),
        new(filling, BatchChoice.Exact, new(filling.Family.FillLine.Usual), 1),
        new(topping, new(12)),
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
