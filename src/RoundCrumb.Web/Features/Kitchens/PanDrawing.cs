using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>A pan seen from above and cut through, both to the scale of its neighbours on the rack.</summary>
public static class PanDrawing
{
    /// <summary>Pixels to a millimetre on a wide screen; the same for every pan, so that they can be told apart by size.</summary>
    private const double Scale = 0.5;

    /// <summary>The drawing.</summary>
    public static IHtmlContent Draw(Pan pan, QuantityFormatter shown)
    {
        var tub = pan.Inside;
        var wall = pan.Material switch { PanMaterial.Glass => 4, PanMaterial.Ceramic => 5, PanMaterial.Foil => 1, _ => 2.0 };
        var rim = pan.HasRim ? 12 : 2;
        var half = tub.TopHalf + wall + rim;
        var length = half + tub.HalfExtra;
        const double Gap = 14;
        var high = (2 * half) + Gap + tub.Depth + wall + 4;
        var wide = 2 * length;
        var svg = new StringBuilder(1200);
        svg.Add(
            $"<svg class=\"cut rack-pan\" viewBox=\"0 0 {Svg.N(wide)} {Svg.N(high)}\" width=\"{Svg.N(wide * Scale)}\" "
                + $"height=\"{Svg.N(high * Scale)}\" role=\"img\" aria-label=\"{Svg.Text(Describe(pan, shown))}\">");
        Outline("pan", tub.TopHalf + wall + rim, wall + rim);
        Outline("pan-inside", tub.TopHalf, 0);
        if (pan.IsFluted)
            Outline("pan-flutes", tub.TopHalf, 0);
        if (pan.Kind is not PanKind.Ring)
            Outline("pan-base", tub.BaseHalf, 0);
        Section();
        return new HtmlString(svg.Append("</svg>").ToString());

        void Outline(string css, double h, double grown)
        {
            var corner = Math.Max(0, h - grown - tub.CornerCut) + grown;
            svg.Add(
                $"<rect class=\"{css}\" x=\"{Svg.N(length - h - tub.HalfExtra)}\" y=\"{Svg.N(half - h)}\" "
                    + $"width=\"{Svg.N(2 * (h + tub.HalfExtra))}\" height=\"{Svg.N(2 * h)}\" rx=\"{Svg.N(corner)}\"/>");
        }

        void Section()
        {
            var top = (2 * half) + Gap;
            var (a, b) = (tub.TopHalf + tub.HalfExtra, tub.BaseHalf + tub.HalfExtra);
            var floor = top + tub.Depth;
            var lip = pan.HasRim ? 12 : 0;
            var thick = lip > 0 ? wall : 0;
            if (pan.Kind is PanKind.Ring)
            {
                // A ring has no floor: two walls.
                foreach (var side in (int[])[-1, 1])
                    svg.Add(
                        $"<path class=\"pan\" d=\"M{Svg.N(length + (side * a))} "
                            + $"{Svg.N(top)}h{Svg.N(side * wall)}L{Svg.N(length + (side * (b + wall)))} "
                            + $"{Svg.N(floor)}h{Svg.N(-side * wall)}Z\"/>");
                return;
            }

            svg.Add(
                $"<path class=\"pan\" d=\"M{Svg.N(length - a - wall - lip)} {Svg.N(top)}H{Svg.N(length - a)}L{Svg.N(length - b)} "
                    + $"{Svg.N(floor)}H{Svg.N(length + b)}L{Svg.N(length + a)} "
                    + $"{Svg.N(top)}H{Svg.N(length + a + wall + lip)}v{Svg.N(thick)}h{Svg.N(-lip)}");
            svg.Add(
                $"L{Svg.N(length + b + wall)} {Svg.N(floor + wall)}H{Svg.N(length - b - wall)}L{Svg.N(length - a - wall)} "
                    + $"{Svg.N(top + thick)}h{Svg.N(-lip)}Z\"/>");
        }
    }

    /// <summary>A pan in words: its sizes inside, and what it holds.</summary>
    public static string Describe(Pan pan, QuantityFormatter shown)
    {
        var across = shown.Say(pan.Top.AsQuantity());
        var size = pan.Length is { } length && length != pan.Top
            ? $"{shown.Say(length.AsQuantity())} × {across}"
            : pan.IsRound ? $"{across} across"
            : $"{across} square";
        return $"{pan.Name}: {size} at the rim, {shown.Say(pan.Base.AsQuantity())} at the base, {shown.Say(pan.Depth.AsQuantity())} "
            + $"deep, holds {shown.Say(pan.Inside.Volume.AsQuantity())}";
    }
}
