using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features.Crusts;

/// <summary>The colours a base goes through, drawn as small shells.</summary>
public static class ColourScale
{
    /// <summary>A small shell of one colour.</summary>
    /// <param name="colour">Which.</param>
    /// <param name="here">True for the one to stop at.</param>
    public static IHtmlContent Draw(ShellColour colour, bool here)
    {
        var svg = new StringBuilder(900);
        svg.Add($"<svg class=\"cut colour{(here ? " stop" : "")}\" viewBox=\"0 0 72 72\" aria-hidden=\"true\">");
        svg.Add(
            $"<circle class=\"food\" cx=\"36\" cy=\"36\" r=\"34\" fill=\"{Darker(colour.Tint)}\"/><circle class=\"food base\" "
                + $"cx=\"36\" cy=\"36\" r=\"27\" fill=\"{colour.Tint}\"/>");
        for (var hole = 0; hole < 7; hole++)
        {
            var angle = Math.PI / 3 * hole;
            var (dx, dy) = hole == 6 ? (0, 0) : (14 * Math.Cos(angle), 14 * Math.Sin(angle));
            svg.Add($"<circle class=\"dock\" cx=\"{36 + dx:0.#}\" cy=\"{36 + dy:0.#}\" r=\"1.1\"/>");
        }

        return new HtmlString(svg.Append("</svg>").ToString());
    }

    /// <summary>The rim runs a little ahead of the base.</summary>
    private static string Darker(string tint)
    {
        var value = int.Parse(tint.AsSpan(1), NumberStyles.HexNumber, CultureInfo.InvariantCulture);
        int Part(int shift) => (int)(((value >> shift) & 255) * 0.9);
        return FormattableString.Invariant($"#{Part(16):x2}{Part(8):x2}{Part(0):x2}");
    }
}
