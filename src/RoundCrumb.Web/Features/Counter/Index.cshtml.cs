using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Runs;
using RoundCrumb.Web.Features.Bench;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Counter;

/// <summary>A pie on the counter.</summary>
/// <param name="Pie">As kept; none for a pie to start from.</param>
/// <param name="Name">Its name.</param>
/// <param name="Address">Where it opens.</param>
/// <param name="Sums">Its sums.</param>
public sealed record ShelfPie(SavedPie? Pie, string Name, string Address, Assessment Sums)
{
    /// <summary>The gravest thing to say of it, if anything is graver than worth knowing.</summary>
    public Finding? Worst => Sums.Advice.FirstOrDefault(f => f.Severity <= Severity.Disappoints && !f.IsKnown);
}

/// <summary>A bake on the counter.</summary>
/// <param name="Bake">As kept.</param>
/// <param name="Done">Ticks made.</param>
/// <param name="Of">Ticks there are.</param>
public sealed record ShelfBake(Bake Bake, int Done, int Of);

/// <summary>The counter: saved pies and the last bakes.</summary>
public sealed class IndexModel(
    PieShelf shelf, BakeBook bakes, RunBook runs, BenchDesk desk, KitchenClock clock, CompositionReader compositions, Preferences baker)
        : PageModel
{
    /// <summary>How many pies stand on a page: each is worked out and drawn.</summary>
    private const int AtOnce = 12;

    /// <summary>Which page it is; those kept last are on the first.</summary>
    public int Leaf { get; private set; } = 1;

    /// <summary>How many pages there are.</summary>
    public int Leaves { get; private set; } = 1;

    /// <summary>The saved pies, those kept last first.</summary>
    public IReadOnlyList<ShelfPie> Pies { get; private set; } = [];

    /// <summary>Pies to start from, while there are none.</summary>
    public IReadOnlyList<ShelfPie> Starters { get; private set; } = [];

    /// <summary>The last bakes.</summary>
    public IReadOnlyList<ShelfBake> Bakes { get; private set; } = [];

    /// <summary>What is under way at the bench.</summary>
    public IReadOnlyList<BenchView> UnderWay { get; private set; } = [];

    /// <summary>How many runs are shown with their clocks.</summary>
    private const int MostUnderWay = 4;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; private set; }

    /// <summary>A pie that was just deleted and can be brought back.</summary>
    public int? Deleted { get; private set; }

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

    /// <summary>Shows the counter.</summary>
    public Task OnGetAsync(int? deleted, int leaf, CancellationToken cancel)
    {
        Deleted = deleted;
        return ShowAsync(cancel, leaf);
    }

    /// <summary>Copies a pie.</summary>
    public async Task<IActionResult> OnPostDuplicateAsync(int id, CancellationToken cancel) =>
        await shelf.DuplicateAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect(Routes.Counter);

    /// <summary>Takes a pie off the counter.</summary>
    public async Task<IActionResult> OnPostDeleteAsync(int id, CancellationToken cancel) =>
        await shelf.DeleteAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect($"{Routes.Counter}?deleted={id}");

    /// <summary>Brings a deleted pie back.</summary>
    public async Task<IActionResult> OnPostRestoreAsync(int id, CancellationToken cancel) =>
        await shelf.RestoreAsync(id, cancel) is null ? await GoneAsync(cancel) : Redirect(Routes.Counter);

    /// <summary>Gives a pie another name.</summary>
    public async Task<IActionResult> OnPostRenameAsync(int id, int version, string? name, string? tags, CancellationToken cancel)
    {
        Typed = (name ?? "").Trim();
        NameTrouble = Compose.IndexModel.NameProblem(Typed)
            ?? (
                (tags ?? "").Length > Data.Recipes.Part.LongestTags
                    ? $"That is {tags!.Length} characters of tags; {Data.Recipes.Part.LongestTags} can be kept."
                    : null);
        if (NameTrouble is null)
        {
            var kept = await shelf.ChangeAsync(id, version, Typed, null, PartForm.TidyTags(tags ?? ""), cancel);
            switch (kept.Outcome)
            {
                case KeepOutcome.Kept:
                    return Redirect(Routes.Counter);
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
        await ShowAsync(cancel);
        return Page();
    }

    private async Task<IActionResult> GoneAsync(CancellationToken cancel)
    {
        Said = "That pie is no longer on the counter; it was deleted in another window.";
        await ShowAsync(cancel);
        return Page();
    }

    private async Task ShowAsync(CancellationToken cancel, int leaf = 1)
    {
        Shown = baker.Shown;
        Leaves = Math.Max(1, (await shelf.CountAsync(cancel) + AtOnce - 1) / AtOnce);
        Leaf = Math.Clamp(leaf, 1, Leaves);
        var pies = await shelf.ListAsync((Leaf - 1) * AtOnce, AtOnce, cancel: cancel);

        // A pie whose name was refused stands first, wherever it is otherwise.
        if (Renaming is { } id && await shelf.FindAsync(id, cancel) is { } renamed)
            pies = [renamed, .. pies.Where(p => p.Id != id)];

        var last = await bakes.LastAsync(8, cancel);
        var zone = await clock.ZoneAsync(cancel);
        var underWay = new List<BenchView>();
        foreach (var run in (await runs.UnderWayAsync(cancel)).Take(MostUnderWay))
        {
            if (await desk.OpenAsync(run.Id, cancel) is { } open)
                underWay.Add(new(open, "", zone, baker.Shown));
        }

        UnderWay = underWay;
        var kitchen = await compositions.KitchenAsync(cancel);
        var book = await compositions.BookAsync([.. pies.Select(p => p.Address), .. last.Select(b => b.Address)], cancel);
        Pies = [
            .. pies.Select(
                p => new ShelfPie(p, p.Name, $"{Routes.Compose}?{p.Address}{new Compose.OpenedFrom(p.Id, p.Version)}", Sums(p.Address)))
        ];
        Bakes = [
            .. last.Select(
                b =>
                    new ShelfBake(
                        b, b.Ticks.Count,
                        BatchSheet.Of(Assessment.Of(CompositionAddress.Read(b.Address, book).Composition, b.Pies, kitchen)).Ticks()
                            .Count()))
        ];
        if (Pies.Count == 0)
            Starters = [.. Start()];

        Assessment Sums(string address) => Assessment.Of(CompositionAddress.Read(address, book).Composition, 1, kitchen);
    }

    /// <summary>Three pies that work as they are: one baked, one half and half, one without an oven.</summary>
    private static IEnumerable<ShelfPie> Start()
    {
        Composition[] pies =
        [
            Composition.Usual,
            Composition.For(PanCupboard.TartTin25, CrustBook.PlainCrumb, FillingBook.BergamotCustard, Topping.Plain),
            Composition.For(PanCupboard.Springform20, CrustBook.PlainCrumb, FillingBook.HoneyCheese, Topping.None) is var cheese
                ? cheese with
                {
                    Crust = cheese.Crust with { Treatment = Treatment.Chilled },
                    Filling = cheese.Filling with { Line = new(25) },
                }
                : Composition.Usual,
        ];
        return pies.Select(
            c => new ShelfPie(null, Compose.IndexModel.Described(c), Routes.Compose + "?" + CompositionAddress.Write(c), Assessment.Of(c)));
    }
}
