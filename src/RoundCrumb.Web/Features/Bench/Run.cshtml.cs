using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>A day at the bench: what is at hand, what is next, which clocks run.</summary>
public sealed class RunModel(BenchDesk desk, KitchenClock clock, Preferences preferences) : PageModel
{
    /// <summary>What is shown.</summary>
    public BenchView View { get; private set; } = null!;

    /// <summary>Shows the bench.</summary>
    /// <param name="id">The run.</param>
    /// <param name="baker">Whose lane; everybody's where nobody of that name is here.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IActionResult> OnGetAsync(int id, string? baker, CancellationToken cancel) =>
        await ShowAsync(id, baker, cancel) ? Page() : NotFound();

    /// <summary>What changes of it, when somebody has done something.</summary>
    public async Task<IActionResult> OnGetLiveAsync(int id, string? baker, CancellationToken cancel) =>
        await ShowAsync(id, baker, cancel) ? Partial("_Bench", View) : NotFound();

    private async Task<bool> ShowAsync(int id, string? baker, CancellationToken cancel)
    {
        if (await desk.OpenAsync(id, cancel) is not { } open)
            return false;
        var lane = open.Day?.Bakers.Any(b => b.Id == baker) is true ? baker! : "";
        View = new(open, lane, await clock.ZoneAsync(cancel), preferences.Shown);
        return true;
    }
}
