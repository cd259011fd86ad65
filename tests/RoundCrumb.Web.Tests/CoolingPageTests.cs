using System.Net;
using System.Text.RegularExpressions;

namespace RoundCrumb.Web.Tests;

/// <summary>How a pie cools, and how a fridge is said to, over HTTP in process.</summary>
public sealed class CoolingPageTests
{
    private const string Custard = "pan=plate-23&crust=wheatmeal-crumb&fill=malt-custard";

    private static string AsRead(string page) =>
        Regex.Replace(Regex.Replace(WebUtility.HtmlDecode(page), "<[^>]*>", ""), @"\s+", " ");

    [Fact]
    public async Task In_the_tea_rooms_fridge_it_says_when_it_has_set_and_whether_it_is_cold_soon_enough()
    {
        await using var kitchen = new Kitchen(demo: true);
        var page = await kitchen.Baker().PageAsync("/compose/cooling?" + Custard);
        page.ShouldContain("<svg class=\"cooling\"");
        var said = AsRead(page);
        said.ShouldContain("Malt custard, 22 mm deep");
        said.ShouldContain("21 °C in the middle: to top, or cut with care1 h 35");
        said.ShouldContain("Yes, as it is reckoned.");
        said.ShouldNotContain("Nobody has said");
        AsRead(await kitchen.Baker().PageAsync("/working?f=set-time&" + Custard)).ShouldContain("Tall fridge");
    }

    [Fact]
    public async Task A_fridge_of_which_it_is_said_how_it_cools_is_reckoned_with_from_then_on()
    {
        await using var kitchen = new Kitchen(demo: false);
        var baker = kitchen.Baker();
        AsRead(await baker.PageAsync("/compose/cooling?" + Custard)).ShouldContain("Nobody has said yet how your fridge cools");
        AsRead(await baker.PageAsync("/working?f=set-time&" + Custard)).ShouldContain("nothing is known of the fridge");
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Cold", ("form", "cold"), ("name", "Under the bench"), ("places", "4"), ("widest", "400"),
            ("cooler", "StillFridge"), ("reads", "3"));
        AsRead(await baker.PageAsync("/kitchen")).ShouldContain("a fridge without a fan, 3 °C");
        AsRead(await baker.PageAsync("/compose/cooling?" + Custard)).ShouldContain("Under the bench, 3 °C");
        AsRead(await baker.PageAsync("/working?f=set-time&" + Custard)).ShouldContain("heat through the pie in Under the bench");
        (await baker.PageAsync("/kitchen")).ShouldContain("value=\"3\"");
    }

    [Theory]
    [InlineData("reads", "40", "between -5 and 15 °C")]
    [InlineData("reads", "cold", "between -5 and 15 °C")]
    public async Task A_fridge_that_cannot_be_says_why_and_keeps_what_was_typed(string field, string typed, string says)
    {
        await using var kitchen = new Kitchen(demo: false);
        var page = await (
            await kitchen.Baker().SendAsync(
                "/kitchen", "/kitchen?handler=Cold", ("form", "cold"), ("name", "Cellar"), ("places", "4"), ("widest", "400"),
                ("cooler", "FanFridge"), (field, typed)))
            .TextAsync();
        WebUtility.HtmlDecode(page).ShouldContain(says);
        page.ShouldContain("value=\"Cellar\"");
        page.ShouldContain($"value=\"{typed}\"");
    }

    [Theory]
    [InlineData("many=x", "A whole number from 1 to 60")]
    [InlineData("many=0", "A whole number from 1 to 60")]
    [InlineData("many=61", "A whole number from 1 to 60")]
    [InlineData("where=nowhere&first=never", "Tall fridge")]
    [InlineData("where=StillFridge&many=12", "The fridge gets too warm")]
    [InlineData("where=StillFridge", "What would do")]
    [InlineData("first=IceBath", "first stirred over ice and water, to 20 °C")]
    [InlineData("first=Tray&where=StillFridge&many=60", "first in a tray")]
    public async Task Whatever_is_asked_there_is_an_answer_in_words(string more, string says)
    {
        await using var kitchen = new Kitchen(demo: true);
        AsRead(await kitchen.Baker().PageAsync($"/compose/cooling?{more}&{Custard}")).ShouldContain(says);
    }

    [Theory]
    [InlineData("pan=plate-23&fill=malt-custard&line=90")]
    [InlineData("pan=own&own-top=3000&own-depth=500&fill=lemon-cheese")]
    [InlineData("pan=own&own-top=60&own-depth=5&fill=salt-caramel")]
    [InlineData("pan=oblong-35&crust=sweet-short&fill=grapefruit-curd&under1=salt-caramel&under1-high=6")]
    [InlineData("pan=nothing&fill=nothing")]
    public async Task Odd_pies_are_answered_too(string pie)
    {
        await using var kitchen = new Kitchen(demo: true);
        AsRead(await kitchen.Baker().PageAsync("/compose/cooling?" + pie)).ShouldContain("How it cools");
    }
}
