using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Faults;

namespace RoundCrumb.Web.Features.Diagnosis;

/// <summary>What is seen, tasted or felt: where the fault finder begins.</summary>
public sealed class IndexModel(FaultCases cases) : PageModel
{
    /// <summary>The bake or pie that it is opened from.</summary>
    public AskedCase Case { get; private set; } = null!;

    /// <summary>The faults that can be true of it, by part and moment.</summary>
    public IReadOnlyList<IGrouping<FaultPlace, Fault>> Faults { get; private set; } = [];

    /// <summary>What could be looked into; none where something is.</summary>
    public CaseChoices? Choices { get; private set; }

    /// <summary>Shows it, or goes on with the bake or pie that was chosen.</summary>
    public async Task<IActionResult> OnGetAsync(int? bake, string? which, CancellationToken cancel)
    {
        if (await cases.QueryOfAsync(which, cancel) is { } query)
            return Redirect($"{Routes.Faults}?{query}");
        Case = await cases.ReadAsync(bake, Request.QueryString.Value ?? "", cancel);
        Faults =
        [
            .. FaultBook.All.Where(f => Case.Of is not { } of || f.Fits(of.Pie.Composition)).GroupBy(f => f.Place).OrderBy(g => g.Key),
        ];
        Choices = Case.Of is null ? await cases.ChoicesAsync(which, cancel) : null;
        return Page();
    }
}
