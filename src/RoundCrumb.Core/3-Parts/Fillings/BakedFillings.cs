using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using static RoundCrumb.Core.Fillings.FamilyWords;

namespace RoundCrumb.Core.Fillings;

/// <summary>Fillings that are set by the oven, in their shell. One declaration each; everything else follows from it.</summary>
internal static class BakedFillings
{
    public static readonly FillingFamily BakedCustard = new(
        "baked-custard", "Baked custard", SetScale.EggInDairy, GoesInHot: false,
        Line(6, 4, 8, "It is carried to the oven liquid, and swells a little."),
        Baked(),
        new(120, 240, 24 * 60),
        Depth(30, 26, 34, "It comes out of the oven hot; a still fridge cools about in proportion to depth."),
        Keeps(24, "The base softens; best the day it is baked.", 48, "Two days cold; egg and milk."),
        Deepest(35, 30, 40, "Deeper, the rim is scrambled before the middle has set."),
        [
            new("Whisk the eggs with the sugar, only until even.", 4, 0.5, Place.Bench, "no froth"),
            new(
                new("Warm the dairy to about {0}, whisk it in, strain into a jug.", new Quantity(55, Dimension.Warmth)), 5, 1, Place.Hob,
                "warm to the finger, not hot") { Caution = Cautions.RawEgg },
        ],
        new("Strew the fruit, then pour each shell {0} deep, at the oven’s door.", 1, 3, Place.Bench, "no froth on top"))
    {
        Shell = new(
            "baked-custard", "Baked custard, soured cream or reduced juice", ShellBake.Part, true,
            "It bakes gently and long; a pale shell bakes on under it, a brown one would burn at the rim.",
            "till the edges are set and the middle trembles"),
        SetsBy = ColdSet.Chilled,
        PourHeat = Pours(
            50, 40, 60, 60, "it begins to scramble where it meets the tin", "it bakes unevenly: the rim is done long before the middle"),
        Ratios =
        [
            new(
                "egg", i => i.Egg is EggPart.None ? 0 : 1, FamilyRatio.Percent("egg in a baked custard", 17, 12, 24, "What sets it."),
                "it will not hold its slice", "it tastes of egg"),
            new(
                "sugars", i => i.Sugars,
                FamilyRatio.Percent("sugars in a baked custard", 15, 9, 24, "Less is flat, more keeps it from setting."), "it tastes flat",
                "it sets late, and weeps"),
        ],
        Bake = new(
            Heat(160, 150, 170, "Gentle: over 85 °C egg weeps and cracks."),
            Done(78, 77, 80, "The egg in it has set; over 85 it weeps and cracks."), Min("custard bakes, least", 30),
            Min("custard bakes, most", 40), "edges set, the middle trembles like set jelly: 77–80 °C", "On the shelf below the middle."),
        SetCue = "cold, no tremble left",
        SetCaution = EggRich,
        TooDeep = "The rim is scrambled before the middle has set.",
    };

    public static readonly FillingFamily BakedCitrus = new(
        "baked-citrus", "Citrus, baked", SetScale.EggInJuice, GoesInHot: false,
        Line(5, 3, 7, "It is carried to the oven liquid."),
        Baked(),
        new(120, 240, 24 * 60),
        Depth(25, 22, 30, "It cools on the rack before it is chilled to cut."),
        Keeps(24, "The base softens under so much juice.", 60, "Two to three days cold."),
        Deepest(30, 26, 35, "Deeper, the top colours before the middle is set."),
        [
            new(
                "Whisk eggs, sugar and flour smooth, then juice, zest and cream; let the froth settle and skim it.", 7, 1, Place.Bench,
                "no froth, no lumps") { Wait = new(5, 10, 60), Caution = Cautions.RawFlourAndEgg }
        ],
        new("Onto the hot shell, in the oven: pour each {0} deep.", 1, 2, Place.Oven, "level, at once"))
    {
        Shell = new(
            "baked-citrus", "Citrus, baked", ShellBake.Part, true, "It goes onto a hot shell, which seals at once, and bakes on.",
            "till nothing wobbles")
        { FilledHot = true },
        SetsBy = ColdSet.Chilled,
        PourHeat = Pours(20, 15, 30, 50, "the egg begins to cook in the jug", ""),
        Ratios =
        [
            new(
                "egg", i => i.Egg is EggPart.None ? 0 : 1,
                FamilyRatio.Percent("egg in a baked citrus filling", 28, 20, 36, "What sets it."), "juice runs from the cut",
                "it tastes of egg"),
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars in a baked citrus filling", 26, 18, 38, "Against so much acid."),
                "it puckers", "it is sweet before it is sharp"),
        ],
        Bake = new(
            Heat(165, 160, 175, "Gentle, or the top blisters."),
            Done(76, 74, 80, "So much egg in so much juice sets a little earlier than in dairy."), Min("citrus bakes, least", 20),
            Min("citrus bakes, most", 28),
            "no wobble in the middle", ""),
        SetCue = "cold right through before it is cut",
        SetCaution = ColdChain,
        TooDeep = "The top colours before the middle is set.",
    };

    public static readonly FillingFamily AlmondPaste = new(
        "almond", "Almond paste (frangipane)", SetScale.Paste, GoesInHot: false,
        Line(8, 5, 14, "It rises by a fifth to a quarter: fill three quarters, whatever the tin."),
        Baked(),
        new(0, 60, 24 * 60),
        Depth(25, 22, 30, "It is eaten cool, not cold."),
        Keeps(48, "It stays moist.", 96, "Four days in a cool place."),
        Deepest(28, 24, 32, "Deeper, the middle stays raw while the top burns."),
        [
            new("Take the butter out to soften.", 1, 0, Place.Bench, "a finger sinks in")
            {
                Wait = Softening.Fat.AsMinutes(),
                Softens = Softens.Fat,
            },
            new(
                "Cream butter and sugar, beat the eggs in one by one, then almonds and flour.", 8, 1, Place.Mixer,
                "light, no longer grainy") { Caution = Cautions.RawFlourAndEgg },
        ],
        new("Spread each sealed shell {0} deep and lay the fruit on, skin down.", 1, 4, Place.Bench, "three quarters full"))
    {
        FillShare = new("filled to", 0.75, 0.70, 0.80, Dimension.Share, "Of the depth: it rises by a fifth to a quarter."),
        Shell = new(
            "almond", "Almond paste (frangipane)", ShellBake.Full, false,
            "It shields the base from the oven: what is pale under it stays pale.", "30–45 min at 175 °C, low in the oven"),
        SetsBy = ColdSet.Cool,
        PourHeat = Pours(20, 18, 22, 90, "the butter in it oils out", ""),
        Ratios =
        [
            new(
                "butter", i => i.IsFat ? 1 : 0,
                FamilyRatio.Percent("butter in an almond paste", 19, 12, 28, "It creams and carries the air."), "it is dry",
                "it melts into the shell"),
            new(
                "sugars", i => i.Sugars,
                FamilyRatio.Percent("sugars in an almond paste", 20, 14, 28, "Equal weights with the butter is usual."), "it is dull",
                "it sinks and sticks"),
        ],
        KeepsInTheRoom = true,
        StaysCrisp = true,
        Bake = new(
            Heat(175, 170, 180, "Low and slow enough to bake through."),
            Done(90, 88, 95, "Egg and flour are a crumb, no longer a batter."), Min("almond paste bakes, least", 30),
            Min("almond paste bakes, most", 45), "golden, springs back, a skewer comes out clean", "Low in the oven."),
        Rise = new("almond paste rises", 0.225, 0.20, 0.25, Dimension.Share, "Air beaten in, and egg."),
        SetCue = "cool enough to cut",
        TooDeep = "The middle stays raw while the top burns.",
    };

    public static readonly FillingFamily FreshCurd = new(
        "fresh-curd", "Fresh curd", SetScale.EggInDairy, GoesInHot: false,
        Line(6, 4, 8, "It swells a little."),
        Baked(),
        new(180, 360, 24 * 60),
        Depth(30, 26, 34, "It comes out of the oven hot."),
        Keeps(24, "Best the day after it is baked.", 48, "Two days cold; egg and milk."),
        Deepest(35, 30, 40, "Deeper, the rim dries before the middle has set."),
        [
            new(
                new(
                    "Warm the milk to {0}, stir in the sour, leave it to part, and drain it in a cloth, over 2 h in the fridge.",
                    new Quantity(85, Dimension.Warmth)),
                15, 1, Place.Hob, "clear whey, curd like wet snow")
                { Wait = new(60, 90, 120), Caution = Cautions.HotWhey },
            new("Press the curd; beat it smooth with eggs, sugar, cream and flour.", 8, 1, Place.Mixer, "no grains")
            {
                Caution = Cautions.RawFlourAndEgg,
            },
        ],
        new("Fill each shell {0} deep.", 1, 2, Place.Bench, "level"))
    {
        Shell = new("fresh-curd", "Fresh curd", ShellBake.Part, true, "It bakes half an hour at a steady heat.", "25–35 min at 175–180 °C"),
        SetsBy = ColdSet.Chilled,
        PourHeat = Pours(20, 15, 25, 60, "the egg begins to cook in the bowl", ""),
        Ratios =
        [
            new(
                "egg", i => i.Egg is EggPart.None ? 0 : 1,
                FamilyRatio.Percent("egg in a fresh curd filling", 21, 14, 28, "What sets it, once the whey is gone."),
                "it will not hold its slice", "it tastes of egg"),
        ],
        Bake = new(
            Heat(178, 175, 180, "A steady moderate oven."), Done(78, 76, 80, "The egg in it has set."),
            Min("fresh curd bakes, least", 25), Min("fresh curd bakes, most", 35), "puffed at the edge, set in the middle", ""),
        SetCue = "cooled right down",
        SetCaution = EggRich,
        TooDeep = "The rim dries before the middle has set.",
    };

    public static readonly FillingFamily NutSyrup = new(
        "nut-syrup", "Nut and syrup", SetScale.EggInSyrup, GoesInHot: false,
        Line(7, 5, 9, "It puffs by a tenth, and syrup that runs over welds the tin to the shelf."),
        Baked(0.03, 0.02, 0.05),
        new(0, 120, 24 * 60),
        Depth(25, 22, 30, "It sets as it cools; it is served warm or cool."),
        Keeps(48, "Sugar keeps it.", 96, "Four days in a cool place."),
        Deepest(30, 26, 35, "Deeper, it stays runny under the nuts."),
        [
            new("Toast the nuts; melt syrup, sugar and butter together and cool to warm.", 8, 1, Place.Hob, "clear, no grains")
            {
                Wait = new(10, 20, 60),
                Caution = Cautions.HotSyrup,
            },
            new("Whisk the eggs in, then cream and salt; stir in the nuts.", 4, 0.5, Place.Bench, "even"),
        ],
        new("Fill each shell {0} deep, the nuts spread evenly.", 1, 2, Place.Bench, "nuts level, just covered"))
    {
        Shell = new(
            "nut-syrup", "Nut and syrup", ShellBake.Part, false, "Half an hour under syrup browns the base further.",
            "30–40 min at 175–180 °C"),
        SetsBy = ColdSet.Cool,
        PourHeat = Pours(40, 35, 50, 60, "the egg begins to cook in the pan", "it is too stiff to level"),
        Ratios =
        [
            new(
                "nuts", i => i.Shelf is PantryShelf.Nuts ? 1 : 0,
                FamilyRatio.Percent("nuts in syrup", 25, 18, 40, "Enough to be in every bite."), "it is syrup with a few nuts",
                "it falls apart"),
            new(
                "sugars", i => i.Sugars,
                FamilyRatio.Percent("sugars in nut and syrup", 34, 24, 45, "A rich sweet thing, sharpened with salt."),
                "it does not set sticky", "it is cloying"),
        ],
        KeepsInTheRoom = true,
        StaysCrisp = true,
        Bake = new(
            Heat(178, 175, 180, "A steady moderate oven."), Done(88, 85, 93, "So much sugar lets egg set late."),
            Min("nut and syrup bakes, least", 30), Min("nut and syrup bakes, most", 40), "puffed, a slight wobble in the middle"),
        Rise = new("nut and syrup puffs", 0.10, 0.08, 0.12, Dimension.Share, "Egg; it sinks again as it cools."),
        SetCue = "no longer runs when it is tipped",
        SetCaution = Cautions.KeptInTheRoom,
        TooDeep = "It stays runny under the nuts.",
    };

    public static readonly FillingFamily FruitCrumble = new(
        "fruit-crumble", "Juicy fruit under crumble", SetScale.StarchInFruit, GoesInHot: false,
        Line(3, 0, 6, "Heaped to the rim: fruit sinks as it cooks."),
        Baked(0.12, 0.08, 0.18, "Fruit collapses and steams."),
        new(180, 240, 24 * 60),
        Depth(35, 30, 40, "It comes out scalding and sets as its juice cools."),
        Keeps(24, "The base softens under the juice.", 48, "Two days."),
        Deepest(45, 40, 50, "Deeper, the juice in the middle never reaches a bubble."),
        [new("Toss the fruit with sugar, starch and flour.", 5, 2, Place.Bench, "every piece dusted") { Wait = new(0, 10, 20) }],
        new("Heap it into each cold shell, {0} deep.", 1, 3, Place.Bench, "mounded, no gaps"))
    {
        Shell = new(
            "fruit-crumble", "Juicy fruit under crumble", ShellBake.Part, true, "It bakes three quarters of an hour.",
            "40–50 min at 190 °C, shielded after 25"),
        SetsBy = ColdSet.Starch,
        PourHeat = Pours(20, 10, 25, 80, "it melts the fat out of the base", ""),
        Ratios =
        [
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars with fruit", 21, 12, 32, "By how sharp the fruit is."), "it puckers",
                "it is syrup"),
        ],
        Bake = new(
            Heat(190, 185, 195, "Hot enough for a bubble in the middle."),
            Done(88, 85, 95, "The starch has swelled; its juice thickens."), Min("fruit bakes, least", 40), Min("fruit bakes, most", 50),
            "juice bubbles thickly at the edge", "A tray under it for the drips.")
        {
            Moves = new(
                "its juice carries heat", 2, 1.5, 3, Dimension.Factor,
                "Boiling juice moves between the pieces: so much that practice's minutes under a crumble come out."),
        },
        SetCue = "3–4 h before it is sliced",
        SetCaution = Cautions.HotFruit,
        TooDeep = "The juice in the middle never reaches a bubble, and does not thicken.",
    };
}
