using System.Collections.Concurrent;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Application.Bench;

/// <summary>A task that is done at another time than it was planned.</summary>
/// <param name="Task">Which, as the new plan has it.</param>
/// <param name="Was">When it was to begin; none for what is new.</param>
public sealed record Move(PlannedTask Task, DateTimeOffset? Was);

/// <summary>An order that cannot be ready in time any more.</summary>
/// <param name="Order">Its key.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Due">When it is wanted.</param>
/// <param name="Ready">When it can be ready.</param>
public sealed record LateOrder(string Order, string Name, DateTimeOffset Due, DateTimeOffset Ready);

/// <summary>Another order of work for the rest of a day, to be accepted or refused.</summary>
/// <param name="Id">By which it is accepted.</param>
/// <param name="Run">The run that it is for.</param>
/// <param name="Seq">The last event that it knows of.</param>
/// <param name="Made">When it was worked out.</param>
/// <param name="Plan">The order of work.</param>
/// <param name="Kept">The same as the day keeps it.</param>
/// <param name="Moves">What is moved, in the order in which it is done; each work once.</param>
/// <param name="Late">What gets late all the same.</param>
/// <param name="Proven">True where less lateness is impossible as things are.</param>
public sealed record Offer(
    Guid Id, int Run, int Seq, DateTimeOffset Made, RunPlan Plan, KeptPlan Kept, IReadOnlyList<Move> Moves, IReadOnlyList<LateOrder> Late,
    bool Proven)
{
    /// <summary>What would keep all in time, each tried; none while nobody has looked.</summary>
    public IReadOnlyList<DayRemedy>? Choices { get; init; }
}

/// <summary>What came of planning the rest anew.</summary>
/// <param name="Offer">The offer; none where there is none.</param>
/// <param name="Why">Why not, in words.</param>
public sealed record Offered(Offer? Offer, string Why);

/// <summary>
/// Puts the rest of a day that is under way on the clock again: what happened is fixed, then as little lateness as can be, then as few
/// moves.
/// </summary>
public sealed class Replanner(Planner planner)
{
    /// <summary>Seconds that the rest of a day may take to be planned.</summary>
    private const double Seconds = 2.5;

    /// <summary>Seconds that each choice is tried for, and how many are shown.</summary>
    private const double SecondsForChoice = 0.6;

    private const int MostChoices = 4;

    private static readonly TimeSpan LongestForChoices = TimeSpan.FromSeconds(12);

    /// <summary>
    /// Minutes by which a run has to get later before it is planned again without being asked, once an offer was refused.
    /// </summary>
    private const int LaterAgain = 10;

    private readonly ConcurrentDictionary<int, Offer> _offers = [];
    private readonly ConcurrentDictionary<int, (int Behind, DateTimeOffset At)> _answered = [];

    /// <summary>The last offer for a run; none where there is none, or it was answered.</summary>
    public Offer? Of(int run) => _offers.GetValueOrDefault(run);

    /// <summary>Forgets the offer for a run once it is answered; it is not made again by itself before the run is later still.</summary>
    public void Answered(OpenBench open)
    {
        _offers.TryRemove(open.Run.Id, out _);
        _answered[open.Run.Id] = (open.Behind, open.Now);
    }

    /// <summary>
    /// True where the rest of a run is to be planned again at once: it is so far behind, or what went wrong takes hands that nobody
    /// counted on.
    /// </summary>
    public bool IsDue(OpenBench open)
    {
        if (open is not { State.EndedAt: null, Day: not null, IsLeftOpen: false } || Of(open.Run.Id) is not null)
            return false;
        var (behind, at) = _answered.GetValueOrDefault(open.Run.Id, (-LaterAgain, DateTimeOffset.MinValue));
        return (open.Behind >= OpenBench.LateFrom && open.Behind >= behind + LaterAgain)
            || open.State.Faults.Any(f => f.Minutes >= OpenBench.LateFrom && f.At > at && f.At > open.State.PlannedAt);
    }

    /// <summary>Plans the rest of a run anew.</summary>
    /// <param name="open">The run.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="key">By which whoever asked sees where it stands in the queue.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<Offered> AskAsync(OpenBench open, QuantityFormatter shown, string key, CancellationToken cancel = default)
    {
        if (open.Day is not { } day)
            return new(null, "The day of this run is deleted, so its rest cannot be planned.");
        var built = FromBench(day, open.State, open.Now);
        if (built.Made.Count == 0)
            return new(null, "Nothing of this day can be made as it is now. Open the day: each order says why.");
        var known = KnownFor(built, open.State.Plan, day.Clock);
        var solution = await planner.AskAsync(
            new(Urgency.AtTheBench, Seconds, key),
            stop => DaySolver.Solve(built.Day, new() { Seconds = Seconds, Known = known, StayNear = true }, null, stop), cancel);
        if (solution?.Plan is not { } rest)
        {
            return new(
                null,
                solution is null ? "Too many days are being planned just now. Go on as it is, and ask again in a minute."
                : "No order of work was found for the rest in time. Go on as it is, and ask again.");
        }

        var offer = OfferOf(open, day, built, rest, solution, shown);
        _offers[open.Run.Id] = offer;
        return new(offer, "");
    }

    /// <summary>
    /// Looks for what would keep all in time, where the offer cannot: each change is tried with what happened. The offer has them then.
    /// </summary>
    public async Task<Offer?> ChoicesAsync(OpenBench open, CancellationToken cancel = default)
    {
        if (Of(open.Run.Id) is not { Late.Count: > 0, Choices: null } offer || open.Day is not { } day)
            return Of(open.Run.Id);
        var built = FromBench(day, open.State, open.Now, out var facts);
        if (OpenDay.Fit(built.Day, offer.Kept) is not { } plan)
            return offer;
        using var enough = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        enough.CancelAfter(LongestForChoices);
        var choices = await planner.AskAsync(
            new(Urgency.AtThePage, LongestForChoices.TotalSeconds, ""),
            stop =>
            {
                using var either = CancellationTokenSource.CreateLinkedTokenSource(stop, enough.Token);
                return Remedies.Find(
                    day.Orders, built.Setting, plan, new() { Seconds = SecondsForChoice, OnlyLateness = true }, null, facts, either.Token);
            },
            cancel);
        var found = offer with { Choices = [.. (choices ?? []).Take(MostChoices)] };
        _offers.TryUpdate(open.Run.Id, found, offer);
        return found;
    }

    /// <summary>The day as what was ticked has left it: what happened is fixed, and nothing begins before now.</summary>
    public static BuiltDay FromBench(OpenDay day, RunState run, DateTimeOffset now) => FromBench(day, run, now, out _);

    private static BuiltDay FromBench(OpenDay day, RunState run, DateTimeOffset now, out DayFacts facts)
    {
        var at = day.Clock.SlotAt(now);
        var setting = day.Setting with { Now = Math.Max(0, at), Pinned = new Dictionary<string, int>() };
        var works = day.Built.Day.Works;
        var done = new Dictionary<int, int>();
        foreach (var (i, work) in works.Index())
        {
            if (setting.Done.TryGetValue(work.Key, out var was))
                done[i] = was.Start;
        }

        var marks = new Dictionary<string, DoneWork>(setting.Done, StringComparer.Ordinal);
        foreach (var (work, start) in DayFacts.Before(day.Built.Day, done))
            marks[works[work].Key] = day.DoneAt(work, start, OvenOf(day, run, work));
        var built = DayBuilder.Build(day.Orders, setting with { Done = marks });
        facts = Facts(built, run, day.Clock, now);
        return facts.Of(built);
    }

    private static int OvenOf(OpenDay day, RunState run, int work)
    {
        if (day.Built.Day.Works[work].Load is not { } load)
            return -1;
        var oven = run.Planned(new(RunPlans.KeyOf(day.Built.Day.Works[work])))?.Oven;
        var planned = day.Built.Day.Ovens.ToList().FindIndex(o => o.Id == oven);
        return planned >= 0 && load.Shelves[planned] > 0 ? planned : Math.Max(0, load.Shelves.ToList().FindIndex(s => s > 0));
    }

    /// <summary>How long what is done took, how long what is under way still takes, and whose hands that holds.</summary>
    private static DayFacts Facts(BuiltDay built, RunState run, DayClock clock, DateTimeOffset now)
    {
        var lengths = new Dictionary<string, int>(StringComparer.Ordinal);
        var held = new List<(int From, int To)>();
        var at = clock.SlotAt(now);
        var clocks = run.Clocks().Where(c => c.Kind is ClockKind.Oven).ToDictionary(c => c.Task!.Value);
        foreach (var (i, (start, _)) in built.Day.Done)
        {
            var work = built.Day.Works[i];
            var key = new TaskKey(RunPlans.KeyOf(work));
            if (work.Load is not { } load)
            {
                if (run.Of(key).DoneAt is { } done)
                {
                    lengths[work.Key] = Math.Max(1, SlotAfter(clock, done) - start);
                }
                else if (run.Of(key).StartedAt is not null)
                {
                    lengths[work.Key] = Math.Max(work.Length + Slot.Up(run.Mending(key)), at + 1 - start);
                    held.Add((at, start + lengths[work.Key]));
                }

                continue;
            }

            var last = key with { Touch = load.Touches.Count - 1 };
            if (run.Of(last).DoneAt is { } taken)
            {
                lengths[work.Key] = Math.Max(1, SlotAfter(clock, taken) - start);
                continue;
            }

            // What is in the oven comes out as much later as what is next at its door is due later.
            if (run.Of(key).DoneAt is null)
                continue;
            var next = Enumerable.Range(0, load.Touches.Count).First(k => !run.Of(key with { Touch = k }).IsDone);
            var due = clocks.TryGetValue(key with { Touch = next }, out var c) ? clock.SlotAt(c.Due) : start + load.Touches[next].After;
            var late = Math.Max(due, at) - (start + load.Touches[next].After);
            lengths[work.Key] = Math.Max(1, work.Length + late);
            for (var k = next; k < load.Touches.Count; k++)
                held.Add((start + load.Touches[k].After + late, start + load.Touches[k].After + late + load.Touches[k].Length));
        }

        return new(lengths, held);
    }

    private static int SlotAfter(DayClock clock, DateTimeOffset moment) =>
        clock.SlotAt(moment) is var slot && clock.MomentOf(slot) < moment ? slot + 1 : slot;

    /// <summary>The plan that the run goes by, as the solver begins from it; what is new in the day has no place in it yet.</summary>
    private static Plan KnownFor(BuiltDay built, RunPlan plan, DayClock clock)
    {
        var tasks = plan.Tasks.ToDictionary(t => t.Task);
        PlannedTask? Of(DayWork work) => tasks.GetValueOrDefault(new(RunPlans.KeyOf(work)));
        var ovens = built.Day.Ovens.ToList();
        return new(
            [.. built.Day.Works.Select(w => Of(w) is { } task ? clock.SlotAt(task.From) : -1)],
            [.. built.Day.Works.Select(w => w.IsHands || Of(w) is not { } task ? -1 : ovens.FindIndex(o => o.Id == task.Oven))],
            [.. built.Day.Batches.Select(b => b.Due)], []);
    }

    private static Offer OfferOf(OpenBench open, OpenDay day, BuiltDay built, Plan rest, Solution solved, QuantityFormatter shown)
    {
        var plan = RunPlans.Of(new(day, built, rest, shown));
        var moves = plan.Tasks.Where(t => t.Task.Touch is null && !open.State.Of(t.Task).IsDone && open.State.Of(t.Task).StartedAt is null)
            .Select(t => new Move(t, open.State.Planned(t.Task)?.From)).Where(m => m.Was != m.Task.From).ToList();
        var late = built.Day.Batches.Select((b, i) => (b, Ready: rest.Ready[i])).Where(x => x.Ready > x.b.Due)
            .Select(x => new LateOrder(x.b.Key, x.b.Name, day.Clock.MomentOf(x.b.Due), day.Clock.MomentOf(x.Ready))).ToList();
        var kept = OpenDay.Keep(built, rest, solved.LatenessProven, false) with { Print = OpenDay.FingerprintOf(day.Built) };
        return new(Guid.NewGuid(), open.Run.Id, open.Seq, open.Now, plan, kept, moves, late, solved.LatenessProven);
    }
}
