using System.Net;
using System.Net.Http.Headers;
using System.Text;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Data;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>What is pressed twice is done once, and what nobody can mean is refused in words.</summary>
public sealed class TwiceTests(DemoKitchen kitchen) : IClassFixture<DemoKitchen>
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_batch_that_is_begun_twice_at_once_is_one_run()
    {
        var baker = kitchen.Baker();
        await baker.PageAsync("/bakes/2");
        var answers = await Task.WhenAll(Enumerable.Range(0, 3).Select(_ => baker.SendAsync("/bakes/2", "/bakes/2?handler=Begin")));
        answers.ShouldAllBe(a => a.StatusCode == HttpStatusCode.Redirect);
        answers.Select(a => a.Headers.Location!.OriginalString).Distinct().Count().ShouldBe(1);
        (await baker.PageAsync("/bakes/2")).ShouldContain(answers[0].Headers.Location!.OriginalString);
        await using var scope = kitchen.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        (await context.DayOrders.CountAsync(o => o.BakeId == 2 && o.DeletedAt == null, Cancel)).ShouldBe(1);
    }

    [Theory]
    [InlineData("""{"device":"x","events":[null]}""")]
    [InlineData("""{"device":"x","events":[{"id":"6f9619ff-8b86-d011-b42d-00cf4fc964ff","at":"2026-12-05T06:00:00Z","deed":{}}]}""")]
    [InlineData("""{"device":"x","events":[{"id":"6f9619ff-8b86-d011-b42d-00cf4fc964ff","at":"9999-12-31T23:59:59Z","deed":{"kind":"ended"}}],"sentAt":"0001-01-01T00:00:00Z"}""")]
    [InlineData("""{"device":"x","events":[{"id":"6f9619ff-8b86-d011-b42d-00cf4fc964fe","at":"0001-01-01T00:00:00+14:00","deed":{"kind":"noted","task":{"work":{"order":"o1","work":{"step":{"kind":"makeFilling","subject":"","turn":0}}}},"words":"x"}}]}""")]
    public async Task Events_that_nobody_can_mean_are_no_fault_of_ours(string json)
    {
        var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
        var run = begun.Headers.Location!.OriginalString.Split('/')[^1].Split('?')[0];
        using var content = new StringContent(json, Encoding.UTF8, "application/json");
        using var answer = await baker.PostAsync(new Uri($"/api/v1/runs/{run}/events", UriKind.Relative), content, Cancel);
        ((int)answer.StatusCode).ShouldBeLessThan(500);
    }

    [Fact]
    public async Task The_beginning_of_a_run_cannot_be_taken_back()
    {
        var baker = kitchen.Baker();
        using var begun = await baker.SendAsync("/bakes/4", "/bakes/4?handler=Begin");
        begun.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        var run = int.Parse(begun.Headers.Location!.OriginalString.Split('/')[^1].Split('?')[0],
            System.Globalization.CultureInfo.InvariantCulture);
        Guid first;
        await using (var scope = kitchen.Services.CreateAsyncScope())
        {
            first = await scope.ServiceProvider.GetRequiredService<RoundCrumbContext>().RunRows.Where(r => r.RunId == run)
                .OrderBy(r => r.Seq).Select(r => r.EventId).FirstAsync(Cancel);
        }

        using var content = new StringContent(
            $$"""{"device":"x","events":[{"id":"{{Guid.NewGuid()}}","at":"2026-12-05T06:00:00Z","deed":{"kind":"undone","event":"{{first}}"} }]}""",
            Encoding.UTF8, "application/json");
        using var answer = await baker.PostAsync(new Uri($"/api/v1/runs/{run}/events", UriKind.Relative), content, Cancel);
        (await answer.TextAsync()).ShouldContain("cannot be taken back");
        (await baker.PageAsync($"/bench/{run}")).ShouldContain("data-task");
    }

    [Fact]
    public async Task Letters_that_are_not_known_here_are_refused()
    {
        using var content = new ByteArrayContent("{}"u8.ToArray());
        content.Headers.ContentType = MediaTypeHeaderValue.Parse("application/json; charset=utf-7");
        using var answer = await kitchen.Baker().PostAsync(new Uri("/api/v1/readings", UriKind.Relative), content, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.UnsupportedMediaType);
    }

    [Theory]
    [InlineData("/days/1?step=é", "/days/1?step=%C3%A9")]
    [InlineData("/days/1?step=a b", "/days/1?step=a%20b")]
    [InlineData("/days/1?step=%C3%A9", "/days/1?step=%C3%A9")]
    public void A_place_to_go_on_to_holds_plain_letters_only(string typed, string escaped) =>
        PlainLocationFilter.Escaped(typed).ShouldBe(escaped);

    [Fact]
    public async Task What_a_program_reads_is_on_nobodys_shelf()
    {
        var baker = kitchen.Baker();
        foreach (var address in (string[])["/api/v1/readings", "/backup"])
        {
            using var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), Cancel);
            answer.Headers.CacheControl!.NoStore.ShouldBeTrue(address);
            answer.Headers.GetValues("Cross-Origin-Resource-Policy").ShouldBe(["same-origin"], address);
        }
    }
}
