using System.Text;
using RoundCrumb.Core.Methods;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>Crusts in the making, and the slice that they end as.</summary>
internal static class CrustDrawing
{
    public static void WaterInDough(StringBuilder svg, Taken taken)
    {
        Bowl(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M24 60 Q60 50 96 60 Q88 72 60 72 Q32 72 24 60Z", Cream);
                Strewn(svg, 26, 28, 92, 44, 66, 2.4, Dough);
                break;
            case Taken.Right:
                Path(svg, "M32 62 L36 50 L44 52 L48 42 L58 46 L66 38 L74 46 L82 44 L84 54 L92 58 L86 68 L60 72 L38 70Z", Dough);
                Strewn(svg, 5, 26, 94, 64, 70, 1.8, Dough);
                break;
            case Taken.TooMuch:
                Path(svg, "M22 58 Q60 44 98 58 Q90 73 60 73 Q30 73 22 58Z", Dough);
                Line(svg, "M40 55 Q58 48 78 54", 2.5);
                Line(svg, "M30 56 Q26 42 20 40 M92 56 Q96 42 101 40", 1.5);
                break;
        }
    }

    public static void Lining(StringBuilder svg, Taken taken)
    {
        Pan(svg);
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle =>
                    "M6 22 L14 22 L22 46 Q30 64 48 64 H72 Q90 64 98 46 L106 22 L114 22 L106 52 Q96 70 76 70 H44 Q24 70 14 52Z",
                Taken.Right => "M4 22 L14 22 L26 62 H94 L106 22 L116 22 L102 70 H18Z",
                Taken.TooMuch => "M4 20 L15 20 L20 60 L22 67 L32 62 H88 L98 67 L100 60 L105 20 L116 20 L101 69 L100 70 H20 L19 69Z",
            },
            Dough);
        if (taken is Taken.TooLittle)
            Line(svg, "M18 66 l6 0 M96 66 l6 0", 1.5);
    }

    public static void Weights(StringBuilder svg, Taken taken)
    {
        Path(svg, "M4 26 L14 26 L26 64 H94 L106 26 L116 26 L102 72 H18Z", Dough);
        var rows = taken switch { Taken.TooLittle => 1, Taken.Right => 5, Taken.TooMuch => 7 };
        for (var row = 0; row < rows; row++)
        {
            var half = 32 + (Math.Min(row, 4) * 2.6) - (Math.Max(0, row - 4) * 9);
            for (var x = -half; x <= half; x += 8)
                Dot(svg, 60 + x + (row % 2 * 3), 60 - (row * 7.4), 3.4, Steel);
        }

        if (taken is Taken.TooMuch)
            Strewn(svg, 5, 2, 16, 60, 72, 3.2, Steel);
    }

    public static void BlindBake(StringBuilder svg, Taken taken)
    {
        Path(svg, "M4 26 L14 26 L26 62 H94 L106 26 L116 26 L102 72 H18Z", taken is Taken.TooLittle ? Dough : Baked);
        switch (taken)
        {
            case Taken.TooLittle:
                for (var x = 32; x <= 88; x += 14)
                    Line(svg, FormattableString.Invariant($"M{x} 58 q4 -6 8 0"), 2);
                break;
            case Taken.Right:
                for (var x = 30; x <= 90; x += 10)
                    Dot(svg, x, 67, 1.3, Dark);
                break;
            case Taken.TooMuch:
                Path(svg, "M4 26 L14 26 L19 44 L9 44Z M106 26 L116 26 L111 44 L101 44Z", Dark);
                Steam(svg, 9);
                Steam(svg, 111);
                break;
        }
    }

    public static void CrumbSqueezed(StringBuilder svg, Taken taken)
    {
        switch (taken)
        {
            case Taken.TooLittle:
                Strewn(svg, 40, 22, 98, 30, 76, 2.8, Baked);
                break;
            case Taken.Right:
                Path(svg, "M34 52 Q32 32 52 28 L60 32 L70 27 Q90 34 86 54 L78 64 L62 62 L48 66Z", Baked);
                Strewn(svg, 16, 42, 80, 36, 58, 1.4, Dark);
                Strewn(svg, 4, 30, 90, 70, 76, 1.8, Baked);
                break;
            case Taken.TooMuch:
                Path(svg, "M32 44 Q32 24 60 24 Q88 24 88 44 Q88 58 60 58 Q32 58 32 44Z", Dark);
                Line(svg, "M42 36 Q54 28 72 34", 3);
                foreach (var x in new[] { 46, 60, 74 })
                    Path(svg, FormattableString.Invariant($"M{x} 62 q-4 9 0 12 q4 -3 0 -12Z"), Butter);
                break;
        }
    }

    public static void CrumbPressed(StringBuilder svg, Taken taken)
    {
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle => "M14 44 Q18 52 24 56 Q34 46 42 60 Q52 48 60 62 Q70 50 80 58 Q88 48 96 56 L106 46 L100 71 H20Z",
                Taken.Right => "M8 28 L16 28 L27 62 H93 L104 28 L112 28 L100 71 H20Z",
                Taken.TooMuch => "M8 28 L14 28 Q22 48 44 68 H76 Q98 48 106 28 L112 28 L100 71 H20Z",
            },
            Baked);
        if (taken is Taken.TooLittle)
            Strewn(svg, 9, 26, 94, 40, 50, 2, Baked);
        Pan(svg);
    }

    public static void Slice(StringBuilder svg, Taken taken)
    {
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M20 66 H104 V74 H20Z", Baked);
                Path(svg, "M24 66 Q30 40 64 44 Q108 50 112 66Z", Custard);
                Path(svg, "M30 50 Q56 26 84 42 Q104 52 108 62 Q70 46 30 50Z", Cream);
                break;
            case Taken.Right:
                Path(svg, "M16 64 H104 V74 H16Z", Baked);
                Path(svg, "M16 38 H104 V64 H16Z", Custard);
                Path(svg, "M16 22 Q60 14 104 22 V38 H16Z", Cream);
                break;
            case Taken.TooMuch:
                Path(svg, "M16 64 H58 L54 74 H16Z M70 66 H84 V74 H68Z M92 68 H104 V74 H90Z", Baked);
                Path(svg, "M16 38 H60 L52 50 L62 64 H16Z M74 46 L98 40 L104 60 L80 64Z", Custard);
                Strewn(svg, 12, 58, 112, 54, 74, 2.4, Baked);
                break;
        }
    }
}
