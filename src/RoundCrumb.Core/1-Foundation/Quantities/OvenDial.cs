namespace RoundCrumb.Core.Quantities;

/// <summary>What one oven's dial is turned to: its own °C, fan and error reckoned in.</summary>
/// <param name="Value">Degrees Celsius as the dial has them.</param>
public readonly record struct OvenDial(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.OvenDial);
}
