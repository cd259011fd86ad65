using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Extracts by their flavour, more spices, herbs and flowers. One extract is not another.</summary>
internal static class ExtractShelf
{
    private const double Spice = 0.70;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "lemon-extract", "lemon extract", "lemon essence|lemon flavouring", 0.86, Fatty, M(17, 0, 0, 0, 0, 83), Flavours, alcohol: 78,
            pack: 38, price: 2.20),
        R(
            "orange-extract", "orange extract", "orange essence|orange flavouring", 0.86, Fatty, M(20, 0, 0, 0, 0, 80), Flavours,
            alcohol: 75, pack: 38, price: 2.20),
        R(
            "coffee-extract", "coffee extract", "coffee flavouring", 1.05, Wet, M(55, 0, 15, 0.5, 0, 29.5), Flavours, alcohol: 20,
            pack: 38, price: 2.60, traits: Traits.Coffee),
        R(
            "rum-extract", "rum extract", "rum essence|rum flavouring|brandy essence|brandy flavouring", 0.94, Wet,
            M(58, 0, 5, 0, 0, 37), Flavours, alcohol: 33, pack: 38, price: 2.20),
        R(
            "coconut-extract", "coconut extract", "coconut essence|coconut flavouring", 0.94, Wet, M(55, 0, 0, 0, 0, 45), Flavours,
            alcohol: 35, pack: 38, price: 2.40),
        R(
            "maple-extract", "maple extract", "maple flavouring|maple essence", 0.96, Wet, M(55, 0, 10, 0, 0, 35), Flavours, alcohol: 30,
            pack: 38, price: 2.60),
        R(
            "aniseed-extract", "anise extract", "aniseed extract|aniseed essence", 0.88, Wet, M(25, 0, 0, 0, 0, 75), Flavours,
            alcohol: 70, pack: 38, price: 2.60),
        R(
            "pistachio-extract", "pistachio extract",
            "pistachio essence|pistachio flavouring", 0.94, Wet,
            M(55, 0, 5, 0, 0, 40), Flavours, may: Pistachio, alcohol: 33, pack: 38, price: 3.00),
        R(
            "strawberry-extract", "strawberry extract",
            "raspberry extract|strawberry flavouring|raspberry flavouring|banana extract|banana essence|fruit flavouring", 0.96, Wet,
            M(58, 0, 5, 0, 0, 37), Flavours, alcohol: 30, pack: 38, price: 2.40),
        R(
            "butter-flavouring", "butter flavouring", "butter extract|butter essence|caramel flavouring|caramel extract", 0.98, Wet,
            M(60, 0, 5, 0, 0, 35), Flavours, may: Milk, alcohol: 25, pack: 38, price: 2.40),
        R(
            "rose-extract", "rose extract", "rose essence|rose flavouring|lavender extract|violet extract", 0.94, Wet,
            M(58, 0, 0, 0, 0, 42), Flavours, alcohol: 33, pack: 38, price: 3.00),
        R(
            "citrus-oil", "lemon oil", "orange oil|lemon essential oil|lime oil|citrus oil|peppermint oil|bergamot oil", 0.88, Fatty,
            M(0, 100, 0, 0, 0, 0), Flavours, pack: 10, price: 4.00),
        R(
            "vanilla-powder", "vanilla powder", "ground vanilla|ground vanilla pod|vanilla bean powder", 0.45, Spice,
            M(8, 8, 20, 4, 10, 50), Flavours, pack: 10, price: 8.00),
        R(
            "vanilla-seeds", "vanilla seeds", "seeds of a vanilla pod|vanilla bean seeds", 0.60, Spice, M(25, 8, 12, 5, 3, 47), Flavours,
            each: 0.4, piece: "pod|pods"),
        R(
            "orange-flower-water", "orange-flower water", "orange blossom water", 1.00, Wet, M(100, 0, 0, 0, 0, 0), Flavours, pack: 100,
            price: 1.80),
        R(
            "coarse-salt", "coarse salt (kosher)", "kosher salt|coarse sea salt|rock salt", 0.75, 0.40, M(0.3, 0, 0, 0, 0, 99.7),
            Flavours, from: Origin.Mineral, pack: 500, price: 1.40, traits: Traits.Salty),
        R(
            "mace", "ground mace", "mace|blade mace|mace blades", 0.45, Spice, M(8, 32, 3, 7, 24, 26), Flavours, each: 0.5,
            piece: "blade|blades", pack: 25, price: 2.20),
        R(
            "allspice", "ground allspice", "allspice|pimento|allspice berries|whole allspice", 0.45, Spice, M(8, 9, 2, 6, 26, 49),
            Flavours, each: 0.07, piece: "berry|berries", pack: 35, price: 1.50),
        R(
            "caraway", "caraway seeds", "caraway", 0.48, Spice, M(10, 15, 1, 20, 10, 44), Flavours, pack: 40, price: 1.20),
        R(
            "fennel-seed", "fennel seeds", "aniseed|anise seed", 0.45, Spice, M(9, 15, 1, 16, 10, 49), Flavours, pack: 35, price: 1.30),
        R(
            "coriander-seed", "coriander seed", "ground coriander|coriander powder", 0.36, Spice, M(9, 18, 1, 12, 10, 50), Flavours,
            pack: 35, price: 1.20),
        R(
            "juniper", "juniper berries", "juniper", 0.40, Spice, M(15, 10, 25, 4, 5, 41), Flavours, each: 0.15, piece: "berry|berries",
            pack: 30, price: 2.00),
        R(
            "turmeric", "ground turmeric", "turmeric|turmeric powder", 0.50, Spice, M(12, 4, 3, 9, 40, 32), Flavours, pack: 40,
            price: 1.10),
        R(
            "chilli", "ground chilli", "cayenne|cayenne pepper|chilli flakes|chili powder|red pepper flakes|dried chilli|chilli powder",
            0.45, Spice, M(9, 15, 9, 13, 14, 40), Flavours, pack: 35, price: 1.20),
        R(
            "pink-pepper", "pink peppercorns", "pink pepper|pink berries", 0.35, Spice, M(12, 8, 3, 8, 25, 44), Flavours, pack: 20,
            price: 3.00),
        R(
            "white-pepper", "ground white pepper", "white pepper|white peppercorns", 0.50, Spice, M(12, 2, 0.5, 10, 55, 20.5), Flavours,
            pack: 35, price: 1.60),
        R(
            "tonka-bean", "tonka bean", "tonka", 0.60, Spice, M(8, 30, 5, 10, 20, 27), Flavours, each: 1, piece: "bean|beans", pack: 10,
            price: 6.00),
        R(
            "liquorice", "liquorice powder", "licorice powder|liquorice|licorice root|liquorice root", 0.45, Spice,
            M(8, 1, 25, 8, 20, 38), Flavours, pack: 30, price: 3.40),
        R(
            "mahleb", "cherry-stone spice", "mahleb|mahlepi|mahlab", 0.45, Spice, M(8, 30, 5, 25, 10, 22), Flavours, has: Almond,
            pack: 30, price: 4.00),
        R(
            "sumac", "sumac", "ground sumac", 0.42, Spice, M(10, 17, 3, 4, 15, 51), Flavours, juice: 0.4, pack: 40, price: 1.80),
        R(
            "chai-spice", "pie spice with pepper",
            "chai spice|chai spice mix|masala chai spice|mulling spice|mulled wine spice|lebkuchen spice|speculoos spice", 0.45, Spice,
            M(9, 8, 2, 8, 30, 43), Flavours, pack: 35, price: 2.20),
        R(
            "basil", "basil leaves", "basil|fresh basil", 0.12, Wet, M(92, 0.6, 0.3, 3.2, 0, 3.9), Flavours, each: 0.5,
            piece: "leaf|leaves", pack: 25, price: 0.80),
        R(
            "rosemary", "rosemary leaves", "rosemary|fresh rosemary|rosemary sprigs|rosemary needles", 0.25, Wet,
            M(68, 5.9, 1, 3.3, 2, 19.8), Flavours, each: 1.5, piece: "sprig|sprigs", pack: 20, price: 0.80),
        R(
            "lavender", "lavender flowers", "lavender|dried lavender|culinary lavender|lavender buds", 0.15, 0, M(10, 4, 4, 8, 10, 64),
            Flavours, pack: 10, price: 2.60),
        R(
            "lemon-verbena", "lemon verbena leaves", "lemon verbena|verbena|lemon balm|lemon balm leaves", 0.10, 0,
            M(70, 1.5, 1, 5, 2, 20.5), Flavours, each: 0.3, piece: "leaf|leaves", pack: 15, price: 2.00),
        R(
            "lemongrass", "lemongrass", "lemon grass|lemongrass stalks", 0.40, 0, M(71, 0.5, 1, 1.8, 10, 15.7), Flavours, each: 15,
            piece: "stalk|stalks", pack: 45, price: 1.20),
        R(
            "lime-leaf", "lime leaves", "makrut lime leaves", 0.10, 0, M(65, 1.5, 1, 7, 5, 20.5), Flavours, each: 0.4,
            piece: "leaf|leaves", pack: 5, price: 1.20),
        R(
            "sage", "sage leaves", "sage|fresh sage|tarragon|fresh tarragon", 0.12, Wet, M(70, 2.5, 1, 4, 2, 20.5), Flavours, each: 0.4,
            piece: "leaf|leaves", pack: 20, price: 0.80),
        R(
            "rose-petals", "rose petals", "dried rose petals|edible flowers|edible rose petals|violas", 0.10, Wet,
            M(10, 3, 10, 7, 10, 60), Flavours, pack: 10, price: 3.00),
        R(
            "elderflowers", "elderflower heads", "elderflowers|fresh elderflowers|heads of elderflower", 0.10, 0, M(80, 1, 4, 3, 2, 10),
            Flavours, each: 8, piece: "head|heads"),
        R(
            "activated-charcoal", "food charcoal", "activated charcoal powder|black food powder", 0.40, Spice, M(5, 0, 0, 0, 0, 95),
            Flavours, pack: 30, price: 4.00),
        R(
            "sherbet-powder", "sherbet powder", "sherbet|fizz powder", 0.85, Sweet, M(0, 0, 88, 0, 0, 12), Flavours, juice: 0.5,
            pack: 50, price: 1.00),
        R(
            "soy-sauce", "soy sauce", "soya sauce|tamari", 1.15, 0.90, M(67, 0, 3, 8, 0, 22), Flavours, has: Soya | Wheat, pack: 150,
            price: 1.80, traits: Traits.Salty),
        R(
            "balsamic-vinegar", "balsamic vinegar", "balsamic|aged balsamic vinegar", 1.06, 0.95, M(77, 0, 17, 0.5, 0, 5.5), Flavours,
            has: Sulphites, juice: 0.8, pack: 250, price: 3.00, traits: Traits.Vinegar),
        R(
            "mustard-powder", "mustard powder", "ground mustard|english mustard powder|dry mustard", 0.45, Spice,
            M(5, 29, 7, 29, 10, 20), Flavours, has: Mustard, pack: 55, price: 1.40),
        R(
            "yeast", "dried yeast", "instant yeast|active dry yeast|fast-action yeast|easy-bake yeast", 0.60, Spice,
            M(5, 7, 8, 40, 10, 30), Flavours, each: 7, piece: "sachet|sachets", pieceIsPack: true, pack: 56, price: 1.60),
    ];
}
