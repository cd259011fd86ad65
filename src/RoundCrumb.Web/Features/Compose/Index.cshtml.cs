using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>Compose: one pie.</summary>
public sealed class IndexModel(PieShelf shelf, BakeBook bakes, CompositionReader compositions, Preferences baker) : PageModel
{
    private InHand? _inHand;

    /// <summary>What is shown.</summary>
    public ComposeView View { get; private set; } = null!;

    /// <summary>The saved pie it was opened from, if any.</summary>
    public SavedPie? Saved { get; private set; }

    /// <summary>The name in the name field.</summary>
    public string Name { get; private set; } = "";

    /// <summary>How many to make, as typed.</summary>
    public string Pies { get; private set; } = "1";

    /// <summary>What is wrong with the name, if anything.</summary>
    public string? NameTrouble { get; private set; }

    /// <summary>Both versions, where somebody else has saved this pie meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>What is wrong with the number of pies, if anything.</summary>
    public string? PiesTrouble { get; private set; }

    /// <summary>Shows a composition; without one, a pie that works. A change over htmx gets only what changed.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        var opened = OpenedFrom.Of(Request.Query);
        var partial = Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true";
        if (!partial && opened is { } from)
        {
            Saved = await shelf.FindAsync(from.Pie, cancel);
            if (Saved is null)
                return NotFound();

            // The address always holds the whole composition, so that a reload or a shared link shows the same.
            if (!CompositionAddress.Fields.Any(f => Request.Query.ContainsKey(f)))
                return Redirect($"{Routes.Compose}?{Saved.Address}{new OpenedFrom(Saved.Id, Saved.Version)}");
            Name = Saved.Name;
        }

        var book = await compositions.OfferedAsync(Request.QueryString.Value ?? "", cancel);
        _inHand = await compositions.InHandAsync(f => Request.Query[f], cancel);
        View = new ComposeView(
            !CompositionAddress.Fields.Any(Request.Query.ContainsKey) && Picked is null ? new(Composition.Usual, [])
                : Read(FormField, book), baker.Shown, opened, book,
            await compositions.KitchenAsync(cancel))
        { InHand = _inHand, Open = Strata.Read(Request.Query["open"].LastOrDefault()), IsSwap = partial };
        if (Saved is not null && opened is { Seen: 0 } && View.Canonical == Saved.Address)
            View = new ComposeView(
                new(View.C, View.Troubles), baker.Shown, new OpenedFrom(Saved.Id, Saved.Version), book, View.Pie.Kitchen)
            { InHand = _inHand, Open = View.Open, IsSwap = partial };
        if (partial)
        {
            Response.Headers["HX-Push-Url"] = View.Here;
            return Partial("_Pie", View);
        }

        return Page();
    }

    /// <summary>Keeps the pie: a new one, or the one it was opened from.</summary>
    public async Task<IActionResult> OnPostSaveAsync(
        string? name, string? address, int? pie, int? version, bool asNew, CancellationToken cancel)
    {
        await ShowPostedAsync(name, address, pie, version, cancel);
        NameTrouble = NameProblem(Name);
        if (NameTrouble is not null)
            return Page();

        var kept = pie is { } id && !asNew
            ? await shelf.ChangeAsync(id, version ?? 0, Name, View.Canonical, cancel)
            : await shelf.AddAsync(Name, View.Canonical, cancel);
        switch (kept.Outcome)
        {
            case KeepOutcome.Kept:
                return Redirect(
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{Routes.Compose}?{View.Canonical}{new OpenedFrom(kept.Pie!.Id, kept.Pie.Version)}&kept=1"));
            case KeepOutcome.NameTaken:
                NameTrouble = $"You have a pie called “{Name}” already. Give this one another name.";
                break;
            case KeepOutcome.ChangedElsewhere:
                Saved = kept.Pie;
                View = new ComposeView(
                    new(View.C, []), baker.Shown, new OpenedFrom(kept.Pie!.Id, kept.Pie.Version), View.Book, View.Pie.Kitchen);
                Elsewhere = await ElsewhereAsync(kept.Pie, cancel);
                break;
            default:
                Saved = null;
                View = new ComposeView(new(View.C, []), baker.Shown, null, View.Book, View.Pie.Kitchen);
                NameTrouble = "This pie was deleted in another window. Yours is still here: save it as a new pie.";
                break;
        }

        return Page();
    }

    /// <summary>Makes a batch sheet for so many of these.</summary>
    public async Task<IActionResult> OnPostMakeAsync(
        string? name, string? address, int? pie, int? version, string? pies, CancellationToken cancel)
    {
        await ShowPostedAsync(name, address, pie, version, cancel);
        Pies = pies ?? "";
        if (!BakersNumber.TryRead(pies, out var count, out var unit) || unit.Length > 0 || count != Math.Floor(count)
                || count is < 1 or > BatchSheet.MostPies)
        {
            PiesTrouble = $"How many pies? A whole number from 1 to {BatchSheet.MostPies}.";
            return Page();
        }

        if (View.C.Missing is [var missing, ..])
        {
            PiesTrouble = $"{missing.Says} Choose one before a sheet is made of it.";
            return Page();
        }

        var title = NameProblem(Name) is null ? Name : Described(View.C);
        var bake = await bakes.StartAsync(title, View.Canonical, (int)count, cancel);
        return Redirect(Routes.Bake(bake.Id));
    }

    /// <summary>What is wrong with a name, or nothing.</summary>
    public static string? NameProblem(string name) => name.Length switch
    {
        0 => "Give the pie a name first.",
        > SavedPie.LongestName => $"That is {name.Length} characters; a name has {SavedPie.LongestName} at most.",
        _ => null,
    };

    /// <summary>A composition in a few words, for a pie without a name.</summary>
    public static string Described(Composition c) => $"{c.Filling.Formula.Name} in {c.Crust.Family.Name.ToLowerInvariant()}";

    /// <summary>The pie as it is kept now beside the one on the screen, part by part.</summary>
    private async Task<Elsewhere> ElsewhereAsync(SavedPie now, CancellationToken cancel)
    {
        var (yours, theirs) = (View.C, (await compositions.ReadAsync(now.Address, cancel)).Composition);
        var fields = new List<FieldElsewhere>
        {
            new("Name", Name, now.Name),
            new("Pan", yours.Pan.Name, theirs.Pan.Name),
            new("Crust", yours.Crust.Family.Name, theirs.Crust.Family.Name),
            new("Fillings", string.Join(", ", yours.Fillings.Select(f => f.Name)), string.Join(", ", theirs.Fillings.Select(f => f.Name))),
            new(
                "Toppings", string.Join(", ", yours.Toppings.Select(t => t.Topping.Name)),
                string.Join(", ", theirs.Toppings.Select(t => t.Topping.Name))),
        };
        var named = fields.Count(f => f.Yours != f.Now);
        if (named == 0 && View.Canonical != now.Address)
            fields.Add(new("Measures", "as on this screen", "others"));
        return Elsewhere.Of("This pie", fields);
    }

    private async Task ShowPostedAsync(string? name, string? address, int? pie, int? version, CancellationToken cancel)
    {
        Name = (name ?? "").Trim();
        if (Request.Form.TryGetValue("pies", out var many))
            Pies = many.ToString();
        Saved = pie is { } id ? await shelf.FindAsync(id, cancel) : null;
        var book = await compositions.OfferedAsync(address ?? "", cancel);
        View = new ComposeView(
            CompositionAddress.Read(address ?? "", book), baker.Shown, Saved is null ? null : new OpenedFrom(Saved.Id, version ?? 0), book,
            await compositions.KitchenAsync(cancel));
    }

    private ReadComposition Read(Func<string, string?> field, PartBook book) =>
        CompositionAddress.Read(field, Request.Query.ContainsKey("inches") ? LengthUnit.Inches : LengthUnit.Centimetres, book);

    /// <summary>What was picked from a list of parts: the field and its value.</summary>
    private (string Field, string Value)? Picked =>
        Request.Query["pick"].ToString().Split('=', 2) is [var name, var value] && CompositionAddress.Fields.Contains(name)
            ? (name, value)
            : null;

    /// <summary>A field of the form. One in inches that was left alone gives back the millimetres it stood for.</summary>
    private string? FormField(string name)
    {
        if (Picked is var (part, picked) && part == name)
            return picked;
        if (name == CompositionAddress.Make && _inHand?.Choice is { } batch)
            return CompositionAddress.NameOf(batch);
        if (!Request.Query.TryGetValue(name, out var values))
            return null;
        var typed = values.ToString();
        if (Request.Query.TryGetValue(name + ".as", out var shown) && shown.ToString().Split('|') is [var mm, var text] && text == typed)
            return mm + " mm";
        return typed;
    }
}
