using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;

namespace RoundCrumb.Data.Learning;

/// <summary>What one bake says of one correction.</summary>
public sealed class ObservationRow
{
    public int Id { get; set; }

    public int BakeId { get; set; }

    public CorrectionKind Kind { get; set; }

    public required string Of { get; set; }

    public required string Under { get; set; }

    /// <summary>The low end; none where there is none.</summary>
    public double? From { get; set; }

    /// <summary>The high end; none where there is none.</summary>
    public double? To { get; set; }

    public double Noise { get; set; }

    public double Spread { get; set; }

    public DateTimeOffset At { get; set; }

    /// <summary>As it is kept.</summary>
    public static ObservationRow Keep(Observation one) => new()
    {
        BakeId = one.Bake,
        Kind = one.Key.Kind,
        Of = one.Key.Of,
        Under = one.Key.Under,
        From = double.IsFinite(one.From) ? one.From : null,
        To = double.IsFinite(one.To) ? one.To : null,
        Noise = one.Noise,
        Spread = one.Spread,
        At = one.At,
    };

    /// <summary>As the core knows it.</summary>
    public Observation AsObservation() => new(
        new(Kind, Of, Under), From ?? double.NegativeInfinity, To ?? double.PositiveInfinity, Noise, Spread, BakeId, At);
}

/// <summary>What a baker has decided about one correction.</summary>
public sealed class CorrectionChoiceRow
{
    public CorrectionKind Kind { get; set; }

    public required string Of { get; set; }

    public required string Under { get; set; }

    public CorrectionMode Mode { get; set; }

    public double Pinned { get; set; }

    public DateTimeOffset? ForgottenUntil { get; set; }

    /// <summary>As the core knows it.</summary>
    public CorrectionChoice AsChoice() => new(new(Kind, Of, Under), Mode, Pinned, ForgottenUntil);
}

/// <summary>What a baker has said of one bake in one correction.</summary>
public sealed class BakeSaidRow
{
    public CorrectionKind Kind { get; set; }

    public required string Of { get; set; }

    public required string Under { get; set; }

    public int BakeId { get; set; }

    public BakeSaid Said { get; set; }
}

/// <summary>What was put on from a time on; an address names it by its number.</summary>
public sealed class LearnedState
{
    public int Number { get; set; }

    public DateTimeOffset At { get; set; }

    /// <summary>The bake whose log moved it; none where a baker decided.</summary>
    public int? BakeId { get; set; }

    public List<LearnedCorrection> Corrections { get; set; } = [];

    /// <summary>As the core knows it.</summary>
    public CorrectionSet AsSet() => new(Number, Corrections.Select(c => c.AsCorrection()));
}

/// <summary>One correction of a state.</summary>
public sealed class LearnedCorrection
{
    public CorrectionKind Kind { get; set; }

    public required string Of { get; set; }

    public required string Under { get; set; }

    public double Value { get; set; }

    public double Low { get; set; }

    public double High { get; set; }

    public int Bakes { get; set; }

    public bool IsPinned { get; set; }

    /// <summary>As it is kept.</summary>
    public static LearnedCorrection From(Correction one) => new()
    {
        Kind = one.Key.Kind,
        Of = one.Key.Of,
        Under = one.Key.Under,
        Value = one.Value,
        Low = one.Low,
        High = one.High,
        Bakes = one.Bakes,
        IsPinned = one.IsPinned,
    };

    /// <summary>As the core knows it.</summary>
    public Correction AsCorrection() => new(new(Kind, Of, Under), Value, Low, High, Bakes, IsPinned);
}
