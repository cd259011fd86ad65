using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Crusts;

/// <summary>What keeps the wet off the crust.</summary>
/// <param name="Id">Stable short name, used in addresses.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Ingredient">What is brushed on; none for no seal.</param>
/// <param name="OvenMinutes">Minutes back in the oven; none where it only sets as it cools.</param>
/// <param name="Melts">True when a hot filling would melt it.</param>
/// <param name="Cue">When it is done.</param>
public sealed record Seal(string Id, string Name, Ingredient? Ingredient, MinuteRange OvenMinutes, bool Melts, string Cue)
{
    /// <summary>Nothing between shell and filling.</summary>
    public static readonly Seal None = new("none", "No seal", null, MinuteRange.None, false, "");

    /// <summary>Beaten yolk, set in the oven: glossy.</summary>
    public static readonly Seal Yolk = new("yolk", "Beaten yolk", Pantry.Yolk, MinuteRange.Between(2, 3), false, "glossy, no longer wet");

    /// <summary>Egg white, set in the oven: not to be seen.</summary>
    public static readonly Seal White = new(
        "white", "Egg white", Pantry.EggWhite, MinuteRange.Between(5, 8), false, "dry to the touch, nearly invisible");

    /// <summary>Melted chocolate: no oven, and nothing hot upon it.</summary>
    public static readonly Seal Chocolate = new(
        "chocolate", "Melted chocolate", Pantry.DarkChocolate, MinuteRange.None, true, "set firm, no shine left");

    /// <summary>Melted cocoa butter: no oven, and nothing hot upon it.</summary>
    public static readonly Seal CocoaButter = new(
        "cocoa-butter", "Cocoa butter", Pantry.Find("cocoa-butter"), MinuteRange.None, true, "set clear and dry")
    { For = "cold fillings that must not taste of chocolate" };

    /// <summary>Jam, under almond fillings.</summary>
    public static readonly Seal Jam = new(
        "jam", "Jam", Pantry.Find("apricot-jam"), MinuteRange.None, false, "a thin film, right into the corner")
    { For = "almond fillings" };

    /// <summary>A dusting of crumbs or nuts, under fruit.</summary>
    public static readonly Seal Dust = new(
        "dust", "Crumbs or ground nuts", Pantry.GroundAlmonds, MinuteRange.None, false, "the base just hidden")
    { For = "juicy fruit" };

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Seal> All { get; } = [None, Yolk, White, Chocolate, CocoaButter, Jam, Dust];

    /// <summary>What it is best under; empty for most things.</summary>
    public string For { get; init; } = "";

    /// <summary>True when it holds water back for a day; jam and crumbs only drink what comes through.</summary>
    public bool HoldsWater => Id != None.Id && Id != Jam.Id && Id != Dust.Id;

    /// <summary>True when it has to go back into the oven.</summary>
    public bool NeedsOven => OvenMinutes.Best > 0;

    /// <summary>Grams brushed on one pan of a base area.</summary>
    public static readonly Constant EggFilm = new(
        "egg brushed on", 0.02, 0.015, 0.03, Dimension.Factor, "Grams to a square centimetre: one thin coat.");

    /// <summary>Grams of chocolate spread on one pan of a base area.</summary>
    public static readonly Constant ChocolateFilm = new(
        "chocolate brushed on", 0.10, 0.08, 0.14, Dimension.Factor, "Grams to a square centimetre: about a millimetre.");

    /// <summary>Grams of cocoa butter brushed on one pan of a base area.</summary>
    public static readonly Constant CocoaFilm = new(
        "cocoa butter brushed on", 0.03, 0.02, 0.05, Dimension.Factor, "Grams to a square centimetre: it runs thin.");

    /// <summary>Grams of jam spread on one pan of a base area.</summary>
    public static readonly Constant JamFilm = new(
        "jam spread on", 0.15, 0.10, 0.25, Dimension.Factor, "Grams to a square centimetre: about a millimetre.");

    /// <summary>Grams of crumbs or nuts dusted on one pan of a base area.</summary>
    public static readonly Constant DustFilm = new(
        "crumbs or nuts dusted on", 0.08, 0.05, 0.12, Dimension.Factor, "Grams to a square centimetre: the base just hidden.");

    /// <summary>The film that this seal is spread to.</summary>
    public Constant Film => Id switch
    {
        "chocolate" => ChocolateFilm,
        "cocoa-butter" => CocoaFilm,
        "jam" => JamFilm,
        "dust" => DustFilm,
        _ => EggFilm,
    };

    /// <summary>Minutes to set on the cooled shell, where it does not go back into the oven.</summary>
    public MinuteRange SetMinutes => Melts ? MinuteRange.Between(15, 30) : MinuteRange.None;

    /// <summary>The seal with this id, or none.</summary>
    public static Seal? Find(string id) => All.FirstOrDefault(s => s.Id == id);
}
