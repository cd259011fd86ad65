using System.Globalization;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Formats.Reading;

/// <summary>What a measure of an ingredient weighs, and which of two measures is believed.</summary>
/// <param name="measures">Whose cups and eggs are meant.</param>
internal sealed class Weigher(RecipeMeasures measures)
{
    /// <summary>Two measures that differ by more than this are pointed out.</summary>
    private const double Disagree = 0.08;

    /// <summary>What the customary pairs differ by: 25 g and 1 oz, 50 g and 2 oz.</summary>
    private const double CustomsDisagree = 0.13;

    /// <summary>Imperial pints in an American one.</summary>
    private static readonly double ImperialPint = KitchenMeasures.Pint(CupSize.Imperial) / KitchenMeasures.Pint(CupSize.American);

    /// <summary>A weight this near to whole or half packs, in packs, speaks for itself.</summary>
    private const double PackFits = 0.03;

    public double? GramsOf(Measure measure, Ingredient what, EggSize? size, List<string> assumed)
    {
        var amount = measure.Middle;
        if (measure.IsRange)
            assumed.Add("the middle of the range");
        if (measure.Rough.Length > 0)
            assumed.Add(
                measure.Rough is "heaped" or "heaping"
                    ? "heaped: half as much again"
                    : measure.Rough is "rounded" ? "rounded: a quarter more"
                    : measure.Rough is "scant" ? "scant: a little less"
                    : $"{measure.Rough.TrimEnd('.')}: as it stands");
        var grams = amount.Grams;
        if (amount.Ml != 0)
        {
            grams += amount.Ml * what.BulkDensity;
            assumed.Add(FormattableString.Invariant($"{amount.Ml:0.#} ml × {what.BulkDensity:0.##} g/ml"));
        }

        if (amount.Sticks != 0)
        {
            grams += amount.Sticks * KitchenMeasures.GramsPerStick;
            assumed.Add("a stick is 113.4 g");
        }

        if (amount.Pieces != 0)
        {
            var each = what.Egg is not EggPart.None && what.GramsEach > 0
                ? KitchenMeasures.Egg(what.Egg, size ?? measures.Egg)
                : IsPack(measure.Container) && what.Pack.Grams > 0 && !what.PieceIsPack
                    && !what.Piece.One.StartsWith(measure.Container.TrimEnd('s'), StringComparison.Ordinal) ? what.Pack.Grams
                : what.GramsEach > 0 ? what.GramsEach
                : measure.Container.Length > 0 ? what.Pack.Grams
                : 0;
            if (each <= 0)
                return null;
            grams += amount.Pieces * each;
            var sized = what.Egg is not EggPart.None ? SizeWord(size ?? measures.Egg) + " " : "";
            assumed.Add(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{sized}{(what.Piece.One.Length > 0 ? what.Piece.One : measure.Container)}: {each:0.##} g"));
        }

        return grams is > 0 and < 1e6 ? grams : null;
    }

    /// <summary>A weight once the liquid is poured off.</summary>
    public static double Drained(double grams, List<string> assumed)
    {
        var left = FillingConstants.DrainedFruit.Usual;
        assumed.Add(FormattableString.Invariant($"drained: {left * 100:0} % of the tin is left"));
        return grams * left;
    }

    /// <summary>A bought shell of another size than the usual one: by the square of its diameter. Anything else stays as it is.</summary>
    public static double Sized(Ingredient what, double grams, double across, List<string> assumed)
    {
        if (what.PieceAcross.Value is not (> 0 and var usual))
            return grams;
        var by = across / usual;
        assumed.Add(FormattableString.Invariant($"{across / 10:0.#} cm across instead of {usual / 10:0.#}: × {by * by:0.00}"));
        return grams * by * by;
    }

    private static readonly HashSet<string> Packs = new(StringComparer.Ordinal)
    {
        "punnet", "punnets", "bunch", "bag", "bags", "box", "boxes", "pack", "packs", "packet", "packets", "package", "packages", "pkg",
        "pkt", "tub", "tubs", "carton", "cartons", "jar", "jars", "bottle", "bottles", "container", "containers", "tin", "tins", "can",
        "cans",
    };

    /// <summary>True for what is bought by the pack, however many pieces are in it.</summary>
    private static bool IsPack(string container) => Packs.Contains(container);

    /// <summary>What so many pieces or packs weigh, where a weight stands beside their number: of each, or of all.</summary>
    private static double OfPieces(Measure first, Measure second, Ingredient what, double? a, double other, out string trouble)
    {
        trouble = "";
        var n = first.Middle.Pieces;
        var usual = what.GramsEach > 0 ? what.GramsEach : what.Pack.Grams;
        var each = second.Each
            || (first.Container.Length > 0 && usual > 0 && n > 1.01
                && Math.Abs(Math.Log(other / usual)) < Math.Abs(Math.Log(other / n / usual)));
        var total = each ? other * n : other;
        if (first.Container.Length == 0 && a is { } counted && what.Egg is not EggPart.None
            && Math.Abs(counted - total) / Math.Max(counted, total) > 0.2)
        {
            trouble = FormattableString.Invariant(
                $"{n:0.##} weigh about {counted:0} g, and the line says {total:0} g. The weight is taken.");
        }

        return total;
    }

    /// <summary>Of two weights the one that fits a pack, and why; the first where neither or both do.</summary>
    private static (double Grams, string How) OfTwoWeights(Ingredient what, double grams, double other)
    {
        var pack = what.PieceIsPack ? what.GramsEach : what.Pack.Grams;
        var fits = pack > 0 && Off(other) < PackFits && Off(grams) > PackFits ? other : grams;
        return (fits, pack > 0 && Off(fits) < PackFits
            ? FormattableString.Invariant($"{fits:0} g fits a pack of {pack:0} g, and is taken")
            : FormattableString.Invariant($"nothing about {what.ShortName} tells which; the first, {fits:0} g, is taken"));

        double Off(double g) => Math.Abs((g / pack) - Math.Max(0.5, Math.Round(g / pack * 2) / 2));
    }

    /// <summary>Which of two measures is taken, and what to say when they disagree.</summary>
    public static double? Agree(
        Measure first, Measure second, Ingredient what, double? a, double? b, List<string> heard, List<string> assumed, out string trouble)
    {
        trouble = "";
        if (b is not { } other)
            return a;

        // Packs come in all sizes: what is written of them is taken, for each or for all, whichever is nearer to what one usually holds.
        if (first.Middle.IsCount)
        {
            assumed.Clear();
            assumed.AddRange(heard);
            return OfPieces(first, second, what, a, other, out trouble);
        }

        if (a is not { } grams)
            return other;
        var apart = Math.Abs(grams - other) / Math.Max(grams, other);

        // Spoons and cups are roughly weighed anyway: the scale's word is taken. An ounce is by custom 25 to 30 g.
        if (apart <= (ByCustom(first.Middle, second.Middle) || ByCustom(second.Middle, first.Middle) ? CustomsDisagree : Disagree))
            return first.Middle.IsMass || !second.Middle.IsMass ? grams : Weighed(other);
        var weighedFirst = first.Middle.IsMass;
        var weighedSecond = second.Middle.IsMass;
        var by = FormattableString.Invariant($"{apart * 100:0} %");
        if (weighedFirst && weighedSecond)
        {
            var (fits, how) = OfTwoWeights(what, grams, other);
            trouble = FormattableString.Invariant($"{grams:0} g and {other:0} g differ by {by}: {how}.");
            return fits;
        }

        if (weighedFirst == weighedSecond)
        {
            // A British pint beside millilitres is a fifth more than an American one.
            if (Math.Abs((other * ImperialPint / grams) - 1) <= Disagree)
                return grams;
            trouble = FormattableString.Invariant(
                $"The two measures differ by {by}: {grams:0} g and {other:0} g of {what.ShortName}. The first is taken.");
            return grams;
        }

        // One weighed, one by volume or count: does the weight make sense for this ingredient in that cup?
        var weighed = weighedFirst ? grams : other;
        var measured = weighedFirst ? other : grams;
        var ratio = weighed / measured;
        if (ratio is > 0.75 and < 1.35)
        {
            trouble = string.Create(CultureInfo.InvariantCulture,
                $"{weighed:0} g and {measured:0} g differ by {by}; {what.ShortName} packs more or less tightly, so the weight fits "
                    + $"and is taken.");
            return Weighed(weighed);
        }

        trouble = string.Create(CultureInfo.InvariantCulture,
            $"The weight, {weighed:0} g, does not fit: so much {what.ShortName} by volume weighs about {measured:0} g ({by} apart). "
                + $"The volume is taken.");
        if (weighedFirst)
        {
            assumed.Clear();
            assumed.AddRange(heard);
        }

        return measured;

        double Weighed(double g)
        {
            assumed.Clear();
            return g;
        }
    }

    /// <summary>True for a round weight in grams beside whole ounces, as recipes print them.</summary>
    private static bool ByCustom(Amounts grams, Amounts ounces) =>
        grams.IsMass && ounces.IsMass && grams.Grams % 5 < 1e-6 && ounces.Grams < 3.1 * KitchenMeasures.GramsPerOunce
            && Math.Abs((ounces.Grams / KitchenMeasures.GramsPerOunce) - Math.Round(ounces.Grams / KitchenMeasures.GramsPerOunce)) < 1e-6;

    private static string SizeWord(EggSize size) => size is EggSize.ExtraLarge ? "extra large" : size.ToString().ToLowerInvariant();
}
