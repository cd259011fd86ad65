using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Web.Drawing;

/// <summary>Warmth against the clock: the paper on which curves of heat are drawn.</summary>
public sealed class HeatChart
{
    /// <summary>The paper, px.</summary>
    public const double Wide = 720, High = 320, Left = 92, Bottom = 40, Top = 14, Right = 26;

    /// <summary>Two lines nearer than this have their words one above and one below, °C.</summary>
    private const double Near = 9;

    private readonly StringBuilder _svg = new(8192);
    private readonly double _minutes;
    private readonly double _coldest;
    private readonly double _warmest;
    private readonly QuantityFormatter _shown;
    private double _marked = double.NaN;

    /// <param name="minutes">To where the clock goes, more than 0.</param>
    /// <param name="coldest">°C at the foot.</param>
    /// <param name="warmest">°C at the head, more than that.</param>
    /// <param name="words">What is drawn, for who cannot see it.</param>
    /// <param name="shown">The baker's units.</param>
    public HeatChart(double minutes, double coldest, double warmest, string words, QuantityFormatter shown)
    {
        (_minutes, _coldest, _warmest, _shown) = (minutes, coldest, warmest, shown);
        _svg.Add($"<svg class=\"cooling\" viewBox=\"0 0 {Wide} {High}\" role=\"img\" aria-label=\"{Svg.Text(words)}\">");
    }

    /// <summary>Where a minute stands.</summary>
    public double X(double minutes) => Left + ((Wide - Left - Right) * minutes / _minutes);

    /// <summary>Where a warmth stands.</summary>
    public double Y(double celsius) => Top + ((High - Top - Bottom) * (_warmest - celsius) / (_warmest - _coldest));

    /// <summary>A minute as it is said on the chart.</summary>
    public string Say(double minutes) =>
        _shown.Say(new Quantity(minutes < 90 ? Math.Round(minutes) : Math.Round(minutes / 5) * 5, Dimension.Time));

    /// <summary>A shape of one's own.</summary>
    public void Path(string css, string d) => _svg.Add($"<path class=\"{css}\" d=\"{d}\"/>");

    /// <summary>Lines for the eye, with their degrees and times.</summary>
    public void Grid()
    {
        for (var t = Math.Ceiling(_coldest / 20) * 20; t <= _warmest; t += 20)
        {
            _svg.Add($"<path class=\"hair\" d=\"M{Left} {Y(t)}H{Wide - Right}\"/>");
            _svg.Add($"<text class=\"tick\" x=\"{Left - 6}\" y=\"{Y(t) + 4}\" text-anchor=\"end\">");
            _svg.Add($"{Svg.Text(_shown.Say(new Quantity(t, Dimension.Warmth)))}</text>");
        }

        double[] steps = [5, 10, 20, 30, 60, 120, 240];
        var every = Array.Find(steps, s => _minutes / s <= 8) is var step and > 0 ? step : 480;
        for (double m = 0; m <= _minutes + 1e-6; m += every)
        {
            _svg.Add($"<path class=\"hair\" d=\"M{X(m)} {Top}V{High - Bottom}\"/>");
            if (m == 0)
                continue;
            _svg.Add($"<text class=\"tick\" x=\"{X(m)}\" y=\"{High - Bottom + 18}\" text-anchor=\"middle\">");
            _svg.Add($"{(every % 60 == 0 ? m / 60 : m)} {(every % 60 == 0 ? "h" : "min")}</text>");
        }
    }

    /// <summary>A warmth that is waited for, with where it is reached.</summary>
    /// <param name="celsius">Which.</param>
    /// <param name="at">When it is; none where it is not.</param>
    /// <param name="name">What it is called.</param>
    public void Mark(double celsius, double? at, string name)
    {
        _svg.Add($"<path class=\"mark\" d=\"M{Left} {Y(celsius)}H{Wide - Right}\"/>");
        if (at is > 0 and var minutes && minutes <= _minutes)
        {
            Dot(minutes, celsius);
            var before = X(minutes) > Wide * 0.7;
            var below = Math.Abs(_marked - celsius) < Near;
            _svg.Add($"<text class=\"says\" x=\"{X(minutes) + (before ? -9 : 9)}\" y=\"{Y(celsius) + (before || below ? 22 : -8)}\" ");
            _svg.Add($"text-anchor=\"{(before ? "end" : "start")}\">{Svg.Text(Say(minutes))}: {Svg.Text(name)}</text>");
        }

        _marked = celsius;
    }

    /// <summary>A moment from which on something else is done.</summary>
    /// <param name="at">When.</param>
    /// <param name="name">What is done then.</param>
    /// <param name="after">Where it is from then on.</param>
    public void Then(double at, string name, string after)
    {
        _svg.Add($"<path class=\"mark\" d=\"M{X(at)} {Top}V{High - Bottom}\"/>");
        _svg.Add($"<text class=\"says\" x=\"{X(at) + 9}\" y=\"{High - Bottom - 10}\">{Svg.Text(name)}</text>");
        _svg.Add($"<text class=\"tick\" x=\"{X(at) + 9}\" y=\"{Top + 12}\">{Svg.Text(after)}</text>");
    }

    /// <summary>A point that matters.</summary>
    public void Dot(double minutes, double celsius) =>
        _svg.Add($"<circle class=\"at\" cx=\"{X(minutes)}\" cy=\"{Y(celsius)}\" r=\"5\"/>");

    /// <summary>A curve.</summary>
    public void Line(string css, IEnumerable<(double Minutes, double Celsius)> points)
    {
        _svg.Add($"<path class=\"{css}\" d=\"");
        var next = 0.0;
        var step = _minutes / 160;
        foreach (var (minutes, celsius) in points)
        {
            if (minutes < next || minutes > _minutes || !double.IsFinite(celsius))
                continue;
            _svg.Add($"{(next == 0 ? "M" : "L")}{X(minutes)} {Y(Math.Clamp(celsius, _coldest, _warmest))}");
            next = minutes + step;
        }

        _svg.Append("\"/>");
    }

    /// <summary>What a thermometer read.</summary>
    public void Reading(double minutes, double celsius)
    {
        if (minutes <= _minutes && celsius >= _coldest && celsius <= _warmest)
            _svg.Add($"<path class=\"read\" d=\"M{X(minutes) - 6} {Y(celsius)}h12m-6 -6v12\"/>");
    }

    /// <summary>The drawing.</summary>
    public HtmlString Done() => new(_svg.Append("</svg>").ToString());
}
