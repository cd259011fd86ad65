using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>What makes a filling set.</summary>
public enum SetBy
{
    /// <summary>Starch, helped by egg.</summary>
    Starch,

    /// <summary>Gelatine.</summary>
    Gelatine,
}

/// <summary>A kind of filling: how it is made, what that costs in volume, how it sets and keeps.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="SetBy">What sets it.</param>
/// <param name="GoesInHot">True when it meets the crust hot.</param>
/// <param name="FillLine">Usual distance from the rim down to the filling.</param>
/// <param name="MethodLoss">What simmering boils away, share of volume.</param>
/// <param name="PotLoss">What stays in pot and spatula, share of volume.</param>
/// <param name="SetTime">Minutes in the fridge, at the depth of <paramref name="SetDepth"/> or less.</param>
/// <param name="SetDepth">The depth that the setting time is for.</param>
/// <param name="Keeps">Minutes from filling to the last good slice: best within the first figure, at most the second.</param>
/// <param name="Deepest">Deeper than this it does not cook, cool or hold evenly.</param>
/// <param name="Bands">How it cuts by its set index.</param>
/// <param name="Aim">The set index to aim for: a clean slice.</param>
public sealed record FillingFamily(
    string Id,
    string Name,
    SetBy SetBy,
    bool GoesInHot,
    Constant FillLine,
    Constant MethodLoss,
    Constant PotLoss,
    MinuteRange SetTime,
    Constant SetDepth,
    (Constant Best, Constant Most) Keeps,
    Constant Deepest,
    IReadOnlyList<CutBand> Bands,
    double Aim)
{
    /// <summary>What it wants of its shell.</summary>
    public ShellNeed Shell => ShellNeed.Of(Id);

    private static readonly Constant PotAndSpatula = new("left in pot and spatula", 0.02, 0.01, 0.04, Dimension.Share, "However well it is scraped.");

    public static readonly FillingFamily StarchCustard = new(
        "starch-custard", "Stovetop starch custard", SetBy.Starch, GoesInHot: true,
        new("below the rim", 5, 3, 8, Dimension.Length, "Room for the film and for the cream above."),
        new("lost in simmering", 0.06, 0.04, 0.09, Dimension.Share, "Steam, from first warmth to the minute or two at a bubble."),
        PotAndSpatula,
        new(180, 720, 24 * 60),
        new("depth the minutes are for", 25, 22, 28, Dimension.Length, "It goes in hot; a still fridge cools about in proportion to depth."),
        (Hours("best within", 24, "The base softens a little every hour."), Hours("keeps at most", 60, "Two to three days cold; egg and milk.")),
        new("deepest that cooks and cools evenly", 35, 30, 40, Dimension.Length, "Deeper, the middle is warm too long and weeps when cut."),
        CutBands.Starch, Aim: 4.7);

    public static readonly FillingFamily CheeseGelatine = new(
        "cheese-gelatine", "No-bake cream cheese with gelatine", SetBy.Gelatine, GoesInHot: false,
        new("below the rim", 4, 2, 6, Dimension.Length, "It does not rise, and nothing spills on the way to the fridge."),
        new("lost in the making", 0, Dimension.Share, "Nothing is cooked away."),
        PotAndSpatula,
        new(240, 720, 24 * 60),
        new("depth the minutes are for", 50, 45, 55, Dimension.Length, "It goes in cool and has little heat to lose."),
        (Hours("best within", 48, "Gelatine goes on tightening slowly."), Hours("keeps at most", 72, "Three days cold.")),
        new("deepest that stands when unmoulded", 80, 70, 90, Dimension.Length, "Taller, it leans when the ring comes off."),
        CutBands.Gelatine, Aim: 0.85);

    /// <summary>All families.</summary>
    public static IReadOnlyList<FillingFamily> All { get; } = [StarchCustard, CheeseGelatine];

    private static Constant Hours(string name, double hours, string reason) => new(name, hours * 60, Dimension.Time, reason);
}
