using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Pouring;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Pouring;

/// <summary>
/// The pans of a plan seen from above, to one scale, in the order in which they are filled, each with what goes in and when to stop.
/// </summary>
public static class PourDrawing
{
    /// <summary>A table this wide holds the usual plan; one unit of the drawing is one millimetre.</summary>
    private const double Table = 1500;

    private const double Gap = 24;

    /// <summary>More pans than this are drawn as a row and a word.</summary>
    private const int MostDrawn = 60;

    /// <summary>The drawing.</summary>
    public static IHtmlContent Draw(PourPlan plan, QuantityFormatter shown, string address)
    {
        var pans = plan.Rows.SelectMany(r => r.StopAt.Select(stop => (Row: r, Stop: stop))).Take(MostDrawn).ToList();
        var svg = new StringBuilder(4096);
        var body = new StringBuilder(4096);
        double x = 0, y = 0, high = 0, wide = 0;
        for (var i = 0; i < pans.Count; i++)
        {
            var (row, stop) = pans[i];
            var tub = row.Order.Pan.Inside;
            var (half, length) = (tub.TopHalf + 4, tub.TopHalf + tub.HalfExtra + 4);
            if (x > 0 && x + (2 * length) > Table)
                (x, y, high) = (0, y + high + Gap, 0);
            var (cx, cy) = (x + length, y + half);
            Pan(body, row, cx, cy, plan.Formula.Tint);
            var size = Math.Clamp(half / 2.6, 13, 30);
            body.Add(
                $"<g font-size=\"{Svg.N(size)}\"><text class=\"pour-grams\" x=\"{Svg.N(cx)}\" "
                    + $"y=\"{Svg.N(cy - (size * 0.15))}\">{Link(row.Grams, shown.Say(row.Grams.Amount), address)}</text></g>");
            body.Add(
                $"<g font-size=\"{Svg.N(size * 0.72)}\"><text class=\"pour-stop\" x=\"{Svg.N(cx)}\" "
                    + $"y=\"{Svg.N(cy + size)}\">{Link(stop, "stop " + shown.Say(stop.Amount), address)}</text></g>");
            x += (2 * length) + Gap;
            high = Math.Max(high, 2 * half);
            wide = Math.Max(wide, x - Gap);
        }

        var words = string.Join("; ", plan.Rows.Select(r => $"{r.Order.Count} × {r.Order.Pan.Name}, {shown.Say(r.Grams.Amount)} each"));
        svg.Add(
            $"<svg class=\"cut pour\" viewBox=\"-4 -4 {Svg.N(Math.Max(wide, 420) + 8)} {Svg.N(y + high + 8)}\" role=\"group\" "
                + $"aria-label=\"{Svg.Text("From above, to one scale: " + words)}\">");
        return new HtmlString(svg.Append(body).Append("</svg>").ToString());
    }

    private static string Link(Worked<Core.Quantities.Grams> figure, string words, string address) =>
        $"<a href=\"{Routes.Working}?f={figure.Id}&amp;n=1&amp;{Svg.Text(address)}\" data-working>{Svg.Text(words)}</a>";

    private static void Pan(StringBuilder svg, PourRow row, double cx, double cy, string tint)
    {
        var tub = row.Order.Pan.Inside;
        Outline("pan", tub.TopHalf + 4, "");
        Outline("food", Math.Max(1, row.Lined.HalfAt(row.Depth.Value.Value)), $" fill=\"{tint}\"");

        void Outline(string css, double half, string more)
        {
            var corner = Math.Max(0, half - tub.CornerCut);
            svg.Add(
                $"<rect class=\"{css}\" x=\"{Svg.N(cx - half - tub.HalfExtra)}\" y=\"{Svg.N(cy - half)}\" "
                    + $"width=\"{Svg.N(2 * (half + tub.HalfExtra))}\" height=\"{Svg.N(2 * half)}\" rx=\"{Svg.N(corner)}\"{more}/>");
        }
    }
}
