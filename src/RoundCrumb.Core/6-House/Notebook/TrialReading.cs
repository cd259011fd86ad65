using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Trials;

/// <summary>What is looked at in a trial.</summary>
public enum TrialMeasure
{
    /// <summary>How it cut, in words from runny to rubbery.</summary>
    Set,

    /// <summary>How the base was, from crisp to soggy.</summary>
    Base,

    /// <summary>How the top held.</summary>
    Top,

    /// <summary>How sweet it was found.</summary>
    Sweet,

    /// <summary>How sharp it was found.</summary>
    Sharp,

    /// <summary>How crisp it was found.</summary>
    Crisp,

    /// <summary>How far it shrank.</summary>
    Shrank,
}

/// <summary>Which of the two.</summary>
public enum TrialArm
{
    /// <summary>As it is.</summary>
    AsItIs,

    /// <summary>With the one change.</summary>
    Changed,
}

/// <summary>What is known of what is looked at.</summary>
public static class TrialMeasures
{
    extension(TrialMeasure measure)
    {
        /// <summary>What it is called.</summary>
        public string Name => measure switch
        {
            TrialMeasure.Set => "how it cut",
            TrialMeasure.Base => "the base",
            TrialMeasure.Top => "the top",
            TrialMeasure.Sweet => "how sweet it was",
            TrialMeasure.Sharp => "how sharp it was",
            TrialMeasure.Crisp => "how crisp it was",
            TrialMeasure.Shrank => "how far it shrank",
        };

        /// <summary>
        /// How far two bakes of the same thing lie apart, one standard deviation: a word for words, a millimetre and a half.
        /// </summary>
        public Constant Noise => measure switch
        {
            TrialMeasure.Set or TrialMeasure.Base or TrialMeasure.Top or TrialMeasure.Sweet or TrialMeasure.Sharp or TrialMeasure.Crisp =>
                Words,
            TrialMeasure.Shrank => Ruler,
        };

        /// <summary>The least difference that is worth a change.</summary>
        public double Worth => measure switch
        {
            TrialMeasure.Set or TrialMeasure.Base or TrialMeasure.Top or TrialMeasure.Sweet or TrialMeasure.Sharp or TrialMeasure.Crisp =>
                1,
            TrialMeasure.Shrank => 2,
        };

        /// <summary>What an entry says of it; none where it does not. Larger is firmer, wetter, less held, more of the taste.</summary>
        public double? In(BakeEntry entry) => measure switch
        {
            TrialMeasure.Set => Evidence.Worth(entry.Set),
            TrialMeasure.Base => entry.Base is BaseVerdict.NotSaid ? null : (int)entry.Base - 1,
            TrialMeasure.Top => entry.Top is TopVerdict.NotSaid ? null : entry.Top is TopVerdict.Held ? 0 : 1,
            TrialMeasure.Sweet => Taste(entry, TasteScale.Sweet),
            TrialMeasure.Sharp => Taste(entry, TasteScale.Sharp),
            TrialMeasure.Crisp => Taste(entry, TasteScale.Crisp),
            TrialMeasure.Shrank => entry.Shrank?.Value,
        };
    }

    private static readonly Constant Words = new(
        "one bake against the next", 0.6, 0.4, 0.8, Dimension.Count, "In words: the same pie is found a word apart one time in three.");

    private static readonly Constant Ruler = new(
        "one bake against the next", 1.5, 1, 2, Dimension.Length, "By hand, rest and ruler.");

    private static double? Taste(BakeEntry entry, TasteScale scale) =>
        entry.Tastes.TryGetValue(scale, out var step) ? step : null;
}

/// <summary>How a trial stands.</summary>
public enum TrialSays
{
    /// <summary>Nothing was written down of one side, or of both.</summary>
    Nothing,

    /// <summary>The bakes there are cannot tell.</summary>
    CannotTell,

    /// <summary>The change makes a difference that is worth it.</summary>
    Differs,

    /// <summary>There is no difference worth it.</summary>
    Same,
}

/// <summary>A fair reading of two lots of bakes that differ in one thing.</summary>
/// <param name="Says">How it stands.</param>
/// <param name="Difference">Changed less as it is; none where one side has none.</param>
/// <param name="Band">It lies within so much either way, nine times in ten.</param>
/// <param name="Needed">So many bakes of each side would tell, where these cannot.</param>
public sealed record TrialReading(TrialSays Says, double? Difference, double Band, int Needed)
{
    /// <summary>Reads a trial.</summary>
    /// <param name="measure">What is looked at.</param>
    /// <param name="asItIs">What was found of the pie as it is, one for each bake.</param>
    /// <param name="changed">What was found of the changed one.</param>
    public static TrialReading Of(TrialMeasure measure, IReadOnlyList<double> asItIs, IReadOnlyList<double> changed)
    {
        var noise = measure.Noise.Usual;
        const double z = NormalCurve.NineInTen;

        // So many of each, that a difference worth a change lies outside the band.
        var needed = (int)Math.Ceiling(2 * Math.Pow(z * noise / measure.Worth, 2) + 1e-9);
        if (asItIs.Count == 0 || changed.Count == 0)
            return new(TrialSays.Nothing, null, double.PositiveInfinity, Math.Max(2, needed));
        var difference = changed.Average() - asItIs.Average();
        var band = z * noise * Math.Sqrt((1.0 / asItIs.Count) + (1.0 / changed.Count));
        var says = Math.Abs(difference) > band ? TrialSays.Differs
            : Math.Abs(difference) + band < measure.Worth ? TrialSays.Same
            : TrialSays.CannotTell;

        // As many more as the difference that is seen would need, if it is real; no fewer than would tell one worth a change.
        if (says is TrialSays.CannotTell)
        {
            var least = Math.Min(asItIs.Count, changed.Count);
            var seen = Math.Abs(difference) < 0.25 * measure.Worth
                ? needed * 2
                : (int)Math.Ceiling(2 * Math.Pow(z * noise / Math.Abs(difference), 2) + 1e-9);
            needed = Math.Max(least + 1, Math.Min(seen, needed * 4));
        }

        return new(says, difference, band, Math.Max(2, needed));
    }
}
