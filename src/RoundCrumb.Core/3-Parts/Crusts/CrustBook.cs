using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>The crust families. One declaration each; everything else follows from it.</summary>
public static class CrustBook
{
    private static readonly Constant Flour = Percent("flour", 100, 100, 100, "Bakers' percentages count everything against the flour.");
    private static readonly Constant StopInside = Percent("water", 30, 25, 35, "A range to stop inside: stop when it just holds.");
    private static readonly Constant Salt = Percent("salt", 2, 1.5, 2.5, "To taste; unsalted butter assumed.");

    public static readonly RolledFamily ButterFlaky = new(
        "butter-flaky", "Flaky, all butter", "sliced cream and fruit pies", [Treatment.HotStart, Treatment.Steady], "#d8a45c",
        [
            new(Pantry.PlainFlour, Flour, "a stronger plain flour: layers need structure"),
            new(Pantry.Butter, Percent("butter", 82, 75, 90, "More is flakier and harder to handle."), "cut in cubes and frozen 20 min"),
            new(Pantry.Water, StopInside, "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 3, 0, 8, "For colour rather than sweetness."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60)
    {
        Schools =
            "Butter tastes best and flakes most, but the room must be cool. A splash of vinegar or spirit for part of the water is "
                + "custom: it changes little. Hot start or steady oven, both are baked.",
    };

    public static readonly RolledFamily ShorteningFlaky = new(
        "shortening-flaky", "Flaky, shortening", "the tenderest flake, easier in a warm room", [Treatment.HotStart, Treatment.Steady],
        "#dcb27a",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(
                Pantry.Shortening, Percent("shortening", 65, 60, 70, "All fat and no water, so less of it than butter."),
                "cold, in pieces"),
            new(
                Pantry.Water, Percent("water", 28, 25, 30, "A range to stop inside: stop when it just holds."),
                "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 2, 0, 5, "For colour."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60)
    {
        Schools =
            "Shortening or lard stays firm in a warm room and gives the tenderest flake; it tastes of little. Lard is savoury and "
                + "not vegetarian.",
    };

    public static readonly RolledFamily HalfFlaky = new(
        "half-flaky", "Flaky, half and half", "the compromise between the two camps", [Treatment.HotStart, Treatment.Steady], "#d9a966",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(Pantry.Butter, Percent("butter", 37, 32, 41, "Half of the fat, for flavour."), "cut in cubes and frozen 20 min"),
            new(Pantry.Shortening, Percent("shortening", 36, 32, 40, "The other half, for tenderness."), "cold, in pieces"),
            new(
                Pantry.Water, Percent("water", 28, 25, 30, "A range to stop inside: stop when it just holds."),
                "ice cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 2, 0, 5, "For colour."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60)
    {
        Schools = "Half for flavour, half for tenderness: neither camp is wrong, and this one is easiest to handle.",
    };

    public static readonly RolledFamily ShortCrust = new(
        "short", "Short", "baked custards and curd tarts", [Treatment.Steady, Treatment.HotStart], "#d6a866",
        [
            new(Pantry.PlainFlour, Flour, "plain"),
            new(Pantry.Butter, Percent("butter", 55, 50, 60, "Rubbed right in: short, not flaky."), "cold, rubbed to fine crumbs"),
            new(Pantry.WholeEgg, Percent("egg", 17, 15, 20, "It binds and waterproofs a little."), "beaten"),
            new(Pantry.Water, Percent("water", 7, 5, 10, "Only what the egg leaves wanting."), "cold; stop when it just holds"),
            new(Pantry.CasterSugar, Percent("sugar", 5, 0, 10, "Hardly sweet."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.Rubbed, RestMinutes: 30)
    {
        Schools =
            "With egg it holds a wet filling better; with water alone it is shorter and paler. Rub the fat in by hand or blitz it: "
                + "stop at crumbs.",
    };

    public static readonly RolledFamily SweetShort = new(
        "sweet-short", "Sweet short", "citrus, chocolate, almond and fruit tarts", [Treatment.Steady, Treatment.HotStart], "#dca95c",
        [
            new(Pantry.SoftFlour, Flour, "soft"),
            new(Pantry.Butter, Percent("butter", 55, 50, 60, "Soft enough to cream."), "soft, creamed with the sugar"),
            new(Pantry.IcingSugar, Percent("sugar", 33, 25, 40, "It melts as it bakes: a fine, crisp bite."), "creamed with the butter"),
            new(Pantry.Yolk, Percent("yolk", 20, 18, 25, "Rich, and no water to toughen it."), "beaten in"),
            new(Pantry.Salt, Percent("salt", 1, 0.5, 1.5, "To taste."), "with the flour"),
        ],
        Mixing.Creamed, RestMinutes: 30)
    {
        Schools = "Creamed it is fine and even; rubbed in it is crumblier. Yolk alone is richer, whole egg lighter and easier to roll.",
    };

    public static readonly RolledFamily Sandy = new(
        "sandy", "Sandy, with almonds", "thin tart shells and tartlets", [Treatment.Steady, Treatment.HotStart], "#d9b069",
        [
            new(Pantry.SoftFlour, Flour, "soft"),
            new(Pantry.Butter, Percent("butter", 65, 60, 70, "The richest of them; chill it well."), "soft, creamed with the sugar"),
            new(Pantry.IcingSugar, Percent("sugar", 40, 35, 45, "It melts as it bakes: a fine, crisp bite."), "creamed with the butter"),
            new(Pantry.GroundAlmonds, Percent("ground nuts", 15, 0, 25, "They make it sandy, and hold no gluten."), "with the flour"),
            new(Pantry.Yolk, Percent("yolk", 17, 15, 20, "It binds what has little else to bind it."), "beaten in"),
            new(Pantry.Salt, Percent("salt", 1, 0.5, 1.5, "To taste."), "with the flour"),
        ],
        Mixing.Creamed, RestMinutes: 30)
    {
        Schools =
            "With ground nuts it is shorter and tears sooner; without, it cuts cleaner. Rolled between papers and frozen, or "
                + "pressed in by hand: both are done.",
    };

    public static readonly RolledFamily PartOats = new(
        "part-oats", "Part oats", "rustic pies; it tears, so a plain edge only", [Treatment.Steady, Treatment.HotStart], "#c2935a",
        [
            new(Pantry.PlainFlour, Percent("flour", 65, 50, 100, "Flour and oats together count as 100."), "plain"),
            new(
                Pantry.RolledOats, Percent("oats for flour", 35, 0, 50, "Up to half of the flour, weight for weight."),
                "ground to coarse meal"),
            new(Pantry.Butter, Percent("butter", 77, 70, 85, "More is flakier and harder to handle."), "cut in cubes and frozen 20 min"),
            new(
                Pantry.Water, Percent("water", 32, 30, 35, "Oats drink more; stop when it just holds."),
                "ice cold; stop when it just holds"),
            new(Pantry.BrownSugar, Percent("sugar", 7, 5, 10, "For colour and to help it crisp."), "with the flour"),
            new(Pantry.Salt, Salt, "with the flour"),
        ],
        Mixing.CutIn, RestMinutes: 60)
    {
        Schools = "Up to half of the flour can go, weight for weight; more oats taste more and hold less.",
    };

    public static readonly RolledFamily BoughtSheet = new(
        "bought-short", "Bought shortcrust, ready-rolled", "days without time for dough", [Treatment.Steady, Treatment.HotStart], "#d9b077",
        [
            new(
                Pantry.Find("shortcrust-pastry")!, Flour with { Name = "bought dough", Reason = "Nothing is mixed: it is all dough." },
                "out of the fridge 10 min before it is unrolled")
        ],
        Mixing.Bought, RestMinutes: 0)
    {
        Sheet = new(new(230), new(350), new(320)),
        Schools = "Made with vegetable fat it is easy and bland; an all-butter one costs more and shrinks more.",
    };

    public static readonly CrumbFamily PlainCrumb = Crumbs(
        "plain-crumb", "Plain biscuit crumb", "cold creams, cheese fillings and no-bake days", "#b9823f",
        Pantry.BiscuitCrumbs, "crushed to even sand", fat: (46, 42, 50, "Plain wheat biscuit drinks this much; greasy means too much."),
        sugar: 8);

    public static readonly CrumbFamily WheatmealCrumb = Crumbs(
        "wheatmeal-crumb", "Wheatmeal cracker crumb", "cheese fillings and condensed-milk pies", "#a9753c",
        Pantry.Find("wheatmeal-crumbs")!, "crushed to even sand", fat: (50, 45, 55, "Coarser crumb drinks more."), sugar: 8);

    public static readonly CrumbFamily WaferCrumb = Crumbs(
        "wafer-crumb", "Vanilla wafer crumb", "banana, coconut and other mild creams", "#d3a763",
        Pantry.Find("vanilla-wafer-crumbs")!, "crushed fine", fat: (38, 35, 40, "Rich and sugary already."), sugar: 0);

    public static readonly CrumbFamily GingerCrumb = Crumbs(
        "ginger-crumb", "Ginger biscuit crumb", "lemon, pear and pumpkin fillings", "#8f5a2a",
        Pantry.Find("ginger-biscuit-crumbs")!, "crushed to even sand",
        fat: (38, 35, 40, "Hard, sugary biscuit: it needs less fat to hold."), sugar: 0);

    public static readonly CrumbFamily SandwichCrumb = Crumbs(
        "sandwich-crumb", "Filled sandwich biscuit crumb", "chocolate, mint and coffee fillings", "#43302a",
        Pantry.Find("sandwich-biscuit-crumbs")!, "crushed filling and all", fat: (28, 25, 30, "Its filling holds it already."), sugar: 0);

    public static readonly CrumbFamily PretzelCrumb = Crumbs(
        "pretzel-crumb", "Pretzel crumb", "sweet fillings that want salt: caramel, citrus, chocolate", "#9a6430",
        Pantry.Find("pretzel-crumbs")!, "crushed, some bits left", fat: (68, 60, 75, "Dry and lean, so it drinks the most."), sugar: 20,
        binds: "It wants sugar or honey: without it a pretzel crumb falls apart.");

    public static readonly CrumbFamily NutCrumb = Crumbs(
        "nut-crumb", "Nut meal", "chocolate and cream fillings without wheat", "#b58a58",
        Pantry.Find("ground-hazelnuts")!, "toasted, then ground coarsely", fat: (22, 20, 25, "Nuts bring their own."), sugar: 12);

    public static readonly CrumbFamily OatCrumb = Crumbs(
        "oat-crumb", "Toasted oats", "yoghurt and fruit fillings", "#c49a5c",
        Pantry.RolledOats, "toasted, then half of them ground", fat: (50, 45, 55, "Oats drink."), sugar: 20,
        binds: "Oats do not stick to each other; sugar or honey does it.");

    public static readonly LaidFamily LaidWafers = new(
        "laid-wafers", "Whole vanilla wafers, laid", "same-day creams that are spooned, not poured", [Treatment.Chilled], "#d9b070",
        Pantry.Find("vanilla-wafer-crumbs")!,
        new("one wafer across", 38, 34, 42, Dimension.Length, "A small round wafer; measure yours."),
        new("one wafer thick", 7, 6, 9, Dimension.Length, "As it lies; a wafer stands on edge against the wall."),
        Percent("melted butter to crumb", 38, 35, 40, "Only for the crumbs between."))
    {
        Schools = "Laid loose they show round the edge and soften within hours; crumbs pressed between them hold them down.",
    };

    public static readonly ShellFamily BoughtShell23 = new(
        "bought-shell-23", "Bought sweet shell, baked, 23 cm", "days without an oven", [Treatment.Ready], "#dbb06a",
        Pantry.Find("tart-shell")!,
        new("foil-shell-23", "Its own 23 cm foil", PanKind.TartTin, PanMaterial.Foil, new(230), new(210), new(28)),
        new("bought shell", 4, 3, 5, Dimension.Length, "Thick, so that it travels."))
    {
        Schools = "It is dry and plain. Five minutes in a hot oven wake it; many fill it as it is.",
    };

    public static readonly ShellFamily BoughtTartlet = new(
        "bought-tartlet-8", "Bought sweet tartlet shells, baked, 8 cm", "large orders in little time", [Treatment.Ready], "#dbb06a",
        Pantry.Find("tartlet-shell")!,
        new("foil-shell-8", "Its own 8 cm foil", PanKind.TartTin, PanMaterial.Foil, new(80), new(70), new(20)),
        new("bought shell", 3, 2.5, 4, Dimension.Length, "Thin, and there are breakages: buy one more in twenty."));

    /// <summary>All families, in the order in which they are offered.</summary>
    public static IReadOnlyList<CrustFamily> All { get; } =
    [
        ButterFlaky, ShorteningFlaky, HalfFlaky, ShortCrust, SweetShort, Sandy, PartOats, BoughtSheet,
        PlainCrumb, WheatmealCrumb, WaferCrumb, GingerCrumb, SandwichCrumb, PretzelCrumb, NutCrumb, OatCrumb,
        LaidWafers, BoughtShell23, BoughtTartlet,
    ];

    /// <summary>The family with this id, or none.</summary>
    public static CrustFamily? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    private static CrumbFamily Crumbs(
        string id, string name, string @for, string tint, Ingredient crumb, string note,
        (double Usual, double Low, double High, string Reason) fat, double sugar,
        string binds = "It helps a baked crumb to hold together.") => new(
        id, name, @for, [Treatment.Baked, Treatment.Chilled], tint,
        [
            new(crumb, CrumbRole.Crumb, Percent("crumbs", 100, 100, 100, "Everything is counted against the crumbs."), note),
            .. sugar > 0
                ? [
                    new CrumbPart(
                        Pantry.CasterSugar, CrumbRole.Other, Percent("sugar to crumb", sugar, 0, 25, binds), "through the crumbs")
                ]
                : Array.Empty<CrumbPart>(),
            new(
                Pantry.Butter, CrumbRole.Fat, Percent("melted butter to crumb", fat.Usual, fat.Low, fat.High, fat.Reason),
                "melted; hold a quarter back and add it in thirds"),
        ],
        new(
            "one " + (crumb.GramsEach > 0 ? crumb.Piece.One : "piece"), crumb.GramsEach, crumb.GramsEach * 0.87, crumb.GramsEach * 1.13,
            Dimension.Mass, "From packets of the kind; your packet says more exactly."))
        {
            Schools = "Baked it is crisper and holds under a wet filling; chilled it is softer and needs no oven.",
        };

    private static Constant Percent(string name, double usual, double low, double high, string reason) =>
        new(name, usual / 100, low / 100, high / 100, Dimension.Share, reason);
}
