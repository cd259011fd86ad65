using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>What one batch of a filling gives, and how it will cut.</summary>
/// <param name="Weighed">All that goes into the pot, grams.</param>
/// <param name="Volume">What comes out of the pot.</param>
/// <param name="Mass">What comes out of the pot, by weight.</param>
/// <param name="SetIndex">How firmly it sets, on its family's scale.</param>
/// <param name="Cut">The band of that index.</param>
/// <param name="Sugars">All sugars, as a share of the whole.</param>
/// <param name="Juice">Sharp juice, as a share of the whole.</param>
public sealed record FillingYield(
    Worked<Grams> Weighed,
    Worked<Millilitres> Volume,
    Worked<Grams> Mass,
    Worked<Number> SetIndex,
    CutBand Cut,
    Worked<Share> Sugars,
    Worked<Share> Juice)
{
    /// <summary>Grams of a line once the firmness setting has moved the setter.</summary>
    public static double GramsOf(FormulaLine line, double setter) => line.IsSetter ? line.Grams * setter : line.Grams;

    /// <summary>The yield of a formula.</summary>
    /// <param name="formula">As written.</param>
    /// <param name="setter">How much of the written setter goes in: 1 leaves it, 0.8 is silkier, 1.2 firmer.</param>
    public static FillingYield Of(FillingFormula formula, double setter)
    {
        double weighed = 0, volume = 0, steeped = 0, sugars = 0, juice = 0, starch = 0, yolk = 0, egg = 0, gelatine = 0;
        var volumes = new Term[formula.Lines.Count + 2];
        var masses = new Term[formula.Lines.Count];
        for (var i = 0; i < formula.Lines.Count; i++)
        {
            var line = formula.Lines[i];
            var g = GramsOf(line, setter);
            var ml = VolumeOf(line, g);
            volumes[i] = Term.Given(line.Ingredient.Name, ml, Dimension.Volume);
            masses[i] = Term.Given(line.Ingredient.Name, line.GoesIn is GoesIn.Steeped ? 0 : g, Dimension.Mass);
            volume += ml;
            sugars += g * line.Ingredient.Sugars;
            juice += g * line.Ingredient.Juice;
            if (line.GoesIn is GoesIn.Steeped)
            {
                steeped += g;
                continue;
            }

            weighed += g;
            starch += g * line.Ingredient.StarchEquivalent;
            gelatine += g * line.Ingredient.GelatineEquivalent;
            if (line.Ingredient.Egg is EggPart.Yolk)
                yolk += g;
            else if (line.Ingredient.Egg is EggPart.Whole)
                egg += g;
        }

        var family = formula.Family;
        volumes[^2] = family.MethodLoss;
        volumes[^1] = family.PotLoss;
        var method = 1 - family.MethodLoss.Usual;
        var pot = 1 - family.PotLoss.Usual;
        var yield = new Worked<Millilitres>(
            "yield", "One batch as written gives", new(volume * method * pot),
            "all volumes in the mixture added up, − what simmers away, − what stays in the pot", volumes);

        var inPot = new Worked<Grams>(
            "weighed", "One batch as written weighs", new(weighed), "all lines added up; what is strained out does not count",
            masses);
        var steamed = volume * family.MethodLoss.Usual;
        var carried = steeped * FillingConstants.SteepedDrinks.Usual;
        var mass = new Worked<Grams>(
            "yield-mass", "Filling from the pot, by weight", new((weighed - steamed - carried) * pot),
            "(weighed − steam at 1 g/ml − liquid carried off by leaves) × what leaves the pot",
            Term.Of(inPot), Term.Given("steam", new Grams(steamed)), Term.Given("carried off by leaves", new Grams(carried)), family.PotLoss);

        var juiceShare = new Worked<Share>("juice", "Sharp juice", new(juice / weighed), "juice ÷ all that is weighed", Term.Given("juice", new Grams(juice)), Term.Of(inPot));
        var index = SetIndexOf(formula, setter);
        var band = CutBands.Of(family.Bands, index);
        var bandFrom = Term.Given($"{band.Name} from", band.From, Dimension.Count);
        var bandTo = Term.Given("and the next band from", CutBands.EndOf(family.Bands, band) ?? band.From, Dimension.Count);
        var set = family.SetBy is SetBy.Starch
            ? new Worked<Number>(
                "set", "Set index", new(index),
                "100 × (starch as cornflour + yolk × 0.12 + whole egg × 0.05) ÷ all that is weighed",
                Term.Given("starch as cornflour", new Grams(starch)), Term.Given("yolk", new Grams(yolk)), FillingConstants.YolkSets,
                Term.Given("whole egg", new Grams(egg)), FillingConstants.WholeEggSets, Term.Of(inPot), bandFrom, bandTo)
            : GelatineSet(index, gelatine, juiceShare, inPot, bandFrom, bandTo);

        return new(
            inPot, yield, mass, set, band,
            new Worked<Share>("sugars", "Sugars in the filling", new(sugars / weighed), "sugars of every line ÷ all that is weighed", Term.Given("sugars", new Grams(sugars)), Term.Of(inPot)),
            juiceShare);
    }

    /// <summary>The set index alone, for trying out a firmness.</summary>
    public static double SetIndexOf(FillingFormula formula, double setter)
    {
        double weighed = 0, sets = 0, juice = 0;
        var starch = formula.Family.SetBy is SetBy.Starch;
        foreach (var line in formula.Lines)
        {
            if (line.GoesIn is GoesIn.Steeped)
                continue;
            var g = GramsOf(line, setter);
            weighed += g;
            juice += g * line.Ingredient.Juice;
            sets += g * (starch ? StarchOf(line.Ingredient) : line.Ingredient.GelatineEquivalent);
        }

        var acid = !starch && juice / weighed > FillingConstants.StrongAcid.Usual ? FillingConstants.AcidWeakens.Usual : 1;
        return 100 * sets / weighed * acid;
    }

    private static double StarchOf(Ingredient ingredient) =>
        ingredient.Egg switch
        {
            EggPart.Yolk => FillingConstants.YolkSets.Usual,
            EggPart.Whole => FillingConstants.WholeEggSets.Usual,
            _ => ingredient.StarchEquivalent,
        };

    private static double VolumeOf(FormulaLine line, double grams) => line.GoesIn switch
    {
        GoesIn.WhippedAndFolded => grams / line.Ingredient.BulkDensity * FillingConstants.SoftPeak.Usual * FillingConstants.Folded.Usual,
        GoesIn.Beaten => grams * line.Ingredient.InMixture * FillingConstants.BeatenCheese.Usual,
        GoesIn.Steeped => -grams * FillingConstants.SteepedDrinks.Usual,
        _ => grams * line.Ingredient.InMixture,
    };

    private static Worked<Number> GelatineSet(double index, double gelatine, Worked<Share> juice, Worked<Grams> weighed, Term bandFrom, Term bandTo)
    {
        var sharp = juice.Value.Value > FillingConstants.StrongAcid.Usual;
        return sharp
            ? new("set", "Set index", new(index),
                "100 × gelatine (200 bloom) ÷ all that is weighed × weakening by strong acid",
                Term.Given("gelatine", new Grams(gelatine)), Term.Of(weighed), Term.Of(juice), FillingConstants.StrongAcid, FillingConstants.AcidWeakens, bandFrom, bandTo)
            : new("set", "Set index", new(index), "100 × gelatine (200 bloom) ÷ all that is weighed",
                Term.Given("gelatine", new Grams(gelatine)), Term.Of(weighed), Term.Of(juice), FillingConstants.StrongAcid, bandFrom, bandTo);
    }
}
