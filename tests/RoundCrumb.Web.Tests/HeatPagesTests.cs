using System.Net;
using System.Text.RegularExpressions;

namespace RoundCrumb.Web.Tests;

/// <summary>Bakes worked out, thermometers and the cup of water, over HTTP in process.</summary>
public sealed class HeatPagesTests
{
    private const string Baked = "pan=plate-23&crust=short&edge=crimped&fill=rhubarb-buttermilk";
    private const string Custard = "pan=plate-23&crust=wheatmeal-crumb&fill=malt-custard";

    private static string AsRead(string page) =>
        Regex.Replace(Regex.Replace(WebUtility.HtmlDecode(page), "<[^>]*>", ""), @"\s+", " ");

    [Fact]
    public async Task A_bake_says_how_long_when_to_take_it_out_and_what_another_oven_would_do()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var compose = AsRead(await baker.PageAsync("/compose?" + Baked));
        compose.ShouldContain("Out at 75 °C in the middle.");
        compose.ShouldContain("How it bakes");
        var own = AsRead(await baker.PageAsync("/compose/baking?" + Baked));
        own.ShouldContain("Take it out at75 °C in the middle");
        own.ShouldContain("needs no shield in that time");
        AsRead(await baker.PageAsync("/working?f=filled-bake&" + Baked)).ShouldContain("until the rack will bring the middle to done");
        AsRead(await baker.PageAsync("/working?f=take-out&" + Baked)).ShouldContain("gained on the rack");
        var other = AsRead(await baker.PageAsync("/compose/baking?heat=175&start=20&" + Baked));
        other.ShouldContain("Beside its own bake");
        other.ShouldContain("more.");
        AsRead(await baker.PageAsync("/compose/baking?heat=175&start=20&" + Baked)).ShouldContain("its rim is past it");
    }

    [Theory]
    [InlineData("heat=70", "It is never done in there")]
    [InlineData("heat=85", "Not within three hours")]
    [InlineData("heat=hot", "Degrees from 60 to 260 °C")]
    [InlineData("heat=900", "Degrees from 60 to 260 °C")]
    [InlineData("start=-40", "Degrees from 0 to 90 °C")]
    [InlineData("heat=350f", "When it is done")]
    public async Task Whatever_oven_is_asked_for_there_is_an_answer_in_words(string more, string says)
    {
        await using var kitchen = new Kitchen(demo: true);
        var page = await kitchen.Baker().PageAsync($"/compose/baking?{more}&{Baked}");
        AsRead(page).ShouldContain(says);
        page.ShouldContain($"value=\"{more.Split('=')[1]}\"");
    }

    [Fact]
    public async Task What_is_not_baked_says_so()
    {
        await using var kitchen = new Kitchen(demo: true);
        AsRead(await kitchen.Baker().PageAsync("/compose/baking?" + Custard)).ShouldContain("This filling is not baked in its shell.");
    }

    [Fact]
    public async Task A_thermometer_in_a_pie_moves_the_curve_and_is_kept_for_the_place()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        var address = $"/compose/cooling?where=cold-1&at1=60&read1=46&at2=2:00&read2=22&{Custard}";
        var fitted = await baker.PageAsync(address);
        fitted.ShouldContain("class=\"book\"");
        var said = AsRead(fitted);
        said.ShouldContain("times as well as others of its kind");
        said.ShouldContain("before, ");
        var before = AsRead(await baker.PageAsync("/working?f=set-time&" + Custard));
        before.ShouldContain("a third more until somebody has measured");
        (
            await baker.SendAsync(address, "/compose/cooling?handler=Keep&" + address.Split('?')[1]))
            .StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var after = AsRead(await baker.PageAsync("/working?f=set-time&" + Custard));
        after.ShouldContain("an eighth less or more");
        after.ShouldContain("it takes heat, as measured here");
        var kept = AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1"));
        kept.ShouldContain("Malt custard: 46 °C after 60 min, 22 °C after 2 h");
        AsRead(await baker.PageAsync("/kitchen")).ShouldContain("measured");
    }

    [Theory]
    [InlineData("at1=60&read1=90", "has to be colder than 82 °C")]
    [InlineData("at1=60&read1=81", "hardly cooled")]
    [InlineData("at1=60&read1=4", "as cold as the air there is said to be")]
    [InlineData("at1=5&read1=20", "Something else was measured")]
    [InlineData("at1=soon&read1=20", "Minutes, or hours and minutes like 1:30")]
    [InlineData("at1=60&read1=900", "Degrees from -5 to 99 °C")]
    [InlineData("at1=60", "A thermometer in it")]
    public async Task A_reading_that_cannot_be_is_said_and_stays_where_it_was_typed(string more, string says)
    {
        await using var kitchen = new Kitchen(demo: true);
        var page = await kitchen.Baker().PageAsync($"/compose/cooling?where=cold-1&{more}&{Custard}");
        AsRead(page).ShouldContain(says);
        page.ShouldContain($"value=\"{more.Split('&')[0].Split('=')[1]}\"");
        page.ShouldNotContain("Save for");
    }

    [Fact]
    public async Task A_cup_of_water_calibrates_a_fridge_and_can_be_left_out_again()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1")).ShouldContain("Nobody has measured yet");

        // 200 ml from 60 to 38 °C in an hour, in air of 4 °C: ln(56 ÷ 34) ÷ 60 of its lead in a minute.
        (string, string)[] cup = [
            ("place", "cold-1"), ("water", "200"), ("cup", "300"), ("first", "60"), ("minutes", "1:00"), ("second", "38")
        ];
        var asked = "/kitchen/cold?" + string.Join('&', cup.Select(c => $"{c.Item1}={c.Item2}"));
        AsRead(await baker.PageAsync(asked)).ShouldContain("By this it takes heat 0.5");
        await baker.SendAsync(asked, "/kitchen/cold?handler=Keep", cup);
        var kept = await baker.PageAsync("/kitchen/cold?place=cold-1");
        AsRead(kept).ShouldContain("by one reading");
        AsRead(kept).ShouldContain("A cup of 200 ml of water: 60 °C at first, 38 °C after 60 min");
        AsRead(await baker.PageAsync("/working?f=set-time&" + Custard)).ShouldContain("it takes heat, as measured here");

        // A change of what kind of fridge it is makes the reading say nothing; back again, it counts again.
        await baker.SendAsync(
            "/kitchen", "/kitchen?handler=Cold", ("form", "cold-1"), ("id", "1"), ("name", "Tall fridge"), ("places", "8"),
            ("widest", "320"), ("cooler", "StillFridge"), ("reads", "4"));
        AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1")).ShouldContain("Nobody has measured yet");
        await baker.SendAsync("/kitchen/cold?place=cold-1", "/kitchen/cold?handler=LeaveOut", ("place", "cold-1"), ("id", "1"));
        AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1")).ShouldNotContain("A cup of 200 ml");
        await baker.SendAsync("/kitchen/cold?place=cold-1&leftOut=1", "/kitchen/cold?handler=Back", ("place", "cold-1"), ("id", "1"));
        AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1")).ShouldContain("A cup of 200 ml");
    }

    [Theory]
    [InlineData("", "in one piece", "4 min")]
    [InlineData("room=14", "never in a room of 14 °C", "")]
    [InlineData("room=5&grams=5000", "never in a room of 5 °C", "")]
    [InlineData("room=hot&grams=lots", "From 20 to 5000 g.", "Degrees from 5 to 45 °C.")]
    [InlineData("room=70f&grams=1e9", "From 20 to 5000 g.", "in one piece")]
    public async Task What_softens_chills_and_thaws_is_said_for_any_room(string more, string says, string besides)
    {
        await using var kitchen = new Kitchen(demo: true);
        var said = AsRead(await kitchen.Baker().PageAsync("/kitchen/soften?" + more));
        said.ShouldContain(says);
        said.ShouldContain(besides);
        said.ShouldContain("cold enough for cream");
        said.ShouldContain("overnight is easiest");
    }

    [Fact]
    public async Task First_over_ice_it_is_ready_once_it_is_in_its_shell()
    {
        await using var kitchen = new Kitchen(demo: true);
        var said = AsRead(await kitchen.Baker().PageAsync("/compose/cooling?first=IceBath&" + Custard));
        said.ShouldContain("Goes in at82 °C, first stirred over ice and water, to 20 °C");
        said.ShouldNotContain("to top, or cut with care0 min");
    }

    [Fact]
    public async Task The_rack_is_a_place_too_and_a_place_that_is_not_there_is_not_found()
    {
        await using var kitchen = new Kitchen(demo: true);
        var baker = kitchen.Baker();
        (string, string)[] cup = [("place", "rack"), ("first", "70"), ("minutes", "60"), ("second", "50")];
        await baker.SendAsync("/kitchen/cold?place=rack", "/kitchen/cold?handler=Keep", cup);
        AsRead(await baker.PageAsync("/kitchen/cold?place=rack")).ShouldContain("by one reading");
        AsRead(await baker.PageAsync("/kitchen/cold?place=cold-1")).ShouldContain("Nobody has measured yet");
        await baker.PageAsync("/kitchen/cold?place=cold-99", HttpStatusCode.NotFound);
        (await baker.SendAsync("/kitchen/cold", "/kitchen/cold?handler=LeaveOut", ("place", "rack"), ("id", "999"))).StatusCode
            .ShouldBe(HttpStatusCode.NotFound);
        var wrong = await (
            await baker.SendAsync(
                "/kitchen/cold", "/kitchen/cold?handler=Keep", ("place", "rack"), ("first", "70"), ("minutes", "x"), ("second", "80")))
            .TextAsync();
        AsRead(wrong).ShouldContain("Minutes, or hours and minutes");
        wrong.ShouldContain("value=\"80\"");
    }
}
