using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Labelling;

namespace RoundCrumb.Web.Features.Labels;

/// <summary>Leads from a batch code on a label to what was written down of the batch, or to its day.</summary>
public sealed class BatchModel(DayLabels labels) : PageModel
{
    /// <summary>Leads on.</summary>
    public async Task<IActionResult> OnGetAsync(string code, CancellationToken cancel) =>
        await labels.FindAsync(code, cancel) is not { } order ? NotFound()
            : Redirect(order.BakeId is { } bake ? Routes.Log(bake) : Routes.Day(order.BakeDayId));
}
