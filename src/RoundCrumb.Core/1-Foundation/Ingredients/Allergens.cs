namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// What a label must name. European law wants each gluten cereal and each nut by name, so each has its own flag;
/// <see cref="AllergenLaw"/> gathers them into the fourteen groups of the EU and the nine of the US.
/// </summary>
[Flags]
public enum Allergens
{
    /// <summary>None that the laws name.</summary>
    None = 0,

    /// <summary>Wheat, spelt and their kin.</summary>
    Wheat = 1,

    /// <summary>Milk of any kind, butter and lactose too.</summary>
    Milk = 2,

    /// <summary>Eggs of any bird.</summary>
    Egg = 4,

    /// <summary>Barley, malt of it too.</summary>
    Barley = 8,

    /// <summary>Rye.</summary>
    Rye = 1 << 4,

    /// <summary>Oats.</summary>
    Oats = 1 << 5,

    /// <summary>Almonds.</summary>
    Almond = 1 << 6,

    /// <summary>Hazelnuts.</summary>
    Hazelnut = 1 << 7,

    /// <summary>Walnuts.</summary>
    Walnut = 1 << 8,

    /// <summary>Pecans.</summary>
    Pecan = 1 << 9,

    /// <summary>Pistachios.</summary>
    Pistachio = 1 << 10,

    /// <summary>Cashews.</summary>
    Cashew = 1 << 11,

    /// <summary>Macadamias.</summary>
    Macadamia = 1 << 12,

    /// <summary>Brazil nuts.</summary>
    BrazilNut = 1 << 13,

    /// <summary>Peanuts.</summary>
    Peanut = 1 << 14,

    /// <summary>Soya, lecithin of it too.</summary>
    Soya = 1 << 15,

    /// <summary>Sesame.</summary>
    Sesame = 1 << 16,

    /// <summary>Sulphur dioxide and sulphites above 10 mg a kilogram.</summary>
    Sulphites = 1 << 17,

    /// <summary>Fish, gelatine of it too.</summary>
    Fish = 1 << 18,

    /// <summary>Crustaceans.</summary>
    Crustaceans = 1 << 19,

    /// <summary>Molluscs.</summary>
    Molluscs = 1 << 20,

    /// <summary>Celery.</summary>
    Celery = 1 << 21,

    /// <summary>Mustard.</summary>
    Mustard = 1 << 22,

    /// <summary>Lupin.</summary>
    Lupin = 1 << 23,
}

/// <summary>Allergens as the law groups them.</summary>
public static class AllergenLaw
{
    private const Allergens Nuts = Allergens.Almond | Allergens.Hazelnut | Allergens.Walnut | Allergens.Pecan | Allergens.Pistachio
        | Allergens.Cashew | Allergens.Macadamia | Allergens.BrazilNut;

    /// <summary>The fourteen groups of EU law (Regulation 1169/2011, Annex II), in its order.</summary>
    public static IReadOnlyList<(string Name, Allergens Of)> European { get; } =
    [
        ("gluten", Allergens.Wheat | Allergens.Barley | Allergens.Rye | Allergens.Oats),
        ("crustaceans", Allergens.Crustaceans),
        ("egg", Allergens.Egg),
        ("fish", Allergens.Fish),
        ("peanut", Allergens.Peanut),
        ("soya", Allergens.Soya),
        ("milk", Allergens.Milk),
        ("nuts", Nuts),
        ("celery", Allergens.Celery),
        ("mustard", Allergens.Mustard),
        ("sesame", Allergens.Sesame),
        ("sulphites", Allergens.Sulphites),
        ("lupin", Allergens.Lupin),
        ("molluscs", Allergens.Molluscs),
    ];

    /// <summary>The nine of US law. Barley, rye and oats are not among them, nor sulphites as an allergen.</summary>
    public static IReadOnlyList<(string Name, Allergens Of)> American { get; } =
    [
        ("milk", Allergens.Milk),
        ("egg", Allergens.Egg),
        ("fish", Allergens.Fish),
        ("crustacean shellfish", Allergens.Crustaceans),
        ("tree nuts", Nuts),
        ("peanut", Allergens.Peanut),
        ("wheat", Allergens.Wheat),
        ("soybean", Allergens.Soya),
        ("sesame", Allergens.Sesame),
    ];

    /// <summary>What a European label names: "wheat (gluten)", "milk", "almond (nut)", in the law's order.</summary>
    public static IEnumerable<string> Named(Allergens contained)
    {
        foreach (var (name, of) in European)
        {
            foreach (var one in Enum.GetValues<Allergens>().Where(a => a != Allergens.None && of.HasFlag(a) && contained.HasFlag(a)))
                yield return name is "gluten" or "nuts" ? $"{Word(one)} ({name.TrimEnd('s')})" : name;
        }
    }

    /// <summary>What a European label names of one ingredient; a part and a pie say it of all that they hold.</summary>
    public static IReadOnlyList<string> Said(Ingredient one) => Said([one]);

    /// <summary>
    /// What a European label names of some ingredients, and which of them nobody has said anything of: those are never nothing.
    /// </summary>
    internal static IReadOnlyList<string> Said(IEnumerable<Ingredient> ingredients)
    {
        // Words that are no ingredient share an id, and are not the same words.
        var all = ingredients.DistinctBy(i => (i.Id, i.Name)).ToList();
        return
        [
            .. Named(all.Aggregate(Allergens.None, (a, i) => a | i.Allergens)),
            .. Named(all.Aggregate(Allergens.None, (a, i) => a | i.Unanswered) & ~all.Aggregate(Allergens.None, (a, i) => a | i.Allergens))
                .Select(n => $"perhaps {n}"),
            .. all.Where(i => !i.AllergensStated).Select(i => $"not stated for {i.ShortName}"),
        ];
    }

    /// <summary>The American groups that are contained.</summary>
    public static IEnumerable<string> NamedInAmerica(Allergens contained) =>
        American.Where(group => (group.Of & contained) != Allergens.None).Select(group => group.Name);

    private static string Word(Allergens one) => one is Allergens.BrazilNut ? "brazil nut" : one.ToString().ToLowerInvariant();
}
