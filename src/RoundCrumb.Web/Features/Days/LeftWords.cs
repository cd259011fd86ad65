using System.Globalization;
using RoundCrumb.Core.Leftovers;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Features.Shared;

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

    /// <summary>What a pie would use: each a figure that opens, and what of.</summary>
    public IReadOnlyList<(Opens Figure, string Name)> Uses(IReadOnlyList<Used> uses) =>
    [
        .. uses.GroupBy(u => u.Of.Item is IngredientLeft i ? i.Ingredient.ShortName : u.Of.Item.Name)
            .Select(g => (Name: g.Key, Figure: g.Count() == 1 ? g.First().Figure : new Worked<Grams>(
                "used", "Used of it", new(g.Sum(u => u.Mass.Value)), "added up, what has to go first before what keeps",
                [.. g.Select(u => Term.Of(u.Figure))])))
            .Where(u => u.Figure.Value.Value >= Least).Select(u => (new Opens(u.Figure, shown, Weight(u.Figure.Value)), u.Name)),
    ];
}
