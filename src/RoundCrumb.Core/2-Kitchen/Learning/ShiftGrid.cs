using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Learning;

/// <summary>What verdicts say of a shift: its posterior on a grid, at one level or at two.</summary>
internal static class ShiftGrid
{
    /// <summary>Points of the grid.</summary>
    public const int Points = 61;

    /// <summary>So many deviations of the prior it reaches either way.</summary>
    private const double Reach = 3;

    /// <summary>Words there are to choose from, over which a slip falls evenly.</summary>
    private const double Words = 5;

    /// <summary>What each group, and the family as a whole, comes to.</summary>
    /// <param name="groups">The observations of each group with their weights.</param>
    /// <param name="spread">The family's prior deviation.</param>
    /// <param name="within">The deviation of groups within a family; 0 where there is one level.</param>
    public static (double Mean, double Deviation)[] Of(
        IReadOnlyList<IReadOnlyList<(Observation One, double Weight)>> groups, double spread, double within)
    {
        var whole = Math.Sqrt((spread * spread) + (within * within));
        var at = new double[Points];
        for (var i = 0; i < Points; i++)
            at[i] = whole * Reach * ((2.0 * i / (Points - 1)) - 1);
        var likely = groups.Select(g => LikelihoodOf(g, at)).ToArray();
        var prior = at.Select(x => Math.Exp(-x * x / (2 * spread * spread))).ToArray();
        if (within <= 0)
            return [.. likely.Select(l => Moments(at, i => prior[i] * l[i]))];
        var kernel = KernelOf(at, within);
        var marginal = likely.Select(l => Enumerable.Range(0, Points).Select(m => Dot(kernel[m], l)).ToArray()).ToArray();
        var family = Moments(at, m => marginal.Aggregate(prior[m], (p, one) => p * one[m]));
        var all = new (double, double)[groups.Count + 1];
        all[^1] = family;
        for (var j = 0; j < groups.Count; j++)
        {
            var others = new double[Points];
            for (var m = 0; m < Points; m++)
            {
                others[m] = prior[m];
                for (var k = 0; k < marginal.Length; k++)
                    others[m] *= k == j ? 1 : marginal[k][m];
            }

            all[j] = Moments(at, t =>
            {
                double sum = 0;
                for (var m = 0; m < Points; m++)
                    sum += others[m] * kernel[m][t];
                return sum * likely[j][t];
            });
        }

        return all;
    }

    /// <summary>How likely an observation is, where the truth is so.</summary>
    public static double Likelihood(Observation one, double truth, double doubt = 0)
    {
        var noise = Math.Sqrt((one.Noise * one.Noise) + (doubt * doubt));
        return NormalCurve.Below(truth, noise, one.To) - NormalCurve.Below(truth, noise, one.From);
    }

    /// <summary>The largest is 1, so that many observations do not run out of digits.</summary>
    private static double[] LikelihoodOf(IReadOnlyList<(Observation One, double Weight)> group, double[] at)
    {
        var logs = new double[Points];

        // The same word of the same prediction says the same: it is looked at once, with all its weight.
        foreach (var alike in group.GroupBy(g => (g.One.From, g.One.To, g.One.Noise)))
        {
            var (one, weight) = (alike.First().One, alike.Sum(g => g.Weight));
            for (var i = 0; i < Points; i++)
                logs[i] += weight * Math.Log(((1 - CorrectionConstants.Slip.Usual) * Likelihood(one, at[i]))
                    + (CorrectionConstants.Slip.Usual / Words));
        }

        var most = logs.Max();
        return [.. logs.Select(l => Math.Exp(l - most))];
    }

    private static double[][] KernelOf(double[] at, double within) =>
    [
        .. at.Select(m =>
        {
            var row = at.Select(t => Math.Exp(-(t - m) * (t - m) / (2 * within * within))).ToArray();
            var sum = row.Sum();
            return row.Select(x => x / sum).ToArray();
        }),
    ];

    private static double Dot(double[] a, double[] b)
    {
        double sum = 0;
        for (var i = 0; i < a.Length; i++)
            sum += a[i] * b[i];
        return sum;
    }

    private static (double Mean, double Deviation) Moments(double[] at, Func<int, double> weight)
    {
        double sum = 0, first = 0, second = 0;
        for (var i = 0; i < Points; i++)
        {
            var w = weight(i);
            sum += w;
            first += w * at[i];
            second += w * at[i] * at[i];
        }

        var mean = first / sum;
        return (mean, Math.Sqrt(Math.Max(1e-12, (second / sum) - (mean * mean))));
    }
}
