using Microsoft.AspNetCore.Html;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Shared;

/// <summary>A small upright patch in the colour of a real part: drawn, since the pages allow no styles in their markup.</summary>
public static class Swatch
{
    /// <summary>The patch; an empty frame where there is no colour.</summary>
    /// <param name="tint">A colour as drawings have it; empty for none.</param>
    public static IHtmlContent Of(string tint) => new HtmlString(
        "<svg class=\"sw\" aria-hidden=\"true\"><rect" + (tint.Length > 0 ? $" fill=\"{Svg.Text(tint)}\" class=\"food\"" : "")
            + "/></svg>");
}
