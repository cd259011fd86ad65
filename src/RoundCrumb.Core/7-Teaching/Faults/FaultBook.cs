using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Faults;

/// <summary>
/// The faults that a baker can meet at the bench, by the step at which they show. Minutes of hands and in the oven are our own choice:
/// what a practised baker allows for it with a pie or two, not measured.
/// </summary>
public static class FaultBook
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Fault> All { get; } = [.. Crust(), .. InTheOven(), .. Filling(), .. Setting(), .. Topping()];

    /// <summary>What can go wrong at a step of a pie.</summary>
    public static IEnumerable<Fault> At(StepKind kind, Composition pie) => All.Where(f => f.At.Contains(kind) && f.Fits(pie));

    /// <summary>One by its short name; none where there is none of it.</summary>
    public static Fault? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    private static bool Rolled(Composition pie) => pie.Crust.Family is RolledFamily;

    private static bool Crumb(Composition pie) => pie.Crust.Family is CrumbFamily;

    private static bool Set(Composition pie, params SetScale[] scales) => scales.Contains(pie.Filling.Formula.Family.Scale);

    private static IEnumerable<Fault> Crust() =>
    [
        new(
            "dough-dry", "The dough falls apart", FaultPlace.CrustMade, [Technique.WaterInDough, Technique.RubbingIn],
            [StepKind.MakeDough, StepKind.RollAndLine],
            [new("Sprinkle a spoon of ice-cold water over it and press it together; wait ten minutes before rolling.", 4)],
            "Stop adding water only when a handful holds.") { Fits = Rolled },
        new(
            "dough-soft", "The dough sticks and shines", FaultPlace.CrustMade,
            [Technique.WaterInDough, Technique.FreezingFat, Technique.RubbingIn], [StepKind.MakeDough, StepKind.RollAndLine],
            [new("Back into the fridge for a quarter of an hour, flat, between papers.", 2)],
            "Cold fat, a cool board, and water a little at a time.") { Fits = Rolled },
        new(
            "sheet-torn", "The sheet cracks or tears", FaultPlace.CrustMade,
            [Technique.CrossHatching, Technique.Rolling, Technique.WaterInDough], [StepKind.RollAndLine],
            [
                new("Press the edges together and patch the gap with a scrap, thumb-warm.", 4),
                new("Gather it, chill it for ten minutes and roll it again.", 15),
            ],
            "Let cold dough stand five minutes, and tap it out crosswise before it is rolled.") { Fits = Rolled },
        new(
            "crumb-greasy", "The crumb shines and leaks fat", FaultPlace.CrustMade, [Technique.CrumbSqueezed],
            [StepKind.BindCrumb, StepKind.GrindCrumb, StepKind.PressCrust],
            [new("Work in more dry crumbs, a spoon at a time, until a squeezed handful looks dry.", 4)],
            "Keep a quarter of the fat back and add it by the squeeze.") { Fits = Crumb },
        new(
            "crumb-loose", "The crumb will not hold", FaultPlace.CrustMade, [Technique.CrumbSqueezed, Technique.CrumbPressed],
            [StepKind.BindCrumb, StepKind.PressCrust],
            [new("A spoon of melted butter more, then press it again with a warm glass.", 5)],
            "Grind it to even sand, and squeeze a handful before it is pressed.") { Fits = Crumb },
        new(
            "line-forgotten", "Something was left out", FaultPlace.CrustMade,
            [Technique.Custard, Technique.CrumbSqueezed, Technique.WaterInDough, Technique.Cream],
            [StepKind.MakeDough, StepKind.BindCrumb, StepKind.MakeFilling, StepKind.MakeTopping],
            [
                new(
                    "Look which line is not ticked. Salt, sugar and flavour still go in; starch is slaked in a little cold "
                        + "liquid first.",
                    3),
                new("Make it again.", 20),
            ],
            "Weigh everything out before anything is mixed."),
    ];

    private static IEnumerable<Fault> InTheOven() =>
    [
        new(
            "shell-shrank", "The wall has slid down", FaultPlace.CrustBaked,
            [Technique.Lining, Technique.Weights, Technique.Edge, Technique.WaterInDough],
            [StepKind.WeightsOut, StepKind.BakeShell, StepKind.SealShell],
            [new("Patch thin places with scraps while it is warm, and fill a little lower.", 5)],
            "A longer chill after lining, the sheet eased in and never pulled, weights up to the rim.") { Fits = Rolled },
        new(
            "base-puffed", "The base has blown up", FaultPlace.CrustBaked, [Technique.Docking, Technique.Weights],
            [StepKind.WeightsOut, StepKind.BakeShell],
            [new("Press it down with the back of a spoon while it is hot, and bake on.", 1, 3)],
            "Prick it all over, and leave the weights in until the base is matt.") { Fits = Rolled },
        new(
            "tough-crust", "The crust is tough", FaultPlace.CrustEaten,
            [Technique.RubbingIn, Technique.WaterInDough, Technique.FreezingFat], [StepKind.CutAndPlate, StepKind.Plate],
            [new("Warm it through before it is eaten; nothing makes it short again.", 2)],
            "Stop while it is shaggy, with cold fat and as little water as holds it.") { Fits = Rolled },
        new(
            "soggy-base", "The base is soggy", FaultPlace.CrustEaten, [Technique.BlindBake, Technique.Sealing, Technique.CrumbPressed],
            [StepKind.CutAndPlate, StepKind.Plate],
            [
                new("Serve it soon.", 0),
                new("Low in the oven, where the filling bears it.", 1, 8),
            ],
            "Bake it golden, seal it, fill it cold, and top it late."),
        new(
            "base-hard", "The base is too hard to cut", FaultPlace.CrustEaten,
            [Technique.CrumbPressed, Technique.BlindBake, Technique.Knife], [StepKind.CutAndPlate, StepKind.Plate],
            [new("A quarter of an hour in the room, and a hot knife.", 1)],
            "Eight to nine millimetres, no ridge in the corner, and not straight from the cold."),
        new(
            "base-pale", "The base is pale or glassy", FaultPlace.CrustBaked, [Technique.BlindBake, Technique.Weights],
            [StepKind.WeightsOut, StepKind.BakeShell, StepKind.SealShell],
            [new("Bake it on, on the lowest shelf, with the rim under foil.", 1, 5)],
            "A lower shelf and the full time without weights; a hot tray beneath metal, never beneath glass or ceramic."),
        new(
            "rim-dark", "The rim is getting dark", FaultPlace.CrustBaked, [Technique.Edge, Technique.BlindBake],
            [StepKind.WeightsOut, StepKind.BakeShell, StepKind.BakeFilled],
            [new("A ring of foil over the rim, shiny side up, and go on.", 1)],
            "The shield from the start, or ten degrees less."),
        new(
            "middle-runny", "The middle is not done", FaultPlace.FillingBaked,
            [Technique.BakedCustard, Technique.AlmondFilling, Technique.FruitBubbling, Technique.FreshCurd], [StepKind.BakeFilled],
            [new("Bake it on, then look again.", 0, 5), new("Bake it on at ten degrees less.", 0, 10)],
            "An oven thermometer; a filling that goes in warm."),
        new(
            "top-cracked", "The top has cracked or sunk", FaultPlace.FillingBaked, [Technique.BakedCustard],
            [StepKind.BakeFilled, StepKind.CoolFilled],
            [
                new("Let it cool slowly where it stands.", 3),
                new("Let it cool, and cover it with whipped cream.", 3) { Instead = ToppingBook.Held },
            ],
            "Out of the oven while the middle still trembles as one.")
        {
            Fits = static p => Set(p, SetScale.EggInDairy, SetScale.EggInJuice, SetScale.Curd),
        },
    ];

    private static IEnumerable<Fault> Filling() =>
    [
        new(
            "custard-lumpy", "There are lumps in it", FaultPlace.FillingMade, [Technique.Custard, Technique.Tempering],
            [StepKind.MakeFilling, StepKind.Fill],
            [new("Through a fine sieve while it is hot; what stays behind is whisked smooth with a little of it.", 5)],
            "Whisk the starch into sugar or yolk before anything hot meets it.") { Fits = static p => Set(p, SetScale.Starch) },
        new(
            "scorched", "It has caught on the bottom", FaultPlace.FillingMade,
            [Technique.Custard, Technique.Reducing, Technique.Caramel, Technique.BrownedButter], [StepKind.MakeFilling, StepKind.Reduce],
            [new("Into a clean pan at once, without scraping. Taste it.", 3), new("It tastes of it: make it again.", 25)],
            "A thick pan, medium heat, and a spatula into the corners."),
        new(
            "scrambled", "The egg has set in grains", FaultPlace.FillingMade, [Technique.Tempering, Technique.Curd, Technique.Flaming],
            [StepKind.MakeFilling],
            [new("Sieve it; if it is only a little, a stick blender mends it. Never in a closed jug while it is hot.", 5),
                new("Make it again.", 25)],
            "Warm the egg with a third of the hot liquid first, and stir without a pause.")
        {
            Fits = static p => Set(p, SetScale.Starch, SetScale.EggInDairy, SetScale.EggInJuice, SetScale.Curd),
        },
        new(
            "custard-thin", "It does not thicken", FaultPlace.FillingMade, [Technique.Custard, Technique.Curd, Technique.Reducing],
            [StepKind.MakeFilling, StepKind.Fill],
            [new("Back on the heat until it bubbles in the middle, and hold that for a minute, stirring.", 6)],
            "A real bubble for a minute or two, and acid only off the heat.") { Fits = static p => Set(p, SetScale.Starch) },
        new(
            "skin", "A skin has formed", FaultPlace.FillingMade, [Technique.Film], [StepKind.CoolToPour, StepKind.Fill],
            [new("Lift it off, or whisk it in while it is still warm.", 2)], "Film right on the surface, at once."),
        new(
            "gelatine-strings", "There are strings or lumps of gelatine", FaultPlace.FillingMade,
            [Technique.Blooming, Technique.GelatineMix, Technique.YolkRibbon], [StepKind.MakeFilling, StepKind.Fill],
            [new("Warm all of it over water, stirring, until they melt; then through a sieve.", 8)],
            "Loosen the gelatine with a spoonful of the mixture, then stream it in.") { Fits = static p => Set(p, SetScale.Gelatine) },
        new(
            "split", "It has split", FaultPlace.FillingMade, [Technique.Curd, Technique.FreshCurd, Technique.Folding],
            [StepKind.MakeFilling],
            [
                new("A spoon of warm milk, whisked from the middle outwards.", 4),
                new("A spoon of flour, and the rest of the egg slower.", 4),
            ],
            "Everything at the room's warmth, and the liquid in thirds.")
        {
            Fits = static p => Set(p, SetScale.Chocolate, SetScale.Paste),
        },
        new(
            "ran-over", "It runs over", FaultPlace.FillingIn, [Technique.Folding, Technique.Arranging], [StepKind.Fill],
            [new("Ladle some out into pots, wipe the rim, and bake on a tray.", 4)],
            "The batch that fits, and room for what rises."),
        new(
            "stands-low", "It stands too low", FaultPlace.FillingIn, [Technique.Folding, Technique.Whites, Technique.YolkRibbon],
            [StepKind.Fill],
            [new("Leave it so."), new("Make up for it with whipped cream.") { Instead = ToppingBook.Held }],
            "Scrape the pot, weigh it, and pour by weight."),
        new(
            "biscuits-float", "The biscuits come up", FaultPlace.FillingIn, [Technique.GelatineMix, Technique.Arranging], [StepKind.Fill],
            [new("Push them under with a fork, and chill it as it is.", 3)], "A thin layer first, let set as a glue.")
        {
            Fits = static p => p.Crust.Family is LaidFamily,
        },
    ];

    private static IEnumerable<Fault> Setting() =>
    [
        new(
            "starch-unset", "The custard has not set", FaultPlace.FillingSet, [Technique.Custard, Technique.Flaming],
            [StepKind.Set, StepKind.PutCreamOn, StepKind.CutAndPlate],
            [new("Give it an hour more in the cold.", 0), new("Serve it in glasses, with the crust crumbled.", 10)],
            "Boil it long enough, and cut it cold.") { Fits = static p => Set(p, SetScale.Starch) },
        new(
            "gelatine-unset", "The gelatine has not set it", FaultPlace.FillingSet,
            [Technique.Blooming, Technique.GelatineMix],
            [StepKind.Set, StepKind.ChillLayer, StepKind.CutAndPlate],
            [
                new("Give it two hours more in the cold.", 0),
                new("Melt a tenth of it gently with more gelatine, and fold it back in.", 15),
            ],
            "Soften it, melt it at 50 to 60 °C, never boil it.") { Fits = static p => Set(p, SetScale.Gelatine) },
        new(
            "layers-mixed", "The layers run into each other", FaultPlace.FillingIn, [Technique.GelatineMix, Technique.Caramel],
            [StepKind.FirstLayer, StepKind.ChillLayer, StepKind.Fill],
            [new("Into the cold at once, flat; what has mixed stays mixed.", 2)],
            "The lower one set, the upper one barely warm, over a spoon.")
        {
            Fits = static p => p.Under.Count > 0,
        },
        new(
            "fruit-sinks", "The fruit sinks", FaultPlace.FillingIn, [Technique.Arranging, Technique.GelatineMix],
            [StepKind.Fill, StepKind.PressPiecesIn, StepKind.LayPieces],
            [new("Wait until the filling begins to set, and lay the rest then.", 4)], "Smaller pieces, dry, dusted with starch."),
        new(
            "thinned", "It was firm, and is thin the next day", FaultPlace.FillingSet, [Technique.Custard],
            [StepKind.CutAndPlate, StepKind.Plate],
            [new("Serve it in glasses, with the crust crumbled over it.", 10)],
            "Hold the bubble for a minute or two, and do not stir it once it has set.") { Fits = static p => Set(p, SetScale.Starch) },
        new(
            "weeping", "It weeps: liquid stands on it or beneath", FaultPlace.FillingSet,
            [Technique.BakedCustard, Technique.Whites, Technique.Cream],
            [StepKind.Set, StepKind.CutAndPlate, StepKind.Plate],
            [
                new("Blot it with paper.", 2),
                new("Blot it, and cover it with whipped cream.", 4) { Instead = ToppingBook.Held },
            ],
            "Out of the oven at a tremble; hot filling under meringue; cream that holds for the hours."),
        new(
            "rubbery", "It is rubbery or pasty", FaultPlace.FillingSet, [Technique.Blooming, Technique.Custard, Technique.BakedCustard],
            [StepKind.CutAndPlate, StepKind.Plate],
            [new("Let it stand in the room for twenty minutes before it is eaten.", 0)],
            "Less of what sets it; out of the oven at a tremble."),
        new(
            "collapsed", "It sags when it is taken out of its tin", FaultPlace.FillingSet,
            [Technique.Unmoulding, Technique.GelatineMix, Technique.Cream], [StepKind.CutAndPlate, StepKind.Plate],
            [new("Put the ring back on, freeze it for forty minutes, and smooth the side.", 6)],
            "A night in the cold, and cream whipped stiff.")
        {
            Fits = static p => p.Pan.Unmoulds,
        },
        new(
            "fruit-runny", "The fruit runs", FaultPlace.FillingSet, [Technique.FruitBubbling],
            [StepKind.CutAndPlate, StepKind.Plate, StepKind.CoolFilled],
            [new("Wait for three to four hours; serve the rest with a spoon.", 0)],
            "A bubble in the middle, and starch for the fruit’s juice.") { Fits = static p => Set(p, SetScale.StarchInFruit) },
        new(
            "too-sweet", "It is too sweet", FaultPlace.FillingSet, [Technique.Glaze, Technique.Caramel, Technique.Cream],
            [StepKind.CutAndPlate, StepKind.Plate, StepKind.MakeTopping],
            [new("Unsweetened cream, sharp fruit or a pinch of salt beside it.", 3)],
            "Sugar in one part only; count jam, coconut and condensed milk as sugar."),
        new(
            "slices-ragged", "The slices tear or smear", FaultPlace.FillingSet, [Technique.Knife, Technique.Slice],
            [StepKind.CutAndPlate, StepKind.Plate],
            [new("Twenty minutes in the freezer, then a hot, dry knife, wiped each time.", 5)], "Cut it cold."),
    ];

    private static IEnumerable<Fault> Topping() =>
    [
        new(
            "cream-grainy", "The cream is grainy", FaultPlace.Top, [Technique.Cream, Technique.Piping],
            [StepKind.PutCreamOn, StepKind.MakeTopping],
            [
                new("Fold in a few spoons of liquid cream, by hand.", 3),
                new("It is butter: whip new cream.", 10),
                new("It is butter, and there is no more: leave the cream off, and dust it with sugar at the table.")
                {
                    Instead = ToppingBook.DustedSugar,
                },
            ],
            "Cold bowl, cold cream, and the last strokes by hand.")
        {
            Fits = static p => p.Toppings.Any(t => t.Topping.Kind is ToppingKind.Whipped),
        },
        new(
            "fruit-browned", "The fruit has browned", FaultPlace.Top, [Technique.Arranging, Technique.Glaze],
            [StepKind.CutAndPlate, StepKind.Plate, StepKind.MakeTopping],
            [
                new("Turn the worst pieces over, and brush all of them with lemon or thinned jam.", 4),
                new("Cover it with whipped cream.", 4) { Instead = ToppingBook.Held },
            ],
            "Cut it at serving, with lemon or a glaze.")
        {
            Fits = static p => p.Toppings.Any(t => t.Topping.Kind is ToppingKind.Pieces or ToppingKind.Glaze),
        },
        new(
            "cream-slides", "The cream slides off", FaultPlace.Top, [Technique.Cream, Technique.Piping],
            [StepKind.PutCreamOn, StepKind.MakeTopping],
            [
                new("Take it off, chill the pie for half an hour, and pipe it again.", 12),
                new("Take it off, and dust the pie with sugar at the table.", 4) { Instead = ToppingBook.DustedSugar },
            ],
            "Cream only on what is colder than 12 °C.")
        {
            Fits = static p => p.Toppings.Any(t => t.Topping.Kind is ToppingKind.Whipped),
        },
        new(
            "meringue-weeps", "The meringue weeps or slips", FaultPlace.Top, [Technique.Whites, Technique.Toasted],
            [StepKind.MakeTopping, StepKind.BakeFilled],
            [
                new("Blot it, and serve it today.", 1),
                new("Lift it off, and put whipped cream on once the pie is cold.", 4) { Instead = ToppingBook.Held },
            ],
            "Onto a hot filling, and sealed to the crust all round.")
        {
            Fits = static p => p.Toppings.Any(t => t.Topping.Kind is ToppingKind.Meringue),
        },
    ];
}
