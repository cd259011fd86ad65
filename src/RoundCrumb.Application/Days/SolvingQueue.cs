using System.Threading.Channels;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace RoundCrumb.Application.Days;

/// <summary>Something that is solved when its turn comes.</summary>
public sealed class SolvingTurn
{
    private readonly TaskCompletionSource _over = new(TaskCreationOptions.RunContinuationsAsynchronously);

    internal SolvingTurn(Func<CancellationToken, Task> work) => Work = work;

    internal Func<CancellationToken, Task> Work { get; }

    internal long Number { get; set; }

    /// <summary>Done once it has been solved, or given up.</summary>
    public Task Over => _over.Task;

    internal void End() => _over.TrySetResult();
}

/// <summary>
/// The one gate for all solving: one thing at a time, in the order in which it was asked for, with a queue that is
/// bounded. What is left in it when the application stops is given up.
/// </summary>
public sealed partial class SolvingQueue(ILogger<SolvingQueue> log) : BackgroundService
{
    /// <summary>
    /// The most that wait. At some ten seconds each the last one waits three minutes, and longer is too long to wait for a page.
    /// </summary>
    public const int MostWaiting = 20;

    private readonly Channel<SolvingTurn> _turns = Channel.CreateUnbounded<SolvingTurn>(new() { SingleReader = true });
    private readonly Lock _lock = new();
    private long _asked;
    private long _begun;

    /// <summary>Asks for a turn; none where the queue is full.</summary>
    public SolvingTurn? TryJoin(Func<CancellationToken, Task> work)
    {
        var turn = new SolvingTurn(work);
        lock (_lock)
        {
            if (_asked - _begun >= MostWaiting)
                return null;
            turn.Number = ++_asked;
            _turns.Writer.TryWrite(turn);
        }

        return turn;
    }

    /// <summary>How many are solved before one: the one that is being solved, and those that wait in front of it.</summary>
    public int Before(SolvingTurn turn)
    {
        lock (_lock)
            return (int)Math.Max(0, turn.Number - Math.Max(1, _begun));
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await foreach (var turn in _turns.Reader.ReadAllAsync(stoppingToken))
        {
            lock (_lock)
                _begun = turn.Number;
            try
            {
                // Solving takes a core for itself and must not hold up whoever starts the application.
                await Task.Run(() => turn.Work(stoppingToken), CancellationToken.None);
            }
            catch (Exception e)
            {
                Failed(log, e);
            }
            finally
            {
                turn.End();
            }
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "Something could not be solved.")]
    private static partial void Failed(ILogger logger, Exception exception);
}
