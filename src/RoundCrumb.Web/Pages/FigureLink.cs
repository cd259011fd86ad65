using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Unicode;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Web.Pages;

/// <summary>A figure on a page, as a link that opens its working.</summary>
public static class FigureLink
{
    /// <summary>Encodes what is special to HTML and leaves °, – and ½ as they are.</summary>
    public static HtmlEncoder Encoder { get; } = HtmlEncoder.Create(UnicodeRanges.All);

    /// <summary>The link.</summary>
    /// <param name="figure">The figure.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="composition">The composition's address.</param>
    /// <param name="pies">How many pies the figure is for.</param>
    /// <param name="said">How it is said, where that is not just its amount.</param>
    public static IHtmlContent To(IWorked figure, Shown shown, string composition, int pies, string? said = null)
    {
        var words = said ?? shown.Say(figure.Amount);
        var html = Encoder;
        return new HtmlString(string.Create(
            CultureInfo.InvariantCulture,
            $"<a class=\"num\" href=\"/working?f={figure.Id}&amp;n={pies}&amp;{html.Encode(composition)}\" data-working title=\"{html.Encode(figure.Name)}: how it was made\">{html.Encode(words)}</a>"));
    }

    /// <summary>A sentence whose figures open.</summary>
    public static IHtmlContent Sentence(Phrase phrase, Shown shown, string composition, int pies)
    {
        if (phrase.IsEmpty)
            return HtmlString.Empty;
        var words = Encoder.Encode(phrase.Template);
        if (phrase.Amounts is not { Length: > 0 } amounts)
            return new HtmlString(words);
        return new HtmlString(string.Format(CultureInfo.InvariantCulture, words, Array.ConvertAll(amounts, a => a.Figure is { } figure
            ? (object)To(figure, shown, composition, pies)
            : Encoder.Encode(shown.Say(a)))));
    }
}
