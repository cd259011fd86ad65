using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Fillings;

/// <summary>How a filled shell is baked.</summary>
/// <param name="Heat">Of a conventional oven.</param>
/// <param name="DoneAt">How warm its middle has to get, °C.</param>
/// <param name="Low">Least minutes as practice has them, in bright metal at its usual depth: where it is too deep for a sum.</param>
/// <param name="High">Most minutes, likewise.</param>
/// <param name="Cue">When it is done.</param>
/// <param name="Note">Where in the oven; empty where there is nothing to say.</param>
public sealed record FillingBake(Constant Heat, Constant DoneAt, Constant Low, Constant High, string Cue, string Note = "")
{
    /// <summary>How many times as well as a still one it carries heat: more than 1 where its juice boils and moves.</summary>
    public Constant Moves { get; init; } = Still;

    private static readonly Constant Still = new("it carries heat", 1, Dimension.Factor, "Nothing in it moves.");
}

/// <summary>
/// A kind of filling: how it is made, what that costs in volume, how it sets and keeps. Add one by adding a declaration to
/// <see cref="FillingFamilies"/>.
/// </summary>
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
    private static readonly Constant PotAndSpatula = new(
        "left in pot and spatula", 0.02, 0.01, 0.04, Dimension.Share, "However well it is scraped.");

    /// <summary>What stays in pot and spatula, share of volume.</summary>
    public Constant PotLoss { get; init; } = PotAndSpatula;

    /// <summary>How it bakes in its shell; none for what is not baked.</summary>
    public FillingBake? Bake { get; init; }

    /// <summary>By how much it stands higher in the oven, share of its depth; none for what does not rise.</summary>
    public Constant? Rise { get; init; }

    /// <summary>What a slice of it weighs with its crust and topping, g.</summary>
    public Constant Portion { get; init; } = Portions.Slice;

    /// <summary>
    /// How full a pan is filled, as a share of its depth, where that says more than a distance from the rim; none elsewhere.
    /// </summary>
    public Constant? FillShare { get; init; }

    /// <summary>Where it is usually filled to in a pan, below the rim: by its share of the depth, or by its usual distance.</summary>
    /// <param name="depth">How deep the pan is.</param>
    public Millimetres LineIn(Millimetres depth) => FillShare is { } share
        ? new(Math.Round(depth.Value * (1 - share.Usual), MidpointRounding.AwayFromZero))
        : new(FillLine.Usual);

    /// <summary>When it has set, to eye and hand.</summary>
    public string SetCue { get; init; } = "firm under a finger, middle too";

    /// <summary>What to mind while it cools and sets.</summary>
    public Phrase SetCaution { get; init; } = Phrase.None;

    /// <summary>What happens when it stands deeper than it should.</summary>
    public string TooDeep { get; init; } = "The middle cools too slowly and weeps when it is cut.";

    /// <summary>True for a filling that stands tall by itself once its ring is taken away.</summary>
    public bool StandsTall { get; init; }

    /// <summary>What it wants of its shell.</summary>
    public required ShellNeed Shell { get; init; }

    /// <summary>How cold its middle has to be.</summary>
    public required ColdSet SetsBy { get; init; }

    /// <summary>How warm it goes in, and how warm a thing it bears on top of it.</summary>
    public required PourHeat PourHeat { get; init; }

    /// <summary>The ratios that it keeps to, and what happens outside them.</summary>
    public required IReadOnlyList<FamilyRatio> Ratios { get; init; }

    /// <summary>True where it sets without the oven as well, a little softer.</summary>
    public bool BakeIsOptional { get; init; }

    /// <summary>How warm a step on the hob gets the egg in it, °C; none where no step on the hob cooks egg.</summary>
    public Constant? HobTakesEggTo { get; init; }

    /// <summary>True where sugar or fat keeps it, out of the fridge too.</summary>
    public bool KeepsInTheRoom { get; init; }

    /// <summary>True where something in it is crisp by itself.</summary>
    public bool StaysCrisp { get; init; }

    /// <summary>True where it is poured onto a shell still hot from the oven.</summary>
    public bool GoesOntoHotShell => Shell.FilledHot;

    /// <summary>True where it can be made without an oven.</summary>
    public bool NeedsNoOven => Bake is null || BakeIsOptional;

    /// <summary>True when the crust is heated with it: it goes in hot, or bakes in the shell.</summary>
    public bool HeatsItsCrust => GoesInHot || Bake is not null;

    /// <summary>How it cuts by its set index.</summary>
    public IReadOnlyList<CutBand> Bands => Scale.Bands;

    /// <summary>The set index to aim for: a clean slice.</summary>
    public double Aim => Scale.Aim;
}
