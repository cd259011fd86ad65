using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Arranging;

/// <summary>A piece of fruit or a nut that is laid on a pie or into its filling.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it, many of them.</param>
/// <param name="Ingredient">What it is cut from.</param>
/// <param name="Length">Its longer side, which points at the middle.</param>
/// <param name="Width">Its shorter side; the same as <paramref name="Length"/> for a round piece.</param>
/// <param name="Thick">How high it lies; for slices how thick they are usually cut.</param>
/// <param name="Grams">What one weighs; for slices at their usual thickness.</param>
/// <param name="Trimmed">Share of the bought fruit that is stone, core, peel or hull.</param>
/// <param name="Tint">Its colour, as #rrggbb.</param>
/// <param name="Holds">Minutes it looks fresh once it lies there.</param>
public sealed record Piece(
    string Id, string Name, Ingredient Ingredient, Constant Length, Constant Width, Constant Thick, Constant Grams, Constant Trimmed,
    string Tint, MinuteRange Holds)
{
    /// <summary>True when it is sliced, so that its thickness is the baker's choice.</summary>
    public bool Sliced { get; init; }

    /// <summary>True for what is only put on as it is served: it browns or weeps.</summary>
    public bool AtServing { get; init; }

    /// <summary>What the same fruit is called in smaller pieces, which ride where these sink; empty for none.</summary>
    public string Smaller { get; init; } = "";

    /// <summary>True for a round piece, which has no way to point.</summary>
    public bool IsRound => Math.Abs(Length.Usual - Width.Usual) < 0.5;

    /// <summary>True for a piece heavy enough to sink in a soft filling: a whole half of heavy fruit.</summary>
    public bool Heavy => Grams.Usual >= PieceBook.Sinks.Usual;

    /// <summary>What one weighs, cut this thick.</summary>
    public double GramsAt(Millimetres thick) => Sliced ? Grams.Usual * thick.Value / Thick.Usual : Grams.Usual;
}

/// <summary>The pieces that come with Round Crumb. Sizes and weights are of middling fruit, measured; ± a fifth.</summary>
public static class PieceBook
{
    /// <summary>From this weight a piece sinks in a soft filling.</summary>
    public static readonly Constant Sinks = new(
        "a piece sinks from", 14, 12, 18, Dimension.Mass, "Halves of plum, apricot or pear go down in a soft filling; quarters ride.");

    private static readonly MinuteRange Cut = MinuteRange.Between(2 * 60, 4 * 60);
    private static readonly MinuteRange Firm = MinuteRange.Between(6 * 60, 12 * 60);
    private static readonly MinuteRange Cooked = MinuteRange.Between(24 * 60, 48 * 60);

    /// <summary>Strawberries cut through, cut side down.</summary>
    public static readonly Piece StrawberryHalves = Of(
        "strawberry-halves", "strawberry halves", "strawberries", 32, 25, 13, 7, 0.08, "#d2404a", Cut) with
    { AtServing = true };

    /// <summary>Whole raspberries, open end down.</summary>
    public static readonly Piece Raspberries = Of(
        "raspberries", "raspberries", "raspberries", 20, 20, 18, 4, 0.02, "#c93a5e", Cut) with
    { AtServing = true };

    /// <summary>Slices across a banana.</summary>
    public static readonly Piece BananaSlices = Of("banana-slices", "banana slices", "bananas", 32, 32, 8, 6, 0.35, "#f2e3a8", Cut) with
    {
        AtServing = true,
        Sliced = true,
    };

    /// <summary>Quarters of a plum, skin down.</summary>
    public static readonly Piece PlumQuarters = Of("plum-quarters", "plum quarters", "plums", 42, 20, 20, 12, 0.10, "#8d3b52", Cooked);

    /// <summary>Halves of an apricot, cut side up.</summary>
    public static readonly Piece ApricotHalves = Of(
        "apricot-halves", "apricot halves", "apricots", 42, 40, 18, 16, 0.10, "#eda24d", Cooked) with
    { Smaller = "apricot-quarters" };

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Piece> All { get; } =
    [
        StrawberryHalves,
        Raspberries,
        Of("blackberries", "blackberries", "blackberries", 24, 24, 20, 6, 0.02, "#43324f", Cut) with { AtServing = true },
        Of("blueberries", "blueberries", "blueberries", 13, 13, 12, 1.5, 0.02, "#4c5b86", Firm),
        Of("cherries", "stoned cherries", "cherries", 21, 21, 18, 7, 0.15, "#7d2237", Firm),
        Of("grape-halves", "grape halves", "grapes", 22, 16, 9, 2.5, 0.02, "#a7b25a", Firm),
        BananaSlices,
        Of("kiwi-slices", "kiwi slices", "kiwi", 46, 46, 5, 9, 0.15, "#9db84e", Cut) with { Sliced = true },
        Of("orange-slices", "orange slices", "orange", 68, 68, 5, 18, 0.30, "#ef9a3c", Firm) with { Sliced = true },
        Of("peach-slices", "peach slices", "peaches", 58, 22, 16, 11, 0.13, "#f0b35c", Firm),
        Of("apple-slices", "apple slices", "apples", 66, 26, 4, 6, 0.25, "#e9dba6", Cooked) with { Sliced = true },
        Of("pear-slices", "pear slices", "pears", 80, 28, 5, 9, 0.22, "#ece0b4", Cooked) with { Sliced = true },
        Of("pear-halves", "pear halves", "pears", 92, 62, 28, 62, 0.22, "#ece0b4", Cooked) with { Smaller = "pear-slices" },
        ApricotHalves,
        Of("apricot-quarters", "apricot quarters", "apricots", 40, 20, 14, 8, 0.10, "#eda24d", Cooked),
        Of("plum-halves", "plum halves", "plums", 44, 38, 20, 24, 0.10, "#8d3b52", Cooked) with { Smaller = "plum-quarters" },
        PlumQuarters,
        Of("fig-quarters", "fig quarters", "figs", 42, 24, 22, 11, 0.03, "#8a5a6b", Cut),
        Of("mango-slices", "mango slices", "mango", 72, 26, 8, 12, 0.35, "#f2b544", Firm) with { Sliced = true },
        Of("pecan-halves", "pecan halves", "pecans", 32, 17, 9, 1.8, 0, "#8b5a33", Cooked),
        Of("walnut-halves", "walnut halves", "walnuts", 32, 27, 12, 3.2, 0, "#b08a5a", Cooked),
    ];

    /// <summary>The piece with this id, or none.</summary>
    public static Piece? Find(string id) => All.FirstOrDefault(p => p.Id == id);

    private static Piece Of(
        string id, string name, string ingredient, double l, double w, double thick, double grams, double trimmed, string tint,
        MinuteRange holds) =>
        new(
        id, name, Pantry.Get(ingredient),
        Measured("long", l, Dimension.Length), Measured("wide", w, Dimension.Length), Measured("thick", thick, Dimension.Length),
        Measured("one weighs", grams, Dimension.Mass),
        new("stone, core, peel or hull", trimmed, trimmed * 0.7, trimmed * 1.4, Dimension.Share, "Of what is bought."), tint, holds);

    private static Constant Measured(string name, double value, Dimension dimension) =>
        new(name, value, value * 0.8, value * 1.2, dimension, "Of middling fruit; measure one of yours.");
}
