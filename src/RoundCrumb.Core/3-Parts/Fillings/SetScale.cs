using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>
/// How firmly a kind of filling sets, on a scale of its own: what sets it against what it has to set, in hundredths. Each is
/// an index of our own, to be tuned by what is logged.
/// </summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What sets it, in a word or two.</param>
/// <param name="Words">The sum in words.</param>
/// <param name="Sets">What one gram of a line counts for.</param>
/// <param name="Against">How much of a gram of a line is counted in what has to set.</param>
/// <param name="Base">What that is called.</param>
/// <param name="Bands">How it cuts by the index.</param>
/// <param name="Aim">The index to aim for: a clean slice.</param>
/// <param name="Moves">True for a line that the firmness setting moves.</param>
/// <param name="Constants">The figures in it.</param>
/// <param name="OnTheHob">What an eye goes by while it is made; none where nothing is drawn of it.</param>
/// <param name="InTheOven">What an eye goes by while it bakes; none where it does not, or nothing is drawn of it.</param>
public sealed record SetScale(
    string Id,
    string Name,
    string Words,
    Func<FormulaLine, double> Sets,
    Func<FormulaLine, double> Against,
    string Base,
    IReadOnlyList<CutBand> Bands,
    double Aim,
    Func<FormulaLine, bool> Moves,
    IReadOnlyList<Constant> Constants,
    Technique? OnTheHob,
    Technique? InTheOven)
{
    private const string All = "all that is weighed";

    private static readonly Constant YolkAsEgg = new(
        "a gram of yolk, as whole egg", 1.6, 1.4, 1.8, Dimension.Factor, "Half as much water, so more of it sets.");
    private static readonly Constant WhiteAsEgg = new(
        "a gram of white, as whole egg", 0.8, 0.7, 0.9, Dimension.Factor, "White alone sets firm but is mostly water.");
    private static readonly Constant FlourAsEgg = new(
        "a gram of flour, as whole egg", 1.5, 1.2, 1.8, Dimension.Factor, "A little flour holds the juice that egg lets go.");
    private static readonly Constant ButterInCurd = new(
        "a gram of butter in a curd, as yolk", 0.5, 0.4, 0.6, Dimension.Factor, "Cold butter stiffens what the yolk has thickened.");
    private static readonly Constant EggInCurd = new(
        "a gram of whole egg in a curd, as yolk", 0.6, 0.5, 0.7, Dimension.Factor, "Less than yolk: its white sets softer against acid.");
    private static readonly Constant MuchJuice = new(
        "a gram of very juicy or frozen fruit", 1.25, 1.15, 1.4, Dimension.Factor,
        "It gives up more of its juice, which wants a quarter more starch.");
    private static readonly Constant MilkChocolate = new(
        "a gram of milk or white chocolate, as dark", 0.75, 0.65, 0.85, Dimension.Factor, "Less cocoa butter, more sugar and milk.");

    /// <summary>Starch, and a little egg.</summary>
    public static readonly SetScale Starch = new(
        "starch", "starch", "100 × (starch as cornflour + yolk × 0.12 + whole egg × 0.05) ÷ " + All,
        l =>
            l.Ingredient.Egg switch
            {
                EggPart.Yolk => FillingConstants.YolkSets.Usual,
                EggPart.Whole => FillingConstants.WholeEggSets.Usual,
                _ => l.Ingredient.StarchEquivalent
            },
        _ => 1, All, CutBands.Starch, 4.7, IsStarchOrGelatine, [FillingConstants.YolkSets, FillingConstants.WholeEggSets],
        Technique.Custard, null);

    /// <summary>Gelatine.</summary>
    public static readonly SetScale Gelatine = new(
        "gelatine", "gelatine", "100 × (gelatine of 200 bloom + agar × 2.5) ÷ " + All,
        l => l.Ingredient.Is(Traits.Agar) ? FillingConstants.AgarAsGelatine.Usual : l.Ingredient.GelatineEquivalent, _ => 1, All,
        CutBands.Gelatine, 0.85, IsStarchOrGelatine,
        [FillingConstants.StrongAcid, FillingConstants.Spirit, FillingConstants.AgarAsGelatine],
        Technique.GelatineMix, null);

    /// <summary>Egg against dairy, baked.</summary>
    public static readonly SetScale EggInDairy = new(
        "egg", "egg", "100 × (whole egg + yolk × 1.6 + white × 0.8) ÷ milk, cream and curd",
        EggOf, l => l.Ingredient.Shelf is PantryShelf.Dairy ? 1 : 0, "milk, cream and curd",
        [
            new(0, "pours", "the middle runs", -2),
            new(17, "trembles", "it spoons, or cuts soft and leans", -1),
            new(25, "clean slice", "it cuts clean and still trembles", 0),
            new(37, "firm", "it cuts sharp and eats a little eggy", 1),
            new(52, "rubbery", "it squeaks and weeps", 2),
        ],
        30, l => l.Ingredient.Egg is not EggPart.None, [YolkAsEgg, WhiteAsEgg],
        null, Technique.BakedCustard);

    /// <summary>Egg and a little flour against juice, baked.</summary>
    public static readonly SetScale EggInJuice = new(
        "egg-juice", "egg and flour", "100 × (whole egg + yolk × 1.6 + white × 0.8 + flour × 1.5) ÷ " + All,
        l => l.Ingredient.IsFlour || l.Ingredient.StarchEquivalent >= 0.6 ? FlourAsEgg.Usual : EggOf(l), _ => 1, All,
        [
            new(0, "weeps", "juice runs from the cut", -2),
            new(18, "soft", "it cuts soft and leans", -1),
            new(25, "clean slice", "it cuts clean", 0),
            new(38, "firm", "it cuts sharp and eats a little stiff", 1),
            new(48, "tough", "it is bready", 2),
        ],
        31, l => l.Ingredient.Egg is not EggPart.None || l.Ingredient.IsFlour, [YolkAsEgg, WhiteAsEgg, FlourAsEgg],
        null, Technique.BakedCustard);

    /// <summary>Yolk and butter, cooked on the hob and set cold.</summary>
    public static readonly SetScale Curd = new(
        "curd", "yolk and butter", "100 × (yolk + whole egg × 0.6 + butter × 0.5) ÷ " + All,
        l =>
            l.Ingredient.Egg switch
            {
                EggPart.Yolk => 1,
                EggPart.Whole => EggInCurd.Usual,
                _ => l.Ingredient.IsFat ? ButterInCurd.Usual : 0
            },
        _ => 1, All,
        [
            new(0, "sauce", "it pours", -2),
            new(20, "spoons", "it spoons; a slice slumps", -1),
            new(27, "clean slice", "it cuts clean and melts at once", 0),
            new(40, "firm", "it cuts like cold butter", 1),
            new(50, "stiff", "it is greasy on the tongue", 2),
        ],
        33, l => l.Ingredient.Egg is not EggPart.None, [EggInCurd, ButterInCurd],
        Technique.Curd, null);

    /// <summary>Acid on the protein of condensed milk, helped by yolk.</summary>
    public static readonly SetScale Acid = new(
        "acid", "acid and yolk", "100 × (sharp juice + yolk) ÷ condensed milk",
        l => l.Ingredient.Egg is EggPart.Yolk ? 1 : l.Ingredient.Juice >= 0.5 ? l.Ingredient.Juice : 0,
        l => l.Ingredient.Is(Traits.CondensedMilk) ? 1 : 0, "condensed milk",
        [
            new(0, "runs", "it stays a sauce", -2),
            new(20, "soft", "it cuts soft and leans", -1),
            new(32, "clean slice", "it cuts clean", 0),
            new(56, "sharp", "it cuts firm and puckers", 1),
            new(75, "curdled", "it breaks and weeps", 2),
        ],
        43, l => l.Ingredient.Egg is EggPart.Yolk || l.Ingredient.Juice >= 0.5, [],
        null, Technique.BakedCustard);

    /// <summary>Cheese fat and stiff cream, no gelatine.</summary>
    public static readonly SetScale Cheese = new(
        "cheese", "cheese", "100 × cream cheese ÷ " + All,
        l => l.GoesIn is GoesIn.Beaten || l.Ingredient.Is(Traits.CreamCheese) ? 1 : 0, _ => 1, All,
        [
            new(0, "spoon dessert", "it spoons; it will not be cut", -2),
            new(38, "soft", "it cuts soft, very cold", -1),
            new(50, "clean slice", "it cuts clean, cold", 0),
            new(66, "firm", "it cuts sharp", 1),
            new(80, "dense", "it is cheese and little else", 2),
        ],
        54, l => l.GoesIn is GoesIn.Beaten || l.Ingredient.Is(Traits.CreamCheese), [],
        Technique.Cream, null);

    /// <summary>Chocolate against cream.</summary>
    public static readonly SetScale Chocolate = new(
        "chocolate", "chocolate", "100 × (dark chocolate + milk or white chocolate × 0.75) ÷ cream, milk and other wet",
        ChocolateOf, l => l.Ingredient.Shelf is PantryShelf.Dairy or PantryShelf.Drinks || l.Ingredient.Juice >= 0.5 ? 1 : 0,
        "cream, milk and other wet",
        [
            new(0, "pours", "it is a sauce", -2),
            new(60, "soft", "it spoons, or cuts soft", -1),
            new(82, "clean slice", "it cuts clean with a hot knife", 0),
            new(135, "firm", "it cuts hard and snaps a little", 1),
            new(190, "brittle", "it cracks under the knife", 2),
        ],
        100, l => ChocolateOf(l) > 0, [MilkChocolate],
        null, null);

    /// <summary>Egg and flour in an almond paste.</summary>
    public static readonly SetScale Paste = new(
        "paste", "egg and flour", "100 × (whole egg + yolk × 1.6 + white × 0.8 + flour × 1.5) ÷ the paste, fruit apart",
        l => l.Ingredient.IsFlour || l.Ingredient.StarchEquivalent >= 0.6 ? FlourAsEgg.Usual : EggOf(l),
        l => l.Ingredient.Shelf is PantryShelf.Fruit ? 0 : 1, "the paste, fruit apart",
        [
            new(0, "greasy", "it melts instead of rising", -2),
            new(15, "tender", "it crumbles when it is cut", -1),
            new(21, "clean slice", "it springs back and cuts clean", 0),
            new(36, "cakey", "it is more cake than paste", 1),
            new(46, "dry", "it is dry", 2),
        ],
        27, l => l.Ingredient.Egg is not EggPart.None || l.Ingredient.IsFlour, [YolkAsEgg, WhiteAsEgg, FlourAsEgg],
        null, Technique.AlmondFilling);

    /// <summary>Egg in syrup.</summary>
    public static readonly SetScale EggInSyrup = new(
        "egg-syrup", "egg", "100 × (whole egg + yolk × 1.6 + white × 0.8) ÷ syrup, sugar, butter and cream",
        EggOf, l => l.Ingredient.Shelf is PantryShelf.Sugars or PantryShelf.Fats or PantryShelf.Dairy ? 1 : 0,
        "syrup, sugar, butter and cream",
        [
            new(0, "runs", "syrup runs from the cut", -2),
            new(16, "soft", "it oozes a little", -1),
            new(22, "clean slice", "it cuts clean and stays sticky", 0),
            new(38, "firm", "it cuts sharp", 1),
            new(50, "custardy", "it tastes of egg", 2),
        ],
        28, l => l.Ingredient.Egg is not EggPart.None, [YolkAsEgg, WhiteAsEgg],
        null, Technique.BakedCustard);

    /// <summary>Starch in juicy fruit: to the fruit and its juice, sugar and the rest not counted.</summary>
    public static readonly SetScale StarchInFruit = new(
        "starch-fruit", "starch", "100 × starch as cornflour ÷ fruit and juice; what gives up much juice counts for a quarter more",
        l => l.Ingredient.StarchEquivalent,
        l => l.Ingredient.Is(Traits.GivesMuchJuice) ? MuchJuice.Usual
            : l.Ingredient.Shelf is PantryShelf.Fruit || l.Ingredient.Juice >= 0.5 ? 1
            : 0,
        "fruit and juice",
        [
            new(0, "runs", "juice floods the plate", -2),
            new(1.5, "juicy", "warm, it is juicy; cold, it slices soft", -1),
            new(2.3, "clean slice", "cold, it holds its slice", 0),
            new(3.5, "gluey", "it is paste between the fruit", 2),
        ],
        2.8, l => l.Ingredient.StarchEquivalent > 0.3, [MuchJuice],
        null, Technique.FruitBubbling);

    /// <summary>Sugar and fat in a caramel: what is not water.</summary>
    public static readonly SetScale Caramel = new(
        "caramel", "sugar and fat", "100 × (sugars + fat) ÷ " + All,
        l => l.Ingredient.Makeup.Sugars + l.Ingredient.Makeup.Fat, _ => 1, All,
        [
            new(0, "sauce", "it pours", -2),
            new(60, "soft", "it oozes from the cut", -1),
            new(70, "clean slice", "cold, it cuts and pulls a little", 0),
            new(85, "chewy", "it pulls at the teeth", 1),
            new(92, "hard", "it is toffee", 2),
        ],
        77, l => l.Ingredient.Shelf is PantryShelf.Sugars && !l.Ingredient.Is(Traits.CondensedMilk), [],
        Technique.Caramel, null);

    /// <summary>How wide the band of a clean slice is on this scale.</summary>
    public double CleanWidth
    {
        get
        {
            var clean = Bands.First(b => b.Verdict == 0);
            return (CutBands.EndOf(Bands, clean) ?? (clean.From * 1.3)) - clean.From;
        }
    }

    /// <summary>What a correction adds to the index.</summary>
    /// <param name="shift">In bands of a clean slice; none for nothing.</param>
    public double ShiftOf(Constant? shift) => (shift?.Usual ?? 0) * CleanWidth;

    /// <summary>The index of a formula.</summary>
    /// <param name="formula">The formula.</param>
    /// <param name="setter">How much of what sets it goes in: 1 as written.</param>
    public double Of(FillingFormula formula, double setter)
    {
        double sets = 0, against = 0, weighed = 0, juice = 0, spirit = 0;
        foreach (var line in formula.Lines)
        {
            var g = FillingYield.KeptOf(line) * (Moves(line) ? line.Grams * setter : line.Grams);
            sets += g * Sets(line);
            against += g * Against(line);
            weighed += g;
            juice += g * line.Ingredient.Juice;
            spirit += g * line.Ingredient.Alcohol;
        }

        // With nothing to set there is no telling; it is said to pour.
        if (against <= 0)
            return 0;
        var index = 100 * sets / against;
        if (this != Gelatine)
            return index;
        return index * (juice / weighed > FillingConstants.StrongAcid.Usual ? FillingConstants.AcidWeakens.Usual : 1)
            * (spirit / weighed >= FillingConstants.Spirit.Usual ? FillingConstants.SpiritWeakens.Usual : 1);
    }

    private static bool IsStarchOrGelatine(FormulaLine line) =>
        line.Ingredient.StarchEquivalent > 0 || line.Ingredient.Bloom > 0 || line.Ingredient.Is(Traits.Agar) || line.GoesIn is GoesIn.Bloom;

    private static double EggOf(FormulaLine line) =>
        line.Ingredient.Egg switch { EggPart.Whole => 1, EggPart.Yolk => YolkAsEgg.Usual, EggPart.White => WhiteAsEgg.Usual, _ => 0 };

    private static double ChocolateOf(FormulaLine line) =>
        line.Ingredient.Is(Traits.PaleChocolate) ? MilkChocolate.Usual : line.Ingredient.Is(Traits.DarkChocolate) ? 1 : 0;
}
