namespace RoundCrumb.Core.Quantities;

/// <summary>Money, in pounds.</summary>
/// <param name="Value">The number.</param>
public readonly record struct Pounds(double Value) : IQuantity
{
    /// <summary>The sum of two amounts.</summary>
    public static Pounds operator +(Pounds a, Pounds b) => new(a.Value + b.Value);

    /// <summary>So many times the amount.</summary>
    public static Pounds operator *(Pounds a, double times) => new(a.Value * times);

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Money);
}

/// <summary>Energy, in kilowatt-hours.</summary>
/// <param name="Value">The number.</param>
public readonly record struct KilowattHours(double Value) : IQuantity
{
    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Energy);
}
