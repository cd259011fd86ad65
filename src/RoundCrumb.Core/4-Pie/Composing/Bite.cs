using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Composing;

/// <summary>What a forkful through all the layers is made of.</summary>
/// <param name="Sugars">All sugars, share of the whole.</param>
/// <param name="Fat">Fat, share of the whole.</param>
/// <param name="Juice">Sharp juice, share of the whole.</param>
/// <param name="Word">How it eats, in a few words.</param>
/// <param name="Balance">What would bring it into balance; empty where nothing is wanted.</param>
public sealed record Bite(Worked<Share> Sugars, Worked<Share> Fat, Worked<Share> Juice, string Word, string Balance)
{
    /// <summary>Sugars in a forkful above which it is a sweet one.</summary>
    public static readonly Constant Sweet = new(
        "a sweet bite from", 0.22, 0.20, 0.25, Dimension.Share,
        "More tires before the slice is finished, unless something sharp goes with it.");

    /// <summary>Sugars in a forkful below which it is a plain one.</summary>
    public static readonly Constant Plain = new("a plain bite below", 0.10, 0.08, 0.12, Dimension.Share, "Less hardly reads as a pudding.");

    /// <summary>Fat in a forkful above which it is a rich one.</summary>
    public static readonly Constant Rich = new(
        "a rich bite from", 0.28, 0.25, 0.32, Dimension.Share, "More coats the mouth; it wants a smaller slice or something sharp.");

    /// <summary>Juice in a forkful above which it is a sharp one.</summary>
    public static readonly Constant Sharp = new(
        "a sharp bite from", 0.08, 0.06, 0.10, Dimension.Share, "Enough juice to make the mouth water, and to carry sugar and cream.");

    /// <summary>The bite of a pie.</summary>
    public static Bite Of(Assessment pie)
    {
        // By weight as it lies on the plate: crust, fillings, toppings.
        var crust = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var crustLines = pie.Crust.Lines.Select(l => (l.Ingredient, Grams: l.Mass.Value.Value)).ToList();
        var formula = pie.Composition.Filling.Formula;
        var fillings = new List<(double Grams, double Sugars, double Fat, double Juice)>
        {
            (
                pie.FilledMass.Value.Value, pie.Yield.Sugars.Value.Value, FatOf(formula, pie.Composition.Filling.Setter, pie.Yield),
                pie.Yield.Juice.Value.Value)
        };
        foreach (var layer in pie.Layers)
        {
            var i = layer.Lines[0].Ingredient;
            fillings.Add(layer.Choice is FillingLayer { Formula: { } under } && layer.Yield is { } yield
                ? (layer.Mass.Value.Value, yield.Sugars.Value.Value, FatOf(under, 1, yield), yield.Juice.Value.Value)
                : (layer.Mass.Value.Value, i.Sugars, i.Makeup.Fat, i.Juice));
        }

        var on = pie.Toppings.SelectMany(t => t.Lines).Select(l => (l.Ingredient, Grams: l.Mass.Value.Value)).ToList();
        var filling = fillings.Sum(f => f.Grams);
        var cream = on.Sum(l => l.Grams);
        var all = Math.Max(1e-9, crust + filling + cream);
        double InCrust(Func<Ingredient, double> of) =>
            crustLines.Sum(l => l.Grams * of(l.Ingredient)) / Math.Max(1e-9, crustLines.Sum(l => l.Grams));
        double InFilling(Func<(double Grams, double Sugars, double Fat, double Juice), double> of) =>
            fillings.Sum(f => f.Grams * of(f)) / Math.Max(1e-9, filling);
        double InCream(Func<Ingredient, double> of) => cream <= 0 ? 0 : on.Sum(l => l.Grams * of(l.Ingredient)) / cream;

        Worked<Share> Share(string id, string name, double inCrust, double inFilling, double inCream) => new(
            id, name, new(((crust * inCrust) + (filling * inFilling) + (cream * inCream)) / all),
            "(crust × its share + filling × its share + topping × its share) ÷ the whole",
            Term.Given("crust", new Grams(crust)), Term.Given("its share", inCrust, Dimension.Share),
            Term.Given("filling", new Grams(filling)), Term.Given("its share", inFilling, Dimension.Share),
            Term.Given("topping", new Grams(cream)), Term.Given("its share", inCream, Dimension.Share));

        var sugars = Share("bite-sugars", "Sugars in a bite", InCrust(i => i.Sugars), InFilling(f => f.Sugars), InCream(i => i.Sugars));
        var fats = Share("bite-fat", "Fat in a bite", InCrust(i => i.Makeup.Fat), InFilling(f => f.Fat), InCream(i => i.Makeup.Fat));
        var juice = Share("bite-juice", "Sharp juice in a bite", 0, InFilling(f => f.Juice), InCream(i => i.Juice));
        var (sweet, plain) = (sugars.Value.Value >= Sweet.Usual, sugars.Value.Value < Plain.Usual);
        var (rich, sharp) = (fats.Value.Value >= Rich.Usual, juice.Value.Value >= Sharp.Usual);
        var word = string.Join(
            ", ",
            new[] { sweet ? "sweet" : plain ? "hardly sweet" : "", rich ? "rich" : "", sharp ? "sharp" : "" }.Where(w => w.Length > 0));
        var balance = (sweet, rich, sharp) switch
        {
            (true, _, false) => "Something sharp on the plate, soured cream or berries, would balance it; sweeten nothing on top.",
            (false, true, false) => "A smaller slice, or something sharp with it, would lighten it.",
            (false, false, true) when plain => "It can take a sweetened cream.",
            _ => "",
        };
        return new(sugars, fats, juice, word.Length == 0 ? "in balance" : word, balance);
    }

    private static double FatOf(FillingFormula formula, double setter, FillingYield yield) =>
        formula.Lines.Sum(l => formula.GramsOf(l, setter) * FillingYield.KeptOf(l) * l.Ingredient.Makeup.Fat) / yield.Weighed.Value.Value;

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() => [Sugars, Fat, Juice];
}
