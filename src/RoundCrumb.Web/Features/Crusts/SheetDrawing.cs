using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Shells;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>Dough seen from above, one unit of the drawing to a millimetre: sheets with their discs, biscuits on a base.</summary>
public static class SheetDrawing
{
    /// <summary>Pixels to a millimetre on a wide screen; the same for every sheet.</summary>
    private const double Scale = 0.6;

    /// <summary>A rolled sheet with what is cut from it.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="plan">Its plan, which says what each disc is for.</param>
    /// <param name="number">Which sheet it is, from 1.</param>
    /// <param name="shown">The baker's units.</param>
    public static IHtmlContent Sheet(SheetCut sheet, ShellPlan plan, int number, QuantityFormatter shown)
    {
        var svg = new StringBuilder(2048);
        var size = $"{shown.Say(new Quantity(sheet.Width, Dimension.Length))} × {shown.Say(new Quantity(sheet.Length, Dimension.Length))}";
        var words = $"Sheet {number}, rolled {size}: "
            + string.Join(
                ", ",
                sheet.Discs.GroupBy(d => d.Row).Select(
                    g =>
                        $"{g.Count()} discs {shown.Say(new Quantity(g.First().Diameter, Dimension.Length))} across for the "
                            + $"{plan.Rows[g.Key].Order.Pan.Name}"));
        svg.Add(
            $"<svg class=\"cut sheet-cut\" viewBox=\"-2 -2 {Svg.N(sheet.Length + 4)} {Svg.N(sheet.Width + 4)}\" "
                + $"width=\"{Svg.N((sheet.Length + 4) * Scale)}\" role=\"img\" aria-label=\"{Svg.Text(words)}\">");
        svg.Add(
            $"<rect class=\"food dough\" width=\"{Svg.N(sheet.Length)}\" height=\"{Svg.N(sheet.Width)}\" rx=\"10\" "
                + $"fill=\"{plan.Wish.Family.Tint}\"/>");
        foreach (var disc in sheet.Discs)
        {
            var label = shown.Say(new Quantity(disc.Diameter, Dimension.Length));
            var cold = Cold(disc);
            svg.Add(
                $"<g class=\"{(cold ? "disc to-freeze" : "disc")}\" font-size=\"{Svg.N(Math.Min(26, disc.Diameter / 5))}\"><circle "
                    + $"cx=\"{Svg.N(disc.Middle.Y)}\" cy=\"{Svg.N(disc.Middle.X)}\" r=\"{Svg.N(disc.Diameter / 2)}\"/>");
            svg.Add($"<text x=\"{disc.Middle.Y}\" y=\"{disc.Middle.X}\">{Svg.Text(label)}");
            if (cold)
                svg.Add($"<tspan x=\"{disc.Middle.Y}\" dy=\"1.15em\">to freeze</tspan>");
            svg.Append("</text></g>");
        }

        return new HtmlString(svg.Append("</svg>").ToString());

        // The last of each pan's discs are those for the freezer.
        bool Cold(CutDisc disc)
        {
            var order = plan.Rows[disc.Row].Order;
            if (order.ToFreeze == 0)
                return false;
            var before = 0;
            foreach (var other in plan.Sheets.SelectMany(s => s.Discs).Where(d => d.Row == disc.Row))
            {
                if (other == disc)
                    break;
                before++;
            }

            return before >= order.Count - order.ToFreeze;
        }
    }

    /// <summary>Whole biscuits on the base of a pan, and how many stand round it.</summary>
    public static IHtmlContent Laid(LaidBiscuits laid, Pan pan, CrustChoice crust)
    {
        var tint = crust.Family.Tint;
        var tub = pan.Inside;
        var (wide, high) = (tub.BaseHalf + tub.HalfExtra + 6, tub.BaseHalf + 6);
        var svg = new StringBuilder(2048);
        svg.Add(
            $"<svg class=\"cut laid\" viewBox=\"{Svg.N(-wide)} {Svg.N(-high)} {Svg.N(2 * wide)} {Svg.N(2 * high)}\" "
                + $"width=\"{Svg.N(2 * wide)}\" role=\"img\" aria-label=\"{laid.Base.Count} biscuits lie on the base, {laid.Wall} stand "
                + $"round the wall\">");
        var corner = Math.Max(0, tub.BaseHalf - tub.CornerCut);
        svg.Add(
            $"<rect class=\"food gaps\" x=\"{Svg.N(-tub.BaseHalf - tub.HalfExtra)}\" y=\"{Svg.N(-tub.BaseHalf)}\" "
                + $"width=\"{Svg.N(2 * (tub.BaseHalf + tub.HalfExtra))}\" height=\"{Svg.N(2 * tub.BaseHalf)}\" rx=\"{Svg.N(corner)}\" "
                + $"fill=\"#a9824c\"/>");
        foreach (var spot in laid.Base)
            svg.Add(
                $"<circle class=\"food biscuit\" cx=\"{Svg.N(spot.X)}\" cy=\"{Svg.N(spot.Y)}\" "
                    + $"r=\"{Svg.N((laid.Diameter / 2) - 0.4)}\" fill=\"{tint}\"/>");
        if (laid.Wall > 0)
        {
            // Those that stand against the wall, seen from above: as long as they are wide, as wide as they are thick.
            var thick = crust.Thickness.Value;
            var half = tub.BaseHalf - (thick / 2);
            var each = tub.RoundFor(half) / laid.Wall;
            svg.Add(
                $"<rect class=\"upright\" x=\"{Svg.N(-half - tub.HalfExtra)}\" y=\"{Svg.N(-half)}\" "
                    + $"width=\"{Svg.N(2 * (half + tub.HalfExtra))}\" height=\"{Svg.N(2 * half)}\" "
                    + $"rx=\"{Svg.N(Math.Max(0, corner - (thick / 2)))}\" stroke=\"{tint}\" stroke-width=\"{Svg.N(thick)}\" "
                    + $"stroke-dasharray=\"{laid.Diameter - 1:0.##} {each - laid.Diameter + 1:0.##}\"/>");
        }

        return new HtmlString(svg.Append("</svg>").ToString());
    }
}
