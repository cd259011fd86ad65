using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Market;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Days;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Market;

/// <summary>What was made, sold, left and thrown away by weekday, and a forecast that a day's orders can start from.</summary>
public sealed class IndexModel(MarketDesk desk, Preferences baker) : PageModel
{
    /// <summary>The day that is forecast.</summary>
    public DateOnly On { get; private set; }

    /// <summary>The next seven days, to choose from.</summary>
    public IReadOnlyList<DateOnly> Week { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Every pie that was sold.</summary>
    public IReadOnlyList<MarketRow> Rows { get; private set; } = [];

    /// <summary>When the orders are wanted, as typed.</summary>
    public string Due { get; private set; } = "09:00";

    /// <summary>What could not be read; empty where all could.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>True where the forecast proposes to make anything.</summary>
    public bool HasForecast => Rows.Any(r => r.Pie is not null && r.Forecast?.Make > 0);

    /// <summary>The months of the last year on which something was sold, the oldest first.</summary>
    public IReadOnlyList<DateOnly> Months =>
        [.. Rows.SelectMany(r => r.Sales).Select(s => new DateOnly(s.Day.Year, s.Day.Month, 1)).Distinct().Order().TakeLast(12)];

    /// <summary>What was sold of a pie in a month, of how many made.</summary>
    public static string In(MarketRow row, DateOnly month)
    {
        var (made, sold) = row.In(month);
        return made == 0 ? "–" : $"{QuantityFormatter.Quarters(sold)} of {QuantityFormatter.Quarters(made)}";
    }

    /// <summary>How a day is said.</summary>
    public static string Day(DateOnly day) => day.ToString("ddd d MMM", CultureInfo.InvariantCulture);

    /// <summary>A number of pies.</summary>
    public static string Pies(double pies) => pies == 0 ? "–" : QuantityFormatter.Quarters(pies);

    /// <summary>The band in pies.</summary>
    public static string Band(Forecast forecast) =>
        forecast.High - forecast.Low < 0.1 ? Pies(forecast.Low) : $"{Pies(forecast.Low)} to {Pies(forecast.High)}";

    /// <summary>What it is from, in words.</summary>
    public string From(Forecast forecast)
    {
        var name = On.ToString("dddd", CultureInfo.InvariantCulture);
        var such = forecast.Days == 1 ? $"1 {name}" : $"{forecast.Days} {name}s";
        var sold = forecast.SoldOut > 0
            ? $", {(forecast.SoldOut == 1 ? "one" : forecast.SoldOut.ToString(CultureInfo.InvariantCulture))} sold out" : "";
        return forecast.Days == 0 ? $"no {name} yet: from other days" : such + sold + (forecast.IsThin ? ": few to go by" : "");
    }

    /// <summary>Shows it.</summary>
    public Task OnGetAsync(string? on, CancellationToken cancel) => ShowAsync(on, cancel);

    /// <summary>Puts the numbers on the day's orders.</summary>
    public async Task<IActionResult> OnPostOrderAsync(string? on, string? due, CancellationToken cancel)
    {
        await ShowAsync(on, cancel);
        Due = (due ?? "").Trim();
        var wanted = new Dictionary<int, int>();
        foreach (var row in Rows.Where(r => r.Pie is not null))
        {
            var typed = Request.Form[$"n{row.Pie!.Id}"].ToString().Trim();
            if (typed.Length == 0 || typed == "0")
                continue;
            if (!int.TryParse(typed, NumberStyles.None, CultureInfo.InvariantCulture, out var count) || count > DayOrder.MostPies)
                Trouble = $"{row.Name}: “{typed}” is no number of pies from 0 to {DayOrder.MostPies}.";
            else
                wanted[row.Pie.Id] = count;
        }

        if (Hours.Clock(Due) is not { } clock || clock >= 24 * 60)
            Trouble = $"“{Due}” is no time of day; try 9:00.";
        else if (Trouble.Length == 0 && wanted.Count == 0)
            Trouble = "Say how many of at least one.";
        else if (Trouble.Length == 0)
            return Redirect(Routes.Day(await desk.OrderAsync(On, new TimeOnly(clock / 60, clock % 60), wanted, cancel)));
        return Page();
    }

    /// <summary>What a number field holds: what was typed, or what the forecast says.</summary>
    public string Typed(MarketRow row) => Request.HasFormContentType && Request.Form.TryGetValue($"n{row.Pie!.Id}", out var typed)
        ? typed.ToString()
        : (row.Forecast?.Make ?? 0).ToString(CultureInfo.InvariantCulture);

    private async Task ShowAsync(string? on, CancellationToken cancel)
    {
        var tomorrow = await desk.TomorrowAsync(cancel);
        Week = [.. Enumerable.Range(0, 7).Select(tomorrow.AddDays)];
        On = DateOnly.TryParse(on, CultureInfo.InvariantCulture, out var day) && day >= tomorrow.AddDays(-1)
            && day <= tomorrow.AddYears(1) ? day : default;
        if (On == default)
        {
            // The next such day as most was sold on before.
            var sold = (await desk.OnAsync(tomorrow, cancel)).SelectMany(r => r.Sales).ToLookup(s => s.Day.DayOfWeek);
            On = Week.MaxBy(d => sold[d.DayOfWeek].Sum(s => s.Sold));
        }

        Rows = await desk.OnAsync(On, cancel);
    }
}
