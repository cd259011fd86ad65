using System.Net;
using System.Text.RegularExpressions;
using RoundCrumb.Core.Pairing;

namespace RoundCrumb.Web.Tests;

/// <summary>Pairings, what-if and the house's schools, over HTTP in process.</summary>
public sealed partial class PairingsPageTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    [Fact]
    public async Task The_board_has_points_and_a_reason_for_every_pairing_and_pies_from_the_box()
    {
        var page = await kitchen.Baker().PageAsync("/pairings");
        Cell().Count(page).ShouldBeGreaterThan(19 * 21);
        page.ShouldContain("Malt custard on flaky, all butter: ");
        page.ShouldContain("flakes under cream and fruit");
        foreach (var level in Enum.GetValues<PairLevel>())
            page.ShouldContain($"<strong>{level.Word}</strong>");
        page.ShouldContain("Whole pies of yours for this");
        page.ShouldContain("A counter of 4 that differ");
    }

    [Fact]
    public async Task An_opened_meeting_says_why_and_what_would_make_it_good()
    {
        var page = WebUtility.HtmlDecode(await kitchen.Baker().PageAsync("/pairings?with=plain-crumb,rhubarb-buttermilk"));
        page.ShouldContain("Rhubarb buttermilk custard on plain biscuit crumb: poor");
        page.ShouldContain("It leaks");
        page.ShouldContain("Line it with short crust");
        page.ShouldContain("costs: an hour’s rest");
    }

    [Theory]
    [InlineData("/pairings?crust-first=butter-flaky&many=2&frozen=1", "What goes on flaky, all butter, the best first")]
    [InlineData("/pairings?crust-first=butter-flaky&many=2&frozen=1", "For 2 pies, from lined shells in the freezer")]
    [InlineData("/pairings?crust-first=butter-flaky&many=2&from=baked-shells", "For 2 pies, from baked shells")]
    [InlineData("/pairings?crust-first=plain-crumb&many=3&from=frozen-shells", "For 3 pies, from scratch")]
    [InlineData("/pairings?crust-first=butter-flaky", "For one pie, from scratch")]
    [InlineData("/pairings?crust-first=butter-flaky&many=lots", "A whole number from 1 to 99. Reckoned for one until then.")]
    [InlineData("/pairings?crust-first=butter-flaky&many=lots", "value=\"lots\"")]
    [InlineData("/pairings?crust-first=butter-flaky&many=100", "A whole number from 1 to 99")]
    [InlineData("/pairings?crust-first=none", "The whole board")]
    [InlineData("/pairings?filling-first=malt-custard", "What goes under malt custard, the best first")]
    [InlineData("/pairings?use=12+lemons", "What would use it")]
    [InlineData("/pairings?use=12+lemons", "enough for")]
    [InlineData("/pairings?use=500+g+lard", "No filling here takes that")]
    [InlineData("/pairings?use=plenty+of+joy", "How much of what?")]
    [InlineData("/pairings?ahead=lots", "lots")]
    [InlineData("/pairings?room=hot", "Degrees from 0 to 50 °C. The kitchen’s own warmth until then.")]
    [InlineData("/pairings?room=80+f", "value=\"80 f\"")]
    [InlineData("/pairings?room=27", "value=\"27\"")]
    [InlineData("/pairings?pan=nothing", "There is no pan called")]
    [InlineData("/pairings?with=x,y", "Pairings")]
    [InlineData("/pairings?no-milk=1&no-egg=1&no-nuts=1&no-wheat=1&nooven=1", "None of your saved pies does")]
    [InlineData("/what-if?if=zzz", "Choose a question")]
    [InlineData("/what-if?if=no-oven&fill=malt-custard", "There is no oven")]
    [InlineData("/what-if?if=no-egg&no-wheat=1&no-milk=1&no-nuts=1", "nothing here does it")]
    public async Task Whatever_is_asked_there_is_an_answer_in_words(string path, string says) =>
        WebUtility.HtmlDecode(await kitchen.Baker().PageAsync(path)).ShouldContain(says);

    /// <summary>Two frozen shells: what they take opens, and goes onto a day as it is.</summary>
    [Fact]
    public async Task Shells_that_one_has_are_filled_and_planned()
    {
        var baker = kitchen.Baker();
        const string At = "/pairings?crust-first=butter-flaky&many=2&from=frozen-shells&with=butter-flaky,malt-custard";
        const string Tin = "&pan=tart-23";
        var page = WebUtility.HtmlDecode(await baker.PageAsync(At + Tin));
        var opened = page[page.IndexOf("id=\"opened\"", StringComparison.Ordinal)..];
        opened.ShouldContain("2 pies from lined shells in the freezer:");
        var hands = OpenedHands().Match(opened);
        hands.Success.ShouldBeTrue();
        var working = WebUtility.HtmlDecode(await baker.PageAsync(hands.Groups[1].Value));
        working.ShouldContain("Hands, from lined shells in the freezer");
        working.ShouldContain(hands.Groups[2].Value);

        // In glass they may burst: said, with what to do instead, and neither the yellow thing to do nor put on a day.
        var glass = WebUtility.HtmlDecode(await baker.PageAsync(At + "&pan=plate-23"));
        glass = glass[glass.IndexOf("id=\"opened\"", StringComparison.Ordinal)..];
        glass = glass[..glass.IndexOf("As it is usually made", StringComparison.Ordinal)];
        glass.ShouldContain("Glass may burst");
        glass.ShouldContain(">Chill the shell, or thaw it in the fridge, instead</a>");
        glass.ShouldNotContain("button go");
        glass.ShouldNotContain("to a bake day");

        // From scratch the same two are more work.
        var scratch = WebUtility.HtmlDecode(await baker.PageAsync(At.Replace("frozen-shells", "scratch", StringComparison.Ordinal) + Tin));
        var more = OpenedHands().Match(scratch[scratch.IndexOf("id=\"opened\"", StringComparison.Ordinal)..]);
        Minutes(more.Groups[2].Value).ShouldBeGreaterThan(Minutes(hands.Groups[2].Value));

        var order = OrderLink().Match(opened);
        order.Groups[2].Value.ShouldBe("Add 2 to a bake day");
        var form = WebUtility.HtmlDecode(await baker.PageAsync(order.Groups[1].Value));
        form.ShouldContain("name=\"count\" size=\"3\" value=\"2\"");
        form.ShouldContain("<option value=\"FrozenShells\" selected=\"selected\">");

        static int Minutes(string said)
        {
            var parts = said.Split(' ');
            return parts is [var h, "h", var m] ? (int.Parse(h) * 60) + int.Parse(m) : int.Parse(parts[0]) * (parts[1] == "h" ? 60 : 1);
        }
    }

    [GeneratedRegex("href=\"([^\"]*f=hands-left-[^\"]*)\"[^>]*>([^<]*)<")]
    private static partial Regex OpenedHands();

    [GeneratedRegex("href=\"(/days/order[^\"]*)\">([^<]*)<")]
    private static partial Regex OrderLink();

    /// <summary>What an answer costs opens as any figure does: its points, with the reason of each, add up to what was said.</summary>
    [Fact]
    public async Task What_an_answer_costs_opens_and_adds_up()
    {
        var baker = kitchen.Baker();
        var page = WebUtility.HtmlDecode(await baker.PageAsync("/what-if?if=no-oven&crust=butter-flaky&fill=malt-custard&top=icing"));
        var costs = Cost().Matches(page).Select(m => (At: m.Groups[1].Value, Points: m.Groups[2].Value)).ToList();
        costs.Count.ShouldBe(3);
        foreach (var (at, points) in costs)
        {
            var working = WebUtility.HtmlDecode(await baker.PageAsync(at));
            working.ShouldContain("How far from the pie that was asked of");
            working.ShouldContain("what is changed, added up");
            working.ShouldContain(points);
        }

        // Each leads to a pie in Compose that is read as it was found.
        var pies = Composed().Matches(page).Select(m => m.Groups[1].Value).ToList();
        pies.Count.ShouldBe(3);
        foreach (var at in pies)
        {
            var compose = await baker.PageAsync(at);
            compose.ShouldNotContain("class=\"trouble\"");
            compose.ShouldNotContain("data-rule=\"shell-does-not-fit\"");
        }

        (await baker.GetAsync(new Uri("/what-if/working?fill=malt-custard", UriKind.Relative), TestContext.Current.CancellationToken))
            .StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task The_same_advice_stands_in_compose_on_the_sheet_and_in_the_api()
    {
        var baker = kitchen.Baker();
        var compose = WebUtility.HtmlDecode(await baker.PageAsync("/compose?" + Data.Demo.DemoData.Pies[5].Address));
        var told = Rule().Matches(compose).Select(m => m.Groups[1].Value).ToHashSet();
        told.ShouldContain("unsealed");
        var api = await baker.GetStringAsync("/api/v1/pies/6", TestContext.Current.CancellationToken);
        foreach (var rule in told)
            api.ShouldContain($"\"{rule}\"");
    }

    [GeneratedRegex("<td class=\"level-")]
    private static partial Regex Cell();

    [GeneratedRegex("href=\"(/what-if/working[^\"]*)\"[^>]*>([0-9.]+) points")]
    private static partial Regex Cost();

    [GeneratedRegex("href=\"([^\"]*)\">Compose this one")]
    private static partial Regex Composed();

    [GeneratedRegex("data-rule=\"([a-z-]+)\"")]
    private static partial Regex Rule();
}
