using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>A ratio that a family keeps to, and what happens outside it.</summary>
/// <param name="Name">What is counted.</param>
/// <param name="Counts">Which lines count, and how much of each.</param>
/// <param name="Range">What the family allows.</param>
/// <param name="TooLittle">What too little does.</param>
/// <param name="TooMuch">What too much does.</param>
public sealed record FamilyRatio(string Name, Func<Ingredient, double> Counts, Constant Range, string TooLittle, string TooMuch)
{
    /// <summary>A range of shares, given in percent.</summary>
    public static Constant Percent(string name, double usual, double low, double high, string reason) =>
        new(name, usual / 100, low / 100, high / 100, Dimension.Share, reason);
}
