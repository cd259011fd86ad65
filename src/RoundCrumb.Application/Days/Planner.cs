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

/// <summary>How days are planned.</summary>
/// <param name="Seconds">How long a plan may take to get better.</param>
public sealed record PlanningSettings(double Seconds = 10);

/// <summary>Puts days on the clock in the background, one job a day, and keeps what comes of it.</summary>
public sealed partial class Planner(
    SolvingQueue queue, IServiceScopeFactory scopes, TimeProvider clock, PlanningSettings settings, ILogger<Planner> log)
{
    /// <summary>How many jobs that are over are remembered for what they had to say.</summary>
    private const int MostRemembered = 50;

    private readonly Dictionary<int, PlanningJob> _jobs = [];
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

    /// <summary>How many other days and questions are solved before a job.</summary>
    public int Before(PlanningJob job) => job.Turn is { } turn ? queue.Before(turn) : 0;

    /// <summary>A short word for how far a job has come; another once there is something new to show.</summary>
    public string PulseOf(PlanningJob job) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{job.Since.ToUnixTimeMilliseconds()}.{job.Steps.Count}.{job.Remedies.Count}.{Before(job)}.{(job.LooksForRemedies ? 1 : 0)}");

    /// <summary>Begins to plan a day; one that is already being planned is stopped first.</summary>
    /// <param name="open">The day.</param>
    /// <param name="seconds">How long it may take.</param>
    /// <param name="near">True to change as little of the known plan as can be.</param>
    /// <param name="undo">What to do when there is no plan at all: take back what was asked.</param>
    public PlanningJob Begin(OpenDay open, double seconds, bool near, Func<DayBook, Task>? undo = null)
    {
        var built = DayOpener.FromNow(open);
        lock (_lock)
        {
            var before = Standing(open.Kept.Id).Job;
            var job = new PlanningJob { Seconds = seconds, Since = clock.GetUtcNow(), Opened = open, Built = built, Undo = undo };

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
            job.Turn = queue.TryJoin(stopping => RunAsync(open, built, job, near, stopping));
            if (job.Turn is null)
                (job.Trouble, job.Version, job.Over) = (
                    "Too many days are being planned at once. Try again in a minute; the day is as it was.", open.Kept.Version, true);
            return job;
        }
    }

    /// <summary>Stops planning; the best plan so far is kept.</summary>
    public void Halt(int day)
    {
        lock (_lock)
        {
            if (_jobs.TryGetValue(day, out var job) && !job.Over)
                job.Stop.Cancel();
        }
    }

    /// <summary>Answers a question that has to be solved, when its turn comes.</summary>
    /// <param name="solve">Solves it.</param>
    /// <param name="cancel">Ends it when whoever asked has gone.</param>
    /// <returns>The answer; none where too many are waiting, or it was given up.</returns>
    public async Task<T?> AskAsync<T>(Func<CancellationToken, T> solve, CancellationToken cancel)
        where T : class
    {
        T? answer = null;
        var turn = queue.TryJoin(stopping =>
        {
            using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancel);
            if (!either.IsCancellationRequested)
                answer = solve(either.Token);
            return Task.CompletedTask;
        });
        if (turn is null)
            return null;
        await turn.Over.WaitAsync(cancel);
        return answer;
    }

    private async Task RunAsync(OpenDay open, BuiltDay built, PlanningJob job, bool near, CancellationToken stopping)
    {
        // Whoever stops the application ends the search; what was found by then is still kept.
        using var ends = stopping.Register(job.Stop.Cancel);
        try
        {
            var options = new SolveOptions { Seconds = job.Seconds, Known = KnownFor(open, built), StayNear = near };
            var solution = DaySolver.Solve(built.Day, options, job.Better, job.Stop.Token);
            if (solution.Plan is null && job.Undo is null && !job.Stop.IsCancellationRequested && built.Joined.Any(j => !j.Apart))
            {
                // What is done in one go ties orders together; where that leaves no day at all, each is done by itself.
                var apart = built.Joined.Select(j => j.Name).ToHashSet();
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
                await using var scope = scopes.CreateAsyncScope();
                var book = scope.ServiceProvider.GetRequiredService<DayBook>();
                if (job.Undo is { } undo)
                    await undo(book);
                job.Version = (await book.FindAsync(open.Kept.Id, CancellationToken.None))?.Version ?? 0;
                return;
            }

            var kept = OpenDay.Keep(built, plan, solution.LatenessProven, solution.OvenOnProven) with
            {
                Print = OpenDay.FingerprintOf(open.Built),
            };
            await KeepAsync(open.Kept.Id, kept);
            if (plan.Lateness(built.Day) > 0 && !job.Stop.IsCancellationRequested)
            {
                job.LooksForRemedies = true;
                var remedies = Remedies.Find(
                    open.Orders, built.Setting, plan, new SolveOptions { Seconds = 1.5 }, job.Found, null, job.Stop.Token);
                await KeepAsync(open.Kept.Id, kept with { Remedies = [.. remedies.Select(r => new KeptRemedy(r.Change.Code, r.IsLeast))] });
            }
        }
        catch (Exception e)
        {
            Failed(log, open.Kept.Id, e);
            job.Version = open.Kept.Version;
            job.Trouble = "Something went wrong while planning; the day is as it was.";
        }
        finally
        {
            job.Over = true;
        }
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
