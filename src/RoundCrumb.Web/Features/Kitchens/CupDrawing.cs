using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>A cup of water against the clock.</summary>
public static class CupDrawing
{
    /// <summary>Where nothing was read, it begins so warm, °C.</summary>
    private const double UsualStart = 60;

    private const int Parts = 120;

    /// <summary>The drawing.</summary>
    /// <param name="cup">The cup.</param>
    /// <param name="place">Where it stands.</param>
    /// <param name="found">What two readings say; none where there are none.</param>
    /// <param name="first">The first reading, °C.</param>
    /// <param name="second">The second, with its minutes.</param>
    /// <param name="shown">The baker's units.</param>
    public static HtmlString Draw(
        CupOfWater cup, HeatTaker place, double? found, double? first, (double Minutes, double Celsius)? second, QuantityFormatter shown)
    {
        var start = first ?? UsualStart;
        var slowest = Math.Min(Math.Min(place.Heat.Times, found ?? 1), 1);
        var minutes = Math.Clamp(3 / (cup.Rate(place.Transfer) * slowest), 60, 24 * 60);
        minutes = Math.Ceiling(Math.Max(minutes, (second?.Minutes ?? 0) * 1.1) / 30) * 30;
        var here = found ?? place.Heat.Times;
        var words = $"A cup of water from {shown.Say(new Quantity(start, Dimension.Warmth))} in {place.Name}: after an hour it is at "
            + shown.Say(new Quantity(cup.After(start, place.Air, place.Transfer * here, 60), Dimension.Warmth));
        var chart = new HeatChart(
            minutes, Math.Min(0, Math.Floor(place.Air / 5) * 5), Math.Max(30, Math.Ceiling(start / 10) * 10), words, shown);
        chart.Grid();
        chart.Line("air", [(0, place.Air), (minutes, place.Air)]);
        if (Math.Abs(here - 1) > 0.005)
            chart.Line("book", Follow(1));
        chart.Line("middle", Follow(here));
        if (first is { } read)
            chart.Reading(0, read);
        if (second is var (at, celsius))
            chart.Reading(at, celsius);
        return chart.Done();

        IEnumerable<(double, double)> Follow(double times) => Enumerable.Range(0, Parts + 1).Select(
            i => (minutes * i / Parts, cup.After(start, place.Air, place.Transfer * times, minutes * i / Parts)));
    }
}
