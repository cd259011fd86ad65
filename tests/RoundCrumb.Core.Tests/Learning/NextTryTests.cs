using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Trials;

namespace RoundCrumb.Core.Tests.Learning;

/// <summary>What to try next, and how fairly a trial is read.</summary>
public sealed class NextTryTests
{
    private static readonly Assessment Night = Assessment.Of(CompositionAddress.Read(
        "pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&seal=none&fill=malt-custard&top=icing&ahead=22&topped=2").Composition);

    private static IReadOnlyList<NextTry> Of(Assessment pie, params BakeEntry[] entries) => NextTries.Of(pie, entries, _ => null);

    [Fact]
    public void What_came_out_as_wanted_is_left_alone() =>
        Of(Night, new BakeEntry { Base = BaseVerdict.Crisp, Set = SetVerdict.Clean, Top = TopVerdict.Held }).ShouldBeEmpty();

    /// <summary>The last word counts: it was runny once and is clean now.</summary>
    [Fact]
    public void What_was_mended_is_not_proposed_again() =>
        Of(Night, new BakeEntry { Set = SetVerdict.Runny }, new BakeEntry { Set = SetVerdict.Clean }).ShouldBeEmpty();

    /// <summary>
    /// A kitchen in which it sets a band and a half softer than the book: the setter goes up until the index that it comes to here
    /// stands in the clean slice, from 4.1 to 5.3.
    /// </summary>
    [Fact]
    public void A_runny_custard_gets_more_starch_as_this_kitchen_needs_it()
    {
        var key = CorrectionKey.SetShift("starch-custard", "malt-custard");
        var tries = NextTries.Of(Night, [new() { Set = SetVerdict.Runny }], k => k == key ? new Doubt(-1.5, 0.2) : null);
        var first = tries.First(t => t.Measure is TrialMeasure.Set);
        first.After.Filling.Setter.ShouldBeGreaterThan(1.1);
        var here = first.After.Filling.Formula.Family.Scale.Of(first.After.Filling.Formula, first.After.Filling.Setter) - (1.5 * 1.2);
        here.ShouldBeInRange(4.1, 5.3);
        first.Then.ShouldBeGreaterThan(first.Now + 0.3);
        Of(Night, new BakeEntry { Set = SetVerdict.Rubbery }).Where(t => t.Measure is TrialMeasure.Set)
            .ShouldAllBe(t => t.After.Filling.Setter < 1);
    }

    [Fact]
    public void A_soggy_base_is_sealed_or_filled_later_and_the_better_comes_first()
    {
        var tries = Of(Night, new BakeEntry { Base = BaseVerdict.Soggy, Stood = 22 });
        tries.Select(t => t.Gain).ShouldBeInOrder(SortDirection.Descending);
        tries.ShouldContain(t => t.After.Crust.Seal == Seal.White);
        tries.ShouldContain(t => t.After.Occasion.FilledAhead < 12);
        tries.ShouldAllBe(t => t.Then > t.Now && t.Then <= 0.95 && t.Now >= 0.05);

        // Sealed already: it is baked on, by eye and clock, and the pie stays as it is.
        var sealed_ = Assessment.Of(Night.Composition with { Crust = Night.Composition.Crust with { Seal = Seal.White } });
        var baked = Of(sealed_, new BakeEntry { Base = BaseVerdict.Soggy }).ShouldHaveSingleItem();
        baked.After.ShouldBe(sealed_.Composition);
    }

    [Fact]
    public void Tastes_and_rulers_are_answered_too()
    {
        var sweet = new BakeEntry { Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 1 } };
        Of(Night, sweet).ShouldHaveSingleItem().Measure.ShouldBe(TrialMeasure.Sweet);
        var shrank = Of(Night, new BakeEntry { Shrank = new(6) }).ShouldHaveSingleItem();
        shrank.After.Crust.Chill.ShouldBe(ShellChill.Frozen);
        Of(Night, new BakeEntry { Shrank = new(2) }).ShouldBeEmpty();
        var wept = Of(Night, new BakeEntry { Top = TopVerdict.Wept });
        wept.ShouldAllBe(t => t.After.Topping.Topping.Holds.Most > Night.Composition.Topping.Topping.Holds.Most);
    }

    /// <summary>What is proposed opens as it was proposed: the address keeps the change, and it moves what it says.</summary>
    [Fact]
    public void Every_proposal_opens_as_it_was_proposed()
    {
        var entries = new[]
        {
            new BakeEntry { Set = SetVerdict.Runny }, new() { Set = SetVerdict.Rubbery }, new() { Base = BaseVerdict.Soggy },
            new() { Top = TopVerdict.Wept }, new() { Top = TopVerdict.Softened }, new() { Shrank = new(9) },
            new() { Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 2, [TasteScale.Sharp] = 2 } },
        };
        var seen = 0;
        foreach (var filling in Core.Fillings.FillingBook.All)
        {
            foreach (var topping in new[] { "plain", "icing", "none" })
            {
                var pie = Assessment.Of(CompositionAddress.Read(
                    $"pan=plate-23&crust=butter-flaky&bake=hot&seal=none&fill={filling.Id}&top={topping}&ahead=20&topped=5").Composition);
                foreach (var tried in entries.SelectMany(e => Of(pie, e)))
                {
                    var address = CompositionAddress.Write(tried.After);
                    CompositionAddress.Write(CompositionAddress.Read(address).Composition).ShouldBe(address);
                    if (tried.Measure is not TrialMeasure.Base)
                        address.ShouldNotBe(CompositionAddress.Write(pie.Composition));
                    tried.Figure.Terms.Count.ShouldBeGreaterThan(1, $"{tried.Measure} opens");
                    tried.Figure.Amount.Amount.ShouldBe(tried.Then);
                    seen++;
                }
            }
        }

        seen.ShouldBeGreaterThan(100);
    }

    /// <summary>
    /// One bake of each, soft against clean: a word apart. By chance alone 1.645 × 0.6 × √2 = 1.40 either way: two bakes cannot tell. Four
    /// do: 1.645 × 0.6 × √(1/2 + 1/2) = 0.99 is less than the word.
    /// </summary>
    [Fact]
    public void Two_bakes_cannot_tell_a_word_and_four_can()
    {
        var two = TrialReading.Of(TrialMeasure.Set, [-1], [0]);
        (two.Says, two.Difference, two.Needed).ShouldBe((TrialSays.CannotTell, 1, 2));
        two.Band.ShouldBe(1.40, 0.01);
        var four = TrialReading.Of(TrialMeasure.Set, [-1, -1], [0, 0]);
        four.Says.ShouldBe(TrialSays.Differs);
        four.Band.ShouldBe(0.99, 0.01);
        TrialReading.Of(TrialMeasure.Set, [0], []).Says.ShouldBe(TrialSays.Nothing);
        TrialReading.Of(TrialMeasure.Set, [.. Enumerable.Repeat(0.0, 9)], [.. Enumerable.Repeat(0.0, 9)]).Says.ShouldBe(TrialSays.Same);
    }

    /// <summary>Two lots of the same pie are seldom said to differ: one time in ten at the most, by the band.</summary>
    [Fact]
    public void The_same_pie_is_seldom_said_to_differ()
    {
        var kitchens = new TestKit.SimulatedKitchens(19);
        var said = Enumerable.Range(0, 1000).Count(_ => TrialReading.Of(
            TrialMeasure.Shrank, [.. Enumerable.Range(0, 4).Select(_ => 3 + (1.5 * kitchens.Normal()))],
            [.. Enumerable.Range(0, 4).Select(_ => 3 + (1.5 * kitchens.Normal()))]).Says is TrialSays.Differs);
        said.ShouldBeInRange(60, 140);
    }

    [Property(MaxTest = 100)]
    public void Turned_about_a_trial_says_the_opposite(int a, int b)
    {
        double[] one = [a % 3, b % 3];
        double[] other = [b % 2, a % 2, 1];
        var (there, back) = (TrialReading.Of(TrialMeasure.Set, one, other), TrialReading.Of(TrialMeasure.Set, other, one));
        back.Says.ShouldBe(there.Says);
        back.Difference!.Value.ShouldBe(-there.Difference!.Value, 1e-9);
    }
}
