using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Pages.Compose;

/// <summary>Compose: one pie.</summary>
public sealed class IndexModel(PieShelf shelf, BakeBook bakes, Desk desk, Preferences baker) : PageModel
{
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

    /// <summary>What is wrong with the number of pies, if anything.</summary>
    public string? PiesTrouble { get; private set; }

    /// <summary>Shows a composition; without one, a pie that works. A change over htmx gets only what changed.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        Response.Headers.Vary = "HX-Request";
        var pieId = PieId(Request.Query["pie"]);
        var partial = Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true";
        if (!partial && pieId is { } id)
        {
            Saved = await shelf.FindAsync(id, cancel);
            if (Saved is null)
                return NotFound();

            // The address always holds the whole composition, so that a reload or a shared link shows the same.
            if (!CompositionAddress.Fields.Any(f => Request.Query.ContainsKey(f)))
                return Redirect(string.Create(CultureInfo.InvariantCulture, $"/compose?{Saved.Address}&pie={id}"));
            Name = Saved.Name;
        }

        var book = await desk.OfferedAsync(Request.QueryString.Value ?? "", cancel);
        View = new ComposeView(Request.Query.Count == 0 ? new(Composition.Usual, []) : Read(FormField, book), baker.Shown, pieId, book, await desk.KitchenAsync(cancel));
        if (partial)
        {
            Response.Headers["HX-Push-Url"] = View.Here;
            return Partial("_PieSwap", View);
        }

        return Page();
    }

    /// <summary>Keeps the pie: a new one, or the one it was opened from.</summary>
    public async Task<IActionResult> OnPostSaveAsync(string? name, string? address, int? pie, int? version, bool asNew, CancellationToken cancel)
    {
        await ShowPostedAsync(name, address, pie, cancel);
        NameTrouble = NameProblem(Name);
        if (NameTrouble is not null)
            return Page();

        var kept = pie is { } id && !asNew
            ? await shelf.ChangeAsync(id, version ?? 0, Name, View.Canonical, cancel)
            : await shelf.AddAsync(Name, View.Canonical, cancel);
        switch (kept.Outcome)
        {
            case KeepOutcome.Kept:
                return Redirect(string.Create(CultureInfo.InvariantCulture, $"/compose?{View.Canonical}&pie={kept.Pie!.Id}&kept=1"));
            case KeepOutcome.NameTaken:
                NameTrouble = $"You have a pie called “{Name}” already. Give this one another name.";
                break;
            case KeepOutcome.ChangedElsewhere:
                Saved = kept.Pie;
                NameTrouble = "This pie was changed in another window since you opened it. Yours is still here: save it as a new pie, or save again to replace the other.";
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
    public async Task<IActionResult> OnPostMakeAsync(string? name, string? address, int? pie, string? pies, CancellationToken cancel)
    {
        await ShowPostedAsync(name, address, pie, cancel);
        Pies = pies ?? "";
        if (!BakersNumber.TryRead(pies, out var count, out var unit) || unit.Length > 0 || count != Math.Floor(count) || count is < 1 or > BatchSheet.MostPies)
        {
            PiesTrouble = $"How many pies? A whole number from 1 to {BatchSheet.MostPies}.";
            return Page();
        }

        var title = NameProblem(Name) is null ? Name : Described(View.C);
        var bake = await bakes.StartAsync(title, View.Canonical, (int)count, cancel);
        return Redirect(string.Create(CultureInfo.InvariantCulture, $"/bakes/{bake.Id}"));
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

    private async Task ShowPostedAsync(string? name, string? address, int? pie, CancellationToken cancel)
    {
        Name = (name ?? "").Trim();
        Saved = pie is { } id ? await shelf.FindAsync(id, cancel) : null;
        var book = await desk.OfferedAsync(address ?? "", cancel);
        View = new ComposeView(CompositionAddress.Read(address ?? "", book), baker.Shown, Saved?.Id, book, await desk.KitchenAsync(cancel));
    }

    private ReadComposition Read(Func<string, string?> field, PartBook book) => CompositionAddress.Read(field, Request.Query.ContainsKey("inches") ? LengthUnit.Inches : LengthUnit.Centimetres, book);

    /// <summary>A field of the form. One in inches that was left alone gives back the millimetres it stood for.</summary>
    private string? FormField(string name)
    {
        if (!Request.Query.TryGetValue(name, out var values))
            return null;
        var typed = values.ToString();
        if (Request.Query.TryGetValue(name + ".as", out var shown) && shown.ToString().Split('|') is [var mm, var text] && text == typed)
            return mm + " mm";
        return typed;
    }

    private static int? PieId(string? text) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? id : null;
}
