using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>Writes the declarations of filling families shortly.</summary>
internal static class FamilyWords
{
    public static readonly Phrase ColdChain = Cautions.ColdChain;

    public static readonly Phrase EggRich = Cautions.EggRich;

    public static readonly MethodStep SoftCheese = new("Take the cream cheese out to soften.", 1, 0, Place.Bench, "a finger sinks in")
    {
        Wait = Softening.CreamCheese.AsMinutes(),
        Softens = Softens.CreamCheese,
    };

    public static readonly MethodStep Bloom = new(
        new("Bloom the gelatine in its cold water 5 min, then melt it gently at {0}.", new Quantity(55, Dimension.Warmth, 50, 60)), 6, 0,
        Place.Bench, "clear, no grains")
    {
        Caution = Cautions.Gelatine,
    };

    public static Constant Line(double usual, double low, double high, string reason) =>
        new("below the rim", usual, low, high, Dimension.Length, reason);

    public static Constant Lost(string name, double usual, double low, double high, string reason) =>
        new(name, usual, low, high, Dimension.Share, reason);

    public static Constant Baked(double usual = 0.04, double low = 0.03, double high = 0.06, string reason = "Steam in the oven.") =>
        new("lost in baking", usual, low, high, Dimension.Share, reason);

    public static Constant Depth(double usual, double low, double high, string reason) =>
        new("depth the minutes are for", usual, low, high, Dimension.Length, reason);

    public static Constant Deepest(double usual, double low, double high, string reason) =>
        new("deepest that comes out even", usual, low, high, Dimension.Length, reason);

    public static Constant Heat(double usual, double low, double high, string reason) =>
        new("oven for the filled shell", usual, low, high, Dimension.OvenHeat, reason);

    public static Constant Done(double usual, double low, double high, string reason) =>
        new("done in the middle at", usual, low, high, Dimension.Warmth, reason);

    public static Constant Min(string name, double minutes) => new(name, minutes, Dimension.Time, "In bright metal, one shelf.");

    public static (Constant Best, Constant Most) Keeps(double best, string why, double most, string whyMost) =>
        (new("best within", best * 60, Dimension.Time, why), new("keeps at most", most * 60, Dimension.Time, whyMost));

    public static PourHeat Pours(double at, double low, double high, double bears, string warmer, string colder) => new(
        new("goes in at", at, low, high, Dimension.Warmth, "Where it still runs, and harms nothing that it meets."),
        new("its face bears", bears, bears - 3, bears + 3, Dimension.Warmth, "Warmer melts or thins it where it is met."), warmer, colder);
}
