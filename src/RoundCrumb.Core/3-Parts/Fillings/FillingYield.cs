using RoundCrumb.Core.Corrections;
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
    /// <summary>What each line adds to the set index, the most first; only what sets.</summary>
    public IReadOnlyList<(Ingredient Ingredient, double Index)> SetParts { get; private init; } = [];

    /// <summary>Minutes at a lively boil to boil down what is reduced; none where nothing is. An estimate.</summary>
    public Worked<MinuteRange>? Reducing { get; private init; }

    /// <summary>
    /// How much of a line's weight stays in the filling: nothing of what is strained out, of what is boiled down all but the water that
    /// leaves (half, where nothing is said), the curd of soured milk.
    /// </summary>
    public static double KeptOf(FormulaLine line) => line.GoesIn switch
    {
        GoesIn.Steeped or GoesIn.Drained => 0,
        GoesIn.Reduced when line.ReducedTo is { } left => Math.Max(
            1 - line.Ingredient.Makeup.Water - line.Ingredient.Alcohol, 1 - (line.Ingredient.InMixture * (1 - left))),
        GoesIn.Reduced => FillingConstants.Reduced.Usual,
        GoesIn.Toasted => 1 - line.Ingredient.UsualLoss,
        GoesIn.Soured => FillingConstants.CurdFromMilk.Usual,
        _ => 1,
    };

    /// <summary>What a line is boiled down to, as a share of its volume; 1 for what is not.</summary>
    public static double BoiledDownTo(FormulaLine line) =>
        line.GoesIn is GoesIn.Reduced ? line.ReducedTo ?? FillingConstants.Reduced.Usual : 1;

    /// <summary>The yield of a formula.</summary>
    /// <param name="formula">As written.</param>
    /// <param name="setter">How much of the written setter goes in: 1 leaves it, 0.8 is silkier, 1.2 firmer.</param>
    /// <param name="corrections">What this kitchen has learned; the book where there is none.</param>
    public static FillingYield Of(FillingFormula formula, double setter, CorrectionSet? corrections = null)
    {
        var known = corrections ?? CorrectionSet.Book;
        double weighed = 0, volume = 0, steeped = 0, sugars = 0, juice = 0, sets = 0, against = 0, reduced = 0, spirit = 0;
        var scale = formula.Family.Scale;
        var here = known.Of(CorrectionKey.Yield(formula.Family.Id, formula.Id));
        var volumes = new Term[formula.Lines.Count + 2];
        var masses = new Term[formula.Lines.Count];
        for (var i = 0; i < formula.Lines.Count; i++)
        {
            var line = formula.Lines[i];
            var g = formula.GramsOf(line, setter);
            var kept = g * KeptOf(line);
            var ml = VolumeOf(line, g, known);
            volumes[i] = Term.Given(line.Ingredient.Name, ml, Dimension.Volume);
            masses[i] = Term.Given(line.Ingredient.Name, kept, Dimension.Mass);
            volume += ml;

            // Sugar and acid stay when water boils off; whey takes its share of them with it.
            var stays = line.GoesIn is GoesIn.Reduced ? g : kept;
            sugars += stays * line.Ingredient.Sugars;
            juice += stays * line.Ingredient.Juice;
            spirit += stays * line.Ingredient.Alcohol;
            reduced += g * line.Ingredient.InMixture * (1 - BoiledDownTo(line));
            if (line.GoesIn is GoesIn.Steeped)
            {
                steeped += g;
                continue;
            }

            weighed += kept;
            sets += kept * scale.Sets(line);
            against += kept * scale.Against(line);
        }

        var family = formula.Family;
        volumes[^2] = family.MethodLoss;
        volumes[^1] = family.PotLoss;
        var method = 1 - family.MethodLoss.Usual;
        var pot = 1 - family.PotLoss.Usual;
        var yield = new Worked<Millilitres>(
            "yield", "One batch as written gives", new(volume * method * pot * (here?.Usual ?? 1)),
            "all volumes in the mixture added up, − what simmers away, − what stays in the pot" + (here is null ? "" : TimesHere),
            [.. volumes, .. Here(here)]);

        var inPot = new Worked<Grams>(
            "weighed", "One batch as written weighs", new(weighed), "all lines added up; what is strained out does not count",
            masses);
        var mass = MassOf(inPot, volume * family.MethodLoss.Usual, steeped * FillingConstants.SteepedDrinks.Usual, family.PotLoss, here);
        var juiceShare = new Worked<Share>(
            "juice", "Sharp juice", new(juice / weighed), "juice ÷ all that is weighed", Term.Given("juice", new Grams(juice)),
            Term.Of(inPot));
        var shift = known.Of(CorrectionKey.SetShift(family.Id, formula.Id));
        var index = scale.Of(formula, setter) + scale.ShiftOf(shift);
        var band = CutBands.Of(family.Bands, index);
        var bandFrom = Term.Given($"{band.Name} from", band.From, Dimension.Count);
        var bandTo = Term.Given("and the next band from", CutBands.EndOf(family.Bands, band) ?? band.From, Dimension.Count);
        var set = SetOf(scale, index, sets, against, juiceShare, spirit / weighed, shift, bandFrom, bandTo);

        return new(
            inPot, yield, mass, set, band,
            new Worked<Share>(
                "sugars", "Sugars in the filling", new(sugars / weighed), "sugars of every line ÷ all that is weighed",
                Term.Given("sugars", new Grams(sugars)), Term.Of(inPot)),
            juiceShare)
        {
            SetParts = against <= 0 ? [] : PartsOf(formula, setter, sets, index),
            Reducing = reduced <= 0 ? null : BoilingDown(reduced),
        };
    }

    /// <summary>What each line adds to the index, the most first; what adds next to nothing is left out.</summary>
    private static List<(Ingredient Ingredient, double Index)> PartsOf(FillingFormula formula, double setter, double sets, double index) =>
    [
        .. formula.Lines.Where(l => l.GoesIn is not GoesIn.Bloom).GroupBy(l => l.Ingredient)
            .Select(g => (g.Key, g.Sum(l => formula.GramsOf(l, setter) * KeptOf(l) * formula.Family.Scale.Sets(l)) / sets * index))
            .Where(p => p.Item2 > 0.005 * index).OrderByDescending(p => p.Item2),
    ];

    /// <summary>What leaves the pot by weight: all that is weighed, less grams of steam and what leaves carry off.</summary>
    private static Worked<Grams> MassOf(Worked<Grams> inPot, double steamed, double carried, Constant potLoss, Constant? here) => new(
        "yield-mass", "Filling from the pot, by weight",
        new((inPot.Value.Value - steamed - carried) * (1 - potLoss.Usual) * (here?.Usual ?? 1)),
        "(weighed − steam at 1 g/ml − liquid carried off by leaves) × what leaves the pot" + (here is null ? "" : TimesHere),
        [
            Term.Of(inPot), Term.Given("steam", new Grams(steamed)), Term.Given("carried off by leaves", new Grams(carried)), potLoss,
            .. Here(here),
        ]);

    private const string TimesHere = ", × what this kitchen gets of it";

    private static Term[] Here(Constant? here) => here is null ? [] : [Term.FromConstant(here)];

    /// <summary>The set index, with what weakens it.</summary>
    private static Worked<Number> SetOf(
        SetScale scale, double index, double sets, double against, Worked<Share> juiceShare, double spirit, Constant? shift, Term bandFrom,
        Term bandTo)
    {
        var weakened = scale == SetScale.Gelatine && juiceShare.Value.Value > FillingConstants.StrongAcid.Usual;
        var spirited = scale == SetScale.Gelatine && spirit >= FillingConstants.Spirit.Usual;
        return new(
            "set", "Set index", new(index),
            scale.Words + (weakened ? " × weakening by strong acid" : "") + (spirited ? " × weakening by spirit" : "")
                + (shift is null ? "" : " + how it sets in this kitchen × the width of a clean slice’s band"),
            [
                Term.Given("what sets", new Grams(sets)), Term.Given(scale.Base, new Grams(against)),
                .. scale.Constants.Select(Term.FromConstant),
                .. scale == SetScale.Gelatine ? [Term.Of(juiceShare)] : Array.Empty<Term>(),
                .. weakened ? [FillingConstants.AcidWeakens] : Array.Empty<Term>(),
                .. spirited
                    ? [Term.Given("alcohol", spirit, Dimension.Share), FillingConstants.SpiritWeakens]
                    : Array.Empty<Term>(),
                .. shift is null
                    ? Array.Empty<Term>()
                    : [Term.FromConstant(shift), Term.Given("a clean slice’s band is wide", scale.CleanWidth, Dimension.Count)],
                bandFrom, bandTo,
            ]);
    }

    private static Worked<MinuteRange> BoilingDown(double reduced) => new(
        "reducing", "Boiling down",
        new(
            reduced / FillingConstants.BoiledOff.High, reduced / FillingConstants.BoiledOff.Usual,
            reduced / FillingConstants.BoiledOff.Low),
        "what boils off ÷ what boils off in a minute; an estimate", Term.Given("what boils off", new Millilitres(reduced)),
        FillingConstants.BoiledOff);

    private static double VolumeOf(FormulaLine line, double grams, CorrectionSet known) => line.GoesIn switch
    {
        GoesIn.WhippedAndFolded => grams / line.Ingredient.BulkDensity * FillingConstants.SoftPeak.Usual * FillingConstants.Folded.Usual
            * Swells(line, known),
        GoesIn.Beaten => grams * line.Ingredient.InMixture * FillingConstants.BeatenCheese.Usual,
        GoesIn.WhippedStiff => grams / line.Ingredient.BulkDensity * FillingConstants.StiffPeak.Usual * FillingConstants.Folded.Usual
            * Swells(line, known),
        GoesIn.WhitesFolded => grams * line.Ingredient.InMixture * FillingConstants.FrenchMeringue.Usual * FillingConstants.Folded.Usual,
        GoesIn.Ribbon => grams * line.Ingredient.InMixture * FillingConstants.Ribbon.Usual,
        GoesIn.Reduced => grams * line.Ingredient.InMixture * BoiledDownTo(line),
        GoesIn.Soured or GoesIn.Toasted => grams * line.Ingredient.InMixture * KeptOf(line),
        GoesIn.Drained => 0,
        GoesIn.Steeped => -grams * FillingConstants.SteepedDrinks.Usual,
        _ => grams * line.Ingredient.InMixture,
    };

    private static double Swells(FormulaLine line, CorrectionSet known) =>
        known.Of(CorrectionKey.OfIngredient(CorrectionKind.WhippedVolume, line.Ingredient.Id))?.Usual ?? 1;
}
