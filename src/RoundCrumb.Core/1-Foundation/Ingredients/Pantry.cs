
namespace RoundCrumb.Core.Ingredients;

/// <summary>
/// The ingredients that Round Crumb knows without being told. Bulk density reads a cup; volume in a mixture adds up a
/// yield; the two differ most for sugar, starch and nuts. Add one by adding its row to the file of its shelf.
/// </summary>
public static class Pantry
{
    /// <summary>All of them, shelf by shelf.</summary>
    public static IReadOnlyList<Ingredient> All { get; } =
    [
        .. FlourShelf.Rows, .. GrainShelf.Rows, .. BiscuitShelf.Rows, .. BiscuitKindShelf.Rows, .. BoughtPastryShelf.Rows,
        .. SugarShelf.Rows, .. SweetShelf.Rows, .. FatShelf.Rows, .. DairyShelf.Rows, .. CreamAndCultureShelf.Rows, .. EggShelf.Rows,
        .. SetterShelf.Rows, .. GumShelf.Rows, .. ChocolateShelf.Rows, .. ChocolateFormShelf.Rows, .. NutShelf.Rows,
        .. NutFormShelf.Rows, .. FruitShelf.Rows, .. FruitSortShelf.Rows, .. FrozenAndTinnedFruitShelf.Rows, .. DriedFruitShelf.Rows,
        .. DrinkShelf.Rows, .. LiqueurShelf.Rows, .. SoftDrinkShelf.Rows, .. FlavourShelf.Rows, .. ExtractShelf.Rows,
        .. NamedApartShelf.Rows,
    ];

    private static readonly Dictionary<string, Ingredient> ById = All.ToDictionary(i => i.Id, StringComparer.Ordinal);

    public static readonly Ingredient PlainFlour = ById["plain-flour"];
    public static readonly Ingredient SoftFlour = ById["soft-flour"];
    public static readonly Ingredient RolledOats = ById["rolled-oats"];
    public static readonly Ingredient Cornflour = ById["cornflour"];
    public static readonly Ingredient BiscuitCrumbs = ById["biscuit-crumbs"];
    public static readonly Ingredient Butter = ById["butter"];
    public static readonly Ingredient Shortening = ById["shortening"];
    public static readonly Ingredient Water = ById["water"];
    public static readonly Ingredient CasterSugar = ById["caster-sugar"];
    public static readonly Ingredient BrownSugar = ById["brown-sugar"];
    public static readonly Ingredient IcingSugar = ById["icing-sugar"];
    public static readonly Ingredient Honey = ById["honey"];
    public static readonly Ingredient Salt = ById["salt"];
    public static readonly Ingredient Milk = ById["milk"];
    public static readonly Ingredient DoubleCream = ById["double-cream"];
    public static readonly Ingredient Yoghurt = ById["yoghurt"];
    public static readonly Ingredient CreamCheese = ById["cream-cheese"];
    public static readonly Ingredient Yolk = ById["yolk"];
    public static readonly Ingredient EggWhite = ById["egg-white"];
    public static readonly Ingredient WholeEgg = ById["whole-egg"];
    public static readonly Ingredient MaltedMilk = ById["malted-milk"];
    public static readonly Ingredient InstantCoffee = ById["instant-coffee"];
    public static readonly Ingredient BergamotTea = ById["bergamot-tea"];
    public static readonly Ingredient Vanilla = ById["vanilla"];
    public static readonly Ingredient LemonJuice = ById["lemon-juice"];
    public static readonly Ingredient LemonZest = ById["lemon-zest"];
    public static readonly Ingredient BlackcurrantPuree = ById["blackcurrant-puree"];
    public static readonly Ingredient Gelatine = ById["gelatine"];
    public static readonly Ingredient DarkChocolate = ById["dark-chocolate"];
    public static readonly Ingredient GroundAlmonds = ById["ground-almonds"];

    /// <summary>The ingredient with this id, or none.</summary>
    public static Ingredient? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>The ingredient with an id that is written in the code.</summary>
    /// <exception cref="InvalidOperationException">There is none.</exception>
    public static Ingredient Get(string id) => Find(id) ?? throw new InvalidOperationException($"There is no ingredient called {id}.");
}
