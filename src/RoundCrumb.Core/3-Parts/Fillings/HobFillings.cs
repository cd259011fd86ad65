using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;
using static RoundCrumb.Core.Fillings.FamilyWords;

namespace RoundCrumb.Core.Fillings;

/// <summary>
/// Fillings cooked on the hob, or melted there: they set as they cool. One declaration each; everything else follows from it.
/// </summary>
internal static class HobFillings
{
    private static readonly Constant CustardCooks = new(
        "custard is cooked to", 95, 92, 98, Dimension.Warmth, "A bubble: starch swells, and what in yolk would thin it is gone.");

    private static readonly Constant CurdCooks = new(
        "curd is cooked to", 80, 78, 82, Dimension.Warmth, "It coats the spoon; boiling, it grains.");

    private static readonly MethodStep[] Custard =
    [
        new("Weigh everything; whisk yolks, sugar and starch smooth.", 6, 1, Place.Bench, "no lumps"),
        new(
            new(
                "Bring the milk to steaming, whisk it in, and cook to a bubble ({0}); hold it there 1–2 min.",
                new Quantity(95, Dimension.Warmth)),
            12, 2.5, Place.Hob, "it mounds, and the whisk leaves a track")
            { Caution = Cautions.HotCustard },
        new("Off the heat, butter and flavouring in; through a sieve.", 3, 1, Place.Bench, "smooth and glossy"),
    ];

    public static readonly FillingFamily StarchCustard = new(
        "starch-custard", "Stovetop starch custard", SetScale.Starch, GoesInHot: true,
        Line(5, 3, 8, "Room for the film and for the cream above."),
        Lost("lost in simmering", 0.06, 0.04, 0.09, "Steam, from first warmth to the minute or two at a bubble."),
        new(180, 720, 24 * 60),
        Depth(25, 22, 28, "It goes in hot; a still fridge cools about in proportion to depth."),
        Keeps(24, "The base softens a little every hour.", 60, "Two to three days cold; egg and milk."),
        Deepest(35, 30, 40, "Deeper, the middle is warm too long and weeps when cut."),
        Custard,
        new(
            "Within 10 min, fill each cold shell {0} deep and lay film on the surface.", 1, 2, Place.Bench, "level; no air under the film")
        { Caution = Cautions.SteamUnderFilm })
    {
        Shell = new(
            "starch-custard", "Stovetop starch custard (cream pie)", ShellBake.Full, true,
            "It goes in cooked and only sets: the shell gets no more heat."),
        SetsBy = ColdSet.Starch,
        PourHeat = Pours(82, 70, 90, 60, "", "it has begun to set, and goes in torn and lumpy"),
        Ratios =
        [
            new(
                "sugars", i => i.Sugars,
                FamilyRatio.Percent("sugars in a starch custard", 13, 8, 24, "Less is flat, more softens the set."), "it tastes flat",
                "it is cloying, and sugar takes water from the starch"),
            new(
                "egg", i => i.Egg is EggPart.None ? 0 : 1,
                FamilyRatio.Percent("egg in a starch custard", 10, 4, 20, "Yolk for richness and colour."), "it is pale and lean",
                "it tastes of egg"),
            new(
                "starch", i => i.StarchEquivalent, FamilyRatio.Percent("starch as cornflour", 3.8, 2.3, 6, "What sets it."),
                "there is little to set it", "it turns pasty"),
            new(
                "milk and cream", i => i.Shelf is PantryShelf.Dairy ? 1 : 0,
                FamilyRatio.Percent("milk and cream", 72, 50, 88, "The body of it."), "there is little custard in it",
                "there is little else in it"),
        ],
        HobTakesEggTo = CustardCooks,
        SetCaution = EggRich,
    };

    public static readonly FillingFamily LightCustard = new(
        "starch-light", "Custard lightened with whipped cream", SetScale.Starch, GoesInHot: false,
        Line(4, 2, 6, "It goes in cold and does not move."),
        Lost("lost in simmering", 0.05, 0.03, 0.08, "Only the custard simmers; the cream does not."),
        new(240, 480, 24 * 60),
        Depth(40, 35, 45, "It goes in cold."),
        Keeps(24, "The cream slowly gives its water to the base.", 48, "Two days cold; egg, milk and cream."),
        Deepest(50, 45, 60, "Deeper, its own weight presses the air out."),
        [
            .. Custard,
            new("Film on the surface; cool it right down, quickest spread in a shallow tray.", 2, 0, Place.Fridge, "cold to the middle")
            {
                Wait = new(60, 90, 24 * 60),
                Caution = EggRich,
            },
            new(
                "Beat the cold custard smooth, whip the cream to soft peaks, fold it in by thirds.", 6, 1.5, Place.Mixer,
                "no streaks, still airy"),
        ],
        new("Fill each cold shell {0} deep and level it.", 1, 2, Place.Bench, "level, no holes at the wall"))
    {
        Shell = new("starch-light", "Starch custard lightened with cream", ShellBake.Full, true, "It goes in cold."),
        SetsBy = ColdSet.FoldedCream,
        PourHeat = Pours(8, 5, 15, 18, "the cream in it melts and it runs", ""),
        Ratios =
        [
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars in a light custard", 13, 8, 22, "Cream and air dull sweetness."),
                "it tastes flat", "it is cloying"),
            new(
                "starch", i => i.StarchEquivalent,
                FamilyRatio.Percent("starch as cornflour", 3.7, 2.3, 5.5, "It has to hold the cream as well."),
                "it slumps once the cream is in", "it turns pasty"),
        ],
        HobTakesEggTo = CustardCooks,
        SetCue = "a spoon leaves a clean hollow",
        SetCaution = ColdChain,
        TooDeep = "Its own weight presses the air out of the bottom.",
    };

    public static readonly FillingFamily PouredCurd = new(
        "curd", "Citrus curd, poured", SetScale.Curd, GoesInHot: true,
        Line(4, 2, 6, "It goes in level and does not rise."),
        Lost("lost in cooking", 0.04, 0.02, 0.06, "It is stirred below a simmer, so little steams away."),
        new(180, 480, 24 * 60),
        Depth(25, 22, 30, "It goes in warm."),
        Keeps(24, "The base softens under so much juice.", 72, "Three days cold in the shell; five in the jar."),
        Deepest(35, 30, 40, "Deeper, it is too much of so sharp a thing, and sets slowly."),
        [
            new(
                "Whisk yolks, egg, sugar, juice and zest in a bowl over barely simmering water.", 6, 0.5, Place.Hob,
                "even, no streaks of egg") { Caution = Cautions.SteamUnderBowl },
            new(
                new("Stir until it coats the spoon, {0}; never let it boil.", new Quantity(80, Dimension.Warmth, 78, 82)), 12, 1.5,
                Place.Hob, "a finger leaves a line on the spoon"),
            new("Off the heat, the cold butter in by pieces; through a sieve.", 4, 0.5, Place.Bench, "glossy, no grains"),
        ],
        new("Let it cool to blood heat, fill each shell {0} deep, film on the surface.", 1, 2, Place.Bench, "level; no air under the film"))
    {
        Shell = new("curd", "Citrus curd, poured", ShellBake.Full, true, "It goes in warm and sets cold."),
        SetsBy = ColdSet.ButterFat,
        PourHeat = Pours(38, 32, 60, 30, "it soaks into the base before it thickens", "it has set in the bowl and will not level"),
        Ratios =
        [
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars in a curd", 26, 18, 36, "Against so much acid."), "it puckers",
                "it is sweet before it is sharp"),
            new(
                "butter", i => i.IsFat ? 1 : 0,
                FamilyRatio.Percent("butter in a curd", 21, 12, 32, "It rounds the acid and stiffens when cold."), "it is thin and harsh",
                "it is greasy"),
        ],
        HobTakesEggTo = CurdCooks,
        SetCaution = EggRich,
    };

    public static readonly FillingFamily Ganache = new(
        "ganache", "Chocolate ganache", SetScale.Chocolate, GoesInHot: true,
        Line(3, 1, 5, "A shallow tart is filled almost to the rim."),
        Lost("lost in the making", 0.01, 0, 0.02, "A little steam from the cream."),
        new(120, 240, 24 * 60),
        Depth(20, 16, 25, "It goes in warm and sets as the cocoa butter does."),
        Keeps(36, "It dulls and dries at the surface.", 96, "Four days cool."),
        Deepest(25, 20, 30, "Deeper, it is too rich to finish."),
        [
            new(
                "Bring the cream just to a boil; pour it over the chopped chocolate and leave it a minute.", 5, 0.5, Place.Hob,
                "the chocolate slumps") { Caution = Cautions.CreamBoilsOver },
            new(
                "Stir from the middle out, then the butter, until it shines.", 4, 0.5, Place.Bench,
                "glossy; oily means split: a spoon of warm milk brings it back"),
        ],
        new("Pour each shell {0} deep while it is still warm; tap out the bubbles.", 1, 1.5, Place.Bench, "level, mirror-smooth"))
    {
        Shell = new(
            "ganache", "Chocolate ganache", ShellBake.Full, false,
            "Set cold, or baked for a quarter of an hour: either way the base must be done."),
        SetsBy = ColdSet.Chocolate,
        PourHeat = Pours(35, 32, 42, 28, "it may split, and it softens what it lies on", "it sets ridged and dull"),
        Ratios =
        [
            new(
                "chocolate", i => i.Shelf is PantryShelf.Chocolate ? 1 : 0,
                FamilyRatio.Percent("chocolate in a ganache", 45, 35, 62, "One to one with the cream cuts clean."), "it will not be cut",
                "it splits, or cracks under the knife"),
            new(
                "fat", i => i.Makeup.Fat,
                FamilyRatio.Percent("fat in a ganache", 39, 28, 48, "Of cocoa butter, cream and butter together."), "it is thin",
                "it splits"),
        ],
        KeepsInTheRoom = true,
        SetCaution = Cautions.KeptInTheRoom,
        Portion = Portions.RichSlice,
        SetCue = "no longer sticks to a fingertip",
        TooDeep = "It is too rich to finish.",
    };

    public static readonly FillingFamily CaramelLayer = new(
        "caramel", "Caramel layered with fruit", SetScale.Caramel, GoesInHot: false,
        Line(10, 8, 14, "Room for the fruit and the cream above."),
        Lost("boils away", 0.08, 0.05, 0.12, "Water from cream and butter, in great bubbles."),
        new(60, 120, 24 * 60),
        Depth(15, 12, 20, "An hour for each layer."),
        Keeps(24, "Fruit on it browns and weeps.", 48, "Two days cold."),
        Deepest(22, 18, 26, "Deeper, it is too sweet to finish and drags the slice apart."),
        [
            new(
                "Melt the sugar dry to amber; off the heat, warm cream in a thin stream, then butter and salt.", 12, 1.5, Place.Hob,
                "amber, smells of toffee, no smoke")
                { Caution = Cautions.Caramel },
            new("Cool it, stirring now and then.", 1, 0.5, Place.Bench, "thick, still pours") { Wait = new(20, 30, 120) },
        ],
        new("Pour each crust {0} deep; lay the fruit on when it has set.", 1, 3, Place.Bench, "level"))
    {
        Shell = new("caramel", "Caramel layered with fruit", ShellBake.Full, false, "Nothing is baked after it."),
        SetsBy = ColdSet.Caramel,
        PourHeat = Pours(38, 32, 45, 35, "it runs under the crust and melts its fat", "it no longer levels"),
        Ratios =
        [
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars in a caramel", 48, 38, 60, "What is cooked to amber."),
                "it is butter sauce", "it turns to toffee"),
            new(
                "fat", i => i.Makeup.Fat, FamilyRatio.Percent("fat in a caramel", 31, 20, 40, "From cream and butter."),
                "it is sticky and hard", "it splits"),
        ],
        KeepsInTheRoom = true,
        SetCue = "holds a fingerprint",
        TooDeep = "It is too sweet to finish, and drags the slice apart.",
    };
}
