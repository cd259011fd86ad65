using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>More sorts of fresh fruit, and fruit as purée or pulp. Pieces are weighed ready to use: peeled, stoned, hulled.</summary>
internal static class FruitSortShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "nectarines", "nectarines", "ripe nectarines", 0.64, Fruity, M(88, 0.2, 8.5, 1, 0, 2.3), Fruit, juice: 0.1, each: 125,
            piece: "nectarine|nectarines", pack: 500, price: 2.20),
        R(
            "damsons", "damsons", "sloes|bullaces", 0.62, Fruity, M(83, 0.1, 9.5, 0.6, 0, 6.8), Fruit, juice: 0.3, each: 12,
            piece: "damson|damsons", pack: 500, price: 2.50),
        R(
            "greengages", "greengages", "mirabelles|mirabelle plums|yellow plums", 0.62, Fruity, M(85, 0.2, 10.5, 0.7, 0, 3.6), Fruit,
            juice: 0.12, each: 30, piece: "greengage|greengages", pack: 400, price: 2.40),
        R(
            "clementines", "clementines", "mandarin|tangerine|satsuma|easy peelers", 0.65, Fruity, M(86, 0.2, 9.5, 0.8, 0, 3.5), Fruit,
            juice: 0.3, each: 65, piece: "clementine|clementines", pack: 600, price: 1.80),
        R(
            "blood-oranges", "blood oranges, whole", "whole blood orange|blood orange segments|blood oranges", 0.65, Fruity,
            M(86.5, 0.1, 9, 0.9, 0, 3.5), Fruit, juice: 0.35, each: 150, piece: "blood orange|blood oranges", pack: 750, price: 2.60),
        R(
            "grapefruit", "grapefruit, whole",
            "grapefruit|grapefruit segments|whole grapefruit|pink grapefruit segments|ruby grapefruit segments",
            0.65, Fruity, M(89, 0.1, 7, 0.7, 0, 3.2), Fruit, juice: 0.4, each: 230, piece: "grapefruit|grapefruits", pack: 460,
            price: 1.30),
        R(
            "kumquats", "kumquats", "", 0.62, Fruity, M(81, 0.9, 9.5, 1.9, 0, 6.7), Fruit, juice: 0.3, each: 15,
            piece: "kumquat|kumquats", pack: 250, price: 2.60),
        R(
            "sweet-lemon-juice", "sweet lemon juice", "bergamot juice", 1.03, Wet, M(91, 0.2, 4, 0.4, 0, 4.4), Fruit,
            juice: 0.8, each: 45, piece: "lemon|lemons", pack: 400, price: 2.40),
        R(
            "cooking-apples", "cooking apples", "tart cooking apples|baking apples|crab apples", 0.55, Fruity,
            M(87, 0.1, 9, 0.3, 0.2, 3.4), Fruit, juice: 0.15, each: 170, piece: "apple|apples", pack: 900, price: 2.00),
        R(
            "loganberries", "loganberries", "tayberries|boysenberries", 0.56, Fruity, M(87, 0.4, 5, 1.2, 0, 6.4), Fruit, juice: 0.3,
            pack: 150, price: 2.60, traits: Traits.Berries),
        R(
            "mulberries", "mulberries", "", 0.58, Fruity, M(87.5, 0.4, 8, 1.4, 0, 2.7), Fruit, juice: 0.15, pack: 150, price: 3.00,
            traits: Traits.Berries),
        R(
            "elderberries", "elderberries", "", 0.58, Fruity, M(80, 0.5, 11, 0.7, 0, 7.8), Fruit, juice: 0.25, pack: 150, price: 2.50,
            traits: Traits.Berries),
        R(
            "bilberries", "bilberries", "huckleberries|wild blueberries", 0.60, Fruity, M(84.5, 0.5, 7, 0.7, 0, 7.3), Fruit,
            juice: 0.15,
            pack: 200, price: 4.00, traits: Traits.Berries),
        R(
            "lingonberries", "lingonberries", "cowberries|cloudberries", 0.56, Fruity, M(86, 0.6, 6, 0.7, 0, 6.7), Fruit, juice: 0.3,
            pack: 225, price: 4.00, traits: Traits.Berries),
        R(
            "sea-buckthorn", "sea buckthorn purée", "sea buckthorn|sea buckthorn juice|sea buckthorn berries", 1.02, Wet,
            M(83, 5, 3, 1.2, 0, 7.8), Fruit, juice: 1, pack: 250, price: 7.00, traits: Traits.Berries),
        R(
            "white-currants", "white currants", "whitecurrants", 0.58, Fruity, M(84, 0.2, 8, 1.2, 0, 6.6), Fruit, juice: 0.35,
            pack: 150,
            price: 2.40, traits: Traits.Berries),
        R(
            "melon", "melon flesh", "melon|honeydew melon|cantaloupe|cantaloupe melon|galia melon|rockmelon|charentais melon", 0.66,
            Fruity, M(90, 0.2, 8, 0.8, 0, 1), Fruit, each: 800, piece: "melon|melons", pack: 800, price: 2.20,
            traits: Traits.GivesMuchJuice),
        R(
            "watermelon", "watermelon flesh", "watermelon", 0.66, Fruity, M(91.5, 0.2, 6.2, 0.6, 0, 1.5), Fruit, each: 3000,
            piece: "watermelon|watermelons", pack: 3000, price: 3.50, traits: Traits.GivesMuchJuice),
        R(
            "lychees", "lychees, fresh", "lychee|litchis|litchi|fresh lychees", 0.66, Fruity, M(82, 0.4, 15, 0.8, 0, 1.8), Fruit,
            each: 10, piece: "lychee|lychees", pack: 250, price: 2.60),
        R(
            "guava", "guava flesh", "guava|guava pulp|guava purée", 0.70, Fruity, M(81, 0.9, 9, 2.5, 0, 6.6), Fruit, juice: 0.15,
            each: 55, piece: "guava|guavas", pack: 300, price: 2.60),
        R(
            "dragon-fruit", "dragon fruit", "pitaya|dragonfruit", 0.66, Fruity, M(86, 0.4, 9, 1.1, 0, 3.5), Fruit, each: 250,
            piece: "dragon fruit|dragon fruits", pack: 250, price: 2.60),
        R(
            "star-fruit", "star fruit", "carambola|starfruit", 0.62, Fruity, M(91, 0.3, 4, 1, 0, 3.7), Fruit, juice: 0.25, each: 90,
            piece: "star fruit|star fruits", pack: 180, price: 2.20),
        R(
            "persimmon", "persimmon", "kaki|sharon fruit|persimmon pulp|persimmon purée", 0.66, Fruity, M(80, 0.2, 13, 0.6, 0.5, 5.7),
            Fruit, each: 160, piece: "persimmon|persimmons", pack: 480, price: 2.00),
        R(
            "cape-gooseberries", "cape gooseberries (physalis)", "physalis|goldenberries", 0.60, Fruity, M(85, 0.7, 8, 1.9, 0, 4.4),
            Fruit, juice: 0.2, each: 4, piece: "berry|berries", pack: 100, price: 1.60, traits: Traits.Berries),
        R(
            "avocado", "avocado flesh", "avocado|ripe avocado", 0.80, 1.00, M(74, 15, 0.6, 2, 0.2, 8.2), Fruit, each: 130,
            piece: "avocado|avocados", pack: 260, price: 1.80),
        R(
            "strawberry-puree", "strawberry purée", "strawberry coulis|strawberry pulp", 1.05, Wet, M(90, 0.3, 6, 0.7, 0, 3), Fruit,
            juice: 0.3, pack: 1000, price: 8.00, traits: Traits.Berries),
        R(
            "peach-puree", "peach purée", "nectarine purée|peach pulp", 1.05, Wet, M(88, 0.2, 9, 0.9, 0, 1.9), Fruit, juice: 0.2,
            pack: 1000, price: 8.00),
        R(
            "apricot-puree", "apricot purée", "apricot pulp|stewed apricots", 1.05, Wet, M(85, 0.3, 10, 1.2, 0, 3.5), Fruit, juice: 0.3,
            pack: 1000, price: 8.00),
        R(
            "cherry-puree", "cherry purée", "sour cherry purée|cherry coulis", 1.05, Wet, M(84, 0.2, 12, 1, 0, 2.8), Fruit, juice: 0.4,
            pack: 1000, price: 9.00),
        R(
            "rhubarb-puree", "rhubarb purée", "stewed rhubarb|rhubarb compote|rhubarb juice", 1.03, Wet, M(91, 0.1, 4, 0.8, 0, 4.1),
            Fruit, juice: 0.6, pack: 500, price: 4.00),
        R(
            "gooseberry-puree", "gooseberry purée", "stewed gooseberries|gooseberry compote", 1.04, Wet, M(88, 0.4, 7, 0.8, 0, 3.8),
            Fruit, juice: 0.7, pack: 500, price: 5.00, traits: Traits.Berries),
        R(
            "plum-puree", "plum purée", "damson purée|stewed plums|plum compote", 1.05, Wet, M(85, 0.2, 11, 0.7, 0, 3.1), Fruit,
            juice: 0.4, pack: 500, price: 4.00),
        R(
            "blackberry-puree", "blackberry purée", "bramble purée|blackberry coulis", 1.05, Wet, M(87, 0.4, 7, 1.2, 0, 4.4), Fruit,
            juice: 0.5, pack: 500, price: 6.00, traits: Traits.Berries),
        R(
            "blueberry-puree", "blueberry purée", "blueberry coulis|blueberry compote", 1.05, Wet, M(83, 0.3, 12, 0.7, 0, 4), Fruit,
            juice: 0.25, pack: 500, price: 6.00, traits: Traits.Berries),
        R(
            "pear-puree", "pear purée", "stewed pears|pear butter", 1.05, Wet, M(84, 0.1, 11, 0.4, 0, 4.5), Fruit, juice: 0.05,
            pack: 500, price: 4.00),
        R(
            "banana-puree", "mashed banana", "banana purée", 1.02, 0.95, M(75, 0.3, 14, 1.1, 6, 3.6), Fruit, pack: 500, price: 1.60),
        R(
            "pineapple-puree", "pineapple purée", "pineapple pulp", 1.05, Wet, M(86, 0.1, 11, 0.5, 0, 2.4), Fruit, juice: 0.3,
            protease: true, pack: 500, price: 4.00),
        R(
            "kiwi-puree", "kiwi purée", "kiwi pulp", 1.05, Wet, M(83.5, 0.5, 9, 1.1, 0, 5.9), Fruit, juice: 0.5, protease: true,
            pack: 500, price: 5.00),
        R(
            "butternut-puree", "squash purée",
            "butternut squash purée|butternut purée|butternut squash, roasted|roasted butternut squash|mashed squash", 1.03, Wet,
            M(87, 0.2, 4, 1.1, 4, 3.7), Fruit, sets: 0.03, pack: 500, price: 2.00),
        R(
            "squash", "squash, raw", "butternut squash|raw pumpkin|pumpkin flesh|fresh pumpkin|culinary pumpkin", 0.60, Fruity,
            M(88, 0.1, 3.5, 1, 4, 3.4), Fruit, each: 900, piece: "squash|squashes", pack: 900, price: 1.80),
        R(
            "carrot", "carrots, grated", "carrot|grated carrot", 0.46, Fruity, M(89, 0.2, 5.5, 0.8, 1, 3.5), Fruit, each: 75,
            piece: "carrot|carrots", pack: 1000, price: 0.80),
        R(
            "beetroot", "beetroot, cooked", "beetroot|beet|cooked beetroot", 0.65, Fruity, M(87, 0.2, 8, 1.7, 0, 3.1), Fruit, each: 80,
            piece: "beetroot|beetroots", pack: 250, price: 1.00),
    ];
}
