using RoundCrumb.Core.HeatFlow;

namespace RoundCrumb.Core.Cooling;

/// <summary>A filling in its bowl, stirred now and then, and so the same all through.</summary>
public static class BowlCooling
{
    /// <summary>A kilo in a wide bowl, for each m² of the bowl that it touches (15 to 30, our own choice).</summary>
    private const double KiloOnTheBowl = 20;

    /// <summary>The open surface beside what touches the bowl: our own choice.</summary>
    private const double OpenShare = 0.6;

    /// <summary>An open surface that is stirred gives off so much of the steam that it could.</summary>
    private const double Wet = 0.15;

    private const double Longest = 12 * 60;

    /// <summary>How fast a bowl over ice loses its lead over the ice, as a share in a minute.</summary>
    /// <param name="matter">What is in it.</param>
    /// <param name="grams">How much, more than 0.</param>
    /// <param name="celsius">About how warm it is.</param>
    public static double IceRate(Matter matter, double grams, double celsius) =>
        Coolers.IceBath.Below / (OnTheBowl(grams) * matter.CapacityAt(celsius)) * 60;

    /// <summary>Minutes over ice and water.</summary>
    /// <param name="matter">What is in the bowl.</param>
    /// <param name="grams">How much, more than 0.</param>
    /// <param name="from">°C.</param>
    /// <param name="to">°C, above that of the ice.</param>
    public static double OverIce(Matter matter, double grams, double from, double to) => from <= to
        ? 0
        : Math.Log((from - Coolers.Ice) / (to - Coolers.Ice)) / IceRate(matter, grams, (from + to) / 2);

    /// <summary>Minutes on the bench; none where it does not get there in half a day.</summary>
    /// <param name="matter">What is in the bowl.</param>
    /// <param name="grams">How much, more than 0.</param>
    /// <param name="from">°C.</param>
    /// <param name="to">°C.</param>
    /// <param name="room">°C.</param>
    public static double? OnTheBench(Matter matter, double grams, double from, double to, double room)
    {
        var stage = new HeatStage(Longest, room, Coolers.Rack, Wet);
        var holds = OnTheBowl(grams);
        var now = from;
        for (var minute = 0; minute < Longest; minute++)
        {
            if (now <= to)
                return minute;
            var leaving = (Coolers.Rack.Below * (now - room)) + (OpenShare * ((Coolers.Rack.Above * (now - room)) + Steam.At(now, stage)));
            var next = now - (leaving * 60 / (holds * matter.CapacityAt(now)));
            if (next <= to)
                return minute + ((now - to) / Math.Max(1e-9, now - next));
            now = next;
        }

        return null;
    }

    /// <summary>
    /// Minutes until an empty mixing bowl with its whisk is cold enough for cream; none where the place is not cold enough.
    /// </summary>
    /// <param name="room">How warm it is, °C.</param>
    /// <param name="air">The cold place, °C.</param>
    /// <param name="transfer">How well that takes heat.</param>
    public static double? Chilled(double room, double air, HeatTransfer transfer) => air >= ColdForCream ? null : room <= ColdForCream ? 0
        : Math.Log((room - air) / (ColdForCream - air)) * SteelHolds / (transfer.Above + transfer.Below) / 60;

    /// <summary>Cream whips in a bowl no warmer than this, °C.</summary>
    public const double ColdForCream = 8;

    /// <summary>Steel of 1.2 mm, as mixing bowls are made of, J/K for each m².</summary>
    private const double SteelHolds = 0.0012 * 7800 * 480;

    /// <summary>What lies on each m² of the bowl, kg: with the cube root of how much it is.</summary>
    private static double OnTheBowl(double grams) => KiloOnTheBowl * Math.Cbrt(Math.Max(1, grams) / 1000);
}
