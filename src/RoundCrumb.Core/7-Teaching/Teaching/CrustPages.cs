using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Guide;

/// <summary>The guide to dough, crumb and shells.</summary>
internal static class CrustPages
{
    public static TechniquePage Of(Technique technique) => technique switch
    {
        Technique.FreezingFat => new(
            technique, "Freezing and grating fat", Stretch.Crust,
            "Before it is worked into flour for a flaky dough: hard fat stays in pieces, and each piece becomes a leaf.",
            [
                "Cut the fat into cubes of a thumb’s width and freeze them, spread out, for twenty minutes.",
                "Or freeze it in one piece and grate it coarsely, straight into the flour, holding it in its paper.",
                "Toss the shreds in flour at once, before they stick together.",
            ],
            new("sharp corners, dry shreds", "it rasps", "", "it does not give under a finger"),
            new("It smears, coats the flour, and the dough bakes short instead of flaky.",
                "Back into the freezer, flour and all, for ten minutes."),
            new("It breaks in slabs, and the dough tears at them.", "Leave it out for five minutes, then go on.")),
        Technique.RubbingIn => new(
            technique, "Rubbing in", Stretch.Crust,
            "The first thing that happens to cold fat and flour: how far it goes decides between flaky and short.",
            [
                "Lift flour and fat with the fingertips, and let them fall, pressing each piece flat once.",
                "For a flaky dough stop when there are leaves as big as a thumbnail among coarse sand.",
                "For a short dough go on until it is all fine crumbs, and stop there.",
            ],
            new("leaves among sand, or even crumbs; still pale and dry", "", "", "cool, and loose in the hand"),
            new("Lumps melt to holes, and fat runs out in the oven.", "A few strokes more, or press the lumps flat one by one."),
            new("Flour drinks the fat, there are no leaves, and the crust is hard and greasy.",
                "Chill it well, add no more water than it must have, and use it as a short crust.")),
        Technique.WaterInDough => new(
            technique, "Water into dough", Stretch.Crust,
            "When fat and flour are as they should be: just enough water that it holds.",
            [
                "Ice-cold water, a spoon at a time, over all of it, tossed with a fork.",
                "Squeeze a handful after each spoon. Stop as soon as it holds; the rest that the range allows stays in the jug.",
                "Press it together, do not knead it; wrap it and let it rest in the cold.",
            ],
            new("a shaggy ball, dry patches just gone", "", "", "it holds when squeezed, and does not stick"),
            new("It cracks at the edge when rolled, and crumbles in the pan.",
                "Sprinkle a spoon of water over it, fold it together, wait ten minutes."),
            new("It sticks, shrinks and bakes tough.",
                "Rest it an hour in the cold and roll it on a little more flour; use it where toughness shows least.")),
        Technique.CrossHatching => new(
            technique, "Tapping a cold disc crosswise", Stretch.Crust,
            "When rested dough comes out of the fridge too hard to roll.",
            [
                "Let it stand for five minutes.",
                "Tap grooves across it with the pin, a finger apart; turn it by a quarter and tap again.",
                "Roll only when it gives under the pin without cracking at the edge.",
            ],
            new("even grooves both ways, the edge whole", "a dull knock, not a crack", "", "it gives, and is still cold"),
            new("Rolled hard it splits at the edge, and the splits run inwards.",
                "Press the splits together with warm thumbs, wait, and tap again."),
            new("Beaten flat it warms and tears before it is thin.", "Gather it, chill it for ten minutes, and begin again.")),
        Technique.Rolling => new(
            technique, "Rolling out", Stretch.Crust,
            "To the thickness of the recipe, a little wider than the pan with its walls and edge.",
            [
                "From the middle outwards, never over the edge; lift and turn it by an eighth after every stroke.",
                "Flour under it rather than on it, brushed off at the end. Two strips of the right thickness at the sides keep "
                    + "the pin level.",
                "Stop, chill it flat for ten minutes, and go on when it springs back.",
            ],
            new("one thickness, a rounded edge, no light through it", "", "", "it slides on the board"),
            new("A thick middle stays raw beneath and eats like a biscuit.",
                "Roll from the ridge outwards, or chill it and roll it again between papers."),
            new("It tears, and bakes to lace that leaks.", "Patch it with a scrap, thumb-warm, or gather and re-roll once after a rest.")),
        Technique.Lining => new(
            technique, "Lining without stretching", Stretch.Crust,
            "As soon as the sheet is rolled: what is pulled to fit goes back to its old size in the oven.",
            [
                "Lay the sheet loosely over the pan, folded in quarters or over the pin.",
                "Lift the edge with one hand and let it sink into the corner by itself; press it home with a ball of dough, not a nail.",
                "Trim it, finish the edge, prick it if it is pricked, and chill it.",
            ],
            new("slack, right into the corner, no air behind", "", "", "nothing springs back where it is pressed"),
            new("A bridge over the corner breaks under the weights, and the filling runs beneath.",
                "Lift it from the side, ease it down, press the corner again."),
            new("Stretched thin it slides down the wall.",
                "Lift it out and lay it again; a longer chill, or the freezer, holds some of it.")),
        Technique.Edge => new(
            technique, "Crimps and edges", Stretch.Crust,
            "Once the pan is lined: it hides the cut, and hangs on to the rim while the wall would slide.",
            [
                "Leave as much dough over the rim as the edge needs, fold it under so that it lies on the rim.",
                "Pinch it between two fingers of one hand and a knuckle of the other, all the way round; or trim it flush for a "
                    + "rich or grainy dough.",
                "Chill it hard before it goes into the oven: a soft edge melts out of shape.",
            ],
            new("waves alike, seated on the rim", "", "", "firm and cold"),
            new("Cut short, it slips off the rim and takes the wall with it.", "Press a strip of scraps on with a little water."),
            new("Tall waves lean over, brown first and break off.", "Fold them in by half, and shield the rim with foil.")),
        Technique.Docking => new(
            technique, "Pricking the base", Stretch.Crust,
            "Before a rolled shell is chilled and baked blind; not right through where a thin filling follows.",
            [
                "A fork straight down, every two centimetres, over the base and the foot of the wall.",
                "Under weights a few pricks will do; without weights none may be left out.",
                "For a filling that is poured in thin, prick only half the depth.",
            ],
            new("an even field of pricks, none torn", "", "", ""),
            new("Steam lifts the base in a dome.", "Press it down with the back of a spoon while it is hot, and bake on."),
            new("Slits let the filling through.", "Rub a scrap of soft dough over them, then seal with yolk or white.")),
        Technique.Weights => new(
            technique, "Weights in the shell", Stretch.Crust,
            "For the first part of blind baking: they hold the wall up, not only the base down.",
            [
                "Crumple the paper first, so that it goes into the corner.",
                "Beans, rice or clay balls right up to the rim, pushed outwards against the wall.",
                "Lift paper and weights out together when the base is matt; mind the steam.",
            ],
            new("level with the rim, heaped a little at the wall", "", "", "heavy: they are hot when they come out"),
            new("The wall slides down behind them.", "Press it up again with the back of a spoon while it is soft; fill it lower."),
            new("Spilt weights bake into the rim, and the middle stays raw.",
                "Take the heap off the middle; give the base longer when they are out.")),
        Technique.BlindBake => new(
            technique, "A shell baked blind", Stretch.Crust,
            "Part-baked where the filling is baked in it, golden right through where it is not.",
            [
                "Under weights until the base is matt and no longer wet; then without them until the colour is right.",
                "Look beneath where the pan lets you; shield the rim when it runs ahead.",
                "Seal it while it is hot where it is to be sealed, and let it cool before anything cold goes in.",
            ],
            new("dry and matt, then golden; the base as well as the rim", "a dry tap with a nail", "toast and butter",
                "it slides in its pan"),
            new("A grey base goes soggy under any filling.", "Back in, on the lowest shelf, the rim under foil."),
            new("A dark rim is bitter, and a dark base hard.", "Shave the rim with a fine grater; a creamy filling forgives the rest.")),
        Technique.Sealing => new(
            technique, "Sealing a base", Stretch.Crust,
            "On the hot baked shell, where it waits filled for longer than an unsealed base stays crisp.",
            [
                "Yolk or white: brush it thin, right into the corner, and give it two to eight minutes in the oven.",
                "Chocolate or cocoa butter: on the cool shell, and only under cold fillings.",
                "Jam under almond, crumbs or nuts under fruit: a thin even layer.",
            ],
            new("a thin shine all over, none standing in the corner", "", "", "dry to the finger"),
            new("It goes soft where it is bare.", "Brush the bare places and give it two minutes more."),
            new("A pool bakes to an omelette.", "Dab it out with paper before it goes back in.")),
        Technique.CrumbSqueezed => new(
            technique, "A squeezed handful of crumb", Stretch.Crust,
            "Whenever fat goes to crumbs: brands and damp days differ, so the hand decides.",
            [
                "Hold back a quarter of the fat, mix, and squeeze a handful.",
                "Add the rest in thirds, and squeeze after each.",
                "Stop when a clump holds and still looks dry.",
            ],
            new("like damp sand; it keeps the print of the fingers", "", "", "it holds, and leaves no grease on the palm"),
            new("It crumbles when it is cut.", "A spoon of melted fat more, warm."),
            new("It shines, leaks and sets hard.", "More crumbs, a spoon at a time.")),
        Technique.CrumbPressed => new(
            technique, "Pressing a crumb", Stretch.Crust,
            "Into the corner first, then the wall, the base last.",
            [
                "Spread it loosely over base and wall.",
                "Press the corner with a glass or a measure until there is no ridge, then the wall to its height, then the base level.",
                "Chill it, or bake it and let it cool altogether.",
            ],
            new("flat, of one thickness, a tight corner", "", "", "it does not move under the glass"),
            new("Loose hills wash up into the filling.", "Warm the tin for a minute and press it again."),
            new("A ridge in the corner is a stone to cut.", "Scrape the ridge up the wall with a spoon.")),
        _ => throw new ArgumentOutOfRangeException(nameof(technique), technique, "It is no technique of the crust."),
    };
}
