using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Kitchens;

/// <summary>A pan with how many there are of it.</summary>
/// <param name="Pan">The pan; of a tray, one well.</param>
/// <param name="Owned">How many pans or trays; none where nobody has counted.</param>
public sealed record PanPlace(Pan Pan, int? Owned)
{
    /// <summary>How many pies fit into all of them at once; none where nobody has counted.</summary>
    public int? Room => Owned * Pan.Wells;
}

/// <summary>What a cold place is for.</summary>
public enum ColdKind
{
    /// <summary>A fridge.</summary>
    Fridge,

    /// <summary>A freezer.</summary>
    Freezer,
}

/// <summary>A shelf or box where pies wait cold.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What the bakers call it.</param>
/// <param name="Kind">Fridge or freezer.</param>
/// <param name="Places">How many pies of <paramref name="Widest"/> it takes.</param>
/// <param name="Widest">The widest pan that goes in.</param>
public sealed record ColdPlace(string Id, string Name, ColdKind Kind, int Places, Millimetres Widest)
{
    /// <summary>How it cools; none where nobody has said, or for a freezer.</summary>
    public Cooler? Cooler { get; init; }

    /// <summary>How cold the air in it is, °C; none where nobody has said, and then it is what is usual for its kind.</summary>
    public double? Reads { get; init; }

    /// <summary>How well it takes heat beside others of its kind, as readings here have it.</summary>
    public PlaceHeat Heat { get; init; } = PlaceHeat.Book;

    /// <summary>How cold the air in it is reckoned to be, °C.</summary>
    public double Air => Reads ?? Cooler?.Facts.UsualAir ?? Coolers.UsualFridge;
}

/// <summary>The kitchen that a pie is made in: what its sums lean on beyond the pie itself.</summary>
/// <param name="Pans">The pans that are to be had.</param>
/// <param name="Ovens">Its ovens, the usual one first; one at least.</param>
/// <param name="Cold">Its cold places.</param>
/// <param name="Room">How warm it is in there.</param>
public sealed record Kitchen(IReadOnlyList<PanPlace> Pans, IReadOnlyList<Oven> Ovens, IReadOnlyList<ColdPlace> Cold, RoomCelsius Room)
{
    /// <summary>A kitchen of which nothing is known: every pan of the cupboard, an ordinary oven, an ordinary room.</summary>
    public static Kitchen Usual { get; } = new(
        [.. PanCupboard.All.Select(p => new PanPlace(p, null))], [Oven.Plain], [], RoomCelsius.Usual);

    /// <summary>What this house has settled where bakers differ; see <see cref="Schools"/>.</summary>
    public Schools Schools { get; init; } = Schools.None;

    /// <summary>Burners of the hob.</summary>
    public int Burners { get; init; } = 4;

    /// <summary>Standing mixers.</summary>
    public int Mixers { get; init; } = 1;

    /// <summary>Food processors; with none, crumbs are crushed by hand.</summary>
    public int Processors { get; init; } = 1;

    /// <summary>Who works here and when; nobody where nobody has said.</summary>
    public IReadOnlyList<Baker> Bakers { get; init; } = [];

    /// <summary>How well a rack in this room takes heat, as readings here have it.</summary>
    public PlaceHeat Rack { get; init; } = PlaceHeat.Book;

    /// <summary>What its own bakes say better than the book.</summary>
    public CorrectionSet Corrections { get; init; } = CorrectionSet.Book;

    /// <summary>
    /// How many pies fit at once into the pans of a size that this house has; 0 where it has none, null where nobody has counted.
    /// </summary>
    /// <param name="pan">The size.</param>
    public int? RoomIn(Pan pan) => Pans.FirstOrDefault(p => p.Pan.Key == pan.Key) is { } place ? place.Room : 0;

    /// <summary>The oven used unless a pie says another.</summary>
    public Oven Oven => Ovens[0];

    /// <summary>The same kitchen with what nobody has said taken as usual.</summary>
    public static Kitchen Of(IReadOnlyList<PanPlace> pans, IReadOnlyList<Oven> ovens, IReadOnlyList<ColdPlace> cold, RoomCelsius room) =>
        new(pans.Count > 0 ? pans : Usual.Pans, ovens.Count > 0 ? ovens : Usual.Ovens, cold, room);
}
