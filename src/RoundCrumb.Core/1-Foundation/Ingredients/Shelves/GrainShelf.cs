using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Flours by type number and by grain, starches of other plants, and other crumbs of grain.</summary>
internal static class GrainShelf
{
    private const Origin Cow = Origin.OfAnimal;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "flour-405", "wheat flour, type 405",
            "type 405 flour|405 flour|t45 flour|type 45 flour|flour type 405|flour t45|type 00 flour|tipo 00 flour", 0.52, Floury,
            M(13.5, 1, 0.7, 9.8, 71.5, 3.5), Flours, has: Wheat, sets: 0.5, pack: 1000, price: 1.20),
        R(
            "flour-550", "wheat flour, type 550",
            "type 550 flour|550 flour|t55 flour|type 55 flour|flour type 550|flour t55|tipo 0 flour", 0.54, Floury,
            M(13.5, 1.1, 0.8, 10.8, 70, 3.8), Flours, has: Wheat, sets: 0.5, pack: 1000, price: 1.20),
        R(
            "flour-812", "wheat flour, type 812",
            "type 812 flour|812 flour|t65 flour|type 65 flour|t80 flour|flour type 812|flour t65|flour t80", 0.54, Floury,
            M(13.5, 1.4, 1, 11.7, 67, 5.4), Flours, has: Wheat, sets: 0.48, pack: 1000, price: 1.40),
        R(
            "flour-1050", "wheat flour, type 1050", "type 1050 flour|1050 flour|t110 flour|type 110 flour|flour type 1050|flour t110",
            0.53, Floury, M(13.5, 1.8, 1.2, 12, 63, 8.5), Flours, has: Wheat, sets: 0.46, pack: 1000, price: 1.40),
        R(
            "flour-1600", "wheat flour, type 1600", "type 1600 flour|1600 flour|t150 flour|type 150 flour|flour type 1600|flour t150",
            0.51, Floury, M(13, 2, 1.4, 12.3, 60.5, 10.8), Flours, has: Wheat, sets: 0.45, pack: 1000, price: 1.50),
        R(
            "spelt-630", "spelt flour, type 630", "type 630 spelt flour|spelt 630|type 630 flour|flour type 630", 0.50, Floury,
            M(13, 1.4, 1, 12.3, 67.5, 4.8), Flours, has: Wheat, sets: 0.48, pack: 1000, price: 2.00),
        R(
            "rye-997", "rye flour, type 997", "type 997 flour|type 1150 flour|rye flour type 1150", 0.48, Floury,
            M(14, 1.1, 1.2, 7.5, 66, 10.2), Flours, has: Rye, sets: 0.42, pack: 1000, price: 1.60),
        R(
            "gluten-free-flour", "gluten-free flour",
            "gluten-free plain flour|gluten-free flour blend|gf flour|gf plain flour|gluten-free all-purpose flour", 0.58, Floury,
            M(12, 1, 0.5, 4.5, 79, 3), Flours, sets: 0.7, pack: 1000, price: 2.00, source: SourceKind.Packets),
        R(
            "gluten-free-sr-flour", "gluten-free self-raising flour", "gf self-raising flour|gluten-free self-rising flour", 0.58,
            Floury, M(12, 1, 0.5, 4.5, 77, 5), Flours, sets: 0.68, pack: 1000, price: 2.20, source: SourceKind.Packets),
        R(
            "chickpea-flour", "chickpea flour", "gram flour|besan|garbanzo flour", 0.45, Floury, M(10, 6, 6, 22, 46, 10), Flours,
            sets: 0.4, pack: 1000, price: 2.20),
        R(
            "coconut-flour", "coconut flour", "", 0.50, Floury, M(5, 14, 9, 18, 8, 46), Flours, sets: 0.2, pack: 500, price: 2.60),
        R(
            "chestnut-flour", "chestnut flour", "", 0.52, Floury, M(11, 3.5, 24, 6, 47, 8.5), Flours, sets: 0.35, pack: 500,
            price: 5.00),
        R(
            "barley-flour", "barley flour", "barley meal|bere meal", 0.50, Floury, M(12, 1.8, 0.8, 10.5, 64, 10.9), Flours, has: Barley,
            sets: 0.42, pack: 500, price: 2.00),
        R(
            "malted-flour", "malted grain flour", "granary-style flour|malted flour|malthouse flour|seeded flour", 0.52, Floury,
            M(13, 2, 2, 13, 63, 7), Flours, has: Wheat | Barley, sets: 0.45, pack: 1500, price: 1.70),
        R(
            "millet-flour", "millet flour", "teff flour|sorghum flour|sweet sorghum flour", 0.52, Floury, M(10, 3.5, 1, 10.5, 68, 7),
            Flours, sets: 0.45, pack: 500, price: 2.80),
        R(
            "quinoa-flour", "quinoa flour", "amaranth flour", 0.48, Floury, M(10, 6, 3, 14, 58, 9), Flours, sets: 0.4, pack: 500,
            price: 3.40),
        R(
            "masa-harina", "maize flour, limed", "masa harina|masa flour", 0.48, Floury, M(9, 3.7, 1, 8.5, 68, 9.8), Flours, sets: 0.45,
            pack: 1000, price: 3.00),
        R(
            "soya-flour", "soya flour", "soy flour", 0.40, Floury, M(6, 20, 8, 37, 10, 19), Flours, has: Soya, sets: 0.1, pack: 500,
            price: 2.00),
        R(
            "glutinous-rice-flour", "glutinous rice flour", "sweet rice flour|mochiko|sticky rice flour", 0.60, Floury,
            M(12, 0.6, 0.2, 6, 79, 2.2), Flours, sets: 0.7, pack: 500, price: 2.00),
        R(
            "wheat-germ", "wheat germ", "wheatgerm", 0.42, 0.75, M(8, 9.5, 12, 26, 30, 14.5), Flours, has: Wheat, sets: 0.15, pack: 300,
            price: 2.20, traits: Traits.MakesCrumb),
        R(
            "bran", "wheat bran", "bran|oat bran|natural bran", 0.25, 0.75, M(10, 4.5, 3, 15, 22, 45.5), Flours, has: Wheat | Oats,
            sets: 0.1, pack: 500, price: 1.60),
        R(
            "pinhead-oats", "pinhead oats (steel-cut)", "steel-cut oats|coarse oatmeal|medium oatmeal|fine oatmeal|pinhead oatmeal",
            0.66, 0.75, M(9, 8, 1, 12, 58, 12), Flours, has: Oats, sets: 0.3, loss: 0.06, pack: 500, price: 1.50,
            traits: Traits.Oats | Traits.MakesCrumb),
        R(
            "granola", "granola", "muesli|crunchy oat cereal|toasted oat cereal|granola clusters", 0.45, 0.75, M(4, 18, 22, 9, 38, 9),
            Flours, has: Oats | Wheat | Almond, sets: 0.1, pack: 500, price: 3.00, source: SourceKind.Packets,
            traits: Traits.Oats | Traits.MakesCrumb),
        R(
            "tapioca-pearls", "tapioca pearls",
            "pearl tapioca|small pearl tapioca|sago|sago pearls|quick-cooking tapioca", 0.75, Floury,
            M(11, 0.1, 1, 0.2, 87, 0.7), Flours, sets: 0.9, pack: 500, price: 2.00),
        R(
            "modified-starch", "modified starch for pies",
            "clear starch|instant clear starch|cook-type starch|pie filling starch|modified cornflour|"
                + "modified corn starch|instant starch|clear cooking starch", 0.55,
            Floury, M(11, 0.1, 0.5, 0.2, 87.5, 0.7), Flours, sets: 1.0, pack: 500, price: 5.00),
        R(
            "instant-flour", "instant-mixing flour", "sauce flour|granulated flour|quick-mixing flour|instant flour", 0.60, Floury,
            M(12, 1.2, 0.8, 10.5, 72, 3.5), Flours, has: Wheat, sets: 0.5, pack: 380, price: 2.40),
        R(
            "breadcrumbs", "breadcrumbs, dry", "dry breadcrumbs|breadcrumbs|bread crumbs|panko|dried breadcrumbs", 0.40, Floury,
            M(6, 4, 5, 12, 69, 4), Flours, has: Wheat, sets: 0.2, pack: 200, price: 1.20, traits: Traits.MakesCrumb),
        R(
            "fresh-breadcrumbs", "breadcrumbs, fresh",
            "fresh breadcrumbs|white breadcrumbs|soft breadcrumbs|fresh white breadcrumbs|brown breadcrumbs|wholemeal breadcrumbs", 0.20,
            0.80, M(37, 2, 3, 8.5, 47, 2.5), Flours, has: Wheat, sets: 0.15, pack: 400, price: 1.20),
        R(
            "cake-crumbs", "cake crumbs",
            "sponge cake crumbs|sponge cake|madeira cake|madeira cake crumbs|plain cake crumbs|trifle sponges|pound cake", 0.32, 0.75,
            M(28, 14, 30, 5.5, 21, 1.5), Flours, has: Wheat | Egg | Milk, from: Cow, sets: 0.1, pack: 300, price: 1.80,
            source: SourceKind.Packets, traits: Traits.MakesCrumb),
        R(
            "vanilla-pudding-mix", "vanilla pudding powder, instant",
            "instant vanilla pudding|vanilla pudding mix|instant vanilla pudding mix|instant pudding mix|vanilla instant pudding", 0.85,
            Sweet, M(2, 0.5, 72, 0, 23, 2.5), Flours, sets: 0.28, boughtAs: "96 g packet", pack: 96, price: 1.80,
            source: SourceKind.Packets),
        R(
            "chocolate-pudding-mix", "chocolate pudding powder, instant",
            "instant chocolate pudding|chocolate pudding mix|chocolate instant pudding", 0.80, Sweet, M(2, 2, 66, 2, 21, 7), Flours,
            sets: 0.27, boughtAs: "110 g packet", pack: 110, price: 1.80, source: SourceKind.Packets),
    ];
}
