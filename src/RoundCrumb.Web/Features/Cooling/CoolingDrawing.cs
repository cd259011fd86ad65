using System.Globalization;
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
    /// <summary>The drawing.</summary>
    /// <param name="curve">What is drawn.</param>
    /// <param name="rule">How the rule is kept.</param>
    /// <param name="marks">Warmths that are waited for, each with what it is called.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="book">The curve before anything was measured; none where that is the one that is drawn.</param>
    /// <param name="readings">What a thermometer read.</param>
    public static HtmlString Draw(
        CoolingCurve curve, TwoStepRule rule, IReadOnlyList<(double Celsius, string Name)> marks, QuantityFormatter shown,
        CoolingCurve? book = null, IReadOnlyList<ProbeReading>? readings = null)
    {
        var last = Math.Max(curve.Points[^1].Minutes, book?.Points[^1].Minutes ?? 0);
        var ruled = rule.Kept is RuleKept.DoesNotApply ? 0 : rule.Begins + CoolingConstants.BothStretches.Usual;
        var hours = Math.Max(1, Math.Ceiling(Math.Min(Math.Max(last, ruled), 24 * 60) / 60));
        var warmest = Math.Max(30, Math.Ceiling(curve.Points.Max(p => p.Hottest) / 10) * 10);
        var coldest = Math.Min(0, Math.Floor(curve.Points.Min(p => p.Air) / 5) * 5);
        var chart = new HeatChart(hours * 60, coldest, warmest, Words(curve, marks, shown), shown);
        Rule(chart, rule, warmest);
        chart.Grid();
        foreach (var (celsius, name) in marks)
            chart.Mark(celsius, curve.ReadyAt(celsius), name);
        chart.Line("air", curve.Points.Select(p => (p.Minutes, p.Air)));
        chart.Line("surface", curve.Points.Select(p => (p.Minutes, p.Surface)));
        if (book is not null)
            chart.Line("book", book.Points.Select(p => (p.Minutes, p.Hottest)));
        chart.Line("middle", curve.Points.Select(p => (p.Minutes, p.Hottest)));
        foreach (var reading in readings ?? [])
            chart.Reading(reading.Minutes, reading.Celsius);
        return chart.Done();
    }

    private static string Words(CoolingCurve curve, IReadOnlyList<(double Celsius, string Name)> marks, QuantityFormatter shown) =>
        "Its middle cools from " + shown.Say(new Quantity(Math.Round(curve.Points[0].Hottest), Dimension.Warmth)) + string.Concat(
            marks.Select(
                m => curve.ReadyAt(m.Celsius) is { } at
                    ? $"; {shown.Say(new Quantity(m.Celsius, Dimension.Warmth))} ({m.Name}) after "
                        + shown.Say(new Quantity(Math.Round(at / 5) * 5, Dimension.Time))
                    : ""));

    /// <summary>Under this line the middle is to be: from 57 °C down to 21 in two hours, and to 5 in four more.</summary>
    private static void Rule(HeatChart chart, TwoStepRule rule, double warmest)
    {
        if (rule.Kept is RuleKept.DoesNotApply)
            return;
        var from = rule.Begins;
        var (first, both) = (from + CoolingConstants.FirstStretch.Usual, from + CoolingConstants.BothStretches.Usual);
        var limit = string.Create(
            CultureInfo.InvariantCulture,
            $"M{chart.X(from):0.#} {chart.Y(CoolingConstants.RuleFrom.Usual):0.#}L{chart.X(first):0.#} "
                + $"{chart.Y(CoolingConstants.RuleMiddle.Usual):0.#}")
            + string.Create(CultureInfo.InvariantCulture, $"L{chart.X(both):0.#} {chart.Y(CoolingConstants.RuleTo.Usual):0.#}");
        chart.Path(
            "late",
            limit + string.Create(
                CultureInfo.InvariantCulture, $"H{HeatChart.Wide - HeatChart.Right}V{chart.Y(warmest):0.#}H{chart.X(from):0.#}Z"));
        chart.Path("limit", limit);
    }
}
