using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Box;

/// <summary>One line of the box.</summary>
/// <param name="Group">What it stands under.</param>
/// <param name="Kind">Its kind, in a word.</param>
/// <param name="Name">Its name.</param>
/// <param name="Href">Where it opens.</param>
/// <param name="What">What is known of it, in a few words.</param>
/// <param name="Tags">Its tags.</param>
public sealed record BoxRow(string Group, string Kind, string Name, string Href, string What, IReadOnlyList<string> Tags);

/// <summary>The recipe box: parts and whole pies, with a search over everything.</summary>
public sealed class IndexModel(RecipeBox box, PieShelf shelf, Search search, CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>Rows of one kind that are listed at most; the rest is found by searching.</summary>
    private const int MostRows = 30;

    /// <summary>What a search finds at most; a letter more finds what is meant.</summary>
    private const int MostHits = 40;

    /// <summary>What is searched for.</summary>
    public string Q { get; private set; } = "";

    /// <summary>crust, filling, topping, pie, or everything.</summary>
    public string Show { get; private set; } = "";

    /// <summary>The tag that is asked for.</summary>
    public string Tag { get; private set; } = "";

    /// <summary>changed, name or kind.</summary>
    public string Sort { get; private set; } = "changed";

    /// <summary>Tags to choose from.</summary>
    public IReadOnlyList<string> Tags { get; private set; } = [];

    /// <summary>What is shown.</summary>
    public IReadOnlyList<BoxRow> Rows { get; private set; } = [];

    /// <summary>Groups of which there is more than is shown.</summary>
    public IReadOnlySet<string> More { get; private set; } = new HashSet<string>();

    /// <summary>A part that was just deleted and can be brought back.</summary>
    public int? Deleted { get; private set; }

    /// <summary>Something to say at the top, if anything.</summary>
    public string? Said { get; private set; }

    /// <summary>Lists or searches.</summary>
    public async Task<IActionResult> OnGetAsync(
        string? q, string? show, string? tag, string? sort, int? deleted, int? brought, int pies, int here, int near,
        CancellationToken cancel)
    {
        (Q, Deleted) = ((q ?? "").Trim(), deleted);
        if (Q.Length > 100)
            Q = Q[..100];
        Show = show is "crust" or "filling" or "topping" or "pie" ? show : "";
        Sort = sort is "name" or "kind" ? sort : "changed";
        Tag = tag is { Length: <= 60 } ? tag : "";
        Said = brought is { } parts ? ImportedWords(parts, pies, here, near) : null;
        var partial = Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true";
        Rows = Q.Length > 0 ? await SearchAsync(cancel) : await ListAsync(cancel);
        if (partial)
            return Partial("_Found", this);
        Tags = await box.TagsAsync(cancel);
        return Page();
    }

    private static string ImportedWords(int parts, int pies, int here, int near)
    {
        static string Counted(int n, string one) => $"{n} {one}{(n == 1 ? "" : "s")}";
        return $"Imported: {Counted(parts, "part")} and {Counted(pies, "pie")}."
            + (here > 0 ? $" {here} {(here == 1 ? "was" : "were")} here already and {(here == 1 ? "is" : "are")} not kept twice." : "")
            + (near > 0 ? $" In {Counted(near, "pie")} something could not be used as it was written, and is as usual now." : "");
    }

    /// <summary>Brings a deleted part back.</summary>
    public async Task<IActionResult> OnPostRestoreAsync(int id, CancellationToken cancel) =>
        await box.RestoreAsync(id, cancel) is null ? NotFound() : Redirect(Routes.Box);

    private async Task<IReadOnlyList<BoxRow>> SearchAsync(CancellationToken cancel)
    {
        var hits = await search.FindAsync(Q, MostHits, cancel);
        var recipes = (await box.RecipesAsync([.. await CurrentIdsAsync(hits, cancel)], cancel)).ToDictionary(
            r => RecipeBox.Parse(r.Id)!.Value.Part);
        var rows = new List<BoxRow>();
        foreach (var hit in hits)
        {
            var near = hit.Near.Contains('[', StringComparison.Ordinal)
                ? hit.Near.Replace("[", "", StringComparison.Ordinal).Replace("]", "", StringComparison.Ordinal).ReplaceLineEndings(" · ")
                : "";
            switch (hit.Kind)
            {
                case "part" when int.TryParse(hit.Ref, out var id) && recipes.TryGetValue(id, out var part) && Shows(part.Kind):
                    rows.Add(new("Your parts", part.Kind.ToString(), hit.Name, Routes.Part(id), near.Length > 0 ? near : What(part), []));
                    break;
                case "shipped" when ShippedParts.Find(hit.Ref) is { } part && Shows(part.Kind):
                    rows.Add(
                        new(
                            "Comes with Round Crumb", part.Kind.ToString(), hit.Name, $"{Routes.NewPart}?from={hit.Ref}",
                            near.Length > 0 ? near : What(part), []));
                    break;
                case "pie" when Show is "" or "pie":
                    rows.Add(new("Whole pies", "Pie", hit.Name, $"{Routes.Compose}?pie={hit.Ref}", "", []));
                    break;
                case "bake" when Show.Length == 0:
                    rows.Add(
                        new(
                            "Bakes", "Bake", hit.Name, Routes.Log(int.Parse(hit.Ref, System.Globalization.CultureInfo.InvariantCulture)),
                            near, []));
                    break;
                case "ingredient" when Show.Length == 0:
                    rows.Add(new("Pantry", "Ingredient", hit.Name, Routes.Ingredient(hit.Ref), near, []));
                    break;
                default:
                    break;
            }
        }

        string[] order = ["Your parts", "Whole pies", "Comes with Round Crumb", "Bakes", "Pantry"];
        return [.. rows.OrderBy(r => Array.IndexOf(order, r.Group))];

        bool Shows(PartKind kind) => Show.Length == 0 || Show.Equals(kind.ToString(), StringComparison.OrdinalIgnoreCase);
    }

    private async Task<IEnumerable<string>> CurrentIdsAsync(IReadOnlyList<SearchHit> hits, CancellationToken cancel)
    {
        var ids = hits.Where(h => h.Kind == "part" && int.TryParse(h.Ref, out _))
            .Select(h => int.Parse(h.Ref, System.Globalization.CultureInfo.InvariantCulture)).ToList();
        return (await box.CurrentAsync(ids, cancel)).Select(c => RecipeBox.IdOf(c.Part, c.Version));
    }

    private async Task<IReadOnlyList<BoxRow>> ListAsync(CancellationToken cancel)
    {
        var rows = new List<BoxRow>();
        var more = new HashSet<string>();
        if (Show != "pie")
        {
            PartKind? kind = Enum.TryParse<PartKind>(Show, ignoreCase: true, out var k) ? k : null;
            var parts = await box.ListAsync(
                kind, Tag, Sort switch { "name" => BoxSort.Name, "kind" => BoxSort.Kind, _ => BoxSort.Changed }, MostRows + 1,
                cancel: cancel);
            if (parts.Count > MostRows)
                more.Add("Your parts");
            var shown = parts.Take(MostRows).ToList();
            var recipes = (await box.RecipesAsync([.. shown.Select(p => RecipeBox.IdOf(p.Id, p.Current))], cancel)).ToDictionary(r => r.Id);
            rows.AddRange(
                shown.Select(
                    p =>
                        new BoxRow(
                            "Your parts", p.Kind.ToString(), p.Name, Routes.Part(p.Id),
                            recipes.TryGetValue(RecipeBox.IdOf(p.Id, p.Current), out var r) ? What(r) : "", Split(p.Tags))));
        }

        if (Show is "" or "pie")
        {
            var pies = await shelf.ListAsync(0, MostRows + 1, Tag, Sort == "name", cancel);
            var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
            if (pies.Count > MostRows)
                more.Add("Whole pies");
            rows.AddRange(pies.Take(MostRows).Select(p =>
            {
                var c = Core.Composing.CompositionAddress.Read(p.Address, book).Composition;
                return new BoxRow(
                    "Whole pies", "Pie", p.Name, $"{Routes.Compose}?{p.Address}{new Compose.OpenedFrom(p.Id, p.Version)}",
                    $"{c.Filling.Formula.Name.ToLowerInvariant()} in {c.Crust.Family.Name.ToLowerInvariant()}, "
                        + $"{c.Pan.Name.ToLowerInvariant()}",
                    Split(p.Tags));
            }));
        }

        if (Show != "pie" && Tag.Length == 0)
        {
            rows.AddRange(
                ShippedParts.All.Where(p => Show.Length == 0 || Show.Equals(p.Kind.ToString(), StringComparison.OrdinalIgnoreCase))
                .Select(p =>
                        new BoxRow("Comes with Round Crumb", p.Kind.ToString(), p.Name, $"{Routes.NewPart}?from={p.Id}", What(p), [])));
        }

        More = more;
        return rows;
    }

    private static string[] Split(string tags) => tags.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>The one or two figures that tell a part from its neighbours.</summary>
    private string What(PartRecipe part)
    {
        if (part.Trouble.Exists)
            return "not for a pie yet: " + part.Trouble.Says;
        var facts = PartFacts.Of(part);
        var s = baker.Shown;
        return part.Kind switch
        {
            PartKind.Filling =>
                $"{PartFamilies.NameOf(part.Kind, part.FamilyId).ToLowerInvariant()}, {s.Say(facts.Yield!.Amount)}, {facts.Cut!.Name}",
            PartKind.Crust when CrustBook.Find(part.FamilyId) is CrumbFamily => "pressed crumb" + Fat(facts, "of crumbs"),
            PartKind.Crust => PartFamilies.NameOf(part.Kind, part.FamilyId).ToLowerInvariant() + Fat(facts, "of flour"),
            _ => "holds " + s.Say(part.AsTopping()!.Holds.AsQuantity()),
        };

        string Fat(PartFacts f, string of) => f.Checks.Count > 0 ? $", fat {s.Say(f.Checks[0].Ratio.Amount)} {of}" : "";
    }
}
