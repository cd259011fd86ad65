using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Layering;

/// <summary>What lies under the filling, on the crust or on another layer.</summary>
/// <param name="Thickness">How thick: of a filling as it stands, of slices as they are cut; of no meaning for whole pieces.</param>
public abstract record LayerChoice(Millimetres Thickness)
{
    /// <summary>Its stable short name, as in an address.</summary>
    public abstract string Id { get; }

    /// <summary>What a baker calls it.</summary>
    public abstract string Name { get; }
}

/// <summary>Another filling, levelled.</summary>
/// <param name="Formula">Which; one that is not baked in its shell.</param>
/// <param name="Thickness">How thick it lies.</param>
public sealed record FillingLayer(FillingFormula Formula, Millimetres Thickness) : LayerChoice(Thickness)
{
    /// <summary>How thick it is laid unless the baker says.</summary>
    public static readonly Constant UsualThickness = new(
        "a layer beneath", 8, 5, 12, Dimension.Length, "Thick enough to be met in a bite, thin enough to leave the filling its room.");

    /// <inheritdoc/>
    public override string Id => Formula.Id;

    /// <inheritdoc/>
    public override string Name => Formula.Name;
}

/// <summary>Fruit or nuts side by side, with the next filling poured round them.</summary>
/// <param name="Piece">Which.</param>
/// <param name="Thickness">How thick slices are cut.</param>
/// <param name="HalfOver">True when every other piece is kept back and pressed into the top.</param>
public sealed record PieceLayer(Piece Piece, Millimetres Thickness, bool HalfOver) : LayerChoice(Thickness)
{
    /// <inheritdoc/>
    public override string Id => Piece.Id;

    /// <inheritdoc/>
    public override string Name => char.ToUpperInvariant(Piece.Name[0]) + Piece.Name[1..];

    /// <summary>How high a piece lies, mm.</summary>
    public double High => Piece.Sliced ? Thickness.Value : Piece.Thick.Usual;
}
