using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Labelling;

/// <summary>What an ingredient is itself made of.</summary>
public static class Compound
{
    /// <summary>
    /// What such a thing usually holds, the most first; nothing for what is one thing. Packets differ, so that a label made from this has
    /// to
    /// be held against the packet.
    /// </summary>
    public static IReadOnlyList<string> Usual(Ingredient ingredient) => ingredient switch
    {
        { Shelf: PantryShelf.Biscuits } when ingredient.Is(Traits.BoughtDough | Traits.BoughtShell) =>
            With(ingredient, ["flour", ingredient.Allergens.HasFlag(Allergens.Milk) ? "butter" : "vegetable fat", "water", "salt"]),
        { Shelf: PantryShelf.Biscuits } => With(ingredient, ["flour", "sugar", "vegetable fat", "raising agent", "salt"]),
        { Shelf: PantryShelf.Chocolate, Makeup.Sugars: > 0.1 } => With(
            ingredient, ["cocoa solids", "sugar", ingredient.Is(Traits.PaleChocolate) ? "milk powder" : "cocoa butter", "emulsifier"]),
        _ when ingredient.Is(Traits.Jam) => With(ingredient, ["fruit", "sugar", "pectin", "citric acid"]),
        _ when ingredient.Is(Traits.CondensedMilk) => With(ingredient, ["milk", "sugar"]),
        { Id: "malted-milk" } => ["wheat", "barley malt", "milk powder", "sugar"],
        { Id: "margarine" } => With(ingredient, ["vegetable oils", "water", "salt", "emulsifier"]),
        { Id: "baking-powder" } => ["raising agents", "starch"],
        { Shelf: PantryShelf.Sugars } when ingredient.Makeup.Fat > 0.03 => With(ingredient, ["sugar", "fat", "flavouring"]),
        { Shelf: PantryShelf.Drinks, Alcohol: > 0, Makeup.Sugars: > 0.1 } => With(ingredient, ["alcohol", "sugar", "flavouring"]),
        _ => [],
    };

    /// <summary>A list in which every allergen of the ingredient is named.</summary>
    private static List<string> With(Ingredient ingredient, List<string> usual)
    {
        foreach (var allergen in AllergenWords.In(ingredient.Allergens))
        {
            var word = AllergenWords.Of(allergen);
            if (usual.Exists(u => AllergenWords.Names(u, allergen)))
                continue;
            if (allergen is Allergens.Wheat && usual.IndexOf("flour") is >= 0 and var at)
                usual[at] = "wheat flour";
            else
                usual.Add(word);
        }

        return usual;
    }
}

/// <summary>Allergens as a label names them.</summary>
public static class AllergenWords
{
    /// <summary>Each that is among some.</summary>
    public static IEnumerable<Allergens> In(Allergens some) =>
        Enum.GetValues<Allergens>().Where(a => a is not Allergens.None && some.HasFlag(a));

    /// <summary>What one is called.</summary>
    public static string Of(Allergens one) => one is Allergens.BrazilNut ? "brazil nut" : one.ToString().ToLowerInvariant();

    /// <summary>True where a word of a list names an allergen by itself, so that it is the word that is set off: butter is milk to the law,
    /// and still has to say so.</summary>
    public static bool Names(string word, Allergens one) => word.Contains(Of(one), StringComparison.OrdinalIgnoreCase);
}
