using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>A part that can be picked.</summary>
/// <param name="Group">What it stands under.</param>
/// <param name="Value">Its value in the address.</param>
/// <param name="Name">Its name, in full.</param>
/// <param name="Facts">What is known of it, in a few words.</param>
/// <param name="Tint">Its colour; empty for none.</param>
public sealed record PartOption(string Group, string Value, string Name, string Facts, string Tint);

/// <summary>The parts that can stand in a field’s place, the baker’s own first, each with what becomes of this pie with it.</summary>
public sealed class PartsModel(CompositionReader compositions, Preferences baker) : PageModel
{
    private const string Own = "Your own";

    /// <summary>The field.</summary>
    public string Of { get; private set; } = "";

    /// <summary>The pie.</summary>
    public ComposeView View { get; private set; } = null!;

    /// <summary>What there is now.</summary>
    public string Now { get; private set; } = "";

    /// <summary>What can be picked, with how the pie goes then.</summary>
    public IReadOnlyList<(PartOption Part, PairVerdict Goes)> Parts { get; private set; } = [];

    /// <summary>Lists them.</summary>
    public async Task<IActionResult> OnGetAsync(string? of, CancellationToken cancel)
    {
        var address = Request.QueryString.Value ?? "";
        var book = await compositions.OfferedAsync(address, cancel);
        var kitchen = await compositions.KitchenAsync(cancel);
        View = new(CompositionAddress.Read(address, book), baker.Shown, OpenedFrom.Of(Request.Query), book, kitchen);
        if (Options(of ?? "", book) is not { } options)
            return NotFound();
        Of = of!;
        var fields = CompositionAddress.FieldsOf(View.Canonical);
        Now = fields.GetValueOrDefault(Of, "");
        var mark = CompositionAddress.UsualMark(View.C);
        Parts =
        [
            .. options.Select(o => (o, Verdict.Of(Assessment.Of(
                CompositionAddress.Read(
                    name => name == Of ? o.Value : name == CompositionAddress.Was ? mark : fields.GetValueOrDefault(name),
                    LengthUnit.Centimetres, book).Composition, 1, kitchen)))),
        ];
        return Request.Headers["HX-Request"] == "true" ? Partial("_Parts", this) : Page();
    }

    /// <summary>The address of the pie with a part picked, for whoever has no script.</summary>
    public string With(PartOption part) =>
        $"{View.AddressOf(View.Canonical)}&{CompositionAddress.Was}={Uri.EscapeDataString(CompositionAddress.UsualMark(View.C))}"
            + $"&pick={Uri.EscapeDataString(Of + "=" + part.Value)}";

    private static IEnumerable<PartOption>? Options(string field, PartBook book)
    {
        if (field == CompositionAddress.CrustField)
            return book.Crusts.Select(c =>
                new PartOption(IsOwn(c.Id) ? Own : ComposeView.GroupOf(c), c.Id, c.Name, "for " + c.For, c.Tint)).OrderBy(First);
        if (field == CompositionAddress.FillingField)
            return FillingFamilies.All.SelectMany(family => book.Fillings.Where(f => f.Family.Id == family.Id).Select(f => new PartOption(
                IsOwn(f.Id) ? Own : family.Name, f.Id, f.Name, family.NeedsNoOven ? "no oven" : "baked", f.Tint))).OrderBy(First);
        if (field == CompositionAddress.PanField)
            return book.Kitchen.Select(p => new PartOption(Own, p.Key, p.Name, p.Kind.Facts.Name, ""))
                .Concat(PanCupboard.All.Select(p => new PartOption(ComposeView.GroupOf(p.Kind), p.Id, p.Name, "", "")))
                .Append(new PartOption("Any other", PanCupboard.OwnId, "Another, by its measures", "across, deep, how much it holds", ""));
        if (Enumerable.Range(0, Composition.MostLayers).Select(CompositionAddress.OverAt).Prepend(CompositionAddress.First).Any(t =>
            t.Id == field))
            return book.Toppings.Where(t => t.Id != ToppingBook.Held.Id).Select(t => t.Id == Topping.None.Id
                    ? new PartOption("Nothing", t.Id, "Nothing on top", "", "")
                    : new PartOption(IsOwn(t.Id) ? Own : ToppingBook.NameOf(t.Kind), t.Id, t.Name, "", t.Tint)).OrderBy(First);
        if (Enumerable.Range(0, Composition.MostLayers).Any(i => CompositionAddress.UnderAt(i).Id == field))
            return book.Fillings.Where(f => f.Family.NeedsNoOven).Select(f =>
                new PartOption(IsOwn(f.Id) ? Own : "Another filling", f.Id, f.Name, f.Family.Name.ToLowerInvariant(), f.Tint))
                .Concat(PieceBook.All.Select(p =>
                    new PartOption("Fruit and nuts", p.Id, char.ToUpperInvariant(p.Name[0]) + p.Name[1..], "", "")))
                .Prepend(new PartOption("Nothing", "none", "Nothing beneath", "", "")).OrderBy(First);
        return null;

        static bool IsOwn(string id) => OwnPartId.Parse(id) is not null;
        static int First(PartOption o) => o.Group == Own ? 0 : o.Group == "Nothing" ? 1 : 2;
    }
}
