using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Buying;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Prices;

/// <summary>How the price of a kilogram has gone, a line for each pack: it stands until it changes.</summary>
public static class PriceGraph
{
    private const double Wide = 640, High = 220, Left = 64, Right = 150, Top = 14, Bottom = 28;
    private static readonly string[] Dashes = ["", "7 4", "2 4", "10 3 2 3"];

    /// <summary>The graph.</summary>
    /// <param name="prices">Prices of one ingredient, the oldest first.</param>
    /// <param name="today">Where the lines end.</param>
    /// <param name="shown">The baker's units.</param>
    public static IHtmlContent Draw(IReadOnlyList<PackPrice> prices, DateOnly today, QuantityFormatter shown)
    {
        var known = prices.Where(p => p.Since <= today).ToList();
        if (known.All(p => p.Price is null))
            return HtmlString.Empty;
        double PerKilo(PackPrice p) => (double)p.Price!.Value / p.Grams * 1000;
        var first = known.Min(p => p.Since);
        var days = Math.Max(30, today.DayNumber - first.DayNumber);
        var most = known.Where(p => p.Price is not null).Max(PerKilo) * 1.08;
        double X(DateOnly day) => Left + ((Wide - Left - Right) * (day.DayNumber - (today.DayNumber - days)) / days);
        double Y(double pounds) => Top + ((High - Top - Bottom) * (1 - (pounds / most)));
        var svg = new StringBuilder();
        svg.Add($"<svg class=\"price-graph\" viewBox=\"0 0 {Wide} {High}\" role=\"img\" aria-label=\"What a kilogram has cost\">");
        var step = most > 40 ? 20 : most > 16 ? 5 : most > 6 ? 2 : most > 2 ? 1 : 0.5;
        for (var pounds = 0.0; pounds <= most; pounds += step)
        {
            svg.Add($"<path class=\"hair\" d=\"M{Left} {Y(pounds)}H{Wide - Right}\"/>");
            svg.Add($"<text class=\"tick\" x=\"{Left - 6}\" y=\"{Y(pounds) + 4}\" text-anchor=\"end\">");
            svg.Add($"{QuantityFormatter.Money(pounds)}</text>");
        }

        foreach (var at in new[] { today.AddDays(-days), today.AddDays(-days / 2), today })
        {
            svg.Add($"<text class=\"tick\" x=\"{X(at)}\" y=\"{High - 8}\" text-anchor=\"middle\">");
            svg.Add($"{at.ToString("MMM yy", CultureInfo.InvariantCulture)}</text>");
        }

        var named = new List<double>();
        foreach (var (line, i) in known.GroupBy(p => (p.Grams, p.Shop)).Select((g, i) => (g, i)))
        {
            var path = new StringBuilder();
            double? last = null;
            foreach (var price in line)
            {
                if (last is { } before)
                    path.Add($"H{X(price.Since)}");
                if (price.Price is null)
                {
                    last = null;
                    continue;
                }

                if (last is null)
                    path.Add($"M{X(price.Since)} {Y(PerKilo(price))}");
                else
                    path.Add($"V{Y(PerKilo(price))}");
                last = PerKilo(price);
            }

            if (last is { } end)
            {
                path.Add($"H{X(today)}");
                var y = Y(end);
                while (named.Exists(n => Math.Abs(n - y) < 15))
                    y += 15;
                named.Add(y);
                var size = line.Key.Grams >= 1000
                    ? string.Create(CultureInfo.InvariantCulture, $"{line.Key.Grams / 1000:0.###} kg")
                    : string.Create(CultureInfo.InvariantCulture, $"{line.Key.Grams:0.#} g");
                svg.Add($"<text class=\"says\" x=\"{Wide - Right + 6}\" y=\"{y + 4}\">{Svg.Text($"{size} {line.Key.Shop}".Trim())}</text>");
            }

            svg.Add($"<path class=\"line\" stroke-dasharray=\"{Dashes[i % Dashes.Length]}\" d=\"{path}\"/>");
        }

        svg.Add($"</svg>");
        return new HtmlString(svg.ToString());
    }
}
