using System.Net;
using System.Text.RegularExpressions;
using RoundCrumb.Web.Features.Shared;

namespace RoundCrumb.Web.Tests;

/// <summary>The bar: five places, each with what belongs to it, and every old address still there.</summary>
public sealed partial class BarTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    public static TheoryData<string> Spots() => [.. Bar.All.SelectMany(p => p.Spots).Select(s => s.Address.Split('#')[0])];

    [Theory]
    [MemberData(nameof(Spots))]
    public async Task Every_screen_of_the_bar_is_there_and_stands_in_its_place(string address)
    {
        using var baker = kitchen.Baker();
        var page = await baker.PageAsync(address);
        var place = Bar.All.Single(p => p.Spots.Any(s => s.Address == address));
        Links(page, "Main").ShouldBe(Bar.All.Select(p => p.Address));
        if (place.Spots.Count == 1)
            return;
        Links(page, place.Name).Select(a => a.Split('?')[0].Split('#')[0])
            .ShouldBe(place.Spots.Select(s => s.Address.Split('?')[0].Split('#')[0]));
    }

    [Theory]
    [InlineData("/")]
    [InlineData("/compose")]
    [InlineData("/pairings")]
    [InlineData("/days")]
    [InlineData("/crusts")]
    [InlineData("/pour")]
    [InlineData("/kitchen")]
    [InlineData("/pantry")]
    public async Task Where_the_nine_ways_led_before_is_still_there(string address)
    {
        using var baker = kitchen.Baker();
        (await baker.PageAsync(address)).ShouldContain("aria-label=\"Main\"");
    }

    [Fact]
    public async Task An_old_address_leads_on_with_what_it_asks()
    {
        using var baker = kitchen.Baker();
        using var answer = await baker.GetAsync(new Uri("/box?q=malt&tag=x", UriKind.Relative), TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.MovedPermanently);
        answer.Headers.Location!.OriginalString.ShouldBe("/pies?q=malt&tag=x");
    }

    [Fact]
    public async Task A_tool_opens_on_the_pie_it_was_called_from()
    {
        using var baker = kitchen.Baker();
        using var opened = await baker.GetAsync(new Uri("/compose?pie=1", UriKind.Relative), TestContext.Current.CancellationToken);
        var tools = Links(await baker.PageAsync(opened.Headers.Location!.ToString()), "Pies");
        var cooling = tools.Single(t => t.StartsWith("/compose/cooling?", StringComparison.Ordinal));
        (await baker.PageAsync(cooling)).ShouldContain("Malt custard");
        var back = Links(await baker.PageAsync(cooling), "Pies").Single(t => t.StartsWith("/compose?", StringComparison.Ordinal));
        back.ShouldBe(tools.Single(t => t.StartsWith("/compose?", StringComparison.Ordinal)));
    }

    [Fact]
    public async Task The_notebook_lists_what_was_made_and_what_is_not_written_down()
    {
        using var baker = kitchen.Baker();
        var all = await baker.PageAsync("/notebook");
        var open = await baker.PageAsync("/notebook?show=open");
        all.ShouldContain("Malt custard cream pie");
        all.ShouldContain("See the log");
        open.ShouldContain("Coffee cream pie on crumb");
        open.ShouldNotContain("See the log");
        (await baker.PageAsync("/notebook?leaf=-7&show=x")).ShouldContain("What was made");
        await baker.PageAsync("/notebook?leaf=x", HttpStatusCode.OK);
    }

    private static List<string> Links(string page, string label) =>
    [
        .. Anchor().Matches(Regex.Match(page, $"<nav[^>]*aria-label=\"{label}\".*?</nav>", RegexOptions.Singleline).Value)
            .Select(m => WebUtility.HtmlDecode(m.Groups[1].Value))
    ];

    [GeneratedRegex("<a href=\"([^\"]*)\"")]
    private static partial Regex Anchor();
}
