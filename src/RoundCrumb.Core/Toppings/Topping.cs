using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>What goes into the cream beside the cream.</summary>
/// <param name="Ingredient">What it is.</param>
/// <param name="PerMl">Grams of it for one ml of cream, as a share.</param>
/// <param name="Note">How it goes in.</param>
public sealed record ToppingPart(Ingredient Ingredient, Constant PerMl, string Note);

/// <summary>A kind of whipped cream, by what holds it up.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Cream">What is whipped.</param>
/// <param name="With">What goes into it.</param>
/// <param name="Holds">How long it holds, least to most.</param>
/// <param name="Why">What holds it.</param>
public sealed record Topping(string Id, string Name, Ingredient Cream, IReadOnlyList<ToppingPart> With, MinuteRange Holds, string Why)
{
    public static readonly Topping None = new("none", "Nothing on top", Pantry.DoubleCream, [], MinuteRange.Of(10000), "");
    public static readonly Topping Plain = Whipped("plain", "Whipped cream, plain", Pantry.DoubleCream, []);
    public static readonly Topping Icing = Whipped(
        "icing", "Whipped cream, icing sugar", Pantry.DoubleCream,
        [new(Pantry.IcingSugar, new("icing sugar to cream", 0.08, 0.05, 0.10, Dimension.Share, "The starch in it drinks the whey."), "with the machine stopped, at soft peaks")]);

    public static readonly Topping Gelatine = Whipped(
        "gelatine", "Whipped cream, gelatine", Pantry.DoubleCream,
        [
            new(Pantry.CasterSugar, new("sugar to cream", 0.05, 0, 0.10, Dimension.Share, "A little, to taste."), "with the machine stopped, at soft peaks"),
            new(Pantry.Gelatine, ToppingConstants.GelatineToCream, "bloomed, melted, in a thin stream while it whips"),
            new(Pantry.Water, new("water for the gelatine", 0.04, 0.032, 0.048, Dimension.Share, "Five times the gelatine's own weight."), "cold, for the gelatine"),
        ]);

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Topping> All { get; } = [None, Plain, Icing, Gelatine];

    /// <summary>True when sugar of some kind is in it.</summary>
    public bool IsSweetened => With.Any(p => p.Ingredient.IsSugar);

    /// <summary>True when something from a slaughtered animal is in it.</summary>
    public bool FromSlaughter => With.Any(p => p.Ingredient.FromSlaughter) || Cream.FromSlaughter;

    /// <summary>The topping with this id, or none.</summary>
    public static Topping? Find(string id) => All.FirstOrDefault(t => t.Id == id);

    /// <summary>Cream with something in it; what that is decides how long it holds.</summary>
    public static Topping Whipped(string id, string name, Ingredient cream, IReadOnlyList<ToppingPart> with)
    {
        var gelatine = with.Sum(p => p.PerMl.Usual * p.Ingredient.GelatineEquivalent);
        var cheese = with.Where(p => p.Ingredient.Id is "mascarpone" or "cream-cheese").Sum(p => p.PerMl.Usual);
        var icing = with.Where(p => p.Ingredient == Pantry.IcingSugar).Sum(p => p.PerMl.Usual);
        var (holds, why) = gelatine >= ToppingConstants.GelatineToCream.Low ? (MinuteRange.Of(48 * 60), "a trace of gelatine")
            : cheese >= ToppingConstants.CheeseToCream.Low ? (MinuteRange.Of(36 * 60), "the cheese in it")
            : icing >= ToppingConstants.IcingToCream.Low ? (MinuteRange.Between(8 * 60, 12 * 60), "the starch in the icing sugar")
            : (MinuteRange.Between(2 * 60, 4 * 60), "only its own fat, cold");
        return new(id, name, cream, with, holds, why);
    }
}

/// <summary>How much of a thing holds cream up.</summary>
public static class ToppingConstants
{
    public static readonly Constant GelatineToCream = new("gelatine to cream", 0.008, 0.006, 0.010, Dimension.Share, "0.8 g for 100 ml: more is felt.");
    public static readonly Constant CheeseToCream = new("mascarpone or cream cheese to cream", 0.25, 0.20, 0.40, Dimension.Share, "A quarter of the cream's weight.");
    public static readonly Constant IcingToCream = new("icing sugar to cream", 0.08, 0.04, 0.10, Dimension.Share, "Less has too little starch to hold anything.");
}
