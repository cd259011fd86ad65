using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.Extensions.Primitives;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pouring;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Pouring;

/// <summary>One batch over several pans, all to one line.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    private Kitchen _kitchen = Kitchen.Usual;

    /// <summary>What was asked for.</summary>
    public PourForm Form { get; private set; } = null!;

    /// <summary>The plan.</summary>
    public PourPlan Plan => Form.Plan;

    /// <summary>The fillings and crusts that are offered.</summary>
    public PartBook Book { get; private set; } = PartBook.Shipped;

    /// <summary>What the baker has of one ingredient, as it was just typed; none where nothing was.</summary>
    public InHand? InHand { get; private set; }

    /// <summary>The sets of owned pans that this batch fills best.</summary>
    public IReadOnlyList<PanSet> Sets { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Shows the plan in the address.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        _kitchen = await compositions.KitchenAsync(cancel);
        Book = await compositions.OfferedAsync(Request.QueryString.Value ?? "", cancel);
        InHand = await compositions.InHandAsync(f => Request.Query[f], cancel);
        IEnumerable<KeyValuePair<string, StringValues>> query = Request.Query;
        if (InHand?.Choice is { } batch)
            query = query.Where(f => f.Key != CompositionAddress.Make)
                .Append(new(CompositionAddress.Make, CompositionAddress.NameOf(batch)));
        Form = PourForm.Read(query, _kitchen, Book, Shown.Units.Length);
        Sets = [.. SetsFor(Form, _kitchen).Where(s => !Same(s))];
        if (Request.Headers["HX-Request"] != "true")
            return Page();
        Response.Headers["HX-Push-Url"] = Routes.Pour + "?" + Form.Canonical;
        return Partial("_Pour", this);
    }

    /// <summary>The sets of owned pans that the batch of a plan fills best.</summary>
    public static IReadOnlyList<PanSet> SetsFor(PourForm form, Kitchen kitchen) =>
        PanSearch.Best(form.Plan.Yield.Volume.Value * form.Plan.Chosen.Scale.Value.Value, form.Crust, form.C.Filling.Line, kitchen.Pans);

    /// <summary>How many of a pan the kitchen has room for; none where nobody has counted.</summary>
    public int? Owned(PourRow row) => _kitchen.RoomIn(row.Order.Pan);

    /// <summary>A figure that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) => FigureLink.To(figure, Shown, Form.Canonical, 1, said);

    /// <summary>A batch in words.</summary>
    public string Says(PourBatch batch) => batch.Kind is BatchKind.InHand
        && Plan.Formula.Lines.FirstOrDefault(l => l.Ingredient.Id == Form.C.Filling.Batch.Of)?.Ingredient is { } hand
        ? $"from {Shown.Weigh(Form.C.Filling.Batch.Amount, hand)} {hand.ShortName}"
        : batch.Kind is BatchKind.Times
        ? FormattableString.Invariant($"{batch.Scale.Value.Value:0.##} × as written")
        : QuantityFormatter.Pieces(batch.Pieces, Plan.Formula.Piece);

    /// <summary>How far a batch is over or short: g, ml and mm.</summary>
    public IHtmlContent Off(PourBatch batch)
    {
        var ml = batch.Difference.Value.Value;
        if (Math.Abs(ml) < 3)
            return new HtmlString("just right");
        var words = new HtmlContentBuilder()
            .AppendHtml(
                Figure(batch.DifferenceMass, Shown.Say(new Quantity(Math.Abs(batch.DifferenceMass.Value.Value), Dimension.Mass))))
                .Append(", ")
            .AppendHtml(Figure(batch.Difference, Shown.Say(new Quantity(Math.Abs(ml), Dimension.Volume))));
        if (ml > 0)
            return words.Append(" over");
        return batch.Below.Value.Value < 0.5
            ? words.Append(" short, hardly seen")
            : words.Append(" short: all stand ").AppendHtml(Figure(batch.Below)).Append(" low");
    }

    /// <summary>A set of pans in words.</summary>
    public static string Says(PanSet set) =>
        string.Join(
            " + ",
            set.Orders.Select(
                o =>
                    o.Pan.Wells > 1
                        ? $"{o.Count} of the wells of the {o.Pan.Name}"
                        : o.Count == 1 ? o.Pan.Name
                        : $"{o.Count} × {o.Pan.Name}"));

    private bool Same(PanSet set) =>
        set.Orders.Count == Form.Pans.Orders.Count
            && set.Orders.All(o => Form.Pans.Orders.Any(r => r.Pan.Key == o.Pan.Key && r.Count == o.Count));
}
