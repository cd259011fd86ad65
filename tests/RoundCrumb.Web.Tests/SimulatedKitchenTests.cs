using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Playing;

namespace RoundCrumb.Web.Tests;

/// <summary>A kitchen that does a planned day by itself, and one in which a person does it.</summary>
public sealed class SimulatedKitchenTests(ITestOutputHelper output)
{
    private const int MostEvents = 5000;

    private static SimulatedKitchen Kitchen(DayView view, int seed, HandsOf hands = HandsOf.Nobody, DayLuck luck = DayLuck.Ordinary) =>
        new(new(seed, luck), KitchenFacts.Of(view.Built, view.Open.Clock.MomentOf), new(hands));

    private static RunEvent Event(Deed deed, DateTimeOffset at, string baker = "") => new(Guid.NewGuid(), deed, "test", baker, at, at);

    private static List<RunEvent> Begin(DayView view)
    {
        var plan = RunPlans.Of(view);
        return [Event(new Began(plan), plan.Tasks[0].From.AddHours(-2))];
    }

    /// <summary>Lets it go until nothing happens by itself any more.</summary>
    private static RunState Play(SimulatedKitchen kitchen, List<RunEvent> events)
    {
        var state = RunState.Of(events);
        while (kitchen.Next(state) is { } next)
        {
            events.Add(Event(next.Deed, next.At, next.Baker));
            events.Count.ShouldBeLessThan(MostEvents, "it goes on for ever");
            state = RunState.Of(events);
        }

        return state;
    }

    [Theory]
    [InlineData(1, 3)]
    [InlineData(2, 5)]
    [InlineData(3, 8)]
    public void A_day_is_done_to_its_end_and_nothing_before_what_it_waits_for(int seed, int batches)
    {
        var view = PlannedDays.View(seed, batches);
        for (var luck = 0; luck < 8; luck++)
        {
            var kitchen = Kitchen(view, luck, luck: luck % 2 == 0 ? DayLuck.Ordinary : DayLuck.Bad);
            var run = Play(kitchen, Begin(view));
            run.EndedAt.ShouldNotBeNull();
            run.Left().ShouldBeEmpty();
            foreach (var wait in run.Plan.Waits.Where(w => run.Planned(w.After) is not null && run.Planned(w.Before) is not null))
            {
                ((run.Of(wait.Before).StartedAt!.Value - run.Of(wait.After).DoneAt!.Value).TotalMinutes)
                    .ShouldBeGreaterThanOrEqualTo(wait.Least - 1e-6, $"{wait.After} before {wait.Before}");
            }

            foreach (var task in run.Plan.Tasks.Where(t => t.Task.Touch is null))
            {
                run.Of(task.Task).StartedAt!.Value.ShouldBeGreaterThanOrEqualTo(task.From);
                if (run.Planned(task.Task with { Touch = 0 }) is not null)
                    run.Of(task.Task).StartedAt!.Value.ShouldBeGreaterThanOrEqualTo(kitchen.HotAt(run, task)!.Value);
            }

            // Nobody does two things at once, and no more of a tool is used than there is.
            foreach (var lane in run.Plan.Tasks.GroupBy(t => run.Of(t.Task).StartedBy))
                Most([.. lane.Select(t => run.Of(t.Task))]).ShouldBe(1);
            var facts = KitchenFacts.Of(view.Built, view.Open.Clock.MomentOf);
            foreach (var tool in Enum.GetValues<Tool>().Where(t => facts.ManyOf(t) > 0))
            {
                var users = run.Plan.Tasks.Where(t => t.Task.Touch is null && facts.Works[t.Task.Work].Tool == tool);
                Most([.. users.Select(t => run.Of(t.Task))]).ShouldBeLessThanOrEqualTo(facts.ManyOf(tool));
            }
        }

        static int Most(List<TaskState> states) => states.Count == 0
            ? 0
            : states.Max(s => states.Count(o => o.StartedAt <= s.StartedAt && o.DoneAt > s.StartedAt));
    }

    [Fact]
    public void The_same_chance_makes_the_same_day_and_a_bad_day_takes_no_less()
    {
        var view = PlannedDays.View(4, 4);
        static List<(DateTimeOffset, Deed)> Of(List<RunEvent> events) => [.. events.Skip(1).Select(e => (e.At, e.Deed))];
        var (one, other, third) = (Begin(view), Begin(view), Begin(view));
        Play(Kitchen(view, 5), one);
        Play(Kitchen(view, 5), other);
        Play(Kitchen(view, 6), third);
        Of(other).ShouldBe(Of(one));
        Of(third).ShouldNotBe(Of(one));
        var (ordinary, bad) = (Kitchen(view, 5), Kitchen(view, 5, luck: DayLuck.Bad));
        RunPlans.Of(view).Tasks.ShouldAllBe(t => bad.Minutes(t) >= ordinary.Minutes(t));
    }

    [Fact]
    public void It_is_as_often_in_time_as_a_thousand_plays_say()
    {
        // The two are told apart from each other: one looks at events of a run, the other counts works of a day. They round differently.
        var (inTime, of) = (0, 0);
        var expected = 0.0;
        foreach (var seed in new[] { 1, 2 })
        {
            var view = PlannedDays.View(seed, 4);
            expected += DayOdds.Of(view.Built, view.Plan, cancel: TestContext.Current.CancellationToken).Orders.Sum(o => o.InTime) * 40;
            for (var luck = 0; luck < 40; luck++)
            {
                var kitchen = Kitchen(view, 100 + luck);
                var cost = RehearsalCost.Of(Play(kitchen, Begin(view)), kitchen, view.Built, view.Open.Clock.MomentOf);
                inTime += cost.Orders.Count(o => o.InTime);
                of += cost.Orders.Count;
            }
        }

        output.WriteLine($"{inTime} of {of} in time, {expected:0} expected");
        (Math.Abs(inTime - expected) / of).ShouldBeLessThan(0.08);
    }

    [Fact]
    public void A_persons_hands_take_their_time_and_what_goes_wrong_waits_for_an_answer()
    {
        var view = PlannedDays.View(2, 5);
        var events = Begin(view);
        var (kitchen, task) = Enumerable.Range(0, 400).Select(s => Kitchen(view, s, HandsOf.Everybody))
            .Select(k => (k, RunState.Of(events).Left().FirstOrDefault(t => k.Mishap(t) is { Cures: [{ Hands: > 2 }, ..] })))
            .First(x => x.Item2 is not null);
        var at = task!.From;
        kitchen.Next(RunState.Of(events)).ShouldBeNull("nothing happens before somebody begins");
        events.Add(Event(new Started(task.Task), at));

        // Half way through it shows, and while nobody answers the hands are done when they are.
        var shows = kitchen.Next(RunState.Of(events)).ShouldNotBeNull();
        shows.At.ShouldBe(at.AddMinutes(kitchen.Minutes(task) / 2));
        var shown = shows.Deed.ShouldBeOfType<Showed>();
        events.Add(Event(shown, shows.At));
        var state = RunState.Of(events);
        kitchen.Next(state).ShouldNotBeNull().At.ShouldBe(at.AddMinutes(kitchen.Minutes(task)));
        state.IsAnswered(state.Shown[0]).ShouldBeFalse();

        // Put right, it takes what that takes.
        var cure = kitchen.Mishap(task)!.Cures[0];
        var answered = events.Append(Event(new WentWrong(task.Task, shown.Fault, 0, cure.Hands), shows.At)).ToList();
        var done = kitchen.Next(RunState.Of(answered)).ShouldNotBeNull();
        done.Deed.ShouldBe(new Ticked(task.Task));
        done.At.ShouldBe(at.AddMinutes(kitchen.Minutes(task) + cure.Hands));

        // Passed over, it is in the reading.
        events.Add(Event(new Ticked(task.Task), done.At));
        var cost = RehearsalCost.Of(RunState.Of(events), kitchen, view.Built, view.Open.Clock.MomentOf);
        cost.Losses.ShouldContain(l => l.Kind == LossKind.PassedOver && l.Fault == shown.Fault);
        cost.Orders.ShouldAllBe(o => o.Ready == null && !o.InTime);
    }

    [Fact]
    public void What_is_taken_out_too_soon_or_left_in_is_told_and_so_is_a_wait_cut_short()
    {
        var view = PlannedDays.View(3, 4);
        var kitchen = Kitchen(view, 3, HandsOf.Everybody);
        var plan = RunPlans.Of(view);
        var load = plan.Tasks.First(t => plan.Tasks.Any(o => o.Task == t.Task with { Touch = 0 }));
        var touch = plan.Tasks.First(t => t.Task == load.Task with { Touch = 0 });
        RehearsalCost CostOf(double share)
        {
            var events = Begin(view);
            var hot = kitchen.HotAt(RunState.Of(events), load)!.Value;
            var into = hot > load.From ? hot : load.From;
            events.Add(Event(new Ticked(load.Task), into));
            var baked = kitchen.HowFar(RunState.Of(events), touch, into.AddMinutes(4)).ShouldNotBeNull();
            baked.In.ShouldBe(4, 0.01);
            kitchen.RightAt(RunState.Of(events), touch).ShouldBe(into.AddMinutes(baked.Of));
            events.Add(Event(new Ticked(touch.Task), into.AddMinutes(baked.Of * share)));
            return RehearsalCost.Of(RunState.Of(events), kitchen, view.Built, view.Open.Clock.MomentOf);
        }

        LossKind[] AtTheDoor(double share) =>
        [
            .. CostOf(share).Losses.Where(l => l.Task.Task == touch.Task && l.Kind is LossKind.TooSoon or LossKind.TooLate)
                .Select(l => l.Kind)
        ];
        AtTheDoor(0.5).ShouldBe([LossKind.TooSoon]);
        AtTheDoor(1).ShouldBeEmpty();
        AtTheDoor(2).ShouldBe([LossKind.TooLate]);

        // An oven that is not hot yet bakes nothing: the same minutes in it are not enough.
        var early = Begin(view);
        early.Add(Event(new Ticked(load.Task), plan.Heats.Min(h => h.From).AddMinutes(-60)));
        kitchen.HowFar(RunState.Of(early), touch, plan.Heats.Min(h => h.From).AddMinutes(-30))!.In.ShouldBe(0);

        bool IsThere(TaskKey key) => plan.Tasks.Any(t => t.Task == key);
        var wait = plan.Waits.First(w => w.Least >= 20 && IsThere(w.Before) && IsThere(w.After));
        var (after, before) = (plan.Tasks.First(t => t.Task == wait.After), plan.Tasks.First(t => t.Task == wait.Before));
        var cut = Begin(view);
        cut.AddRange(
            [Event(new Ticked(after.Task), after.From), Event(new Started(before.Task), after.From.AddMinutes(wait.Least - 12))]);
        RehearsalCost.Of(RunState.Of(cut), kitchen, view.Built, view.Open.Clock.MomentOf).Losses
            .ShouldContain(l => l.Kind == LossKind.CutShort && l.Task.Task == before.Task && Math.Abs(l.Minutes - 12) < 0.01);
    }

    [Fact]
    public void It_goes_on_from_any_state_also_by_another_plan()
    {
        var view = PlannedDays.View(2, 4);
        var kitchen = Kitchen(view, 9);
        var events = Begin(view);
        while (events.Count < 40)
        {
            var next = kitchen.Next(RunState.Of(events))!;
            events.Add(Event(next.Deed, next.At, next.Baker));
        }

        // All that is left is put off by an hour: what is drawn for it stays what it was.
        var state = RunState.Of(events);
        var later = state.Plan with
        {
            Tasks = [.. state.Plan.Tasks.Select(t => state.Of(t.Task).StartedAt is null ? t with { From = t.From.AddHours(1) } : t)],
        };
        events.Add(Event(new PlanReplaced(later), events[^1].At));
        var end = Play(kitchen, events);
        end.Left().ShouldBeEmpty();
        foreach (var task in later.Tasks.Where(
            t => t.Task.Touch is null && end.Planned(t.Task with { Touch = 0 }) is null && end.Faults.All(f => f.Task != t.Task)))
        {
            (end.Of(task.Task).DoneAt!.Value - end.Of(task.Task).StartedAt!.Value).TotalMinutes
                .ShouldBe(kitchen.Minutes(task), 0.01);
        }
    }
}
