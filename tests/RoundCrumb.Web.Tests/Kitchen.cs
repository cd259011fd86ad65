using System.Net;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Web.Tests.Storage;

namespace RoundCrumb.Web.Tests;

/// <summary>The application in process, on a real SQLite file of its own.</summary>
public class Kitchen : WebApplicationFactory<Program>
{
    private readonly bool _demo;
    private readonly bool _keepFolder;

    public Kitchen(bool demo, string? folder = null)
    {
        _demo = demo;
        _keepFolder = folder is not null;
        Folder = folder ?? Directory.CreateTempSubdirectory("roundcrumb-").FullName;
    }

    public string Folder { get; }

    public string File => Path.Combine(Folder, "kitchen.db");

    /// <summary>
    /// A file as a first start leaves it, made once and copied for each kitchen after: with the demo, and empty. One with a clock of its
    /// own makes its own, since the demo's days are counted from that clock's.
    /// </summary>
    private static readonly Lazy<string>[] FirstStarts = [new(() => FirstStart(false)), new(() => FirstStart(true))];

    private static string FirstStart(bool demo)
    {
        var made = new Kitchen(demo, Directory.CreateTempSubdirectory("roundcrumb-first-").FullName);
        made.CreateClient().Dispose();
        made.DisposeAsync().AsTask().GetAwaiter().GetResult();
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(made.Folder, recursive: true);
        return made.File;
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        if (Clock is null && !_keepFolder && !FromNothing)
            System.IO.File.Copy(FirstStarts[_demo ? 1 : 0].Value, File);
        builder.UseSetting("RoundCrumb:File", File);
        builder.UseSetting("RoundCrumb:Demo", _demo ? "true" : "false");
        builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
        builder.UseSetting("RoundCrumb:PlanSeconds", PlanSeconds);
        builder.UseSetting("RoundCrumb:CostlyPerMinute", CostlyPerMinute.ToString(System.Globalization.CultureInfo.InvariantCulture));
        if (Clock is { } clock)
            builder.ConfigureServices(services => services.AddSingleton(clock));
    }

    /// <summary>How often what costs much may be asked for.</summary>
    public int CostlyPerMinute { get; init; } = 100_000;

    /// <summary>Seconds that a plan may take to get better.</summary>
    public string PlanSeconds { get; init; } = "3";

    /// <summary>True to make its file itself, as a first start does.</summary>
    public bool FromNothing { get; init; }

    /// <summary>The clock on the wall; the machine's where there is none.</summary>
    public TimeProvider? Clock { get; init; }

    /// <summary>A browser of its own, with cookies, that does not follow redirects.</summary>
    public HttpClient Baker() => CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false });

    public override async ValueTask DisposeAsync()
    {
        await base.DisposeAsync();
        SqliteConnection.ClearAllPools();
        if (!_keepFolder)
            await Litter.DeleteAsync(Folder);
        GC.SuppressFinalize(this);
    }
}

/// <summary>The same with the demo loaded, shared by the tests of a class.</summary>
public sealed class DemoKitchen() : Kitchen(demo: true);

/// <summary>Forms of a page, which may have been opened some time ago.</summary>
public static partial class Forms
{
    /// <summary>Fields that tell one form of a page from its neighbours.</summary>
    private static readonly string[] Tell = ["id", "order", "form"];

    /// <summary>A form with the token of a page as it was, and nothing else that is not said.</summary>
    public static FormUrlEncodedContent Of(string page, params (string Name, string Value)[] fields) =>
        new(
            fields.Select(f => KeyValuePair.Create(f.Name, f.Value)).Append(
                KeyValuePair.Create("__RequestVerificationToken", Token().Match(page).Groups[1].Value)));

    /// <summary>
    /// The form of a page that goes to an address, as a browser sends it: with the hidden fields that it has there, but for those that are
    /// said.
    /// </summary>
    public static FormUrlEncodedContent Sent(string page, string to, params (string Name, string Value)[] fields)
    {
        var said = fields.ToLookup(f => f.Name, f => f.Value);
        var forms = Whole().Matches(page).Where(f => Goes().Matches(f.Value).Any(g => WebUtility.HtmlDecode(g.Groups[1].Value) == to))
            .Select(
                f =>
                    Hidden().Matches(f.Value).Select(h => (Name: h.Groups[1].Value, Value: WebUtility.HtmlDecode(h.Groups[2].Value)))
                        .ToList())
            .Where(hidden => hidden.TrueForAll(h => !Tell.Contains(h.Name) || said[h.Name].All(v => v == h.Value)));
        var more = forms.FirstOrDefault() is { } form
            ? form.Where(h => !said.Contains(h.Name) && h.Name != "__RequestVerificationToken")
            : [];
        return Of(page, [.. fields, .. more]);
    }

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();

    [GeneratedRegex("<form.*?</form>", RegexOptions.Singleline)]
    private static partial Regex Whole();

    [GeneratedRegex(" (?:form)?action=\"([^\"]*)\"")]
    private static partial Regex Goes();

    [GeneratedRegex("<input type=\"hidden\" name=\"([^\"]+)\" value=\"([^\"]*)\"")]
    private static partial Regex Hidden();
}

/// <summary>What a baker's browser does, without the browser.</summary>
public static class Browsing
{
    public static async Task<string> PageAsync(this HttpClient baker, string address, HttpStatusCode expected = HttpStatusCode.OK)
    {
        var answer = await baker.GetAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(expected, address);
        return WebUtility.HtmlDecode(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    /// <summary>Posts a form of a page, with what it holds hidden.</summary>
    public static async Task<HttpResponseMessage> SendAsync(
        this HttpClient baker, string from, string to, params (string Name, string Value)[] fields)
    {
        using var form = Forms.Sent(await baker.PageAsync(from), to, fields);
        return await baker.PostAsync(new Uri(to, UriKind.Relative), form, TestContext.Current.CancellationToken);
    }

    public static async Task<string> TextAsync(this HttpResponseMessage answer) =>
        WebUtility.HtmlDecode(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));

    /// <summary>Sends one of a day’s forms that plans it; the page once planning is over.</summary>
    public static async Task<string> PlannedAsync(
        this HttpClient baker, string day, string handler = "Solve", params (string, string)[] fields)
    {
        (await baker.SendAsync(day, $"{day}?handler={handler}", fields)).StatusCode.ShouldBe(HttpStatusCode.Redirect);
        return await baker.OverAsync(day);
    }

    /// <summary>A day’s page once planning is over.</summary>
    public static async Task<string> OverAsync(this HttpClient baker, string day)
    {
        for (; ; )
        {
            var page = await baker.PageAsync(day);
            if (!page.Contains("class=\"planning\"", StringComparison.Ordinal))
                return page;
            await Task.Delay(100, TestContext.Current.CancellationToken);
        }
    }
}
