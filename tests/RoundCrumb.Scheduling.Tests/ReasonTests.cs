using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

public class ReasonTests
{
    [Fact]
    public void What_follows_and_what_comes_first_are_named()
    {
        var (built, solution) = Solve(Setting(), Order("a", Malt, 1, At(1, 12)));
        var plan = solution.Plan!;
        int Of(string label) => built.Day.Works.Select((w, i) => (w, i)).First(x => x.w.Label == label).i;

        // Custard and pouring are tied: ten minutes at most between.
        var fill = Of("Fill");
        Reasons.Against(built.Day, plan, Of("Malt custard"), plan.Starts[Of("Malt custard")] - 12)
            .ShouldContain(r => r.Binds == Binds.TooLong && r.Work == fill);
        Reasons.Against(built.Day, plan, Of("Fill"), plan.Starts[Of("Fill")] - 12).ShouldContain(r => r.Binds == Binds.Wait);

        // At midnight nobody is there.
        Reasons.Against(built.Day, plan, Of("Make dough"), At(1, 0)).ShouldContain(r => r.Binds == Binds.Hours);

        // What is past is past.
        Reasons.Against(built.Day with { Now = At(0, 9) }, plan, Of("Make dough"), At(0, 8)).ShouldContain(r => r.Binds == Binds.Now);
    }

    [Fact]
    public void Nothing_speaks_against_where_things_stand()
    {
        for (var seed = 0; seed < 12; seed++)
        {
            var built = DayMaker.Make(seed, 5);
            var plan = DaySolver.Solve(built.Day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan!;
            for (var i = 0; i < built.Day.Works.Count; i++)
                Reasons.Against(built.Day, plan, i, plan.Starts[i]).ShouldBeEmpty($"day {seed}, {built.Day.Works[i].Label}");
        }
    }

    [Fact]
    public void What_is_said_to_be_free_to_move_may_be_moved()
    {
        // Moved by itself to where nothing speaks against it, the plan still holds.
        for (var seed = 20; seed < 30; seed++)
        {
            var built = DayMaker.Make(seed, 4);
            var plan = DaySolver.Solve(built.Day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan!;
            for (var i = 0; i < built.Day.Works.Count; i++)
            {
                foreach (var by in (int[])[-1, 1])
                {
                    if (Reasons.Against(built.Day, plan, i, plan.Starts[i] + by).Count > 0)
                        continue;
                    var starts = plan.Starts.ToArray();
                    starts[i] += by;
                    PlanChecker.Check(built, plan with { Starts = starts })
                        .ShouldBeEmpty($"day {seed}, {built.Day.Works[i].Label} by {by}");
                }
            }
        }
    }

    [Fact]
    public void What_is_said_to_bind_does_bind()
    {
        // Moved by itself to where something speaks against it, other than oven hours or the baker's word, the plan is broken.
        Binds[] soft = [Binds.Oven, Binds.Pinned, Binds.Now];
        var tried = new HashSet<Binds>();
        for (var seed = 40; seed < 60; seed++)
        {
            var built = DayMaker.Make(seed, 5, served: seed % 2 == 0);
            var plan = DaySolver.Solve(built.Day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan!;
            for (var i = 0; i < built.Day.Works.Count; i++)
            {
                foreach (var by in (int[])[-6, -1, 1, 6])
                {
                    if (plan.Starts[i] + by < 0)
                        continue;
                    var binds = Reasons.Against(built.Day, plan, i, plan.Starts[i] + by).Select(r => r.Binds).Except(soft).ToList();
                    if (binds.Count == 0)
                        continue;
                    tried.UnionWith(binds);
                    var starts = plan.Starts.ToArray();
                    starts[i] += by;
                    PlanChecker.Check(built, plan with { Starts = starts })
                        .ShouldNotBeEmpty($"day {seed}, {built.Day.Works[i].Label} by {by}: {string.Join(", ", binds)}");
                }
            }
        }

        tried.ShouldContain(Binds.Wait);
        tried.ShouldContain(Binds.TooLong);
        tried.ShouldContain(Binds.Hands);
        tried.ShouldContain(Binds.Hours);
    }
}
