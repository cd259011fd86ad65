using System.Globalization;
using System.Text;

namespace RoundCrumb.Core.Ingredients;

/// <summary>The words of a name as they are compared: lower case, without accents and marks, each in the singular.</summary>
public static class NameWords
{
    /// <summary>The words of a name, in their order.</summary>
    public static IEnumerable<string> Of(string name)
    {
        var word = new StringBuilder(16);
        foreach (var c in name.Select(WithoutAccent))
        {
            if (char.GetUnicodeCategory(c) is UnicodeCategory.NonSpacingMark || c is '\'' or '’' or '.')
                continue;
            if (char.IsLetterOrDigit(c) || c == '%')
            {
                word.Append(char.ToLowerInvariant(c));
                continue;
            }

            if (word.Length > 0)
            {
                yield return Singular(word.ToString());
                word.Clear();
            }
        }

        if (word.Length > 0)
            yield return Singular(word.ToString());
    }

    /// <summary>
    /// A letter without what stands over or under it, in lower case where it had something: by a table, since without the system's own
    /// tables of languages nothing is taken apart.
    /// </summary>
    /// <param name="letter">Any character; what has no accent is given back as it is.</param>
    public static char WithoutAccent(char letter)
    {
        if (letter < 'À')
            return letter;
        var lower = char.ToLowerInvariant(letter);
        return Accented.IndexOf(lower, StringComparison.Ordinal) is >= 0 and var at ? Bare[at] : letter;
    }

    private const string Accented = "àáâãäåāăąçćčďđèéêëēėęěğìíîïīįıłľñńňòóôõöøōőŕřśşšțťùúûüūůűýÿźżžæœß";
    private const string Bare = "aaaaaaaaacccddeeeeeeeegiiiiiiillnnnoooooooorrsssttuuuuuuuyyzzzaos";

    /// <summary>A name as it is looked up: its words with a blank between them.</summary>
    public static string Key(string name) => string.Join(' ', Of(name));

    /// <summary>A word in the singular, by the English endings.</summary>
    public static string Singular(string word) => word switch
    {
        "leaves" => "leaf",
        "halves" => "half",
        "yogurt" or "yogurts" or "yoghurts" or "yoghourt" => "yoghurt",
        _ when word.Length > 4 && word.EndsWith("ies", StringComparison.Ordinal) && word is not "cookies" => word[..^3] + "y",
        _ when word.Length > 4
            && (
                word.EndsWith("oes", StringComparison.Ordinal) || word.EndsWith("shes", StringComparison.Ordinal)
                    || word.EndsWith("ches", StringComparison.Ordinal)) =>
            word[..^2],
        _ when word.Length > 3 && word[^1] == 's' && word[^2] is not ('s' or 'u' or 'i') => word[..^1],
        _ => word,
    };
}
