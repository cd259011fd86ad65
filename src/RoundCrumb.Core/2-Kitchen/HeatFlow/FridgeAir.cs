namespace RoundCrumb.Core.HeatFlow;

/// <summary>
/// The air of a cold place, with what stands in it, as one lump: pies and the room warm it, and it is cooled while it is warmer than it
/// is set
/// to; on above 1.5 degrees more than that, off below 1 degree less.
/// </summary>
/// <param name="set">How cold it is set, °C.</param>
/// <param name="room">The room, °C.</param>
/// <param name="facts">What it can.</param>
public sealed class FridgeAir(double set, double room, CoolerFacts facts)
{
    /// <summary>Degrees by which thermostats of fridges usually let the air rise and fall.</summary>
    private const double OnAbove = 1.5, OffBelow = 1;

    /// <summary>The air itself takes next to nothing, J/K.</summary>
    private const double AirItself = 1_000;

    /// <summary>
    /// Heat that a place can take from pies within an hour without its air passing <see cref="CoolingCurve.AirLimit"/>, W: what it takes
    /// away beyond what comes through its walls, and what its contents take up to there.
    /// </summary>
    /// <param name="facts">What it can.</param>
    /// <param name="set">How cold it is set, °C.</param>
    /// <param name="room">The room, °C.</param>
    public static double TakesInAnHour(CoolerFacts facts, double set, double room) =>
        facts.Power - (facts.Leak * (room - set)) + (facts.Contents * Math.Max(0, CoolingCurve.AirLimit - set - OnAbove) / 3600);

    private readonly double _set = set;
    private bool _runs;

    /// <summary>How warm it is, °C.</summary>
    public double Air { get; private set; } = set;

    /// <summary>The warmest that it has been, °C.</summary>
    public double Peak { get; private set; } = set;

    /// <summary>Goes on by so many seconds.</summary>
    /// <param name="seconds">More than 0.</param>
    /// <param name="heat">What the pies give off, W.</param>
    public void Step(double seconds, double heat)
    {
        _runs = Air >= _set + OnAbove || (_runs && Air > _set - OffBelow);
        var coming = heat + (facts.Leak * (room - Air)) - (_runs ? facts.Power : 0);
        Air += seconds * coming / (facts.Contents + AirItself);
        Peak = Math.Max(Peak, Air);
    }
}
