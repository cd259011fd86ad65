using System.Globalization;
using System.Net;
using System.Runtime.CompilerServices;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Data;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>
/// A file as an earlier version wrote it, with the demo and a baker's own things in its tables: it opens, is brought up to date, and shows
/// the same.
/// </summary>
public sealed class EarlierFileTests
{
    [Theory]
    [InlineData("kitchen-2026-11-27")]
    public async Task A_file_of_an_earlier_version_shows_the_same(string name)
    {
        var fixtures = Path.Combine(Path.GetDirectoryName(Here())!, "Fixtures");
        var folder = Directory.CreateTempSubdirectory("roundcrumb-earlier-").FullName;
        File.Copy(Path.Combine(fixtures, name + ".sqlite"), Path.Combine(folder, "kitchen.db"));
        RoundCrumbFile.Inspect(Path.Combine(folder, "kitchen.db")).ShouldBe(FileState.Older);
        await using (var kitchen = new Kitchen(demo: false, folder))
        {
            var baker = kitchen.Baker();
            (await SaidAsync(baker)).ShouldBe(
                await File.ReadAllLinesAsync(Path.Combine(fixtures, name + ".expected.txt"), TestContext.Current.CancellationToken));

            // What has no address of its own in the API: a log, ticks, days with their orders and what is done, the kitchen.
            (await baker.PageAsync("/bakes/3/log")).ShouldContain("Held well");
            (await baker.PageAsync("/bakes/3")).ShouldContain("checked");
            var day = await baker.PageAsync("/days/1");
            day.ShouldContain("Saturday: counter, christening, village hall");
            day.ShouldContain("06:00–14:00");
            var own = await baker.PageAsync("/kitchen");
            own.ShouldContain("Lockkeeper’s blue dish");
            own.ShouldContain("<option value=\"steady\" selected");
            (await baker.PageAsync("/pantry/own-mill-butter")).ShouldContain("farm butter");
            (await baker.PageAsync("/pies?q=eclair")).ShouldContain("Éclair-coloured pie");

            // And it can be gone on with: every table takes a change.
            (
                await baker.SendAsync("/kitchen", "/kitchen?handler=Room", ("form", "room"), ("room", "19")))
                .StatusCode.ShouldBe(HttpStatusCode.Redirect);
            (
                await baker.SendAsync("/compose", "/compose?handler=Save", ("name", "Kept since"), ("address", "pan=plate-23")))
                .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        }

        Directory.GetFiles(folder, "*.before-update-from-*").ShouldHaveSingleItem();
        await Litter.DeleteAsync(folder);
    }

    /// <summary>
    /// What stood in rows of words, by places and by numbers in an earlier file stands in lists and by names in a new one.
    /// </summary>
    [Fact]
    public async Task What_was_kept_by_its_place_is_kept_by_its_name()
    {
        var fixtures = Path.Combine(Path.GetDirectoryName(Here())!, "Fixtures");
        var folder = Directory.CreateTempSubdirectory("roundcrumb-earlier-").FullName;
        var file = Path.Combine(folder, "kitchen.db");
        File.Copy(Path.Combine(fixtures, "kitchen-2026-11-27.sqlite"), file);
        await using (var old = new SqliteConnection($"Data Source={file};Pooling=False"))
        {
            await old.OpenAsync(Cancel);
            foreach (var words in (string[])
            [
                "UPDATE BakeDays SET Forbidden = 'oven-2 oven-1', Apart = 'dough butter-flaky o1' || char(10) || 'cream icing o2', "
                    + "MorePans = '2 plate-24 A \"blue\" dish 240 45' || char(10) || '1 tart-25 x 250 25' WHERE Id = 1",
                "DELETE FROM DayMark",
                "INSERT INTO DayMark (BakeDayId, Key, Kind, Start, Oven) VALUES (1, 'o1.0', 'Pinned', 90, -1), (1, 'o1.3', 'Done', "
                    + "80, 1), (1, 'o1.4', 'Done', 84, 0)",
                "INSERT INTO Pies (Name, Address, SavedAt, Version, Tags) VALUES ('Éclair', 'pan=plate-23', 0, 1, ''), ('éclair', "
                    + "'pan=plate-23', 0, 1, '')",
            ])
            {
                await using var command = old.CreateCommand();
#pragma warning disable CA2100 // The words are those above.
                command.CommandText = words;
#pragma warning restore CA2100
                await command.ExecuteNonQueryAsync(Cancel);
            }
        }

        await using (var kitchen = new Kitchen(demo: false, folder))
        {
            await using var scope = kitchen.Services.CreateAsyncScope();
            var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
            var ovens = await context.KitchenOvens.AsNoTracking().Where(o => o.DeletedAt == null).OrderBy(o => o.Place).ThenBy(o => o.Id)
                .Select(o => o.Id).ToListAsync(Cancel);
            var day = await context.BakeDays.AsNoTracking().Include(d => d.DayMarks).SingleAsync(d => d.Id == 1, Cancel);
            day.ColdOvens.ShouldBe(["oven-2", "oven-1"]);
            day.Apart.ShouldBe(["dough butter-flaky o1", "cream icing o2"]);
            day.LentPans.Select(p => (p.More, p.Pan)).ShouldBe([(2, "plate-24 A \"blue\" dish 240 45"), (1, "tart-25 x 250 25")]);
            day.DayMarks.OrderBy(m => m.Key).Select(m => (m.Key, m.Oven, m.Orders.Count))
                .ShouldBe([("o1.0", "", 0), ("o1.3", $"oven-{ovens[1]}", 0), ("o1.4", $"oven-{ovens[0]}", 0)]);
            var other = await context.BakeDays.AsNoTracking().SingleAsync(d => d.Id == 2, Cancel);
            (other.ColdOvens.Count, other.Apart.Count, other.LentPans.Count).ShouldBe((0, 0, 0));

            // Two that were told apart until now are so still, and keep their names; a third is refused.
            (await context.Pies.CountAsync(p => p.Name == "Éclair" || p.Name == "éclair", Cancel)).ShouldBe(2);
            (
                await scope.ServiceProvider.GetRequiredService<PieShelf>().AddAsync("ÉCLAIR", "pan=plate-23", Cancel))
                .Outcome.ShouldBe(KeepOutcome.NameTaken);

            // Which parts are in use is filled in, and kinds are written by their names.
            var used = (await context.Pies.AsNoTracking().Select(p => p.Address).ToListAsync(Cancel)).SelectMany(PartUse.In).Distinct()
                .Order().ToList();
            used.ShouldNotBeEmpty();
            (
                await context.PartUses.AsNoTracking().Where(u => u.PieId != null).Select(u => new { u.PartId, u.Version }).Distinct()
                    .ToListAsync(Cancel))
                .Select(u => (u.PartId, u.Version)).Order().ShouldBe(used);
            (await context.PartVersions.AsNoTracking().Select(v => v.Lines).ToListAsync(Cancel))
                .ShouldAllBe(l => !System.Text.RegularExpressions.Regex.IsMatch(l, "\"W\":\\d"));
            (await context.OwnIngredients.AsNoTracking().Select(o => o.Values).ToListAsync(Cancel))
                .ShouldAllBe(v => !System.Text.RegularExpressions.Regex.IsMatch(v, "\"(Allergens|Origin)\":\\d"));
        }

        await Litter.DeleteAsync(folder);
    }

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static string Here([CallerFilePath] string file = "") => file;

    private static async Task<List<string>> SaidAsync(HttpClient baker)
    {
        async Task<JsonNode> Get(string address) =>
            JsonNode.Parse(await baker.GetStringAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken))!;
        static string Words(JsonNode? node) => string.Join(' ', node!.AsArray().Select(t => t!.GetValue<string>()));
        static string Weights(JsonNode? node) =>
            string.Join(
                ", ",
                node!.AsArray().Select(
                    l => string.Create(CultureInfo.InvariantCulture, $"{l!["ingredient"]} {l["grams"]!.GetValue<double>():0.00}")));
        var lines = new List<string>();
        foreach (var pie in (await Get("/api/v1/pies?take=500")).AsArray().OrderBy(p => p!["id"]!.GetValue<int>()))
        {
            var worked = await Get($"/api/v1/pies/{pie!["id"]}");
            lines.Add(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"pie {pie["id"]} | {pie["name"]} | {pie["composition"]} | {Words(pie["tags"])} | {Weights(worked["weigh"])}"));
        }

        foreach (
            var part in (await Get("/api/v1/parts?take=500")).AsArray().Where(p => !p!["shipped"]!.GetValue<bool>())
                .OrderBy(p => p!["id"]!.GetValue<string>(), StringComparer.Ordinal))
        {
            var whole = await Get($"/api/v1/parts/{part!["id"]}");
            lines.Add(
                $"part {part["id"]} | {part["kind"]} | {part["name"]} | {part["family"]} | {Words(part["tags"])} | "
                    + $"{whole["text"]!.GetValue<string>().Replace("\n", " / ", StringComparison.Ordinal)} | {Weights(whole["lines"])}");
        }

        lines.Add("line | " + (await Get("/api/v1/lines?text=100%20ml%20top%20of%20the%20milk"))["items"]![0]!["ingredient"]);
        return lines;
    }
}
