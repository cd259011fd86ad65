using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Fillings;

/// <summary>The fillings that come with Round Crumb, worked out from the families' ratios.</summary>
public static class FillingBook
{
    public static readonly FillingFormula MaltCustard = new(
        "malt-custard", "Malt custard", FillingFamily.StarchCustard,
        [
            new(Pantry.Milk, 450, Note: "warmed to steaming"),
            new(Pantry.DoubleCream, 100),
            new(Pantry.MaltedMilk, 45, Note: "whisked into the warm milk"),
            new(Pantry.CasterSugar, 75),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.Cornflour, 29, Note: "smooth with the yolks and sugar first"),
            new(Pantry.Butter, 30, Note: "off the heat"),
            new(Pantry.Vanilla, 5, Note: "off the heat"),
            new(Pantry.Salt, 1.5),
        ],
        Pantry.Yolk, "#ecc987");

    public static readonly FillingFormula CoffeeCustard = new(
        "coffee-custard", "Coffee custard", FillingFamily.StarchCustard,
        [
            new(Pantry.Milk, 480, Note: "warmed to steaming"),
            new(Pantry.DoubleCream, 90),
            new(Pantry.InstantCoffee, 9, Note: "into the warm milk"),
            new(Pantry.BrownSugar, 95),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.Cornflour, 31, Note: "smooth with the yolks and sugar first"),
            new(Pantry.Butter, 30, Note: "off the heat"),
            new(Pantry.Salt, 1.5),
        ],
        Pantry.Yolk, "#b58653");

    public static readonly FillingFormula BergamotCustard = new(
        "bergamot-custard", "Bergamot tea custard", FillingFamily.StarchCustard,
        [
            new(Pantry.Milk, 540, Note: "warmed to steaming"),
            new(Pantry.BergamotTea, 12, GoesIn.Steeped, "4 min in the hot milk, then strained out"),
            new(Pantry.CasterSugar, 90),
            new(Pantry.Yolk, 90, Note: "keep the whites"),
            new(Pantry.Cornflour, 18, Note: "smooth with the yolks and sugar first"),
            new(Pantry.PlainFlour, 16, Note: "with the cornflour; it must cook 2 min"),
            new(Pantry.Butter, 25, Note: "off the heat"),
            new(Pantry.Salt, 1),
        ],
        Pantry.Yolk, "#e3c08f");

    public static readonly FillingFormula ButterscotchCustard = new(
        "butterscotch-custard", "Butterscotch custard", FillingFamily.StarchCustard,
        [
            new(Pantry.BrownSugar, 150, Note: "melted with the butter till it smells of toffee; it spits"),
            new(Pantry.Butter, 45),
            new(Pantry.Milk, 480, Note: "warmed, in a thin stream"),
            new(Pantry.DoubleCream, 100),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.Cornflour, 34, Note: "smooth with the yolks first"),
            new(Pantry.Salt, 3),
        ],
        Pantry.Yolk, "#c99a55");

    public static readonly FillingFormula BlackcurrantCheese = new(
        "blackcurrant-cheese", "Blackcurrant cream cheese", FillingFamily.CheeseGelatine,
        [
            new(Pantry.CreamCheese, 400, GoesIn.Beaten, "soft, 1–2 h out of the fridge"),
            new(Pantry.IcingSugar, 80),
            new(Pantry.BlackcurrantPuree, 150, Note: "at room temperature"),
            new(Pantry.LemonJuice, 10),
            new(Pantry.Water, 40, GoesIn.Bloom, "cold, for the gelatine"),
            new(Pantry.Gelatine, 8, Note: "bloomed 5 min, melted at 50–60 °C"),
            new(Pantry.DoubleCream, 250, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.CreamCheese, "#b98bab");

    public static readonly FillingFormula LemonCheese = new(
        "lemon-cheese", "Lemon cream cheese", FillingFamily.CheeseGelatine,
        [
            new(Pantry.CreamCheese, 400, GoesIn.Beaten, "soft, 1–2 h out of the fridge"),
            new(Pantry.CasterSugar, 95),
            new(Pantry.LemonJuice, 60, Note: "about 1⅓ lemons"),
            new(Pantry.LemonZest, 6, Note: "of 1 lemon"),
            new(Pantry.Water, 35, GoesIn.Bloom, "cold, for the gelatine"),
            new(Pantry.Gelatine, 7, Note: "bloomed 5 min, melted at 50–60 °C"),
            new(Pantry.DoubleCream, 240, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.CreamCheese, "#f4e7b4");

    public static readonly FillingFormula HoneyCheese = new(
        "honey-cheese", "Honey and yoghurt cream cheese", FillingFamily.CheeseGelatine,
        [
            new(Pantry.CreamCheese, 400, GoesIn.Beaten, "soft, 1–2 h out of the fridge"),
            new(Pantry.Yoghurt, 200, Note: "at room temperature"),
            new(Pantry.Honey, 75),
            new(Pantry.Water, 37.5, GoesIn.Bloom, "cold, for the gelatine"),
            new(Pantry.Gelatine, 7.5, Note: "bloomed 5 min, melted at 50–60 °C"),
            new(Pantry.DoubleCream, 180, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.CreamCheese, "#f6ecd2");

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<FillingFormula> All { get; } =
        [MaltCustard, CoffeeCustard, BergamotCustard, ButterscotchCustard, BlackcurrantCheese, LemonCheese, HoneyCheese];

    /// <summary>The formula with this id, or none.</summary>
    public static FillingFormula? Find(string id) => All.FirstOrDefault(f => f.Id == id);
}
