using System.Net;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

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

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseSetting("RoundCrumb:File", File);
        builder.UseSetting("RoundCrumb:Demo", _demo ? "true" : "false");
        builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
        builder.UseSetting("RoundCrumb:PlanSeconds", "3");
        builder.UseSetting("RoundCrumb:CostlyPerMinute", "100000");
        if (Clock is { } clock)
            builder.ConfigureServices(services => services.AddSingleton(clock));
    }

    /// <summary>The clock on the wall; the machine's where there is none.</summary>
    public TimeProvider? Clock { get; init; }

    /// <summary>A browser of its own, with cookies, that does not follow redirects.</summary>
    public HttpClient Baker() => CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false });

    public override async ValueTask DisposeAsync()
    {
        await base.DisposeAsync();
        SqliteConnection.ClearAllPools();
        if (!_keepFolder)
            Directory.Delete(Folder, recursive: true);
        GC.SuppressFinalize(this);
    }
}

/// <summary>The same with the demo loaded, shared by the tests of a class.</summary>
public sealed class DemoKitchen() : Kitchen(demo: true);

/// <summary>Forms of a page that was opened some time ago.</summary>
public static partial class Forms
{
    /// <summary>A form with the token of a page as it was.</summary>
    public static FormUrlEncodedContent Of(string page, params (string Name, string Value)[] fields) =>
        new(fields.Select(f => KeyValuePair.Create(f.Name, f.Value)).Append(KeyValuePair.Create("__RequestVerificationToken", Token().Match(page).Groups[1].Value)));

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();
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

    /// <summary>Posts a form with the token of a page.</summary>
    public static async Task<HttpResponseMessage> SendAsync(this HttpClient baker, string from, string to, params (string Name, string Value)[] fields)
    {
        using var form = Forms.Of(await baker.PageAsync(from), fields);
        return await baker.PostAsync(new Uri(to, UriKind.Relative), form, TestContext.Current.CancellationToken);
    }

    public static async Task<string> TextAsync(this HttpResponseMessage answer) =>
        WebUtility.HtmlDecode(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
}
