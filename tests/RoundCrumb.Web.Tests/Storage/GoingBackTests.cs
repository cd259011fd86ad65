using System.Net;
using Microsoft.Data.Sqlite;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>Going back to a copy gives what the copy holds, whatever lies beside the file, and loses nothing of what was there.</summary>
public sealed class GoingBackTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("roundcrumb-").FullName;

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private string File => Path.Combine(_folder, "kitchen.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    /// <summary>
    /// As a process leaves it that dies: what was written last stands in the log alone. The file and its log are copied while it is open.
    /// </summary>
    private async Task DiedAsync(string pan)
    {
        var other = Path.Combine(_folder, "open.db");
        System.IO.File.Copy(File, other, overwrite: true);
        await using (var open = new SqliteConnection($"Data Source={other};Pooling=False"))
        {
            await open.OpenAsync(Cancel);
            await WriteAsync(open, "PRAGMA wal_autocheckpoint=0;");
            await WriteAsync(open, "PRAGMA journal_mode=WAL;");
            await WriteAsync(open, $"INSERT INTO KitchenPans (Address, Owned, Version) VALUES ('{pan}', 3, 1);");
            System.IO.File.Copy(other, File, overwrite: true);
            System.IO.File.Copy(other + "-wal", File + "-wal", overwrite: true);
        }

        foreach (var left in Directory.GetFiles(_folder, "open.db*"))
            System.IO.File.Delete(left);
        new FileInfo(File + "-wal").Length.ShouldBeGreaterThan(0);
    }

    private static async Task WriteAsync(SqliteConnection connection, string words)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = words;
        await command.ExecuteNonQueryAsync(Cancel);
    }

    private static async Task<long> PansAsync(string path, string pan)
    {
        await using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        await connection.OpenAsync(Cancel);
        await using var command = connection.CreateCommand();
        command.CommandText = $"SELECT COUNT(*) FROM KitchenPans WHERE Address = '{pan}'";
        return (long)(await command.ExecuteScalarAsync(Cancel))!;
    }

    [Fact]
    public async Task What_a_process_wrote_last_is_there_after_it_died()
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        await DiedAsync("pan=late");
        var said = new List<string>();
        await RoundCrumbFile.PrepareAsync(File, said.Add, Cancel);
        (await PansAsync(File, "pan=late")).ShouldBe(1);
        said.ShouldBeEmpty();
        Directory.GetFiles(_folder, "*.left").ShouldBeEmpty();
    }

    /// <summary>A copy put in the file's place by hand, the dead process's log still beside it.</summary>
    [Fact]
    public async Task A_log_that_is_another_files_is_set_aside_and_said()
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        var copy = Path.Combine(_folder, "good.db");
        await RoundCrumbFile.BackUpAsync(File, copy, Cancel);
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        await DiedAsync("pan=late");
        System.IO.File.Copy(copy, File, overwrite: true);
        var said = new List<string>();
        await RoundCrumbFile.PrepareAsync(File, said.Add, Cancel);
        said.Single().ShouldContain("set aside");
        (await PansAsync(File, "pan=late")).ShouldBe(0);
        System.IO.File.Exists(File + "-wal.left").ShouldBeTrue();
    }

    [Fact]
    public async Task Going_back_checks_the_copy_keeps_what_is_there_and_reads_no_log_into_it()
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        var copy = Path.Combine(_folder, "good.db");
        await RoundCrumbFile.BackUpAsync(File, copy, Cancel);
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        await DiedAsync("pan=late");
        var gone = await FileRestore.RunAsync(File, copy, new(2026, 12, 5, 6, 0, 0, TimeSpan.Zero), Cancel);
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        (await PansAsync(File, "pan=late")).ShouldBe(0);

        // What was there before is kept, with what stood in the log.
        gone.Before.ShouldNotBeNull();
        (await PansAsync(gone.Before, "pan=late")).ShouldBe(1);
        FileRestore.Beside(File).ShouldContain(f => Path.GetFullPath(f) == Path.GetFullPath(gone.Before));
    }

    [Theory]
    [InlineData("no database at all")]
    [InlineData("")]
    public async Task What_is_no_copy_changes_nothing(string words)
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        var before = await System.IO.File.ReadAllBytesAsync(File, Cancel);
        var odd = Path.Combine(_folder, "odd.db");
        await System.IO.File.WriteAllTextAsync(odd, words, Cancel);
        await Should.ThrowAsync<FileTroubleException>(() => FileRestore.RunAsync(File, odd, DateTimeOffset.Now, Cancel));
        (await System.IO.File.ReadAllBytesAsync(File, Cancel)).ShouldBe(before);
    }

    [Fact]
    public async Task What_a_cut_off_copy_left_is_taken_away_at_the_next_start()
    {
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        foreach (var name in (string[])["kitchen.db.backup-0af3", "kitchen.db.backup-0af3.half", "kitchen.db.half"])
            await System.IO.File.WriteAllTextAsync(Path.Combine(_folder, name), "half", Cancel);
        await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);
        Directory.GetFiles(_folder).ShouldNotContain(f => f.Contains(".backup-") || f.EndsWith(".half"));
    }

    /// <summary>The page: a copy is chosen, and is gone back to when Round Crumb starts again.</summary>
    [Fact]
    public async Task It_is_gone_back_to_at_the_next_start()
    {
        var folder = Path.Combine(_folder, "house");
        Directory.CreateDirectory(folder);
        string copy;
        await using (var kitchen = new Kitchen(demo: true, folder))
        {
            var baker = kitchen.Baker();
            copy = Path.Combine(folder, "kitchen.mine.db");
            await RoundCrumbFile.BackUpAsync(kitchen.File, copy, Cancel);
            (await baker.SendAsync("/compose", "/compose?handler=Save", ("name", "Pie made later"), ("address", "pan=plate-23")))
                .StatusCode.ShouldBe(HttpStatusCode.Redirect);
            (await baker.PageAsync("/pies?q=later")).ShouldContain("Pie made later");
            (await baker.SendAsync("/kitchen/backup", "/kitchen/backup?handler=Choose", ("copy", "kitchen.mine.db")))
                .StatusCode.ShouldBe(HttpStatusCode.Redirect);
            (await baker.PageAsync("/kitchen/backup")).ShouldContain("At the next start");
            (await (await baker.SendAsync("/kitchen/backup", "/kitchen/backup?handler=Choose", ("copy", "../../etc/passwd"))).TextAsync())
                .ShouldContain("not here any more");
        }

        await using var again = new Kitchen(demo: true, folder);
        (await again.Baker().PageAsync("/pies?q=later")).ShouldNotContain("Pie made later");
        (await again.Baker().PageAsync("/kitchen/backup")).ShouldContain("before-going-back");
    }
}
