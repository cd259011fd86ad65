using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>The fifteen families of fillings. One declaration each; everything else follows from it.</summary>
public static class FillingFamilies
{
    private static readonly Phrase ColdChain = new("Keep at or below {0}, and no longer than 2 h out of the fridge; or as your local rules say.", new Quantity(5, Dimension.Warmth));

    private static readonly Phrase EggRich = new(
        "Rich in egg: from {0} to {1} within 2 h, to {2} within 4 h more, then kept there; or as your local rules say.",
        new Quantity(57, Dimension.Warmth), new Quantity(21, Dimension.Warmth), new Quantity(5, Dimension.Warmth));

    private static readonly MethodStep SoftCheese = new("Take the cream cheese out to soften.", 1, 0, "bench", "a finger sinks in") { Wait = Waits(Softening.CreamCheese) };

    private static readonly MethodStep Bloom = new(new("Bloom the gelatine in its cold water 5 min, then melt it gently at {0}.", new Quantity(55, Dimension.Warmth, 50, 60)), 6, 0, "bench", "clear, no grains")
    {
        Caution = "Never boil it: boiled gelatine does not set. Heated in a microwave oven it can spit and scald.",
    };

    private static readonly MethodStep[] Custard =
    [
        new("Weigh everything; whisk yolks, sugar and starch smooth.", 6, 1, "bench", "no lumps"),
        new(new("Bring the milk to steaming, whisk it in, and cook to a bubble ({0}); hold it there 1–2 min.", new Quantity(95, Dimension.Warmth)), 12, 2.5, "hob", "it mounds, and the whisk leaves a track") { Caution = "Cooked short of a bubble it thins overnight. Hot custard sticks and burns." },
        new("Off the heat, butter and flavouring in; through a sieve.", 3, 1, "bench", "smooth and glossy"),
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
        new("Within 10 min, fill each cold shell {0} deep and lay film on the surface.", 1, 2, "bench", "level; no air under the film") { Caution = "Steam gathers under the film: lift it away from you." })
    {
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
            new("Film on the surface; cool it right down, quickest spread in a shallow tray.", 2, 0, "fridge", "cold to the middle") { Wait = new(60, 90, 24 * 60), Caution = EggRich },
            new("Beat the cold custard smooth, whip the cream to soft peaks, fold it in by thirds.", 6, 1.5, "mixer", "no streaks, still airy"),
        ],
        new("Fill each cold shell {0} deep and level it.", 1, 2, "bench", "level, no holes at the wall"))
    {
        SetCue = "a spoon leaves a clean hollow",
        SetCaution = ColdChain,
        TooDeep = "Its own weight presses the air out of the bottom.",
    };

    public static readonly FillingFamily BakedCustard = new(
        "baked-custard", "Baked custard", SetScale.EggInDairy, GoesInHot: false,
        Line(6, 4, 8, "It is carried to the oven liquid, and swells a little."),
        Baked(),
        new(120, 240, 24 * 60),
        Depth(30, 26, 34, "It comes out of the oven hot; a still fridge cools about in proportion to depth."),
        Keeps(24, "The base softens; best the day it is baked.", 48, "Two days cold; egg and milk."),
        Deepest(35, 30, 40, "Deeper, the rim is scrambled before the middle has set."),
        [
            new("Whisk the eggs with the sugar, only until even.", 4, 0.5, "bench", "no froth"),
            new(new("Warm the dairy to about {0}, whisk it in, strain into a jug.", new Quantity(55, Dimension.Warmth)), 5, 1, "hob", "warm to the finger, not hot") { Caution = "Raw egg is not for tasting." },
        ],
        new("Strew the fruit, then pour each shell {0} deep, at the oven’s door.", 1, 3, "bench", "no froth on top"))
    {
        Bake = new(Heat(160, 150, 170, "Gentle: over 85 °C egg weeps and cracks."), Min("custard bakes, least", 30), Min("custard bakes, most", 40), "edges set, the middle trembles like set jelly: 77–80 °C", "On the shelf below the middle."),
        SetCue = "cold, no tremble left",
        SetCaution = EggRich,
        TooDeep = "The rim is scrambled before the middle has set.",
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
            new("Whisk yolks, egg, sugar, juice and zest in a bowl over barely simmering water.", 6, 0.5, "hob", "even, no streaks of egg"),
            new(new("Stir until it coats the spoon, {0}; never let it boil.", new Quantity(80, Dimension.Warmth, 78, 82)), 12, 1.5, "hob", "a finger leaves a line on the spoon") { Caution = "Steam under the bowl scalds." },
            new("Off the heat, the cold butter in by pieces; through a sieve.", 4, 0.5, "bench", "glossy, no grains"),
        ],
        new("Let it cool to blood heat, fill each shell {0} deep, film on the surface.", 1, 2, "bench", "level; no air under the film"))
    {
        SetCaution = EggRich,
    };

    public static readonly FillingFamily BakedCitrus = new(
        "baked-citrus", "Citrus, baked", SetScale.EggInJuice, GoesInHot: false,
        Line(5, 3, 7, "It is carried to the oven liquid."),
        Baked(),
        new(120, 240, 24 * 60),
        Depth(25, 22, 30, "It cools on the rack before it is chilled to cut."),
        Keeps(24, "The base softens under so much juice.", 60, "Two to three days cold."),
        Deepest(30, 26, 35, "Deeper, the top colours before the middle is set."),
        [new("Whisk eggs, sugar and flour smooth, then juice, zest and cream; let the froth settle and skim it.", 7, 1, "bench", "no froth, no lumps") { Wait = new(5, 10, 60), Caution = "Raw flour and egg are not for tasting." }],
        new("Onto the hot shell, in the oven: pour each {0} deep.", 1, 2, "oven", "level, at once"))
    {
        Bake = new(Heat(165, 160, 175, "Gentle, or the top blisters."), Min("citrus bakes, least", 20), Min("citrus bakes, most", 28), "no wobble in the middle", ""),
        SetCue = "cold right through before it is cut",
        SetCaution = ColdChain,
        TooDeep = "The top colours before the middle is set.",
    };

    public static readonly FillingFamily AcidMilk = new(
        "acid-milk", "Condensed milk and citrus", SetScale.Acid, GoesInHot: false,
        Line(5, 3, 7, "It thickens as it stands and does not move."),
        Baked(0.02, 0.01, 0.04),
        new(180, 360, 24 * 60),
        Depth(30, 25, 35, "It sets by acid as much as by cold."),
        Keeps(36, "It goes on thickening.", 72, "Three days cold."),
        Deepest(40, 35, 45, "Deeper, it is too sweet to finish."),
        [new("Whisk yolks and zest until pale, condensed milk in, then the juice; let it stand and thicken.", 6, 0.5, "mixer", "it ribbons off the whisk") { Wait = new(5, 10, 30) }],
        new("Fill each crust {0} deep.", 1, 1.5, "bench", "level"))
    {
        Bake = new(Heat(175, 165, 180, "Just to set the yolk."), Min("condensed milk bakes, least", 10), Min("condensed milk bakes, most", 18), "set at the edge, a slight wobble", "Or chilled without the oven, with pasteurised yolk or none."),
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
            new("Beat the cheese smooth with sugar and flavouring; stream the gelatine in.", 7, 1.5, "mixer", "smooth; it falls like thick egg white"),
            new("Whip the cream to soft peaks and fold it in.", 5, 1.5, "mixer", "no streaks, still airy"),
        ],
        new(new("Fill each cold crust {0} deep and level it, before it sets at about {1}.", new Quantity(20, Dimension.Warmth)), 1, 2, "bench", "level, no holes at the wall"))
    {
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
            new("Beat the cheese with sugar until smooth, then the juice and zest.", 6, 1, "mixer", "thick, no lumps"),
            new("Whip the cold cream stiff, and fold it in by thirds.", 6, 1.5, "mixer", "it stands on the spoon") { Caution = "A few seconds past stiff is butter: the last strokes by hand." },
        ],
        new("Fill each cold crust {0} deep, pressing it into the corners.", 1, 2.5, "bench", "level, no holes at the wall"))
    {
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
            new("Stir the melted gelatine into the purée; cool it, stirring, until it begins to mound.", 8, 0.5, "fridge", "like egg white: fold now") { Wait = new(10, 20, 30) },
            new("Whisk whites and sugar to soft peaks, whip the cream, fold both in.", 8, 1.5, "mixer", "no streaks, it holds a swirl") { Caution = "Whites stay raw: take pasteurised ones for anyone who should avoid raw egg." },
        ],
        new("Spoon it into each cold crust, {0} deep, at once.", 1, 2, "bench", "it holds its swirls"))
    {
        SetCue = "springs back under a finger",
        SetCaution = ColdChain,
        TooDeep = "It sinks under its own weight.",
        StandsTall = true,
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
            new("Bring the cream just to a boil; pour it over the chopped chocolate and leave it a minute.", 5, 0.5, "hob", "the chocolate slumps") { Caution = "Hot cream boils over as it is looked away from." },
            new("Stir from the middle out, then the butter, until it shines.", 4, 0.5, "bench", "glossy; oily means split: a spoon of cold milk brings it back"),
        ],
        new("Pour each shell {0} deep while it is still warm; tap out the bubbles.", 1, 1.5, "bench", "level, mirror-smooth"))
    {
        Portion = Portions.RichSlice,
        SetCue = "no longer sticks to a fingertip",
        TooDeep = "It is too rich to finish.",
    };

    public static readonly FillingFamily AlmondPaste = new(
        "almond", "Almond paste (frangipane)", SetScale.Paste, GoesInHot: false,
        Line(8, 6, 10, "It rises by a fifth to a quarter: fill three quarters."),
        Baked(),
        new(0, 60, 24 * 60),
        Depth(25, 22, 30, "It is eaten cool, not cold."),
        Keeps(48, "It stays moist.", 96, "Four days in a cool place."),
        Deepest(28, 24, 32, "Deeper, the middle stays raw while the top burns."),
        [
            new("Take the butter out to soften.", 1, 0, "bench", "a finger sinks in") { Wait = Waits(Softening.Fat) },
            new("Cream butter and sugar, beat the eggs in one by one, then almonds and flour.", 8, 1, "mixer", "light, no longer grainy") { Caution = "Raw flour and egg are not for tasting." },
        ],
        new("Spread each sealed shell {0} deep and lay the fruit on, skin down.", 1, 4, "bench", "three quarters full"))
    {
        Bake = new(Heat(175, 170, 180, "Low and slow enough to bake through."), Min("almond paste bakes, least", 30), Min("almond paste bakes, most", 45), "golden, springs back, a skewer comes out clean", "Low in the oven."),
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
            new(new("Warm the milk to {0}, stir in the sour, leave it to part, and drain it in a cloth.", new Quantity(85, Dimension.Warmth)), 15, 1, "hob", "clear whey, curd like wet snow") { Wait = new(60, 120, 12 * 60), Caution = "Hot whey runs through the cloth: lift it with tongs." },
            new("Press the curd; beat it smooth with eggs, sugar, cream and flour.", 8, 1, "mixer", "no grains") { Caution = "Raw flour and egg are not for tasting." },
        ],
        new("Fill each shell {0} deep.", 1, 2, "bench", "level"))
    {
        Bake = new(Heat(178, 175, 180, "A steady moderate oven."), Min("fresh curd bakes, least", 25), Min("fresh curd bakes, most", 35), "puffed at the edge, set in the middle", ""),
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
            new("Toast the nuts; melt syrup, sugar and butter together and cool to warm.", 8, 1, "hob", "clear, no grains") { Wait = new(10, 20, 60), Caution = "Hot syrup sticks and burns." },
            new("Whisk the eggs in, then cream and salt; stir in the nuts.", 4, 0.5, "bench", "even"),
        ],
        new("Fill each shell {0} deep, the nuts spread evenly.", 1, 2, "bench", "nuts level, just covered"))
    {
        Bake = new(Heat(178, 175, 180, "A steady moderate oven."), Min("nut and syrup bakes, least", 30), Min("nut and syrup bakes, most", 40), "puffed, a slight wobble in the middle", "Shield the rim if it runs ahead."),
        Rise = new("nut and syrup puffs", 0.10, 0.08, 0.12, Dimension.Share, "Egg; it sinks again as it cools."),
        SetCue = "no longer runs when it is tipped",
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
        [new("Toss the fruit with sugar, starch and flour.", 5, 2, "bench", "every piece dusted") { Wait = new(0, 10, 20) }],
        new("Heap it into each cold shell, {0} deep.", 1, 3, "bench", "mounded, no gaps"))
    {
        Bake = new(Heat(190, 185, 195, "Hot enough for a bubble in the middle."), Min("fruit bakes, least", 40), Min("fruit bakes, most", 50), "juice bubbles thickly at the edge", "Shield it after 25 min; a tray under it for the drips."),
        SetCue = "3–4 h before it is sliced",
        SetCaution = "Fruit fillings scald: half an hour on the rack before anyone tastes.",
        TooDeep = "The juice in the middle never reaches a bubble, and does not thicken.",
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
            new("Melt the sugar dry to amber; off the heat, warm cream in a thin stream, then butter and salt.", 12, 1.5, "hob", "amber, smells of toffee, no smoke") { Caution = "Caramel is far over 120 °C and sticks to skin: long sleeves, cold water to hand." },
            new("Cool it, stirring now and then.", 1, 0.5, "bench", "thick, still pours") { Wait = new(20, 30, 120) },
        ],
        new("Pour each crust {0} deep; lay the fruit on when it has set.", 1, 3, "bench", "level"))
    {
        SetCue = "holds a fingerprint",
        TooDeep = "It is too sweet to finish, and drags the slice apart.",
    };

    /// <summary>All families, in the order of the craft.</summary>
    public static IReadOnlyList<FillingFamily> All { get; } =
    [
        StarchCustard, LightCustard, BakedCustard, PouredCurd, BakedCitrus, AcidMilk, CheeseGelatine, CheeseStiff, Chiffon, Ganache, AlmondPaste, FreshCurd, NutSyrup, FruitCrumble, CaramelLayer,
    ];

    /// <summary>The family with this id, or none.</summary>
    public static FillingFamily? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    private static MinuteRange Waits(Constant minutes) => new(minutes.Low, minutes.Usual, minutes.High);

    private static Constant Line(double usual, double low, double high, string reason) => new("below the rim", usual, low, high, Dimension.Length, reason);

    private static Constant Lost(string name, double usual, double low, double high, string reason) => new(name, usual, low, high, Dimension.Share, reason);

    private static Constant Baked(double usual = 0.04, double low = 0.03, double high = 0.06, string reason = "Steam in the oven.") => new("lost in baking", usual, low, high, Dimension.Share, reason);

    private static Constant Depth(double usual, double low, double high, string reason) => new("depth the minutes are for", usual, low, high, Dimension.Length, reason);

    private static Constant Deepest(double usual, double low, double high, string reason) => new("deepest that comes out even", usual, low, high, Dimension.Length, reason);

    private static Constant Heat(double usual, double low, double high, string reason) => new("oven for the filled shell", usual, low, high, Dimension.OvenHeat, reason);

    private static Constant Min(string name, double minutes) => new(name, minutes, Dimension.Time, "In bright metal, one shelf.");

    private static (Constant Best, Constant Most) Keeps(double best, string why, double most, string whyMost) =>
        (new("best within", best * 60, Dimension.Time, why), new("keeps at most", most * 60, Dimension.Time, whyMost));
}
