using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Trials;

/// <summary>The planned trials, and how they stand.</summary>
public sealed class IndexModel(TrialDesk desk, Preferences baker) : PageModel
{
    /// <summary>The newest first.</summary>
    public IReadOnlyList<TrialStanding> All { get; private set; } = [];

    /// <summary>What could be tried next, pie by pie.</summary>
    public IReadOnlyList<TrialIdea> Ideas { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Shows them.</summary>
    public async Task OnGetAsync(CancellationToken cancel)
    {
        All = await desk.AllAsync(cancel);
        Ideas = await desk.IdeasAsync(cancel);
    }
}
