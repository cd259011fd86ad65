using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Cooling;

/// <summary>The middle and the surface of a pie against the clock, with where the two-step rule wants it.</summary>
public static class CoolingDrawing
{
    private const double Wide = 720, High = 320, Left = 78, Bottom = 40, Top = 14, Right = 26;

    /// <summary>Two lines nearer than this have their words one above and one below, °C.</summary>
    private const double Near = 9;

    /// <summary>The drawing.</summary>
    /// <param name="curve">What is drawn.</param>
    /// <param name="rule">How the rule is kept.</param>
    /// <param name="marks">Warmths that are waited for, each with what it is called.</param>
    /// <param name="shown">The baker's units.</param>
    public static HtmlString Draw(
        CoolingCurve curve, TwoStepRule rule, IReadOnlyList<(double Celsius, string Name)> marks, QuantityFormatter shown)
    {
        var last = curve.Points[^1].Minutes;
        var ruled = rule.Kept is RuleKept.DoesNotApply ? 0 : rule.Begins + CoolingConstants.BothStretches.Usual;
        var hours = Math.Max(1, Math.Ceiling(Math.Min(Math.Max(last, ruled), 24 * 60) / 60));
        var warmest = Math.Max(30, Math.Ceiling(curve.Points.Max(p => p.Hottest) / 10) * 10);
        var coldest = Math.Min(0, Math.Floor(curve.Points.Min(p => p.Air) / 5) * 5);
        var svg = new StringBuilder(8192);
        svg.Add(
            $"<svg class=\"cooling\" viewBox=\"0 0 {Wide} {High}\" role=\"img\" aria-label=\"{Svg.Text(Words(curve, marks, shown))}\">")
            ;
        Rule(svg, rule, warmest, X, Y);
        Grid(svg, hours, coldest, warmest, shown, X, Y);
        foreach (var (n, (celsius, name)) in marks.Index())
        {
            svg.Add($"<path class=\"mark\" d=\"M{Left} {Y(celsius)}H{Wide - Right}\"/>");
            if (curve.MinutesTo(celsius) is { } at and > 0 && at <= hours * 60)
            {
                svg.Add($"<circle class=\"at\" cx=\"{X(at)}\" cy=\"{Y(celsius)}\" r=\"5\"/>");
                var before = X(at) > Wide * 0.7;
                var below = n > 0 && marks[n - 1].Celsius - celsius < Near;
                svg.Add(
                    $"<text class=\"says\" x=\"{X(at) + (before ? -9 : 9)}\" y=\"{Y(celsius) + (before || below ? 22 : -8)}\" "
                        + $"text-anchor=\"{(before ? "end" : "start")}\">");
                svg.Add($"{Svg.Text(shown.Say(new Quantity(Math.Round(at / 5) * 5, Dimension.Time)))}: {Svg.Text(name)}</text>");
            }
        }

        Line(svg, "air", curve.Points.Select(p => (p.Minutes, p.Air)), hours, X, Y);
        Line(svg, "surface", curve.Points.Select(p => (p.Minutes, p.Surface)), hours, X, Y);
        Line(svg, "middle", curve.Points.Select(p => (p.Minutes, p.Hottest)), hours, X, Y);
        return new HtmlString(svg.Append("</svg>").ToString());

        double X(double minutes) => Left + ((Wide - Left - Right) * minutes / (hours * 60));
        double Y(double celsius) => Top + ((High - Top - Bottom) * (warmest - celsius) / (warmest - coldest));
    }

    private static string Words(CoolingCurve curve, IReadOnlyList<(double Celsius, string Name)> marks, QuantityFormatter shown) =>
        "Its middle cools from " + shown.Say(new Quantity(Math.Round(curve.Points[0].Hottest), Dimension.Warmth)) + string.Concat(
            marks.Select(
                m => curve.MinutesTo(m.Celsius) is { } at
                    ? $"; {shown.Say(new Quantity(m.Celsius, Dimension.Warmth))} ({m.Name}) after "
                        + shown.Say(new Quantity(Math.Round(at / 5) * 5, Dimension.Time))
                    : ""));

    /// <summary>Under this line the middle is to be: from 57 °C down to 21 in two hours, and to 5 in four more.</summary>
    private static void Rule(StringBuilder svg, TwoStepRule rule, double warmest, Func<double, double> x, Func<double, double> y)
    {
        if (rule.Kept is RuleKept.DoesNotApply)
            return;
        var from = rule.Begins;
        var (first, both) = (from + CoolingConstants.FirstStretch.Usual, from + CoolingConstants.BothStretches.Usual);
        svg.Add(
            $"<path class=\"late\" d=\"M{x(from)} {y(CoolingConstants.RuleFrom.Usual)}L{x(first)} "
                + $"{y(CoolingConstants.RuleMiddle.Usual)}");
        svg.Add($"L{x(both)} {y(CoolingConstants.RuleTo.Usual)}H{Wide - Right}V{y(warmest)}H{x(from)}Z\"/>");
        svg.Add(
            $"<path class=\"limit\" d=\"M{x(from)} {y(CoolingConstants.RuleFrom.Usual)}L{x(first)} "
                + $"{y(CoolingConstants.RuleMiddle.Usual)}");
        svg.Add($"L{x(both)} {y(CoolingConstants.RuleTo.Usual)}\"/>");
    }

    private static void Grid(
        StringBuilder svg, double hours, double coldest, double warmest, QuantityFormatter shown, Func<double, double> x,
        Func<double, double> y)
    {
        for (var t = coldest; t <= warmest; t += 20)
        {
            svg.Add($"<path class=\"hair\" d=\"M{Left} {y(t)}H{Wide - Right}\"/>");
            svg.Add($"<text class=\"tick\" x=\"{Left - 6}\" y=\"{y(t) + 4}\" text-anchor=\"end\">");
            svg.Add($"{Svg.Text(shown.Say(new Quantity(t, Dimension.Warmth)))}</text>");
        }

        var every = hours > 16 ? 4 : hours > 8 ? 2 : 1;
        for (var h = 0; h <= hours; h += every)
        {
            svg.Add($"<path class=\"hair\" d=\"M{x(h * 60)} {Top}V{High - Bottom}\"/>");
            svg.Add($"<text class=\"tick\" x=\"{x(h * 60)}\" y=\"{High - Bottom + 18}\" text-anchor=\"middle\">{h} h</text>");
        }
    }

    private static void Line(
        StringBuilder svg, string css, IEnumerable<(double Minutes, double Celsius)> points, double hours, Func<double, double> x,
        Func<double, double> y)
    {
        svg.Add($"<path class=\"{css}\" d=\"");
        var next = 0.0;
        var step = hours * 60 / 160;
        foreach (var (minutes, celsius) in points)
        {
            if (minutes < next || minutes > hours * 60 || !double.IsFinite(celsius))
                continue;
            svg.Add($"{(next == 0 ? "M" : "L")}{x(minutes)} {y(celsius)}");
            next = minutes + step;
        }

        svg.Append("\"/>");
    }
}
