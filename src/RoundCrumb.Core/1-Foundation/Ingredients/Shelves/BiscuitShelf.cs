using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Biscuits, whole or as crumbs, and other bought baked things. What one biscuit weighs is from packets.</summary>
internal static class BiscuitShelf
{
    private const SourceKind P = SourceKind.Packets;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "biscuit-crumbs", "plain wheat biscuit crumbs",
            "plain biscuits|biscuits|biscuit crumbs|tea biscuits|rich tea biscuits|plain cookies|plain wheat biscuits|cookie "
                + "crumbs|crushed biscuits",
            0.45, Floury, M(3, 15, 20, 7, 52, 3), Biscuits, Wheat | Milk, each: 8, piece: "biscuit|biscuits", pack: 300, price: 0.90,
            source: P),
        R(
            "wheatmeal-crumbs", "wheatmeal biscuit crumbs (graham cracker)",
            "graham crackers|graham cracker crumbs|graham crumbs|wheatmeal biscuits|digestive biscuits|digestives|digestive "
                + "biscuit crumbs|digestive crumbs|sweetmeal biscuits",
            0.45, Floury, M(3, 20, 17, 7, 48, 5), Biscuits, Wheat, each: 15, piece: "biscuit|biscuits", pack: 400, price: 1.20,
            source: P),
        R(
            "ginger-biscuit-crumbs", "ginger biscuit crumbs (gingersnap)",
            "ginger biscuits|gingersnaps|ginger nuts|ginger snaps|gingernut biscuits|gingersnap crumbs|ginger cookies", 0.47, Floury,
            M(3, 15, 34, 5.5, 40, 2.5), Biscuits, Wheat, each: 10, piece: "biscuit|biscuits", pack: 250, price: 0.95, source: P),
        R(
            "vanilla-wafer-crumbs", "vanilla wafer crumbs", "vanilla wafers|vanilla wafer cookies|small vanilla biscuits", 0.45, Floury,
            M(4, 17, 36, 5, 36, 2), Biscuits, Wheat | Milk | Egg, each: 4, piece: "wafer|wafers", pack: 310, price: 2.40, source: P),
        R(
            "sandwich-biscuit-crumbs", "chocolate sandwich biscuit crumbs, filled",
            "chocolate sandwich cookies|chocolate sandwich biscuits|sandwich biscuits|cream-filled chocolate cookies|chocolate "
                + "cream biscuits|filled chocolate biscuits|chocolate sandwich cookie crumbs",
            0.48, Floury, M(2.5, 20, 38, 5, 31, 3.5), Biscuits, Wheat | Soya | Milk, each: 11, piece: "biscuit|biscuits", pack: 154,
            price: 1.10, source: P),
        R(
            "chocolate-biscuit-crumbs", "chocolate biscuit crumbs",
            "chocolate wafers|chocolate wafer cookies|chocolate cookies|plain chocolate biscuits|chocolate cookie crumbs|chocolate "
                + "wafer crumbs|chocolate biscuits",
            0.45, Floury, M(3, 17, 28, 7, 40, 5), Biscuits, Wheat | Milk | Soya, each: 8, piece: "biscuit|biscuits", pack: 250,
            price: 1.40, source: P, traits: Traits.RichCrumb),
        R(
            "shortbread-crumbs", "shortbread crumbs", "shortbread|shortbread biscuits|shortbread cookies|all-butter biscuits", 0.48,
            Floury, M(3, 28, 17, 6, 44, 2), Biscuits, Wheat | Milk, each: 17, piece: "finger|fingers", pack: 200, price: 1.50,
            source: P,
            traits: Traits.ButteryCrumb),
        R(
            "spiced-biscuit-crumbs", "caramelised spiced biscuit crumbs",
            "speculoos|speculoos biscuits|spiced biscuits|caramelised biscuits|speculaas biscuits|spiced biscuit crumbs", 0.46, Floury,
            M(2, 19, 38, 5, 34, 2), Biscuits, Wheat | Soya, each: 6, piece: "biscuit|biscuits", pack: 250, price: 1.60, source: P,
            traits: Traits.RichCrumb),
        R(
            "oat-biscuit-crumbs", "oat biscuit crumbs", "oat biscuits|oat cookies|oatmeal cookies|oaty biscuits", 0.45, Floury,
            M(3, 21, 25, 7, 38, 6), Biscuits, Wheat | Oats | Milk, each: 14, piece: "biscuit|biscuits", pack: 300, price: 1.40,
            source: P,
            traits: Traits.CoarseCrumb),
        R(
            "coconut-biscuit-crumbs", "coconut biscuit crumbs", "coconut biscuits|coconut rings|coconut cookies", 0.45, Floury,
            M(3, 22, 26, 6, 38, 5), Biscuits, Wheat | Milk, each: 8, piece: "biscuit|biscuits", pack: 300, price: 1.10, source: P,
            traits: Traits.RichCrumb),
        R(
            "pretzel-crumbs", "pretzel crumbs", "pretzels|salted pretzels|crushed pretzels|mini pretzels", 0.40, Floury,
            M(3, 4, 3, 10, 72, 8), Biscuits, Wheat | Barley, each: 2, piece: "pretzel|pretzels", pack: 175, price: 1.60, source: P),
        R(
            "saltine-crumbs", "salted cracker crumbs", "saltines|saltine crackers|crackers|soda crackers|cream crackers|salted crackers",
            0.40, Floury, M(4, 10, 2, 10, 69, 5), Biscuits, Wheat, each: 3, piece: "cracker|crackers", pack: 300, price: 1.10,
            source: P),
        R(
            "sponge-fingers", "sponge fingers (ladyfingers)", "ladyfingers|lady fingers|savoiardi|boudoir biscuits|sponge biscuits", 0.20,
            Floury, M(7, 4, 45, 8, 35, 1), Biscuits, Wheat | Egg, each: 8, piece: "finger|fingers", pack: 200, price: 1.40, source: P),
        R(
            "cornflakes", "cornflakes", "corn flakes|cornflake cereal", 0.13, Floury, M(4, 0.9, 8, 7, 75, 5.1), Biscuits, Barley,
            pack: 500, price: 1.50, source: P),
        R(
            "puffed-rice", "puffed rice", "puffed rice cereal|crisped rice|rice cereal|crisp rice cereal", 0.11, Floury,
            M(4, 1, 8, 6, 79, 2), Biscuits, Barley, pack: 400, price: 1.60, source: P),
        R(
            "meringue-shells", "meringues, bought", "meringues|meringue nests|crushed meringue", 0.18, Sweet, M(3, 0, 91, 5, 0, 1),
            Biscuits, Egg, each: 13, piece: "nest|nests", pack: 100, price: 1.30, source: P),
        R(
            "shortcrust-pastry", "shortcrust pastry, bought",
            "ready-made shortcrust pastry|shortcrust pastry|ready-rolled shortcrust|shortcrust|pie crust dough|store-bought pie crust",
            1.20, 0.85, M(22, 29, 1.5, 6, 38.5, 3), Biscuits, Wheat, boughtAs: "320 g sheet", pack: 320, price: 1.60,
            source: P,
            traits: Traits.BoughtDough),
        R(
            "tart-shell", "sweet tart shell, bought baked",
            "ready-made shell|ready-made pastry shell|ready-made pastry case|shortcrust pastry case|pastry case|"
                + "sweet pastry case|ready-made tart shell|baked pastry case|ready-made pie crust|prepared pie crust|pie shell",
            0.60, Floury, M(4, 26, 20, 6, 41, 3), Biscuits, Wheat | Milk | Egg, across: 230, boughtAs: "23 cm shell", pack: 190,
            price: 2.20, source: P,
            traits: Traits.BoughtShell),
        R(
            "tartlet-shell", "sweet tartlet shells, bought baked", "tartlet cases|mini tart shells|tartlet shells|pastry tartlet cases",
            0.60, Floury, M(4, 26, 20, 6, 41, 3), Biscuits, Wheat | Milk | Egg, each: 24, across: 80,
            piece: "8 cm shell|8 cm shells", pack: 288,
            price: 4.80, source: P,
            traits: Traits.BoughtShell),
        R(
            "puff-pastry", "puff pastry, bought", "ready-made puff pastry|puff pastry|ready-rolled puff pastry|puff pastry sheet", 1.15,
            0.85, M(28, 25, 1.5, 6, 37, 2.5), Biscuits, Wheat, boughtAs: "320 g sheet", pack: 320, price: 1.80,
            source: P,
            traits: Traits.BoughtDough),
        R(
            "filo-pastry", "filo pastry", "phyllo|phyllo pastry|filo|phyllo dough", 0.60, 0.75, M(30, 3, 2, 8, 55, 2), Biscuits, Wheat,
            each: 45, piece: "sheet|sheets", pack: 270, price: 1.70, source: P),
    ];
}
