using System.Text.RegularExpressions;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;

namespace RoundCrumb.Web.Tests;

/// <summary>Crusts for several pans and the blind-bake card, over HTTP in process.</summary>
public sealed partial class CrustPageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    [Fact]
    public async Task Words_become_one_dough_and_every_figure_opens()
    {
        var baker = kitchen.Baker();
        var page = await baker.PageAsync("/crusts?crust=butter-flaky&edge=crimped&say=two+23+cm+and+one+28+cm,+two+to+freeze");
        var read = AsRead(page);
        read.ShouldContain("One dough for 3 shells, 2 for the freezer");
        read.ShouldContain("1,050 g in all");
        read.ShouldContain("stop inside 121 g to 170 g");
        read.ShouldContain("2 × 23 cm pie plate, glass, from the freezer");

        var figures = Figure().Matches(page).Select(m => m.Groups[1].Value).Distinct().ToList();
        figures.Count.ShouldBeGreaterThan(8);
        foreach (var figure in figures)
            (await baker.PageAsync(figure)).ShouldContain("class=\"formula\"");
    }

    [Fact]
    public async Task Every_crust_can_be_planned_and_every_card_shown_and_opened()
    {
        var baker = kitchen.Baker();
        foreach (var family in CrustBook.All)
        {
            var page = await baker.PageAsync(
                $"/crusts?crust={family.Id}&p=plate-23&many=2&cold=1&p=tartlet-8&many=3&cold=0&p=oblong-35&many=1&cold=0");
            page.ShouldContain("in all");
            foreach (var card in Card().Matches(page).Select(m => m.Groups[1].Value))
            {
                var shown = await baker.PageAsync(card);
                shown.ShouldContain(family.Name);
                foreach (var figure in Figure().Matches(shown).Select(m => m.Groups[1].Value).Distinct())
                    (await baker.PageAsync(figure)).ShouldContain("class=\"formula\"");
            }
        }
    }

    [Fact]
    public async Task A_card_is_for_what_goes_in_and_names_both_schools()
    {
        var baker = kitchen.Baker();
        var full = AsRead(
            await baker.PageAsync("/bake-card?pan=plate-23&crust=butter-flaky&bake=hot&edge=crimped&n=3&frozen=1&oven=oven-1"));
        full.ShouldContain("baked right through");
        full.ShouldContain("from the freezer + 4 min");
        full.ShouldContain("2 on a shelf: one load on 2 shelves");
        full.ShouldContain("hazel: stop here");
        full.ShouldContain("The other school: steady oven at 180 °C");
        full.ShouldContain("a circle 32.2 cm across");
        var part = AsRead(
            await baker.PageAsync(
                "/bake-card?pan=plate-23&crust=butter-flaky&bake=hot&n=1&goes=" + FillingFamilies.Find("baked-custard")!.Shell.Id));
        part.ShouldContain("part bake");
        part.ShouldContain("straw: stop here");
    }

    [Theory]
    [InlineData("/crusts?p=plate-23&many=lots&cold=0", "A whole number up to 200", "value=\"lots\"")]
    [InlineData("/crusts?p=plate-23&many=2&cold=3", "a whole number up to 2", "value=\"3\"")]
    [InlineData("/crusts?say=two+90+cm+plates", "no pan of that size", "two 90 cm plates")]
    [InlineData("/crusts?crust=plain-crumb&thick=40&p=plate-23&many=1&cold=0", "2 mm to 20 mm", "value=\"40\"")]
    [InlineData("/crusts?crust=gravel", "no crust called “gravel”", "")]
    [InlineData("/bake-card?n=-4", "A whole number from 1 to 200", "value=\"-4\"")]
    [InlineData("/compose?crust=plain-crumb&thick=40", "2 mm to 20 mm", "value=\"40\"")]
    [InlineData("/compose?crust=plain-crumb&wallthick=30", "A pressed wall is 2 mm to 12 mm thick", "value=\"30\"")]
    [InlineData("/compose?wall=80", "10 mm to 32 mm high", "value=\"80\"")]
    [
        InlineData(
            "/compose?pan=own&own-top=600&own-base=500&own-deep=80&own-kind=plate&wall=80", "larger than a table to roll it on",
            "value=\"600\"")
    ]
    [InlineData("/compose?pan=own&own-top=230&own-base=180&own-deep=35&own-water=5000", "One of them is wrong", "value=\"5000\"")]
    public async Task What_cannot_be_says_why_and_keeps_what_was_typed(string address, string says, string kept)
    {
        var page = await kitchen.Baker().PageAsync(address);
        page.ShouldContain(says);
        page.ShouldContain(kept);
    }

    [Fact]
    public async Task Nothing_in_an_address_breaks_a_plan_or_a_card()
    {
        var baker = kitchen.Baker();
        string[] nasty = ["", "x", "-1", "1e99", "%00", "own", "kitchen-1", "plate-23", "999999999999999", "½", "'", "<b>"];
        var random = new Random(5);
        string Any() => Uri.EscapeDataString(nasty[random.Next(nasty.Length)]);
        for (var i = 0; i < 40; i++)
        {
            var address = string.Join(
                '&',
                (
                    (string[])[
                        "p", "many", "cold", "p", "many", "cold", "crust", "bake", "edge", "seal", "goes", "oven", "thick", "bind",
                        "brown", "say", "add", "n", "frozen", "pan"]).Select(f => f + "=" + Any()));
            await baker.PageAsync("/crusts?" + address);
            await baker.PageAsync("/bake-card?" + address);
        }
    }

    [Fact]
    public async Task A_stand_in_says_when_there_are_too_few_of_it()
    {
        // One 25 cm tin takes more than the two 23s … ask for the ring of which three are owned.
        var page = AsRead(
            await kitchen.Baker().PageAsync(
                "/compose/stand-ins?pan=springform-23&crust=plain-crumb&bake=chilled&fill=lemon-cheese&make=exact&line=4&top=none"));
        page.ShouldContain("you have");
    }

    private static string AsRead(string page) => Regex.Replace(Regex.Replace(page, "<[^>]*>", ""), @"\s+", " ");

    [GeneratedRegex("href=\"(/working[^\"]+)\"")]
    private static partial Regex Figure();

    [GeneratedRegex("href=\"(/bake-card[^\"]+)\"")]
    private static partial Regex Card();
}
