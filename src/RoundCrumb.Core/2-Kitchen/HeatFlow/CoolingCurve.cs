namespace RoundCrumb.Core.HeatFlow;

/// <summary>How a pie's warmth goes with the clock.</summary>
/// <param name="Points">From the start on, in order.</param>
/// <param name="AirPeak">The warmest that the air of the cold place got, °C.</param>
/// <param name="AirTooWarm">Minutes for which that air was above 8 °C.</param>
public sealed record CoolingCurve(IReadOnlyList<HeatPoint> Points, double AirPeak, double AirTooWarm)
{
    /// <summary>Other food in a fridge is not to get warmer, °C.</summary>
    public const double AirLimit = 8;

    /// <summary>Minutes after which the filling is in its shell; 0 where it always was.</summary>
    public double InShellFrom { get; init; }

    /// <summary>Minutes until it is in its shell and as cold as that; none where it does not get there.</summary>
    /// <param name="celsius">°C.</param>
    public double? ReadyAt(double celsius) => MinutesTo(celsius) is { } minutes ? Math.Max(minutes, InShellFrom) : null;

    /// <summary>Steps in minutes, and until when they are taken: short ones while much changes.</summary>
    private static double StepAt(double minutes) => minutes < 20 ? 0.5 : minutes < 90 ? 1 : 2;

    /// <summary>Follows a pie through its stages.</summary>
    /// <param name="layers">From below up.</param>
    /// <param name="side">How it stands against the air.</param>
    /// <param name="stages">One at least; the last as long as is followed at most.</param>
    /// <param name="stopAt">It is followed until all of the filling is this cold, °C.</param>
    /// <param name="air">The air of the last stage, where that gets warmer by the pies; none where it stays as it is.</param>
    /// <param name="surfaces">The surfaces of all the pies that stand there together, m²; 0 where the air stays as it is.</param>
    /// <param name="cells">Into how many cells the filling is parted.</param>
    /// <exception cref="ArgumentException">There is no stage.</exception>
    public static CoolingCurve Follow(
        IReadOnlyList<HeatLayer> layers, HeatSide side, IReadOnlyList<HeatStage> stages, double stopAt, FridgeAir? air = null,
        double surfaces = 0, int cells = HeatRun.Fine)
    {
        if (stages.Count == 0)
            throw new ArgumentException("One stage at least.", nameof(stages));
        var run = new HeatRun(layers, side, cells);
        var points = new List<HeatPoint>(256) { run.Now(stages[0].Air) };
        double tooWarm = 0;
        for (var i = 0; i < stages.Count; i++)
        {
            var stage = stages[i];
            var lump = i == stages.Count - 1 ? air : null;
            var begins = true;
            for (double gone = 0; gone < stage.Minutes - 1e-9;)
            {
                var step = Math.Min(StepAt(gone), stage.Minutes - gone);
                var now = lump?.Air ?? stage.Air;
                run.Step(step, now, stage, begins);
                lump?.Step(step * 60, run.Leaving * surfaces);
                tooWarm += lump?.Air > AirLimit ? step : 0;
                (begins, gone) = (false, gone + step);
                points.Add(run.Now(lump?.Air ?? stage.Air));
                if (i == stages.Count - 1 && points[^1].Hottest <= stopAt)
                    return new(points, air?.Peak ?? stage.Air, tooWarm);
            }
        }

        return new(points, air?.Peak ?? stages[^1].Air, tooWarm);
    }

    /// <summary>How warm the middle is at a minute; at the curve's ends, what it is there.</summary>
    /// <param name="minutes">From the start.</param>
    public double At(double minutes)
    {
        for (var i = 1; i < Points.Count; i++)
        {
            if (Points[i].Minutes < minutes)
                continue;
            var (before, after) = (Points[i - 1], Points[i]);
            var share = Math.Clamp((minutes - before.Minutes) / (after.Minutes - before.Minutes), 0, 1);
            return before.Hottest + (share * (after.Hottest - before.Hottest));
        }

        return Points[^1].Hottest;
    }

    /// <summary>Minutes until all of the filling is as cold as that, and stays so; none where it does not get there.</summary>
    /// <param name="celsius">°C.</param>
    public double? MinutesTo(double celsius)
    {
        for (var i = Points.Count - 1; i >= 0; i--)
        {
            if (Points[i].Hottest <= celsius)
                continue;
            if (i == Points.Count - 1)
                return null;
            var (warm, cold) = (Points[i], Points[i + 1]);
            return warm.Minutes + ((cold.Minutes - warm.Minutes) * (warm.Hottest - celsius) / (warm.Hottest - cold.Hottest));
        }

        return 0;
    }
}
