using System.Text.RegularExpressions;
using RoundCrumb.Core.Fillings;

namespace RoundCrumb.Web.Tests;

/// <summary>One batch over several pans, over HTTP in process.</summary>
public sealed partial class PourPageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    [Fact]
    public async Task Words_become_pans_and_every_figure_opens()
    {
        var baker = kitchen.Baker();
        var page = await baker.PageAsync(
            "/pour?fill=malt-custard&crust=plain-crumb&make=above&say=one+20+cm+tart+tin+and+three+10+cm+tartlets");
        AsRead(page).ShouldContain("Malt custard over 4 pans, all to one line");
        AsRead(page).ShouldContain("stop 725 g");
        AsRead(page).ShouldContain("Pans of yours that this batch fills");
        var figures = Figure().Matches(page).Select(m => m.Groups[1].Value).Distinct().ToList();
        figures.Count.ShouldBeGreaterThan(8);
        foreach (var figure in figures)
            (await baker.PageAsync(figure)).ShouldContain("class=\"formula\"");
    }

    [Fact]
    public async Task Every_filling_can_be_shared_out()
    {
        var baker = kitchen.Baker();
        foreach (var formula in FillingBook.All)
            (
                await baker.PageAsync($"/pour?fill={formula.Id}&crust=sweet-short&p=tart-23&many=2&p=tartlet-8&many=6"))
                .ShouldContain("stop ");
    }

    [Theory]
    [InlineData("/pour?p=plate-23&many=lots", "A whole number up to 200", "value=\"lots\"")]
    [InlineData("/pour?say=two+90+cm+plates", "no pan of that size", "two 90 cm plates")]
    [InlineData("/pour?line=80&p=plate-23&many=1", "below the rim", "value=\"80\"")]
    [InlineData("/pour?set=900&p=plate-23&many=1", "Between 50 and 200 %", "value=\"900\"")]
    [InlineData("/pour?fill=gravel", "no filling called “gravel”", "")]
    public async Task What_cannot_be_says_why_and_keeps_what_was_typed(string address, string says, string kept)
    {
        var page = await kitchen.Baker().PageAsync(address);
        page.ShouldContain(says);
        page.ShouldContain(kept);
    }

    [Fact]
    public async Task A_new_kind_of_filling_brings_its_own_line()
    {
        // A ganache goes to 3 mm, an almond paste to three quarters of the 25 mm tin, which is 6 mm; a line that the baker set stays
        // within one kind.
        var baker = kitchen.Baker();
        (await baker.PageAsync("/pour?fill=plum-almond&wasfill=ganache&line=3&p=tart-23&many=1")).ShouldContain(
            "id=\"f-line\" name=\"line\" value=\"6\"");
        (await baker.PageAsync("/pour?fill=plum-almond&wasfill=almond&line=7&p=tart-23&many=1")).ShouldContain(
            "id=\"f-line\" name=\"line\" value=\"7\"");
    }

    [Theory]
    [InlineData("half a litre", "milk", "from 515 g whole milk")]
    [InlineData("7", "yolk", "from 126 g egg yolk")]
    [InlineData("7 yolks", "yolk", "from 126 g egg yolk")]
    [InlineData("1 lb", "caster-sugar", "from 455 g caster sugar")]
    public async Task What_is_in_hand_says_how_much_is_made(string have, string of, string says)
    {
        var baker = kitchen.Baker();
        var asked = $"have={Uri.EscapeDataString(have)}&have-of={of}";
        AsRead(await baker.PageAsync($"/pour?fill=malt-custard&p=plate-23&many=1&{asked}")).ShouldContain(says);
        AsRead(await baker.PageAsync($"/compose?pan=plate-23&fill=malt-custard&make=below&{asked}")).ShouldContain(says);
    }

    [Theory]
    [InlineData("plenty")]
    [InlineData("0")]
    [InlineData("3 cups of love")]
    [InlineData("-2 l")]
    public async Task An_amount_that_cannot_be_read_is_said_in_place_and_stays(string have)
    {
        foreach (var page in (string[])["/pour?fill=malt-custard&p=plate-23&many=1", "/compose?pan=plate-23&fill=malt-custard"])
        {
            var shown = await kitchen.Baker().PageAsync($"{page}&have={Uri.EscapeDataString(have)}&have-of=milk");
            shown.ShouldContain("No amount of whole milk that can be read");
            shown.ShouldContain($"value=\"{have}\"");
        }
    }

    private static string AsRead(string page) => Regex.Replace(Regex.Replace(page, "<[^>]*>", " "), @"\s+", " ");

    [GeneratedRegex("href=\"(/working[^\"]+)\"")]
    private static partial Regex Figure();
}
