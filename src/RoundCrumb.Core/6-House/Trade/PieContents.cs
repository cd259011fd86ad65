using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Labelling;

/// <summary>One ingredient as it is in a pie that is ready.</summary>
/// <param name="Ingredient">Which.</param>
/// <param name="Grams">What is left of it in one pie, g: without what was cut off, strained out, drained or left in the bowl.</param>
/// <param name="Solids">Grams that its fat, sugar, protein and the like are counted of: what boils away is water, and leaves those.</param>
public readonly record struct InPie(Ingredient Ingredient, double Grams, double Solids);

/// <summary>
/// What is in one pie when it is ready, part by part: the weight on its label, the order of its ingredients and its nutrition all come from
/// here.
/// </summary>
public sealed class PieContents
{
    /// <summary>Of a milk's fat what stays in its curd.</summary>
    public static readonly Constant CurdKeepsFat = new(
        "fat that stays in the curd", 0.93, 0.88, 0.97, Dimension.Share, "Most of it is caught in the curd; the whey is a little cloudy.");

    /// <summary>Of a milk's protein what stays in its curd.</summary>
    public static readonly Constant CurdKeepsProtein = new(
        "protein that stays in the curd", 0.80, 0.75, 0.90, Dimension.Share, "Casein curdles; whey protein leaves, but for what heat set.");

    /// <summary>What a baked crust loses, as a share of its dough: water.</summary>
    public static readonly Constant CrustLoses = new(
        "a baked crust loses", 0.10, 0.07, 0.14, Dimension.Share, "Water, most of it; a pressed crumb less.");

    private PieContents(IReadOnlyList<InPie> lines, Worked<Grams> net, double evaporated)
    {
        Lines = lines;
        Net = net;
        Evaporated = evaporated;
    }

    /// <summary>What is in it, in the order of the sheet; what is in two parts stands twice.</summary>
    public IReadOnlyList<InPie> Lines { get; }

    /// <summary>What one pie weighs.</summary>
    public Worked<Grams> Net { get; }

    /// <summary>Water that leaves on the hob and in the oven, g.</summary>
    public double Evaporated { get; }

    /// <summary>The contents of a batch's pie.</summary>
    public static PieContents Of(BatchSheet sheet)
    {
        var pie = sheet.Pie;
        var (lines, evaporated) = (new List<InPie>(), 0.0);
        void Add(Ingredient what, double grams, double? solids = null) => lines.Add(new(what, grams, solids ?? grams));

        // The crust: what is cut off is no part of the pie.
        var dough = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var cut = pie.Crust.Total.Value.Value > 0 ? dough / pie.Crust.Total.Value.Value : 1;
        foreach (var line in pie.Crust.Lines)
            Add(line.Ingredient, line.Mass.Value.Value * cut);
        var baked = pie.Composition.Crust.IsBaked;
        var crust = dough * (baked ? 1 - CrustLoses.Usual : 1);
        evaporated += dough - crust;

        var seal = sheet.Parts.Where(p => p.For is WeighedFor.Seal).SelectMany(p => p.Lines).ToList();
        foreach (var line in seal)
            Add(line.Ingredient, line.Mass.Value.Value / pie.Pies);
        foreach (var line in pie.Layers.SelectMany(l => l.Lines))
            Add(line.Ingredient, line.Mass.Value.Value);
        evaporated += AddFilling(pie, Add);

        var lost = 0.0;
        foreach (var top in pie.Toppings)
        {
            var all = top.Lines.Sum(l => l.Mass.Value.Value);
            lost += all * (top.Choice.Topping.Loses?.Usual ?? 0);
            foreach (var line in top.Lines)
                Add(line.Ingredient, line.Mass.Value.Value);
        }

        evaporated += lost;
        var (layers, film) = (pie.Layers.Sum(l => l.Mass.Value.Value), seal.Sum(l => l.Mass.Value.Value) / pie.Pies);
        var toppings = pie.Toppings.SelectMany(t => t.Lines).Sum(l => l.Mass.Value.Value) - lost;
        var net = new Worked<Grams>(
            "label-net", "Net weight", new(crust + film + layers + pie.FilledMass.Value.Value + toppings),
            (baked ? "crust × what baking leaves of it" : "crust") + " + seal + layers + filling + topping",
            [
                Term.Given("crust, raw", new Grams(dough)), .. baked ? [CrustLoses] : Array.Empty<Term>(),
                Term.Given("seal", new Grams(film)), Term.Given("layers", new Grams(layers)), Term.Of(pie.FilledMass),
                Term.Given("topping, less what it loses", new Grams(toppings)),
            ]);
        return new(lines, net, evaporated);
    }

    /// <summary>The filling of one pie, line by line; gives what evaporates of it.</summary>
    private static double AddFilling(Assessment pie, Action<Ingredient, double, double?> add)
    {
        var (filling, formula) = (pie.Composition.Filling, pie.Composition.Filling.Formula);
        var here = pie.Corrections.Of(CorrectionKey.Yield(formula.Family.Id, formula.Id))?.Usual ?? 1;
        var made = pie.Yield.Mass.Value.Value / ((1 - formula.Family.PotLoss.Usual) * here);
        if (made <= 0)
            return 0;
        var share = pie.FilledMass.Value.Value / made;
        var before = 0.0;
        foreach (var line in formula.Lines)
        {
            var grams = formula.GramsOf(line, filling.Setter) * share;
            var kept = grams * FillingYield.KeptOf(line);
            before += kept;
            switch (line.GoesIn)
            {
                case GoesIn.Soured:
                    add(CurdOf(line.Ingredient), kept, grams);
                    break;
                case GoesIn.Drained:
                    add(line.Ingredient, 0, grams * FillingConstants.CurdFromMilk.Usual);
                    break;
                case GoesIn.Steeped:
                    add(line.Ingredient, 0, 0);
                    break;
                default:
                    // What boils or toasts away is water: the rest of it stays.
                    add(line.Ingredient, kept, grams);
                    break;
            }
        }

        return Math.Max(0, before - pie.FilledMass.Value.Value);
    }

    /// <summary>Milk as its curd leaves it, for a gram of the milk: sugar and salt go with the whey.</summary>
    private static Ingredient CurdOf(Ingredient milk)
    {
        var stays = FillingConstants.CurdFromMilk.Usual;
        var (fat, sugars, protein) = (milk.Makeup.Fat * CurdKeepsFat.Usual, milk.Makeup.Sugars * stays,
            milk.Makeup.Protein * CurdKeepsProtein.Usual);
        var rest = milk.Makeup.Rest * stays;
        return milk with
        {
            Makeup = new(1 - fat - sugars - protein - rest, fat, sugars, protein, 0, rest),
            Said = (milk.SaturatedShare * fat, milk.Salt * stays),
        };
    }
}
