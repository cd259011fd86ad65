using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>What sort of thing lies on top, which decides how it is reckoned.</summary>
public enum ToppingKind
{
    /// <summary>Cream that is whipped, spread or piped.</summary>
    Whipped,

    /// <summary>Whites and sugar.</summary>
    Meringue,

    /// <summary>Crumble, baked on the filling.</summary>
    Crumble,

    /// <summary>A clear layer of set juice.</summary>
    Jelly,

    /// <summary>Thinned jam, brushed on.</summary>
    Glaze,

    /// <summary>Sugar or cocoa through a sieve.</summary>
    Dusting,

    /// <summary>Nuts, coconut or crumbs, strewn.</summary>
    Strewn,

    /// <summary>Fruit or nuts laid in a pattern.</summary>
    Pieces,
}

/// <summary>When a topping is put on.</summary>
public enum GoesOn
{
    /// <summary>Once the filling is cold and set.</summary>
    Cold,

    /// <summary>As the pie is filled, onto the hot filling or into the oven with it.</summary>
    WithTheFilling,

    /// <summary>As it is served, and not before.</summary>
    AtServing,
}

/// <summary>What goes into a topping beside its base.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="PerBase">Grams of it for one ml of cream, or for one gram of any other base.</param>
/// <param name="Note">How it goes in.</param>
public sealed record ToppingPart(Ingredient Ingredient, Constant PerBase, string Note);

/// <summary>Something that lies on a pie. Add one by adding a declaration to <see cref="ToppingBook"/>.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Kind">What sort of thing.</param>
/// <param name="Base">What most of it is, against which the rest is reckoned.</param>
/// <param name="With">What goes into it.</param>
/// <param name="Holds">How long it holds, least to most.</param>
/// <param name="Why">What holds it, or what ends it.</param>
public sealed record Topping(
    string Id, string Name, ToppingKind Kind, Ingredient Base, IReadOnlyList<ToppingPart> With, MinuteRange Holds, string Why)
{
    /// <summary>Nothing on top.</summary>
    public static readonly Topping None = new(
        "none", "Nothing on top", ToppingKind.Whipped, Pantry.DoubleCream, [], MinuteRange.Of(10000), "");

    /// <summary>Whipped cream and nothing else.</summary>
    public static readonly Topping Plain = Whipped("plain", "Whipped cream, plain", Pantry.DoubleCream, []);

    /// <summary>Whipped cream held by icing sugar.</summary>
    public static readonly Topping Icing = Whipped(
        "icing", "Whipped cream, icing sugar", Pantry.DoubleCream,
        [
            new(
                Pantry.IcingSugar, new("icing sugar to cream", 0.08, 0.05, 0.10, Dimension.Share, "The starch in it drinks the whey."),
                "with the machine stopped, at soft peaks")
        ]);

    /// <summary>Whipped cream held by gelatine.</summary>
    public static readonly Topping Gelatine = Whipped(
        "gelatine", "Whipped cream, gelatine", Pantry.DoubleCream,
        [
            new(
                Pantry.CasterSugar, new("sugar to cream", 0.05, 0, 0.10, Dimension.Share, "A little, to taste."),
                "with the machine stopped, at soft peaks"),
            new(Pantry.Gelatine, ToppingConstants.GelatineToCream, "bloomed, melted, in a thin stream while it whips"),
            new(
                Pantry.Water, new("water for the gelatine", 0.04, 0.032, 0.048, Dimension.Share, "Five times the gelatine's own weight."),
                "cold, for the gelatine"),
        ]);

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Topping> All => ToppingBook.All;

    /// <summary>
    /// What is in it besides and has no weight: what is put in to taste, and what its recipe names that could not be read.
    /// </summary>
    public IReadOnlyList<Ingredient> Unweighed { get; init; } = [];

    /// <summary>Everything that is in it; nothing where nothing lies on top.</summary>
    public IEnumerable<Ingredient> Everything => Id == "none" ? [] : With.Select(p => p.Ingredient).Prepend(Base).Concat(Unweighed);

    /// <summary>When it goes on.</summary>
    public GoesOn GoesOn { get; init; }

    /// <summary>How thick it usually lies.</summary>
    public Constant Thickness { get; init; } = new("usual thickness", 12, 6, 24, Dimension.Length, "An even layer of cream.");

    /// <summary>Grams to a square centimetre, for what is strewn, brushed or dusted on; none for what has a thickness.</summary>
    public Constant? Film { get; init; }

    /// <summary>How much its base swells in the making: whites on being whisked.</summary>
    public Constant? Swells { get; init; }

    /// <summary>Grams in a millilitre of it as it lies, for crumble and jelly.</summary>
    public Constant? Density { get; init; }

    /// <summary>What it loses on toasting or baking, share of its weight.</summary>
    public Constant? Loses { get; init; }

    /// <summary>How warm a step gets the egg in it, °C; none where none of it is surely cooked.</summary>
    public Constant? EggTakenTo { get; init; }

    /// <summary>What is laid out; none for what is spread.</summary>
    public Piece? Piece { get; init; }

    /// <summary>How it is made and put on; <c>{0}</c> stands for how thick.</summary>
    public IReadOnlyList<MethodStep> Steps { get; init; } = [];

    /// <summary>Its colour, as #rrggbb.</summary>
    public string Tint { get; init; } = "#fffaf0";

    /// <summary>True for what has a thickness that the baker chooses.</summary>
    public bool HasThickness => Film is null && (Piece is null || Piece.Sliced);

    /// <summary>The ways it can be laid, the usual one first.</summary>
    public IReadOnlyList<Pattern> Patterns => Kind switch
    {
        ToppingKind.Pieces => [Pattern.Rings, Pattern.Spiral, Pattern.HalfMoon, Pattern.Cover, Pattern.Rim],
        ToppingKind.Whipped when this != None =>
        [
            Pattern.Spread, Pattern.Rim, Pattern.Shells, Pattern.HalfMoon, Pattern.Cover, Pattern.Lattice
        ],
        ToppingKind.Meringue => [Pattern.Spread, Pattern.Rim, Pattern.Cover],
        _ => [Pattern.Spread],
    };

    /// <summary>True when sugar of some kind is in it.</summary>
    public bool IsSweetened => With.Any(p => p.Ingredient.IsSugar);

    /// <summary>True when something from a slaughtered animal is in it.</summary>
    public bool FromSlaughter => Everything.Any(i => i.FromSlaughter);

    /// <summary>The topping with this id, or none.</summary>
    public static Topping? Find(string id) => All.FirstOrDefault(t => t.Id == id);

    /// <summary>Cream with something in it; what that is decides how long it holds.</summary>
    public static Topping Whipped(string id, string name, Ingredient cream, IReadOnlyList<ToppingPart> with)
    {
        var gelatine = with.Sum(p => p.PerBase.Usual * p.Ingredient.GelatineEquivalent);
        var cheese = with.Where(p => p.Ingredient.Is(Traits.CreamCheese)).Sum(p => p.PerBase.Usual);
        var icing = with.Where(p => p.Ingredient.Is(Traits.SetsCream)).Sum(p => p.PerBase.Usual);
        var (holds, why) = gelatine >= ToppingConstants.GelatineToCream.Low ? (MinuteRange.Of(48 * 60), "a trace of gelatine")
            : cheese >= ToppingConstants.CheeseToCream.Low ? (MinuteRange.Of(36 * 60), "the cheese in it")
            : icing >= ToppingConstants.IcingToCream.Low ? (MinuteRange.Between(8 * 60, 12 * 60), "the starch in the icing sugar")
            : (MinuteRange.Between(2 * 60, 4 * 60), "only its own fat, cold");
        return new(id, name, ToppingKind.Whipped, cream, with, holds, why);
    }
}

/// <summary>Figures of the craft about toppings.</summary>
public static class ToppingConstants
{
    /// <summary>Gelatine that holds whipped cream, of the cream's weight.</summary>
    public static readonly Constant GelatineToCream = new(
        "gelatine to cream", 0.008, 0.006, 0.010, Dimension.Share, "0.8 g for 100 ml: more is felt.");

    /// <summary>Soft cheese that holds whipped cream, of the cream's weight.</summary>
    public static readonly Constant CheeseToCream = new(
        "mascarpone or cream cheese to cream", 0.25, 0.20, 0.40, Dimension.Share, "A quarter of the cream's weight.");

    /// <summary>Icing sugar that holds whipped cream, of the cream's weight.</summary>
    public static readonly Constant IcingToCream = new(
        "icing sugar to cream", 0.08, 0.04, 0.10, Dimension.Share, "Less has too little starch to hold anything.");

    /// <summary>Whites for a meringue, g a square centimetre.</summary>
    public static readonly Constant WhitesToArea = new(
        "whites to 100 cm²", 32.5, 30, 35, Dimension.Mass, "What covers a pie well: about as thick as two fingers.");

    /// <summary>White that is left over for each gram of yolk.</summary>
    public static readonly Constant WhiteOfAnEgg = new(
        "white for each yolk", 1.78, 1.6, 1.9, Dimension.Factor, "32 g of white beside 18 g of yolk.");
}
