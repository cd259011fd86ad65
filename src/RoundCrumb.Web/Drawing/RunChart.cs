using System.Text;
using Microsoft.AspNetCore.Html;

namespace RoundCrumb.Web.Drawing;

/// <summary>One bake on a run chart.</summary>
/// <param name="From">The low end of what it says; the value itself for a measure.</param>
/// <param name="To">The high end.</param>
/// <param name="When">When it was.</param>
/// <param name="Says">What it says, in words.</param>
/// <param name="Counts">False where it is left out.</param>
public sealed record RunPoint(double From, double To, string When, string Says, bool Counts = true);

/// <summary>A stretch of values as a band across a chart.</summary>
/// <param name="From">The low end.</param>
/// <param name="To">The high end.</param>
/// <param name="Name">What it is.</param>
public sealed record RunBand(double From, double To, string Name);

/// <summary>A change at the kitchen between two bakes.</summary>
/// <param name="Before">The place in the row of the bake that it came before.</param>
/// <param name="Says">What changed.</param>
public sealed record RunMark(int Before, string Says);

/// <summary>
/// A measured thing, bake after bake, with the book's range and this kitchen's band. Points are round where they count and open where they
/// do not; a verdict is a bar from one limit to the other.
/// </summary>
public static class RunChart
{
    private const double Wide = 680, High = 230, Left = 70, Right = 16, Top = 16, Bottom = 34;

    /// <summary>The chart.</summary>
    /// <param name="title">What it shows.</param>
    /// <param name="points">The oldest first; one at least.</param>
    /// <param name="book">The book's range; none where there is none.</param>
    /// <param name="here">This kitchen's band; none where there is none.</param>
    /// <param name="marks">Where something changed.</param>
    /// <param name="said">How a value is said.</param>
    public static IHtmlContent Draw(
        string title, IReadOnlyList<RunPoint> points, RunBand? book, RunBand? here, IReadOnlyList<RunMark> marks, Func<double, string> said)
    {
        var values = points.SelectMany(p => new[] { p.From, p.To }).Concat(Ends(book)).Concat(Ends(here)).Where(double.IsFinite).ToList();
        if (values.Count == 0)
            return HtmlString.Empty;
        var (low, high) = (values.Min(), values.Max());
        var room = Math.Max((high - low) * 0.12, 1e-6 + (Math.Abs(high) * 0.01));
        (low, high) = (low - room, high + room);
        double X(double place) => Left + ((Wide - Left - Right) * (place + 0.5) / points.Count);
        double Y(double value) => Top + ((High - Top - Bottom) * (1 - ((Math.Clamp(value, low, high) - low) / (high - low))));

        var svg = new StringBuilder();
        svg.Add($"<svg class=\"run-chart\" viewBox=\"0 0 {Wide} {High}\" role=\"img\" aria-label=\"{Svg.Text(title)}\">");
        if (book is not null)
            Band(book, "book");
        if (here is not null)
            Band(here, "here");
        foreach (var value in Ticks(low, high))
        {
            svg.Add($"<path class=\"hair\" d=\"M{Left} {Y(value)}H{Wide - Right}\"/>");
            svg.Add($"<text class=\"tick\" x=\"{Left - 6}\" y=\"{Y(value) + 4}\" text-anchor=\"end\">{Svg.Text(said(value))}</text>");
        }

        foreach (var mark in marks)
        {
            var x = X(mark.Before - 0.5);
            svg.Add($"<path class=\"mark\" d=\"M{x} {Top}V{High - Bottom}\"/>");
            var (at, end) = x > Wide / 2 ? (x - 4, "end") : (x + 4, "start");
            svg.Add($"<text class=\"tick\" x=\"{at}\" y=\"{Top + 10}\" text-anchor=\"{end}\">{Svg.Text(mark.Says)}</text>");
        }

        for (var i = 0; i < points.Count; i++)
        {
            var point = points[i];
            var kind = point.Counts ? "point" : "point out";
            svg.Add($"<g class=\"{kind}\"><title>{Svg.Text(point.When + ": " + point.Says)}</title>");
            if (point.From.Equals(point.To))
                svg.Add($"<circle cx=\"{X(i)}\" cy=\"{Y(point.From)}\" r=\"5\"/>");
            else
                svg.Add($"<path d=\"M{X(i) - 5} {Y(point.From)}h10M{X(i)} {Y(point.From)}V{Y(point.To)}M{X(i) - 5} {Y(point.To)}h10\"/>");
            svg.Add($"</g>");
        }

        var every = Math.Max(1, (points.Count + 5) / 6);
        for (var i = 0; i < points.Count; i += every)
            svg.Add($"<text class=\"tick\" x=\"{X(i)}\" y=\"{High - 12}\" text-anchor=\"middle\">{Svg.Text(points[i].When)}</text>");
        svg.Add($"</svg>");
        return new HtmlString(svg.ToString());

        void Band(RunBand band, string kind)
        {
            var (top, bottom) = (Y(band.To), Y(band.From));
            svg.Add($"<rect class=\"{kind}\" x=\"{Left}\" y=\"{top}\" width=\"{Wide - Left - Right}\" ");
            svg.Add($"height=\"{Math.Max(2, bottom - top)}\">");
            svg.Add($"<title>{Svg.Text(band.Name)}</title></rect>");
        }
    }

    private static IEnumerable<double> Ends(RunBand? band) => band is null ? [] : [band.From, band.To];

    private static IEnumerable<double> Ticks(double low, double high)
    {
        var raw = (high - low) / 4;
        var scale = Math.Pow(10, Math.Floor(Math.Log10(raw)));
        var step = (raw / scale) switch { < 1.5 => 1, < 3.5 => 2, < 7.5 => 5, _ => 10 } * scale;
        for (var value = Math.Ceiling(low / step) * step; value <= high + 1e-9; value += step)
            yield return Math.Abs(value) < step / 1000 ? 0 : value;
    }
}
