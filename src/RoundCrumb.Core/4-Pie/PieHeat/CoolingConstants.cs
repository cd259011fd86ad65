using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Cooling;

/// <summary>Figures of the craft about cooling, and the usual rule of food law.</summary>
public static class CoolingConstants
{
    /// <summary>On the rack before the fridge, minutes.</summary>
    public static readonly Constant OnTheRack = new(
        "on the rack first", 90, 60, 120, Dimension.Time, "Steam leaves, and the fridge is spared.");

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
