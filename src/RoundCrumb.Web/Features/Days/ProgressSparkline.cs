using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Application.Days;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Web.Features.Days;

/// <summary>How lateness and oven hours have fallen from plan to plan.</summary>
public static class ProgressSparkline
{
    private const double Wide = 150;
    private const double High = 44;

    /// <summary>Two stepped lines, lateness drawn full and oven hours dashed.</summary>
    public static HtmlString Draw(IReadOnlyList<SolveProgress> steps)
    {
        var svg = new StringBuilder(
            string.Create(CultureInfo.InvariantCulture,
                $"<svg class=\"falling\" viewBox=\"0 0 {Wide} {High + 14}\" width=\"{Wide}\" height=\"{High + 14}\" role=\"img\" "
                    + $"aria-label=\"Lateness from {DayView.Minutes(steps[0].Lateness)} to {DayView.Minutes(steps[^1].Lateness)}, ovens "
                    + $"from {DayView.Minutes(steps[0].OvenOn)} to {DayView.Minutes(steps[^1].OvenOn)}\">"));
        Line(svg, [.. steps.Select(s => s.Lateness)], "falls");
        Line(svg, [.. steps.Select(s => s.OvenOn)], "falls dashed");
        return new HtmlString(
            svg.Append(
                FormattableString.Invariant($"<text x=\"0\" y=\"{High + 12}\" class=\"falls-says\">— lateness  ┄ ovens</text></svg>"))
                .ToString());
    }

    private static void Line(StringBuilder svg, int[] values, string css)
    {
        var most = Math.Max(1, values.Max());
        svg.Append(FormattableString.Invariant($"<path class=\"{css}\" d=\"M0 {Y(values[0]):0.#}"));
        for (var i = 1; i < values.Length; i++)
            svg.Append(FormattableString.Invariant($" H{Wide * i / (values.Length - 1):0.#} V{Y(values[i]):0.#}"));
        svg.Append("\"/>");

        double Y(int value) => High - 2 - ((High - 4) * value / most);
    }
}
