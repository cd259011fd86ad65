using RoundCrumb.Core.HeatFlow;

namespace RoundCrumb.Core.Cooling;

/// <summary>What is done with a hot filling before it goes into its shell.</summary>
public enum CoolFirst
{
    /// <summary>Nothing: it goes in as it is made.</summary>
    Straight,

    /// <summary>Spread in a shallow tray in the cold, until it is cool.</summary>
    Tray,

    /// <summary>Stirred in its bowl over ice and water, until it is cool.</summary>
    IceBath,
}

/// <summary>How filling is cooled before it goes into its shell.</summary>
public static class CoolingFirst
{
    /// <summary>How deep it lies in the tray, mm, and to what it is cooled, °C.</summary>
    public const double TrayDepth = 15, CooledTo = 20;

    /// <summary>Ice and water, °C.</summary>
    private const double Ice = 1;

    /// <summary>A bowl of filling, kg for each m² that the bath touches: a litre and a bit in a wide bowl.</summary>
    private const double InTheBowl = 20;

    private const double Longest = 24 * 60;

    extension(CoolFirst first)
    {
        /// <summary>What it is called.</summary>
        public string Words => first switch
        {
            CoolFirst.Straight => "straight into its shell",
            CoolFirst.Tray => "first in a tray, 15 mm deep, to 20 °C",
            CoolFirst.IceBath => "first stirred over ice, to 20 °C",
        };
    }

    /// <summary>How it cools on the way to <see cref="CooledTo"/>; no points where it goes in straight, or is that cool already.</summary>
    /// <param name="first">Which way.</param>
    /// <param name="matter">What it is of.</param>
    /// <param name="start">°C.</param>
    /// <param name="air">The air of the cold place, °C.</param>
    /// <param name="transfer">How well that takes heat.</param>
    internal static IReadOnlyList<HeatPoint> Follow(CoolFirst first, Matter matter, double start, double air, HeatTransfer transfer) =>
        start <= CooledTo ? [] : first switch
        {
            CoolFirst.Straight => [],
            CoolFirst.Tray => CoolingCurve.Follow(
                [new(Walls.Tray.Matter, Walls.Tray.Thickness, 20), new(matter, TrayDepth, start, IsFilling: true)], default,
                [new(Longest, air, transfer with { Below = transfer.Below * Walls.BrightShare })], CooledTo, cells: HeatRun.Coarse).Points,
            CoolFirst.IceBath => InBath(matter, start),
        };

    /// <summary>It is stirred, and so is the same all through: its lead over the ice goes down by the same share every minute.</summary>
    private static List<HeatPoint> InBath(Matter matter, double start)
    {
        var rate = Coolers.IceBath.Below / (InTheBowl * matter.CapacityAt((start + CooledTo) / 2)) * 60;
        var points = new List<HeatPoint>();
        for (var minute = 0; ; minute++)
        {
            var now = Ice + ((start - Ice) * Math.Exp(-rate * minute));
            points.Add(new(minute, now, now, now, Ice));
            if (now <= CooledTo)
                return points;
        }
    }
}
