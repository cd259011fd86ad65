using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.BlindBaking;

/// <summary>Oven heats and minutes for shells of 3 mm in bright metal, one shelf, conventional oven.</summary>
public static class BlindBakeConstants
{
    public static readonly Constant TableThickness = new("table thickness", 3, Dimension.Length, "The times are written for 3 mm.");
    public static readonly Constant FromFrozen = new(
        "from the freezer", 4, 3, 6, Dimension.Time, "The first minutes go into thawing it; it keeps its shape the better.");

    public static readonly Constant HotOven = new("hot start", 220, 215, 220, Dimension.OvenHeat, "Sets flaky layers fast.");
    public static readonly Constant HotDrop = new(
        "if the rim runs ahead", 190, 185, 195, Dimension.OvenHeat, "The rim stops browning while the base goes on drying.");
    public static readonly Constant SteadyOven = new("steady oven", 180, 175, 180, Dimension.OvenHeat, "Even colour, least shrinkage.");
    public static readonly Constant CrumbOven = new(
        "oven for crumb", 175, 170, 180, Dimension.OvenHeat, "Toasts crumb without frying it in its butter.");

    public static readonly (Constant Low, Constant High) HotWeighted = Minutes("weighted, hot", 15, 18, "Until the edge is set.");
    public static readonly (Constant Low, Constant High) HotOpen = Minutes(
        "open, hot, to golden", 10, 15, "The filling is not baked, so the base must be.");
    public static readonly (Constant Low, Constant High) HotOpenPart = Minutes(
        "open, hot, part bake", 4, 5, "Only until it is dry: it bakes on with its filling.");
    public static readonly (Constant Low, Constant High) SteadyWeighted = Minutes(
        "weighted, steady", 25, 35, "A cooler oven takes longer to set the edge.");
    public static readonly (Constant Low, Constant High) SteadyOpen = Minutes("open, steady", 5, 15, "It has coloured evenly already.");
    public static readonly (Constant Low, Constant High) SteadyOpenPart = Minutes(
        "open, steady, part bake", 3, 5, "It is nearly dry when the weights come out.");
    public static readonly (Constant Low, Constant High) CrumbBake = Minutes("crumb, baked", 8, 12, "Longer turns it bitter.");
    public static readonly (Constant Low, Constant High) CrumbChill = Minutes(
        "crumb, chilled", 45, 60, "Butter must be hard right through.");
    public static readonly (Constant Low, Constant High) LaidChill = Minutes(
        "laid biscuits, chilled", 20, 30, "Long enough for the crumbs between them to hold.");
    public static readonly (Constant Low, Constant High) CoolShell = Minutes("cooling on a rack", 30, 60, "Glass holds its heat longest.");

    private static (Constant Low, Constant High) Minutes(string name, double low, double high, string reason) =>
        (new(name + ", least", low, Dimension.Time, reason), new(name + ", most", high, Dimension.Time, reason));
}
