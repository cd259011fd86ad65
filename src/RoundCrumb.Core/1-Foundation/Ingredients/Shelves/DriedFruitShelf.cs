using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Dried and freeze-dried fruit.</summary>
internal static class DriedFruitShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "dried-figs", "dried figs", "ready-to-eat figs|soft dried figs", 0.65, 0.75, M(30, 1, 48, 3.3, 5, 12.7), Fruit, each: 20,
            piece: "fig|figs", pack: 250, price: 2.40),
        R(
            "dried-apples", "dried apples", "apple rings|dried apple rings", 0.36, 0.75, M(32, 0.3, 57, 0.9, 0, 9.8), Fruit,
            has: Sulphites, pack: 125, price: 1.80),
        R(
            "dried-pears", "dried pears", "dried pear halves", 0.60, 0.75, M(27, 0.6, 62, 1.9, 0, 8.5), Fruit, has: Sulphites, each: 18,
            piece: "half|halves", pack: 250, price: 3.00),
        R(
            "dried-peaches", "dried peaches", "dried nectarines", 0.60, 0.75, M(32, 0.8, 42, 3.6, 0, 21.6), Fruit, has: Sulphites,
            each: 13, piece: "half|halves", pack: 250, price: 3.40),
        R(
            "dried-mango", "dried mango", "dried mango slices|soft dried mango", 0.55, 0.75, M(17, 1.2, 66, 2.5, 0, 13.3), Fruit,
            has: Sulphites, pack: 100, price: 2.20),
        R(
            "dried-pineapple", "dried pineapple", "candied pineapple|crystallised pineapple|glacé pineapple", 0.60, 0.72,
            M(18, 0.2, 72, 0.5, 0, 9.3), Fruit, has: Sulphites, pack: 150, price: 2.20),
        R(
            "banana-chips", "banana chips", "dried banana", 0.35, 0.80, M(4, 33, 35, 2.3, 15, 10.7), Fruit, pack: 150, price: 1.30),
        R(
            "dried-cherries", "dried cherries", "dried sour cherries|dried sweet cherries|dried morello cherries|dried tart cherries",
            0.55, 0.72, M(16, 0.5, 68, 1.5, 2, 12), Fruit, pack: 100, price: 2.60),
        R(
            "dried-blueberries", "dried blueberries", "sweetened dried blueberries", 0.55, 0.72, M(14, 1.5, 70, 1, 2, 11.5), Fruit,
            pack: 100, price: 3.00, traits: Traits.Berries),
        R(
            "mixed-dried-fruit", "mixed dried fruit", "dried mixed fruit|mixed fruit, dried|cake fruit|dried fruit|vine fruit", 0.62,
            0.72, M(18, 0.4, 66, 2.5, 2, 11.1), Fruit, has: Sulphites, pack: 500, price: 1.80),
        R(
            "goji-berries", "goji berries", "barberries|dried goji berries", 0.50, 0.75, M(10, 1.5, 46, 13, 4, 25.5), Fruit, pack: 100,
            price: 3.00, traits: Traits.Berries),
        R(
            "freeze-dried-raspberries", "freeze-dried raspberries",
            "freeze-dried raspberry pieces|freeze-dried raspberry powder|raspberry powder", 0.15, 0.66, M(3, 2.5, 36, 9, 0, 49.5), Fruit,
            juice: 1, pack: 20, price: 3.20, traits: Traits.Berries),
        R(
            "freeze-dried-strawberries", "freeze-dried strawberries",
            "freeze-dried strawberry pieces|strawberry powder|freeze-dried strawberry powder", 0.12, 0.66, M(3, 2, 55, 7, 0, 33), Fruit,
            juice: 0.8, pack: 20, price: 3.20, traits: Traits.Berries),
        R(
            "prune-puree", "prune purée", "prune paste|date paste|date purée|dried fruit purée", 1.20, 0.78,
            M(45, 0.3, 38, 1.8, 2, 12.9), Fruit, pack: 250, price: 3.00),
    ];
}
