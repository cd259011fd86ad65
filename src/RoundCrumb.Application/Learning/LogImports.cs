using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace RoundCrumb.Application.Learning;

/// <summary>How far a log that is brought in has come.</summary>
public enum LogImportStage
{
    /// <summary>Its rows are read, and each is held against what is here; nothing is kept yet.</summary>
    Reading,

    /// <summary>All of it is kept at once, or nothing.</summary>
    Keeping,

    /// <summary>What the bakes say is learned; they are in the notebook already.</summary>
    Learning,
}

/// <summary>How far a log that is brought in has come, and of how much.</summary>
/// <param name="Stage">What is done.</param>
/// <param name="Done">Rows or bakes that are done.</param>
/// <param name="Of">How many there are; 0 while that is not known.</param>
public sealed record LogImportStep(LogImportStage Stage, int Done, int Of);

/// <summary>A log that is being brought in, or was last.</summary>
public sealed class LogImportJob : IDisposable
{
    private readonly CancellationTokenSource _stop;
    private volatile LogImportStep _step = new(LogImportStage.Reading, 0, 0);

    internal LogImportJob(string? text, CancellationToken ends) =>
        (Text, _stop) = (text, CancellationTokenSource.CreateLinkedTokenSource(ends));

    /// <summary>What was sent; null where only what was left to learn of an earlier one is learned.</summary>
    public string? Text { get; }

    /// <summary>How far it is.</summary>
    public LogImportStep Step
    {
        get => _step;
        internal set => _step = value;
    }

    /// <summary>What came of it; null while it is under way, and where it was stopped or failed before anything was kept.</summary>
    public TakenLogs? Taken { get; internal set; }

    /// <summary>True if it was stopped.</summary>
    public bool Stopped { get; internal set; }

    /// <summary>What went wrong; null if nothing did.</summary>
    public Exception? Failed { get; internal set; }

    /// <summary>When it was over; null while it is under way.</summary>
    public DateTimeOffset? EndedAt { get; internal set; }

    /// <summary>Done once nothing more will come.</summary>
    public Task Over { get; internal set; } = Task.CompletedTask;

    internal CancellationToken Ends => _stop.Token;

    /// <summary>
    /// Ends it. Before it is kept nothing of it is; afterwards the bakes stay, and what is left to learn of them is learned when the
    /// application starts again.
    /// </summary>
    public void Stop() => _stop.Cancel();

    /// <inheritdoc/>
    public void Dispose() => _stop.Dispose();
}

/// <summary>
/// Brings logs in beside everything else, one at a time. Where the application ends, it waits for what is under way to stop.
/// </summary>
public sealed partial class LogImports(
    IServiceScopeFactory scopes, IHostApplicationLifetime life, TimeProvider clock, ILogger<LogImports> log) : IHostedService
{
    /// <summary>What came of one is shown for so long, in every window: whoever sent it may look later than somebody else.</summary>
    private static readonly TimeSpan ShownFor = TimeSpan.FromHours(1);

    /// <summary>So few are learned before anybody is let in.</summary>
    private const int LearnedAtOnce = 200;

    private readonly Lock _lock = new();
    private LogImportJob? _last;

    /// <summary>The one that is under way, or was over within the last hour; null if there is none.</summary>
    public LogImportJob? Last
    {
        get
        {
            lock (_lock)
                return _last is { EndedAt: { } ended } last && (last.Text is null || clock.GetUtcNow() - ended > ShownFor) ? null : _last;
        }
    }

    /// <summary>
    /// Learns what is left to learn, at the start: a few at once; many, as a long log leaves them that was cut off, beside everything else.
    /// </summary>
    public async Task CatchUpAsync(CancellationToken cancel = default)
    {
        await using var scope = scopes.CreateAsyncScope();
        var learner = scope.ServiceProvider.GetRequiredService<KitchenLearner>();
        if (await learner.LeftAsync(cancel) <= LearnedAtOnce)
            await learner.CatchUpAsync(cancel: cancel);
        else
            TryBegin(null);
    }

    /// <summary>Begins to bring a log in; null while another is under way.</summary>
    /// <param name="text">The log; null to learn only what is left to learn.</param>
    public LogImportJob? TryBegin(string? text)
    {
        lock (_lock)
        {
            if (_last is { Over.IsCompleted: false })
                return null;
            _last?.Dispose();
            var job = new LogImportJob(text, life.ApplicationStopping);
            job.Over = Task.Run(() => RunAsync(job), CancellationToken.None);
            return _last = job;
        }
    }

    /// <inheritdoc/>
    public Task StartAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    /// <inheritdoc/>
    public Task StopAsync(CancellationToken cancellationToken) =>
        Last is { } last ? last.Over.WaitAsync(cancellationToken) : Task.CompletedTask;

    private async Task RunAsync(LogImportJob job)
    {
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            if (job.Text is { } text)
                job.Taken = await scope.ServiceProvider.GetRequiredService<LogTransfer>().TakeInAsync(
                    text, step => job.Step = step, taken => job.Taken = taken, job.Ends);
            else
                await scope.ServiceProvider.GetRequiredService<KitchenLearner>().CatchUpAsync(
                    (done, of) => job.Step = new(LogImportStage.Learning, done, of), job.Ends);
        }
        catch (OperationCanceledException)
        {
            job.Stopped = true;
        }
        catch (Exception e)
        {
            job.Failed = e;
            Broke(log, e);
        }
        finally
        {
            job.EndedAt = clock.GetUtcNow();
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "A log could not be brought in.")]
    private static partial void Broke(ILogger logger, Exception exception);
}
