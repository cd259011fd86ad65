using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Corrections;

/// <summary>
/// What one egg, yolk or lemon gives in this kitchen. How many are needed and bought follows from it; what a written recipe means by “the
/// juice of two lemons” does not: its writer squeezed other lemons.
/// </summary>
public static class PieceWeights
{
    /// <summary>What a kitchen can learn of the pieces of an ingredient; none where they are bought by weight, or weigh what the packet
    /// says.</summary>
    /// <param name="one">The ingredient.</param>
    public static CorrectionKind? KindOf(Ingredient one) =>
        one.GramsEach <= 0 ? null
        : one.Egg is not EggPart.None ? CorrectionKind.EggWeight
        : one.PartOf.Length == 0 ? null
        : one.Juice > 0 ? CorrectionKind.JuiceOfFruit
        : CorrectionKind.ZestOfFruit;

    /// <summary>What one piece gives, g; the ingredient's own figure where nothing was learned of it, 0 where it has no pieces.</summary>
    /// <param name="corrections">What the kitchen has learned; the book where there is none.</param>
    /// <param name="one">The ingredient.</param>
    public static Grams Each(this CorrectionSet? corrections, Ingredient one) =>
        new(one.GramsEach * (corrections.OfPieces(one)?.Usual ?? 1));

    /// <summary>How many pieces a weight comes to; 0 where the ingredient has no pieces.</summary>
    /// <param name="corrections">What the kitchen has learned; the book where there is none.</param>
    /// <param name="one">The ingredient.</param>
    /// <param name="mass">How much of it.</param>
    public static double PiecesIn(this CorrectionSet? corrections, Ingredient one, Grams mass) =>
        one.GramsEach > 0 ? mass.Value / corrections.Each(one).Value : 0;

    /// <summary>How many pieces a weight comes to, with its working.</summary>
    /// <param name="corrections">What the kitchen has learned; the book where there is none.</param>
    /// <param name="one">An ingredient that has pieces.</param>
    /// <param name="mass">How much of it, in one batch as written.</param>
    public static Worked<Number> PiecesInOneBatch(this CorrectionSet? corrections, Ingredient one, Grams mass)
    {
        Term[] terms = [Term.Given("in one batch", mass), Term.Given("one " + one.Piece.One, new Grams(one.GramsEach))];
        return corrections.OfPieces(one) is { } known
            ? new(
                "pieces-in-batch", "Pieces in one batch", new(corrections.PiecesIn(one, mass)),
                "in one batch ÷ (one by the book × what this kitchen found)", [.. terms, known])
            : new("pieces-in-batch", "Pieces in one batch", new(corrections.PiecesIn(one, mass)), "in one batch ÷ one", terms);
    }

    private static Constant? OfPieces(this CorrectionSet? corrections, Ingredient one) =>
        KindOf(one) is { } kind ? corrections?.Of(CorrectionKey.OfIngredient(kind, one.Id)) : null;
}
