using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Buying;

/// <summary>What packs cost in this kitchen's shops, now and before.</summary>
/// <param name="All">Every price that was written down, the oldest first.</param>
public sealed record KnownPrices(IReadOnlyList<PackPrice> All)
{
    private readonly ILookup<string, PackPrice> _byIngredient = All.ToLookup(p => p.Ingredient, StringComparer.Ordinal);

    /// <summary>What was written down of an ingredient.</summary>
    public IEnumerable<PackPrice> Of(string ingredient) => _byIngredient[ingredient];

    /// <summary>The packs of an ingredient on a day; the pantry's own where nothing was written down by then.</summary>
    public IReadOnlyList<PackOffer> On(DateOnly day, Ingredient ingredient)
    {
        var now = _byIngredient[ingredient.Id].Where(p => p.Since <= day).GroupBy(p => (p.Grams, p.Shop)).Select(g => g.Last())
            .Where(p => p.Price is not null).Select(p => new PackOffer(p.Grams, p.Price!.Value, p.Shop)).OrderBy(p => p.Grams).ToList();
        return now.Count > 0 ? now : ingredient.Pack.Grams > 0 ? [new(ingredient.Pack.Grams, ingredient.Pack.Price)] : [];
    }
}

/// <summary>Keeps prices, and how this kitchen buys and sells.</summary>
public sealed class PriceBook(RoundCrumbContext context, Remembered<KnownPrices> prices, Remembered<KitchenTrade> trade)
{
    /// <summary>The largest number of prices that are kept for one ingredient.</summary>
    public const int MostOfOne = 500;

    /// <summary>All prices.</summary>
    public Task<KnownPrices> PricesAsync(CancellationToken cancel = default) => prices.ReadAsync(async () => new KnownPrices(
        await context.PackPrices.AsNoTracking().OrderBy(p => p.Since).ThenBy(p => p.Id).ToListAsync(cancel)));

    /// <summary>How this kitchen buys and sells.</summary>
    public Task<KitchenTrade> TradeAsync(CancellationToken cancel = default) => trade.ReadAsync(async () =>
        await context.KitchenTrades.AsNoTracking().OrderBy(t => t.Id).FirstOrDefaultAsync(cancel) ?? new());

    /// <summary>Writes prices down. The same pack in the same shop on the same day is written over.</summary>
    public Task AddAsync(IReadOnlyList<PackPrice> some, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        // Of two lines for the same pack the later counts.
        foreach (var one in some.GroupBy(p => (p.Ingredient, p.Shop, p.Since, p.Grams)).Select(g => g.Last()))
        {
            var there = await context.PackPrices.FirstOrDefaultAsync(
                p => p.Ingredient == one.Ingredient && p.Shop == one.Shop && p.Since == one.Since && p.Grams == one.Grams, cancel);
            if (there is null)
                context.PackPrices.Add(
                    new() { Ingredient = one.Ingredient, Grams = one.Grams, Shop = one.Shop, Price = one.Price, Since = one.Since });
            else
                there.Price = one.Price;
        }

        await context.SaveChangesAsync(cancel);
        prices.Forget(context);
        return true;
    });

    /// <summary>Strikes a price out, as though it had never been written down.</summary>
    public async Task StrikeAsync(int id, CancellationToken cancel = default)
    {
        await context.PackPrices.Where(p => p.Id == id).ExecuteDeleteAsync(cancel);
        prices.Forget(context);
    }

    /// <summary>Changes how this kitchen buys and sells, if nobody else has since.</summary>
    public Task<KeepOutcome> TradeAsync(int version, Action<KitchenTrade> change, CancellationToken cancel = default) =>
        context.AgainAsync(async () =>
        {
            var row = await context.KitchenTrades.OrderBy(t => t.Id).FirstOrDefaultAsync(cancel)
                ?? context.KitchenTrades.Add(new()).Entity;
            if (row.Version != version)
                return KeepOutcome.ChangedElsewhere;
            change(row);
            row.Version++;
            await context.SaveChangesAsync(cancel);
            trade.Forget(context);
            return KeepOutcome.Kept;
        });

    /// <summary>What is in the basket of a list.</summary>
    public Task<List<ShoppingTick>> TicksAsync(string list, CancellationToken cancel = default) =>
        context.ShoppingTicks.AsNoTracking().Where(t => t.List == list).ToListAsync(cancel);

    /// <summary>
    /// Takes what is ticked out of the basket, each thing once: whoever asks for it a second time does not get it. To be called within a
    /// transaction with what is done with it.
    /// </summary>
    /// <param name="list">The list.</param>
    /// <param name="ingredients">What is asked for.</param>
    /// <param name="at">When.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>What was in the basket until now.</returns>
    public async Task<IReadOnlySet<string>> TakeOutAsync(
        string list, IEnumerable<string> ingredients, DateTimeOffset at, CancellationToken cancel = default)
    {
        var taken = new HashSet<string>(StringComparer.Ordinal);
        foreach (var one in ingredients)
        {
            if (await context.ShoppingTicks.Where(t => t.List == list && t.Ingredient == one && t.InBasket)
                    .ExecuteUpdateAsync(s => s.SetProperty(t => t.InBasket, false).SetProperty(t => t.At, at), cancel) > 0)
                taken.Add(one);
        }

        return taken;
    }

    /// <summary>Takes in ticks of a list: of two for one thing the later counts, whichever comes first.</summary>
    public Task TickAsync(string list, IReadOnlyList<ShoppingTick> ticks, CancellationToken cancel = default) =>
        context.AgainAsync(async () =>
        {
            var kept = await context.ShoppingTicks.Where(t => t.List == list).ToDictionaryAsync(t => t.Ingredient, cancel);
            foreach (var tick in ticks.OrderBy(t => t.At))
            {
                if (!kept.TryGetValue(tick.Ingredient, out var there))
                    context.ShoppingTicks.Add(kept[tick.Ingredient] = tick);
                else if (tick.At > there.At)
                    (there.InBasket, there.At) = (tick.InBasket, tick.At);
            }

            await context.SaveChangesAsync(cancel);
            return true;
        });
}
