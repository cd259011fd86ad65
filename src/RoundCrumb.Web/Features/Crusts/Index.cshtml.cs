using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>One dough or crumb for several pans, some of it for the freezer.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>What was asked for.</summary>
    public PlanForm Form { get; private set; } = null!;

    /// <summary>The plan.</summary>
    public ShellPlan Plan => Form.Plan;

    /// <summary>The crusts that are offered.</summary>
    public PartBook Book { get; private set; } = PartBook.Shipped;

    /// <summary>The kitchen.</summary>
    public Kitchen Kitchen { get; private set; } = Kitchen.Usual;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Shows the plan in the address.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        Kitchen = await compositions.KitchenAsync(cancel);
        Book = await compositions.OfferedAsync(Request.QueryString.Value ?? "", cancel);
        Form = PlanForm.Read(Request.Query, Kitchen, Book, Shown.Units.Length);
        if (Request.Headers["HX-Request"] != "true")
            return Page();
        Response.Headers["HX-Push-Url"] = Routes.Crusts + "?" + Form.Canonical;
        return Partial("_Plan", this);
    }

    /// <summary>A figure of the plan that opens to its working.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) => FigureLink.To(figure, Shown, Form.Canonical, 1, said);

    /// <summary>A figure of one row that opens to its working.</summary>
    public IHtmlContent Figure(int row, IWorked figure, string? said = null) =>
        FigureLink.To(new RowFigure(ShellPlan.RowId(row, figure), figure), Shown, Form.Canonical, 1, said);

    /// <summary>A figure of one row's card, of the shells baked now or of those from the freezer.</summary>
    public IHtmlContent CardFigure(int row, bool frozen, IWorked figure) =>
        FigureLink.To(
            new RowFigure(frozen ? FormattableString.Invariant($"row-{row}-later-{figure.Id}") : ShellPlan.RowId(row, figure), figure),
            Shown, Form.Canonical, 1);

    /// <summary>A line as bakers' percentages have it, and how far bakers differ; empty for what is not counted against flour.</summary>
    public string PercentOf(WeighedLine line)
    {
        if (Plan.Wish.Family is not RolledFamily { Sheet: null } family
                || family.Dough.FirstOrDefault(d => d.Ingredient == line.Ingredient) is not { } part)
            return "";
        var percent = part.Percent;
        return Shown.Say(new Quantity(percent.Usual, Dimension.Share))
            + (
                percent.High > percent.Low
                    ? FormattableString.Invariant($" ({percent.Low * 100:0.#}–{percent.High * 100:0.#}) of the flour")
                    : "");
    }

    /// <summary>How the pans of a card go into the oven.</summary>
    public static string Loads(BlindBakeCard card)
    {
        var load = card.Load;
        if (card.Oven is null)
            return "";
        if (load.PerShelf == 0)
            return "does not go into this oven";
        return load.Loads > 1
            ? $"{load.Loads} loads, {load.PerShelf * load.Oven.Shelves} at once"
            : load.ShelvesUsed > 1 ? $"one load on {load.ShelvesUsed} shelves"
            : "one shelf";
    }

    /// <summary>What the kitchen has to say to so many shells in the freezer; none where they go in.</summary>
    public string? FreezerTrouble()
    {
        var freezers = Kitchen.Cold.Where(c => c.Kind is ColdKind.Freezer).ToList();
        if (Plan.ToFreeze == 0 || freezers.Count == 0)
            return null;
        var widest = Plan.Rows.Where(r => r.Order.ToFreeze > 0).Max(r => OvenLoad.Footprint(r.Order.Pan).Wide);
        var places = freezers.Where(f => f.Widest.Value >= widest).Sum(f => f.Places);
        return places >= Plan.ToFreeze ? null
            : places == 0 ? "The widest of them does not go into your freezer."
            : $"Your freezer takes {places} of these at once: freeze the rest once those are hard and stacked.";
    }

    /// <summary>What is to be said of a thickness; none where it is right.</summary>
    public string? ThicknessSays(ShellRow row)
    {
        var family = Plan.Wish.Family;
        if (family.BadThickness is not { } bad)
            return null;
        var usual = family.UsualThickness(row.Order.Pan);
        var thick = Plan.Wish.For(row.Order.Pan).Thickness.Value;
        return thick < usual.Low - 0.25 ? bad.Thin : thick > usual.High + 0.25 ? bad.Thick : null;
    }

    private sealed record RowFigure(string Id, IWorked Of) : IWorked
    {
        public string Name => Of.Name;

        public Quantity Amount => Of.Amount;

        public string Formula => Of.Formula;

        public IReadOnlyList<Term> Terms => Of.Terms;
    }
}
