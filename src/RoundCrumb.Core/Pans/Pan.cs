using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Pans;

/// <summary>The kinds of round pan.</summary>
public enum PanKind
{
    /// <summary>A sloped pie plate with a flat rim, which a pie is sliced and served from.</summary>
    PiePlate,

    /// <summary>A shallow fluted tin whose base lifts out.</summary>
    TartTin,

    /// <summary>A tall straight tin whose side opens.</summary>
    Springform,
}

/// <summary>What a pan is made of; it changes how fast a crust bakes.</summary>
public enum PanMaterial
{
    Glass,
    Ceramic,
    BrightAluminium,
    DarkSteel,
    Foil,
    PerforatedSteel,
}

/// <summary>A pan by its inside measurements.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Kind">Which kind.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Top">Inside width at the rim, mm.</param>
/// <param name="Base">Inside width at the bottom, mm; not more than the top.</param>
/// <param name="Depth">Inside depth, mm.</param>
public sealed record Pan(string Id, string Name, PanKind Kind, PanMaterial Material, Millimetres Top, Millimetres Base, Millimetres Depth)
{
    /// <summary>The inside of the bare pan.</summary>
    public Frustum Inside => new(Base.Value / 2, Top.Value / 2, Depth.Value);

    /// <summary>True when the pie comes out of it whole.</summary>
    public bool Unmoulds => Kind is PanKind.TartTin or PanKind.Springform;

    /// <summary>True when a crust has a flat rim to be crimped on.</summary>
    public bool HasRim => Kind is PanKind.PiePlate;

    /// <summary>How much longer a fluted wall is than a smooth one.</summary>
    public double WallFactor => Kind is PanKind.TartTin ? PanConstants.FlutedWall.Usual : 1;
}
