using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>What one pie's topping takes.</summary>
/// <param name="Surface">Area it covers.</param>
/// <param name="Cream">Cream as poured, ml.</param>
/// <param name="Lines">What is weighed for it.</param>
/// <param name="Style">How thick and how stiff.</param>
/// <param name="Sugars">All sugars, as a share of its weight.</param>
public sealed record ToppingSums(Worked<SquareMillimetres> Surface, Worked<Millilitres> Cream, IReadOnlyList<WeighedLine> Lines, LayerStyle Style, Worked<Share> Sugars)
{
    /// <summary>The sums for a topping of some mean thickness on a surface; none where there is no topping.</summary>
    public static ToppingSums? Of(Topping topping, Millimetres height, Worked<SquareMillimetres> surface)
    {
        if (topping == Topping.None)
            return null;
        var style = LayerStyle.Nearest(height);

        // Cheese folded into the cream adds its own room; sugar and gelatine hardly any.
        var added = topping.With.Where(p => p.Ingredient.Shelf is PantryShelf.Dairy).Sum(p => p.PerMl.Usual * p.Ingredient.InMixture);
        var cream = new Worked<Millilitres>(
            "cream", "Cream to whip", new(surface.Value.Value * height.Value / 1000 / (style.WhipFactor.Usual + added)),
            added > 0 ? "surface × mean thickness ÷ (how much it swells + what is folded in)" : "surface × mean thickness ÷ how much it swells",
            [Term.Of(surface), Term.Given("mean thickness", height), style.WhipFactor, .. added > 0 ? [Term.Given("folded in, ml to one ml of cream", new Factor(added))] : Array.Empty<Term>()]);
        var creamMass = new Worked<Grams>(
            "topping-" + topping.Cream.Id, topping.Cream.Name, new(cream.Value.Value * topping.Cream.BulkDensity), "cream in ml × its g/ml",
            Term.Of(cream), Term.Given("cream", topping.Cream.BulkDensity, Dimension.GramsPerMl));
        var lines = new List<WeighedLine>(4) { new(topping.Cream, creamMass, $"cold, whipped to {style.Stage}") };
        var sugars = creamMass.Value.Value * topping.Cream.Sugars;
        var total = creamMass.Value.Value;
        var keys = WeighedLine.Keys([topping.Cream, .. topping.With.Select(p => p.Ingredient)]);
        for (var i = 0; i < topping.With.Count; i++)
        {
            var part = topping.With[i];
            var mass = new Worked<Grams>(
                "topping-" + keys[i + 1], part.Ingredient.Name, new(cream.Value.Value * part.PerMl.Usual), "cream in ml × its grams to a ml of cream",
                Term.Of(cream), part.PerMl);
            lines.Add(new(part.Ingredient, mass, part.Note));
            sugars += mass.Value.Value * part.Ingredient.Sugars;
            total += mass.Value.Value;
        }

        return new(surface, cream, lines, style, new Worked<Share>(
            "topping-sugars", "Sugars in the topping", new(sugars / total), "sugars of every line ÷ its weight",
            Term.Given("sugars", new Grams(sugars)), Term.Given("weight", new Grams(total))));
    }
}
