using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Fillings;

/// <summary>The fillings that come with Round Crumb, worked out from the families' ratios.</summary>
public static class FillingBook
{
    public static readonly FillingFormula MaltCustard = new(
        "malt-custard", "Malt custard", FillingFamilies.StarchCustard,
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
        "coffee-custard", "Coffee custard", FillingFamilies.StarchCustard,
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
        "bergamot-custard", "Bergamot tea custard", FillingFamilies.StarchCustard,
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
        "butterscotch-custard", "Butterscotch custard", FillingFamilies.StarchCustard,
        [
            new(Pantry.BrownSugar, 150, GoesIn.Caramelised, "melted with the butter till it smells of toffee; it spits"),
            new(Pantry.Butter, 45),
            new(Pantry.Milk, 480, Note: "warmed, in a thin stream"),
            new(Pantry.DoubleCream, 100),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.Cornflour, 34, Note: "smooth with the yolks first"),
            new(Pantry.Salt, 3),
        ],
        Pantry.Yolk, "#c99a55");

    public static readonly FillingFormula SharpLemon = new(
        "sharp-lemon", "Sharp lemon, on the hob", FillingFamilies.StarchCustard,
        [
            new(Pantry.Milk, 330),
            new(Pantry.DoubleCream, 60),
            new(Pantry.CasterSugar, 130),
            new(Pantry.Cornflour, 26, Note: "smooth with the yolks first"),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.LemonJuice, 90, Note: "off the heat: boiled in, it thins the set"),
            new(Pantry.LemonZest, 8),
            new(Pantry.Butter, 30),
        ],
        Pantry.Yolk, "#f3d767");

    public static readonly FillingFormula BlackcurrantCheese = new(
        "blackcurrant-cheese", "Blackcurrant cream cheese", FillingFamilies.CheeseGelatine,
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
        "lemon-cheese", "Lemon cream cheese", FillingFamilies.CheeseGelatine,
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
        "honey-cheese", "Honey and yoghurt cream cheese", FillingFamilies.CheeseGelatine,
        [
            new(Pantry.CreamCheese, 400, GoesIn.Beaten, "soft, 1–2 h out of the fridge"),
            new(Pantry.Yoghurt, 200, Note: "at room temperature"),
            new(Pantry.Honey, 75),
            new(Pantry.Water, 37.5, GoesIn.Bloom, "cold, for the gelatine"),
            new(Pantry.Gelatine, 7.5, Note: "bloomed 5 min, melted at 50–60 °C"),
            new(Pantry.DoubleCream, 180, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.CreamCheese, "#f6ecd2");

    public static readonly FillingFormula PearCustard = new(
        "pear-cardamom-light", "Pear and cardamom custard, lightened", FillingFamilies.LightCustard,
        [
            new(Pantry.Milk, 400, Note: "warmed to steaming"),
            new(Pantry.CasterSugar, 80),
            new(Pantry.Get("cardamom"), 2, Note: "in the milk"),
            new(Pantry.Yolk, 72, Note: "keep the whites"),
            new(Pantry.Cornflour, 32, Note: "smooth with the yolks and sugar first"),
            new(Pantry.Butter, 20, Note: "off the heat"),
            new(Pantry.Get("pears"), 150, Note: "poached, diced small, drained"),
            new(Pantry.DoubleCream, 160, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.Yolk, "#f0e0b6");

    public static readonly FillingFormula RhubarbCustard = new(
        "rhubarb-buttermilk", "Rhubarb buttermilk custard", FillingFamilies.BakedCustard,
        [
            new(Pantry.Get("buttermilk"), 284, Note: "at room temperature"),
            new(Pantry.DoubleCream, 166),
            new(Pantry.WholeEgg, 150),
            new(Pantry.CasterSugar, 110),
            new(Pantry.Get("rhubarb"), 200, Note: "in short lengths, strewn in the shell"),
            new(Pantry.Vanilla, 5),
            new(Pantry.Salt, 1),
        ],
        Pantry.WholeEgg, "#f2dcc0");

    public static readonly FillingFormula GrapefruitCurd = new(
        "grapefruit-curd", "Grapefruit curd", FillingFamilies.PouredCurd,
        [
            new(Pantry.Get("grapefruit-juice"), 240, GoesIn.Reduced, "boiled down to half"),
            new(Pantry.LemonJuice, 45),
            new(Pantry.Get("grapefruit-zest"), 5),
            new(Pantry.CasterSugar, 150),
            new(Pantry.Yolk, 108, Note: "keep the whites"),
            new(Pantry.WholeEgg, 50),
            new(Pantry.Butter, 130, Note: "cold, in pieces, off the heat"),
        ],
        Pantry.Yolk, "#f2b98a");

    public static readonly FillingFormula BloodOrange = new(
        "blood-orange-baked", "Blood orange, baked", FillingFamilies.BakedCitrus,
        [
            new(Pantry.Get("blood-orange-juice"), 160),
            new(Pantry.LemonJuice, 45),
            new(Pantry.Get("orange-zest"), 8),
            new(Pantry.CasterSugar, 170),
            new(Pantry.WholeEgg, 200),
            new(Pantry.DoubleCream, 120),
            new(Pantry.PlainFlour, 20),
        ],
        Pantry.WholeEgg, "#e9a06a");

    public static readonly FillingFormula LimeMilk = new(
        "lime-condensed", "Lime and condensed milk", FillingFamilies.AcidMilk,
        [
            new(Pantry.Get("condensed-milk"), 397, Note: "one can"),
            new(Pantry.Get("lime-juice"), 120),
            new(Pantry.Get("lime-zest"), 6),
            new(Pantry.Yolk, 54, Note: "keep the whites"),
        ],
        Pantry.Get("condensed-milk"), "#f1ecc4");

    public static readonly FillingFormula GingerCheese = new(
        "ginger-lime-cheese", "Ginger and lime cream cheese", FillingFamilies.CheeseStiff,
        [
            new(Pantry.CreamCheese, 500, GoesIn.Beaten, "soft, 1–2 h out of the fridge"),
            new(Pantry.IcingSugar, 80),
            new(Pantry.Get("lime-juice"), 45),
            new(Pantry.Get("lime-zest"), 4),
            new(Pantry.Get("stem-ginger"), 50, Note: "chopped fine"),
            new(Pantry.DoubleCream, 250, GoesIn.WhippedStiff, "whipped stiff, folded in by thirds"),
        ],
        Pantry.CreamCheese, "#f4efdc");

    public static readonly FillingFormula RaspberryChiffon = new(
        "raspberry-chiffon", "Raspberry yoghurt chiffon", FillingFamilies.Chiffon,
        [
            new(Pantry.Get("raspberry-puree"), 240),
            new(Pantry.Yoghurt, 200, Note: "at room temperature"),
            new(Pantry.CasterSugar, 60),
            new(Pantry.Water, 40, GoesIn.Bloom, "cold, for the gelatine"),
            new(Pantry.Gelatine, 8, Note: "bloomed 5 min, melted at 50–60 °C"),
            new(Pantry.EggWhite, 64, GoesIn.WhitesFolded, "pasteurised; whisked with the rest of the sugar, folded in"),
            new(Pantry.CasterSugar, 50, Note: "for the whites"),
            new(Pantry.DoubleCream, 150, GoesIn.WhippedAndFolded, "to soft peaks, folded in last"),
        ],
        Pantry.EggWhite, "#e8a9b5");

    public static readonly FillingFormula SesameChocolate = new(
        "sesame-chocolate", "Sesame chocolate", FillingFamilies.Ganache,
        [
            new(Pantry.DarkChocolate, 280, Note: "chopped"),
            new(Pantry.DoubleCream, 280, Note: "just brought to a boil"),
            new(Pantry.Get("tahini"), 40),
            new(Pantry.Honey, 25),
            new(Pantry.Butter, 25, Note: "soft, stirred in last"),
            new(Pantry.Salt, 2),
        ],
        null, "#5b3a26");

    public static readonly FillingFormula PlumAlmond = new(
        "plum-almond", "Plum and almond", FillingFamilies.AlmondPaste,
        [
            new(Pantry.Butter, 120, Note: "soft, creamed with the sugar"),
            new(Pantry.CasterSugar, 115),
            new(Pantry.WholeEgg, 100),
            new(Pantry.GroundAlmonds, 140),
            new(Pantry.PlainFlour, 25),
            new(Pantry.Get("rum"), 10),
            new(Pantry.Get("plums"), 220, Note: "halved, laid on top, skin down"),
        ],
        Pantry.WholeEgg, "#dcb877");

    public static readonly FillingFormula FreshCurd = new(
        "nutmeg-curd", "Fresh curd with nutmeg", FillingFamilies.FreshCurd,
        [
            new(Pantry.Milk, 2000, GoesIn.Soured, "whole milk, soured and drained"),
            new(Pantry.LemonJuice, 90, GoesIn.Drained, "to sour it; goes with the whey"),
            new(Pantry.DoubleCream, 110),
            new(Pantry.WholeEgg, 150),
            new(Pantry.CasterSugar, 95),
            new(Pantry.PlainFlour, 12),
            new(Pantry.Get("nutmeg"), 1),
        ],
        Pantry.WholeEgg, "#f2e2b4");

    public static readonly FillingFormula WalnutTreacle = new(
        "walnut-treacle", "Walnut and treacle", FillingFamilies.NutSyrup,
        [
            new(Pantry.Get("golden-syrup"), 230),
            new(Pantry.Get("treacle"), 60),
            new(Pantry.BrownSugar, 75),
            new(Pantry.Butter, 60, Note: "melted with the syrup"),
            new(Pantry.DoubleCream, 70),
            new(Pantry.WholeEgg, 150),
            new(Pantry.Get("walnuts"), 220, Note: "toasted, broken"),
            new(Pantry.Salt, 3),
        ],
        Pantry.WholeEgg, "#a8703a");

    public static readonly FillingFormula Gooseberry = new(
        "gooseberry", "Gooseberry", FillingFamilies.FruitCrumble,
        [
            new(Pantry.Get("gooseberries"), 750),
            new(Pantry.CasterSugar, 150),
            new(Pantry.Cornflour, 16),
            new(Pantry.PlainFlour, 10),
            new(Pantry.LemonZest, 6),
        ],
        null, "#c9cf8a");

    public static readonly FillingFormula SaltCaramel = new(
        "salt-caramel", "Salt caramel under fruit", FillingFamilies.CaramelLayer,
        [
            new(Pantry.CasterSugar, 200, GoesIn.Caramelised, "melted dry to amber"),
            new(Pantry.DoubleCream, 150, Note: "warmed, in a thin stream"),
            new(Pantry.Butter, 75),
            new(Pantry.Salt, 3),
        ],
        null, "#c07f33");

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<FillingFormula> All { get; } =
        [
            MaltCustard, CoffeeCustard, BergamotCustard, ButterscotchCustard, SharpLemon, PearCustard, RhubarbCustard, GrapefruitCurd,
            BloodOrange, LimeMilk,
            BlackcurrantCheese, LemonCheese, HoneyCheese, GingerCheese, RaspberryChiffon, SesameChocolate, PlumAlmond, FreshCurd,
            WalnutTreacle, Gooseberry, SaltCaramel,
        ];

    /// <summary>The formula with this id, or none.</summary>
    public static FillingFormula? Find(string id) => All.FirstOrDefault(f => f.Id == id);
}
