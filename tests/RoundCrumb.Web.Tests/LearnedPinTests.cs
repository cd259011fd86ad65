using System.Net;
using System.Text.RegularExpressions;
using AngleSharp.Html.Parser;

namespace RoundCrumb.Web.Tests;

/// <summary>What the kitchen has learned, decided by the baker: pinned in the baker’s own measure, put off, forgotten.</summary>
public sealed partial class LearnedPinTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private static async Task<IReadOnlyList<string>> AllAsync(HttpClient baker)
    {
        var page = await new HtmlParser().ParseDocumentAsync(
            await baker.GetStringAsync(new Uri("/notebook/learned", UriKind.Relative), Cancel), Cancel);
        return [.. page.QuerySelectorAll("a[href^='/notebook/learned/of']").Select(a => a.GetAttribute("href")!).Distinct()];
    }

    /// <summary>
    /// Whatever was learned, a number that cannot be is said with what can be, what was typed stands there still, and nothing changes.
    /// </summary>
    [Theory]
    [InlineData("ninety")]
    [InlineData("9999")]
    [InlineData("-9999")]
    [InlineData("")]
    [InlineData("12 kg")]
    public async Task What_can_not_be_pinned_is_said_and_kept(string typed)
    {
        var baker = _kitchen.Baker();
        var all = await AllAsync(baker);
        all.Count.ShouldBeGreaterThan(3);
        foreach (var of in all)
        {
            using var answer = await baker.SendAsync(of, of, ("mode", "Pinned"), ("pin", typed));
            answer.StatusCode.ShouldBe(HttpStatusCode.OK, of);
            var page = await new HtmlParser().ParseDocumentAsync(await answer.Content.ReadAsStringAsync(Cancel), Cancel);
            var field = page.QuerySelector("input[name=pin]")!;
            field.GetAttribute("value").ShouldBe(typed, of);
            page.QuerySelector(".trouble")!.TextContent.ShouldNotBeNullOrWhiteSpace(of);
            Pressed(await baker.PageAsync(of)).ShouldBe("On", of);
        }
    }

    /// <summary>A pinned value stands on the page again as it was typed, in either set of units; off and on lead back.</summary>
    [Theory]
    [InlineData("grams.celsius.centimetres.device")]
    [InlineData("ounces.fahrenheit.inches.device")]
    public async Task What_is_pinned_is_read_back_as_it_was_typed(string units)
    {
        var baker = _kitchen.Baker();
        baker.DefaultRequestHeaders.Add("Cookie", $"roundcrumb.units={units}");
        foreach (var of in await AllAsync(baker))
        {
            var book = (await baker.PageAsync(of)).Contains("% of the book", StringComparison.Ordinal);
            var typed = book ? "95" : "1";
            using (var pinned = await baker.SendAsync(of, of, ("mode", "Pinned"), ("pin", typed)))
                pinned.StatusCode.ShouldBe(HttpStatusCode.Redirect, of);
            var page = await baker.PageAsync(of);
            Pressed(page).ShouldBe("Pinned", of);
            PinField().Match(page).Groups[1].Value.ShouldBe(typed, of);
            using (await baker.SendAsync(of, of, ("mode", "Off")))
                Pressed(await baker.PageAsync(of)).ShouldBe("Off", of);
            using (await baker.SendAsync(of, of, ("mode", "On")))
                Pressed(await baker.PageAsync(of)).ShouldBe("On", of);
        }
    }

    [Theory]
    [InlineData("/notebook/learned/of?of=Yield~nothing")]
    [InlineData("/notebook/learned/of?of=Nonsense~x")]
    [InlineData("/notebook/learned/of")]
    public async Task What_was_never_learned_is_not_there(string address)
    {
        using var answer = await _kitchen.Baker().GetAsync(new Uri(address, UriKind.Relative), Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>What the page says is chosen.</summary>
    private static string Pressed(string page) => page.Contains("Set by hand.", StringComparison.Ordinal) ? "Pinned"
        : page.Contains("Switched off: the book stands.", StringComparison.Ordinal) ? "Off" : "On";

    [GeneratedRegex("name=\"pin\"[^>]* value=\"([^\"]*)\"")]
    private static partial Regex PinField();
}
