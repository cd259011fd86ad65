using System.Globalization;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Labelling;

/// <summary>The label of one order.</summary>
/// <param name="Order">The order.</param>
/// <param name="Label">What it says.</param>
/// <param name="Code">The batch code; it leads back to what was written down of the batch.</param>
/// <param name="MadeOn">The day on which it is filled.</param>
/// <param name="UseBy">The last day on which it is good.</param>
/// <param name="Slices">Slices of one.</param>
/// <param name="PiePrice">What a pie is sold for, pounds.</param>
/// <param name="SlicePrice">What a slice is sold for, pounds.</param>
/// <param name="MayContain">What else this kitchen handles that day.</param>
public sealed record OrderLabel(
    DayOrder Order, PieLabel Label, string Code, DateOnly MadeOn, DateOnly UseBy, int Slices, double PiePrice, double SlicePrice,
    Allergens MayContain);

/// <summary>The labels of a day.</summary>
/// <param name="Open">The day.</param>
/// <param name="Labels">One for each order.</param>
/// <param name="Trade">The kitchen's name and place.</param>
public sealed record OpenLabels(OpenDay Open, IReadOnlyList<OrderLabel> Labels, KitchenTrade Trade)
{
    private static readonly Allergens Nuts = AllergenLaw.European.Single(g => g.Name == "nuts").Of | Allergens.Peanut;

    /// <summary>
    /// The order in which the orders are best made so that little of one gets into another: those without nuts first, then by how few
    /// allergens they have.
    /// </summary>
    public IReadOnlyList<OrderLabel> NutFreeFirst =>
    [
        .. Labels.OrderBy(l => (l.Label.Allergens & Nuts) != Allergens.None).ThenBy(l => l.Label.Groups(LabelLaw.European).Count)
            .ThenBy(l => l.Order.Due),
    ];

    /// <summary>True where making them in another order keeps nuts out of some that have none.</summary>
    public bool OrderMatters =>
        Labels.Any(l => (l.Label.Allergens & Nuts) != Allergens.None) && Labels.Any(l => (l.Label.Allergens & Nuts) == Allergens.None);
}

/// <summary>Makes the labels of days.</summary>
public sealed class DayLabels(DayOpener days, DayBook book, PriceBook prices, KitchenClock clock)
{
    /// <summary>What an order's batch is called on its labels.</summary>
    public static string CodeOf(DayOrder order) => string.Create(CultureInfo.InvariantCulture, $"RC{order.Id}-{order.Due:ddMMyy}");

    /// <summary>The order that a batch code is of; none where it is not one, or the order is gone.</summary>
    public async Task<DayOrder?> FindAsync(string? code, CancellationToken cancel = default)
    {
        var number = (code ?? "").Trim().ToUpperInvariant().Split('-')[0];
        return number.StartsWith("RC", StringComparison.Ordinal)
            && int.TryParse(number.AsSpan(2), NumberStyles.None, CultureInfo.InvariantCulture, out var id)
            && await book.OrderAsync(id, cancel) is { } order && CodeOf(order).Equals(code!.Trim(), StringComparison.OrdinalIgnoreCase)
                ? order
                : null;
    }

    /// <summary>The labels of a day; none where it is not there.</summary>
    public async Task<OpenLabels?> OpenAsync(int day, CancellationToken cancel = default)
    {
        if (await days.OpenAsync(day, cancel) is not { } open)
            return null;
        var known = await prices.PricesAsync(cancel);
        var trade = await prices.TradeAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        IReadOnlyList<PackOffer> Packs(Ingredient i) => known.On(today, i);
        var made = open.Built.Made.Select((m, i) =>
            (m, i, Order: open.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == m.Order.Key)))
            .Where(x => x.Order is not null).Select(x => (x.m, x.i, Order: x.Order!, Sheet: BatchSheet.Of(x.m.Pie))).ToList();
        var all = made.Aggregate(Allergens.None, (a, x) => a | x.Sheet.Allergens);
        return new(
            open,
            [
                .. made.Select(x =>
                {
                    var label = PieLabel.Of(x.Sheet);
                    var cost = PieCost.Of(x.Sheet, Packs, trade.Rates);
                    var filled = FilledOn(open, x.m, x.i, x.Order);
                    var until = filled.AddMinutes(label.Keeps.Value.Most);
                    return new OrderLabel(
                        x.Order, label, CodeOf(x.Order), DateOnly.FromDateTime(filled), DateOnly.FromDateTime(until),
                        (int)x.Sheet.Serving.Slices.Value.Value, cost.PiePrice.Value.Value, cost.SlicePrice.Value.Value,
                        (all | label.Perhaps) & ~label.Allergens);
                }),
            ],
            trade);
    }

    /// <summary>When an order is filled: by the plan, or else so long before it is wanted as it sets.</summary>
    private static DateTime FilledOn(OpenDay open, Prepared made, int batch, DayOrder order)
    {
        var fill = Enumerable.Range(0, made.Chain.Steps.Count).Where(i => made.Chain.Steps[i].Kind is Core.Methods.StepKind.Fill)
            .Select(i => open.WeighedAt(batch, i)).FirstOrDefault(s => s is not null);
        if (fill is { } slot)
            return open.Clock.WallOf(slot);
        return order.Due.AddMinutes(-made.Pie.SetTime.Value.Best);
    }
}
