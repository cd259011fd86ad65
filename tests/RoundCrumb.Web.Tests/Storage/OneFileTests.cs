using System.Net;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>The data is one file, also while it is in use: copied, taken away, filled up.</summary>
public sealed class OneFileTests
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static RoundCrumbContext Open(string file) =>
        new(
            (DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>()
                .UseSqlite($"Data Source={file};Pooling=false;Mode=ReadOnly").Options);

    private static Task<HttpResponseMessage> KeepAsync(HttpClient baker, string name) =>
        baker.SendAsync("/compose", "/compose?handler=Save", ("name", name), ("address", "pan=plate-23"));

    [Fact]
    public async Task The_file_alone_holds_the_demo_as_soon_as_it_is_loaded()
    {
        await using var kitchen = new Kitchen(demo: true) { FromNothing = true };
        await kitchen.Baker().PageAsync("/");
        var copy = Path.Combine(kitchen.Folder, "alone.db");
        File.Copy(kitchen.File, copy);
        await using var context = Open(copy);
        (await context.Pies.CountAsync(Cancel)).ShouldBe(24);
    }

    [Fact]
    public async Task What_is_kept_is_in_the_file_itself_a_few_seconds_later_and_at_the_end()
    {
        await using var kitchen = new Kitchen(demo: false);
        (await KeepAsync(kitchen.Baker(), "Settled")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        while (new FileInfo(RoundCrumbFile.LogOf(kitchen.File)) is { Exists: true, Length: > 0 })
            await Task.Delay(100, Cancel);
        var copy = Path.Combine(kitchen.Folder, "alone.db");
        File.Copy(kitchen.File, copy);
        await using var context = Open(copy);
        (await context.Pies.SingleAsync(Cancel)).Name.ShouldBe("Settled");
    }

    [Fact]
    public async Task A_backup_taken_while_pies_are_kept_is_one_whole_moment_and_opens()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var writing = Task.Run(async () =>
        {
            for (var n = 0; n < 40; n++)
                (await KeepAsync(baker, $"While copying {n}")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        }, Cancel);
        var other = kitchen.Baker();
        for (var n = 0; n < 4; n++)
        {
            using var answer = await other.GetAsync(new Uri("/backup", UriKind.Relative), Cancel);
            answer.StatusCode.ShouldBe(HttpStatusCode.OK);
            answer.Content.Headers.ContentDisposition!.FileName.ShouldNotBeNull().ShouldEndWith(".db");
            var copy = Path.Combine(kitchen.Folder, $"copy-{n}.db");
            await File.WriteAllBytesAsync(copy, await answer.Content.ReadAsByteArrayAsync(Cancel), Cancel);
            RoundCrumbFile.Inspect(copy).ShouldBe(FileState.Current);
            await using var context = Open(copy);
            (await context.Pies.CountAsync(Cancel)).ShouldBeGreaterThanOrEqualTo(24);
        }

        await writing;
        Directory.GetFiles(kitchen.Folder, "*.backup-*").ShouldBeEmpty();
    }

    [Fact]
    public async Task A_copy_is_never_made_of_what_is_not_there_nor_over_a_folder()
    {
        var folder = Directory.CreateTempSubdirectory("roundcrumb-copy-");
        var file = Path.Combine(folder.FullName, "none.db");
        (
            await Should.ThrowAsync<FileTroubleException>(() => RoundCrumbFile.BackUpAsync(file, file + ".copy", Cancel)))
            .Trouble.Kind.ShouldBe(FileTroubleKind.NoAccess);
        await RoundCrumbFile.PrepareAsync(file, cancel: Cancel);
        (
            await Should.ThrowAsync<FileTroubleException>(() => RoundCrumbFile.BackUpAsync(file, folder.FullName, Cancel)))
            .Trouble.Kind.ShouldBe(FileTroubleKind.Folder);
        SqliteConnection.ClearAllPools();
        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task Once_the_file_is_taken_away_nothing_is_said_to_be_kept_and_what_was_typed_is_shown()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        (await KeepAsync(baker, "Before")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await baker.PageAsync("/compose");
        File.Move(kitchen.File, kitchen.File + ".away");
        var answer = await baker.PostAsync(
            new Uri("/compose?handler=Save", UriKind.Relative), Forms.Of(page, ("name", "Typed in vain"), ("address", "pan=plate-23")),
            Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
        var words = await answer.TextAsync();
        words.ShouldContain(kitchen.File);
        words.ShouldContain("Typed in vain");
        (await baker.PageAsync("/healthz", HttpStatusCode.ServiceUnavailable)).ShouldContain("moved, deleted or replaced");

        // Another file in its place is not the one that was opened.
        File.Copy(kitchen.File + ".away", kitchen.File);
        (await baker.PageAsync("/", HttpStatusCode.ServiceUnavailable)).ShouldContain("replaced");

        // Nor when every idle connection to the first has been closed meanwhile.
        SqliteConnection.ClearAllPools();
        (await baker.PageAsync("/", HttpStatusCode.ServiceUnavailable)).ShouldContain("replaced");
    }

    [Fact]
    public async Task On_a_full_disk_nothing_is_said_to_be_kept_health_says_why_and_with_room_it_goes_on()
    {
        using var disk = SmallDisk.OfKilobytes(4096);
        await using var kitchen = new Kitchen(demo: false, disk.Folder);
        var baker = kitchen.Baker();
        (await KeepAsync(baker, "With room")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync("/healthz")).ShouldStartWith("Degraded");
        var page = await baker.PageAsync("/compose");
        disk.Fill();
        var kept = 0;
        string words;
        for (; ; kept++)
        {
            var answer = await baker.PostAsync(
                new Uri("/compose?handler=Save", UriKind.Relative),
                Forms.Of(page, ("name", $"Without {kept}"), ("address", "pan=plate-23")), Cancel);
            words = await answer.TextAsync();
            if (answer.StatusCode is not HttpStatusCode.Redirect)
            {
                answer.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
                break;
            }
        }

        words.ShouldContain("is full");
        words.ShouldContain($"Without {kept}");
        (await baker.PageAsync("/healthz", HttpStatusCode.ServiceUnavailable)).ShouldContain("is full");
        disk.Free();
        (await KeepAsync(baker, "With room again")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        await using var context = Open(kitchen.File);
        (await context.Pies.CountAsync(Cancel)).ShouldBe(kept + 2);
    }
}
