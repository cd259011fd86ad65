using RoundCrumb.Core.Corrections;

namespace RoundCrumb.Core.Learning;

/// <summary>What is wrong with taking some measures for one thing: something changed, or there are two of it.</summary>
internal static class Shifts
{
    /// <summary>So many measures on either side of a change at the least.</summary>
    private const int LeastSide = 3;

    /// <summary>No more than the last so many are looked at for two heaps.</summary>
    private const int LastOnes = 60;

    /// <summary>From which measure on it is another; 0 where nothing changed.</summary>
    /// <param name="values">In the order in which they were made.</param>
    /// <param name="noise">How far one lies off the truth.</param>
    public static int ChangedFrom(IReadOnlyList<double> values, double noise)
    {
        var from = 0;
        while (true)
        {
            var next = Once(values, from, noise);
            if (next == from)
                return from;
            from = next;
        }
    }

    private static int Once(IReadOnlyList<double> values, int start, double noise)
    {
        var n = values.Count - start;
        if (n < 2 * LeastSide)
            return start;
        double total = 0;
        for (var i = start; i < values.Count; i++)
            total += values[i];
        double before = 0, best = 0;
        var at = start;
        for (var i = 0; i < n - LeastSide; i++)
        {
            before += values[start + i];
            var k = i + 1;
            if (k < LeastSide)
                continue;
            var apart = (before / k) - ((total - before) / (n - k));
            var gain = apart * apart / (noise * noise) * k * (n - k) / n / 2;
            if (gain > best)
                (best, at) = (gain, start + k);
        }

        if (best < Math.Log(CorrectionConstants.SurelyChanged.Usual))
            return start;
        var old = values.Skip(start).Take(at - start).ToArray();
        var now = values.Skip(at).ToArray();
        var (was, nowAt) = (Pooling.Median([.. old]), Pooling.Median([.. now]));
        var middle = (was + nowAt) / 2;
        var sign = Math.Sign(nowAt - was);
        bool Beyond(double v) => Math.Sign(v - middle) == sign;
        var side = CorrectionConstants.OnItsSide.Usual;
        return now.Count(Beyond) >= side * now.Length && old.Count(Beyond) <= (1 - side) * old.Length ? at : start;
    }

    /// <summary>
    /// Two heaps, where two explain the measures better by far than one: a mixture of two of the same noise against one, with what two more
    /// figures cost.
    /// </summary>
    /// <param name="group">In the order in which they were made.</param>
    public static (double Low, double High, int LowCount, int HighCount)? TwoHeaps(IReadOnlyList<Observation> group)
    {
        var last = group.Skip(Math.Max(0, group.Count - LastOnes)).Select(o => o.Middle).Order().ToArray();
        var n = last.Length;
        if (n < 2 * LeastSide)
            return null;
        var noise = group[^1].Noise;
        double low = last[n / 4], high = last[(3 * n) / 4], share = 0.5;
        var to = new double[n];
        for (var round = 0; round < 40; round++)
        {
            for (var i = 0; i < n; i++)
            {
                var a = (1 - share) * Density(last[i], low, noise);
                var b = share * Density(last[i], high, noise);
                to[i] = b / (a + b + double.Epsilon);
            }

            share = Math.Clamp(to.Average(), 0.02, 0.98);
            low = Enumerable.Range(0, n).Sum(i => (1 - to[i]) * last[i]) / Math.Max(1e-9, to.Sum(t => 1 - t));
            high = Enumerable.Range(0, n).Sum(i => to[i] * last[i]) / Math.Max(1e-9, to.Sum());
        }

        var mean = last.Average();
        var one = last.Sum(v => Math.Log(Density(v, mean, noise) + double.Epsilon));
        var two = last.Sum(v => Math.Log(((1 - share) * Density(v, low, noise)) + (share * Density(v, high, noise)) + double.Epsilon));
        var highs = to.Count(t => t > 0.5);
        return two - one - Math.Log(n) > Math.Log(CorrectionConstants.TwoAgainstOne.Usual)
            && high - low > CorrectionConstants.OddBeyond.Usual * noise
            && highs >= LeastSide && n - highs >= LeastSide
                ? (low, high, n - highs, highs)
                : null;
    }

    private static double Density(double value, double mean, double noise)
    {
        var z = (value - mean) / noise;

        // Tails as thick as slips of the pen make them: one far off must not make a heap.
        return Math.Exp(-z * z / 2) + (0.001 / (1 + (z * z)));
    }
}
