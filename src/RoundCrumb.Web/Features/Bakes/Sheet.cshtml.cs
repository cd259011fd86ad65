using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bakes;

/// <summary>The batch sheet: what to weigh, what to do, ticked as it is done.</summary>
[Costly("Begin", HasOwnQueue = true)]
public sealed class SheetModel(BakeBook bakes, CompositionReader compositions, BenchDesk desk, StockKeeper stock, Preferences baker)
    : PageModel
{
    /// <summary>What is shown.</summary>
    public BakeView View { get; private set; } = null!;

    /// <summary>Why it could not be begun; empty where nobody has tried.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>The run under way of it; none where there is none.</summary>
    public int? Running { get; private set; }

    /// <summary>Begins it at the bench.</summary>
    public async Task<IActionResult> OnPostBeginAsync(int id, string? ask, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        var begun = await desk.BeginNowAsync(bake, baker.Shown, ask ?? "", cancel);
        if (begun.Run is { } run)
            return Redirect(Routes.Run(run.Id));
        Trouble = begun.Why;
        View = await BakeView.OfAsync(bake, baker.Shown, compositions, cancel);
        return Page();
    }

    /// <summary>Shows the sheet.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        View = await BakeView.OfAsync(bake, baker.Shown, compositions, cancel);
        Running = (await desk.RunOfAsync(id, cancel))?.Id;
        return Page();
    }

    /// <summary>Ticks something, or takes the tick back.</summary>
    public async Task<IActionResult> OnPostTickAsync(int id, string? key, bool done, CancellationToken cancel)
    {
        if (await bakes.FindAsync(id, cancel) is not { } bake)
            return NotFound();
        var view = await BakeView.OfAsync(bake, baker.Shown, compositions, cancel);
        if (key is null || !view.Sheet.Ticks().Contains(key))
            return BadRequest();
        foreach (var kept in done ? [key] : view.KeptAs(key))
            await bakes.TickAsync(id, kept, done, cancel);
        await stock.TakeAsync(id, cancel);
        return new NoContentResult();
    }
}
