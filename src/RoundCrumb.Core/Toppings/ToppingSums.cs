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
        var cream = new Worked<Millilitres>(
            "cream", "Cream to whip", new(surface.Value.Value * height.Value / 1000 / style.WhipFactor.Usual),
            "surface × mean thickness ÷ how much it swells",
            Term.Of(surface), Term.Given("mean thickness", height), style.WhipFactor);
        var creamMass = new Worked<Grams>(
            "topping-double-cream", Pantry.DoubleCream.Name, new(cream.Value.Value * Pantry.DoubleCream.BulkDensity), "cream in ml × its g/ml",
            Term.Of(cream), Term.Given("cream", Pantry.DoubleCream.BulkDensity, Dimension.GramsPerMl));
        var lines = new List<WeighedLine>(4) { new(Pantry.DoubleCream, creamMass, $"cold, whipped to {style.Stage}") };
        var sugars = creamMass.Value.Value * Pantry.DoubleCream.Sugars;
        var total = creamMass.Value.Value;
        if (topping.Sugar is { } sugar)
        {
            var mass = new Worked<Grams>(
                "topping-" + sugar.Id, sugar.Name, new(cream.Value.Value * topping.SugarShare.Usual), "cream in ml × sugar to cream",
                Term.Of(cream), topping.SugarShare);
            lines.Add(new(sugar, mass, "with the machine stopped, at soft peaks"));
            sugars += mass.Value.Value * sugar.Sugars;
            total += mass.Value.Value;
        }

        if (topping.GelatineShare.Usual > 0)
        {
            var mass = new Worked<Grams>(
                "topping-gelatine", Pantry.Gelatine.Name, new(cream.Value.Value * topping.GelatineShare.Usual), "cream in ml × gelatine to cream",
                Term.Of(cream), topping.GelatineShare);
            var water = new Worked<Grams>(
                "topping-water", Pantry.Water.Name, mass.Value * Fillings.FillingConstants.BloomWater.Usual, "gelatine × 5",
                Term.Of(mass), Fillings.FillingConstants.BloomWater);
            lines.Add(new(Pantry.Gelatine, mass, "bloomed, melted, in a thin stream while it whips"));
            lines.Add(new(Pantry.Water, water, "cold, for the gelatine"));
            total += mass.Value.Value + water.Value.Value;
        }

        return new(surface, cream, lines, style, new Worked<Share>(
            "topping-sugars", "Sugars in the topping", new(sugars / total), "sugars of every line ÷ its weight",
            Term.Given("sugars", new Grams(sugars)), Term.Given("weight", new Grams(total))));
    }
}
