namespace RoundCrumb.Core.Quantities;

/// <summary>A length in millimetres.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Millimetres(double Value) : IQuantity
{
    public static Millimetres operator +(Millimetres a, Millimetres b) => new(a.Value + b.Value);

    public static Millimetres operator -(Millimetres a, Millimetres b) => new(a.Value - b.Value);

    public static Millimetres operator *(Millimetres a, double factor) => new(a.Value * factor);

    public static double operator /(Millimetres a, Millimetres b) => a.Value / b.Value;

    public static bool operator <(Millimetres a, Millimetres b) => a.Value < b.Value;

    public static bool operator >(Millimetres a, Millimetres b) => a.Value > b.Value;

    public static bool operator <=(Millimetres a, Millimetres b) => a.Value <= b.Value;

    public static bool operator >=(Millimetres a, Millimetres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Length);
}
