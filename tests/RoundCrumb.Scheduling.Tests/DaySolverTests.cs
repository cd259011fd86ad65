using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

public class DaySolverTests
{
    [Fact]
    public void A_custard_pie_for_noon_by_hand()
    {
        // Two days, two bakers, one pie: in time, and the oven on for one run: 20 to warm up and one load of
        // 16.5 + 2.5 + 12.5 min or so of shells in glass, on the grid.
        var (built, solution) = Solve(Setting(), Order("a", Malt, 1, At(1, 12)));
        var plan = solution.Plan.ShouldNotBeNull();
        PlanChecker.Check(built, plan).ShouldBeEmpty();
        plan.Lateness(built.Day).ShouldBe(0);
        solution.LatenessProven.ShouldBeTrue();
        solution.OvenOnProven.ShouldBeTrue();
        var load = built.Day.Works.Single(w => w.Load is not null);
        plan.OvenOn(built.Day).ShouldBe(load.Length + 4);

        // As late as can be: creamed within the eight hours that its cream holds, not the evening before.
        var cream = built.Day.Works.Select((w, i) => (w, i)).Single(x => x.w.Label == "Cream on").i;
        plan.Starts[cream].ShouldBeGreaterThanOrEqualTo(At(1, 6));
        plan.EndOf(built.Day, cream).ShouldBeLessThanOrEqualTo(At(1, 12));
    }

    [Fact]
    public void Two_pies_of_one_heat_share_a_run_of_the_oven()
    {
        var (built, solution) = Solve(Setting(), Order("a", PlumAlmond, 1, At(1, 14)), Order("b", Walnut, 1, At(1, 14)));
        var plan = solution.Plan.ShouldNotBeNull();
        PlanChecker.Check(built, plan).ShouldBeEmpty();
        solution.OvenOnProven.ShouldBeTrue();

        // By themselves each has two loads with hours of rest between; together they are never more than these apart.
        var alone = new[]
        {
            Solve(Setting(), Order("a", PlumAlmond, 1, At(1, 14))),
            Solve(Setting(), Order("b", Walnut, 1, At(1, 14)))
        }.Sum(s => s.Solution.Plan!.OvenOn(s.Built.Day));
        plan.OvenOn(built.Day).ShouldBeLessThan(alone);
    }

    [Fact]
    public void The_night_holds_waiting_but_no_work()
    {
        var (built, solution) = Solve(Setting(), Order("a", LemonCheese, 2, At(1, 9)), Order("b", Malt, 2, At(1, 10)));
        var plan = solution.Plan.ShouldNotBeNull();
        plan.Lateness(built.Day).ShouldBe(0);
        var night = (From: At(0, 18), To: At(1, 6));
        for (var i = 0; i < built.Day.Works.Count; i++)
            (plan.Starts[i] >= night.To || plan.EndOf(built.Day, i) <= night.From).ShouldBeTrue(built.Day.Works[i].Label);
        built.Day.Endings.Concat([]).ShouldContain(e => plan.EndOf(built.Day, e.From) <= night.From && plan.Ready[e.Batch] >= night.To);
    }

    [Fact]
    public void What_cannot_be_in_time_is_late_and_no_later_than_it_must()
    {
        // By hand, from 6:00, a lemon cheese tart: crumb 7 (2 slots) · press 8 (2) … it has to set 8 h at the least, so
        // noon is out of reach whatever is done first.
        var (built, solution) = Solve(Setting(), Order("a", LemonCheese, 1, At(0, 12)));
        var plan = solution.Plan.ShouldNotBeNull();
        solution.LatenessProven.ShouldBeTrue();
        var chain = built.Made[0].Chain;
        var least = chain.Endings[0].Wait.Least;
        plan.Ready[0].ShouldBeGreaterThan(At(0, 6) + Slot.Up(least));
        PlanChecker.Check(built, plan).ShouldBeEmpty();
    }

    [Fact]
    public void A_pinned_step_begins_where_it_is_put_and_the_rest_moves_as_little_as_it_can()
    {
        var orders = new[] { Order("a", Malt, 2, At(1, 12)), Order("b", Coffee, 1, At(1, 13)) };
        var (built, first) = Solve(Setting(), orders);
        var dough = built.Day.Works.Select((w, i) => (w, i)).First(x => x.w.Label == "Make dough");
        var to = first.Plan!.Starts[dough.i] - 6;
        var pinned = DayBuilder.Build(orders, Setting() with { Pinned = new Dictionary<string, int> { [dough.w.Key] = to } });
        var again = DaySolver.Solve(
            pinned.Day, Repeatable with { Known = first.Plan, StayNear = true }, cancel: TestContext.Current.CancellationToken);
        again.Plan!.Starts[dough.i].ShouldBe(to);
        PlanChecker.Check(pinned, again.Plan).ShouldBeEmpty();
        again.Plan.Lateness(pinned.Day).ShouldBe(0);

        // The other pie has nothing to do with it and stays where it was.
        for (var i = 0; i < built.Day.Works.Count; i++)
        {
            if (built.Day.Works[i].Batches is [1])
                again.Plan.Starts[i].ShouldBe(first.Plan.Starts[i], built.Day.Works[i].Label);
        }
    }

    [Fact]
    public void A_pin_that_cannot_be_is_proven_so()
    {
        // The cream goes on after three hours of setting: not at six in the morning of the first day.
        var (built, _) = Solve(Setting(), Order("a", Malt, 1, At(1, 12)));
        var cream = built.Day.Works.Single(w => w.Label == "Cream on");
        var pinned = DayBuilder.Build(
            [Order("a", Malt, 1, At(1, 12))], Setting() with { Pinned = new Dictionary<string, int> { [cream.Key] = At(0, 6) } });
        DaySolver.Solve(pinned.Day, Repeatable, cancel: TestContext.Current.CancellationToken)
            .ShouldSatisfyAllConditions(s => s.Plan.ShouldBeNull(), s => s.NoneExists.ShouldBeTrue());
    }

    [Fact]
    public void What_is_done_stays_and_the_rest_goes_on_from_now()
    {
        var orders = new[] { Order("a", Malt, 2, At(1, 12)) };
        var (built, first) = Solve(Setting(), orders);
        var plan = first.Plan!;
        var line = built.Day.Works.Select((w, i) => (w, i)).Single(x => x.w.Label == "Roll and line").i;

        // The line is drawn after rolling; what began before is history, and one thing took twenty minutes longer.
        var now = plan.EndOf(built.Day, line) + 4;
        var done = Enumerable.Range(0, built.Day.Works.Count).Where(i => plan.Starts[i] < now)
            .ToDictionary(
                i => built.Day.Works[i].Key,
                i => new DoneWork(plan.Starts[i], plan.Ovens[i] < 0 ? "" : built.Day.Ovens[plan.Ovens[i]].Id, []));
        var later = DayBuilder.Build(orders, Setting() with { Now = now, Done = done, UnderWay = new HashSet<string> { "a" } });
        var again = DaySolver.Solve(
            later.Day, Repeatable with { Known = plan, StayNear = true }, cancel: TestContext.Current.CancellationToken);
        for (var i = 0; i < built.Day.Works.Count; i++)
        {
            if (plan.Starts[i] < now)
                again.Plan!.Starts[i].ShouldBe(plan.Starts[i]);
            else
                again.Plan!.Starts[i].ShouldBeGreaterThanOrEqualTo(now);
        }
    }

    [Fact]
    public void A_cold_oven_stays_cold()
    {
        var (built, solution) = Solve(
            Setting() with { Forbidden = new HashSet<string> { "big" } }, Order("a", Malt, 1, At(1, 12)), Order("b", Coffee, 1, At(1, 12)));
        solution.Plan!.Runs.ShouldAllBe(r => built.Day.Ovens[r.Oven].Id == "small");
        PlanChecker.Check(built, solution.Plan).ShouldBeEmpty();
    }

    [Fact]
    public void Every_plan_on_the_way_holds_and_none_is_worse_than_the_one_before()
    {
        var built = DayMaker.Make(3, 6);
        var steps = new List<SolveProgress>();
        DaySolver.Solve(built.Day, Repeatable, steps.Add, TestContext.Current.CancellationToken);
        steps.Count.ShouldBeGreaterThan(1);
        foreach (var step in steps)
            PlanChecker.Check(built, step.Plan).ShouldBeEmpty();
        for (var k = 1; k < steps.Count; k++)
            (steps[k].Lateness, steps[k].Lateness == steps[k - 1].Lateness ? steps[k].OvenOn : 0)
                .ShouldBeLessThanOrEqualTo((steps[k - 1].Lateness, steps[k].Lateness == steps[k - 1].Lateness ? steps[k - 1].OvenOn : 0));
    }

    [Fact]
    public void Twenty_orders_are_put_together_by_deadline_and_hold()
    {
        var built = DayMaker.Make(11, 20);
        var solution = DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken);
        PlanChecker.Check(built, solution.Plan.ShouldNotBeNull()).ShouldBeEmpty();

        // Far less late than doing one order after the other.
        solution.Plan.Lateness(built.Day).ShouldBeLessThan(GreedyDay.Lateness(DayMaker.Make(11, 20, joined: false).Day));
    }

    [Fact]
    public void Far_more_than_pans_and_fridge_hold_still_has_an_answer_however_late()
    {
        // Fourteen orders, three plates, four places: most of it has to wait for pans to come back.
        string[] pies = [Malt, Coffee, Gooseberry, Walnut, PlumAlmond, LemonCheese, Coffee];
        var orders = Enumerable.Range(0, 14).Select(i => Order($"o{i}", pies[i % pies.Length], 1 + (i % 2), At(1, 13))).ToArray();
        var (built, solution) = Solve(Setting(Kitchen(fridge: 4, plates: 3)), orders);
        PlanChecker.Check(built, solution.Plan.ShouldNotBeNull()).ShouldBeEmpty();
        solution.Plan.Lateness(built.Day).ShouldBeGreaterThan(0);
    }

    [Fact]
    public void The_same_day_gives_the_same_plan()
    {
        var built = DayMaker.Make(5, 4);
        var plans = Enumerable.Range(0, 2)
            .Select(_ => DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken).Plan!).ToList();
        plans[0].Starts.ShouldBe(plans[1].Starts);
    }

    [Fact]
    public void Stopped_it_keeps_the_best_so_far()
    {
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        var built = DayMaker.Make(2, 6);
        var solution = DaySolver.Solve(built.Day, new SolveOptions { Seconds = 60 }, _ => stop.Cancel(), stop.Token);
        PlanChecker.Check(built, solution.Plan.ShouldNotBeNull()).ShouldBeEmpty();
    }

    [Fact]
    public void Shells_from_the_freezer_save_the_dough()
    {
        var (built, solution) = Solve(Setting(), Order("a", Malt, 2, At(0, 15), Stock.FrozenShells));
        built.Day.Works.ShouldNotContain(w => w.Label == "Make dough");
        PlanChecker.Check(built, solution.Plan.ShouldNotBeNull()).ShouldBeEmpty();
        solution.Plan.Lateness(built.Day).ShouldBe(0);
    }

    [Fact]
    public void What_is_served_is_cut_as_it_is_wanted_and_stands_in_the_cold_until_then()
    {
        // Wanted at two: cut and plated at the last, after it has set, and no longer on the plate than a quarter of an hour.
        var (built, solution) = Solve(Setting(), Order("a", Malt, 2, At(1, 14), served: true));
        var plan = solution.Plan.ShouldNotBeNull();
        PlanChecker.Check(built, plan).ShouldBeEmpty();
        plan.Lateness(built.Day).ShouldBe(0);
        var cut = built.Day.Works.Select((w, i) => (w, i)).Single(x => x.w.Label == "Cut and plate").i;
        (At(1, 14) - plan.EndOf(built.Day, cut)).ShouldBeInRange(0, 3);
        var cream = built.Day.Works.Select((w, i) => (w, i)).Single(x => x.w.Label == "Cream on").i;
        plan.EndOf(built.Day, cream).ShouldBeLessThanOrEqualTo(plan.Starts[cut]);

        // Until then it takes its places in the fridge, like one that is fetched.
        built.Day.Gaps.Single(g => g.To == cut && g.Takes.Units > 0).At.ShouldBe(WaitsAt.Fridge);

        // And nine of them, cut or not, do not go into eight places.
        DayBuilder.Build([Order("a", Malt, 9, At(1, 14), served: true)], Setting(Kitchen(plates: 12))).LeftOut.Single()
            .Kind.ShouldBe(TroubleKind.NoRoom);
    }

    /// <summary>
    /// One baker, six to two, and two pies that are one stretch of a quarter of an hour each: the first begins at six because it must, the
    /// second is wanted at noon.
    /// </summary>
    private static Day Two(int keeps)
    {
        DayWork Stretch(int batch) => new($"{batch}", [new(batch, 0)], [batch], StepPart.Filling, "Stir", [[0]], 3, Tool.None, null, 1, "");
        return new()
        {
            Shifts = [new("baker-1", At(0, 6), At(0, 14))],
            Ovens = [],
            Cold = [],
            Pans = [],
            Burners = 1,
            Mixers = 1,
            Processors = 1,
            Works = [Stretch(0), Stretch(1)],
            Batches = [new("a", "a", 1, At(0, 12), [0], At(1, 0), null, 0, 0, ""), new("b", "b", 1, At(0, 12), [1], keeps, null, 0, 1, "")],
            Gaps = [],
            Endings = [new(0, 0, 0, 0, At(1, 0), WaitsAt.Bench, default), new(1, 1, 0, 0, At(1, 0), WaitsAt.Bench, default)],
            End = At(1, 0),
            Pinned = new Dictionary<int, int> { [0] = At(0, 6) },
        };
    }

    [Fact]
    public void Nobody_stays_all_morning_for_one_pie_that_keeps()
    {
        // Made at 11:45 it is fresh and somebody is here for six hours: 8 × 72 slots. Made at 6:15 it is 66 slots older,
        // which counts 3 × 66, and the day is half an hour long: 8 × 6. 576 against 246.
        var plan = DaySolver.Solve(Two(keeps: At(1, 0)), Repeatable, cancel: TestContext.Current.CancellationToken).Plan!;
        plan.Starts[1].ShouldBe(At(0, 6.25));
        plan.Attended(Two(keeps: At(1, 0))).ShouldBe([(At(0, 6), At(0, 6.5))]);

        // One that keeps an hour is made at eleven or later, whatever that does to the day: no earlier than it must.
        var fresh = DaySolver.Solve(Two(keeps: 12), Repeatable, cancel: TestContext.Current.CancellationToken).Plan!;
        fresh.Starts[1].ShouldBe(At(0, 10.75));
        fresh.Attended(Two(keeps: 12)).ShouldBe([(At(0, 6), At(0, 11))]);
    }

    [Fact]
    public void Somebody_is_here_from_the_first_hands_to_the_last_of_each_day()
    {
        var built = DayMaker.Make(7, 5);
        var plan = DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken).Plan!;
        var attended = plan.Attended(built.Day);
        var hands = plan.HandsOf(built.Day).ToList();
        hands.ShouldAllBe(h => attended.Any(a => a.From <= h.From && h.To <= a.To));
        attended.ShouldAllBe(a => hands.Any(h => h.From == a.From) && hands.Any(h => h.To == a.To));
        for (var k = 1; k < attended.Count; k++)
            attended[k].From.ShouldBeGreaterThan(attended[k - 1].To);
    }
}
