using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Above;

/// <summary>One sheet of a drawing that is printed at its true size.</summary>
/// <param name="Name">Which one, where there are several; empty for the only one.</param>
/// <param name="Svg">What is on it.</param>
public sealed record TrueSheet(string Name, IHtmlContent Svg);

/// <summary>
/// A pie seen from above, drawn in millimetres with nothing but shapes and their own colours, so that it stands alone as a
/// file. The middle of the pie is the middle of the drawing.
/// </summary>
public static class AboveDrawing
{
    /// <summary>What a sheet of A4 or Letter holds within its margins, mm.</summary>
    private const double SheetWide = 180;
    private const double SheetHigh = 240;
    private const string Ink = "#4a3418";

    /// <summary>The drawing for the screen, as wide as its place.</summary>
    public static IHtmlContent Draw(Assessment pie, ToppingSums top, QuantityFormatter shown) =>
        new HtmlString(Surface(pie, top, shown, Whole(pie), "class=\"above-drawing\" role=\"img\""));

    /// <summary>The drawing as a file: its size is the pie's.</summary>
    public static string File(Assessment pie, ToppingSums top, QuantityFormatter shown)
    {
        var (x, y, w, h) = Whole(pie);
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            + Surface(
                pie, top, shown, (x, y, w, h), $"xmlns=\"http://www.w3.org/2000/svg\" width=\"{Svg.N(w)}mm\" height=\"{Svg.N(h)}mm\"");
    }

    /// <summary>The drawing on as many sheets as it takes at true size, with a line to measure on each.</summary>
    public static IReadOnlyList<TrueSheet> Sheets(Assessment pie, ToppingSums top, QuantityFormatter shown)
    {
        var (x, y, w, h) = Whole(pie);
        var (across, down) = ((int)Math.Ceiling(w / SheetWide), (int)Math.Ceiling(h / SheetHigh));
        var sheets = new List<TrueSheet>();
        for (var row = 0; row < down; row++)
        {
            for (var column = 0; column < across; column++)
            {
                var (width, height) = (Math.Min(SheetWide, w / across), Math.Min(SheetHigh, h / down));
                var window = (X: x + (column * w / across), Y: y + (row * h / down), W: width, H: height);
                var name = across * down == 1
                    ? ""
                    : $"Sheet {(row * across) + column + 1} of {across * down}: "
                        + string.Join(
                            ' ',
                            (
                                (string[])[Which(row, down, "upper", "lower"), Which(column, across, "left", "right")])
                                .Where(w => w.Length > 0));
                sheets.Add(
                    new(
                        name,
                        new HtmlString(
                            Surface(
                                pie, top, shown, window,
                                $"class=\"true-size\" width=\"{Svg.N(width)}mm\" height=\"{Svg.N(height)}mm\" role=\"img\""))));
            }
        }

        return sheets;
    }

    /// <summary>What the drawing says to somebody who can't see it.</summary>
    public static string Describe(Assessment pie, ToppingSums top, QuantityFormatter shown)
    {
        var rings = top.Arranged.PerRing;
        var what = top.Choice.Topping.Piece?.Name
            ?? (top.Choice.Laying.Pattern switch { Pattern.Lattice => "piped lines", Pattern.Shells => "shells", _ => "rosettes" });
        return $"{pie.Composition.Pan.Name} from above: {shown.Say(top.Count!.Amount)} {what}"
            + (rings.Count > 1 ? $", from the outside in {string.Join(", ", rings)}" : "") + ".";
    }

    private static (double X, double Y, double W, double H) Whole(Assessment pie)
    {
        var tub = pie.Composition.Pan.Inside;
        var (w, h) = (tub.TopHalf + tub.HalfExtra + 4, tub.TopHalf + 4);
        return (-w, -h, 2 * w, 2 * h);
    }

    private static string Surface(
        Assessment pie, ToppingSums top, QuantityFormatter shown, (double X, double Y, double W, double H) window, string attributes)
    {
        var svg = new StringBuilder(8192);
        svg.Add(
            $"<svg {attributes} viewBox=\"{Svg.N(window.X)} {Svg.N(window.Y)} {Svg.N(window.W)} {Svg.N(window.H)}\" "
                + $"aria-label=\"{Svg.Text(Describe(pie, top, shown))}\"><title>{Svg.Text(Describe(pie, top, shown))}</title>");
        var tub = pie.Composition.Pan.Inside;
        Outline(svg, tub, tub.TopHalf + 2.5, "#dbe3ec", "#1f3a6e", 1);
        Outline(svg, tub, tub.TopHalf, pie.Composition.Crust.Family.Tint, Ink, 0.5);

        // What the topping lies on: the one beneath it where that covers all, else the filling.
        var on = pie.Toppings.TakeWhile(t => t != top).LastOrDefault(
            t => t.Count is null && t.Choice.Topping.Kind is not (ToppingKind.Dusting or ToppingKind.Glaze or ToppingKind.Strewn));
        Outline(svg, tub, pie.SurfaceHalf, on?.Choice.Topping.Tint ?? pie.Composition.Filling.Formula.Tint, Ink, 0.5);
        foreach (var before in pie.Toppings.TakeWhile(t => t != top).Where(t => t.Count is not null))
            Things(svg, before, 0.35);
        Things(svg, top, 1);
        return svg.Append("</svg>").ToString();
    }

    private static void Things(StringBuilder svg, ToppingSums top, double opacity)
    {
        var topping = top.Choice.Topping;
        var laying = top.Choice.Laying;
        svg.Add(
            $"<g fill=\"{topping.Tint}\" stroke=\"{Ink}\" stroke-width=\"0.5\" "
                + $"stroke-linejoin=\"round\"{(opacity < 1 ? $" opacity=\"{Svg.N(opacity)}\"" : "")}>");
        var nozzle = laying.Nozzle.Value;
        foreach (var line in top.Arranged.Lines)
        {
            // A rope of cream: its edge, then its middle.
            svg.Add(
                $"<path d=\"M{Svg.N(line.X1)} {Svg.N(line.Y1)}L{Svg.N(line.X2)} {Svg.N(line.Y2)}\" fill=\"none\" stroke=\"{Ink}\" "
                    + $"stroke-width=\"{Svg.N(nozzle)}\" stroke-linecap=\"round\"/><path d=\"M{Svg.N(line.X1)} "
                    + $"{Svg.N(line.Y1)}L{Svg.N(line.X2)} {Svg.N(line.Y2)}\" fill=\"none\" stroke=\"{topping.Tint}\" "
                    + $"stroke-width=\"{Svg.N(nozzle - 1)}\" stroke-linecap=\"round\"/>");
        }

        var size = laying.FootprintOf(topping);
        var (a, b) = (size.Length / 2, size.Width / 2);
        foreach (var spot in top.Arranged.Pieces)
        {
            svg.Add(
                $"<g transform=\"translate({Svg.N(spot.X)} {Svg.N(spot.Y)}) rotate({Svg.N(spot.Turn * 180 / Math.PI)})\"><ellipse "
                    + $"rx=\"{Svg.N(a)}\" ry=\"{Svg.N(b)}\"/>");
            if (topping.Piece is { IsRound: false })
                svg.Add($"<path d=\"M{Svg.N(-a * 0.6)} 0H{Svg.N(a * 0.6)}\" fill=\"none\" stroke-width=\"0.35\"/>");
            else if (topping.Piece is { Sliced: true })
                svg.Add($"<circle r=\"{Svg.N(a * 0.35)}\" fill=\"none\" stroke-width=\"0.35\"/>");
            else if (topping.Piece is null && laying.Pattern is Pattern.Shells)
                svg.Add(
                    $"<path d=\"M{Svg.N(-a * 0.7)} {Svg.N(-b * 0.5)}Q0 {Svg.N(-b * 0.2)} 0 {Svg.N(b * 0.95)}M{Svg.N(a * 0.7)} "
                        + $"{Svg.N(-b * 0.5)}Q0 {Svg.N(-b * 0.2)} 0 {Svg.N(b * 0.95)}\" fill=\"none\" stroke-width=\"0.35\"/>");
            else if (topping.Piece is null)
                svg.Add(
                    $"<path d=\"M{Svg.N(a * 0.7)} 0A{Svg.N(a * 0.7)} {Svg.N(a * 0.7)} 0 1 1 {Svg.N(-a * 0.2)} "
                        + $"{Svg.N(-a * 0.62)}A{Svg.N(a * 0.4)} {Svg.N(a * 0.4)} 0 1 1 {Svg.N(-a * 0.1)} {Svg.N(a * 0.3)}\" fill=\"none\" "
                        + $"stroke-width=\"0.35\"/>");
            svg.Append("</g>");
        }

        svg.Append("</g>");
    }

    private static void Outline(StringBuilder svg, Tub tub, double half, string fill, string stroke, double width)
    {
        var corner = Math.Max(0, half - tub.CornerCut);
        svg.Add(
            $"<rect x=\"{Svg.N(-half - tub.HalfExtra)}\" y=\"{Svg.N(-half)}\" width=\"{Svg.N(2 * (half + tub.HalfExtra))}\" "
                + $"height=\"{Svg.N(2 * half)}\" rx=\"{Svg.N(corner)}\" fill=\"{fill}\" stroke=\"{stroke}\" "
                + $"stroke-width=\"{Svg.N(width)}\"/>");
    }

    /// <summary>Which of so many in a row: the first, the last, or one between.</summary>
    private static string Which(int at, int of, string first, string last) =>
        of == 1 ? "" : at == 0 ? first : at == of - 1 ? last : "middle" + (first.EndsWith(' ') ? " " : "");
}
