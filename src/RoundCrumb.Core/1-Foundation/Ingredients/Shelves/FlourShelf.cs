using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Flours, starches and grains. Starch equivalents per gram against cornflour.</summary>
internal static class FlourShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "plain-flour", "plain flour (all-purpose)",
            "flour|all-purpose flour|all purpose flour|ap flour|white flour|plain white flour|wheat flour", 0.53, Floury,
            M(13, 1.2, 0.8, 10.5, 71, 3.5), Flours, Wheat, sets: 0.5, pack: 1500, price: 1.15),
        R(
            "soft-flour", "soft flour (pastry)", "pastry flour|cake flour|sponge flour|soft plain flour|low-protein flour|00 flour", 0.50,
            Floury, M(13, 1.1, 0.8, 8.8, 73, 3.3), Flours, Wheat, sets: 0.5, pack: 1000, price: 1.60),
        R(
            "strong-flour", "strong flour (bread)", "bread flour|strong white flour|strong bread flour|high-protein flour", 0.55, Floury,
            M(13, 1.4, 0.9, 12.7, 68.5, 3.5), Flours, Wheat, sets: 0.5, pack: 1500, price: 1.40),
        R(
            "self-raising-flour", "self-raising flour (self-rising)", "self raising flour|self rising flour|sr flour", 0.53, Floury,
            M(12.8, 1.2, 0.8, 9.8, 70, 5.4), Flours, Wheat, sets: 0.48, pack: 1500, price: 1.15),
        R(
            "wholemeal-flour", "wholemeal flour (whole wheat)",
            "whole wheat flour|wholewheat flour|whole-wheat flour|wholegrain flour|brown flour|graham flour", 0.51, Floury,
            M(12, 2.2, 1.5, 12.5, 60, 11.8), Flours, Wheat, sets: 0.45, pack: 1500, price: 1.50),
        R(
            "spelt-flour", "spelt flour", "white spelt flour|wholegrain spelt flour", 0.49, Floury, M(12, 2.2, 1.5, 13.5, 62, 8.8), Flours,
            Wheat, sets: 0.45, pack: 1000, price: 2.10),
        R(
            "rye-flour", "rye flour", "dark rye flour|light rye flour|wholemeal rye flour", 0.47, Floury, M(12, 1.8, 1.8, 9, 60, 15.4),
            Flours, Rye, sets: 0.4, pack: 1000, price: 1.80),
        R(
            "oat-flour", "oat flour", "ground oats", 0.42, Floury, M(9, 8, 1, 13, 58, 11), Flours, Oats, sets: 0.4, pack: 500,
            price: 1.90,
            traits: Traits.Oats),
        R(
            "rolled-oats", "rolled oats", "oats|porridge oats|oatmeal|old-fashioned oats|jumbo oats|oat flakes", 0.38, 0.75,
            M(9, 8, 1, 12, 58, 12), Flours, Oats, sets: 0.3, loss: 0.06, pack: 1000, price: 1.25,
            traits: Traits.Oats | Traits.MakesCrumb),
        R(
            "semolina", "semolina", "fine semolina|semolina flour|durum semolina", 0.70, Floury, M(12, 1, 1, 12, 70, 4), Flours, Wheat,
            sets: 0.5, pack: 500, price: 1.10),
        R(
            "cornmeal", "fine polenta (cornmeal)", "polenta|cornmeal|maize meal|corn meal", 0.64, Floury, M(11, 2, 0.6, 7.5, 74, 4.9),
            Flours, sets: 0.5, pack: 500, price: 1.20),
        R("buckwheat-flour", "buckwheat flour", "", 0.51, Floury, M(11, 3, 1, 12, 63, 10), Flours, sets: 0.4, pack: 500, price: 2.20),
        R(
            "rice-flour", "rice flour", "white rice flour|ground rice", 0.63, Floury, M(12, 1.2, 0.2, 6.6, 78, 2), Flours, sets: 0.6,
            pack: 500, price: 1.70),
        R(
            "cornflour", "cornflour (cornstarch)", "starch|cornstarch|corn starch|corn flour|maize starch", 0.54, Floury,
            M(11, 0.1, 0, 0.4, 88, 0.5), Flours, sets: 1.0, pack: 500, price: 1.60),
        R(
            "potato-starch", "potato starch", "potato flour", 0.66, Floury, M(17, 0.1, 0, 0.1, 82, 0.8), Flours, sets: 1.1, pack: 500,
            price: 2.00),
        R(
            "arrowroot", "arrowroot", "arrowroot powder|arrowroot starch|arrowroot flour", 0.54, Floury, M(11, 0.1, 0, 0.3, 88, 0.6),
            Flours, sets: 1.0, pack: 100, price: 1.30),
        R(
            "tapioca-starch", "tapioca starch", "tapioca flour|tapioca|cassava starch|instant tapioca", 0.51, Floury,
            M(11, 0.1, 0.5, 0.2, 87.5, 0.7), Flours, sets: 1.0, pack: 500, price: 2.40),
        R(
            "custard-powder", "custard powder", "vanilla custard powder", 0.54, Floury, M(11, 0.4, 0.2, 0.4, 87, 1), Flours, sets: 0.95,
            pack: 300, price: 1.50, source: SourceKind.Packets),
    ];
}
