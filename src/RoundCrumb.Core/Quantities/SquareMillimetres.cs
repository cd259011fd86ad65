namespace RoundCrumb.Core.Quantities;

/// <summary>An area in square millimetres.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct SquareMillimetres(double Value) : IQuantity
{
    public static SquareMillimetres operator +(SquareMillimetres a, SquareMillimetres b) => new(a.Value + b.Value);

    public static SquareMillimetres operator -(SquareMillimetres a, SquareMillimetres b) => new(a.Value - b.Value);

    public static SquareMillimetres operator *(SquareMillimetres a, double factor) => new(a.Value * factor);

    public static double operator /(SquareMillimetres a, SquareMillimetres b) => a.Value / b.Value;

    public static bool operator <(SquareMillimetres a, SquareMillimetres b) => a.Value < b.Value;

    public static bool operator >(SquareMillimetres a, SquareMillimetres b) => a.Value > b.Value;

    public static bool operator <=(SquareMillimetres a, SquareMillimetres b) => a.Value <= b.Value;

    public static bool operator >=(SquareMillimetres a, SquareMillimetres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Area);
}
