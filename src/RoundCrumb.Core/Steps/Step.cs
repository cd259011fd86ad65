using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Steps;

/// <summary>Which part of the pie a step belongs to.</summary>
public enum Part
{
    Crust,
    Filling,
    Assembly,
    Topping,
}

/// <summary>One thing to do, or one thing to wait for.</summary>
/// <param name="Part">Which part of the pie.</param>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="HandsOn">Minutes of hands for all pies; 0 where it only waits.</param>
/// <param name="Wait">Minutes of waiting afterwards.</param>
/// <param name="Where">Where it waits or is done: oven, fridge, hob, bench.</param>
/// <param name="Cue">When it is right, to eye and hand; empty where there is nothing to see.</param>
/// <param name="Caution">What may hurt, said once; empty where nothing does.</param>
public sealed record Step(Part Part, Phrase Do, double HandsOn, MinuteRange Wait, string Where, string Cue = "", Phrase Caution = default)
{
    /// <summary>What the oven is set to for this step; none where it has none.</summary>
    public OvenCelsius? Oven { get; init; }
}
