using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.Mvc.RazorPages.Infrastructure;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.Routing.Patterns;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Data;

namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>
/// What is valid elsewhere: ids that the book knows and this house does not, things that were deleted, put away or are over, and
/// what is right
/// for another field. All pairs of the parameters of each page and each handler are tried, each with one of four sorts of value.
/// ROUNDCRUMB_FUZZ_SEED begins elsewhere.
/// </summary>
public sealed partial class ElsewhereTests : IAsyncLifetime
{
    private const int Own = 0, Nonsense = 1, Elsewhere = 2, AnotherField = 3, Sorts = 4;

    /// <summary>So many names are taken of a page whose form for a handler is not shown just now.</summary>
    private const int MostOfOtherForms = 12;

    private static readonly int Seed = int.TryParse(Environment.GetEnvironmentVariable("ROUNDCRUMB_FUZZ_SEED"), out var seed) ? seed : 30;

    /// <summary>What the book knows, a group for each sort of thing.</summary>
    private static readonly string[][] Groups =
    [
        [.. PanCupboard.All.Select(p => p.Key)], [.. FillingBook.All.Select(f => f.Id)], [.. CrustBook.All.Select(c => c.Id)],
        [.. ToppingBook.All.Select(t => t.Id)],
    ];

    private static readonly string[] KnownElsewhere =
    [
        .. Groups.SelectMany(g => g), "kitchen-1", "kitchen-2", "kitchen-999", "oven-1", "oven-99", "box-1-1", "box-1-9", "box-77-1",
        "own-x", "butter", "o1.make-dough", "o4.bake-shell.oven", "o99.fill", "1", "2", "3", "4", "7", "99", "2147483647", "2026-12-05",
        "malt", "yolk", "gold", "new", "Saturday",
    ];

    private readonly Kitchen _kitchen = new(demo: true) { PlanSeconds = "0.2" };

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    /// <summary>A pan that the house does not own was a fault on Pour and Shells.</summary>
    [Theory]
    [InlineData("/pour?p=pot-200&many=1&pour=1")]
    [InlineData("/pour?p=tart-28&many=2&pour=1")]
    [InlineData("/crusts?p=square-23&many=1&cold=0")]
    [InlineData("/crusts?p=kitchen-999&many=1&cold=0")]
    public async Task A_pan_that_the_house_does_not_own_is_said(string address)
    {
        var page = await _kitchen.Baker().PageAsync(address);
        (page.Contains("You have none of these", StringComparison.Ordinal) || page.Contains("There is no pan called",
            StringComparison.Ordinal))
            .ShouldBeTrue(address);
    }

    [Fact]
    public async Task No_page_breaks_on_what_is_valid_elsewhere()
    {
        var baker = _kitchen.Baker();
        await EndSomethingAsync();
        var random = new Random(Seed);
        var faults = new List<string>();
        var (pairs, sent, got) = (0, 0, 0);
        foreach (var (route, page) in Pages())
        {
            var html = await HtmlAsync(baker, Path(route, _ => "1"));
            var names = RouteNames(route).Concat(Parameters(page, "Get")).Concat(NamesOn(html)).Distinct().ToList();
            if (names.Count == 0)
                continue;
            pairs += CoveringArray.Number(names.Count, Sorts);
            foreach (var row in CoveringArray.Of(names.Count, Sorts, random))
            {
                var values = names.Select((n, i) => (Name: n, Value: Value(n, row[i], html, random))).ToDictionary(v => v.Name, v =>
                    v.Value);
                var address = Path(route, n => values[n]) + "?"
                    + string.Join('&', names.Where(n => !RouteNames(route).Contains(n)).Select(n =>
                    $"{n}={Uri.EscapeDataString(values[n])}"));
                using var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), Cancel);
                sent++;
                got += (int)answer.StatusCode < 400 ? 1 : 0;
                if ((int)answer.StatusCode >= 500)
                    faults.Add($"{(int)answer.StatusCode} {address}");
            }
        }

        TestContext.Current.TestOutputHelper!.WriteLine($"{sent} GET, {got} let in, all {pairs} pairs covered");
        faults.ShouldBeEmpty();
        ((double)got / sent).ShouldBeGreaterThan(0.3);
    }

    [Fact]
    public async Task No_form_breaks_on_what_is_valid_elsewhere()
    {
        var baker = _kitchen.Baker();
        await EndSomethingAsync();
        var random = new Random(Seed + 1);
        var faults = new List<string>();
        var (pairs, covered, sent) = (0, 0, 0);
        var loader = _kitchen.Services.GetRequiredService<PageLoader>();
        foreach (var (route, page) in Pages())
        {
            var loaded = await loader.LoadAsync(page, EndpointMetadataCollection.Empty);
            foreach (var handler in loaded.HandlerMethods.Where(h => h.HttpMethod == "Post"))
            {
                var html = await HtmlAsync(baker, Path(route, _ => "1"));
                var token = Token().Match(html) is { Success: true } own ? own : Token().Match(await HtmlAsync(baker, "/kitchen"));
                var names = RouteNames(route).Concat(handler.Parameters.Select(p => p.Name).Where(n => n != "cancel"))
                    .Concat(FieldsFor(html, handler.Name)).Distinct().ToList();
                if (names.Count == 0)
                    continue;
                pairs += CoveringArray.Number(names.Count, Sorts);
                var rows = CoveringArray.Of(names.Count, Sorts, random).Take(MostRows).ToList();
                covered += CoveringArray.Covered(rows);
                foreach (var row in rows)
                {
                    var values = names.Select((n, i) => (Name: n, Value: Value(n, row[i], html, random)))
                        .ToDictionary(v => v.Name, v => v.Value);
                    var address = Path(route, n => values[n]) + (string.IsNullOrEmpty(handler.Name) ? "" : "?handler=" + handler.Name);
                    using var content = new FormUrlEncodedContent(
                        values.Where(v => !RouteNames(route).Contains(v.Key))
                            .Append(new("__RequestVerificationToken", token.Groups[1].Value)));
                    using var answer = await baker.PostAsync(new Uri(address, UriKind.Relative), content, Cancel);
                    sent++;
                    if ((int)answer.StatusCode >= 500)
                        faults.Add($"{(int)answer.StatusCode} {address} {string.Join('&', values.Select(v => v.Key + "=" + v.Value))}");
                }
            }
        }

        TestContext.Current.TestOutputHelper!.WriteLine($"{sent} POST, {covered} of {pairs} pairs covered");
        faults.ShouldBeEmpty();
    }

    /// <summary>So many rows of one handler: what is typed is worked out, and that takes its time.</summary>
    private static readonly int MostRows = int.TryParse(Environment.GetEnvironmentVariable("ROUNDCRUMB_FUZZ_ROWS"), out var rows)
        ? rows
        : 20;

    /// <summary>Some of what there is was deleted, put away or is over.</summary>
    private async Task EndSomethingAsync()
    {
        await using var scope = _kitchen.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<RoundCrumbContext>();
        var now = DateTimeOffset.UtcNow;
        await context.Pies.OrderBy(p => p.Id).Skip(1).Take(2).ExecuteUpdateAsync(s => s.SetProperty(p => p.DeletedAt, now), Cancel);
        await context.Parts.OrderBy(p => p.Id).Take(1).ExecuteUpdateAsync(s => s.SetProperty(p => p.DeletedAt, now), Cancel);
        await context.BakeDays.OrderBy(d => d.Id).Skip(1).Take(1).ExecuteUpdateAsync(s => s.SetProperty(d => d.DeletedAt, now), Cancel);
        await context.KitchenPans.OrderBy(p => p.Id).Take(2).ExecuteUpdateAsync(s => s.SetProperty(p => p.DeletedAt, now), Cancel);
        foreach (var day in await context.BakeDays.Where(d => d.DeletedAt == null).OrderBy(d => d.Id).Take(2).ToListAsync(Cancel))
            await scope.ServiceProvider.GetRequiredService<BenchDesk>().BeginAsync(day.Id, "phone", new QuantityFormatter(default), Cancel);
        await context.Runs.OrderBy(r => r.Id).Take(1).ExecuteUpdateAsync(s => s.SetProperty(r => r.EndedAt, now), Cancel);
    }

    private IEnumerable<(RoutePattern Route, PageActionDescriptor Page)> Pages() =>
        _kitchen.Services.GetRequiredService<IEnumerable<EndpointDataSource>>().SelectMany(s => s.Endpoints).OfType<RouteEndpoint>()
            .Select(e => (e.RoutePattern, e.Metadata.GetMetadata<PageActionDescriptor>())).Where(r => r.Item2 is not null)
            .DistinctBy(r => r.RoutePattern.RawText).OrderBy(r => r.RoutePattern.RawText, StringComparer.Ordinal)
            .Select(r => (r.RoutePattern, r.Item2!));

    private List<string> Parameters(PageActionDescriptor page, string method)
    {
        var loaded = _kitchen.Services.GetRequiredService<PageLoader>().LoadAsync(page, EndpointMetadataCollection.Empty)
            .GetAwaiter().GetResult();
        return [.. loaded.HandlerMethods.Where(h => h.HttpMethod == method).SelectMany(h => h.Parameters).Select(p => p.Name)
            .Where(n => n is not "cancel")];
    }

    private static IReadOnlyList<string> RouteNames(RoutePattern route) => [.. route.Parameters.Select(p => p.Name)];

    private static string Path(RoutePattern route, Func<string, string> value)
    {
        var path = string.Concat(route.PathSegments.Select(s => "/" + string.Concat(s.Parts.Select(
            p => p is RoutePatternLiteralPart literal ? literal.Content : Sane(value(((RoutePatternParameterPart)p).Name))))));
        return path.Length == 0 ? "/" : path;
    }

    private static string Sane(string value) => value.Length == 0 ? "x" : Uri.EscapeDataString(value.Replace("/", "",
        StringComparison.Ordinal));

    private static async Task<string> HtmlAsync(HttpClient baker, string address)
    {
        using var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), Cancel);
        return answer.Content.Headers.ContentType?.MediaType is "text/html" ? await answer.Content.ReadAsStringAsync(Cancel) : "";
    }

    private static IEnumerable<string> NamesOn(string html) => Named().Matches(html).Select(m => m.Groups[1].Value)
        .Where(n => !n.StartsWith("__", StringComparison.Ordinal) && !n.Contains('[', StringComparison.Ordinal));

    /// <summary>
    /// The fields of the form that goes to a handler; of a page that does not show it just now, some of those that it has.
    /// </summary>
    private static IEnumerable<string> FieldsFor(string html, string? handler)
    {
        var forms = Form().Matches(html).Select(f => f.Value).Where(f =>
            f[..f.IndexOf('>', StringComparison.Ordinal)].Contains("method=\"post\"", StringComparison.Ordinal)
            && (handler is null
                ? !f[..f.IndexOf('>', StringComparison.Ordinal)].Contains("handler=", StringComparison.Ordinal)
                : f.Contains("handler=" + handler, StringComparison.Ordinal))).ToList();
        return forms.Count > 0 ? forms.SelectMany(NamesOn) : NamesOn(html).Take(MostOfOtherForms);
    }

    private static string Value(string name, int sort, string html, Random random)
    {
        var own = Named().Matches(html).Where(m => m.Groups[1].Value == name).Select(m => WebUtility.HtmlDecode(m.Groups[2].Value))
            .ToList();
        return sort switch
        {
            Own => own.Count > 0 ? own[random.Next(own.Count)] : random.Next(1, 5).ToString(CultureInfo.InvariantCulture),
            Nonsense => new[] { "", " ", "-1", "1e9", "NaN", "ü", "nothing such", "%", "0", "½" }[random.Next(10)],

            // Mostly of the sort that stands there: a pan for a pan.
            Elsewhere => (random.Next(4) > 0 ? Array.Find(Groups, g => own.Exists(g.Contains) || (name is "p" or "pan"
                && g == Groups[0])) : null)
                is { } same
                ? same[random.Next(same.Length)]
                : KnownElsewhere[random.Next(KnownElsewhere.Length)],
            AnotherField => Named().Matches(html) is { Count: > 0 } all
                ? WebUtility.HtmlDecode(all[random.Next(all.Count)].Groups[2].Value)
                : CompositionAddress.Fields[random.Next(CompositionAddress.Fields.Count)],
            _ => throw new ArgumentOutOfRangeException(nameof(sort)),
        };
    }

    [GeneratedRegex("name=\"__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();

    [GeneratedRegex("<form.*?</form>", RegexOptions.Singleline)]
    private static partial Regex Form();

    [GeneratedRegex("<(?:input|select|textarea|button)[^>]*? name=\"([^\"]+)\"(?:[^>]*? value=\"([^\"]*)\")?")]
    private static partial Regex Named();
}
