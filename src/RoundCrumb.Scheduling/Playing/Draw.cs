using RoundCrumb.Core.Working;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>What chance makes of one play of a day: how long everything takes this time.</summary>
/// <param name="Hands">Minutes of each work of hands; of a load, nothing.</param>
/// <param name="Stages">Minutes in the oven before each thing that is done at its door, of each load.</param>
/// <param name="Touches">Minutes of each thing that is done at the door.</param>
/// <param name="WarmUps">Minutes of warming up before each run of the plan.</param>
public sealed record Draw(double[] Hands, double[][] Stages, double[][] Touches, double[] WarmUps)
{
    /// <summary>Draws one; the same for the same seed.</summary>
    /// <param name="built">The day.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="seed">Where chance begins.</param>
    public static Draw Of(BuiltDay built, Plan plan, int seed)
    {
        var random = new Random(seed);
        var day = built.Day;
        var (hands, stages, touches) = (new double[day.Works.Count], new double[day.Works.Count][], new double[day.Works.Count][]);
        for (var i = 0; i < day.Works.Count; i++)
        {
            var parts = built.WorksOf(i);
            if (day.Works[i].Load is null)
            {
                hands[i] = Hand(parts.Max(p => p.Work.SetUp) + parts.Sum(p => p.Work.More));
                continue;
            }

            var baking = parts[0].Work.Baking!;
            var bakes = Of(PlayConstants.Bake, random);
            stages[i] = new double[baking.Touches.Count];
            touches[i] = new double[baking.Touches.Count];
            for (var (k, from) = (0, 0.0); k < baking.Touches.Count; k++)
            {
                var touch = baking.Touches[k];
                stages[i][k] = Tenths(Math.Max(0, touch.After - from) * bakes);
                touches[i][k] = Hand(touch.Minutes);
                from = touch.After + touch.Minutes;
            }
        }

        return new(
            hands, stages, touches,
            [.. plan.Runs.Select(r => Tenths(day.Ovens[r.Oven].WarmUp * Slot.Minutes * Of(PlayConstants.WarmUp, random)))]);

        double Hand(double minutes) => Tenths(
            (minutes * Of(PlayConstants.Hands, random))
                + (random.NextDouble() < PlayConstants.Mishap.Usual ? Of(PlayConstants.Mending, random) : 0));
    }

    /// <summary>To a tenth of a minute: nobody at a bench counts closer.</summary>
    private static double Tenths(double minutes) => Math.Round(minutes * 10) / 10;

    /// <summary>Nothing happens by chance: everything takes what it was planned to take.</summary>
    public static Draw AsPlanned(BuiltDay built, Plan plan)
    {
        var day = built.Day;
        return new(
            [.. day.Works.Select(w => w.Load is null ? w.Length * Slot.Minutes : 0.0)],
            [
                .. day.Works.Select(
                    w => w.Load is not { } load
                        ? []
                        : load.Touches.Select(
                            (t, k) =>
                                (t.After - (k == 0 ? 0 : load.Touches[k - 1].After + load.Touches[k - 1].Length)) * (double)Slot.Minutes)
                            .ToArray())
            ],
            [.. day.Works.Select(w => w.Load is not { } load ? [] : load.Touches.Select(t => t.Length * (double)Slot.Minutes).ToArray())],
            [.. plan.Runs.Select(r => day.Ovens[r.Oven].WarmUp * (double)Slot.Minutes)]);
    }

    private static double Of(Constant constant, Random random) => At(constant, random.NextDouble());

    /// <summary>A value of a constant: as often below its usual as above it, and never outside its range.</summary>
    /// <param name="constant">The constant.</param>
    /// <param name="share">The share of all values that are lower, 0 to 1.</param>
    internal static double At(Constant constant, double share)
    {
        var (low, usual, high) = (constant.Low, constant.Usual, constant.High);

        // Two triangles that meet at the usual value, each half of all.
        return share < 0.5 ? low + ((usual - low) * Math.Sqrt(2 * share)) : high - ((high - usual) * Math.Sqrt(2 * (1 - share)));
    }
}
