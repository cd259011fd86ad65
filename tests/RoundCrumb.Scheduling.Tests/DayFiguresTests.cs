using RoundCrumb.Core.Working;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

public class DayFiguresTests
{
    private static readonly DayClock Clock = new(new(2027, 3, 5), TimeZoneInfo.Utc);

    private static double Sum(IWorked figure) => figure.Terms.Sum(t => t.Amount.Amount);

    [Theory]
    [InlineData(1, 3)]
    [InlineData(4, 6)]
    [InlineData(12, 8)]
    [InlineData(21, 11)]
    public void What_is_added_up_adds_up_whatever_the_day(int seed, int batches)
    {
        var built = DayMaker.Make(seed, batches);
        var plan = DaySolver.Solve(
            built.Day, Repeatable with { Seconds = 1 }, cancel: TestContext.Current.CancellationToken).Plan.ShouldNotBeNull();
        var figures = new DayFigures(built, Clock);
        var tally = Tally.Of(built.Day, plan);

        // Day by day or order by order, it is the same hands.
        figures.Hands(plan).Value.Best.ShouldBe(tally.Hands);
        figures.Hands().Value.Best.ShouldBe(tally.Hands);
        figures.OvensOn(plan).Value.Best.ShouldBe(tally.OvenOn);
        figures.Late(plan).Value.Best.ShouldBe(tally.Lateness);
        foreach (var figure in new[] { figures.Hands(plan), figures.Hands(), figures.OvensOn(plan), figures.Late(plan) })
            Sum(figure).ShouldBe(figure.Value.Best, figure.Name);
        foreach (var part in figures.Hands(plan).Terms.Concat(figures.Hands().Terms))
            Sum(part.From!).ShouldBe(part.Amount.Amount, part.Name);

        // No plan gets an order done in less than its longest way, and its hands are the work's.
        for (var b = 0; b < built.Day.Batches.Count; b++)
        {
            var lead = figures.Lead(b);
            Sum(lead).ShouldBe(lead.Value.Best, 1e-9);
            var mine = Enumerable.Range(0, built.Day.Works.Count).Where(i => built.Day.Works[i].Batches.Contains(b)).ToList();
            var done = built.Day.Endings.Where(e => e.Batch == b).Max(e => plan.EndOf(built.Day, e.From) + e.Least);
            ((done - mine.Min(i => plan.Starts[i])) * Slot.Minutes)
                .ShouldBeGreaterThanOrEqualTo((int)lead.Value.Best - Slot.Minutes, lead.Name);
            Sum(figures.HandsFor(b)).ShouldBe(figures.HandsFor(b).Value.Best, 1e-9);
            figures.HandsFor(b).Value.Best.ShouldBeLessThanOrEqualTo(mine.Sum(i => built.Day.Works[i].Hands) * Slot.Minutes + 1);
        }

        // A run is warming up and baking, and all that is baked fits into it.
        foreach (var run in figures.OvensOn(plan).Terms)
        {
            (run.From!.Terms[0].Amount.Amount + run.From.Terms[1].Amount.Amount).ShouldBe(run.Amount.Amount);
            run.From.Terms.Skip(3).ShouldNotBeEmpty();
            run.From.Terms.Skip(3).ShouldAllBe(t => t.Amount.Amount <= run.From.Terms[1].Amount.Amount);
        }

        // Work takes its setting up and its pies, on a clock of five minutes.
        for (var w = 0; w < built.Day.Works.Count; w++)
        {
            var takes = figures.Takes(w);
            if (built.Day.Works[w].IsHands)
                (takes.Value.Best - Sum(takes)).ShouldBeInRange(-1.1, Slot.Minutes, takes.Name);
            else
                (takes.Value.Best - takes.Terms[0].Amount.Amount).ShouldBeInRange(-0.6, 2 * Slot.Minutes, takes.Name);
        }

        figures.Of(plan).Concat(figures.OfOrders()).DistinctBy(f => f.Id).ShouldAllBe(f => f.Formula.Length > 0 && f.Name.Length > 0);
    }

    [Fact]
    public void The_longest_way_of_a_pie_on_crumb_by_hand()
    {
        // Coffee cream pie, one: crumb, shell and custard meet at the filling. The shell's way is the longer: ground and
        // bound, pressed, baked, cooled, then filled, set at least three hours and creamed.
        var built = DayBuilder.Build([Order("a", Coffee, 1, At(1, 12))], Setting());
        var lead = new DayFigures(built, Clock).Lead(0);
        lead.Terms.Where(t => t.Name != "then it waits").Select(t => t.Name)
            .ShouldBe(["Grind the crumb", "Press crusts", "Bake shells, in the oven", "Fill", "Cream on"]);
        lead.Terms[^2].Amount.Amount.ShouldBe(180);
        lead.Value.Best.ShouldBe(lead.Terms.Sum(t => t.Amount.Amount), 1e-9);
    }

    [Fact]
    public void What_is_late_says_from_when_and_for_what()
    {
        // A lemon cheese tart for noon of a day that begins at six has to set for hours after its last work: late by what
        // it has to stand, less the time from its last work to noon.
        var (built, solution) = Solve(Setting(days: 1), Order("a", LemonCheese, 1, At(0, 12)));
        var plan = solution.Plan!;
        var late = new DayFigures(built, Clock).Late(plan, 0);
        late.Value.Best.ShouldBe((plan.Ready[0] - At(0, 12)) * Slot.Minutes);
        late.Terms.Count.ShouldBe(2);
        (late.Terms[0].Amount.Amount - late.Terms[1].Amount.Amount).ShouldBe(late.Value.Best);
        late.Terms[0].Amount.Amount.ShouldBe(Slot.Up(built.Made[0].Chain.Endings[0].Wait.Least) * Slot.Minutes);
        late.Terms[1].Name.ShouldStartWith("wanted Fri 12:00, ");
    }

    [Fact]
    public void One_dough_saves_a_setting_up_at_each_of_its_stages()
    {
        // Two pies of one dough: what each would set up for, less the longest, which stays.
        var built = DayBuilder.Build([Order("a", Malt, 2, At(1, 12)), Order("b", Gooseberry, 1, At(1, 15))], Setting());
        var figures = new DayFigures(built, Clock);
        var dough = figures.OneGo().Single(g => g[0].Name.StartsWith("dough", StringComparison.Ordinal));
        dough.Count.ShouldBeGreaterThan(1);
        var saves = figures.Saves(dough);
        Sum(saves).ShouldBe(saves.Value.Best, 1e-9);
        foreach (var stage in saves.Terms)
        {
            var setUps = stage.From!.Terms.SkipLast(1).Select(t => t.Amount.Amount).ToList();
            setUps.Count.ShouldBe(2);
            stage.From.Terms[^1].Amount.Amount.ShouldBe(setUps.Max());
            stage.Amount.Amount.ShouldBe(setUps.Sum() - setUps.Max(), 1e-9);
        }

        // Done together they take exactly that much less, before the clock rounds.
        var apart = DayBuilder.Build(
            [Order("a", Malt, 2, At(1, 12)), Order("b", Gooseberry, 1, At(1, 15))],
            Setting() with { Apart = built.Joined.Select(j => j.Name).ToHashSet() });
        (apart.Day.Works.Sum(w => w.Hands) - built.Day.Works.Sum(w => w.Hands)).ShouldBeGreaterThanOrEqualTo(0);
        new DayFigures(apart, Clock).OfOrders().Select(f => f.Id).ShouldBe(["hands-orders", "hands-a", "lead-a", "hands-b", "lead-b"]);
    }
}
