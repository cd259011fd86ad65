using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Sugars, syrups and preserves. Syrups add a little more than dry sugar, for the water in them.</summary>
internal static class SugarShelf
{
    private const double Syrup = 0.70;
    private const double Preserve = 0.73;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "caster-sugar", "caster sugar (superfine)",
            "superfine sugar|castor sugar|golden caster sugar|white caster sugar|baker's sugar|sugar|white sugar", 0.85, Sweet,
            M(0, 0, 100, 0, 0, 0), Sugars, pack: 1000, price: 1.60),
        R(
            "granulated-sugar", "granulated sugar", "granulated white sugar|golden granulated sugar|cane sugar", 0.85, Sweet,
            M(0, 0, 100, 0, 0, 0), Sugars, pack: 1000, price: 1.10),
        R(
            "icing-sugar", "icing sugar (powdered)", "powdered sugar|confectioners' sugar|confectioners sugar|confectioner's sugar|icing",
            0.51, Sweet, M(0.5, 0, 97, 0, 2, 0.5), Sugars, pack: 500, price: 1.40, traits: Traits.SetsCream),
        R(
            "brown-sugar", "light brown sugar",
            "brown sugar|soft light brown sugar|light soft brown sugar|soft brown sugar|light muscovado sugar|packed brown sugar|"
                + "light muscovado",
            0.93, Sweet, M(1.5, 0, 97, 0, 0, 1.5), Sugars, pack: 500, price: 1.50),
        R(
            "dark-brown-sugar", "dark brown sugar",
            "soft dark brown sugar|dark muscovado sugar|dark soft brown sugar|muscovado|dark muscovado|muscovado sugar|molasses sugar",
            0.93, Sweet, M(2, 0, 95, 0, 0, 3), Sugars, pack: 500, price: 1.60),
        R(
            "demerara-sugar", "demerara sugar (turbinado)", "turbinado sugar|demerara|raw sugar|crunchy sugar", 0.85, Sweet,
            M(0.5, 0, 99, 0, 0, 0.5), Sugars, pack: 500, price: 1.50),
        R(
            "coconut-sugar", "coconut sugar", "coconut palm sugar|palm sugar|jaggery", 0.70, Sweet, M(2, 0, 93, 1, 0, 4), Sugars,
            pack: 250, price: 2.50),
        R(
            "jam-sugar", "jam sugar", "preserving sugar with pectin|gelling sugar", 0.85, Sweet, M(0, 0, 98.5, 0, 0, 1.5), Sugars,
            pack: 1000, price: 2.10),
        R(
            "honey", "honey", "runny honey|clear honey|liquid honey|set honey|floral honey", 1.40, Syrup, M(17.5, 0, 81, 0.4, 0, 1.1),
            Sugars, from: Origin.OfAnimal, pack: 340, price: 2.20),
        R(
            "golden-syrup", "golden syrup (light cane syrup)",
            "light treacle|cane syrup|light cane syrup|light golden syrup|refiner's syrup", 1.40, Syrup, M(20, 0, 79, 0.3, 0, 0.7), Sugars,
            pack: 454, price: 1.60),
        R(
            "treacle", "black treacle (molasses)", "molasses|dark treacle|blackstrap molasses|treacle", 1.40, Syrup, M(22, 0, 68, 1, 0, 9),
            Sugars, pack: 454, price: 1.90),
        R("maple-syrup", "maple syrup", "pure maple syrup", 1.33, Syrup, M(33, 0.1, 65, 0, 0, 1.9), Sugars, pack: 250, price: 4.00),
        R(
            "corn-syrup", "glucose syrup (corn syrup)", "corn syrup|light corn syrup|liquid glucose|glucose|dark corn syrup|glucose syrup",
            1.40, Syrup, M(20, 0, 79, 0, 0, 1), Sugars, pack: 140, price: 1.80),
        R("agave-syrup", "agave syrup", "agave nectar|agave", 1.35, Syrup, M(24, 0, 74, 0, 0, 2), Sugars, pack: 250, price: 2.80),
        R("date-syrup", "date syrup", "date molasses", 1.38, Syrup, M(27, 0.2, 67, 1.2, 0, 4.6), Sugars, pack: 250, price: 2.40),
        R(
            "condensed-milk", "sweetened condensed milk", "condensed milk|sweet condensed milk", 1.30, 0.77, M(27, 8.5, 55.5, 7.7, 0, 1.3),
            Sugars, Milk, from: Origin.OfAnimal, boughtAs: "397 g tin", pack: 397, price: 2.00,
            traits: Traits.CondensedMilk),
        R(
            "caramel-tinned", "caramel, tinned (dulce de leche)",
            "dulce de leche|caramel|tinned caramel|thick caramel|milk caramel", 1.30, 0.78, M(26, 8, 55, 7, 1.5, 2.5),
            Sugars, Milk, from: Origin.OfAnimal, boughtAs: "397 g tin", pack: 397, price: 2.20),
        R(
            "apricot-jam", "apricot jam", "apricot preserve|apricot jam or nappage|apricot glaze|nappage", 1.33, Preserve,
            M(34, 0, 62, 0.4, 0, 3.6), Sugars, juice: 0.1, pack: 340, price: 1.70, traits: Traits.Jam),
        R(
            "raspberry-jam", "raspberry jam", "raspberry preserve|seedless raspberry jam", 1.33, Preserve, M(34, 0, 62, 0.5, 0, 3.5),
            Sugars, juice: 0.1, pack: 340, price: 1.70, traits: Traits.Jam | Traits.Berries),
        R(
            "jam", "jam", "preserves", 1.33,
            Preserve, M(34, 0, 62, 0.4, 0, 3.6), Sugars, juice: 0.1, pack: 340, price: 1.60, traits: Traits.Jam),
        R(
            "marmalade", "marmalade", "orange marmalade|seville marmalade", 1.33, Preserve, M(33, 0, 63, 0.3, 0, 3.7), Sugars,
            juice: 0.1,
            pack: 454, price: 2.00, traits: Traits.Jam),
        R(
            "lemon-curd", "lemon curd, bought", "lemon curd|bought lemon curd", 1.20, 0.85, M(32, 5, 55, 1, 4, 3), Sugars, Egg | Milk,
            juice: 0.08, from: Origin.OfAnimal, pack: 320, price: 1.60, source: SourceKind.Packets),
        R(
            "marshmallows", "marshmallows", "mini marshmallows|marshmallow", 0.30, 2.5, M(17, 0, 75, 2, 5.5, 0.5), Sugars,
            from: Origin.Slaughter, pack: 180, price: 1.20, source: SourceKind.Packets),
        R(
            "marshmallow-creme", "marshmallow creme", "marshmallow cream", 0.45, 1.2, M(20, 0, 77, 1.3, 0, 1.7), Sugars, Egg,
            from: Origin.OfAnimal, pack: 213, price: 2.60, source: SourceKind.Packets),
        R(
            "sprinkles", "sugar sprinkles", "sprinkles|hundreds and thousands|nonpareils", 0.80, Sweet, M(1, 4, 88, 0.5, 5, 1.5), Sugars,
            pack: 60, price: 1.20, source: SourceKind.Packets),
        R(
            "brittle", "almond brittle, crushed", "almond brittle|nougatine", 0.60,
            0.70, M(1, 18, 68, 6, 3, 4), Sugars, Almond | Milk, pack: 150, price: 2.60, source: SourceKind.Packets),
    ];
}
