using RoundCrumb.Application.Days;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Application.Bench;

/// <summary>An event as a device sends it.</summary>
/// <param name="Id">Made by the device.</param>
/// <param name="At">When it happened, by the device's clock.</param>
/// <param name="Deed">What was done.</param>
public sealed record SentEvent(Guid Id, DateTimeOffset At, Deed? Deed);

/// <summary>What a device sends, all that it has not been told is kept.</summary>
/// <param name="Device">The device, by a name of its own making.</param>
/// <param name="Baker">Whose lane it shows, by id; empty for all.</param>
/// <param name="SentAt">What its clock says as it sends: by that it is seen how far the clock is off.</param>
/// <param name="Events">In the order in which they happened.</param>
public sealed record SentEvents(string? Device, string? Baker, DateTimeOffset? SentAt, IReadOnlyList<SentEvent>? Events);

/// <summary>An event that was not taken.</summary>
/// <param name="Id">Which.</param>
/// <param name="Why">Why, in words.</param>
public sealed record RefusedEvent(Guid Id, string Why);

/// <summary>What became of what was sent.</summary>
/// <param name="Kept">All that is kept, also what had been before.</param>
/// <param name="Refused">What was not taken; sending it again is of no use.</param>
/// <param name="Now">What the kitchen's clock says.</param>
public sealed record TakenEvents(IReadOnlyList<Guid> Kept, IReadOnlyList<RefusedEvent> Refused, DateTimeOffset Now);

/// <summary>What came of beginning a batch at once.</summary>
/// <param name="Run">The run; none where it cannot be made.</param>
/// <param name="Why">Why not, in words.</param>
public sealed record BegunNow(Run? Run, string Why);

/// <summary>Runs a day at the bench: begins it, takes in what is done, and opens it.</summary>
public sealed class BenchDesk(
    RunBook runs, DayBook book, DayOpener days, Planner planner, CompositionReader compositions, RunFeed feed, KitchenClock clock,
    Turns turns)
{
    /// <summary>The most events that are taken at once; a device that has more sends them in turns.</summary>
    public const int MostAtOnce = 500;

    /// <summary>Seconds in which one batch is put on the clock.</summary>
    private const double SecondsForOne = 2;

    private const int LongestWords = 300;
    private const int LongestKey = 200;
    private const double LongestClock = 24 * 60;

    /// <summary>A device's clock that is off by more is not believed at all.</summary>
    private static readonly TimeSpan Reach = TimeSpan.FromDays(40);

    /// <summary>A device's clock that is off by less is left alone: that is the way through the air.</summary>
    private static readonly TimeSpan Slack = TimeSpan.FromSeconds(2);

    /// <summary>Begins the run of a planned day; where it is under way already, that is the one.</summary>
    /// <returns>None where the day is not there, or has no plan.</returns>
    public async Task<Run?> BeginAsync(int day, string device, QuantityFormatter shown, CancellationToken cancel = default)
    {
        if (await days.OpenAsync(day, cancel) is not { Plan: { } plan } open)
            return null;
        var now = clock.Now;
        var began = new RunEvent(Guid.NewGuid(), new Began(RunPlans.Of(new(open, open.Built, plan, shown))), device, "", now, now);
        var run = new Run
        {
            BakeDayId = day,
            Name = open.Kept.Name,
            BegunAt = now,
            Learned = open.Kitchen.Corrections.Number,
        };
        return await runs.BeginAsync(run, began, cancel);
    }

    /// <summary>
    /// Begins a batch at once: makes a day of its own of it, wanted as soon as it can be ready, with one baker who stays until then.
    /// </summary>
    /// <param name="bake">Its batch sheet.</param>
    /// <param name="shown">The baker's units.</param>
    /// <param name="key">By which whoever asked sees where it stands in the queue.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<BegunNow> BeginNowAsync(Bake bake, QuantityFormatter shown, string key, CancellationToken cancel = default)
    {
        // Whoever presses a second time waits for the first, and is led to the run that came of it.
        using var turn = await turns.ForAsync($"bake-{bake.Id}", cancel);
        return await runs.LiveOfBakeAsync(bake.Id, cancel) is { } there ? new(there, "") : await BeginAtOnceAsync(bake, shown, key, cancel);
    }

    /// <summary>The run under way of a batch sheet; none where there is none.</summary>
    public Task<Run?> RunOfAsync(int bake, CancellationToken cancel = default) => runs.LiveOfBakeAsync(bake, cancel);

    private async Task<BegunNow> BeginAtOnceAsync(Bake bake, QuantityFormatter shown, string key, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        if (kitchen.Bakers.Count == 0)
            return new(null, "Nobody works here yet: say under Kitchen who does, and begin again.");
        var pie = Assessment.Of((await compositions.ReadAsync(bake.Address, cancel)).Composition, bake.Pies, kitchen);
        var zone = await clock.ZoneAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        var wall = new DayClock(today, zone);
        var now = wall.SlotAt(clock.Now);
        var due = now + Slot.Up(pie.Times.StartToSlice.Value.Best) + 2;
        var last = DateOnly.FromDateTime(wall.WallOf(due));
        var dates = Enumerable.Range(0, Math.Min(BakeDay.MostDays, last.DayNumber - today.DayNumber + 1)).Select(today.AddDays).ToList();
        var here = kitchen.Bakers.FirstOrDefault(b => b.On(today.DayOfWeek) is { } h && wall.SlotsOf(today, h.From, h.To) is var s
            && s.From <= now && now < s.To) ?? kitchen.Bakers[0];
        var named = $"{bake.PieName} × {bake.Pies}";
        var day = await book.AddAsync(
            named.Length > BakeDay.LongestName ? named[..BakeDay.LongestName] : named, today, dates.Count, cancel);
        await book.ChangeAsync(
            day.Id,
            d =>
            {
                foreach (var date in dates)
                {
                    foreach (var baker in kitchen.Bakers)
                        DayBook.SayHours(d, DayOpener.NumberOf(baker), date, baker == here ? new Hours(0, 24 * 60) : null);
                }

                d.Orders.Add(
                    new()
                    {
                        Name = bake.PieName,
                        Address = bake.Address,
                        Count = bake.Pies,
                        Due = wall.WallOf(due),
                        BakeId = bake.Id,
                    });
            },
            cancel);
        var open = (await days.OpenAsync(day.Id, cancel))!;
        if (open.Built.Made.Count == 1)
            open = await WantedAsync(open, now + Slot.Up(new DayFigures(open.Built, open.Clock).Lead(0).Value.Least), cancel);
        var solved = open.Built.Made.Count == 0
            ? null
            : await planner.AskAsync(
                new(Urgency.AtTheBench, SecondsForOne, key),
                stop => DaySolver.Solve(DayOpener.FromNow(open).Day, new() { Seconds = SecondsForOne }, null, stop), cancel);
        if (solved?.Plan is not { } plan)
        {
            await book.PutAwayAsync(day.Id, true, cancel);
            return new(
                null,
                open.Built.LeftOut.Count > 0 ? open.Built.LeftOut[0].Why
                : solved is null ? "Too many days are being planned just now. Try again in a minute."
                : "No order of work was found for it in time. Put it on a bake day, and see there what it needs.");
        }

        // It is wanted when it is ready: as soon as one pair of hands can.
        open = await WantedAsync(open, plan.Ready[0], cancel);
        await days.KeepAsync(
            day.Id, OpenDay.Keep(DayOpener.FromNow(open), plan, solved.LatenessProven, solved.OvenOnProven) with
            {
                Print = OpenDay.FingerprintOf(open.Built),
            },
            cancel);
        return new(await BeginAsync(day.Id, "page", shown, cancel), "");
    }

    private async Task<OpenDay> WantedAsync(OpenDay open, int due, CancellationToken cancel)
    {
        await book.ChangeAsync(open.Kept.Id, d => d.Orders[0].Due = open.Clock.WallOf(due), cancel);
        return (await days.OpenAsync(open.Kept.Id, cancel))!;
    }

    /// <summary>Opens a run; none where it is not there.</summary>
    public async Task<OpenBench?> OpenAsync(int id, CancellationToken cancel = default)
    {
        if (await runs.FindAsync(id, cancel) is not { } run)
            return null;
        var events = await runs.OpenAsync(id, cancel);
        var state = events.State;
        var moment = run.MomentAt(clock.Now);
        return new(
            run, events.LastSeq, state,
            run.IsRehearsal
                ? await days.OpenRehearsedAsync(run.BakeDayId, moment, state, cancel)
                : await days.OpenAsync(run.BakeDayId, cancel),
            moment);
    }

    /// <summary>Takes in what a device sends. What is sent again does nothing; what cannot be meant is refused with words.</summary>
    /// <returns>None where the run is not there.</returns>
    public async Task<TakenEvents?> TakeAsync(int id, SentEvents sent, CancellationToken cancel = default)
    {
        if (await runs.FindAsync(id, cancel) is not { } run)
            return null;
        var now = clock.Now;
        var moment = run.MomentAt(now);
        var off = sent.SentAt is { } sentAt && (now - sentAt).Duration() is var far && far > Slack && far < Reach ? now - sentAt
            : TimeSpan.Zero;
        var kept = new List<RunEvent>();
        var refused = new List<RefusedEvent>();
        foreach (var e in sent.Events ?? [])
        {
            if (e is null)
                continue;
            if (Trouble(e.Deed) is { } why)
            {
                refused.Add(new(e.Id, why));
                continue;
            }

            if (e.Deed is Undone { Event: var taken } && await runs.IsBeginningAsync(id, taken, cancel))
            {
                refused.Add(new(e.Id, "The beginning of a run cannot be taken back. End the run instead."));
                continue;
            }

            // Nothing happened before the run was begun, and nothing has happened that is yet to come; a clock at the end of all calendars
            // says nothing.
            var said = e.At.ToUniversalTime();
            var at = run.MomentAt(said < DateTimeOffset.MaxValue - Reach && said > DateTimeOffset.MinValue + Reach ? said + off : now);
            at = at > moment ? moment : at < run.BegunAt ? run.BegunAt : at;
            kept.Add(new(e.Id, e.Deed!, Short(sent.Device), Short(sent.Baker), at, moment));
        }

        var fresh = await runs.AddAsync(id, kept, cancel);
        if (fresh.Any(e => e.Event.Deed is Ended or Undone))
            await runs.EndAsync(id, (await runs.OpenAsync(id, cancel)).State.EndedAt, cancel);
        feed.Tell(id, fresh);
        return new([.. kept.Select(e => e.Id)], refused, now);
    }

    /// <summary>Goes on by another order of work: the run by an event, and the day by what it keeps.</summary>
    /// <param name="offer">The offer.</param>
    /// <param name="device">The device that accepts it.</param>
    /// <param name="baker">Whose lane it shows.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task AcceptAsync(Offer offer, string device, string baker, CancellationToken cancel = default)
    {
        if (await runs.FindAsync(offer.Run, cancel) is not { } run)
            return;
        var now = run.MomentAt(clock.Now);
        if (!run.IsRehearsal)
            await days.KeepAsync(run.BakeDayId, offer.Kept, cancel);
        var replaced = new RunEvent(offer.Id, new PlanReplaced(offer.Plan), Short(device), Short(baker), now, now);
        feed.Tell(run.Id, await runs.AddAsync(run.Id, [replaced], cancel));
    }

    /// <summary>Changes the day of a run as a choice says.</summary>
    public Task<bool> ApplyAsync(OpenBench open, DayChange change, CancellationToken cancel = default) =>
        open is not { Day: { } day, Run.IsRehearsal: false }
        ? Task.FromResult(false)
        : book.ChangeAsync(open.Run.BakeDayId, d => new DayChanges(day).Apply(d, change), cancel);

    private static string Short(string? words) =>
        (words ?? "") is var all && all.Length > RunRow.LongestDevice ? all[..RunRow.LongestDevice] : all;

    /// <summary>Why something cannot be meant; none where it can.</summary>
    private static string? Trouble(Deed? deed) => deed switch
    {
        null => "That is nothing that is done at a bench.",
        TaskDeed { Task.Work.Order: not { Length: > 0 } } => "It does not say at which task.",
        TaskDeed { Task.Work: var work } when work.Order.Length > LongestKey || (work.Work.Step.Subject?.Length ?? 0) > LongestKey =>
            $"A task’s name has {LongestKey} characters at most.",
        LineTicked { Line.Length: > LongestKey } or NotYet { Clock.Length: > LongestWords } or ClockStopped { Clock.Length: > LongestWords }
            or WentWrong { Fault.Length: > LongestKey } => $"A name has {LongestKey} characters at most.",
        Began or PlanReplaced => "A plan is made in the kitchen, not sent.",
        Showed => "Only the simulated kitchen of a rehearsal shows that. Say under “Something’s off” what went wrong.",
        ClockSet { Minutes: not (> 0 and <= LongestClock) } or NotYet { Minutes: not (> 0 and <= LongestClock) } =>
            "A clock runs for more than nothing, and for a day at most.",
        ClockSet { Name: { Length: > LongestWords } or null } or Noted { Words: { Length: > LongestWords } or null } =>
            $"That is more than the {LongestWords} characters that can be kept.",
        Measured m when !Enum.IsDefined(m.Of) => "Nothing is known of what that was read.",
        Measured m when !(m.Value >= m.Of.Range.Least && m.Value <= m.Of.Range.Most) => m.Of.IsWeight
            ? $"{m.Value:0} g cannot be right ({m.Of.Name}). Look at the scale, and read it again."
            : $"{m.Value:0} °C cannot be right ({m.Of.Name}). Look at the probe, and read it again.",
        WentWrong { Fault: null } => "It does not say what went wrong.",
        WentWrong w when FaultBook.Find(w.Fault) is not { } fault || w.Cure < 0 || w.Cure >= fault.Cures.Count =>
            "Nothing is known of that fault here.",
        WentWrong { Minutes: not (>= 0 and <= LongestClock) } => "Mending takes nothing or more, and a day at most.",
        NotYet { Clock: null } or ClockStopped { Clock: null } or LineTicked { Line: null } => "It does not say which.",
        Ended or Started or Ticked or Unticked or LineTicked or ClockSet or NotYet or ClockStopped or Measured or WentWrong or Noted
            or Undone => null,
        _ => throw new InvalidOperationException($"Whether {deed.GetType().Name} can be meant is said nowhere."),
    };
}
