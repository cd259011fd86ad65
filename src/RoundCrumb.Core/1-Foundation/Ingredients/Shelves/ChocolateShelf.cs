using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Chocolate and cocoa. Melted chocolate takes up 0.79 ml to the gram; chopped in a cup it is mostly air.</summary>
internal static class ChocolateShelf
{
    private const double Melted = 0.79;
    private const SourceKind P = SourceKind.Packets;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "dark-chocolate", "dark chocolate",
            "bittersweet chocolate|semisweet chocolate|semi-sweet chocolate|plain chocolate|chocolate|50% chocolate|55% chocolate|"
                + "dark chocolate 55%",
            0.70, Melted, M(1, 32, 47, 6, 4, 10), Chocolate, Milk | Soya, pack: 200, price: 2.40, source: P,
            traits: Traits.DarkChocolate),
        R(
            "dark-chocolate-70", "dark chocolate, 70 %",
            "70% chocolate|70% dark chocolate|70% cocoa chocolate|extra dark chocolate|bitter chocolate|dark chocolate 70%|70% "
                + "cocoa solids dark chocolate",
            0.70, Melted, M(1, 42, 29, 8, 5, 15), Chocolate, Soya, pack: 100, price: 1.80, source: P),
        R(
            "unsweetened-chocolate", "unsweetened chocolate", "baking chocolate|cocoa mass|100% chocolate|cacao mass", 0.70, Melted,
            M(1, 53, 1, 13, 8, 24), Chocolate, pack: 180, price: 4.00, source: P, traits: Traits.DarkChocolate),
        R(
            "milk-chocolate", "milk chocolate", "", 0.70, Melted, M(1, 31, 56, 7, 1.5, 3.5), Chocolate, Milk | Soya,
            from: Origin.OfAnimal,
            pack: 200, price: 2.00, source: P, traits: Traits.PaleChocolate),
        R(
            "white-chocolate", "white chocolate", "", 0.70, Melted, M(1, 32, 59, 6, 0, 2), Chocolate, Milk | Soya,
            from: Origin.OfAnimal,
            pack: 200, price: 2.20, source: P, traits: Traits.PaleChocolate),
        R(
            "chocolate-chips", "chocolate chips",
            "semi-sweet chocolate chips|choc chips|dark chocolate chips|chocolate drops|chocolate morsels|"
                + "semisweet chocolate chips|chocolate chunks", 0.72,
            Melted, M(1, 29, 53, 5, 3, 9), Chocolate, Milk | Soya, pack: 100, price: 1.30, source: P),
        R(
            "cocoa", "cocoa powder",
            "natural cocoa powder|dark cocoa powder|cocoa|unsweetened cocoa|unsweetened cocoa powder|dutch-process cocoa|dutched cocoa",
            0.36, Meal, M(4, 21, 1.5, 20, 14, 39.5), Chocolate, sets: 0.35, pack: 250, price: 3.00),
        R("cocoa-butter", "cocoa butter", "", 0.90, Fatty, M(0, 100, 0, 0, 0, 0), Chocolate, pack: 100, price: 4.50),
        R("cocoa-nibs", "cocoa nibs", "cacao nibs", 0.55, Nutty, M(4, 50, 1, 13, 8, 24), Chocolate, pack: 100, price: 3.00),
        R(
            "chocolate-spread", "chocolate hazelnut spread", "hazelnut spread|chocolate spread|hazelnut chocolate spread", 1.22,
            0.82, M(1, 31, 56, 6, 1, 5), Chocolate, Hazelnut | Milk | Soya, from: Origin.OfAnimal, pack: 400, price: 2.60, source: P),
        R(
            "drinking-chocolate", "drinking chocolate", "hot chocolate powder|hot chocolate mix|sweetened cocoa powder", 0.55, 0.65,
            M(2, 5, 75, 6, 5, 7), Chocolate, Milk, pack: 300, price: 2.60, source: P),
    ];
}
