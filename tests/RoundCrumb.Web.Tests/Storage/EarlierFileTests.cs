using System.Globalization;
using System.Net;
using System.Runtime.CompilerServices;
using System.Text.Json.Nodes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Tests.Storage;

/// <summary>A file as an earlier version wrote it, with the demo and a baker's own things in its tables: it opens, is brought up to date, and shows the same.</summary>
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
            (await SaidAsync(baker)).ShouldBe(await File.ReadAllLinesAsync(Path.Combine(fixtures, name + ".expected.txt"), TestContext.Current.CancellationToken));

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
            (await baker.PageAsync("/box?q=eclair")).ShouldContain("Éclair-coloured pie");

            // And it can be gone on with: every table takes a change.
            (await baker.SendAsync("/kitchen", "/kitchen?handler=Room", ("form", "room"), ("room", "19"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
            (await baker.SendAsync("/compose", "/compose?handler=Save", ("name", "Kept since"), ("address", "pan=plate-23"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        }

        Directory.GetFiles(folder, "*.before-update-from-*").ShouldHaveSingleItem();
        Directory.Delete(folder, recursive: true);
    }

    private static string Here([CallerFilePath] string file = "") => file;

    private static async Task<List<string>> SaidAsync(HttpClient baker)
    {
        async Task<JsonNode> Get(string address) => JsonNode.Parse(await baker.GetStringAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken))!;
        static string Words(JsonNode? node) => string.Join(' ', node!.AsArray().Select(t => t!.GetValue<string>()));
        static string Weights(JsonNode? node) => string.Join(", ", node!.AsArray().Select(l => string.Create(CultureInfo.InvariantCulture, $"{l!["ingredient"]} {l["grams"]!.GetValue<double>():0.00}")));
        var lines = new List<string>();
        foreach (var pie in (await Get("/api/v1/pies?take=500")).AsArray().OrderBy(p => p!["id"]!.GetValue<int>()))
        {
            var worked = await Get($"/api/v1/pies/{pie!["id"]}");
            lines.Add(string.Create(CultureInfo.InvariantCulture, $"pie {pie["id"]} | {pie["name"]} | {pie["composition"]} | {Words(pie["tags"])} | {Weights(worked["weigh"])}"));
        }

        foreach (var part in (await Get("/api/v1/parts?take=500")).AsArray().Where(p => !p!["shipped"]!.GetValue<bool>()).OrderBy(p => p!["id"]!.GetValue<string>(), StringComparer.Ordinal))
        {
            var whole = await Get($"/api/v1/parts/{part!["id"]}");
            lines.Add($"part {part["id"]} | {part["kind"]} | {part["name"]} | {part["family"]} | {Words(part["tags"])} | {whole["text"]!.GetValue<string>().Replace("\n", " / ", StringComparison.Ordinal)} | {Weights(whole["lines"])}");
        }

        lines.Add("line | " + (await Get("/api/v1/lines?text=100%20ml%20top%20of%20the%20milk"))["items"]![0]!["ingredient"]);
        return lines;
    }
}
