using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>One thing to do for a filling, before it goes into the shell.</summary>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="SetUp">Minutes of hands however many pies.</param>
/// <param name="PerPie">Minutes of hands for each.</param>
/// <param name="Where">Where it is done, or waits.</param>
/// <param name="Cue">When it is right.</param>
public sealed record MethodStep(Phrase Do, double SetUp, double PerPie, string Where, string Cue)
{
    /// <summary>Minutes of waiting afterwards.</summary>
    public MinuteRange Wait { get; init; } = MinuteRange.None;

    /// <summary>What may hurt, said once.</summary>
    public Phrase Caution { get; init; } = Phrase.None;
}

/// <summary>How a filled shell is baked.</summary>
/// <param name="Heat">Of a conventional oven.</param>
/// <param name="Low">Least minutes, in bright metal.</param>
/// <param name="High">Most minutes.</param>
/// <param name="Cue">When it is done.</param>
/// <param name="Note">Where in the oven, and what to shield; empty where there is nothing to say.</param>
public sealed record FillingBake(Constant Heat, Constant Low, Constant High, string Cue, string Note = "");

/// <summary>A kind of filling: how it is made, what that costs in volume, how it sets and keeps. Add one by adding a declaration to <see cref="FillingFamilies"/>.</summary>
/// <param name="Id">Stable short name.</param>
/// <param name="Name">What a baker calls it.</param>
/// <param name="Scale">What sets it, and how firmly.</param>
/// <param name="GoesInHot">True when it meets the crust hot.</param>
/// <param name="FillLine">Usual distance from the rim down to the filling.</param>
/// <param name="MethodLoss">What cooking or baking takes away, share of volume.</param>
/// <param name="SetTime">Minutes in the fridge, at the depth of <paramref name="SetDepth"/> or less.</param>
/// <param name="SetDepth">The depth that the setting time is for.</param>
/// <param name="Keeps">Minutes from filling to the last good slice: best within the first figure, at most the second.</param>
/// <param name="Deepest">Deeper than this it does not cook, cool or hold evenly.</param>
/// <param name="Method">What is done before it goes into the shell.</param>
/// <param name="Pour">How it goes in; <c>{0}</c> stands for how deep, its own amounts follow from <c>{1}</c>.</param>
public sealed record FillingFamily(
    string Id,
    string Name,
    SetScale Scale,
    bool GoesInHot,
    Constant FillLine,
    Constant MethodLoss,
    MinuteRange SetTime,
    Constant SetDepth,
    (Constant Best, Constant Most) Keeps,
    Constant Deepest,
    IReadOnlyList<MethodStep> Method,
    MethodStep Pour)
{
    private static readonly Constant PotAndSpatula = new("left in pot and spatula", 0.02, 0.01, 0.04, Dimension.Share, "However well it is scraped.");

    /// <summary>What stays in pot and spatula, share of volume.</summary>
    public Constant PotLoss { get; init; } = PotAndSpatula;

    /// <summary>How it bakes in its shell; none for what is not baked.</summary>
    public FillingBake? Bake { get; init; }

    /// <summary>By how much it stands higher in the oven, share of its depth; none for what does not rise.</summary>
    public Constant? Rise { get; init; }

    /// <summary>What a slice of it weighs with its crust and topping, g.</summary>
    public Constant Portion { get; init; } = Portions.Slice;

    /// <summary>When it has set, to eye and hand.</summary>
    public string SetCue { get; init; } = "firm under a finger, middle too";

    /// <summary>What to mind while it cools and sets.</summary>
    public Phrase SetCaution { get; init; } = Phrase.None;

    /// <summary>What happens when it stands deeper than it should.</summary>
    public string TooDeep { get; init; } = "The middle cools too slowly and weeps when it is cut.";

    /// <summary>True for a filling that stands tall by itself once its ring is taken away.</summary>
    public bool StandsTall { get; init; }

    /// <summary>What it wants of its shell.</summary>
    public ShellNeed Shell => ShellNeed.Of(Id);

    /// <summary>True when the crust is heated with it: it goes in hot, or bakes in the shell.</summary>
    public bool HeatsItsCrust => GoesInHot || Bake is not null;

    /// <summary>How it cuts by its set index.</summary>
    public IReadOnlyList<CutBand> Bands => Scale.Bands;

    /// <summary>The set index to aim for: a clean slice.</summary>
    public double Aim => Scale.Aim;
}
