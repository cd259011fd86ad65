namespace RoundCrumb.Core.Ingredients;

/// <summary>What a shelf of the pantry is called on a page, a list and in a table.</summary>
public static class PantryShelves
{
    /// <summary>Its name, as a heading.</summary>
    public static string Title(this PantryShelf shelf) => shelf switch
    {
        PantryShelf.Setters => "Setting agents",
        PantryShelf.Dairy => "Milk, cream, cheese",
        PantryShelf.Nuts => "Nuts and seeds",
        _ => shelf.ToString(),
    };
}
