using RoundCrumb.Core.Corrections;

namespace RoundCrumb.Core.Learning;

/// <summary>
/// Learns a kitchen from its log: every correction starts as the book has it, with the range in which bakers agree, and every observation
/// narrows it. All is worked out anew from what was written down, so that what is taken out is as if it had never been.
/// </summary>
public static class Learner
{
    /// <summary>Everything that something is known of, families and what is within them, in the order of first observation.</summary>
    /// <param name="from">What was written down, and what the baker decided.</param>
    public static IReadOnlyList<Learned> Learn(LearningCase from)
    {
        var choices = from.Choices.ToDictionary(c => c.Key);
        var groups = new Dictionary<CorrectionKey, List<Observation>>();
        var families = new Dictionary<CorrectionKey, List<CorrectionKey>>();
        foreach (var one in from.Observations)
        {
            if (!groups.TryGetValue(one.Key, out var list))
            {
                groups[one.Key] = list = [];
                if (!families.TryGetValue(one.Key.Family, out var keys))
                    families[one.Key.Family] = keys = [];
                keys.Add(one.Key);
            }

            list.Add(one);
        }

        var all = new List<Learned>();
        foreach (var (family, keys) in families)
            all.AddRange(new FamilyOf(family, [.. keys.Select(k => (k, groups[k]))], from, choices).Learn());

        // What is pinned stands even where nothing was ever observed of it.
        var known = all.Select(l => l.Key).ToHashSet();
        all.AddRange(
            from.Choices.Where(c => c.Mode is not CorrectionMode.On && !known.Contains(c.Key)).Select(c => new Learned(
                c.Key, 0, c.Key.Kind.Facts.Spread, c.Key.Kind.Facts.Spread, 0)
            { Choice = c }));
        return all;
    }

    /// <summary>What is put on of all that is known, as a set with a number.</summary>
    /// <param name="number">The number.</param>
    /// <param name="all">What is known.</param>
    public static CorrectionSet SetOf(int number, IReadOnlyList<Learned> all) =>
        new(number, all.Select(l => l.Correction).OfType<Correction>());

    /// <summary>One family with its groups.</summary>
    private sealed class FamilyOf(
        CorrectionKey family, List<(CorrectionKey Key, List<Observation> Ones)> observed, LearningCase from,
        Dictionary<CorrectionKey, CorrectionChoice> choices)
    {
        /// <summary>After so many half-lives an observation counts for nothing that anybody could see.</summary>
        private const double HalfLives = 8;

        public IEnumerable<Learned> Learn()
        {
            var groups = observed.Select(g => (g.Key, Group: Weighed(Counted(g.Key, g.Ones)))).ToList();
            var filled = groups.Where(g => g.Group.Ones.Count > 0).ToList();
            if (filled.Count == 0)
            {
                // All of it is left out or forgotten: the book stands, and the page still shows what there was.
                foreach (var (key, _) in groups)
                    yield return None(key);
                yield break;
            }

            // The book's range as the last of them has it.
            var counted = filled.Select(g => g.Group.Ones[^1].One).MaxBy(o => o.At);
            var spread = counted.Spread;
            var two = family.Kind.HasTwoLevels;
            var within = two ? spread / 2 : 0;
            var verdicts = !counted.IsMeasure;
            var heaps = verdicts ? [] : filled.Select(g => Pooling.HeapOf(g.Group.Ones)).ToList();
            var posteriors = verdicts
                ? ShiftGrid.Of([.. filled.Select(g => g.Group.Ones)], spread, within)
                : Pooling.Of(heaps, spread, within);
            if (two && !groups.Exists(g => g.Key == family))
            {
                var (mean, deviation) = posteriors[^1];
                yield return new(family, mean, deviation, spread,
                    filled.SelectMany(g => g.Group.Ones).Select(o => o.One.Bake).Distinct().Count())
                {
                    Choice = ChoiceOf(family),
                    IsOfWords = verdicts,
                };
            }

            var prior = Math.Sqrt((spread * spread) + (within * within));
            foreach (var (key, group) in groups)
            {
                var at = filled.FindIndex(g => g.Key == key);
                if (at < 0)
                {
                    yield return None(key);
                    continue;
                }

                var (mean, deviation) = posteriors[at];
                yield return new(key, mean, deviation, prior, group.Ones.Select(o => o.One.Bake).Distinct().Count())
                {
                    Choice = ChoiceOf(key),
                    IsOfWords = verdicts,
                    ChangedAt = group.ChangedAt,
                    Own = verdicts ? null : (heaps[at].Mean, 1 / Math.Sqrt(heaps[at].Precision)),
                    Family = two && key != family ? posteriors[^1].Mean : null,
                    Odd = verdicts ? OddVerdicts(group.Ones, mean, deviation) : OddMeasures(group.Ones, heaps[at], prior),
                    Heaps = verdicts ? null : HeapsOf(key, group.Ones),
                };
            }
        }

        private Learned None(CorrectionKey key)
        {
            var spread = observed[^1].Ones[^1].Spread;
            var prior = family.Kind.HasTwoLevels ? Math.Sqrt(1.25) * spread : spread;
            return new(key, 0, prior, prior, 0) { Choice = ChoiceOf(key) };
        }

        private CorrectionChoice ChoiceOf(CorrectionKey key) => choices.GetValueOrDefault(key) ?? new(key);

        /// <summary>What of a group is neither left out nor forgotten.</summary>
        private List<Observation> Counted(CorrectionKey key, List<Observation> all)
        {
            var forgotten = new[] { key, key.Family }.Select(k => choices.GetValueOrDefault(k)?.ForgottenUntil).OfType<DateTimeOffset>()
                .Select(t => (DateTimeOffset?)t).Max();
            if (forgotten is null && from.Said.Count == 0)
                return all;
            return
            [
                .. all.Where(o => !(o.At <= forgotten)
                    && !(from.Said.TryGetValue((o.Key, o.Bake), out var said) && said is BakeSaid.LeftOut)),
            ];
        }

        /// <summary>A group's observations since it last changed, each with the weight of its age, the newest last.</summary>
        private static (List<(Observation One, double Weight)> Ones, DateTimeOffset? ChangedAt) Weighed(List<Observation> group)
        {
            if (group.Count == 0)
                return ([], null);
            var changed = group[0].IsMeasure ? Shifts.ChangedFrom([.. group.Select(o => o.Middle)], group[0].Noise) : 0;
            var ones = new List<(Observation, double)>();
            var (age, bake) = (-1, int.MinValue);
            for (var i = group.Count - 1; i >= changed; i--)
            {
                if (group[i].Bake != bake)
                    (age, bake) = (age + 1, group[i].Bake);
                var halves = age / CorrectionConstants.HalfLife.Usual;
                if (halves > HalfLives)
                    break;
                ones.Add((group[i], Math.Pow(0.5, halves)));
            }

            ones.Reverse();
            return (ones, changed > 0 ? group[changed].At : null);
        }

        private List<int> OddMeasures(List<(Observation One, double Weight)> ones, Pooling.Heap heap, double prior)
        {
            var odd = new List<int>();
            foreach (var (one, weight) in ones)
            {
                // As if it had never been, by what the others say.
                var own = weight / (one.Noise * one.Noise);
                var off = Math.Abs(one.Middle - heap.Mean) / one.Noise;
                var pulls = own * Math.Min(1, CorrectionConstants.Robust.Usual / Math.Max(1e-9, off));
                var rest = heap.Precision - pulls;
                var others = rest <= 0 ? 0 : ((heap.Mean * heap.Precision) - (pulls * one.Middle)) / rest;
                var precision = Math.Max(0, rest) + (1 / (prior * prior));
                var expected = others * Math.Max(0, rest) / precision;
                var deviation = Math.Sqrt((one.Noise * one.Noise) + (1 / precision));
                if (Math.Abs(one.Middle - expected) > CorrectionConstants.OddBeyond.Usual * deviation && !IsAnswered(one))
                    odd.Add(one.Bake);
            }

            return odd;
        }

        private List<int> OddVerdicts(List<(Observation One, double Weight)> ones, double mean, double deviation) =>
        [
            .. ones.Where(o => ShiftGrid.Likelihood(o.One, mean, deviation) < 0.003 && !IsAnswered(o.One)).Select(o => o.One.Bake)
                .Distinct(),
        ];

        private bool IsAnswered(Observation one) => from.Said.ContainsKey((one.Key, one.Bake));

        private static TwoHeaps? HeapsOf(CorrectionKey key, List<(Observation One, double Weight)> ones)
        {
            if (Shifts.TwoHeaps([.. ones.Select(o => o.One)]) is not { } found)
                return null;
            double Back(double on) => key.Kind.Facts.Scale is CorrectionScale.Times ? Math.Exp(on) : on;
            return new(Back(found.Low), Back(found.High), found.LowCount, found.HighCount);
        }
    }
}
