using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Data.Demo;
using RoundCrumb.Formats.Import;

namespace RoundCrumb.Benchmarks;

/// <summary>Every page with the demo alone, and with 1,000 pies and 2,000 parts more: the promise is at most twice the time.</summary>
public static partial class LargeKitchen
{
    private const int Parts = 2000;
    private const int Pies = 1000;
    private const int Rounds = 25;
    private const double AtMost = 2;

    private static readonly string[] Pages =
    [
        "/", "/pies?leaf=2", "/compose", "/compose?pie=1", "/pairings", "/pairings?open=1", "/days", "/days/1", "/days/1?handler=Plan",
        "/days/order?pan=plate-23", "/crusts", "/pour", "/pies", "/pies?sort=name", "/pies?oven=none", "/search?q=cus",
        "/pies?q=custard", "/box/part",
        "/box/part/1", "/box/import",
        "/kitchen", "/pantry", "/bakes/1", "/bakes/1/log", "/what-if?pan=plate-23", "/above?pan=tart-23", "/api/v1/parts", "/api/v1/pies",
        "/api/v1/pies/1",
    ];

    /// <summary>Measures and prints.</summary>
    public static async Task<int> RunAsync()
    {
        Environment.SetEnvironmentVariable("ASPNETCORE_TEST_CONTENTROOT_ROUNDCRUMB_WEB", HttpRatio.WebFolder());
        await using var demo = new Server();
        await using var large = new Server();
        using var small = demo.CreateClient();
        using var big = large.CreateClient(new() { AllowAutoRedirect = false });
        await FillAsync(big);
        var slow = 0;
        Console.WriteLine("page                          demo ms   large ms   times   large kB");
        foreach (var page in Pages)
        {
            var (few, _) = await TimeAsync(small, page);
            var (many, size) = await TimeAsync(big, page);
            slow += many > AtMost * few && many - few > 1 ? 1 : 0;
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture, $"{page,-30} {few,6:0.0} {many,10:0.0} {many / few,7:0.0} {size / 1000.0,10:0}"));
        }

        return slow == 0 ? 0 : 1;
    }

    private static async Task FillAsync(HttpClient client)
    {
        var text = new[]
        {
            "500 ml milk\n40 g cornflour\n4 egg yolks\n90 g sugar",
            "300 ml double cream\n200 ml milk\n35 g cornflour",
            "600 ml milk\n50 g cornflour\n100 g butter"
        };
        var box = BoxDocument.Of(
            [
                .. Enumerable.Range(1, Parts).Select(
                    i =>
                        new BoxPart(
                            i, PartKind.Filling, $"Custard number {i}", ["bulk"], 1,
                            [
                                new(
                                    1, "starch-custard", text[i % 3],
                                    [new("milk", 500 + (i % 90)), new("cornflour", 40), new("caster-sugar", 90)])
                            ]))
            ],
            [
                .. Enumerable.Range(0, Pies).Select(
                    i => new BoxPie($"Pie number {i}", [], DemoData.Pies[i % DemoData.Pies.Count].Address + $"&line={5 + (i % 9)}"))
            ],
            [], new Dictionary<string, string>());
        var page = await client.GetStringAsync(new Uri("/box/import", UriKind.Relative));
        using var form = new FormUrlEncodedContent(
            [
                KeyValuePair.Create("__RequestVerificationToken", Token().Match(page).Groups[1].Value),
                KeyValuePair.Create("json", box.Write())
            ]);
        var watch = Stopwatch.StartNew();
        using var answer = await client.PostAsync(new Uri("/box/import?handler=Box", UriKind.Relative), form);
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{Parts} parts and {Pies} pies imported in {watch.Elapsed.TotalSeconds:0.0} s: {answer.Headers.Location}"));
    }

    private static async Task<(double Milliseconds, int Bytes)> TimeAsync(HttpClient client, string page)
    {
        var times = new List<double>();
        var size = 0;
        for (var i = -5; i < Rounds; i++)
        {
            var watch = Stopwatch.StartNew();
            using var answer = await client.GetAsync(new Uri(page, UriKind.Relative));
            size = (await answer.Content.ReadAsByteArrayAsync()).Length;
            if (i >= 0)
                times.Add(watch.Elapsed.TotalMilliseconds);
            if ((int)answer.StatusCode >= 400)
                throw new InvalidOperationException($"{page}: {answer.StatusCode}");
        }

        times.Sort();
        return (times[times.Count / 2], size);
    }

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex Token();

    private sealed class Server : WebApplicationFactory<RoundCrumb.Web.Hosting.Preferences>
    {
        private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-bench-");

        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseSetting("RoundCrumb:File", Path.Combine(_folder.FullName, "bench.db"));
            builder.UseSetting("RoundCrumb:Demo", "true");
            builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
            builder.UseSetting("RoundCrumb:CostlyPerMinute", "100000");
        }
    }
}
