using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Pastry and shells as they are bought, by kind, size and state.</summary>
internal static class BoughtPastryShelf
{
    private const SourceKind P = SourceKind.Packets;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "sweet-shortcrust", "sweet shortcrust pastry, bought",
            "ready-made sweet shortcrust|sweet shortcrust pastry|sweet pastry|ready-rolled sweet shortcrust pastry|"
                + "ready-made sweet pastry|sweet shortcrust", 1.20, 0.85, M(17, 24, 14, 6, 37, 2), Biscuits, has: Wheat | Egg | Milk,
            boughtAs: "320 g sheet", pack: 320, price: 2.00, source: P,
            traits: Traits.BoughtDough),
        R(
            "shortcrust-block", "shortcrust pastry, block",
            "block of shortcrust pastry|chilled block of shortcrust|500g block shortcrust", 1.20, 0.85, M(22, 29, 1.5, 6, 38.5, 3),
            Biscuits, has: Wheat, boughtAs: "500 g block", pack: 500, price: 1.60, source: P,
            traits: Traits.BoughtDough),
        R(
            "all-butter-shortcrust", "all-butter shortcrust pastry, bought",
            "all-butter shortcrust pastry|all-butter shortcrust|ready-made all-butter shortcrust pastry|butter shortcrust pastry", 1.20,
            0.85, M(22, 28, 2, 6, 39, 3), Biscuits, has: Wheat | Milk, boughtAs: "320 g sheet", pack: 320,
            price: 2.40, source: P,
            traits: Traits.BoughtDough),
        R(
            "refrigerated-pie-crust", "pie crust sheet, chilled",
            "refrigerated pie crust|rolled refrigerated pie crust|store-bought pie dough|pie dough round|ready-to-bake pie crust", 1.20,
            0.85, M(27, 22, 4, 3.5, 41, 2.5), Biscuits, has: Wheat, each: 200, across: 290, piece: "29 cm round|29 cm rounds",
            pack: 400, price: 3.60,
            source: P,
            traits: Traits.BoughtDough),
        R(
            "frozen-shortcrust-sheet", "shortcrust sheet, frozen",
            "frozen shortcrust pastry|frozen shortcrust sheets|sheets of frozen shortcrust pastry|frozen shortcrust pastry sheets", 1.20,
            0.85, M(24, 27, 2, 6, 38, 3), Biscuits, has: Wheat, each: 200, piece: "25 cm sheet|25 cm sheets", pack: 1000, price: 4.50,
            source: P,
            traits: Traits.BoughtDough),
        R(
            "frozen-pie-shell", "pie shell, frozen unbaked",
            "frozen pie shell|frozen pie crust|unbaked pie shell|unbaked pie crust|unbaked 9-inch pie shell|"
                + "frozen unbaked pie shell|deep-dish pie shell|frozen deep-dish pie crust", 0.90, 0.85, M(20, 26, 4, 5, 42, 3),
            Biscuits, has: Wheat, each: 170, across: 230, piece: "23 cm shell|23 cm shells", pack: 340, price: 3.00, source: P,
            traits: Traits.BoughtDough),
        R(
            "baked-pie-shell", "pie shell, bought baked",
            "baked pie shell|prebaked pie shell|pre-baked pie crust|baked pie crust|cooked pastry case|"
                + "ready-baked pastry case|blind-baked pastry case", 0.60, Floury, M(5, 28, 4, 6, 53, 4), Biscuits, has: Wheat,
            across: 230, boughtAs: "23 cm shell", pack: 150, price: 2.40, source: P,
            traits: Traits.BoughtShell),
        R(
            "crumb-shell", "crumb crust, bought",
            "graham cracker crust|graham cracker pie crust|ready-made crumb crust|ready-made graham cracker crust|"
                + "crumb shell|prepared graham cracker crust|ready-made biscuit base|biscuit crust, bought", 0.60, Floury,
            M(3, 24, 26, 4.5, 40, 2.5), Biscuits, has: Wheat | Soya, across: 230, boughtAs: "23 cm crust", pack: 170,
            price: 2.80, source: P,
            traits: Traits.BoughtShell),
        R(
            "chocolate-crumb-shell", "chocolate crumb crust, bought",
            "chocolate cookie crust|chocolate crumb crust|ready-made chocolate crumb crust|chocolate cookie pie crust|"
                + "prepared chocolate crust", 0.60, Floury, M(3, 24, 30, 4.5, 35, 3.5), Biscuits, has: Wheat | Soya | Milk,
            across: 230, boughtAs: "23 cm crust", pack: 170, price: 2.80, source: P,
            traits: Traits.BoughtShell),
        R(
            "chocolate-tart-shell", "chocolate tart shell, bought baked",
            "chocolate pastry case|chocolate tart case|chocolate tart shell", 0.60, Floury, M(4, 26, 24, 6, 35, 5), Biscuits,
            has: Wheat | Milk | Egg, across: 230, boughtAs: "23 cm shell", pack: 190, price: 2.60, source: P,
            traits: Traits.BoughtShell),
        R(
            "gluten-free-pastry", "gluten-free pastry, bought",
            "gluten-free shortcrust pastry|gluten-free pastry|gf pastry|gluten-free pie crust", 1.20, 0.85, M(24, 25, 2, 3, 42, 4),
            Biscuits, has: Egg, boughtAs: "280 g sheet", pack: 280, price: 3.20, source: P,
            traits: Traits.BoughtDough),
        R(
            "all-butter-puff", "all-butter puff pastry, bought",
            "all-butter puff pastry|butter puff pastry|ready-rolled all-butter puff pastry|all-butter puff", 1.15, 0.85,
            M(29, 23, 1.5, 6, 38, 2.5), Biscuits, has: Wheat | Milk, boughtAs: "320 g sheet", pack: 320,
            price: 2.60, source: P,
            traits: Traits.BoughtDough),
        R(
            "kataifi", "shredded filo", "kataifi|kadaif|kadayif|shredded phyllo", 0.25, 0.75, M(30, 3, 2, 8, 55, 2), Biscuits,
            has: Wheat, pack: 400, price: 3.40, source: P),
        R(
            "vol-au-vents", "vol-au-vent cases", "vol au vents|puff pastry cases|patty shells", 0.20, Floury, M(5, 32, 2, 7, 51, 3),
            Biscuits, has: Wheat, each: 15, piece: "case|cases", pack: 120, price: 2.00, source: P),
    ];
}
