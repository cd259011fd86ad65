using System.Globalization;
using System.Net;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Stocktaking;

namespace RoundCrumb.Web.Tests;

/// <summary>Parts made ahead, put into the house and counted there.</summary>
public sealed class StockMadeTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: false) { Clock = new SetClock(new(2026, 12, 1, 9, 0, 0, TimeSpan.Zero)) };

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private static Task<HttpResponseMessage> PutAsync(
        HttpClient baker, string part, string amount, string where = "Fridge", string words = "", string useBy = "") =>
        baker.SendAsync(
            "/stock", "/stock?handler=Made", ("part", part), ("words", words), ("amount", amount), ("where", where), ("useBy", useBy));

    private static async Task<IHtmlDocument> ReadAsync(HttpResponseMessage answer) =>
        await new HtmlParser().ParseDocumentAsync(await answer.Content.ReadAsStringAsync(Cancel), Cancel);

    /// <summary>
    /// Every part goes in, is called what it is, and is good for as long as it keeps there unless the baker says otherwise.
    /// </summary>
    [Theory]
    [InlineData("Dough", "800", "Fridge", "3 Dec")] // two days
    [InlineData("Dough", "800", "Freezer", "1 Mar")] // three times thirty days
    [InlineData("LinedShell", "4", "Fridge", "2 Dec")]
    [InlineData("BakedShell", "3", "Freezer", "31 Dec")]
    [InlineData("CrumbShell", "2", "Fridge", "3 Dec")]
    [InlineData("Crumbs", "450", "Shelf", "15 Dec")]
    [InlineData("Curd", "320", "Fridge", "6 Dec")]
    [InlineData("Filling", "600", "Fridge", "3 Dec")]
    public async Task A_part_made_ahead_keeps_as_long_as_it_keeps(string part, string amount, string where, string until)
    {
        var baker = _kitchen.Baker();
        using (var put = await PutAsync(baker, part, amount, where, "Saturday’s"))
            put.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await baker.PageAsync("/stock");
        var made = Enum.Parse<MadePart>(part);
        page.ShouldContain($"{made.Name}: Saturday’s");
        page.ShouldContain(made.IsCounted ? $"{amount} pieces" : $"{amount} g");
        page.ShouldContain(until);
        page.ShouldContain("made today");
    }

    [Fact]
    public async Task A_date_of_the_bakers_own_counts_before_what_is_usual()
    {
        var baker = _kitchen.Baker();
        (await PutAsync(baker, "Curd", "320", useBy: "20 Dec")).Dispose();
        (await baker.PageAsync("/stock")).ShouldContain("Sun 20 Dec");
    }

    [Theory]
    [InlineData("800", "Freezer", "x", "soon", "That is no date")]
    [InlineData("lots", "Freezer", "butter", "", "")]
    [InlineData("0", "Shelf", "butter", "", "")]
    [InlineData("-3", "Freezer", "butter", "", "")]
    public async Task What_can_not_be_is_said_and_all_of_it_is_kept(string amount, string where, string words, string useBy, string said)
    {
        var baker = _kitchen.Baker();
        using var answer = await PutAsync(baker, "Filling", amount, where, words, useBy);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var form = (await ReadAsync(answer)).QuerySelector("form.stock-made")!;
        var trouble = form.QuerySelector("[role=alert]")!.TextContent;
        trouble.ShouldContain(said);
        trouble.ShouldEndWith(".");
        string Of(string name) => ((IHtmlInputElement)form.QuerySelector($"input[name={name}]")!).Value;
        (Of("amount"), Of("words"), Of("useBy")).ShouldBe((amount, words, useBy));
        ((IHtmlSelectElement)form.QuerySelector("select[name=part]")!).Value.ShouldBe("Filling");
        ((IHtmlSelectElement)form.QuerySelector("select[name=where]")!).Value.ShouldBe(where);
        (await baker.PageAsync("/stock")).ShouldNotContain("filling: ");
    }

    [Fact]
    public async Task Words_that_are_too_long_are_said_and_not_cut()
    {
        var words = new string('x', StockRow.LongestWords + 1);
        using var answer = await PutAsync(_kitchen.Baker(), "Dough", "500", words: words);
        var page = await ReadAsync(answer);
        page.QuerySelector("form.stock-made [role=alert]")!.TextContent.ShouldContain("80 characters at most");
        ((IHtmlInputElement)page.QuerySelector("form.stock-made input[name=words]")!).Value.ShouldBe(words);
    }

    /// <summary>
    /// What is counted wrongly keeps all that was changed beside it; a nought is nothing left, and nothing typed changes nothing.
    /// </summary>
    [Fact]
    public async Task A_count_that_can_not_be_read_loses_nothing_beside_it()
    {
        var baker = _kitchen.Baker();
        (await PutAsync(baker, "LinedShell", "4")).Dispose();
        Task<HttpResponseMessage> ChangeAsync(string amount, string version) => baker.SendAsync(
            "/stock", "/stock?handler=Change", ("id", "1"), ("version", version), ("amount", amount), ("useBy", "24 Dec"),
            ("where", "Freezer"), ("open", "true"));
        using (var odd = await ChangeAsync("a few", "1"))
        {
            var form = (await ReadAsync(odd)).QuerySelector("form.stock-change:has([role=alert])")!;
            form.QuerySelector("[role=alert]")!.TextContent.ShouldContain("“a few” is no amount of it");
            ((IHtmlSelectElement)form.QuerySelector("select[name=where]")!).Value.ShouldBe("Freezer");
            ((IHtmlInputElement)form.QuerySelector("input[name=open]")!).IsChecked.ShouldBeTrue();
            ((IHtmlInputElement)form.QuerySelector("input[name=useBy]")!).Value.ShouldBe("24 Dec");
        }

        using (var kept = await ChangeAsync("", "1"))
            kept.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var page = await baker.PageAsync("/stock");
        page.ShouldContain("4 pieces");
        page.ShouldContain(new DateOnly(2026, 12, 24).ToString("ddd d MMM", CultureInfo.InvariantCulture));
        page.ShouldContain("freezer, open");
    }
}
