namespace RoundCrumb.Core.Ingredients;

/// <summary>What a shelf of the pantry is called on a page, a list and in a table.</summary>
public static class PantryShelves
{
    /// <summary>Its name, as a heading.</summary>
    public static string Title(this PantryShelf shelf) => shelf switch
    {
        PantryShelf.Flours => "Flours",
        PantryShelf.Biscuits => "Biscuits",
        PantryShelf.Sugars => "Sugars",
        PantryShelf.Fats => "Fats",
        PantryShelf.Dairy => "Milk, cream, cheese",
        PantryShelf.Eggs => "Eggs",
        PantryShelf.Setters => "Setting agents",
        PantryShelf.Chocolate => "Chocolate",
        PantryShelf.Nuts => "Nuts and seeds",
        PantryShelf.Fruit => "Fruit",
        PantryShelf.Drinks => "Drinks",
        PantryShelf.Flavours => "Flavours",
    };
}
