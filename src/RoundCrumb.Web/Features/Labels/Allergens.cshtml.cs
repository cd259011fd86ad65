using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Labelling;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Labels;

/// <summary>The allergens of a day's pies as a table for the wall.</summary>
[OfBakeDay]
public sealed class AllergensModel(DayLabels labels) : PageModel
{
    /// <summary>The day's labels.</summary>
    public OpenLabels View { get; private set; } = null!;

    /// <summary>Whose law.</summary>
    public LabelLaw Law { get; private set; }

    /// <summary>The groups of the law.</summary>
    public IReadOnlyList<(string Name, Allergens Of)> Groups => Law switch
    {
        LabelLaw.European => AllergenLaw.European,
        LabelLaw.American => AllergenLaw.American,
    };

    /// <summary>What of a group a pie has: each by name where the law wants that.</summary>
    public static string Of(OrderLabel label, Allergens group) =>
        string.Join(", ", AllergenWords.In(label.Label.Allergens & group).Select(AllergenWords.Of));

    /// <summary>Shows the table.</summary>
    public async Task<IActionResult> OnGetAsync(int id, LabelLaw law, CancellationToken cancel)
    {
        if (await labels.OpenAsync(id, cancel) is not { } view)
            return NotFound();
        (View, Law) = (view, Enum.IsDefined(law) ? law : LabelLaw.European);
        return Page();
    }
}
