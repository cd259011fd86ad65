namespace RoundCrumb.Core.Quantities;

/// <summary>How many of something that is counted.</summary>
/// <param name="Value">The number.</param>
public readonly record struct PieceCount(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Count);
}
