using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>What bakers differ on in a pie, with the other way of each; by itself, or inside Compose.</summary>
public sealed class SchoolsModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>The pie.</summary>
    public ComposeView View { get; private set; } = null!;

    /// <summary>Lists them for the pie in the address.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        var address = Request.QueryString.Value ?? "";
        var book = await compositions.BookAsync([address], cancel);
        View = new ComposeView(
            CompositionAddress.Read(address, book), baker.Shown, OpenedFrom.Of(Request.Query), book,
            await compositions.KitchenAsync(cancel));
        return Request.Headers["HX-Request"] == "true" ? Partial("_Schools", View) : Page();
    }
}
