using RoundCrumb.Core.Ingredients;
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
    public static readonly Constant Sweet = new("a sweet bite from", 0.22, 0.20, 0.25, Dimension.Share, "More tires before the slice is finished, unless something sharp goes with it.");
    public static readonly Constant Plain = new("a plain bite below", 0.10, 0.08, 0.12, Dimension.Share, "Less hardly reads as a pudding.");
    public static readonly Constant Rich = new("a rich bite from", 0.28, 0.25, 0.32, Dimension.Share, "More coats the mouth; it wants a smaller slice or something sharp.");
    public static readonly Constant Sharp = new("a sharp bite from", 0.08, 0.06, 0.10, Dimension.Share, "Enough juice to make the mouth water, and to carry sugar and cream.");

    /// <summary>The bite of a pie.</summary>
    public static Bite Of(Assessment pie)
    {
        // By weight as it lies on the plate: crust, filling, topping.
        var crust = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var filling = pie.FilledMass.Value.Value;
        var cream = pie.Topping?.Lines.Sum(l => l.Mass.Value.Value) ?? 0;
        var all = Math.Max(1e-9, crust + filling + cream);
        double InCrust(Func<Ingredient, double> of) => pie.Crust.Lines.Sum(l => l.Mass.Value.Value * of(l.Ingredient)) / Math.Max(1e-9, pie.Crust.Lines.Sum(l => l.Mass.Value.Value));
        double InCream(Func<Ingredient, double> of) => cream <= 0 ? 0 : pie.Topping!.Lines.Sum(l => l.Mass.Value.Value * of(l.Ingredient)) / cream;
        var formula = pie.Composition.Filling.Formula;
        var fat = formula.Lines.Sum(l => formula.GramsOf(l, pie.Composition.Filling.Setter) * Fillings.FillingYield.KeptOf(l) * l.Ingredient.Makeup.Fat) / pie.Yield.Weighed.Value.Value;

        Worked<Share> Share(string id, string name, double inCrust, double inFilling, double inCream) => new(
            id, name, new(((crust * inCrust) + (filling * inFilling) + (cream * inCream)) / all), "(crust × its share + filling × its share + topping × its share) ÷ the whole",
            Term.Given("crust", new Grams(crust)), Term.Given("its share", inCrust, Dimension.Share), Term.Given("filling", new Grams(filling)), Term.Given("its share", inFilling, Dimension.Share),
            Term.Given("topping", new Grams(cream)), Term.Given("its share", inCream, Dimension.Share));

        var sugars = Share("bite-sugars", "Sugars in a bite", InCrust(i => i.Sugars), pie.Yield.Sugars.Value.Value, InCream(i => i.Sugars));
        var fats = Share("bite-fat", "Fat in a bite", InCrust(i => i.Makeup.Fat), fat, InCream(i => i.Makeup.Fat));
        var juice = Share("bite-juice", "Sharp juice in a bite", 0, pie.Yield.Juice.Value.Value, 0);
        var (sweet, plain) = (sugars.Value.Value >= Sweet.Usual, sugars.Value.Value < Plain.Usual);
        var (rich, sharp) = (fats.Value.Value >= Rich.Usual, juice.Value.Value >= Sharp.Usual);
        var word = string.Join(", ", new[] { sweet ? "sweet" : plain ? "hardly sweet" : "", rich ? "rich" : "", sharp ? "sharp" : "" }.Where(w => w.Length > 0));
        var balance = (sweet, rich, sharp) switch
        {
            (true, _, false) => "Something sharp on the plate, soured cream or berries, would balance it; sweeten nothing on top.",
            (false, true, false) => "A smaller slice, or something sharp with it, would lighten it.",
            (false, false, true) when plain => "It can take a sweetened cream.",
            _ => "",
        };
        return new(sugars, fats, juice, word.Length == 0 ? "in balance" : word, balance);
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() => [Sugars, Fat, Juice];
}
