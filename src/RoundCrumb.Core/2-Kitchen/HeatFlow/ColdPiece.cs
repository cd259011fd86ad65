namespace RoundCrumb.Core.HeatFlow;

/// <summary>A piece of something that stands in air of another warmth: butter on the board, a disc of dough in the fridge.</summary>
/// <param name="Matter">What it is of.</param>
/// <param name="Thick">mm, the least of the three.</param>
/// <param name="Wide">mm.</param>
/// <param name="Length">mm.</param>
public readonly record struct ColdPiece(Matter Matter, double Thick, double Wide, double Length)
{
    private const double Longest = 24 * 60;

    /// <summary>A block as it is sold, or cut off one: 1 to 1.6 to 2.5.</summary>
    /// <param name="matter">What it is of.</param>
    /// <param name="grams">What it weighs, more than 0.</param>
    public static ColdPiece Block(Matter matter, double grams)
    {
        var thick = Math.Cbrt(Math.Max(1, grams) / matter.Density * 1e6 / (1.6 * 2.5));
        return new(matter, thick, 1.6 * thick, 2.5 * thick);
    }

    /// <summary>A cube.</summary>
    /// <param name="matter">What it is of.</param>
    /// <param name="side">mm.</param>
    public static ColdPiece Cube(Matter matter, double side) => new(matter, side, side, side);

    /// <summary>A round slab, like a disc of dough.</summary>
    /// <param name="matter">What it is of.</param>
    /// <param name="grams">What it weighs, more than 0.</param>
    /// <param name="thick">mm.</param>
    public static ColdPiece Disc(Matter matter, double grams, double thick)
    {
        var across = Math.Sqrt(Math.Max(1, grams) / matter.Density * 1e6 / thick * 4 / Math.PI);
        return new(matter, thick, across, across) { IsRound = true };
    }

    /// <summary>True for a disc.</summary>
    public bool IsRound { get; private init; }

    /// <summary>Minutes until all of it has come to a warmth; none where it does not within a day.</summary>
    /// <param name="from">How warm it is, °C.</param>
    /// <param name="to">How warm it is to be, °C.</param>
    /// <param name="air">The air there, °C.</param>
    /// <param name="transfer">How well that gives and takes heat.</param>
    public double? Minutes(double from, double to, double air, HeatTransfer transfer)
    {
        var warms = to > from;
        if (to == from)
            return 0;
        if (warms ? air <= to : air >= to)
            return null;

        var radius = IsRound ? Wide / 2 : HeatSide.RoundLike(Wide / 2, Length / 2);
        var run = new HeatRun([new(Matter, Thick, from, IsFilling: true)], new(radius, 0), HeatRun.Coarse);
        var stage = new HeatStage(Longest, air, transfer);
        var before = from;
        while (run.Minutes < Longest)
        {
            var begins = run.Minutes == 0;
            var step = run.Minutes < 30 ? 0.5 : 2;
            run.Step(step, air, stage, begins);
            var point = run.Now(air);
            var now = warms ? point.Coldest : point.Hottest;
            if (warms ? now >= to : now <= to)
                return run.Minutes - (step * (now - to) / (now - before));
            before = now;
        }

        return null;
    }
}
