using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using static RoundCrumb.Core.Fillings.FamilyWords;

namespace RoundCrumb.Core.Fillings;

/// <summary>Fillings that are mixed cold and set in the fridge. One declaration each; everything else follows from it.</summary>
internal static class ColdFillings
{
    public static readonly FillingFamily AcidMilk = new(
        "acid-milk", "Condensed milk and citrus", SetScale.Acid, GoesInHot: false,
        Line(5, 3, 7, "It thickens as it stands and does not move."),
        Baked(0.02, 0.01, 0.04),
        new(180, 360, 24 * 60),
        Depth(30, 25, 35, "It sets by acid as much as by cold."),
        Keeps(36, "It goes on thickening.", 72, "Three days cold."),
        Deepest(40, 35, 45, "Deeper, it is too sweet to finish."),
        [
            new(
                "Whisk yolks and zest until pale, condensed milk in, then the juice; let it stand and thicken.", 6, 0.5, Place.Mixer,
                "it ribbons off the whisk") { Wait = new(5, 10, 30) }
        ],
        new("Fill each crust {0} deep.", 1, 1.5, Place.Bench, "level"))
    {
        Shell = new(
            "acid-milk", "Condensed milk and citrus", ShellBake.Full, true,
            "Twenty minutes in the oven cook the yolk and do little for a base.", "15–25 min, or chilled"),
        SetsBy = ColdSet.Chilled,
        PourHeat = Pours(20, 15, 25, 35, "", ""),
        Ratios =
        [
            new(
                "condensed milk", i => i.Is(Traits.CondensedMilk) ? 1 : 0,
                FamilyRatio.Percent("condensed milk with citrus", 69, 55, 80, "The body of it."), "it is thin and sharp",
                "it is sweet and hardly sets"),
            new(
                "sharp juice", i => i.Juice,
                FamilyRatio.Percent("juice with condensed milk", 21, 14, 30, "It sets the milk as well as tasting."), "it stays a sauce",
                "it breaks and weeps"),
        ],
        BakeIsOptional = true,
        Bake = new(
            Heat(175, 165, 180, "Just to cook the yolk."),
            Done(72, 71, 74, "Its acid sets the milk; the oven is for the yolk, which is cooked from 71."),
                Min("condensed milk bakes, least", 15),
            Min("condensed milk bakes, most", 25),
            "set at the edge, a slight wobble; the middle by the probe", "Or chilled without the oven, with pasteurised yolk or none."),
        SetCaution = ColdChain,
        TooDeep = "It is too sweet to finish, and sets slowly.",
    };

    public static readonly FillingFamily CheeseGelatine = new(
        "cheese-gelatine", "No-bake cream cheese with gelatine", SetScale.Gelatine, GoesInHot: false,
        Line(4, 2, 6, "It does not rise, and nothing spills on the way to the fridge."),
        Lost("lost in the making", 0, 0, 0, "Nothing is cooked away."),
        new(240, 720, 24 * 60),
        Depth(50, 45, 55, "It goes in cool and has little heat to lose."),
        Keeps(48, "Gelatine goes on tightening slowly.", 72, "Three days cold."),
        Deepest(80, 70, 90, "Taller, it leans when the ring comes off."),
        [
            SoftCheese,
            Bloom,
            new(
                "Beat the cheese smooth with sugar and flavouring; stream the gelatine in.", 7, 1.5, Place.Mixer,
                "smooth; it falls like thick egg white"),
            new("Whip the cream to soft peaks and fold it in.", 5, 1.5, Place.Mixer, "no streaks, still airy"),
        ],
        new(
            new("Fill each cold crust {0} deep and level it, before it sets at about {1}.", new Quantity(20, Dimension.Warmth)), 1, 2,
            Place.Bench, "level, no holes at the wall"))
    {
        Shell = new("cheese-gelatine", "Cream cheese with gelatine", ShellBake.Full, false, "It goes in cold and stiff."),
        SetsBy = ColdSet.Gelatine,
        PourHeat = Pours(20, 18, 24, 27, "it soaks into the base and the cream in it melts", "it has set in the bowl, and goes in torn"),
        Ratios =
        [
            new(
                "cream cheese", i => i.Is(Traits.FreshCheese) ? 1 : 0,
                FamilyRatio.Percent("cheese in a cream cheese filling", 45, 28, 65, "It gives body and taste."),
                "it is a mousse, hardly a cheese filling", "it is heavy"),
            new(
                "gelatine", i => i.GelatineEquivalent, FamilyRatio.Percent("gelatine, 200 bloom", 0.85, 0.5, 1.6, "What sets it."),
                "it spoons instead of cutting", "it bounces"),
            new(
                "sugars", i => i.Sugars,
                FamilyRatio.Percent("sugars in a cream cheese filling", 13, 7, 22, "Cold dulls sweetness a little."),
                "it tastes of cheese alone", "it is cloying"),
        ],
        Portion = Portions.RichSlice,
        SetCue = "springs back under a finger",
        SetCaution = ColdChain,
        TooDeep = "It leans when the ring comes off.",
        StandsTall = true,
    };

    public static readonly FillingFamily CheeseStiff = new(
        "cheese", "No-bake cream cheese without gelatine", SetScale.Cheese, GoesInHot: false,
        Line(4, 2, 6, "It does not rise."),
        Lost("lost in the making", 0, 0, 0, "Nothing is cooked away."),
        new(480, 720, 36 * 60),
        Depth(50, 45, 55, "It goes in cool and sets by cold alone."),
        Keeps(48, "It stays as it is once it is set.", 72, "Three days cold."),
        Deepest(65, 55, 75, "Taller, it bulges when the ring comes off."),
        [
            SoftCheese,
            new("Beat the cheese with sugar until smooth, then the juice and zest.", 6, 1, Place.Mixer, "thick, no lumps"),
            new("Whip the cold cream stiff, and fold it in by thirds.", 6, 1.5, Place.Mixer, "it stands on the spoon")
            {
                Caution = Cautions.PastStiff,
            },
        ],
        new("Fill each cold crust {0} deep, pressing it into the corners.", 1, 2.5, Place.Bench, "level, no holes at the wall"))
    {
        Shell = new("cheese", "Cream cheese without gelatine", ShellBake.Full, false, "It goes in cold and stiff."),
        SetsBy = ColdSet.Cheese,
        PourHeat = Pours(10, 6, 15, 20, "the cream in it softens and it never stands", ""),
        Ratios =
        [
            new(
                "cheese", i => i.Is(Traits.FreshCheese) ? 1 : 0,
                FamilyRatio.Percent("cheese, set without gelatine", 54, 50, 70, "Half of it at least, or it stays a spoon dessert."),
                "it stays a spoon dessert", "it is heavy"),
        ],
        Portion = Portions.RichSlice,
        SetCue = "a knife comes out clean; unmoulded too early it collapses",
        SetCaution = ColdChain,
        TooDeep = "It bulges when the ring comes off.",
        StandsTall = true,
    };

    public static readonly FillingFamily Chiffon = new(
        "chiffon", "Chiffon and whipped jelly", SetScale.Gelatine, GoesInHot: false,
        Line(3, 1, 5, "It mounds; nothing runs."),
        Lost("lost in the making", 0, 0, 0, "Nothing is cooked away."),
        new(60, 180, 24 * 60),
        Depth(45, 40, 55, "It goes in as it begins to mound."),
        Keeps(24, "The foam slowly lets go of its water.", 48, "Two days cold."),
        Deepest(60, 50, 70, "Taller, it sinks under its own weight."),
        [
            Bloom,
            new(
                "Stir the melted gelatine into the purée; cool it, stirring, until it begins to mound.", 8, 0.5, Place.Fridge,
                "like egg white: fold now") { Wait = new(10, 20, 30) },
            new(
                "Whisk whites and sugar to soft peaks, whip the cream, fold both in.", 8, 1.5, Place.Mixer, "no streaks, it holds a swirl")
                { Caution = Cautions.WhitesStayRaw },
        ],
        new("Spoon it into each cold crust, {0} deep, at once.", 1, 2, Place.Bench, "it holds its swirls"))
    {
        Shell = new("chiffon", "Chiffon or whipped jelly", ShellBake.Full, true, "It goes in as it begins to mound."),
        SetsBy = ColdSet.Gelatine,
        PourHeat = Pours(18, 15, 20, 25, "the foam sinks before it sets", "it has set in the bowl, and goes in torn"),
        Ratios =
        [
            new(
                "gelatine", i => i.GelatineEquivalent,
                FamilyRatio.Percent("gelatine, 200 bloom", 0.95, 0.6, 1.5, "It has to hold foam up."), "the foam sinks", "it bounces"),
        ],
        SetCue = "springs back under a finger",
        SetCaution = ColdChain,
        TooDeep = "It sinks under its own weight.",
        StandsTall = true,
    };
}
