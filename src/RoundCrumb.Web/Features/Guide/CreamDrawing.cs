using System.Text;
using RoundCrumb.Core.Methods;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>Cream in its bowl, stage by stage.</summary>
internal static class CreamDrawing
{
    public static void Draw(StringBuilder svg, CreamStage stage)
    {
        switch (stage)
        {
            case CreamStage.Ribbons:
                Path(svg, "M18 54 Q40 46 60 54 Q80 62 102 54 Q98 73 60 73 Q22 73 18 54Z", Cream);
                Line(svg, "M30 58 Q60 50 90 60 M36 65 Q60 58 84 66", 1.5);
                break;
            case CreamStage.SoftPeak:
                Path(svg, "M18 56 Q38 52 46 38 Q54 24 70 26 Q80 32 70 38 Q66 48 102 56 Q98 73 60 73 Q22 73 18 56Z", Cream);
                break;
            case CreamStage.JustPastSoft:
                Path(svg, "M18 54 Q20 40 36 38 Q38 26 52 26 Q58 14 66 24 Q82 26 84 38 Q100 40 102 54 Q98 73 60 73 Q22 73 18 54Z", Cream);
                Line(svg, "M36 40 Q60 48 84 40 M50 28 Q60 34 72 28", 2);
                break;
            case CreamStage.Stiff:
                Path(svg, "M18 54 L28 36 L38 46 L48 20 L58 40 L66 8 L76 38 L86 26 L92 44 L102 54 Q98 73 60 73 Q22 73 18 54Z", Cream);
                Line(svg, "M66 12 L64 46 M48 24 L50 48 M86 30 L84 50", 1.5);
                break;
            case CreamStage.Grainy:
                Path(svg, "M18 60 H102 Q98 73 60 73 Q22 73 18 60Z", Butter);
                Strewn(svg, 34, 26, 94, 40, 66, 3.2, Butter);
                break;
        }

        Bowl(svg);
    }
}
