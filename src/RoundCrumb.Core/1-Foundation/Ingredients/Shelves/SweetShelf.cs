using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Syrups, preserves, sauces, sweets and sprinkles.</summary>
internal static class SweetShelf
{
    private const Origin Cow = Origin.OfAnimal;
    private const double Syrup = 0.70;
    private const double Preserve = 0.73;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "vanilla-sugar", "vanilla sugar", "vanilla-flavoured sugar|bourbon vanilla sugar", 0.85, Sweet, M(0, 0, 99, 0, 0, 1), Sugars,
            each: 8, piece: "sachet|sachets", pieceIsPack: true, pack: 40, price: 1.20),
        R(
            "pearl-sugar", "pearl sugar", "nib sugar|sugar nibs|coarse sugar|decorating sugar|sanding sugar|sparkling sugar", 0.75,
            Sweet, M(0, 0, 100, 0, 0, 0), Sugars, pack: 300, price: 2.40),
        R(
            "maple-sugar", "maple sugar", "granulated maple sugar", 0.80, Sweet, M(3, 0.2, 93, 0, 0, 3.8), Sugars, pack: 150,
            price: 6.00),
        R(
            "dextrose", "dextrose powder", "glucose powder|dextrose|powdered glucose|fructose|fruit sugar", 0.65, Sweet,
            M(8, 0, 92, 0, 0, 0), Sugars, pack: 500, price: 2.40),
        R(
            "isomalt", "isomalt", "sugar substitute, granulated|erythritol|xylitol|granulated sweetener", 0.85, Sweet,
            M(1, 0, 0, 0, 0, 99), Sugars, pack: 250, price: 4.00),
        R(
            "invert-syrup", "invert sugar syrup", "invert sugar|inverted sugar", 1.40, Syrup, M(22, 0, 78, 0, 0, 0),
            Sugars, pack: 500, price: 4.00),
        R(
            "rice-syrup", "rice syrup", "brown rice syrup", 1.38, Syrup, M(22, 0, 70, 0.3, 5, 2.7), Sugars, pack: 350, price: 3.00),
        R(
            "malt-extract", "malt extract", "barley malt syrup|malt syrup|barley malt extract", 1.38, Syrup, M(24, 0.3, 68, 5, 0, 2.7),
            Sugars, has: Barley, pack: 370, price: 3.40),
        R(
            "sorghum-syrup", "sorghum syrup", "sweet sorghum syrup|apple syrup|pear syrup|apple molasses", 1.38, Syrup,
            M(23, 0, 74, 0, 0, 3), Sugars, pack: 350, price: 5.00),
        R(
            "pomegranate-molasses", "pomegranate molasses", "pomegranate reduction", 1.32, Syrup, M(30, 0.2, 60, 0.5, 0, 9.3), Sugars,
            juice: 0.8, pack: 250, price: 3.00),
        R(
            "caramel-sauce", "caramel sauce", "salted caramel sauce|butterscotch sauce|toffee sauce|salted caramel|sticky toffee sauce",
            1.28, 0.80, M(28, 14, 53, 1.5, 1.5, 2), Sugars, has: Milk, from: Cow, pack: 260, price: 2.60, source: SourceKind.Packets),
        R(
            "redcurrant-jelly", "redcurrant jelly", "apple jelly|quince jelly|bramble jelly|crab apple jelly|jelly preserve|fruit jelly",
            1.33, Preserve, M(33, 0, 65, 0.2, 0, 1.8), Sugars, juice: 0.1, pack: 227, price: 1.60, traits: Traits.Jam),
        R(
            "strawberry-jam", "strawberry jam", "strawberry preserve|strawberry conserve", 1.33, Preserve, M(34, 0, 62, 0.4, 0, 3.6),
            Sugars, juice: 0.08, pack: 340, price: 1.50, traits: Traits.Jam | Traits.Berries),
        R(
            "blackcurrant-jam", "blackcurrant jam", "blackcurrant preserve|blackberry jam|bramble jam|blueberry jam|gooseberry jam",
            1.33, Preserve, M(33, 0, 62, 0.5, 0, 4.5), Sugars, juice: 0.12, pack: 340, price: 1.60,
            traits: Traits.Jam | Traits.Berries),
        R(
            "plum-jam", "plum jam", "damson jam|greengage jam|plum preserve|fig jam|peach jam|rhubarb jam|plum butter|powidl", 1.33,
            Preserve, M(34, 0, 62, 0.4, 0, 3.6), Sugars, juice: 0.1, pack: 340, price: 1.60, traits: Traits.Jam),
        R(
            "cherry-jam", "cherry jam", "black cherry jam|sour cherry jam|cherry preserve|morello cherry jam", 1.33, Preserve,
            M(34, 0, 62, 0.4, 0, 3.6), Sugars, juice: 0.1, pack: 340, price: 1.80, traits: Traits.Jam),
        R(
            "ginger-preserve", "ginger preserve", "ginger jam|ginger marmalade", 1.33, Preserve, M(32, 0.1, 65, 0.2, 0.5, 2.2), Sugars,
            pack: 340, price: 2.00, traits: Traits.Jam),
        R(
            "lime-marmalade", "lime marmalade", "lemon marmalade|grapefruit marmalade|three-fruit marmalade", 1.33, Preserve,
            M(33, 0, 63, 0.3, 0, 3.7), Sugars, juice: 0.12, pack: 454, price: 2.00, traits: Traits.Jam),
        R(
            "quince-paste", "quince paste", "membrillo|fruit cheese|damson cheese|quince cheese", 1.30, 0.74,
            M(30, 0.1, 64, 0.3, 0, 5.6), Sugars, juice: 0.1, pack: 200, price: 3.40),
        R(
            "mincemeat", "mincemeat", "fruit mincemeat|luxury mincemeat|vegetarian mincemeat|mince pie filling", 1.25, 0.78,
            M(28, 5, 60, 0.8, 1.5, 4.7), Sugars, has: Sulphites, alcohol: 1, pack: 411, price: 2.00, source: SourceKind.Packets),
        R(
            "cranberry-sauce", "cranberry sauce", "whole cranberry sauce|jellied cranberry sauce", 1.15, 0.80,
            M(58, 0.1, 39, 0.3, 0, 2.6), Sugars, juice: 0.2, pack: 190, price: 1.30, source: SourceKind.Packets,
            traits: Traits.Berries),
        R(
            "apple-butter", "apple butter", "pumpkin butter|fruit butter|apple and pear spread", 1.18, 0.82, M(56, 0.2, 40, 0.3, 0.5, 3),
            Sugars, juice: 0.1, pack: 340, price: 3.00),
        R(
            "lime-curd", "citrus curd, bought", "lime curd|orange curd|passion fruit curd|passionfruit curd|grapefruit curd|bought curd",
            1.20, 0.85, M(32, 5, 55, 1, 4, 3), Sugars, has: Egg | Milk, juice: 0.08, from: Cow, pack: 320, price: 1.80,
            source: SourceKind.Packets),
        R(
            "honeycomb", "honeycomb toffee", "honeycomb|cinder toffee|sponge toffee|hokey pokey|crushed honeycomb", 0.35, 0.70,
            M(1, 1, 96, 0, 0, 2), Sugars, pack: 150, price: 2.20, source: SourceKind.Packets),
        R(
            "toffee-pieces", "toffee pieces",
            "toffees|crushed toffee|toffee bits|caramel bits|soft caramels|butterscotch chips|hard toffee", 0.70, 0.75,
            M(5, 16, 72, 2, 1, 4), Sugars, has: Milk, from: Cow, each: 7, piece: "toffee|toffees", pack: 200, price: 1.80,
            source: SourceKind.Packets),
        R(
            "fudge", "fudge pieces", "fudge|vanilla fudge|fudge cubes|butter fudge", 0.70, 0.72, M(8, 12, 76, 2, 0, 2), Sugars,
            has: Milk, from: Cow, pack: 150, price: 1.60, source: SourceKind.Packets),
        R(
            "nougat", "nougat", "turrón|soft nougat|hard nougat", 0.80, 0.72, M(5, 15, 70, 5, 1, 4), Sugars, has: Almond | Egg,
            from: Cow, pack: 150, price: 3.00, source: SourceKind.Packets),
        R(
            "boiled-sweets", "boiled sweets (hard candy)",
            "candy canes|hard candies|peppermint candies|rock sweets|fruit drops|barley sugar", 0.70, Sweet, M(1, 0, 98, 0, 0, 1),
            Sugars, each: 5, piece: "sweet|sweets", pack: 200, price: 1.20, source: SourceKind.Packets),
        R(
            "jelly-sweets", "jelly sweets (gummies)",
            "gummy sweets|jelly beans|fruit gums|turkish delight|wine gums", 0.75, 0.70,
            M(15, 0.1, 76, 5, 3, 0.9), Sugars, from: Origin.Slaughter, pack: 200, price: 1.30, source: SourceKind.Packets),
        R(
            "popping-candy", "popping candy", "fizzy candy", 0.70, Sweet, M(2, 0, 96, 0, 0, 2), Sugars, has: Milk, pack: 50,
            price: 2.00,
            source: SourceKind.Packets),
        R(
            "liquorice-sweets", "liquorice sweets", "liquorice allsorts|licorice candy|soft liquorice", 0.75, 0.70,
            M(14, 1, 66, 3, 13, 3), Sugars, has: Wheat, from: Origin.Slaughter, pack: 200, price: 1.50, source: SourceKind.Packets),
        R(
            "sugar-pearls", "sugar pearls", "silver balls|silver dragées|dragées|edible pearls|sugar balls", 0.90, Sweet,
            M(1, 0.5, 92, 0.5, 5, 1), Sugars, pack: 80, price: 1.80, source: SourceKind.Packets),
        R(
            "coloured-sugar", "coloured sugar", "colored sugar|pink sugar|edible glitter|sparkle sugar|sugar crystals", 0.85, Sweet,
            M(0, 0, 99, 0, 0, 1), Sugars, pack: 80, price: 1.60, source: SourceKind.Packets),
        R(
            "sugar-flowers", "sugar flowers", "sugar roses|sugar shapes|icing flowers|sugar stars|confetti sprinkles|wafer flowers",
            0.70, Sweet, M(2, 1, 92, 1, 3, 1), Sugars, each: 1, piece: "flower|flowers", pack: 30, price: 2.40,
            source: SourceKind.Packets),
        R(
            "crystallised-petals", "crystallised petals",
            "crystallised violets|candied violets|crystallised rose petals|candied rose petals|crystallized violets", 0.40, Sweet,
            M(2, 0, 96, 0.3, 0, 1.7), Sugars, pack: 40, price: 3.40, source: SourceKind.Packets),
        R(
            "gold-leaf", "edible gold leaf", "gold leaf|edible gold|silver leaf", 0.20, 0.05, M(0, 0, 0, 0, 0, 100), Sugars,
            from: Origin.Mineral, each: 0.02, piece: "leaf|leaves", pack: 0.2, price: 9.00),
        R(
            "fondant-icing", "fondant icing", "sugarpaste|ready-to-roll icing|roll-out icing|fondant", 1.25, 0.66,
            M(10, 4, 84, 0.5, 0, 1.5), Sugars, pack: 1000, price: 3.00, source: SourceKind.Packets),
        R(
            "frosting", "buttercream, bought", "frosting|vanilla frosting|buttercream|cream cheese frosting|icing, ready-made", 0.90,
            0.90, M(10, 20, 68, 1, 0, 1), Sugars, has: Milk, from: Cow, pack: 400, price: 2.60, source: SourceKind.Packets),
        R(
            "mini-meringues", "mini meringues", "meringue kisses|small meringues|meringue pieces|meringue drops", 0.15, Sweet,
            M(3, 0, 91, 5, 0, 1), Sugars, has: Egg, from: Cow, each: 4, piece: "meringue|meringues", pack: 80, price: 1.80,
            source: SourceKind.Packets),
    ];
}
