using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Microsoft.AspNetCore.Http.HttpResults;
using RoundCrumb.Application.Bench;
using RoundCrumb.Core.Bench;
using RoundCrumb.Data.Runs;

namespace RoundCrumb.Web.Api;

/// <summary>What a device that watches a run is told of.</summary>
/// <param name="Seq">The number of the event; what it was last told is asked on from there.</param>
/// <param name="Id">The event.</param>
/// <param name="Device">Which device it came from.</param>
/// <param name="Deed">What was done; none for a sign of life.</param>
public sealed record SeenEvent(int Seq, Guid Id, string Device, Deed? Deed)
{
    /// <summary>What a device reads; none for what was done.</summary>
    public LiveReading? Reading { get; init; }
}

/// <summary>The bench over HTTP: what is done goes in, what others do comes out.</summary>
public static class BenchEndpoints
{
    /// <summary>How often a silent line gives a sign of life, so that a dead one is noticed.</summary>
    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(15);

    /// <summary>Adds the endpoints.</summary>
    public static void MapBench(this WebApplication app)
    {
        var api = app.MapGroup(Routes.Api).WithTags("Bench");
        api.MapPost("/runs/{id:int}/events", TakeAsync)
            .WithSummary("Takes in what was done at a bench. Each event has an id of the device's making; sent again it does nothing.")
            .ProducesProblem(404).ProducesValidationProblem();
        api.MapGet("/runs/{id:int}/stream", StreamAsync)
            .WithSummary("Server-sent events of a run from a number on (Last-Event-ID, or after).").ProducesProblem(404)
            .DisableRequestTimeout();
        api.MapPost("/readings", Read)
            .WithSummary("Takes in what a scale or a probe reads; every bench sees it at once.")
            .WithDescription(
                "For a device of your own: send one reading whenever it changes, and once a second while it stands still. For example "
                    + "{\"device\": \"shelf scale\", \"quantity\": \"weight\", \"value\": 412.5, \"unit\": \"g\"} or "
                    + "{\"device\": \"custard probe\", \"quantity\": \"temperature\", \"value\": 168, \"unit\": \"F\"}. The "
                        + "instant may be left "
                    + "out: it is then taken to be read now.")
            .ProducesValidationProblem();
        api.MapGet("/readings", static (ReadingDoor door) => TypedResults.Ok(door.Last))
            .WithSummary("The last reading of each device, in g and °C.");
    }

    private static Results<Ok<LiveReading>, ValidationProblem> Read(SentReading sent, ReadingDoor door) =>
        door.Take(sent, out var troubles) is { } reading ? TypedResults.Ok(reading) : TypedResults.ValidationProblem(troubles);

    private static async Task<Results<Ok<TakenEvents>, NotFound, ValidationProblem>> TakeAsync(
        int id, SentEvents sent, BenchDesk desk, CancellationToken cancel)
    {
        if (sent.Events is not { Count: > 0 and <= BenchDesk.MostAtOnce })
        {
            return TypedResults.ValidationProblem(
                new Dictionary<string, string[]> { ["events"] = [$"Between 1 and {BenchDesk.MostAtOnce} events at once."] });
        }

        return await desk.TakeAsync(id, sent, cancel) is { } taken ? TypedResults.Ok(taken) : TypedResults.NotFound();
    }

    private static async Task<Results<ServerSentEventsResult<SeenEvent>, NotFound>> StreamAsync(
        int id, int? after, HttpRequest request, RunBook runs, RunFeed feed, IHostApplicationLifetime life, CancellationToken cancel)
    {
        if (await runs.FindAsync(id, cancel) is null)
            return TypedResults.NotFound();
        var from = int.TryParse(request.Headers["Last-Event-ID"], out var last) ? last : after ?? 0;
        return TypedResults.ServerSentEvents(WatchAsync(id, from, runs, feed, life.ApplicationStopping, cancel));
    }

    private static async IAsyncEnumerable<SseItem<SeenEvent>> WatchAsync(
        int run, int from, RunBook runs, RunFeed feed, CancellationToken stopping, [EnumeratorCancellation] CancellationToken cancel)
    {
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancel);

        // Watching begins before what is kept is read: nothing falls between the two.
        using var watch = feed.Begin(run);
        foreach (var e in await runs.EventsAsync(run, from, cancel))
        {
            from = e.Seq;
            yield return Seen(e);
        }

        yield return Alive(from);
        while (!either.IsCancellationRequested)
        {
            var more = await NextAsync(watch, either.Token);
            if (more is not var (events, readings))
                yield break;
            if (events.Count + readings.Count == 0)
                yield return Alive(from);
            foreach (var e in events.Where(e => e.Seq > from))
            {
                from = e.Seq;
                yield return Seen(e);
            }

            foreach (var reading in readings)
                yield return new(new(from, Guid.Empty, reading.Device, null) { Reading = reading }, "reading");
        }
    }

    /// <summary>What comes in next; nothing where a beat passes without, none where it is over.</summary>
    private static async Task<(IReadOnlyList<NumberedEvent> Events, IReadOnlyList<LiveReading> Readings)?> NextAsync(
        RunFeed.Watch watch, CancellationToken cancel)
    {
        using var beat = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        beat.CancelAfter(Beat);
        try
        {
            await watch.WaitAsync(beat.Token);
        }
        catch (OperationCanceledException)
        {
            return cancel.IsCancellationRequested ? null : ([], []);
        }

        var (events, readings) = (new List<NumberedEvent>(), new List<LiveReading>());
        while (watch.Events.TryRead(out var e))
            events.Add(e);
        while (watch.Readings.TryRead(out var reading))
            readings.Add(reading);
        return (events, readings);
    }

    private static SseItem<SeenEvent> Seen(NumberedEvent e) =>
        new(new(e.Seq, e.Event.Id, e.Event.Device, e.Event.Deed), "deed")
        {
            EventId = e.Seq.ToString(System.Globalization.CultureInfo.InvariantCulture),
        };

    private static SseItem<SeenEvent> Alive(int seq) => new(new(seq, Guid.Empty, "", null), "alive");
}
