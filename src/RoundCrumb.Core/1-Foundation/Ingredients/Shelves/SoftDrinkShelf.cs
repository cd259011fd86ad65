using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Juices, syrups, cordials and soft drinks.</summary>
internal static class SoftDrinkShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "pomegranate-juice", "pomegranate juice", "fresh pomegranate juice", 1.05, Wet, M(85.5, 0.1, 12.5, 0.2, 0, 1.7), Drinks,
            juice: 0.45, pack: 1000, price: 3.50),
        R(
            "cherry-juice", "cherry juice", "sour cherry juice|tart cherry juice|morello cherry juice", 1.05, Wet,
            M(86, 0.1, 12, 0.4, 0, 1.5), Drinks, juice: 0.4, pack: 750, price: 3.50),
        R(
            "grape-juice", "grape juice", "red grape juice|white grape juice", 1.06, Wet, M(83.5, 0.1, 15, 0.3, 0, 1.1), Drinks,
            juice: 0.2, pack: 1000, price: 1.80),
        R(
            "blackcurrant-juice", "blackcurrant juice", "blackcurrant nectar", 1.05, Wet, M(86, 0.1, 12, 0.3, 0, 1.6), Drinks,
            juice: 0.5, pack: 750, price: 3.00, traits: Traits.Berries),
        R(
            "pear-juice", "pear juice", "pressed pear juice", 1.05, Wet, M(86.5, 0.1, 11, 0.2, 0, 2.2), Drinks, juice: 0.15, pack: 750,
            price: 2.40),
        R(
            "mango-juice", "mango juice", "mango nectar|mango drink", 1.05, Wet, M(86, 0.1, 12.5, 0.2, 0, 1.2), Drinks, juice: 0.15,
            pack: 1000, price: 2.00),
        R(
            "apricot-nectar", "apricot nectar", "peach nectar|pear nectar|apricot juice|peach juice", 1.05, Wet,
            M(85, 0.1, 13, 0.4, 0, 1.5), Drinks, juice: 0.15, pack: 1000, price: 2.40),
        R(
            "tangerine-juice", "tangerine juice", "mandarin juice|clementine juice|satsuma juice", 1.04, Wet,
            M(89, 0.2, 9.5, 0.5, 0, 0.8), Drinks, juice: 0.5, each: 40, piece: "tangerine|tangerines", pack: 750, price: 2.60),
        R(
            "carrot-juice", "carrot juice", "fresh carrot juice", 1.03, Wet, M(89, 0.2, 7, 0.9, 0.5, 2.4), Drinks, pack: 1000,
            price: 2.40),
        R(
            "prune-juice", "prune juice", "", 1.06, Wet, M(81.5, 0.1, 15, 0.6, 0, 2.8), Drinks, juice: 0.15, pack: 1000, price: 3.00),
        R(
            "coconut-water", "coconut water", "", 1.02, Wet, M(95, 0.2, 3.5, 0.4, 0, 0.9), Drinks, pack: 1000, price: 2.50),
        R(
            "sugar-syrup", "sugar syrup (simple syrup)", "simple syrup|stock syrup|gomme syrup|plain syrup|plain sugar syrup|bar syrup",
            1.23, 0.81, M(50, 0, 50, 0, 0, 0), Drinks, pack: 500, price: 2.00),
        R(
            "rich-syrup", "rich sugar syrup, two to one", "2:1 syrup|rich simple syrup|heavy sugar syrup", 1.32, 0.76,
            M(33, 0, 67, 0, 0, 0), Drinks, pack: 500, price: 2.40),
        R(
            "vanilla-syrup", "vanilla syrup", "vanilla-flavoured syrup", 1.27, 0.79, M(42, 0, 57, 0, 0, 1), Drinks, pack: 700,
            price: 6.00, source: SourceKind.Packets),
        R(
            "caramel-syrup", "caramel syrup", "caramel-flavoured syrup|caramel coffee syrup", 1.28, 0.78, M(40, 0, 59, 0, 0, 1), Drinks,
            pack: 700, price: 6.00, source: SourceKind.Packets),
        R(
            "hazelnut-syrup", "hazelnut syrup", "hazelnut-flavoured syrup", 1.27, 0.79, M(42, 0, 57, 0, 0, 1), Drinks,
            has: Hazelnut, pack: 700, price: 6.00, source: SourceKind.Packets),
        R(
            "ginger-syrup", "ginger syrup",
            "stem ginger syrup|syrup from the ginger jar|ginger syrup from the jar|preserved ginger syrup|ginger cordial", 1.33, 0.74,
            M(35, 0, 64, 0, 0, 1), Drinks, pack: 350, price: 3.00, source: SourceKind.Packets),
        R(
            "rose-syrup", "rose syrup", "rose cordial|rose-flavoured syrup", 1.28, 0.78, M(40, 0, 59, 0, 0, 1), Drinks, pack: 250,
            price: 4.00, source: SourceKind.Packets),
        R(
            "lavender-syrup", "lavender syrup", "lavender cordial", 1.26, 0.79, M(43, 0, 56, 0, 0, 1), Drinks, pack: 250, price: 5.00,
            source: SourceKind.Packets),
        R(
            "mint-syrup", "mint syrup", "peppermint syrup", 1.28, 0.78, M(40, 0, 59, 0, 0, 1), Drinks, pack: 700, price: 6.00,
            source: SourceKind.Packets),
        R(
            "coffee-syrup", "coffee syrup", "coffee-flavoured syrup", 1.28, 0.78, M(40, 0, 58, 0.2, 0, 1.8), Drinks, pack: 500,
            price: 5.00, source: SourceKind.Packets, traits: Traits.Coffee),
        R(
            "fruit-syrup", "fruit syrup",
            "raspberry syrup|strawberry syrup|cherry syrup|blackcurrant syrup|blueberry syrup|passion fruit syrup", 1.28, 0.78,
            M(39, 0, 58, 0.2, 0, 2.8), Drinks, juice: 0.1, pack: 500, price: 4.00, source: SourceKind.Packets),
        R(
            "grenadine", "grenadine", "pomegranate syrup|grenadine syrup", 1.30, 0.77, M(36, 0, 62, 0, 0, 2), Drinks, juice: 0.05,
            pack: 700, price: 6.00, source: SourceKind.Packets),
        R(
            "lime-cordial", "lime cordial", "", 1.13, 0.88, M(68, 0, 28, 0, 0, 4), Drinks, has: Sulphites, juice: 0.3, pack: 750,
            price: 2.20, source: SourceKind.Packets),
        R(
            "blackcurrant-cordial", "blackcurrant cordial", "blackcurrant squash|fruit squash", 1.20, 0.82, M(52, 0, 45, 0.1, 0, 2.9),
            Drinks, has: Sulphites, juice: 0.15, pack: 850, price: 2.40, source: SourceKind.Packets),
        R(
            "lemonade", "lemonade, fizzy (lemon soda)", "fizzy lemonade|lemon soda|lemon-lime soda|lemonade|clear lemonade", 1.03, Wet,
            M(91.5, 0, 8, 0, 0, 0.5), Drinks, juice: 0.05, pack: 2000, price: 1.20, source: SourceKind.Packets),
        R(
            "ginger-beer", "ginger beer", "ginger ale|fiery ginger beer", 1.03, Wet, M(91, 0, 8.5, 0, 0, 0.5), Drinks, pack: 1000,
            price: 1.60, source: SourceKind.Packets),
        R(
            "cola", "cola", "cola drink", 1.04, Wet, M(89.5, 0, 10.4, 0, 0, 0.1), Drinks, juice: 0.05, pack: 1500, price: 1.50,
            source: SourceKind.Packets),
        R(
            "root-beer", "root beer", "sarsaparilla|dandelion and burdock", 1.04, Wet, M(89.5, 0, 10.3, 0, 0, 0.2), Drinks, pack: 330,
            price: 1.20, source: SourceKind.Packets),
        R(
            "tonic-water", "tonic water", "tonic", 1.02, Wet, M(92, 0, 7.5, 0, 0, 0.5), Drinks, pack: 1000, price: 1.80,
            source: SourceKind.Packets),
        R(
            "sparkling-water", "sparkling water", "soda water|club soda|fizzy water|mineral water|carbonated water", 1.00, Wet,
            M(100, 0, 0, 0, 0, 0), Drinks, from: Origin.Mineral, pack: 1000, price: 0.60, traits: Traits.PlainWater),
        R(
            "brewed-tea", "brewed tea", "hot tea|strong tea|cold tea|strong black tea, brewed|hot black tea|tea, brewed", 1.00, Wet,
            M(99.5, 0, 0, 0.1, 0, 0.4), Drinks),
        R(
            "green-tea", "green tea, loose", "green tea leaves|jasmine tea|green tea bags", 0.35, 0, M(6, 2, 0, 22, 4, 66), Drinks,
            each: 2, piece: "tea bag|tea bags", pieceIsPack: true, pack: 100, price: 3.60),
        R(
            "rooibos", "rooibos, loose", "red bush tea|rooibos tea|redbush tea", 0.35, 0, M(8, 1, 0, 6, 5, 80), Drinks, each: 2,
            piece: "tea bag|tea bags", pieceIsPack: true, pack: 100, price: 2.60),
        R(
            "chamomile", "chamomile flowers", "chamomile tea|camomile|camomile tea|chamomile", 0.12, 0, M(8, 3, 1, 12, 6, 70), Drinks,
            each: 1.5, piece: "tea bag|tea bags", pieceIsPack: true, pack: 50, price: 2.60),
        R(
            "hibiscus", "hibiscus flowers, dried", "hibiscus tea|dried hibiscus|hibiscus|sorrel flowers", 0.12, 0, M(10, 2, 4, 7, 4, 73),
            Drinks, each: 2, piece: "tea bag|tea bags", pieceIsPack: true, pack: 100, price: 3.40),
        R(
            "chai-tea", "spiced black tea, loose", "chai tea|masala chai|chai|spiced tea|chai tea bags", 0.40, 0, M(7, 3, 0, 15, 8, 67),
            Drinks, each: 2, piece: "tea bag|tea bags", pieceIsPack: true, pack: 125, price: 3.20),
        R(
            "coffee-essence", "coffee essence", "coffee and chicory essence|coffee concentrate|cold brew concentrate", 1.25, 0.80,
            M(40, 0, 50, 1, 0, 9), Drinks, pack: 240, price: 3.00, source: SourceKind.Packets, traits: Traits.Coffee),
    ];
}
