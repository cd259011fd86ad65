using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Toppings;

/// <summary>How a topping is laid or piped.</summary>
/// <param name="Pattern">Which way.</param>
/// <param name="Overlap">How much a piece may lie over its neighbour, 0 to 0.6.</param>
/// <param name="Nozzle">Opening of the nozzle, for what is piped.</param>
public sealed record Laying(Pattern Pattern, double Overlap, Millimetres Nozzle)
{
    /// <summary>The smallest and largest nozzle, mm.</summary>
    public static readonly (double Least, double Most) Nozzles = (3, 25);

    /// <summary>As a topping is usually laid.</summary>
    public static Laying Usual(Topping topping) =>
        new(topping.Patterns[0], topping.Piece is { Sliced: true, AtServing: false } ? 0.3 : topping.Piece is null ? 0 : 0.1, new(12));

    /// <summary>True for what comes out of a bag.</summary>
    public bool IsPiped(Topping topping) => topping.Kind is ToppingKind.Whipped or ToppingKind.Meringue && Pattern is not Pattern.Spread;

    /// <summary>What one piece covers.</summary>
    public Footprint FootprintOf(Topping topping)
    {
        if (topping.Piece is { } piece)
            return new(piece.Length.Usual, piece.Width.Usual, Overlap);
        if (Pattern is Pattern.Shells)
            return new(
                PipingConstants.ShellWidth.Usual * Nozzle.Value, PipingConstants.ShellLength.Usual * Nozzle.Value,
                Math.Max(Overlap, PipingConstants.ShellOver.Usual));
        var wide = PipingConstants.RosetteWidth.Usual * Nozzle.Value;
        return new(wide, wide, Overlap);
    }

    /// <summary>Where everything lies on a surface.</summary>
    /// <param name="topping">What is laid.</param>
    /// <param name="surface">The pan it lies in.</param>
    /// <param name="half">Half the width of the surface, mm.</param>
    public Arrangement On(Topping topping, Tub surface, double half) => Pattern switch
    {
        Pattern.Spread => Arrangement.None,
        Pattern.Lattice => Arrangement.Lattice(surface, half, Nozzle.Value, Nozzle.Value * PipingConstants.LineApart.Usual),
        _ => Arrangement.Of(Pattern, surface, half, FootprintOf(topping)),
    };
}

/// <summary>A topping as chosen for one pie.</summary>
/// <param name="Topping">Which.</param>
/// <param name="Height">Mean thickness, or how thick slices are cut; of no meaning for what is strewn, dusted or not there.</param>
/// <param name="Laying">How it is laid or piped.</param>
public sealed record ToppingChoice(Topping Topping, Millimetres Height, Laying Laying)
{
    /// <summary>A topping as it usually lies.</summary>
    public static ToppingChoice Usual(Topping topping) => new(topping, new(topping.Thickness.Usual), Laying.Usual(topping));

    /// <summary>True for nothing.</summary>
    public bool IsNone => Topping.Id == Topping.None.Id;

    /// <summary>How high it stands above the filling, mm.</summary>
    public double Stands => IsNone ? 0 : Laying.IsPiped(Topping)
        ? Laying.Pattern switch
        {
            Pattern.Lattice => Laying.Nozzle.Value,
            Pattern.Shells => Laying.Nozzle.Value * PipingConstants.ShellWidth.Usual / 2,
            _ => Laying.Nozzle.Value * PipingConstants.RosetteWidth.Usual * PipingConstants.RosetteHeight.Usual,
        }
        : Topping.Film is { } film ? Math.Min(6, film.Usual / Topping.Base.BulkDensity * 10)
        : Topping.Piece is { Sliced: false } piece ? piece.Thick.Usual : Height.Value;
}
