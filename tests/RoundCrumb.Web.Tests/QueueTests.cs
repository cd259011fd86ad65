using System.Globalization;
using System.Net;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Days;
using RoundCrumb.Data.Days;
using RoundCrumb.Web.Features.Days;

namespace RoundCrumb.Web.Tests;

/// <summary>Who is worked out first, when many ask at once: whoever stands at the bench, then whoever looks at a page.</summary>
public sealed class QueueTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);
    private readonly SemaphoreSlim _hold = new(0);
    private readonly SolvingQueue _queue;
    private readonly List<string> _done = [];

    public QueueTests()
    {
        _ = _kitchen.Baker();
        _queue = _kitchen.Services.GetRequiredService<SolvingQueue>();
    }

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public async ValueTask DisposeAsync()
    {
        _hold.Release(100);
        await _kitchen.DisposeAsync();
        _hold.Dispose();
    }

    private SolvingTurn Joins(string name, Urgency urgency, double seconds = 10, TaskCompletionSource? holds = null) =>
        _queue.TryJoin(
            urgency, seconds,
            async stop =>
            {
                holds?.SetResult();
                if (holds is not null)
                    await _hold.WaitAsync(stop);
                lock (_done)
                    _done.Add(stop.IsCancellationRequested ? name + " given up" : name);
            }).ShouldNotBeNull();

    /// <summary>A turn that has begun, and goes on till it is let go.</summary>
    private async Task<SolvingTurn> HeldAsync(Urgency urgency)
    {
        var begun = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
        var held = Joins("held", urgency, holds: begun);
        await begun.Task.WaitAsync(Cancel);
        return held;
    }

    [Fact]
    public async Task Who_stands_at_the_bench_waits_for_no_plan_of_another_day()
    {
        await HeldAsync(Urgency.AtThePage);
        Joins("day", Urgency.AtThePage);
        var late = Joins("running late", Urgency.AtTheBench);
        await late.Over.WaitAsync(Cancel);
        _done.ShouldBe(["running late"]);
    }

    [Fact]
    public async Task What_somebody_waits_for_goes_before_what_nobody_does_and_equals_in_the_order_asked()
    {
        var held = await HeldAsync(Urgency.AtThePage);
        var remedies = Joins("remedies", Urgency.Nobody);
        var first = Joins("first day", Urgency.AtThePage);
        var second = Joins("second day", Urgency.AtThePage);
        new[] { held, first, second, remedies }.Select(_queue.Before).ShouldBe([0, 1, 2, 3]);

        // In front of the remedies: 10 s each of the two days, and what is left of the one that is worked out.
        _queue.SecondsUntil(remedies).ShouldBeInRange(20, 30);
        _hold.Release();
        await remedies.Over.WaitAsync(Cancel);
        _done.ShouldBe(["held", "first day", "second day", "remedies"]);
    }

    [Fact]
    public async Task What_nobody_wants_any_more_leaves_the_queue_at_once()
    {
        await HeldAsync(Urgency.AtThePage);
        var gone = Joins("gone", Urgency.AtThePage);
        var next = Joins("next", Urgency.AtThePage);
        _queue.GiveUp(gone);
        await gone.Over.WaitAsync(Cancel);
        _queue.Before(next).ShouldBe(1);
        using var goes = new CancellationTokenSource();
        var asked = _kitchen.Services.GetRequiredService<Planner>().AskAsync(
            new(Urgency.AtThePage, 1, "mine"), static _ => "answer", goes.Token);
        _kitchen.Services.GetRequiredService<Planner>().PlaceOf("mine")!.Value.Before.ShouldBe(2);
        await goes.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(() => asked);
        _kitchen.Services.GetRequiredService<Planner>().PlaceOf("mine").ShouldBeNull();
        _hold.Release();
        await next.Over.WaitAsync(Cancel);
        _done.ShouldBe(["gone given up", "held", "next"]);
    }

    [Fact]
    public async Task The_day_says_its_place_and_how_long_at_the_most_and_stop_ends_its_waiting()
    {
        await HeldAsync(Urgency.AtThePage);
        Joins("another", Urgency.AtThePage);
        var baker = _kitchen.Baker();
        await baker.SendAsync("/days/1", "/days/1?handler=Solve");
        (await baker.PageAsync("/days/1")).ShouldMatch("2 others are worked out first: up to about (20|25) s[.]");
        await baker.SendAsync("/days/1", "/days/1?handler=Stop");
        var planner = _kitchen.Services.GetRequiredService<Planner>();
        while (!planner.Standing(1).Over)
            await Task.Delay(5, Cancel);
        (await baker.PageAsync("/days/1")).ShouldNotContain("worked out first");
    }

    [Fact]
    public async Task Who_asked_sees_where_it_stands_by_its_key_and_nothing_once_it_is_answered()
    {
        var held = await HeldAsync(Urgency.AtTheBench);
        var planner = _kitchen.Services.GetRequiredService<Planner>();
        var asked = planner.AskAsync(new(Urgency.AtTheBench, 2.5, "late-1"), static _ => "answer", Cancel);
        var baker = _kitchen.Baker();
        (await baker.PageAsync("/queue/late-1")).ShouldMatch("^One other is worked out first: up to about (15|1[0-3]) s[.]$");
        _hold.Release();
        (await asked).ShouldBe("answer");
        held.Over.IsCompleted.ShouldBeTrue();
        (await baker.GetAsync(new Uri("/queue/late-1", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Fact]
    public async Task What_is_asked_of_a_day_is_taken_back_where_the_queue_is_full()
    {
        var baker = _kitchen.Baker();
        await baker.PlannedAsync("/days/1", "Solve");
        await using var scope = _kitchen.Services.CreateAsyncScope();
        var open = (await scope.ServiceProvider.GetRequiredService<DayOpener>().OpenAsync(1, Cancel))!;
        var (day, step) = (open.Kept, open.Built.Day.Works.First(w => w.IsHands).Key);
        await HeldAsync(Urgency.AtThePage);
        for (var i = 0; i < SolvingQueue.MostWaiting; i++)
            Joins("more", Urgency.AtThePage);
        _queue.TryJoin(Urgency.AtThePage, 1, static _ => Task.CompletedTask).ShouldBeNull();
        var asked = await baker.SendAsync(
            "/days/1", "/days/1?handler=Pin", ("step", step), ("time", "23:50"),
            ("date", day.From.AddDays(day.Days - 1).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)));
        asked.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var after = await baker.PageAsync("/days/1");
        after.ShouldContain("Too many days are being planned at once. Try again in a minute; the day is as it was.");
        after.ShouldNotContain(" · pinned");

        // The bench has a lane of its own, and is still let in.
        await _queue.TryJoin(Urgency.AtTheBench, 1, static _ => Task.CompletedTask)!.Over.WaitAsync(Cancel);
    }

    /// <summary>
    /// A day whose plan cannot be worked with: what was asked is taken back before it is said that the day is as it was, and nothing of the
    /// kind is said where nothing is taken back.
    /// </summary>
    [Theory]
    [InlineData(true, "Something went wrong while planning; the day is as it was.")]
    [InlineData(false, "Something went wrong while planning.")]
    public async Task Where_planning_itself_fails_the_day_is_as_it_is_said_to_be(bool takenBack, string says)
    {
        await _kitchen.Baker().PlannedAsync("/days/1", "Solve");
        await using var scope = _kitchen.Services.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<DayBook>();
        var planner = _kitchen.Services.GetRequiredService<Planner>();
        await book.ChangeAsync(1, d => d.Name = "Asked", Cancel);
        var open = (await scope.ServiceProvider.GetRequiredService<DayOpener>().OpenAsync(1, Cancel))!;
        Func<DayBook, Task>? undo = takenBack ? b => b.ChangeAsync(1, d => d.Name = "As it was", Cancel) : null;
        var job = await planner.BeginAsync(open with { KeptPlan = open.KeptPlan! with { Starts = null! } }, 1, near: true, undo);
        while (!job.Over)
            await Task.Delay(20, Cancel);
        job.Trouble.ShouldBe(says);
        await using var later = _kitchen.Services.CreateAsyncScope();
        var day = (await later.ServiceProvider.GetRequiredService<DayBook>().FindAsync(1, Cancel))!;
        day.Name.ShouldBe(takenBack ? "As it was" : "Asked");
        job.Version.ShouldBe(day.Version);
    }

    [Theory]
    [InlineData(0, 2.5, "It is being worked out: up to about 3 s.")]
    [InlineData(1, 12.1, "One other is worked out first: up to about 15 s.")]
    [InlineData(4, 117, "4 others are worked out first: up to about 120 s.")]
    [InlineData(9, 121, "9 others are worked out first: up to about 3 min.")]
    public void A_place_is_said_roughly(int before, double seconds, string said) =>
        QueueModel.Say(new(before, seconds)).ShouldBe(said);
}
