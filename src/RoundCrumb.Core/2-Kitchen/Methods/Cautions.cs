using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>What can hurt, or harm whoever eats it.</summary>
public enum Hazard
{
    /// <summary>Sugar, jam, syrup, custard, hot weights.</summary>
    HotAndSticky,

    /// <summary>Steam, and what spits or boils over.</summary>
    Steam,

    /// <summary>Open flame, torch, grill, burning fat.</summary>
    Fire,

    /// <summary>A sealed tin under heat.</summary>
    Pressure,

    /// <summary>Raw flour and raw egg.</summary>
    Raw,

    /// <summary>What must be cooled in time and kept cold.</summary>
    Cold,

    /// <summary>Nobody is hurt, and the work is lost.</summary>
    LostWork,
}

/// <summary>What is known of each hazard.</summary>
public static class Hazards
{
    extension(Hazard hazard)
    {
        /// <summary>What it is called.</summary>
        public string Name => hazard switch
        {
            Hazard.HotAndSticky => "Hot, and it sticks",
            Hazard.Steam => "Steam, and what boils over",
            Hazard.Fire => "Flame, torch and smoking fat",
            Hazard.Pressure => "Sealed tins under heat",
            Hazard.Raw => "Raw flour and raw egg",
            Hazard.Cold => "Cooling in time, and keeping cold",
            Hazard.LostWork => "Nobody is hurt, but the work is lost",
        };

        /// <summary>What to have at hand before it begins.</summary>
        public string AtHand => hazard switch
        {
            Hazard.HotAndSticky =>
                "Long sleeves, dry cloths, a bowl of cold water big enough for a hand. A burn goes under cool running water for twenty "
                + "minutes; whatever sticks is left for a doctor.",
            Hazard.Steam => "A dry cloth, a pot with room above what is in it, and nobody leaning over.",
            Hazard.Fire => "The lid that fits, within reach, and a fire blanket. No water on fat or spirit. Hair and sleeves tied back.",
            Hazard.Pressure => "Ready-made caramel, or an open pan instead.",
            Hazard.Raw => "Pasteurised egg, heat-treated flour, soap. The very young and old, the pregnant and the ill should "
                + "eat neither raw.",
            Hazard.Cold => "A probe thermometer, shallow trays, ice, room in the fridge. Local food law decides.",
            Hazard.LostWork => "The next thing to do, ready before this one is.",
        };
    }
}

/// <summary>What may hurt, as it is said at the step where it may.</summary>
/// <param name="Hazard">Of which kind.</param>
/// <param name="Says">The words, for the step and for the list of all of them.</param>
/// <param name="At">Where in the work, in a few words.</param>
public sealed record Caution(Hazard Hazard, Phrase Says, string At)
{
    /// <summary>The words, where a step says them.</summary>
    public static implicit operator Phrase(Caution caution) => caution.Says;
}

/// <summary>All cautions, each said in one way only.</summary>
public static class Cautions
{
    internal static readonly Caution RawFlour = new(Hazard.Raw, "Raw flour is not for tasting.", "dough, crumble");

    internal static readonly Caution RawFlourAndEgg = new(Hazard.Raw, "Raw flour and egg are not for tasting.", "dough, batter");

    internal static readonly Caution RawEgg = new(Hazard.Raw, "Raw egg is not for tasting.", "custard before it is baked");

    internal static readonly Caution RawWhites = new(
        Hazard.Raw, "Whites raw inside are not safe for everyone: bake it through, or take pasteurised ones.", "French meringue");

    internal static readonly Caution WhitesStayRaw = new(
        Hazard.Raw, "Whites stay raw: take pasteurised ones for anyone who should avoid raw egg.", "chiffon");

    internal static readonly Caution SteamUnderBowl = new(Hazard.Steam, "Steam under the bowl scalds.", "curd, meringue over water");

    internal static readonly Caution SteamUnderFilm = new(Hazard.Steam, "Steam gathers under the film: lift it away from you.",
        "hot custard");

    internal static readonly Caution CreamBoilsOver = new(Hazard.Steam, "Hot cream boils over as it is looked away from.", "ganache");

    internal static readonly Caution HotJuice = new(Hazard.Steam, "Steam and hot juice scald.", "boiling down");

    internal static readonly Caution HotWhey = new(Hazard.Steam, "Hot whey runs through the cloth: lift it with tongs.", "fresh curd");

    internal static readonly Caution TorchAndGrill = new(
        Hazard.Fire, "Keep torch and grill from sleeves, paper and film. Never glass or ceramic under a grill: it cracks.", "meringue");

    internal static readonly Caution HotBlending = new(
        Hazard.Steam,
        "Hot liquid blows the lid off a closed blender: use a stick blender, or half fill the jug, leave the vent open and hold a cloth "
            + "over it.",
        "blending what is hot");

    internal static readonly Caution GlassAndHeat = new(
        Hazard.LostWork,
        "Glass and ceramic crack from cold to hot: let it stand 15 to 20 min in the room, then onto the shelf or a cold tray, never a hot "
            + "tray, never from the freezer, never under a grill.",
        "glass and ceramic plates");

    internal static readonly Caution Toffee = new(
        Hazard.HotAndSticky, "Melted sugar and butter are far over 120 °C, spit when the cream goes in, and stick to skin: long sleeves, "
            + "cold water to hand, pour slowly.", "butterscotch, toffee");

    internal static readonly Caution KeptInTheRoom = new(
        Hazard.Cold,
        new(
            "Sugar or fat keeps it, and it is rich in egg or cream all the same: many rules want it at or below {0} but for the hours on "
                + "the counter. Do as your local rules say.", new Quantity(5, Dimension.Warmth)),
        "nut tarts, ganache");

    internal static readonly Caution Torch = new(Hazard.Fire, "Keep the torch from sleeves, paper and film.", "meringue");

    internal static readonly Caution ButterSmokes = new(
        Hazard.Fire, "It foams up and goes from brown to black in seconds; smoking butter: off the heat, window open, leave it be.",
        "browning butter");

    internal static readonly Caution Spirits = new(
        Hazard.Fire,
        "Spirit is lit only off the heat, away from hood and sleeves, the lid to hand, poured from a cup; or simmer it instead. "
            + "Some of the "
            + "alcohol always stays.", "spirits");

    internal static readonly Caution SealedTin = new(
        Hazard.Pressure, "A sealed tin that is heated dry, or boiled dry, can burst: open it, or buy the caramel made.", "milk caramel");

    internal static readonly Caution SugarSyrup = new(
        Hazard.HotAndSticky, "At 120 °C sugar sticks and burns: long sleeves, cold water to hand.", "Italian meringue");

    internal static readonly Caution Caramel = new(
        Hazard.HotAndSticky, "Caramel is far over 120 °C and sticks to skin: long sleeves, cold water to hand.", "caramel");

    internal static readonly Caution HotJam = new(Hazard.HotAndSticky, "Hot jam sticks and burns.", "glazes");

    internal static readonly Caution HotSyrup = new(Hazard.HotAndSticky, "Hot syrup sticks and burns.", "nut and syrup fillings");

    internal static readonly Caution HotCustard = new(
        Hazard.HotAndSticky, "Cooked short of a bubble it thins overnight. Hot custard sticks and burns.", "custard with starch");

    internal static readonly Caution HotFruit = new(
        Hazard.HotAndSticky, "Fruit fillings scald: half an hour on the rack before anyone tastes.", "fruit pies");

    internal static readonly Caution HotWeights = new(
        Hazard.HotAndSticky, "Beans hold their heat: tip them into metal, not plastic.", "blind baking");

    internal static readonly Caution Gelatine = new(
        Hazard.Steam, "Never boil it: it sets more weakly. Heated in a microwave oven it can spit and scald.", "gelatine");

    internal static readonly Caution GelatineBoiled = new(
        Hazard.LostWork, "Never boil it: it sets more weakly.", "jelly layers");

    internal static readonly Caution PastStiff = new(
        Hazard.LostWork, "A few seconds past stiff is butter: the last strokes by hand.", "cream cheese fillings");

    /// <summary>So long what must be kept cold may be out of the fridge, all in all, minutes.</summary>
    public const double OutOfTheFridge = 120;

    /// <summary>What must be kept cold.</summary>
    public static readonly Caution ColdChain = new(
        Hazard.Cold,
        new("Keep at or below {0}, and no longer than {1} out of the fridge; or as your local rules say.",
            new Quantity(5, Dimension.Warmth), new Quantity(OutOfTheFridge, Dimension.Time)),
        "cold fillings");

    /// <summary>What is rich in egg and was hot.</summary>
    public static readonly Caution EggRich = new(
        Hazard.Cold,
        new(
            "Rich in egg: from {0} to {1} within 2 h, to {2} within 4 h more, then kept there; or as your local rules say.",
            new Quantity(57, Dimension.Warmth), new Quantity(21, Dimension.Warmth), new Quantity(5, Dimension.Warmth)), "custards, curds");

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Caution> All { get; } =
    [
        RawFlour, RawFlourAndEgg, RawEgg, RawWhites, WhitesStayRaw, SteamUnderBowl, SteamUnderFilm, CreamBoilsOver, HotJuice, HotWhey,
        Gelatine,
        TorchAndGrill, Torch, ButterSmokes, Spirits, SealedTin, SugarSyrup, Caramel, HotJam, HotSyrup, HotCustard, HotFruit, HotWeights,
        GelatineBoiled, PastStiff, ColdChain, EggRich, HotBlending, GlassAndHeat, Toffee, KeptInTheRoom,
    ];
}
