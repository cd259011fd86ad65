using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Baking;

/// <summary>A filled shell, as heat meets it: what lies on what, and how wide it is.</summary>
/// <param name="Filling">What the filling is of.</param>
/// <param name="Depth">How thick it lies on what is beneath it, mm.</param>
/// <param name="Beneath">What the layers under it are of; nothing where there are none.</param>
/// <param name="BeneathDepth">How thick those are together, mm.</param>
/// <param name="Pan">What the pan is of.</param>
/// <param name="Base">The crust under it, mm.</param>
/// <param name="Wall">The crust round it, mm.</param>
/// <param name="Radius">Half its width, mm; of a long pan that of the round one that cools alike.</param>
/// <param name="Surface">m².</param>
public readonly record struct PieBody(
    Blend Filling, double Depth, Blend Beneath, double BeneathDepth, PanMaterial Pan, double Base, double Wall, double Radius,
    double Surface)
{
    /// <summary>A filling thinner than this is cold, or hot, at once, mm.</summary>
    public const double Thinnest = 2;

    /// <summary>The filled shell of a pie.</summary>
    /// <param name="pie">Its facts.</param>
    public static PieBody Of(Assessment pie)
    {
        var c = pie.Composition;
        var under = pie.Layers.LastOrDefault(l => l.Choice is FillingLayer { Formula: not null });
        var beneath = pie.Layers.Where(l => l.Choice is FillingLayer).Select(l => l.To).DefaultIfEmpty(0).Max();
        return new(
            PieMatter.Of(c.Filling.Formula, c.Filling.Setter, pie.Yield), pie.FilledDepth.Value.Value - beneath,
            under is { Choice: FillingLayer layer, Yield: { } yield } ? PieMatter.Of(layer.Formula, 1, yield) : default, beneath,
            c.Pan.Material, c.Crust.Thickness.Value, c.Crust.WallThickness.Value, RadiusOf(pie, pie.FilledDepth.Value.Value),
            pie.Lined.SurfaceAt(pie.FilledDepth.Value.Value).Value / 1e6);
    }

    /// <summary>A layer under the filling, by itself on what lies under it, before the next goes on.</summary>
    /// <param name="pie">The pie's facts.</param>
    /// <param name="sums">The layer's.</param>
    public static PieBody OfLayer(Assessment pie, LayerSums sums)
    {
        var c = pie.Composition;
        var blend = sums is { Choice: FillingLayer layer, Yield: { } yield } ? PieMatter.Of(layer.Formula, 1, yield) : default;
        var below = pie.Layers.TakeWhile(l => l != sums).LastOrDefault(l => l.Choice is FillingLayer);
        return new(
            blend, sums.To - (below?.To ?? 0),
            below is { Choice: FillingLayer lower, Yield: { } its } ? PieMatter.Of(lower.Formula, 1, its) : default, below?.To ?? 0,
            c.Pan.Material, c.Crust.Thickness.Value, c.Crust.WallThickness.Value, RadiusOf(pie, sums.To),
            pie.Lined.SurfaceAt(sums.To).Value / 1e6);
    }

    /// <summary>The layers from the pan up.</summary>
    /// <param name="filling">How warm the filling is, °C.</param>
    /// <param name="shell">How warm pan and crust are, °C.</param>
    /// <param name="beneath">How warm what lies under it is, °C.</param>
    /// <param name="times">By how much better than still it carries heat: 1 where nothing in it moves.</param>
    public List<HeatLayer> Layers(double filling, double shell, double beneath, double times = 1)
    {
        var wall = Pan.Wall;
        var layers = new List<HeatLayer>(4) { new(wall.Matter, wall.Thickness, shell) };
        if (Base > 0)
            layers.Add(new(Walls.BakedCrust, Base, shell));
        if (BeneathDepth > 0 && Beneath != default)
            layers.Add(new(Matter.Of(Beneath), BeneathDepth, beneath));
        layers.Add(new(Matter.Of(Filling).Conducting(times), Depth, filling, IsFilling: true));
        return layers;
    }

    /// <summary>How it stands against the air at its side.</summary>
    public HeatSide Side => new(Radius, Pan.Wall.Resistance + (Wall / 1000 / Walls.BakedCrust.ConductivityAt(20)));

    /// <summary>What bright metal leaves of the heat that passes below and aside.</summary>
    /// <param name="transfer">What another pan would take.</param>
    public HeatTransfer Through(HeatTransfer transfer) => Pan.Wall.Bright
        ? transfer with { Below = transfer.Below * Walls.BrightShare, Aside = transfer.Aside * Walls.BrightShare }
        : transfer;

    /// <summary>Half its width at mid depth; of a long pan, of the round one whose side cools it alike.</summary>
    private static double RadiusOf(Assessment pie, double depth)
    {
        var half = pie.Lined.HalfAt(depth / 2);
        if (pie.Composition.Pan.IsRound)
            return half;

        var other = pie.Composition.Pan.Length is { } length
            ? Math.Max(half, half + ((length.Value - pie.Composition.Pan.Top.Value) / 2))
            : half;
        return HeatSide.RoundLike(half, other);
    }
}
