using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;

namespace RoundCrumb.Web.Features.Trials;

/// <summary>The planned trials, and how they stand.</summary>
public sealed class IndexModel(TrialDesk desk) : PageModel
{
    /// <summary>The newest first.</summary>
    public IReadOnlyList<TrialStanding> All { get; private set; } = [];

    /// <summary>Shows them.</summary>
    public async Task OnGetAsync(CancellationToken cancel) => All = await desk.AllAsync(cancel);
}
