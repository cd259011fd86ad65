namespace RoundCrumb.Core.Quantities;

/// <summary>A volume in millilitres (1 ml is 1000 mm³).</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Millilitres(double Value) : IQuantity
{
    public static Millilitres operator +(Millilitres a, Millilitres b) => new(a.Value + b.Value);

    public static Millilitres operator -(Millilitres a, Millilitres b) => new(a.Value - b.Value);

    public static Millilitres operator *(Millilitres a, double factor) => new(a.Value * factor);

    public static double operator /(Millilitres a, Millilitres b) => a.Value / b.Value;

    public static bool operator <(Millilitres a, Millilitres b) => a.Value < b.Value;

    public static bool operator >(Millilitres a, Millilitres b) => a.Value > b.Value;

    public static bool operator <=(Millilitres a, Millilitres b) => a.Value <= b.Value;

    public static bool operator >=(Millilitres a, Millilitres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Volume);
}
