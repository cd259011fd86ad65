namespace RoundCrumb.Core.Ingredients;

/// <summary>Allergens that a label must name, by the wording of European and American law.</summary>
[Flags]
public enum Allergens
{
    None = 0,
    Wheat = 1,
    Milk = 2,
    Egg = 4,
    Barley = 8,
}

/// <summary>What goes into a bowl, and how it behaves there.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">British name, with the American beside it where they differ.</param>
/// <param name="BulkDensity">Grams that one millilitre of a cup or spoon holds. Measured household figures, ±10 %.</param>
/// <param name="InMixture">Millilitres that one gram adds to a mixture (sugar dissolves and adds far less than it fills in a cup).</param>
/// <param name="Sugars">Total sugars, fraction of mass. Ordinary food-composition figures.</param>
/// <param name="StarchEquivalent">Grams of cornflour that one gram sets like, 0 for what does not set.</param>
/// <param name="Juice">Fraction of its mass that is sharp juice.</param>
/// <param name="Allergens">What the law makes a label name.</param>
public sealed record Ingredient(
    string Id,
    string Name,
    double BulkDensity,
    double InMixture,
    double Sugars = 0,
    double StarchEquivalent = 0,
    double Juice = 0,
    Allergens Allergens = Allergens.None)
{
    /// <summary>What one piece of it weighs where bakers count it (18 g a yolk), 0 where they do not.</summary>
    public double GramsEach { get; init; }

    /// <summary>What the pieces are called: "yolk", "yolks".</summary>
    public (string One, string Many) Piece { get; init; } = ("", "");

    /// <summary>True when it comes from an animal's body, as gelatine does.</summary>
    public bool FromSlaughter { get; init; }
}
