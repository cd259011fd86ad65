using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Methods;

/// <summary>One thing to do for a part of a pie, as that part declares it.</summary>
/// <param name="Do">What to do, as one baker tells another.</param>
/// <param name="SetUp">Minutes of hands however many pies.</param>
/// <param name="PerPie">Minutes of hands for each.</param>
/// <param name="Where">Where it is done, or waits.</param>
/// <param name="Cue">When it is right.</param>
public sealed record MethodStep(Phrase Do, double SetUp, double PerPie, Place Where, string Cue)
{
    /// <summary>Minutes of waiting afterwards.</summary>
    public MinuteRange Wait { get; init; } = MinuteRange.None;

    /// <summary>What stands out until it is soft; then the room and the size of the piece say how long.</summary>
    public Softens Softens { get; init; }

    /// <summary>How it is done in a pan that cracks from heat above it; none where it is done the same way.</summary>
    public MethodStep? WhereItCracks { get; init; }

    /// <summary>What may hurt, said once.</summary>
    public Phrase Caution { get; init; } = Phrase.None;

    /// <summary>What the oven is at; none for what is not done in an oven.</summary>
    public StepHeat? Heat { get; init; }
}

/// <summary>The heat of an oven for a step, with how far it may be off and do as well.</summary>
/// <param name="At">What it is, of a conventional oven.</param>
/// <param name="Low">The least that does as well; not over <paramref name="At"/>.</param>
/// <param name="High">The most that does as well; not under <paramref name="At"/>.</param>
public readonly record struct StepHeat(OvenCelsius At, OvenCelsius Low, OvenCelsius High)
{
    /// <summary>A heat and its range, °C.</summary>
    public static StepHeat Of(double at, double low, double high) => new(new(at), new(Math.Min(low, at)), new(Math.Max(high, at)));

    /// <summary>A heat that was worked out; its range is that of the constant it comes from.</summary>
    public static StepHeat Of(Worked<OvenCelsius> heat)
    {
        var at = heat.Value.Value;
        return heat.Terms.Select(t => t.Constant).FirstOrDefault(c => c?.Dimension is Dimension.OvenHeat) is { } range
            ? Of(at, range.Low, range.High)
            : Of(at, at, at);
    }

    /// <summary>As an amount that can be said.</summary>
    public Quantity AsQuantity() => new(At.Value, Dimension.OvenHeat, Low.Value, High.Value);
}
