using RoundCrumb.Core.Corrections;

namespace RoundCrumb.Core.Learning;

/// <summary>
/// What one bake says of one correction, on the scale that it is learned on: the logarithm of actual ÷ book for what multiplies, the
/// difference for what is added. A measure is one point; a verdict says only between which limits it lies.
/// </summary>
/// <param name="Key">Of what.</param>
/// <param name="From">The low end; less than any number where there is none.</param>
/// <param name="To">The high end, not below <paramref name="From"/>.</param>
/// <param name="Noise">How far one such observation lies off the truth, more than 0.</param>
/// <param name="Spread">How far a kitchen may lie off the book, more than 0.</param>
/// <param name="Bake">The bake it is of, by its number.</param>
/// <param name="At">When it was written down.</param>
public readonly record struct Observation(
    CorrectionKey Key, double From, double To, double Noise, double Spread, int Bake, DateTimeOffset At)
{
    /// <summary>True for a measure, false for a verdict.</summary>
    public bool IsMeasure => From.Equals(To);

    /// <summary>Its middle; of a verdict open on one side the end that there is.</summary>
    public double Middle => double.IsNegativeInfinity(From) ? To : double.IsPositiveInfinity(To) ? From : (From + To) / 2;
}

/// <summary>Whether a correction is put on.</summary>
public enum CorrectionMode
{
    /// <summary>As soon as it is sure enough.</summary>
    On,

    /// <summary>Never: the book stands.</summary>
    Off,

    /// <summary>At what the baker has set.</summary>
    Pinned,

    /// <summary>As soon as it is sure enough, though it lies further from the book than kitchens do.</summary>
    Accepted,
}

/// <summary>What a baker has decided about one correction.</summary>
/// <param name="Key">Which.</param>
/// <param name="Mode">Whether it is put on.</param>
/// <param name="Pinned">At what, where it is pinned: as a factor, or what is added.</param>
/// <param name="ForgottenUntil">What was written down until then does not count; none where nothing is forgotten.</param>
public sealed record CorrectionChoice(
    CorrectionKey Key, CorrectionMode Mode = CorrectionMode.On, double Pinned = 0, DateTimeOffset? ForgottenUntil = null)
{
    /// <summary>A word that is another once it is decided otherwise.</summary>
    public string Stamp => string.Create(
        System.Globalization.CultureInfo.InvariantCulture, $"{Mode}.{Pinned:R}.{ForgottenUntil?.UtcTicks / 1000}");
}

/// <summary>What a baker has said of one bake in one correction.</summary>
public enum BakeSaid
{
    /// <summary>It is left out.</summary>
    LeftOut,

    /// <summary>It was asked about, and it counts.</summary>
    Counts,
}

/// <summary>All that learning starts from.</summary>
/// <param name="Observations">In the order in which they were made.</param>
/// <param name="Choices">What the baker has decided, each correction once.</param>
/// <param name="Said">What the baker has said of single bakes.</param>
public sealed record LearningCase(
    IReadOnlyList<Observation> Observations, IReadOnlyList<CorrectionChoice> Choices,
    IReadOnlyDictionary<(CorrectionKey Key, int Bake), BakeSaid> Said)
{
    /// <summary>Observations and nothing decided.</summary>
    public static LearningCase Of(IReadOnlyList<Observation> observations) =>
        new(observations, [], new Dictionary<(CorrectionKey, int), BakeSaid>());
}
