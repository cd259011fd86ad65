using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>Figures of the craft about crusts.</summary>
public static class CrustConstants
{
    public static readonly Constant DoughDensity = new("dough", 1.2, 1.15, 1.25, Dimension.GramsPerMl, "Rolled dough, weighed and measured.");
    public static readonly Constant RollingLoss = new("for rolling and trimming", 0.12, 0.08, 0.20, Dimension.Share, "A round is never rolled quite round; a practised hand loses less.");
    public static readonly Constant TartDough = new("dough in a tart tin", 3, 2.5, 3.5, Dimension.Length, "Thin enough to bake through, thick enough to stand when unmoulded.");
    public static readonly Constant PieDough = new("dough in a pie plate", 3, 3, 3.5, Dimension.Length, "Thicker stays pale inside under a cream filling.");
    public static readonly Constant TartletDough = new("dough in a tartlet", 2.5, 2, 3, Dimension.Length, "A small shell bakes through before its rim burns only when it is thin.");
    public static readonly Constant TrimmedEdge = new("edge trimmed flush", 6, 4, 8, Dimension.Length, "What is laid over the rim and cut off.");
    public static readonly Constant CrimpedEdge = new("edge folded and crimped", 25, 20, 30, Dimension.Length, "Folded under once to make a double rim.");
    public static readonly Constant FlutedEdge = new("edge high and fluted", 30, 25, 35, Dimension.Length, "A tall rim stands on a thicker fold.");

    public static readonly Constant CrumbDensity = new("crumb, pressed", 1.10, 1.00, 1.20, Dimension.GramsPerMl, "Crumb and fat pressed hard with a flat-bottomed glass.");
    public static readonly Constant PlateCrumb = new("crumb in a pie plate", 5, 4, 6, Dimension.Length, "Thicker eats dry, thinner breaks when it is cut.");
    public static readonly Constant TartCrumb = new("crumb in a fluted tin", 4, 3.5, 5, Dimension.Length, "Thin, so that the flutes show.");
    public static readonly Constant BarCrumb = new("crumb under bars", 6, 5, 8, Dimension.Length, "A bar is lifted by its base; thicker eats dry.");
    public static readonly Constant BaseCrumb = new("crumb as a flat base", 9, 8, 10, Dimension.Length, "A tall cake wants a base that a slice can be lifted on.");
    public static readonly Constant CrumbWall = new("crumb wall at most", 5, 4, 6, Dimension.Length, "However thick the base, a wall is pressed no thicker than this.");
    public static readonly Constant FatHeldBack = new("fat held back", 0.25, 0.20, 0.33, Dimension.Share, "Humidity and brand differ: add the rest in thirds until a squeezed handful clumps and looks dry.");

    public static readonly Constant WeightDensity = new("rice or beans", 0.8, 0.75, 0.85, Dimension.GramsPerMl, "Dry rice or beans, poured, as they lie.");

    /// <summary>How much dough is laid over for an edge.</summary>
    public static Constant Allowance(Edge edge) => edge switch
    {
        Edge.Crimped => CrimpedEdge,
        Edge.HighFluted => FlutedEdge,
        _ => TrimmedEdge,
    };
}
