using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Pans;

/// <summary>The kinds of pan.</summary>
public enum PanKind
{
    /// <summary>A sloped pie plate with a flat rim, which a pie is sliced and served from.</summary>
    PiePlate,

    /// <summary>A shallow fluted tin whose base lifts out, round; tartlet tins too.</summary>
    TartTin,

    /// <summary>A tall straight tin whose side opens.</summary>
    Springform,

    /// <summary>A straight ring without a base, set on a tray.</summary>
    Ring,

    /// <summary>A square or rectangular tin with round corners.</summary>
    SquareTin,

    /// <summary>A long fluted tin whose base lifts out.</summary>
    OblongTart,

    /// <summary>A straight small dish that is served from.</summary>
    Ramekin,

    /// <summary>A pot or glass that is served from.</summary>
    Pot,

    /// <summary>A tray of sloped wells; what is composed is one well.</summary>
    WellTray,
}

/// <summary>What a pan is made of; it changes how fast a crust bakes.</summary>
public enum PanMaterial
{
    /// <summary>Glass: slow, and one sees the base.</summary>
    Glass,

    /// <summary>Ceramic: slowest.</summary>
    Ceramic,

    /// <summary>Bright aluminium: what times are written for.</summary>
    BrightAluminium,

    /// <summary>Dark steel: quick to brown.</summary>
    DarkSteel,

    /// <summary>Foil, on a tray.</summary>
    Foil,

    /// <summary>Silicone: slow, hardly browns.</summary>
    Silicone,

    /// <summary>Perforated steel: quick and dry.</summary>
    PerforatedSteel,
}

/// <summary>A pan by its inside measurements.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Kind">Which kind.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Top">Inside width at the rim, mm; of a long pan the shorter side.</param>
/// <param name="Base">Inside width at the bottom, mm; not more than the top.</param>
/// <param name="Depth">Inside depth, mm.</param>
public sealed record Pan(string Id, string Name, PanKind Kind, PanMaterial Material, Millimetres Top, Millimetres Base, Millimetres Depth)
{
    /// <summary>True where it may burst, straight from the freezer into a hot oven.</summary>
    public bool MayBurst => Material is PanMaterial.Glass or PanMaterial.Ceramic;

    /// <summary>Inside length at the rim of a long pan; none for a round or square one.</summary>
    public Millimetres? Length { get; init; }

    /// <summary>Inside radius of the corners at the rim; none for a round pan.</summary>
    public Millimetres? Corner { get; init; }

    /// <summary>What it was measured to hold, by the grams of water in it; none where only its sizes are known. Water wins.</summary>
    public Millilitres? Water { get; init; }

    /// <summary>By what it is told apart in the kitchen; its id where it is no pan of the baker's own.</summary>
    public string Key { get => field ?? Id; init; }

    /// <summary>How many wells one tray has; 1 for what is no tray.</summary>
    public int Wells { get; init; } = 1;

    /// <summary>The inside of the bare pan, of one well for a tray; as wide as the water says, where water was measured.</summary>
    public Tub Inside => Water is { } water ? ByItsSizes.Holding(water) : ByItsSizes;

    /// <summary>The inside by its measured sizes alone.</summary>
    public Tub ByItsSizes => new(
        Base.Value / 2, Top.Value / 2, Depth.Value,
        Length is { } length ? Math.Max(0, (length.Value - Top.Value) / 2) : 0,
        Corner is { } corner ? Math.Max(0, (Top.Value / 2) - corner.Value) : 0);

    /// <summary>True for a round one.</summary>
    public bool IsRound => ByItsSizes.IsRound;

    /// <summary>True when the pie comes out of it whole.</summary>
    public bool Unmoulds => Kind.Facts.Unmoulds;

    /// <summary>True when it is eaten out of the pan itself, one to each.</summary>
    public bool ServedIn => Kind.Facts.ServedIn;

    /// <summary>True when a crust has a flat rim to be crimped on.</summary>
    public bool HasRim => Kind.Facts.HasRim;

    /// <summary>True when its wall is fluted.</summary>
    public bool IsFluted => Kind.Facts.IsFluted;

    /// <summary>True for a small one: a tartlet, a well, a dish for one.</summary>
    public bool IsSmall => Top.Value <= 105 && Length is null;

    /// <summary>True for a pan that a tall cake with a flat base is made in, its wall left bare.</summary>
    public bool IsTall => Depth.Value >= 40 && Kind.Facts.MayBeTall;

    /// <summary>How much longer a fluted wall is than a smooth one.</summary>
    public double WallFactor => IsFluted ? PanConstants.FlutedWall.Usual : 1;
}
