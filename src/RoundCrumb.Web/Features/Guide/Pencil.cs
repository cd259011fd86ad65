using System.Text;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Guide;

/// <summary>What every drawing of a technique is put together from: vessels, lines, and the colours of food.</summary>
internal static class Pencil
{
    public const string Dough = "#ead7b2";
    public const string Baked = "#d9a561";
    public const string Dark = "#7a4a22";
    public const string Custard = "#f1d27a";
    public const string Cream = "#fdf6e6";
    public const string Butter = "#f4dd8d";
    public const string Fruit = "#a5394b";
    public const string Steel = "#cfd6dd";

    public static void Path(StringBuilder svg, string d, string fill) => svg.Add($"<path d=\"{d}\" fill=\"{fill}\" class=\"food\"/>");

    public static void Line(StringBuilder svg, string d, double width = 2) =>
        svg.Add($"<path d=\"{d}\" class=\"tool\" fill=\"none\" stroke-width=\"{width}\"/>");

    public static void Dot(StringBuilder svg, double x, double y, double r, string fill) =>
        svg.Add($"<circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\" fill=\"{fill}\" class=\"food\"/>");

    /// <summary>Dots that lie as if strewn, the same each time.</summary>
    public static void Strewn(StringBuilder svg, int many, double left, double right, double top, double bottom, double r, string fill)
    {
        for (var i = 0; i < many; i++)
        {
            var (u, v) = (((i * 0.7548777) + 0.13) % 1, ((i * 0.5698403) + 0.29) % 1);
            Dot(svg, left + ((right - left) * u), top + ((bottom - top) * v), r * (0.75 + (0.5 * ((i * 0.37) % 1))), fill);
        }
    }

    public static void Bowl(StringBuilder svg) => Line(svg, "M14 34 Q18 74 60 74 Q102 74 106 34", 3);

    public static void Pot(StringBuilder svg) => Line(svg, "M16 26 V72 H104 V26 M104 36 H118", 3);

    public static void Pan(StringBuilder svg) => Line(svg, "M8 28 L20 72 H100 L112 28", 3);

    public static void Steam(StringBuilder svg, double x, double width = 1.5) =>
        Line(svg, $"M{Svg.N(x)} 22 q-5 -5 0 -10 q5 -5 0 -10", width);
}
