using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Baking;

/// <summary>What a filling is made of, to heat: by the composition of what is weighed for it.</summary>
public static class PieMatter
{
    /// <summary>Whipped or baked, so much of it at most is air.</summary>
    private const double MostAir = 0.7;

    /// <summary>An ingredient by itself.</summary>
    /// <param name="ingredient">Which.</param>
    public static Blend Of(Ingredient ingredient)
    {
        var makeup = ingredient.Makeup;
        return new Blend(makeup.Water, makeup.Fat, makeup.Protein, makeup.Sugars + makeup.Starch, makeup.Rest).Rounded;
    }

    /// <summary>What is weighed and mixed, nothing of it lost.</summary>
    /// <param name="lines">Some of it at least.</param>
    public static Blend Of(IReadOnlyCollection<WeighedLine> lines)
    {
        var sum = lines.Sum(l => l.Mass.Value.Value);
        if (sum <= 0)
            return new(1, 0, 0, 0, 0);
        double Share(Func<Makeup, double> of) => lines.Sum(l => l.Mass.Value.Value * of(l.Ingredient.Makeup)) / sum;
        return new Blend(
            Share(m => m.Water), Share(m => m.Fat), Share(m => m.Protein), Share(m => m.Sugars + m.Starch), Share(m => m.Rest)).Rounded;
    }

    /// <summary>A filling as it lies in the pie.</summary>
    /// <param name="formula">Its lines.</param>
    /// <param name="setter">How firm it is made.</param>
    /// <param name="yield">What a batch weighs and measures, which tells the air in it.</param>
    public static Blend Of(FillingFormula formula, double setter, FillingYield yield)
    {
        double water = 0, fat = 0, protein = 0, carbohydrate = 0, rest = 0;
        foreach (var line in formula.Lines)
        {
            var grams = formula.GramsOf(line, setter);
            var makeup = line.Ingredient.Makeup;
            water += grams * Math.Max(0, makeup.Water - (1 - FillingYield.KeptOf(line)));
            fat += grams * makeup.Fat;
            protein += grams * makeup.Protein;
            carbohydrate += grams * (makeup.Sugars + makeup.Starch);
            rest += grams * makeup.Rest;
        }

        var sum = water + fat + protein + carbohydrate + rest;
        if (sum <= 0)
            return new(1, 0, 0, 0, 0);
        var solid = new Blend(water / sum, fat / sum, protein / sum, carbohydrate / sum, rest / sum);
        var weighs = yield.Volume.Value.Value > 0 ? yield.Mass.Value.Value / yield.Volume.Value.Value * 1000 : 0;
        var air = weighs > 0 ? Math.Clamp(1 - (weighs / Matter.Of(solid).Density), 0, MostAir) : 0;
        return (solid with { Air = air < 0.05 ? 0 : air }).Rounded;
    }
}
