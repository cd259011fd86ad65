using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>How thick cream is put on, and how stiff it is whipped for it.</summary>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Height">Mean thickness.</param>
/// <param name="Stage">How far it is whipped.</param>
/// <param name="WhipFactor">Volume whipped against volume poured.</param>
public sealed record LayerStyle(string Name, Millimetres Height, string Stage, Constant WhipFactor)
{
    private static readonly Constant Spreading = new(
        "cream just past soft peaks", 1.9, 1.8, 2.0, Dimension.Factor, "Stiff enough to spread, soft enough to stay smooth.");
    private static readonly Constant Stiff = new(
        "cream to stiff peaks", 2.0, 1.9, 2.1, Dimension.Factor, "Stands up; a few seconds more is butter.");

    /// <summary>All of them, thinnest first.</summary>
    public static IReadOnlyList<LayerStyle> All { get; } =
    [
        new("thin swirl", new(6), "just past soft peaks", Spreading),
        new("even layer", new(12), "just past soft peaks", Spreading),
        new("generous", new(17), "just past soft peaks", Spreading),
        new("mound", new(24), "stiff peaks", Stiff),
    ];

    /// <summary>The style nearest to a thickness.</summary>
    public static LayerStyle Nearest(Millimetres height) => All.MinBy(s => Math.Abs(s.Height.Value - height.Value))!;
}
