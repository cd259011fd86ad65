using System.Globalization;
using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.Mvc.RazorPages.Infrastructure;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.Routing.Patterns;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Core.Composing;
using RoundCrumb.TestKit;

namespace RoundCrumb.Web.Tests.Hostile;

/// <summary>
/// Every route and every form, found by reflection, with hostile values: no answer is a fault of ours, none hangs, and
/// none holds a stack trace. How many are sent is a setting: ROUNDCRUMB_FUZZ multiplies the numbers, ROUNDCRUMB_FUZZ_SEED begins elsewhere.
/// </summary>
public sealed partial class FuzzTests : IAsyncLifetime
{
    /// <summary>What takes longer than this hangs, on however busy a machine; how fast a page is is measured in bench.</summary>
    private static readonly TimeSpan Hangs = TimeSpan.FromSeconds(60);

    private static readonly double Times = double.TryParse(
        Environment.GetEnvironmentVariable("ROUNDCRUMB_FUZZ"), CultureInfo.InvariantCulture, out var times)
        ? times
        : 1;
    private static readonly int Seed = int.TryParse(Environment.GetEnvironmentVariable("ROUNDCRUMB_FUZZ_SEED"), out var seed) ? seed : 4711;
    private static readonly string[] Places = [
        "application/x-www-form-urlencoded", "multipart/form-data", "application/json", "text/plain"
    ];

    private readonly Dictionary<int, int> _answers = [];
    private readonly Kitchen _kitchen = new(demo: true) { PlanSeconds = "0.2" };

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    private static int Number(int usual) => (int)(usual * Times);

    [Fact]
    public async Task No_address_is_a_fault_of_ours_or_hangs()
    {
        var baker = _kitchen.Baker();
        var nasty = new Nasty(Seed);
        var routes = Routes().Where(r => r.Methods.Count == 0 || r.Methods.Contains("GET")).ToList();
        routes.Count.ShouldBeGreaterThan(25);
        var faults = new List<string>();
        for (var i = 0; i < Number(2000); i++)
        {
            var route = nasty.Of(routes);
            var address = Fill(route, nasty) + Query(route, nasty);
            await TryAsync(baker, $"GET {address}", faults, () =>
            {
                var request = new HttpRequestMessage(HttpMethod.Get, new Uri(address, UriKind.Relative));
                if (nasty.Random.Next(4) == 0)
                    request.Headers.TryAddWithoutValidation("HX-Request", "true");
                if (nasty.Random.Next(4) == 0)
                    request.Headers.TryAddWithoutValidation(
                        "Cookie",
                        "roundcrumb.units="
                            + nasty.Of(["cups.fahrenheit.inches.night", "9.9.9.9", "....", "ounces.gas.centimetres.light", "%00"]));
                return request;
            });
        }

        faults.ShouldBeEmpty();
        Reaches(0.5);
    }

    [Fact]
    public async Task No_form_is_a_fault_of_ours_or_hangs()
    {
        var baker = _kitchen.Baker();
        var nasty = new Nasty(Seed + 1);
        var forms = await FormsAsync();
        forms.Count.ShouldBeGreaterThan(50);
        var pages = new Dictionary<string, string>(StringComparer.Ordinal);
        var faults = new List<string>();
        for (var i = 0; i < Number(1000); i++)
        {
            var form = nasty.Of(forms);
            var page = Fill(form.Route, nasty);
            if (!pages.TryGetValue(page, out var html) || i % 50 == 0)
            {
                using var answer = await baker.GetAsync(new Uri(page, UriKind.Relative), Cancel);
                pages[page] = html = answer.IsSuccessStatusCode
                    ? await answer.Content.ReadAsStringAsync(Cancel)
                    : await baker.GetStringAsync(new Uri("/kitchen", UriKind.Relative), Cancel);
            }

            var address = page + (form.Handler.Length > 0 ? "?handler=" + form.Handler : "");
            var fields = Fields(form, html, nasty);
            var type = nasty.Random.Next(20) == 0 ? nasty.Of(Places) : Places[0];
            await TryAsync(
                baker,
                $"POST {address} "
                    + $"{string.Join('&', fields.Select(f => f.Key + "=" + (f.Value.Length > 80 ? f.Value[..80] + "…" : f.Value)))}",
                faults, () => new HttpRequestMessage(HttpMethod.Post, new Uri(address, UriKind.Relative))
                {
                    Content = type == Places[0]
                    ? new FormUrlEncodedContent(fields)
                    : new StringContent(nasty.Repeated(2000), Encoding.UTF8, type),
                });
        }

        faults.ShouldBeEmpty();
        Reaches(0.3);
    }

    /// <summary>A fuzzer that is turned away at the door finds nothing: so much of it must get in.</summary>
    private void Reaches(double least)
    {
        var all = _answers.Values.Sum();
        var lets = _answers.Where(a => a.Key < 400).Sum(a => a.Value);
        TestContext.Current.TestOutputHelper!.WriteLine(
            $"{all} sent; by answer {string.Join(", ", _answers.OrderBy(a => a.Key).Select(a => $"{a.Key}: {a.Value}"))}");
        ((double)lets / all).ShouldBeGreaterThan(least, string.Join(", ", _answers.OrderBy(a => a.Key)));
    }

    [Theory]
    [InlineData("TRACE", "/")]
    [InlineData("PUT", "/kitchen")]
    [InlineData("DELETE", "/days/1")]
    [InlineData("PATCH", "/compose")]
    [InlineData("OPTIONS", "/pies")]
    public async Task A_method_that_no_page_has_is_refused_in_words(string method, string address)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), new Uri(address, UriKind.Relative));
        using var answer = await _kitchen.Baker().SendAsync(request, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.MethodNotAllowed);
        (await answer.TextAsync()).ShouldContain("That could not be done");
    }

    [Theory]
    [InlineData("/compose")]
    [InlineData("/box/part")]
    [InlineData("/pantry/butter")]
    [InlineData("/days/1")]
    [InlineData("/kitchen")]
    [InlineData("/box/import")]
    public async Task A_form_that_asks_for_nothing_is_refused_in_words(string address)
    {
        var baker = _kitchen.Baker();
        foreach (var to in new[] { address, address + "?handler=Nothing" })
        {
            using var answer = await baker.SendAsync("/kitchen", to, ("name", "x"));
            ((int)answer.StatusCode).ShouldBeInRange(400, 499);
            (await answer.TextAsync()).ShouldContain("<h1>");
        }
    }

    /// <summary>What is called nothing at all: no part of an address is blank, whichever page it is.</summary>
    [Fact]
    public async Task A_blank_in_an_address_names_nothing()
    {
        var baker = _kitchen.Baker();
        var words = Routes().Where(r => r.Page is not null && r.Pattern.Parameters.Any(p => p.ParameterPolicies.Count == 0)).ToList();
        words.Count.ShouldBeGreaterThan(4);
        foreach (var route in words)
        {
            foreach (var blank in (string[])["%20", "%0A", "%C2%A0", "%09%20"])
            {
                var address = string.Concat(route.Pattern.PathSegments.Select(
                    s => "/" + string.Concat(s.Parts.Select(p => p is RoutePatternLiteralPart literal ? literal.Content : blank))));
                using var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), Cancel);
                answer.StatusCode.ShouldBe(HttpStatusCode.NotFound, address);
            }
        }
    }

    [Theory]
    [InlineData("/pantry/%20")]
    [InlineData("/pour?pour=1&p=kitchen-999&many=3")]
    [InlineData("/pour?p=own&many=2")]
    [InlineData("/crusts?p=kitchen-999&many=3&p=nothing&many=-1")]
    [InlineData("/crusts?p=%20&many=1e9")]
    [InlineData("/compose?fill=box-%D9%A3-1")]
    [InlineData("/compose?pan=kitchen-999")]
    public async Task What_the_kitchen_does_not_have_is_passed_over(string address) =>
        ((int)(await _kitchen.Baker().GetAsync(new Uri(address, UriKind.Relative), Cancel)).StatusCode).ShouldBeOneOf(200, 404);

    [Theory]
    [InlineData("a\u0000b")]
    [InlineData("half \ud800 a letter")]
    public async Task Characters_that_no_page_sends_are_refused_in_words(string words)
    {
        // As a form of another program would write them: three bytes for half a letter are no letter either.
        var baker = _kitchen.Baker();
        using var answer = await baker.SendAsync("/compose", "/compose?handler=Save", ("name", words), ("address", "pan=plate-23"));
        ((int)answer.StatusCode).ShouldBeOneOf(400, 302);
        if (words.Contains('\0', StringComparison.Ordinal))
            (await answer.TextAsync()).ShouldContain("That could not be done");
    }

    [Fact]
    public async Task Forms_that_cannot_be_read_are_refused_in_words()
    {
        var baker = _kitchen.Baker();
        var page = await baker.PageAsync("/compose");
        var many = Forms.Of(page, [.. Enumerable.Range(0, 1100).Select(i => ($"f{i}", "x"))]);
        var broken = new StringContent("--x\r\nContent-Disposition: form-data; name=\"name\"\r\n\r\nno end");
        broken.Headers.ContentType = System.Net.Http.Headers.MediaTypeHeaderValue.Parse("multipart/form-data; boundary=x");
        var noBoundary = new StringContent("--x");
        noBoundary.Headers.ContentType = System.Net.Http.Headers.MediaTypeHeaderValue.Parse("multipart/form-data");
        var old = Forms.Of(page, ("name", "x"));
        old.Headers.ContentType = System.Net.Http.Headers.MediaTypeHeaderValue.Parse("application/x-www-form-urlencoded; charset=utf-7");
        var none = new ByteArrayContent("name=x"u8.ToArray());
        foreach (
            var content in new HttpContent[]
            {
                many,
                broken,
                noBoundary,
                old,
                none,
                new StringContent("{}", Encoding.UTF8, "application/json")
            })
        {
            using var answer = await baker.PostAsync(new Uri("/compose?handler=Save", UriKind.Relative), content, Cancel);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, content.Headers.ContentType?.ToString() ?? "none");
            (await answer.TextAsync()).ShouldContain("<h1>");
        }
    }

    /// <summary>Sends it and notes what is wrong with the answer.</summary>
    private async Task TryAsync(HttpClient baker, string what, List<string> faults, Func<HttpRequestMessage> make)
    {
        using var request = make();
        using var answer = await baker.SendAsync(request, Cancel).WaitAsync(Hangs, Cancel);
        var words = await answer.Content.ReadAsStringAsync(Cancel);
        _answers[(int)answer.StatusCode] = _answers.GetValueOrDefault((int)answer.StatusCode) + 1;
        if ((int)answer.StatusCode >= 500)
            faults.Add($"{(int)answer.StatusCode} {what[..Math.Min(400, what.Length)]}");
        else if (words.Contains("   at RoundCrumb.", StringComparison.Ordinal))
            faults.Add($"trace {what}");
    }

    private sealed record Route(RoutePattern Pattern, IReadOnlyList<string> Methods, PageActionDescriptor? Page);

    private sealed record PostForm(Route Route, string Handler, IReadOnlyList<string> Parameters);

    private List<Route> Routes() =>
    [
        .. _kitchen.Services.GetRequiredService<IEnumerable<EndpointDataSource>>().SelectMany(s => s.Endpoints).OfType<RouteEndpoint>()
            .Select(
                e =>
                    new Route(
                        e.RoutePattern, e.Metadata.GetMetadata<IHttpMethodMetadata>()?.HttpMethods ?? [],
                        e.Metadata.GetMetadata<PageActionDescriptor>()))
            .DistinctBy(r => r.Pattern.RawText).OrderBy(r => r.Pattern.RawText, StringComparer.Ordinal),
    ];

    /// <summary>Every handler of every page that takes a form, with the names of what it binds.</summary>
    private async Task<List<PostForm>> FormsAsync()
    {
        _ = _kitchen.Baker();
        var loader = _kitchen.Services.GetRequiredService<PageLoader>();
        var forms = new List<PostForm>();
        foreach (var route in Routes().Where(r => r.Page is not null))
        {
            var page = await loader.LoadAsync(route.Page!, EndpointMetadataCollection.Empty);
            forms.AddRange(
                page.HandlerMethods.Where(h => h.HttpMethod == "Post").Select(
                    h => new PostForm(route, h.Name ?? "", [.. h.Parameters.Select(p => p.Name).Where(n => n != "cancel")])));
        }

        return forms;
    }

    private static string Fill(Route route, Nasty nasty)
    {
        var path = new StringBuilder();
        foreach (var segment in route.Pattern.PathSegments)
        {
            path.Append('/');
            foreach (var part in segment.Parts)
                path.Append(
                    part is RoutePatternLiteralPart literal
                        ? literal.Content
                        : Uri.EscapeDataString(Value(((RoutePatternParameterPart)part).Name, nasty)));
        }

        return path.Length == 0 ? "/" : path.ToString().TrimEnd('/') is { Length: > 0 } whole ? whole : "/";
    }

    private static string Value(string name, Nasty nasty) => nasty.Random.Next(4) switch
    {
        0 => Sane(nasty.Word()),
        _ when name == "documentName" => "v1",
        _ when name == "code" => "404",
        1 when name == "id" => nasty.Of(["butter", "plain-flour", "own-x", "malt-custard", "box-1-1", "new"]),
        _ => nasty.Random.Next(1, 4).ToString(CultureInfo.InvariantCulture),
    };

    /// <summary>A word that a test client can put into an address at all.</summary>
    private static string Sane(string word)
    {
        var sane = new string([.. word.Where(c => !char.IsSurrogate(c) && c != '\0' && c != '/')]);
        return sane.Length == 0 ? "x" : sane[..Math.Min(sane.Length, 200)];
    }

    private static string Query(Route route, Nasty nasty)
    {
        var query = new StringBuilder();
        string[] known = [
            "q", "show", "sort", "tag", "step", "off", "gone", "pie", "part", "as", "from", "kind", "name", "handler", "f", "n", "a", "b",
            "all", "deleted", "text", "cup", "egg", "count", "pan", "hours", "inches", "seen", "was", "open", "brought", "pies", "p",
            "many", "leaf", "skip", "take", "with", "room"
        ];
        for (var i = nasty.Random.Next(6); i > 0; i--)
        {
            var name = nasty.Random.Next(2) == 0 ? nasty.Of([.. CompositionAddress.Fields]) : nasty.Of(known);
            query.Append(query.Length == 0 ? '?' : '&').Append(name).Append('=').Append(Uri.EscapeDataString(Sane(nasty.Word())));
        }

        return query.ToString();
    }

    /// <summary>The form's fields: some as the page has them, some hostile, some missing, some of others.</summary>
    private static List<KeyValuePair<string, string>> Fields(PostForm form, string html, Nasty nasty)
    {
        var fields = new List<KeyValuePair<string, string>>();
        if (TokenField().Match(html) is { Success: true } token)
            fields.Add(new("__RequestVerificationToken", token.Groups[1].Value));
        var onPage = NamedField().Matches(html).Select(m => (Name: m.Groups[1].Value, Value: WebUtility.HtmlDecode(m.Groups[2].Value)))
            .Where(f => f.Name != "__RequestVerificationToken").DistinctBy(f => f.Name).ToList();
        foreach (var name in form.Parameters.Concat(onPage.Select(f => f.Name)).Distinct().Take(60))
        {
            var choice = nasty.Random.Next(10);
            if (choice == 0)
                continue;
            var kept = onPage.Find(f => f.Name == name).Value;
            fields.Add(new(name, choice < 5 && kept is not null ? kept : choice == 9 ? nasty.Repeated(4000) : nasty.Word()));
        }

        return fields;
    }

    [GeneratedRegex("name=\"__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex TokenField();

    [GeneratedRegex("<(?:input|select|textarea|button)[^>]*? name=\"([^\"]+)\"(?:[^>]*? value=\"([^\"]*)\")?")]
    private static partial Regex NamedField();
}
