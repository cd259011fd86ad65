using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Stocktaking;

/// <summary>Where something stands.</summary>
public enum StoredIn
{
    /// <summary>On a shelf, at the room's warmth.</summary>
    Shelf,

    /// <summary>In a fridge.</summary>
    Fridge,

    /// <summary>In a freezer.</summary>
    Freezer,
}

/// <summary>How long what is opened keeps.</summary>
public static class Keeping
{
    private const double Day = 24 * 60;

    private static readonly Constant OpenFresh = For("opened, in the fridge", 4, 3, 5,
        "Milk, cream and soft cheese: as their packets say.");
    private static readonly Constant OpenButter = For("opened, in the fridge", 30, 21, 42,
        "Butter and its like take up smells long before.");
    private static readonly Constant Egg = For("eggs, in the fridge", 21, 14, 28,
        "From buying; by the date on the box where there is one.");
    private static readonly Constant White = For("whites in a jar, in the fridge", 4, 3, 5, "Covered; they freeze well for three months.");
    private static readonly Constant Yolks = For("yolks, in the fridge", 2, 1, 2, "Under a film of water, or they dry.");
    private static readonly Constant Fruit = For("fresh or opened, in the fridge", 5, 3, 7, "Fruit, juice and purée; jam far longer.");
    private static readonly Constant Citrus = For("whole citrus, in the fridge", 21, 14, 28, "Its peel keeps it; cut, it dries in days.");
    private static readonly Constant Tin = For("out of its tin, in the fridge", 4, 3, 5, "Into a bowl, never in the open tin.");
    private static readonly Constant Nut = For("opened, on a shelf", 90, 60, 180, "Their oil turns; in the freezer a year.");
    private static readonly Constant Dry = For("opened, on a shelf", 180, 90, 365, "Flour, sugar and what is dry, closed well.");
    private static readonly Constant Frozen = For("frozen", 90, 60, 120, "Safe for longer; it is the flavour that goes.");

    /// <summary>How long an ingredient keeps once it is opened, or bought where it is not packed, minutes.</summary>
    /// <param name="ingredient">Which.</param>
    /// <param name="where">Where it stands.</param>
    public static Constant Of(Ingredient ingredient, StoredIn where) => where is StoredIn.Freezer ? Frozen : ingredient switch
    {
        { Egg: EggPart.White } => White,
        { Egg: EggPart.Yolk } => Yolks,
        { Egg: EggPart.Whole } => Egg,
        { Shelf: PantryShelf.Fruit } when Wholes.Of(ingredient.Id)?.Whole == ingredient => Citrus,
        _ when ingredient.Is(Traits.Jam) => OpenButter,
        _ when ingredient.Is(Traits.InLiquid | Traits.CondensedMilk) => Tin,
        _ when ingredient.IsDry => ingredient.Shelf is PantryShelf.Nuts ? Nut : Dry,
        _ => ingredient.Shelf switch
        {
            PantryShelf.Fats => OpenButter,
            PantryShelf.Dairy => OpenFresh,
            PantryShelf.Fruit => Fruit,
            PantryShelf.Biscuits => Tin,
            PantryShelf.Eggs => Egg,
            PantryShelf.Flours or PantryShelf.Sugars or PantryShelf.Setters or PantryShelf.Chocolate or PantryShelf.Nuts
                or PantryShelf.Drinks or PantryShelf.Flavours => Dry,
        },
    };

    extension(Ingredient ingredient)
    {
        /// <summary>True for what holds so little water that a shelf is enough: flour, sugar, nuts, biscuits, honey.</summary>
        public bool IsDry => ingredient.Makeup.Water < 0.22 && !ingredient.IsFat && ingredient.Egg is EggPart.None;
    }

    private static Constant For(string name, double usual, double low, double high, string why) =>
        new(name, usual * Day, low * Day, high * Day, Dimension.Time, why);
}
