namespace RoundCrumb.Core.Quantities;

/// <summary>How warm a thing is.</summary>
/// <param name="Value">Degrees Celsius.</param>
public readonly record struct Celsius(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Warmth);
}
