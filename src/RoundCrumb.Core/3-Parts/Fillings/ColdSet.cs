using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>
/// How cold the middle of a filling has to be: what sets it says so. The degrees are where practice and sums meet; they are a start that a
/// kitchen's own bakes may move.
/// </summary>
/// <param name="Words">What sets it, in a word or two.</param>
/// <param name="Least">By its set index, the warmest at which it can be topped, or cut with care.</param>
/// <param name="Best">The warmest at which it is as firm as it gets.</param>
/// <param name="Rest">How long it then goes on firming before it can be cut; no time where it is firm as soon as it is cold.</param>
public sealed record ColdSet(string Words, Func<double, Constant> Least, Constant Best, Constant Rest)
{
    /// <summary>True where it is best after its family's time, however soon it is cold: a night.</summary>
    public bool BestByTime { get; private init; }

    private static readonly Constant NoRest = Resting(0, 0, 0, "It is firm as soon as it is cold.");

    private static readonly Constant LittleGelatine = Degrees(12, 10, 14, "So little gelatine holds only when it is cold.");
    private static readonly Constant SomeGelatine = Degrees(15, 13, 17, "Gelatine jells a few degrees below where it melts.");
    private static readonly Constant MuchGelatine = Degrees(18, 16, 20, "So much gelatine jells early.");

    /// <summary>Starch jells as it cools.</summary>
    public static readonly ColdSet Starch = new("starch", Always(21, 18, 25, "The starch has jelled."), Firm(8, 5, 10), NoRest);

    /// <summary>Gelatine: the more of it, the warmer it holds.</summary>
    public static readonly ColdSet Gelatine = new(
        "gelatine",
        index => index >= 2 ? MuchGelatine : index >= 1.2 ? SomeGelatine : LittleGelatine, Firm(6, 4, 8),
        Resting(30, 20, 60, "Its threads go on knitting."));

    /// <summary>Butter and yolk of a curd.</summary>
    public static readonly ColdSet ButterFat = new("butter", Always(18, 15, 20, "The butter in it is firm."), Firm(8, 5, 10), NoRest);

    /// <summary>Cocoa butter.</summary>
    public static readonly ColdSet Chocolate = new(
        "cocoa butter", Always(22, 20, 24, "Its cocoa butter begins to set."), Firm(18, 16, 20),
        Resting(60, 40, 120, "It crystallises slowly."));

    /// <summary>Egg that was baked, and acid on milk: eaten cold.</summary>
    public static readonly ColdSet Chilled = new("the cold", Always(10, 8, 12, "Warmer, it weeps from the cut."), Firm(8, 5, 10), NoRest);

    /// <summary>Egg that was baked, eaten warm or cool.</summary>
    public static readonly ColdSet Cool = new("cooling", Always(30, 25, 35, "Warmer, it crumbles at the cut."), Firm(20, 18, 24), NoRest);

    /// <summary>The fat of cheese, which firms slowly.</summary>
    public static readonly ColdSet Cheese = new(
        "the fat of the cheese", Always(8, 6, 9, "Its fat begins to firm."), Firm(6, 4, 8),
        Resting(300, 240, 420, "Its fat goes on firming for hours."))
    {
        BestByTime = true,
    };

    /// <summary>Whipped cream that is folded into something cold.</summary>
    public static readonly ColdSet FoldedCream = new(
        "the fat of the cream", Always(8, 6, 9, "The cream in it is firm."), Firm(6, 4, 8),
        Resting(180, 150, 240, "Cream and starch knit again after the folding."))
    {
        BestByTime = true,
    };

    /// <summary>Caramel stiffens as it cools.</summary>
    public static readonly ColdSet Caramel = new("sugar and butter", Always(15, 12, 18, "It no longer runs."), Firm(10, 8, 12), NoRest);

    private static Func<double, Constant> Always(double at, double low, double high, string reason)
    {
        var one = Degrees(at, low, high, reason);
        return _ => one;
    }

    private static Constant Degrees(double at, double low, double high, string reason) => new(
        "in the middle, to be topped or cut with care", at, low, high, Dimension.Warmth, reason);

    private static Constant Firm(double at, double low, double high) => new(
        "in the middle, when it is at its best", at, low, high, Dimension.Warmth, "Colder than that it firms no more.");

    private static Constant Resting(double at, double low, double high, string reason) => new(
        "goes on firming", at, low, high, Dimension.Time, reason);
}
