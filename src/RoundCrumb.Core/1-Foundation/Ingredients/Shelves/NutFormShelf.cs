using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Nuts by form: ground, chopped, candied, as paste; and more seeds.</summary>
internal static class NutFormShelf
{
    private const double Toast = 0.06;

    public static Ingredient[] Rows { get; } =
    [
        R(
            "mixed-nuts", "mixed nuts", "chopped mixed nuts|mixed chopped nuts|nuts|chopped nuts|assorted nuts", 0.52, Nutty,
            M(4, 57, 4, 16, 3, 16), Nuts, has: Almond | Hazelnut | Walnut | Pecan | Cashew, loss: Toast, pack: 200, price: 2.40,
            may: AllergenLexicon.AnyNut | Peanut),
        R(
            "nibbed-almonds", "nibbed almonds (chopped)", "chopped almonds|almond nibs|diced almonds", 0.55, Nutty,
            M(4.5, 51, 4, 21, 3, 16.5), Nuts, has: Almond, loss: Toast, pack: 150, price: 2.10),
        R(
            "slivered-almonds", "slivered almonds", "almond slivers|almond batons|almond sticks", 0.45, Nutty,
            M(4.5, 51, 4, 21, 3, 16.5), Nuts, has: Almond, loss: Toast, pack: 150, price: 2.20),
        R(
            "salted-almonds", "salted almonds", "smoked almonds|roasted salted almonds", 0.60, Nutty, M(2, 53, 4, 21, 3, 17), Nuts,
            has: Almond, pack: 150, price: 2.80, traits: Traits.Salty),
        R(
            "chopped-hazelnuts", "chopped hazelnuts", "hazelnut pieces|roasted chopped hazelnuts|hazelnut nibs", 0.52, Nutty,
            M(4, 62, 4.3, 15, 1, 13.7), Nuts, has: Hazelnut, loss: Toast, pack: 150, price: 2.40),
        R(
            "ground-walnuts", "ground walnuts", "walnut meal", 0.38, Meal, M(4, 65, 2.6, 15, 1, 12.4), Nuts, has: Walnut, loss: Toast,
            pack: 150, price: 2.80, traits: Traits.GroundNuts),
        R(
            "ground-pecans", "ground pecans", "pecan meal|pecan flour", 0.38, Meal, M(3.5, 72, 4, 9, 0.5, 11), Nuts, has: Pecan,
            loss: Toast, pack: 150, price: 3.40, traits: Traits.GroundNuts),
        R(
            "ground-pistachios", "ground pistachios", "pistachio flour|pistachio meal", 0.42, Meal, M(4, 45, 8, 20, 5, 18), Nuts,
            has: Pistachio, loss: Toast, pack: 100, price: 4.50, traits: Traits.GroundNuts),
        R(
            "nibbed-pistachios", "nibbed pistachios", "slivered pistachios|chopped pistachios|pistachio nibs", 0.48, Nutty,
            M(4, 45, 8, 20, 5, 18), Nuts, has: Pistachio, loss: Toast, pack: 100, price: 4.50),
        R(
            "salted-peanuts", "salted peanuts", "roasted salted peanuts|dry-roasted peanuts", 0.60, Nutty, M(2, 50, 4.7, 26, 6, 11.3),
            Nuts, has: Peanut, pack: 200, price: 1.30, traits: Traits.Salty),
        R(
            "crunchy-peanut-butter", "crunchy peanut butter", "chunky peanut butter|natural crunchy peanut butter", 1.06, 0.95,
            M(1.5, 51, 6, 25, 5, 11.5), Nuts, has: Peanut, pack: 340, price: 2.20, source: SourceKind.Packets),
        R(
            "cashew-butter", "cashew butter", "cashew paste", 1.06, 0.95, M(2, 48, 6, 18, 20, 6), Nuts, has: Cashew, pack: 170,
            price: 3.40, source: SourceKind.Packets),
        R(
            "hazelnut-paste", "hazelnut paste", "hazelnut butter|pure hazelnut paste", 1.06, 0.95, M(2, 62, 5, 15, 1, 15), Nuts,
            has: Hazelnut, pack: 200, price: 6.00),
        R(
            "pistachio-paste", "pistachio paste", "pistachio butter|pistachio cream|pistachio spread", 1.08, 0.92,
            M(2, 48, 16, 18, 4, 12), Nuts, has: Pistachio, pack: 200, price: 9.00, source: SourceKind.Packets),
        R(
            "praline-paste", "praline paste", "hazelnut praline paste|hazelnut praline|almond praline", 1.15, 0.82,
            M(1, 31, 50, 9, 1, 8),
            Nuts, has: Almond | Hazelnut, pack: 200, price: 5.00, source: SourceKind.Packets),
        R(
            "candied-nuts", "candied nuts",
            "candied pecans|candied walnuts|caramelised nuts|sugared nuts|caramelised pecans|caramelised walnuts", 0.50, 0.85,
            M(3, 42, 40, 7, 1, 7), Nuts, has: Pecan | Walnut | Almond, pack: 100, price: 3.00, source: SourceKind.Packets,
            may: AllergenLexicon.AnyNut | Peanut),
        R(
            "peanut-brittle", "peanut brittle", "crushed peanut brittle|sesame brittle", 0.65, 0.72, M(1, 17, 69, 8, 2, 3), Nuts,
            has: Peanut | Sesame | Milk, pack: 150, price: 1.80, source: SourceKind.Packets),
        R(
            "chestnuts", "chestnuts, cooked", "chestnuts|vacuum-packed chestnuts|roasted chestnuts|peeled chestnuts", 0.62, Fruity,
            M(55, 2, 11, 3, 25, 4), Nuts, sets: 0.1, each: 9, piece: "chestnut|chestnuts", pack: 180, price: 2.20),
        R(
            "candied-chestnuts", "candied chestnuts", "marrons glacés|chestnuts in syrup", 0.75, 0.76, M(24, 1, 62, 1.5, 10, 1.5), Nuts,
            each: 18, piece: "chestnut|chestnuts", pack: 150, price: 7.00),
        R(
            "sweet-chestnut-puree", "chestnut purée, sweetened",
            "sweetened chestnut purée|chestnut spread|crème de marrons|chestnut cream|sweet chestnut purée", 1.25, 0.82,
            M(36, 1, 46, 1.5, 13, 2.5), Nuts, sets: 0.05, pack: 250, price: 3.40, source: SourceKind.Packets),
        R(
            "fresh-coconut", "coconut, fresh grated", "fresh coconut|grated fresh coconut|frozen grated coconut", 0.36, 0.98,
            M(47, 33, 6, 3.3, 0, 10.7), Nuts, pack: 200, price: 2.40),
        R(
            "hemp-seeds", "hemp seeds", "hulled hemp seeds|hemp hearts", 0.60, Nutty, M(5, 48, 1.5, 31, 1, 13.5), Nuts, pack: 200,
            price: 3.40),
        R(
            "linseed", "linseed (flaxseed)", "flaxseed|flax seeds|ground linseed|flaxseed meal|ground flaxseed", 0.60, 0.90,
            M(7, 42, 1.5, 18, 1, 30.5), Nuts, pack: 300, price: 2.20),
        R(
            "chia-seeds", "chia seeds", "chia", 0.68, 0.90, M(6, 31, 0.5, 17, 1, 44.5), Nuts, pack: 200, price: 2.60),
        R(
            "mixed-seeds", "mixed seeds", "seed mix|toasted seeds", 0.57, Nutty, M(5, 47, 2, 21, 3, 22), Nuts, has: Sesame, loss: Toast,
            pack: 200, price: 2.00),
        R(
            "black-sesame-paste", "black sesame paste", "black tahini", 1.05, 0.95, M(2, 55, 0.5, 19, 9, 14.5), Nuts, has: Sesame,
            pack: 200, price: 5.00),
        R(
            "halva", "halva, crumbled", "halva|halvah|tahini halva", 0.80, 0.80, M(3, 32, 45, 12, 3, 5), Nuts, has: Sesame, pack: 200,
            price: 3.00, source: SourceKind.Packets),
    ];
}
