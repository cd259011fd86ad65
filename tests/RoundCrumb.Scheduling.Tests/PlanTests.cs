using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>Every plan the solver gives must hold in the kitchen.</summary>
public class PlanTests
{
    private static readonly SolveOptions Repeatable = new() { Deterministic = true, Workers = 1, Seconds = 0.2 };

    public static TheoryData<int> TwentyAtATime => [.. Enumerable.Range(0, 10)];

    [Theory]
    [MemberData(nameof(TwentyAtATime))]
    public void Two_hundred_days_of_chance_hold(int tens)
    {
        for (var seed = tens * 20; seed < (tens + 1) * 20; seed++)
        {
            var built = DayMaker.Make(seed, 1 + (seed % 7), served: seed % 3 == 0);
            var solution = DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken);
            var plan = solution.Plan
                ?? DaySolver.Solve(built.Day, Repeatable with { Seconds = 3 }, cancel: TestContext.Current.CancellationToken).Plan;
            PlanChecker.Check(built, plan.ShouldNotBeNull($"day {seed}")).ShouldBeEmpty($"day {seed}");
        }
    }
}
