namespace RoundCrumb.Core.Quantities;

/// <summary>How many of something, or a plain index without a unit.</summary>
/// <param name="Value">The count; may be fractional while a batch is still being worked out.</param>
public readonly record struct Number(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Count);
}
