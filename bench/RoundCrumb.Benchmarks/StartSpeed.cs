using System.Diagnostics;
using System.Globalization;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// Round Crumb started with the demo, killed at some moment and started again: how long until it answers. The promise is ten seconds.
/// </summary>
public static class StartSpeed
{
    private const int Turns = 12;
    private const int Seed = 20_611;
    private const double Promised = 10;

    /// <summary>Measures and prints; 1 where one start broke the promise.</summary>
    public static async Task<int> RunAsync()
    {
        var moments = new Random(Seed);
        var folder = Directory.CreateTempSubdirectory("roundcrumb-bench-");
        var starts = new List<(double Clock, double Processor)>();
        for (var turn = 0; turn < Turns; turn++)
        {
            // Every third begins without a file.
            var file = Path.Combine(folder.FullName, $"kitchen-{turn / 3}.db");
            using (var first = Start(file))
            {
                await Task.WhenAny(ListensAsync(first), Task.Delay(TimeSpan.FromMilliseconds(300 + (moments.NextDouble() * 2200))));
                await EndAsync(first);
            }

            var from = Stopwatch.GetTimestamp();
            using var again = Start(file);
            await ListensAsync(again);
            starts.Add((Stopwatch.GetElapsedTime(from).TotalSeconds, again.TotalProcessorTime.TotalSeconds));
            await EndAsync(again);
        }

        folder.Delete(recursive: true);
        var clock = starts.Select(s => s.Clock).Order().ToList();
        var processor = starts.Select(s => s.Processor).Order().ToList();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{Turns} starts after a kill: by the clock median {clock[Turns / 2]:0.0} s, slowest {clock[^1]:0.0} s; of the processor "
                    + $"{processor[Turns / 2]:0.0} and {processor[^1]:0.0} s (at most {Promised:0} by the clock)"));
        return clock[^1] <= Promised ? 0 : 1;
    }

    private static Process Start(string file)
    {
        var start = new ProcessStartInfo("dotnet") { RedirectStandardOutput = true, WorkingDirectory = Path.GetDirectoryName(file)! };
        string[] all = [
            Path.Combine(AppContext.BaseDirectory, "RoundCrumb.Web.dll"), $"--RoundCrumb:File={file}", "--urls", "http://127.0.0.1:0",
            "--demo"
        ];
        foreach (var one in all)
            start.ArgumentList.Add(one);
        return Process.Start(start)!;
    }

    private static async Task ListensAsync(Process process)
    {
        while (await process.StandardOutput.ReadLineAsync() is { } line)
        {
            if (line.Contains("Now listening on: ", StringComparison.Ordinal))
                return;
        }
    }

    private static async Task EndAsync(Process process)
    {
        process.Kill();
        await process.WaitForExitAsync();
    }
}
