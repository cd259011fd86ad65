namespace RoundCrumb.Core.Quantities;

/// <summary>A volume in millilitres (1 ml is 1000 mm³).</summary>
/// <param name="Value">The number, in the unit the type is named for.</param>
public readonly record struct Millilitres(double Value) : IQuantity
{
    /// <summary>The sum of two volumes.</summary>
    public static Millilitres operator +(Millilitres a, Millilitres b) => new(a.Value + b.Value);

    /// <summary>What is left of one volume without another; may be below nothing.</summary>
    public static Millilitres operator -(Millilitres a, Millilitres b) => new(a.Value - b.Value);

    /// <summary>So many times the volume.</summary>
    public static Millilitres operator *(Millilitres a, double factor) => new(a.Value * factor);

    /// <summary>How many times the one goes into the other; infinite where that is nothing.</summary>
    public static double operator /(Millilitres a, Millilitres b) => a.Value / b.Value;

    /// <summary>True where the first is the smaller.</summary>
    public static bool operator <(Millilitres a, Millilitres b) => a.Value < b.Value;

    /// <summary>True where the first is the greater.</summary>
    public static bool operator >(Millilitres a, Millilitres b) => a.Value > b.Value;

    /// <summary>True where the first is not the greater.</summary>
    public static bool operator <=(Millilitres a, Millilitres b) => a.Value <= b.Value;

    /// <summary>True where the first is not the smaller.</summary>
    public static bool operator >=(Millilitres a, Millilitres b) => a.Value >= b.Value;

    /// <inheritdoc/>
    public Quantity AsQuantity() => new(Value, Dimension.Volume);
}
