using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// What behaves like another thing of the pantry and brings another allergen. A name may stand for an ingredient only where both have the
/// same allergens, so each of these is one by itself.
/// </summary>
internal static class NamedApartShelf
{
    private const Allergens Any = AllergenLexicon.AnyNut | Peanut;

    public static Ingredient[] Rows { get; } =
    [
        Like(CreamAndCultureShelf.Rows, "coffee-ice-cream", "pistachio-ice-cream", "pistachio ice cream", "", Milk | Egg | Pistachio),
        Like(
            CreamAndCultureShelf.Rows, "coffee-ice-cream", "hazelnut-ice-cream", "hazelnut ice cream",
            "nocciola ice cream|gianduja ice cream", Milk | Egg | Hazelnut),
        Like(CreamAndCultureShelf.Rows, "coffee-ice-cream", "almond-ice-cream", "almond ice cream", "", Milk | Egg | Almond),
        Like(
            CreamAndCultureShelf.Rows, "coffee-ice-cream", "walnut-ice-cream", "walnut ice cream", "maple and walnut ice cream",
            Milk | Egg | Walnut),
        Like(
            CreamAndCultureShelf.Rows, "coffee-ice-cream", "pecan-ice-cream", "pecan ice cream", "butter pecan ice cream",
            Milk | Egg | Pecan),
        Like(CreamAndCultureShelf.Rows, "coffee-ice-cream", "peanut-ice-cream", "peanut butter ice cream", "", Milk | Egg | Peanut),
        Like(
            CreamAndCultureShelf.Rows, "coffee-ice-cream", "cookie-ice-cream", "cookie ice cream",
            "cookies and cream ice cream|cookie dough ice cream", Milk | Egg | Wheat | Soya),
        Like(
            CreamAndCultureShelf.Rows, "plant-cream-cheese", "cashew-cream-cheese", "cashew cream cheese",
                "cashew soft cheese|cashew cheese",
            Cashew),
        Like(
            CreamAndCultureShelf.Rows, "plant-cream-cheese", "almond-cream-cheese", "almond cream cheese",
                "almond soft cheese|almond cheese",
            Almond),
        Like(CreamAndCultureShelf.Rows, "coconut-yoghurt", "oat-yoghurt", "oat yoghurt", "oat yogurt", Oats),
        Like(CreamAndCultureShelf.Rows, "coconut-yoghurt", "almond-yoghurt", "almond yoghurt", "almond yogurt", Almond),
        Like(CreamAndCultureShelf.Rows, "coconut-yoghurt", "cashew-yoghurt", "cashew yoghurt", "cashew yogurt", Cashew),
        Like(
            CreamAndCultureShelf.Rows, "coconut-yoghurt", "plant-yoghurt", "plant yoghurt", "dairy-free yoghurt|vegan yoghurt", None,
            Soya | Oats | Almond | Cashew),
        Like(CreamAndCultureShelf.Rows, "nut-oil", "walnut-oil", "walnut oil", "", Walnut),
        Like(CreamAndCultureShelf.Rows, "nut-oil", "hazelnut-oil", "hazelnut oil", "", Hazelnut),
        Like(CreamAndCultureShelf.Rows, "nut-oil", "almond-oil", "almond oil", "sweet almond oil", Almond),
        Like(CreamAndCultureShelf.Rows, "nut-oil", "peanut-oil", "peanut oil", "groundnut oil|arachis oil", Peanut),
        Like(CreamAndCultureShelf.Rows, "nut-oil", "pistachio-oil", "pistachio oil", "", Pistachio),
        Like(DairyShelf.Rows, "plant-cream", "oat-cream", "oat cream", "oat whipping cream", Oats),
        Like(DairyShelf.Rows, "plant-cream", "cashew-cream", "cashew cream", "", Cashew),
        Like(DairyShelf.Rows, "plant-cream", "almond-cream-drink", "almond cream, plant", "almond whipping cream", Almond),
        Like(
            SugarShelf.Rows, "brittle", "nut-brittle", "nut brittle, crushed", "brittle|nut brittle|crushed brittle", Milk, Any),
        Like(SugarShelf.Rows, "brittle", "praline", "praline, crushed", "praline|crushed praline|pralines", Almond | Hazelnut | Milk),
        Like(
            SugarShelf.Rows, "brittle", "hazelnut-brittle", "hazelnut brittle, crushed", "hazelnut brittle|krokant|croquant",
            Hazelnut | Milk),
        Like(SugarShelf.Rows, "brittle", "pecan-brittle", "pecan brittle, crushed", "pecan brittle", Pecan | Milk),
        Like(SugarShelf.Rows, "brittle", "pistachio-brittle", "pistachio brittle, crushed", "pistachio brittle", Pistachio | Milk),
        Like(SweetShelf.Rows, "fondant-icing", "royal-icing", "royal icing", "", Egg) with { Origin = Origin.OfAnimal },
        Like(
            ChocolateFormShelf.Rows, "compound-chocolate", "almond-bark", "almond bark", "almond chocolate bark", Milk | Soya | Almond),
        Like(NutFormShelf.Rows, "praline-paste", "nut-praline-paste", "nut praline paste", "", None, Any),
        Like(NutShelf.Rows, "almond-butter", "nut-butter", "nut butter", "", None, Any),
        Like(FlavourShelf.Rows, "vinegar", "malt-vinegar", "malt vinegar", "brown vinegar", Barley),
        Like(
            FlavourShelf.Rows, "vinegar", "wine-vinegar", "wine vinegar", "white wine vinegar|red wine vinegar|sherry vinegar", Sulphites),
        Like(LiqueurShelf.Rows, "lager", "wheat-beer", "wheat beer", "", Wheat | Barley),
        Like(ExtractShelf.Rows, "pistachio-extract", "hazelnut-extract", "hazelnut extract", "hazelnut flavouring", None, Hazelnut),
        Like(ExtractShelf.Rows, "pistachio-extract", "walnut-extract", "walnut extract", "walnut flavouring", None, Walnut),
    ];
}
