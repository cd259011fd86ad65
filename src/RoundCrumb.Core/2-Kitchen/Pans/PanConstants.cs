using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pans;

/// <summary>Figures of the craft about pans.</summary>
public static class PanConstants
{
    public static readonly Constant FlutedWall = new(
        "fluted wall against a smooth one", 1.08, 1.05, 1.15, Dimension.Factor,
        "Flutes 3 mm deep and 12 mm wide lengthen the wall by about a twelfth; deeper flutes by more.");

    public static readonly Constant SmallShell = new(
        "wells and tartlets up to 10 cm", 0.75, 0.65, 0.85, Dimension.Factor,
        "A small shell has much edge for its base, and the heat has a short way in.");

    /// <summary>How much longer a crust bakes in a material than in bright metal.</summary>
    public static Constant BakeFactor(PanMaterial material) => material switch
    {
        PanMaterial.Glass => Glass,
        PanMaterial.Ceramic => Ceramic,
        PanMaterial.DarkSteel => DarkSteel,
        PanMaterial.PerforatedSteel => Perforated,
        PanMaterial.Foil => Foil,
        PanMaterial.Silicone => Silicone,
        PanMaterial.BrightAluminium => Bright,
    };

    private static readonly Constant Bright = new("bright aluminium", 1.00, Dimension.Factor, "The pan that the tables are written for.");
    private static readonly Constant Glass = new(
        "glass plate", 1.10, 1.05, 1.15, Dimension.Factor, "Glass warms slowly, so the base lags.");
    private static readonly Constant Ceramic = new(
        "ceramic plate", 1.15, 1.10, 1.25, Dimension.Factor, "Thick ceramic warms slowest of all.");
    private static readonly Constant DarkSteel = new(
        "dark steel", 0.90, 0.85, 0.95, Dimension.Factor, "Dark metal takes up radiant heat faster.");
    private static readonly Constant Perforated = new(
        "perforated steel", 0.90, 0.85, 0.95, Dimension.Factor, "Steam leaves through the holes, so the base dries sooner.");
    private static readonly Constant Silicone = new(
        "silicone", 1.10, 1.05, 1.20, Dimension.Factor, "Silicone keeps heat off the base; it colours late and pale.");
    private static readonly Constant Foil = new(
        "foil on a tray", 1.05, 1.00, 1.10, Dimension.Factor, "The tray under it slows the base a little.");
}
