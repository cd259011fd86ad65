using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Buying;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Days;

/// <summary>What a day leaves over, and what would use it up.</summary>
[OfBakeDay]
public sealed class UseUpModel(UseUpDesk desk, Preferences baker) : PageModel
{
    /// <summary>What is left, and what would use it.</summary>
    public OpenUseUp View { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Something to say; empty for nothing.</summary>
    public string Said { get; private set; } = "";

    /// <summary>How what is left is said.</summary>
    public LeftWords Words { get; } = new(baker.Shown);

    /// <summary>How a batch is called.</summary>
    public static string Way(BatchKind batch) => batch switch
    {
        BatchKind.Exact => "weighed out to fit",
        BatchKind.Below => "the smaller whole batch",
        BatchKind.Above => "the larger whole batch",
        BatchKind.Times or BatchKind.InHand => "as much as is said",
    };

    /// <summary>Until when it is good.</summary>
    public static string By(DateOnly day) => day.ToString("ddd d MMM", CultureInfo.InvariantCulture);

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync(int id, string? done, CancellationToken cancel)
    {
        Said = done is null ? "" : "Done. This is what is left now:";
        if (await desk.OpenAsync(id, cancel) is not { } view)
            return NotFound();
        View = view;
        return Page();
    }

    /// <summary>Adds a pie of the box to the day.</summary>
    public async Task<IActionResult> OnPostAddAsync(int id, int pie, CancellationToken cancel) =>
        await AfterAsync(id, await desk.AddAsync(id, pie, cancel), cancel);

    /// <summary>Makes one more of an order.</summary>
    public async Task<IActionResult> OnPostMoreAsync(int id, int order, CancellationToken cancel) =>
        await AfterAsync(id, await desk.MoreAsync(id, order, cancel), cancel);

    /// <summary>Makes another batch of an order.</summary>
    public async Task<IActionResult> OnPostBatchAsync(int id, int order, BatchKind batch, CancellationToken cancel) =>
        await AfterAsync(id, await desk.MakeAsync(id, order, batch, cancel), cancel);

    private async Task<IActionResult> AfterAsync(int id, bool isDone, CancellationToken cancel)
    {
        if (isDone)
            return Redirect(Routes.UseUp(id) + "?done=1");
        Said = "That cannot be done any more: the day or the pie has changed since.";
        if (await desk.OpenAsync(id, cancel) is not { } view)
            return NotFound();
        View = view;
        return Page();
    }
}
