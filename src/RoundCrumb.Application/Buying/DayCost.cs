using RoundCrumb.Application.Days;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Buying;

/// <summary>What an order of a day costs.</summary>
/// <param name="Name">The order.</param>
/// <param name="Count">How many pies.</param>
/// <param name="Cost">Its cost by itself.</param>
/// <param name="Energy">Its share of what the day's ovens take.</param>
/// <param name="Total">Ingredients, hands and its share of the energy.</param>
/// <param name="Takings">What all its slices are sold for.</param>
public sealed record OrderCost(string Name, int Count, PieCost Cost, Worked<Pounds> Energy, Worked<Pounds> Total, Worked<Pounds> Takings);

/// <summary>What a day costs and takes.</summary>
/// <param name="Orders">Each order.</param>
/// <param name="Ingredients">All that goes in.</param>
/// <param name="Energy">What the ovens take, by their runs where the day is planned.</param>
/// <param name="Hands">Hands as planned; like work that is done in one go takes less.</param>
/// <param name="Total">All together.</param>
/// <param name="Takings">What all slices are sold for.</param>
/// <param name="AsBought">The packs that have to be bought for it.</param>
/// <param name="LeftInPacks">What would be left of those packs, pounds.</param>
public sealed record DayCost(
    IReadOnlyList<OrderCost> Orders, Worked<Pounds> Ingredients, Worked<Pounds> Energy, Worked<Pounds> Hands, Worked<Pounds> Total,
    Worked<Pounds> Takings, Worked<Pounds> AsBought, Worked<Pounds> LeftInPacks)
{
    /// <summary>Ingredients whose price nobody knows.</summary>
    public IEnumerable<Ingredient> WithoutPrice => Orders.SelectMany(o => o.Cost.WithoutPrice).DistinctBy(i => i.Id);

    /// <summary>What a day costs.</summary>
    /// <param name="open">The day.</param>
    /// <param name="list">What has to be bought for it.</param>
    /// <param name="packs">The packs of an ingredient.</param>
    /// <param name="rates">What work, energy and the margin are reckoned at.</param>
    public static DayCost Of(OpenDay open, ShoppingList list, Func<Ingredient, IReadOnlyList<PackOffer>> packs, CostRates rates)
    {
        var made = open.Built.Made;
        var costs = made.Select(m => (m.Order, Sheet: BatchSheet.Of(m.Pie))).Select(x =>
            (x.Order, x.Sheet, Cost: PieCost.Of(x.Sheet, packs, rates)))
            .ToList();
        var energy = EnergyOf(open, [.. costs.Select(c => c.Cost)], rates);
        var hands = HandsOf(open, [.. costs.Select(c => c.Cost)], rates);
        var (alone, handsAlone) = (costs.Sum(c => c.Cost.Energy.Value.Value), costs.Sum(c => c.Cost.Hands.Value.Value));
        var orders = costs.Select(c =>
        {
            var part = Share("day-energy-" + c.Order.Key, "Its share of the energy", energy, c.Cost.Energy, alone);
            var work = Share("day-hands-" + c.Order.Key, "Its share of the hands", hands, c.Cost.Hands, handsAlone);
            var total = Sum("day-order-" + c.Order.Key, c.Order.Name, [c.Cost.Ingredients, work, part]);
            var slices = c.Sheet.Serving.Slices;
            var takings = new Worked<Pounds>(
                "day-takings-" + c.Order.Key, "All its slices", new(c.Cost.SlicePrice.Value.Value * slices.Value.Value * c.Order.Count),
                "a slice’s price × slices × pies", Term.Of(c.Cost.SlicePrice), Term.Of(slices),
                Term.Given("pies", c.Order.Count, Dimension.Count));
            return new OrderCost(c.Order.Name, c.Order.Count, c.Cost, part, total, takings);
        }).ToList();
        var ingredients = Sum("day-ingredients", "Ingredients", [.. orders.Select(o => Named(o.Name, o.Cost.Ingredients))]);
        var bought = new Worked<Pounds>(
            "day-bought", "To buy", new((double)list.Price), "whole packs, less what is in the house",
            [.. list.Lines.Where(l => l.Price > 0).Select(l => Term.Given(l.Ingredient.Name, new Pounds((double)l.Price!.Value)))]);
        var left = list.Lines.Where(l => l.Left > 0 && l.Packs is { Grams: > 0 })
            .Select(l => (l.Ingredient, Worth: (double)l.Packs!.Price / l.Packs.Grams * l.Left)).ToList();
        var stays = new Worked<Pounds>(
            "day-left", "Left in the packs", new(left.Sum(l => l.Worth)), "what stays of each pack × what a gram of it cost",
            [.. left.OrderByDescending(l => l.Worth).Select(l => Term.Given(l.Ingredient.Name, new Pounds(l.Worth)))]);
        return new(
            orders, ingredients, energy, hands, Sum("day-total", "The day", [ingredients, energy, hands]),
            Sum("day-takings", "All slices sold", [.. orders.Select(o => Named(o.Name, o.Takings))]), bought, stays);
    }

    /// <summary>What the ovens take: each run heats one once; where there is no plan, each order by itself.</summary>
    private static Worked<Pounds> EnergyOf(OpenDay open, IReadOnlyList<PieCost> alone, CostRates rates)
    {
        if (open.Plan is not { } plan)
            return Sum("day-energy", "Energy", [.. alone.Select(c => c.Energy)]);
        var minutes = plan.Runs.Sum(r => (r.To - r.From) * Slot.Minutes);
        var power = new Worked<KilowattHours>(
            "day-power", "Energy of the ovens", new((plan.Runs.Count * CostRates.WarmUp.Usual) + (minutes / 60.0 * CostRates.AnHour.Usual)),
            "runs × to heat one + hours hot × an hour, hot", Term.Given("runs", plan.Runs.Count, Dimension.Count), CostRates.WarmUp,
            Term.Given("ovens on", minutes, Dimension.Time), CostRates.AnHour);
        return new(
            "day-energy", "Energy", new(power.Value.Value * rates.Kilowatt), "energy × what a kilowatt-hour costs", Term.Of(power),
            Term.Given("a kilowatt-hour", new Pounds(rates.Kilowatt)));
    }

    private static Worked<Pounds> HandsOf(OpenDay open, IReadOnlyList<PieCost> alone, CostRates rates)
    {
        if (open.Plan is null)
            return Sum("day-hands", "Hands", [.. alone.Select(c => c.Hands)]);
        var minutes = open.Built.Day.Works.Where(w => w.IsHands).Sum(w => w.Length * Slot.Minutes);
        return new(
            "day-hands", "Hands", new(minutes / 60.0 * rates.HandsAnHour), "hands as planned, in hours × what an hour costs",
            Term.Given("hands as planned", minutes, Dimension.Time), Term.Given("an hour of hands", new Pounds(rates.HandsAnHour)));
    }

    private static Worked<Pounds> Share(string id, string name, Worked<Pounds> all, Worked<Pounds> own, double of) => new(
        id, name, new(of > 0 ? all.Value.Value * own.Value.Value / of : 0),
        "all of it × what it would take alone ÷ what all would take alone",
        Term.Of(all), Term.Of(own), Term.Given("all alone", new Pounds(of)));

    private static Worked<Pounds> Named(string name, Worked<Pounds> figure) =>
        new(figure.Id, name, figure.Value, figure.Formula, [.. figure.Terms]);

    private static Worked<Pounds> Sum(string id, string name, IReadOnlyList<Worked<Pounds>> of) =>
        new(id, name, new(of.Sum(o => o.Value.Value)), "added up", [.. of.Select(o => Term.Of(o))]);
}

/// <summary>Works out what days cost.</summary>
public sealed class DayCosting(DayOpener days, PriceBook prices, StockKeeper keeper, StockBook stock, KitchenClock clock)
{
    /// <summary>What a day costs; none where it is not there.</summary>
    public async Task<(OpenDay Open, DayCost Cost)?> OfAsync(int day, CancellationToken cancel = default)
    {
        if (await days.OpenAsync(day, cancel) is not { } open)
            return null;
        var known = await prices.PricesAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        IReadOnlyList<PackOffer> Packs(Ingredient i) => known.On(today, i);
        var all = new Span(DateOnly.MinValue, DateOnly.MaxValue);

        // What is used by now is out of the house: it is not bought again.
        var levels = await keeper.LevelsAsync(cancel);
        var list = ShoppingList.Of(
            ShoppingDesk.Wants(open, all, await stock.UsedByAsync(open, cancel)), levels, Packs, open.Kitchen.Corrections);
        return (open, DayCost.Of(open, list, Packs, (await prices.TradeAsync(cancel)).Rates));
    }
}
