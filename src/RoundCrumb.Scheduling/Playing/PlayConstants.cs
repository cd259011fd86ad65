using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>How a day differs from its plan. Our own choice, until a kitchen's log says better.</summary>
public static class PlayConstants
{
    /// <summary>Hands to what was planned for them.</summary>
    public static readonly Constant Hands = new(
        "hands take, to what is planned", 1.02, 0.85, 1.4, Dimension.Factor, "Nobody is much quicker than usual; many things hold one up.");

    /// <summary>What is in the oven to what was planned.</summary>
    public static readonly Constant Bake = new(
        "what bakes takes, to what is planned", 1.0, 0.93, 1.15, Dimension.Factor, "A shelf, a tin, a colder filling.");

    /// <summary>Warming up to what is planned.</summary>
    public static readonly Constant WarmUp = new(
        "an oven warms up in, to what is planned", 1.0, 0.9, 1.4, Dimension.Factor, "The lamp goes out before the walls are hot.");

    /// <summary>How often something goes wrong.</summary>
    public static readonly Constant Mishap = new(
        "of what hands do goes wrong", 0.02, 0.01, 0.04, Dimension.Share, "A torn sheet, a split batter, a lump to be sieved out.");

    /// <summary>What is drawn for each play.</summary>
    public static IReadOnlyList<Constant> Drawn => [Hands, Bake, WarmUp, Mishap, Mending];

    /// <summary>What is in the pot to what was reckoned.</summary>
    public static readonly Constant Pot = new(
        "filling in the pot, to what is reckoned", 0.99, 0.94, 1.03, Dimension.Factor, "What boils off, and what stays on the spoon.");

    /// <summary>Degrees of an oven for each hundredth by which it bakes faster.</summary>
    public static readonly Constant DegreesForAHundredth = new(
        "an oven is hotter for each hundredth of its minutes that it saves", 1.5, 1, 2, Dimension.HeatDifference,
        "Ten degrees more bake what takes half an hour some two minutes sooner.");

    /// <summary>How far a thermometer in an oven is off, either way.</summary>
    public static readonly Constant ThermometerOff = new(
        "a thermometer in an oven is off by", 2, 1, 5, Dimension.HeatDifference, "Where it hangs, and when the lamp last went out.");

    /// <summary>The share of its minutes below which what bakes is not done.</summary>
    public static readonly Constant Underdone = new(
        "of its minutes, and it is not done", 0.93, 0.9, 0.96, Dimension.Factor, "A shell bends, a middle runs; our own choice.");

    /// <summary>The share of its minutes above which what bakes is overdone.</summary>
    public static readonly Constant Overdone = new(
        "of its minutes, and it is overdone", 1.12, 1.08, 1.2, Dimension.Factor, "A rim darkens, a custard weeps; our own choice.");

    /// <summary>The share of its minutes below which what bakes is still pale.</summary>
    public static readonly Constant Pale = new(
        "of its minutes, and it takes colour", 0.6, 0.5, 0.7, Dimension.Factor, "Colour comes in the last third; our own choice.");

    /// <summary>What that costs.</summary>
    public static readonly Constant Mending = new(
        "putting it right takes", 15, 8, 30, Dimension.Time, "Rolled again, whisked again, begun again.");
}
