namespace RoundCrumb.Core.Quantities;

/// <summary>What the oven is set to, as °C of a conventional oven without its fan.</summary>
/// <param name="Value">Degrees Celsius.</param>
public readonly record struct OvenCelsius(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.OvenHeat);
}
