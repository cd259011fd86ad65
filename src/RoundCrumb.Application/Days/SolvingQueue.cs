using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace RoundCrumb.Application.Days;

/// <summary>Who waits for what is solved, the most urgent first.</summary>
public enum Urgency
{
    /// <summary>Somebody stands at the bench with a pie in hand.</summary>
    AtTheBench,

    /// <summary>Somebody looks at a page and waits for its answer.</summary>
    AtThePage,

    /// <summary>Nobody waits: it is looked for what else would do.</summary>
    Nobody,
}

/// <summary>Something that is solved when its turn comes.</summary>
public sealed class SolvingTurn
{
    private readonly TaskCompletionSource _over = new(TaskCreationOptions.RunContinuationsAsynchronously);

    internal SolvingTurn(Func<CancellationToken, Task> work, Urgency urgency, double seconds) =>
        (Work, Urgency, Seconds) = (work, urgency, seconds);

    internal Func<CancellationToken, Task> Work { get; }

    /// <summary>Who waits for it.</summary>
    public Urgency Urgency { get; }

    /// <summary>Seconds that it may take.</summary>
    public double Seconds { get; }

    internal long Number { get; set; }

    /// <summary>Done once it has been solved, or given up.</summary>
    public Task Over => _over.Task;

    internal void End() => _over.TrySetResult();
}

/// <summary>
/// The one gate for all solving. What somebody at the bench waits for has a lane of its own, so that no plan of another day is in front
/// of it; all else is solved one at a time, what somebody waits for first, and among equals in the order in which it was asked for. Both
/// lanes are bounded. What is left in them when the application stops is given up.
/// </summary>
public sealed partial class SolvingQueue(ILogger<SolvingQueue> log, TimeProvider clock) : BackgroundService
{
    /// <summary>
    /// The most that wait in a lane. At some ten seconds each the last one waits three minutes, and longer is too long to wait for a page.
    /// </summary>
    public const int MostWaiting = 20;

    private readonly Lane _bench = new();
    private readonly Lane _pages = new();
    private readonly Lock _lock = new();
    private long _asked;

    /// <summary>Asks for a turn; null if the queue is full.</summary>
    /// <param name="urgency">Who waits for it.</param>
    /// <param name="seconds">How long it may take.</param>
    /// <param name="work">Solves it.</param>
    public SolvingTurn? TryJoin(Urgency urgency, double seconds, Func<CancellationToken, Task> work)
    {
        var turn = new SolvingTurn(work, urgency, seconds);
        var lane = LaneOf(turn);
        lock (_lock)
        {
            if (lane.Waiting.Count >= MostWaiting)
                return null;
            turn.Number = ++_asked;
            lane.Waiting.Enqueue(turn, (urgency, turn.Number));
        }

        lane.Come.Release();
        return turn;
    }

    /// <summary>How many are solved before one: the one that is being solved, and those that wait in front of it.</summary>
    public int Before(SolvingTurn turn)
    {
        lock (_lock)
            return InFrontOf(turn).Count;
    }

    /// <summary>Seconds until its turn comes, at the most: what is in front of it may be done sooner.</summary>
    public double SecondsUntil(SolvingTurn turn)
    {
        lock (_lock)
        {
            var lane = LaneOf(turn);
            return InFrontOf(turn).Sum(
                t => t == lane.Now ? Math.Max(0, t.Seconds - clock.GetElapsedTime(lane.Since).TotalSeconds) : t.Seconds);
        }
    }

    /// <summary>
    /// Gives up what still waits: nobody wants it any more. It leaves the queue, and its work is told at once that it is over.
    /// </summary>
    public void GiveUp(SolvingTurn turn)
    {
        lock (_lock)
        {
            if (!LaneOf(turn).Waiting.Remove(turn, out _, out _))
                return;
        }

        _ = Task.Run(() => WorkAsync(turn, new(canceled: true)));
    }

    /// <inheritdoc/>
    protected override Task ExecuteAsync(CancellationToken stoppingToken) =>
        Task.WhenAll(SolveAsync(_bench, stoppingToken), SolveAsync(_pages, stoppingToken));

    private Lane LaneOf(SolvingTurn turn) => turn.Urgency is Urgency.AtTheBench ? _bench : _pages;

    private List<SolvingTurn> InFrontOf(SolvingTurn turn)
    {
        var lane = LaneOf(turn);
        if (lane.Now == turn || turn.Over.IsCompleted)
            return [];
        var waiting = lane.Waiting.UnorderedItems.Select(static w => w.Element)
            .Where(w => (w.Urgency, w.Number).CompareTo((turn.Urgency, turn.Number)) < 0);
        return [.. lane.Now is { } now ? [now] : (IEnumerable<SolvingTurn>)[], .. waiting];
    }

    private async Task SolveAsync(Lane lane, CancellationToken stopping)
    {
        while (true)
        {
            await lane.Come.WaitAsync(stopping);
            SolvingTurn? turn;
            lock (_lock)
            {
                // What was given up has left the queue, and its sign that it came is still there.
                if (!lane.Waiting.TryDequeue(out turn, out _))
                    continue;
                (lane.Now, lane.Since) = (turn, clock.GetTimestamp());
            }

            // Solving takes a core for itself and must not hold up whoever starts the application.
            await Task.Run(() => WorkAsync(turn, stopping), CancellationToken.None);
        }
    }

    private async Task WorkAsync(SolvingTurn turn, CancellationToken stopping)
    {
        try
        {
            await turn.Work(stopping);
        }
        catch (Exception e)
        {
            Failed(log, e);
        }
        finally
        {
            var lane = LaneOf(turn);
            lock (_lock)
            {
                if (lane.Now == turn)
                    lane.Now = null;
            }

            turn.End();
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "Something could not be solved.")]
    private static partial void Failed(ILogger logger, Exception exception);

    private sealed class Lane
    {
        public PriorityQueue<SolvingTurn, (Urgency Urgency, long Number)> Waiting { get; } = new();

        public SemaphoreSlim Come { get; } = new(0);

        public SolvingTurn? Now { get; set; }

        public long Since { get; set; }
    }
}
