using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Costing;

/// <summary>What one ingredient of a batch costs.</summary>
/// <param name="Ingredient">Which.</param>
/// <param name="AsUsed">What of it goes in; none where nobody knows its price.</param>
/// <param name="Grams">How much goes in.</param>
public sealed record IngredientCost(Ingredient Ingredient, Worked<Pounds>? AsUsed, Grams Grams);

/// <summary>What a batch of a pie costs, a pie of it, and a slice.</summary>
/// <param name="Lines">By ingredient, the dearest first; those without a price last.</param>
/// <param name="Ingredients">All of them as used; what stays in pot and bowl is in it.</param>
/// <param name="Energy">What the oven takes.</param>
/// <param name="Hands">What the hands cost; 0 where they are not counted.</param>
/// <param name="Batch">All together.</param>
/// <param name="Pie">One pie.</param>
/// <param name="Slice">One slice.</param>
/// <param name="SlicePrice">What a slice is sold for.</param>
/// <param name="PiePrice">What a whole pie is sold for.</param>
/// <param name="AsBought">The whole packs that a batch opens where nothing is in the house, and what they hold beyond it.</param>
public sealed record PieCost(
    IReadOnlyList<IngredientCost> Lines, Worked<Pounds> Ingredients, Worked<Pounds> Energy, Worked<Pounds> Hands, Worked<Pounds> Batch,
    Worked<Pounds> Pie, Worked<Pounds> Slice, Worked<Pounds> SlicePrice, Worked<Pounds> PiePrice, Worked<Pounds> AsBought)
{
    /// <summary>Ingredients whose price nobody knows: what they cost is in none of these figures.</summary>
    public IEnumerable<Ingredient> WithoutPrice => Lines.Where(l => l.AsUsed is null).Select(l => l.Ingredient);

    /// <summary>The share of all costs that is one ingredient's, 0 to 1.</summary>
    public double ShareOf(IngredientCost line) =>
        line.AsUsed is { } cost && Batch.Value.Value > 0 ? cost.Value.Value / Batch.Value.Value : 0;

    /// <summary>The cost of a batch.</summary>
    /// <param name="sheet">Its sheet.</param>
    /// <param name="packs">The packs of an ingredient.</param>
    /// <param name="rates">What work and energy are reckoned at.</param>
    public static PieCost Of(BatchSheet sheet, Func<Ingredient, IReadOnlyList<PackOffer>> packs, CostRates rates)
    {
        var pie = sheet.Pie;
        var lines = sheet.Parts.SelectMany(p => p.Lines.Select(l => (Part: p.Name, Line: l)))
            .Where(l => !l.Line.Ingredient.Is(Traits.PlainWater) && l.Line.Mass.Value.Value > 0).GroupBy(l => l.Line.Ingredient).Select(g =>
            {
                var grams = g.Sum(l => l.Line.Mass.Value.Value);
                var price = GramPrices.PerGram(g.Key, packs);
                var cost = price is null
                    ? null
                    : new Worked<Pounds>(
                        "cost-" + g.Key.Id, g.Key.Name, new(grams * price.Value.Value), "grams × what a gram costs",
                        Term.Given("goes in", new Grams(grams)), Term.Given("a kilogram costs", price.Value * 1000));
                return new IngredientCost(g.Key, cost, new(grams));
            }).OrderByDescending(l => l.AsUsed?.Value.Value ?? -1).ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal).ToList();
        var ingredients = Sum("cost-ingredients", "Ingredients", [.. lines.Select(l => l.AsUsed).OfType<Worked<Pounds>>()]);

        var baking = pie.Chain.Steps.Where(s => s.Bakes).ToList();
        var loads = pie.Card.Load.Loads;
        var minutes = baking.Sum(s => s.Wait.Best) * loads;
        var power = minutes <= 0
            ? new Worked<KilowattHours>("energy", "Energy of the oven", new(0), "nothing is baked")
            : new Worked<KilowattHours>(
                "energy", "Energy of the oven", new(CostRates.WarmUp.Usual + (CostRates.AnHour.Usual * minutes / 60)),
                "to heat it + an hour, hot × minutes ÷ 60", CostRates.WarmUp, CostRates.AnHour,
                Term.Given("minutes in it, all loads", minutes, Dimension.Time));
        var energy = new Worked<Pounds>(
            "cost-energy", "Energy", new(power.Value.Value * rates.Kilowatt), "energy × what a kilowatt-hour costs", Term.Of(power),
            Term.Given("a kilowatt-hour", new Pounds(rates.Kilowatt)));
        var hands = new Worked<Pounds>(
            "cost-hands", "Hands", new(pie.Times.HandsOn.Value.Best / 60 * rates.HandsAnHour), "hands, in hours × what an hour costs",
            Term.Of(pie.Times.HandsOn), Term.Given("an hour of hands", new Pounds(rates.HandsAnHour)));
        var batch = Sum("cost-batch", pie.Pies == 1 ? "The pie" : "The batch", [ingredients, energy, hands]);
        var each = new Worked<Pounds>(
            "cost-pie", "One pie", new(batch.Value.Value / pie.Pies), "the batch ÷ pies", Term.Of(batch),
            Term.Given("pies", pie.Pies, Dimension.Count));
        var slices = sheet.Serving.Slices;
        var slice = new Worked<Pounds>(
            "cost-slice", slices.Value.Value > 1 ? "One slice" : "One, served whole", new(each.Value.Value / slices.Value.Value),
            "one pie ÷ its slices", Term.Of(each), Term.Of(slices));
        var list = ShoppingList.Of(
            lines.Select(l => new Want("the batch", l.Ingredient, l.Grams, DateOnly.MinValue)), StockLevels.None, packs, pie.Corrections);
        var bought = new Worked<Pounds>(
            "cost-bought", "As bought", new((double)list.Price), "whole packs, nothing in the house",
            [.. list.Lines.Where(l => l.Price is not null).Select(l => Term.Given(l.Ingredient.Name, new Pounds((double)l.Price!.Value)))]);
        return new(
            lines, ingredients, energy, hands, batch, each, slice, rates.PriceFor("price-slice", "A slice is sold for", slice),
            rates.PriceFor("price-pie", "A pie is sold for", each), bought);
    }

    private static Worked<Pounds> Sum(string id, string name, IReadOnlyList<Worked<Pounds>> of) =>
        new(id, name, new(of.Sum(o => o.Value.Value)), "added up", [.. of.Select(o => Term.Of(o))]);
}

/// <summary>What a gram costs.</summary>
public static class GramPrices
{
    /// <summary>
    /// What a gram of an ingredient costs by the pack that is cheapest by the gram, which is the one that a kitchen gets through; of what
    /// comes out of a whole, its share of the whole.
    /// </summary>
    /// <returns>None where there is no pack.</returns>
    public static Pounds? PerGram(Ingredient of, Func<Ingredient, IReadOnlyList<PackOffer>> packs)
    {
        if (Cheapest(packs(of)) is { } own)
            return new(own);

        // Parts of an egg share it by weight; of a lemon the parts are less than the whole, and carry what is thrown away.
        return Wholes.OfPart(of.Id) is { } whole && of.PartOf.Length > 0 && Cheapest(packs(whole.Whole)) is { } gram
            ? new(gram * whole.Whole.GramsEach / whole.Parts.Sum(p => p.GramsEach))
            : null;

        static double? Cheapest(IReadOnlyList<PackOffer> offers) => offers.Count == 0 ? null : offers.Min(o => o.PerGram);
    }

    /// <summary>Packs as they are, but for one ingredient whose prices are multiplied: what if butter goes up by a fifth.</summary>
    /// <param name="packs">As they are.</param>
    /// <param name="of">Whose prices change.</param>
    /// <param name="times">By how much, 0 or more.</param>
    public static Func<Ingredient, IReadOnlyList<PackOffer>> If(
        Func<Ingredient, IReadOnlyList<PackOffer>> packs, Ingredient of, double times) => i =>
        i.Id == of.Id ? [.. packs(i).Select(p => p with { Price = p.Price * (decimal)times })] : packs(i);
}
