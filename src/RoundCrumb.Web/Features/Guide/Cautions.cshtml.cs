using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>All cautions in one place, by what can hurt.</summary>
public sealed class CautionsModel(Preferences baker) : PageModel
{
    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;
}
