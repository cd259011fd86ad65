using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Web.Drawing;
using RoundCrumb.Web.Features.Guide;

namespace RoundCrumb.Web.Features.Practice;

/// <summary>
/// A slice on its plate from the side, cut a minute ago: what is told apart is the outline of its face, at two metres and without colour.
/// </summary>
public static class CutDrawing
{
    /// <summary>The drawing, with what it shows in words for whoever cannot see it.</summary>
    /// <param name="stand">How the slice stands.</param>
    public static IHtmlContent Draw(SliceStand stand)
    {
        var svg = new StringBuilder();
        svg.Add($"<svg class=\"technique\" viewBox=\"0 0 120 84\" role=\"img\"><title>{Looks(stand)}</title>");
        Pencil.Line(svg, "M4 74 H116", 3);
        var filling = stand switch
        {
            SliceStand.Runs => "M40 62 H16 V44 Q30 46 44 54 Q66 62 88 66 Q110 70 110 74 H40Z",
            SliceStand.Leans => "M16 62 V26 Q50 24 72 32 Q96 44 100 62Z",
            SliceStand.Clean => "M16 62 V22 H78 Q86 22 87 30 L90 62Z",
            SliceStand.Sharp => "M16 62 V20 H88 V62Z",
            SliceStand.Stiff => "M16 62 V18 H88 L84 28 L90 36 L85 46 L89 54 L86 62Z",
        };
        Pencil.Path(svg, filling, Pencil.Custard);
        Pencil.Path(svg, "M8 14 H16 V64 H88 V72 H8Z", Pencil.Baked);
        if (stand is SliceStand.Stiff)
        {
            Pencil.Line(svg, "M30 18 L36 34 L32 44 M58 18 L54 30 L60 42 M74 62 L70 50", 2);
            Pencil.Line(svg, "M24 54 H44 M52 56 H66", 1.5);
        }

        return new HtmlString(svg.Append("</svg>").ToString());
    }

    /// <summary>What is seen, without the word for it.</summary>
    private static string Looks(SliceStand stand) => stand switch
    {
        SliceStand.Runs => "The filling runs off its crust and over the plate",
        SliceStand.Leans => "The face bulges and leans out over the end of the base",
        SliceStand.Clean => "The face stands nearly upright, its upper edge a little round",
        SliceStand.Sharp => "The face is flat and upright, its upper edge sharp",
        SliceStand.Stiff => "The face is ragged with cracks running into it",
    };
}
