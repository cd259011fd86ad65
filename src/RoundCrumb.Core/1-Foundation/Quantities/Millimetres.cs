namespace RoundCrumb.Core.Quantities;

/// <summary>A length in millimetres.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Millimetres(double Value) : IQuantity
{
    /// <summary>The sum of two lengths.</summary>
    public static Millimetres operator +(Millimetres a, Millimetres b) => new(a.Value + b.Value);

    /// <summary>What is left of one length without another; may be below nothing.</summary>
    public static Millimetres operator -(Millimetres a, Millimetres b) => new(a.Value - b.Value);

    /// <summary>So many times the length.</summary>
    public static Millimetres operator *(Millimetres a, double factor) => new(a.Value * factor);

    /// <summary>How many times the one goes into the other; infinite where that is nothing.</summary>
    public static double operator /(Millimetres a, Millimetres b) => a.Value / b.Value;

    /// <summary>True where the first is the smaller.</summary>
    public static bool operator <(Millimetres a, Millimetres b) => a.Value < b.Value;

    /// <summary>True where the first is the greater.</summary>
    public static bool operator >(Millimetres a, Millimetres b) => a.Value > b.Value;

    /// <summary>True where the first is not the greater.</summary>
    public static bool operator <=(Millimetres a, Millimetres b) => a.Value <= b.Value;

    /// <summary>True where the first is not the smaller.</summary>
    public static bool operator >=(Millimetres a, Millimetres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Length);
}
