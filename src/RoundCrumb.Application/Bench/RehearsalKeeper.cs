using System.Collections.Concurrent;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Playing;

namespace RoundCrumb.Application.Bench;

/// <summary>
/// Keeps rehearsals going: several times a second each is brought up to its moment. One that nobody watches stands until somebody goes
/// on with it, as one does that was under way when the application was stopped.
/// </summary>
public sealed partial class RehearsalKeeper(
    IServiceScopeFactory scopes, RunFeed feed, TimeProvider clock, ILogger<RehearsalKeeper> log) : BackgroundService
{
    /// <summary>How often it is looked what has happened.</summary>
    private static readonly TimeSpan Beat = TimeSpan.FromMilliseconds(250);

    /// <summary>How long nobody has to watch for it to stand.</summary>
    private static readonly TimeSpan Unwatched = TimeSpan.FromSeconds(20);

    private readonly ConcurrentDictionary<int, Driven> _driven = [];

    /// <summary>Keeps a rehearsal going from now on.</summary>
    public void Drive(int run)
    {
        var now = clock.GetUtcNow();
        _driven.AddOrUpdate(run, _ => new(now), (_, there) => there with { WatchedAt = now });
    }

    /// <summary>The kitchen of a rehearsal that is kept going, made once.</summary>
    internal async Task<SimulatedKitchen?> KitchenOfAsync(int run, Func<Task<SimulatedKitchen?>> make)
    {
        if (!_driven.TryGetValue(run, out var there))
            return null;
        if (there.Kitchen is { } kitchen)
            return kitchen;
        kitchen = await make();
        _driven.TryUpdate(run, there with { Kitchen = kitchen }, there);
        return kitchen;
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Beat, clock);
        await TryAsync(StandAllAsync, stoppingToken);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            foreach (var run in _driven.Keys)
                await TryAsync((services, cancel) => StepAsync(run, services, cancel), stoppingToken);
        }
    }

    private async Task StepAsync(int run, IServiceProvider services, CancellationToken cancel)
    {
        if (!_driven.TryGetValue(run, out var there))
            return;
        var now = clock.GetUtcNow();
        if (feed.IsWatched(run) && _driven.TryUpdate(run, there with { WatchedAt = now }, there))
            there = there with { WatchedAt = now };
        if (now - there.WatchedAt > Unwatched)
            await services.GetRequiredService<RunBook>().ChangeClockAsync(run, c => c.Paused(now), cancel);
        if (!await services.GetRequiredService<Rehearsals>().StepAsync(run, cancel))
            _driven.TryRemove(run, out _);
    }

    /// <summary>What was under way when the application was stopped stands at the last thing that happened.</summary>
    private async Task StandAllAsync(IServiceProvider services, CancellationToken cancel)
    {
        var book = services.GetRequiredService<RunBook>();
        foreach (var run in await book.RehearsedAsync(cancel))
        {
            if (run.Clock is not { IsPaused: false })
                continue;
            var last = (await book.EventsAsync(run.Id, 0, cancel)).Max(e => e.Event.At);
            await book.ChangeClockAsync(run.Id, c => (c with { At = last > c.At ? last : c.At }).Paused(c.Since), cancel);
        }
    }

    private async Task TryAsync(Func<IServiceProvider, CancellationToken, Task> act, CancellationToken cancel)
    {
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            await act(scope.ServiceProvider, cancel);
        }
        catch (Exception e) when (!cancel.IsCancellationRequested)
        {
            Failed(log, e);
        }
        catch (OperationCanceledException)
        {
            // The application is being stopped.
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "A rehearsal could not go on")]
    private static partial void Failed(ILogger log, Exception exception);

    /// <summary>A rehearsal that is kept going.</summary>
    private sealed record Driven(DateTimeOffset WatchedAt)
    {
        public SimulatedKitchen? Kitchen { get; init; }
    }
}
