using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>What stands out of the fridge until it can be worked.</summary>
public enum Softens
{
    /// <summary>Nothing does.</summary>
    Nothing,

    /// <summary>Butter, or another fat.</summary>
    Fat,

    /// <summary>Cream cheese.</summary>
    CreamCheese,
}

/// <summary>How long what is cold takes until it can be worked: practice's minutes, and what they are worked out from.</summary>
public static class Softening
{
    /// <summary>Until cream cheese from the fridge is soft, minutes: practice's own, in an ordinary room.</summary>
    public static readonly Constant CreamCheese = new("softening cream cheese", 90, 60, 120, Dimension.Time, "Cold cheese stays in lumps.");

    /// <summary>Until butter from the fridge is soft, minutes: practice's own, in an ordinary room.</summary>
    public static readonly Constant Fat = new("softening butter", 75, 60, 120, Dimension.Time, "Cold butter will not cream.");

    /// <summary>How warm it is when a finger sinks in, °C.</summary>
    public static readonly Constant Workable = new(
        "soft at", 16, 15, 18, Dimension.Warmth, "A finger sinks in, and it does not shine yet.");

    /// <summary>How large a piece is at most, as it is sold, g.</summary>
    public static readonly Constant Piece = new(
        "a piece, as it is sold", 250, 200, 250, Dimension.Mass, "More of it stands out in several.");

    /// <summary>How small it is cut where it has to be soft soon, mm.</summary>
    public static readonly Constant CutTo = new("cut into cubes of", 20, 15, 25, Dimension.Length, "Smaller, it sticks to the knife.");

    /// <summary>
    /// Cheese may stand out no longer than this to soften, minutes: of what its caution allows, half an hour is for the work.
    /// </summary>
    public static readonly Constant CheeseStandsOut = new(
        "cheese may stand out", Cautions.OutOfTheFridge - 30, 60, Cautions.OutOfTheFridge - 30, Dimension.Time,
        "As all that is rich in milk, or as local rules say; half an hour of it is left for mixing and filling.");

    /// <summary>It may stand out no longer than this, minutes.</summary>
    public static readonly Constant StandsOut = new(
        "may stand out", 240, 120, 480, Dimension.Time, "Longer, it is greasy.");
}
