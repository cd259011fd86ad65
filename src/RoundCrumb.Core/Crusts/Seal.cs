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
    public static readonly Seal None = new("none", "No seal", null, MinuteRange.None, false, "");
    public static readonly Seal Yolk = new("yolk", "Beaten yolk", Pantry.Yolk, MinuteRange.Between(2, 3), false, "glossy, no longer wet");
    public static readonly Seal White = new("white", "Egg white", Pantry.EggWhite, MinuteRange.Between(5, 8), false, "dry to the touch, nearly invisible");
    public static readonly Seal Chocolate = new("chocolate", "Melted chocolate", Pantry.DarkChocolate, MinuteRange.None, true, "set firm, no shine left");

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static IReadOnlyList<Seal> All { get; } = [None, Yolk, White, Chocolate];

    /// <summary>True when it has to go back into the oven.</summary>
    public bool NeedsOven => OvenMinutes.Best > 0;

    /// <summary>Grams brushed on one pan of a base area.</summary>
    public static readonly Constant EggFilm = new("egg brushed on", 0.02, 0.015, 0.03, Dimension.Factor, "Grams to a square centimetre: one thin coat.");

    /// <summary>Grams of chocolate spread on one pan of a base area.</summary>
    public static readonly Constant ChocolateFilm = new("chocolate brushed on", 0.10, 0.08, 0.14, Dimension.Factor, "Grams to a square centimetre: about a millimetre.");

    /// <summary>The film that this seal is spread to.</summary>
    public Constant Film => Melts ? ChocolateFilm : EggFilm;

    /// <summary>The seal with this id, or none.</summary>
    public static Seal? Find(string id) => All.FirstOrDefault(s => s.Id == id);
}
