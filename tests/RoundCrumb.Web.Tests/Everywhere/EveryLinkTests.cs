using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;

namespace RoundCrumb.Web.Tests.Everywhere;

/// <summary>
/// The whole house walked through by its links, as far as they lead: nothing leads nowhere, nothing has no name, and no sentence is one
/// that only a program would say.
/// </summary>
public sealed partial class EveryLinkTests
{
    /// <summary>So many pages that differ only in numbers, or in what they were asked for, are looked at.</summary>
    private const int OfOneKind = 12;

    /// <summary>Fewer pages than this would mean that the walk stopped at a door; half as many where there is nothing yet.</summary>
    private const int FewestPages = 400;

    /// <summary>Places that a walk from the counter reaches only after something was typed.</summary>
    private static readonly string[] Doors =
    [
        "/", "/search?q=custard", "/search?q=zzz", "/pies?q=zzz", "/pairings?use=12+lemons", "/pairings?use=joy", "/pantry?q=zzz",
        "/compose?pan=own&own-top=3000&thick=0&crust=plain-crumb&bake=chilled&fill=lemon-cheese&veg=1&nooven=1",
        "/what-if?fill=malt-custard&crust=butter-flaky&nooven=1", "/notebook/practice?kind=WillItFit&seed=3&level=2&said=0",
        "/notebook?pie=nothing", "/prices?of=zzz", "/nothing/at/all",
    ];

    private readonly Dictionary<string, IHtmlDocument?> _read = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> _kinds = new(StringComparer.Ordinal);
    private readonly List<string> _wrong = [];
    private readonly List<(string From, string Page, string Fragment)> _fragments = [];
    private readonly Queue<(string From, string Address)> _toSee = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    /// <summary>In the tea room in two sets of units, and in a house in which there is nothing yet.</summary>
    [Theory]
    [InlineData(true, "grams.celsius.centimetres.device", " g<")]
    [InlineData(true, "cups.gas.inches.night", " cup")]
    [InlineData(false, "ounces.fahrenheit.inches.device", " oz")]
    public async Task Every_link_leads_somewhere_and_everything_has_its_name(bool demo, string units, string weight)
    {
        await using var kitchen = new Kitchen(demo);
        var baker = kitchen.Baker();
        baker.DefaultRequestHeaders.Add("Cookie", $"roundcrumb.units={units}");
        if (demo)
        {
            // One day planned, one not; one batch at the bench, and its log to be written.
            await baker.PlannedAsync("/days/1");
            using var begun = await baker.SendAsync("/bakes/3", "/bakes/3?handler=Begin");
            begun.StatusCode.ShouldBe(HttpStatusCode.Redirect);
        }

        foreach (var door in Doors)
            See("typed", door);
        (await baker.PageAsync("/compose")).ShouldContain(weight);
        while (_toSee.TryDequeue(out var next))
            await LookAtAsync(baker, next.From, next.Address);
        foreach (var (from, page, fragment) in _fragments.Where(f => _read.GetValueOrDefault(f.Page) is not null))
        {
            if (_read[page]!.GetElementById(fragment) is null)
                _wrong.Add($"{from}: #{fragment} is nowhere on {page}");
        }

        _wrong.Distinct().Take(40).ShouldBeEmpty($"{_wrong.Count} in all, of {_read.Count} pages");
        _read.Count.ShouldBeGreaterThan(demo ? FewestPages : FewestPages / 2);
    }

    private void See(string from, string address)
    {
        var (path, query) = Parts(address);
        var kind = Number().Replace(path, "#") + (query.Length > 0 ? "?" : "");
        if (_read.ContainsKey(address) || _toSee.Any(s => s.Address == address) || _kinds.GetValueOrDefault(kind) >= OfOneKind)
            return;
        _kinds[kind] = _kinds.GetValueOrDefault(kind) + 1;
        _toSee.Enqueue((from, address));
    }

    private async Task LookAtAsync(HttpClient baker, string from, string address)
    {
        // What goes on for as long as somebody listens is looked at by its head alone.
        using var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), HttpCompletionOption.ResponseHeadersRead, Cancel);
        _read[address] = null;
        if (answer.StatusCode is HttpStatusCode.Redirect or HttpStatusCode.MovedPermanently or HttpStatusCode.PermanentRedirect)
        {
            See(from, answer.Headers.Location!.ToString());
            return;
        }

        if (answer.StatusCode != (address == Doors[^1] ? HttpStatusCode.NotFound : HttpStatusCode.OK))
            _wrong.Add($"{from}: {(int)answer.StatusCode} at {address}");
        if (answer.Content.Headers.ContentType?.MediaType != "text/html")
            return;
        var page = await new HtmlParser().ParseDocumentAsync(await answer.Content.ReadAsStringAsync(Cancel), Cancel);
        _read[address] = page;
        Follow(page, address);
        _wrong.AddRange(Wrong(page).Select(w => $"{address}: {w}"));
    }

    private void Follow(IHtmlDocument page, string address)
    {
        foreach (var at in page.All)
        {
            foreach (var name in (string[])["href", "hx-get", "src"])
            {
                if (at.GetAttribute(name) is { Length: > 0 } to && !to.Contains(':', StringComparison.Ordinal))
                    Take(address, to);
            }

            // What is sent by a form that only asks is an address too; a page stands behind what a form changes.
            foreach (var name in (string[])["action", "formaction", "hx-post"])
            {
                if (at.GetAttribute(name) is { Length: > 0 } to && !to.StartsWith('?')
                    && !to.Contains("handler=", StringComparison.Ordinal))
                    Take(address, to);
            }
        }
    }

    private void Take(string from, string to)
    {
        var whole = new Uri(new Uri("http://house" + from), to);
        var address = whole.PathAndQuery;
        if (whole.Fragment.Length > 1)
            _fragments.Add((from, address, Uri.UnescapeDataString(whole.Fragment[1..])));
        See(from, address);
    }

    private static (string Path, string Query) Parts(string address)
    {
        var parts = address.Split('?', 2);
        return (parts[0], parts.Length > 1 ? parts[1] : "");
    }

    /// <summary>What no page should be.</summary>
    private static IEnumerable<string> Wrong(IHtmlDocument page) =>
        Headings(page).Concat(Names(page)).Concat(References(page)).Concat(Tokens(page)).Concat(Entered(page))
            .Concat(Sentences(page));

    private static IEnumerable<string> Headings(IHtmlDocument page)
    {
        // A part of a page that is fetched by itself has no heading of its own.
        if (page.QuerySelector("nav") is null)
            yield break;
        var first = page.QuerySelectorAll("h1").Length;
        if (first != 1)
            yield return $"{first} headings of the first order";
        if (string.IsNullOrWhiteSpace(page.Title))
            yield return "no title";
    }

    private static IEnumerable<string> Names(IHtmlDocument page)
    {
        foreach (var at in page.QuerySelectorAll("a[href], button, summary"))
        {
            if (NameOf(at).Length == 0 && at.QuerySelector("title, img[alt]") is null)
                yield return $"nothing to read in {Start(at)}";
        }

        foreach (var field in page.QuerySelectorAll("input:not([type=hidden]), select, textarea"))
        {
            var labelled = field.Closest("label") is not null || field.HasAttribute("aria-label") || field.HasAttribute("aria-labelledby")
                || (field.Id is { Length: > 0 } id && page.QuerySelector($"label[for='{id}']") is not null);
            if (!labelled)
                yield return $"no label for {Start(field)}";
        }

        foreach (var image in page.QuerySelectorAll(
            "img:not([alt]), svg[role=img]:not(:has(title)):not([aria-label]):not([aria-labelledby])"))
            yield return $"nothing is said of {Start(image)}";
    }

    private static IEnumerable<string> References(IHtmlDocument page)
    {
        if (page.QuerySelector("nav") is null)
            yield break;
        foreach (var at in page.All)
        {
            foreach (var name in (string[])["for", "aria-labelledby", "aria-describedby", "aria-controls", "list", "form"])
            {
                foreach (var id in (at.GetAttribute(name) ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries))
                {
                    if (page.GetElementById(id) is null)
                        yield return $"{name} names {id}, which is not there: {Start(at)}";
                }
            }
        }
    }

    private static IEnumerable<string> Tokens(IHtmlDocument page)
    {
        foreach (var form in page.QuerySelectorAll("form[method=post]"))
        {
            if (form.QuerySelector("[name=__RequestVerificationToken]") is null)
                yield return $"a form that can not be sent: {Start(form)}";
        }
    }

    /// <summary>Enter in a field presses the first button of its form, seen or not: that may keep or ask, but never take away.</summary>
    private static IEnumerable<string> Entered(IHtmlDocument page)
    {
        foreach (var form in page.QuerySelectorAll<IHtmlFormElement>("form"))
        {
            var typed = form.Elements.OfType<IHtmlInputElement>().FirstOrDefault(
                i => i.Type is "text" or "search" or "number" or "date" or "time" or "url");
            var pressed = form.Elements.OfType<IHtmlButtonElement>().FirstOrDefault(b => b.Type == "submit");
            if (typed is not null && pressed is not null && TakesAway().IsMatch(pressed.TextContent))
                yield return $"Enter in {typed.Name} presses “{pressed.TextContent.Trim()}”";
        }
    }

    private static IEnumerable<string> Sentences(IHtmlDocument page)
    {
        foreach (var block in page.QuerySelectorAll("h1, h2, h3, p, li, td, th, dd, dt, label, button, summary, title, desc, caption"))
        {
            // Its own words, not those of the blocks in it.
            if (block.QuerySelector("p, li, td, textarea, script, style, .go-found") is not null)
                continue;
            var said = Blanks().Replace(block.TextContent, " ").Trim();
            foreach (var (pattern, what) in Slips())
            {
                if (pattern.Match(said) is { Success: true } slip)
                    yield return string.Create(CultureInfo.InvariantCulture, $"{what}: “…{Around(said, slip.Index)}…”");
            }

            // A name may begin what stands beside it; within one run of words it may not.
            foreach (var run in block.Descendants<IText>().Select(t => Blanks().Replace(t.Data, " ")))
            {
                if (Doubled().Match(run) is { Success: true } slip)
                    yield return $"a word twice: “…{Around(run, slip.Index)}…”";
            }
        }
    }

    private static (Regex Pattern, string What)[] Slips() =>
        [(Program(), "a program’s word"), (Plural(), "one of many"), (Stop(), "a stop that stands alone")];

    private static string Around(string text, int at) => text[Math.Max(0, at - 30)..Math.Min(text.Length, at + 30)];

    private static string NameOf(IElement at) =>
        (at.GetAttribute("aria-label") ?? at.GetAttribute("title") ?? "") + Blanks().Replace(at.TextContent, "");

    private static string Start(IElement at) => at.OuterHtml[..Math.Min(110, at.OuterHtml.Length)].ReplaceLineEndings(" ");

    [GeneratedRegex("[0-9]+")]
    private static partial Regex Number();

    [GeneratedRegex(@"^\s*(delete|remove|take|undo|strike|end|clear|empty|forget|copy|no longer|go back)\b", RegexOptions.IgnoreCase)]
    private static partial Regex TakesAway();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Blanks();

    [GeneratedRegex(@"\bNaN\b|Infinity|∞|\{\d|\bSystem\.|\bundefined\b|\bnull\b|RoundCrumb\.|\bTrue\b|\bFalse\b|@Model")]
    private static partial Regex Program();

    [GeneratedRegex(@"(?<![\d.,/½¼¾⅓⅔:–-] ?)\b1 (?:pies|slices|eggs|tarts|orders|bakes|days|hours|minutes|packs|shells|tins|pans"
        + "|batches|layers|steps|things|points|portions|pieces|bakers|ovens|shelves|words|lines"
        + @"|places|weeks|months|logs|notes|recipes|parts|yolks|whites)\b")]
    private static partial Regex Plural();

    [GeneratedRegex(@"(?<=\w) [,;.](?: |$)|(?<!\.)\.\.(?!\.)|,,|;;|,\.|;\.|: ?\.(?: |$)|\( | \)|\(\)")]
    private static partial Regex Stop();

    [GeneratedRegex(@"\b(?!agar)(?<word>[a-z]{2,}) \k<word>\b(?! of)")]
    private static partial Regex Doubled();
}
