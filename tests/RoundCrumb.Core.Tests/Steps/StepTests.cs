using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Steps;

public class StepTests
{
    [Fact]
    public void The_flaky_custard_pie_by_hand()
    {
        // Crust waits, least: fat frozen 20, dough rested 60, shell chilled 30, baked 16.5 + 11 (glass), cooled 30 = 167.5.
        // The filling has no waits, so the crust is the longer branch. Then 180 in the fridge at 24 mm: 347.5.
        var times = Assessment.Of(Pies.Plain).Times;
        times.Waiting.Value.Least.ShouldBe(347.5, 0.1);

        // Best: 20 + 60 + 45 + 18.15 + 13.75 + 45 + 720 = 921.9.
        times.Waiting.Value.Best.ShouldBe(921.9, 0.1);
    }

    [Fact]
    public void A_deep_custard_sets_in_proportion_to_its_depth()
    {
        // 50 − 3 − 5 = 42 mm deep against 25: 180 × 42 ÷ 25 = 302 min.
        Assessment.Of(Pies.Plain with { Pan = Core.Pans.PanCupboard.DeepPlate24, Crust = Pies.Plain.Crust with { Height = new(50) } })
            .Chain.SetTime.Value.Least.ShouldBe(302.4, 0.1);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Least_is_never_more_than_best_nor_best_than_most(Composition pie)
    {
        var sums = Assessment.Of(pie, 2);
        foreach (var step in sums.Chain.Steps)
        {
            step.Wait.Least.ShouldBeLessThanOrEqualTo(step.Wait.Best + 1e-9);
            step.Wait.Best.ShouldBeLessThanOrEqualTo(step.Wait.Most + 1e-9);
            new QuantityFormatter(UnitChoice.Usual).Say(step.Do).ShouldNotBeNullOrWhiteSpace();
        }

        sums.Times.HandsOn.Value.Best.ShouldBe(sums.Chain.Steps.Sum(s => s.HandsOn), 1e-6);
        sums.Times.StartToSlice.Value.Least.ShouldBeGreaterThan(sums.Times.Waiting.Value.Least);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void More_pies_take_more_hands_but_not_as_many_times_more(Composition pie)
    {
        var one = Assessment.Of(pie).Times.HandsOn.Value.Best;
        var four = Assessment.Of(pie, 4).Times.HandsOn.Value.Best;
        four.ShouldBeGreaterThan(one);
        four.ShouldBeLessThan(one * 4);
    }

    [Fact]
    public void Parts_come_in_the_order_of_the_work()
    {
        var parts = Assessment.Of(Composition.Usual).Chain.Steps.Select(s => s.Part).ToList();
        parts.ShouldBe(parts.Order());
        parts.ShouldContain(StepPart.Topping);
    }

    [Fact]
    public void What_may_hurt_is_said_at_its_step_once()
    {
        foreach (var pie in (Composition[])[Composition.Usual, Pies.Cheese])
        {
            var cautions = Assessment.Of(pie).Chain.Steps.Where(s => !s.Caution.IsEmpty).Select(s => s.Caution.Template).ToList();
            cautions.ShouldBeUnique();
            cautions.ShouldContain(c => c.Contains("local rules"));
        }
    }
}
