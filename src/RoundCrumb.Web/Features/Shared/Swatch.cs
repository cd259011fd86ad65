using Microsoft.AspNetCore.Html;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Shared;

/// <summary>A small upright patch in the colour of a real part: drawn, since the pages allow no styles in their markup.</summary>
public static class Swatch
{
    /// <summary>The patch; an empty frame where there is no colour.</summary>
    /// <param name="tint">A colour as drawings have it; empty for none.</param>
    public static IHtmlContent Of(string tint) => new HtmlString(
        "<svg class=\"sw\" viewBox=\"0 0 14 26\" aria-hidden=\"true\"><rect x=\"0.75\" y=\"0.75\" width=\"12.5\" height=\"24.5\" rx=\"4\""
            + (tint.Length > 0 ? $" fill=\"{Svg.Text(tint)}\" class=\"food\"" : "") + "/></svg>");
}
