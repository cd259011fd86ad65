using System.Numerics;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Formats.Reading;

/// <summary>An answer to whether an allergen that a line names is in it: words that are written behind the line.</summary>
/// <param name="Word">What it says is in it, in a word: "almond"; empty where it says that nothing is.</param>
/// <param name="Adds">What is written behind the line: "contains almond".</param>
public sealed record AllergenAnswer(string Word, string Adds)
{
    private const Allergens Nuts = AllergenLexicon.AnyNut;

    /// <summary>From how many kinds of nuts on they are denied as "other nuts" and not one by one.</summary>
    private const int FewNuts = 3;

    /// <summary>
    /// The answers there are: one for each that it may contain, and last that it contains none of them. Whoever says one of several is
    /// asked about the others.
    /// </summary>
    /// <param name="asked">What nobody has answered; empty for no question.</param>
    public static IReadOnlyList<AllergenAnswer> To(Allergens asked)
    {
        var words = Words(asked);
        if (words.Count == 0)
            return [];
        var nuts = BitOperations.PopCount((uint)(asked & Nuts)) >= FewNuts;
        var none = nuts ? Words(asked & ~Nuts).Prepend("other nuts") : words;
        return
        [
            .. words.Select(w => new AllergenAnswer(w, $"contains {w}")), new("", string.Join(", ", none.Select(w => $"no {w}"))),
        ];
    }

    /// <summary>What is asked about, in words: "almond, hazelnut and milk".</summary>
    /// <param name="asked">What nobody has answered.</param>
    private static string Named(Allergens asked) => Words(asked) is [.. { Count: > 0 } first, var last]
        ? $"{string.Join(", ", first)} and {last}"
        : string.Join("", Words(asked));

    /// <summary>What is asked about, as a sentence.</summary>
    /// <param name="asked">What nobody has answered, more than none.</param>
    public static string Asks(Allergens asked) => $"Its words name {Named(asked)}.";

    /// <summary>A line with an answer behind it.</summary>
    /// <param name="line">As it was typed.</param>
    public string Behind(string line) => $"{line.TrimEnd().TrimEnd(',', ';')}, {Adds}";

    private static List<string> Words(Allergens asked) => [.. AllergenLaw.Named(asked).Select(n => n.Split(" (")[0]).Distinct()];
}
