using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Layering;

/// <summary>How warm a kind of filling goes in, and how warm a thing it bears on top of it once it has set.</summary>
/// <param name="Id">The filling family's own id.</param>
/// <param name="At">How warm it goes in.</param>
/// <param name="Bears">The warmest that may be poured onto it when it is set and cold.</param>
/// <param name="Warmer">What happens when it goes in warmer; empty where nothing does.</param>
/// <param name="Colder">What happens when it goes in colder; empty where nothing does.</param>
public sealed record PourHeat(string Id, Constant At, Constant Bears, string Warmer, string Colder)
{
    /// <summary>One for each family.</summary>
    public static IReadOnlyList<PourHeat> All { get; } =
    [
        Of("starch-custard", 82, 70, 90, 60, "", "it has begun to set, and goes in torn and lumpy"),
        Of("starch-light", 8, 5, 15, 20, "the cream in it melts and it runs", ""),
        Of("baked-custard", 50, 40, 60, 60, "it begins to scramble where it meets the tin", "it bakes unevenly: the rim is done long before the middle"),
        Of("curd", 38, 32, 60, 45, "it soaks into the base before it thickens", "it has set in the bowl and will not level"),
        Of("baked-citrus", 20, 15, 30, 50, "the egg begins to cook in the jug", ""),
        Of("acid-milk", 20, 15, 25, 35, "", ""),
        Of("cheese-gelatine", 20, 18, 24, 28, "it soaks into the base and the cream in it melts", "it has set in the bowl, and goes in torn"),
        Of("cheese", 10, 6, 15, 22, "the cream in it softens and it never stands", ""),
        Of("chiffon", 18, 15, 20, 26, "the foam sinks before it sets", "it has set in the bowl, and goes in torn"),
        Of("ganache", 35, 32, 42, 30, "it may split, and it softens what it lies on", "it sets ridged and dull"),
        Of("almond", 20, 18, 22, 90, "the butter in it oils out", ""),
        Of("fresh-curd", 20, 15, 25, 60, "the egg begins to cook in the bowl", ""),
        Of("nut-syrup", 40, 35, 50, 60, "the egg begins to cook in the pan", "it is too stiff to level"),
        Of("fruit-crumble", 20, 10, 25, 80, "it melts the fat out of the base", ""),
        Of("caramel", 38, 32, 45, 55, "it runs under the crust and melts its fat", "it no longer levels"),
    ];

    /// <summary>What a family goes in at.</summary>
    public static PourHeat For(string family) => All.FirstOrDefault(h => h.Id == family) ?? All[0];

    private static PourHeat Of(string id, double at, double low, double high, double bears, string warmer, string colder) => new(
        id, new("goes in at", at, low, high, Dimension.Warmth, "Where it still runs, and harms nothing that it meets."),
        new("bears on it", bears, bears - 5, bears + 5, Dimension.Warmth, "Warmer melts or thins its surface."), warmer, colder);
}

/// <summary>Two layers that meet, and how warm the upper one may be.</summary>
/// <param name="Upper">What goes on.</param>
/// <param name="Lower">What it goes onto.</param>
/// <param name="Says">How warm, in a sentence.</param>
/// <param name="IfNot">What happens if it is not so; empty where nothing does.</param>
/// <param name="Melts">True when even the coolest that it can be poured is more than what is beneath bears.</param>
public sealed record Meeting(string Upper, string Lower, Phrase Says, string IfNot, bool Melts);
