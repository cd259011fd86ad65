using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.TestKit;

/// <summary>How well kitchens are learned after so many bakes.</summary>
/// <param name="Bakes">After so many.</param>
/// <param name="MedianAgainstBook">Median error against the book's own.</param>
/// <param name="RootMeanSquare">Root of the mean squared error.</param>
/// <param name="Held">The share of bands that hold the truth.</param>
public sealed record LearnedSoFar(int Bakes, double MedianAgainstBook, double RootMeanSquare, double Held);

/// <summary>
/// Kitchens whose true figures are drawn from what bakers differ by, with bakes that are off by chance, and now and then grossly.
/// </summary>
/// <param name="seed">The same seed makes the same kitchens.</param>
public sealed class SimulatedKitchens(int seed)
{
    /// <summary>So often what is written down is grossly wrong.</summary>
    public const double Gross = 0.03;

    /// <summary>A gross error is so many times what was to be expected, either way.</summary>
    private const double GrossTimes = 6;

    private static readonly DateTimeOffset Start = new(2026, 1, 5, 8, 0, 0, TimeSpan.Zero);

    private readonly Random _random = new(seed);

    /// <summary>A standard normal draw.</summary>
    public double Normal() =>
        Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble());

    /// <summary>One observation of a truth.</summary>
    public double Seen(double truth, double noise) =>
        truth + (Normal() * noise) + (_random.NextDouble() < Gross ? (_random.Next(2) * 2 - 1) * GrossTimes * noise : 0);

    /// <summary>When the bake of this number was made: one a day.</summary>
    public static DateTimeOffset At(int bake) => Start.AddDays(bake);

    /// <summary>Measures of one thing, in the order in which they were made.</summary>
    public Observation Measure(CorrectionKey key, double truth, int bake, double? spread = null, double? noise = null)
    {
        var by = noise ?? key.Kind.Facts.Noise.Usual;
        var value = Seen(truth, by);
        return new(key, value, value, by, spread ?? key.Kind.Facts.Spread, bake, At(bake));
    }

    /// <summary>Learns so many kitchens, and says how well after each of some numbers of bakes.</summary>
    /// <param name="key">What is measured.</param>
    /// <param name="spread">How far kitchens lie from the book.</param>
    /// <param name="kitchens">How many.</param>
    /// <param name="after">After so many bakes.</param>
    public IReadOnlyList<LearnedSoFar> Run(CorrectionKey key, double spread, int kitchens, params int[] after)
    {
        var errors = after.ToDictionary(n => n, _ => new List<double>(kitchens));
        var held = after.ToDictionary(n => n, _ => 0);
        var book = new List<double>(kitchens);
        for (var k = 0; k < kitchens; k++)
        {
            var truth = Normal() * spread;
            if (key.Kind.HasTwoLevels)
                truth += Normal() * spread / 2;
            book.Add(Math.Abs(truth));
            var all = Enumerable.Range(1, after.Max()).Select(b => Measure(key, truth, b, spread)).ToList();
            foreach (var n in after)
            {
                var learned = Learner.Learn(LearningCase.Of([.. all.Take(n)])).Single(l => l.Key == key);
                errors[n].Add(learned.Mean - truth);
                held[n] += Math.Abs(learned.Mean - truth) <= NormalCurve.NineInTen * learned.Deviation ? 1 : 0;
            }
        }

        return
        [
            .. after.Select(n => new LearnedSoFar(
                n, Median(errors[n].Select(Math.Abs)) / Median(book), Math.Sqrt(errors[n].Average(e => e * e)),
                (double)held[n] / kitchens)),
        ];
    }

    private static double Median(IEnumerable<double> values)
    {
        var sorted = values.Order().ToList();
        return sorted[sorted.Count / 2];
    }
}
