using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Fruit from the freezer, the tin and the jar. What is frozen gives up more of its juice than fresh fruit.</summary>
internal static class FrozenAndTinnedFruitShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "frozen-raspberries", "raspberries, frozen", "frozen raspberries", 0.55, Fruity, M(86, 0.6, 4.5, 1.2, 0, 7.7), Fruit,
            juice: 0.25, each: 4, piece: "raspberry|raspberries", pack: 400, price: 3.00,
            traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-strawberries", "strawberries, frozen", "frozen strawberries", 0.60, Fruity, M(91, 0.3, 5, 0.7, 0, 3), Fruit,
            juice: 0.15, each: 14, piece: "strawberry|strawberries", pack: 400, price: 2.60,
            traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-blackberries", "blackberries, frozen", "frozen blackberries|frozen brambles", 0.58, Fruity,
            M(88, 0.5, 5, 1.4, 0, 5.1), Fruit, juice: 0.2, each: 6, piece: "blackberry|blackberries", pack: 400, price: 2.80,
            traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-blueberries", "blueberries, frozen", "frozen blueberries|frozen wild blueberries", 0.62, Fruity,
            M(84, 0.3, 10, 0.7, 0, 5), Fruit, juice: 0.1, each: 1.5, piece: "blueberry|blueberries", pack: 400, price: 2.80,
            traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-blackcurrants", "blackcurrants, frozen", "frozen blackcurrants", 0.58, Fruity, M(82, 0.4, 7, 1.3, 0, 9.3), Fruit,
            juice: 0.45, pack: 400, price: 2.80, traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-cranberries", "cranberries, frozen", "frozen cranberries", 0.44, Fruity, M(87, 0.1, 4, 0.4, 0, 8.5), Fruit,
            juice: 0.4, pack: 400, price: 2.20, traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-berries", "mixed berries, frozen",
            "frozen berries|frozen mixed berries|frozen summer fruits|frozen fruits of the forest|frozen summer berries|"
                + "frozen forest fruits", 0.58, Fruity, M(87, 0.4, 6, 1, 0, 5.6), Fruit, juice: 0.25, pack: 500, price: 2.60,
            traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-cherries", "cherries, frozen",
            "frozen cherries|frozen dark sweet cherries|frozen stoned cherries|frozen pitted cherries", 0.65, Fruity,
            M(82, 0.2, 13, 1.1, 0, 3.7), Fruit, juice: 0.1, each: 7, piece: "cherry|cherries", pack: 450, price: 3.00,
            traits: Traits.GivesMuchJuice),
        R(
            "frozen-sour-cherries", "sour cherries, frozen", "frozen sour cherries|frozen tart cherries|frozen morello cherries", 0.65,
            Fruity, M(85, 0.3, 9, 1, 0, 4.7), Fruit, juice: 0.3, each: 5, piece: "cherry|cherries", pack: 450, price: 3.60,
            traits: Traits.GivesMuchJuice),
        R(
            "frozen-rhubarb", "rhubarb, frozen", "frozen rhubarb", 0.54, Fruity, M(93.5, 0.2, 1.1, 0.9, 0, 4.3), Fruit, juice: 0.4,
            pack: 450, price: 2.40, traits: Traits.GivesMuchJuice),
        R(
            "frozen-gooseberries", "gooseberries, frozen", "frozen gooseberries", 0.62, Fruity, M(88, 0.5, 6, 0.9, 0, 4.6), Fruit,
            juice: 0.4, pack: 400, price: 2.80, traits: Traits.Berries | Traits.GivesMuchJuice),
        R(
            "frozen-peaches", "peaches, frozen", "frozen peaches|frozen sliced peaches|frozen nectarines", 0.64, Fruity,
            M(88, 0.2, 8.5, 0.9, 0, 2.4), Fruit, juice: 0.1, pack: 450, price: 3.00, traits: Traits.GivesMuchJuice),
        R(
            "frozen-mango", "mango, frozen", "frozen mango|frozen mango chunks", 0.68, Fruity, M(83, 0.4, 13.5, 0.8, 0.3, 2), Fruit,
            protease: true, pack: 450, price: 2.60, traits: Traits.GivesMuchJuice),
        R(
            "frozen-pineapple", "pineapple, frozen", "frozen pineapple|frozen pineapple chunks", 0.70, Fruity,
            M(86, 0.1, 10, 0.5, 0, 3.4), Fruit, juice: 0.15, protease: true, pack: 450, price: 2.60, traits: Traits.GivesMuchJuice),
        R(
            "frozen-plums", "plums, frozen", "frozen plums|frozen damsons", 0.62, Fruity, M(87, 0.2, 9.5, 0.7, 0, 2.6), Fruit,
            juice: 0.15, pack: 450, price: 2.60, traits: Traits.GivesMuchJuice),
        R(
            "tinned-peaches", "peaches, tinned (canned)",
            "tinned peaches|canned peaches|peach slices in juice|peaches in juice|peaches in syrup|peach slices in syrup|"
                + "tinned peach slices", 0.95, Fruity, M(84, 0.1, 13, 0.5, 0, 2.4), Fruit, juice: 0.08, boughtAs: "410 g tin",
            pack: 410, price: 1.10, traits: Traits.InLiquid),
        R(
            "tinned-pears", "pears, tinned (canned)",
            "tinned pears|canned pears|pear halves in juice|pears in juice|pears in syrup|pear halves in syrup|tinned pear halves", 0.95,
            Fruity, M(84, 0.1, 13, 0.3, 0, 2.6), Fruit, boughtAs: "410 g tin", pack: 410, price: 1.10,
            traits: Traits.InLiquid),
        R(
            "tinned-apricots", "apricots, tinned (canned)",
            "tinned apricots|canned apricots|apricot halves in juice|apricots in syrup|apricot halves in syrup|"
                + "tinned apricot halves", 0.95, Fruity, M(83, 0.1, 14, 0.5, 0, 2.4), Fruit, juice: 0.1, boughtAs: "410 g tin",
            pack: 410, price: 1.20, traits: Traits.InLiquid),
        R(
            "tinned-cherries", "cherries, tinned (canned)",
            "tinned cherries|canned cherries|black cherries in syrup|tinned black cherries|cherries in syrup|jarred cherries", 0.95,
            Fruity, M(82, 0.1, 15, 0.7, 0, 2.2), Fruit, juice: 0.1, boughtAs: "425 g tin", pack: 425, price: 2.00,
            traits: Traits.InLiquid),
        R(
            "tinned-sour-cherries", "sour cherries in a jar",
            "jarred sour cherries|morello cherries in syrup|jarred morello cherries|sour cherries in syrup|"
                + "sour cherries in juice|tinned sour cherries|canned tart cherries|canned sour cherries", 0.95, Fruity,
            M(83, 0.1, 14, 0.7, 0, 2.2), Fruit, juice: 0.25, boughtAs: "680 g jar", pack: 680, price: 2.60,
            traits: Traits.InLiquid),
        R(
            "tinned-plums", "plums, tinned (canned)", "tinned plums|canned plums|plums in syrup|plums in juice", 0.95, Fruity,
            M(82, 0.1, 15, 0.4, 0, 2.5), Fruit, juice: 0.1, boughtAs: "550 g tin", pack: 550, price: 1.60,
            traits: Traits.InLiquid),
        R(
            "tinned-gooseberries", "gooseberries, tinned (canned)", "tinned gooseberries|canned gooseberries|gooseberries in syrup",
            0.95, Fruity, M(80, 0.2, 16, 0.6, 0, 3.2), Fruit, juice: 0.25, boughtAs: "300 g tin", pack: 300,
            price: 1.80, traits: Traits.InLiquid | Traits.Berries),
        R(
            "tinned-rhubarb", "rhubarb, tinned (canned)", "tinned rhubarb|canned rhubarb|rhubarb in syrup", 0.95, Fruity,
            M(87, 0.1, 9, 0.4, 0, 3.5), Fruit, juice: 0.25, boughtAs: "540 g tin", pack: 540, price: 1.60,
            traits: Traits.InLiquid),
        R(
            "tinned-mandarins", "mandarins, tinned (canned)",
            "tinned mandarins|canned mandarins|mandarin segments|mandarin oranges|canned mandarin oranges|"
                + "tinned mandarin segments", 0.95, Fruity, M(85, 0.1, 12.5, 0.5, 0, 1.9), Fruit, juice: 0.2,
            boughtAs: "300 g tin", pack: 300, price: 0.90, traits: Traits.InLiquid),
        R(
            "tinned-mango", "mango, tinned (canned)", "tinned mango|canned mango|mango slices in syrup|mango in syrup", 0.95, Fruity,
            M(80, 0.1, 17, 0.3, 0, 2.6), Fruit, boughtAs: "425 g tin", pack: 425, price: 1.40,
            traits: Traits.InLiquid),
        R(
            "tinned-lychees", "lychees, tinned (canned)", "tinned lychees|canned lychees|lychees in syrup", 0.95, Fruity,
            M(80, 0.1, 18, 0.4, 0, 1.5), Fruit, boughtAs: "425 g tin", pack: 425, price: 1.80,
            traits: Traits.InLiquid),
        R(
            "tinned-strawberries", "strawberries, tinned (canned)", "tinned strawberries|canned strawberries|strawberries in juice",
            0.95, Fruity, M(82, 0.1, 15, 0.5, 0, 2.4), Fruit, juice: 0.1, boughtAs: "410 g tin", pack: 410,
            price: 1.60, traits: Traits.InLiquid | Traits.Berries),
        R(
            "tinned-raspberries", "raspberries, tinned (canned)", "tinned raspberries|canned raspberries|raspberries in juice", 0.95,
            Fruity, M(82, 0.1, 15, 0.6, 0, 2.3), Fruit, juice: 0.15, boughtAs: "300 g tin", pack: 300, price: 2.00,
            traits: Traits.InLiquid | Traits.Berries),
        R(
            "tinned-figs", "figs in syrup", "tinned figs|canned figs|green figs in syrup", 0.95, Fruity, M(76, 0.1, 20, 0.4, 0, 3.5),
            Fruit, boughtAs: "410 g tin", pack: 410, price: 2.40, traits: Traits.InLiquid),
        R(
            "tinned-prunes", "prunes in juice", "tinned prunes|prunes in syrup|canned prunes", 0.95, Fruity, M(70, 0.2, 23, 0.8, 0, 6),
            Fruit, boughtAs: "410 g tin", pack: 410, price: 1.40, traits: Traits.InLiquid),
        R(
            "tinned-papaya", "papaya, tinned (canned)", "tinned papaya|canned papaya|papaya in syrup", 0.95, Fruity,
            M(80, 0.1, 17, 0.2, 0, 2.7), Fruit, boughtAs: "425 g tin", pack: 425, price: 1.80,
            traits: Traits.InLiquid),
        R(
            "tinned-apples", "apple slices, tinned (pie apples)",
            "tinned apples|canned apples|pie apples|tinned pie apple|canned apple slices", 0.95, Fruity, M(87, 0.1, 10, 0.2, 0.2, 2.5),
            Fruit, juice: 0.08, boughtAs: "385 g tin", pack: 385, price: 1.40),
        R(
            "cherry-pie-filling", "cherry pie filling, tinned", "cherry pie filling|canned cherry pie filling|black cherry filling",
            1.08, 0.90, M(72, 0.1, 22, 0.4, 4, 1.5), Fruit, sets: 0.04, juice: 0.05, boughtAs: "400 g tin", pack: 400,
            price: 1.80, source: SourceKind.Packets),
        R(
            "apple-pie-filling", "apple pie filling, tinned", "apple pie filling|canned apple pie filling", 1.08, 0.90,
            M(74, 0.1, 20, 0.2, 4, 1.7), Fruit, sets: 0.04, juice: 0.03, boughtAs: "400 g tin", pack: 400,
            price: 1.60, source: SourceKind.Packets),
        R(
            "blueberry-pie-filling", "blueberry pie filling, tinned", "blueberry pie filling|canned blueberry pie filling", 1.08, 0.90,
            M(71, 0.2, 22, 0.3, 4.5, 2), Fruit, sets: 0.045, juice: 0.03, boughtAs: "400 g tin", pack: 400,
            price: 2.20, source: SourceKind.Packets, traits: Traits.Berries),
    ];
}
