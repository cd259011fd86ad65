using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>The fridge as a place that takes only so much heat.</summary>
public class FridgeHeatTests
{
    private static readonly ColdPlace Household =
        new("fridge", "Household fridge", ColdKind.Fridge, 12, new(300)) { Cooler = Cooler.StillFridge };

    private static DaySetting With(ColdPlace fridge)
    {
        var setting = Setting();
        return setting with
        {
            Kitchen = setting.Kitchen with { Cold = [fridge, .. setting.Kitchen.Cold.Where(c => c.Kind is ColdKind.Freezer)] },
        };
    }

    /// <summary>
    /// A household fridge of 120 W, 2 W/K and 50 kJ/K at 4 °C in a room of 20: 120 − 2 × 16 + 50,000 × 2.5 ÷ 3600 = 122.7 W for an hour.
    /// </summary>
    [Fact]
    public void What_a_fridge_takes_in_an_hour_as_worked_by_hand()
    {
        FridgeAir.TakesInAnHour(Cooler.StillFridge.Facts, 4, 20).ShouldBe(122.7, 0.1);
        FridgeAir.TakesInAnHour(Cooler.FanFridge.Facts, 4, 20).ShouldBeGreaterThan(300);
        FridgeAir.TakesInAnHour(Cooler.StillFridge.Facts, 4, 70).ShouldBeLessThan(30);
    }

    /// <summary>A 23 cm custard gives off some 35 W at first and 200 kJ in all, most of it in three hours.</summary>
    [Fact]
    public void A_hot_pie_gives_much_at_first_and_less_later()
    {
        var pie = Assessment.Of(
            CompositionAddress.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&top=none").Composition, 1,
            Core.Kitchens.Kitchen.Usual with { Cold = [Household] });
        var watts = pie.FridgeHeat;
        watts.Count.ShouldBe(36);
        watts[0].ShouldBeInRange(25, 60);
        watts.Take(12).Average().ShouldBeGreaterThan(2 * watts.Skip(24).Average());
        (watts.Sum() * 300 / 1000).ShouldBeInRange(120, 250);

        // What goes in cool does the fridge no harm, and neither does what is not known of.
        Assessment.Of(
            CompositionAddress.Read("pan=springform-20&crust=plain-crumb&fill=lemon-cheese&top=none").Composition, 1,
            Core.Kitchens.Kitchen.Usual with { Cold = [Household] }).FridgeHeat.ShouldBeEmpty();
        Assessment.Of(pie.Composition).FridgeHeat.ShouldBeEmpty();
    }

    [Fact]
    public void Hot_pies_go_into_a_household_fridge_one_batch_after_another()
    {
        Order[] orders = [Order("a", Malt, 3, At(1, 15)), Order("b", Malt, 3, At(1, 15))];
        var (built, solution) = Solve(With(Household), orders);
        var plan = solution.Plan!;
        PlanChecker.Check(built, plan).ShouldBeEmpty();
        built.Day.HeatLimit.ShouldNotBeNull();
        built.Day.Heats.Count.ShouldBe(2);
        built.Day.Heats.Sum(h => h.AtFirst).ShouldBeGreaterThan(built.Day.HeatRoom!.Value);
        var goIn = built.Day.Heats.Select(h => plan.EndOf(built.Day, h.Work)).Order().ToList();
        (goIn[1] - goIn[0]).ShouldBeGreaterThanOrEqualTo(DayHeat.First);

        // Both at once would be too much for it, and that is said of the one that waits.
        var later = built.Day.Heats.MaxBy(h => plan.EndOf(built.Day, h.Work))!.Work;
        Reasons.Against(built.Day, plan, later, plan.Starts[later] - (goIn[1] - goIn[0])).ShouldContain(r => r.Binds == Binds.Heat);
        FridgeDay.Of(built, plan)!.TooWarm.ShouldBe(0);

        // A café's upright takes them together.
        var (upright, _) = Solve(With(Household with { Cooler = Cooler.FanFridge }), orders);
        upright.Day.Heats.Sum(h => h.AtFirst).ShouldBeLessThan(upright.Day.HeatLimit!.Value);
    }

    [Fact]
    public void So_many_of_one_order_that_the_fridge_gets_too_warm_are_planned_and_spoken_of()
    {
        var (built, solution) = Solve(With(Household), Order("a", Malt, 6, At(1, 15)));
        PlanChecker.Check(built, solution.Plan!).ShouldBeEmpty();
        var fridge = FridgeDay.Of(built, solution.Plan!)!;
        fridge.TooWarm.ShouldBeGreaterThan(30);
        fridge.Peak.ShouldBeGreaterThan(CoolingCurve.AirLimit);
        fridge.From.ShouldBeGreaterThan(0);
        fridge.Works.ShouldNotBeEmpty();
        var (none, plan) = Solve(Setting(), Order("a", Malt, 6, At(1, 15)));
        none.Day.HeatLimit.ShouldBeNull();
        FridgeDay.Of(none, plan.Plan!).ShouldBeNull();
    }

    [Fact]
    public void A_hot_pie_may_wait_on_the_rack_and_no_longer_than_is_good_for_it()
    {
        var built = DayBuilder.Build([Order("a", Malt, 2, At(1, 12))], With(Household));
        var set = built.Day.Heats.Single().Work;
        var gaps = built.Day.Gaps.Where(g => g.To == set).ToList();
        gaps.ShouldNotBeEmpty();
        gaps.ShouldAllBe(g => g.Least == 0 && g.Most == 45 / Slot.Minutes);
        built.WorksOf(set)[0].Of.Chain.Steps.ShouldContain(s => s.Kind == StepKind.Set);
    }

    [Theory]
    [InlineData(Cooler.StillFridge)]
    [InlineData(Cooler.FanFridge)]
    public void Random_days_keep_to_it(Cooler cooler)
    {
        for (var seed = 0; seed < 8; seed++)
        {
            var built = DayMaker.Make(seed, 6, cooler: cooler);
            var plan = DaySolver.Solve(built.Day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan!;
            PlanChecker.Check(built, plan).ShouldBeEmpty($"day {seed}");
            for (var i = 0; i < built.Day.Works.Count; i++)
                Reasons.Against(built.Day, plan, i, plan.Starts[i]).ShouldBeEmpty($"day {seed}, {built.Day.Works[i].Label}");
        }
    }

    [Fact]
    public void What_has_begun_is_not_argued_with()
    {
        // Six hot pies are in already, more than it takes; three more are filled and have to follow.
        Order[] orders = [Order("a", Malt, 6, At(1, 15)), Order("b", Malt, 3, At(1, 15))];
        var setting = With(Household);
        var (built, solution) = Solve(setting, orders);
        var plan = solution.Plan!;
        var last = built.Day.Heats.MaxBy(h => plan.Starts[h.Work])!.Work;
        var day = built.Day with
        {
            Now = plan.Starts[last],
            Done = Enumerable.Range(0, built.Day.Works.Count).Where(i => plan.Starts[i] < plan.Starts[last])
                .ToDictionary(i => i, i => (plan.Starts[i], plan.Ovens[i])),
        };
        DaySolver.Solve(day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan.ShouldNotBeNull();
    }
}
