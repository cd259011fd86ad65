using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Features.Days;

/// <summary>The bake days.</summary>
public sealed class IndexModel(DayBook book, CompositionReader compositions, KitchenClock clock) : PageModel
{
    /// <summary>All of them: what comes next first, what is past last.</summary>
    public IReadOnlyList<BakeDay> Days { get; private set; } = [];

    /// <summary>Who works here.</summary>
    public IReadOnlyList<Baker> Bakers { get; private set; } = [];

    /// <summary>Today, by the clock on the wall.</summary>
    public DateOnly Today { get; private set; }

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>A day that was just put away.</summary>
    public int? Gone { get; private set; }

    /// <summary>What was typed.</summary>
    public (string Name, string From, string Days) Typed { get; private set; } = ("", "", "1");

    /// <summary>Shows them.</summary>
    public async Task OnGetAsync(int? gone, CancellationToken cancel)
    {
        Gone = gone;
        Today = await clock.TodayAsync(cancel);
        Typed = ("", Today.AddDays(1).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), "1");
        await ShowAsync(cancel);
    }

    private async Task ShowAsync(CancellationToken cancel)
    {
        var all = await book.AllAsync(cancel);
        bool Past(BakeDay d) => d.From.AddDays(d.Days) <= Today;
        Days = [.. all.Where(d => !Past(d)).OrderBy(d => d.From), .. all.Where(Past)];
        Bakers = (await compositions.KitchenAsync(cancel)).Bakers;
    }

    /// <summary>Begins a day.</summary>
    public async Task<IActionResult> OnPostAsync(string? name, string? from, string? days, CancellationToken cancel)
    {
        Today = await clock.TodayAsync(cancel);
        Typed = (name?.Trim() ?? "", from ?? "", days ?? "");
        if (Typed.Name.Length > BakeDay.LongestName || Typed.Name.Any(char.IsControl))
            Troubles["name"] = $"{BakeDay.LongestName} characters at most.";
        if (!DateOnly.TryParseExact(from, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
            Troubles["from"] = "A date, such as 2027-03-06.";
        else if (date < Today || date > Today.AddYears(2))
            Troubles["from"] = date < Today ? "That day is past." : "That is more than two years away.";
        if (!int.TryParse(days, NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many is < 1 or > BakeDay.MostDays)
            Troubles["days"] = $"From 1 to {BakeDay.MostDays} days.";
        if (Troubles.Count == 0)
        {
            var day = await book.AddAsync(
                Typed.Name.Length > 0 ? Typed.Name : date.AddDays(many - 1).ToString("dddd d MMMM", CultureInfo.InvariantCulture), date,
                many, cancel);
            return Redirect(Routes.Day(day.Id));
        }

        await ShowAsync(cancel);
        return Page();
    }

    /// <summary>Puts a day away.</summary>
    public async Task<IActionResult> OnPostAwayAsync(int id, CancellationToken cancel) =>
        await book.PutAwayAsync(id, away: true, cancel) ? Redirect($"{Routes.Days}?gone={id}") : NotFound();

    /// <summary>Brings it back.</summary>
    public async Task<IActionResult> OnPostBackAsync(int id, CancellationToken cancel) =>
        await book.PutAwayAsync(id, away: false, cancel) ? Redirect(Routes.Day(id)) : NotFound();
}
