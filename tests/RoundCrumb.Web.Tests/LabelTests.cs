using System.Net;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Labelling;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Web.Tests;

/// <summary>Labels and allergens of a day.</summary>
public sealed class LabelTests : IAsyncDisposable
{
    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private async Task<OpenLabels> OpenAsync(int day)
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        return (await scope.ServiceProvider.GetRequiredService<DayLabels>().OpenAsync(day, Cancel)).ShouldNotBeNull();
    }

    [Fact]
    public async Task What_others_have_may_be_in_it_and_those_without_nuts_are_made_first()
    {
        var day = await OpenAsync(1);
        var all = day.Labels.Aggregate(Allergens.None, (a, l) => a | l.Label.Allergens);
        day.Labels.ShouldAllBe(l => (l.MayContain | l.Label.Allergens) == all && (l.MayContain & l.Label.Allergens) == Allergens.None);
        day.OrderMatters.ShouldBeTrue();
        day.NutFreeFirst[^1].Order.Name.ShouldBe("Plum almond tart");
        day.Labels.ShouldAllBe(l => l.UseBy >= l.MadeOn && l.PiePrice >= l.SlicePrice);
        var page = await _kitchen.Baker().PageAsync("/days/1/allergens");
        page.ShouldContain("almond");
        page.ShouldContain("Make them in this order");
        (await _kitchen.Baker().PageAsync("/days/1/allergens?law=American")).ShouldContain("tree nuts");
    }

    [Fact]
    public async Task A_batch_code_leads_back_to_what_was_written_down()
    {
        using var baker = _kitchen.Baker();
        var code = (await OpenAsync(1)).Labels[0].Code;
        using var day = await baker.GetAsync(new Uri($"/batch/{code}", UriKind.Relative), Cancel);
        day.Headers.Location!.ToString().ShouldBe("/days/1");
        (await baker.GetAsync(new Uri("/batch/RC1-010101", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await baker.GetAsync(new Uri("/batch/never", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>
    /// A baker's own flour, of which nobody has said what it has: every label, table and sheet that it is in says that it is not stated.
    /// </summary>
    [Fact]
    public async Task An_own_ingredient_of_which_nothing_is_stated_is_never_none()
    {
        using var baker = _kitchen.Baker();
        var slug = await PutInAsync(baker, "Mystery flour", ("has", ""));
        await using (var scope = _kitchen.Services.CreateAsyncScope())
        {
            var known = await scope.ServiceProvider.GetRequiredService<Larder>().KnownAsync(Cancel);
            known.Find(slug)!.AllergensStated.ShouldBeFalse();
        }

        var made = await PutInAsync(baker, "Rice blend", ("stated", "1"));
        await using (var scope = _kitchen.Services.CreateAsyncScope())
            (await scope.ServiceProvider.GetRequiredService<Larder>().KnownAsync(Cancel)).Find(made)!.AllergensStated.ShouldBeTrue();
        (await baker.PageAsync($"/pantry/{slug}")).ShouldContain("Nothing is stated yet");
    }

    private static async Task<string> PutInAsync(HttpClient baker, string name, params (string, string)[] more)
    {
        var page = await baker.PageAsync("/pantry/new?from=plain-flour");
        var fields = System.Text.RegularExpressions.Regex.Matches(page, "<input id=\"i-([a-z]+)\" name=\"[a-z]+\" value=\"([^\"]*)\"")
            .Select(m => (m.Groups[1].Value, m.Groups[2].Value)).Where(f => f.Item1 != "name" && f.Item1 != "others");
        using var sent = await baker.SendAsync("/pantry/new?from=plain-flour", "/pantry/new",
            [("name", name), ("others", ""), .. fields, .. more]);
        sent.StatusCode.ShouldBe(HttpStatusCode.Found, await sent.TextAsync());
        return sent.Headers.Location!.ToString().Split('/')[^1].Split('?')[0];
    }

    [Fact]
    public async Task Labels_go_out_as_a_table_as_json_and_true_to_size()
    {
        using var baker = _kitchen.Baker();
        (await baker.PageAsync("/days/1/labels?handler=Table")).ShouldStartWith("Name,Count,Ingredients,Contains,MayContain,NetGrams");
        using var json = JsonDocument.Parse(await baker.GetStringAsync(new Uri("/api/v1/days/1/labels?law=American", UriKind.Relative),
            Cancel));
        json.RootElement.GetArrayLength().ShouldBe(6);
        json.RootElement[0].GetProperty("contains").EnumerateArray().Select(e => e.GetString()).ShouldContain("wheat");
        json.RootElement[0].GetProperty("nutritionFor100Grams").GetProperty("kilojoules").GetDouble().ShouldBeInRange(500, 2500);
        var style = await baker.PageAsync("/days/1/labels?handler=Style&sheet=a4-8");
        style.ShouldContain("@page { size: 210mm 297mm; margin: 0; }");
        style.ShouldContain(".label { width: 99.1mm; height: 67.7mm; }");
        var page = await baker.PageAsync("/days/1/labels?sheet=own&w=21&h=20&nutrition=1");
        page.ShouldContain("Too small for Malt custard cream pie");
        page.ShouldContain("<strong>ALMONDS</strong>");
        (await baker.PageAsync("/days/1/labels?sheet=own&w=9&h=x")).ShouldContain("From 20 to 200 mm.");
        (await baker.GetAsync(new Uri("/days/99/labels", UriKind.Relative), Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }
}
