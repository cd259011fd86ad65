using System.Globalization;
using RoundCrumb.Application.Days;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Application.Buying;

/// <summary>The days that are shopped for.</summary>
/// <param name="From">The first.</param>
/// <param name="To">The last, not before the first.</param>
public readonly record struct Span(DateOnly From, DateOnly To)
{
    /// <summary>The most days that are shopped for at once.</summary>
    public const int MostDays = 31;

    /// <summary>As a list is kept.</summary>
    public string Key => string.Create(CultureInfo.InvariantCulture, $"{From:yyyy-MM-dd}.{To:yyyy-MM-dd}");

    /// <summary>True for a moment on one of these days.</summary>
    public bool Holds(DateTime wall) => DateOnly.FromDateTime(wall) is var day && day >= From && day <= To;

    /// <summary>Some days, put in order and cut to what is shopped for at once.</summary>
    public static Span Of(DateOnly from, DateOnly to)
    {
        if (to < from)
            (from, to) = (to, from);
        return new(from, to.DayNumber - from.DayNumber >= MostDays ? from.AddDays(MostDays - 1) : to);
    }

    /// <summary>Reads one as it is kept; none where it is not one.</summary>
    public static Span? Read(string? key) =>
        (key ?? "").Split('.') is [var from, var to]
            && DateOnly.TryParseExact(from, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var f)
            && DateOnly.TryParseExact(to, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var t)
                ? Of(f, t)
                : null;
}

/// <summary>A list, with all that a page says of it.</summary>
/// <param name="Span">For which days.</param>
/// <param name="List">What has to be bought.</param>
/// <param name="Orders">Whose it is: each order's name and number.</param>
/// <param name="LeftOut">Orders that cannot be made as they are, and why.</param>
/// <param name="InBasket">Ingredients that are in the basket.</param>
/// <param name="Trade">How this kitchen buys.</param>
/// <param name="Stock">What is in the house.</param>
/// <param name="Today">Today, in the kitchen.</param>
public sealed record OpenShopping(
    Span Span, ShoppingList List, IReadOnlyList<string> Orders, IReadOnlyList<string> LeftOut, IReadOnlySet<string> InBasket,
    KitchenTrade Trade, StockLevels Stock, DateOnly Today)
{
    /// <summary>The lines in the order in which the shop is walked.</summary>
    public IEnumerable<IGrouping<PantryShelf, ShoppingLine>> ByAisle() => List.Lines.Where(l => l.ToBuy.Value.Value > 0.05)
        .OrderBy(l => PlaceOf(l.Ingredient.Shelf)).ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal).GroupBy(l => l.Ingredient.Shelf);

    /// <summary>What is in the house already.</summary>
    public IEnumerable<ShoppingLine> There => List.Lines.Where(l => l.ToBuy.Value.Value <= 0.05);

    /// <summary>The shelves in the order in which the shop is walked.</summary>
    public IReadOnlyList<PantryShelf> Aisles => [.. Enum.GetValues<PantryShelf>().OrderBy(PlaceOf)];

    private int PlaceOf(PantryShelf shelf) => Trade.Aisles.IndexOf(shelf) is >= 0 and var at ? at : 100 + (int)shelf;
}

/// <summary>What has to be bought for the orders of some days.</summary>
public sealed class ShoppingDesk(
    DayBook days, DayOpener opener, StockKeeper keeper, StockBook stock, PriceBook prices, KitchenClock clock,
    AllOrNothing together)
{
    /// <summary>The list for some days.</summary>
    public async Task<OpenShopping> OpenAsync(Span span, CancellationToken cancel = default)
    {
        // What the bench has used by now is taken first, so that it is neither wanted nor there.
        var levels = await keeper.LevelsAsync(cancel);
        var wants = new List<Want>();
        var orders = new List<string>();
        var leftOut = new List<string>();
        var corrections = CorrectionSet.Book;
        foreach (var id in await days.BetweenAsync(span.From, span.To, cancel))
        {
            if (await opener.OpenAsync(id, cancel) is not { } open)
                continue;
            corrections = open.Kitchen.Corrections;
            wants.AddRange(Wants(open, span, await stock.UsedByAsync(open, cancel)));
            orders.AddRange(
                open.Built.Made.Where(m => span.Holds(open.Clock.WallOf(m.Order.Due))).Select(m => $"{m.Order.Count} × {m.Order.Name}"));
            leftOut.AddRange(open.Built.LeftOut.Select(t => $"{t.Order.Name}: {t.Why}"));
        }

        var known = await prices.PricesAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        var ticks = await prices.TicksAsync(span.Key, cancel);
        return new(
            span, ShoppingList.Of(wants, levels, i => known.On(today, i), corrections), orders, leftOut,
            ticks.Where(t => t.InBasket).Select(t => t.Ingredient).ToHashSet(StringComparer.Ordinal), await prices.TradeAsync(cancel),
            levels,
            today);
    }

    /// <summary>What a day still wants: each line of its orders' sheets, on the day on which it is weighed.</summary>
    /// <param name="open">The day.</param>
    /// <param name="span">Orders wanted within these dates count, and no other.</param>
    /// <param name="used">Lines that were used already, by what used them.</param>
    public static IEnumerable<Want> Wants(OpenDay open, Span span, ILookup<string, string> used)
    {
        for (var batch = 0; batch < open.Built.Made.Count; batch++)
        {
            var made = open.Built.Made[batch];
            if (!span.Holds(open.Clock.WallOf(made.Order.Due)))
                continue;
            var order = open.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == made.Order.Key);
            var gone = order is null ? [] : used[StockKeeper.OwnerOf(order.Id)].ToHashSet(StringComparer.Ordinal);
            foreach (var part in BatchSheet.Of(made.Pie).Parts)
            {
                if (WeighOut.StepOf(made.Chain.Steps, part) is not { } step)
                    continue;
                var on = DateOnly.FromDateTime(open.Clock.WallOf(open.WeighedAt(batch, step) ?? made.Order.Due));
                foreach (var line in part.Lines.Where(l => !gone.Contains(l.Key)))
                    yield return new($"{made.Order.Name}, {part.Name.ToLowerInvariant()}", line.Ingredient, line.Mass.Value, on);
            }
        }
    }

    /// <summary>Puts what is in the basket into the house, as it was bought: whole packs, unopened.</summary>
    /// <returns>How many things were put away.</returns>
    public async Task<int> PutAwayAsync(OpenShopping open, CancellationToken cancel = default)
    {
        var today = await clock.TodayAsync(cancel);
        return await together.RunAsync(() => PutAwayAsync(open, today, cancel), cancel);
    }

    /// <summary>What is bought goes from the basket to the stock in one go: pressed twice, it is there once.</summary>
    private async Task<int> PutAwayAsync(OpenShopping open, DateOnly today, CancellationToken cancel)
    {
        var asked = open.List.Lines.Where(l => open.InBasket.Contains(l.Ingredient.Id) && l.ToBuy.Value.Value > 0).ToList();
        var taken = await prices.TakeOutAsync(open.Span.Key, asked.Select(l => l.Ingredient.Id), clock.Now, cancel);
        var bought = asked.FindAll(l => taken.Contains(l.Ingredient.Id));
        await stock.AddAsync(
            [
                .. bought.Select(l => new StockRow
                {
                    Ingredient = l.Ingredient.Id,
                    Counted = l.Packs is { Packs.Count: > 0 } packs ? packs.Grams : l.ToBuy.Value.Value,
                    Where = l.Ingredient.IsDry ? StoredIn.Shelf : StoredIn.Fridge,

                    // A closed pack has a date of its own, which nobody has read out yet; fruit and eggs keep from when they are bought.
                    UseBy = l.Ingredient.Egg is not EggPart.None || l.Ingredient is { Shelf: PantryShelf.Fruit, IsDry: false }
                        ? today.AddDays((int)(Keeping.Of(l.Ingredient, StoredIn.Fridge).Usual / (24 * 60)))
                        : null,
                }),
            ],
            cancel);
        return bought.Count;
    }
}
