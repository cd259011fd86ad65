using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

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
    /// <summary>How deep it lies in the tray, mm.</summary>
    public static readonly Constant TrayDepth = new(
        "deep in the tray", 15, 10, 20, Dimension.Length, "Time goes about with the depth; shallower, much of it stays on the tray.");

    /// <summary>To what it is cooled before it goes into its shell, °C.</summary>
    public static readonly Constant CooledTo = new(
        "cooled to", 20, 18, 25, Dimension.Warmth, "Cool, and still soft enough to be levelled.");

    /// <summary>A bowl of filling, g: our own choice.</summary>
    private const double InTheBowl = 1000;

    private const double Longest = 24 * 60;

    extension(CoolFirst first)
    {
        /// <summary>What is done.</summary>
        public Phrase Says => first switch
        {
            CoolFirst.Straight => "straight into its shell",
            CoolFirst.Tray => new Phrase(
                "first in a tray, {0} deep, to {1}", new Quantity(TrayDepth.Usual, TrayDepth.Dimension),
                new Quantity(CooledTo.Usual, CooledTo.Dimension)),
            CoolFirst.IceBath => new Phrase("first stirred over ice and water, to {0}", new Quantity(CooledTo.Usual, CooledTo.Dimension)),
        };
    }

    /// <summary>How it cools on the way to <see cref="CooledTo"/>; no points where it goes in straight, or is that cool already.</summary>
    /// <param name="first">Which way.</param>
    /// <param name="matter">What it is of.</param>
    /// <param name="start">°C.</param>
    /// <param name="air">The air of the cold place, °C.</param>
    /// <param name="transfer">How well that takes heat.</param>
    internal static IReadOnlyList<HeatPoint> Follow(CoolFirst first, Matter matter, double start, double air, HeatTransfer transfer) =>
        start <= CooledTo.Usual ? [] : first switch
        {
            CoolFirst.Straight => [],
            CoolFirst.Tray => CoolingCurve.Follow(
                [new(Walls.Tray.Matter, Walls.Tray.Thickness, 20), new(matter, TrayDepth.Usual, start, IsFilling: true)], default,
                [new(Longest, air, transfer with { Below = transfer.Below * Walls.BrightShare })], CooledTo.Usual,
                cells: HeatRun.Coarse).Points,
            CoolFirst.IceBath => InBath(matter, start),
        };

    /// <summary>It is stirred, and so is the same all through: its lead over the ice goes down by the same share every minute.</summary>
    private static List<HeatPoint> InBath(Matter matter, double start)
    {
        var rate = BowlCooling.IceRate(matter, InTheBowl, (start + CooledTo.Usual) / 2);
        var points = new List<HeatPoint>();
        for (var minute = 0; ; minute++)
        {
            var now = Coolers.Ice + ((start - Coolers.Ice) * Math.Exp(-rate * minute));
            points.Add(new(minute, now, now, now, Coolers.Ice));
            if (now <= CooledTo.Usual)
                return points;
        }
    }
}
