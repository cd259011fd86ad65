using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>Figures of the craft about cooling, and the usual rule of food law.</summary>
public static class CoolingConstants
{
    /// <summary>How warm the middle is when a filled shell comes out of the oven, °C.</summary>
    public static readonly Constant OutOfOven = new(
        "in the middle, out of the oven", 80, 76, 95, Dimension.Warmth, "Done at 76 or so, and four more on the rack.");

    /// <summary>On the rack before the fridge, minutes.</summary>
    public static readonly Constant OnTheRack = new(
        "on the rack first", 90, 60, 120, Dimension.Time, "Steam leaves, and the fridge is spared.");

    /// <summary>Nobody has measured: so much sooner it may be.</summary>
    public static readonly Constant Sooner = new(
        "it may be sooner by", 0.20, 0.15, 0.25, Dimension.Share, "Air, shelf and pan differ from place to place.");

    /// <summary>And so much later.</summary>
    public static readonly Constant Later = new(
        "it may be later by", 0.30, 0.25, 0.40, Dimension.Share, "Air, shelf and pan differ from place to place.");

    /// <summary>Time goes with so much of a power of the depth.</summary>
    public static readonly Constant DepthPower = new(
        "by the power of", 1.04, 1.0, 1.23, Dimension.Factor,
        "In a still fridge the air is the bottleneck; in a chiller it is the filling.");

    /// <summary>Where the first stretch of the two-step rule begins, and ends, °C.</summary>
    public static readonly Constant RuleFrom = new(
        "the rule begins at", 57, Dimension.Warmth, "The usual two-step rule; local law decides.");

    /// <summary>Where the first stretch ends, °C.</summary>
    public static readonly Constant RuleMiddle = new("then to", 21, Dimension.Warmth, "The usual two-step rule; local law decides.");

    /// <summary>Where the second stretch ends, °C.</summary>
    public static readonly Constant RuleTo = new("and to", 5, Dimension.Warmth, "The usual two-step rule; local law decides.");

    /// <summary>How long the first stretch may take, minutes.</summary>
    public static readonly Constant FirstStretch = new("within", 120, Dimension.Time, "The usual two-step rule; local law decides.");

    /// <summary>How long both may take, minutes.</summary>
    public static readonly Constant BothStretches = new(
        "both within", 360, Dimension.Time, "The usual two-step rule; local law decides.");
}
