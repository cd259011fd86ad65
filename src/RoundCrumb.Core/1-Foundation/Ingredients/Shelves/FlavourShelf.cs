using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Salt, spice, extracts and raising agents.</summary>
internal static class FlavourShelf
{
    private const double Spice = 0.70;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "salt", "fine salt", "salt|table salt|sea salt|fine sea salt", 1.20, 0.40, M(0, 0, 0, 0, 0, 100), Flavours,
            from: Origin.Mineral, pack: 750, price: 0.70, traits: Traits.Salty),
        R(
            "flaky-salt", "flaky sea salt", "sea salt flakes|flaked sea salt|salt flakes|flaky salt|flake salt", 0.60, 0.40,
            M(0.5, 0, 0, 0, 0, 99.5), Flavours, from: Origin.Mineral, pack: 250, price: 2.00, traits: Traits.Salty),
        R(
            "vanilla", "vanilla extract", "vanilla|vanilla essence|pure vanilla extract|vanilla flavouring", 0.95, Wet,
            M(52, 0, 10, 0, 0, 38), Flavours, alcohol: 30, pack: 60, price: 3.50, traits: Traits.VanillaInSpirit),
        R(
            "vanilla-paste", "vanilla bean paste", "vanilla paste|vanilla bean paste", 1.20, 0.75, M(35, 0, 55, 0.3, 0, 9.7), Flavours,
            alcohol: 4, pack: 100, price: 6.00, traits: Traits.VanillaInSpirit),
        R(
            "vanilla-pod", "vanilla pod (bean)", "vanilla bean|vanilla pods|vanilla beans|vanilla pod, split", 0.40, Spice,
            M(25, 6, 12, 4, 3, 50), Flavours, each: 3, piece: "pod|pods", pack: 6, price: 6.00),
        R(
            "almond-extract", "almond extract", "almond essence", 0.92, Wet, M(58, 0, 0, 0, 0, 42), Flavours,
            may: Almond, alcohol: 34, pack: 38, price: 2.00),
        R(
            "peppermint-extract", "peppermint extract",
            "mint extract|peppermint essence", 0.90, Wet,
            M(30, 0, 0, 0, 0, 70), Flavours, alcohol: 60, pack: 38, price: 2.00),
        R(
            "rose-water", "rose water", "rosewater", 1.00, Wet,
            M(100, 0, 0, 0, 0, 0), Flavours, pack: 100, price: 1.80),
        R(
            "cinnamon", "ground cinnamon", "cinnamon|cinnamon powder|powdered cinnamon", 0.53, Spice, M(10, 1.2, 2, 4, 22, 60.8), Flavours,
            pack: 40, price: 1.20),
        R(
            "cinnamon-stick", "cinnamon stick", "cinnamon sticks|cinnamon bark", 0.30, 0, M(10, 1.2, 2, 4, 22, 60.8), Flavours, each: 3,
            piece: "stick|sticks", pack: 15, price: 1.40),
        R(
            "nutmeg", "ground nutmeg", "nutmeg|grated nutmeg|freshly grated nutmeg", 0.47, Spice, M(6, 36, 3, 6, 22, 27),
            Flavours, pack: 35, price: 1.60),
        R(
            "ground-ginger", "ground ginger", "ginger|powdered ginger|ginger powder|dried ginger", 0.40, Spice, M(10, 4, 3, 9, 50, 24),
            Flavours, pack: 35, price: 1.20),
        R(
            "cardamom", "ground cardamom", "cardamom|cardamom seeds|cardamom powder|crushed cardamom", 0.42, Spice, M(8, 7, 1, 11, 35, 38),
            Flavours, pack: 30, price: 2.60),
        R(
            "cardamom-pods", "cardamom pods", "green cardamom pods|cardamom pod|green cardamoms", 0.30, 0, M(8, 7, 1, 11, 35, 38),
            Flavours, each: 0.3, piece: "pod|pods", pack: 25, price: 2.20),
        R(
            "cloves", "ground cloves", "cloves|whole cloves|clove", 0.44, Spice, M(10, 13, 2, 6, 12, 57), Flavours, each: 0.1,
            piece: "clove|cloves", pack: 35, price: 1.60),
        R(
            "mixed-spice", "mixed spice (pumpkin pie spice)",
            "pumpkin spice|pumpkin pie spice|apple pie spice|pudding spice|pie spice|gingerbread spice|quatre épices", 0.45,
            Spice, M(9, 9, 2, 6, 30, 44), Flavours, pack: 35, price: 1.30),
        R(
            "star-anise", "star anise", "anise|ground star anise", 0.40, Spice, M(10, 15, 2, 17, 10, 46), Flavours,
            each: 0.8, piece: "star|stars", pack: 12, price: 1.80),
        R(
            "black-pepper", "black pepper", "pepper|ground black pepper", 0.50,
            Spice, M(12, 3, 1, 10, 38, 36), Flavours, pack: 50, price: 1.60),
        R(
            "saffron", "saffron", "saffron threads|saffron strands", 0.30, Spice, M(12, 6, 5, 11, 30, 36),
            Flavours, pack: 0.4, price: 3.60),
        R(
            "bay-leaf", "bay leaf", "bay leaves|fresh bay leaf|bay", 0.10, 0, M(30, 6, 1, 6, 20, 37), Flavours, each: 0.3,
            piece: "leaf|leaves", pack: 5, price: 1.10),
        R(
            "mint", "mint leaves", "mint|fresh mint|mint sprigs", 0.12,
            Wet, M(82, 0.9, 1, 3.5, 2, 10.6), Flavours, each: 0.5, piece: "leaf|leaves", pack: 25, price: 0.80),
        R(
            "thyme", "thyme leaves", "thyme|fresh thyme|thyme sprigs", 0.25, Wet, M(66, 1.7, 1, 5, 5, 21.3),
            Flavours, each: 1, piece: "sprig|sprigs", pack: 20, price: 0.80),
        R(
            "vinegar", "cider vinegar",
            "vinegar|white vinegar|apple cider vinegar|distilled vinegar", 1.01, Wet,
            M(94, 0, 0.4, 0, 0, 5.6), Flavours, juice: 1, pack: 350, price: 1.50, traits: Traits.Vinegar | Traits.RelaxesDough),
        R(
            "cream-of-tartar", "cream of tartar", "tartaric acid", 0.65, 0.50, M(1, 0, 0, 0, 0, 99), Flavours, from: Origin.Mineral,
            pack: 100, price: 1.60),
        R(
            "citric-acid", "citric acid", "sour salt", 0.90, 0.60, M(1, 0, 0, 0, 0, 99), Flavours, from: Origin.Mineral, juice: 1,
            pack: 100, price: 2.00),
        R(
            "baking-powder", "baking powder", "double-acting baking powder", 0.90, 0.50, M(5, 0, 0, 0, 30, 65), Flavours,
            from: Origin.Mineral, sets: 0.2, pack: 170, price: 1.60),
        R(
            "bicarbonate", "bicarbonate of soda (baking soda)", "baking soda|bicarb|sodium bicarbonate|bicarbonate of soda", 0.95, 0.45,
            M(0, 0, 0, 0, 0, 100), Flavours, from: Origin.Mineral, pack: 200, price: 1.20),
        R(
            "miso", "white miso", "miso|miso paste|sweet white miso", 1.15, 0.85, M(43, 4, 13, 10, 12, 18), Flavours, Soya | Barley,
            pack: 200, price: 3.40, traits: Traits.Salty),
        R(
            "food-colouring", "food colouring (coloring)",
            "red food colouring|green food colouring|yellow food colouring|pink food colouring|blue food colouring|red food "
                + "coloring|green food coloring|food coloring|gel food colour|food colouring|colouring|gel colour",
            1.20, 0.80,
            M(40, 0, 30, 0, 0, 30), Flavours, pack: 25, price: 2.50, source: SourceKind.Packets),
        R(
            "dried-fruit-powder", "freeze-dried fruit powder",
            "freeze-dried fruit|berry powder", 0.30, 0.66,
            M(3, 2, 50, 7, 0, 38), Flavours, juice: 1, pack: 20, price: 3.20),
    ];
}
