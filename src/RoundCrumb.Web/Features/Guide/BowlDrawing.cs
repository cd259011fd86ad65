using System.Text;
using RoundCrumb.Core.Methods;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>What is whisked, soaked, folded or boiled down.</summary>
internal static class BowlDrawing
{
    public static void Tempering(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 52 H102 Q98 73 60 73 Q22 73 18 52Z", Custard);
        switch (taken)
        {
            case Taken.TooLittle:
                Dot(svg, 44, 56, 9, "#e8a92e");
                Dot(svg, 70, 60, 9, "#e8a92e");
                Steam(svg, 40);
                Steam(svg, 60);
                Steam(svg, 80);
                break;
            case Taken.Right:
                Path(svg, "M84 6 H114 L108 18 H92Z", Steel);
                Path(svg, "M86 12 Q80 30 78 52 H80 Q83 30 90 16Z", Custard);
                Line(svg, "M26 10 L46 46 M46 46 q-12 4 -8 18 M46 46 q4 12 -8 18 M46 46 q12 8 2 18", 2);
                break;
            case Taken.TooMuch:
                Path(svg, "M70 4 H116 V20 H96 Q92 34 92 52 H66 Q66 26 70 4Z", Custard);
                Strewn(svg, 22, 24, 96, 52, 70, 3.2, Cream);
                break;
        }

        Bowl(svg);
    }

    public static void Film(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 46 H102 Q98 73 60 73 Q22 73 18 46Z", Custard);
        Bowl(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Line(svg, "M8 30 H112", 2);
                foreach (var x in new[] { 34, 52, 70, 88 })
                    Path(svg, FormattableString.Invariant($"M{x} 31 q-3 6 0 8 q3 -2 0 -8Z"), Steel);
                Line(svg, "M22 46 q10 -4 20 0 t20 0 t20 0 t18 0", 3);
                break;
            case Taken.Right:
                Line(svg, "M6 26 Q12 30 18 44 H102 Q108 30 114 26", 2);
                break;
            case Taken.TooMuch:
                Line(svg, "M6 26 Q14 30 20 40 Q32 66 60 64 Q88 66 100 40 Q106 30 114 26", 2);
                Path(svg, "M36 50 Q60 60 84 50 Q60 46 36 50Z", Custard);
                break;
        }
    }

    public static void Blooming(StringBuilder svg, Taken taken)
    {
        Path(svg, "M12 44 H108 L100 72 H20Z", Steel);
        Line(svg, "M8 34 L20 72 H100 L112 34", 3);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M30 66 L78 4 L92 14 L44 70Z", Butter);
                Line(svg, "M42 58 L80 10 M52 60 L86 16", 1.2);
                break;
            case Taken.Right:
                Path(svg, "M26 64 Q34 48 46 56 Q56 44 66 56 Q78 46 94 62 Q80 72 60 68 Q40 72 26 64Z", Butter);
                Line(svg, "M38 62 Q46 54 54 62 Q62 54 70 62 Q78 56 86 63", 1.5);
                break;
            case Taken.TooMuch:
                Strewn(svg, 18, 24, 96, 48, 69, 3, Butter);
                Steam(svg, 44, 2.5);
                Steam(svg, 76, 2.5);
                break;
        }
    }

    public static void YolkRibbon(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 52 H102 Q98 73 60 73 Q22 73 18 52Z", taken is Taken.TooLittle ? "#e8a92e" : Custard);
        Bowl(svg);
        Line(svg, "M60 -2 V8 M60 8 q-12 6 -6 18 M60 8 q12 6 6 18", 2);
        switch (taken)
        {
            case Taken.TooLittle:
                foreach (var y in new[] { 30, 37, 44 })
                    Path(svg, FormattableString.Invariant($"M60 {y} q-2.5 5 0 6 q2.5 -1 0 -6Z"), "#e8a92e");
                break;
            case Taken.Right:
                Path(svg, "M57 26 H63 Q66 38 84 44 Q94 50 78 53 Q50 58 38 52 Q30 46 46 43 Q56 40 57 26Z", Custard);
                Line(svg, "M44 49 Q62 44 78 49", 1.5);
                break;
            case Taken.TooMuch:
                Path(svg, "M20 52 L30 32 L42 46 L52 24 L66 44 L80 26 L88 44 L100 34 L102 54 Q60 60 20 52Z", Custard);
                Strewn(svg, 9, 22, 98, 54, 66, 2.6, "#e8a92e");
                break;
        }
    }

    public static void Folding(StringBuilder svg, Taken taken)
    {
        var high = taken switch { Taken.TooLittle => 40, Taken.Right => 40, Taken.TooMuch => 60 };
        Path(svg, FormattableString.Invariant($"M16 {high} H104 Q98 74 60 74 Q22 74 16 {high}Z"),
            taken is Taken.TooLittle ? Fruit : "#e2a7ad");
        Bowl(svg);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M22 46 Q44 38 60 50 Q78 60 98 46 Q80 66 60 58 Q42 50 22 46Z", Cream);
                Path(svg, "M34 62 Q52 54 70 66 Q60 72 34 62Z", Cream);
                break;
            case Taken.Right:
                Strewn(svg, 34, 24, 96, 44, 70, 1.4, Cream);
                Line(svg, "M86 4 L66 44 M66 44 q-8 2 -10 12 q12 2 14 -10Z", 2);
                break;
            case Taken.TooMuch:
                foreach (var (x, r) in new[] { (36, 5), (58, 7), (82, 4) })
                    Line(svg, FormattableString.Invariant($"M{x - r} 60 a{r} {r} 0 0 1 {2 * r} 0"), 1.5);
                break;
        }
    }

    public static void Reducing(StringBuilder svg, Taken taken)
    {
        var high = taken switch { Taken.TooLittle => 34, Taken.Right => 54, Taken.TooMuch => 68 };
        Path(svg, FormattableString.Invariant($"M18 {high} H102 V71 H18Z"), taken is Taken.TooMuch ? Dark : Fruit);
        Pot(svg);
        Line(svg, "M10 34 h12 M10 54 h12", 2.5);
        switch (taken)
        {
            case Taken.TooLittle:
                Steam(svg, 60);
                break;
            case Taken.Right:
                Strewn(svg, 12, 28, 96, 51, 57, 3, Fruit);
                Steam(svg, 44);
                Steam(svg, 76);
                break;
            case Taken.TooMuch:
                Line(svg, "M44 60 q-8 -10 0 -20 q8 -10 0 -20 M74 60 q-8 -10 0 -20 q8 -10 0 -20", 3.5);
                break;
        }
    }

    public static void Flaming(StringBuilder svg, Taken taken)
    {
        Line(svg, "M16 52 V72 H84 V52 M84 60 H116", 3);
        Path(svg, "M18 62 H82 V71 H18Z", "#c98f3c");
        switch (taken)
        {
            case Taken.TooLittle:
                Line(svg, "M40 56 q-3 -4 0 -8 M60 56 q-3 -4 0 -8", 1.2);
                break;
            case Taken.Right:
                Path(svg, "M26 60 q4 -12 9 -3 q3 -14 9 -2 q4 -14 10 0 q4 -12 9 2 q4 -8 9 3Z", "#9fb6d8");
                Line(svg, "M22 18 Q52 4 82 18 H22 M52 8 v-6", 2.5);
                break;
            case Taken.TooMuch:
                Path(svg, "M20 60 Q8 30 30 26 Q28 6 46 -2 Q44 16 58 14 Q64 2 62 -6 Q84 12 76 34 Q92 44 80 60Z", "#efb53a");
                Line(svg, "M92 0 V30 H118", 3);
                break;
        }
    }

    public static void FreshCurd(StringBuilder svg, Taken taken)
    {
        Line(svg, "M6 6 H114", 3);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M44 6 Q22 30 26 48 Q32 64 60 64 Q88 64 94 48 Q98 30 76 6Z", Cream);
                foreach (var (x, y) in new[] { (50, 66), (60, 64), (70, 66), (56, 74), (66, 75) })
                    Path(svg, FormattableString.Invariant($"M{x} {y} q-3 6 0 8 q3 -2 0 -8Z"), Steel);
                break;
            case Taken.Right:
                Path(svg, "M52 6 Q38 28 40 42 Q44 58 60 58 Q76 58 80 42 Q82 28 68 6Z", Cream);
                Strewn(svg, 16, 44, 76, 34, 54, 2.4, Custard);
                Line(svg, "M52 6 L56 22 M68 6 L64 22", 1.5);
                break;
            case Taken.TooMuch:
                Path(svg, "M56 6 Q52 24 50 32 Q50 44 60 44 Q70 44 70 32 Q68 24 64 6Z", Cream);
                Line(svg, "M54 32 l12 8 M66 30 l-10 10", 1.5);
                break;
        }
    }
}
