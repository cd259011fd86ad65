using System.Net;
using System.Text.RegularExpressions;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data;

namespace RoundCrumb.Web.Tests;

/// <summary>Bake days over HTTP in process: orders, hours, planning, bad input. Each test has a kitchen of its own.</summary>
public sealed partial class DayPageTests
{
    private static readonly DateOnly Saturday = Next(DayOfWeek.Saturday);

    private static DateOnly Next(DayOfWeek day)
    {
        var date = DateOnly.FromDateTime(DateTime.Now).AddDays(2);
        while (date.DayOfWeek != day)
            date = date.AddDays(1);
        return date;
    }

    private static string Iso(DateOnly date) => date.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>Begins a Friday and a Saturday and says where it is.</summary>
    private static async Task<string> BeginAsync(HttpClient baker, int days = 2)
    {
        var answer = await baker.SendAsync(
            "/days", "/days", ("from", Iso(Saturday.AddDays(1 - days))),
            ("days", days.ToString(System.Globalization.CultureInfo.InvariantCulture)), ("name", ""));
        answer.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        return answer.Headers.Location!.OriginalString;
    }

    private static Task<HttpResponseMessage> TakeAsync(
        HttpClient baker, string day, string pie, string count, string time, params (string, string)[] more) =>
        baker.SendAsync(
            day, day + "?handler=Order",
            [("pie", pie), ("count", count), ("date", Iso(Saturday)), ("time", time), ("stock", "Scratch"), .. more]);

    [Fact]
    public async Task A_pie_from_the_box_is_on_the_clock_in_three_clicks_and_its_calendar_knows_it()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        (await baker.PageAsync(day)).ShouldContain("Nothing to plan yet");
        await TakeAsync(baker, day, "1", "2", "12:00");
        (await baker.PageAsync(day)).ShouldContain("Not planned yet");
        var page = await baker.PlannedAsync(day);
        page.ShouldContain("Everything is ready in time");
        page.ShouldContain("Roll and line");

        // One event for each thing to do; each in the list has its own.
        var calendar = await baker.PageAsync(day + "?handler=Calendar");
        Regex.Count(calendar, "BEGIN:VEVENT").ShouldBe(Regex.Count(page, "class=\"list-(load|hands)\""));
        var again = await baker.PageAsync(day + "?handler=Calendar");
        Uids().Matches(again).Select(m => m.Value).ShouldBe(Uids().Matches(calendar).Select(m => m.Value));
        (await baker.PageAsync(day + "?handler=Table")).ShouldStartWith("Key,Date,Start,End");

        // A step says what to do, and why it stands there.
        var key = Keys().Match(page).Groups[1].Value;
        var step = await baker.PageAsync($"{day}?step={key}");
        step.ShouldContain("Why here.");
        step.ShouldContain("No later:");
    }

    [Fact]
    public async Task Figures_of_a_day_open_before_it_is_planned_and_after()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "2", "12:00");
        var before = Openings(await baker.PageAsync(day));
        before.Count.ShouldBe(3);
        before.ShouldContain("hands-orders");
        foreach (var figure in before)
            (await baker.PageAsync($"{day}/working?f={figure}")).ShouldContain("How: ");
        (await baker.PageAsync(day + "/working?f=hands-orders")).ShouldContain("Malt custard cream pie");
        (
            await baker.GetAsync(new Uri(day + "/working?f=ovens", UriKind.Relative), TestContext.Current.CancellationToken))
            .StatusCode.ShouldBe(HttpStatusCode.NotFound);

        var page = await baker.PlannedAsync(day);
        var key = Keys().Match(page).Groups[1].Value;
        var all = Openings(page).Concat(Openings(await baker.PageAsync($"{day}?step={key}"))).Distinct().ToList();
        all.ShouldContain("ovens");
        all.ShouldContain("takes-" + key);
        foreach (var figure in all)
            (await baker.PageAsync($"{day}/working?f={figure}")).ShouldContain("How: ");
        (
            await baker.GetAsync(new Uri(day + "/working?f=nothing-such", UriKind.Relative), TestContext.Current.CancellationToken))
            .StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (
            await baker.GetAsync(new Uri("/days/999/working?f=hands", UriKind.Relative), TestContext.Current.CancellationToken))
            .StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Every_figure_of_every_step_of_the_demo_day_opens()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var page = await baker.PlannedAsync("/days/1");
        var links = new HashSet<string>();
        foreach (var key in Rows(page).Select(r => r.Key).Distinct())
            links.UnionWith(AllOpens().Matches(await baker.PageAsync("/days/1?step=" + key)).Select(m => m.Groups[1].Value));
        links.Count.ShouldBeGreaterThan(60);
        links.ShouldContain(l => l.StartsWith("/working?f=slices&", StringComparison.Ordinal));
        foreach (var link in links)
            (await baker.PageAsync(link)).ShouldContain("How: ", customMessage: link);
    }

    /// <summary>What opens on a page of a day.</summary>
    private static List<string> Openings(string page) => [.. Opens().Matches(page).Select(m => m.Groups[1].Value)];

    [Fact]
    public async Task What_is_served_is_cut_and_plated_at_its_hour()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "2", "14:00", ("served", "true"));
        (await baker.PageAsync(day)).ShouldContain("served at that hour");
        var page = await baker.PlannedAsync(day);
        page.ShouldContain("Everything is ready in time");
        var cut = Rows(page).Single(r => r.What == "Cut and plate");
        cut.Time.ShouldBeInRange(Saturday.ToDateTime(new TimeOnly(13, 15)), Saturday.ToDateTime(new TimeOnly(13, 55)));
        (await baker.PageAsync($"{day}?step={cut.Key}")).ShouldContain("with a hot dry knife");

        // What was typed stays as it was where something else is wrong; and it can be only ready again.
        var order = Regex.Match(page, "name=\"order\" value=\"(\\d+)\"").Groups[1].Value;
        (
            await (
                await baker.SendAsync(
                    day, day + "?handler=Change", ("order", order), ("count", "x"), ("date", Iso(Saturday)), ("time", "14:00"),
                    ("served", "false"), ("stock", "Scratch"))).TextAsync())
            .ShouldContain("<option value=\"false\" selected=\"selected\">ready by");
        await baker.SendAsync(
            day, day + "?handler=Change", ("order", order), ("count", "2"), ("date", Iso(Saturday)), ("time", "14:00"),
            ("served", "false"), ("stock", "Scratch"));
        (await baker.PlannedAsync(day)).ShouldNotContain("Cut and plate");
    }

    [Fact]
    public async Task On_screen_and_on_paper_no_words_of_a_lane_lie_on_one_another()
    {
        await using var kitchen = new Kitchen(demo: true);
        var page = await kitchen.Baker().PlannedAsync("/days/1");
        var drawings = Drawings().Matches(page).Select(m => m.Value).ToList();
        drawings.Count.ShouldBe(2);
        foreach (var drawing in drawings)
        {
            var paper = drawing.StartsWith("<svg class=\"day-svg paper", StringComparison.Ordinal);
            var heads = LaneHeads().Matches(drawing).Select(m => Number(m.Groups[1])).ToList();
            var lane = heads[1] - heads[0];
            var words = LaneWords().Matches(drawing).Select(m => (X: Number(m.Groups[1]), Y: Number(m.Groups[2])))
                .Where(w => w.X < heads[2] - 6).ToList();
            words.Count.ShouldBeGreaterThan(30);
            foreach (var one in words.GroupBy(w => (int)((w.X - heads[0] + 6) / lane)))
            {
                var down = one.Select(w => w.Y).Order().ToList();
                for (var k = 1; k < down.Count; k++)
                    (down[k] - down[k - 1]).ShouldBeGreaterThan(paper ? 7 : 9);
            }

            // On paper nothing is to be clicked, and it is no taller than a sheet beneath its heading.
            var size = Sizes().Match(drawing);
            if (paper)
                (Number(size.Groups[2]) / Number(size.Groups[1])).ShouldBeLessThanOrEqualTo(244.0 / 192 + 0.01);
            drawing.Contains("href", StringComparison.Ordinal).ShouldBe(!paper);
        }
    }

    private static double Number(Group group) => double.Parse(group.Value, System.Globalization.CultureInfo.InvariantCulture);

    [Fact]
    public async Task What_is_pinned_stays_and_what_cannot_be_is_let_go_again()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "1", "12:00");
        var page = await baker.PlannedAsync(day);
        var list = Rows(page);
        var dough = list.First(r => r.What == "Make dough");

        // Two hours earlier, on the day it is planned for.
        var earlier = dough.Time.AddHours(-1);
        var moved = await baker.PlannedAsync(day, "Pin", ("step", dough.Key), ("date", Iso(DateOnly.FromDateTime(dough.Time))),
            ("time", earlier.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture)));
        Rows(moved).First(r => r.Key == dough.Key).Time.ShouldBe(earlier);
        moved.ShouldContain("pinned");
        moved.ShouldContain("Everything is ready in time");

        // The cream cannot go on at seven on the first morning.
        var cream = list.First(r => r.What == "Cream on");
        var refused = await baker.PlannedAsync(day, "Pin", ("step", cream.Key), ("date", Iso(Saturday.AddDays(-1))), ("time", "07:00"));
        refused.ShouldContain("what was asked cannot be");
        Rows(refused).First(r => r.Key == cream.Key).Time.ShouldBe(Rows(moved).First(r => r.Key == cream.Key).Time);

        // Once something is changed, what could not be is old news.
        await TakeAsync(baker, day, "2", "1", "12:00");
        (await baker.PageAsync(day)).ShouldNotContain("what was asked cannot be");

        // Let go, it may go back.
        (await baker.PlannedAsync(day, "Unpin", ("step", dough.Key))).ShouldNotContain(" · pinned");
    }

    [Fact]
    public async Task Whoever_goes_home_hands_over_what_is_not_done()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "2", "12:00");

        // One until two, the other from two; rolling two shells, more than ten minutes of it, begins at ten to.
        var fields = HoursFields().Matches(await baker.PageAsync(day)).Select(m => m.Groups[1].Value).ToList();
        await baker.SendAsync(day, day + "?handler=Hours", [.. fields.Select((f, k) => (f, k % 2 == 0 ? "06:00-14:00" : "14:00-20:00"))]);
        var roll = Rows(await baker.PlannedAsync(day)).First(r => r.What == "Roll and line");
        var page = await baker.PlannedAsync(day, "Pin", ("step", roll.Key), ("date", Iso(Saturday.AddDays(-1))), ("time", "13:50"));
        Rows(page).First(r => r.Key == roll.Key).Time.ShouldBe(Saturday.AddDays(-1).ToDateTime(new TimeOnly(13, 50)));
        page.ShouldContain("Early baker, from 14:00 Late baker");
        (await baker.PageAsync(day + "?handler=Table")).ShouldContain("from 14:00 Late baker");
    }

    [Fact]
    public async Task What_is_asked_while_planning_does_not_take_back_what_was_asked_before()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "1", "12:00");
        var list = Rows(await baker.PlannedAsync(day));

        // Dough at two on the Friday, rolled at half past three; the second is asked before the first is planned.
        var friday = Saturday.AddDays(-1);
        var asked = new[] { ("Make dough", 14.0), ("Roll and line", 15.5) }
            .Select(a => (list.First(r => r.What == a.Item1).Key, To: friday.ToDateTime(TimeOnly.MinValue).AddHours(a.Item2))).ToList();
        foreach (var (key, to) in asked)
            (
                await baker.SendAsync(
                    day, $"{day}?handler=Pin", ("step", key), ("date", Iso(DateOnly.FromDateTime(to))),
                    ("time", to.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture))))
                .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var moved = Rows(await baker.OverAsync(day));
        asked.ShouldAllBe(a => moved.First(r => r.Key == a.Key).Time == a.To);
    }

    [Fact]
    public async Task What_was_moved_in_a_calendar_is_put_there()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "1", "12:00");
        var page = await baker.PlannedAsync(day);
        var dough = Rows(page).First(r => r.What == "Make dough");
        var table = await baker.PageAsync(day + "?handler=Table");
        var line = table.Split("\r\n").First(l => l.StartsWith(dough.Key + ",", StringComparison.Ordinal));
        var earlier = dough.Time.AddMinutes(-45).ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture);
        var changed = table.Replace(
            line,
            line.Replace(
                "," + dough.Time.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture) + ",", "," + earlier + ",",
                StringComparison.Ordinal),
            StringComparison.Ordinal);
        var read = await SendFileAsync(baker, day, "day.csv", changed + "x9.9,2027-01-01,10:00\r\n");
        read.ShouldContain("Moved: A Make dough to");
        read.ShouldContain("1 in it is not of this day");
        Rows(await baker.OverAsync(day)).First(r => r.Key == dough.Key).Time.ShouldBe(dough.Time.AddMinutes(-45));

        (
            await SendFileAsync(baker, day, "day.ics", await baker.PageAsync(day + "?handler=Calendar")))
            .ShouldContain("Nothing in it was moved");

        // A time that no day has is neither clamped nor pinned, in a calendar or in a table.
        var calendar = await baker.PageAsync(day + "?handler=Calendar");
        (
            await SendFileAsync(baker, day, "day.ics", Starts().Replace(calendar, "DTSTART:99991231T235959Z", 1)))
            .ShouldContain("at a time that can’t be read");
        (await SendFileAsync(baker, day, "day.ics", Starts().Replace(calendar, "DTSTART:20990101T080000Z", 1))).ShouldContain(
            "1 was moved out of these days and stays as planned");
        (await SendFileAsync(baker, day, "day.csv", $"key,date,start\r\n{dough.Key},9999-12-31,23:55\r\n")).ShouldContain(
            "1 was moved out of these days");
        (await SendFileAsync(baker, day, "day.ics", "rubbish")).ShouldContain("not a calendar that can be read");
        (await SendFileAsync(baker, day, "day.csv", "a,b\r\n1,2")).ShouldContain("no column called Key");
        (await SendFileAsync(baker, day, "day.ics", "")).ShouldContain("Choose a calendar");
    }

    /// <summary>What a form of the day as it is now has seen of it.</summary>
    private static async Task<string> SeenAsync(Kitchen kitchen, string day)
    {
        await using var scope = kitchen.Services.CreateAsyncScope();
        var id = int.Parse(day.Split('/')[^1], System.Globalization.CultureInfo.InvariantCulture);
        var opener = scope.ServiceProvider.GetRequiredService<Application.Days.DayOpener>();
        var open = (await opener.OpenAsync(id, TestContext.Current.CancellationToken))!;
        var orders = string.Join('.', open.Kept.Orders.Select(o => $"{o.Id}v{o.Version}"));
        return $"{Application.Days.OpenDay.FingerprintOf(open.Built)}-{orders}";
    }

    private static async Task<string> SendFileAsync(HttpClient baker, string day, string name, string text)
    {
        using var form = new MultipartFormDataContent();
        form.Add(new StringContent(Token().Match(await baker.PageAsync(day)).Groups[1].Value), "__RequestVerificationToken");
        form.Add(new ByteArrayContent(System.Text.Encoding.UTF8.GetBytes(text)), "file", name);
        return await (
            await baker.PostAsync(new Uri(day + "?handler=Import", UriKind.Relative), form, TestContext.Current.CancellationToken))
            .TextAsync();
    }

    [Fact]
    public async Task A_day_that_cannot_be_says_what_would_do_it_and_one_click_does()
    {
        // The demo's Wednesday: three orders, two bakers, and not enough morning.
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var page = await baker.PlannedAsync("/days/2");
        page.ShouldContain("late");
        page.ShouldContain("Any one of these would do it");
        var code = Codes().Match(page).Groups[1].Value;
        code.ShouldNotBeEmpty();
        var mended = await baker.PlannedAsync("/days/2", "Apply", ("code", code));
        mended.ShouldContain("Everything is ready in time");

        // It costs what it costs.
        var order = Orders().Match(mended).Groups[1].Value;
        (await (await baker.SendAsync("/days/2", "/days/2?handler=More", ("order", order))).TextAsync()).ShouldContain("One more:");
    }

    [Fact]
    public async Task The_demos_three_days_are_planned_in_time()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        (await baker.PageAsync("/days")).ShouldContain("Saturday: counter, christening, village hall");
        var page = await baker.PlannedAsync("/days/1");
        page.ShouldContain("Everything is ready in time");
        page.ShouldContain("One dough for");

        // Pulled apart there is more to do.
        var name = Apart().Match(page).Groups[1].Value;
        await baker.SendAsync("/days/1", "/days/1?handler=Apart", ("name", name), ("apart", "true"));
        var apart = await baker.PageAsync("/days/1");
        apart.ShouldContain("Orders or hours have changed since it was planned");
        apart.ShouldContain(": apart");
    }

    [Theory]
    [InlineData("count", "0", "whole number from 1 to 200")]
    [InlineData("count", "many", "whole number from 1 to 200")]
    [InlineData("time", "25:00", "A time such as 12:30")]
    [InlineData("time", "noon", "A time such as 12:30")]
    [InlineData("date", "2031-01-01", "One of the days that are planned")]
    [InlineData("pie", "9999", "has been deleted")]
    public async Task An_order_that_cannot_be_read_says_why_and_keeps_what_was_typed(string field, string typed, string says)
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        (string Name, string Value)[] good = [
            ("pie", "1"), ("count", "3"), ("date", Iso(Saturday)), ("time", "13:45"), ("stock", "Scratch"), ("notes", "For the ferryman")
        ];
        var page = await (
            await baker.SendAsync(day, day + "?handler=Order", [.. good.Where(f => f.Name != field), (field, typed)])).TextAsync();
        page.ShouldContain(says);
        page.ShouldContain("For the ferryman");
        (await baker.PageAsync(day)).ShouldContain("no orders yet");
    }

    [Theory]
    [InlineData("from", "2001-01-01", "That day is past")]
    [InlineData("from", "someday", "A date")]
    [InlineData("days", "40", "From 1 to 7 days")]
    public async Task A_day_that_cannot_be_begun_says_why(string field, string typed, string says)
    {
        await using var kitchen = new Kitchen(demo: true);
        (string Name, string Value)[] good = [("from", Iso(Saturday)), ("days", "1"), ("name", "Fair")];
        var page = await (
            await kitchen.Baker().SendAsync("/days", "/days", [.. good.Where(f => f.Name != field), (field, typed)])).TextAsync();
        page.ShouldContain(says);
        page.ShouldContain("value=\"Fair\"");
    }

    [Fact]
    public async Task Past_orders_no_hours_and_a_hundred_pies_are_each_spoken_of_and_kept()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "5", "100", "12:00");
        var page = await baker.PageAsync(day);
        page.ShouldContain("Cannot be made.");
        page.ShouldContain("None of it can be made as it is");

        // One click makes it as many as the pans allow.
        await baker.SendAsync(day, day + "?handler=Apply", ("code", Codes().Match(page).Groups[1].Value));
        (await baker.OverAsync(day)).ShouldNotContain("Cannot be made.");

        // Nobody here: said, and the hours that were typed stay.
        page = await baker.PageAsync(day);
        var hours = HoursFields().Matches(page).Select(m => (m.Groups[1].Value, "")).ToArray();
        await baker.SendAsync(day, day + "?handler=Hours", hours);
        (await baker.PageAsync(day)).ShouldContain("Nobody has hours in these days");
        (
            await (await baker.SendAsync(day, day + "?handler=Hours", [.. hours.Skip(1), (hours[0].Item1, "dawn till dusk")])).TextAsync())
            .ShouldContain("value=\"dawn till dusk\"");

        // No oven for what has to be baked, and every oven again in one click.
        await using var other = new Kitchen(demo: true);
        var second = other.Baker();
        var cold = await BeginAsync(second);
        await TakeAsync(second, cold, "1", "1", "12:00");
        await second.SendAsync(cold, cold + "?handler=Oven", ("oven", "oven-1"), ("cold", "true"));
        await second.SendAsync(cold, cold + "?handler=Oven", ("oven", "oven-2"), ("cold", "true"));
        page = await second.PageAsync(cold);
        page.ShouldContain("every oven is left cold");
        await second.SendAsync(cold, cold + "?handler=Apply", ("code", "ovens"), ("seen", await SeenAsync(other, cold)));
        (await second.OverAsync(cold)).ShouldContain("Everything is ready in time");
    }

    [Fact]
    public async Task An_order_of_a_pie_since_deleted_or_changed_is_made_as_it_was_ordered()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        await baker.SendAsync("/pies", "/pies?handler=Delete", ("id", "1"), ("version", "1"));
        var page = await baker.PageAsync("/days/1");
        page.ShouldContain("Its pie has been deleted. It is made as it was when it was ordered.");
        (await baker.PlannedAsync("/days/1")).ShouldContain("Everything is ready in time");

        // Taken off by mistake, it comes back.
        var answer = await baker.SendAsync("/days/1", "/days/1?handler=Off", ("order", "1"));
        answer.Headers.Location!.OriginalString.ShouldBe("/days/1?off=1");
        (await baker.PageAsync("/days/1?off=1")).ShouldContain("The order is deleted.");
        await baker.SendAsync("/days/1", "/days/1?handler=Back", ("order", "1"));
        (await baker.PageAsync("/days/1")).ShouldContain("Malt custard cream pie");
    }

    [Fact]
    public async Task A_pie_from_compose_is_on_a_day_in_two_actions()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var address = CompositionAddress.Write(Composition.Usual);
        var page = await baker.PageAsync("/days/order?" + address);
        page.ShouldContain("Add to the day");
        var choice = Choices().Match(page).Groups[1].Value;
        (
            await baker.SendAsync(
                "/days/order?" + address, "/days/order", ("address", address), ("day", choice), ("count", "3"), ("time", "11:30"),
                ("name", "A pie as it stands"))).Headers.Location!.OriginalString.ShouldStartWith("/days/");
        (await baker.PageAsync("/days/" + choice.Split(' ')[0])).ShouldContain("A pie as it stands");
        (
            await (
                await baker.SendAsync(
                    "/days/order?" + address, "/days/order", ("address", address), ("day", choice), ("count", "none"), ("time", "11:30"),
                    ("name", "x"))).TextAsync()).ShouldContain("whole number from 1");
    }

    [Fact]
    public async Task A_pie_goes_onto_a_day_with_shells_that_are_there_already()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var address = CompositionAddress.Write(Composition.Usual);
        var at = Web.Features.Days.OrderModel.AddressOf(Composition.Usual, 2, Stock.FrozenShells);
        var page = await baker.PageAsync(at);
        page.ShouldContain("value=\"FrozenShells\" selected");
        var choice = Choices().Match(page).Groups[1].Value;
        Task<HttpResponseMessage> Send(string stock) => baker.SendAsync(
            at, "/days/order", ("address", address), ("day", choice), ("count", "2"), ("time", "11:30"), ("name", "From the freezer"),
            ("stock", stock));
        (await (await Send("Marzipan")).TextAsync()).ShouldContain("Choose what it is made from.");
        (await Send("FrozenShells")).Headers.Location!.OriginalString.ShouldStartWith("/days/");
        var day = await baker.PageAsync("/days/" + choice.Split(' ')[0]);
        day[day.IndexOf("From the freezer", StringComparison.Ordinal)..].ShouldContain("from lined shells in the freezer");

        // A crumb is never frozen before it is filled, whatever an address says.
        var crumb = Composition.Usual with { Crust = Composition.UsualCrust(Composition.Usual.Pan, CrustBook.PlainCrumb) };
        var asked = await baker.PageAsync(Web.Features.Days.OrderModel.AddressOf(crumb, 2, Stock.FrozenShells));
        asked.ShouldNotContain("FrozenShells");
        asked.ShouldContain("value=\"Scratch\" selected");
        (await baker.PageAsync("/days/order?many=0&from=nowhere&" + address)).ShouldContain("value=\"Scratch\" selected");
    }

    [Fact]
    public async Task Stopped_it_keeps_the_plan_that_it_has()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        await baker.SendAsync("/days/1", "/days/1?handler=Solve", ("longer", "true"));

        // Asked for the plan alone, it comes with how far it is and a way to stop; then with a first plan.
        var part = await baker.PageAsync("/days/1?handler=Plan");
        part.ShouldContain(">Stop");
        part.ShouldNotContain("<html");
        while (!part.Contains("day-svg", StringComparison.Ordinal))
        {
            await Task.Delay(100, TestContext.Current.CancellationToken);
            part = await baker.PageAsync("/days/1?handler=Plan");
        }

        // With a plan to keep, the way to stop says so; on a quick machine it may be over by then.
        if (part.Contains(">Stop", StringComparison.Ordinal))
            part.ShouldContain("Stop, keep this");
        await baker.SendAsync("/days/1", "/days/1?handler=Stop");
        var page = await baker.OverAsync("/days/1");
        page.ShouldContain("class=\"day-list\"");
        page.ShouldContain("Plan it anew");
        Rows(page).Count.ShouldBeGreaterThan(30);
    }

    [Fact]
    public async Task What_was_lent_for_the_day_is_given_back_in_one_click()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);

        // Seven of a pan of which there are five: as many more are lent, and so is room.
        await TakeAsync(baker, day, "1", "7", "14:00");
        var page = await baker.PageAsync(day);
        page.ShouldContain("Cannot be made.");
        var codes = Codes().Matches(page).Select(m => m.Groups[1].Value).ToList();
        await baker.SendAsync(day, day + "?handler=Apply", ("code", codes.Single(c => c.StartsWith("pans ", StringComparison.Ordinal))));
        await baker.SendAsync(day, day + "?handler=Apply", ("code", "cold Fridge 2"), ("seen", await SeenAsync(kitchen, day)));
        page = await baker.OverAsync(day);
        page.ShouldNotContain("Cannot be made.");
        page.ShouldContain("Just for this day: room for 2 more in the cold, 2 more ");

        await baker.SendAsync(day, day + "?handler=Places");
        page = await baker.PageAsync(day);
        page.ShouldNotContain("Just for this day");
        page.ShouldContain("Cannot be made.");
    }

    [Fact]
    public async Task A_pie_changed_since_is_taken_as_it_is_now_when_asked()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "2", "14:00");
        await using (var scope = kitchen.Services.CreateAsyncScope())
        {
            var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
            var pie = await context.Pies.FindAsync([1], TestContext.Current.CancellationToken);
            (pie!.Address, pie.Name) = (pie.Address.Replace("top=icing", "top=none", StringComparison.Ordinal), "Malt pie, bare");
            await context.SaveChangesAsync(TestContext.Current.CancellationToken);
        }

        // Made as it was ordered, with its cream, until it is asked for as it is now.
        var page = await baker.PageAsync(day);
        page.ShouldContain("Its pie has been changed since. It is made as it was when it was ordered.");
        Rows(await baker.PlannedAsync(day)).ShouldContain(r => r.What == "Cream on");
        var order = Regex.Match(page, "handler=Fresh\"[^>]*>.*?name=\"order\" value=\"(\\d+)\"", RegexOptions.Singleline).Groups[1].Value;
        await baker.SendAsync(day, day + "?handler=Fresh", ("order", order));
        page = await baker.PlannedAsync(day);
        page.ShouldContain("Malt pie, bare");
        page.ShouldNotContain("changed since");
        Rows(page).ShouldNotContain(r => r.What == "Cream on");
    }

    [Fact]
    public async Task What_is_not_there_is_not_found()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        await baker.PageAsync("/days/99", HttpStatusCode.NotFound);
        await baker.PageAsync("/days/1?handler=Calendar", HttpStatusCode.NotFound);
        (await baker.SendAsync("/days", "/days/99?handler=Solve")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await baker.SendAsync("/days", "/days?handler=Away", ("id", "1"))).Headers.Location!.OriginalString.ShouldBe("/days?gone=1");
        await baker.PageAsync("/days/1", HttpStatusCode.NotFound);
        await baker.SendAsync("/days", "/days?handler=Back", ("id", "1"));
        await baker.PageAsync("/days/1");
    }

    /// <summary>A wall clock that stands still until it is set, where clocks go forward from 2 to 3 on the last Sunday in March.</summary>
    private sealed class StandingClock(DateTimeOffset now) : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = now;

        public override DateTimeOffset GetUtcNow() => Now;

        public override TimeZoneInfo LocalTimeZone { get; } = TimeZoneInfo.CreateCustomTimeZone(
            "lock", TimeSpan.Zero, "Lock", "Lock", "Lock, summer",
            [TimeZoneInfo.AdjustmentRule.CreateAdjustmentRule(DateTime.MinValue.Date, DateTime.MaxValue.Date, TimeSpan.FromHours(1),
                TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new(1, 1, 1, 2, 0, 0), 3, 5, DayOfWeek.Sunday),
                TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new(1, 1, 1, 3, 0, 0), 10, 5, DayOfWeek.Sunday))]);
    }

    [Fact]
    public async Task A_night_in_which_the_clocks_are_changed_is_spoken_of_and_counted()
    {
        // Thursday 25 March 2027; the clocks go forward in the night to Sunday the 28th.
        await using var kitchen = new Kitchen(demo: true) { Clock = new StandingClock(new(2027, 3, 25, 9, 0, 0, TimeSpan.Zero)) };
        var baker = kitchen.Baker();
        var day = (
            await baker.SendAsync("/days", "/days", ("from", "2027-03-27"), ("days", "2"), ("name", ""))).Headers.Location!.OriginalString;
        (await baker.PageAsync(day)).ShouldContain("The clocks go forward on Sun 28 Mar: that day is 1 h shorter");
        var missing = await baker.SendAsync(
            day, day + "?handler=Order", ("pie", "1"), ("count", "1"), ("date", "2027-03-28"), ("time", "02:30"), ("stock", "Scratch"));
        (await missing.TextAsync()).ShouldContain("The clocks go forward over that hour. Say an hour later.");
        await baker.SendAsync(
            day, day + "?handler=Order", ("pie", "1"), ("count", "1"), ("date", "2027-03-28"), ("time", "12:00"), ("stock", "Scratch"));
        var hours = HoursFields().Matches(await baker.PageAsync(day)).Select(m => (m.Groups[1].Value, "06:00-16:00")).ToArray();
        await baker.SendAsync(day, day + "?handler=Hours", hours);
        (await baker.PlannedAsync(day)).ShouldContain("Everything is ready in time");

        // In the calendar noon by summer time is eleven of the sun's.
        (await baker.PageAsync(day + "?handler=Calendar")).ShouldContain("DTSTART:20270328T");

        // Yesterday's time is past, and what was typed is kept.
        var past = await (await baker.SendAsync("/days", "/days", ("from", "2027-03-25"), ("days", "1"), ("name", ""))).TextAsync();
        var today = await baker.PageAsync("/days");
        today.ShouldContain("Thursday 25 March");
        var here = Regex.Match(today, "href=\"(/days/\\d+)\">Thursday 25 March").Groups[1].Value;
        (
            await (
                await baker.SendAsync(
                    here, here + "?handler=Order", ("pie", "1"), ("count", "7"), ("date", "2027-03-25"), ("time", "08:00"),
                    ("stock", "Scratch"))).TextAsync())
            .ShouldSatisfyAllConditions(p => p.ShouldContain("That is past. Say a later time."), p => p.ShouldContain("value=\"7\""));
        past.ShouldNotContain("trouble");
    }

    [Fact]
    public async Task Once_the_clock_runs_what_has_begun_stays_and_nothing_moves_into_the_past()
    {
        // Planned on a Thursday for Friday and Saturday.
        var clock = new StandingClock(new(2027, 3, 4, 9, 0, 0, TimeSpan.Zero));
        await using var kitchen = new Kitchen(demo: true) { Clock = clock };
        var baker = kitchen.Baker();
        var day = (
            await baker.SendAsync("/days", "/days", ("from", "2027-03-05"), ("days", "2"), ("name", ""))).Headers.Location!.OriginalString;
        await baker.SendAsync(
            day, day + "?handler=Order", ("pie", "1"), ("count", "1"), ("date", "2027-03-06"), ("time", "12:00"), ("stock", "Scratch"));
        await baker.SendAsync(
            day, day + "?handler=Hours",
            [.. HoursFields().Matches(await baker.PageAsync(day)).Select(m => (m.Groups[1].Value, "06:00-18:00"))]);
        var page = await baker.PlannedAsync(day);
        page.ShouldNotContain("class=\"now\"");
        var (dough, roll) = (Rows(page).First(r => r.What == "Make dough"), Rows(page).First(r => r.What == "Roll and line"));

        // A quarter of an hour after the dough was begun.
        clock.Now = new(dough.Time.AddMinutes(15), TimeSpan.Zero);
        (await baker.PageAsync(day)).ShouldContain("class=\"now\"");
        var refused = await (
            await baker.SendAsync(
                day, day + "?handler=Pin", ("step", roll.Key), ("date", Iso(DateOnly.FromDateTime(dough.Time))), ("time", "06:00")))
            .TextAsync();
        refused.ShouldContain("value=\"06:00\"");
        refused.ShouldContain("class=\"trouble\"");

        // In a table it is passed over, and said.
        var table = await baker.PageAsync(day + "?handler=Table");
        var line = table.Split("\r\n").First(l => l.StartsWith(roll.Key + ",", StringComparison.Ordinal)).Split(',');
        (line[1], line[2]) = (Iso(DateOnly.FromDateTime(dough.Time)), "06:00");
        var read = await SendFileAsync(baker, day, "day.csv", table.Split("\r\n")[0] + "\r\n" + string.Join(',', line) + "\r\n");
        read.ShouldContain("1 was moved into the past and stays as planned.");
        read.ShouldContain("Nothing was moved.");

        // Planned anew, what has begun stays where it was.
        var again = await baker.PlannedAsync(day);
        again.ShouldContain("Everything is ready in time");
        Rows(again).First(r => r.Key == dough.Key).Time.ShouldBe(dough.Time);
        Rows(again).Where(r => r.Time > clock.Now.DateTime).ShouldNotBeEmpty();
    }

    [Fact]
    public async Task Done_is_done_with_all_that_came_before_and_the_rest_is_planned_from_now()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "1", "12:00");
        var page = await baker.PlannedAsync(day);
        var line = Rows(page).First(r => r.What == "Roll and line");
        await baker.SendAsync(day, day + "?handler=Done", ("step", line.Key));
        var done = await baker.PageAsync(day);
        Regex.Count(done, " · done").ShouldBe(3);

        // Planned anew it stands where it stood.
        Rows(await baker.PlannedAsync(day)).First(r => r.Key == line.Key).Time.ShouldBe(line.Time);
    }

    private sealed record Row(string Key, DateTime Time, string What);

    /// <summary>The plan as a phone lists it.</summary>
    private static List<Row> Rows(string page)
    {
        var rows = new List<Row>();
        var date = "";
        foreach (Match m in Listed().Matches(page))
        {
            if (m.Groups["day"].Success)
                date = m.Groups["day"].Value;
            else
                rows.Add(new(m.Groups["key"].Value, Read($"{date} {{0}} {m.Groups["time"].Value}"), m.Groups["what"].Value));
        }

        return rows;
    }

    /// <summary>A time of a day whose year is not written: the one, of those about now, in which it falls on its day of the week.</summary>
    private static DateTime Read(string words)
    {
        foreach (var year in (int[])[Saturday.Year, Saturday.Year - 1, Saturday.Year + 1])
        {
            if (DateTime.TryParseExact(
                    string.Format(System.Globalization.CultureInfo.InvariantCulture, words, year), "dddd d MMMM yyyy HH:mm",
                    System.Globalization.CultureInfo.InvariantCulture, System.Globalization.DateTimeStyles.None, out var time))
                return time;
        }

        throw new ShouldAssertException("Not a time: " + words);
    }

    [GeneratedRegex("DTSTART:\\d{8}T\\d{6}Z")]
    private static partial Regex Starts();

    [GeneratedRegex("<svg class=\"day-svg.*?</svg>", RegexOptions.Singleline)]
    private static partial Regex Drawings();

    [GeneratedRegex("<text x=\"([0-9.]+)\" y=\"16\" class=\"lane-head\"")]
    private static partial Regex LaneHeads();

    [GeneratedRegex("<text x=\"([0-9.]+)\" y=\"([0-9.]+)\" class=\"says")]
    private static partial Regex LaneWords();

    [GeneratedRegex("viewBox=\"0 0 ([0-9.]+) ([0-9.]+)\"")]
    private static partial Regex Sizes();

    [GeneratedRegex("href=\"([^\"]*/working\\?[^\"]+)\"")]
    private static partial Regex AllOpens();

    [GeneratedRegex("/days/\\d+/working\\?f=([^\"]+)\"")]
    private static partial Regex Opens();

    [GeneratedRegex("UID:(\\S+)")]
    private static partial Regex Uids();

    [GeneratedRegex("data-key=\"([^\"]+)\"")]
    private static partial Regex Keys();

    [GeneratedRegex("name=\"code\" value=\"([^\"]+)\"")]
    private static partial Regex Codes();

    [GeneratedRegex("name=\"order\" value=\"(o\\d+)\"")]
    private static partial Regex Orders();

    [GeneratedRegex("name=\"name\" value=\"(dough[^\"]+)\"")]
    private static partial Regex Apart();

    [GeneratedRegex("name=\"(h-baker-[^\"]+)\"")]
    private static partial Regex HoursFields();

    [GeneratedRegex("<option value=\"(\\d+ \\d{4}-\\d\\d-\\d\\d)\"")]
    private static partial Regex Choices();

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();

    [
        GeneratedRegex(
            "<li class=\"list-day\">(?<day>[^<]+)</li>|step=(?<key>[^#\"]+)#step\"><span class=\"list-time\">(?<time>[^<]+)"
                + "</span>.*?<strong>(?<what>[^<]+)</strong>",
            RegexOptions.Singleline)
    ]
    private static partial Regex Listed();

    [Fact]
    public async Task A_mark_that_no_longer_fits_is_said_and_can_be_forgotten()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var day = await BeginAsync(baker);
        await TakeAsync(baker, day, "1", "1", "12:00");
        var page = await baker.PlannedAsync(day);
        var step = Regex.Match(page, "step=(o\\d+\\.roll-and-line[^#\"&]*)").Groups[1].Value;
        step.ShouldNotBeEmpty();
        await baker.SendAsync($"{day}?step={step}", $"{day}?handler=Done", ("step", step));
        (await baker.PageAsync(day)).ShouldNotContain("that no longer fits");

        // Out of the freezer there is nothing to roll any more.
        var order = Regex.Match(step, "o(\\d+)").Groups[1].Value;
        (
            await baker.SendAsync(
                day, day + "?handler=Change", ("order", order), ("count", "1"), ("date", Iso(Saturday)), ("time", "12:00"), ("notes", ""),
                ("stock", "FrozenShells"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        page = WebUtility.HtmlDecode(await baker.PageAsync(day));
        page.ShouldContain("Roll and line for");
        page.ShouldContain("that no longer fits: there is no such step any more");
        (await baker.SendAsync(day, day + "?handler=Forget", ("mark", step))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        WebUtility.HtmlDecode(await baker.PageAsync(day)).ShouldNotContain("Roll and line for");
    }

    [Fact]
    public async Task Asking_how_far_a_plan_has_come_needs_nothing_but_the_plan_and_says_nothing_twice()
    {
        await using var kitchen = new Kitchen(demo: true) { PlanSeconds = "4" };
        var baker = kitchen.Baker();
        (await baker.SendAsync("/days/1", "/days/1?handler=Solve")).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var silent = 0;
        for (var address = "/days/1?handler=Plan"; ;)
        {
            var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken);
            if (answer.StatusCode is HttpStatusCode.NoContent)
            {
                silent++;
                continue;
            }

            answer.StatusCode.ShouldBe(HttpStatusCode.OK);
            var part = WebUtility.HtmlDecode(await answer.TextAsync());
            if (!part.Contains("class=\"planning\"", StringComparison.Ordinal))
                break;
            address = Regex.Match(part, "hx-get=\"([^\"]+)\"").Groups[1].Value;
            address.ShouldContain("seen=");
        }

        silent.ShouldBeGreaterThan(0);
    }
}
