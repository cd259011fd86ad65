using System.Text.Json;
using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Bench;

namespace RoundCrumb.Core.Tests.Bench;

/// <summary>Clocks are two instants, worked out from what was done: nothing ticks for them, and nothing is lost with a device.</summary>
public sealed class RunClockTests
{
    private static readonly DateTimeOffset Start = new(2026, 10, 24, 6, 0, 0, TimeSpan.Zero);

    private static IReadOnlyList<RunClock> After(params RunEvent[] events) => RunState.Of([Bench.Begin, .. events]).Clocks();

    private static double Due(RunClock clock) => (clock.Due - Start).TotalMinutes;

    [Fact]
    public void A_load_has_one_clock_for_what_is_done_at_its_door_next()
    {
        // In 10 min late, at 130: weights out 18 min after, at 148. Done at 149: out 10 min after the two minutes' work, at 149 + 10 = 159.
        var weights = After(Bench.Event(new Ticked(Bench.In), 130)).Single(c => c.Kind is ClockKind.Oven);
        (weights.Task, Due(weights)).ShouldBe((Bench.Weights, 148.0));
        var last = After(Bench.Event(new Ticked(Bench.In), 130), Bench.Event(new Ticked(Bench.Weights), 149))
            .Single(c => c.Kind is ClockKind.Oven);
        (last.Task, Due(last)).ShouldBe((Bench.Out, 159.0));
        After(
                Bench.Event(new Ticked(Bench.In), 130), Bench.Event(new Ticked(Bench.Weights), 149),
                Bench.Event(new Ticked(Bench.Out), 160))
            .ShouldNotContain(c => c.Kind == ClockKind.Oven);
    }

    [Fact]
    public void Not_yet_puts_it_off_and_is_said()
    {
        var clock = After(
            Bench.Event(new Ticked(Bench.In), 120), Bench.Event(new NotYet(Bench.Weights.ToString(), 3), 138),
            Bench.Event(new NotYet(Bench.Weights.ToString(), 3), 141)).Single();
        (Due(clock), clock.PutOff).ShouldBe((144.0, 6.0));
    }

    [Fact]
    public void What_rests_has_a_clock_until_what_follows_is_begun()
    {
        // The fat is cold 20 min after it went in; once the dough is in hand the clock is gone, and comes back if that was a mistake.
        var fat = Bench.Event(new Ticked(Bench.Fat), 7);
        var clock = After(fat).Single();
        (clock.Kind, clock.Task, Due(clock)).ShouldBe((ClockKind.Wait, Bench.Dough, 27.0));
        var begun = Bench.Event(new Started(Bench.Dough), 30);
        After(fat, begun).ShouldBeEmpty();
        After(fat, begun, Bench.Event(new Undone(begun.Id), 31)).Single().ShouldBe(clock);
        After(fat, Bench.Event(new ClockStopped(clock.Id), 28)).ShouldBeEmpty();
    }

    [Fact]
    public void A_run_that_is_over_rings_no_more() =>
        After(Bench.Event(new Ticked(Bench.In), 120), Bench.Event(new ClockSet("pears", 9), 121), Bench.Event(new Ended(), 122))
            .ShouldBeEmpty();

    [Property(MaxTest = 100)]
    public void Across_midnight_and_both_changes_of_the_clocks_a_clock_runs_its_minutes(PositiveInt minutes, bool spring)
    {
        // On the last Sundays of March and October 2026 the clocks of London change at 01:00 UTC.
        var night = spring
            ? new DateTimeOffset(2026, 3, 29, 0, 20, 0, TimeSpan.Zero)
            : new DateTimeOffset(2026, 10, 25, 0, 20, 0, TimeSpan.Zero);
        var london = TimeZoneInfo.FindSystemTimeZoneById("Europe/London");
        var said = TimeZoneInfo.ConvertTime(night, london);
        var clock = RunState.Of([Bench.Begin, Bench.Event(new ClockSet("proof", minutes.Get), 0) with { At = said }]).Clocks().Single();
        (clock.Due - night).TotalMinutes.ShouldBe(minutes.Get, 1e-6);
        clock.IsDue(night.AddMinutes(minutes.Get - 0.1)).ShouldBeFalse();
        clock.IsDue(night.AddMinutes(minutes.Get)).ShouldBeTrue();
    }

    [Property(MaxTest = 200)]
    public void However_the_device_dies_the_clocks_are_the_same(int seed)
    {
        // What was kept, read back, gives the same clocks: nothing is remembered anywhere else.
        var events = Bench.Events(new Random(seed), 30);
        var kept = events.Select(e => e with { Deed = JsonSerializer.Deserialize<Deed>(JsonSerializer.Serialize(e.Deed))! });
        RunState.Of(kept).Clocks().ShouldBe(RunState.Of(events).Clocks());
        RunState.Of(events).Clocks().Select(c => c.Id).ShouldBeUnique();
        RunState.Of(events).Clocks().ShouldBeInOrder(SortDirection.Ascending, Comparer<RunClock>.Create((a, b) => a.Due.CompareTo(b.Due)));
    }
}
