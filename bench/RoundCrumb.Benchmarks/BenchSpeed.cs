using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// The bench: a tick seen on another device, a run of many events opened, devices that listen, the rest of a day planned again, and a
/// thousand plays of one.
/// </summary>
public static class BenchSpeed
{
    private const int Seeds = 10;
    private const int Ticks = 200;
    private const int Listeners = 20;
    private const int Events = 5000;

    /// <summary>Measures and prints; 1 where a promise is not kept.</summary>
    public static async Task<int> RunAsync()
    {
        var kept = Replans();
        kept &= Plays();
        kept &= await LiveAsync();
        return kept ? 0 : 1;
    }

    /// <summary>An overrun of 20 min in the middle of a day: how soon the rest is planned again.</summary>
    private static bool Replans()
    {
        var kept = true;
        foreach (var batches in new[] { 16, 24 })
        {
            var (first, whole, proven) = (new List<double>(), new List<double>(), 0);
            for (var seed = 1; seed <= Seeds; seed++)
            {
                var built = DayMaker.Make(seed, batches);
                if (DaySolver.Solve(built.Day, new() { Seconds = 6 }).Plan is not { } plan)
                    continue;
                var (later, _) = OverrunDay.At(built, plan, OverrunDay.Middle(plan), 20 / Slot.Minutes);
                var watch = Stopwatch.StartNew();
                double? answer = null;
                var solution = DaySolver.Solve(
                    later.Day, new() { Seconds = 5, Known = plan, StayNear = true }, _ => answer ??= watch.Elapsed.TotalSeconds);
                whole.Add(watch.Elapsed.TotalSeconds);
                first.Add(answer ?? 5);
                proven += solution.LatenessProven ? 1 : 0;
            }

            Say($"{batches} batches planned again: first answer {Median(first):0.00} s, over after {Median(whole):0.00} s");
            Say($"  lateness proven on {proven} of {whole.Count}");
            kept &= batches == 16 ? Median(whole) <= 1 : Median(first) <= 1;
        }

        return kept;
    }

    private static bool Plays()
    {
        var took = new List<double>();
        for (var seed = 1; seed <= 3; seed++)
        {
            var built = DayMaker.Make(seed, 16);
            if (DaySolver.Solve(built.Day, new() { Seconds = 4 }).Plan is not { } plan)
                continue;
            DayOdds.Of(built, plan, 50);
            var watch = Stopwatch.StartNew();
            var odds = DayOdds.Of(built, plan);
            took.Add(watch.Elapsed.TotalSeconds);
            Say($"  {odds.Plays} plays of 16 batches: {took[^1]:0.00} s, all in time in {odds.AllInTime:P0}");
        }

        Say($"1,000 plays of 16 batches: {Median(took):0.00} s (at most 1)");
        return Median(took) <= 1;
    }

    private static async Task<bool> LiveAsync()
    {
        var folder = Directory.CreateTempSubdirectory("roundcrumb-bench-");
        Environment.SetEnvironmentVariable("ASPNETCORE_TEST_CONTENTROOT_ROUNDCRUMB_WEB", HttpRatio.WebFolder());
        await using var server = new Demo(folder.FullName);
        server.UseKestrel(0);
        server.StartServer();
        using var client = new HttpClient { BaseAddress = server.ClientOptions.BaseAddress };
        await using var scope = server.Services.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<RunBook>();
        var run = await book.BeginAsync(
            new() { BakeDayId = 1, Name = "bench", BegunAt = DateTimeOffset.UtcNow }, Event(new Began(RunPlan.Empty), 0));

        // A tick, from the moment it is sent to the moment that another device has heard of it.
        using var stream = await client.GetStreamAsync(new Uri($"/api/v1/runs/{run.Id}/stream", UriKind.Relative));
        using var reader = new StreamReader(stream);
        var (ticks, bare) = (new List<double>(), new List<double>());
        for (var i = -50; i < Ticks; i++)
        {
            var id = Guid.NewGuid();
            var at = DateTimeOffset.UtcNow;
            var watch = Stopwatch.StartNew();
            using var post = await client.PostAsJsonAsync(
                $"/api/v1/runs/{run.Id}/events",
                new
                {
                    device = "one",
                    baker = "",
                    sentAt = at,
                    events = new[] { new { id, at, deed = new { kind = "ticked", task = "o1.fill" } } },
                });
            while (await reader.ReadLineAsync() is { } line && !line.Contains(id.ToString(), StringComparison.Ordinal))
            {
            }

            var seen = watch.Elapsed.TotalMilliseconds;
            watch.Restart();
            await client.GetByteArrayAsync(new Uri("/api/v1/pies?take=1", UriKind.Relative));
            if (i < 0)
                continue;
            ticks.Add(seen);
            bare.Add(watch.Elapsed.TotalMilliseconds);
        }

        Say($"a tick seen elsewhere: {Median(ticks):0.00} ms, a bare request {Median(bare):0.00} ms");
        Say($"  that is {Median(ticks) / Median(bare):0.0} times (at most 5)");

        // A run of 5,000 events, opened.
        var many = await book.BeginAsync(
            new() { BakeDayId = 2, Name = "long", BegunAt = DateTimeOffset.UtcNow }, Event(new Began(RunPlan.Empty), 0));
        foreach (var some in Enumerable.Range(1, Events).Select(i => Event(new Ticked(Task(i % 150)), i)).Chunk(500))
            await book.AddAsync(many.Id, some);
        var (opened, cold) = (new List<double>(), new List<double>());
        for (var i = -5; i < 20; i++)
        {
            await using var fresh = server.Services.CreateAsyncScope();
            var watch = Stopwatch.StartNew();
            var state = RunState.Of((await fresh.ServiceProvider.GetRequiredService<RunBook>().EventsAsync(many.Id)).Select(e => e.Event));
            _ = state.Clocks().Count;
            if (i >= 0)
                cold.Add(watch.Elapsed.TotalMilliseconds);
            await book.AddAsync(many.Id, [Event(new Ticked(Task(i + 5)), Events + 6 + i)]);
            watch.Restart();
            _ = (await fresh.ServiceProvider.GetRequiredService<RunBook>().OpenAsync(many.Id)).State.Clocks().Count;
            if (i >= 0)
                opened.Add(watch.Elapsed.TotalMilliseconds);
        }

        Say($"a run of {Events} events opened, one of them new: {Median(opened):0} ms (at most 50)");
        Say($"  and with all of them read from the file: {Median(cold):0} ms");

        // Devices that listen.
        var before = Memory();
        var streams = new List<Stream>();
        for (var i = 0; i < Listeners; i++)
        {
            streams.Add(await client.GetStreamAsync(new Uri($"/api/v1/runs/{run.Id}/stream?after=1000000", UriKind.Relative)));
            await streams[^1].ReadAtLeastAsync(new byte[8], 8);
        }

        var more = (Memory() - before) / 1e6;
        streams.ForEach(s => s.Dispose());
        Say($"{Listeners} devices listening: {more:0.0} MB, their own side counted in (under 50)");
        return Median(ticks) / Median(bare) <= 5 && Median(opened) <= 50 && more < 50;
    }

    private static long Memory()
    {
        GC.Collect();
        GC.WaitForPendingFinalizers();
        GC.Collect();
        return GC.GetTotalMemory(true);
    }

    private static RunEvent Event(Deed deed, double minutes) =>
        new(Guid.NewGuid(), deed, "one", "", DateTimeOffset.UtcNow.AddMinutes(minutes / 100), DateTimeOffset.UtcNow);

    private static TaskKey Task(int n) => new(new($"o{n}", new(new(StepKind.Fill, "", 0), false, OneOf.One, OneOf.One)));

    private static double Median(IEnumerable<double> values)
    {
        var sorted = values.Order().ToList();
        return sorted.Count == 0 ? double.NaN : sorted[sorted.Count / 2];
    }

    private static void Say(FormattableString words) => Console.WriteLine(words.ToString(CultureInfo.InvariantCulture));

    private sealed class Demo(string folder) : WebApplicationFactory<RoundCrumb.Web.Hosting.Preferences>
    {
        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseSetting("RoundCrumb:File", Path.Combine(folder, "bench.db"));
            builder.UseSetting("RoundCrumb:Demo", "true");
            builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
        }
    }
}
