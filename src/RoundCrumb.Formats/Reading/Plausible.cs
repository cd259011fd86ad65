using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Reading;

/// <summary>
/// Whether a weight can be meant. The limits are our own, set wide: they catch a unit that was mistyped, not a generous hand. What lies
/// outside is asked about, and counted as it is written.
/// </summary>
internal static class Plausible
{
    /// <summary>One part for the largest tin takes no more of anything, g.</summary>
    private const double MostOfAnything = 5000;

    /// <summary>Thirty eggs, g.</summary>
    private const double MostEgg = 1500;

    /// <summary>Salt, spices, extracts and raising agents, g.</summary>
    private const double MostFlavour = 60;

    /// <summary>Vinegar, which may be boiled down, g.</summary>
    private const double MostVinegar = 800;

    /// <summary>Ground spices, g.</summary>
    private const double MostSpice = 35;

    /// <summary>What sets without starch: gelatine, agar, gums, g.</summary>
    private const double MostSetter = 60;

    /// <summary>One piece weighs at most so many times, or at least one part in so many, of what is usual.</summary>
    private const double PieceFactor = 3;

    /// <summary>What is odd about a weight; empty for nothing.</summary>
    public static string Question(Ingredient what, double grams)
    {
        var most = MostOf(what);
        return grams > most
            ? FormattableString.Invariant($"{Amount(grams)} of {what.ShortName} is far more than a pie takes. Is the unit right?")
            : "";
    }

    /// <summary>What is odd about so many pieces that weigh so much; empty for nothing.</summary>
    public static string PieceQuestion(Ingredient what, double pieces, double grams)
    {
        if (pieces <= 0 || what.GramsEach <= 0 || what.Piece.One.Length == 0 || what.PieceIsPack)
            return "";
        var each = grams / pieces;
        return each > what.GramsEach * PieceFactor || each < what.GramsEach / PieceFactor
            ? FormattableString.Invariant(
                $"One would weigh {Amount(each)}, and one {what.Piece.One} usually weighs {what.GramsEach:0.#} g. Is the weight right?")
            : "";
    }

    private static double MostOf(Ingredient what) => what switch
    {
        { Egg: not EggPart.None } => MostEgg,
        _ when what.Is(Traits.Vinegar) => MostVinegar,
        { Shelf: PantryShelf.Setters, Bloom: > 0 } => MostSetter,
        { Shelf: PantryShelf.Setters } when what.Is(Traits.Agar) || what.Sugars < 0.3 => MostSetter,
        { Shelf: PantryShelf.Flavours, Juice: > 0 } or { Shelf: PantryShelf.Flavours, Makeup.Water: > 0.6 } => MostFlavour * 3,
        { Shelf: PantryShelf.Flavours, Makeup.Starch: > 0.05 } => MostSpice,
        { Shelf: PantryShelf.Flavours } => MostFlavour,
        _ => MostOfAnything,
    };

    private static string Amount(double grams) =>
        grams >= 1000 ? FormattableString.Invariant($"{grams / 1000:0.#} kg") : FormattableString.Invariant($"{grams:0} g");
}
