using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Creams by their local names and their fat, soured and strained milks, cheeses, and frozen and bought dairy.</summary>
internal static class CreamAndCultureShelf
{
    private const Origin Cow = Origin.OfAnimal;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "cream-30", "whipping cream, 30 %", "30% cream|cream 30%|cream 30 %|32% cream|low-fat whipping cream", 0.99, Wet,
            M(63, 30.5, 3.4, 2.4, 0, 0.7), Dairy, has: Milk, from: Cow, pack: 200, price: 1.10, traits: Traits.Whips),
        R(
            "cream-40", "cream, 40 %", "40% cream|38% cream|cream 38%|cream 38 %|cream 40%|pure cream|heavy cream 38%|36-40% cream",
            0.99, Wet, M(54, 40, 2.9, 2, 0, 1.1), Dairy, has: Milk, from: Cow, pack: 300, price: 1.60, traits: Traits.Whips),
        R(
            "thickened-cream", "thickened cream", "thickened whipping cream|cream for whipping, thickened", 1.00, Wet,
            M(58, 35, 3.2, 2.3, 0, 1.5), Dairy, has: Milk, from: Origin.Slaughter, pack: 300, price: 1.60, traits: Traits.Whips),
        R(
            "half-and-half", "half and half", "half cream|12% cream|coffee cream|10% cream|15% cream", 1.02, Wet,
            M(80.5, 11.5, 4.3, 3.1, 0, 0.6), Dairy, has: Milk, from: Cow, pack: 475, price: 1.80),
        R(
            "half-fat-creme-fraiche", "half-fat crème fraîche", "light crème fraîche|reduced-fat crème fraîche|low-fat crème fraîche",
            1.02, Wet, M(77, 15, 4.4, 2.9, 0, 0.7), Dairy, has: Milk, juice: 0.08, from: Cow, pack: 300, price: 1.30),
        R(
            "light-soured-cream", "half-fat soured cream (light sour)",
            "light sour cream|reduced-fat sour cream|half-fat sour cream|low-fat soured cream", 1.03, Wet, M(79.5, 9.5, 5, 4.5, 0, 1.5),
            Dairy, has: Milk, juice: 0.1, from: Cow, pack: 300, price: 1.20),
        R(
            "kefir", "kefir", "milk kefir|drinking yoghurt|soured milk|sour milk|filmjölk|clabbered milk", 1.03, Wet,
            M(88, 3.3, 4.2, 3.4, 0, 1.1), Dairy, has: Milk, juice: 0.1, from: Cow, pack: 500, price: 1.60),
        R(
            "skyr", "skyr",
            "icelandic-style yoghurt|fat-free strained yoghurt|0% greek yoghurt|fat-free greek yoghurt|nonfat greek yogurt", 1.04, Wet,
            M(83.5, 0.3, 4, 10.8, 0, 1.4), Dairy, has: Milk, juice: 0.1, from: Cow, pack: 450, price: 1.80),
        R(
            "low-fat-yoghurt", "low-fat plain yoghurt", "low-fat yogurt|fat-free yoghurt|nonfat yogurt|reduced-fat yoghurt", 1.03, Wet,
            M(87, 1.2, 5.5, 4.8, 0, 1.5), Dairy, has: Milk, juice: 0.1, from: Cow, pack: 500, price: 1.20),
        R(
            "fruit-yoghurt", "fruit yoghurt",
            "fruit yogurt|vanilla yoghurt|vanilla yogurt|strawberry yoghurt|raspberry yoghurt|flavoured yoghurt", 1.06, 0.93,
            M(78, 3, 13, 4, 0.5, 1.5), Dairy, has: Milk, juice: 0.1, from: Cow, pack: 500, price: 1.60, source: SourceKind.Packets),
        R(
            "labneh", "labneh", "yoghurt cheese|strained yoghurt cheese|hung yoghurt|hung curd", 1.02, 0.98, M(69, 14, 4.5, 9.5, 0, 3),
            Dairy, has: Milk, juice: 0.08, from: Cow, pack: 250, price: 2.40, traits: Traits.FreshCheese),
        R(
            "coconut-yoghurt", "coconut yoghurt", "coconut yogurt", 1.02, Wet,
            M(75, 17, 4, 1, 1.5, 1.5), Dairy, pack: 350, price: 2.40, source: SourceKind.Packets),
        R(
            "soya-yoghurt", "soya yoghurt", "soy yogurt|soya yogurt", 1.03, Wet, M(88, 2.3, 3, 4, 0.7, 2), Dairy, has: Soya, pack: 500,
            price: 1.60, source: SourceKind.Packets),
        R(
            "light-cream-cheese", "light cream cheese",
            "low-fat cream cheese|reduced-fat cream cheese|half-fat soft cheese|light soft cheese|neufchâtel|"
                + "one-third-less-fat cream cheese", 1.00, 1.00, M(71, 16, 4.5, 7, 0, 1.5), Dairy, has: Milk, from: Cow,
            boughtAs: "200 g pack", pack: 200, price: 1.50, traits: Traits.CreamCheese | Traits.FreshCheese),
        R(
            "plant-cream-cheese", "plant cream cheese",
            "vegan cream cheese|dairy-free cream cheese|vegan soft cheese", 0.98, 1.02, M(63, 25, 2.5, 3, 3, 3.5),
            Dairy, has: Soya, pack: 170, price: 2.60, source: SourceKind.Packets, traits: Traits.FreshCheese,
            may: Almond | Cashew),
        R(
            "fromage-frais", "fromage frais", "fromage blanc|plain fromage frais", 1.03, 0.97, M(82, 7, 4, 6, 0, 1), Dairy, has: Milk,
            juice: 0.08, from: Cow, pack: 500, price: 1.60, traits: Traits.FreshCheese),
        R(
            "low-fat-quark", "quark, low fat", "fat-free quark|low-fat quark|magerquark|skimmed quark", 1.03, 0.97,
            M(82, 0.3, 4, 12, 0, 1.7), Dairy, has: Milk, from: Cow, pack: 250, price: 1.10, traits: Traits.FreshCheese),
        R(
            "rich-quark", "quark, 40 % in dry matter", "quark 40%|40% quark|full-fat quark|cream quark", 1.02, 0.98,
            M(74, 11, 3.5, 10.5, 0, 1), Dairy, has: Milk, from: Cow, pack: 250, price: 1.40, traits: Traits.FreshCheese),
        R(
            "cheddar", "cheddar, grated", "cheddar|mature cheddar|sharp cheddar|grated cheddar|cheddar cheese|hard cheese", 0.45, 0.95,
            M(37, 34.5, 0.1, 25, 0, 3.4), Dairy, has: Milk, from: Cow, pack: 350, price: 3.20, traits: Traits.Salty),
        R(
            "parmesan", "parmesan, grated", "parmesan cheese|grated parmesan|hard italian-style cheese", 0.40, 0.95,
            M(30, 29, 0.5, 36, 0, 4.5), Dairy, has: Milk, from: Origin.Slaughter, pack: 150, price: 3.40, traits: Traits.Salty),
        R(
            "goats-milk", "goat’s milk", "", 1.03, Wet, M(87, 4.1, 4.5, 3.6, 0, 0.8), Dairy, has: Milk, from: Cow, pack: 1000,
            price: 2.00),
        R(
            "rich-milk", "rich whole milk, 5 %", "gold-top milk|channel island milk|jersey milk|creamline milk", 1.03, Wet,
            M(85.8, 5.2, 4.7, 3.6, 0, 0.7), Dairy, has: Milk, from: Cow, pack: 1000, price: 1.90),
        R(
            "lactose-free-milk", "lactose-free milk", "lactose-free whole milk", 1.03, Wet, M(87.5, 3.6, 4.7, 3.4, 0, 0.8), Dairy,
            has: Milk, from: Cow, pack: 1000, price: 1.90),
        R(
            "buttermilk-powder", "buttermilk powder", "powdered buttermilk|dried buttermilk", 0.50, Floury, M(3, 6, 49, 34, 0, 8), Dairy,
            has: Milk, from: Cow, pack: 300, price: 4.00),
        R(
            "cream-powder", "cream powder", "dried cream|powdered cream|whole milk powder|full-cream milk powder", 0.50, Floury,
            M(3, 27, 38, 26, 0, 6), Dairy, has: Milk, from: Cow, pack: 300, price: 3.60),
        R(
            "whey", "whey", "sweet whey|whey from the curd|liquid whey", 1.02, Wet, M(93.5, 0.3, 4.8, 0.8, 0, 0.6), Dairy, has: Milk,
            juice: 0.05, from: Cow),
        R(
            "rice-milk", "rice drink", "rice milk", 1.03, Wet, M(88.5, 1, 5, 0.2, 4.5, 0.8), Dairy, pack: 1000, price: 1.60,
            source: SourceKind.Packets),
        R(
            "coconut-drink", "coconut drink", "carton coconut milk|coconut milk drink|light coconut milk", 1.01, Wet,
            M(92, 3, 2.5, 0.3, 1, 1.2), Dairy, pack: 1000, price: 1.70, source: SourceKind.Packets),
        R(
            "condensed-coconut-milk", "condensed coconut milk",
            "sweetened condensed coconut milk|vegan condensed milk|coconut condensed milk", 1.30, 0.77, M(30, 9, 55, 1, 3, 2), Dairy,
            boughtAs: "320 g tin", pack: 320, price: 2.60, source: SourceKind.Packets),
        R(
            "creamed-coconut", "creamed coconut, block", "creamed coconut|coconut block", 0.95, 1.05, M(2, 69, 7, 6, 1, 15), Dairy,
            boughtAs: "200 g block", pack: 200, price: 1.30),
        R(
            "whipped-topping", "whipped topping, frozen", "frozen whipped topping|whipped topping|non-dairy whipped topping", 0.33, 3.0,
            M(50, 25, 23, 1.2, 0, 0.8), Dairy, has: Milk, from: Cow, pack: 226, price: 2.60, source: SourceKind.Packets),
        R(
            "aerosol-cream", "cream from a can, whipped", "canned whipped cream|squirty cream|spray cream|aerosol cream", 0.25, 4.0,
            M(61, 28, 8, 2, 0, 1), Dairy, has: Milk, from: Cow, pack: 250, price: 1.90, source: SourceKind.Packets),
        R(
            "bought-custard", "custard, ready-made", "ready-made custard|bought custard|fresh custard|tinned custard|crème anglaise",
            1.05, 0.96, M(75, 5, 13, 3, 3, 1), Dairy, has: Milk | Egg, sets: 0.03, from: Cow, pack: 500, price: 1.60,
            source: SourceKind.Packets),
        R(
            "chocolate-ice-cream", "chocolate ice cream", "chocolate dairy ice cream", 0.57, Wet, M(57, 12, 24, 4.2, 0, 2.8), Dairy,
            has: Milk | Egg, from: Cow, pack: 500, price: 3.20, source: SourceKind.Packets),
        R(
            "fruit-ice-cream", "fruit ice cream", "strawberry ice cream|raspberry ripple ice cream|cherry ice cream|mango ice cream",
            0.55, Wet, M(62, 8, 25, 3, 0, 2), Dairy, has: Milk | Egg, from: Cow, pack: 500, price: 3.20, source: SourceKind.Packets),
        R(
            "coffee-ice-cream", "coffee ice cream", "caramel ice cream|mint ice cream", 0.55, Wet,
            M(60, 11, 23, 3.6, 0, 2.4), Dairy, has: Milk | Egg, from: Cow, pack: 500, price: 3.20, source: SourceKind.Packets),
        R(
            "sorbet", "fruit sorbet", "lemon sorbet|sorbet|raspberry sorbet|mango sorbet", 0.75, Wet, M(69, 0.1, 29, 0.3, 0, 1.6), Dairy,
            juice: 0.2, pack: 500, price: 3.00, source: SourceKind.Packets),
        R(
            "frozen-yoghurt", "frozen yoghurt", "frozen yogurt", 0.65, Wet, M(68, 4, 22, 4, 0, 2), Dairy, has: Milk, from: Cow,
            pack: 500, price: 3.40, source: SourceKind.Packets),
        R(
            "spreadable-butter", "spreadable butter", "soft spread|butter spread|low-fat spread|tub margarine|soft margarine", 0.96,
            Fatty, M(35, 62, 0.5, 0.5, 0, 2), Fats, has: Milk, from: Cow, pack: 500, price: 3.20, source: SourceKind.Packets),
        R(
            "dripping", "dripping", "beef dripping|goose fat|duck fat|bacon fat", 0.88, Fatty, M(0.5, 99.4, 0, 0.1, 0, 0), Fats,
            from: Origin.Slaughter, pack: 250, price: 1.40),
        R(
            "nut-oil", "nut oil", "", 0.92, Fatty, M(0, 100, 0, 0, 0, 0), Fats,
            may: AllergenLexicon.AnyNut | Peanut, pack: 230, price: 4.50),
        R(
            "sesame-oil", "sesame oil", "toasted sesame oil", 0.92, Fatty, M(0, 100, 0, 0, 0, 0), Fats, has: Sesame, pack: 230,
            price: 3.00),
    ];
}
