using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Pairing;

/// <summary>How far one pie is from another, in points, and what the search for the nearest that works promises.</summary>
public sealed class NearPieTests
{
    private const string Malt = "pan=plate-23&crust=butter-flaky&bake=hot&seal=white&fill=malt-custard&top=icing&ahead=14&topped=1";

    private static double Cost(string from, string to) => NearPie.Of(Pies.Read(from), Pies.Read(to)).Cost.Value.Value;

    /// <summary>
    /// Against the malt custard pie. Each by hand from the points of what differs: another custard of the family 25, another family 40; a
    /// crust of the same kind 5, of another kind 9, bought 7, laid 10; another pan 6; another bake 3; another seal 2, none 1; cooled 3;
    /// another topping 5; each four hours 2; each dial 1.
    /// </summary>
    [Theory]
    [InlineData("nothing", "", "", 0)]
    [InlineData("no seal", "seal=white", "seal=none", 1)]
    [InlineData("another seal", "seal=white", "seal=yolk", 2)]
    [InlineData("another bake", "bake=hot", "bake=steady", 3)]
    [InlineData("another custard", "fill=malt-custard", "fill=coffee-custard", 25)]
    [InlineData("another family", "fill=malt-custard", "fill=lemon-cheese", 40)]
    [InlineData("another topping", "top=icing", "top=plain", 5)]
    [InlineData("no topping", "top=icing", "top=none", 5)]
    [InlineData("shortening", "crust=butter-flaky", "crust=shortening-flaky", 5)]
    [InlineData("cooled", "fill=malt-custard", "fill=malt-custard&cooled=1", 3)]
    [InlineData("four hours more", "ahead=14", "ahead=18", 2)]
    [InlineData("five hours more", "ahead=14", "ahead=19", 4)]
    [InlineData("a lower fill line", "ahead=14", "ahead=14&line=9", 1)]
    [InlineData("two dials", "ahead=14", "ahead=14&line=9&set=110", 2)]
    public void What_differs_costs_its_points(string what, string was, string now, double points)
    {
        var to = was.Length == 0 ? Malt : Malt.Replace(was, now, StringComparison.Ordinal);
        Cost(Malt, to).ShouldBe(points, 1e-9, what);
    }

    /// <summary>
    /// A bought shell costs 7 and brings its own foil and no seal of ours (1): 8. Laid biscuits are 10, and cannot be sealed either: 11.
    /// </summary>
    [Fact]
    public void A_crust_of_another_kind_brings_what_belongs_to_it()
    {
        var shell = Pies.Read("pan=foil-shell-23&crust=bought-shell-23&seal=none&fill=malt-custard&top=icing&ahead=14&topped=1");
        var from = Pies.Read(Malt);
        var cost = NearPie.Of(from, shell).Cost;
        cost.Terms.Select(t => t.Name).ShouldContain("a bought crust");
        cost.Terms.Select(t => t.Name).ShouldNotContain("another pan");
        cost.Value.Value.ShouldBe(8);

        // The foil it comes in is a pan that an address can name.
        shell.Pan.Material.ShouldBe(PanMaterial.Foil);
        CompositionAddress.Read(CompositionAddress.Write(shell)).Troubles.ShouldBeEmpty();
    }

    /// <summary>A pie is no way from itself; what is said adds up; and each thing that counts has its reason.</summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 80)]
    public void Points_are_the_sum_of_what_differs(Composition from, Composition to)
    {
        NearPie.Of(from, from).Cost.Value.Value.ShouldBe(0);
        var cost = NearPie.Of(from, to).Cost;
        cost.Value.Value.ShouldBeGreaterThanOrEqualTo(0);
        cost.Value.Value.ShouldBe(cost.Terms.Sum(t => t.Amount.Amount), 1e-9);
        cost.Terms.ShouldAllBe(t => t.Amount.Amount > 0 && t.Name.Length > 0);
        if (from.Filling.Formula != to.Filling.Formula)
            cost.Value.Value.ShouldBeGreaterThanOrEqualTo(25, "another filling costs the most");
    }

    /// <summary>
    /// Whatever is asked of whatever pie: an answer does what was asked, is a pie that works, is its own address, and comes nearest first;
    /// a pie that works as it is asked for is its own answer and costs nothing.
    /// </summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 12)]
    public void Every_answer_works_and_does_what_was_asked(Composition pie)
    {
        foreach (var question in Question.All.Where((_, i) => i % 4 == pie.Pan.Key.Length % 4))
        {
            var answer = WhatIf.Of(question, pie, Kitchen.Usual);
            answer.Before.ShouldBe(pie);
            answer.Answers.Select(a => a.Cost.Value.Value).ShouldBeInOrder();
            foreach (var near in answer.Answers)
            {
                question.Holds(near.Pie).ShouldBeTrue(question.Id);
                Assessment.Of(near.Pie, 1, Kitchen.Usual).Advice.Where(f => !f.IsKnown).ShouldAllBe(f => f.Severity > Severity.Disappoints);
                var address = CompositionAddress.Write(near.Pie);
                var read = CompositionAddress.Read(address).Composition;
                read.ShouldBe(near.Pie, $"{question.Id}: {address} is read as {CompositionAddress.Write(read)}");
            }

            if (question.Holds(answer.Asked)
                && Assessment.Of(answer.Asked, 1, Kitchen.Usual).Advice.All(f => f.IsKnown || f.Severity > Severity.Disappoints))
                answer.Answers[0].Cost.Value.Value.ShouldBe(0, question.Id);
            if (!answer.Works)
                answer.StillWrong(Kitchen.Usual).ShouldNotBeEmpty($"{question.Id} of {CompositionAddress.Write(pie)}");
        }
    }
}
