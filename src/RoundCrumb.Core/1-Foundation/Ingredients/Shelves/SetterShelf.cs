using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>What sets without starch or egg. Gelatine of another strength converts by the square root of the bloom ratio.</summary>
internal static class SetterShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "gelatine", "gelatine powder, 200 bloom",
            "gelatine|gelatin|powdered gelatine|powdered gelatin|unflavored gelatin|unflavoured gelatine|gelatine granules|gelatin "
                + "powder|gelatine powder",
            0.62, 0.70, M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 200, each: 7,
            piece: "sachet|sachets", pieceIsPack: true, pack: 42,
            price: 2.40),
        R(
            "gelatine-leaf", "leaf gelatine, 180 bloom",
            "leaf gelatine|leaf gelatin|sheet gelatine|gelatine leaves|gelatine sheets|gelatin sheets|gelatin leaves|sheets gelatine|"
                + "leaves of gelatine|gelatine leaf|silver gelatine leaf|gelatine sheet|sheets of gelatine",
            0.62, 0.70, M(12, 0, 0, 87, 0, 1), Setters, from: Origin.Slaughter, bloom: 180, each: 2, piece: "leaf|leaves", pack: 24,
            price: 2.20),
        R(
            "agar", "agar powder", "agar-agar powder|agar|agar-agar|agar agar", 0.60, 0.70, M(9, 0.2, 1, 2, 0, 87.8), Setters, pack: 28,
            price: 3.60, traits: Traits.Agar),
        R(
            "pectin", "pectin", "powdered pectin|apple pectin", 0.70, 0.66, M(9, 0, 45, 0.3, 0, 45.7), Setters, pack: 39, price: 1.60,
            source: SourceKind.Packets, traits: Traits.Pectin),
        R("xanthan-gum", "xanthan gum", "xanthan", 0.68, 0.66, M(10, 0, 0, 5, 0, 85), Setters, pack: 100, price: 2.50),
        R(
            "jelly-cubes", "jelly cubes (gelatin dessert)", "jelly|jelly tablet|fruit jelly cubes|packet jelly", 1.30, 0.70,
            M(30, 0, 62, 5, 0, 3), Setters, from: Origin.Slaughter, boughtAs: "135 g tablet", pack: 135, price: 0.80,
            source: SourceKind.Packets),
    ];
}
