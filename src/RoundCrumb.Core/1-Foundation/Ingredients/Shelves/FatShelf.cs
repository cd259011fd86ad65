using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Butter and other fats.</summary>
internal static class FatShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "butter", "unsalted butter", "butter|sweet butter|sweet cream butter|melted butter|cultured butter", 0.96, Fatty,
            M(16, 82, 0.6, 0.7, 0, 0.7), Fats, Milk, from: Origin.OfAnimal, loss: 0.16, pack: 250, price: 2.30, traits: Traits.Butter),
        R(
            "salted-butter", "salted butter", "slightly salted butter|lightly salted butter", 0.96, Fatty, M(15.5, 81, 0.6, 0.6, 0, 2.3),
            Fats, Milk, from: Origin.OfAnimal, loss: 0.16, pack: 250, price: 2.30, traits: Traits.Butter),
        R(
            "browned-butter", "browned butter", "beurre noisette|brown butter", 0.91, Fatty, M(0, 98, 0.5, 0.8, 0, 0.7), Fats, Milk,
            from: Origin.OfAnimal),
        R(
            "ghee", "ghee (clarified butter)", "clarified butter", 0.91, Fatty, M(0, 99.7, 0, 0.1, 0, 0.2), Fats, Milk,
            from: Origin.OfAnimal, pack: 500, price: 6.00),
        R(
            "shortening", "vegetable shortening", "shortening|white vegetable fat|vegetable fat|white fat", 0.85, Fatty,
            M(0, 100, 0, 0, 0, 0), Fats, pack: 250, price: 1.00),
        R(
            "lard", "lard", "leaf lard|rendered lard", 0.87, Fatty, M(0, 100, 0, 0, 0, 0), Fats, from: Origin.Slaughter, pack: 250,
            price: 0.80),
        R(
            "suet", "suet", "beef suet|shredded suet", 0.50, Fatty, M(2, 86, 0, 1, 9, 2), Fats, Wheat, from: Origin.Slaughter,
            pack: 200,
            price: 1.50),
        R(
            "margarine", "margarine, baking block",
            "margarine|baking margarine|plant butter|vegan butter|dairy-free butter|plant-based block|vegan block|baking spread", 0.95,
            Fatty, M(24, 75, 0, 0, 0, 1), Fats, pack: 250, price: 1.50, source: SourceKind.Packets, traits: Traits.BlockMargarine),
        R(
            "coconut-oil", "coconut oil", "refined coconut oil|virgin coconut oil", 0.92, Fatty, M(0, 100, 0, 0, 0, 0), Fats, pack: 300,
            price: 3.00),
        R(
            "neutral-oil", "sunflower oil", "vegetable oil|neutral oil|rapeseed oil|canola oil|oil|groundnut-free oil|corn oil", 0.92,
            Fatty, M(0, 100, 0, 0, 0, 0), Fats, pack: 920, price: 2.00),
        R(
            "olive-oil", "olive oil", "extra virgin olive oil|extra-virgin olive oil", 0.91, Fatty, M(0, 100, 0, 0, 0, 0), Fats,
            pack: 455,
            price: 5.00),
    ];
}
