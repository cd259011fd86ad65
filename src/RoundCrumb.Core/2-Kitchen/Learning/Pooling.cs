using RoundCrumb.Core.Corrections;

namespace RoundCrumb.Core.Learning;

/// <summary>What measures say: robust means, at one level or at two, all normal.</summary>
internal static class Pooling
{
    /// <summary>So often the weights of what lies far off are found anew.</summary>
    private const int Rounds = 8;

    /// <summary>A group's measures together.</summary>
    /// <param name="Mean">Their robust mean.</param>
    /// <param name="Precision">One over its variance.</param>
    public readonly record struct Heap(double Mean, double Precision);

    /// <summary>The robust mean of some measures: each counts by its noise and its age, and no more beyond one and a half times its
    /// noise.</summary>
    public static Heap HeapOf(IReadOnlyList<(Observation One, double Weight)> group)
    {
        var mean = Median([.. group.Select(g => g.One.Middle)]);
        var precision = 0.0;
        for (var round = 0; round < Rounds; round++)
        {
            double sum = 0;
            precision = 0;
            foreach (var (one, age) in group)
            {
                var off = Math.Abs(one.Middle - mean) / one.Noise;
                var weight = age / (one.Noise * one.Noise)
                    * (off <= CorrectionConstants.Robust.Usual ? 1 : CorrectionConstants.Robust.Usual / off);
                sum += weight * one.Middle;
                precision += weight;
            }

            mean = sum / precision;
        }

        return new(mean, precision / (1 + (CorrectionConstants.SlipAmongFew.Usual / group.Count)));
    }

    /// <summary>
    /// Each group's posterior, and the family's last. The family is N(0, spread²); a group is N(family, within²); a heap is N(group, 1 ÷
    /// its precision): exact for normal figures.
    /// </summary>
    public static (double Mean, double Deviation)[] Of(IReadOnlyList<Heap> heaps, double spread, double within)
    {
        if (within <= 0)
            return [.. heaps.Select(h => Single(h, spread))];
        var precision = 1 / (spread * spread);
        double sum = 0;
        foreach (var heap in heaps)
        {
            var p = 1 / ((within * within) + (1 / heap.Precision));
            precision += p;
            sum += p * heap.Mean;
        }

        var family = sum / precision;
        var all = new (double, double)[heaps.Count + 1];
        for (var j = 0; j < heaps.Count; j++)
        {
            var own = heaps[j].Precision + (1 / (within * within));
            var lean = 1 / (within * within) / own;
            all[j] = (((heaps[j].Mean * heaps[j].Precision) + (family / (within * within))) / own,
                Math.Sqrt((1 / own) + (lean * lean / precision)));
        }

        all[^1] = (family, Math.Sqrt(1 / precision));
        return all;
    }

    private static (double Mean, double Deviation) Single(Heap heap, double spread)
    {
        var precision = heap.Precision + (1 / (spread * spread));
        return (heap.Mean * heap.Precision / precision, Math.Sqrt(1 / precision));
    }

    /// <summary>The middle one of some values, one at least.</summary>
    public static double Median(double[] values)
    {
        Array.Sort(values);
        var half = values.Length / 2;
        return values.Length % 2 == 1 ? values[half] : (values[half - 1] + values[half]) / 2;
    }
}
