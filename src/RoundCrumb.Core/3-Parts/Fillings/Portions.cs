using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>What one guest eats of a pie, by how rich its filling is.</summary>
public static class Portions
{
    /// <summary>A slice of a cream, custard or fruit pie.</summary>
    public static readonly Constant Slice = new(
        "a slice of pie", 145, 130, 160, Dimension.Mass, "Cream, custard and fruit: a plate of it and no more.");

    /// <summary>A slice of a rich one: cheese, ganache, nuts.</summary>
    public static readonly Constant RichSlice = new(
        "a slice of a rich pie", 95, 80, 110, Dimension.Mass, "Cheese and chocolate fill sooner.");
}
