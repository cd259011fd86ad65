using System.Net;
using System.Text.RegularExpressions;
using RoundCrumb.Formats.Trade;

namespace RoundCrumb.Web.Tests;

/// <summary>Another window was quicker: what was typed is not lost, and what stands now is said.</summary>
public sealed partial class GoneTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    [Fact]
    public async Task An_order_for_a_day_that_was_deleted_elsewhere_keeps_what_was_typed_and_the_day_can_come_back()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/days/1");
        await _kitchen.Baker().SendAsync("/days", "/days?handler=Away", ("id", "1"));
        using var form = Forms.Of(page, ("pie", "1"), ("count", "7"), ("name", "Ferry supper"), ("time", "12:30"));
        using var answer = await baker.PostAsync(new Uri("/days/1?handler=Order", UriKind.Relative), form, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        var words = await answer.TextAsync();
        words.ShouldContain("was deleted elsewhere meanwhile, so nothing was changed");
        words.ShouldContain("Ferry supper");
        words.ShouldContain("12:30");
        words.ShouldContain("Bring the day back");
        using var back = await baker.PostAsync(new Uri("/days?handler=Back", UriKind.Relative), Forms.Of(words, ("id", "1")), Cancel);
        back.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        await baker.PageAsync("/days/1");
    }

    /// <summary>Whatever a form was for: gone is said in words, with what was typed, whether it is a page's or never was.</summary>
    [Theory]
    [InlineData("/days/9999?handler=Order", "count=3", "name=Lockside pie")]
    [InlineData("/days/9999/use-up?handler=More", "order=3", "name=Lockside pie")]
    [InlineData("/bakes/9999/log?handler=Save", "note=Lockside pie", "tags=x")]
    public async Task A_form_for_what_is_gone_says_so_with_what_was_typed(string to, params string[] fields)
    {
        var baker = _kitchen.Baker();
        using var form = Forms.Of(
            await baker.PageAsync("/pies"), [.. fields.Select(f => f.Split('=')).Select(f => (f[0], f[1]))]);
        using var answer = await baker.PostAsync(new Uri(to, UriKind.Relative), form, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await answer.TextAsync()).ShouldContain("Lockside pie");
    }

    [Fact]
    public async Task Rates_that_were_saved_elsewhere_are_shown_and_what_was_typed_stands()
    {
        var (first, second) = (_kitchen.Baker(), _kitchen.Baker());
        var page = await second.PageAsync("/prices");
        (await first.SendAsync("/prices", "/prices?handler=Rates", Rates("11.00", "Elsewhere tea room"))).StatusCode
            .ShouldBe(HttpStatusCode.Redirect);
        using var stale = Forms.Sent(page, "/prices?handler=Rates", Rates("14.25", "Mine"));
        using var told = await second.PostAsync(new Uri("/prices?handler=Rates", UriKind.Relative), stale, Cancel);
        var words = await told.TextAsync();
        words.ShouldContain("Somebody else saved these meanwhile");
        words.ShouldContain("An hour of hands: £11.00");
        words.ShouldContain("Elsewhere tea room");
        words.ShouldContain("value=\"14.25\"");
        words.ShouldContain("value=\"Mine\"");

        // Sent once more it is what is kept.
        using var again = Forms.Sent(words, "/prices?handler=Rates", Rates("14.25", "Mine"));
        using var kept = await second.PostAsync(new Uri("/prices?handler=Rates", UriKind.Relative), again, Cancel);
        kept.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await second.PageAsync("/prices")).ShouldContain("value=\"14.25\"");
    }

    private static (string, string)[] Rates(string hands, string house) =>
        [("hands", hands), ("kilowatt", "0.30"), ("margin", "50"), ("step", "Ten"), ("house", house), ("place", "Quay")];

    [Fact]
    public async Task What_was_decided_of_a_learned_figure_elsewhere_is_not_gone_over_without_a_word()
    {
        var (first, second) = (_kitchen.Baker(), _kitchen.Baker());
        var of = Learned().Match(await first.PageAsync("/notebook/learned")).Value;
        var page = await second.PageAsync(of);
        (await first.SendAsync(of, of, ("mode", "Off"))).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        using var stale = Forms.Sent(page, of, ("mode", "Pinned"), ("pin", "1"));
        using var told = await second.PostAsync(new Uri(of, UriKind.Relative), stale, Cancel);
        var words = await told.TextAsync();
        words.ShouldContain("decided in another window meanwhile, so nothing was changed: it is off now");
        words.ShouldContain("value=\"1\"");
        (await first.PageAsync(of)).ShouldContain("Switched off");

        // Pressed once more it is as it was wanted.
        using var again = Forms.Sent(words, of, ("mode", "Pinned"), ("pin", "1"));
        using var kept = await second.PostAsync(new Uri(of, UriKind.Relative), again, Cancel);
        kept.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        (await first.PageAsync(of)).ShouldContain("Set by hand.");
    }

    /// <summary>Three tables of one row more than is taken at once: the rest is taken in, and where it breaks off is said.</summary>
    [Theory]
    [InlineData("/prices", "/prices?handler=Table", "Ingredient,PackGrams,Price", "plain flour,1500,1.15")]
    [InlineData("/stock", "/stock?handler=Add", "Ingredient,Amount,Unit", "plain flour,1500,g")]
    [InlineData("/shopping", "/shopping?handler=Table", "Ingredient,InBasket", "plain flour,yes")]
    public async Task What_of_a_table_is_over_its_limit_is_said(string from, string to, string heads, string row)
    {
        var baker = _kitchen.Baker();
        var table = heads + "\n" + string.Concat(Enumerable.Repeat(row + "\n", TradeTables.MostRows + 1));
        using var form = new MultipartFormDataContent();
        foreach (var (name, value) in await Fields(Forms.Of(await baker.PageAsync(from))))
            form.Add(new StringContent(value), name);
        form.Add(new StringContent(table), "file", "table.csv");
        using var answer = await baker.PostAsync(new Uri(to, UriKind.Relative), form, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await answer.TextAsync()).ShouldMatch("(?is)line 5002.{0,200}From here on nothing was read: 5000 rows are taken at once[.]");
    }

    private static async Task<IEnumerable<(string Name, string Value)>> Fields(FormUrlEncodedContent form) =>
        (await form.ReadAsStringAsync(Cancel)).Split('&').Select(f => f.Split('=', 2))
            .Select(f => (WebUtility.UrlDecode(f[0])!, WebUtility.UrlDecode(f[1])!));

    [GeneratedRegex("/notebook/learned/of[?]of=OvenOffset[^\"]+")]
    private static partial Regex Learned();
}
