using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Composing;

/// <summary>What those who eat a pie must not have, and which parts they may.</summary>
/// <param name="occasion">When and by whom it is eaten.</param>
public sealed class Needs(Occasion occasion)
{
    private const Allergens Nuts = Allergens.Almond | Allergens.Hazelnut | Allergens.Walnut | Allergens.Pecan | Allergens.Pistachio
        | Allergens.Cashew | Allergens.Macadamia | Allergens.BrazilNut | Allergens.Peanut;

    /// <summary>
    /// The groups that a baker can be asked to leave out, in the order in which they are offered. Nuts hold the peanut too.
    /// </summary>
    public static IReadOnlyList<(string Field, string Name, Allergens Of)> Groups { get; } =
    [
        ("no-milk", "milk", Allergens.Milk), ("no-egg", "egg", Allergens.Egg), ("no-nuts", "nuts", Nuts),
        ("no-wheat", "wheat and other gluten", Allergens.Wheat | Allergens.Barley | Allergens.Rye | Allergens.Oats),
        ("no-soya", "soya", Allergens.Soya), ("no-sesame", "sesame", Allergens.Sesame),
    ];

    private readonly Occasion _occasion = occasion;

    /// <summary>True when nothing is said of the guests but whether they are vegetarians.</summary>
    public bool IsPlain => _occasion is
    { Without: Allergens.None, NoAlcohol: false, NoRawEgg: false, OnTable: Occasion.UsualOnTable, Swaps.Count: 0 };

    /// <summary>True for an ingredient that may be in it.</summary>
    public bool Allow(Ingredient ingredient) =>
        !ingredient.MayHave(_occasion.Without) && !(_occasion.NoAlcohol && ingredient.Alcohol > 0)
            && !(_occasion.Vegetarian && ingredient.FromSlaughter);

    /// <summary>True for a crust that may hold it.</summary>
    public bool Allow(CrustFamily crust) => crust.Ingredients.Concat(crust.Unweighed).All(Allow);

    /// <summary>True for a filling that may be in it.</summary>
    public bool Allow(FillingFormula filling) =>
        filling.Everything.All(Permits) && !(_occasion.NoRawEgg && RawEgg.In(filling) is not null);

    /// <summary>True for a topping that may lie on it.</summary>
    public bool Allow(Topping topping) => topping.Everything.All(Permits) && !(_occasion.NoRawEgg && RawEgg.In(topping) is not null);

    /// <summary>The names of what must not be in it.</summary>
    public static IEnumerable<string> Named(Allergens without) => Groups.Where(g => (g.Of & without) != Allergens.None).Select(g => g.Name);

    private bool Permits(Ingredient ingredient) => Allow(ingredient);
}
