using System.Net;
using System.Text;
using System.Text.RegularExpressions;

namespace RoundCrumb.Formats.Import;

/// <summary>
/// Takes words and data out of markup in one pass over it. No tree is built: recipes are words with some tags in them,
/// and a tree of tags that are never closed takes time with the square of their number.
/// </summary>
internal static partial class Markup
{
    private static readonly string[] Hidden = ["script", "style"];

    /// <summary>
    /// The words of a text: without tags, with its entities as the letters they stand for, and without what scripts and styles hold.
    /// </summary>
    public static string Words(string text)
    {
        if (text.Contains('&', StringComparison.Ordinal))
            text = WebUtility.HtmlDecode(text);
        if (!text.Contains('<', StringComparison.Ordinal) || !text.Contains('>', StringComparison.Ordinal))
            return text;
        var words = new StringBuilder(text.Length);
        for (var at = 0; at < text.Length;)
        {
            var open = text.IndexOf('<', at);
            if (open < 0 || !IsTag(text, open))
            {
                var end = open < 0 ? text.Length : open + 1;
                words.Append(text, at, end - at);
                at = end;
                continue;
            }

            words.Append(text, at, open - at);
            at = text.AsSpan(open).StartsWith("<!--") ? After(text, "-->", open) : EndOfTag(text, open);
            foreach (var name in Hidden)
            {
                if (Names(text, open, name))
                    at = After(text, ">", After(text, "</" + name, at));
            }
        }

        return words.ToString();
    }

    /// <summary>The words of a page, a line for each of its blocks.</summary>
    public static string Lines(string page) => Words(Blocks().Replace(page, "\n$0"));

    [GeneratedRegex(
        "<(?:/?(?:p|div|li|ul|ol|h[1-6]|tr|table|section|article|header|footer|nav|dt|dd|title)|br)\\b", RegexOptions.IgnoreCase)]
    private static partial Regex Blocks();

    /// <summary>What stands in the scripts of a kind, in the order of the page.</summary>
    /// <param name="page">The page.</param>
    /// <param name="type">The kind, as its type says.</param>
    /// <param name="most">The most that are taken.</param>
    public static IEnumerable<string> Scripts(string page, string type, int most)
    {
        for (var at = 0; most > 0;)
        {
            var open = page.IndexOf("<script", at, StringComparison.OrdinalIgnoreCase);
            if (open < 0)
                yield break;
            var begin = EndOfTag(page, open);
            var end = page.IndexOf("</script", begin, StringComparison.OrdinalIgnoreCase);
            end = end < 0 ? page.Length : end;
            if (page.AsSpan(open, begin - open).Contains(type, StringComparison.OrdinalIgnoreCase))
            {
                most--;
                yield return page[begin..end];
            }

            at = end;
        }
    }

    /// <summary>True where a tag, a comment or the like begins: "&lt; 5 g" is words.</summary>
    private static bool IsTag(string text, int at) =>
        at + 1 < text.Length && (char.IsAsciiLetter(text[at + 1]) || text[at + 1] is '/' or '!' or '?');

    private static bool Names(string text, int open, string name) =>
        text.AsSpan(open + 1).StartsWith(name, StringComparison.OrdinalIgnoreCase)
            && (open + 1 + name.Length >= text.Length || !char.IsAsciiLetterOrDigit(text[open + 1 + name.Length]));

    /// <summary>Behind the tag that begins here; a bracket between quotation marks does not end it.</summary>
    private static int EndOfTag(string text, int open)
    {
        var quote = '\0';
        for (var i = open + 1; i < text.Length; i++)
        {
            var c = text[i];
            if (quote != '\0')
                quote = c == quote ? '\0' : quote;
            else if (c is '"' or '\'' && text[i - 1] == '=')
                quote = c;
            else if (c == '>')
                return i + 1;
        }

        return text.Length;
    }

    private static int After(string text, string mark, int from)
    {
        var at = from >= text.Length ? -1 : text.IndexOf(mark, from, StringComparison.OrdinalIgnoreCase);
        return at < 0 ? text.Length : at + mark.Length;
    }
}
