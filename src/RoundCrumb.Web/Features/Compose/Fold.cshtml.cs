using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>What stands folded in Compose and is sent when it is opened.</summary>
/// <param name="Id">Its name in the page and in the address.</param>
/// <param name="Name">Its heading.</param>
/// <param name="Says">What it is, as a page of its own.</param>
/// <param name="Partial">What is in it.</param>
public sealed record PieFold(string Id, string Name, string Says, string Partial)
{
    /// <summary>What bakers differ on.</summary>
    public static readonly PieFold Schools = new(
        "schools", "Schools", "Where bakers differ, and both are right: what this pie does, and the other way.", "_Schools");

    /// <summary>Whole batches, another firmness, and how warm each layer meets the next.</summary>
    public static readonly PieFold Batches = new(
        "meets", "Batches, firmness and pouring",
        "Whole batches beside the one that fits, softer or firmer, and what meets what, how warm.",
        "_Batches");

    /// <summary>The one with this id, or none.</summary>
    public static PieFold? Find(string id) => id == Schools.Id ? Schools : id == Batches.Id ? Batches : null;
}

/// <summary>What stands folded in Compose, by itself or inside it.</summary>
public sealed class FoldModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>Which.</summary>
    public PieFold Fold { get; private set; } = PieFold.Schools;

    /// <summary>The pie.</summary>
    public ComposeView View { get; private set; } = null!;

    /// <summary>Shows it for the pie in the address.</summary>
    public async Task<IActionResult> OnGetAsync(string of, CancellationToken cancel)
    {
        if (PieFold.Find(of) is not { } fold)
            return NotFound();
        var address = Request.QueryString.Value ?? "";
        var book = await compositions.BookAsync([address], cancel);
        Fold = fold;
        View = new ComposeView(
            CompositionAddress.Read(address, book), baker.Shown, OpenedFrom.Of(Request.Query), book,
            await compositions.KitchenAsync(cancel));
        return Request.Headers["HX-Request"] == "true" ? Partial(fold.Partial, View) : Page();
    }
}
