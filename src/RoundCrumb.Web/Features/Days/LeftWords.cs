using System.Globalization;
using RoundCrumb.Core.Leftovers;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Features.Days;

/// <summary>How what is left over, and what would use it, is said.</summary>
/// <param name="shown">The baker’s units.</param>
public sealed class LeftWords(QuantityFormatter shown)
{
    /// <summary>Less than this is not spoken of, g.</summary>
    private const double Least = 10;

    /// <summary>A weight as it is said; of what is counted, pieces.</summary>
    public string Amount(Leftover left) => left.Item is IngredientLeft { Ingredient: { GramsEach: > 0, PartOf.Length: > 0 } part }
        ? QuantityFormatter.Pieces(left.Mass.Value / part.GramsEach, part.Piece)
        : left.Mass.Value > 0 ? Weight(left.Mass) : "";

    /// <summary>How much of what, in one.</summary>
    public string Of(Leftover left) =>
        left.Item is IngredientLeft of ? $"{Weight(left.Mass)} {of.Ingredient.ShortName}" : $"{Amount(left)} {left.Item.Name}".Trim();

    /// <summary>A weight as it is said.</summary>
    public string Weight(Grams mass) => mass.Value >= 1000 && shown.Units.Mass is not MassUnit.Ounces
        ? string.Create(CultureInfo.InvariantCulture, $"{mass.Value / 1000:0.0} kg")
        : shown.Say(mass.AsQuantity());

    /// <summary>What a pie would use, in words.</summary>
    public string Uses(IReadOnlyList<Used> uses) =>
        string.Join(
            ", ",
            uses.GroupBy(u => u.Of.Item is IngredientLeft i ? i.Ingredient.ShortName : u.Of.Item.Name)
                .Select(g => (Name: g.Key, Mass: new Grams(g.Sum(u => u.Mass.Value)))).Where(u => u.Mass.Value >= Least)
                .Select(u => $"{Weight(u.Mass)} {u.Name}"));
}
