using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Unicode;

namespace RoundCrumb.Web.Drawing;

/// <summary>How every drawing writes its numbers and its words: one manner of rounding, one encoder.</summary>
public static class Svg
{
    /// <summary>Encodes words for markup, and leaves letters of any alphabet as they are.</summary>
    public static HtmlEncoder Encoder { get; } = HtmlEncoder.Create(UnicodeRanges.All);

    /// <summary>A length or an angle, to a hundredth: finer than any screen or printer shows.</summary>
    public static string N(double value)
    {
        // A drawing has hundreds of them, so whole ones and halves are not left to a pattern.
        var hundredths = Math.Round(value * 100);
        if (Math.Abs(hundredths) >= int.MaxValue)
            return Math.Round(value, 2).ToString("0.##", CultureInfo.InvariantCulture);
        var (whole, rest) = Math.DivRem((int)hundredths, 100);
        if (rest == 0)
            return whole.ToString(CultureInfo.InvariantCulture);
        var sign = hundredths < 0 ? "-" : "";
        (whole, rest) = (Math.Abs(whole), Math.Abs(rest));
        return rest % 10 == 0
            ? string.Create(CultureInfo.InvariantCulture, $"{sign}{whole}.{rest / 10}")
            : string.Create(CultureInfo.InvariantCulture, $"{sign}{whole}.{rest:D2}");
    }

    /// <summary>Words as they may stand in an element or an attribute.</summary>
    public static string Text(string words) => Encoder.Encode(words);

    /// <summary>Adds markup: numbers in it are written as <see cref="N"/> writes them; words in it are <see cref="Text"/>.</summary>
    public static StringBuilder Add(this StringBuilder svg, [InterpolatedStringHandlerArgument(nameof(svg))] ref SvgMarkup markup) => svg;
}

/// <summary>Writes what stands between quotes straight into a drawing.</summary>
/// <param name="literal">Letters outside the holes.</param>
/// <param name="holes">How many holes.</param>
/// <param name="svg">The drawing.</param>
[InterpolatedStringHandler]
public readonly ref struct SvgMarkup(int literal, int holes, StringBuilder svg)
{
    private readonly StringBuilder _svg = Roomy(svg, literal + (holes * 8));

    /// <summary>Letters as they stand.</summary>
    public void AppendLiteral(string words) => _svg.Append(words);

    /// <summary>Markup, or words that are encoded already.</summary>
    public void AppendFormatted(string? words) => _svg.Append(words);

    /// <summary>A path, or other markup that was put together before.</summary>
    public void AppendFormatted(StringBuilder markup) => _svg.Append(markup);

    /// <summary>A length or an angle.</summary>
    public void AppendFormatted(double value) => _svg.Append(Svg.N(value));

    /// <summary>A number in a manner of its own.</summary>
    public void AppendFormatted(double value, string format) => _svg.Append(value.ToString(format, CultureInfo.InvariantCulture));

    /// <summary>A whole number.</summary>
    public void AppendFormatted(int value) => _svg.Append(value.ToString(CultureInfo.InvariantCulture));

    private static StringBuilder Roomy(StringBuilder svg, int more)
    {
        svg.EnsureCapacity(svg.Length + more);
        return svg;
    }
}
