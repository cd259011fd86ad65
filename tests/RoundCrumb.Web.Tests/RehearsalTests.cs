using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Bench;
using RoundCrumb.Core.Bench;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;

namespace RoundCrumb.Web.Tests;

/// <summary>A planned day rehearsed: by nobody's hands to its end, and by a person's.</summary>
public sealed class RehearsalTests : IAsyncLifetime
{
    private readonly SetClock _clock = new(DateTimeOffset.UtcNow);
    private Kitchen _kitchen = null!;
    private HttpClient _baker = null!;

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public async ValueTask InitializeAsync()
    {
        _kitchen = new Kitchen(demo: true) { Clock = _clock };
        _baker = _kitchen.Baker();
        await _baker.SendAsync("/days/1", "/days/1?handler=Solve");
        while ((await _baker.PageAsync("/days/1")).Contains("class=\"planning\"", StringComparison.Ordinal))
            await Task.Delay(100, Cancel);
    }

    public async ValueTask DisposeAsync()
    {
        _baker.Dispose();
        await _kitchen.DisposeAsync();
    }

    private async Task<int> RehearseAsync(string hands, double speed, string luck = "Ordinary")
    {
        using var begun = await _baker.SendAsync(
            "/days/1/sure", "/days/1/sure?handler=Rehearse", ("hands", hands), ("speed", speed.ToString(CultureInfo.InvariantCulture)),
            ("luck", luck), ("seed", "7"));
        begun.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        return int.Parse(begun.Headers.Location!.ToString().Split('/', '?')[2], CultureInfo.InvariantCulture);
    }

    private async Task<T> AskAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private Task<OpenBench> OpenAsync(int run) =>
        AskAsync(async s => (await s.GetRequiredService<BenchDesk>().OpenAsync(run, Cancel))!);

    /// <summary>Lets time pass until something is so.</summary>
    private async Task<OpenBench> UntilAsync(int run, Func<OpenBench, bool> isSo, string what, double seconds = 1)
    {
        for (var i = 0; i < 1200; i++)
        {
            var open = await OpenAsync(run);
            if (isSo(open))
                return open;
            _clock.Now = _clock.Now.AddSeconds(seconds);
            await Task.Delay(50, Cancel);
        }

        throw new TimeoutException(what);
    }

    [Fact]
    public async Task A_whole_day_is_done_without_a_hand_and_leaves_the_day_as_it_was()
    {
        var before = await AskAsync(s => s.GetRequiredService<DayBook>().FindAsync(1, Cancel));
        var bakes = await AskAsync(s => s.GetRequiredService<BakeBook>().CountAsync(new(), Cancel));
        var run = await RehearseAsync("Nobody", RehearsalClock.Fastest, "Bad");
        var page = await _baker.PageAsync($"/bench/{run}");
        page.ShouldContain("Simulated bakers do all of it");
        page.ShouldNotContain("data-done");
        using var watched = _kitchen.Services.GetRequiredService<RunFeed>().Begin(run);
        var over = await UntilAsync(run, o => o.State.EndedAt is not null, "the day is over");
        over.State.Left().ShouldBeEmpty();
        (await _baker.PageAsync($"/bench/{run}")).ShouldContain("See what it cost");

        // It says what it cost, and an entry for each order with its minutes and what was in the pot.
        var cost = (await AskAsync(s => s.GetRequiredService<Rehearsals>().ReadAsync(run, Cancel))).ShouldNotBeNull();
        cost.Cost.Orders.Count.ShouldBe(6);
        cost.Cost.Orders.ShouldAllBe(o => o.Ready != null);
        cost.Entries.Count.ShouldBe(6);
        cost.Entries.ShouldAllBe(e => e.Entry.FromPot != null || e.Entry.StageMinutes.Count > 0);
        var reading = await _baker.PageAsync($"/bench/{run}/rehearsed");
        reading.ShouldContain("What the log would say");
        reading.ShouldContain($"{cost.Cost.Orders.Count(o => o.InTime)} of 6");

        // The day, its plan, its bakes and what is under way are as they were.
        var after = await AskAsync(s => s.GetRequiredService<DayBook>().FindAsync(1, Cancel));
        after!.Plan.ShouldBe(before!.Plan);
        after.Version.ShouldBe(before.Version);
        (await AskAsync(s => s.GetRequiredService<BakeBook>().CountAsync(new(), Cancel))).ShouldBe(bakes);
        (await _baker.PageAsync("/")).ShouldNotContain("On the bench");
        using var log = await _baker.GetAsync($"/bench/{run}/log", Cancel);
        log.Headers.Location!.ToString().ShouldBe($"/bench/{run}/rehearsed");
        using var begun = await _baker.SendAsync("/bench", "/bench", ("day", "1"));
        begun.Headers.Location!.ToString().ShouldNotBe($"/bench/{run}");
    }

    [Fact]
    public async Task A_persons_hands_begin_and_the_kitchen_says_when_they_are_done()
    {
        var run = await RehearseAsync("Everybody", 60);
        using (_kitchen.Services.GetRequiredService<RunFeed>().Begin(run))
        {
            (await _baker.PageAsync($"/bench/{run}")).ShouldContain("Do it");
            var open = await OpenAsync(run);
            var task = open.State.Left().First();
            (await UntilAsync(run, o => o.Now >= task.From, "its time has come")).State.Left().First().Task.ShouldBe(task.Task);
            await SendAsync(run, new { kind = "started", task = task.Task.ToString() });
            (await UntilAsync(run, o => o.State.Of(task.Task).IsDone, "hands are done")).State.Of(task.Task).StartedAt
                .ShouldNotBeNull();

            // What only the kitchen can say is refused, and time at another speed goes on from where it was.
            var refused = await SendAsync(run, new { kind = "showed", task = task.Task.ToString(), fault = "scorched" });
            refused.GetProperty("refused").GetArrayLength().ShouldBe(1);
            await PostAsync(run, "Speed", ("speed", "300"));
            var (at, then) = ((await OpenAsync(run)).Now, _clock.Now);
            _clock.Now = then.AddSeconds(1);
            (await OpenAsync(run)).Now.ShouldBeGreaterThanOrEqualTo(at.AddSeconds(300));
            await PostAsync(run, "Speed", ("speed", "1e9"));
            (await OpenAsync(run)).Run.Clock!.Speed.ShouldBe(RehearsalClock.Fastest);
            await PostAsync(run, "Pause");
            var stands = (await OpenAsync(run)).Now;
            _clock.Now = _clock.Now.AddMinutes(5);
            (await OpenAsync(run)).Now.ShouldBe(stands);
            await PostAsync(run, "Skip");
            await PostAsync(run, "GoOn");
            (await OpenAsync(run)).Now.ShouldBeGreaterThanOrEqualTo(stands);
        }

        // Nobody watches: it stands by itself, and is among the rehearsals to go on with.
        await UntilAsync(run, o => o.Run.Clock!.IsPaused, "it stands", 5);
        (await _baker.PageAsync("/bench")).ShouldContain("Continue the rehearsal");
        (await PostAsync(run, "Speed", ("speed", "fast"))).ShouldContain("Rehearsal");
    }

    [Fact]
    public async Task What_was_under_way_when_the_application_was_stopped_stands_at_the_last_thing_that_happened()
    {
        var run = await RehearseAsync("Nobody", 150);
        DateTimeOffset last;
        using (_kitchen.Services.GetRequiredService<RunFeed>().Begin(run))
            last = (await UntilAsync(run, o => o.State.Known.Values.Count(t => t.IsDone) > 2, "something is done")).State.LastAt!.Value;

        // What begins anew with the application finds it under way, with nobody who has asked for it.
        using var begun = ActivatorUtilities.CreateInstance<RehearsalKeeper>(_kitchen.Services);
        await begun.StartAsync(Cancel);
        for (var i = 0; i < 200; i++)
        {
            var open = await OpenAsync(run);
            if (open.Run.Clock!.IsPaused)
            {
                open.Now.ShouldBeGreaterThanOrEqualTo(last);
                open.Now.ShouldBeLessThan(last.AddHours(2));
                (await _baker.PageAsync($"/bench/{run}")).ShouldContain("Resume");
                await begun.StopAsync(Cancel);
                return;
            }

            await Task.Delay(50, Cancel);
        }

        Assert.Fail("It goes on though nobody has asked it to.");
    }

    [Fact]
    public async Task A_rehearsal_of_a_day_that_is_put_away_says_so()
    {
        var run = await RehearseAsync("Everybody", 60);
        await AskAsync(s => s.GetRequiredService<DayBook>().PutAwayAsync(1, true, Cancel));
        (await _baker.PageAsync($"/bench/{run}")).ShouldContain("deleted");
        using var cost = await _baker.GetAsync($"/bench/{run}/rehearsed", Cancel);
        cost.Headers.Location!.ToString().ShouldBe($"/bench/{run}");
    }

    [Fact]
    public async Task What_is_no_rehearsal_has_no_clock_to_set_and_no_cost()
    {
        using var begun = await _baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        var run = int.Parse(begun.Headers.Location!.ToString().Split('/')[^1], CultureInfo.InvariantCulture);
        (await PostAsync(run, "Pause")).ShouldContain("no rehearsal that is under way");
        await _baker.PageAsync($"/bench/{run}/rehearsed", HttpStatusCode.NotFound);
        using var unplanned = await _baker.SendAsync("/days/1/sure", "/days/99/sure?handler=Rehearse", ("hands", "Everybody"));
        unplanned.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    private async Task<string> PostAsync(int run, string handler, params (string Name, string Value)[] fields)
    {
        using var answer = await _baker.SendAsync("/days/1", $"/bench/{run}?handler={handler}", fields);
        return await answer.TextAsync();
    }

    private async Task<System.Text.Json.JsonElement> SendAsync(int run, object deed)
    {
        using var answer = await _baker.PostAsJsonAsync(
            $"/api/v1/runs/{run}/events",
            new
            {
                device = "tablet",
                baker = "",
                sentAt = _clock.Now,
                events = new[] { new { id = Guid.NewGuid(), at = _clock.Now, deed } },
            },
            Cancel);
        return await answer.Content.ReadFromJsonAsync<System.Text.Json.JsonElement>(Cancel);
    }
}
