using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Runs;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>The bench before a day is chosen: what is under way, and what could be begun.</summary>
public sealed class IndexModel(RunBook runs, DayBook days, BenchDesk desk, KitchenClock clock, Preferences preferences) : PageModel
{
    /// <summary>How many days are offered.</summary>
    private const int MostOffered = 8;

    /// <summary>What is under way.</summary>
    public IReadOnlyList<Run> UnderWay { get; private set; } = [];

    /// <summary>Rehearsals that are under way.</summary>
    public IReadOnlyList<Run> Rehearsed { get; private set; } = [];

    /// <summary>Planned days that are not under way, the next first.</summary>
    public IReadOnlyList<BakeDay> Planned { get; private set; } = [];

    /// <summary>The day that it is.</summary>
    public DateOnly Today { get; private set; }

    /// <summary>A day that could not be begun.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>Shows what there is.</summary>
    public Task OnGetAsync(CancellationToken cancel) => ShowAsync(cancel);

    /// <summary>Begins a planned day.</summary>
    public async Task<IActionResult> OnPostAsync(int day, CancellationToken cancel)
    {
        if (await desk.BeginAsync(day, "page", preferences.Shown, cancel) is { } run)
            return Redirect(Routes.Run(run.Id));
        Trouble = "That day has no plan that fits it. Open it and plan it first.";
        await ShowAsync(cancel);
        return Page();
    }

    private async Task ShowAsync(CancellationToken cancel)
    {
        UnderWay = await runs.UnderWayAsync(cancel);
        Rehearsed = await runs.RehearsedAsync(cancel);
        Today = await clock.TodayAsync(cancel);
        var busy = UnderWay.Select(r => r.BakeDayId).ToHashSet();
        Planned =
        [
            .. (await days.AllAsync(cancel)).Where(d => d.Plan.Length > 0 && !busy.Contains(d.Id) && d.From.AddDays(d.Days) > Today)
                .OrderBy(d => d.From).Take(MostOffered)
        ];
    }
}
