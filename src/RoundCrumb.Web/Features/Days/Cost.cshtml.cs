using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Days;

/// <summary>What a day costs, order by order, and what its slices are sold for.</summary>
[OfBakeDay]
public sealed class CostModel(DayCosting costing, Preferences baker) : PageModel
{
    /// <summary>The day.</summary>
    public OpenDay Open { get; private set; } = null!;

    /// <summary>What it costs.</summary>
    public DayCost Cost { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Shows what it costs.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel)
    {
        if (await costing.OfAsync(id, cancel) is not { } day)
            return NotFound();
        (Open, Cost) = day;
        return Page();
    }
}
