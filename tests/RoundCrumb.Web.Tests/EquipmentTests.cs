using System.Net;
using System.Text.RegularExpressions;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Tests;

/// <summary>Ovens, cold places and the room over HTTP in process, and what they do to a pie. Each test has a kitchen of its own.</summary>
public sealed class EquipmentTests
{
    private static readonly (string, string)[] Hot = [
        ("form", "oven"), ("name", "Bakehouse oven"), ("width", "60 cm"), ("depth", "400"), ("shelves", "3"), ("hot", "15")
    ];

    [Fact]
    public async Task An_oven_that_runs_hot_is_set_lower_everywhere()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        (await baker.PageAsync("/kitchen")).ShouldContain("No oven yet");
        (await baker.PageAsync("/compose")).ShouldNotContain("set 205");
        (await baker.SendAsync("/kitchen", "/kitchen?handler=Oven", Hot)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        AsRead(await baker.PageAsync("/kitchen")).ShouldContain(
            "3 shelves of 60 cm × 40 cm, runs 15 °C hot, warm in 20 min: for 180 °C set it to 165 °C");

        // The usual pie's hot start at 220 becomes 205 on that dial, in Compose, on the card, in its working and over the API.
        AsRead(await baker.PageAsync("/compose")).ShouldContain("Bakehouse oven: set 205 °C");
        AsRead(await baker.PageAsync("/bake-card")).ShouldContain("on the Bakehouse oven: set it to 205 °C");
        (await baker.PageAsync("/working?f=oven-dial")).ShouldContain("what it runs hot by");
        using var asked = new StringContent("{\"pan\":\"plate-23\"}", System.Text.Encoding.UTF8, "application/json");
        var answer = await baker.PostAsync(new Uri("/api/v1/compose", UriKind.Relative), asked, TestContext.Current.CancellationToken);
        (await answer.TextAsync()).ShouldContain("Bakehouse oven: set 205 °C");

        // Said of one pie it holds for that pie alone; the plain oven can be said too.
        (await baker.PageAsync("/compose?oven=plain")).ShouldNotContain("set 205");
        (await baker.PageAsync("/compose?oven=oven-99")).ShouldContain("no oven called “oven-99”");
    }

    [Fact]
    public async Task Ovens_are_changed_put_first_put_away_and_brought_back()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        (await baker.PageAsync("/kitchen")).ShouldContain("Big oven, the usual one");
        await baker.SendAsync("/kitchen", "/kitchen?handler=OvenFirst", ("id", "2"));
        (await baker.PageAsync("/kitchen")).ShouldContain("Small fan oven, the usual one");

        // 220 − 20 for its fan + 5 since it runs cold: 205.
        AsRead(await baker.PageAsync("/compose")).ShouldContain("Small fan oven: set 205 °C");
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Oven",
            [.. Hot.Where(f => f.Item1 is not ("form" or "name")), ("form", "oven-2"), ("id", "2"), ("name", "Small oven, mended")]);
        (await baker.PageAsync("/kitchen")).ShouldContain("Small oven, mended");
        (await baker.SendAsync("/kitchen", "/kitchen?handler=OvenAway", ("id", "2")))
            .Headers.Location!.OriginalString.ShouldBe("/kitchen?goneOven=2#equipment");
        (await baker.PageAsync("/kitchen?goneOven=2")).ShouldContain("The oven is deleted");
        (await baker.PageAsync("/kitchen")).ShouldNotContain("Small oven, mended");
        await baker.SendAsync("/kitchen", "/kitchen?handler=OvenBack", ("id", "2"));
        (await baker.PageAsync("/kitchen")).ShouldContain("Small oven, mended");
        (await baker.SendAsync("/kitchen", "/kitchen?handler=OvenAway", ("id", "77"))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Theory]
    [InlineData("name", "", "Give it a name")]
    [InlineData("width", "5", "Between 15 cm and 150 cm")]
    [InlineData("depth", "deep", "Between 15 cm and 150 cm")]
    [InlineData("shelves", "0", "whole number of shelves from 1 to 12")]
    [InlineData("hot", "90", "How much hotter")]
    public async Task An_oven_that_cannot_be_says_why_and_keeps_what_was_typed(string field, string typed, string says)
    {
        await using var kitchen = new Kitchen(demo: false);
        var page = await (
            await kitchen.Baker().SendAsync("/kitchen", "/kitchen?handler=Oven", [.. Hot.Where(f => f.Item1 != field), (field, typed)]))
            .TextAsync();
        page.ShouldContain(says);
        page.ShouldContain(field == "name" ? "value=\"60 cm\"" : "value=\"Bakehouse oven\"");
        if (typed.Length > 0)
            page.ShouldContain($"value=\"{typed}\"");
    }

    [Fact]
    public async Task A_full_freezer_and_a_warm_room_are_spoken_of()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        const string Six = "/crusts?crust=butter-flaky&p=plate-23&many=6&cold=6";
        AsRead(await baker.PageAsync(Six)).ShouldContain("Your freezer takes 5 of these at once");
        AsRead(await baker.PageAsync(Six)).ShouldContain("You have 5 of these: freeze the first ones hard, lift them out, and line again");
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Cold", ("form", "cold"), ("name", "Cellar freezer"), ("places", "4"), ("widest", "400"),
            ("freezer", "1"));
        AsRead(await baker.PageAsync(Six)).ShouldNotContain("Your freezer takes");

        (
            await (await baker.SendAsync("/kitchen", "/kitchen?handler=Room", ("room", "hot"))).TextAsync())
            .ShouldContain("Between 0 and 50 °C");
        await baker.SendAsync("/kitchen", "/kitchen?handler=Room", ("room", "28,5"));
        (await baker.PageAsync("/kitchen")).ShouldContain("value=\"28.5\"");
        (await baker.PageAsync("/compose?open=crust&crust=butter-flaky")).ShouldContain("data-rule=\"warm-room\"");
        AsRead(await baker.PageAsync("/crusts?crust=butter-flaky")).ShouldContain("Chill board and pin");
        (await baker.PageAsync("/compose?open=crust&crust=shortening-flaky")).ShouldNotContain("data-rule=\"warm-room\"");
    }

    /// <summary>A page as it is read: without its markup, each run of space as one.</summary>
    private static string AsRead(string page) => Regex.Replace(Regex.Replace(page, "<[^>]*>", ""), @"\s+", " ");

    [Fact]
    public async Task Bakers_come_go_and_come_back_and_their_week_reads_as_a_baker_says_it()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        (await baker.PageAsync("/kitchen")).ShouldContain("Nobody yet.");
        (await baker.PageAsync("/days")).ShouldContain("Nobody works here yet.");
        (string, string)[] week = [
            ("form", "baker"), ("name", "Nib"), ("day0", "6-14"), ("day1", "6:00 to 14.00"), ("day5", "05:30–13:30")
        ];
        (await baker.SendAsync("/kitchen", "/kitchen?handler=Baker", week)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        AsRead(await baker.PageAsync("/kitchen")).ShouldContain("Mon–Tue 06:00–14:00, Sat 05:30–13:30");

        // Hours that cannot be read are shown back where they stand.
        var wrong = AsRead(
            await (
                await baker.SendAsync("/kitchen", "/kitchen?handler=Baker", [.. week.Where(f => f.Item1 != "day0"), ("day0", "14-6")]))
                .TextAsync());
        wrong.ShouldContain("to comes after from");
        (
            await (
                await baker.SendAsync("/kitchen", "/kitchen?handler=Baker", [.. week.Where(f => f.Item1 != "day0"), ("day0", "14-6")]))
                .TextAsync()).ShouldContain("value=\"14-6\"");
        await baker.SendAsync("/kitchen", "/kitchen?handler=BakerAway", ("id", "1"));
        (await baker.PageAsync("/kitchen?goneBaker=1")).ShouldContain("They are off the list.");
        await baker.SendAsync("/kitchen", "/kitchen?handler=BakerBack", ("id", "1"));
        (await baker.PageAsync("/kitchen")).ShouldContain("Nib");
    }

    [Theory]
    [InlineData("0", "1", "1", "whole number of burners from 1 to 20")]
    [InlineData("4", "x", "1", "whole number of mixers from 1 to 10")]
    [InlineData("4", "1", "99", "whole number of processors from 0 to 10")]
    public async Task Machines_that_cannot_be_are_said_and_kept(string burners, string mixers, string processors, string says)
    {
        await using var kitchen = new Kitchen(demo: false);
        var page = await (
            await kitchen.Baker().SendAsync(
                "/kitchen", "/kitchen?handler=Tools", ("form", "tools"), ("burners", burners), ("mixers", mixers),
                ("processors", processors))).TextAsync();
        page.ShouldContain(says);
        page.ShouldContain($"value=\"{mixers}\"");
    }

    [Fact]
    public async Task Bake_days_go_by_the_clock_of_the_kitchen_not_of_the_computer()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var refused = await (
            await baker.SendAsync("/kitchen", "/kitchen?handler=Zone", ("form", "zone"), ("zone", "Atlantis/Harbour"))).TextAsync();
        refused.ShouldContain("No time zone has that name");
        refused.ShouldContain("Atlantis/Harbour");
        (
            await baker.SendAsync("/kitchen", "/kitchen?handler=Zone", ("form", "zone"), ("zone", "Pacific/Auckland")))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        await using var scope = kitchen.Services.CreateAsyncScope();
        var zone = TimeZoneInfo.FindSystemTimeZoneById("Pacific/Auckland");
        (await scope.ServiceProvider.GetRequiredService<KitchenClock>().ZoneAsync(TestContext.Current.CancellationToken)).ShouldBe(zone);
        (await scope.ServiceProvider.GetRequiredService<KitchenClock>().TodayAsync(TestContext.Current.CancellationToken))
            .ShouldBe(DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(DateTimeOffset.UtcNow, zone).DateTime));
        var open = (
            await scope.ServiceProvider.GetRequiredService<Application.Days.DayOpener>()
                .OpenAsync(1, TestContext.Current.CancellationToken))!;
        open.Clock.Zone.ShouldBe(zone);
        open.Clock.WallOf(open.Orders[0].Due).ShouldBe(
            open.Kept.Orders.OrderBy(o => o.Due).First(o => $"o{o.Id}" == open.Orders[0].Key).Due);

        // And back to the computer's own.
        (
            await baker.SendAsync("/kitchen", "/kitchen?handler=Zone", ("form", "zone"), ("zone", "")))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
    }
}
