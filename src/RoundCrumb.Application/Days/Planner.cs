using System.Globalization;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Application.Days;

/// <summary>One day being put on the clock.</summary>
public sealed class PlanningJob
{
    private readonly Lock _lock = new();
    private readonly List<SolveProgress> _steps = [];
    private readonly List<DayRemedy> _remedies = [];

    internal CancellationTokenSource Stop { get; } = new();

    internal SolvingTurn? Turn { get; set; }

    /// <summary>Seconds that it may take.</summary>
    public required double Seconds { get; init; }

    /// <summary>When it was begun.</summary>
    public required DateTimeOffset Since { get; init; }

    /// <summary>How what was asked is taken back where it cannot be; none where nothing was, or another job has it.</summary>
    internal Func<DayBook, Task>? Undo { get; set; }

    /// <summary>True where what was asked is taken back if it cannot be.</summary>
    internal bool IsTakenBack { get; init; }

    /// <summary>The day as it was when it was asked for.</summary>
    public required OpenDay Opened { get; set; }

    /// <summary>What is solved.</summary>
    public required BuiltDay Built { get; set; }

    /// <summary>True once nothing more will come.</summary>
    public bool Over { get; internal set; }

    /// <summary>True while it is looked for what would make the day possible.</summary>
    public bool LooksForRemedies { get; internal set; }

    /// <summary>Why there is no plan; empty where there is one.</summary>
    public string Trouble { get; internal set; } = "";

    /// <summary>The day's version that the trouble is with; once something is changed it is old news.</summary>
    public int Version { get; internal set; }

    /// <summary>The plans so far, each better than the one before.</summary>
    public IReadOnlyList<SolveProgress> Steps
    {
        get
        {
            lock (_lock)
                return [.. _steps];
        }
    }

    /// <summary>The remedies so far.</summary>
    public IReadOnlyList<DayRemedy> Remedies
    {
        get
        {
            lock (_lock)
                return [.. _remedies];
        }
    }

    internal void Better(SolveProgress step)
    {
        lock (_lock)
            _steps.Add(step);
    }

    internal void Found(DayRemedy remedy)
    {
        lock (_lock)
            _remedies.Add(remedy);
    }
}

/// <summary>Where something stands in the queue.</summary>
/// <param name="Before">How many others are worked out first.</param>
/// <param name="Seconds">Seconds until it is answered, at the most.</param>
public readonly record struct Place(int Before, double Seconds);

/// <summary>A question that has to be solved.</summary>
/// <param name="Urgency">Who waits for it.</param>
/// <param name="Seconds">Seconds that it may take.</param>
/// <param name="Key">By which whoever asked can see where it stands; empty if nobody looks.</param>
public readonly record struct Asking(Urgency Urgency, double Seconds, string Key)
{
    /// <summary>Letters that a key may have; a longer one is not kept.</summary>
    public const int LongestKey = 40;
}

/// <summary>How days are planned.</summary>
/// <param name="Seconds">How long a plan may take to get better.</param>
public sealed record PlanningSettings(double Seconds = 10);

/// <summary>Puts days on the clock in the background, one job a day, and keeps what comes of it.</summary>
public sealed partial class Planner(
    SolvingQueue queue, IServiceScopeFactory scopes, TimeProvider clock, PlanningSettings settings, ILogger<Planner> log)
{
    /// <summary>How many jobs that are over are remembered for what they had to say.</summary>
    private const int MostRemembered = 50;

    /// <summary>Seconds that it may take to look for what would make a day possible; what was found by then is kept.</summary>
    private const double SecondsForRemedies = 60;

    /// <summary>Seconds that each remedy is tried for.</summary>
    private const double SecondsForOne = 1.5;

    private readonly Dictionary<int, PlanningJob> _jobs = [];
    private readonly Dictionary<string, SolvingTurn> _asked = new(StringComparer.Ordinal);
    private readonly Lock _lock = new();

    /// <summary>Seconds that a plan may take to get better; the first one is waited for.</summary>
    public double Seconds { get; } = settings.Seconds;

    /// <summary>
    /// Where planning a day stands, as one value: a page that reads the day before and after a job ends compares two of them, lest it show
    /// the plan of before as if it were the last word.
    /// </summary>
    public (PlanningJob? Job, bool Over) Standing(int day)
    {
        lock (_lock)
            return _jobs.TryGetValue(day, out var job) ? (job, job.Over) : (null, true);
    }

    /// <summary>How many other days and questions are solved before a job, and how many seconds they take at the most.</summary>
    public Place PlaceOf(PlanningJob job) => job.Turn is { } turn ? PlaceOf(turn) : default;

    /// <summary>Where a question stands by the key that it was asked with; null if it is answered, or nobody knows of it.</summary>
    public Place? PlaceOf(string key)
    {
        lock (_lock)
            return _asked.TryGetValue(key, out var turn) ? PlaceOf(turn) : null;
    }

    private Place PlaceOf(SolvingTurn turn) => new(queue.Before(turn), queue.SecondsUntil(turn) + turn.Seconds);

    /// <summary>A short word for how far a job has come; another once there is something new to show.</summary>
    public string PulseOf(PlanningJob job) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{job.Since.ToUnixTimeMilliseconds()}.{job.Steps.Count}.{job.Remedies.Count}.{PlaceOf(job).Before}.{job.LooksForRemedies}");

    /// <summary>Begins to plan a day; one that is already being planned is stopped first.</summary>
    /// <param name="open">The day.</param>
    /// <param name="seconds">How long it may take.</param>
    /// <param name="near">True to change as little of the known plan as can be.</param>
    /// <param name="undo">What to do when there is no plan at all: take back what was asked.</param>
    public async Task<PlanningJob> BeginAsync(OpenDay open, double seconds, bool near, Func<DayBook, Task>? undo = null)
    {
        var job = Join(open, seconds, near, undo);
        if (job.Turn is not null)
            return job;
        job.Version = await TakeBackAsync(open.Kept.Id, job);
        job.Trouble = "Too many days are being planned at once. Try again in a minute" + AsItIs(job);
        job.Over = true;
        return job;
    }

    private PlanningJob Join(OpenDay open, double seconds, bool near, Func<DayBook, Task>? undo)
    {
        var built = DayOpener.FromNow(open);
        lock (_lock)
        {
            var before = Standing(open.Kept.Id).Job;
            var job = new PlanningJob
            {
                Seconds = seconds,
                Since = clock.GetUtcNow(),
                Opened = open,
                Built = built,
                Undo = undo,
                IsTakenBack = undo is not null,
            };

            // What was asked a moment ago is not taken back because something more is asked: both are planned now, and taken back together.
            if (before is { Over: false, Undo: { } earlier } && undo is not null)
            {
                before.Undo = null;
                job.Undo = async b =>
                {
                    await undo(b);
                    await earlier(b);
                };
            }

            Halt(open.Kept.Id);
            _jobs[open.Kept.Id] = job;
            foreach (var (day, old) in _jobs.Where(j => j.Value.Over).OrderBy(j => j.Value.Since).SkipLast(MostRemembered).ToList())
                _jobs.Remove(day);
            job.Turn = queue.TryJoin(Urgency.AtThePage, seconds, stopping => RunAsync(open, built, job, near, stopping));
            return job;
        }
    }

    /// <summary>Stops planning; the best plan so far is kept.</summary>
    public void Halt(int day)
    {
        lock (_lock)
        {
            if (!_jobs.TryGetValue(day, out var job) || job.Over)
                return;
            job.Stop.Cancel();
            if (job.Turn is { } turn)
                queue.GiveUp(turn);
        }
    }

    /// <summary>Answers a question that has to be solved, when its turn comes.</summary>
    /// <param name="asking">Who asks, and how long it may take.</param>
    /// <param name="solve">Solves it.</param>
    /// <param name="cancel">Ends it when whoever asked has gone.</param>
    /// <returns>The answer; null if too many are waiting, or it was given up.</returns>
    public async Task<T?> AskAsync<T>(Asking asking, Func<CancellationToken, T> solve, CancellationToken cancel)
        where T : class
    {
        T? answer = null;
        var turn = queue.TryJoin(
            asking.Urgency, asking.Seconds,
            stopping =>
            {
                using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancel);
                if (!either.IsCancellationRequested)
                    answer = solve(either.Token);
                return Task.CompletedTask;
            });
        if (turn is null)
            return null;
        var known = asking.Key.Length is > 0 and <= Asking.LongestKey;
        if (known)
        {
            lock (_lock)
                _asked[asking.Key] = turn;
        }

        try
        {
            await using var gone = cancel.Register(() => queue.GiveUp(turn));
            await turn.Over.WaitAsync(cancel);
            return answer;
        }
        finally
        {
            lock (_lock)
            {
                if (known && _asked.GetValueOrDefault(asking.Key) == turn)
                    _asked.Remove(asking.Key);
            }
        }
    }

    private async Task RunAsync(OpenDay open, BuiltDay built, PlanningJob job, bool near, CancellationToken stopping)
    {
        // Whoever stops the application ends the search; what was found by then is still kept.
        using var ends = stopping.Register(job.Stop.Cancel);
        var goesOn = false;
        try
        {
            var options = new SolveOptions { Seconds = job.Seconds, Known = KnownFor(open, built), StayNear = near };
            var solution = DaySolver.Solve(built.Day, options, job.Better, job.Stop.Token);
            if (solution.Plan is null && job.Undo is null && !job.Stop.IsCancellationRequested && built.Joined.Any(j => !j.Apart))
            {
                // What is done in one go ties orders together; where that leaves no day at all, each is done by itself: unless that is none
                // either.
                var apart = built.Joined.Select(j => j.Name).ToHashSet();
                List<string> together = [.. open.Kept.Apart];
                lock (_lock)
                    job.Undo = b => b.ChangeAsync(open.Kept.Id, d => d.Apart = together, CancellationToken.None);
                await using var scope = scopes.CreateAsyncScope();
                await scope.ServiceProvider.GetRequiredService<DayBook>().ChangeAsync(
                    open.Kept.Id, d => d.Apart = [.. apart], CancellationToken.None);
                var opener = scope.ServiceProvider.GetRequiredService<DayOpener>();
                if (await opener.OpenAsync(open.Kept.Id, CancellationToken.None) is { } again)
                {
                    (open, built) = (again, DayOpener.FromNow(again));
                    (job.Opened, job.Built) = (again, built);
                    solution = DaySolver.Solve(built.Day, options with { Known = null, StayNear = false }, job.Better, job.Stop.Token);
                }
            }

            if (solution.Plan is not { } plan)
            {
                job.Trouble = solution.NoneExists
                    ? "There is no such day, however late: what was asked cannot be."
                    : job.Stop.IsCancellationRequested ? ""
                    : "No plan was found in the time. Give it longer, or make the day easier.";
                job.Version = await TakeBackAsync(open.Kept.Id, job);
                return;
            }

            var kept = OpenDay.Keep(built, plan, solution.LatenessProven, solution.OvenOnProven) with
            {
                Print = OpenDay.FingerprintOf(open.Built),
            };
            await KeepAsync(open.Kept.Id, kept);
            if (plan.Lateness(built.Day) > 0 && !job.Stop.IsCancellationRequested)
            {
                // Nobody waits for that as for a plan: it has a turn of its own, after everybody's.
                goesOn = LookForRemedies(job, ending => FindRemediesAsync(open, built, plan, kept, job, ending));
            }
        }
        catch (Exception e)
        {
            await FailedAsync(open, job, e);
        }
        finally
        {
            job.Over = !goesOn;
        }
    }

    /// <summary>Asks for a turn to look for remedies, unless the job was stopped meanwhile.</summary>
    /// <returns>True where the job goes on.</returns>
    private bool LookForRemedies(PlanningJob job, Func<CancellationToken, Task> find)
    {
        lock (_lock)
        {
            if (job.Stop.IsCancellationRequested || queue.TryJoin(Urgency.Nobody, SecondsForRemedies, find) is not { } turn)
                return false;
            (job.LooksForRemedies, job.Turn) = (true, turn);
            return true;
        }
    }

    private async Task FindRemediesAsync(
        OpenDay open, BuiltDay built, Plan plan, KeptPlan kept, PlanningJob job, CancellationToken stopping)
    {
        using var ends = stopping.Register(job.Stop.Cancel);
        using var enough = CancellationTokenSource.CreateLinkedTokenSource(job.Stop.Token);
        enough.CancelAfter(TimeSpan.FromSeconds(SecondsForRemedies));
        try
        {
            var remedies = Remedies.Find(
                open.Orders, built.Setting, plan, new SolveOptions { Seconds = SecondsForOne }, job.Found, null, enough.Token);
            await KeepAsync(open.Kept.Id, kept with { Remedies = [.. remedies.Select(r => new KeptRemedy(r.Change.Code, r.IsLeast))] });
        }
        catch (Exception e)
        {
            Failed(log, open.Kept.Id, e);
            (job.Version, job.Trouble) = (open.Kept.Version, "Something went wrong while looking for what would make it possible.");
        }
        finally
        {
            job.Over = true;
        }
    }

    /// <summary>What was asked is taken back when planning it fails, so that what is said of the day is true.</summary>
    private async Task FailedAsync(OpenDay open, PlanningJob job, Exception e)
    {
        Failed(log, open.Kept.Id, e);
        job.Version = open.Kept.Version;
        try
        {
            job.Version = await TakeBackAsync(open.Kept.Id, job);
            job.Trouble = "Something went wrong while planning" + AsItIs(job);
        }
        catch (Exception again)
        {
            Failed(log, open.Kept.Id, again);
            job.Trouble = "Something went wrong while planning. What was asked stands in the day, and is not planned.";
        }
    }

    /// <summary>How the day stands after a job that came to nothing: only where something was taken back is it as it was.</summary>
    private static string AsItIs(PlanningJob job) => job.IsTakenBack ? "; the day is as it was." : ".";

    /// <summary>Takes back what was asked where it cannot be, and says which version of the day that leaves.</summary>
    private async Task<int> TakeBackAsync(int day, PlanningJob job)
    {
        await using var scope = scopes.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<DayBook>();
        if (job.Undo is { } undo)
            await undo(book);
        return (await book.FindAsync(day, CancellationToken.None))?.Version ?? 0;
    }

    /// <summary>The plan to begin from, where every work of the day is in it.</summary>
    private static Plan? KnownFor(OpenDay open, BuiltDay built) => open.KeptPlan is { } kept ? OpenDay.Fit(built.Day, kept) : null;

    private async Task KeepAsync(int id, KeptPlan plan)
    {
        await using var scope = scopes.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<DayOpener>().KeepAsync(id, plan);
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "Planning day {Day} failed.")]
    private static partial void Failed(ILogger logger, int day, Exception exception);
}
