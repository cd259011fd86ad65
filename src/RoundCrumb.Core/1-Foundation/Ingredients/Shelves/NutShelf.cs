using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Nuts and seeds; toasted they lose 5 to 8 %.</summary>
internal static class NutShelf
{
    private const double Toast = 0.06;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "ground-almonds", "ground almonds (almond meal)", "almond meal|almond flour|almond powder|ground almond", 0.41, Meal,
            M(5, 51, 4, 21, 3, 16), Nuts, Almond, loss: Toast, pack: 200, price: 2.60, traits: Traits.GroundNuts),
        R(
            "almonds", "almonds", "whole almonds|blanched almonds|almond", 0.60, Nutty, M(4.5, 51, 4, 21, 3, 16.5), Nuts, Almond,
            loss: Toast, each: 1.2, piece: "almond|almonds", pack: 200, price: 2.60),
        R(
            "flaked-almonds", "flaked almonds (sliced)", "sliced almonds|almond flakes", 0.38, Nutty,
            M(4.5, 51, 4, 21, 3, 16.5), Nuts, Almond, loss: 0.07, pack: 150, price: 2.10),
        R(
            "hazelnuts", "hazelnuts (filberts)", "filberts|blanched hazelnuts|roasted hazelnuts|hazelnut|toasted hazelnuts", 0.57, Nutty,
            M(5, 61, 4.3, 15, 1, 13.7), Nuts, Hazelnut, loss: Toast, pack: 150, price: 2.60),
        R(
            "ground-hazelnuts", "ground hazelnuts", "hazelnut meal|hazelnut flour|ground hazelnut", 0.40, Meal, M(5, 61, 4.3, 15, 1, 13.7),
            Nuts, Hazelnut, loss: Toast, pack: 150, price: 2.90, traits: Traits.GroundNuts),
        R(
            "walnuts", "walnuts", "walnut halves|walnut pieces|walnut|chopped walnuts", 0.45, Nutty, M(4, 65, 2.6, 15, 1, 12.4), Nuts,
            Walnut, loss: Toast, each: 2.5, piece: "half|halves", pack: 200, price: 2.80),
        R(
            "pecans", "pecans", "pecan halves|pecan nuts|pecan|chopped pecans", 0.45, Nutty, M(3.5, 72, 4, 9, 0.5, 11), Nuts, Pecan,
            loss: Toast, each: 1.7, piece: "half|halves", pack: 150, price: 3.20),
        R(
            "pistachios", "pistachios, shelled",
            "pistachio|pistachio nuts|shelled pistachios|pistachio kernels", 0.52, Nutty,
            M(4, 45, 8, 20, 5, 18), Nuts, Pistachio, loss: Toast, pack: 150, price: 4.50),
        R(
            "cashews", "cashews", "cashew nuts|cashew", 0.56, Nutty, M(5, 44, 6, 18, 23, 4), Nuts, Cashew, loss: Toast, pack: 200,
            price: 2.80),
        R(
            "macadamias", "macadamia nuts", "macadamias|macadamia", 0.56, Nutty, M(1.5, 76, 4.5, 8, 1, 9), Nuts, Macadamia, loss: Toast,
            pack: 125, price: 4.20),
        R(
            "brazil-nuts", "brazil nuts", "brazils", 0.56, Nutty, M(3.5, 67, 2.3, 14, 0.3, 12.9), Nuts, BrazilNut, loss: Toast,
            pack: 200,
            price: 3.00),
        R(
            "peanuts", "peanuts", "roasted peanuts|groundnuts", 0.60, Nutty, M(4, 49, 4.7, 26, 6, 10.3), Nuts, Peanut,
            loss: Toast, pack: 200, price: 1.20),
        R(
            "peanut-butter", "peanut butter", "smooth peanut butter", 1.08, 0.95, M(1.5, 51, 6, 25, 5, 11.5), Nuts,
            Peanut, pack: 340, price: 2.20, source: SourceKind.Packets),
        R(
            "almond-butter", "almond butter", "", 1.06, 0.95, M(2, 55, 5, 21, 1, 16), Nuts, Almond, pack: 170, price: 3.20,
            source: SourceKind.Packets),
        R(
            "tahini", "tahini", "sesame paste|sesame seed paste", 1.05, 0.95, M(3, 54, 0.5, 18, 10, 14.5), Nuts, Sesame, pack: 300,
            price: 2.80),
        R(
            "sesame-seeds", "sesame seeds", "white sesame seeds|black sesame seeds|toasted sesame seeds|sesame", 0.60, Nutty,
            M(4.5, 50, 0.5, 18, 5, 22), Nuts, Sesame, loss: Toast, pack: 100, price: 1.30),
        R("poppy-seeds", "poppy seeds", "blue poppy seeds", 0.58, Nutty, M(6, 42, 3, 18, 3, 28), Nuts, pack: 100, price: 1.60),
        R(
            "pumpkin-seeds", "pumpkin seeds (pepitas)", "pepitas|pumpkin kernels", 0.55, Nutty, M(5, 49, 1.4, 30, 2, 12.6), Nuts,
            loss: Toast, pack: 150, price: 1.60),
        R("sunflower-seeds", "sunflower seeds", "", 0.58, Nutty, M(5, 51, 2.6, 21, 3, 17.4), Nuts, loss: Toast, pack: 150, price: 1.20),
        R(
            "pine-nuts", "pine nuts", "pine kernels|pignoli", 0.57, Nutty, M(2.5, 68, 3.6, 14, 1.4, 10.5), Nuts, loss: Toast, pack: 100,
            price: 3.60),
        R(
            "desiccated-coconut", "desiccated coconut (dry unsweetened)",
            "unsweetened coconut|shredded coconut|desiccated coconut|dried coconut|unsweetened shredded coconut|coconut", 0.36, 0.80,
            M(3, 64, 7, 7, 0, 19), Nuts, loss: Toast, pack: 200, price: 1.20),
        R(
            "coconut-flakes", "coconut flakes", "flaked coconut|coconut chips|toasted coconut flakes", 0.22, 0.80, M(3, 63, 8, 7, 0, 19),
            Nuts, loss: 0.07, pack: 100, price: 1.50),
        R(
            "sweetened-coconut", "sweetened shredded coconut", "sweetened coconut|sweetened flaked coconut|angel flake coconut", 0.40,
            0.78, M(13, 33, 41, 3, 0, 10), Nuts, Sulphites, loss: Toast, pack: 200, price: 2.40),
        R(
            "marzipan", "marzipan (almond paste)", "almond paste|marzipan", 1.20, 0.80, M(11, 24, 54, 8, 1, 2), Nuts, Almond, pack: 250,
            price: 2.60),
        R(
            "chestnut-puree", "chestnut purée", "chestnut puree", 1.10, 0.90,
            M(50, 1.5, 20, 2, 22, 4.5), Nuts, sets: 0.1, pack: 435, price: 3.20),
    ];
}
