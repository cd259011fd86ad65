namespace RoundCrumb.Core.Quantities;

/// <summary>A part of a whole.</summary>
/// <param name="Value">A fraction: 0.06 is 6 %.</param>
public readonly record struct Share(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Share);
}
