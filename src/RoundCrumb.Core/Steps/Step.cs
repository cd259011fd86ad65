using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Which part of the pie a step belongs to.</summary>
public enum Part
{
    Crust,
    Filling,
    Assembly,
    Topping,
}

/// <summary>Minutes of hands: once for setting up, and again for each pie.</summary>
/// <param name="SetUp">Minutes however many pies.</param>
/// <param name="PerPie">Minutes for each.</param>
/// <param name="Pies">How many.</param>
public readonly record struct Hands(double SetUp, double PerPie, int Pies)
{
    /// <summary>All of it.</summary>
    public double Minutes => SetUp + (PerPie * Pies);
}

/// <summary>One thing to do, or one thing to wait for.</summary>
/// <param name="Part">Which part of the pie.</param>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="Hands">Hands for all pies.</param>
/// <param name="Wait">Minutes of waiting afterwards.</param>
/// <param name="Where">Where it waits or is done: oven, fridge, hob, bench.</param>
/// <param name="Cue">When it is right, to eye and hand; empty where there is nothing to see.</param>
/// <param name="Caution">What may hurt, said once; empty where nothing does.</param>
public sealed record Step(Part Part, Phrase Do, Hands Hands, MinuteRange Wait, string Where, string Cue = "", Phrase Caution = default)
{
    /// <summary>What it is called in two or three words, where there is no room for a sentence.</summary>
    public string Label { get; init; } = "";

    /// <summary>Minutes of hands for all pies; 0 where it only waits.</summary>
    public double HandsOn => Hands.Minutes;

    /// <summary>The hands as a figure that can be opened.</summary>
    /// <param name="index">Where the step stands in its chain.</param>
    public Worked<MinuteRange> HandsFigure(int index) => new(
        $"hands-{index}", "Hands for this step", MinuteRange.Of(Math.Round(HandsOn)), "setting up + each pie × pies",
        Term.Given("setting up", MinuteRange.Of(Hands.SetUp)), Term.Given("each pie", MinuteRange.Of(Hands.PerPie)), Term.Given("pies", Hands.Pies, Dimension.Count));

    /// <summary>The waiting as a figure that can be opened.</summary>
    /// <param name="index">Where the step stands in its chain.</param>
    public Worked<MinuteRange> WaitFigure(int index) => new(
        $"wait-{index}", $"Waiting: {Where}", Wait, "least, best and most of this wait",
        Term.Given("least", MinuteRange.Of(Wait.Least)), Term.Given("best", MinuteRange.Of(Wait.Best)), Term.Given("most", MinuteRange.Of(Wait.Most)));
}
