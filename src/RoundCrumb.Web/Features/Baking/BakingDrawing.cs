using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Baking;

/// <summary>The middle and the surface of a filled shell against the clock, in the oven and on the rack.</summary>
public static class BakingDrawing
{
    /// <summary>The drawing.</summary>
    /// <param name="curve">What is drawn.</param>
    /// <param name="doneAt">How warm the middle has to get, °C.</param>
    /// <param name="shown">The baker's units.</param>
    public static HtmlString Draw(BakingCurve curve, double doneAt, QuantityFormatter shown)
    {
        var last = curve.Points[^1].Minutes;
        string Warm(double celsius) => shown.Say(new Quantity(Math.Round(celsius), Dimension.Warmth));
        var words = curve.OutAt is { } at
            ? $"Its middle warms from {Warm(curve.Points[0].Coldest)} to {Warm(curve.MiddleOut)} in "
                + $"{shown.Say(new Quantity(Math.Round(at), Dimension.Time))} in the oven, and goes on to {Warm(curve.DoneAt)} on the rack"
            : $"Its middle gets to {Warm(curve.DoneAt)} and no further";
        var chart = new HeatChart(Math.Ceiling(last / 10) * 10, 0, 110, words, shown);
        chart.Grid();
        if (curve.OutAt is { } outAt)
            chart.Then(outAt, chart.Say(outAt) + ": take it out", "on the rack");
        chart.Mark(doneAt, null, "");
        if (curve.OutAt is { } reached)
            chart.Dot(reached, curve.MiddleOut);
        chart.Line("surface", curve.Points.Select(p => (p.Minutes, p.Surface)));
        chart.Line("middle", curve.Points.Select(p => (p.Minutes, p.Coldest)));
        return chart.Done();
    }
}
