using System.Net;
using System.Net.Http.Json;
using System.Net.ServerSentEvents;
using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Units;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Changes;

namespace RoundCrumb.Web.Tests;

/// <summary>A day at the bench, over HTTP: what goes in is never lost, whatever the device, its clock or its connection does.</summary>
public sealed partial class BenchTests : IAsyncLifetime
{
    private static readonly CancellationToken Cancel = TestContext.Current.CancellationToken;
    private readonly DemoKitchen _kitchen = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    /// <summary>Begins the coffee cream pies of the demo at once.</summary>
    private static async Task<int> BeginAsync(HttpClient baker, int bake = 3)
    {
        using var answer = await baker.SendAsync($"/bakes/{bake}", $"/bakes/{bake}?handler=Begin");
        answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        return int.Parse(answer.Headers.Location!.ToString().Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
    }

    private async Task<T> AskAsync<T>(Func<IServiceProvider, Task<T>> ask)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider);
    }

    private Task<OpenBench> OpenAsync(int run) =>
        AskAsync(async s => (await s.GetRequiredService<BenchDesk>().OpenAsync(run, TestContext.Current.CancellationToken))!);

    private static async Task<JsonElement> SendAsync(HttpClient baker, int run, DateTimeOffset sentAt, params object[] events)
    {
        using var answer = await baker.PostAsJsonAsync(
            $"/api/v1/runs/{run}/events", new { device = "tablet", baker = "", sentAt, events }, TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        return await answer.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
    }

    private static object Tick(string task, DateTimeOffset at, Guid? id = null) =>
        new { id = id ?? Guid.NewGuid(), at, deed = new { kind = "ticked", task } };

    private static List<string> Tasks(string page) => [.. TaskOf().Matches(page).Select(m => WebUtility.HtmlDecode(m.Groups[1].Value))];

    [Fact]
    public async Task A_batch_is_begun_at_once_and_its_first_step_is_at_hand()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var page = await baker.PageAsync($"/bench/{run}");
        page.ShouldContain("Grind the crumb");
        page.ShouldContain("555 g");
        page.ShouldContain("all in time");
        var open = await OpenAsync(run);
        (open.State.Plan.Tasks[0].From - open.Now).ShouldBeLessThan(TimeSpan.FromMinutes(6));

        // It is wanted when it can be ready, so the day is in time; the counter says what is under way.
        var view = new DayView(open.Day!, open.Day!.Built, open.Day.Plan!, new QuantityFormatter(default));
        view.Late.ShouldBeEmpty();
        (await baker.PageAsync("/")).ShouldContain("On the bench");
        (await baker.PageAsync("/bench")).ShouldContain("To the bench");
        (await baker.PageAsync($"/bench/{run}?baker=nobody")).ShouldContain("Grind the crumb");
    }

    [Fact]
    public async Task What_is_sent_twice_is_kept_once_and_ticks_count_from_when_they_were_made()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var begun = (await OpenAsync(run)).Run.BegunAt;
        var tasks = Tasks(await baker.PageAsync($"/bench/{run}"));
        var (now, id) = (DateTimeOffset.UtcNow, Guid.NewGuid());
        var first = await SendAsync(baker, run, now, Tick(tasks[0], now, id));
        var again = await SendAsync(baker, run, now, Tick(tasks[0], now, id), Tick(tasks[1], now));
        first.GetProperty("kept").GetArrayLength().ShouldBe(1);
        again.GetProperty("kept").GetArrayLength().ShouldBe(2);
        (await AskAsync(s => s.GetRequiredService<RunBook>().EventsAsync(run, 0, TestContext.Current.CancellationToken))).Count.ShouldBe(3);

        // A device whose clock is ten minutes slow: what it says happened now happened now.
        var slow = DateTimeOffset.UtcNow.AddMinutes(-10);
        await SendAsync(baker, run, slow, Tick(tasks[2], slow));
        var open = await OpenAsync(run);
        (open.State.Of(Key(tasks[2])).DoneAt!.Value - DateTimeOffset.UtcNow).Duration().ShouldBeLessThan(TimeSpan.FromMinutes(1));

        // Nothing happened before the run was begun, nor in time to come.
        var sent = DateTimeOffset.UtcNow;
        await SendAsync(baker, run, sent, Tick(tasks[3], sent.AddDays(-3)), Tick(tasks[4], sent.AddDays(3)));
        open = await OpenAsync(run);
        open.State.Of(Key(tasks[3])).DoneAt!.Value.ShouldBe(begun, TimeSpan.FromMilliseconds(2));
        open.State.Of(Key(tasks[4])).DoneAt!.Value.ShouldBeLessThanOrEqualTo(DateTimeOffset.UtcNow);
    }

    [Fact]
    public async Task Two_devices_at_once_lose_nothing()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var tasks = Tasks(await baker.PageAsync($"/bench/{run}"));
        var now = DateTimeOffset.UtcNow;
        var shared = Guid.NewGuid();
        await Task.WhenAll(
            Enumerable.Range(0, 8).Select(
                n => SendAsync(baker, run, now, Tick(tasks[n % tasks.Count], now), Tick(tasks[0], now, shared), Tick("o99.fill", now))));
        var events = await AskAsync(s => s.GetRequiredService<RunBook>().EventsAsync(run, 0, TestContext.Current.CancellationToken));
        events.Count.ShouldBe(1 + 8 + 1 + 8);
        events.Select(e => e.Seq).ShouldBeInOrder();
        var open = await OpenAsync(run);
        tasks.Take(8).ShouldAllBe(t => open.State.Of(Key(t)).IsDone);
    }

    [Theory]
    [InlineData("""{"kind":"measured","task":"o1.fill","of":"middle","value":900}""", "900 °C cannot be right")]
    [InlineData("""{"kind":"measured","task":"o1.fill","of":"pot","value":-5}""", "-5 g cannot be right")]
    [InlineData("""{"kind":"clock-set","name":"pears","minutes":0}""", "more than nothing")]
    [InlineData("""{"kind":"clock-set","name":"pears","minutes":100000}""", "a day at most")]
    [InlineData("""{"kind":"not-yet","minutes":3}""", "does not say which")]
    [InlineData("""{"kind":"ticked"}""", "at which task")]
    [InlineData("""{"kind":"went-wrong","task":"o1.fill","fault":"gremlins","cure":0,"minutes":3}""", "Nothing is known of that fault")]
    [InlineData("""{"kind":"went-wrong","task":"o1.fill","fault":"ran-over","cure":7,"minutes":3}""", "Nothing is known of that fault")]
    [InlineData("""{"kind":"went-wrong","task":"o1.fill","fault":"ran-over","cure":0,"minutes":-3}""", "Mending takes")]
    [InlineData("""{"kind":"plan-replaced","plan":{"tasks":[],"waits":[]}}""", "made in the kitchen")]
    public async Task What_cannot_be_meant_is_refused_with_words_and_the_rest_is_kept(string deed, string words)
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var now = DateTimeOffset.UtcNow;
        var answer = await SendAsync(
            baker, run, now, new { id = Guid.NewGuid(), at = now, deed = JsonSerializer.Deserialize<JsonElement>(deed) },
            Tick("o1.fill", now));
        answer.GetProperty("refused")[0].GetProperty("why").GetString()!.ShouldContain(words);
        answer.GetProperty("kept").GetArrayLength().ShouldBe(1);
    }

    [Fact]
    public async Task What_is_no_event_at_all_is_answered_in_problem_words()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        foreach (
            var (body, status) in new[]
            {
                ("{}", HttpStatusCode.BadRequest), ("[]", HttpStatusCode.BadRequest), ("x", HttpStatusCode.BadRequest),
                ("""{"events":[{"id":"x"}]}""", HttpStatusCode.BadRequest),
                ("""{"events":[{"id":"7a2f8f0e-0000-0000-0000-000000000000","at":"2026-01-01T00:00:00Z","deed":{"kind":"sung"}}]}""",
                    HttpStatusCode.BadRequest),
            })
        {
            using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
            using var answer = await baker.PostAsync(new Uri($"/api/v1/runs/{run}/events", UriKind.Relative), content, Cancel);
            answer.StatusCode.ShouldBe(status, body);
            (await answer.TextAsync()).ShouldNotContain(" at RoundCrumb");
        }

        await baker.PageAsync("/bench/999", HttpStatusCode.NotFound);
        await baker.PageAsync("/api/v1/runs/999/stream", HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Whoever_listens_hears_what_others_do_and_misses_nothing_when_back()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var now = DateTimeOffset.UtcNow;
        using var other = _kitchen.Baker();
        var heard = new List<(string Id, JsonElement Data)>();
        async Task ListenAsync(string last, int until, Action? ready)
        {
            using var ask = new HttpRequestMessage(HttpMethod.Get, $"/api/v1/runs/{run}/stream");
            ask.Headers.Add("Last-Event-ID", last);
            using var answer = await other.SendAsync(ask, HttpCompletionOption.ResponseHeadersRead, Cancel);
            answer.Content.Headers.ContentType!.MediaType.ShouldBe("text/event-stream");
            await foreach (var item in SseParser.Create(await answer.Content.ReadAsStreamAsync(Cancel)).EnumerateAsync(Cancel))
            {
                if (item.EventType == "alive")
                    ready?.Invoke();
                else
                    heard.Add((item.EventId!, JsonSerializer.Deserialize<JsonElement>(item.Data)));
                if (heard.Count >= until)
                    return;
            }
        }

        var listening = new TaskCompletionSource();
        var first = ListenAsync("0", 2, () => listening.TrySetResult());
        await listening.Task.WaitAsync(TimeSpan.FromSeconds(30), Cancel);
        await SendAsync(baker, run, now, Tick("o1.fill", now));
        await first.WaitAsync(TimeSpan.FromSeconds(30), Cancel);
        heard[1].Data.GetProperty("deed").GetProperty("task").GetString().ShouldBe("o1.fill");

        // Away for a while: what came meanwhile comes first when it is back, and nothing twice.
        await SendAsync(baker, run, now, Tick("o1.set", now), Tick("o1.plate", now));
        await ListenAsync(heard[1].Id, 4, null).WaitAsync(TimeSpan.FromSeconds(30), Cancel);
        heard.Select(h => h.Id).ShouldBeUnique();
        heard.Skip(2).Select(h => h.Data.GetProperty("deed").GetProperty("task").GetString()).ShouldBe(["o1.set", "o1.plate"]);
    }

    [Fact]
    public async Task A_pot_weight_at_once_says_how_much_goes_into_each()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var now = DateTimeOffset.UtcNow;
        var open = await OpenAsync(run);
        var made = open.Day!.Built.Made[0];
        var make = open.State.Plan.Tasks.First(t => t.Task.ToString().Contains("make-filling", StringComparison.Ordinal)).Task;

        // 30 g less for each of three pies.
        var each = made.Pie.FilledMass.Value.Value;
        await SendAsync(
            baker, run, now,
            new
            {
                id = Guid.NewGuid(),
                at = now,
                deed = new { kind = "measured", task = make.ToString(), of = "pot", value = 3 * (each - 30) },
            });
        var page = await baker.PageAsync($"/bench/{run}");
        page.ShouldContain($"{Math.Round((each - 30) / 5) * 5:0} g into each, not");
    }

    [Fact]
    public async Task The_day_knows_what_was_done_at_the_bench_and_a_day_that_changes_loses_no_tick()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var tasks = Tasks(await baker.PageAsync($"/bench/{run}"));
        var now = DateTimeOffset.UtcNow;
        await SendAsync(baker, run, now, Tick(tasks[0], now), Tick(tasks[1], now));
        var open = await OpenAsync(run);
        open.Day!.Setting.Done.Keys.ShouldBe([tasks[0], tasks[1]], ignoreOrder: true);
        (await baker.PageAsync($"/days/{open.Run.BakeDayId}")).ShouldContain("· done");

        // The order is taken off: what was ticked stays ticked, what is left says that the day has it no longer.
        var order = open.Day.Kept.Orders[0].Id;
        await AskAsync(s => s.GetRequiredService<DayBook>().TakeOffAsync(open.Run.BakeDayId, order, true, Cancel));
        var page = await baker.PageAsync($"/bench/{run}");
        page.ShouldContain("The day has this no longer");
        (await OpenAsync(run)).State.Of(Key(tasks[0])).IsDone.ShouldBeTrue();

        // The whole day is deleted: the bench still shows what there is, and takes ticks.
        await AskAsync(s => s.GetRequiredService<DayBook>().PutAwayAsync(open.Run.BakeDayId, true, Cancel));
        (await baker.PageAsync($"/bench/{run}")).ShouldContain("The day of this run is deleted");
        await SendAsync(baker, run, now, Tick(tasks[2], now));
        (await OpenAsync(run)).State.Of(Key(tasks[2])).IsDone.ShouldBeTrue();
        (await baker.PageAsync($"/bench/{run}/log")).ShouldContain("deleted");
    }

    [Fact]
    public async Task A_baker_who_is_sent_home_leaves_the_work_to_whoever_is_here()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var open = await OpenAsync(run);
        var whose = open.State.Plan.Tasks[0].Baker;
        var other = open.Day!.Bakers.First(b => b.Id != whose);
        Tasks(await baker.PageAsync($"/bench/{run}?baker={other.Id}")).ShouldBeEmpty();
        await AskAsync(
            s => s.GetRequiredService<DayBook>().ChangeAsync(
                open.Run.BakeDayId,
                d =>
                {
                    foreach (var date in open.Day.Dates)
                    {
                        foreach (var one in open.Day.Bakers)
                            DayBook.SayHours(d, DayOpener.NumberOf(one), date, one.Id == whose ? null : new(0, 24 * 60));
                    }
                },
                Cancel));
        Tasks(await baker.PageAsync($"/bench/{run}?baker={other.Id}")).ShouldNotBeEmpty();
    }

    [Fact]
    public async Task What_was_timed_and_measured_becomes_the_log_and_only_the_verdicts_are_asked()
    {
        var clock = new SetClock(DateTimeOffset.UtcNow);
        await using var kitchen = new Kitchen(demo: true) { Clock = clock };
        using var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        var run = begun.Headers.Location!.ToString().Split('/')[^1];
        foreach (var task in Tasks(await baker.PageAsync($"/bench/{run}")))
        {
            // Each a quarter of an hour after the one before.
            clock.Now = clock.Now.AddMinutes(15);
            var events = new List<object> { Tick(task, clock.Now) };
            if (task.Contains("make-filling", StringComparison.Ordinal))
                events.Add(new { id = Guid.NewGuid(), at = clock.Now, deed = new { kind = "measured", task, of = "pot", value = 2000 } });
            await SendAsync(baker, int.Parse(run, System.Globalization.CultureInfo.InvariantCulture), clock.Now, [.. events]);
        }

        var end = new { id = Guid.NewGuid(), at = clock.Now, deed = new { kind = "ended" } };
        await SendAsync(baker, int.Parse(run, System.Globalization.CultureInfo.InvariantCulture), clock.Now, end);
        (await baker.PageAsync($"/bench/{run}")).ShouldContain("This day is over");
        (await baker.PageAsync("/bench")).ShouldContain("Nothing is under way");
        var page = await baker.PageAsync($"/bench/{run}/log");
        page.ShouldContain("8 of 8 ticked");
        page.ShouldContain("15 min");
        var order = Regex.Match(page, "name=\"base-(\\d+)\"").Groups[1].Value;
        using var written = await baker.SendAsync(
            $"/bench/{run}/log", $"/bench/{run}/log", ($"base-{order}", "Crisp"), ($"set-{order}", "Clean"),
            ($"notes-{order}", "a little sweet"));
        (await written.TextAsync()).ShouldContain("Written down.");

        // On the sheet that it was begun from, every step and line is ticked, and the log has minutes, weight and verdict.
        await using var scope = kitchen.Services.CreateAsyncScope();
        var bake = (await scope.ServiceProvider.GetRequiredService<BakeBook>().FindAsync(3, Cancel))!;
        var entry = BakeBook.EntryOf(bake.Log);
        (entry.StageMinutes[RoundCrumb.Core.BlindBaking.StageKind.Crumb], entry.FromPot!.Value.Value, entry.Set.ToString())
            .ShouldBe((15.0, 2000.0, "Clean"));
        entry.Notes.ShouldContain("a little sweet");
        (await baker.PageAsync("/bakes/3")).ShouldContain("See the log");
        (await baker.PageAsync("/notebook?show=open")).ShouldNotContain("Coffee cream pie on crumb");
    }

    [Fact]
    public async Task What_goes_wrong_at_the_oven_puts_off_its_clock_and_stands_in_the_log()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var tasks = Tasks(await baker.PageAsync($"/bench/{run}"));
        var now = DateTimeOffset.UtcNow;
        var load = tasks.First(t => t.EndsWith(".oven", StringComparison.Ordinal));
        await SendAsync(baker, run, now, [.. tasks.TakeWhile(t => t != load).Append(load).Select(t => Tick(t, now))]);
        var page = await baker.PageAsync($"/bench/{run}");
        page.ShouldContain("The base is pale or glassy");
        var before = (await OpenAsync(run)).State.Clocks().Single(c => c.Kind is ClockKind.Oven);
        await SendAsync(
            baker, run, now,
            new
            {
                id = Guid.NewGuid(),
                at = now,
                deed = new { kind = "went-wrong", task = $"{load}@0", fault = "base-pale", cure = 0, minutes = 1 },
            },
            new { id = Guid.NewGuid(), at = now, deed = new { kind = "not-yet", clock = $"{load}@0", minutes = 5 } });
        var after = (await OpenAsync(run)).State.Clocks().Single(c => c.Kind is ClockKind.Oven);
        (after.Due - before.Due).ShouldBe(TimeSpan.FromMinutes(5));
        (await baker.PageAsync($"/bench/{run}/log")).ShouldContain("The base is pale or glassy");
    }

    [Fact]
    public async Task A_run_left_open_for_a_week_says_so()
    {
        var clock = new SetClock(DateTimeOffset.UtcNow);
        await using var kitchen = new Kitchen(demo: true) { Clock = clock };
        using var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        clock.Now = clock.Now.AddDays(7);
        var page = await baker.PageAsync(begun.Headers.Location!.ToString());
        page.ShouldContain("Nothing was done here since");
        page.ShouldContain("behind");
    }

    [Theory]
    [InlineData("weight", 412.5, "g", 412.5)]
    [InlineData("weight", 1.2, "kg", 1200)]
    [InlineData("weight", 2, "oz", 56.699)]
    [InlineData("weight", 1, "lb", 453.592)]
    [InlineData("temperature", 76, "C", 76)]
    [InlineData("temperature", 168.8, "F", 76)]
    public async Task A_device_says_what_it_reads_in_its_own_unit(string quantity, double value, string unit, double kept)
    {
        using var baker = _kitchen.Baker();
        using var answer = await baker.PostAsJsonAsync("/api/v1/readings", new { device = "mine", quantity, value, unit }, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel)).GetProperty("value").GetDouble().ShouldBe(kept, 0.001);
        (await baker.PageAsync("/bench/devices")).ShouldContain("mine");
    }

    [Theory]
    [InlineData("""{"device":"mine","quantity":"temperature","value":900,"unit":"C"}""", "not plugged in")]
    [InlineData("""{"device":"mine","quantity":"weight","value":500000,"unit":"g"}""", "on no kitchen's scale")]
    [InlineData("""{"device":"mine","quantity":"temperature","unit":"C"}""", "shows nothing sends nothing")]
    [InlineData("""{"device":"mine","quantity":"weight","value":4,"unit":"C"}""", "g, kg, oz or lb")]
    [InlineData("""{"device":"","quantity":"weight","value":4,"unit":"g"}""", "A name of 1 to 40")]
    [InlineData("""{"value":4,"unit":"g"}""", "weight or temperature")]
    public async Task A_reading_that_cannot_be_meant_is_turned_away_with_words(string body, string words)
    {
        using var baker = _kitchen.Baker();
        using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
        using var answer = await baker.PostAsync(new Uri("/api/v1/readings", UriKind.Relative), content, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        JsonSerializer.Deserialize<JsonElement>(await answer.Content.ReadAsStringAsync(Cancel)).GetProperty("errors").ToString()
            .ShouldContain(words);
    }

    [Fact]
    public async Task A_device_whose_clock_is_years_off_reads_now_and_the_door_is_described_with_an_example()
    {
        using var baker = _kitchen.Baker();
        using var answer = await baker.PostAsJsonAsync(
            "/api/v1/readings",
            new
            {
                device = "old",
                quantity = "weight",
                value = 5,
                unit = "g",
                instant = new DateTimeOffset(2001, 1, 1, 0, 0, 0, TimeSpan.Zero),
            },
            Cancel);
        var at = (await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel)).GetProperty("at").GetDateTimeOffset();
        (DateTimeOffset.UtcNow - at).Duration().ShouldBeLessThan(TimeSpan.FromMinutes(1));
        (await baker.PageAsync("/openapi/v1.json")).ShouldContain("shelf scale");
    }

    [Fact]
    public async Task A_day_without_a_plan_cannot_be_begun_and_says_what_to_do()
    {
        using var baker = _kitchen.Baker();
        using var answer = await baker.SendAsync("/bench", "/bench", ("day", "2"));
        (await answer.TextAsync()).ShouldContain("plan it first");
    }

    [Fact]
    public async Task How_sure_a_day_is_and_one_click_makes_it_surer()
    {
        using var baker = _kitchen.Baker();
        (await baker.PageAsync("/days/1/sure")).ShouldContain("Plan it first");
        await baker.SendAsync("/days/1", "/days/1?handler=Solve");
        while ((await baker.PageAsync("/days/1")).Contains("class=\"planning\"", StringComparison.Ordinal))
            await Task.Delay(100, Cancel);
        var page = await baker.PageAsync("/days/1/sure");
        page.ShouldContain("Tried 1,000 times");
        var all = Share(page);
        var code = Regex.Match(page, "name=\"code\" value=\"([^\"]+)\"").Groups[1].Value;
        code.ShouldBe("sooner 4");
        using var done = await baker.SendAsync("/days/1/sure", "/days/1/sure?handler=Apply", ("code", code));
        var after = await done.TextAsync();
        after.ShouldContain("as sure as this now");
        Share(after).ShouldBeGreaterThan(all);

        // The day has a plan that fits it, in time as before.
        (await baker.PageAsync("/days/1")).ShouldContain("Everything is ready in time");
        using var nonsense = await baker.SendAsync("/days/1/sure", "/days/1/sure?handler=Apply", ("code", "sooner x"));
        (await nonsense.TextAsync()).ShouldContain("cannot be done any more");
        await baker.PageAsync("/days/99/sure", HttpStatusCode.NotFound);

        static int Share(string page) => Regex.Match(page, "<p class=\"sure-all\"><strong>([^<]+)").Groups[1].Value switch
        {
            "always" => 101,
            "nearly always" => 100,
            "never" => 0,
            var some => int.Parse(some.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture),
        };
    }

    [Fact]
    public async Task An_oven_left_cold_is_offered_where_it_would_make_the_day_surer()
    {
        using var baker = _kitchen.Baker();
        await AskAsync(s => s.GetRequiredService<DayBook>().ChangeAsync(1, d => d.ColdOvens = ["oven-2"], Cancel));
        await baker.SendAsync("/days/1", "/days/1?handler=Solve");
        while ((await baker.PageAsync("/days/1")).Contains("class=\"planning\"", StringComparison.Ordinal))
            await Task.Delay(100, Cancel);
        var page = await baker.PageAsync("/days/1/sure");
        page.ShouldContain("of 1,000 plays");
        page.ShouldContain("value=\"ovens\"");
        using var done = await baker.SendAsync("/days/1/sure", "/days/1/sure?handler=Apply", ("code", "ovens"));
        (await done.TextAsync()).ShouldContain("as sure as this now");
        var day = await AskAsync(s => s.GetRequiredService<DayOpener>().OpenAsync(1, Cancel));
        day!.Kept.ColdOvens.ShouldBeEmpty();
        day.Plan.ShouldNotBeNull("the plan fits the day as it is now");
    }

    [Fact]
    public async Task What_is_weighed_for_two_orders_in_one_go_opens_to_what_each_wants()
    {
        using var baker = _kitchen.Baker();
        await baker.SendAsync("/days/1", "/days/1?handler=Solve");
        while ((await baker.PageAsync("/days/1")).Contains("class=\"planning\"", StringComparison.Ordinal))
            await Task.Delay(100, Cancel);
        using var begun = await baker.SendAsync("/bench", "/bench", ("day", "1"));
        var run = int.Parse(begun.Headers.Location!.ToString().Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
        var open = await OpenAsync(run);
        var shared = open.State.Plan.Tasks.Select(open.TaskOf).SelectMany(open.LinesOf).Where(l => l.Of.Count > 1).ToList();
        shared.ShouldNotBeEmpty();
        shared.ShouldAllBe(l => Math.Abs(l.Mass.Value - l.Of.Sum(o => o.Mass.Value.Value)) < 1e-9);
        foreach (var (made, key, _) in shared.SelectMany(l => l.Of))
            BatchSheet.Of(made.Pie).Ticks().ShouldContain(key, "each order's own sheet is ticked by it");
        (await baker.PageAsync($"/bench/{run}")).ShouldContain("class=\"sum-of\"");
    }

    [Fact]
    public async Task A_run_that_is_remembered_is_looked_at_against_the_file()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var tasks = Tasks(await baker.PageAsync($"/bench/{run}"));
        var now = DateTimeOffset.UtcNow;
        await SendAsync(baker, run, now, Tick(tasks[0], now));
        (await OpenAsync(run)).State.Of(Key(tasks[0])).IsDone.ShouldBeTrue();

        // The file is put back to what it was, and something else is done under the same number.
        await AskAsync(async s => await s.GetRequiredService<RoundCrumbContext>().RunRows.Where(r => r.RunId == run)
            .OrderByDescending(r => r.Seq).Take(1).ExecuteDeleteAsync(Cancel));
        (await OpenAsync(run)).State.Of(Key(tasks[0])).IsDone.ShouldBeFalse();
        await SendAsync(baker, run, now, Tick(tasks[1], now));
        var open = await OpenAsync(run);
        (open.State.Of(Key(tasks[0])).IsDone, open.State.Of(Key(tasks[1])).IsDone).ShouldBe((false, true));
    }

    [Fact]
    public async Task A_run_that_is_late_is_offered_the_rest_anew_and_goes_on_by_it_once_accepted()
    {
        var clock = new SetClock(DateTimeOffset.UtcNow);
        await using var kitchen = new Kitchen(demo: true) { Clock = clock };
        using var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        var bench = begun.Headers.Location!.ToString();
        var run = int.Parse(bench.Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
        var tasks = Tasks(await baker.PageAsync(bench));

        // The first step takes 50 min longer: so much later is all of it, proven, for one pair of hands.
        clock.Now = clock.Now.AddMinutes(70);
        await SendAsync(baker, run, clock.Now, Tick(tasks[0], clock.Now));
        (await baker.PageAsync(bench)).ShouldContain("data-late=\"now\"");
        using var asked = await baker.SendAsync(bench, $"{bench}?handler=Late");
        var offered = await asked.TextAsync();
        offered.ShouldContain("cannot be ready in time");
        offered.ShouldContain("Proven: as things are");
        offered.ShouldContain("things are moved");
        Tasks(offered)[0].ShouldBe(tasks[1]);

        // What would keep it in time is looked for, and it is not planned again by itself meanwhile.
        var choices = await baker.PageAsync($"{bench}?handler=Choices");
        choices.ShouldContain("name=\"code\" value=\"due ");
        choices.ShouldNotContain("data-late=\"now\"");
        var offer = Regex.Match(offered, "name=\"offer\" value=\"([^\"]+)\"").Groups[1].Value;
        using var accepted = await baker.SendAsync(bench, $"{bench}?handler=Accept", ("offer", offer));
        (await accepted.TextAsync()).ShouldContain("all in time");
        await using var scope = kitchen.Services.CreateAsyncScope();
        var open = (await scope.ServiceProvider.GetRequiredService<BenchDesk>().OpenAsync(run, Cancel))!;
        open.State.Of(Key(tasks[0])).IsDone.ShouldBeTrue();
        open.State.Left().ShouldAllBe(t => t.From >= clock.Now.AddMinutes(-5));
        open.Day!.Plan.ShouldNotBeNull();

        // Answered twice it is said; a choice changes the day and the rest is planned with it.
        using var twice = await baker.SendAsync(bench, $"{bench}?handler=Accept", ("offer", offer));
        (await twice.TextAsync()).ShouldContain("answered already");
        var code = Regex.Match(choices, "name=\"code\" value=\"([^\"]+)\"").Groups[1].Value;
        using var chosen = await baker.SendAsync(bench, $"{bench}?handler=Choose", ("code", code));
        (await chosen.TextAsync()).ShouldContain("all in time");
    }

    [Fact]
    public async Task What_goes_wrong_can_give_the_order_another_topping_and_the_rest_is_planned_with_it()
    {
        await using var kitchen = new Kitchen(demo: true);
        using var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/1", "/bakes/1?handler=Begin");
        var bench = begun.Headers.Location!.ToString();
        var run = int.Parse(bench.Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
        var page = await baker.PageAsync(bench);
        for (var left = 40; left > 0 && !page.Contains("name=\"code\" value=\"top ", StringComparison.Ordinal); left--)
        {
            await SendAsync(baker, run, DateTimeOffset.UtcNow, Tick(Tasks(page)[0], DateTimeOffset.UtcNow));
            page = await baker.PageAsync(bench);
        }

        page.ShouldContain("Make up for it with whipped cream");
        var form = Regex.Match(
            page, "name=\"deed\" value=\"(\\{.+?\\})\" /><input type=\"hidden\" name=\"code\" value=\"(top [^\"]+)\"");
        var (deed, code) = (form.Groups[1].Value, form.Groups[2].Value);
        using var swapped = await baker.SendAsync(bench, $"{bench}?handler=Swap", ("deed", deed), ("code", code));
        var after = await swapped.TextAsync();
        Regex.Match(after, "role=\"alert\">([^<]*)").Groups[1].Value.ShouldContain("instead of what was to go on");
        after.ShouldContain("name=\"offer\"", customMessage: "the rest is planned with it");
        await using var scope = kitchen.Services.CreateAsyncScope();
        var open = (await scope.ServiceProvider.GetRequiredService<BenchDesk>().OpenAsync(run, Cancel))!;
        var topping = DayChange.Read(code).ShouldBeOfType<OtherTopping>().Topping;
        open.Day!.Orders[0].Pie.Toppings.Select(t => t.Topping.Id).ShouldBe([topping]);
        open.State.Faults.Count.ShouldBe(1);

        // Nonsense is said, and changes nothing.
        using var wrong = await baker.SendAsync(bench, $"{bench}?handler=Swap", ("deed", "{"), ("code", code));
        (await wrong.TextAsync()).ShouldContain("cannot be done any more");
        using var odd = await baker.SendAsync(bench, $"{bench}?handler=Swap", ("deed", deed), ("code", "top x nothing-such"));
        (await odd.TextAsync()).ShouldContain("cannot be done any more");
    }

    [Fact]
    public async Task Begun_twice_it_is_one_run()
    {
        using var baker = _kitchen.Baker();
        var run = await BeginAsync(baker);
        var day = (await OpenAsync(run)).Run.BakeDayId;
        using var again = await baker.SendAsync("/bench", "/bench", ("day", $"{day}"));
        again.Headers.Location!.ToString().ShouldBe($"/bench/{run}");
    }

    private static TaskKey Key(string text) => TaskKey.TryParse(text, out var key) ? key : throw new ArgumentException(text);

    [GeneratedRegex("data-task=\"([^\"]+)\" data-starts")]
    private static partial Regex TaskOf();
}
