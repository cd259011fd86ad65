using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Trials;

namespace RoundCrumb.Core.Tests.Trials;

/// <summary>Two lots of bakes that differ in one thing: what is read from them, and when it can be said.</summary>
public class TrialMeasureTests
{
    [Fact]
    public void What_an_entry_says_of_each_measure()
    {
        var entry = new BakeEntry
        {
            Set = SetVerdict.Firm,
            Base = BaseVerdict.Soggy,
            Top = TopVerdict.Wept,
            Shrank = new Millimetres(4),
            Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 1, [TasteScale.Sharp] = -2, [TasteScale.Crisp] = 0 },
        };
        TrialMeasure.Base.In(entry).ShouldBe(3); // crisp 0, firm 1, soft 2, soggy 3
        TrialMeasure.Top.In(entry).ShouldBe(1);
        TrialMeasure.Top.In(entry with { Top = TopVerdict.Held }).ShouldBe(0);
        TrialMeasure.Sweet.In(entry).ShouldBe(1);
        TrialMeasure.Sharp.In(entry).ShouldBe(-2);
        TrialMeasure.Crisp.In(entry).ShouldBe(0);
        TrialMeasure.Shrank.In(entry).ShouldBe(4);
        TrialMeasure.Set.In(entry)!.Value.ShouldBeGreaterThan(TrialMeasure.Set.In(entry with { Set = SetVerdict.Soft })!.Value);
    }

    [Fact]
    public void What_was_not_said_is_not_read()
    {
        foreach (var measure in Enum.GetValues<TrialMeasure>())
            measure.In(new BakeEntry()).ShouldBeNull(measure.Name);
    }

    /// <summary>
    /// By hand: words vary by 0.6, 1.645 of that is 0.987; two lots of n lie within 0.987 × √(2 ÷ n). For one word to stand out of it n has
    /// to be 2 × 0.987² = 1.95, so two of each. Shrinkage varies by 1.5 mm and 2 mm are worth it: 2 × (1.645 × 1.5 ÷ 2)² = 3.04, so four.
    /// </summary>
    [Fact]
    public void So_many_bakes_tell_by_hand()
    {
        TrialReading.Of(TrialMeasure.Base, [], []).Needed.ShouldBe(2);
        TrialReading.Of(TrialMeasure.Shrank, [], []).Needed.ShouldBe(4);
        var one = TrialReading.Of(TrialMeasure.Shrank, [4], [2]);
        one.Difference.ShouldBe(-2);
        one.Band.ShouldBe(1.644853627 * 1.5 * Math.Sqrt(2), 1e-9); // 3.49 mm: two bakes say nothing yet
        one.Says.ShouldBe(TrialSays.CannotTell);
        TrialReading.Of(TrialMeasure.Shrank, [4, 4, 4, 4], [2, 2, 2, 2]).Says.ShouldBe(TrialSays.Differs); // 2 > 1.74
    }

    /// <summary>More bakes that say the same narrow the band, and never ask for fewer than there are already.</summary>
    [Theory]
    [InlineData(TrialMeasure.Set)]
    [InlineData(TrialMeasure.Shrank)]
    [InlineData(TrialMeasure.Crisp)]
    public void More_of_the_same_is_surer(TrialMeasure measure)
    {
        var before = double.PositiveInfinity;
        for (var n = 1; n <= 12; n++)
        {
            var some = Enumerable.Repeat(1.0, n).ToList();
            var reading = TrialReading.Of(measure, some, [.. some.Select(s => s + (measure.Worth / 2))]);
            reading.Band.ShouldBeLessThan(before);
            before = reading.Band;
            if (reading.Says is TrialSays.CannotTell)
                reading.Needed.ShouldBeGreaterThan(n);
        }
    }

    /// <summary>Turned round, it says the same with the sign turned.</summary>
    [Fact]
    public void Turned_round_it_says_the_same()
    {
        double[] one = [0, 1, 1, 2], other = [1, 2, 2, 2, 3];
        var there = TrialReading.Of(TrialMeasure.Set, one, other);
        var back = TrialReading.Of(TrialMeasure.Set, other, one);
        back.Difference!.Value.ShouldBe(-there.Difference!.Value, 1e-12);
        (back.Says, back.Band, back.Needed).ShouldBe((there.Says, there.Band, there.Needed));
    }
}
