using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Portioning;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Costing;

/// <summary>A pie from above with its cuts, in millimetres.</summary>
public static class PortionDrawing
{
    private const double Margin = 6;

    /// <summary>The drawing; printed it is as large as the pie.</summary>
    public static IHtmlContent Draw(PieCuts cuts, QuantityFormatter shown)
    {
        var tub = cuts.Outline;
        var (w, h) = (2 * (tub.TopHalf + tub.HalfExtra), 2 * tub.TopHalf);
        var words = cuts.Slices == 1
            ? $"A pie of {shown.Say(new Quantity(h, Dimension.Length))} that is served whole"
            : $"A pie of {shown.Say(new Quantity(h, Dimension.Length))} cut into {cuts.Slices}";
        var svg = new StringBuilder();
        svg.Add($"<svg class=\"portions\" viewBox=\"{-(w / 2) - Margin} {-(h / 2) - Margin} {w + (2 * Margin)} {h + (2 * Margin)}\" ");
        svg.Add($"width=\"{w + (2 * Margin)}mm\" height=\"{h + (2 * Margin)}mm\" role=\"img\" aria-label=\"{Svg.Text(words)}\">");
        var corner = tub.TopHalf - tub.CornerCut;
        svg.Add($"<rect class=\"pie\" x=\"{-w / 2}\" y=\"{-h / 2}\" width=\"{w}\" height=\"{h}\" rx=\"{corner}\"/>");
        foreach (var cut in cuts.Cuts)
            svg.Add($"<path class=\"knife\" d=\"M{cut.X1} {cut.Y1}L{cut.X2} {cut.Y2}\"/>");
        svg.Add($"</svg>");
        return new HtmlString(svg.ToString());
    }
}
