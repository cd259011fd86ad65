using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Working;

/// <summary>One input of a sum: a choice of the baker, a constant of the craft, or another figure that opens in turn.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Amount">How much.</param>
/// <param name="Constant">The constant it is, with its range and reason; none for other inputs.</param>
/// <param name="From">The figure it is; none for other inputs.</param>
public readonly record struct Term(string Name, Quantity Amount, Constant? Constant = null, IWorked? From = null)
{
    /// <summary>A choice or a measure.</summary>
    public static Term Given<T>(string name, T value)
        where T : struct, IQuantity => new(name, value.AsQuantity());

    /// <summary>A plain figure with what it measures.</summary>
    public static Term Given(string name, double value, Dimension dimension) => new(name, new Quantity(value, dimension));

    /// <summary>A named value of the craft as a term.</summary>
    public static implicit operator Term(Constant constant) =>
        new(constant.Name, new Quantity(constant.Usual, constant.Dimension), constant);

    /// <summary>Another figure.</summary>
    public static Term Of(IWorked figure) => new(figure.Name, figure.Amount, From: figure);

    /// <summary>A constant, as a term.</summary>
    public static Term FromConstant(Constant constant) => constant;
}
