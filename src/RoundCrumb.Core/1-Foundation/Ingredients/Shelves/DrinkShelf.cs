using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Water, tea, coffee, juice and spirits. Alcohol is given by mass: 40 % by volume is about 33 % by mass.</summary>
internal static class DrinkShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "water", "water", "cold water|iced water|ice water|ice-cold water|boiling water|hot water|warm water|ice cold water", 1.00,
            Wet, M(100, 0, 0, 0, 0, 0), Drinks, from: Origin.Mineral, traits: Traits.PlainWater),
        R(
            "coffee", "brewed coffee", "coffee|strong coffee|espresso|black coffee|hot coffee|cold coffee|strong black coffee", 1.00, Wet,
            M(98.5, 0, 0, 0.2, 0, 1.3), Drinks, traits: Traits.Coffee),
        R(
            "instant-coffee", "instant coffee",
            "instant coffee granules|coffee granules|espresso powder|instant espresso powder|instant espresso|coffee powder|"
                + "instant coffee powder",
            0.25, Sweet, M(3, 0.3, 6, 13, 0, 77.7), Drinks, pack: 100, price: 3.00, traits: Traits.Coffee),
        R(
            "ground-coffee", "ground coffee", "coffee beans|ground espresso|whole coffee beans|coffee grounds", 0.40, 0,
            M(3, 15, 0.5, 14, 0, 67.5), Drinks, pack: 227, price: 4.00),
        R(
            "bergamot-tea", "black tea with bergamot, loose", "bergamot tea|bergamot tea leaves|bergamot black tea|tea with bergamot",
            0.40, 0, M(6, 2, 0, 20, 5, 67), Drinks, each: 2, piece: "tea bag|tea bags", pieceIsPack: true, pack: 125, price: 3.20),
        R(
            "tea-leaves", "black tea, loose", "tea bags|black tea bags|tea leaves|black tea|tea|loose tea|breakfast tea", 0.40, 0,
            M(6, 2, 0, 20, 5, 67),
            Drinks, each: 2, piece: "tea bag|tea bags", pieceIsPack: true, pack: 125, price: 2.60),
        R("matcha", "matcha", "matcha powder|green tea powder", 0.45, Meal, M(5, 5, 1, 30, 5, 54), Drinks, pack: 30, price: 6.00),
        R(
            "rum", "rum", "dark rum|golden rum", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33, pack: 665,
            price: 16.00),
        R(
            "brandy", "brandy", "cognac", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks,
            alcohol: 33, pack: 665, price: 17.00),
        R(
            "whisky", "whisky (whiskey)", "whiskey|bourbon|scotch|irish whiskey|bourbon whiskey", 0.95, 1.04, M(67, 0, 0, 0, 0, 33),
            Drinks, alcohol: 33, pack: 665, price: 18.00),
        R(
            "vodka", "vodka", "neutral spirit", 0.95, 1.04, M(68, 0, 0, 0, 0, 32), Drinks, alcohol: 32, pack: 665, price: 14.00,
            traits: Traits.RelaxesDough),
        R(
            "orange-liqueur", "orange liqueur", "triple sec|curaçao|curacao|orange brandy|orange-flavoured liqueur", 1.04, 0.95,
            M(41, 0, 27, 0, 0, 32), Drinks, alcohol: 31, pack: 728, price: 18.00),
        R(
            "coffee-liqueur", "coffee liqueur", "coffee-flavoured liqueur", 1.14, 0.90, M(42, 0, 39, 0.1, 0, 18.9), Drinks, alcohol: 17,
            pack: 798, price: 17.00),
        R(
            "almond-liqueur", "almond liqueur", "amaretto|amaretto liqueur", 1.10, 0.92, M(41, 0, 36, 0, 0, 23), Drinks,
            may: Almond, alcohol: 22,
            pack: 770, price: 15.00),
        R(
            "cream-liqueur", "cream liqueur", "irish cream|irish cream liqueur|whiskey cream", 1.05, 0.95, M(49, 14, 21, 3, 0, 13), Drinks,
            Milk, alcohol: 13, from: Origin.OfAnimal, pack: 735, price: 14.00),
        R(
            "fruit-liqueur", "fruit liqueur",
            "",
            1.10, 0.90, M(48, 0, 35, 0.1, 0, 16.9), Drinks, alcohol: 15, pack: 550, price: 13.00),
        R(
            "sweet-wine", "sweet fortified wine", "sherry|sweet sherry|madeira|sweet wine", 1.03, 0.98,
            M(74, 0, 10, 0.1, 0, 15.9), Drinks, Sulphites, alcohol: 14, pack: 770, price: 11.00),
        R(
            "wine", "wine", "rosé wine", 0.99, 1.00,
            M(87, 0, 1, 0.1, 0, 11.9), Drinks, Sulphites, juice: 0.2, alcohol: 10, pack: 743, price: 7.00),
        R(
            "cider", "cider (hard)", "hard cider|dry cider", 1.00, Wet, M(92, 0, 3, 0, 0, 5), Drinks, Sulphites,
            juice: 0.15, alcohol: 4,
            pack: 500, price: 2.00),
        R(
            "stout", "stout", "dark beer|beer|ale|porter|brown ale", 1.01, Wet, M(92, 0, 2, 0.4, 1.6, 4), Drinks, Barley, alcohol: 3.5,
            pack: 500, price: 2.00),
        R(
            "apple-juice", "apple juice", "cloudy apple juice|apple cider|sweet cider|pressed apple juice", 1.04, Wet,
            M(88, 0.1, 10.5, 0.1, 0, 1.3), Drinks, juice: 0.2, pack: 1000, price: 1.60),
        R(
            "pineapple-juice", "pineapple juice", "tinned pineapple juice", 1.05, Wet, M(86.5, 0.1, 11, 0.3, 0, 2.1), Drinks,
            juice: 0.3,
            pack: 1000, price: 1.60),
        R(
            "cranberry-juice", "cranberry juice", "", 1.05, Wet,
            M(87, 0.1, 11, 0.2, 0, 1.7), Drinks, juice: 0.4, pack: 1000, price: 2.00, traits: Traits.Berries),
        R(
            "elderflower-cordial", "elderflower cordial",
            "cordial|fruit cordial|elderflower syrup",
            1.20, 0.80, M(48, 0, 50, 0, 0, 2), Drinks, juice: 0.1, pack: 500, price: 3.00, source: SourceKind.Packets),
    ];
}
