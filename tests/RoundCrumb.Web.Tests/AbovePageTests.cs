using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;
using System.Xml.Linq;

namespace RoundCrumb.Web.Tests;

/// <summary>What is laid on a pie, from above, over HTTP in process.</summary>
public sealed partial class AbovePageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    private const string Ring = "/above?pan=tart-23&crust=sweet-short&bake=steady&fill=malt-custard&top=laid-strawberry-halves";

    [Fact]
    public async Task The_file_is_a_drawing_of_the_pies_own_size()
    {
        var baker = kitchen.Baker();
        using var answer = await baker.GetAsync(Ring + "&handler=File", TestContext.Current.CancellationToken);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("image/svg+xml");
        var svg = XDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).Root!;

        // A 23 cm tin and 4 mm round it: as many millimetres wide as its own units.
        var wide = double.Parse(svg.Attribute("viewBox")!.Value.Split(' ')[2], CultureInfo.InvariantCulture);
        svg.Attribute("width")!.Value.ShouldBe(wide.ToString("0.##", CultureInfo.InvariantCulture) + "mm");
        wide.ShouldBeInRange(230, 245);
        svg.Descendants().Count(e => e.Name.LocalName == "ellipse").ShouldBe(55);
        svg.Descendants().ShouldAllBe(e => e.Attribute("class") == null);
    }

    [Fact]
    public async Task A_pie_wider_than_paper_is_printed_on_several_sheets_that_join()
    {
        var baker = kitchen.Baker();
        var page = await baker.PageAsync(Ring);
        page.ShouldContain("Sheet 1 of 2: left");
        page.ShouldContain("Sheet 2 of 2: right");
        (
            await baker.PageAsync(
                Ring.Replace("tart-23", "tartlet-10", StringComparison.Ordinal)
                    .Replace("strawberry-halves", "raspberries", StringComparison.Ordinal))).ShouldNotContain("Sheet 1");
    }

    [Theory]
    [InlineData("/above?top=icing", "Nothing is laid or piped")]
    [InlineData("/above?top=none&on1=laid-raspberries", "Raspberries, from above")]
    [InlineData("/above?top=icing&top-laid=lattice&on1=laid-raspberries&top-at=2", "Raspberries, from above")]
    [InlineData("/above?top=icing&top-laid=rim&top-nozzle=90", "A nozzle is")]
    [InlineData("/above?pan=tartlet-8&crust=sweet-short&top=laid-pear-halves", "Not one goes on whole")]
    [InlineData("/above?top=laid-raspberries&top-over=-5", "0 to 60 %")]
    [InlineData("/above?top-at=9&top=laid-raspberries", "Raspberries, from above")]
    public async Task Whatever_is_asked_for_there_is_an_answer_in_words(string path, string says)
    {
        var baker = kitchen.Baker();
        (await baker.PageAsync(path)).ShouldContain(says);
    }

    [Fact]
    public async Task Every_figure_of_a_layered_pie_opens()
    {
        var baker = kitchen.Baker();
        const string Pie =
            "pan=springform-20&crust=plain-crumb&bake=chilled&under1=salt-caramel&under2=banana-slices&under2-half=1&"
                + "fill=honey-cheese&line=22&top=plain&top-laid=shells&on1=laid-raspberries&on1-laid=rim";
        var page = "";
        foreach (var stratum in Enum.GetValues<Features.Compose.Stratum>())
            page += await baker.PageAsync($"/compose?open={stratum}&{Pie}");
        var figures = Figure().Matches(page).Select(m => WebUtility.HtmlDecode(m.Groups[1].Value)).Distinct().ToList();
        figures.Count.ShouldBeGreaterThan(30);
        figures.ShouldContain(f => f.Contains("f=firm-silk", StringComparison.Ordinal));
        foreach (var figure in figures)
            (await baker.PageAsync(figure)).ShouldContain("class=\"formula\"");
    }

    [GeneratedRegex("href=\"(/working[^\"]*)\"")]
    private static partial Regex Figure();
}
