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

    /// <summary>Shows it.</summary>
    public async Task OnGetAsync(int? bake, CancellationToken cancel)
    {
        Case = await cases.ReadAsync(bake, Request.QueryString.Value ?? "", cancel);
        Faults =
        [
            .. FaultBook.All.Where(f => !Case.IsOfAPie || f.Fits(Case.Of.Pie.Composition)).GroupBy(f => f.Place).OrderBy(g => g.Key),
        ];
    }
}
