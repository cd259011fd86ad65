using RoundCrumb.Core.Market;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Application.Learning;

/// <summary>One pie on the market.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Sales">What became of it, day by day, the oldest first.</param>
/// <param name="Forecast">For the day asked for; none where it was never sold.</param>
/// <param name="Pie">The pie in the box that has this name; none where there is none.</param>
public sealed record MarketRow(string Name, IReadOnlyList<DaySales> Sales, Forecast? Forecast, SavedPie? Pie)
{
    /// <summary>All that became of it on one weekday.</summary>
    public DaySales On(DayOfWeek weekday) => Sales.Where(s => s.Day.DayOfWeek == weekday).Aggregate(
        default(DaySales), (sum, s) => new(s.Day, sum.Made + s.Made, sum.Sold + s.Sold, sum.Left + s.Left, sum.Thrown + s.Thrown));

    /// <summary>What was made and sold of it in a month.</summary>
    /// <param name="month">Any day of it.</param>
    public (double Made, double Sold) In(DateOnly month) =>
        Sales.Where(s => s.Day.Year == month.Year && s.Day.Month == month.Month).Aggregate((Made: 0.0, Sold: 0.0), (sum, s) =>
            (sum.Made + s.Made, sum.Sold + s.Sold));

    /// <summary>How many such weekdays there were.</summary>
    public int Days(DayOfWeek weekday) => Sales.Where(s => s.Day.DayOfWeek == weekday).Select(s => s.Day).Distinct().Count();
}

/// <summary>What was sold of each pie, what the next such day may sell, and the orders that can start from it.</summary>
public sealed class MarketDesk(BakeBook bakes, PieShelf shelf, DayBook days, KitchenClock clock)
{
    /// <summary>So many bakes are looked back over.</summary>
    private const int LookBack = 3000;

    /// <summary>What the market table covers by default starts with tomorrow.</summary>
    public async Task<DateOnly> TomorrowAsync(CancellationToken cancel = default) => (await clock.TodayAsync(cancel)).AddDays(1);

    /// <summary>Every pie of which it was said how many were sold, the one sold most first.</summary>
    /// <param name="on">The day to be forecast.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IReadOnlyList<MarketRow>> OnAsync(DateOnly on, CancellationToken cancel = default)
    {
        var zone = await clock.ZoneAsync(cancel);
        var sold = await bakes.SoldAsync(LookBack, cancel);
        var named = (await shelf.AllAsync(cancel)).GroupBy(p => p.Name, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(g => g.Key, g => g.First(), StringComparer.OrdinalIgnoreCase);
        return
        [
            .. sold.GroupBy(b => b.Pie, StringComparer.OrdinalIgnoreCase).Select(g =>
            {
                // Several bakes of a day are one day's counter.
                var sales = g.GroupBy(b => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(b.MadeAt, zone).DateTime)).Select(
                    d => new DaySales(d.Key, d.Sum(b => b.Pies), d.Sum(b => b.Sold), d.Sum(b => b.Left), d.Sum(b => b.Thrown)))
                    .OrderBy(s => s.Day).ToList();
                return new MarketRow(g.Key, sales, Forecast.Of(sales, on), named.GetValueOrDefault(g.Key));
            }).OrderByDescending(r => r.Forecast?.Mean ?? 0).ThenBy(r => r.Name, StringComparer.OrdinalIgnoreCase),
        ];
    }

    /// <summary>Puts so many of some pies on the bake day of a date, or on a new one.</summary>
    /// <param name="on">The date on which they are sold.</param>
    /// <param name="due">When they are wanted.</param>
    /// <param name="wanted">Pies of the box, by number, with how many.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>The bake day.</returns>
    public async Task<int> OrderAsync(DateOnly on, TimeOnly due, IReadOnlyDictionary<int, int> wanted, CancellationToken cancel = default)
    {
        var there = await days.BetweenAsync(on, on, cancel);
        var id = there.Count > 0 ? there[0]
            : (await days.AddAsync(on.ToString("dddd", System.Globalization.CultureInfo.InvariantCulture) + ": counter", on, 1, cancel)).Id;
        var pies = await shelf.FindAsync([.. wanted.Keys], cancel);
        await days.ChangeAsync(id, day =>
        {
            foreach (var (pie, count) in wanted.Where(w => pies.ContainsKey(w.Key) && w.Value > 0))
            {
                day.Orders.Add(new()
                {
                    PieId = pie,
                    Name = pies[pie].Name,
                    Address = pies[pie].Address,
                    Count = Math.Min(count, DayOrder.MostPies),
                    Due = on.ToDateTime(due),
                    Notes = "Counter, from the forecast",
                });
            }
        }, cancel);
        return id;
    }
}
