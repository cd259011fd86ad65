using System.Diagnostics;
using System.Globalization;
using System.Runtime.CompilerServices;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// A change in Compose over HTTP, against a static file of the same size from the same server in the same run, turn about.
/// The promise is a p95 of at most three times the file's.
/// </summary>
public static class HttpRatio
{
    private const int WarmUp = 1500;
    private const int Rounds = 3000;
    private const double MostRatio = 3;

    private static readonly string[] Changes =
    [
        "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing&seal=white",
        "pan=deep-plate-24&crust=butter-flaky&fill=coffee-custard&top=plain&ahead=20",
        "pan=tart-25&crust=plain-crumb&bake=baked&fill=bergamot-custard&make=above",
        "pan=springform-20&crust=plain-crumb&bake=chilled&fill=lemon-cheese&line=20&top=gelatine",
    ];

    /// <summary>Measures and prints.</summary>
    public static async Task<int> RunAsync()
    {
        var folder = Directory.CreateTempSubdirectory("roundcrumb-bench-");
        Environment.SetEnvironmentVariable("ASPNETCORE_TEST_CONTENTROOT_ROUNDCRUMB_WEB", WebFolder());
        await using var server = new Server(folder.FullName);
        server.UseKestrel(0);
        server.StartServer();
        using var client = new HttpClient { BaseAddress = server.ClientOptions.BaseAddress };
        client.DefaultRequestHeaders.Add("HX-Request", "true");

        var before = GC.GetTotalAllocatedBytes(true);
        for (var i = 0; i < WarmUp; i++)
            await TimeAsync(client, "/compose?" + Changes[i % Changes.Length]);
        var kilobytes = (GC.GetTotalAllocatedBytes(true) - before) / WarmUp / 1000;
        Console.WriteLine($"a change allocates {kilobytes} kB, the client's part included");

        // What is sent for the first change, as a file: as large, and as quick to compress.
        var sent = await client.GetByteArrayAsync(new Uri("/compose?" + Changes[0], UriKind.Relative));
        await File.WriteAllBytesAsync(server.StaticFile, sent);
        var bare = await MeasureAsync(client, "as it is");

        // A browser always asks for it compressed.
        client.DefaultRequestHeaders.Add("Accept-Encoding", "gzip, deflate, br");
        var packed = await MeasureAsync(client, "compressed, as a browser asks");
        File.Delete(server.StaticFile);
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"size {sent.Length / 1000.0:0.0} kB"));
        return bare <= MostRatio && packed <= MostRatio ? 0 : 1;
    }

    private static async Task<double> MeasureAsync(HttpClient client, string how)
    {
        var changes = new double[Rounds];
        var files = new double[Rounds];
        for (var i = 0; i < Rounds; i++)
        {
            changes[i] = await TimeAsync(client, "/compose?" + Changes[i % Changes.Length]);
            files[i] = await TimeAsync(client, "/bench-same-size.txt");
        }

        Array.Sort(changes);
        Array.Sort(files);
        Print("a change, " + how, changes);
        Print("a file, " + how, files);
        var ratio = changes[Rounds * 95 / 100] / files[Rounds * 95 / 100];
        Console.WriteLine(
            string.Create(CultureInfo.InvariantCulture, $"p95 of a change is {ratio:0.0} times p95 of the file (at most {MostRatio:0})"));
        return ratio;
    }

    /// <summary>Where the pages' own files are.</summary>
    internal static string WebFolder([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "src", "RoundCrumb.Web"));

    private static async Task<double> TimeAsync(HttpClient client, string path)
    {
        var start = Stopwatch.GetTimestamp();
        using var answer = await client.GetAsync(new Uri(path, UriKind.Relative));
        await answer.Content.ReadAsByteArrayAsync();
        var took = Stopwatch.GetElapsedTime(start).TotalMicroseconds;
        answer.EnsureSuccessStatusCode();
        return took;
    }

    private static void Print(string what, double[] sorted) =>
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{what}: median {sorted[sorted.Length / 2]:0} µs, p95 {sorted[sorted.Length * 95 / 100]:0} µs"));

    private sealed class Server(string folder) : WebApplicationFactory<RoundCrumb.Web.Hosting.Preferences>
    {
        /// <summary>A file of the same size, beside the others that are served.</summary>
        public string StaticFile { get; private set; } = "";

        protected override void ConfigureWebHost(IWebHostBuilder builder)
        {
            builder.UseSetting("RoundCrumb:File", Path.Combine(folder, "bench.db"));
            builder.UseSetting("Serilog:MinimumLevel:Default", "Warning");
            builder.ConfigureServices(
                (context, _) => StaticFile = Path.Combine(context.HostingEnvironment.WebRootPath, "bench-same-size.txt"));
        }
    }
}
