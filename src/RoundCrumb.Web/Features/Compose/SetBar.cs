using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>What sets a filling, each ingredient's part end to end, against the bands of its family.</summary>
public static class SetBar
{
    private const double Width = 560;

    /// <summary>The drawing.</summary>
    public static IHtmlContent Draw(FillingYield made, FillingFamily family, QuantityFormatter shown)
    {
        // The scale ends where the last band has run for as long as the one before it.
        var bands = family.Bands;
        var end = Math.Max(bands[^1].From + ((bands[^1].From - bands[^2].From) * 0.7), made.SetIndex.Value.Value * 1.03);
        double At(double index) => Width * index / end;
        var said = string.Join(
            ", ", made.SetParts.Select(p => $"{p.Ingredient.ShortName} {shown.Say(new Quantity(p.Index, Dimension.Count))}"));
        var svg = new StringBuilder(1500);
        svg.Add(
            $"<svg class=\"set-bar\" viewBox=\"0 0 {Width} 34\" role=\"img\" "
                + $"aria-label=\"{Svg.Text($"Set by {family.Scale.Name}: {said}; {made.Cut.Name}")}\">");
        for (var i = 0; i < bands.Count; i++)
        {
            var (from, to) = (At(bands[i].From), i + 1 < bands.Count ? At(bands[i + 1].From) : Width);
            var here = bands[i] == made.Cut;
            svg.Add(
                $"<rect class=\"band{(bands[i].Verdict == 0 ? " clean" : "")}\" x=\"{Svg.N(from)}\" y=\"0\" "
                    + $"width=\"{Svg.N(to - from)}\" height=\"14\"/>");
            if (to - from > bands[i].Name.Length * 6.2)
                svg.Add(
                    $"<text class=\"{(here ? "band-name here" : "band-name")}\" x=\"{Svg.N((from + to) / 2)}\" "
                        + $"y=\"30\">{Svg.Text(bands[i].Name)}</text>");
        }

        var x = 0.0;
        var shade = 0;
        foreach (var part in made.SetParts)
        {
            var wide = At(part.Index);
            svg.Add(
                $"<rect class=\"set-part part-{shade++ % 3}\" x=\"{Svg.N(x)}\" y=\"3\" width=\"{Svg.N(Math.Max(0, wide - 1))}\" "
                    + $"height=\"8\"><title>{Svg.Text(part.Ingredient.ShortName)}</title></rect>");
            x += wide;
        }

        return new HtmlString(svg.Append("</svg>").ToString());
    }
}
