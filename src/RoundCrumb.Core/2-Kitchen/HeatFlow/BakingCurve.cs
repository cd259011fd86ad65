namespace RoundCrumb.Core.HeatFlow;

/// <summary>How the middle of a filling warms in the oven, and goes on warming on the rack.</summary>
/// <param name="Points">From the oven's door on, then on the rack, where the coldest is what was so when it came out.</param>
/// <param name="OutAt">Minutes after which it is taken out, so that its middle is done a little later; none where it never is.</param>
/// <param name="MiddleOut">How warm its coldest is then, °C.</param>
/// <param name="DoneAt">How warm its coldest gets in the end, °C.</param>
public sealed record BakingCurve(IReadOnlyList<HeatPoint> Points, double? OutAt, double MiddleOut, double DoneAt)
{
    /// <summary>Followed no longer than this in the oven, minutes.</summary>
    public const double Longest = 180;

    private const double Every = 0.5;
    private const double OnTheRack = 45;

    /// <summary>Follows a filled shell in the oven, and finds when to take it out.</summary>
    /// <param name="layers">From below up.</param>
    /// <param name="side">How it stands against the air.</param>
    /// <param name="oven">What is round it in the oven; its minutes do not matter.</param>
    /// <param name="rack">What is round it on the rack.</param>
    /// <param name="doneAt">To this its coldest has to come, °C.</param>
    public static BakingCurve Follow(
        IReadOnlyList<HeatLayer> layers, HeatSide side, in HeatStage oven, in HeatStage rack, double doneAt)
    {
        // The oven alone: it is done somewhere before this.
        var inOven = InOven(layers, side, oven, Longest, doneAt, out _);
        if (inOven[^1].Coldest < doneAt)
            return new(inOven, null, inOven[^1].Coldest, inOven[^1].Coldest);

        // Out at the earliest from where the rack brings it there.
        var (early, late) = (0, (int)Math.Ceiling(inOven[^1].Minutes / Every));
        while (late - early > 1)
        {
            var middle = (early + late) / 2;
            if (Carried(layers, side, oven, rack, middle * Every).Max(p => p.Coldest) >= doneAt)
                late = middle;
            else
                early = middle;
        }

        var points = Carried(layers, side, oven, rack, late * Every);
        var outAt = points.Last(p => p.Minutes <= (late * Every) + 1e-6);
        return new(points, late * Every, outAt.Coldest, points.Max(p => p.Coldest));
    }

    private static List<HeatPoint> InOven(
        IReadOnlyList<HeatLayer> layers, HeatSide side, in HeatStage oven, double minutes, double stopAt, out HeatRun run)
    {
        run = new HeatRun(layers, side, HeatRun.Coarse);
        var points = new List<HeatPoint>(256) { run.Now(oven.Air) };
        while (run.Minutes < minutes - 1e-6 && points[^1].Coldest < stopAt)
        {
            run.Step(Every, oven.Air, oven, points.Count == 1);
            points.Add(run.Now(oven.Air));
        }

        return points;
    }

    private static List<HeatPoint> Carried(
        IReadOnlyList<HeatLayer> layers, HeatSide side, in HeatStage oven, in HeatStage rack, double minutes)
    {
        var points = InOven(layers, side, oven, minutes, double.MaxValue, out var run);
        var middle = run.ColdSpot;
        for (double gone = 0; gone < OnTheRack; gone++)
        {
            run.Step(1, rack.Air, rack, gone == 0);
            points.Add(run.Now(rack.Air, middle));
        }

        return points;
    }
}
