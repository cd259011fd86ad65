using RoundCrumb.Core.Methods;

namespace RoundCrumb.Core.Guide;

/// <summary>The guide to what is cooked, whisked, soaked and folded.</summary>
internal static class FillingPages
{
    public static TechniquePage Of(Technique technique) => technique switch
    {
        Technique.Tempering => new(
            technique, "Tempering yolks", Stretch.Filling,
            "Before yolks or eggs meet hot milk, cream or syrup.",
            [
                "Whisk the yolks with sugar and starch until they are smooth, on a damp cloth so that the bowl stands still.",
                "Pour about a third of the hot liquid in a thin stream onto them, whisking all the while.",
                "Then all of it back into the pan, and stir until it is done.",
            ],
            new("smooth, and as thin as cream", "", "", "the bowl is warm to the hand"),
            new("Cold yolks in a hot pan set in threads.", "Off the heat, whisk in a splash of cold milk, and sieve it."),
            new("Poured at once they scramble in the bowl.", "Sieve it, and take a stick blender to it if it is little; else begin "
                + "again.")),
        Technique.Custard => new(
            technique, "A custard’s bubble", Stretch.Filling,
            "For every custard with starch: short of the bubble it thins overnight.",
            [
                "A thick pan, medium heat, a whisk and then a spatula into the corners, without a pause.",
                "It thickens from the edge. When it first heaves in the middle, count one to two minutes, stirring.",
                "Off the heat, acid and butter in; through a sieve; film on it.",
            ],
            new("slow bubbles that burst; the whisk leaves a track, and it mounds", "it plops", "milk and vanilla, no flour",
                "heavy on the whisk"),
            new("It sets soft, tastes of flour, or thins by the morning.",
                "Back on the heat until it bubbles in the middle, and hold that."),
            new("It leaves the pan as a paste and weeps later.", "Whisk in hot milk, a spoon at a time, and sieve it.")),
        Technique.Curd => new(
            technique, "Curd on the spoon", Stretch.Filling,
            "For a curd that is poured: cooked over steam, short of a boil.",
            [
                "A bowl over barely simmering water that does not touch it; stir all the time.",
                "Lift the spoon and draw a finger across its back.",
                "Off the steam as soon as the line stays; butter in by pieces, then through a sieve.",
            ],
            new("it coats, and a finger’s line stays open", "no bubbling beneath the bowl", "clean fruit, no egg",
                "silk between two fingers"),
            new("It runs, and never sets.", "Back over the steam; it takes longer than one thinks."),
            new("Grains: the egg has set.", "Sieve it, or take a stick blender to it, never a closed jug while it is hot, and use it "
                + "where texture hides.")),
        Technique.Film => new(
            technique, "Film on the surface", Stretch.Filling,
            "The moment a custard or a curd is poured, and while it cools in its bowl.",
            [
                "Lay film or wet paper right on it, from the middle outwards, no air beneath.",
                "Up the sides as well, and chill it.",
                "Peel it off towards the middle; lift it away from you while it is hot.",
            ],
            new("no bubble and no drop under it", "", "", ""),
            new("A skin forms, and drops fall back and pit the face.", "Peel the skin off, or whisk it in while it is warm."),
            new("Pushed under, it tears the set face when it comes off.", "Smooth it with a hot knife, or cover it with cream.")),
        Technique.Blooming => new(
            technique, "Soaking gelatine", Stretch.Filling,
            "Five minutes before it is melted.",
            [
                "Powder: strew it over five times its weight of cold water, in one layer, and leave it.",
                "Sheets: one by one into plenty of cold water; squeeze them out.",
                "Melt it gently at 50 to 60 °C. It never boils.",
            ],
            new("swollen, no dry grain; a sheet hangs like wet cloth", "", "", "soft right through"),
            new("Dry grains never melt: the set is weak, with beads in it.", "Give it three minutes more; strain it when it is melted."),
            new("In warm water it dissolves, and goes down the drain with it.", "Weigh new gelatine: nobody knows what is left.")),
        Technique.GelatineMix => new(
            technique, "When to fold", Stretch.Filling,
            "After the gelatine is in, before cream or whites are folded in.",
            [
                "Loosen the melted gelatine with a spoonful of the mixture, then stream it in.",
                "Stir it over cold water until a ribbon lies on top for a moment.",
                "Fold at once: it goes on setting while one looks for the spatula.",
            ],
            new("like raw egg white; a slow ribbon lies on it", "", "", "cool to the lip, about 20 °C"),
            new("Cream sinks through it, and it sets in two layers.", "Wait, stirring over ice, and begin to fold again."),
            new("It folds to lumps.", "Warm it over water until it is smooth, and cool it again.")),
        Technique.YolkRibbon => new(
            technique, "Yolks to the ribbon", Stretch.Filling,
            "For fillings that are held up by whisked yolk and sugar.",
            [
                "Whisk yolks and sugar over barely simmering water, or at speed without it.",
                "Lift the whisk: let a stream fall in a figure of eight.",
                "Right when the figure can be read for as long as it takes to draw it.",
            ],
            new("pale, two and a half times its height; the ribbon lies on top", "", "", "no grain of sugar between the fingers"),
            new("It is thin and heavy, and the filling lower than planned.", "Go on whisking; it comes."),
            new("Over too much heat yolk sets at the rim.", "Off the heat at once, a spoon of cold water in; sieve it.")),
        Technique.Folding => new(
            technique, "Folding", Stretch.Filling,
            "Foam into something heavier, without beating out the air.",
            [
                "Stir a third of the foam in to loosen the mixture; nothing needs to be saved of that third.",
                "The rest in two goes: a broad spatula down the middle, along the bottom, up the side, the bowl turned by a quarter.",
                "Stop when the last streak has just gone.",
            ],
            new("even, and standing as high as before", "it whispers; no hiss of bursting foam", "", "light on the spatula"),
            new("White streaks, and it sets unevenly.", "Three more turns, no more."),
            new("Flat and wet; it sets low and dense.", "Nothing brings air back: a shallower pan, or pots.")),
        Technique.Reducing => new(
            technique, "Boiling down", Stretch.Filling,
            "Juice, milk or purée that is too thin or too mild as it is.",
            [
                "A wide pan, weighed empty; write the weight down.",
                "Boil it hard at first, gently towards the end, and weigh pan and all now and then.",
                "Stop a little above what you want: it goes on steaming.",
            ],
            new("down to its mark; small bubbles become large and slow", "from a rustle to a mutter", "deeper, and not of caramel",
                "it coats the spoon"),
            new("Thin: the filling will not set as reckoned.", "On again; it costs minutes only."),
            new("It catches, and tastes of it.", "Into a clean pan without scraping; water to the weight that was wanted.")),
        Technique.Flaming => new(
            technique, "Spirits: simmer or flame", Stretch.Filling,
            "Where raw spirit would be harsh. It can always be simmered instead; all of the alcohol never goes.",
            [
                "Simmering: a minute or two in the wide pan, uncovered.",
                "Flaming: pan off the heat and away from hood, sleeves and towels, hair tied back, the lid within reach.",
                "Pour the spirit from a cup, never from the bottle; light it at the rim with a long match; let it go out, or "
                    + "put the lid on.",
            ],
            new("a low blue flame that goes out by itself", "a soft breath", "no sting in the nose", ""),
            new("It does not light, and the sting stays.", "Do not pour more: warm the pan, or simmer it for two minutes."),
            new("A tall flame.", "The lid on, and leave it on. No water.")),
        Technique.FreshCurd => new(
            technique, "Curd from fresh milk", Stretch.Filling,
            "Milk soured and drained at home.",
            [
                "Warm the milk until it steams, sour it off the heat, and leave it until the whey is clear.",
                "Into a wet cloth; let it run, then squeeze it with tongs while it is hot.",
                "Weigh it: of the milk a seventh to a fifth is left as curd.",
            ],
            new("moist crumbs, clear whey", "it stops dripping", "milk, a little sour", "it holds when pressed, and crumbles when rubbed"),
            new("Wet curd gives a weeping filling.", "Hang it for another half hour, or press it under a plate."),
            new("Dry curd bakes to rubber.", "Work a few spoons of whey back in.")),
        Technique.Caramel => new(
            technique, "Caramel by its colour", Stretch.Filling,
            "Dry or with a little water; colour tells more than a clock.",
            [
                "A pale, thick, wide pan; all liquids that go in stand warm beside it.",
                "Swirl, do not stir, once it colours. From straw to amber takes a minute, from amber to smoke half of that.",
                "Stop it with the warm liquid, at arm’s length: it spits.",
            ],
            new("amber like strong tea; small quick bubbles", "it quietens as the water leaves", "toffee, just before smoke", ""),
            new("Only sweet.", "Back on the heat, and watch it."),
            new("Bitter and black.", "Nothing: let it cool, and make it again.")),
        Technique.BrownedButter => new(
            technique, "Browning butter", Stretch.Filling,
            "For its taste, to one of three stages: golden, hazel, dark. Reckon with a sixth of its weight gone.",
            [
                "A pale pan, medium heat; it melts, foams, crackles, and foams a second time.",
                "Golden at the second foam, hazel when the specks are the colour of nut shells, dark a breath before smoke.",
                "Into a cold bowl at once, specks and all: the pan goes on cooking it.",
            ],
            new("hazel specks under a fine foam", "the crackle stops: its water is gone", "roast nuts", ""),
            new("Melted butter, with its water still in it.", "On again until the crackle stops."),
            new("Black specks; smoke stings.",
                "Off the heat, window open; strain it through paper if the taste still pleases, else again.")),
        _ => throw new ArgumentOutOfRangeException(nameof(technique), technique, "It is no technique of a filling."),
    };
}
