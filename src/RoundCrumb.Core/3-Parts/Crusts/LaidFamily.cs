using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>A crust of whole small biscuits laid side by side, the gaps filled with crumbs.</summary>
public sealed record LaidFamily(
    string Id,
    string Name,
    string For,
    IReadOnlyList<Treatment> Treatments,
    string Tint,
    Ingredient Biscuit,
    Constant Diameter,
    Constant BiscuitThickness,
    Constant FatToCrumb)
    : CrustFamily(Id, Name, For, Treatments, Tint)
{
    /// <inheritdoc/>
    public override (double Thinnest, double Thickest) Limits => (2, 15);

    /// <inheritdoc/>
    public override Constant UsualThickness(Pan pan) => BiscuitThickness;

    /// <summary>One row of biscuits stands against the wall.</summary>
    public override Millimetres UsualHeight(Pan pan) =>
        pan.IsTall || pan.Kind.Facts.BaseOnly ? new(0) : new(Math.Min(Diameter.Usual, pan.Depth.Value));

    /// <inheritdoc/>
    public override IReadOnlyList<Ingredient> Ingredients => [Biscuit, Pantry.Butter];

    /// <inheritdoc/>
    public override IReadOnlyList<CrustLine> Formula => [];

    /// <inheritdoc/>
    public override FormulaBase CountedAgainst => FormulaBase.Nothing;

    /// <inheritdoc/>
    public override CrustFamily? As(WrittenCrust written) => null;

    /// <inheritdoc/>
    public override Ingredient? FromPackets => Biscuit;

    /// <inheritdoc/>
    public override double LeastHeight => 0;

    /// <inheritdoc/>
    public override Millimetres WallOf(CrustChoice choice) => choice.Thickness;

    /// <inheritdoc/>
    public override (string Thin, string Thick)? BadThickness => null;

    /// <inheritdoc/>
    public override IReadOnlyList<ShellKeeping> Keeping => ShellKeeping.Finished;

    /// <inheritdoc/>
    public override IEnumerable<CrustStep> Method(CrustMaking making)
    {
        var laid = making.Sums.Laid!;
        yield return new(
            StepKind.CrushBiscuits,
            new(
                new("Crush and butter {0} of biscuits for the gaps.", (laid.Gaps.Value * making.Pies).AsQuantity()), 4, 1, Place.Bench,
                "squeezed, it clumps and looks dry"));
        yield return new(StepKind.LayBiscuits, new(
            laid.Wall > 0
                ? new(
                    "Lay {0} biscuits on each base and stand {1} round the wall; press the crumbs between them.",
                    new Quantity(laid.Base.Count, Dimension.Count), new Quantity(laid.Wall, Dimension.Count))
                : new Phrase(
                    "Lay {0} biscuits on each base; press the crumbs between them.", new Quantity(laid.Base.Count, Dimension.Count)),
            1, 8, Place.Bench, "none rocks; none is loose, or it floats"));
    }

    /// <inheritdoc/>
    public override CrustSums SumsFor(CrustChoice choice, Pan pan, CorrectionSet corrections)
    {
        var laid = LaidBiscuits.Of(this, choice, pan);
        var whole = laid.Count.Value.Value * Biscuit.GramsEach;
        var all = 1 + FatToCrumb.Usual;
        var gaps = laid.Gaps.Value;
        var shares = Term.Given("all shares together", all, Dimension.Share);
        WeighedLine[] lines =
        [
            new(Biscuit, new Worked<Grams>(
                "crust-whole", Biscuit.Name + ", whole", new(whole), "whole biscuits × one biscuit",
                Term.Of(laid.Count), Term.Given("one biscuit", new Grams(Biscuit.GramsEach))),
                "whole, laid side by side") { Pieces = laid.Count.Value.Value },
            new(Biscuit, new Worked<Grams>(
                "crust-gaps", Biscuit.Name + ", for the gaps", gaps * (1 / all), "crumb mixture for the gaps ÷ all shares together",
                Term.Of(laid.Gaps), shares), "crushed, for the gaps"),
            new(Pantry.Butter, new Worked<Grams>(
                "crust-butter", Pantry.Butter.Name, gaps * (FatToCrumb.Usual / all),
                "crumb mixture for the gaps ÷ all shares together × its own share",
                Term.Of(laid.Gaps), shares, FatToCrumb), "melted, for the crumbs in the gaps"),
        ];
        var total = new Worked<Grams>(
            "laid", "Biscuits and crumbs", new(whole + gaps.Value), "whole biscuits + crumb mixture for the gaps",
            Term.Given("whole biscuits", new Grams(whole)), Term.Of(laid.Gaps));
        return new(total, lines, null, null, null, null) { Laid = laid };
    }
}
