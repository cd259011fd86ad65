using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Milk, cream, cheese, and what stands in for them.</summary>
internal static class DairyShelf
{
    private const Origin Cow = Origin.OfAnimal;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "milk", "whole milk", "milk|full-fat milk|full fat milk|full-cream milk|blue-top milk", 1.03, Wet,
            M(87.5, 3.7, 4.7, 3.4, 0, 0.7), Dairy, Milk, from: Cow, pack: 1136, price: 1.45),
        R(
            "semi-skimmed-milk", "semi-skimmed milk (2 %)", "2% milk|semi skimmed milk|low-fat milk|half-fat milk|reduced-fat milk", 1.03,
            Wet, M(89.3, 1.7, 4.7, 3.5, 0, 0.8), Dairy, Milk, from: Cow, pack: 1136, price: 1.45),
        R(
            "skimmed-milk", "skimmed milk (non-fat)", "skim milk|nonfat milk|fat-free milk", 1.03, Wet, M(90.8, 0.2, 4.8, 3.5, 0, 0.7),
            Dairy, Milk, from: Cow, pack: 1136, price: 1.45),
        R(
            "buttermilk", "buttermilk", "cultured buttermilk", 1.03, Wet, M(90, 0.9, 4.6, 3.6, 0, 0.9), Dairy, Milk, juice: 0.1,
            from: Cow,
            boughtAs: "284 ml pot", pack: 284, price: 0.80),
        R(
            "evaporated-milk", "evaporated milk", "unsweetened condensed milk|tinned milk", 1.07, Wet, M(73.5, 8, 10, 7, 0, 1.5), Dairy,
            Milk, from: Cow, boughtAs: "410 g tin", pack: 410, price: 1.30),
        R(
            "milk-powder", "milk powder", "dried milk|powdered milk|dry milk powder|skimmed milk powder|nonfat dry milk", 0.50, Floury,
            M(4, 1, 52, 35, 0, 8), Dairy, Milk, from: Cow, pack: 300, price: 2.20),
        R(
            "malted-milk", "malted milk powder", "malt powder|malted drink powder|malted milk", 0.55, Floury, M(3, 8, 55, 12, 18, 4),
            Dairy, Milk | Barley | Wheat, from: Cow, pack: 300, price: 3.00, source: SourceKind.Packets),
        R(
            "double-cream", "double cream (heavy)",
            "whipped cream|heavy cream|heavy whipping cream|thick cream|cream|pouring double cream|fresh cream|"
                + "extra thick double cream", 0.99, Wet,
            M(47.5, 48, 2.7, 1.6, 0, 0.2), Dairy, Milk, from: Cow, pack: 300, price: 1.65, traits: Traits.Whips),
        R(
            "whipping-cream", "whipping cream", "light whipping cream|35% cream|uht whipping cream", 0.99, Wet,
            M(58, 36, 3.2, 2.2, 0, 0.6), Dairy, Milk, from: Cow, pack: 300, price: 1.45, traits: Traits.Whips),
        R(
            "single-cream", "single cream (light)", "light cream|table cream|pouring cream", 1.01,
            Wet, M(74, 19, 3.6, 2.9, 0, 0.5), Dairy, Milk, from: Cow, pack: 300, price: 1.20),
        R("clotted-cream", "clotted cream", "", 0.95, 1.02, M(32, 63, 2.3, 1.6, 0, 1.1), Dairy, Milk, from: Cow, pack: 227,
            price: 2.60),
        R(
            "creme-fraiche", "crème fraîche", "creme fraiche|full-fat crème fraîche", 1.00, Wet, M(63, 31, 2.6, 2.4, 0, 1), Dairy, Milk,
            juice: 0.08, from: Cow, pack: 300, price: 1.30),
        R(
            "soured-cream", "soured cream (sour)", "sour cream|soured cream", 1.03, Wet, M(74, 18, 3.6, 3, 0, 1.4), Dairy, Milk,
            juice: 0.1, from: Cow, pack: 300, price: 1.25),
        R(
            "yoghurt", "thick plain yoghurt",
            "yogurt|yoghurt|plain yogurt|plain yoghurt|natural yoghurt|natural yogurt|set yoghurt|whole-milk yogurt", 1.03, Wet,
            M(86, 4, 4, 4.5, 0, 1.5), Dairy, Milk, juice: 0.1, from: Cow, pack: 500, price: 1.20),
        R(
            "greek-yoghurt", "Greek yoghurt", "greek yogurt|strained yoghurt|greek-style yoghurt|strained yogurt|greek style yogurt", 1.03,
            Wet, M(79, 10, 4, 5.7, 0, 1.3), Dairy, Milk, juice: 0.1, from: Cow, pack: 500, price: 1.80),
        R(
            "cream-cheese", "full-fat cream cheese",
            "brick-style cream cheese|cream cheese|soft cheese|full-fat soft cheese|brick cream cheese|spreadable cheese|"
                + "soft white cheese", 0.98, 1.02,
            M(62, 28, 3, 6, 0, 1), Dairy, Milk, from: Cow, boughtAs: "200 g pack", pack: 200, price: 1.60,
            traits: Traits.CreamCheese | Traits.FreshCheese),
        R(
            "mascarpone", "mascarpone", "mascarpone cheese", 0.98, 1.02, M(48, 44, 3.5, 4, 0, 0.5), Dairy, Milk, from: Cow,
            boughtAs: "250 g tub", pack: 250, price: 1.90, traits: Traits.CreamCheese | Traits.FreshCheese),
        R(
            "ricotta", "ricotta", "ricotta cheese|whole-milk ricotta", 1.03, 0.98, M(73, 12, 3, 10.5, 0, 1.5), Dairy, Milk, from: Cow,
            boughtAs: "250 g tub", pack: 250, price: 1.50, traits: Traits.FreshCheese),
        R(
            "quark", "quark", "curd cheese|farmer's cheese|farmer cheese|fresh curd|fresh cheese|tvorog", 1.03, 0.97,
            M(80, 3, 4, 11.5, 0, 1.5), Dairy, Milk, from: Cow, pack: 250, price: 1.20, traits: Traits.FreshCheese),
        R("cottage-cheese", "cottage cheese", "", 0.95, 0.98, M(79, 4.5, 3, 12, 0, 1.5), Dairy, Milk, from: Cow, pack: 300,
            price: 1.30),
        R(
            "goats-curd", "goat’s curd", "goats' curd|goat's cheese, soft|soft goat cheese|soft goat's cheese|goat cheese", 0.98, 1.00,
            M(66, 18, 2, 13, 0, 1), Dairy, Milk, from: Cow, pack: 150, price: 3.00, traits: Traits.FreshCheese),
        R(
            "ice-cream", "vanilla ice cream", "ice cream|dairy ice cream", 0.55, Wet, M(61, 11, 22, 3.6, 0, 2.4), Dairy, Milk | Egg,
            from: Cow, pack: 500, price: 3.00, source: SourceKind.Packets),
        R(
            "oat-milk", "oat drink", "oat milk|oat drink", 1.03, Wet, M(90, 1.5, 4, 1, 2, 1.5), Dairy, Oats, pack: 1000, price: 1.60,
            source: SourceKind.Packets),
        R(
            "soya-milk", "soya drink", "soy milk|soya milk|soya drink", 1.03, Wet, M(90.5, 1.9, 2.5, 3.3, 0.3, 1.5), Dairy, Soya,
            pack: 1000, price: 1.30, source: SourceKind.Packets),
        R(
            "almond-milk", "almond drink", "almond milk|almond drink", 1.02, Wet, M(95.5, 1.2, 1.6, 0.5, 0.2, 1), Dairy, Almond,
            pack: 1000, price: 1.60, source: SourceKind.Packets),
        R(
            "coconut-milk", "coconut milk, tinned", "coconut milk|full-fat coconut milk|canned coconut milk", 1.00, Wet,
            M(74, 19, 2.8, 1.8, 0.5, 1.9), Dairy, boughtAs: "400 ml tin", pack: 400, price: 1.30),
        R(
            "coconut-cream", "coconut cream", "canned coconut cream|tinned coconut cream", 1.00, Wet, M(66, 25, 3, 2, 1.5, 2.5), Dairy,
            pack: 160, price: 1.10),
        R(
            "plant-cream", "plant cream for whipping", "vegan whipping cream|plant-based cream|dairy-free cream|soya cream",
            0.99, Wet, M(64, 27, 5, 1, 1, 2), Dairy, Soya, pack: 250, price: 1.80, source: SourceKind.Packets, traits: Traits.Whips,
            may: Oats | Almond),
        R("silken-tofu", "silken tofu", "soft tofu", 1.03, Wet, M(87, 3, 1, 6, 0.5, 2.5), Dairy, Soya, pack: 300, price: 1.60),
    ];
}
