using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Features.Crusts;
using RoundCrumb.Web.Features.Pouring;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Working;

/// <summary>How one figure was made.</summary>
/// <param name="Figure">The figure.</param>
/// <param name="Shown">The baker's units.</param>
public sealed record WorkingView(IWorked Figure, QuantityFormatter Shown)
{
    /// <summary>True for a range that matters: one on which bakers differ.</summary>
    public static bool Differs(Constant constant) => constant.High - constant.Low > 1e-9;

    /// <summary>The range of a constant in the baker's units.</summary>
    public string Range(Constant constant) =>
        $"{Shown.Say(new Quantity(constant.Low, constant.Dimension))} to {Shown.Say(new Quantity(constant.High, constant.Dimension))}";
}

/// <summary>The working of a figure, as a page of its own or inside another.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>What is shown.</summary>
    public WorkingView View { get; private set; } = null!;

    /// <summary>Shows the figure called <paramref name="f"/> of the composition in the address, for <paramref name="n"/> pies.</summary>
    public async Task<IActionResult> OnGetAsync(string? f, string? n, string? goes, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        if (!Request.Query.TryGetValue("p", out _))
        {
            var pies = int.TryParse(n, out var count) && count is >= 1 and <= BatchSheet.MostPies ? count : 1;
            var composition = (await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel)).Composition;
            var sheet = BatchSheet.Of(Assessment.Of(composition, pies, kitchen));

            // A card may be for another filling than the composition's own.
            var card = FillingFamilies.Find(goes ?? "")?.Shell is { } need ? CardModel.Of(composition, pies, need, kitchen).Figures() : [];
            return Show(card.Concat(sheet.Figures()), f);
        }

        // Several pans at once: a batch poured over them, or a plan of shells.
        var book = await compositions.BookAsync([Request.QueryString.Value ?? ""], cancel);
        if (Request.Query.ContainsKey("pour"))
        {
            var form = PourForm.Read(Request.Query, kitchen, book, baker.Units.Length);
            return Show(form.Plan.Figures().Concat(Pouring.IndexModel.SetsFor(form, kitchen).Select(s => s.Left)), f);
        }

        return Show(PlanForm.Read(Request.Query, kitchen, book, baker.Units.Length).Plan.Figures(), f);
    }

    private IActionResult Show(IEnumerable<IWorked> figures, string? id)
    {
        if (figures.FirstOrDefault(figure => figure.Id == id) is not { } found)
            return NotFound();
        View = new WorkingView(found, baker.Shown);
        return Request.Headers["HX-Request"] == "true" ? Partial("_Working", View) : Page();
    }
}
