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
        var families = new Dictionary<CorrectionKey, List<Observation>>();
        foreach (var one in from.Observations)
        {
            if (!families.TryGetValue(one.Key.Family, out var list))
                families[one.Key.Family] = list = [];
            list.Add(one);
        }

        var all = new List<Learned>();
        foreach (var (family, observations) in families)
            all.AddRange(new FamilyOf(family, observations, from, choices).Learn());

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
        CorrectionKey family, List<Observation> observations, LearningCase from, Dictionary<CorrectionKey, CorrectionChoice> choices)
    {
        public IEnumerable<Learned> Learn()
        {
            var counted = observations.Where(Counts).ToList();
            var groups = observations.Select(o => o.Key).Distinct().Select(key => (Key: key, Group: Weighed(key, counted))).ToList();
            var filled = groups.Where(g => g.Group.Ones.Count > 0).ToList();
            if (filled.Count == 0)
            {
                // All of it is left out or forgotten: the book stands, and the page still shows what there was.
                foreach (var (key, _) in groups)
                    yield return None(key);
                yield break;
            }

            var spread = counted[^1].Spread;
            var two = family.Kind.HasTwoLevels;
            var within = two ? spread / 2 : 0;
            var verdicts = !counted[^1].IsMeasure;
            var heaps = verdicts ? [] : filled.Select(g => Pooling.HeapOf(g.Group.Ones)).ToList();
            var posteriors = verdicts
                ? ShiftGrid.Of([.. filled.Select(g => g.Group.Ones)], spread, within)
                : Pooling.Of(heaps, spread, within);
            if (two && !groups.Exists(g => g.Key == family))
            {
                var (mean, deviation) = posteriors[^1];
                yield return new(family, mean, deviation, spread, counted.Select(o => o.Bake).Distinct().Count())
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
                    Odd = verdicts ? OddVerdicts(group.Ones, mean, deviation) : OddMeasures(group.Ones, heaps[at], prior),
                    Heaps = verdicts ? null : HeapsOf(key, group.Ones),
                };
            }
        }

        private Learned None(CorrectionKey key)
        {
            var spread = observations[^1].Spread;
            var prior = family.Kind.HasTwoLevels ? Math.Sqrt(1.25) * spread : spread;
            return new(key, 0, prior, prior, 0) { Choice = ChoiceOf(key) };
        }

        private CorrectionChoice ChoiceOf(CorrectionKey key) => choices.GetValueOrDefault(key) ?? new(key);

        private bool Counts(Observation one) =>
            !(from.Said.TryGetValue((one.Key, one.Bake), out var said) && said is BakeSaid.LeftOut)
                && !(choices.TryGetValue(one.Key, out var choice) && one.At <= choice.ForgottenUntil)
                && !(choices.TryGetValue(one.Key.Family, out var above) && one.At <= above.ForgottenUntil);

        /// <summary>A group's observations since it last changed, each with the weight of its age.</summary>
        private static (List<(Observation One, double Weight)> Ones, DateTimeOffset? ChangedAt) Weighed(
            CorrectionKey key, List<Observation> counted)
        {
            var group = counted.Where(o => o.Key == key).ToList();
            if (group.Count == 0)
                return ([], null);
            var changed = group[0].IsMeasure ? Shifts.ChangedFrom([.. group.Select(o => o.Middle)], group[0].Noise) : 0;
            var since = group.Skip(changed).ToList();
            var bakes = since.Select(o => o.Bake).Distinct().ToList();
            var last = bakes.Count - 1;
            var age = bakes.Select((b, i) => (b, i)).ToDictionary(x => x.b, x => last - x.i);
            return (
                [.. since.Select(o => (o, Math.Pow(0.5, age[o.Bake] / CorrectionConstants.HalfLife.Usual)))],
                changed > 0 ? group[changed].At : null);
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
