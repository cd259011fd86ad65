using System.Globalization;
using System.Text;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Records;
using RoundCrumb.Data;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Web.Tests;

/// <summary>A long log is brought in beside everything else: all of it or nothing, with its progress, and it can be stopped.</summary>
public sealed class LogImportTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: false);
    private readonly HttpClient _baker;

    public LogImportTests() => _baker = _kitchen.Baker();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private const string Pie = "pan=plate-23&crust=butter-flaky&fill=malt-custard";

    private LogImports Imports => _kitchen.Services.GetRequiredService<LogImports>();

    public async ValueTask DisposeAsync()
    {
        if (Imports.Last is { } last)
        {
            last.Stop();
            await last.Over;
        }

        await _kitchen.DisposeAsync();
    }

    /// <summary>A log of so many bakes, an hour apart, each with its oven.</summary>
    private static string Long(int rows)
    {
        var text = new StringBuilder("Made,Pie,Composition,OvenSet,OvenRead\n");
        var at = new DateTime(2020, 1, 1, 6, 0, 0, DateTimeKind.Utc);
        for (var i = 0; i < rows; i++)
            text.Append(CultureInfo.InvariantCulture, $"{at.AddHours(i):yyyy-MM-ddTHH:mm:ssZ},Lock pie,{Pie},200,{205 + (i % 7)}\n");
        return text.ToString();
    }

    private async Task<int> BakesAsync()
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<RoundCrumbContext>().Bakes.CountAsync(Cancel);
    }

    [Fact]
    public async Task Stopped_while_it_is_read_nothing_of_it_is_kept_and_what_was_sent_stands_there()
    {
        var log = Long(1500);
        var job = Imports.TryBegin(log)!;
        job.Stop();
        await job.Over.WaitAsync(Cancel);
        (job.Stopped, job.Taken, await BakesAsync()).ShouldBe((true, null, 0));
        var page = await _baker.PageAsync("/notebook/import");
        page.ShouldContain("It was stopped, and nothing of it was taken in.");
        page.ShouldContain("2020-01-01T06:00:00Z");

        // In every window, and no longer than till the next one.
        (await _kitchen.Baker().PageAsync("/notebook/import")).ShouldContain("It was stopped");
        await Imports.TryBegin(Long(1))!.Over.WaitAsync(Cancel);
        (await _baker.PageAsync("/notebook/import")).ShouldNotContain("It was stopped");
    }

    [Fact]
    public async Task While_it_is_learned_from_others_save_a_second_one_waits_and_stopped_then_the_bakes_stay()
    {
        var job = Imports.TryBegin(Long(1500))!;
        while (job.Step.Stage is not LogImportStage.Learning && !job.Over.IsCompleted)
            await Task.Delay(5, Cancel);
        job.Failed.ShouldBeNull();
        (await _baker.PageAsync("/notebook/import")).ShouldContain("The bakes are in the notebook. Learning from them:");
        var refused = await (await _baker.SendAsync("/notebook/import", "/notebook/import", ("text", "Made,Composition\n"))).TextAsync();
        refused.ShouldContain("Another log is being imported just now");
        await using (var scope = _kitchen.Services.CreateAsyncScope())
        {
            var shelf = scope.ServiceProvider.GetRequiredService<PieShelf>();
            (await shelf.AddAsync("Saved meanwhile", Pie, Cancel)).Pie.ShouldNotBeNull();
        }

        await _baker.SendAsync("/notebook/import", "/notebook/import?handler=Stop");
        await job.Over.WaitAsync(Cancel);
        (await BakesAsync()).ShouldBe(1500);
        if (job.Stopped)
            (await _baker.PageAsync("/notebook/import")).ShouldContain("The bakes are in the notebook; the rest is learned");

        // What is left is learned when it is asked for next, and each bake once.
        await using var later = _kitchen.Services.CreateAsyncScope();
        var learner = later.ServiceProvider.GetRequiredService<KitchenLearner>();
        await learner.CatchUpAsync(cancel: Cancel);
        (await learner.CatchUpAsync(cancel: Cancel)).ShouldBe(0);
        var context = later.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        (await context.Observations.Select(o => o.BakeId).Distinct().CountAsync(Cancel)).ShouldBe(1500);
    }

    /// <summary>
    /// Bakes come in beside those that are here: each with its own log and the parts that it names, with numbers that none ever had, and
    /// nothing stays beside the file.
    /// </summary>
    [Fact]
    public async Task Each_comes_with_its_own_log_and_parts_and_a_number_that_none_had()
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<BakeBook>();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        await book.StartAsync("Here before", Pie, 1, Cancel);
        var gone = await book.StartAsync("Taken away", Pie, 1, Cancel);
        await context.Bakes.Where(b => b.Id == gone.Id).ExecuteDeleteAsync(Cancel);
        context.ChangeTracker.Clear();
        var made = new DateTimeOffset(2024, 5, 1, 6, 0, 0, TimeSpan.Zero);
        List<Bake> arriving =
        [
            .. Enumerable.Range(0, 1203).Select(i => BakeBook.Brought(
                $"Came {i}", $"{Pie}&top={OwnPartId.Of(7 + (i % 2), 1 + (i % 3))}", 1, made.AddHours(i),
                new BakeEntry { OvenSet = new(150 + (i % 50)), Notes = $"Note {i}" })),
        ];
        await book.TakeInAsync(arriving, static _ => { }, Cancel);

        var all = await context.Bakes.AsNoTracking().Include(b => b.Log).Include(b => b.Uses).Where(b => b.PieName.StartsWith("Came"))
            .OrderBy(b => b.Id).ToListAsync(Cancel);
        all.Count.ShouldBe(1203);
        all[0].Id.ShouldBeGreaterThan(gone.Id);
        foreach (var (i, bake) in all.Index())
        {
            (bake.PieName, bake.Log!.Notes, bake.Log.OvenSet, bake.MadeAt)
                .ShouldBe(($"Came {i}", $"Note {i}", 150.0 + (i % 50), made.AddHours(i)));
            bake.Uses.Select(u => (u.PartId, u.Version)).ShouldBe([(7 + (i % 2), 1 + (i % 3))]);
        }

        (await context.Bakes.CountAsync(b => b.PieName == "Here before", Cancel)).ShouldBe(1);
        Directory.GetFiles(_kitchen.Folder).ShouldNotContain(f => f.EndsWith(".half", StringComparison.Ordinal));

        // The connection that it used goes back as it came: once more, on whichever is taken next.
        await book.TakeInAsync([BakeBook.Brought("Came later", Pie, 1, made, new())], static _ => { }, Cancel);
        await book.TakeInAsync([], static _ => { }, Cancel);
        (await context.Bakes.CountAsync(Cancel)).ShouldBe(1205);
    }

    /// <summary>What a long log left to learn, cut off, holds nobody up at the next start.</summary>
    [Fact]
    public async Task Much_that_is_left_to_learn_is_learned_beside_everything_else()
    {
        await using (var scope = _kitchen.Services.CreateAsyncScope())
            await scope.ServiceProvider.GetRequiredService<BakeBook>().TakeInAsync(
                [
                    .. Enumerable.Range(0, 400).Select(i => BakeBook.Brought(
                        "Came", Pie, 1, DateTimeOffset.UnixEpoch.AddHours(i), new() { OvenSet = new(200), OvenRead = new(205) })),
                ],
                static _ => { }, Cancel);
        await Imports.CatchUpAsync(Cancel);
        var job = Imports.Last.ShouldNotBeNull();
        (await _baker.PageAsync("/notebook/import")).ShouldContain("Learning from them");
        await job.Over.WaitAsync(Cancel);
        job.Failed.ShouldBeNull();
        await using var later = _kitchen.Services.CreateAsyncScope();
        (await later.ServiceProvider.GetRequiredService<KitchenLearner>().LeftAsync(Cancel)).ShouldBe(0);

        // It was nobody's import: nothing is said of it once it is over.
        Imports.Last.ShouldBeNull();
    }

    [Fact]
    public async Task Stopped_between_two_portions_nothing_is_kept_and_nothing_left_beside_the_file()
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<BakeBook>();
        using var stop = new CancellationTokenSource();
        List<Bake> arriving =
            [.. Enumerable.Range(0, 1500).Select(i => BakeBook.Brought("Came", Pie, 1, DateTimeOffset.UnixEpoch.AddHours(i), new()))];
        await Should.ThrowAsync<OperationCanceledException>(() => book.TakeInAsync(
            arriving,
            written =>
            {
                if (written >= 1000)
                    stop.Cancel();
            },
            stop.Token));
        (await BakesAsync()).ShouldBe(0);
        Directory.GetFiles(_kitchen.Folder).ShouldNotContain(f => f.EndsWith(".half", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Of_a_short_one_what_came_is_shown_at_once()
    {
        var page = await (await _baker.SendAsync("/notebook/import", "/notebook/import", ("text", Long(2)))).TextAsync();
        if (!page.Contains("2 bakes are in the notebook now", StringComparison.Ordinal))
        {
            // On a busy machine it is still under way; then the page that comes next says it.
            await Imports.Last!.Over.WaitAsync(Cancel);
            page = await _baker.PageAsync("/notebook/import");
        }

        page.ShouldContain("2 bakes are in the notebook now");
        (await _baker.GetAsync(new Uri("/notebook/import?handler=Progress", UriKind.Relative), Cancel)).Headers.GetValues("HX-Redirect")
            .ShouldBe(["/notebook/import"]);
    }

    [Fact]
    public async Task More_than_five_megabytes_are_refused_pasted_too()
    {
        using var form = Forms.Of(await _baker.PageAsync("/notebook/import"), ("text", new string('x', (5 * 1024 * 1024) + 1)));
        using var answer = await _baker.PostAsync(new Uri("/notebook/import", UriKind.Relative), form, Cancel);
        (await answer.TextAsync()).ShouldContain("That is more than 5 MB");
    }
}
