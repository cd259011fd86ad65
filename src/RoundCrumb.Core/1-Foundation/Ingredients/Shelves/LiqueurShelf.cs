using static RoundCrumb.Core.Ingredients.Allergens;
using static RoundCrumb.Core.Ingredients.PantryShelf;
using static RoundCrumb.Core.Ingredients.Row;

namespace RoundCrumb.Core.Ingredients;

/// <summary>Spirits, liqueurs and wines, by kind. Alcohol is given by mass: 40 % by volume is about 33 % by mass.</summary>
internal static class LiqueurShelf
{
    public static Ingredient[] Rows { get; } =
    [
        R(
            "white-rum", "white rum", "light rum|silver rum|clear rum", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33,
            pack: 665, price: 15.00),
        R(
            "spiced-rum", "spiced rum", "spiced golden rum", 0.95, 1.04, M(66, 0, 2, 0, 0, 32), Drinks, alcohol: 29, pack: 665,
            price: 17.00),
        R(
            "gin", "gin", "dry gin|london dry gin", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33, pack: 665, price: 15.00,
            traits: Traits.RelaxesDough),
        R(
            "tequila", "tequila", "agave spirit|mezcal|blanco tequila|white tequila", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks,
            alcohol: 33, pack: 665, price: 20.00),
        R(
            "kirsch", "kirsch (cherry spirit)", "cherry spirit|cherry eau de vie", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks,
            alcohol: 33, pack: 332, price: 14.00),
        R(
            "apple-brandy", "apple brandy", "calvados|applejack|apple spirit", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33,
            pack: 665, price: 22.00),
        R(
            "pear-spirit", "pear spirit", "pear brandy|pear eau de vie|poire", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33,
            pack: 332, price: 18.00),
        R(
            "plum-spirit", "plum spirit", "plum brandy|slivovitz|plum eau de vie|damson spirit", 0.95, 1.04, M(67, 0, 0, 0, 0, 33),
            Drinks, alcohol: 33, pack: 665, price: 19.00),
        R(
            "grappa", "grappa", "marc|grape spirit|pomace brandy", 0.95, 1.04, M(67, 0, 0, 0, 0, 33), Drinks, alcohol: 33, pack: 665,
            price: 20.00),
        R(
            "anise-spirit", "aniseed spirit", "pastis|ouzo|absinthe|arak|raki|anisette", 0.95, 1.04, M(64, 0, 2, 0, 0, 34), Drinks,
            alcohol: 34, pack: 665, price: 18.00),
        R(
            "liqueur", "liqueur, any", "liqueur|fruit-flavoured liqueur|sweet liqueur|your favourite liqueur", 1.08, 0.92,
            M(48, 0, 30, 0, 0, 22), Drinks, alcohol: 20, pack: 540, price: 14.00),
        R(
            "cherry-liqueur", "cherry liqueur", "cherry brandy|maraschino liqueur|maraschino|cherry-flavoured liqueur", 1.09, 0.91,
            M(46, 0, 33, 0.1, 0, 20.9), Drinks, alcohol: 18, pack: 545, price: 13.00),
        R(
            "raspberry-liqueur", "raspberry liqueur", "crème de framboise|raspberry-flavoured liqueur|framboise", 1.10, 0.90,
            M(48, 0, 35, 0.1, 0, 16.9), Drinks, alcohol: 13, pack: 550, price: 16.00),
        R(
            "blackcurrant-liqueur", "blackcurrant liqueur", "crème de cassis|cassis liqueur|cassis", 1.13, 0.88,
            M(44, 0, 42, 0.1, 0, 13.9), Drinks, alcohol: 11, pack: 565, price: 13.00),
        R(
            "strawberry-liqueur", "strawberry liqueur", "crème de fraise|wild strawberry liqueur", 1.10, 0.90,
            M(47, 0, 36, 0.1, 0, 16.9), Drinks, alcohol: 13, pack: 550, price: 14.00),
        R(
            "lemon-liqueur", "lemon liqueur", "limoncello|lemon-flavoured liqueur", 1.07, 0.92, M(42, 0, 30, 0.1, 0, 27.9), Drinks,
            alcohol: 22, pack: 535, price: 13.00),
        R(
            "peach-liqueur", "peach liqueur", "peach schnapps|peach-flavoured liqueur|crème de pêche", 1.06, 0.93,
            M(52, 0, 27, 0.1, 0, 20.9), Drinks, alcohol: 15, pack: 742, price: 12.00),
        R(
            "apricot-liqueur", "apricot liqueur", "apricot brandy|apricot schnapps|apricot-flavoured liqueur", 1.07, 0.92,
            M(48, 0, 29, 0.1, 0, 22.9), Drinks, alcohol: 18, pack: 535, price: 13.00),
        R(
            "pear-liqueur", "pear liqueur", "pear-flavoured liqueur|pear schnapps", 1.06, 0.93, M(50, 0, 27, 0.1, 0, 22.9), Drinks,
            alcohol: 18, pack: 530, price: 15.00),
        R(
            "banana-liqueur", "banana liqueur", "crème de banane|banana-flavoured liqueur", 1.08, 0.92, M(48, 0, 31, 0.1, 0, 20.9),
            Drinks, alcohol: 18, pack: 540, price: 13.00),
        R(
            "coconut-liqueur", "coconut liqueur", "coconut rum|coconut-flavoured rum|coconut-flavoured liqueur", 1.03, 0.96,
            M(57, 0, 21, 0.1, 0, 21.9), Drinks, alcohol: 17, pack: 721, price: 14.00),
        R(
            "elderflower-liqueur", "elderflower liqueur", "elderflower-flavoured liqueur", 1.06, 0.93, M(53, 0, 27, 0, 0, 20), Drinks,
            alcohol: 15, pack: 530, price: 17.00),
        R(
            "mint-liqueur", "mint liqueur", "crème de menthe|peppermint liqueur|peppermint schnapps|mint-flavoured liqueur", 1.12, 0.89,
            M(42, 0, 40, 0, 0, 18), Drinks, alcohol: 17, pack: 560, price: 12.00),
        R(
            "hazelnut-liqueur", "hazelnut liqueur", "hazelnut-flavoured liqueur", 1.07, 0.92, M(49, 0, 30, 0.1, 0, 20.9), Drinks,
            has: Hazelnut, alcohol: 18, pack: 749, price: 18.00),
        R(
            "walnut-liqueur", "walnut liqueur", "nocino|green walnut liqueur", 1.08, 0.92, M(46, 0, 30, 0.1, 0, 23.9), Drinks,
            has: Walnut, alcohol: 20, pack: 540, price: 20.00),
        R(
            "chocolate-liqueur", "chocolate liqueur", "crème de cacao|cocoa liqueur|chocolate-flavoured liqueur", 1.10, 0.90,
            M(44, 0.2, 36, 0.2, 0, 19.6), Drinks, alcohol: 18, pack: 550, price: 13.00),
        R(
            "ginger-liqueur", "ginger liqueur", "ginger-flavoured liqueur", 1.07, 0.92, M(48, 0, 29, 0, 0, 23), Drinks, alcohol: 18,
            pack: 535, price: 18.00),
        R(
            "honey-liqueur", "honey liqueur", "honey whisky liqueur|whisky liqueur|honey-flavoured liqueur", 1.06, 0.93,
            M(44, 0, 28, 0, 0, 28), Drinks, alcohol: 25, pack: 742, price: 18.00, from: Origin.OfAnimal),
        R(
            "herb-liqueur", "herb liqueur", "herbal liqueur|monastery liqueur|yellow herb liqueur|green herb liqueur", 1.05, 0.94,
            M(42, 0, 25, 0, 0, 33), Drinks, alcohol: 31, pack: 735, price: 26.00),
        R(
            "butterscotch-liqueur", "butterscotch liqueur", "butterscotch schnapps|caramel liqueur|toffee liqueur", 1.08, 0.92,
            M(50, 0, 32, 0, 0, 18), Drinks, may: Milk, alcohol: 15, pack: 540, price: 12.00),
        R(
            "egg-liqueur", "egg liqueur", "advocaat|eggnog liqueur", 1.08, 0.93, M(45, 5, 28, 4, 0, 18), Drinks, has: Egg | Milk,
            alcohol: 13, from: Origin.OfAnimal, pack: 756, price: 13.00),
        R(
            "violet-liqueur", "violet liqueur", "crème de violette", 1.08, 0.92, M(48, 0, 32, 0, 0, 20), Drinks, alcohol: 17, pack: 540,
            price: 18.00),
        R(
            "sloe-gin", "sloe gin", "damson gin|plum gin", 1.04, 0.95, M(52, 0, 22, 0.1, 0, 25.9), Drinks, alcohol: 21, pack: 728,
            price: 18.00),
        R(
            "dry-sherry", "dry sherry", "fino sherry|amontillado sherry|amontillado|manzanilla", 0.99, 1.00, M(84, 0, 1.5, 0.2, 0, 14.3),
            Drinks, has: Sulphites, alcohol: 13, pack: 743, price: 9.00),
        R(
            "port", "port wine", "port|ruby port|tawny port|white port", 1.03, 0.98, M(73, 0, 10, 0.1, 0, 16.9), Drinks, has: Sulphites,
            alcohol: 15, pack: 772, price: 11.00),
        R(
            "marsala", "marsala", "marsala wine|sweet marsala|dry marsala", 1.02, 0.98, M(76, 0, 8, 0.1, 0, 15.9), Drinks,
            has: Sulphites, alcohol: 14, pack: 765, price: 11.00),
        R(
            "vermouth", "vermouth", "dry vermouth|white vermouth|sweet vermouth|red vermouth", 1.02, 0.98, M(76, 0, 8, 0.1, 0, 15.9),
            Drinks, has: Sulphites, alcohol: 13, pack: 765, price: 9.00),
        R(
            "white-wine", "white wine", "dry white wine|medium white wine|crisp white wine", 0.99, 1.00, M(87.5, 0, 1, 0.1, 0, 11.4),
            Drinks, has: Sulphites, juice: 0.25, alcohol: 10, pack: 743, price: 7.00),
        R(
            "red-wine", "red wine", "dry red wine|full-bodied red wine", 0.99, 1.00, M(86.5, 0, 0.6, 0.1, 0, 12.8), Drinks,
            has: Sulphites, juice: 0.2, alcohol: 10.5, pack: 743, price: 7.00),
        R(
            "sparkling-wine", "sparkling wine", "prosecco|champagne|cava|rosé sparkling wine|cremant", 0.99, 1.00,
            M(87.5, 0, 1.5, 0.1, 0, 10.9), Drinks, has: Sulphites, juice: 0.25, alcohol: 9.5, pack: 743, price: 9.00),
        R(
            "dessert-wine", "dessert wine", "sticky wine|late-harvest wine|sweet white wine|muscat wine|ice wine", 1.05, 0.96,
            M(74, 0, 13, 0.2, 0, 12.8), Drinks, has: Sulphites, alcohol: 11, pack: 394, price: 10.00),
        R(
            "ginger-wine", "ginger wine", "green ginger wine", 1.07, 0.94, M(68, 0, 19, 0.1, 0, 12.9), Drinks, has: Sulphites,
            alcohol: 11, pack: 749, price: 7.00),
        R(
            "mead", "mead", "honey wine", 1.01, 0.99, M(80, 0, 8, 0.1, 0, 11.9), Drinks, has: Sulphites, alcohol: 10,
            from: Origin.OfAnimal, pack: 758, price: 10.00),
        R(
            "perry", "perry (pear cider)", "pear cider", 1.00, Wet, M(92, 0, 3.5, 0, 0, 4.5), Drinks, has: Sulphites, juice: 0.15,
            alcohol: 4, pack: 500, price: 2.20),
        R(
            "lager", "lager", "pale ale|pilsner|light beer|golden ale", 1.01, Wet, M(93, 0, 1, 0.4, 1.6, 4), Drinks,
            has: Barley, alcohol: 3.8, pack: 500, price: 1.80),
    ];
}
