using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Labelling;

/// <summary>Energy and the usual seven for 100 g: an estimate from tables.</summary>
/// <param name="Kilojoules">Energy, kJ.</param>
/// <param name="Fat">g.</param>
/// <param name="Saturates">g.</param>
/// <param name="Carbohydrate">Sugars and starch, g.</param>
/// <param name="Sugars">g.</param>
/// <param name="Protein">g.</param>
/// <param name="Salt">g.</param>
public sealed record Nutrition(
    double Kilojoules, double Fat, double Saturates, double Carbohydrate, double Sugars, double Protein, double Salt)
{
    /// <summary>Kilojoules of a kilocalorie.</summary>
    public const double KilojoulesOfKilocalorie = 4.184;

    // Energy of a gram, kJ, as the law reckons it.
    private const double OfFat = 37, OfProtein = 17, OfCarbohydrate = 17, OfAlcohol = 29, OfFibre = 8;

    /// <summary>Of what is neither water nor fat, sugar, protein or starch in plants what is fibre. Our own choice.</summary>
    private const double FibreOfRest = 0.7;

    /// <summary>Energy, kcal.</summary>
    public double Kilocalories => Kilojoules / KilojoulesOfKilocalorie;

    /// <summary>So much of it.</summary>
    /// <param name="grams">g.</param>
    public Nutrition For(double grams) => grams / 100 is var f
        ? new(Kilojoules * f, Fat * f, Saturates * f, Carbohydrate * f, Sugars * f, Protein * f, Salt * f)
        : this;

    /// <summary>That of 100 g of what is made of some ingredients.</summary>
    /// <param name="lines">Ingredients with their grams as they went in.</param>
    /// <param name="made">What they weigh when it is ready, g: less than they did by what boiled and baked off, which is water.</param>
    public static Nutrition Of(IReadOnlyList<(Ingredient Ingredient, double Grams)> lines, double made)
    {
        double Sum(Func<Ingredient, double> of) => lines.Sum(l => of(l.Ingredient) * l.Grams) / Math.Max(1e-9, made) * 100;
        double Fibre(Ingredient i) => i.Origin is Origin.Plant ? Math.Max(0, i.Makeup.Rest - i.Alcohol - i.Salt) * FibreOfRest : 0;
        var (fat, protein, sugars) = (Sum(i => i.Makeup.Fat), Sum(i => i.Makeup.Protein), Sum(i => i.Makeup.Sugars));
        var carbohydrate = sugars + Sum(i => i.Makeup.Starch);
        var energy = (fat * OfFat) + (protein * OfProtein) + (carbohydrate * OfCarbohydrate) + (Sum(i => i.Alcohol) * OfAlcohol)
            + (Sum(Fibre) * OfFibre);
        return new(energy, fat, Sum(i => i.Saturates), carbohydrate, sugars, protein, Sum(i => i.Salt));
    }
}
