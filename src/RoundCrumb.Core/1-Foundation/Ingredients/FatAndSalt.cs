namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// What of a fat is saturated, and how much salt there is in things that are not weighed for it. From standard food-composition tables,
/// rounded: good for an estimate on a label, and for nothing finer.
/// </summary>
public static class FatAndSalt
{
    /// <summary>Of the fat of single things what is saturated.</summary>
    private static readonly Dictionary<string, double> Shares = new(StringComparer.Ordinal)
    {
        ["lard"] = 0.39,
        ["suet"] = 0.56,
        ["shortening"] = 0.40,
        ["margarine"] = 0.42,
        ["coconut-oil"] = 0.88,
        ["almonds"] = 0.08,
        ["ground-almonds"] = 0.08,
        ["flaked-almonds"] = 0.08,
        ["hazelnuts"] = 0.08,
        ["ground-hazelnuts"] = 0.08,
        ["walnuts"] = 0.10,
        ["pecans"] = 0.09,
        ["pistachios"] = 0.13,
        ["cashews"] = 0.20,
        ["macadamias"] = 0.16,
        ["brazil-nuts"] = 0.25,
        ["sesame-seeds"] = 0.15,
    };

    /// <summary>Salt of single things, g to a gram.</summary>
    private static readonly Dictionary<string, double> Salts = new(StringComparer.Ordinal)
    {
        ["salt"] = 1,
        ["flaky-salt"] = 1,
        ["coarse-salt"] = 1,
        ["salted-butter"] = 0.015,
        ["bicarbonate"] = 0.68,
        ["baking-powder"] = 0.27,
        ["cream-cheese"] = 0.0075,
        ["milk-powder"] = 0.009,
        ["condensed-milk"] = 0.003,
        ["evaporated-milk"] = 0.003,
        ["whole-egg"] = 0.0036,
        ["yolk"] = 0.0012,
        ["egg-white"] = 0.0042,
        ["butter"] = 0.0002,
        ["malted-milk"] = 0.009,
        ["salted-peanuts"] = 0.012,
        ["salted-almonds"] = 0.012,
        ["saltine-crumbs"] = 0.025,
    };

    /// <summary>What of its fat is saturated, 0 to 1.</summary>
    public static double ShareOf(Ingredient ingredient) => Shares.TryGetValue(ingredient.Id, out var known) ? known
        : ingredient.Id.Contains("coconut", StringComparison.Ordinal) ? 0.88
        : UsualShareOf(ingredient);

    private static double UsualShareOf(Ingredient ingredient) => ingredient.Shelf switch
    {
        PantryShelf.Fats => ingredient.Is(Traits.Butter) ? 0.64 : 0.14,
        PantryShelf.Dairy => ingredient.Origin is Origin.Plant ? 0.25 : 0.64,
        PantryShelf.Eggs => 0.31,
        PantryShelf.Biscuits => ingredient.Allergens.HasFlag(Allergens.Milk) ? 0.55 : 0.45,
        PantryShelf.Chocolate => 0.60,
        PantryShelf.Nuts => 0.12,
        PantryShelf.Flours => 0.18,
        PantryShelf.Sugars or PantryShelf.Setters or PantryShelf.Fruit or PantryShelf.Drinks or PantryShelf.Flavours => 0.25,
    };

    /// <summary>Salt of an ingredient, fraction of mass.</summary>
    public static double SaltOf(Ingredient ingredient) => Salts.TryGetValue(ingredient.Id, out var known) ? known
        : ingredient.Is(Traits.BoughtDough | Traits.BoughtShell) ? 0.008
        : UsualSaltOf(ingredient);

    private static double UsualSaltOf(Ingredient ingredient) => ingredient.Shelf switch
    {
        PantryShelf.Biscuits => ingredient.Is(Traits.Salty) ? 0.03 : 0.007,
        PantryShelf.Dairy => ingredient.Is(Traits.CreamCheese | Traits.FreshCheese) ? 0.005 : 0.001,
        PantryShelf.Eggs => 0.0036,
        PantryShelf.Flavours => ingredient.Is(Traits.Salty) ? 0.3 : 0,
        PantryShelf.Nuts => ingredient.Is(Traits.Salty) ? 0.012 : 0,
        PantryShelf.Chocolate => 0.0005,
        PantryShelf.Fats => ingredient.Is(Traits.Butter) ? 0.0002 : 0.001,
        PantryShelf.Flours or PantryShelf.Sugars or PantryShelf.Setters or PantryShelf.Fruit or PantryShelf.Drinks => 0,
    };
}
