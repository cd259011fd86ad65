using System.Net;
using AngleSharp.Html.Parser;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;

namespace RoundCrumb.Web.Tests;

/// <summary>The lists of parts from which a pie is put together, with and without script.</summary>
public sealed class PartPickerTests : IAsyncDisposable
{
    private const string Pie = "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=plain";

    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    /// <summary>The links of the list, by what they are called.</summary>
    private static async Task<IReadOnlyList<(string Name, string To)>> LinksAsync(HttpClient baker, string of)
    {
        var page = await new HtmlParser().ParseDocumentAsync(
            await baker.GetStringAsync(new Uri($"/compose/parts?of={of}&{Pie}", UriKind.Relative), Cancel), Cancel);
        return [.. page.QuerySelectorAll("a.row-name").Select(a => (a.TextContent, a.GetAttribute("href")!))];
    }

    /// <summary>Without script a part is a link: the pie that it leads to has that part in it, and all else as before.</summary>
    [Theory]
    [InlineData("crust")]
    [InlineData("fill")]
    [InlineData("top")]
    [InlineData("pan")]
    [InlineData("under1")]
    public async Task Whatever_is_picked_is_in_the_pie(string of)
    {
        var baker = _kitchen.Baker();
        var links = await LinksAsync(baker, of);
        links.Select(l => l.To).ShouldBeUnique();
        links.Count.ShouldBeGreaterThan(10);

        // Every fifth, so that each group is among them.
        foreach (var (name, to) in links.Where((_, i) => i % 5 == 0))
        {
            var value = Uri.UnescapeDataString(to.Split("&pick=")[^1]).Split('=')[1];
            using var answer = await baker.GetAsync(new Uri(to, UriKind.Relative), Cancel);
            answer.StatusCode.ShouldBe(HttpStatusCode.OK, to);
            var page = await answer.TextAsync();
            var address = await new HtmlParser().ParseDocumentAsync(page, Cancel);
            var kept = CompositionAddress.FieldsOf(address.QuerySelector("input[name=address]")!.GetAttribute("value")!);

            // A pan of this kitchen stands in the address by its measures.
            if (value is not "none" and not "own" && !value.StartsWith("kitchen-", StringComparison.Ordinal))
            {
                page.ShouldContain(name);
                kept.GetValueOrDefault(of).ShouldBe(value, name);
            }

            foreach (var other in new[] { "crust", "fill", "pan" }.Where(o => o != of))
                kept[other].ShouldBe(CompositionAddress.FieldsOf(Pie)[other], $"{name}: {other}");
        }
    }

    /// <summary>
    /// With script the list comes by itself, what is in the pie now is marked, and of each it is said what becomes of the pie.
    /// </summary>
    [Fact]
    public async Task The_list_says_what_becomes_of_the_pie()
    {
        var baker = _kitchen.Baker();
        using var ask = new HttpRequestMessage(HttpMethod.Get, new Uri($"/compose/parts?of=fill&{Pie}", UriKind.Relative));
        ask.Headers.Add("HX-Request", "true");
        using var answer = await baker.SendAsync(ask, Cancel);
        var list = await new HtmlParser().ParseDocumentAsync(await answer.Content.ReadAsStringAsync(Cancel), Cancel);
        list.QuerySelector("h1").ShouldBeNull();
        list.QuerySelectorAll("button[aria-current=true]").ShouldHaveSingleItem().TextContent.ShouldContain("Malt custard");
        var picks = list.QuerySelectorAll("button[name=pick]");
        picks.Select(p => p.GetAttribute("value")).ShouldBe(
            picks.Select(p => "fill=" + p.GetAttribute("data-value")), ignoreOrder: false);

        // All that ships is there, and what this house has made itself before it.
        foreach (var filling in FillingBook.All)
            picks.ShouldContain(p => p.GetAttribute("data-value") == filling.Id, filling.Name);
        list.QuerySelectorAll(".picks-group")[0].TextContent.ShouldBe("Your own");
        list.QuerySelector("input[type=search]")!.GetAttribute("data-filter").ShouldBe("picks-fill");
    }

    [Fact]
    public async Task A_crust_is_listed_with_what_it_is_for()
    {
        var links = await LinksAsync(_kitchen.Baker(), "crust");
        foreach (var crust in CrustBook.All)
            links.ShouldContain(l => l.Name == crust.Name, crust.Name);
    }

    [Theory]
    [InlineData("")]
    [InlineData("bread")]
    [InlineData("over9")]
    public async Task What_is_no_part_of_a_pie_has_no_list(string of)
    {
        using var answer = await _kitchen.Baker().GetAsync(new Uri($"/compose/parts?of={of}&{Pie}", UriKind.Relative), Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
