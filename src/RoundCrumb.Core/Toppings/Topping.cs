using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Toppings;

/// <summary>A kind of whipped cream, by what holds it up.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Sugar">What sweetens it; none for plain.</param>
/// <param name="SugarShare">Grams of it for 100 ml of cream, as a share.</param>
/// <param name="GelatineShare">Grams of gelatine for 100 ml of cream, as a share.</param>
/// <param name="Holds">How long it holds, least to most.</param>
/// <param name="Why">What holds it.</param>
public sealed record Topping(string Id, string Name, Ingredient? Sugar, Constant SugarShare, Constant GelatineShare, MinuteRange Holds, string Why)
{
    private static readonly Constant NoSugar = new("sugar to cream", 0, 0, 0.10, Dimension.Share, "Unsweetened: the filling is sweet enough.");
    private static readonly Constant NoGelatine = new("gelatine to cream", 0, Dimension.Share, "None.");

    public static readonly Topping None = new("none", "Nothing on top", null, NoSugar, NoGelatine, MinuteRange.Of(10000), "");
    public static readonly Topping Plain = new("plain", "Whipped cream, plain", null, NoSugar, NoGelatine, MinuteRange.Between(120, 240), "only its own fat, cold");
    public static readonly Topping Icing = new(
        "icing", "Whipped cream, icing sugar", Pantry.IcingSugar,
        new("icing sugar to cream", 0.08, 0.05, 0.10, Dimension.Share, "The starch in it drinks the whey."), NoGelatine,
        MinuteRange.Between(480, 720), "the starch in the icing sugar");
    public static readonly Topping Gelatine = new(
        "gelatine", "Whipped cream, gelatine", Pantry.CasterSugar,
        new("sugar to cream", 0.05, 0, 0.10, Dimension.Share, "A little, to taste."),
        new("gelatine to cream", 0.008, 0.006, 0.010, Dimension.Share, "0.8 g for 100 ml: more is felt."),
        MinuteRange.Of(2880), "a trace of gelatine");

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Topping> All { get; } = [None, Plain, Icing, Gelatine];

    /// <summary>The topping with this id, or none.</summary>
    public static Topping? Find(string id) => All.FirstOrDefault(t => t.Id == id);
}
