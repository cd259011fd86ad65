using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Guide;

/// <summary>The guide to the oven, and to what is done last.</summary>
internal static class FinishPages
{
    public static TechniquePage Of(Technique technique) => technique switch
    {
        Technique.BakedCustard => new(
            technique, "A custard in the oven", Stretch.Oven,
            "For everything that egg sets in the oven.",
            [
                "From the side, tap the pan: look how it moves, not how brown it is.",
                "Out while the middle, as wide as a hand, still trembles as one with the edge firm: 77 to 80 °C.",
                "It goes on setting from its own heat. Cool it slowly, out of a draught.",
            ],
            new("edge firm, the middle trembles like a set jelly", "", "", "the edge springs back"),
            new("It runs when it is cut.", "Five minutes more, then look again."),
            new("Over 85 °C it weeps, domes and cracks.", "Nothing undoes it: chill it, and cover it with cream or fruit.")),
        Technique.AlmondFilling => new(
            technique, "Almond filling done", Stretch.Oven,
            "Frangipane and its like, low in the oven.",
            [
                "Press the middle with a finger, then a skewer at its deepest place.",
                "Cover it with foil once it is brown enough; the middle is the last to bake.",
            ],
            new("even brown, slightly domed", "the quick sizzle has slowed", "roast almond", "it springs back; the skewer comes out clean"),
            new("Wet in the middle, it sinks as it cools.", "Back in, covered, ten minutes at a time."),
            new("Dry and crumbly.", "Brush it with warm syrup or jam, thinned.")),
        Technique.FruitBubbling => new(
            technique, "Fruit that has bubbled", Stretch.Oven,
            "For fruit thickened with starch: the starch works only where it boils.",
            [
                "Wait for bubbles in the middle, not only at the rim.",
                "Slow and thick: they leave a hole for a moment.",
                "Shield the top if it is brown before that. Half an hour on the rack, three or four hours before it is cut.",
            ],
            new("thick bubbles in the middle", "slow plops", "jam", ""),
            new("Juice runs all over the plate.", "Back in, shielded, until the middle bubbles."),
            new("Juice has boiled over; the fruit is mush.", "A tray beneath, at once; cut it cold.")),
        Technique.Toasted => new(
            technique, "Toasting nuts", Stretch.Oven,
            "Before they go in or on: a raw nut tastes of little.",
            [
                "One layer on a tray, 165 to 175 °C, shaken half way.",
                "Break one: look at the inside, and smell it.",
                "Off the hot tray at once.",
            ],
            new("deep gold inside, not only outside", "they tick as they cool", "popcorn", "crisp only when cold"),
            new("Soft and dull.", "Two minutes more, watching."),
            new("Bitter.", "Nothing: throw them away; one spoils a batch.")),
        Technique.Cream => new(
            technique, "Whipping cream", Stretch.Finish,
            "Soft to fold and to spoon, just past soft to spread, stiff to pipe.",
            [
                "Cold cream, cold bowl, medium speed; sugar in with the machine stopped, or at soft peaks.",
                "Slow down when the whisk begins to leave tracks. The last strokes are by hand.",
                "Stabilised with gelatine: melted, just warm, streamed in at soft peaks.",
            ],
            new("soft: the tip bends. Just past soft: a swirl holds. Stiff: sharp edges", "the splash turns to a whisper", "",
                "it drags on the whisk"),
            new("It runs off the pie.", "A few strokes more, by hand."),
            new("Grains, yellow: it is turning to butter.", "Fold in a few spoons of liquid cream; past that, it is butter.")),
        Technique.Whites => new(
            technique, "Whisking whites", Stretch.Finish,
            "For meringue, and for foam that is folded in.",
            [
                "A clean bowl, no trace of yolk, whites not straight from the fridge.",
                "Sugar in by the spoon once they are foam; go on until no grain is left.",
                "Use it at once: it does not wait.",
            ],
            new("glossy; a peak with a hook", "the whisk runs smoothly", "", "no grain between two fingers"),
            new("It slumps, and weeps on the pie.", "Go on; more speed."),
            new("Dry clumps that will not fold or pipe.", "Whisk in another white, then stop in time.")),
        Technique.Glaze => new(
            technique, "Glazing", Stretch.Finish,
            "Warm thinned jam on a warm tart or on cold fruit.",
            [
                "Warm it until it runs off the brush, and sieve it.",
                "One stroke beside the other, never back over one that has begun to set.",
            ],
            new("a thin even shine, every piece seen", "", "", "tacky, then dry to a light finger"),
            new("Matt places dry out and brown.", "A second thin coat, warm."),
            new("A pool slides off with the fruit.", "Lift it with the tip of a paper; brush it out thin.")),
        Technique.Piping => new(
            technique, "Piping", Stretch.Finish,
            "Stiff cream or meringue, onto something cold or hot as the topping asks.",
            [
                "Half fill the bag, twist it shut, press the air out.",
                "Nozzle upright, a finger’s breadth above; press, let it grow, stop pressing, then lift.",
                "Begin with the rosette opposite you and work round, so that the sleeve does not touch.",
            ],
            new("ridges stand; all of one size", "", "", "even pressure, cold hands"),
            new("Too soft, it slumps.", "Chill the filled bag for ten minutes; try again."),
            new("Over-whipped, it comes out ragged.", "Out of the bag, a spoon of liquid cream in, by hand.")),
        Technique.Arranging => new(
            technique, "Arranging from the rim", Stretch.Finish,
            "Fruit and other pieces, before the glaze.",
            [
                "Dry every piece. Lay the outer ring first, each lapping the last, and tuck the end under the beginning.",
                "The next ring laps the first, the other way round.",
                "The middle last, with the smallest pieces.",
            ],
            new("rings that close, no base showing", "", "", "nothing slides when it is tilted"),
            new("Gaps dry out and show every slip.", "Slide the ring together, and lay one piece more."),
            new("A heap in the middle cannot be cut.", "Take the middle off and spread it outwards.")),
        Technique.Unmoulding => new(
            technique, "Out of the tin", Stretch.Finish,
            "Only when it is set right through, and shortly before it is cut.",
            [
                "A thin hot blade round the wall, upright; or a hot cloth round the ring for half a minute.",
                "Stand the loose base on a tin, let the ring sink; or open the clip slowly.",
                "Smooth the side with a hot dry palette knife.",
            ],
            new("straight, clean sides", "", "", "it slides, and needs no pull"),
            new("Too early, it sags as the ring goes.", "Ring back on, forty minutes in the freezer."),
            new("Too warm, the side melts and smears.", "Chill it, then smooth it with a palette knife.")),
        Technique.Knife => new(
            technique, "A hot dry knife", Stretch.Finish,
            "For every cut through something soft.",
            [
                "A long thin blade, in hot water, wiped dry.",
                "One cut: down, and drawn out towards you, not lifted.",
                "Wipe it and heat it again, each time.",
            ],
            new("a clean face, layers to be counted", "", "", "it sinks by itself"),
            new("It drags crumbs and cream through the layers.", "Twenty minutes in the freezer, and heat the knife."),
            new("It melts a groove, and the face shines.", "Wait a breath before each cut.")),
        Technique.Slice => new(
            technique, "The slice", Stretch.Finish,
            "What all of it was for: how it stands on the plate tells what to change.",
            [
                "Cut one and wait for a minute.",
                "Look at the face, press the base with a fork, taste the rim.",
                "Write it down while it is in front of you.",
            ],
            new("a clean face, layers straight, a base that snaps", "the base cracks under the fork", "", "it holds, and melts"),
            new("It smears or runs: warm, or set too little.", "Colder, and a hot dry knife."),
            new("It crumbles or bounces: set too much, or a base too hard.", "Serve it less cold.")),
        _ => throw new ArgumentOutOfRangeException(nameof(technique), technique, "It is no technique of oven or finish."),
    };
}
