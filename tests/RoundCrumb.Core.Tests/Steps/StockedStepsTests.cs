using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Steps;

/// <summary>What is left of a pie’s steps when its crust was begun on another day.</summary>
public class StockedStepsTests
{
    private static IEnumerable<(Assessment Pie, Stock Stock)> Cases() =>
        from crust in CrustBook.All
        from filling in new[] { FillingBook.MaltCustard, FillingBook.LemonCheese, FillingBook.RhubarbCustard }
        from stock in Enum.GetValues<Stock>()
        let pie = Composition.Usual with
        {
            Pan = PanCupboard.Find("tart-23")!,
            Crust = Composition.UsualCrust(PanCupboard.Find("tart-23")!, crust),
            Filling = Composition.Usual.Filling with { Formula = filling },
        }
        select (Assessment.Of(StockedSteps.Made(pie, stock), 3, Kitchen.Usual), stock);

    /// <summary>What is left stands in the order in which it stood, and nothing but a thaw is new.</summary>
    [Fact]
    public void What_is_left_is_in_its_order_and_nothing_is_new_but_a_thaw()
    {
        foreach (var (pie, stock) in Cases())
        {
            var all = pie.Chain.Steps;
            var left = StockedSteps.Left(pie, stock);
            var name = $"{pie.Composition.Crust.Family.Name} from {stock.Words}";
            left.Where(s => !all.Contains(s)).ShouldAllBe(s => s.Kind == StepKind.ThawDough && stock == Stock.FrozenDough, name);
            left.Where(all.Contains).ShouldBe(all.Where(left.Contains), name);

            // Filling, assembly and topping are all still to be done.
            left.Where(s => s.Part is not StepPart.Crust).ShouldBe(all.Where(s => s.Part is not StepPart.Crust), name);
        }
    }

    [Fact]
    public void Nothing_of_a_baked_shell_is_left_and_all_of_one_from_scratch()
    {
        foreach (var (pie, stock) in Cases())
        {
            var left = StockedSteps.Left(pie, stock);
            if (stock is Stock.Scratch || !stock.Suits(pie.Composition.Crust.Family))
                left.ShouldBe(pie.Chain.Steps);
            if (stock is Stock.BakedShells)
                left.ShouldAllBe(s => s.Part != StepPart.Crust);
        }
    }

    /// <summary>Frozen shells are baked; frozen dough is thawed, rolled and lined first. Neither is mixed or rested again.</summary>
    [Fact]
    public void A_frozen_crust_goes_on_where_it_stopped()
    {
        foreach (var (pie, stock) in Cases().Where(c => c.Stock.Suits(c.Pie.Composition.Crust.Family)))
        {
            var kinds = StockedSteps.Left(pie, stock).Where(s => s.Part is StepPart.Crust).Select(s => s.Kind).ToList();
            if (stock is Stock.FrozenDough)
            {
                kinds[0].ShouldBe(StepKind.ThawDough);
                kinds.ShouldContain(StepKind.RollAndLine);
                kinds.ShouldNotContain(StepKind.MakeDough);
                kinds.ShouldNotContain(StepKind.RestDough);
            }

            if (stock is Stock.FrozenShells)
            {
                pie.Composition.Crust.Frozen.ShouldBeTrue();
                kinds.ShouldNotContain(StepKind.RollAndLine);
                kinds.ShouldNotContain(StepKind.FreezeShell);
                kinds.ShouldNotBeEmpty();
            }
        }
    }

    /// <summary>Each state of a day’s stock is called one thing wherever it stands, and no two are called alike.</summary>
    [Fact]
    public void Each_state_has_a_name_and_words_of_its_own()
    {
        var all = Enum.GetValues<Stock>();
        all.Select(s => s.Id).ShouldBeUnique();
        all.Select(s => s.Words).ShouldBeUnique();
        foreach (var one in all)
            one.Id.All(c => char.IsAsciiLetterLower(c) || c == '-').ShouldBeTrue(one.Id);
        StockedSteps.Made(Composition.Usual, Stock.FrozenDough).ShouldBe(Composition.Usual);
        StockedSteps.Made(Composition.Usual, Stock.BakedShells).ShouldBe(Composition.Usual);
    }
}
