using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Units;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Ingredients;

/// <summary>The pantry: what this kitchen has to do with, a shelf, or every ingredient that is known.</summary>
public sealed class IndexModel(CompositionReader compositions, PantryUse use, Preferences baker) : PageModel
{
    /// <summary>How it is asked for every shelf.</summary>
    public const string AllShelves = "all";

    /// <summary>What is searched for.</summary>
    public string Q { get; private set; } = "";

    /// <summary>The shelf that is asked for, <see cref="AllShelves"/>, or nothing for what is used here.</summary>
    public string Shelf { get; private set; } = "";

    /// <summary>True where this kitchen has to do with any of it yet.</summary>
    public bool IsUsed { get; private set; }

    /// <summary>What is shown.</summary>
    public IReadOnlyList<Ingredient> Ingredients { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Lists or searches.</summary>
    public async Task<IActionResult> OnGetAsync(string? q, string? shelf, CancellationToken cancel)
    {
        Q = (q ?? "").Trim() is { Length: <= 60 } text ? text : "";
        Shelf = Enum.TryParse<PantryShelf>(shelf, out var wanted) && Enum.IsDefined(wanted) ? wanted.ToString()
            : shelf == AllShelves ? AllShelves : "";
        var here = await use.IdsAsync(cancel);
        IsUsed = here.Count > 0;
        var isAll = Shelf == AllShelves || (Shelf.Length == 0 && (!IsUsed || Q.Length > 0));
        var all = (await compositions.KnownAsync(cancel)).All
            .Where(i => isAll || (Shelf.Length == 0 ? here.Contains(i.Id) : i.Shelf == wanted));
        if (Q.Length > 0)
        {
            var words = IngredientFinder.Key(Q).Split(' ', StringSplitOptions.RemoveEmptyEntries);
            all = all.Where(
                i =>
                    IngredientFinder.NamesOf(i).Select(IngredientFinder.Key)
                        .Any(n => words.All(w => (" " + n).Contains(" " + w, StringComparison.Ordinal))));
        }

        Ingredients = [
            .. all.OrderBy(i => i.Shelf).ThenBy(i => i.MakeupFrom is SourceKind.Baker ? 0 : 1).ThenBy(i => i.Name, StringComparer.Ordinal)
        ];
        return Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true"
            ? Partial("_Shelf", this)
            : Page();
    }

    /// <summary>What to mind of an ingredient, each in a few words.</summary>
    public static IEnumerable<string> Minds(Ingredient i)
    {
        if (i.MakeupFrom is SourceKind.Baker)
            yield return "yours";
        if (i.FromSlaughter)
            yield return "from an animal";
        if (i.Alcohol > 0.005)
            yield return "alcohol";
        if (i.ProteaseWhenRaw)
            yield return "raw, it destroys gelatine";
        if (i.Bloom > 0)
            yield return $"{i.Bloom:0} bloom";
        if (i.StarchEquivalent > 0)
            yield return i.StarchEquivalent >= 0.995 && i.StarchEquivalent <= 1.005
                ? "thickens"
                : FormattableString.Invariant($"thickens, {i.StarchEquivalent:0.##} of cornflour");
    }
}
