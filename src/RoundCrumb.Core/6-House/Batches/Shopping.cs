using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Batches;

/// <summary>One thing to have in the house, however many parts of the pie it goes into.</summary>
/// <param name="Ingredient">What.</param>
/// <param name="Mass">All of it, with the parts it goes into as its working.</param>
/// <param name="Packs">Whole packs that hold it; 0 where it is not bought by the pack.</param>
public sealed record Purchase(Ingredient Ingredient, Worked<Grams> Mass, int Packs);

/// <summary>What a sheet wants bought: each ingredient once.</summary>
public static class Shopping
{
    /// <summary>One line an ingredient, by the shelf it stands on. Water comes from the tap.</summary>
    public static IReadOnlyList<Purchase> Of(BatchSheet sheet) =>
    [
        .. sheet.Parts.SelectMany(part => part.Lines.Select(line => (Part: part.Name, Line: line)))
            .Where(l => !l.Line.Ingredient.Is(Traits.PlainWater) && l.Line.Mass.Value.Value > 0)
            .GroupBy(l => l.Line.Ingredient)
            .OrderBy(g => g.Key.Shelf).ThenBy(g => g.Key.Name, StringComparer.Ordinal)
            .Select(g =>
            {
                var grams = g.Sum(l => l.Line.Mass.Value.Value);
                var mass = new Worked<Grams>(
                    "buy-" + g.Key.Id, g.Key.Name + ", to have in", new(grams), "what goes into each part, added up",
                    [.. g.Select(l => Term.Of(l.Line.Mass) with { Name = l.Part.ToLowerInvariant() })]);
                return new Purchase(g.Key, mass, g.Key.Pack.Grams > 0 ? (int)Math.Ceiling(grams / g.Key.Pack.Grams - 1e-9) : 0);
            }),
    ];
}
