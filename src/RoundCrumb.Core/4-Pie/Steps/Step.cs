using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Which part of the pie a step belongs to.</summary>
public enum StepPart
{
    /// <summary>The crust's own work.</summary>
    Crust,

    /// <summary>The filling's own work.</summary>
    Filling,

    /// <summary>Bringing the parts together, and what the pie does then.</summary>
    Assembly,

    /// <summary>The topping's own work.</summary>
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

    /// <summary>What this kitchen has learned of such hands, reckoned in already; none where the book stands.</summary>
    public Constant? Here { get; private init; }

    /// <summary>The same as this kitchen has it.</summary>
    /// <param name="here">What the book's minutes are multiplied by; none where the book stands.</param>
    public Hands As(Constant? here) =>
        here is null ? this : this with { SetUp = SetUp * here.Usual, PerPie = PerPie * here.Usual, Here = here };
}

/// <summary>One thing to do, or one thing to wait for.</summary>
/// <param name="Kind">What kind of thing; all that is decided about a step is decided by this, its place and its heat.</param>
/// <param name="Part">Which part of the pie.</param>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="Hands">Hands for all pies.</param>
/// <param name="Wait">Minutes of waiting afterwards.</param>
/// <param name="Where">Where it waits or is done.</param>
/// <param name="Cue">When it is right, to eye and hand; empty where there is nothing to see.</param>
/// <param name="Caution">What may hurt, said once; empty where nothing does.</param>
public sealed record Step(
    StepKind Kind, StepPart Part, Phrase Do, Hands Hands, MinuteRange Wait, Place Where, string Cue = "", Phrase Caution = default)
{
    /// <summary>A step as a part declares it, for so many.</summary>
    /// <param name="kind">What kind of thing it is.</param>
    /// <param name="part">Which part of the pie.</param>
    /// <param name="how">How it is done.</param>
    /// <param name="pies">For how many pies.</param>
    public static Step Of(StepKind kind, StepPart part, MethodStep how, int pies) =>
        new(kind, part, how.Do, new(how.SetUp, how.PerPie, pies), how.Wait, how.Where, how.Cue, how.Caution) { Heat = how.Heat };

    /// <summary>By what it is known again when the chain is made anew; given to it by its chain.</summary>
    public StepId Id { get; init; }

    /// <summary>What it is done to, by its stable short name: the filling, the topping; empty where the kind alone says it.</summary>
    public string Subject { get; init; } = "";

    /// <summary>The name of what it is done to, where that says more than the kind does; empty elsewhere.</summary>
    public string Named { get; init; } = "";

    /// <summary>What the oven is at; none for what is not done in an oven.</summary>
    public StepHeat? Heat { get; init; }

    /// <summary>What it is called in two or three words, where there is no room for a sentence.</summary>
    public string Label => Named.Length > 0 ? Named : Kind.Label;

    /// <summary>True for what is in an oven for a while.</summary>
    public bool Bakes => Where is Place.Oven && Wait.Best > 0;

    /// <summary>Minutes of hands for all pies; 0 where it only waits.</summary>
    public double HandsOn => Hands.Minutes;

    /// <summary>The hands as a figure that can be opened.</summary>
    /// <param name="index">Where the step stands in its chain.</param>
    public Worked<MinuteRange> HandsFigure(int index) => new(
        $"hands-{index}", "Hands for this step", MinuteRange.Of(Math.Round(HandsOn)),
        Hands.Here is null ? "setting up + each pie × pies" : "(setting up + each pie × pies) × what it takes in this kitchen",
        [
            Term.Given("setting up", MinuteRange.Of(Hands.SetUp / (Hands.Here?.Usual ?? 1))),
            Term.Given("each pie", MinuteRange.Of(Hands.PerPie / (Hands.Here?.Usual ?? 1))),
            Term.Given("pies", Hands.Pies, Dimension.Count),
            .. Hands.Here is null ? Array.Empty<Term>() : [Term.FromConstant(Hands.Here)],
        ]);

    /// <summary>The waiting as a figure that can be opened.</summary>
    /// <param name="index">Where the step stands in its chain.</param>
    public Worked<MinuteRange> WaitFigure(int index) => new(
        $"wait-{index}", $"Waiting: {Where.Name}", Wait, "least, best and most of this wait",
        Term.Given("least", MinuteRange.Of(Wait.Least)), Term.Given("best", MinuteRange.Of(Wait.Best)),
        Term.Given("most", MinuteRange.Of(Wait.Most)));
}
