using System.Diagnostics;
using System.Globalization;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// How soon a day of so many batches has a plan, how good that is after a while, and what the baseline makes of it. Ten seeds of each size,
/// medians.
/// </summary>
public static class DaySpeed
{
    private const int Seeds = 10;

    private sealed record One(
        double First, double? LatenessProven, double? OvenProven, int Greedy, int Late, int OvenOn, int Attended, int Ageing,
        double Memory);

    /// <summary>Runs them all and prints a line for each day and one for each size.</summary>
    /// <param name="only">This size alone; all of them without it.</param>
    public static int Run(int? only = null)
    {
        // Once for the library to be loaded and compiled.
        DaySolver.Solve(DayMaker.Make(99, 3).Day, new SolveOptions { Seconds = 2 });
        foreach (
            var (batches, seconds) in new[] { (8, 4.0), (16, 10.0), (24, 10.0), (40, 10.0) }.Where(x => only is null || x.Item1 == only))
        {
            var all = new List<One>();
            for (var seed = 1; seed <= Seeds; seed++)
            {
                var one = Solve(seed, batches, seconds);
                all.Add(one);
                Say(
                    $"  {batches} batches, day {seed}: first {one.First:0.00} s, lateness {one.Late} min (one after the other "
                        + $"{one.Greedy}), ovens {one.OvenOn} min, somebody here {one.Attended} min, pies stand {one.Ageing} min each, "
                        + $"lateness proven {When(one.LatenessProven)}, ovens proven {When(one.OvenProven)}, {one.Memory:0} MB");
            }

            var greedy = all.Where(o => o.Greedy > 0).Select(o => (double)o.Late / o.Greedy).ToList();
            var ofGreedy = greedy.Count == 0 ? "" : FormattableString.Invariant($", that is {100 * Median(greedy):0} %");
            Say(
                $"{batches} batches, median of {Seeds}: first plan {Median(all.Select(o => o.First)):0.00} s (slowest "
                    + $"{all.Max(o => o.First):0.00}); lateness {Median(all.Select(o => (double)o.Late)):0} min against "
                    + $"{Median(all.Select(o => (double)o.Greedy)):0}{ofGreedy}; "
                    + $"lateness proven on {all.Count(o => o.LatenessProven is not null)} days, median "
                    + $"{When(MedianOf(all.Select(o => o.LatenessProven)))}; ovens proven on {all.Count(o => o.OvenProven is not null)}, "
                    + $"median {When(MedianOf(all.Select(o => o.OvenProven)))}, slowest {When(all.Max(o => o.OvenProven))}; somebody here "
                    + $"{Median(all.Select(o => (double)o.Attended)):0} min, pies stand {Median(all.Select(o => (double)o.Ageing)):0} "
                    + $"min; most memory {all.Max(o => o.Memory):0} MB");
        }

        return 0;
    }

    private static One Solve(int seed, int batches, double seconds)
    {
        var greedy = GreedyDay.Lateness(DayMaker.Make(seed, batches, joined: false).Day) * Slot.Minutes;
        var built = DayMaker.Make(seed, batches);
        double? first = null;
        double? lateness = null;
        double? oven = null;
        var watch = Stopwatch.StartNew();
        var solution = DaySolver.Solve(built.Day, new SolveOptions { Seconds = seconds }, p =>
        {
            first ??= watch.Elapsed.TotalSeconds;
            if (p.LatenessProven)
                lateness ??= watch.Elapsed.TotalSeconds;
            if (p.OvenOnProven)
                oven ??= watch.Elapsed.TotalSeconds;
        });
        using var process = Process.GetCurrentProcess();
        return new(
            first ?? double.PositiveInfinity, lateness, oven, greedy, (solution.Plan?.Lateness(built.Day) ?? 99999) * Slot.Minutes,
            (solution.Plan?.OvenOn(built.Day) ?? 0) * Slot.Minutes,
            (solution.Plan?.Attended(built.Day).Sum(a => a.To - a.From) ?? 0) * Slot.Minutes,
            solution.Plan is { } plan ? Ageing(built.Day, plan) : 0, process.WorkingSet64 / 1e6);
    }

    /// <summary>Minutes from filling to the hour when it is wanted, the mean over batches.</summary>
    private static int Ageing(Day day, Plan plan) =>
        (int)day.Batches.Select((b, i) => (plan.Ready[i] - b.Filled.Min(f => plan.EndOf(day, f))) * Slot.Minutes).Average();

    private static double Median(IEnumerable<double> values)
    {
        var sorted = values.Order().ToList();
        return (sorted[sorted.Count / 2] + sorted[(sorted.Count - 1) / 2]) / 2;
    }

    private static double? MedianOf(IEnumerable<double?> values) =>
        Median(values.Select(v => v ?? double.PositiveInfinity)) is var m && double.IsFinite(m) ? m : null;

    private static string When(double? seconds) => seconds is { } s ? s.ToString("0.00 s", CultureInfo.InvariantCulture) : "not";

    private static void Say(string words) => Console.WriteLine(words);
}
