using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Days;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Web.Features.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Days;

/// <summary>How one figure of a day was made, as a page of its own or inside another.</summary>
[OfBakeDay]
public sealed class FigureModel(DayOpener days, Preferences baker) : PageModel
{
    /// <summary>What is shown.</summary>
    public WorkingView Figure { get; private set; } = null!;

    /// <summary>The day.</summary>
    public int Id { get; private set; }

    /// <summary>
    /// Shows the figure called <paramref name="f"/> of the day as it is planned, or as it is ordered where there is no plan.
    /// </summary>
    public async Task<IActionResult> OnGetAsync(int id, string? f, CancellationToken cancel)
    {
        if (await days.OpenAsync(id, cancel) is not { } open)
            return NotFound();
        var figures = new DayFigures(open.Built, open.Clock);
        if ((
                open.Plan is { } plan ? figures.Of(plan).Concat(figures.OfOrders()) : figures.OfOrders())
                .FirstOrDefault(figure => figure.Id == f) is not { } found)
            return NotFound();
        (Id, Figure) = (id, new WorkingView(found, baker.Shown));
        return Request.Headers["HX-Request"] == "true" ? Partial("/Features/Working/_Working.cshtml", Figure) : Page();
    }
}
