using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Baking;

/// <summary>Figures of the craft about filled shells in the oven.</summary>
public static class BakingConstants
{
    /// <summary>A shell straight from the oven has lost some of its heat by the time it is filled, °C: our own choice.</summary>
    public static readonly Constant HotShell = new(
        "the shell, straight from the oven", 130, 110, 150, Dimension.Warmth, "A minute or two out of the oven, while it is filled.");

    /// <summary>How long a rim stands a hot oven before it is too dark, minutes.</summary>
    public static readonly Constant RimStands = new(
        "a part-baked rim stands", 25, 20, 30, Dimension.Time, "At the heat that fruit pies bake at; then it wants a shield of foil.");

    /// <summary>The heat for which that is so, °C of a conventional oven.</summary>
    public static readonly Constant RimHeat = new("in an oven of", 190, Dimension.OvenHeat, "What the minutes of the rim are for.");

    /// <summary>So many degrees less, and it stands twice as long: our own choice, after how browning goes with heat.</summary>
    public static readonly Constant RimDoubles = new(
        "it stands twice as long in an oven cooler by", 20, 15, 25, Dimension.HeatDifference,
        "Browning goes about so with the oven’s heat.");

    /// <summary>A rim that is golden already stands less.</summary>
    public static readonly Constant RimGolden = new(
        "a rim that is baked golden stands of that", 0.7, 0.5, 0.8, Dimension.Share, "It is two thirds of the way to too dark.");
}
