using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>The toppings that come with Round Crumb. One declaration each; everything else follows from it.</summary>
public static class ToppingBook
{
    private static readonly StepHeat MeringueHeat = StepHeat.Of(150, 140, 160);

    private static readonly MinuteRange Baked = MinuteRange.Between(24 * 60, 48 * 60);

    /// <summary>Whipped cream with a quarter of mascarpone.</summary>
    public static readonly Topping Mascarpone = Topping.Whipped(
        "mascarpone-cream", "Whipped cream, mascarpone", Pantry.DoubleCream,
        [
            new(Pantry.Get("mascarpone"), ToppingConstants.CheeseToCream, "cold, beaten in before the cream is stiff"),
            new(
                Pantry.CasterSugar, new("sugar to cream", 0.05, 0, 0.10, Dimension.Share, "A little, to taste."),
                "with the machine stopped, at soft peaks"),
        ]);

    /// <summary>Whipped cream with a quarter of cream cheese.</summary>
    public static readonly Topping CreamCheese = Topping.Whipped(
        "cheese-cream", "Whipped cream, cream cheese", Pantry.DoubleCream,
        [
            new(Pantry.CreamCheese, ToppingConstants.CheeseToCream, "beaten smooth first, then the cream into it"),
            new(
                Pantry.CasterSugar, new("sugar to cream", 0.06, 0, 0.10, Dimension.Share, "A little, to round the cheese."),
                "with the machine stopped, at soft peaks"),
        ]);

    /// <summary>Whipped cream held up by whatever lasts until it is served. What that is follows from the hours.</summary>
    public static readonly Topping Held = Topping.Plain with { Id = "held", Name = "Whipped cream, held for the hours" };

    private static readonly Constant WhitesWarmed = new(
        "whites are warmed to", 71, 70, 75, Dimension.Warmth, "Hot enough to be safe, not yet cooked to curds.");

    public static readonly Topping French = Meringue(
        "meringue-french", "Meringue, French", 6, 5, 7, 1.75,
        [
            new(
                "Whisk the whites to soft peaks, then the sugar by spoonfuls until it shines.", 9, 0.5, Place.Mixer,
                "stiff, glossy, no grain between the fingers"),
            new("Onto the hot filling at once, {0} thick, sealed to the crust all round.", 1, 3, Place.Bench, "no gap at the rim"),
            new(
                new("Bake right through at {1}.", MeringueHeat.AsQuantity()), 1, 0.5, Place.Oven,
                "dry to the touch, pale brown; raw white inside is not enough")
                {
                    Heat = MeringueHeat,
                    Wait = new(25, 30, 40),
                    Caution = Cautions.RawWhites,
                },
        ]);

    public static readonly Topping Swiss = Meringue(
        "meringue-swiss", "Meringue, Swiss", 5, 4.5, 5.5, 2,
        [
            new(
                new(
                    "Stir whites and sugar over barely simmering water to {1}.",
                    new Quantity(WhitesWarmed.Usual, Dimension.Warmth, WhitesWarmed.Low, WhitesWarmed.High)), 8, 0.5,
                Place.Hob, "no grain left; hot to the finger") { Caution = Cautions.SteamUnderBowl },
            new(
                "Whisk until stiff and cool; onto the hot filling, {0} thick, sealed to the crust all round.", 9, 3, Place.Mixer,
                "stiff peaks, no gap at the rim"),
            new("Brown it with a torch, or under the grill where the pan is metal.", 1, 2, Place.Oven, "tips the colour of toast")
            {
                Caution = Cautions.TorchAndGrill,
                WhereItCracks = new(
                    "Brown it with a torch; no grill: it would crack this plate.", 1, 3, Place.Bench, "tips the colour of toast")
                {
                    Caution = Cautions.Torch,
                },
            },
        ]) with
    { EggTakenTo = WhitesWarmed };

    public static readonly Topping Italian = Meringue(
        "meringue-italian", "Meringue, Italian", 5.5, 5, 6, 2,
        [
            new(
                new("Boil the sugar with a third of its weight of water to {1}.", new Quantity(118, Dimension.Warmth, 116, 121)), 8, 0,
                Place.Hob, "big slow bubbles; a drop in cold water makes a soft ball")
                { Caution = Cautions.SugarSyrup },
            new("In a thin stream onto the whisking whites; whisk until cool.", 8, 0.5, Place.Mixer, "stiff and satiny"),
            new(
                "Onto the filling, {0} thick, sealed to the crust all round; brown it with a torch.", 1, 4, Place.Bench,
                "tips the colour of toast") { Caution = Cautions.Torch },
        ]);

    public static readonly Topping ButterCrumble = Crumble(
        "crumble", "Butter crumble", "#d9b06c", Pantry.PlainFlour,
        [Part("butter", 0.60, "cold, rubbed in"), Part("demerara-sugar", 0.50, "stirred in")]);
    public static readonly Topping OatCrumble = Crumble(
        "crumble-oat", "Oat and hazelnut crumble", "#c79a5b", Pantry.PlainFlour,
        [
            Part("rolled-oats", 0.60, "stirred in"), Part("butter", 0.80, "cold, rubbed in"), Part("brown-sugar", 0.55, "stirred in"),
            Part("hazelnuts", 0.30, "chopped")
        ]);

    public static readonly Topping BlackcurrantJelly = Jelly(
        "jelly-blackcurrant", "Blackcurrant jelly layer", "#6d2a4f", "blackcurrant-puree", 0.20);
    public static readonly Topping RaspberryJelly = Jelly("jelly-raspberry", "Raspberry jelly layer", "#b93357", "raspberry-puree", 0.15);
    public static readonly Topping OrangeJelly = Jelly("jelly-orange", "Blood-orange jelly layer", "#d9603a", "blood-orange-juice", 0.12);

    public static readonly Topping ApricotGlaze = Filmed(
        "glaze-apricot", "Apricot glaze", ToppingKind.Glaze, "#eaa24a", "apricot-jam", 0.08, 0.06, 0.10,
        "A brushed coat; more runs off the fruit.",
        [Part("water", 0.25, "to thin it")], Baked, "it dulls in a day or two", GoesOn.Cold,
        [
            new("Bring the jam and water to a boil, sieve, and brush on while hot.", 5, 2, Place.Hob, "a thin shine, every piece coated")
            {
                Caution = Cautions.HotJam,
            }
        ]);

    public static readonly Topping DustedSugar = Filmed(
        "dust-icing", "Dusting of icing sugar", ToppingKind.Dusting, "#ffffff", "icing-sugar", 0.015, 0.01, 0.02,
        "A veil through a fine sieve.",
        [], MinuteRange.Between(20, 60), "it melts into anything damp", GoesOn.AtServing,
        [new("At serving: dust with icing sugar through a fine sieve.", 0.5, 0.5, Place.Bench, "a veil, the colour still showing")]);

    public static readonly Topping DustedCocoa = Filmed(
        "dust-cocoa", "Dusting of cocoa", ToppingKind.Dusting, "#6b4a33", "cocoa", 0.015, 0.01, 0.02, "A veil through a fine sieve.",
        [], MinuteRange.Between(60, 240), "it darkens as it drinks", GoesOn.AtServing,
        [new("At serving: dust with cocoa through a fine sieve.", 0.5, 0.5, Place.Bench, "even, no lumps")]);

    public static readonly Topping Almonds = Toasted("toasted-almonds", "Toasted flaked almonds", "#d8b27a", "flaked-almonds", 0.06, 0.05);
    public static readonly Topping Hazelnuts = Toasted(
        "toasted-hazelnuts", "Toasted chopped hazelnuts", "#a97b4b", "hazelnuts", 0.08, 0.06);
    public static readonly Topping Coconut = Toasted("toasted-coconut", "Toasted coconut flakes", "#e7d2a8", "coconut-flakes", 0.05, 0.08);

    public static readonly Topping Brittle = Filmed(
        "brittle", "Crushed brittle", ToppingKind.Strewn, "#c98a3e", "brittle", 0.10, 0.06, 0.15, "Strewn, the surface showing through.",
        [], MinuteRange.Between(30, 120), "it melts on anything damp", GoesOn.AtServing,
        [new("At serving: strew with crushed brittle.", 1, 0.5, Place.Bench, "some of it still sharp-edged")]);

    public static readonly Topping Crumbs = Filmed(
        "biscuit-dust", "Biscuit crumbs", ToppingKind.Strewn, "#c69a5d", "biscuit-crumbs", 0.08, 0.05, 0.12,
        "Strewn, the surface showing through.",
        [], MinuteRange.Between(60, 120), "they soften on anything damp", GoesOn.AtServing,
        [new("At serving: strew with biscuit crumbs.", 0.5, 0.5, Place.Bench, "still crisp")]);

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Topping> All { get; } =
    [
        Topping.None, Topping.Plain, Topping.Icing, Topping.Gelatine, Mascarpone, CreamCheese, Held, French, Swiss, Italian, ButterCrumble,
        OatCrumble,
        BlackcurrantJelly, RaspberryJelly, OrangeJelly, ApricotGlaze, DustedSugar, DustedCocoa, Almonds, Hazelnuts, Coconut, Brittle,
        Crumbs,
        .. PieceBook.All.Select(Laid),
    ];

    /// <summary>What a kind of topping is called, many of them.</summary>
    public static string NameOf(ToppingKind kind) => kind switch
    {
        ToppingKind.Whipped => "Whipped cream",
        ToppingKind.Meringue => "Meringue",
        ToppingKind.Crumble => "Crumble",
        ToppingKind.Jelly => "Jelly layers",
        ToppingKind.Glaze => "Glazes",
        ToppingKind.Dusting => "Dustings",
        ToppingKind.Strewn => "Strewn",
        _ => "Fruit and nuts, laid",
    };

    /// <summary>The cream that lasts so many hours: plain, icing sugar, mascarpone, gelatine, the least that will do.</summary>
    /// <param name="hours">From topping to serving.</param>
    /// <param name="vegetarian">True when gelatine may not be in it.</param>
    public static Topping HeldFor(double hours, bool vegetarian)
    {
        var by = hours * 60 <= Topping.Plain.Holds.Least ? Topping.Plain
            : hours * 60 <= Topping.Icing.Holds.Least ? Topping.Icing
            : hours * 60 <= Mascarpone.Holds.Least || vegetarian ? Mascarpone
            : Topping.Gelatine;
        return by with { Id = Held.Id, Name = "Whipped cream, held by " + by.Why };
    }

    private static Topping Laid(Piece piece) => new(
        "laid-" + piece.Id, char.ToUpperInvariant(piece.Name[0]) + piece.Name[1..], ToppingKind.Pieces, piece.Ingredient, [], piece.Holds,
        piece.AtServing ? "cut fruit browns and weeps" : "it dries and dulls")
    {
        Piece = piece,
        GoesOn = piece.AtServing ? GoesOn.AtServing : GoesOn.Cold,
        Thickness = piece.Thick,
        Tint = piece.Tint,
        Steps = [
            new(
                (piece.AtServing ? "At serving: lay on the " : "Lay on the ") + piece.Name + " from the outside in, by the drawing.", 2, 5,
                Place.Bench, "every piece dry, none over the rim")
        ],
    };

    private static Topping Meringue(
        string id, string name, double swells, double low, double high, double sugar, IReadOnlyList<MethodStep> steps) =>
        new(
        id, name, ToppingKind.Meringue, Pantry.EggWhite,
        [
            Part("caster-sugar", sugar, "by spoonfuls") with
            {
                PerBase = new(
                    "sugar to whites", sugar, 1.5, 2, Dimension.Factor, "Less is softer and weeps sooner; more is stiffer and sweeter."),
            }
        ],
        MinuteRange.Between(6 * 60, 24 * 60), "it weeps and shrinks")
        {
            GoesOn = GoesOn.WithTheFilling,
            Swells = new("whites whisked", swells, low, high, Dimension.Factor, "Volume against that of the raw whites."),

            // Thirty to thirty-five grams of whites to 100 cm², whisked.
            Thickness = new(
            "usual thickness", Math.Round(ToppingConstants.WhitesToArea.Usual * Pantry.EggWhite.InMixture * swells / 10), 10, 40,
            Dimension.Length, "What 30–35 g of whites to 100 cm² come to."),
            Steps = steps,
            Tint = "#fff6e6",
        };

    private static Topping Crumble(string id, string name, string tint, Ingredient flour, IReadOnlyList<ToppingPart> with) =>
        new(id, name, ToppingKind.Crumble, flour, with, Baked, "it softens over the fruit")
        {
            GoesOn = GoesOn.WithTheFilling,
            Density = new("crumble as it lies", 0.55, 0.50, 0.60, Dimension.GramsPerMl, "Loose; pressed down it bakes to a lid."),
            Thickness = new("usual thickness", 20, 18, 22, Dimension.Length, "1.0–1.2 g to a square centimetre."),
            EggTakenTo = new("crumble is baked to", 95, 90, 100, Dimension.Warmth, "Dry crumbs in the open oven."),
            Loses = new("crumble loses in the oven", 0.08, 0.06, 0.10, Dimension.Share, "Water from butter and flour."),
            Tint = tint,
            Steps = [
            new(
                "Rub the butter in until it clumps, stir in the rest; strew it on {0} thick, not pressed.", 7, 2, Place.Bench,
                "pea-sized clumps and loose crumbs") { Caution = Cautions.RawFlour }
        ],
        };

    private static Topping Jelly(string id, string name, string tint, string juice, double sugar) => new(
        id, name, ToppingKind.Jelly, Pantry.Get(juice),
        [
            Part("caster-sugar", sugar, "dissolved in half the juice, warm"),
            new(
                Pantry.Gelatine,
                new(
                    "gelatine to juice", 0.026, 0.021, 0.036, Dimension.Share,
                    "So that the whole has 1.6 to 2.8 g in 100: it cuts and does not run."),
                "bloomed and melted in the warm half"),
            new(
                Pantry.Water, new("water for the gelatine", 0.13, 0.10, 0.18, Dimension.Share, "Five times the gelatine's own weight."),
                "cold, for the gelatine"),
        ],
        MinuteRange.Between(36 * 60, 48 * 60), "it tightens, then weeps")
    {
        Density = new("jelly", 1.06, 1.04, 1.08, Dimension.GramsPerMl, "Juice and sugar."),
        Thickness = new("usual thickness", 6, 5, 8, Dimension.Length, "Five to eight: thicker slides off the filling."),
        Tint = tint,
        Steps =
        [
            new(
                new(
                    "Bloom the gelatine, melt it in half the juice with the sugar at {1}, stir in the rest and cool it, stirring.",
                    new Quantity(55, Dimension.Warmth, 50, 60)),
                8, 0.5, Place.Hob, "barely warm to the wrist")
                { Wait = new(15, 25, 40), Caution = Cautions.GelatineBoiled },
            new(
                new(
                    "At about {1}, pour it {0} thick over the back of a spoon onto the set filling.",
                    new Quantity(25, Dimension.Warmth, 20, 28)),
                1, 2, Place.Bench, "no swirl of filling in it: warmer melts what it lies on"),
            new(
                "Back in the fridge until it is set.", 0, 0.5, Place.Fridge, "does not mark under a finger")
                { Wait = new(60, 120, 24 * 60) },
        ],
    };

    private static Topping Toasted(string id, string name, string tint, string nut, double film, double loses) => Filmed(
        id, name, ToppingKind.Strewn, tint, nut, film, film * 0.7, film * 1.5, "Strewn, the surface showing through.", [],
        MinuteRange.Between(12 * 60, 24 * 60), "they soften as they drink", GoesOn.Cold,
        [
            new(
                new("Toast them on a tray at {1}, turning once; tip out and cool.", Toasting.Heat.AsQuantity()), 2, 0, Place.Oven,
                Toasting.Cue) { Heat = Toasting.Heat, Wait = new(15, 20, 24 * 60) },
            new("Strew them on.", 0.5, 0.5, Place.Bench, "even, more at the rim"),
        ]) with
    {
        Loses = new("lost in toasting", loses, 0.05, 0.08, Dimension.Share, "Water, for the most part."),
    };

    private static Topping Filmed(
        string id, string name, ToppingKind kind, string tint, string of, double film, double low, double high, string why,
        IReadOnlyList<ToppingPart> with, MinuteRange holds, string ends, GoesOn when, IReadOnlyList<MethodStep> steps) =>
        new(id, name, kind, Pantry.Get(of), with, holds, ends)
        {
            GoesOn = when,
            Film = new("grams to a square centimetre", film, low, high, Dimension.Factor, why),
            Tint = tint,
            Steps = steps,
        };

    private static ToppingPart Part(string id, double share, string note)
    {
        var ingredient = Pantry.Get(id);
        return new(
            ingredient,
            new($"{ingredient.ShortName} to the base", share, share * 0.85, share * 1.15, Dimension.Factor, "Bakers differ a little."),
            note);
    }
}
