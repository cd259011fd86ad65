using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>More kinds of biscuit and baked crumb.</summary>
internal static class BiscuitKindShelf
{
    private const SourceKind P = SourceKind.Packets;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "custard-creams", "custard cream biscuits",
            "custard creams|vanilla sandwich biscuits|vanilla sandwich cookies|vanilla cream biscuits|golden sandwich cookies", 0.47,
            Floury, M(2.5, 20, 34, 5.5, 36, 2), Biscuits, has: Wheat | Milk, each: 12, piece: "biscuit|biscuits", pack: 150,
            price: 0.80,
            source: P, traits: Traits.RichCrumb),
        R(
            "malted-milk-biscuits", "malted milk biscuits", "malt biscuits|malted biscuits", 0.45, Floury, M(3, 21, 20, 7, 47, 2),
            Biscuits, has: Wheat | Barley | Milk, each: 8, piece: "biscuit|biscuits", pack: 200, price: 0.80, source: P),
        R(
            "arrowroot-biscuits", "arrowroot biscuits",
            "milk arrowroot biscuits|plain sweet biscuits|sweet plain biscuits|marie biscuits|maria biscuits|milk coffee biscuits", 0.45,
            Floury, M(3, 13, 21, 7.5, 53, 2.5), Biscuits, has: Wheat | Milk, each: 7, piece: "biscuit|biscuits", pack: 250, price: 1.60,
            source: P),
        R(
            "butter-biscuits", "butter biscuits", "petit beurre biscuits|petit beurre|butter cookies|all-butter cookies|butter rings",
            0.46, Floury, M(3, 19, 23, 7, 46, 2), Biscuits, has: Wheat | Milk, each: 8, piece: "biscuit|biscuits", pack: 200,
            price: 1.60, source: P, traits: Traits.ButteryCrumb),
        R(
            "amaretti", "amaretti biscuits", "amaretti|crisp amaretti|amaretti cookies|macaroons, almond|crunchy amaretti", 0.42, Floury,
            M(3, 13, 60, 8, 12, 4), Biscuits, has: Almond | Egg | Wheat, each: 5, piece: "biscuit|biscuits", pack: 200, price: 2.60,
            source: P, traits: Traits.RichCrumb),
        R(
            "coconut-macaroons", "coconut macaroons", "macaroons", 0.45, Floury, M(8, 22, 48, 4, 12, 6), Biscuits, has: Egg | Wheat,
            each: 25, piece: "macaroon|macaroons", pack: 200, price: 2.00, source: P, traits: Traits.RichCrumb),
        R(
            "almond-biscuits", "almond biscuits", "biscotti|cantucci|cantuccini|almond cookies|almond thins", 0.45, Floury,
            M(4, 18, 32, 10, 33, 3), Biscuits, has: Wheat | Almond | Egg, each: 9, piece: "biscuit|biscuits", pack: 200, price: 2.40,
            source: P),
        R(
            "lemon-biscuits", "lemon biscuits", "lemon cookies|lemon thins|lemon puff biscuits|orange biscuits", 0.45, Floury,
            M(3, 18, 27, 6, 43, 3), Biscuits, has: Wheat | Milk, each: 9, piece: "biscuit|biscuits", pack: 200, price: 1.40, source: P),
        R(
            "chocolate-chip-biscuits", "chocolate chip biscuits",
            "chocolate chip cookies|choc chip cookies|chocolate chip cookie crumbs", 0.46, Floury, M(3, 24, 33, 6, 31, 3), Biscuits,
            has: Wheat | Milk | Soya, each: 11, piece: "biscuit|biscuits", pack: 180, price: 1.20, source: P, traits: Traits.RichCrumb),
        R(
            "coated-wheatmeal-biscuits", "chocolate-coated wheatmeal biscuits",
            "chocolate digestives|chocolate digestive biscuits|milk chocolate digestives|dark chocolate digestives|"
                + "chocolate-coated digestives", 0.46, Floury, M(2.5, 24, 29, 7, 34, 3.5), Biscuits, has: Wheat | Milk | Soya, each: 17,
            piece: "biscuit|biscuits", pack: 266, price: 1.60, source: P, traits: Traits.RichCrumb),
        R(
            "caramel-waffles", "caramel wafers", "caramel waffles|syrup waffles|waffle biscuits|toffee waffles", 0.48, Floury,
            M(8, 18, 36, 4, 32, 2), Biscuits, has: Wheat | Milk | Soya | Egg, each: 30, piece: "waffle|waffles", pack: 250, price: 2.00,
            source: P, traits: Traits.RichCrumb),
        R(
            "ice-cream-cones", "ice-cream cones", "sugar cones|waffle cones|wafer cones|ice cream wafers|cones", 0.28, Floury,
            M(4, 6, 24, 8, 56, 2), Biscuits, has: Wheat | Soya, each: 12, piece: "cone|cones", pack: 120, price: 1.60, source: P),
        R(
            "wafer-biscuits", "wafer biscuits, filled",
            "filled wafers|hazelnut wafers|pink wafers|cream wafers|wafer rolls|rolled wafers", 0.40, Floury, M(2, 27, 40, 4, 25, 2),
            Biscuits, has: Wheat | Milk | Soya | Hazelnut, each: 8, piece: "wafer|wafers", pack: 150, price: 1.20, source: P,
            traits: Traits.RichCrumb),
        R(
            "animal-biscuits", "small plain biscuits", "animal crackers|animal biscuits|alphabet biscuits|tea biscuits, small", 0.46,
            Floury, M(3, 14, 20, 7, 54, 2), Biscuits, has: Wheat | Milk, each: 2.5, piece: "biscuit|biscuits", pack: 200, price: 1.60,
            source: P),
        R(
            "cinnamon-biscuits", "cinnamon biscuits", "cinnamon cookies|cinnamon graham crackers|cinnamon crackers|snickerdoodles", 0.45,
            Floury, M(3, 18, 26, 6, 44, 3), Biscuits, has: Wheat | Milk, each: 9, piece: "biscuit|biscuits", pack: 250, price: 1.80,
            source: P),
        R(
            "chocolate-wheatmeal", "chocolate wheatmeal biscuits",
            "chocolate graham crackers|chocolate graham crumbs|chocolate crackers", 0.45, Floury, M(3, 15, 28, 7, 43, 4), Biscuits,
            has: Wheat | Soya, each: 14, piece: "biscuit|biscuits", pack: 400, price: 2.40, source: P),
        R(
            "bran-flakes", "bran flakes", "wheat flakes|wheat biscuits cereal|breakfast cereal flakes", 0.20, Floury,
            M(4, 2.5, 14, 10, 57, 12.5), Biscuits, has: Wheat | Barley, pack: 500, price: 1.60, source: P),
        R(
            "oatcakes", "oatcakes", "rough oatcakes|fine oatcakes|oat crackers", 0.45, Floury, M(4, 18, 1.5, 10, 55, 11.5), Biscuits,
            has: Oats | Wheat, each: 10, piece: "oatcake|oatcakes", pack: 250, price: 1.20, source: P, traits: Traits.CoarseCrumb),
        R(
            "water-biscuits", "water biscuits", "crispbread|matzo|matzo crackers|rice crackers", 0.40, Floury, M(4, 6, 2, 10, 74, 4),
            Biscuits, has: Wheat | Rye, each: 5, piece: "biscuit|biscuits", pack: 200, price: 1.20, source: P),
        R(
            "gluten-free-biscuits", "gluten-free biscuits",
            "gluten-free digestives|gluten-free digestive biscuits|gluten-free cookies|gf biscuits|gluten-free graham crackers", 0.45,
            Floury, M(3, 21, 20, 3, 50, 3), Biscuits, has: Oats | Soya, each: 12, piece: "biscuit|biscuits", pack: 160, price: 2.20,
            source: P),
        R(
            "gluten-free-ginger", "gluten-free ginger biscuits", "gluten-free gingernuts|gluten-free gingersnaps|gf ginger biscuits",
            0.47, Floury, M(3, 16, 34, 2.5, 42, 2.5), Biscuits, has: Soya, each: 10, piece: "biscuit|biscuits", pack: 160, price: 2.20,
            source: P),
        R(
            "brownie", "brownies", "brownie crumbs|chocolate brownie|brownie|chocolate cake|chocolate cake crumbs", 0.55, 0.75,
            M(15, 22, 44, 5, 10, 4), Biscuits, has: Wheat | Egg | Milk | Soya, each: 45, piece: "brownie|brownies", pack: 300,
            price: 2.60, source: P, traits: Traits.RichCrumb),
        R(
            "panettone", "panettone", "brioche|brioche crumbs|croissants|stale croissants|sweet bread", 0.22, 0.75,
            M(25, 18, 22, 8, 25, 2), Biscuits, has: Wheat | Egg | Milk, each: 45, piece: "piece|pieces", pack: 400, price: 3.00,
            source: P),
        R(
            "gingerbread", "gingerbread", "ginger cake|gingerbread crumbs|parkin|ginger cake crumbs|gingerbread biscuits", 0.40, Floury,
            M(16, 11, 36, 5, 30, 2), Biscuits, has: Wheat | Egg, each: 12, piece: "biscuit|biscuits", pack: 250, price: 1.60,
            source: P),
        R(
            "rice-cakes", "rice cakes", "puffed corn|popcorn|caramel popcorn|toasted popcorn", 0.10, Floury, M(4, 4, 4, 8, 75, 5),
            Biscuits, each: 9, piece: "cake|cakes", pack: 130, price: 1.30, source: P),
        R(
            "potato-crisps", "salted crisps (potato chips)", "potato chips|crisps|ready salted crisps|tortilla chips|corn chips", 0.12,
            Floury, M(2, 33, 1, 6, 50, 8), Biscuits, pack: 150, price: 1.50, source: P, traits: Traits.Salty),
    ];
}
