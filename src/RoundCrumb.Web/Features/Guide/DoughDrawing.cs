using System.Text;
using RoundCrumb.Core.Methods;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>Dough from the fat to the sealed base.</summary>
internal static class DoughDrawing
{
    public static void FreezingFat(StringBuilder svg, Taken taken)
    {
        Line(svg, "M30 8 L74 44 M40 2 L84 38 M30 8 L40 2 M74 44 L84 38 M42 12 l6 -4 M52 20 l6 -4 M62 28 l6 -4", 2);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M44 20 Q60 34 72 40 Q60 56 40 48 Q28 34 44 20Z", Butter);
                Line(svg, "M36 60 Q60 70 92 60 M44 68 Q64 74 84 68", 4);
                break;
            case Taken.Right:
                foreach (var (x, y) in new[] { (30, 66), (44, 60), (58, 68), (72, 60), (86, 68), (38, 74), (66, 76), (96, 74), (52, 52),
                    (80, 52) })
                    Path(svg, FormattableString.Invariant($"M{x} {y} l12 -4 l1 3 l-12 4Z"), Butter);
                break;
            case Taken.TooMuch:
                Path(svg, "M22 50 L46 44 L50 70 L28 76Z", Butter);
                Path(svg, "M64 54 L88 50 L104 72 L72 78Z", Butter);
                Line(svg, "M30 48 l8 26 M78 52 l6 24", 1.5);
                break;
        }
    }

    public static void RubbingIn(StringBuilder svg, Taken taken)
    {
        Path(svg, "M18 50 H102 Q98 73 60 73 Q22 73 18 50Z", Cream);
        switch (taken)
        {
            case Taken.TooLittle:
                Strewn(svg, 11, 28, 92, 44, 66, 6.5, Butter);
                break;
            case Taken.Right:
                foreach (var (x, y) in new[] { (28, 50), (50, 46), (74, 50), (40, 62), (66, 60), (86, 58) })
                    Path(svg, FormattableString.Invariant($"M{x} {y} q8 -5 14 0 q-6 4 -14 0Z"), Butter);
                Strewn(svg, 24, 24, 96, 48, 69, 1.6, Butter);
                break;
            case Taken.TooMuch:
                Path(svg, "M24 52 Q40 34 60 42 Q84 34 96 52 Q94 72 60 72 Q28 72 24 52Z", Butter);
                Line(svg, "M38 52 Q60 44 82 52", 2);
                break;
        }

        Bowl(svg);
    }

    public static void CrossHatching(StringBuilder svg, Taken taken)
    {
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M20 42 Q20 12 60 12 Q100 12 100 42 Q100 72 60 72 Q20 72 20 42Z", Dough);
                Line(svg, "M20 40 l14 3 l-3 6 M60 12 l-3 12 l5 5 M100 46 l-13 -2 l2 -7", 2.5);
                break;
            case Taken.Right:
                Path(svg, "M12 42 Q12 8 60 8 Q108 8 108 42 Q108 76 60 76 Q12 76 12 42Z", Dough);
                Line(svg, "M28 24 H92 M20 42 H100 M28 60 H92 M36 14 V70 M60 9 V75 M84 14 V70", 3);
                break;
            case Taken.TooMuch:
                Path(svg, "M4 42 Q8 6 58 6 L62 22 L68 6 Q116 10 116 42 L98 46 L116 54 Q108 80 60 78 Q8 80 4 42Z", Dough);
                Line(svg, "M30 20 L90 66 M90 20 L30 66 M62 22 v10 M98 46 h-12", 1.5);
                break;
        }
    }

    public static void Rolling(StringBuilder svg, Taken taken)
    {
        Line(svg, "M4 74 H116", 2);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M12 74 Q14 68 34 66 Q44 44 60 44 Q76 44 86 66 Q106 68 108 74Z", Dough);
                break;
            case Taken.Right:
                Path(svg, "M12 68 Q8 62 14 60 H106 Q112 62 108 68 Q110 74 106 74 H14 Q8 74 12 68Z", Dough);
                Line(svg, "M60 44 m-15 0 a15 15 0 1 0 30 0 a15 15 0 1 0 -30 0 M60 44 m-3 0 a3 3 0 1 0 6 0", 2.5);
                break;
            case Taken.TooMuch:
                Path(svg, "M4 74 V71 H44 L50 73 L46 74Z", Dough);
                Path(svg, "M62 74 L58 72 L66 71 H116 V74Z", Dough);
                Line(svg, "M16 62 v6 M30 62 v6 M76 62 v6 M90 62 v6 M104 62 v6", 1.2);
                break;
        }
    }

    public static void Edge(StringBuilder svg, Taken taken)
    {
        Line(svg, "M4 54 H116 L104 78 H16Z", 3);
        Path(
            svg,
            taken switch
            {
                Taken.TooLittle => "M16 34 H104 V43 H16Z",
                Taken.Right =>
                    "M4 54 V46 Q11 32 18 46 Q25 32 32 46 Q39 32 46 46 Q53 32 60 46 Q67 32 74 46 Q81 32 88 46 Q95 32 102 46 Q109 "
                        + "32 116 46 V54Z",
                Taken.TooMuch =>
                    "M4 54 V26 Q12 4 20 20 Q18 40 26 44 Q32 4 48 16 Q44 42 54 46 Q62 2 78 18 Q72 40 84 46 Q92 6 106 22 Q100 42 116 50 V54Z",
            },
            Dough);
        if (taken is Taken.TooMuch)
            Line(svg, "M48 16 q12 4 8 18 M78 18 q12 6 8 18 M106 22 q10 8 6 20", 1.5);
        else if (taken is Taken.TooLittle)
            Line(svg, "M30 46 v5 M60 46 v5 M90 46 v5", 1.2);
    }

    public static void Docking(StringBuilder svg, Taken taken)
    {
        Path(svg, "M10 42 Q10 6 60 6 Q110 6 110 42 Q110 78 60 78 Q10 78 10 42Z", Dough);
        switch (taken)
        {
            case Taken.TooLittle:
                Dot(svg, 48, 38, 2.2, Dark);
                Dot(svg, 74, 50, 2.2, Dark);
                break;
            case Taken.Right:
                for (var x = 24; x <= 96; x += 14)
                {
                    for (var y = 20; y <= 66; y += 12)
                        Dot(svg, x, y, 2, Dark);
                }

                break;
            case Taken.TooMuch:
                Line(svg, "M28 26 l14 10 M52 18 l6 16 M80 24 l-10 14 M30 54 l16 -6 M60 48 l12 14 M88 46 l-4 16", 4);
                break;
        }
    }

    public static void Sealing(StringBuilder svg, Taken taken)
    {
        Path(svg, "M4 26 L14 26 L26 62 H94 L106 26 L116 26 L102 72 H18Z", Baked);
        switch (taken)
        {
            case Taken.TooLittle:
                Line(svg, "M34 59 h14 M66 59 h8 M100 40 l-3 9", 3);
                break;
            case Taken.Right:
                Line(svg, "M16 28 L28 59 H92 L104 28", 3);
                break;
            case Taken.TooMuch:
                Path(svg, "M20 40 L27 61 H93 L100 40 Q92 54 76 52 H44 Q28 54 20 40Z", Butter);
                break;
        }
    }
}
