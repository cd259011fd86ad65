using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;

namespace RoundCrumb.Core.Cooling;

/// <summary>A covered cup of water, with which a place is measured first: water moves, and so it is the same all through.</summary>
/// <param name="Water">ml, more than 0.</param>
/// <param name="Cup">What the empty cup weighs, g; it is cooled with its water.</param>
public readonly record struct CupOfWater(double Water, double Cup)
{
    /// <summary>An ordinary mug, not quite full.</summary>
    public static readonly CupOfWater Usual = new(200, 300);

    /// <summary>Across a mug or a glass, mm: our own choice, they hardly differ.</summary>
    private const double Across = 76;

    private const double WaterHolds = 4186, CupHolds = 850;

    /// <summary>The heat that it gives off for a degree, J/K.</summary>
    public double Holds => ((Water * WaterHolds) + (Cup * CupHolds)) / 1000;

    /// <summary>How fast its lead over the air goes down in a place, as a share in a minute.</summary>
    /// <param name="transfer">How well the place takes heat.</param>
    public double Rate(HeatTransfer transfer)
    {
        var top = Math.PI * Across * Across / 4 / 1e6;
        var side = 4 * (Water / 1e6) / (Across / 1000);
        return ((top * (transfer.Above + transfer.Below)) + (side * transfer.Aside)) / Holds * 60;
    }

    /// <summary>How warm it is after some minutes.</summary>
    /// <param name="start">°C.</param>
    /// <param name="air">°C.</param>
    /// <param name="transfer">How well the place takes heat.</param>
    /// <param name="minutes">0 or more.</param>
    public double After(double start, double air, HeatTransfer transfer, double minutes) =>
        air + ((start - air) * Math.Exp(-Rate(transfer) * minutes));
}

/// <summary>A cold place, or the rack, as something that takes heat.</summary>
/// <param name="Name">What the bakers call it.</param>
/// <param name="Transfer">How well its kind takes heat.</param>
/// <param name="Air">How warm the air in it is, °C.</param>
/// <param name="Heat">What readings here have said of it.</param>
public sealed record HeatTaker(string Name, HeatTransfer Transfer, double Air, PlaceHeat Heat)
{
    /// <summary>The rack in a kitchen's room.</summary>
    /// <param name="kitchen">Whose.</param>
    public static HeatTaker RackIn(Kitchen kitchen) => new("the rack", Coolers.Rack, kitchen.Room.Value, kitchen.Rack);

    /// <summary>A cold place; none where it is not known how it cools.</summary>
    /// <param name="place">Which.</param>
    public static HeatTaker? Of(ColdPlace place) =>
        place.Cooler is { } cooler ? new(place.Name, cooler.Facts.Transfer, place.Air, place.Heat) : null;
}
