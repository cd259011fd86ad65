using System.Globalization;
using Microsoft.AspNetCore.Html;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Features;

/// <summary>A figure on a page, as a link that opens its working.</summary>
public static class FigureLink
{
    /// <summary>The link.</summary>
    /// <param name="figure">The figure.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="composition">The composition's address.</param>
    /// <param name="pies">How many pies the figure is for.</param>
    /// <param name="said">How it is said, where that is not just its amount.</param>
    public static IHtmlContent To(IWorked figure, QuantityFormatter shown, string composition, int pies, string? said = null)
    {
        return At(
            string.Create(CultureInfo.InvariantCulture, $"{Routes.Working}?f={figure.Id}{(pies == 1 ? "" : $"&n={pies}")}&{composition}"),
            figure, said ?? shown.Say(figure.Amount));
    }

    /// <summary>The link to a figure whose working is at an address of its own.</summary>
    /// <param name="address">Where it opens.</param>
    /// <param name="figure">The figure.</param>
    /// <param name="said">How it is said.</param>
    public static IHtmlContent At(string address, IWorked figure, string said) => new HtmlString(
        $"<a class=\"num\" href=\"{Href(address)}\" data-working title=\"{Svg.Text(figure.Name)}\">{Svg.Text(said)}</a>");

    /// <summary>
    /// An address as it may stand in an attribute. What parts its fields needs no escape there, since no name of a character that ends in
    /// a semicolon can follow it; a page holds hundreds of them.
    /// </summary>
    private static string Href(string address) => address.Contains(';', StringComparison.Ordinal)
        ? Svg.Text(address)
        : Svg.Text(address).Replace("&amp;", "&", StringComparison.Ordinal);

    /// <summary>A sentence whose figures open.</summary>
    public static IHtmlContent Sentence(Phrase phrase, QuantityFormatter shown, string composition, int pies)
    {
        if (phrase.IsEmpty)
            return HtmlString.Empty;
        var words = Svg.Text(phrase.Template);
        if (phrase.Amounts is not { Length: > 0 } amounts)
            return new HtmlString(words);
        return new HtmlString(string.Format(CultureInfo.InvariantCulture, words, Array.ConvertAll(amounts, a => a.Figure is { } figure
            ? (object)To(figure, shown, composition, pies)
            : Svg.Text(shown.Say(a)))));
    }
}
