using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Market;

/// <summary>What became of one pie's bakes on one day.</summary>
/// <param name="Day">The day.</param>
/// <param name="Made">Pies made.</param>
/// <param name="Sold">Pies sold.</param>
/// <param name="Left">Left and kept.</param>
/// <param name="Thrown">Thrown away.</param>
public readonly record struct DaySales(DateOnly Day, double Made, double Sold, double Left, double Thrown)
{
    /// <summary>True where all of it was sold: more might have been.</summary>
    public bool SoldOut => Sold >= Made - 0.01;
}

/// <summary>What a day like it may sell.</summary>
/// <param name="Mean">Pies, in the middle.</param>
/// <param name="Low">The low end: eight in ten such days lie between.</param>
/// <param name="High">The high end.</param>
/// <param name="Make">Whole pies to make.</param>
/// <param name="Days">Such weekdays it is from.</param>
/// <param name="SoldOut">How many of them sold out.</param>
/// <param name="Figure">The middle with its working.</param>
public sealed record Forecast(double Mean, double Low, double High, int Make, int Days, int SoldOut, Worked<PieceCount> Figure)
{
    /// <summary>Pies are sold by the slice and counted by the quarter.</summary>
    private const double Quarters = 4;

    /// <summary>No counter sells more.</summary>
    private const int MostQuarters = 4000;

    private static readonly Constant HalfLife = new(
        "weeks after which a day counts for half", 8, 4, 13, Dimension.Count, "Seasons turn; our own choice.");

    private static readonly Constant OtherDays = new(
        "what all other days together count for, in days", 2, 1, 3, Dimension.Count,
        "A Saturday is no Tuesday, but it is the same pie; our own choice.");

    private static readonly Constant SoldOutMore = new(
        "a day that sold out might have sold more by", 0.15, 0.05, 0.3, Dimension.Share, "Nobody counts who went without; our own choice.");

    private static readonly Constant Served = new(
        "made so that so many of such days are served", 0.65, 0.5, 0.8, Dimension.Share,
        "A pie too many costs less than one too few, up to a point.");

    /// <summary>True where there is next to nothing to go by.</summary>
    public bool IsThin => Days < 3;

    /// <summary>
    /// The forecast for a day: such weekdays of the past, the later the weightier, on top of what all other days say; counted by the
    /// quarter pie, gamma and Poisson. None where the pie was never sold.
    /// </summary>
    /// <param name="sales">One pie's, in any order.</param>
    /// <param name="on">The day.</param>
    public static Forecast? Of(IReadOnlyList<DaySales> sales, DateOnly on)
    {
        var past = sales.Where(s => s.Day < on).ToList();
        if (past.Count == 0)
            return null;
        double Weight(DaySales s) => Math.Pow(0.5, (on.DayNumber - s.Day.DayNumber) / 7.0 / HalfLife.Usual);
        static double Wanted(DaySales s) => Quarters * (s.SoldOut ? s.Sold * (1 + SoldOutMore.Usual) : s.Sold);
        var all = past.Sum(s => Weight(s) * Wanted(s)) / past.Sum(Weight);
        var such = past.Where(s => s.Day.DayOfWeek == on.DayOfWeek).ToList();
        var shape = (OtherDays.Usual * all) + such.Sum(s => Weight(s) * Wanted(s)) + 0.01;
        var rate = OtherDays.Usual + such.Sum(Weight);
        double At(double share)
        {
            // Gamma and Poisson together: the chance of one more follows from the chance of so many.
            var chance = Math.Pow(rate / (rate + 1), shape);
            var (below, k) = (chance, 0);
            while (below < share && k < MostQuarters)
            {
                chance *= (k + shape) / ((k + 1) * (rate + 1));
                below += chance;
                k++;
            }

            return k / Quarters;
        }

        var mean = shape / rate / Quarters;
        var weight = such.Sum(Weight);
        var figure = new Worked<PieceCount>(
            "sells", "What such a day may sell", new(mean),
            "(such days, each by its age, + all other days’ middle × the days that they count for) ÷ all that counts, in quarters",
            Term.Given("such days, by their age", weight, Dimension.Count),
            Term.Given("their middle", new PieceCount(weight > 0 ? such.Sum(s => Weight(s) * Wanted(s)) / weight / Quarters : 0)),
            Term.Given("the middle of all days", new PieceCount(all / Quarters)), OtherDays, HalfLife, SoldOutMore, Served);
        return new(mean, At(0.1), At(0.9), Math.Max(mean >= 0.25 ? 1 : 0, (int)Math.Ceiling(At(Served.Usual) - 0.25)), such.Count,
            such.Count(s => s.SoldOut), figure);
    }
}
