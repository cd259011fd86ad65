using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;
using RoundCrumb.Data;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>Killed at any moment: it starts again, and what was said to be kept is kept.</summary>
[Collection(AloneCollection.Name)]
public sealed class KilledTests : IDisposable
{
    private const int Seed = 20_611;
    private const string Mine = "Mine ";

    /// <summary>An update to begin from: the tables as they were before bake days.</summary>
    private const string Earlier = "20261125164031_Schools";

    /// <summary>
    /// What waits for ever would wait longer than this, on however busy a machine. How soon it starts again is measured in bench, on
    /// what is shipped: here it is the build that counts the lines it runs through.
    /// </summary>
    private static readonly TimeSpan Within = TimeSpan.FromSeconds(90);

    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-killed-");

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    internal static RoundCrumbContext Open(string file) =>
        new(
            (DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>()
                .UseSqlite($"Data Source={file};Pooling=false").Options);

    /// <summary>A file of an earlier version with a pie in it.</summary>
    private static async Task OlderAsync(string file)
    {
        await using var context = Open(file);
        await context.GetService<IMigrator>().MigrateAsync(Earlier, Cancel);
        await context.Database.ExecuteSqlAsync(
            $"INSERT INTO Pies (Name, Address, Tags, SavedAt, Version) VALUES ('Kept before', 'pan=plate-23', '', 0, 1)", Cancel);
    }

    [Fact]
    public async Task Killed_sixty_times_while_it_starts_and_sixty_while_it_keeps_it_starts_again_each_time_and_has_what_it_said_it_kept()
    {
        // A third each: no file yet, a file of this version, a file of an earlier one. Two lanes, each turn in a folder of its own.
        var moments = new Random(Seed);
        var turns = Enumerable.Range(0, 60).Select(i => (Turn: i, Start: moments.NextDouble(), Write: moments.NextDouble())).ToList();
        var ready = Path.Combine(_folder.FullName, "ready.db");
        await RoundCrumbFile.PrepareAsync(ready, cancel: Cancel);
        await RoundCrumbFile.TidyAsync(ready, Cancel);
        var all = 0;
        await Parallel.ForEachAsync(
            turns, new ParallelOptions { MaxDegreeOfParallelism = 2, CancellationToken = Cancel }, async (turn, cancel) =>
        {
            var folder = _folder.CreateSubdirectory($"turn-{turn.Turn}");
            var file = Path.Combine(folder.FullName, "kitchen.db");
            switch (turn.Turn % 3)
            {
                case 1:
                    File.Copy(ready, file);
                    break;
                case 2:
                    await OlderAsync(file);
                    break;
            }

            // From the first instruction to a little after it listens.
            using (var first = new Running(file, "--demo"))
                await KillAfterAsync(first, first.AddressAsync(Within), 300 + (turn.Start * 2200));

            using var again = new Running(file, "--demo");
            var address = await again.AddressAsync(Within);
            using var handler = new HttpClientHandler { AllowAutoRedirect = false };
            using var baker = new HttpClient(handler) { BaseAddress = new Uri(address) };
            (await baker.PageAsync("/healthz")).ShouldNotStartWith("Unhealthy");
            var page = await baker.PageAsync("/compose");
            var kept = new List<string>();
            await KillAfterAsync(again, KeepOnAsync(baker, page, kept), 20 + (turn.Write * 400));

            await using var context = Open(file);
            var there = await context.Pies.Select(p => p.Name).ToListAsync(cancel);
            kept.Except(there).ShouldBeEmpty($"turn {turn.Turn}");
            there.Count(n => !n.StartsWith(Mine, StringComparison.Ordinal)).ShouldBe(turn.Turn % 3 == 2 ? 1 : 24, $"turn {turn.Turn}");
            Interlocked.Add(ref all, kept.Count);
            await Litter.DeleteAsync(folder.FullName);
        });
        all.ShouldBeGreaterThan(60);
    }

    private static async Task KillAfterAsync(Running running, Task meanwhile, double milliseconds)
    {
        await Task.WhenAny(meanwhile, Task.Delay(TimeSpan.FromMilliseconds(milliseconds), Cancel));
        running.Kill();
        await meanwhile.ContinueWith(static t => _ = t.Exception, TaskScheduler.Default);
    }

    /// <summary>Keeps one pie after the other, and remembers those that were said to be kept.</summary>
    private static async Task KeepOnAsync(HttpClient baker, string page, List<string> kept)
    {
        for (var n = 0; ; n++)
        {
            var name = $"{Mine}{n}";
            using var form = Forms.Of(page, ("name", name), ("address", "pan=plate-23"));
            using var answer = await baker.PostAsync(new Uri("/compose?handler=Save", UriKind.Relative), form, Cancel);
            if (answer.StatusCode is System.Net.HttpStatusCode.Redirect)
                kept.Add(name);
        }
    }

    [Fact]
    public async Task A_lock_that_a_killed_update_left_is_not_waited_for()
    {
        var file = Path.Combine(_folder.FullName, "locked.db");
        await OlderAsync(file);
        await using (var context = Open(file))
            await context.Database.ExecuteSqlRawAsync(
                "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER NOT NULL PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT "
                    + "OR REPLACE INTO __EFMigrationsLock VALUES (1, '2026-01-01 00:00:00+00:00');",
                Cancel);
        await RoundCrumbFile.PrepareAsync(file, cancel: Cancel).WaitAsync(Within, Cancel);
        await using var after = Open(file);
        (await after.Pies.SingleAsync(Cancel)).Name.ShouldBe("Kept before");
        (await after.Database.GetPendingMigrationsAsync(Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task An_update_keeps_the_file_as_it_was_beside_it_and_says_so()
    {
        var file = Path.Combine(_folder.FullName, "older.db");
        await OlderAsync(file);
        var said = "";
        await RoundCrumbFile.PrepareAsync(file, words => said = words, Cancel);
        var before = Path.Combine(_folder.FullName, "older.before-update-from-Schools.db");
        said.ShouldContain(before);
        await using (var old = Open(before))
            (await old.Database.GetAppliedMigrationsAsync(Cancel)).Last().ShouldBe(Earlier);
        RoundCrumbFile.Inspect(before).ShouldBe(FileState.Older);
        RoundCrumbFile.Inspect(file).ShouldBe(FileState.Current);
        Directory.GetFiles(_folder.FullName).Select(Path.GetFileName).Order(StringComparer.Ordinal)
            .ShouldBe(["older.before-update-from-Schools.db", "older.db", "older.db.mark"]);
    }
}

/// <summary>Tests that take the machine for themselves, one after the other when the rest are done.</summary>
[CollectionDefinition(Name, DisableParallelization = true)]
public sealed class AloneCollection
{
    public const string Name = "alone";
}
