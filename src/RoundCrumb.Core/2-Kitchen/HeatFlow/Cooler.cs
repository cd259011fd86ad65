namespace RoundCrumb.Core.HeatFlow;

/// <summary>What kind of cold place it is, to a pie that cools in it.</summary>
public enum Cooler
{
    /// <summary>A household fridge without a fan.</summary>
    StillFridge,

    /// <summary>A fridge that moves its air: a café's upright, or a household one with a fan.</summary>
    FanFridge,

    /// <summary>A blast chiller.</summary>
    BlastChiller,
}

/// <summary>
/// What a kind of cold place does, and can. Figures of food engineering, the middle of what is met: a still fridge takes 5 to 11 W/(m²·K)
/// above, and cools with 80 to 160 W; a café's upright with 250 to 500; contents hold 20 to 80 kJ/K, walls let 1.5 to 4 W/K in.
/// </summary>
/// <param name="Name">What it is called.</param>
/// <param name="Transfer">How well it takes heat from a pie on a rack.</param>
/// <param name="UsualAir">How cold it usually is, °C.</param>
/// <param name="Power">Heat that it takes away while it runs, W.</param>
/// <param name="Contents">Heat that what stands in it takes for a degree, J/K.</param>
/// <param name="Leak">Heat that comes in from the room for each degree between them, W/K.</param>
public sealed record CoolerFacts(string Name, HeatTransfer Transfer, double UsualAir, double Power, double Contents, double Leak);

/// <summary>The kinds of cold places, to heat.</summary>
public static class Coolers
{
    /// <summary>On a rack in the room.</summary>
    public static readonly HeatTransfer Rack = new(9, 7, 8);

    /// <summary>A bath of ice and water that is stirred, from below and aside; above there is the room.</summary>
    public static readonly HeatTransfer IceBath = new(150, 150, 150);

    /// <summary>A bare surface on the rack gives off so much of the steam that it could (0.05 to 0.2): a skin soon closes it.</summary>
    public const double BareOnTheRack = 0.1;

    /// <summary>Ice and water, °C: our own choice, some of the ice melts.</summary>
    public const double Ice = 1;

    /// <summary>A freezer without a fan.</summary>
    public static readonly HeatTransfer Freezer = new(8, 6, 7);

    /// <summary>How cold a fridge is where nobody has said, °C.</summary>
    public const double UsualFridge = 4;

    private static readonly CoolerFacts Still = new("a fridge without a fan", new(8, 6, 7), UsualFridge, 120, 50_000, 2);
    private static readonly CoolerFacts Fan = new("a fridge with a fan", new(16, 13, 16), UsualFridge, 350, 50_000, 3);
    private static readonly CoolerFacts Blast = new("a blast chiller", new(35, 30, 35), 2, 1200, 50_000, 4);

    extension(Cooler cooler)
    {
        /// <summary>What it does, and can.</summary>
        public CoolerFacts Facts => cooler switch
        {
            Cooler.StillFridge => Still,
            Cooler.FanFridge => Fan,
            Cooler.BlastChiller => Blast,
        };
    }
}
