using System.Net;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;

namespace RoundCrumb.Web.Tests.Everywhere;

/// <summary>
/// Every field for a number, a day or an hour that a form of the house has, each with something in it that is none: the page comes back,
/// says so where it is, and still has what was typed; nothing else is lost with it.
/// </summary>
public sealed class EveryFieldTests : IAsyncDisposable
{
    private const string Nonsense = "12 furlongs";

    private readonly Kitchen _kitchen = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask DisposeAsync() => _kitchen.DisposeAsync();

    [Theory]
    [InlineData("/", 0)]
    [InlineData("/kitchen", 12)]
    [InlineData("/kitchen/cold?place=cold-1", 0)]
    [InlineData("/days", 1)]
    [InlineData("/days/1", 7)]
    [InlineData("/bakes/3/log", 8)]
    [InlineData("/stock", 1)]
    [InlineData("/prices?of=butter", 1)]
    [InlineData("/pantry/new?from=butter", 10)]
    [InlineData("/notebook/market", 2)]
    [InlineData("/box/part?kind=crust", 0)]
    [InlineData("/box/part?kind=filling", 1)]
    [InlineData("/box/part/1", 1)]
    [InlineData("/box/part/3", 0)]
    [InlineData("/compose", 1)]
    public async Task Nonsense_is_said_where_it_stands_and_kept(string address, int least)
    {
        var baker = _kitchen.Baker();
        var page = await ReadAsync(await baker.GetStringAsync(new Uri(address, UriKind.Relative), Cancel));
        var tried = 0;
        var wrong = new List<string>();
        foreach (var form in page.QuerySelectorAll<IHtmlFormElement>("form[method=post]"))
        {
            foreach (var field in form.QuerySelectorAll<IHtmlInputElement>("input").Where(IsNumber))
            {
                tried++;
                var (to, sent) = Filled(form, field, address);
                using var body = new FormUrlEncodedContent(sent);
                using var answer = await baker.PostAsync(new Uri(to, UriKind.Relative), body, Cancel);
                var where = $"{field.Name} to {to}";
                if (answer.StatusCode is not (HttpStatusCode.OK or HttpStatusCode.BadRequest or HttpStatusCode.UnprocessableEntity))
                {
                    wrong.Add($"{where}: {(int)answer.StatusCode} {answer.Headers.Location}");
                    continue;
                }

                wrong.AddRange(Missing(await ReadAsync(await answer.Content.ReadAsStringAsync(Cancel)), sent).Select(m => $"{where}: {m}"));
            }
        }

        wrong.ShouldBeEmpty();
        tried.ShouldBeGreaterThanOrEqualTo(least);
    }

    /// <summary>The same where a form asks for something and keeps nothing: what is asked stands in the address.</summary>
    [Theory]
    [InlineData("/compose?open=filling", 1)]
    [InlineData("/compose?open=crust", 2)]
    [InlineData("/compose?open=topping&top=icing", 1)]
    [InlineData("/compose?open=served", 3)]
    [InlineData("/compose?open=pan&pan=own&own-kind=Springform&own-top=200&own-base=200&own-depth=60", 3)]
    [InlineData("/pairings", 3)]
    [InlineData("/pairings?crust-first=butter-flaky&many=2&from=frozen-shells", 4)]
    [InlineData("/pour?fill=malt-custard&crust=plain-crumb&make=above&p=tart-20&many=1&p=tartlet-10&many=9", 3)]
    [InlineData("/crusts?crust=butter-flaky&edge=crimped&p=plate-23&many=5&cold=3&p=tartlet-8&many=12&cold=0", 5)]
    [InlineData("/bake-card?pan=plate-23&crust=butter-flaky", 1)]
    [InlineData("/above?top=pears", 0)]
    [InlineData("/compose/cooling", 2)]
    [InlineData("/compose/cooling?fill=rhubarb-buttermilk&where=StillFridge&many=4", 2)]
    [InlineData("/kitchen/cold?place=cold-1", 4)]
    [InlineData("/compose/baking?fill=rhubarb-buttermilk", 1)]
    [InlineData("/compose/cost?pie=1", 1)]
    [InlineData("/kitchen/soften", 2)]
    [InlineData("/days/1/labels", 1)]
    [InlineData("/notebook", 2)]
    [InlineData("/notebook/market", 0)]
    [InlineData("/shopping", 2)]
    [InlineData("/bakes/3", 0)]
    [InlineData("/box/import", 0)]
    [InlineData("/notebook/year", 0)]
    [InlineData("/days/1/cost", 0)]
    [InlineData("/days/1/use-up", 0)]
    [InlineData("/notebook/learned", 0)]
    [InlineData("/notebook/compare", 0)]
    [InlineData("/prices?of=butter", 0)]
    public async Task Nonsense_that_is_asked_for_is_said_and_kept(string address, int least)
    {
        var baker = _kitchen.Baker();
        var page = await ReadAsync(await baker.GetStringAsync(new Uri(address, UriKind.Relative), Cancel));
        var tried = 0;
        var wrong = new List<string>();
        foreach (var form in page.QuerySelectorAll<IHtmlFormElement>("form:not([method=post])"))
        {
            foreach (var field in form.Elements.OfType<IHtmlInputElement>().Where(IsNumber))
            {
                tried++;
                var sent = form.Elements.Where(e => e.GetAttribute("name") is { Length: > 0 }).Select(e => (Name: e.GetAttribute("name")!,
                    Value: e switch
                    {
                        _ when e == field => Nonsense,
                        IHtmlInputElement { Type: "checkbox" or "radio" } box => box.IsChecked ? box.Value : null,
                        IHtmlInputElement { Type: not ("file" or "submit" or "button") } input => input.Value,
                        IHtmlSelectElement list => list.Value,
                        _ => null,
                    })).Where(f => f.Value is not null).ToList();
                var action = form.GetAttribute("action") is { Length: > 0 } given ? given.Split('#')[0] : address.Split('?')[0];
                var to = action + "?" + string.Join(
                    '&', sent.Select(f => $"{f.Name}={Uri.EscapeDataString(f.Value!)}"));
                using var answer = await baker.GetAsync(new Uri(to, UriKind.Relative), Cancel);
                var where = $"{field.Name} of {address}";
                if (answer.StatusCode is not HttpStatusCode.OK)
                {
                    wrong.Add($"{where}: {(int)answer.StatusCode}");
                    continue;
                }

                var after = await ReadAsync(await answer.Content.ReadAsStringAsync(Cancel));
                if (after.QuerySelector(".trouble, [role=alert], .problem, [aria-invalid=true]") is null)
                    wrong.Add($"{where}: nothing is said");
                var typed = after.QuerySelectorAll("input").Select(f => (f.GetAttribute("name"), f.GetAttribute("value"))).ToHashSet();

                // What asks for a day can hold nothing else in a browser.
                if (field.Type != "date" && !typed.Contains((field.Name, Nonsense)))
                    wrong.Add($"{where}: what was typed is gone");
            }
        }

        wrong.ShouldBeEmpty();
        tried.ShouldBeGreaterThanOrEqualTo(least);
    }

    private static async Task<IHtmlDocument> ReadAsync(string text) => await new HtmlParser().ParseDocumentAsync(text, Cancel);

    private static bool IsNumber(IHtmlInputElement field) =>
        !field.IsDisabled && field.Name is { Length: > 0 }
        && (field.GetAttribute("inputmode") is "decimal" or "numeric" || field.Type is "number" or "date" or "time");

    /// <summary>A form as it stands, but for one field; sent by its first button.</summary>
    private static (string To, List<KeyValuePair<string, string>> Sent) Filled(IHtmlFormElement form, IHtmlInputElement field,
        string address)
    {
        var sent = new List<KeyValuePair<string, string>>();
        foreach (var one in form.Elements)
        {
            var value = one switch
            {
                _ when one == field => Nonsense,
                IHtmlInputElement { Type: "checkbox" or "radio" } box => box.IsChecked ? box.Value : null,
                IHtmlInputElement { Type: "file" or "submit" or "button" } => null,
                IHtmlInputElement input => input.Value,

                // What was chosen, and not what stands there by itself; but what kind of thing it is says which fields there are.
                IHtmlSelectElement list => list.Name is "kind" or "family" ? list.Value : list.Options[^1].Value,
                IHtmlTextAreaElement area => area.Value,
                _ => null,
            };
            if (value is not null && one.GetAttribute("name") is { Length: > 0 } name)
                sent.Add(new(name, value));
        }

        var button = form.Elements.OfType<IHtmlButtonElement>().FirstOrDefault(b => b.Type == "submit");
        if (button?.Name is { Length: > 0 } pressed)
            sent.Add(new(pressed, button.Value));
        var to = button?.GetAttribute("formaction") ?? form.GetAttribute("action") ?? "";
        return (to.StartsWith('?') ? address.Split('?')[0] + to : to.Length > 0 ? to : address, sent);
    }

    /// <summary>What an answer does not say, or does not have any more.</summary>
    private static IEnumerable<string> Missing(IHtmlDocument answer, List<KeyValuePair<string, string>> sent)
    {
        if (answer.QuerySelector(".trouble, [role=alert], .problem, [aria-invalid=true]") is null)
            yield return "nothing is said";
        var there = answer.QuerySelectorAll("input, textarea, select, button")
            .Select(f => (f.GetAttribute("name"), f switch
            {
                IHtmlTextAreaElement area => area.Value,
                IHtmlSelectElement list => list.Value ?? "",
                _ => f.GetAttribute("value") ?? "",
            }))
            .ToHashSet();
        foreach (var (name, value) in sent.Where(s => s.Key != "__RequestVerificationToken" && s.Value.Length > 0))
        {
            if (!there.Contains((name, value)))
                yield return $"“{value}” of {name} is gone";
        }
    }
}
