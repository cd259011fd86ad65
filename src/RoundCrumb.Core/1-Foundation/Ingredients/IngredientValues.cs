namespace RoundCrumb.Core.Ingredients;

/// <summary>The values of an ingredient that a baker may set.</summary>
public sealed record IngredientValues(
    double BulkDensity, double InMixture, double Water, double Fat, double Sugars, double Protein, double Starch,
    double StarchEquivalent, double Juice, double Alcohol, Allergens Allergens, Origin Origin, bool ProteaseWhenRaw, double Bloom,
    double UsualLoss,
    double GramsEach, string One, string Many, double PackGrams, decimal PackPrice)
{
    /// <summary>What it is to the craft; none said is what the ingredient is that it was made from.</summary>
    public Traits? Traits { get; init; }

    /// <summary>True where somebody has said which allergens it has, or that it has none.</summary>
    public bool AllergensStated { get; init; }

    /// <summary>Saturated fat as its packet says it, fraction of mass; none where it is reckoned by kind.</summary>
    public double? Saturates { get; init; }

    /// <summary>Salt as its packet says it, fraction of mass; none where it is reckoned by kind.</summary>
    public double? Salt { get; init; }

    /// <summary>The values of an ingredient.</summary>
    public static IngredientValues Of(Ingredient i) => new(
        i.BulkDensity, i.InMixture, i.Makeup.Water, i.Makeup.Fat, i.Makeup.Sugars, i.Makeup.Protein, i.Makeup.Starch, i.StarchEquivalent,
        i.Juice, i.Alcohol,
        i.Allergens, i.Origin, i.ProteaseWhenRaw, i.Bloom, i.UsualLoss, i.GramsEach, i.Piece.One, i.Piece.Many, i.Pack.Grams, i.Pack.Price)
    {
        Traits = i.Traits,
        AllergensStated = i.AllergensStated,
        Saturates = i.Said?.Saturates,
        Salt = i.Said?.Salt,
    };

    /// <summary>An ingredient like another, with these values.</summary>
    public Ingredient Like(Ingredient from, string id, string name, IReadOnlyList<string> otherNames) =>
        new(
            id, name, BulkDensity, InMixture,
            new(Water, Fat, Sugars, Protein, Starch, Math.Max(0, 1 - Water - Fat - Sugars - Protein - Starch)))
        {
            OtherNames = otherNames,
            Shelf = from.Shelf,
            Egg = from.Egg,
            StarchEquivalent = StarchEquivalent,
            Juice = Juice,
            Alcohol = Alcohol,
            Allergens = Allergens,
            Origin = Origin,
            ProteaseWhenRaw = ProteaseWhenRaw,
            Bloom = Bloom,
            UsualLoss = UsualLoss,
            GramsEach = GramsEach,
            Piece = (One, Many),
            PieceIsPack = from.PieceIsPack,
            PieceAcross = from.PieceAcross,
            Pack = new(PackGrams, PackPrice),
            Traits = Traits ?? from.Traits,

            // One that names some has been looked at; one that names none has to say so. What its own name says, or that of what it was
            // made from, is asked about until it is ticked, or said that there is no more.
            AllergensStated = AllergensStated || Allergens is not Allergens.None,
            Unanswered = AllergensStated
                ? Ingredients.Allergens.None
                : otherNames.Append(name).Aggregate(from.Allergens, (all, n) => all | AllergenLexicon.Of(n)) & ~Allergens,
            MadeFrom = from,
            Said = Saturates is null && Salt is null ? null : (Saturates ?? from.SaturatedShare * Fat, Salt ?? from.Salt),
            MakeupFrom = SourceKind.Baker,
            DensityFrom = SourceKind.Baker,
        };
}
