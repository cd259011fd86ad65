namespace RoundCrumb.Formats.Reading;

/// <summary>
/// A line's words behind its amount: the name up to a comma, a bracket or a phrase that is no name, and what follows as a note.
/// </summary>
/// <param name="Name">The name.</param>
/// <param name="Note">What is to be done to it, or minded.</param>
/// <param name="Bracket">What stands in the first bracket; empty for none.</param>
internal readonly record struct LineWords(string Name, string Note, string Bracket)
{
    private static readonly string[] Marks = [",", ";", " - ", " – ", " — ", "*", " ("];

    private static readonly string[] CutAt =
    [
        " plus extra", " plus more", " plus a little", " and extra", " + extra", " & extra", " plus some", " at room", " room temperature",
        " if needed", " as needed", " or to taste", " or as needed", " cut into", " from about", " such as ", " broken into",
        " in small pieces", " torn into", " soaked in", " left to", " straight from", " preferably", " or more", " each ", " cut in ",
        " until ", " cooked", " blitzed", " or less", " undiluted", " picked over", " weighed ", " reduced to", " reduced by",
        " reduced down", " boiled down", " boiled to", " simmered", " cooked down", " concentrated to",
    ];

    /// <summary>What may follow "for" or "to" within a name.</summary>
    private static readonly string[] WithinNames = ["whipping", "pies", "one", "eat", "roll", "bake"];

    /// <summary>The words of a text.</summary>
    public static LineWords Of(string rest)
    {
        var text = rest.TrimStart(' ', '-', '–', '—', ':');
        foreach (var lead in (string[])["of ", "each ", "the "])
        {
            if (text.StartsWith(lead, StringComparison.Ordinal))
                text = text[lead.Length..];
        }

        // A bracket before the name belongs to the amount: "(about 2 sticks) butter".
        var prefix = "";
        if (text.StartsWith('(') && text.IndexOf(')') is var closing and > 0 && closing < text.Length - 1)
        {
            prefix = text[1..closing];
            text = text[(closing + 1)..].TrimStart(' ', ',');
            if (text.StartsWith("of ", StringComparison.Ordinal))
                text = text[3..];
        }

        var end = text.Length;
        foreach (var mark in Marks)
        {
            if (text.IndexOf(mark, StringComparison.Ordinal) is var at and >= 0 && at < end)
                end = at;
        }

        foreach (var mark in CutAt)
        {
            if (text.IndexOf(mark, StringComparison.Ordinal) is var at and > 0 && at < end)
                end = at;
        }

        foreach (var mark in (string[])[" for ", " to "])
        {
            if (text.IndexOf(mark, StringComparison.Ordinal) is var at and > 0 && at < end
                    && !WithinNames.Contains(text[(at + mark.Length)..].Split([' ', ',', ')', '-'], 2)[0]))
                end = at;
        }

        var name = text[..end].Trim();
        var note = Trimmed(text[end..]);
        if (name.Length == 0 && text.StartsWith('('))
            note = Trimmed(text);
        if (prefix.Length > 0 && !char.IsAsciiDigit(prefix[0]))
            note = note.Length > 0 ? prefix + ", " + note : prefix;
        return new(name.Trim('(', ')', ' ', ':'), Trimmed(note), Bracketed(rest) ?? "");
    }

    /// <summary>A note without the marks round it.</summary>
    public static string Trimmed(string note) => note.Trim(' ', ',', ';', '-', '–', '—', '*', '.');

    /// <summary>What stands in the first bracket of a text; none where there is none.</summary>
    private static string? Bracketed(string rest)
    {
        var open = rest.IndexOf('(');
        var close = open < 0 ? -1 : rest.IndexOf(')', open);
        return close > open + 1 ? rest[(open + 1)..close].Trim() : null;
    }
}
