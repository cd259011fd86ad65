namespace RoundCrumb.Core.Quantities;

/// <summary>A mass in grams.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Grams(double Value) : IQuantity
{
    public static Grams operator +(Grams a, Grams b) => new(a.Value + b.Value);

    public static Grams operator -(Grams a, Grams b) => new(a.Value - b.Value);

    public static Grams operator *(Grams a, double factor) => new(a.Value * factor);

    public static double operator /(Grams a, Grams b) => a.Value / b.Value;

    public static bool operator <(Grams a, Grams b) => a.Value < b.Value;

    public static bool operator >(Grams a, Grams b) => a.Value > b.Value;

    public static bool operator <=(Grams a, Grams b) => a.Value <= b.Value;

    public static bool operator >=(Grams a, Grams b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Mass);
}
