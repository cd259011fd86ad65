using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data;
using RoundCrumb.Formats.Import;
using RoundCrumb.TestKit;

namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>Imports are all or nothing and held to the limits of forms; what would stall the kitchen computer is bounded.</summary>
public sealed class ImportedTests
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static Task<HttpResponseMessage> ImportAsync(HttpClient baker, string json) =>
        baker.SendAsync("/kitchen", "/box/import?handler=Box", ("json", json));

    private static async Task<(int Parts, int Pies, int Ingredients, int Names)> CountAsync(Kitchen kitchen)
    {
        await using var scope = kitchen.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        return (
            await context.Parts.CountAsync(Cancel), await context.Pies.CountAsync(Cancel), await context.OwnIngredients.CountAsync(Cancel),
            await context.RememberedNames.CountAsync(Cancel));
    }

    private static string Box(int parts, int pies, Func<int, string>? part = null, Func<int, string>? pie = null) => BoxDocument.Of(
        [
            .. Enumerable.Range(1, parts).Select(
                i =>
                    new BoxPart(
                        i, PartKind.Filling, part?.Invoke(i) ?? $"Custard {i}", ["house"], 1,
                        [new(1, "starch-custard", $"{500 + i} ml milk\n40 g cornflour", [new("milk", 515 + i), new("cornflour", 40)])]))
        ],
        [
            .. Enumerable.Range(1, pies).Select(
                i => new BoxPie(pie?.Invoke(i) ?? $"Pie {i}", [], $"pan=plate-23&fill=box-{Math.Min(i, parts)}-1&ahead={i % 200}"))
        ],
        [], new Dictionary<string, string> { ["top of the milk"] = "double-cream" }).Write();

    [Fact]
    public async Task A_box_imported_twice_does_not_double_and_says_so()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await CountAsync(kitchen);
        var box = await baker.PageAsync("/box/export?as=json");
        foreach (var _ in new[] { 1, 2 })
        {
            var answer = await ImportAsync(baker, box);
            answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
            (await CountAsync(kitchen)).ShouldBe(before);
            (await baker.PageAsync(answer.Headers.Location!.OriginalString)).ShouldContain("were here already");
        }

        // Into an empty kitchen all of it comes, and comes once.
        await using var empty = new Kitchen(demo: false);
        var other = empty.Baker();
        await ImportAsync(other, box);
        var now = await CountAsync(empty);
        now.Pies.ShouldBe(before.Pies);
        await ImportAsync(other, box);
        (await CountAsync(empty)).ShouldBe(now);
        (await other.PageAsync("/pies?leaf=99")).ShouldContain("Malt custard cream pie");
    }

    [Fact]
    public async Task A_hundred_and_twenty_pies_of_one_name_are_a_hundred_and_twenty_pies()
    {
        await using var kitchen = new Kitchen(demo: false);
        var answer = await ImportAsync(kitchen.Baker(), Box(150, 120, _ => "Custard", _ => new string('p', 80)));
        answer.StatusCode.ShouldBe(HttpStatusCode.Redirect, await answer.TextAsync());
        (await CountAsync(kitchen)).ShouldBe((150, 120, 0, 1));
    }

    [Fact]
    public async Task A_box_that_cannot_be_kept_whole_leaves_nothing_behind()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        foreach (
            var (what, with) in new[]
            {
                ("\"Pie 5\"", "\"" + new string('x', 81) + "\""),
                ("\"Custard 5\"", "\"\""),
                ("\"starch-custard\"", "\"none\"")
            })
        {
            var answer = await ImportAsync(baker, Box(6, 6).Replace(what, with, StringComparison.Ordinal));
            answer.StatusCode.ShouldBe(HttpStatusCode.OK);
            (await answer.TextAsync()).ShouldContain("id=\"import-trouble\"");
            (await CountAsync(kitchen)).ShouldBe((0, 0, 0, 0));
        }

        // Something that only shows while it is being kept: a trigger stands for a disk that fills up in the middle.
        await using (var scope = kitchen.Services.CreateAsyncScope())
            await scope.ServiceProvider.GetRequiredService<RoundCrumbContext>()
                .Database.ExecuteSqlRawAsync(
                    "CREATE TRIGGER Full BEFORE INSERT ON Pies WHEN NEW.Name = 'Pie 6' BEGIN SELECT RAISE(ABORT, 'full'); END;", Cancel);
        (await ImportAsync(baker, Box(6, 6))).StatusCode.ShouldNotBe(HttpStatusCode.Redirect);
        (await CountAsync(kitchen)).ShouldBe((0, 0, 0, 0));
        (await baker.PageAsync("/api/v1/lines?text=100 ml top of the milk")).ShouldNotContain("double-cream");
    }

    [Fact]
    public async Task A_pie_whose_composition_is_odd_is_taken_as_near_as_can_be_and_that_is_said()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        var answer = await ImportAsync(baker, Box(1, 1).Replace("fill=box-1-1", "fill=box-٣-1&thick=99", StringComparison.Ordinal));
        answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync(answer.Headers.Location!.OriginalString)).ShouldContain("1 pie names a part that is not here");
    }

    [Fact]
    public async Task Spoiled_boxes_are_kept_whole_or_not_at_all()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        var nasty = new Nasty(31);
        for (var i = 0; i < 200; i++)
        {
            var before = await CountAsync(kitchen);
            using var answer = await ImportAsync(baker, nasty.Spoiled(Box(2, 2, n => $"Custard {i}.{n}", n => $"Pie {i}.{n}")));
            ((int)answer.StatusCode).ShouldBeLessThan(500);
            if (answer.StatusCode != HttpStatusCode.Redirect)
                (await CountAsync(kitchen)).ShouldBe(before);
        }

        (await baker.PageAsync("/pies")).ShouldContain("Parts");
        (await baker.PageAsync("/")).ShouldContain("Counter");
    }

    [Theory]
    [InlineData("500 ml milk\n", 1000)]
    [InlineData("1 egg\n", 2000)]
    public async Task A_text_of_a_thousand_lines_is_read_as_far_as_it_is_kept_and_that_is_said(string line, int times)
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        var text = string.Concat(Enumerable.Repeat(line, times));
        var read = await (
            await baker.SendAsync("/box/part", "/box/part?handler=Read", ("name", "x"), ("kind", "Filling"), ("lines", text))).TextAsync();
        read.Length.ShouldBeLessThan(500_000);
        var page = await (
            await baker.SendAsync("/box/part", "/box/part?handler=Save", ("name", "x"), ("kind", "Filling"), ("lines", text))).TextAsync();
        page.ShouldContain($"{times} lines; {PartLimits.Lines} can be kept");
        (await CountAsync(kitchen)).Parts.ShouldBe(0);
    }

    [Fact]
    public async Task A_long_part_kept_by_an_earlier_version_still_opens_with_all_that_was_written()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        await ImportAsync(baker, Box(1, 0));
        await using (var scope = kitchen.Services.CreateAsyncScope())
            await scope.ServiceProvider.GetRequiredService<RoundCrumbContext>()
                .PartVersions.ExecuteUpdateAsync(
                    v => v.SetProperty(x => x.Text, string.Concat(Enumerable.Repeat("500 ml milk\n", 899)) + "the last line"), Cancel);
        var page = await baker.PageAsync("/box/part/1");
        page.ShouldContain("the last line");
        page.ShouldContain("900 lines");
    }

    [Fact]
    public async Task A_brace_in_a_name_breaks_no_sentence()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        await baker.SendAsync(
            "/pantry/new?from=butter", "/pantry/new", ("from", "butter"), ("name", "Butter {0} {x} }{"), ("bulk", "0.96"), ("mix", "1.08"),
            ("water", "16"), ("fat", "81"));
        var own = (await baker.PageAsync("/pantry")).Split("/pantry/own-")[1].Split('"')[0];
        await baker.SendAsync(
            "/box/part?kind=Crust", "/box/part?handler=Save", ("name", "Crust {1}"), ("kind", "Crust"), ("family", "butter-flaky"),
            ("lines", "200 g plain flour\n150 g Butter {0} {x} }{\n60 g water"));
        await baker.SendAsync(
            "/box/part?kind=Filling", "/box/part?handler=Save", ("name", "Custard {2} {"), ("kind", "Filling"),
            ("family", "starch-custard"), ("lines", "500 ml milk\n40 g Butter {0} {x} }{\n40 g cornflour"));
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Oven", ("form", "oven-1"), ("id", "1"), ("name", "Oven {3"), ("width", "600"), ("depth", "400"),
            ("shelves", "3"), ("warm", "20"), ("hot", "12"));
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Cold", ("form", "cold-1"), ("id", "1"), ("name", "Fridge }4{"), ("places", "8"),
            ("widest", "100"));
        var box = JsonNode.Parse(await baker.PageAsync("/box/export?as=json"))!;
        var refs = box["parts"]!.AsArray().Where(p => p!["name"]!.GetValue<string>().Contains('{', StringComparison.Ordinal))
            .ToDictionary(p => p!["kind"]!.GetValue<string>(), p => p!["ref"]!.GetValue<int>());
        var address = string.Create(
            CultureInfo.InvariantCulture,
            $"pan=plate-23&crust=box-{refs["crust"]}-1&fill=box-{refs["filling"]}-1&under1=box-{refs["filling"]}-1&under1-high=8&ahead=40");
        own.ShouldNotBeEmpty();
        var page = await baker.PageAsync("/compose?" + address);
        page.ShouldContain("Custard {2} {");
        page.ShouldContain("Oven {3");
        var sheet = (
            await baker.SendAsync("/compose", "/compose?handler=Make", ("name", "Pie {5}"), ("address", address), ("pies", "2")))
            .Headers.Location!.OriginalString;
        var steps = await baker.PageAsync(sheet);
        steps.ShouldContain("Butter {0} {x} }{");
        steps.ShouldContain("Custard {2} {:");
        steps.ShouldNotContain("{{");
    }

    [Fact]
    public async Task Half_letters_in_JSON_are_a_bad_request_and_no_more()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        foreach (var json in new[]
                 {
                     "{\"pan\":\"\\ud800\"}", "{\"filling\":{\"lines\":[\"\\ud800 milk\"]}}", "{\"filling\":{\"part\":\"\\ud800\"}}",
                     "{\"fields\":{\"\\ud800\":\"1\"}}", "{\"fields\":{\"thick\":\"\\ud800\"}}",
                     "{\"crust\":{\"family\":\"\\udfff\",\"lines\":[\"1 egg\"]}}",
                     "{\"count\":1e99}", "[]", "null", "", "{\"count\":\"x\"}", new string('[', 5000),
                 })
        {
            using var body = new StringContent(json, Encoding.UTF8, "application/json");
            using var answer = await baker.PostAsync(new Uri("/api/v1/compose", UriKind.Relative), body, Cancel);
            ((int)answer.StatusCode).ShouldBeInRange(200, 422, json[..Math.Min(60, json.Length)]);
        }
    }

    [Fact]
    public async Task Steps_that_no_day_has_are_passed_over()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        foreach (var step in new[] { "é", "\n", "o1.\r\nX: y", "{0}", new string('x', 5000) })
        {
            foreach (var handler in new[] { "Unpin", "Done", "Pin" })
            {
                using var answer = await baker.SendAsync(
                    "/days/1", "/days/1?handler=" + handler, ("step", step), ("date", "2027-01-01"), ("time", "12:00"));
                ((int)answer.StatusCode).ShouldBeLessThan(500, step);
            }
        }
    }

    [Fact]
    public async Task What_costs_much_is_given_only_so_often_and_what_was_typed_is_kept()
    {
        await using var kitchen = new Kitchen(demo: false) { CostlyPerMinute = 12 };
        var baker = kitchen.Baker();
        HttpResponseMessage? refused = null;
        for (var i = 0; i < 40 && refused is null; i++)
        {
            var answer = await baker.SendAsync("/box/import", "/box/import?handler=Look", ("text", "Pie\n200 g plain flour"));
            if (answer.StatusCode is HttpStatusCode.TooManyRequests)
                refused = answer;
            else
                answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        }

        refused.ShouldNotBeNull().Headers.RetryAfter.ShouldNotBeNull();
        var page = await refused.TextAsync();
        page.ShouldContain("Too many at once");
        page.ShouldContain("200 g plain flour");

        // Everything else goes on.
        (await baker.PageAsync("/compose")).ShouldContain("Compose a pie");
    }

    [Fact]
    public async Task Twenty_questions_at_once_wait_their_turn_at_one_gate_and_health_answers_meanwhile()
    {
        await using var kitchen = new Kitchen(demo: true) { PlanSeconds = "1" };
        var baker = kitchen.Baker();
        await baker.SendAsync("/days/1", "/days/1?handler=Solve");
        string page;
        while ((page = await baker.PageAsync("/days/1")).Contains("class=\"planning\"", StringComparison.Ordinal))
            await Task.Delay(100, Cancel);
        var order = page.Split("name=\"order\" value=\"o")[1].Split('"')[0];
        var questions = Enumerable.Range(0, 24)
            .Select(
                _ => baker.PostAsync(new Uri("/days/1?handler=More", UriKind.Relative), Forms.Of(page, ("order", "o" + order)), Cancel))
            .ToList();

        // The gate is busy for many seconds; what does not go through it does not wait.
        (await baker.PageAsync("/healthz")).ShouldBe("Healthy");
        questions.Count(q => q.IsCompleted).ShouldBeLessThan(10);
        var words = new List<string>();
        foreach (var question in questions)
            words.Add(await (await question).TextAsync());
        words.Count(w => w.Contains("One more:", StringComparison.Ordinal)).ShouldBeGreaterThan(10);
        words.ShouldContain(w => w.Contains("Too many questions", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Responses_are_compressed_where_the_browser_wants_it()
    {
        await using var kitchen = new Kitchen(demo: true);
        using var request = new HttpRequestMessage(HttpMethod.Get, "/compose");
        request.Headers.TryAddWithoutValidation("Accept-Encoding", "br, gzip");
        using var answer = await kitchen.Baker().SendAsync(request, Cancel);
        answer.Content.Headers.ContentEncoding.ShouldBe(["br"]);
        answer.Headers.Vary.ShouldContain("Accept-Encoding");
    }
}
