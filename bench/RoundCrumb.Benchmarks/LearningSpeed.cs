using System.Diagnostics;
using System.Globalization;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Demo;
using RoundCrumb.Formats.Logs;
using RoundCrumb.TestKit;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// What 5,000 logged bakes cost: learning all of them (at most 200 ms), a page of the log (at most twice one of 50), and the graphs of
/// docs/learning.
/// </summary>
public static class LearningSpeed
{
    private const int Bakes = 5000;
    private const int Few = 50;
    private const double LearnWithin = 200;
    private const double AtMost = 2;

    private static readonly string[] Pages = ["/notebook", "/notebook?leaf=60", "/notebook?set=Clean", "/notebook?show=open",
        "/bakes/4/log"];

    private static readonly (CorrectionKind Kind, double Spread, string Name)[] Graphs =
    [
        (CorrectionKind.BakeMinutes, 0.09, "minutes"), (CorrectionKind.Yield, 0.05, "yield"), (CorrectionKind.OvenOffset, 10, "oven"),
    ];

    /// <summary>Measures, prints and draws.</summary>
    public static async Task<int> RunAsync()
    {
        Draw();
        var slow = Learn();
        return await PagesAsync() | slow;
    }

    private static int Learn()
    {
        var kitchens = new SimulatedKitchens(41);
        var all = new List<Observation>();
        for (var bake = 0; bake < Bakes; bake++)
        {
            var pie = bake % 24;
            all.Add(kitchens.Measure(CorrectionKey.OvenOffset($"oven-{pie % 2}", 150 + (30 * (pie % 3))), 6, bake));
            all.Add(kitchens.Measure(CorrectionKey.BakeMinutes("Weighted", $"crust-{pie % 6}", $"oven-{pie % 2}"), 0.05, bake));
            all.Add(kitchens.Measure(CorrectionKey.BakeMinutes("Open", $"crust-{pie % 6}", $"oven-{pie % 2}"), -0.05, bake));
            all.Add(kitchens.Measure(CorrectionKey.Yield($"family-{pie % 8}", $"formula-{pie}"), -0.03, bake));
            all.Add(kitchens.Measure(CorrectionKey.HandsMinutes("MakeDough", $"baker-{pie % 2}"), 0.1, bake));
            all.Add(new(
                CorrectionKey.SetShift($"family-{pie % 8}", $"formula-{pie}"), -0.5, 0.5, 0.5, 1, bake, SimulatedKitchens.At(bake)));
            all.Add(new(
                CorrectionKey.BaseLife($"crust-{pie % 6}", "none", $"family-{pie % 8}"), 0.1, double.PositiveInfinity, 0.25, 0.4, bake,
                SimulatedKitchens.At(bake)));
        }

        var from = LearningCase.Of(all);
        var times = new List<double>();
        for (var i = -3; i < 15; i++)
        {
            var watch = Stopwatch.StartNew();
            Learner.Learn(from);
            if (i >= 0)
                times.Add(watch.Elapsed.TotalMilliseconds);
        }

        times.Sort();
        Console.WriteLine(string.Create(
            CultureInfo.InvariantCulture,
            $"learning {Bakes} bakes, {all.Count} observations: {times[times.Count / 2]:0} ms (at most {LearnWithin})"));
        return times[times.Count / 2] <= LearnWithin ? 0 : 1;
    }

    private static async Task<int> PagesAsync()
    {
        Environment.SetEnvironmentVariable("ASPNETCORE_TEST_CONTENTROOT_ROUNDCRUMB_WEB", HttpRatio.WebFolder());
        await using var few = new Server();
        await using var many = new Server();
        await FillAsync(few, Few);
        await FillAsync(many, Bakes);
        using var small = few.CreateClient();
        using var large = many.CreateClient();
        var slow = 0;
        Console.WriteLine($"page                            {Few} bakes ms  {Bakes} bakes ms   times");
        foreach (var page in Pages)
        {
            var (a, b) = (await TimeAsync(small, page), await TimeAsync(large, page));
            slow += b > AtMost * a && b - a > 1 ? 1 : 0;
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{page,-30} {a,12:0.0} {b,14:0.0} {b / a,7:0.0}"));
        }

        return slow == 0 ? 0 : 1;
    }

    private static async Task FillAsync(Server server, int bakes)
    {
        var start = new DateTimeOffset(2021, 1, 4, 9, 0, 0, TimeSpan.Zero);
        var rows = Enumerable.Range(0, bakes).Select(i => LogTable.Of(
            start.AddHours(8 * i), DemoData.Pies[i % DemoData.Pies.Count].Name, 1, DemoData.Pies[i % DemoData.Pies.Count].Address, new()
            {
                Base = i % 9 == 0 ? BaseVerdict.Soggy : BaseVerdict.Firm,
                Set = SetVerdict.Clean,
                FromPot = new Grams(700 + (i % 60)),
                OvenSet = new(180),
                OvenRead = new(186 + (i % 4)),
                Sold = 0.75,
                Notes = "Written in bulk.",
            }));
        await using var scope = server.Services.CreateAsyncScope();
        var watch = Stopwatch.StartNew();
        var taken = await scope.ServiceProvider.GetRequiredService<LogTransfer>().TakeInAsync(LogTable.Csv(rows));
        Console.WriteLine(string.Create(
            CultureInfo.InvariantCulture, $"{taken.Taken} bakes taken in and learned from in {watch.Elapsed.TotalSeconds:0.0} s"));
    }

    private static async Task<double> TimeAsync(HttpClient client, string page)
    {
        var times = new List<double>();
        for (var i = -5; i < 25; i++)
        {
            var watch = Stopwatch.StartNew();
            using var answer = await client.GetAsync(new Uri(page, UriKind.Relative));
            await answer.Content.ReadAsByteArrayAsync();
            answer.EnsureSuccessStatusCode();
            if (i >= 0)
                times.Add(watch.Elapsed.TotalMilliseconds);
        }

        times.Sort();
        return times[times.Count / 2];
    }

    /// <summary>How the error falls with every bake, as the application draws it.</summary>
    private static void Draw()
    {
        var folder = Path.Combine(HttpRatio.WebFolder(), "..", "..", "docs", "learning");
        Directory.CreateDirectory(folder);
        foreach (var (kind, spread, name) in Graphs)
        {
            int[] after = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15];
            var runs = new SimulatedKitchens(20260105).Run(new(kind, "family", "one"), spread, 3000, after);
            var points = runs.Select(r => new RunPoint(
                r.MedianAgainstBook, r.MedianAgainstBook, r.Bakes.ToString(CultureInfo.InvariantCulture), $"after {r.Bakes}")).ToList();
            using var text = new StringWriter(CultureInfo.InvariantCulture);
            RunChart.Draw($"{name}: median error against the book’s, after so many bakes", points, new(0, 1, "the book"), null, [], v =>
                (v * 100).ToString("0", CultureInfo.InvariantCulture) + " %").WriteTo(text, System.Text.Encodings.Web.HtmlEncoder.Default);
            const string look = "<style>.book{fill:#f3f6f9;stroke:#c6d0de}.hair{stroke:#c6d0de;fill:none}"
                + ".tick{font:12px sans-serif;fill:#46566f}.point circle{fill:#15233d;stroke:#fff}</style>";
            File.WriteAllText(
                Path.Combine(folder, name + ".svg"),
                text.ToString().Replace("<svg ", "<svg xmlns=\"http://www.w3.org/2000/svg\" ", StringComparison.Ordinal)
                    .Replace("\">", "\">" + look, 1) + "\n");
            Console.WriteLine(name + ": " + string.Join(", ", runs.Select(r => string.Create(
                CultureInfo.InvariantCulture, $"{r.Bakes}: {r.MedianAgainstBook:0.00} (bands hold {r.Held:0.00})"))));
        }
    }

    /// <summary>The first so many of a text in another.</summary>
    private static string Replace(this string text, string what, string with, int times)
    {
        for (var i = 0; i < times && text.IndexOf(what, StringComparison.Ordinal) is >= 0 and var at; i++)
            text = text[..at] + with + text[(at + what.Length)..];
        return text;
    }

    private sealed class Server : WebApplicationFactory<RoundCrumb.Web.Hosting.Preferences>
    {
        private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("roundcrumb-learning-");

        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseSetting("RoundCrumb:File", Path.Combine(_folder.FullName, "bench.db"));
            builder.UseSetting("RoundCrumb:Demo", "true");
            builder.UseSetting("Serilog:MinimumLevel:Default", "Error");
        }

        public override async ValueTask DisposeAsync()
        {
            await base.DisposeAsync();
            _folder.Delete(recursive: true);
        }
    }
}
