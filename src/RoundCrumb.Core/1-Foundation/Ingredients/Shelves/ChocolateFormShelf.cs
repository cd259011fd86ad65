using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Chocolate by its share of cocoa and by its form, and sauces of it.</summary>
internal static class ChocolateFormShelf
{
    private const SourceKind P = SourceKind.Packets;
    private const double Melted = 0.79;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "dark-chocolate-60", "dark chocolate, 60 %",
            "60% chocolate|60% dark chocolate|58% dark chocolate|62% dark chocolate|64% dark chocolate|66% dark chocolate|"
                + "dark chocolate 60%|60% cocoa chocolate|60% bittersweet chocolate", 0.70, Melted, M(1, 37, 38, 7, 4.5, 12.5),
            Chocolate, has: Soya, pack: 200, price: 2.80, source: P, traits: Traits.DarkChocolate),
        R(
            "dark-chocolate-85", "dark chocolate, 85 %",
            "85% chocolate|85% dark chocolate|80% dark chocolate|90% dark chocolate|dark chocolate 85%|85% cocoa chocolate|"
                + "dark chocolate 80%", 0.70, Melted, M(1, 48, 14, 10, 6, 21), Chocolate, has: Soya, pack: 100, price: 2.20, source: P,
            traits: Traits.DarkChocolate),
        R(
            "couverture", "dark couverture", "couverture chocolate|dark couverture chocolate|couverture|chocolate couverture", 0.70,
            Melted, M(1, 38, 44, 6, 3, 8), Chocolate, has: Soya, pack: 400, price: 7.00, source: P, traits: Traits.DarkChocolate),
        R(
            "milk-chocolate-chips", "milk chocolate chips", "milk chocolate drops|milk chocolate chunks|milk chocolate morsels", 0.72,
            Melted, M(1, 29, 58, 7, 1.5, 3.5), Chocolate, has: Milk | Soya, from: Origin.OfAnimal, pack: 100, price: 1.30, source: P,
            traits: Traits.PaleChocolate),
        R(
            "white-chocolate-chips", "white chocolate chips",
            "white chocolate drops|white chocolate chunks|white baking chips|vanilla chips", 0.72, Melted, M(1, 30, 61, 6, 0, 2),
            Chocolate, has: Milk | Soya, from: Origin.OfAnimal, pack: 100, price: 1.40, source: P, traits: Traits.PaleChocolate),
        R(
            "blond-chocolate", "caramelised white chocolate",
            "blond chocolate|blonde chocolate|caramel chocolate|gold chocolate|toasted white chocolate", 0.70, Melted,
            M(1, 34, 55, 7, 0, 3), Chocolate, has: Milk | Soya, from: Origin.OfAnimal, pack: 200, price: 4.00, source: P,
            traits: Traits.PaleChocolate),
        R(
            "ruby-chocolate", "ruby chocolate", "pink chocolate", 0.70, Melted, M(1, 36, 51, 8, 0, 4), Chocolate, has: Milk | Soya,
            from: Origin.OfAnimal, pack: 200, price: 4.00, source: P, traits: Traits.PaleChocolate),
        R(
            "compound-chocolate", "chocolate-flavoured coating",
            "compound chocolate|candy melts|chocolate coating|cooking chocolate|chocolate-flavoured cake covering", 0.70,
            Melted, M(1, 32, 56, 4, 2, 5), Chocolate, has: Milk | Soya, pack: 200, price: 1.40, source: P),
        R(
            "chocolate-curls", "chocolate curls", "chocolate shavings|chocolate flakes|grated chocolate|chocolate strands", 0.30, Melted,
            M(1, 31, 52, 6, 3, 7), Chocolate, has: Milk | Soya, pack: 80, price: 2.00, source: P),
        R(
            "chocolate-vermicelli", "chocolate vermicelli", "chocolate sprinkles|chocolate jimmies|chocolate strands, sugar", 0.80, 0.70,
            M(1, 14, 68, 3, 8, 6), Chocolate, has: Milk | Soya, pack: 80, price: 1.30, source: P),
        R(
            "chocolate-syrup", "chocolate syrup", "chocolate sauce|hot fudge sauce|fudge sauce|chocolate fudge sauce", 1.28, 0.80,
            M(32, 6, 52, 3, 3, 4), Chocolate, has: Milk, pack: 300, price: 2.20, source: P),
        R(
            "milk-cocoa-spread", "milk chocolate spread", "white chocolate spread", 1.18, 0.84, M(1, 36, 50, 4, 6, 3), Chocolate,
            has: Milk | Soya | Wheat, from: Origin.OfAnimal, pack: 400, price: 2.60, source: P),
        R(
            "biscuit-spread", "caramelised biscuit spread", "biscuit spread|speculoos spread|cookie butter|caramelised biscuit paste",
            1.10, 0.95, M(1, 38, 37, 3, 19, 2), Chocolate, has: Wheat | Soya, pack: 400, price: 2.80, source: P),
        R(
            "gianduja", "hazelnut chocolate", "gianduja|gianduia|hazelnut milk chocolate", 0.70, Melted, M(1, 37, 48, 8, 1, 5),
            Chocolate, has: Hazelnut | Milk | Soya, from: Origin.OfAnimal, pack: 200, price: 4.00, source: P,
            traits: Traits.PaleChocolate),
        R(
            "raw-cacao", "raw cacao powder", "cacao powder|raw cocoa powder", 0.38, Meal, M(4, 14, 2, 24, 15, 41), Chocolate, sets: 0.35,
            pack: 200, price: 4.00),
        R(
            "black-cocoa", "black cocoa powder", "black cocoa|dark dutched cocoa", 0.36, Meal, M(4, 11, 1.5, 23, 15, 45.5), Chocolate,
            sets: 0.35, pack: 200, price: 5.00),
        R(
            "mint-chocolate", "mint chocolate", "after-dinner mints|mint crisp chocolate|orange chocolate|orange-flavoured chocolate",
            0.70, Melted, M(2, 24, 64, 3, 2, 5), Chocolate, has: Milk | Soya, pack: 200, price: 2.20, source: P),
        R(
            "peanut-butter-cups", "peanut butter cups", "chocolate peanut butter cups|mini peanut butter cups", 0.70, 0.85,
            M(2, 31, 47, 10, 4, 6), Chocolate, has: Peanut | Milk | Soya, from: Origin.OfAnimal, each: 17, piece: "cup|cups", pack: 150,
            price: 2.40, source: P),
        R(
            "coated-chocolates", "sugar-coated chocolates",
            "mini chocolate eggs|chocolate eggs|sugar-coated chocolate eggs|chocolate buttons", 0.75, 0.75, M(1, 22, 68, 5, 2, 2),
            Chocolate, has: Milk | Soya, from: Origin.OfAnimal, each: 3, piece: "egg|eggs", pack: 80, price: 1.50, source: P),
        R(
            "malted-milk-balls", "malted milk balls", "chocolate malt balls|malt balls", 0.40, 0.75, M(2, 23, 62, 7, 3, 3), Chocolate,
            has: Milk | Wheat | Barley | Soya, from: Origin.OfAnimal, pack: 120, price: 1.60, source: P),
        R(
            "chocolate-honeycomb", "chocolate-coated honeycomb", "chocolate honeycomb|honeycomb bars|chocolate honeycomb bar", 0.50,
            0.72, M(1, 16, 77, 3, 1, 2), Chocolate, has: Milk | Soya, from: Origin.OfAnimal, each: 40, piece: "bar|bars", pack: 160,
            price: 1.80, source: P),
    ];
}
