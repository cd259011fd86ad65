using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Pairing;

public class PairingTests
{
    private static readonly Occasion Tea = new(12, 1, NoOven: false, Vegetarian: false);

    private static Cell Meet(CrustFamily crust, FillingFormula filling, Occasion? occasion = null, Pan? pan = null) =>
        Board.Of(new(pan ?? PanCupboard.Plate23, occasion ?? Tea), [crust], [filling], Kitchen.Usual).Cells[0][0];

    [Fact]
    public void What_bakers_know_goes_together()
    {
        Meet(CrustBook.ButterFlaky, FillingBook.MaltCustard).Goes.ShouldBe(PairVerdict.Well);
        Meet(CrustBook.SweetShort, FillingBook.GrapefruitCurd).Goes.ShouldBe(PairVerdict.Well);
        Meet(CrustBook.PlainCrumb, FillingBook.LemonCheese).Goes.ShouldBe(PairVerdict.Well);
    }

    [Fact]
    public void And_what_does_not()
    {
        // A thin, long-baked filling leaks through crumb; laid wafers go soft in half a day; and without an oven nothing is baked.
        Meet(CrustBook.PlainCrumb, FillingBook.RhubarbCustard)
            .ShouldSatisfyAllConditions(c => c.Goes.ShouldBe(PairVerdict.Poorly), c => c.Because.ShouldBe("crumb-leaks"));
        Meet(CrustBook.LaidWafers, FillingBook.LemonCheese, Tea with { FilledAhead = 20 }).Goes.ShouldNotBe(PairVerdict.Well);
        Meet(CrustBook.ButterFlaky, FillingBook.LemonCheese, Tea with { NoOven = true }).Goes.ShouldBe(PairVerdict.Not);
        Meet(CrustBook.PlainCrumb, FillingBook.LemonCheese, Tea with { NoOven = true }).Goes.ShouldBe(PairVerdict.Well);
    }

    [Fact]
    public void Guests_decide()
    {
        Meet(CrustBook.PlainCrumb, FillingBook.LemonCheese, Tea with { Vegetarian = true }).Goes.ShouldBe(PairVerdict.Not);
        Meet(CrustBook.PlainCrumb, FillingBook.GingerCheese, Tea with { Vegetarian = true }).Goes.ShouldBe(PairVerdict.Well);
        Meet(
            CrustBook.NutCrumb, FillingBook.LemonCheese, Tea with { Without = Needs.Groups.Single(g => g.Field == "no-nuts").Of })
            .Goes.ShouldBe(PairVerdict.Not);
        Meet(CrustBook.ShorteningFlaky, FillingBook.Gooseberry, Tea with { Without = Allergens.Milk }).Goes.ShouldBe(PairVerdict.Well);
    }

    [Fact]
    public void A_board_says_of_each_cell_what_its_pie_would()
    {
        var wish = new Wish(PanCupboard.Plate23, Tea);
        var board = Board.Of(wish, [.. CrustBook.All.Take(5)], [.. FillingBook.All.Take(6)], Kitchen.Usual);
        board.Cells.SelectMany(r => r).Count().ShouldBe(30);
        foreach (var cell in board.Cells.SelectMany(r => r))
        {
            var pie = Assessment.Of(wish.For(cell.Crust, cell.Filling, Topping.None, Schools.None));
            cell.Goes.ShouldBe(Verdict.Of(pie));
            (cell.Goes is PairVerdict.Well).ShouldBe(pie.Advice.All(f => f.Severity > Severity.Disappoints));
        }
    }

    [Fact]
    public void An_opened_meeting_has_the_smallest_change_that_makes_it_good()
    {
        var wish = new Wish(PanCupboard.Plate23, Tea);
        var verdict = Verdict.WithChanges(
            Assessment.Of(wish.For(CrustBook.PlainCrumb, FillingBook.RhubarbCustard, Topping.None, Schools.None)));
        verdict.Changes.Count.ShouldBe(1);
        verdict.Mended.Crust.Family.ShouldBe(CrustBook.ShortCrust);
        Verdict.Of(Assessment.Of(verdict.Mended)).ShouldBe(PairVerdict.Well);
    }

    [Theory]
    [InlineData("no-oven", "fill=malt-custard&crust=butter-flaky&top=plain")]
    [InlineData("no-nuts", "fill=plum-almond&crust=sandy&bake=steady&edge=trimmed&pan=tart-25&top=none&ahead=6")]
    [InlineData("no-milk", "fill=malt-custard&crust=butter-flaky&top=icing")]
    [InlineData("veg", "fill=lemon-cheese&crust=plain-crumb&pan=springform-20&line=20&top=gelatine")]
    [InlineData("few-hours", "fill=malt-custard&crust=butter-flaky&seal=white&top=icing")]
    [InlineData("plate-28", "fill=malt-custard&crust=butter-flaky&seal=white&top=icing")]
    [InlineData("tomorrow", "fill=coffee-custard&crust=sweet-short&bake=steady&seal=none&top=plain&ahead=6")]
    public void What_if_finds_a_pie_that_works_and_leaves_the_old_one_alone(string question, string address)
    {
        var before = Pies.Read(address);
        var asked = Question.Find(question)!;
        var answer = WhatIf.Of(asked, before, Kitchen.Usual);
        answer.Works.ShouldBeTrue();
        asked.Holds(answer.After).ShouldBeTrue();
        Assessment.Of(answer.After).Advice.ShouldAllBe(f => f.Severity > Severity.Disappoints);
        answer.Before.ShouldBe(before);

        // The nearest first, each of them works, and no two of one filling on one kind of crust.
        answer.Answers.Select(a => a.Cost.Value.Value).ShouldBeInOrder();
        foreach (var near in answer.Answers)
        {
            Assessment.Of(near.Pie).Advice.ShouldAllBe(f => f.Severity > Severity.Disappoints);
            near.Cost.Value.Value.ShouldBe(near.Cost.Terms.Sum(t => t.Amount.Amount), 1e-9);
        }

        answer.Answers.Select(a => (a.Pie.Filling.Formula.Id, a.Pie.Crust.Family.GetType())).ShouldBeUnique();
    }

    /// <summary>
    /// Without an oven a malt custard stays a malt custard: in a bought shell, or cooled before it is poured onto chilled crumb; another
    /// filling comes long after.
    /// </summary>
    [Fact]
    public void The_nearest_pie_keeps_its_filling_while_anything_else_can_be_changed()
    {
        var answer = WhatIf.Of(
            Question.Find("no-oven")!, Pies.Read("fill=malt-custard&crust=butter-flaky&seal=white&top=plain"), Kitchen.Usual);
        answer.Answers.Count.ShouldBe(WhatIf.MostAnswers);
        answer.Answers[0].Pie.Filling.Formula.ShouldBe(FillingBook.MaltCustard);
        answer.Answers[0].Pie.Crust.Family.ShouldBeOfType<ShellFamily>();
        var cooled = answer.Answers.First(a => a.Pie.Filling.Cooled);
        cooled.Pie.Filling.Formula.ShouldBe(FillingBook.MaltCustard);
        cooled.Pie.Crust.Treatment.ShouldBe(Treatment.Chilled);
        (NearPie.Of(answer.Asked, answer.Asked with { Filling = answer.Asked.Filling with { Formula = FillingBook.LemonCheese } })
            .Cost.Value.Value
            > 2 * cooled.Cost.Value.Value).ShouldBeTrue();
        NearPie.Of(answer.Asked, answer.Asked).Cost.Value.Value.ShouldBe(0);
    }

    /// <summary>A custard that is cooled first has a step for it, meets its crust warm at most, and says so in its address.</summary>
    [Fact]
    public void A_filling_can_be_cooled_before_it_is_poured()
    {
        var hot = Pies.Work("fill=malt-custard&crust=plain-crumb&bake=chilled&nooven=1&top=none&seal=none");
        hot.Advice.ShouldContain(f => f.Rule.Id == "chilled-under-hot" && f.Remedies.Any(r => r.Change(hot.Composition).Filling.Cooled));
        var cooled = Pies.Work("fill=malt-custard&crust=plain-crumb&bake=chilled&nooven=1&top=none&seal=none&cooled=1");
        cooled.Advice.ShouldNotContain(f => f.Rule.Id == "chilled-under-hot");
        CompositionAddress.Write(cooled.Composition).ShouldContain("cooled=1");
        CompositionAddress.Read(CompositionAddress.Write(cooled.Composition)).Composition.ShouldBe(cooled.Composition);
        hot.Chain.Steps.ShouldNotContain(s => s.Kind == StepKind.CoolToPour);
        var step = cooled.Chain.Steps.Single(s => s.Kind == StepKind.CoolToPour);
        step.Wait.Least.ShouldBeInRange(5, 60);

        // What goes in cold cannot be asked for it.
        Pies.Read("fill=lemon-cheese&cooled=1").Filling.Cooled.ShouldBeFalse();
    }

    [Fact]
    public void What_the_box_has_not_is_said()
    {
        // Neither wheat nor milk nor egg nor nuts: no filling and crust of the house does without all four.
        var pie = Pies.Read("no-wheat=1&no-milk=1&no-nuts=1&fill=malt-custard");
        var answer = WhatIf.Of(Question.Find("no-egg")!, pie, Kitchen.Usual);
        answer.Works.ShouldBeFalse();
        answer.StillWrong(Kitchen.Usual).ShouldNotBeEmpty();
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 60)]
    public void Applying_all_remedies_ends_with_nothing_grave_or_says_that_nothing_can(Composition pie)
    {
        var (changes, mended, good) = Verdict.Mend(Assessment.Of(pie));
        changes.Count.ShouldBeLessThanOrEqualTo(Verdict.MostChanges);
        if (good)
            Assessment.Of(mended).Advice.ShouldAllBe(f => f.Severity > Severity.Disappoints || f.IsKnown);
        else
            Assessment.Of(mended).Advice.ShouldContain(f => f.Severity <= Severity.Disappoints);
    }

    [Fact]
    public void Nothing_known_is_counted_but_what_would_make_ill_can_not_be_known()
    {
        var pie = Pies.Work("fill=malt-custard&crust=butter-flaky&seal=none&ahead=14&top=plain&topped=6&table=5");
        pie.Advice.Where(f => f.Severity <= Severity.Disappoints).Select(f => f.Rule.Id)
            .ShouldBe(["on-the-table", "cream-past-hold", "unsealed"], ignoreOrder: true);
        var known = Pies.Work(
            "fill=malt-custard&crust=butter-flaky&seal=none&ahead=14&top=plain&topped=6&table=5&"
                + "known=unsealed,cream-past-hold,on-the-table,nonsense");
        known.Advice.Where(f => f.IsKnown).Select(f => f.Rule.Id).ShouldBe(["cream-past-hold", "unsealed"], ignoreOrder: true);
        known.Advice[0].Rule.Id.ShouldBe("on-the-table");
        CompositionAddress.Write(known.Composition).ShouldContain("known=unsealed,cream-past-hold,on-the-table");
    }

    [Fact]
    public void Pies_are_ranked_with_reasons_and_a_counter_varies()
    {
        (string, Composition)[] pies =
        [
            .. new[] { "malt-custard", "coffee-custard", "bergamot-custard" }
                .Select(f => (f, Pies.Read($"fill={f}&crust=butter-flaky&seal=white&top=icing"))),
            (
                "grapefruit-curd",
                Pies.Read("fill=grapefruit-curd&crust=sweet-short&bake=steady&edge=trimmed&pan=tart-23&seal=white&top=meringue-swiss")),
            ("lemon-cheese", Pies.Read("fill=lemon-cheese&crust=plain-crumb&bake=baked&pan=springform-20&line=20&top=none")),
        ];
        var ranked = Suggestion.Rank(pies, Tea, Kitchen.Usual, new HashSet<Ingredient> { Pantry.EggWhite });
        ranked.Count.ShouldBe(5);
        ranked[0].Name.ShouldBe("grapefruit-curd");
        ranked[0].Reasons.ShouldContain("uses the egg white left over");
        ranked[0].Reasons.ShouldContain("sharp against sweet");
        ranked.Select(r => r.Score.Value.Value).ShouldBeInOrder(Shouldly.SortDirection.Descending);

        // Three of them are the same custard by another name: only one is put on a counter of three.
        var counter = Suggestion.Varied(ranked, 3).Select(s => s.Name).ToList();
        counter.Count(n => n.EndsWith("-custard", StringComparison.Ordinal)).ShouldBe(1);
    }

    [Fact]
    public void A_pie_that_these_guests_may_not_have_is_not_suggested() =>
        Suggestion.Rank(
            [("cheese", Pies.Cheese)], Tea with { Vegetarian = true }, Kitchen.Usual, new HashSet<Ingredient>()).ShouldBeEmpty();

    [Fact]
    public void A_school_that_is_settled_is_the_usual_way_and_no_longer_mentioned()
    {
        var house = Schools.Read("hot-or-steady:steady,baked-or-chilled:chilled,nonsense:x");
        house.ToString().ShouldBe("baked-or-chilled:chilled,hot-or-steady:steady");
        var book = Core.Recipes.PartBook.Shipped.With(house);
        CompositionAddress.Read("crust=butter-flaky", book).Composition.Crust.Treatment.ShouldBe(Treatment.Steady);
        CompositionAddress.Read("crust=plain-crumb", book).Composition.Crust.Treatment.ShouldBe(Treatment.Chilled);

        // What the baker says of one pie stands.
        CompositionAddress.Read("crust=butter-flaky&bake=hot", book).Composition.Crust.Treatment.ShouldBe(Treatment.HotStart);
        var pie = Pies.Read("crust=butter-flaky&bake=steady&seal=white");
        Assessment.Of(pie).Advice.ShouldContain(f => f.Rule.Id == "hot-or-steady");
        Assessment.Of(pie, 1, Kitchen.Usual with { Schools = house }).Advice.ShouldNotContain(f => f.Rule.Id == "hot-or-steady");
    }

    [Fact]
    public void There_are_sixty_rules_and_more_and_each_school_has_one()
    {
        RuleBook.All.Count.ShouldBeGreaterThanOrEqualTo(60);
        RuleBook.All.Select(r => r.Id).ShouldBeUnique();
        Schools.All.ShouldAllBe(s => RuleBook.Find(s.Id) != null);
    }
}
