using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Steps;

/// <summary>The steps of a pie as work for a clock.</summary>
public class WorkChainTests
{
    private static WorkChain Chain(Composition pie, int pies = 1, Stock stock = Stock.Scratch, bool served = false) =>
        WorkChain.Of(Assessment.Of(pie, pies), stock, WorkChain.PerLoad([Oven.Plain], pie.Pan), served);

    [Fact]
    public void The_flaky_custard_pie_by_hand()
    {
        // Crust: freeze fat (3 + 1 min) · 20 min · dough, wrapped (10 + 2 + 1 + 1) · 60 · roll, line, into the fridge
        // (2 + 9 + 0.5) · 45 · paper and weights (1 + 1.5) · oven · cool.
        // Filling: 6 + 1 + 12 + 2.5 + 3 + 1 = 25.5 min in one go, a burner under it.
        var chain = Chain(Pies.Plain);
        chain.Works.Select(w => w.Label).ShouldBe(
            ["Freeze fat", "Make dough", "Roll and line", "Bake shells", "Bake shells", "Malt custard", "Fill", "Cream on"]);
        chain.Works[0].Minutes.ShouldBe(4);
        chain.Works[1].Minutes.ShouldBe(14);
        chain.Works[2].Minutes.ShouldBe(11.5);
        chain.Works[5].Minutes.ShouldBe(25.5);
        chain.Works[5].Tool.ShouldBe(Tool.Burner);
        chain.Works[7].Tool.ShouldBe(Tool.Mixer);

        // The custard goes in hot: ten minutes after it leaves the hob, no later.
        chain.Gaps.Single(g => g.From == 5).ShouldSatisfyAllConditions(
            g => g.To.ShouldBe(6), g => g.Wait.Most.ShouldBe(10), g => g.IsTie.ShouldBeTrue());

        // 18.15 min under weights, 2.5 min of hands taking them out, 13.75 min open.
        var oven = chain.Works[4].Baking!;
        oven.Minutes.ShouldBe(18.15 + 2.5 + 13.75, 0.01);
        oven.Touches.Count.ShouldBe(2);
        oven.Touches[0].After.ShouldBe(18.15, 0.01);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Every_chain_is_whole_and_runs_one_way(Composition pie)
    {
        foreach (var pies in (int[])[1, 7])
        {
            var chain = Chain(pie, pies);

            // Each step is done, or waited for, somewhere; hands add up to what the card says where nothing is split.
            var waits = chain.Steps.Select((s, i) => (s, i)).Where(x => x.s.HandsOn > 0).Select(x => x.i);
            chain.Works.SelectMany(w => w.Steps).Distinct().Order().ShouldBe(waits.Union(chain.Works.SelectMany(w => w.Steps)).Order());

            // Nothing comes before what it waits for, and everything leads to the table.
            chain.Gaps.ShouldAllBe(g => g.From < g.To && g.Wait.Least <= g.Wait.Best && g.Wait.Best <= g.Wait.Most);
            var leads = chain.Endings.Select(e => e.From).ToHashSet();
            for (var i = chain.Works.Count - 1; i >= 0; i--)
            {
                if (chain.Gaps.Any(g => g.From == i && leads.Contains(g.To)))
                    leads.Add(i);
            }

            leads.Count.ShouldBe(chain.Works.Count);
            chain.Endings.Sum(e => e.Pies).ShouldBe(pies);

            // What can be joined with other pies' work is one thing in each chain.
            chain.Works.Select(w => w.Join).OfType<JoinName>().ShouldBeUnique();
            chain.Works.Select(w => w.Id).ShouldBeUnique();
            chain.Filled.Count.ShouldBeGreaterThan(0);
            chain.Works.Where(w => w.Baking is null).ShouldAllBe(
                w => w.Minutes > 0 && w.Minutes <= StepConstants.LongestStretch.Usual + 0.01);
        }
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void What_is_waited_for_is_what_the_card_says(Composition pie)
    {
        var sums = Assessment.Of(pie);
        var chain = Chain(pie);
        var card = sums.Chain.Steps.Sum(s => s.Wait.Best);
        var woven = chain.Gaps.Where(g => !g.IsTie).GroupBy(g => g.From).Sum(g => g.First().Wait.Best)
            + chain.Endings.Sum(e => e.Wait.Best)
            + chain.Works.Where(w => w.Baking is not null).Sum(w => w.Baking!.Minutes - w.Baking.Touches.SkipLast(1).Sum(t => t.Minutes));
        woven.ShouldBe(card, 0.01);

        // Hands too: what is done at the oven's door is part of the load.
        var hands = chain.Works.Where(w => w.Baking is null).Sum(w => w.Minutes)
            + chain.Works.Where(w => w.Baking is not null).Sum(w => w.Baking!.Touches.SkipLast(1).Sum(t => t.Minutes));
        hands.ShouldBeLessThanOrEqualTo(sums.Times.HandsOn.Value.Best + 0.01);
        hands.ShouldBeGreaterThan(sums.Times.HandsOn.Value.Best - 1);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void What_is_served_stands_as_long_as_the_card_says_and_is_cut_at_the_last(Composition pie)
    {
        foreach (var pies in (int[])[1, 7, 40])
        {
            var (fetched, served) = (Chain(pie, pies), Chain(pie, pies, served: true));

            // The same work, with cutting or plating after it; each pie is cut once, in stretches that hands can bear.
            served.Works.Take(fetched.Works.Count).ShouldBe(fetched.Works, new Same());
            var cuts = served.Works.Skip(fetched.Works.Count).ToList();
            cuts.ShouldAllBe(w => w.Label == "Cut and plate" || w.Label == "Plate");
            cuts.Sum(w => w.Pies).ShouldBe(pies);
            cuts.ShouldAllBe(w => w.Pies == 1 || w.Minutes <= StepConstants.LongestStretch.Usual + 0.01);
            served.Endings.Select(e => e.From).ShouldBe(Enumerable.Range(fetched.Works.Count, cuts.Count));
            served.Endings.ShouldAllBe(e => e.At == WaitsAt.Bench && e.Wait.Least == 0);

            // The last plate waits a quarter of an hour at most, and the first for those that one pair of hands cuts after it.
            for (var k = 0; k < cuts.Count; k++)
                served.Endings[k].Wait.Most.ShouldBe(Serving.Stands.Usual + cuts.Skip(k + 1).Sum(c => c.Minutes), 1e-9);

            // What stood until it was fetched stands, where it stood and as long, until it is cut.
            foreach (var ending in fetched.Endings)
            {
                var stands = served.Gaps.Where(g => g.From == ending.From && g.To >= fetched.Works.Count).ToList();
                stands.ShouldAllBe(g => g.Wait == ending.Wait && g.At == ending.At);
                stands.Sum(g => g.Holds.Pies).ShouldBe(ending.Pies);
            }
        }
    }

    private sealed class Same : IEqualityComparer<Work>
    {
        public bool Equals(Work? a, Work? b) =>
            a!.Label == b!.Label && a.Minutes == b.Minutes && a.Pies == b.Pies && a.Tool == b.Tool && a.Steps.SequenceEqual(b.Steps);

        public int GetHashCode(Work w) => w.Label.GetHashCode(StringComparison.Ordinal);
    }

    [Fact]
    public void Every_family_has_a_chain_of_its_own()
    {
        foreach (var crust in CrustBook.All)
        {
            foreach (var filling in FillingBook.All)
            {
                foreach (
                    var topping in (Topping[])[
                        Topping.None, Topping.Icing, ToppingBook.French, ToppingBook.OrangeJelly, ToppingBook.Almonds,
                        ToppingBook.ButterCrumble])
                {
                    var pan = PanCupboard.Plate23;
                    var chain = Chain(Composition.For(pan, crust, filling, topping), 3);
                    chain.Endings.Count.ShouldBeGreaterThan(0);
                    (filling.Family.Bake is null || chain.Works.Any(w => w.Label == "Bake filled")).ShouldBeTrue();
                }
            }
        }
    }

    [Fact]
    public void More_than_an_oven_holds_goes_in_loads_each_with_its_own_filling_poured()
    {
        // An ordinary oven takes two shelves of one 23 cm plate: seven pies are four loads, 2 + 2 + 2 + 1.
        var baked = Composition.For(
            PanCupboard.Plate23, CrustBook.Find("short")!, FillingBook.All.First(f => f.Family == FillingFamilies.BakedCustard),
            Topping.None);
        var each = WorkChain.PerLoad([Oven.Plain], PanCupboard.Plate23);
        var chain = Chain(baked, 7);
        var loads = (7 + each - 1) / each;
        chain.Works.Count(w => w.Label == "Bake filled").ShouldBe(loads);
        chain.Works.Where(w => w.Label == "Bake filled").Sum(w => w.Pies).ShouldBe(7);
        chain.Works.Where(w => w.Label == "Bake filled").ShouldAllBe(w => w.Pies <= each);
        chain.Filled.Count.ShouldBe(loads);
    }

    [Fact]
    public void Shells_from_the_freezer_go_straight_to_the_oven()
    {
        var fresh = Chain(Pies.Plain);
        var frozen = Chain(Pies.Plain, stock: Stock.FrozenShells);
        frozen.Works.ShouldNotContain(w => w.Label == "Make dough" || w.Label == "Roll and line");
        frozen.Works.Count.ShouldBe(fresh.Works.Count - 3);
        Chain(Pies.Plain, stock: Stock.BakedShells).Works.ShouldNotContain(w => w.Part == StepPart.Crust);

        // Frozen dough thaws overnight and is then rolled as any other.
        var dough = Chain(Pies.Plain, stock: Stock.FrozenDough);
        dough.Works[0].Label.ShouldBe("Thaw dough");
        dough.Gaps[0].Wait.Least.ShouldBe(480);
        dough.Works[1].Label.ShouldBe("Roll and line");

        // A pressed crumb is not kept that way: it is made as always.
        Chain(Pies.Cheese, stock: Stock.FrozenShells).Works.Count.ShouldBe(Chain(Pies.Cheese).Works.Count);
    }

    [Fact]
    public void Forty_tartlets_are_not_forty_pies_of_work()
    {
        var tartlets = Assessment.Of(
            Composition.For(
                PanCupboard.All.First(p => p.Id == "tartlet-8"), CrustBook.Find("sweet-short")!,
                FillingBook.All.First(f => f.Family == FillingFamilies.PouredCurd), Topping.None),
            40);
        var line = tartlets.Chain.Steps.Single(s => s.Label == "Roll and line");

        // 2 + 40 × 9 × 0.25 = 92 min, not six hours.
        line.HandsOn.ShouldBe(92);

        // So long a stretch is cut in two, the second going on from the first.
        Chain(tartlets.Composition, 40).Works.Count(w => w.Label == "Roll and line").ShouldBe(2);
    }
}
