namespace RoundCrumb.Core.Quantities;

/// <summary>A plain multiplier.</summary>
/// <param name="Value">1 leaves things as they are.</param>
public readonly record struct Factor(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Factor);
}
