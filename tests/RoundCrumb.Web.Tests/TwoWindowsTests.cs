using System.Net;
using System.Text.RegularExpressions;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Data;
using RoundCrumb.TestKit;

namespace RoundCrumb.Web.Tests;

/// <summary>
/// Two windows open on the same thing: whoever saves second is told, sees both versions, and has lost nothing typed; saved
/// once more it replaces the other. And two who do the same at the same moment: words, never a fault.
/// </summary>
public sealed partial class TwoWindowsTests
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static readonly string[] Week = ["day0", "day1", "day2", "day3", "day4", "day5", "day6"];

    /// <summary>Fields with other values.</summary>
    private static (string, string)[] Fields(params string[] pairs) => [.. pairs.Select(p => p.Split('=', 2)).Select(p => (p[0], p[1]))];

    private static (string, string)[] Baker(string name, string hours) =>
    [
        ("form", "baker-1"), ("id", "1"), ("name", name), .. Week.Select(d => (d, hours))
    ];

    /// <summary>
    /// Every form that changes something: where it is, what the first window makes of it, what the second, and what of each is shown to the
    /// second.
    /// </summary>
    public static TheoryData<string, string, string, string[], string[], string, string> Edits => new()
    {
        {
            "an oven",
            "/kitchen",
            "/kitchen?handler=Oven",
            ["form=oven-1", "id=1", "name=Big oven", "width=600", "depth=400", "shelves=3", "warm=20", "hot=9"],
            ["form=oven-1", "id=1", "name=The great oven", "width=610", "depth=400", "shelves=3", "warm=20", "hot=12"],
            "The great oven",
            "9 °C"
        },
        {
            "a cold place",
            "/kitchen",
            "/kitchen?handler=Cold",
            ["form=cold-1", "id=1", "name=Tall fridge", "places=6", "widest=300"],
            ["form=cold-1", "id=1", "name=Larder fridge", "places=8", "widest=310"],
            "Larder fridge",
            "6"
        },
        {
            "burners",
            "/kitchen",
            "/kitchen?handler=Tools",
            ["form=tools", "burners=6", "mixers=1", "processors=1"],
            ["form=tools", "burners=5", "mixers=2", "processors=1"],
            "value=\"5\"",
            "6"
        },
        { "the room", "/kitchen", "/kitchen?handler=Room", ["form=room", "room=24"], ["form=room", "room=28.5"], "value=\"28.5\"", "24" },
        {
            "schools",
            "/kitchen",
            "/kitchen?handler=Schools",
            ["form=schools", "hot-or-steady=hot"],
            ["form=schools", "hot-or-steady=steady"],
            "How this house does it",
            "hot start"
        },
        {
            "a name and tags",
            "/pies",
            "/pies?handler=Rename",
            ["id=1", "name=Malt pie of the house", "tags=house"],
            ["id=1", "name=Malted pie", "tags=spring"],
            "value=\"Malted pie\"",
            "Malt pie of the house"
        },
        {
            "a log",
            "/bakes/3/log",
            "/bakes/3/log",
            ["oven-set=220", "notes=Rim ran ahead"],
            ["oven-set=200", "notes=Shielded"],
            "Shielded",
            "Rim ran ahead"
        },
    };

    [Theory]
    [MemberData(nameof(Edits))]
    public async Task Whoever_saves_second_sees_both_and_may_save_once_more(
        string what, string at, string to, string[] first, string[] second, string mine, string theirs)
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync(at);
        using var saved = await baker.PostAsync(new Uri(to, UriKind.Relative), Forms.Sent(before, to, Fields(first)), Cancel);
        saved.StatusCode.ShouldBe(HttpStatusCode.Redirect, what);

        // The second window was opened before.
        using var stale = await baker.PostAsync(new Uri(to, UriKind.Relative), Forms.Sent(before, to, Fields(second)), Cancel);
        stale.StatusCode.ShouldBe(HttpStatusCode.OK, what);
        var page = await stale.TextAsync();
        page.ShouldContain("changed elsewhere");
        page.ShouldContain("There now");
        page.ShouldContain(mine);
        Both().Match(page).Value.ShouldContain(theirs);

        // Nothing of it was kept; saved again, now that both are seen, it is.
        using var again = await baker.PostAsync(new Uri(to, UriKind.Relative), Forms.Sent(page, to, Fields(second)), Cancel);
        again.StatusCode.ShouldBe(HttpStatusCode.Redirect, what);
    }

    [Fact]
    public async Task A_bakers_week()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync("/kitchen");
        const string To = "/kitchen?handler=Baker";
        (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, Baker("Early baker", "05:00–13:00")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, Baker("Dawn baker", "06:00–14:00")), Cancel))
            .TextAsync();
        Both().Match(page).Value.ShouldContain("Dawn baker");
        Both().Match(page).Value.ShouldContain("05:00–13:00");
        (await baker.PageAsync("/kitchen")).ShouldNotContain("Dawn baker");
    }

    [Fact]
    public async Task An_order_that_says_no_nuts_stays_so()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync("/days/1");
        var order = OrderForm().Match(before).Groups[1].Value;
        var due = Dates().Match(before).Groups[1].Value;
        const string To = "/days/1?handler=Change";
        (string, string)[] Fields(string count, string notes) =>
        [
            ("order", order), ("count", count), ("date", due), ("time", "12:00"), ("notes", notes), ("stock", "Scratch"),
            ("served", "false")
        ];
        (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, Fields("7", "NO NUTS")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, Fields("3", "")), Cancel)).TextAsync();
        Both().Match(page).Value.ShouldContain("NO NUTS");
        Both().Match(page).Value.ShouldContain(">7<");
        page.ShouldContain("value=\"3\"");
        (await baker.PageAsync("/days/1")).ShouldContain("NO NUTS");

        // Taken off meanwhile, what was typed is said.
        await baker.SendAsync("/days/1", "/days/1?handler=Off", ("order", order));
        (
            await (
                await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, Fields("3", "for the boat")), Cancel))
                .TextAsync()).ShouldContain("notes for the boat");
    }

    [Fact]
    public async Task What_was_offered_for_a_day_that_was_changed_since_is_not_done_to_it()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var page = await baker.PageAsync("/days/1");
        var order = OrderForm().Match(page).Groups[1].Value;

        // Two hundred need more room than there is: so many fit, it says.
        (string, string)[] Count(string count, string notes) =>
        [
            ("order", order), ("count", count), ("date", Dates().Match(page).Groups[1].Value), ("time", "12:00"), ("notes", notes),
            ("stock", "Scratch"), ("served", "false")
        ];
        (await baker.SendAsync("/days/1", "/days/1?handler=Change", Count("200", ""))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var offered = await baker.PageAsync("/days/1");
        var code = Regex.Match(offered, "name=\"code\" value=\"([^\"]+)\"").Groups[1].Value;
        code.ShouldNotBeEmpty();
        (await baker.SendAsync("/days/1", "/days/1?handler=Change", Count("7", "NO NUTS"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync("/days/1")).ShouldContain("<strong>7 ×</strong>");
        const string To = "/days/1?handler=Apply";
        var stale = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(offered, To, ("code", code)), Cancel)).TextAsync();
        stale.ShouldContain("changed elsewhere since that was offered");
        stale.ShouldContain("<strong>7 ×</strong>");
    }

    [Fact]
    public async Task Hours_of_a_day_are_compared_one_by_one()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync("/days/1");
        var fields = HourFields().Matches(before).Select(m => m.Groups[1].Value).ToList();
        const string To = "/days/1?handler=Hours";
        (string, string)[] With(int at, string hours) => [.. fields.Select((f, i) => (f, i == at ? hours : Hidden(before, "seen-" + f)))];
        (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, With(0, "05:00–11:00")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);

        // Another baker's hours are no conflict, the same baker's are.
        (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, With(1, "09:00–12:00")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, With(0, "07:00–15:00")), Cancel)).TextAsync();
        Both().Match(page).Value.ShouldContain("05:00–11:00");
        page.ShouldContain("value=\"07:00–15:00\"");
        var now = await baker.PageAsync("/days/1");
        now.ShouldContain("value=\"05:00–11:00\"");
        now.ShouldContain("value=\"09:00–12:00\"");
    }

    [Fact]
    public async Task A_pie_opened_from_an_old_address_does_not_go_over_a_later_one_unseen()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        var kept = await baker.SendAsync(
            "/compose", "/compose?handler=Save", ("name", "Fig tart"), ("address", "pan=tart-25&crust=plain-crumb"));
        var address = kept.Headers.Location!.OriginalString;
        await baker.SendAsync(
            address, "/compose?handler=Save", ("name", "Fig tart"), ("address", "pan=plate-23"), ("pie", "1"), ("version", "1"));

        // The tab that was left open is loaded anew: it still is the pie as it was seen then.
        var old = await baker.PageAsync(address);
        Hidden(old, "version").ShouldBe("1");
        var page = await (
            await baker.PostAsync(
                new Uri("/compose?handler=Save", UriKind.Relative),
                Forms.Of(old, ("name", "Fig tart"), ("address", "pan=tart-25&crust=plain-crumb"), ("pie", "1"), ("version", "1")), Cancel))
            .TextAsync();
        Both().Match(page).Value.ShouldContain("23 cm pie plate");

        // A name that is refused in between changes nothing about that.
        var refused = await (
            await baker.PostAsync(
                new Uri("/compose?handler=Save", UriKind.Relative),
                Forms.Of(old, ("name", ""), ("address", "pan=tart-25&crust=plain-crumb"), ("pie", "1"), ("version", "1")), Cancel))
            .TextAsync();
        Hidden(refused, "version").ShouldBe("1");
    }

    [Fact]
    public async Task A_part_and_an_ingredient_of_ones_own()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var part = await baker.PageAsync("/box/part/1");
        const string To = "/box/part/1?handler=Save";
        var stamp = Hidden(part, "stamp");
        (string, string)[] Part(string name, string lines) =>
        [
            ("stamp", stamp), ("name", name), ("kind", "Filling"), ("family", "starch-custard"), ("lines", lines), ("cup", "Metric"),
            ("egg", "Large")
        ];
        (
            await baker.PostAsync(
                new Uri(To, UriKind.Relative), Forms.Of(part, Part("House custard", "500 ml milk\n45 g cornflour")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Of(part, Part("My custard", "500 ml milk\n30 g cornflour")), Cancel))
            .TextAsync();
        Both().Match(page).Value.ShouldContain("45 g cornflour");
        page.ShouldContain("30 g cornflour");
        page.ShouldContain("My custard");

        var like = await baker.PageAsync("/pantry/new?from=butter");
        (string, string)[] Butter(string version, string fat) =>
        [
            ("from", "butter"), ("version", version), ("name", "Mill butter"), ("bulk", "0.96"), ("mix", "1.08"), ("water", "14"),
            ("fat", fat)
        ];
        (
            await baker.PostAsync(new Uri("/pantry/new", UriKind.Relative), Forms.Of(like, Butter("0", "84")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (
            await baker.PostAsync(new Uri("/pantry/own-mill-butter", UriKind.Relative), Forms.Of(like, Butter("1", "82")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        page = await (
            await baker.PostAsync(new Uri("/pantry/own-mill-butter", UriKind.Relative), Forms.Of(like, Butter("1", "85")), Cancel))
            .TextAsync();
        Both().Match(page).Value.ShouldContain(">85<");
        Both().Match(page).Value.ShouldContain(">82<");
        page.ShouldContain("value=\"85\"");
    }

    [Fact]
    public async Task Two_who_count_the_same_pans_do_not_count_one_twice()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync("/kitchen");
        const string To = "/kitchen?handler=Count";
        (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, ("id", "2"), ("owned", "6")), Cancel))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await (
            await baker.PostAsync(new Uri(To, UriKind.Relative), Forms.Sent(before, To, ("id", "2"), ("owned", "6")), Cancel)).TextAsync();
        page.ShouldContain("changed elsewhere");
    }

    [Fact]
    public async Task What_was_put_away_meanwhile_can_be_saved_as_a_new_one()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var before = await baker.PageAsync("/kitchen");
        await baker.SendAsync("/kitchen", "/kitchen?handler=OvenAway", ("id", "2"));
        const string To = "/kitchen?handler=Oven";
        var page = await (
            await baker.PostAsync(
                new Uri(To, UriKind.Relative),
                Forms.Sent(
                    before, To, ("form", "oven-2"), ("id", "2"), ("name", "Small oven, mended"), ("width", "435"), ("depth", "350"),
                    ("shelves", "2"), ("warm", "15"), ("hot", "0")),
                Cancel)).TextAsync();
        page.ShouldContain("was deleted elsewhere");
        page.ShouldContain("value=\"Small oven, mended\"");
        (
            await baker.PostAsync(
                new Uri(To, UriKind.Relative),
                Forms.Sent(
                    page, To, ("form", "oven"), ("name", "Small oven, mended"), ("width", "435"), ("depth", "350"), ("shelves", "2"),
                    ("warm", "15"), ("hot", "0")),
                Cancel)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync("/kitchen")).ShouldContain("Small oven, mended");
    }

    [Fact]
    public async Task Racing_deletes_and_restores_end_in_words_and_in_one_state()
    {
        await using var kitchen = new Kitchen(demo: true);
        var bakers = Enumerable.Range(0, 4).Select(_ => kitchen.Baker()).ToList();
        var pages = new List<string>();
        foreach (var baker in bakers)
            pages.Add(await baker.PageAsync("/kitchen"));
        var random = new Nasty(77).Random;
        (string To, (string, string)[] Fields)[] races =
        [
            ("/pies?handler=Delete", [("id", "1")]), ("/pies?handler=Restore", [("id", "1")]), ("/pies?handler=Duplicate", [("id", "2")]),
            ("/days?handler=Away", [("id", "1")]), ("/days?handler=Back", [("id", "1")]),
            ("/days/1?handler=Off", [("order", "1")]), ("/days/1?handler=Back", [("order", "1")]),
            ("/days/1?handler=Oven", [("oven", "oven-1"), ("cold", "true")]),
            ("/box/part/1?handler=Delete", []), ("/pies?handler=RestorePart", [("id", "1")]), ("/kitchen?handler=OvenFirst", [("id", "2")]),
            ("/kitchen?handler=OvenAway", [("id", "2")]), ("/kitchen?handler=OvenBack", [("id", "2")]),
            ("/pies?handler=Rename", [("id", "3"), ("version", "1"), ("name", "Same name")]),
            ("/pies?handler=Rename", [("id", "4"), ("version", "1"), ("name", "same NAME")]),
            ("/kitchen?handler=Take", [("pan", "plate-20")]),
        ];
        for (var round = 0; round < 45; round++)
        {
            var chosen = Enumerable.Range(0, 8).Select(_ => races[random.Next(races.Length)]).ToList();
            var answers = await Task.WhenAll(
                chosen.Select(
                    (r, i) => bakers[i % 4].PostAsync(new Uri(r.To, UriKind.Relative), Forms.Of(pages[i % 4], r.Fields), Cancel)));
            answers.ShouldAllBe(a => (int)a.StatusCode < 500);
        }

        await using var scope = kitchen.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        var names = await context.Pies.Where(p => p.DeletedAt == null).Select(p => p.Name).ToListAsync(Cancel);
        names.Distinct(StringComparer.OrdinalIgnoreCase).Count().ShouldBe(names.Count);
    }

    private static string Hidden(string page, string name) =>
        WebUtility.HtmlDecode(Regex.Match(page, $"name=\"{Regex.Escape(name)}\"[^>]*? value=\"([^\"]*)\"").Groups[1].Value);

    [GeneratedRegex("<div class=\"elsewhere\".*?</div>", RegexOptions.Singleline)]
    private static partial Regex Both();

    [GeneratedRegex("id=\"order-(\\d+)\"")]
    private static partial Regex OrderForm();

    [GeneratedRegex("<option value=\"(\\d{4}-\\d\\d-\\d\\d)\" selected")]
    private static partial Regex Dates();

    [GeneratedRegex(" name=\"(h-[^\"]+)\"")]
    private static partial Regex HourFields();
}
