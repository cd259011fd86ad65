using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Web.Features.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.WhatIfs;

/// <summary>How far one pie is from another, as a page of its own or inside another.</summary>
public sealed class CostModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>The field of the pie that it would be; the one that was asked of is the rest of the address.</summary>
    public const string To = "to";

    /// <summary>What is shown.</summary>
    public WorkingView Figure { get; private set; } = null!;

    /// <summary>The pie that it would be.</summary>
    public Composition Pie { get; private set; } = Composition.Usual;

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync([FromQuery(Name = To)] string? to, CancellationToken cancel)
    {
        if (string.IsNullOrEmpty(to))
            return NotFound();
        var asked = (await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel)).Composition;
        Pie = (await compositions.ReadAsync(to, cancel)).Composition;
        Figure = new(NearPie.Of(asked, Pie).Cost, baker.Shown);
        return Request.Headers["HX-Request"] == "true" ? Partial("/Features/Working/_Working.cshtml", Figure) : Page();
    }
}
