using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>The pans that can stand in for a pie's own; by itself, or inside Compose.</summary>
public sealed class StandInsModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>What is shown.</summary>
    public ComposeView View { get; private set; } = null!;

    /// <summary>Works them out for the pie in the address.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        var address = Request.QueryString.Value ?? "";
        var book = await compositions.BookAsync([address], cancel);
        View = new ComposeView(
            CompositionAddress.Read(address, book), baker.Shown, OpenedFrom.Of(Request.Query), book,
            await compositions.KitchenAsync(cancel));
        return Request.Headers["HX-Request"] == "true" ? Partial("_StandIns", View) : Page();
    }
}
