using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Costing;

/// <summary>What a pie costs and is sold for.</summary>
public sealed class PieCostTests
{
    private static readonly CostRates Rates = new(12, 0.30, 0.65, PriceStep.Ten);

    private static IReadOnlyList<PackOffer> Usual(Ingredient i) => i.Pack.Grams > 0 ? [new(i.Pack.Grams, i.Pack.Price)] : [];

    private static BatchSheet Sheet(string address, int pies = 1) =>
        BatchSheet.Of(Assessment.Of(CompositionAddress.Read(address).Composition, pies, Kitchen.Usual));

    private const string Malt = "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing";
    private const string NoBake = "pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&top=none";

    /// <summary>
    /// 250 g of butter cost 2.20, a kilogram 8.10: a gram is 0.81p, whatever goes in. A dozen eggs of 50 g cost 3.00: an egg 25p, a yolk of
    /// 18 g its 18/50, 9p, so a gram of yolk 0.5p. A lemon of 100 g costs 35p, and its 45 g of juice and 6 g of zest carry all of it.
    /// </summary>
    [Fact]
    public void A_gram_costs_what_it_costs_in_the_pack_that_is_cheapest_by_the_gram()
    {
        GramPrices.PerGram(Pantry.Butter, _ => [new(250, 2.20m), new(1000, 8.10m)])!.Value.Value.ShouldBe(0.0081, 1e-9);
        GramPrices.PerGram(Pantry.Yolk, Usual)!.Value.Value.ShouldBe(0.005, 1e-9);
        var juice = Pantry.Get("lemon-juice");
        var zest = Pantry.Get("lemon-zest");
        static IReadOnlyList<PackOffer> Lemons(Ingredient i) => i.Id == "lemon" ? [new(100, 0.35m)] : [];
        var one = (GramPrices.PerGram(juice, Lemons)!.Value.Value * 45) + (GramPrices.PerGram(zest, Lemons)!.Value.Value * 6);
        one.ShouldBe(0.35, 1e-9);
        GramPrices.PerGram(Pantry.Butter, static _ => []).ShouldBeNull();
    }

    [Fact]
    public void All_of_it_adds_up_to_the_batch_and_down_to_the_slice()
    {
        var sheet = Sheet(Malt, 2);
        var cost = PieCost.Of(sheet, Usual, Rates);
        cost.WithoutPrice.ShouldBeEmpty();
        cost.Lines.Sum(l => l.AsUsed!.Value.Value).ShouldBe(cost.Ingredients.Value.Value, 1e-9);
        cost.Batch.Value.Value.ShouldBe(cost.Ingredients.Value.Value + cost.Energy.Value.Value + cost.Hands.Value.Value, 1e-9);
        cost.Pie.Value.Value.ShouldBe(cost.Batch.Value.Value / 2, 1e-9);
        cost.Slice.Value.Value.ShouldBe(cost.Pie.Value.Value / sheet.Serving.Slices.Value.Value, 1e-9);
        cost.Hands.Value.Value.ShouldBe(sheet.Pie.Times.HandsOn.Value.Best / 60 * 12, 1e-9);
        cost.AsBought.Value.Value.ShouldBeGreaterThan(cost.Ingredients.Value.Value, "whole packs are more than what goes in");
        cost.Lines.Select(l => l.AsUsed!.Value.Value).ShouldBeInOrder(SortDirection.Descending);
        cost.Lines.Sum(cost.ShareOf).ShouldBe(cost.Ingredients.Value.Value / cost.Batch.Value.Value, 1e-9);
    }

    /// <summary>What is not baked takes no energy; hands that are not counted cost nothing; an oven takes 2 kWh at the least.</summary>
    [Fact]
    public void Energy_is_of_ovens_and_hands_only_where_they_are_counted()
    {
        var cold = PieCost.Of(Sheet(NoBake), Usual, Rates with { HandsAnHour = 0 });
        (cold.Energy.Value.Value, cold.Hands.Value.Value).ShouldBe((0, 0));
        PieCost.Of(Sheet(Malt), Usual, Rates).Energy.Value.Value.ShouldBeInRange(2 * 0.30, 4 * 0.30);
    }

    /// <summary>
    /// 62p at a margin of 65 % is 1.771: 1.80 to the next ten pence, 2.00 to the next fifty. 70p at 65 % is 2.00 exactly.
    /// </summary>
    [Theory]
    [InlineData(0.62, PriceStep.Five, 1.80)]
    [InlineData(0.62, PriceStep.Ten, 1.80)]
    [InlineData(0.62, PriceStep.Fifty, 2.00)]
    [InlineData(0.70, PriceStep.Ten, 2.00)]
    [InlineData(0.701, PriceStep.Pound, 3.00)]
    [InlineData(0, PriceStep.Ten, 0)]
    public void A_price_keeps_the_margin_and_goes_up_to_the_counters_step(double cost, PriceStep step, double price)
    {
        var figure = new Core.Working.Worked<Pounds>("x", "x", new(cost), "x");
        (Rates with { Step = step }).PriceFor("p", "p", figure).Value.Value.ShouldBe(price, 1e-9);
    }

    [Fact]
    public void What_nobody_knows_the_price_of_is_named_and_is_in_no_figure()
    {
        var sheet = Sheet(Malt);
        var without = PieCost.Of(sheet, i => i == Pantry.Butter ? [] : Usual(i), Rates);
        without.WithoutPrice.ShouldBe([Pantry.Butter]);
        without.Ingredients.Value.Value.ShouldBeLessThan(PieCost.Of(sheet, Usual, Rates).Ingredients.Value.Value);
    }

    /// <summary>Butter a fifth dearer costs a fifth of the butter more, and nothing else.</summary>
    [Fact]
    public void A_price_that_goes_up_moves_only_its_own()
    {
        var sheet = Sheet(Malt);
        var (was, now) = (PieCost.Of(sheet, Usual, Rates), PieCost.Of(sheet, GramPrices.If(Usual, Pantry.Butter, 1.2), Rates));
        var butter = was.Lines.Single(l => l.Ingredient == Pantry.Butter).AsUsed!.Value.Value;
        (now.Batch.Value.Value - was.Batch.Value.Value).ShouldBe(butter * 0.2, 1e-9);
    }

    /// <summary>Money follows prices, whatever the batch.</summary>
    [Property(MaxTest = 30)]
    public bool Twice_the_prices_are_twice_the_ingredients(PositiveInt pies, PositiveInt times)
    {
        var sheet = Sheet(Malt, 1 + (pies.Get % 12));
        var by = 1 + (times.Get % 40 / 10.0);
        var (one, more) = (PieCost.Of(sheet, Usual, Rates),
            PieCost.Of(sheet, i => [.. Usual(i).Select(p => p with { Price = p.Price * (decimal)by })], Rates));
        return Math.Abs(more.Ingredients.Value.Value - (one.Ingredients.Value.Value * by)) < 1e-6
            && more.SlicePrice.Value.Value >= one.SlicePrice.Value.Value;
    }
}
