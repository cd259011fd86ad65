namespace RoundCrumb.Core.Quantities;

/// <summary>A mass in grams.</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Grams(double Value) : IQuantity
{
    /// <summary>The sum of two weights.</summary>
    public static Grams operator +(Grams a, Grams b) => new(a.Value + b.Value);

    /// <summary>What is left of one weight without another; may be below nothing.</summary>
    public static Grams operator -(Grams a, Grams b) => new(a.Value - b.Value);

    /// <summary>So many times the weight.</summary>
    public static Grams operator *(Grams a, double factor) => new(a.Value * factor);

    /// <summary>How many times the one goes into the other; infinite where that is nothing.</summary>
    public static double operator /(Grams a, Grams b) => a.Value / b.Value;

    /// <summary>True where the first is the smaller.</summary>
    public static bool operator <(Grams a, Grams b) => a.Value < b.Value;

    /// <summary>True where the first is the greater.</summary>
    public static bool operator >(Grams a, Grams b) => a.Value > b.Value;

    /// <summary>True where the first is not the greater.</summary>
    public static bool operator <=(Grams a, Grams b) => a.Value <= b.Value;

    /// <summary>True where the first is not the smaller.</summary>
    public static bool operator >=(Grams a, Grams b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Mass);
}
