using System.Net;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Web.Tests;

/// <summary>The kitchen's rack over HTTP in process.</summary>
public sealed class KitchenTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    private static readonly (string, string)[] Dish = [
        ("own-name", "Towpath dish"), ("own-kind", "plate"), ("own-stuff", "ceramic"), ("own-top", "250"), ("own-base", "20 cm"),
        ("own-deep", "36"), ("own-water", "1500"), ("owned", "3")
    ];

    [Fact]
    public async Task A_pan_is_measured_by_water_used_in_a_pie_counted_and_put_away_and_back()
    {
        var baker = kitchen.Baker();
        (await baker.SendAsync("/kitchen", "/kitchen?handler=Measure", Dish)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await baker.PageAsync("/kitchen");
        page.ShouldContain("Towpath dish");

        // π ÷ 3 × 36 × (125² + 125 × 100 + 100²) = 1437 ml by its sizes, 4.2 % too little.
        AsRead(page).ShouldContain("holds 1,500 ml by water; its sizes say 1,435 ml, 4.2 % too little");
        var place = page[..page.IndexOf("Towpath dish: ", StringComparison.Ordinal)];
        var id = place[(place.LastIndexOf("id=\"pan-", StringComparison.Ordinal) + 8)..].Split('"')[0];

        // Chosen in Compose it becomes its measures, so that the pie does not change when the rack does.
        var compose = await baker.PageAsync($"/compose?pan=kitchen-{id}&open=pan");
        compose.ShouldContain("1,500 ml");
        compose.ShouldContain("own-water=1500");
        (await baker.PageAsync("/compose/stand-ins?pan=own&own-top=250&own-base=200&own-deep=36")).ShouldContain("Towpath dish");
        (
            await baker.PageAsync($"/working?f=stand-in-kitchen-{id}-depth&pan=own&own-top=250&own-base=200&own-deep=36"))
            .ShouldContain("it stands");

        (
            await baker.SendAsync("/kitchen", "/kitchen?handler=Count", ("id", id), ("owned", "0")))
            .Headers.Location!.OriginalString.ShouldBe($"/kitchen?gone={id}");
        (await baker.PageAsync($"/kitchen?gone={id}")).ShouldContain("deleted");
        (await baker.PageAsync("/kitchen")).ShouldNotContain("Towpath dish");
        await baker.SendAsync($"/kitchen?gone={id}", "/kitchen?handler=PanBack", ("id", id));
        (await baker.PageAsync("/kitchen")).ShouldContain("Towpath dish");
    }

    [Theory]
    [InlineData("own-base", "260", "can’t be wider than the top")]
    [InlineData("own-base", "60", "funnel")]
    [InlineData("own-water", "9000", "One of them is wrong")]
    [InlineData("own-water", "wet", "isn’t a number I can read")]
    [InlineData("own-top", "3 m", "isn’t a length I can read")]
    [InlineData("own-top", "3000", "larger won’t go into an oven")]
    [InlineData("own-top", "", "Measure this inside the pan")]
    [InlineData("own-name", "", "Give it a name")]
    [InlineData("owned", "lots", "whole number")]
    public async Task A_pan_that_cannot_be_says_why_and_keeps_what_was_typed(string field, string typed, string says)
    {
        var page = await (
            await kitchen.Baker().SendAsync("/kitchen", "/kitchen?handler=Measure", [.. Dish.Where(f => f.Item1 != field), (field, typed)]))
            .TextAsync();
        page.ShouldContain(says);
        if (typed.Length > 0)
            page.ShouldContain($"value=\"{typed}\"");
        if (field != "own-deep")
            page.ShouldContain("value=\"36\"");
    }

    [Fact]
    public async Task The_demos_rack_is_there_and_a_known_pan_is_taken_again()
    {
        var baker = kitchen.Baker();
        (await baker.PageAsync("/kitchen")).ShouldContain("Lockkeeper’s blue dish");
        (await baker.SendAsync("/kitchen", "/kitchen?handler=Take", ("pan", "pot-120"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await baker.PageAsync("/kitchen")).ShouldContain("Pot of 120 ml");
        (await baker.SendAsync("/kitchen", "/kitchen?handler=Take", ("pan", "wok"))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        CompositionAddress.Read("pan=own&own-top=9000&own-water=x").Composition.Pan.Top.Value.ShouldBe(230);
    }

    /// <summary>A page as it is read: without its markup, each run of space as one.</summary>
    private static string AsRead(string page) => Regex.Replace(Regex.Replace(page, "<[^>]*>", ""), @"\s+", " ");
}
