using System.Text;
using RoundCrumb.Core.Methods;
using static RoundCrumb.Web.Features.Guide.Pencil;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>What is done last: piping, arranging, taking out, cutting.</summary>
internal static class FinishDrawing
{
    public static void Piping(StringBuilder svg, Taken taken)
    {
        Line(svg, "M8 76 H112", 2);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M14 76 Q18 60 44 58 Q60 48 78 58 Q104 60 106 76Z", Cream);
                break;
            case Taken.Right:
                Path(
                    svg,
                    "M24 76 Q18 66 30 62 Q24 52 38 48 Q36 38 48 34 Q52 22 62 12 Q70 14 66 22 Q70 30 76 36 Q86 42 82 50 Q94 54 "
                        + "90 63 Q102 68 96 76Z",
                    Cream);
                Line(svg, "M32 62 Q60 72 90 62 M40 48 Q60 58 80 49 M49 35 Q60 42 72 35", 2);
                break;
            case Taken.TooMuch:
                Path(
                    svg,
                    "M20 76 L26 60 L18 54 L36 52 L32 38 L46 42 L48 20 L58 34 L66 16 L70 38 L86 30 L80 48 L100 48 L90 60 L102 66 L96 76Z",
                    Butter);
                Strewn(svg, 18, 28, 92, 46, 72, 2, Cream);
                break;
        }
    }

    public static void Arranging(StringBuilder svg, Taken taken)
    {
        Path(svg, "M24 42 a36 36 0 1 0 72 0 a36 36 0 1 0 -72 0Z", Custard);
        Line(svg, "M22 42 a38 38 0 1 0 76 0 a38 38 0 1 0 -76 0", 3);
        var (many, far, wide) = taken switch
        {
            Taken.TooLittle => (5, 20.0, 8.0),
            Taken.Right => (14, 27.0, 9.0),
            Taken.TooMuch =>
            (11, 9.0, 8.0)
        };
        for (var i = 0; i < many; i++)
        {
            var angle = 2 * Math.PI * i / many * (taken is Taken.TooLittle ? 0.8 : 1);
            var (x, y) = (60 + (far * Math.Cos(angle)), 42 + (far * Math.Sin(angle)));
            Path(
                svg,
                FormattableString.Invariant(
                    $"M{x - wide:0.#} {y:0.#} q{wide:0.#} {-wide:0.#} {2 * wide:0.#} 0 q{-wide:0.#} {wide / 2:0.#} {-2 * wide:0.#} 0Z"),
                Fruit);
        }

        if (taken is Taken.Right)
        {
            Dot(svg, 60, 42, 7, Fruit);
            Dot(svg, 53, 36, 5, Fruit);
        }
    }

    public static void Unmoulding(StringBuilder svg, Taken taken)
    {
        Line(svg, "M6 76 H114", 2);
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M8 74 Q20 58 26 44 Q44 34 74 36 Q98 44 104 60 Q112 68 114 74Z", Cream);
                Line(svg, "M24 4 V26 M96 4 V26", 4);
                break;
            case Taken.Right:
                Path(svg, "M28 74 V34 H92 V74Z", Cream);
                Line(svg, "M22 2 V26 M98 2 V26 M30 18 v-8 l-3 4 M90 18 v-8 l3 4", 4);
                break;
            case Taken.TooMuch:
                Path(svg, "M28 74 V36 H92 V74 Q100 60 104 74 H112 Q104 78 60 78 Q16 78 10 74 Q18 62 28 74Z", Cream);
                Line(svg, "M30 40 q4 8 0 14 q4 10 -2 18 M90 40 q-4 8 0 14 q-4 10 2 18", 2.5);
                Steam(svg, 18, 3);
                Steam(svg, 102, 3);
                break;
        }
    }

    public static void Knife(StringBuilder svg, Taken taken)
    {
        switch (taken)
        {
            case Taken.TooLittle:
                Path(svg, "M10 76 V48 H56 Q50 58 58 64 Q50 70 56 76Z", Custard);
                Path(svg, "M10 48 V36 H52 Q60 42 56 48Z", Cream);
                Path(svg, "M56 48 Q74 40 84 30 L88 34 Q76 48 58 56Z", Cream);
                break;
            case Taken.Right:
                Path(svg, "M10 76 V48 H56 V76Z", Custard);
                Path(svg, "M10 48 V34 H56 V48Z", Cream);
                break;
            case Taken.TooMuch:
                Path(svg, "M10 76 V48 H44 Q58 54 52 76Z", Custard);
                Path(svg, "M10 48 V34 H34 Q46 38 44 48Z", Cream);
                Path(svg, "M46 74 Q60 66 78 76 H44Z", Cream);
                Steam(svg, 62, 3);
                Steam(svg, 78, 3);
                break;
        }

        Path(svg, taken is Taken.TooLittle ? "M84 8 L94 4 L70 78 L60 78Z" : "M62 2 H72 V78 H60Z", Steel);
        if (taken is Taken.TooLittle)
        {
            foreach (var (x, y) in new[] { (86, 34), (80, 56), (90, 18) })
                Path(svg, FormattableString.Invariant($"M{x + 6} {y} q-3 6 0 8 q3 -2 0 -8Z"), "#9fb6d8");
        }
    }
}
