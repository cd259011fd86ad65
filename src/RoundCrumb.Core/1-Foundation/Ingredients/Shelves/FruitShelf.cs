using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Fruit, its juice and zest, fresh, tinned and dried. Pieces are weighed ready to use: peeled, stoned, hulled.</summary>
internal static class FruitShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "lemon-juice", "lemon juice", "juice of a lemon|fresh lemon juice|freshly squeezed lemon juice|bottled lemon juice", 1.03, Wet,
            M(91, 0.2, 2.5, 0.4, 0, 5.9), Fruit, juice: 1, each: 45, piece: "lemon|lemons", pack: 100, price: 0.35, partOf: "lemon"),
        R(
            "lemon-zest", "lemon zest", "lemon peel|lemon rind|grated lemon zest|grated lemon rind|zest of a lemon", 0.40, Wet,
            M(81, 0.3, 4, 1.5, 0, 13.2), Fruit, each: 6, piece: "lemon|lemons", partOf: "lemon"),
        R(
            "lemon", "lemons, whole", "lemon|lemons|unwaxed lemon", 0.60, Fruity, M(89, 0.3, 2.5, 1, 0, 7.2), Fruit, juice: 0.5,
            each: 100,
            piece: "lemon|lemons", pack: 400, price: 1.40),
        R(
            "lime-juice", "lime juice", "juice of a lime|fresh lime juice|key lime juice", 1.03, Wet, M(90.5, 0.1, 1.7, 0.4, 0, 7.3),
            Fruit, juice: 1, each: 30, piece: "lime|limes", pack: 70, price: 0.30, partOf: "lime"),
        R(
            "lime-zest", "lime zest", "lime peel|lime rind|grated lime zest", 0.40, Wet, M(81, 0.3, 3, 1.5, 0, 14.2), Fruit, each: 3,
            piece: "lime|limes", partOf: "lime"),
        R(
            "lime", "limes, whole", "lime|limes", 0.60, Fruity, M(88, 0.2, 1.7, 0.7, 0, 9.4), Fruit, juice: 0.45, each: 67,
            piece: "lime|limes", pack: 270, price: 1.20),
        R(
            "orange-juice", "orange juice", "fresh orange juice|juice of an orange", 1.04, Wet, M(88.5, 0.2, 8.4, 0.7, 0, 2.2), Fruit,
            juice: 0.6, each: 80, piece: "orange|oranges", pack: 1000, price: 1.80, partOf: "orange"),
        R(
            "orange-zest", "orange zest", "orange peel|orange rind|grated orange zest", 0.40, Wet, M(73, 0.2, 8, 1.5, 0, 17.3), Fruit,
            each: 8, piece: "orange|oranges", partOf: "orange"),
        R(
            "orange", "oranges, whole", "orange|oranges|orange segments", 0.65, Fruity,
            M(86.5, 0.1, 9, 0.9, 0, 3.5), Fruit, juice: 0.3, each: 160, piece: "orange|oranges", pack: 800, price: 1.80),
        R(
            "blood-orange-juice", "blood-orange juice", "blood orange juice", 1.04, Wet, M(88, 0.2, 8.6, 0.7, 0, 2.5), Fruit,
            juice: 0.7, each: 75, piece: "blood orange|blood oranges", pack: 750, price: 2.60),
        R(
            "grapefruit-juice", "grapefruit juice", "pink grapefruit juice|fresh grapefruit juice", 1.04, Wet,
            M(90, 0.1, 7.5, 0.5, 0, 1.9), Fruit, juice: 0.8, each: 180, piece: "grapefruit|grapefruits", pack: 1000, price: 2.00),
        R(
            "grapefruit-zest", "grapefruit zest", "grapefruit peel|grated grapefruit zest", 0.40, Wet, M(78, 0.3, 6, 1.3, 0, 14.4), Fruit,
            each: 10, piece: "grapefruit|grapefruits"),
        R("yuzu-juice", "yuzu juice", "yuzu", 1.03, Wet, M(91, 0.1, 2, 0.5, 0, 6.4), Fruit, juice: 1, pack: 100, price: 7.00),
        R(
            "apples", "apples",
            "apple|eating apples|dessert apples|tart apples|green apples|bramley-type apples", 0.55, Fruity,
            M(85.5, 0.2, 10.5, 0.3, 0.3, 3.2), Fruit, juice: 0.1, each: 140, piece: "apple|apples", pack: 900, price: 2.00),
        R(
            "apple-puree", "apple purée", "apple sauce|applesauce|apple puree|stewed apple|unsweetened applesauce", 1.05, Wet,
            M(88, 0.1, 9.5, 0.2, 0.2, 2), Fruit, juice: 0.2, pack: 360, price: 1.60),
        R(
            "pears", "pears", "pear|ripe pears|poached pears|conference-type pears|pear halves", 0.60, Fruity,
            M(84, 0.1, 10, 0.4, 0.2, 5.3), Fruit, each: 150, piece: "pear|pears", pack: 600, price: 1.80),
        R(
            "quinces", "quinces", "quince|poached quince", 0.60, Fruity, M(84, 0.1, 9, 0.4, 0, 6.5), Fruit, juice: 0.1, each: 180,
            piece: "quince|quinces"),
        R(
            "plums", "plums", "plum|ripe plums", 0.62, Fruity, M(87, 0.2, 9.5, 0.7, 0, 2.6), Fruit, juice: 0.15,
            each: 55, piece: "plum|plums", pack: 400, price: 1.50),
        R(
            "apricots", "apricots, fresh", "apricot|fresh apricots|apricots|apricot halves", 0.65, Fruity,
            M(86, 0.3, 9, 1.3, 0, 3.4), Fruit, juice: 0.12, each: 35, piece: "apricot|apricots", pack: 320, price: 2.20),
        R(
            "peaches", "peaches", "peach|ripe peaches|sliced peaches", 0.64, Fruity,
            M(88, 0.2, 8.5, 0.9, 0, 2.4), Fruit, juice: 0.1, each: 130, piece: "peach|peaches", pack: 500, price: 2.40),
        R(
            "cherries", "cherries, stoned", "cherry|pitted cherries|sweet cherries|stoned cherries|fresh cherries", 0.65, Fruity,
            M(82, 0.2, 13, 1.1, 0, 3.7), Fruit, juice: 0.1, each: 8, piece: "cherry|cherries", pack: 400, price: 3.50),
        R(
            "sour-cherries", "sour cherries, drained", "sour cherries|morello cherries|tart cherries|griottes", 0.68, Fruity,
            M(82, 0.2, 13, 0.9, 0, 3.9), Fruit, juice: 0.3, pack: 370, price: 2.60),
        R(
            "rhubarb", "rhubarb", "rhubarb stalks|forced rhubarb|pink rhubarb", 0.52, Fruity, M(93.5, 0.2, 1.1, 0.9, 0, 4.3), Fruit,
            juice: 0.4, each: 60, piece: "stalk|stalks", pack: 400, price: 2.20),
        R(
            "gooseberries", "gooseberries", "gooseberry|green gooseberries", 0.62, Fruity, M(88, 0.5, 6, 0.9, 0, 4.6), Fruit,
            juice: 0.4,
            pack: 300, price: 2.60, traits: Traits.Berries),
        R(
            "raspberries", "raspberries", "raspberry|fresh raspberries", 0.52, Fruity, M(86, 0.6, 4.5, 1.2, 0, 7.7),
            Fruit, juice: 0.25, each: 4, piece: "raspberry|raspberries", pack: 150, price: 2.00, traits: Traits.Berries),
        R(
            "strawberries", "strawberries", "strawberry|fresh strawberries|hulled strawberries", 0.60, Fruity, M(91, 0.3, 5, 0.7, 0, 3),
            Fruit, juice: 0.15, each: 14, piece: "strawberry|strawberries", pack: 400, price: 2.50, traits: Traits.Berries),
        R(
            "blackberries", "blackberries", "blackberry|brambles", 0.58, Fruity, M(88, 0.5, 5, 1.4, 0, 5.1),
            Fruit, juice: 0.2, each: 6, piece: "blackberry|blackberries", pack: 150, price: 2.00, traits: Traits.Berries),
        R(
            "blueberries", "blueberries", "blueberry", 0.60, Fruity,
            M(84, 0.3, 10, 0.7, 0, 5), Fruit, juice: 0.1, each: 1.5, piece: "blueberry|blueberries", pack: 200, price: 2.00,
            traits: Traits.Berries),
        R(
            "blackcurrants", "blackcurrants", "black currants|cassis berries", 0.58, Fruity,
            M(82, 0.4, 7, 1.3, 0, 9.3), Fruit, juice: 0.45, pack: 300, price: 2.80, traits: Traits.Berries),
        R(
            "redcurrants", "redcurrants", "red currants", 0.58, Fruity, M(84, 0.2, 7, 1.3, 0, 7.5), Fruit, juice: 0.4,
            pack: 150, price: 2.20, traits: Traits.Berries),
        R(
            "cranberries", "cranberries", "cranberry|fresh cranberries", 0.42, Fruity, M(87, 0.1, 4, 0.4, 0, 8.5),
            Fruit, juice: 0.4, pack: 300, price: 2.00, traits: Traits.Berries),
        R(
            "mixed-berries", "mixed berries", "summer berries|berries|mixed summer fruits|fruits of the forest|soft fruit",
            0.58, Fruity, M(87, 0.4, 6, 1, 0, 5.6), Fruit, juice: 0.25, pack: 350, price: 2.60, traits: Traits.Berries),
        R(
            "blackcurrant-puree", "blackcurrant purée, sieved", "blackcurrant puree|blackcurrant purée|cassis purée|blackcurrant pulp",
            1.05, Wet, M(82, 0.3, 8, 1.1, 0, 8.6), Fruit, juice: 1, pack: 1000, price: 11.00, traits: Traits.Berries),
        R(
            "raspberry-puree", "raspberry purée, sieved", "raspberry puree|raspberry purée|raspberry coulis|sieved raspberries", 1.05, Wet,
            M(87, 0.4, 6, 1.1, 0, 5.5), Fruit, juice: 0.8, pack: 1000, price: 10.00, traits: Traits.Berries),
        R(
            "fruit-puree", "fruit purée",
            "fruit puree|berry purée|fruit coulis",
            1.05, Wet, M(86, 0.2, 9, 0.8, 0, 4), Fruit, juice: 0.5, pack: 1000, price: 9.00),
        R(
            "mango-puree", "mango purée", "mango puree|mango pulp|tinned mango pulp", 1.08, Wet, M(81, 0.3, 15, 0.6, 0.5, 2.6), Fruit,
            juice: 0.2, pack: 850, price: 2.80),
        R(
            "passion-fruit", "passion-fruit pulp",
            "passion fruit|passionfruit|passion fruits|passion fruit juice|passion fruit pulp|passionfruit pulp", 1.05, Wet,
            M(75, 0.6, 10, 2, 0.5, 11.9), Fruit, juice: 0.9, each: 18, piece: "passion fruit|passion fruits", pack: 90, price: 2.00),
        R(
            "bananas", "bananas", "banana|ripe bananas", 0.62, Fruity, M(75, 0.3, 14, 1.1, 6, 3.6), Fruit, each: 118,
            piece: "banana|bananas", pack: 600, price: 0.90),
        R(
            "mango", "mango, fresh", "mangoes|mangos|mango|ripe mango", 0.68, Fruity, M(83, 0.4, 13.5, 0.8, 0.3, 2), Fruit, protease: true,
            each: 200, piece: "mango|mangoes", pack: 200, price: 1.00),
        R(
            "pineapple", "pineapple, fresh", "fresh pineapple|pineapple|pineapple chunks, fresh", 0.70, Fruity,
            M(86, 0.1, 10, 0.5, 0, 3.4), Fruit, juice: 0.15, protease: true, each: 700, piece: "pineapple|pineapples", pack: 700,
            price: 1.80),
        R(
            "tinned-pineapple", "pineapple, tinned",
            "canned pineapple|tinned pineapple|crushed pineapple|canned crushed pineapple|pineapple in juice", 0.95, Fruity,
            M(83.5, 0.1, 14, 0.4, 0, 2), Fruit, juice: 0.15, boughtAs: "435 g tin", pack: 435, price: 1.10,
            traits: Traits.InLiquid),
        R(
            "kiwi", "kiwi fruit", "kiwi|kiwis|kiwifruit|kiwi fruits", 0.70, Fruity, M(83.5, 0.5, 9, 1.1, 0, 5.9), Fruit, juice: 0.2,
            protease: true, each: 75, piece: "kiwi|kiwis", pack: 400, price: 1.60),
        R(
            "papaya", "papaya", "pawpaw|papayas", 0.62, Fruity, M(88, 0.3, 8, 0.5, 0, 3.2), Fruit, protease: true, each: 300,
            piece: "papaya|papayas", pack: 300, price: 2.00),
        R(
            "figs", "figs, fresh", "fig|fresh figs|figs|ripe figs", 0.63, Fruity, M(79, 0.3, 16, 0.8, 0, 3.9), Fruit, protease: true,
            each: 45, piece: "fig|figs", pack: 180, price: 2.00),
        R(
            "grapes", "grapes", "seedless grapes|grape", 0.62, Fruity, M(81, 0.2, 16, 0.7, 0, 2.1), Fruit, each: 5,
            piece: "grape|grapes",
            pack: 500, price: 2.20),
        R(
            "pomegranate", "pomegranate seeds", "pomegranate|pomegranate arils", 0.72, Fruity, M(78, 1.2, 14, 1.7, 0, 5.1), Fruit,
            juice: 0.1, pack: 80, price: 1.60),
        R(
            "pumpkin-puree", "pumpkin purée",
            "pumpkin puree|canned pumpkin|tinned pumpkin|pumpkin", 1.03, Wet,
            M(90, 0.3, 3.5, 1.1, 2, 3.1), Fruit, sets: 0.02, boughtAs: "425 g tin", pack: 425, price: 1.80),
        R(
            "sweet-potato", "sweet potato, mashed", "sweet potatoes|sweet potato|mashed sweet potato|sweet potato purée", 1.05, Wet,
            M(77, 0.1, 6, 1.6, 12, 3.3), Fruit, sets: 0.1, pack: 1000, price: 1.20),
        R(
            "raisins", "raisins", "seedless raisins|golden raisins|raisin", 0.62, 0.72, M(16, 0.5, 66, 3, 3, 11.5), Fruit, Sulphites,
            pack: 500, price: 1.70),
        R(
            "sultanas", "sultanas", "sultana|golden sultanas", 0.62, 0.72, M(16, 0.4, 69, 2.7, 2, 9.9), Fruit, Sulphites, pack: 500,
            price: 1.70),
        R(
            "currants", "currants, dried", "currants|zante currants|dried currants", 0.60, 0.72, M(17, 0.4, 67, 3, 2, 10.6), Fruit,
            pack: 375, price: 1.50, traits: Traits.Berries),
        R(
            "dried-apricots", "dried apricots", "ready-to-eat apricots|soft dried apricots", 0.65, 0.75, M(31, 0.5, 45, 3.4, 2, 18.1),
            Fruit, Sulphites, each: 8, piece: "apricot|apricots", pack: 250, price: 2.20),
        R(
            "dates", "dates, stoned", "date|dates|pitted dates|medjool-type dates|stoned dates|chopped dates", 0.68, 0.75,
            M(21, 0.3, 65, 2, 1, 10.7), Fruit, each: 16, piece: "date|dates", pack: 200, price: 1.60),
        R(
            "prunes", "prunes", "prune|pitted prunes|ready-to-eat prunes", 0.68, 0.75, M(31, 0.4, 42, 2.4, 3, 21.2), Fruit, each: 9,
            piece: "prune|prunes", pack: 250, price: 1.60),
        R(
            "dried-cranberries", "dried cranberries", "sweetened dried cranberries", 0.50, 0.72,
            M(15, 1, 70, 0.2, 2, 11.8), Fruit, pack: 150, price: 1.60, traits: Traits.Berries),
        R(
            "candied-peel", "candied peel", "mixed peel|candied orange peel|candied orange|chopped mixed peel|candied lemon peel", 0.70,
            0.70, M(20, 0.5, 68, 0.3, 1, 10.2), Fruit, Sulphites, pack: 200, price: 1.20),
        R(
            "glace-cherries", "glacé cherries (candied)",
            "glace cherries|candied cherries|glacé cherries|maraschino cherries|cocktail cherries", 0.75, 0.70,
            M(23, 0.1, 72, 0.4, 0, 4.5), Fruit, Sulphites, each: 5, piece: "cherry|cherries", pack: 200, price: 1.70),
        R(
            "stem-ginger", "stem ginger in syrup", "stem ginger|preserved ginger|crystallised ginger|candied ginger|crystallized ginger",
            0.80, 0.72, M(28, 0.3, 68, 0.3, 1, 2.4), Fruit, each: 17, piece: "ball|balls", pack: 350, price: 3.00),
        R(
            "fresh-ginger", "ginger, fresh", "fresh ginger|root ginger|ginger root|grated ginger|fresh root ginger", 0.60, Fruity,
            M(79, 0.8, 1.7, 1.8, 14, 2.7), Fruit, protease: true, pack: 100, price: 0.50),
        R(
            "fruit-in-syrup", "fruit in syrup, drained", "tinned fruit|canned fruit|fruit cocktail|poached fruit", 0.70, Fruity,
            M(82, 0.1, 15, 0.4, 0, 2.5), Fruit, pack: 410, price: 1.20),
    ];
}
