using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Import;

namespace RoundCrumb.Web.Tests;

/// <summary>The box, the pantry, import, export and the API over HTTP in process.</summary>
public sealed partial class BoxPageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_part_is_written_kept_used_in_a_pie_and_its_figures_open()
    {
        var baker = kitchen.Baker();
        var read = await (
            await baker.SendAsync(
                "/box/part", "/box/part?handler=Read",
                Form("Lock custard", "500 ml whole milk\n4 large egg yolks\n45 g cornflour\n90 g flibber"))).TextAsync();
        read.ShouldContain("3 of 4 lines understood");
        read.ShouldContain("“flibber” is not known");
        read.ShouldContain("515 g whole milk");

        var kept = await baker.SendAsync(
            "/box/part", "/box/part?handler=Save",
            Form("Lock custard", "500 ml whole milk\n4 large egg yolks\n45 g cornflour\n90 g caster sugar"));
        kept.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await baker.PageAsync(kept.Headers.Location!.OriginalString);
        page.ShouldContain("All 4 lines understood");
        var use = UseLink().Match(page).Groups[1].Value;
        var pie = await baker.PageAsync(use);
        pie.ShouldContain("Lock custard");
        var id = use.Split('=')[1];
        (await baker.PageAsync($"/working?f=yield&fill={id}")).ShouldContain("all volumes in the mixture");
        (await baker.PageAsync("/pies?q=lock+cust")).ShouldContain("Lock custard");
    }

    [Theory]
    [InlineData("", "200 g flour", "Give it a name first")]
    [InlineData("Fine", "", "at least one line")]
    public async Task What_cannot_be_kept_is_said_in_place_and_stays(string name, string lines, string says)
    {
        var page = await (
            await kitchen.Baker().SendAsync(
                "/box/part", "/box/part?handler=Save", [.. Form(name, lines), ("loss", "lots"), ("method", "Kept all the same")]))
            .TextAsync();
        page.ShouldContain(says);
        page.ShouldContain("That isn’t a number I can read");
        page.ShouldContain("Kept all the same");
        page.ShouldContain("value=\"lots\"");
    }

    [Fact]
    public async Task A_swap_rewrites_one_line_and_says_what_it_alters()
    {
        var lines = "500 ml whole milk\n4 large egg yolks\n45 g cornflour\n100 g caster sugar, sifted twice";
        var page = await (
            await kitchen.Baker().SendAsync("/box/part", "/box/part?handler=Swap", [.. Form("x", lines), ("swap", "0|milk~oat-milk")]))
            .TextAsync();
        page.ShouldContain("515 g oat");
        page.ShouldContain("100 g caster sugar, sifted twice");
        page.ShouldContain("oats (gluten)");
        page.ShouldContain("no more milk");
        (
            await (
                await kitchen.Baker().SendAsync("/box/part", "/box/part?handler=Swap", [.. Form("x", lines), ("swap", "77|nonsense")]))
                .TextAsync()).ShouldContain("500 ml whole milk");
    }

    /// <summary>
    /// An allergen that only words name is answered by a button, behind its line; what is odd changes nothing, and of a text that is over
    /// the limit no line goes by it.
    /// </summary>
    [Fact]
    public async Task Whether_an_allergen_is_in_it_is_answered_by_a_press()
    {
        var lines = "500 ml whole milk\n200 g white chocolate, hazelnut flavour\n"
            + string.Join('\n', Enumerable.Range(1, PartLimits.Lines + 3).Select(i => $"{i} g caster sugar"));
        var asked = await (await kitchen.Baker().SendAsync("/box/part", "/box/part?handler=Read", [.. Form("x", lines)])).TextAsync();
        asked.ShouldContain("Its words name hazelnut.");
        asked.ShouldContain("perhaps hazelnut (nut)");
        var answer = Regex.Match(
            asked, "name=\"answer\" value=\"([^\"]+)\">[^h]*<span class=\"vh\">It contains </span>hazelnut").Groups[1].Value;
        async Task<string> AnswerAsync(string code) =>
            await (await kitchen.Baker().SendAsync("/box/part", "/box/part?handler=Answer", [.. Form("x", lines), ("answer", code)]))
                .TextAsync();
        var page = await AnswerAsync(answer);
        page.ShouldContain("200 g white chocolate, hazelnut flavour, contains hazelnut");
        page.ShouldContain($"{PartLimits.Lines + 3} g caster sugar");
        page.ShouldNotContain("Until you answer");
        page.ShouldContain(", hazelnut (nut)");
        foreach (var odd in (string[])["", "1", "1|", "999|0", "1|9", "-1|0", "1|0|0", "x|y"])
        {
            var same = await AnswerAsync(odd);
            same.ShouldContain("Its words name hazelnut");
            same.ShouldNotContain("contains hazelnut\n");
        }
    }

    [Fact]
    public async Task A_name_once_explained_is_known_from_then_on()
    {
        var baker = kitchen.Baker();
        var lines = "200 g marrowby mill blend\n100 g butter";
        (
            await (await baker.SendAsync("/box/part", "/box/part?handler=Read", [.. Form("x", lines)])).TextAsync())
            .ShouldContain("not in the pantry");
        await baker.SendAsync(
            "/box/part", "/box/part?handler=Remember", [.. Form("x", lines), ("remember", "marrowby mill blend|spelt-flour")]);
        (
            await (await baker.SendAsync("/box/part", "/box/part?handler=Read", [.. Form("x", lines)])).TextAsync())
            .ShouldContain("200 g spelt flour");
    }

    [Fact]
    public async Task Editing_a_part_of_a_pie_makes_a_version_and_the_two_are_compared()
    {
        var baker = kitchen.Baker();
        var page = await baker.PageAsync("/pies");
        var id = Regex.Match(page, "/box/part/(\\d+)\">House sweet short").Groups[1].Value;
        var kept = await baker.SendAsync($"/box/part/{id}", $"/box/part/{id}?handler=Save",
            ("stamp", "1"), ("name", "House sweet short"), ("kind", "Crust"), ("family", "sweet-short"),
            ("lines", "250 g soft flour\n150 g unsalted butter, soft\n80 g icing sugar, sifted\n3 egg yolks"), ("cup", "Metric"),
            ("egg", "Large"));
        kept.Headers.Location!.OriginalString.ShouldContain("kept=new");
        (await baker.PageAsync(kept.Headers.Location!.OriginalString)).ShouldContain("keep theirs until you move them");
        var compared = await baker.PageAsync($"/box/part/{id}/compare?a=1&b=2");
        compared.ShouldContain("+ 10 g");
        compared.ShouldContain("left out");
        var back = await baker.SendAsync($"/box/part/{id}", $"/box/part/{id}?handler=Offer", ("offer", "1"));
        var offered = await baker.PageAsync(back.Headers.Location!.OriginalString);
        offered.ShouldContain("Version 1 is offered again");
        offered.ShouldContain("140 g unsalted butter");
        (await baker.PageAsync($"/box/part/{id}/compare?a=1&b=9", HttpStatusCode.NotFound)).ShouldContain("<h1");
    }

    [Fact]
    public async Task A_recipe_in_three_sections_is_looked_over_and_becomes_three_parts_and_a_pie()
    {
        var baker = kitchen.Baker();
        var text =
            "Plum night pie\n\nFor the crust:\n200 g digestive biscuits\n90 g butter, melted\n\nFor the filling:\n500 ml milk\n4 "
                + "yolks\n40 g cornflour\n90 g sugar\n\nTopping:\n300 ml double cream\n20 g icing sugar\n\nMethod:\nBake at 350F for 10 "
                + "min in a 9-inch plate.";
        var preview = await (await baker.SendAsync("/box/import", "/box/import?handler=Look", ("text", text))).TextAsync();
        preview.ShouldContain("Crust: 2 of 2 lines understood");
        preview.ShouldContain("It says: 175 °C; 22.9 cm; 10 min");
        (await baker.PageAsync("/pies?q=plum+night")).ShouldContain("No saved pie is like that");
        var fields = Inputs(preview).ToArray();
        var saved = await baker.SendAsync("/box/import", "/box/import?handler=Save", fields);
        saved.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        saved.Headers.Location!.OriginalString.ShouldStartWith("/compose?pie=");
        var pie = await baker.GetAsync(saved.Headers.Location, Cancel);
        (await baker.PageAsync(pie.Headers.Location!.OriginalString)).ShouldContain("Plum night pie: filling");
    }

    [Fact]
    public async Task A_list_without_headings_is_parted_and_a_bought_crust_is_the_one_that_is_bought()
    {
        var baker = kitchen.Baker();
        var text =
            "Plum shell pie\n\n1 ready-made 23 cm pastry case\n500 ml milk\n4 yolks\n40 g cornflour\n90 g suger\n\n"
                + "Bake the case for 5 minutes at 180C and fill it hot.";
        var preview = await (await baker.SendAsync("/box/import", "/box/import?handler=Look", ("text", text))).TextAsync();
        preview.ShouldContain("It had no headings");
        preview.ShouldContain("is taken as bought sweet shell, baked, 23 cm");
        preview.ShouldContain("“suger” is taken as caster sugar (superfine). Is that right?");
        var saved = await baker.SendAsync("/box/import", "/box/import?handler=Save", Inputs(preview).ToArray());
        var pie = await baker.GetAsync(saved.Headers.Location, Cancel);
        var page = await baker.PageAsync(pie.Headers.Location!.OriginalString);
        pie.Headers.Location!.OriginalString.ShouldContain("crust=bought-shell-23");
        page.ShouldContain("Plum shell pie: filling");
    }

    [Fact]
    public async Task The_api_says_what_it_only_guessed_and_works_it_out_as_it_says()
    {
        using var answer = await kitchen.Baker().PostAsJsonAsync("/api/v1/compose", new
        {
            filling = new
            {
                lines = new[] { "500 ml whole milk", "4 large egg yolks", "32 g cornflour", "90 g caster suger", "500 g salt" },
            },
        }, Cancel);
        var questions = (await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel)).GetProperty("questions").EnumerateArray()
            .Select(q => q.GetString()!).ToList();
        questions.Count.ShouldBe(2);
        questions[0].ShouldStartWith("filling.lines[3]: “caster suger” is taken as caster sugar");
        questions[1].ShouldStartWith("filling.lines[4]: 500 g of fine salt is far more than a pie takes");
        var line = await kitchen.Baker().GetFromJsonAsync<JsonElement>("/api/v1/lines?text=2%20tabelspoons%20honey", Cancel);
        line.GetProperty("question").GetString()!.ShouldContain("is read as tablespoons");
    }

    [Theory]
    [InlineData("", "nothing in it yet")]
    [InlineData("{\"@type\":", "breaks off")]
    [InlineData("Dear diary", "No ingredient line")]
    public async Task A_paste_that_cannot_be_used_says_why_and_stays(string text, string says)
    {
        var page = await (await kitchen.Baker().SendAsync("/box/import", "/box/import?handler=Look", ("text", text))).TextAsync();
        page.ShouldContain(says);
        page.ShouldContain(text);
    }

    [Theory]
    [InlineData(6_500_000, HttpStatusCode.OK, "up to 5 MB can be read")]
    [InlineData(4_000, HttpStatusCode.OK, "That is no text")]
    public async Task A_file_that_is_no_recipe_or_too_large_says_so(int size, HttpStatusCode expected, string says)
    {
        var baker = kitchen.Baker();
        var bytes = new byte[size];
        new Random(1).NextBytes(bytes);
        using var file = new MultipartFormDataContent();
        file.Add(new StringContent(Token().Match(await baker.PageAsync("/box/import")).Groups[1].Value), "__RequestVerificationToken");
        file.Add(new ByteArrayContent(bytes), "file", "pie.jpg");
        var answer = await baker.PostAsync(new Uri("/box/import?handler=Look", UriKind.Relative), file, Cancel);
        answer.StatusCode.ShouldBe(expected);
        (await answer.TextAsync()).ShouldContain(says);
    }

    [Fact]
    public async Task The_whole_box_goes_out_and_comes_in_elsewhere_and_nothing_is_lost()
    {
        var json = await kitchen.Baker().GetStringAsync(new Uri("/box/export?as=json", UriKind.Relative), Cancel);
        var (sent, _) = BoxDocument.Read(json);
        await using var other = new Kitchen(demo: false);
        var baker = other.Baker();
        using (var file = new MultipartFormDataContent())
        {
            var token = Token().Match(await baker.PageAsync("/box/import")).Groups[1].Value;
            file.Add(new StringContent(token), "__RequestVerificationToken");
            file.Add(new ByteArrayContent(Encoding.UTF8.GetBytes(json)), "file", "box.json");
            var look = await baker.PostAsync(new Uri("/box/import?handler=Look", UriKind.Relative), file, Cancel);
            (await look.TextAsync()).ShouldContain("A box with");
        }

        (await baker.SendAsync("/box/import", "/box/import?handler=Box", ("json", json))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var (came, _) = BoxDocument.Read(await baker.GetStringAsync(new Uri("/box/export?as=json", UriKind.Relative), Cancel));
        came!.Parts.Select(
            p => (p.Kind, p.Name, Tags: string.Join(' ', p.Tags), p.Current, Versions: JsonSerializer.Serialize(p.Versions))).ShouldBe(
            sent!.Parts.Select(
                p => (p.Kind, p.Name, Tags: string.Join(' ', p.Tags), p.Current, Versions: JsonSerializer.Serialize(p.Versions))),
            ignoreOrder: true);
        came.Pies.Select(p => p.Name).ShouldBe(sent.Pies.Select(p => p.Name), ignoreOrder: true);
        var tart = came.Pies.Single(p => p.Name == "Sesame chocolate tart").Composition;
        came.Parts.Select(p => $"=box-{p.Ref}-1").Count(tart.Contains).ShouldBe(2);
    }

    [Theory]
    [InlineData("text", "## Filling: Raspberry yoghurt set")]
    [InlineData("jsonld", "\"@graph\"")]
    [InlineData("csv", "section,line")]
    public async Task The_box_is_taken_away_as_others_read_it(string form, string holds) =>
        (await kitchen.Baker().GetStringAsync(new Uri("/box/export?as=" + form, UriKind.Relative), Cancel)).ShouldContain(holds);

    [Theory]
    [InlineData("/box/part/9999")]
    [InlineData("/box/part?from=nonsense")]
    [InlineData("/box/part?from=box-9-99")]
    [InlineData("/box/export?part=9999")]
    [InlineData("/box/export?as=docx")]
    [InlineData("/pantry/no-such")]
    [InlineData("/box/part/x")]
    public async Task What_is_not_there_is_a_page_in_words(string address) =>
        (await kitchen.Baker().PageAsync(address, HttpStatusCode.NotFound)).ShouldContain("<h1");

    [Fact]
    public async Task An_ingredient_of_ones_own_is_made_from_another()
    {
        var baker = kitchen.Baker();
        (string, string)[] good = [
            ("from", "butter"), ("name", "Canal butter"), ("others", "lock butter"), ("bulk", "0.96"), ("mix", "1.08"), ("water", "12"),
            ("fat", "86"), ("sugars", "0,6"), ("protein", "0.7"), ("starch", "0"), ("has", "Milk")
        ];
        var over = await (
            await baker.SendAsync("/pantry/new", "/pantry/new", [.. good.Where(f => f.Item1 != "water"), ("water", "60")])).TextAsync();
        over.ShouldContain("more than 100 g");
        over.ShouldContain("Canal butter");
        var bad = await (
            await baker.SendAsync(
                "/pantry/new", "/pantry/new", [.. good.Where(f => f.Item1 is not ("bulk" or "name")), ("bulk", "-3"), ("name", "")]))
            .TextAsync();
        bad.ShouldContain("Give it a name");
        bad.ShouldContain("0.05 to 3 g");
        var kept = await baker.SendAsync("/pantry/new", "/pantry/new", good);
        kept.Headers.Location!.OriginalString.ShouldBe("/pantry/own-canal-butter?kept=1");
        (await baker.PageAsync("/api/v1/lines?text=100%20g%20lock%20butter")).ShouldContain("own-canal-butter");
    }

    [Fact]
    public async Task The_sheet_buys_each_ingredient_once()
    {
        var page = await kitchen.Baker().PageAsync("/bakes/1");
        page.ShouldContain("To have in: each ingredient once");
        (
            await kitchen.Baker().PageAsync("/working?f=buy-butter&n=2&crust=butter-flaky&fill=malt-custard"))
            .ShouldContain("what goes into each part");
    }

    [Fact]
    public async Task The_api_works_out_a_pie_from_lines_without_keeping_it()
    {
        var baker = kitchen.Baker();
        var before = await baker.GetStringAsync(new Uri("/api/v1/pies", UriKind.Relative), Cancel);
        using var answer = await baker.PostAsJsonAsync("/api/v1/compose", new
        {
            crust = new { family = "plain-crumb", lines = new[] { "200 g digestive biscuits", "95 g butter, melted" } },
            filling = new { lines = new[] { "500 ml whole milk", "4 large egg yolks", "32 g cornflour", "90 g caster sugar" } },
            topping = new { part = "icing" },
            pan = "plate-23",
            count = 2,
            fields = new Dictionary<string, string> { ["bake"] = "baked" },
        }, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var pie = await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel);
        pie.GetProperty("count").GetInt32().ShouldBe(2);
        pie.GetProperty("cut").GetString().ShouldBe("firm");
        pie.GetProperty("weigh").EnumerateArray()
            .ShouldContain(w => w.GetProperty("ingredient").GetString() == "wheatmeal-crumbs" && w.GetProperty("grams").GetDouble() > 100);
        (await baker.GetStringAsync(new Uri("/api/v1/pies", UriKind.Relative), Cancel)).ShouldBe(before);
    }

    [Theory]
    [InlineData("""{"count":0}""", "count")]
    [InlineData("""{"crust":{"lines":["200 g flibber"]}}""", "crust.lines[0]")]
    [InlineData("""{"crust":{"family":"soup","lines":["200 g flour"]}}""", "crust.family")]
    [InlineData("""{"filling":{"part":"no-such"}}""", "fill")]
    [InlineData("""{"pan":"wok"}""", "pan")]
    [InlineData("""{"fields":{"thick":"99"}}""", "thick")]
    [InlineData("""{"fields":{"nonsense":"1"}}""", "fields.nonsense")]
    public async Task The_api_says_what_is_wrong_in_the_words_of_the_pages(string json, string field)
    {
        using var body = new StringContent(json, Encoding.UTF8, "application/json");
        var answer = await kitchen.Baker().PostAsync(new Uri("/api/v1/compose", UriKind.Relative), body, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        (await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel)).GetProperty("errors").EnumerateObject().Select(e => e.Name)
            .ShouldContain(field);
    }

    /// <summary>A pie that cannot be worked out holds what it holds: what a guest must not have is said with the refusal.</summary>
    [Theory]
    [InlineData("filling", "100 g hazelnuts", "no-nuts", "1", "allergen-filling", "hazelnut")]
    [InlineData("filling", "3 tbsp rum", "no-alcohol", "1", "alcohol", "rum")]
    [InlineData("filling", "100 g marshmallows", "veg", "1", "not-vegetarian", "marshmallow")]
    [InlineData("crust", "100 g lard", "veg", "1", "not-vegetarian", "lard")]
    [InlineData("topping", "8 g powdered gelatine", "veg", "1", "not-vegetarian", "gelatine")]
    public async Task What_a_guest_must_not_have_is_said_with_a_refusal(
        string part, string line, string field, string value, string rule, string names)
    {
        var asked = new Dictionary<string, object>
        {
            [part] = new { lines = new[] { line, "200 g flibber" } },
            ["fields"] = new Dictionary<string, string> { [field] = value },
        };
        using var answer = await kitchen.Baker().PostAsJsonAsync("/api/v1/compose", asked, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var guests = (await answer.Content.ReadFromJsonAsync<JsonElement>(Cancel)).GetProperty("guests").EnumerateArray().ToList();
        var said = guests.Single(g => g.GetProperty("rule").GetString() == rule);
        said.GetProperty("severity").GetString().ShouldBe("Stops");
        (said.GetProperty("says").GetString() + said.GetProperty("because").GetString()).ShouldContain(names, Case.Insensitive);
    }

    [Theory]
    [InlineData("{")]
    [InlineData("[]")]
    [InlineData("null")]
    [InlineData("""{"count":"many"}""")]
    [InlineData("""{"crust":{"cup":"bucket","lines":["1 cup flour"]}}""")]
    public async Task The_api_takes_no_harm_from_broken_questions(string json)
    {
        using var body = new StringContent(json, Encoding.UTF8, "application/json");
        var answer = await kitchen.Baker().PostAsync(new Uri("/api/v1/compose", UriKind.Relative), body, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, json);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task The_api_reads_lines_and_lists_parts_and_describes_itself()
    {
        var baker = kitchen.Baker();
        var line = await baker.GetFromJsonAsync<JsonElement>(
            "/api/v1/lines?text=1%20stick%20less%201%20tbsp%20butter&cup=american", Cancel);
        line.GetProperty("items")[0].GetProperty("grams").GetDouble().ShouldBe(99.2, 0.05);
        var says = (
            await baker.GetFromJsonAsync<JsonElement>(
                "/api/v1/lines?text=Bake%20in%20a%209-inch%20plate%20at%20gas%204%20for%2035-40%20min", Cancel)).GetProperty("says");
        says.GetProperty("ovenCelsius")[0].GetDouble().ShouldBe(180);
        says.GetProperty("sizesMm")[0][0].GetDouble().ShouldBe(228.6);
        says.GetProperty("minutes")[0][1].GetDouble().ShouldBe(40);
        (await baker.GetAsync(new Uri("/api/v1/lines?text=", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (
            await baker.GetAsync(new Uri("/api/v1/lines?text=1%20egg&egg=ostrich", UriKind.Relative), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var parts = await baker.GetFromJsonAsync<JsonElement>("/api/v1/parts", Cancel);
        foreach (var part in parts.EnumerateArray().Select(p => p.GetProperty("id").GetString()))
            (await baker.GetFromJsonAsync<JsonElement>("/api/v1/parts/" + part, Cancel)).GetProperty("totalGrams").GetDouble()
                .ShouldBeGreaterThan(0);
        (await baker.GetAsync(new Uri("/api/v1/parts/box-77-7", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await baker.GetFromJsonAsync<JsonElement>("/api/v1/pies/1?count=3", Cancel)).GetProperty("count").GetInt32().ShouldBe(3);
        var described = await baker.GetFromJsonAsync<JsonElement>("/openapi/v1.json", Cancel);
        described.GetProperty("paths").EnumerateObject().Select(p => p.Name)
            .ShouldBe(
                [
                    "/api/v1/compose", "/api/v1/lines", "/api/v1/parts", "/api/v1/parts/{id}", "/api/v1/pies", "/api/v1/pies/{id}",
                    "/api/v1/runs/{id}/events", "/api/v1/runs/{id}/stream", "/api/v1/readings", "/api/v1/stock",
                    "/api/v1/shopping/{list}/ticks", "/api/v1/days/{id}/labels", "/api/v1/log.csv", "/api/v1/log.json", "/api/v1/learned",
                ],
                ignoreOrder: true);
    }

    [Fact]
    public async Task The_words_of_a_baker_are_never_markup()
    {
        var baker = kitchen.Baker();
        var kept = await baker.SendAsync(
            "/box/part", "/box/part?handler=Save", Form("<script>alert(1)</script>", "100 g <b>butter</b>\n200 g flour"));
        kept.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        foreach (var address in (string[])[kept.Headers.Location!.OriginalString, "/pies", "/pies?q=script", "/compose"])
        {
            var raw = await baker.GetStringAsync(new Uri(address, UriKind.Relative), Cancel);
            raw.ShouldNotContain("<script>alert");
            raw.ShouldNotContain("<b>butter");
        }
    }

    private static (string, string)[] Form(string name, string lines) =>
    [
        ("name", name), ("kind", "Filling"), ("family", "starch-custard"), ("lines", lines), ("cup", "American"), ("egg", "Large")
    ];

    /// <summary>The fields of a form as a browser would send them.</summary>
    private static IEnumerable<(string, string)> Inputs(string page)
    {
        foreach (Match m in Regex.Matches(page, "<input[^>]*name=\"([rs]\\[\\d+\\][^\"]*)\"[^>]*>"))
        {
            var value = Regex.Match(m.Value, "value=\"([^\"]*)\"").Groups[1].Value;
            if (!m.Value.Contains("checkbox", StringComparison.Ordinal) || m.Value.Contains("checked", StringComparison.Ordinal))
                yield return (m.Groups[1].Value, value);
        }

        foreach (Match m in Regex.Matches(page, "<textarea name=\"([^\"]+)\"[^>]*>([^<]*)</textarea>"))
            yield return (m.Groups[1].Value, m.Groups[2].Value.TrimStart('\n'));
        foreach (Match m in Regex.Matches(page, "<select[^>]*name=\"([rs]\\[[^\"]+)\"[^>]*>(.*?)</select>", RegexOptions.Singleline))
            yield return (m.Groups[1].Value, Regex.Match(m.Groups[2].Value, "value=\"([^\"]*)\" selected").Groups[1].Value);
    }

    [GeneratedRegex("href=\"(/compose\\?fill=box-[^\"]+)\"")]
    private static partial Regex UseLink();

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();
}
