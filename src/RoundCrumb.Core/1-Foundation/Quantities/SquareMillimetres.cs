namespace RoundCrumb.Core.Quantities;

/// <summary>An area in square millimetres.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct SquareMillimetres(double Value) : IQuantity
{
    /// <summary>The sum of two areas.</summary>
    public static SquareMillimetres operator +(SquareMillimetres a, SquareMillimetres b) => new(a.Value + b.Value);

    /// <summary>What is left of one area without another; may be below nothing.</summary>
    public static SquareMillimetres operator -(SquareMillimetres a, SquareMillimetres b) => new(a.Value - b.Value);

    /// <summary>So many times the area.</summary>
    public static SquareMillimetres operator *(SquareMillimetres a, double factor) => new(a.Value * factor);

    /// <summary>How many times the one goes into the other; infinite where that is nothing.</summary>
    public static double operator /(SquareMillimetres a, SquareMillimetres b) => a.Value / b.Value;

    /// <summary>True where the first is the smaller.</summary>
    public static bool operator <(SquareMillimetres a, SquareMillimetres b) => a.Value < b.Value;

    /// <summary>True where the first is the greater.</summary>
    public static bool operator >(SquareMillimetres a, SquareMillimetres b) => a.Value > b.Value;

    /// <summary>True where the first is not the greater.</summary>
    public static bool operator <=(SquareMillimetres a, SquareMillimetres b) => a.Value <= b.Value;

    /// <summary>True where the first is not the smaller.</summary>
    public static bool operator >=(SquareMillimetres a, SquareMillimetres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Area);
}
