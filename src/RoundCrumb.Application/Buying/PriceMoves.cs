using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Application.Buying;

/// <summary>A pie that a price moves.</summary>
/// <param name="Pie">The pie, as it is saved.</param>
/// <param name="Was">What a slice cost, pounds.</param>
/// <param name="Now">What it costs now.</param>
/// <param name="PriceWas">What a slice was sold for.</param>
/// <param name="PriceNow">What it would be sold for now.</param>
public sealed record MovedPie(SavedPie Pie, double Was, double Now, double PriceWas, double PriceNow);

/// <summary>Which of the saved pies an ingredient's price moves, and how far.</summary>
public sealed class PriceMoves(PieShelf shelf, PriceBook prices, CompositionReader compositions)
{
    /// <summary>The most pies that are worked out; those saved last.</summary>
    private const int MostPies = 60;

    /// <summary>The pies of which a slice costs a twentieth of a penny more or less since a day, the most moved first.</summary>
    /// <param name="of">The ingredient.</param>
    /// <param name="since">The day before the prices were as they are now.</param>
    /// <param name="today">Today.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IReadOnlyList<MovedPie>> OfAsync(Ingredient of, DateOnly since, DateOnly today, CancellationToken cancel = default)
    {
        var known = await prices.PricesAsync(cancel);
        var rates = (await prices.TradeAsync(cancel)).Rates;
        var kitchen = await compositions.KitchenAsync(cancel);
        var pies = (await shelf.AllAsync(cancel)).Take(MostPies).ToList();
        var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);

        // Only this one's price is of that day, so that what it does is not mixed with what others do.
        IReadOnlyList<PackOffer> Then(Ingredient i) => known.On(i.Id == of.Id ? since : today, i);
        IReadOnlyList<PackOffer> Now(Ingredient i) => known.On(today, i);
        var moved = new List<MovedPie>();
        foreach (var pie in pies)
        {
            cancel.ThrowIfCancellationRequested();
            var sheet = BatchSheet.Of(Assessment.Of(CompositionAddress.Read(pie.Address, book).Composition, 1, kitchen));
            if (!sheet.Parts.SelectMany(p => p.Lines).Any(l => l.Ingredient.Id == of.Id || l.Ingredient.PartOf == of.Id))
                continue;
            var (was, now) = (PieCost.Of(sheet, Then, rates), PieCost.Of(sheet, Now, rates));
            if (Math.Abs(now.Slice.Value.Value - was.Slice.Value.Value) >= 0.0005)
                moved.Add(new(pie, was.Slice.Value.Value, now.Slice.Value.Value, was.SlicePrice.Value.Value, now.SlicePrice.Value.Value));
        }

        return [.. moved.OrderByDescending(m => Math.Abs(m.Now - m.Was))];
    }
}
