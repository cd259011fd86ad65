using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Box;

/// <summary>Two versions of a part, line by line.</summary>
public sealed class CompareModel(RecipeBox box, Preferences baker) : PageModel
{
    /// <summary>The part.</summary>
    public int Id { get; private set; }

    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The earlier version.</summary>
    public int A { get; private set; }

    /// <summary>The later version.</summary>
    public int B { get; private set; }

    /// <summary>What differs.</summary>
    public VersionComparison Comparison { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Compares two versions.</summary>
    public async Task<IActionResult> OnGetAsync(int id, int a, int b, CancellationToken cancel)
    {
        var part = await box.FindAsync(id, cancel: cancel);
        var recipes = await box.RecipesAsync([OwnPartId.Of(id, a), OwnPartId.Of(id, b)], cancel);
        if (part is null || recipes.FirstOrDefault(r => r.Id == OwnPartId.Of(id, a)) is not { } before
                || recipes.FirstOrDefault(r => r.Id == OwnPartId.Of(id, b)) is not { } after)
            return NotFound();
        (Id, Name, A, B) = (id, part.Name, a, b);
        Comparison = VersionComparison.Of(before, after);
        return Page();
    }

    /// <summary>A line in a few words.</summary>
    public string Say(RecipeLine line) => (line.Grams is { } g ? Shown.Weigh(new Grams(g), line.Ingredient) : "to taste")
        + (line.Note.Length > 0 ? ", " + line.Note : "") + (line.GoesIn is GoesIn.WhippedAndFolded ? " (whipped)" : "")
            + (line.Optional ? " (optional)" : "");

    /// <summary>What became of a line.</summary>
    public string So(ComparedLine line) => line.Change switch
    {
        LineChange.Same => "same",
        LineChange.Added => "added",
        LineChange.Removed => "left out",
        _ when Math.Abs(line.Difference) < 0.05 => "other words",
        _ => (line.Difference > 0 ? "+ " : "− ") + Shown.Weigh(new Grams(Math.Abs(line.Difference)), line.Ingredient),
    };

    /// <summary>The facts side by side.</summary>
    public IEnumerable<(string Name, string Before, string After)> Facts()
    {
        var (a, b) = (Comparison.Before, Comparison.After);
        yield return ("Weighs", Shown.Say(a.Total.Amount), Shown.Say(b.Total.Amount));
        if (a.Yield is not null || b.Yield is not null)
            yield return ("Gives", a.Yield is null ? "–" : Shown.Say(a.Yield.Amount), b.Yield is null ? "–" : Shown.Say(b.Yield.Amount));
        if (a.Set is not null || b.Set is not null)
            yield return ("Cut", Cut(a), Cut(b));
        yield return ("Sugars", Shown.Say(a.Sugars.Amount), Shown.Say(b.Sugars.Amount));
        yield return ("Fat", Shown.Say(a.Fat.Amount), Shown.Say(b.Fat.Amount));
        yield return ("Contains", Names(a), Names(b));

        string Cut(PartFacts f) => f.Set is null ? "–" : $"{f.Cut!.Name}, {Shown.Say(f.Set.Amount)}";
        static string Names(PartFacts f) =>
            f.Part.Contains is { Count: > 0 } names ? string.Join(", ", names) : "none named";
    }
}
