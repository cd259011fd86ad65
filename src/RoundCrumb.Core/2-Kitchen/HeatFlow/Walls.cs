using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.HeatFlow;

/// <summary>The wall of a pan.</summary>
/// <param name="Matter">What it is of.</param>
/// <param name="Thickness">mm.</param>
/// <param name="Bright">True where bright metal sends off a quarter less heat below and aside.</param>
public sealed record PanWall(Matter Matter, double Thickness, bool Bright)
{
    /// <summary>How little it lets heat through, m²·K/W.</summary>
    public double Resistance => Thickness / 1000 / Matter.ConductivityAt(20);
}

/// <summary>What pans are made of, to heat: figures of food engineering's handbooks.</summary>
public static class Walls
{
    /// <summary>Bright metal takes and gives so much of what another wall does, below and aside.</summary>
    public const double BrightShare = 0.75;

    private static readonly PanWall Glass = new(Matter.Plain(1.1, 2300, 800), 5, false);
    private static readonly PanWall Ceramic = new(Matter.Plain(1.5, 2200, 900), 7, false);
    private static readonly PanWall Aluminium = new(Matter.Plain(200, 2700, 900), 1, true);
    private static readonly PanWall Foil = new(Matter.Plain(200, 2700, 900), 0.1, true);
    private static readonly PanWall Steel = new(Matter.Plain(45, 7800, 480), 0.6, false);
    private static readonly PanWall Silicone = new(Matter.Plain(0.2, 1150, 1300), 2, false);

    /// <summary>A baker's tray.</summary>
    public static readonly PanWall Tray = Aluminium;

    /// <summary>A baked crust: mostly air.</summary>
    public static readonly Matter BakedCrust = Matter.Plain(0.15, 600, 1800);

    extension(PanMaterial material)
    {
        /// <summary>The wall of a pan of it.</summary>
        public PanWall Wall => material switch
        {
            PanMaterial.Glass => Glass,
            PanMaterial.Ceramic => Ceramic,
            PanMaterial.BrightAluminium => Aluminium,
            PanMaterial.DarkSteel or PanMaterial.PerforatedSteel => Steel,
            PanMaterial.Foil => Foil,
            PanMaterial.Silicone => Silicone,
        };
    }
}
