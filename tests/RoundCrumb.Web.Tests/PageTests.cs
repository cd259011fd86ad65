using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Demo;
using RoundCrumb.Web.Features.Compose;

namespace RoundCrumb.Web.Tests;

/// <summary>The pages, over HTTP in process, on a real SQLite file with the demo in it.</summary>
public sealed partial class PageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    [Fact]
    public async Task The_pies_are_drawn_with_their_verdicts_and_can_be_renamed()
    {
        await using var fresh = new Kitchen(demo: true);
        var baker = fresh.Baker();
        var page = await baker.PageAsync("/pies?leaf=99");
        foreach (var (name, _) in DemoData.Pies)
            page.ShouldContain(name);
        page.Split("<strong>Good</strong>").Length.ShouldBeGreaterThan(DemoData.Pies.Count - 2);
        page.Split("<strong>One thing to mend</strong>").Length.ShouldBe(2 + 1);

        // The same pie twice is drawn twice, and nothing on the page has the name of anything else.
        await baker.SendAsync("/pies", "/pies?handler=Duplicate", ("id", "1"));
        var ids = System.Text.RegularExpressions.Regex.Matches(await baker.PageAsync("/pies"), " id=\"([^\"]+)\"")
            .Select(m => m.Groups[1].Value).ToList();
        ids.Distinct().Count().ShouldBe(ids.Count);

        // A name that is refused shows its pie first.
        var refused = await (
            await baker.SendAsync("/pies?leaf=2", "/pies?handler=Rename", ("id", "22"), ("version", "1"), ("name", ""))).TextAsync();
        refused.ShouldContain("Give the pie a name first");
        refused.ShouldContain("id=\"pie-22\"");
    }

    [Fact]
    public void The_demos_pies_hold_a_filling_of_every_kind_and_go_together_but_for_those_kept_to_show_advice()
    {
        var pies = DemoData.Pies.Select(p => (p.Name, Work: Assessment.Of(CompositionAddress.Read(p.Address).Composition))).ToList();
        pies.Select(p => p.Work.Composition.Filling.Formula.Family.Id).Distinct().Count().ShouldBe(Core.Fillings.FillingFamilies.All.Count);
        pies.Where(p => p.Work.Advice.Any(f => f.Severity <= Core.Working.Severity.Disappoints)).Select(p => p.Name)
            .ShouldBe(["Lemon cheese tart for the village hall", "Late-shift coffee pie"]);
    }

    [Fact]
    public async Task A_first_start_without_the_demo_opens_on_pies_to_start_from()
    {
        await using var empty = new Kitchen(demo: false);
        var page = await empty.Baker().PageAsync("/");
        page.ShouldContain("Three things first");
        var start = StarterLink().Matches(page).Select(m => m.Groups[1].Value).ToList();
        start.Count.ShouldBe(3);
        foreach (var address in start)
        {
            var read = CompositionAddress.Read(WebUtility.HtmlDecode(address).Split('?')[1]);
            read.Troubles.ShouldBeEmpty();
            Assessment.Of(read.Composition).Advice.ShouldAllBe(f => f.Severity > Core.Working.Severity.Disappoints);
        }
    }

    [Fact]
    public async Task A_saved_pie_opens_under_its_whole_address()
    {
        var baker = kitchen.Baker();
        var answer = await baker.GetAsync(new Uri("/compose?pie=1", UriKind.Relative), TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var address = answer.Headers.Location!.OriginalString;
        address.ShouldContain("fill=malt-custard");
        address.ShouldContain("pie=1");
        (await baker.PageAsync(address)).ShouldContain("Malt custard cream pie");
    }

    [Fact]
    public async Task A_change_over_htmx_gets_the_pie_alone_and_pushes_the_whole_address()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/compose?pan=tart-25&crust=plain-crumb&thick=2,5&line=abc");
        request.Headers.Add("HX-Request", "true");
        var answer = await kitchen.Baker().SendAsync(request, TestContext.Current.CancellationToken);
        var pushed = answer.Headers.GetValues("HX-Push-Url").Single();
        pushed.ShouldContain("thick=2.5");
        pushed.ShouldContain("line=abc");
        pushed.ShouldContain("topped=");
        var text = await answer.TextAsync();
        text.ShouldNotContain("<html");
        text.ShouldContain("isn’t a length I can read");
        text.ShouldContain("value=\"abc\"");
    }

    [Fact]
    public async Task A_length_in_inches_that_was_left_alone_keeps_its_millimetres()
    {
        using var request = new HttpRequestMessage(
            HttpMethod.Get, "/compose?inches=1&thick=%E2%85%9B%20in&thick.as=3|%E2%85%9B%20in&cream=0.5&cream.as=12|%C2%BD%20in");
        request.Headers.Add("HX-Request", "true");
        var answer = await kitchen.Baker().SendAsync(request, TestContext.Current.CancellationToken);
        var pushed = answer.Headers.GetValues("HX-Push-Url").Single();
        pushed.ShouldContain("thick=3&");
        pushed.ShouldContain("cream=12.7&");
    }

    [Fact]
    public async Task Nothing_put_into_the_address_breaks_the_page()
    {
        var random = new Random(20260214);
        var baker = kitchen.Baker();
        string[] nasty = [
            "", "-1", "0", "2,5", "1e308", "NaN", "%00", "%F0%9F%A5%A7", "own", "<script>alert(1)</script>", "'\"><b>", "{0}", "{",
            "plain-crumb", "springform-20", "lemon-cheese", "chocolate", "fluted", "99999999999999999999", new string('9', 300), "1/0", "½"
        ];
        for (var i = 0; i < 250; i++)
        {
            var query = string.Join(
                '&',
                CompositionAddress.Fields.Where(_ => random.Next(3) == 0).Select(
                    f =>
                        f + "="
                            + (
                                random.Next(4) == 0
                                    ? nasty[random.Next(nasty.Length)]
                                    : Uri.EscapeDataString(nasty[random.Next(nasty.Length)]))));
            using var request = new HttpRequestMessage(HttpMethod.Get, "/compose?" + query);
            if (random.Next(2) == 0)
                request.Headers.Add("HX-Request", "true");
            var answer = await baker.SendAsync(request, TestContext.Current.CancellationToken);

            // The one character that no text has in it is turned away at the door.
            answer.StatusCode.ShouldBe(
                query.Contains("%00", StringComparison.Ordinal) ? HttpStatusCode.BadRequest : HttpStatusCode.OK, query);
            (await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).ShouldNotContain("<script>alert");
        }
    }

    [Theory]
    [InlineData("", "Give the pie a name first")]
    [InlineData("Coffee cream pie on crumb", "already")]
    public async Task A_name_that_can_not_be_used_is_kept_and_said(string name, string words)
    {
        var answer = await kitchen.Baker().SendAsync(
            "/compose", "/compose?handler=Save", ("name", name), ("address", "pan=tart-25&crust=plain-crumb&fill=lemon-cheese"));
        var page = await answer.TextAsync();
        page.ShouldContain(words);
        page.ShouldContain($"name=\"name\" value=\"{name}\"");
        page.ShouldContain("id=\"f-fill\" value=\"lemon-cheese\"");
    }

    [Fact]
    public async Task A_name_that_is_too_long_is_kept_whole()
    {
        var name = new string('n', 300);
        var answer = await kitchen.Baker().SendAsync("/compose", "/compose?handler=Save", ("name", name), ("address", "pan=tart-25"));
        var page = await answer.TextAsync();
        page.ShouldContain("300 characters");
        page.ShouldContain(name);
    }

    [Fact]
    public async Task Save_rename_copy_delete_and_undo()
    {
        await using var own = new Kitchen(demo: false);
        var baker = own.Baker();
        var saved = await baker.SendAsync(
            "/compose", "/compose?handler=Save", ("name", "Plum and bay tart"), ("address", "pan=tart-25&crust=plain-crumb"));
        saved.Headers.Location!.OriginalString.ShouldContain("pie=1");
        await baker.SendAsync("/pies", "/pies?handler=Rename", ("id", "1"), ("version", "1"), ("name", "Damson tart"));
        await baker.SendAsync("/pies", "/pies?handler=Duplicate", ("id", "1"));
        (await baker.PageAsync("/pies")).ShouldContain("Damson tart 2");

        var deleted = await baker.SendAsync("/pies", "/pies?handler=Delete", ("id", "1"));
        var page = await baker.PageAsync(deleted.Headers.Location!.OriginalString);
        page.ShouldContain("Undo");
        page.ShouldNotContain("pie-1\"");
        await baker.SendAsync("/pies", "/pies?handler=Restore", ("id", "1"));
        (await baker.PageAsync("/pies")).ShouldContain("pie-1\"");
    }

    [Fact]
    public async Task A_form_filled_in_before_somebody_elses_change_loses_nothing()
    {
        await using var own = new Kitchen(demo: false);
        var baker = own.Baker();
        await baker.SendAsync("/compose", "/compose?handler=Save", ("name", "Fig tart"), ("address", "pan=tart-25&crust=plain-crumb"));
        await baker.SendAsync("/pies", "/pies?handler=Rename", ("id", "1"), ("version", "1"), ("name", "Fig and thyme tart"));
        var stale = await baker.SendAsync(
            "/compose", "/compose?handler=Save", ("name", "Fig and honey tart"), ("address", "pan=plate-23&thick=3.5"), ("pie", "1"),
            ("version", "1"));
        var page = await stale.TextAsync();
        page.ShouldContain("changed elsewhere");
        page.ShouldContain("Fig and thyme tart");
        page.ShouldContain("23 cm pie plate");
        page.ShouldContain("25 cm loose-bottomed tart tin");
        page.ShouldContain("Fig and honey tart");
        page.ShouldContain("value=\"3.5\"");

        var renamed = await (
            await baker.SendAsync("/pies", "/pies?handler=Rename", ("id", "1"), ("version", "1"), ("name", "Another name"))).TextAsync();
        renamed.ShouldContain("Another name");
        renamed.ShouldContain("Fig and thyme tart");
    }

    [Theory]
    [InlineData("Sec-Fetch-Site", "same-origin", true)]
    [InlineData("Sec-Fetch-Site", "cross-site", false)]
    [InlineData("Origin", "http://localhost", true)]
    [InlineData("Origin", "http://elsewhere.example", false)]
    [InlineData("Referer", "http://localhost/compose", true)]
    [InlineData("Referer", "http://localhost.elsewhere.example/", false)]
    [InlineData("X-Nothing", "said", false)]
    public async Task A_form_without_a_good_token_shows_what_was_typed_and_is_sent_again_only_where_it_is_ours(
        string header, string value, bool again)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/compose?handler=Save")
        {
            Content = new FormUrlEncodedContent(
                [KeyValuePair.Create("name", "Typed with care"), KeyValuePair.Create("address", "pan=tart-25")]),
        };
        request.Headers.Add(header, value);
        var answer = await kitchen.Baker().SendAsync(request, TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var page = await answer.TextAsync();
        page.ShouldContain("Typed with care");
        page.Contains("Send it again", StringComparison.Ordinal).ShouldBe(again);
    }

    [Theory]
    [InlineData("0")]
    [InlineData("-2")]
    [InlineData("10000")]
    [InlineData("2,5")]
    [InlineData("")]
    [InlineData("a dozen")]
    public async Task An_absurd_number_of_pies_is_refused_kindly(string pies)
    {
        var answer = await kitchen.Baker().SendAsync(
            "/compose", "/compose?handler=Make", ("name", "X"), ("address", "pan=tart-25"), ("pies", pies));
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var page = await answer.TextAsync();
        page.ShouldContain("A whole number from 1 to 200");
        page.ShouldContain($"name=\"pies\" value=\"{pies}\"");
    }

    [Fact]
    public async Task A_batch_sheet_is_made_ticked_and_ticked_still_after_a_reload()
    {
        var baker = kitchen.Baker();
        var made = await baker.SendAsync(
            "/compose", "/compose?handler=Make", ("name", "Malt pie"), ("address", "pan=plate-23"), ("pies", "3"));
        var sheet = made.Headers.Location!.OriginalString;
        var page = await baker.PageAsync(sheet);
        page.ShouldContain("3 pies in the 23 cm pie plate");
        var ticked = await baker.SendAsync(sheet, sheet + "?handler=Tick", ("key", "crust.butter"), ("done", "true"));
        ticked.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        Checked().Count(await baker.PageAsync(sheet)).ShouldBe(1 + Checked().Count(page));
        (
            await baker.SendAsync(sheet, sheet + "?handler=Tick", ("key", "no.such"), ("done", "true")))
            .StatusCode.ShouldBe(HttpStatusCode.BadRequest);

        // As an earlier version kept the tick of a step: it is seen, and taken back.
        await using var scope = kitchen.Services.CreateAsyncScope();
        var bakes = scope.ServiceProvider.GetRequiredService<BakeBook>();
        var id = int.Parse(sheet.Split('/')[^1], CultureInfo.InvariantCulture);
        await bakes.TickAsync(id, "step.0", true, TestContext.Current.CancellationToken);
        Checked().Count(await baker.PageAsync(sheet)).ShouldBe(2 + Checked().Count(page));
        await baker.SendAsync(sheet, sheet + "?handler=Tick", ("key", "step.freeze-fat"), ("done", "false"));
        Checked().Count(await baker.PageAsync(sheet)).ShouldBe(1 + Checked().Count(page));
    }

    [Fact]
    public async Task A_log_with_something_unreadable_keeps_everything_typed_and_writes_nothing()
    {
        var baker = kitchen.Baker();
        var made = await baker.SendAsync(
            "/compose", "/compose?handler=Make", ("name", "Malt pie"), ("address", "pan=plate-23"), ("pies", "1"));
        var log = made.Headers.Location!.OriginalString + "/log";
        var page = await (
            await baker.SendAsync(log, log, ("version", "0"), ("oven-set", "hot"), ("from-pot", "810"), ("notes", "Nice & high")))
            .TextAsync();
        page.ShouldContain("isn’t an oven heat I can read");
        page.ShouldContain("value=\"hot\"");
        page.ShouldContain("value=\"810\"");
        page.ShouldContain("Nice & high");
        (await baker.PageAsync(log)).ShouldContain("Nothing is written yet");

        (
            await baker.SendAsync(log, log, ("version", "0"), ("oven-set", "220"), ("from-pot", "760"), ("notes", "Nice")))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync(log)).ShouldContain("less (");
        (
            await (await baker.SendAsync(log, log, ("version", "0"), ("notes", "From another window"))).TextAsync())
            .ShouldContain("changed elsewhere");
    }

    [Fact]
    public async Task Units_are_one_switch_and_remembered()
    {
        var baker = kitchen.Baker();
        var answer = await baker.SendAsync(
            "/compose", "/units", ("back", "/compose"), ("mass", "ounces"), ("oven", "gas"), ("length", "inches"), ("theme", "night"));
        answer.Headers.Location!.OriginalString.ShouldBe("/compose");
        var page = await baker.PageAsync("/compose");
        page.ShouldContain("gas 7");
        page.ShouldContain(" oz");
        page.ShouldContain("⅛ in");
        page.ShouldContain("data-theme=\"night\"");
        (
            await baker.SendAsync("/compose", "/units", ("back", "https://elsewhere.example/")))
            .Headers.Location!.OriginalString.ShouldBe("/");
    }

    [Fact]
    public async Task Every_figure_link_on_compose_and_on_a_sheet_opens()
    {
        var baker = kitchen.Baker();
        foreach (
            var address in (string[])[
                "/compose", "/compose?pan=springform-20&crust=plain-crumb&bake=chilled&fill=lemon-cheese&make=above&top=gelatine",
                "/compose?" + DemoData.Pies[4].Address, "/bakes/1", "/bakes/1/log"])
        {
            var links = FigureHref().Matches(await baker.PageAsync(address)).Select(m => m.Groups[1].Value).Distinct().ToList();
            links.Count.ShouldBeGreaterThan(4, address);
            foreach (var link in links)
                (await baker.PageAsync(link)).ShouldContain("class=\"formula\"", Case.Sensitive, link);
        }

        await baker.PageAsync("/working?f=nothing", HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Every_answer_carries_a_strict_policy_and_no_page_holds_inline_script_or_style()
    {
        foreach (var address in (string[])["/", "/compose", "/bakes/1", "/bakes/1/log", "/units", "/css/app.css"])
        {
            var answer = await kitchen.Baker().GetAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken);
            var policy = answer.Headers.GetValues("Content-Security-Policy").Single();
            policy.ShouldContain("default-src 'none'");
            policy.ShouldNotContain("unsafe");
            var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
            Inline().IsMatch(text).ShouldBeFalse(address);
        }
    }

    [Fact]
    public async Task What_is_not_there_is_said_kindly()
    {
        foreach (var address in (string[])["/nope", "/compose?pie=999", "/bakes/999", "/bakes/999/log"])
            (await kitchen.Baker().PageAsync(address, HttpStatusCode.NotFound)).ShouldContain("Nothing on this shelf");
        (await kitchen.Baker().PageAsync("/healthz")).ShouldBe("Healthy");
    }

    [Fact]
    public async Task What_breaks_shows_a_page_and_no_stack_trace()
    {
        await using var broken = new Kitchen(demo: false);
        var baker = broken.Baker();
        await baker.PageAsync("/");
        await using (var connection = new Microsoft.Data.Sqlite.SqliteConnection("Data Source=" + broken.File))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            await using var command = connection.CreateCommand();
            command.CommandText = "DROP TABLE Pies";
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }

        var page = await baker.PageAsync("/", HttpStatusCode.InternalServerError);
        page.ShouldContain("Something broke on our side");
        page.ShouldNotContain("   at ");
    }

    [Fact]
    public async Task Saved_pies_are_there_after_a_restart_and_old_forms_still_good()
    {
        var folder = Directory.CreateTempSubdirectory("roundcrumb-");
        string token;
        await using (var first = new Kitchen(demo: false, folder.FullName))
        {
            var baker = first.Baker();
            await baker.SendAsync("/compose", "/compose?handler=Save", ("name", "Stays"), ("address", "pan=tart-25"));
            token = await baker.PageAsync("/pies");
        }

        token.ShouldContain("Stays");
        await using var second = new Kitchen(demo: true, folder.FullName);
        var page = await second.Baker().PageAsync("/pies");
        page.ShouldContain("Stays");
        page.ShouldNotContain(DemoData.Pies[0].Name);
    }

    [Fact]
    public void The_cut_is_drawn_in_millimetres()
    {
        var pie = Assessment.Of(CompositionAddress.Read("pan=plate-23&crust=butter-flaky&edge=trimmed&make=exact&top=none").Composition);
        using var writer = new StringWriter();
        CutSlice.Draw(pie, new QuantityFormatter(UnitChoice.Usual)).WriteTo(writer, System.Text.Encodings.Web.HtmlEncoder.Default);
        var svg = XDocument.Parse(writer.ToString()).Root!;
        var ns = svg.Name.Namespace;

        // The filling: from the top of a 3 mm base up to 5 mm below a rim 32 mm high, 107.3 mm wide there.
        var filling = svg.Descendants(ns + "path").Single(
            p => ((string?)p.Attribute("class"))?.Contains("filling", StringComparison.Ordinal) == true);
        ((string)filling.Attribute("d")!).ShouldBe("M0 -3H90.44L107.32 -27H0Z");
        svg.Element(ns + "title").ShouldNotBeNull();
        svg.Element(ns + "desc")!.Value.ShouldContain("malt custard 24 mm deep");
        svg.Attribute("style").ShouldBeNull();
    }

    [Fact]
    public void A_drawing_of_any_demo_pie_is_well_formed_and_says_what_would_run_over()
    {
        foreach (var (name, address) in DemoData.Pies)
        {
            var pie = Assessment.Of(CompositionAddress.Read(address).Composition);
            using var writer = new StringWriter();
            CutSlice.Draw(pie, new QuantityFormatter(UnitChoice.Usual)).WriteTo(writer, System.Text.Encodings.Web.HtmlEncoder.Default);
            var words = XDocument.Parse(writer.ToString()).Root!.Value;
            words.Contains("would run over", StringComparison.Ordinal).ShouldBe(
                name.StartsWith("Lemon cheese", StringComparison.Ordinal), name);
        }
    }

    [GeneratedRegex("class=\"shelf-open\" href=\"([^\"]+)\"")]
    private static partial Regex StarterLink();

    [GeneratedRegex("href=\"(/working[^\"]+)\"")]
    private static partial Regex FigureHref();

    [GeneratedRegex("checked=\"checked\"")]
    private static partial Regex Checked();

    [GeneratedRegex("<script(?![^>]*src=)|<style|\\sstyle=\"|\\son[a-z]+=\"")]
    private static partial Regex Inline();
}
