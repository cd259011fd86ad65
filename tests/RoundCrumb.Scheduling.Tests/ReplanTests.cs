using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>
/// A day that is under way and does not go as planned: what happened stays as it was, and the rest is put on the clock again, no later than
/// it must be and with few moves. Every plan goes through the independent checker.
/// </summary>
public sealed class ReplanTests(ITestOutputHelper output)
{
    private static readonly SolveOptions Options = new() { Seconds = 6, Workers = 1, Deterministic = true };

    private static readonly CancellationToken Cancel = TestContext.Current.CancellationToken;

    public static TheoryData<int, int> Some() =>
    [
        .. from seed in Enumerable.Range(1, 4) from batches in (int[])[3, 7] select (seed, batches)
    ];

    [Theory]
    [MemberData(nameof(Some))]
    public void A_step_that_overruns_by_twenty_minutes_is_planned_round(int seed, int batches)
    {
        var built = DayMaker.Make(seed, batches, served: true);
        var plan = DaySolver.Solve(built.Day, Options, null, Cancel).Plan!;
        var (later, _) = OverrunDay.At(built, plan, OverrunDay.Middle(plan), 20 / Slot.Minutes);
        var solution = DaySolver.Solve(later.Day, Options with { Known = plan, StayNear = true }, null, Cancel);
        solution.LatenessProven.ShouldBeTrue();
        PlanChecker.Check(later, solution.Plan!).ShouldBeEmpty();
        var moved = Enumerable.Range(0, later.Day.Works.Count).Count(i => solution.Plan!.Starts[i] != plan.Starts[i]);
        output.WriteLine($"{moved} of {later.Day.Works.Count} moved, {solution.Plan!.Lateness(later.Day) * Slot.Minutes} min late");

        // Planned without a thought for what was to be, far more would move.
        var afresh = DaySolver.Solve(later.Day, Options, null, Cancel).Plan!;
        afresh.Lateness(later.Day).ShouldBeGreaterThanOrEqualTo(solution.Plan!.Lateness(later.Day));
        moved.ShouldBeLessThanOrEqualTo(Enumerable.Range(0, later.Day.Works.Count).Count(i => afresh.Starts[i] != plan.Starts[i]));
    }

    [Theory]
    [InlineData(2)]
    [InlineData(5)]
    public void A_day_that_goes_as_planned_is_left_as_it_is(int seed)
    {
        var built = DayMaker.Make(seed, 5);
        var plan = DaySolver.Solve(built.Day, Options, null, Cancel).Plan!;
        var (later, _) = OverrunDay.At(built, plan, OverrunDay.Middle(plan), 0);
        var again = DaySolver.Solve(later.Day, Options with { Known = plan, StayNear = true }, null, Cancel).Plan!;
        again.Starts.ShouldBe(plan.Starts);
    }

    [Fact]
    public void What_is_under_way_holds_its_hands()
    {
        // One baker who is busy until then can begin nothing before.
        var built = DayMaker.Make(3, 3);
        var one = DayBuilder.Build(
            built.Made.Select(m => m.Order), built.Setting with { Shifts = [.. built.Setting.Shifts.Where(s => s.Baker == "baker-1")] });
        var plan = DaySolver.Solve(one.Day, Options, null, Cancel).Plan!;
        var (later, overran) = OverrunDay.At(one, plan, OverrunDay.Middle(plan), 12);
        var again = DaySolver.Solve(later.Day, Options with { Known = plan, StayNear = true }, null, Cancel).Plan!;
        var until = later.Day.Held.Single().To;
        Enumerable.Range(0, later.Day.Works.Count).Where(i => later.Day.Works[i].IsHands && !later.Day.Done.ContainsKey(i))
            .Min(i => again.Starts[i]).ShouldBeGreaterThanOrEqualTo(until);
        again.EndOf(later.Day, overran).ShouldBe(until);
    }

    [Fact]
    public void What_must_have_come_before_what_is_done_counts_as_done_though_nobody_ticked_it()
    {
        var built = DayMaker.Make(1, 2, joined: false);
        var day = built.Day;
        var last = day.Gaps.Last(g => day.Gaps.Any(x => x.To == g.From));
        var before = DayFacts.Before(day, new Dictionary<int, int> { [last.To] = 100 });

        // Worked by hand: all from which a way of waits leads to it, each no later than it takes before the first of what follows.
        var all = new HashSet<int> { last.To };
        for (var known = 0; known < all.Count;)
        {
            known = all.Count;
            all.UnionWith(day.Gaps.Where(g => all.Contains(g.To)).Select(g => g.From).ToList());
        }

        before.Keys.Order().ShouldBe(all.Where(i => i != last.To).Order());
        before[last.From].ShouldBe(100 - day.Works[last.From].Length);
        foreach (var gap in day.Gaps.Where(g => before.ContainsKey(g.From) && before.ContainsKey(g.To)))
            (before[gap.From] + day.Works[gap.From].Length).ShouldBeLessThanOrEqualTo(Math.Max(before[gap.To], day.Works[gap.From].Length));
    }

    [Fact]
    public void A_second_pair_of_hands_that_is_held_leaves_the_first_free()
    {
        var built = DayMaker.Make(2, 3);
        var day = built.Day with { Held = [(built.Day.Shifts[0].From, built.Day.Shifts[0].To)] };
        var plan = DaySolver.Solve(day, Options, null, Cancel).Plan!;
        PlanChecker.Check(built with { Day = day }, plan).ShouldBeEmpty();
    }
}
