using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;

namespace RoundCrumb.Application.Bench;

/// <summary>How a day is rehearsed.</summary>
/// <param name="Hands">Whose hands are a person's.</param>
/// <param name="Speed">How much faster than the kitchen's clock.</param>
/// <param name="Luck">What kind of day it is.</param>
/// <param name="Seed">Where its chance begins.</param>
public sealed record RehearsalWish(OwnHands Hands, double Speed, DayLuck Luck, int Seed);

/// <summary>What came of a rehearsal.</summary>
/// <param name="Open">The run.</param>
/// <param name="Cost">What it cost.</param>
/// <param name="Entries">What the log would say of each order, its base and set as they most likely came out.</param>
public sealed record RehearsalReading(
    OpenBench Open, RehearsalCost Cost, IReadOnlyList<(Prepared Made, BakeEntry Entry)> Entries);

/// <summary>
/// Rehearses planned days: a run of its own, with a clock that goes faster and a simulated kitchen that does what no person does. The day,
/// its plan, its batch sheets and the notebook stay as they are.
/// </summary>
public sealed class Rehearsals(
    RunBook runs, DayOpener days, BenchDesk desk, RunFeed feed, RehearsalKeeper keeper, KitchenClock clock)
{
    /// <summary>Minutes before the first thing of a day at which a rehearsal of it begins.</summary>
    private const double Before = 2;

    /// <summary>Minutes in which nothing happens that are skipped.</summary>
    private const double LongestQuiet = 15;

    /// <summary>The most that happens in one step, so that a page is told in time.</summary>
    private const int MostAtOnce = 60;

    /// <summary>Begins one; where one of that day is under way already, that is the one.</summary>
    /// <returns>None where the day is not there, or has no plan.</returns>
    public async Task<Run?> BeginAsync(int day, RehearsalWish wish, QuantityFormatter shown, CancellationToken cancel = default)
    {
        // As it was planned, before anything of it is done.
        if (await days.OpenRehearsedAsync(day, null, RunState.Of([]), cancel) is not { Plan: { } plan } open)
            return null;
        var planned = RunPlans.Of(new(open, open.Built, plan, shown));
        var first = planned.Heats.Select(h => h.From.AddMinutes(-h.WarmUp)).Concat(planned.Tasks.Select(t => t.From)).Min()
            .AddMinutes(-Before);
        var now = clock.Now;

        // Whose lane is nobody's any more has no hands of its own.
        var hands = wish.Hands.Of is HandsOf.OneBaker && open.Bakers.All(b => b.Id != wish.Hands.Baker)
            ? new OwnHands(HandsOf.Nobody)
            : wish.Hands;
        var run = await runs.BeginAsync(
            new()
            {
                BakeDayId = day,
                Name = open.Kept.Name,
                BegunAt = first,
                IsRehearsal = true,
                Clock = new RehearsalClock(wish.Seed, wish.Luck, hands, RehearsalClock.Slowest, first, now).AtSpeed(wish.Speed, now),
            },
            new(Guid.NewGuid(), new Began(planned), "kitchen", "", first, first), cancel);
        keeper.Drive(run.Id);
        return run;
    }

    /// <summary>Changes its clock, and goes on with it where it is not to stand.</summary>
    /// <returns>False where it is not under way.</returns>
    public async Task<bool> ChangeAsync(int run, Func<RehearsalClock, DateTimeOffset, RehearsalClock> change, CancellationToken cancel)
    {
        var now = clock.Now;
        if (!await runs.ChangeClockAsync(run, c => change(c, now), cancel))
            return false;
        keeper.Drive(run);
        return true;
    }

    /// <summary>Goes on to what is next for anybody.</summary>
    /// <returns>Why not, in words; empty where it does.</returns>
    public async Task<string> SkipAsync(int run, CancellationToken cancel = default)
    {
        if (await desk.OpenAsync(run, cancel) is not { } open || KitchenOf(open)?.NextAt(open.State) is not { } next)
            return "Nothing is left to go on to.";
        if (next <= open.Now)
            return "There is something to do already.";
        return await ChangeAsync(run, (c, now) => c.SkippedTo(next, now), cancel) ? "" : "It is over.";
    }

    /// <summary>The kitchen that a run is rehearsed in; none of what is done in earnest, or where the day is deleted.</summary>
    public static SimulatedKitchen? KitchenOf(OpenBench open) =>
        open is { Run.Clock: { } clock, Day: { } day } ? KitchenOf(clock, day) : null;

    /// <summary>What a rehearsal cost, so far or in the end; none where it is none.</summary>
    public async Task<RehearsalReading?> ReadAsync(int run, CancellationToken cancel = default)
    {
        if (await desk.OpenAsync(run, cancel) is not { Day: { } day } open || KitchenOf(open) is not { } kitchen)
            return null;
        var cost = RehearsalCost.Of(open.State, kitchen, day.Built, day.Clock.MomentOf);
        return new(
            open, cost,
            [
                .. day.Built.Made.Select(
                    m =>
                    {
                        var (baseIs, set) = cost.LikelyOf(m.Order.Key);
                        return (m, RunEntry.Of(open.State, m.Order.Key, m.Pie, m.Chain) with { Base = baseIs, Set = set });
                    })
            ]);
    }

    /// <summary>
    /// Brings a rehearsal up to its moment: what happens by then is kept, and where nothing happens for long it goes on to what is next.
    /// </summary>
    /// <returns>False where it is over, or stands.</returns>
    internal async Task<bool> StepAsync(int id, CancellationToken cancel)
    {
        if (await runs.FindAsync(id, cancel) is not { Clock: { IsPaused: false } speed, EndedAt: null } run)
            return false;
        var moment = run.MomentAt(clock.Now);
        var kept = await runs.OpenAsync(id, cancel);
        var events = kept.All.Select(e => e.Event).ToList();
        if (await keeper.KitchenOfAsync(id, () => OpenKitchenAsync(run, events, cancel)) is not { } kitchen)
            return false;
        var state = kept.State;
        var fresh = new List<RunEvent>();
        while (fresh.Count < MostAtOnce && kitchen.Next(state) is { } next && next.At <= moment)
        {
            fresh.Add(EventOf(next, next.Deed));
            if (next.Deed is Ticked ticked && state.Planned(ticked.Task) is { } task && !kitchen.IsByHand(task)
                    && kitchen.Reading(task) is var (of, value))
                fresh.Add(EventOf(next, new Measured(ticked.Task, of, value)));
            state = RunState.Of(events.Concat(fresh));
        }

        if (fresh.Count > 0)
            feed.Tell(id, await runs.AddAsync(id, fresh, cancel));
        if (state.EndedAt is { } ended)
        {
            await runs.EndAsync(id, ended, cancel);
            return false;
        }

        if (fresh.Count == 0 && kitchen.NextAt(state) is { } quiet && (quiet - moment).TotalMinutes > LongestQuiet)
            await runs.ChangeClockAsync(id, c => c.SkippedTo(quiet.AddMinutes(-1), clock.Now), cancel);
        TellReadings(run, state, kitchen);
        return true;

        RunEvent EventOf(Happening next, Deed deed) => new(Guid.NewGuid(), deed, "kitchen", next.Baker, next.At, moment);
    }

    /// <summary>What a scale or a thermometer shows whoever rehearses, of what is in their hands.</summary>
    private void TellReadings(Run run, RunState state, SimulatedKitchen kitchen)
    {
        foreach (var task in state.Left().Where(kitchen.IsByHand))
        {
            var of = task.Task.Touch is null ? task : state.Planned(new(task.Task.Work));
            var isInHand = state.Of(task.Task).StartedAt is not null || (task.Task.Touch is not null && state.Of(of!.Task).IsDone);
            if (!isInHand || of is null || kitchen.Reading(of) is not var (what, value))
                continue;
            var shakes = Math.Sin(clock.Now.ToUnixTimeMilliseconds() / 700.0);
            feed.Tell(
                what.IsWeight
                    ? new("rehearsal scale", DeviceQuantity.Weight, Math.Round(value + shakes), clock.Now)
                    : new("rehearsal probe", DeviceQuantity.Temperature, Math.Round(value + shakes, 1), clock.Now),
                run.Id);
            return;
        }
    }

    private async Task<SimulatedKitchen?> OpenKitchenAsync(Run run, List<RunEvent> events, CancellationToken cancel) =>
        await days.OpenRehearsedAsync(run.BakeDayId, run.BegunAt, RunState.Of(events), cancel) is { } day
            ? KitchenOf(run.Clock!, day)
            : null;

    private static SimulatedKitchen KitchenOf(RehearsalClock clock, OpenDay day) =>
        new(new(clock.Seed, clock.Luck), KitchenFacts.Of(day.Built, day.Clock.MomentOf), clock.Hands);
}
