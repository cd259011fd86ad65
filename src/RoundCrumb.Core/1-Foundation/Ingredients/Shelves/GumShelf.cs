using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Gelatine of other strengths, plant setters, gums and stabilisers.</summary>
internal static class GumShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "gelatine-leaf-gold", "leaf gelatine, gold, 200 bloom",
            "gold leaf gelatine|gold gelatine leaves|gold gelatine sheets|gold-strength gelatine|gold gelatin sheets", 0.62, 0.70,
            M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 200, each: 2, piece: "leaf|leaves", pack: 24, price: 2.60),
        R(
            "gelatine-leaf-platinum", "leaf gelatine, platinum, 240 bloom",
            "platinum leaf gelatine|platinum gelatine leaves|platinum gelatine sheets|platinum-strength gelatine", 0.62, 0.70,
            M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 240, each: 1.7, piece: "leaf|leaves", pack: 20, price: 3.00),
        R(
            "gelatine-leaf-bronze", "leaf gelatine, bronze, 140 bloom",
            "bronze leaf gelatine|bronze gelatine leaves|bronze gelatine sheets|titanium gelatine leaves|titanium gelatine sheets", 0.62,
            0.70, M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 140, each: 3.3, piece: "leaf|leaves", pack: 40,
            price: 2.40),
        R(
            "beef-gelatine", "beef gelatine powder, 225 bloom", "beef gelatine|halal gelatine|kosher gelatine|beef gelatin", 0.62, 0.70,
            M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 225, each: 10, piece: "sachet|sachets",
            pieceIsPack: true, pack: 50, price: 2.80),
        R(
            "fish-gelatine", "fish gelatine, 200 bloom", "fish gelatin|fish gelatine powder", 0.62, 0.70, M(12, 0, 0, 87, 0, 1), Setters,
            has: Fish, from: Origin.Slaughter, bloom: 200, pack: 50, price: 4.00),
        R(
            "agar-flakes", "agar flakes", "agar-agar flakes|agar strips|agar strands", 0.15, 0.70, M(12, 0.2, 1, 3, 0, 83.8), Setters,
            pack: 28, price: 4.20, traits: Traits.Agar),
        R(
            "vegetarian-setter", "vegetarian setting powder",
            "vegetarian gelatine|vegan gelatine|vegetable gelatine|vegetarian gelling powder|vegan gelling powder|"
                + "carrageenan powder|carrageenan", 0.70, 0.66, M(6, 0, 30, 0, 0, 64), Setters, each: 6.5,
            piece: "sachet|sachets", pieceIsPack: true,
            pack: 13, price: 1.60, source: SourceKind.Packets, traits: Traits.Agar),
        R(
            "liquid-pectin", "liquid pectin", "bottled pectin", 1.05, Wet, M(90, 0, 3, 0.1, 0, 6.9), Setters, pack: 250, price: 3.00,
            source: SourceKind.Packets, traits: Traits.Pectin),
        R(
            "guar-gum", "guar gum", "guar|locust bean gum|carob gum", 0.65, 0.66, M(10, 0.5, 0, 5, 0, 84.5), Setters, pack: 100,
            price: 3.00),
        R(
            "psyllium", "psyllium husk", "psyllium|psyllium husk powder", 0.40, 0.70, M(8, 1, 0, 2, 0, 89), Setters, pack: 200,
            price: 4.00),
        R(
            "egg-replacer", "egg replacer powder", "egg replacer|vegan egg powder", 0.60, Floury,
            M(8, 0.5, 2, 2, 80, 7.5), Setters, sets: 0.6, pack: 135, price: 3.00, source: SourceKind.Packets),
        R(
            "aquafaba", "chickpea water", "aquafaba|chickpea liquid|liquid from a tin of chickpeas", 1.02, Wet,
            M(94, 0.2, 0.8, 1.3, 1.5, 2.2), Setters, pack: 150, price: 0.60),
        R(
            "cream-stabiliser", "cream stabiliser powder",
            "cream stabiliser|cream stiffener|whipped cream stabiliser|whipping cream stabilizer|cream stabilizer|"
                + "whipped cream stiffener", 0.70, Sweet,
            M(3, 0, 65, 0, 28, 4), Setters, each: 8, piece: "sachet|sachets", pieceIsPack: true, pack: 40, price: 1.60,
            source: SourceKind.Packets,
            traits: Traits.SetsCream),
        R(
            "rennet", "rennet", "junket tablets|rennet tablets|liquid rennet|vegetarian rennet", 1.00, Wet, M(85, 0, 0, 2, 0, 13),
            Setters, pack: 100, price: 3.00),
        R(
            "lecithin", "lecithin", "soya lecithin|soy lecithin|sunflower lecithin", 0.50, Fatty, M(1, 92, 7, 0, 0, 0), Setters,
            has: Soya, pack: 100, price: 3.40),
        R(
            "jelly-crystals", "jelly crystals (gelatin dessert powder)",
            "jelly powder|flavored gelatin powder|gelatin dessert mix|flavoured jelly crystals|packet jelly crystals|"
                + "lime gelatin|strawberry gelatin|raspberry gelatin", 0.88, Sweet, M(2, 0, 87, 8, 0, 3), Setters,
            from: Origin.Slaughter, boughtAs: "85 g packet", pack: 85, price: 1.00, source: SourceKind.Packets),
        R(
            "vegetarian-jelly", "vegetarian jelly crystals", "vegan jelly crystals|vegan jelly|vegetarian jelly", 0.88, Sweet,
            M(2, 0, 88, 0, 0, 10), Setters, boughtAs: "85 g packet", pack: 85, price: 1.20,
            source: SourceKind.Packets, traits: Traits.Agar),
    ];
}
