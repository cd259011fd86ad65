using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Box;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Features.Compose;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Pies;

/// <summary>The saved pies as drawn cuts at one scale, and the parts beside them.</summary>
public sealed class IndexModel(PieShelf shelf, RecipeBox box, PieList list, PartList parts, PanRack rack, Preferences baker) : PageModel
{
    /// <summary>Which are asked for.</summary>
    public PieFilter Filter { get; private set; } = new();

    /// <summary>The pies.</summary>
    public PiePage Found { get; private set; } = new([], 1, 1, 0, false);

    /// <summary>The scale of their drawings.</summary>
    public CutScale Scale { get; private set; }

    /// <summary>The parts.</summary>
    public IReadOnlyList<PartRow> Parts { get; private set; } = [];

    /// <summary>Tags to choose from.</summary>
    public IReadOnlyList<string> Tags { get; private set; } = [];

    /// <summary>Pans to choose from, the kitchen’s own first.</summary>
    public IReadOnlyList<(string Key, string Name)> Pans { get; private set; } = [];

    /// <summary>The baker’s units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>A pie that was just deleted and can be brought back.</summary>
    public int? Deleted { get; private set; }

    /// <summary>A part that was just deleted and can be brought back.</summary>
    public int? DeletedPart { get; private set; }

    /// <summary>The pie whose new name could not be used.</summary>
    public int? Renaming { get; private set; }

    /// <summary>The new name as typed.</summary>
    public string Typed { get; private set; } = "";

    /// <summary>The tags as typed.</summary>
    public string TypedTags { get; private set; } = "";

    /// <summary>The version that the name and tags were typed over.</summary>
    public int Seen { get; private set; }

    /// <summary>Both versions, where somebody else has renamed it meanwhile.</summary>
    public Elsewhere? Elsewhere { get; private set; }

    /// <summary>Why it could not be used.</summary>
    public string? NameTrouble { get; private set; }

    /// <summary>Something to say at the top, if anything.</summary>
    public string? Said { get; private set; }

    /// <summary>Lists them.</summary>
    public async Task<IActionResult> OnGetAsync(
        int? gone, int? deleted, int leaf, int? brought, int pies, int here, int near, int unfit, List<string>? left,
        CancellationToken cancel)
    {
        (Deleted, DeletedPart) = (gone, deleted);
        Said = brought is { } many ? ImportedWords(many, pies, here, near, unfit, [.. (left ?? []).OfType<string>().Where(n =>
            n.Length > 0)]) : null;
        await ShowAsync(leaf, cancel);
        return Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true"
            ? Partial("_Found", this)
            : Page();
    }

    /// <summary>Copies a pie.</summary>
    public async Task<IActionResult> OnPostDuplicateAsync(int id, CancellationToken cancel) =>
        await shelf.DuplicateAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect(Routes.Pies);

    /// <summary>Deletes a pie.</summary>
    public async Task<IActionResult> OnPostDeleteAsync(int id, CancellationToken cancel) =>
        await shelf.DeleteAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect($"{Routes.Pies}?gone={id}");

    /// <summary>Brings a deleted pie back.</summary>
    public async Task<IActionResult> OnPostRestoreAsync(int id, CancellationToken cancel) =>
        await shelf.RestoreAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect(Routes.Pies);

    /// <summary>Brings a deleted part back.</summary>
    public async Task<IActionResult> OnPostRestorePartAsync(int id, CancellationToken cancel) =>
        await box.RestoreAsync(id, cancel) is null ? NotFound() : Redirect(Routes.Pies);

    /// <summary>Gives a pie another name and other tags.</summary>
    public async Task<IActionResult> OnPostRenameAsync(int id, int version, string? name, string? tags, CancellationToken cancel)
    {
        Typed = (name ?? "").Trim();
        NameTrouble = Compose.IndexModel.NameProblem(Typed)
            ?? ((tags ?? "").Length > Part.LongestTags
                ? $"That is {tags!.Length} characters of tags; {Part.LongestTags} can be kept."
                : null);
        if (NameTrouble is null)
        {
            var kept = await shelf.ChangeAsync(id, version, Typed, null, PartForm.TidyTags(tags ?? ""), cancel);
            switch (kept.Outcome)
            {
                case KeepOutcome.Kept:
                    return Redirect(Routes.Pies);
                case KeepOutcome.Gone:
                    return await GoneAsync(cancel);
                case KeepOutcome.NameTaken:
                    NameTrouble = "Another pie has that name already.";
                    break;
                default:
                    Elsewhere = Elsewhere.Of(
                        "This pie", [new("Name", Typed, kept.Pie!.Name), new("Tags", PartForm.TidyTags(tags ?? ""), kept.Pie.Tags)]);
                    version = kept.Pie.Version;
                    break;
            }
        }

        (Renaming, TypedTags, Seen) = (id, tags ?? "", version);
        await ShowAsync(1, cancel);
        return Page();
    }

    /// <summary>Where a pie opens.</summary>
    public static string Open(PieRow row) => $"{Routes.Compose}?{row.Pie.Address}{new OpenedFrom(row.Pie.Id, row.Pie.Version)}";

    /// <summary>The verdict on a pie in a word, with its mark and its class.</summary>
    public static (string Mark, string Word, string Css) VerdictOf(PieRow row) => Verdict.Of(row.Sums) switch
    {
        PairVerdict.Well => ("✓", "Good", "good"),
        PairVerdict.WithAChange => ("!", "One thing to mend", "disappoints"),
        PairVerdict.Poorly => ("!", "Will disappoint", "disappoints"),
        PairVerdict.Not => ("✕", "Cannot be made so", "stops"),
    };

    /// <summary>The address of another page of the same list.</summary>
    public string At(int leaf) => Routes.Pies + QueryString.Create(
        Request.Query.Where(q => q.Key is not ("leaf" or "gone" or "deleted" or "handler"))
            .Select(q => KeyValuePair.Create(q.Key, (string?)q.Value.ToString()))
            .Append(KeyValuePair.Create<string, string?>("leaf", leaf.ToString(CultureInfo.InvariantCulture))));

    /// <summary>The families of filling to choose from.</summary>
    public static IEnumerable<FillingFamily> Families => FillingFamilies.All;

    private static string ImportedWords(int parts, int pies, int here, int near, int unfit, List<string> left)
    {
        static string Counted(int n, string one) => $"{n} {one}{(n == 1 ? "" : "s")}";
        return $"Imported: {Counted(parts, "part")} and {Counted(pies, "pie")}."
            + (here > 0 ? $" {here} {(here == 1 ? "was" : "were")} here already and {(here == 1 ? "is" : "are")} not kept twice." : "")
            + (near > 0 ? $" In {Counted(near, "pie")} a measure could not be used as it was written, and is as usual now." : "")
            + (unfit > 0
                ? $" {Counted(unfit, "pie")} {(unfit == 1 ? "names a part" : "name parts")} that is not here or can’t be used as it is: "
                    + "open it to choose another."
                : "")
            + (left.Count > 0
                ? " In no pie, and kept among the parts: "
                    + $"{string.Join(", ", left.Take(20).Select(n => n.Length > 80 ? n[..80] + "…" : n))}."
                : "");
    }

    private async Task<IActionResult> GoneAsync(CancellationToken cancel)
    {
        Said = "That pie is no longer here; it was deleted in another window.";
        await ShowAsync(1, cancel);
        return Page();
    }

    private async Task ShowAsync(int leaf, CancellationToken cancel)
    {
        Filter = PieFilter.Read(f => Request.Query[f]);
        Found = await list.FindAsync(Filter, leaf, cancel);

        // A pie whose name was refused stands first, wherever it is otherwise.
        if (Renaming is { } id && await list.OneAsync(id, cancel) is { } renamed)
            Found = Found with { Rows = [renamed, .. Found.Rows.Where(r => r.Pie.Id != id)] };
        Scale = CutSlice.ScaleOf(Found.Rows.Select(r => r.Sums));
        Parts = await parts.FindAsync(Filter.Words, Filter.Tag, Shown, cancel);
        Tags = await box.TagsAsync(cancel);
        var own = (await rack.AllAsync(cancel)).Select(p => (p.Pan.Key, p.Pan.Name));
        Pans = [.. own.Concat(PanCupboard.All.Select(p => (p.Key, p.Name))).DistinctBy(p => p.Key)];
    }
}
