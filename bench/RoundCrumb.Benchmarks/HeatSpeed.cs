using System.Diagnostics;
using System.Globalization;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Benchmarks;

/// <summary>
/// The heat engine: twelve hours of one pie (at most 5 ms, nothing allocated by a step), two hundred runs (at most 1 s), eight pies that
/// warm their fridge (at most 80 ms), and what it adds to a pie that is worked out.
/// </summary>
public static class HeatSpeed
{
    private static readonly Matter Custard = Matter.Of(new(0.7, 0.06, 0.04, 0.19, 0.01));

    /// <summary>Measures and prints; 1 where a promise is broken.</summary>
    public static int Run()
    {
        var one = Milliseconds(() => Follow(HeatRun.Fine, 0));
        var many = Milliseconds(() =>
        {
            for (var i = 0; i < 200; i++)
                Follow(HeatRun.Coarse, 0);
        });
        var fridge = Milliseconds(() => Follow(HeatRun.Fine, 8));
        var kitchen = Kitchen.Usual with
        {
            Cold = [new("cold-1", "Fridge", ColdKind.Fridge, 8, new(400)) { Cooler = Cooler.StillFridge }],
        };
        var line = 0.0;
        var pie = Milliseconds(() =>
        {
            // Another depth each time, so that nothing is remembered.
            var usual = Composition.Usual;
            _ = Assessment.Of(usual with { Filling = usual.Filling with { Line = new(4 + (line += 0.001)) } }, 1, kitchen).Cooling;
        });
        var bake = Milliseconds(() =>
        {
            var baked = CompositionAddress.Read("pan=plate-23&crust=short&fill=rhubarb-buttermilk&top=none").Composition;
            _ = Assessment.Of(baked with { Filling = baked.Filling with { Line = new(6 + (line += 0.001)) } }, 1, kitchen).Baking;
        });
        var (step, allocated) = OneStep();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"one pie, 12 h: {one:0.00} ms (at most 5); 200 runs: {many:0} ms (at most 1,000); eight in a fridge: {fridge:0.00} ms (at "
                    + $"most 80); a pie's set time: {pie:0.00} ms; "
                    + $"its bake: {bake:0.00} ms; a step: {step:0.0} µs, {allocated} bytes allocated (none)"));
        return one <= 5 && many <= 1000 && fridge <= 80 && allocated == 0 ? 0 : 1;
    }

    private static CoolingCurve Follow(int cells, int pies)
    {
        var wall = PanMaterial.Glass.Wall;
        var facts = Cooler.StillFridge.Facts;
        return CoolingCurve.Follow(
            [new(wall.Matter, wall.Thickness, 20), new(Walls.BakedCrust, 5, 20), new(Custard, 35, 85, true)],
            new(103, 0.04), [new(12 * 60, 4, facts.Transfer)], -10, pies > 0 ? new(4, 22, facts) : null, pies * 0.033, cells);
    }

    private static (double Microseconds, long Allocated) OneStep()
    {
        var run = new HeatRun([new(Custard, 25, 85, true)], new(100, 0.01));
        var stage = new HeatStage(1, 4, Cooler.StillFridge.Facts.Transfer, 0.1);
        run.Step(1, 4, stage, true);
        run.Step(1, 4, stage, false);
        var before = GC.GetAllocatedBytesForCurrentThread();
        var from = Stopwatch.GetTimestamp();
        for (var i = 0; i < 1000; i++)
            run.Step(1, 4, stage, false);
        var took = Stopwatch.GetElapsedTime(from).TotalMicroseconds / 1000;
        return (took, GC.GetAllocatedBytesForCurrentThread() - before);
    }

    private static double Milliseconds(Action work)
    {
        // Until what runs often is compiled for that.
        var began = Stopwatch.GetTimestamp();
        for (var i = 0; i < 20 || Stopwatch.GetElapsedTime(began).TotalSeconds < 1; i++)
            work();
        var times = new double[25];
        for (var i = 0; i < times.Length; i++)
        {
            var from = Stopwatch.GetTimestamp();
            work();
            times[i] = Stopwatch.GetElapsedTime(from).TotalMilliseconds;
        }

        Array.Sort(times);
        return times[times.Length / 2];
    }
}
