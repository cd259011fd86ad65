namespace RoundCrumb.Formats.Reading;

/// <summary>Words that are known, and those that lie one slip of the finger from another.</summary>
/// <param name="words">The known words, lower case.</param>
internal sealed class Spelling(IEnumerable<string> words)
{
    /// <summary>A shorter word is too much like too many others.</summary>
    public const int Shortest = 5;

    private readonly HashSet<string> _known = new(words, StringComparer.Ordinal);
    private readonly Dictionary<int, string[]> _byLength =
        words.Distinct(StringComparer.Ordinal).Where(w => w.Length >= Shortest - 1).GroupBy(w => w.Length)
            .ToDictionary(g => g.Key, g => g.ToArray());

    /// <summary>True for a word that is known as it is.</summary>
    public bool Knows(string word) => _known.Contains(word);

    /// <summary>The known words that differ by one letter: one too many, one missing, another one, or two changed about.</summary>
    public IEnumerable<string> Near(string word) =>
        word.Length < Shortest
            ? []
            : Enumerable.Range(word.Length - 1, 3).SelectMany(n => _byLength.GetValueOrDefault(n) ?? []).Where(k => IsOneSlip(word, k))
                .Order(StringComparer.Ordinal);

    /// <summary>True for two different words that one slip makes of each other.</summary>
    public static bool IsOneSlip(ReadOnlySpan<char> a, ReadOnlySpan<char> b)
    {
        if (Math.Abs(a.Length - b.Length) > 1 || a.SequenceEqual(b))
            return false;
        var same = a.CommonPrefixLength(b);
        var x = a[same..];
        var y = b[same..];
        if (x.Length == y.Length)
            return x[1..].SequenceEqual(y[1..])
                || (x.Length > 1 && x[0] == y[1] && x[1] == y[0] && x[2..].SequenceEqual(y[2..]));
        return x.Length > y.Length ? x[1..].SequenceEqual(y) : x.SequenceEqual(y[1..]);
    }
}
