using System.Globalization;
using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;
using SkiaSharp;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>
/// Killed in the middle of what takes long: a log that is brought in, a copy that is gone back to, photographs, the tidying of the file.
/// What was said to be kept is kept, what is whole only as a whole is there as a whole or not at all, and nothing is left lying about.
/// </summary>
[Collection(AloneCollection.Name)]
public sealed partial class KilledAtWorkTests : IAsyncLifetime
{
    private const int Seed = 70_411;
    private const string Pie = "pan=plate-23&crust=butter-flaky&fill=malt-custard";

    private static readonly TimeSpan Within = TimeSpan.FromSeconds(90);

    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-killed-");
    private readonly Random _moments = new(Seed);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private string File => Path.Combine(_folder.FullName, "kitchen.db");

    public async ValueTask InitializeAsync() => await RoundCrumbFile.PrepareAsync(File, cancel: Cancel);

    public async ValueTask DisposeAsync()
    {
        SqliteConnection.ClearAllPools();
        await Litter.DeleteAsync(_folder.FullName);
    }

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)")]
    private static partial Regex Token();

    /// <summary>Waits for some milliseconds between two, and kills it.</summary>
    private async Task KillAsync(Running running, int from, int to)
    {
        await Task.Delay(TimeSpan.FromMilliseconds(_moments.Next(from, to)), Cancel);
        running.Kill();
    }

    private static async Task<HttpClient> BakerAsync(Running running) =>
        new(new HttpClientHandler { AllowAutoRedirect = false }) { BaseAddress = new Uri(await running.AddressAsync(Within)) };

    private async Task SoundAsync()
    {
        await using var connection = new SqliteConnection($"Data Source={File};Pooling=False");
        await connection.OpenAsync(Cancel);
        await using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA integrity_check; ";
        (await command.ExecuteScalarAsync(Cancel)).ShouldBe("ok");
        command.CommandText = "SELECT COUNT(*) FROM pragma_foreign_key_check";
        (await command.ExecuteScalarAsync(Cancel)).ShouldBe(0L);
    }

    private void NothingLiesAbout() =>
        Directory.GetFiles(_folder.FullName).ShouldNotContain(f => f.EndsWith(".half", StringComparison.Ordinal)
            || f.EndsWith(".next", StringComparison.Ordinal) || f.Contains(".backup-", StringComparison.Ordinal));

    [Fact]
    public async Task While_a_log_is_brought_in_all_of_it_is_there_or_nothing_and_each_bake_is_learned_from_once()
    {
        const int Rows = 700;
        for (var turn = 0; turn < 6; turn++)
        {
            using var running = new Running(File);
            using var baker = await BakerAsync(running);
            NothingLiesAbout();
            var log = new StringBuilder("Made,Pie,Composition,OvenSet,OvenRead\n");
            for (var i = 0; i < Rows; i++)
                log.Append(
                    CultureInfo.InvariantCulture,
                    $"20{10 + turn}-01-01T06:00:{i % 60:00}Z,Turn {turn} {i},{Pie},200,{203 + (i % 7)}\n");
            using var form = Forms.Of(await baker.PageAsync("/notebook/import"), ("text", log.ToString()));
            var sent = baker.PostAsync(new Uri("/notebook/import", UriKind.Relative), form, Cancel);
            await KillAsync(running, 60, 2200);
            await sent.ContinueWith(static t => _ = t.Exception, TaskScheduler.Default);

            await SoundAsync();
            await using var context = KilledTests.Open(File);
            var name = $"Turn {turn} ";
            (await context.Bakes.CountAsync(b => b.PieName.StartsWith(name), Cancel)).ShouldBeOneOf(0, Rows);
            (await context.Bakes.CountAsync(b => b.Log == null, Cancel)).ShouldBe(0);
        }

        // Left alone it learns the rest.
        using var last = new Running(File);
        await last.AddressAsync(Within);
        await using var after = KilledTests.Open(File);
        var all = await after.Bakes.CountAsync(Cancel);
        while (await after.Bakes.CountAsync(b => b.Log!.ObservedVersion == b.Log.Version, Cancel) < all)
            await Task.Delay(100, Cancel);
        (await after.Observations.GroupBy(o => new { o.BakeId, o.Kind, o.Of }).CountAsync(g => g.Count() > 1, Cancel)).ShouldBe(0);
    }

    [Fact]
    public async Task While_a_copy_is_gone_back_to_it_is_the_one_or_the_other_whole_and_what_was_there_is_kept()
    {
        var copy = Path.Combine(_folder.FullName, "kitchen.good.db");
        async Task AddAsync(string name)
        {
            await using var context = KilledTests.Open(File);
            context.Pies.Add(new() { Name = name, Address = Pie, SavedAt = DateTimeOffset.UnixEpoch });
            await context.SaveChangesAsync(Cancel);
        }

        await AddAsync("In the copy");
        await RoundCrumbFile.BackUpAsync(File, copy, Cancel);
        for (var turn = 0; turn < 6; turn++)
        {
            await AddAsync($"Turn {turn}");
            FileRestore.AtNextStart(File, copy);
            using (var cut = new Running(File))
                await KillAsync(cut, 400, 1800);
            await SoundAsync();
            await using (var context = KilledTests.Open(File))
            {
                var there = await context.Pies.Select(p => p.Name).OrderBy(n => n).ToListAsync(Cancel);
                there.ShouldContain("In the copy");
                there.Count.ShouldBeInRange(1, 2);
            }

            using (var running = new Running(File))
                await running.AddressAsync(Within);
            NothingLiesAbout();
            FileRestore.Pending(File).ShouldBeNull();
            await using (var context = KilledTests.Open(File))
                (await context.Pies.Select(p => p.Name).ToListAsync(Cancel)).ShouldBe(["In the copy"]);
            var kept = new List<string>();
            foreach (var beside in FileRestore.Beside(File).Where(f => f.Contains("before-going-back", StringComparison.Ordinal)))
            {
                await using var context = KilledTests.Open(beside);
                kept.AddRange(await context.Pies.Select(p => p.Name).ToListAsync(Cancel));
            }

            kept.ShouldContain($"Turn {turn}");
        }
    }

    [Fact]
    public async Task While_photographs_come_those_that_were_taken_in_are_there_and_each_opens()
    {
        const int Bakes = 6;
        await using (var context = KilledTests.Open(File))
        {
            for (var i = 0; i < Bakes; i++)
                context.Bakes.Add(new() { PieName = $"Bake {i}", Address = Pie, Pies = 1, MadeAt = DateTimeOffset.UnixEpoch.AddDays(i) });
            await context.SaveChangesAsync(Cancel);
        }

        using var bitmap = new SKBitmap(new SKImageInfo(900, 700));
        for (var x = 0; x < 900; x++)
            bitmap.SetPixel(x, _moments.Next(700), new SKColor((uint)_moments.Next()));
        var jpeg = bitmap.Encode(SKEncodedImageFormat.Jpeg, 95).ToArray();
        var taken = 0;
        for (var bake = 1; bake <= Bakes; bake++)
        {
            using var running = new Running(File);
            using var baker = await BakerAsync(running);
            var token = Token().Match(await baker.PageAsync($"/bakes/{bake}/log")).Groups[1].Value;
            var said = new List<string>();
            async Task SendOnAsync()
            {
                for (var n = 0; n < 8; n++)
                {
                    var caption = $"Bake {bake}, {n}";
                    using var form = new MultipartFormDataContent
                    {
                        { new StringContent(token), "__RequestVerificationToken" }, { new StringContent(caption), "caption" },
                        { new ByteArrayContent(jpeg), "file", "pie.jpg" },
                    };
                    using var answer = await baker.PostAsync(
                        new Uri($"/bakes/{bake}/log?handler=Photo", UriKind.Relative), form, Cancel);
                    answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
                    said.Add(caption);
                }
            }

            var sending = SendOnAsync();
            await Task.WhenAny(sending, KillAsync(running, 150, 900));
            running.Kill();
            await sending.ContinueWith(static t => _ = t.Exception, TaskScheduler.Default);
            await SoundAsync();
            await using var context = KilledTests.Open(File);
            var there = await context.Photos.Where(p => p.BakeId == bake).ToListAsync(Cancel);
            said.Except(there.Select(p => p.Caption)).ShouldBeEmpty();
            foreach (var photo in there)
            {
                using var large = SKBitmap.Decode(photo.Jpeg);
                using var small = SKBitmap.Decode(photo.Small);
                (large.Width, large.Height, small is null).ShouldBe((photo.Width, photo.Height, false));
            }

            taken += said.Count;
        }

        taken.ShouldBeGreaterThan(Bakes);
    }

    /// <summary>The log is written back into the file once nothing was written for two seconds, looked at every three.</summary>
    [Fact]
    public async Task While_the_file_is_tidied_nothing_of_it_is_lost()
    {
        var kept = new List<string>();
        for (var turn = 0; turn < 5; turn++)
        {
            using var running = new Running(File);
            using var baker = await BakerAsync(running);
            var page = await baker.PageAsync("/compose");
            for (var n = 0; n < 12; n++)
            {
                using var form = Forms.Of(page, ("name", $"Turn {turn} {n}"), ("address", "pan=plate-23"));
                using var answer = await baker.PostAsync(new Uri("/compose?handler=Save", UriKind.Relative), form, Cancel);
                answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
                kept.Add($"Turn {turn} {n}");
            }

            // The moment that it is at it: the log gets short.
            var log = new FileInfo(RoundCrumbFile.LogOf(File));
            var waits = _moments.Next(0, 30);
            while (log.Exists && log.Length > 0 && waits > 0)
            {
                await Task.Delay(1, Cancel);
                log.Refresh();
                if (DateTime.UtcNow - log.LastWriteTimeUtc > TimeSpan.FromSeconds(2))
                    waits--;
            }

            running.Kill();
            await SoundAsync();
            await using var context = KilledTests.Open(File);
            kept.Except(await context.Pies.Select(p => p.Name).ToListAsync(Cancel)).ShouldBeEmpty();
        }

        kept.Count.ShouldBe(60);
    }
}
