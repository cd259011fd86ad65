using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Playing;

/// <summary>How sure an order is.</summary>
/// <param name="Batch">Which batch of the day.</param>
/// <param name="InTime">The share of plays in which it is ready in time, 0 to 1.</param>
/// <param name="LateBy">Minutes by which it is late in the middle of the plays in which it is; 0 where it never is.</param>
/// <param name="Blame">The work that most often makes it late; none where it never is.</param>
/// <param name="BlameShare">In which share of its late plays it is that work.</param>
public sealed record OrderOdds(int Batch, double InTime, double LateBy, int? Blame, double BlameShare);

/// <summary>How sure a planned day is: many plays of it, each with its own luck.</summary>
/// <param name="Plays">How many plays.</param>
/// <param name="AllInTime">The share of plays in which everything is ready in time.</param>
/// <param name="Orders">Each order.</param>
public sealed record DayOdds(int Plays, double AllInTime, IReadOnlyList<OrderOdds> Orders)
{
    /// <summary>How many plays make an answer that is steady to a point or two.</summary>
    public const int Usual = 1000;

    /// <summary>Minutes that count as in time: nobody looks at the clock closer than that.</summary>
    public const double Grace = 1;

    /// <summary>Plays a day.</summary>
    /// <param name="built">The day.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="plays">How often; over 0.</param>
    /// <param name="seed">Where chance begins: the same seed gives the same luck to another plan of the same day.</param>
    /// <param name="hands">Pairs of hands more than are planned, from the first work to the last.</param>
    /// <param name="cancel">Stops it.</param>
    public static DayOdds Of(
        BuiltDay built, Plan plan, int plays = Usual, int seed = 1, int hands = 0, CancellationToken cancel = default)
    {
        var day = built.Day;
        var frame = DayPlay.Frame.Of(day, plan);
        if (hands > 0)
            frame = frame with { AtWork = [.. frame.AtWork.Select(n => n > 0 ? n + hands : 0)] };
        var batches = day.Batches.Count;
        var late = new double[plays][];
        var blamed = new int[plays][];
        Parallel.For(
            0, plays, new ParallelOptions { CancellationToken = cancel, MaxDegreeOfParallelism = Environment.ProcessorCount },
            p =>
            {
                var draw = Draw.Of(built, plan, HashCode(seed, p));
                var played = DayPlay.Once(day, plan, draw, frame);
                (late[p], blamed[p]) = (new double[batches], new int[batches]);
                for (var b = 0; b < batches; b++)
                {
                    late[p][b] = played.Ready[b] - (day.Batches[b].Due * (double)Slot.Minutes);
                    blamed[p][b] = late[p][b] > Grace ? Blame(day, played, b) : -1;
                }
            });
        return new(
            plays, late.Count(l => l.All(m => m <= Grace)) / (double)plays,
            [
                .. Enumerable.Range(0, batches).Select(
                    b =>
                    {
                        var those = Enumerable.Range(0, plays).Where(p => late[p][b] > Grace).ToList();
                        var most = those.GroupBy(p => blamed[p][b]).OrderByDescending(g => g.Count()).ThenBy(g => g.Key).FirstOrDefault();
                        return new OrderOdds(
                            b, 1 - (those.Count / (double)plays), Median([.. those.Select(p => late[p][b])]), most?.Key,
                            most is null ? 0 : most.Count() / (double)those.Count);
                    })
            ]);
    }

    /// <summary>
    /// The work that made a batch late: back from its last work along what each had to wait for, the one that took most longer than
    /// planned.
    /// </summary>
    /// <param name="day">The day.</param>
    /// <param name="played">How it went.</param>
    /// <param name="batch">Which batch.</param>
    public static int Blame(Day day, Played played, int batch)
    {
        var last = day.Endings.Where(e => e.Batch == batch).MaxBy(e => played.Ends[e.From] + (e.Least * Slot.Minutes))!.From;
        var (worst, over) = (last, double.NegativeInfinity);
        var at = last;
        for (var steps = 0; at >= 0 && steps < day.Works.Count; steps++)
        {
            var took = played.Ends[at] - played.Starts[at] - (day.Works[at].Length * (double)Slot.Minutes);
            if (took > over)
                (worst, over) = (at, took);
            at = played.Waited[at];
        }

        return worst;
    }

    private static double Median(double[] values)
    {
        if (values.Length == 0)
            return 0;
        Array.Sort(values);
        return values[values.Length / 2];
    }

    /// <summary>A seed for each play, the same on every machine.</summary>
    private static int HashCode(int seed, int play)
    {
        unchecked
        {
            var x = (uint)((seed * 73856093) ^ (play * 19349663));
            x ^= x >> 16;
            x *= 0x7feb352d;
            x ^= x >> 15;
            return (int)(x & 0x7fffffff);
        }
    }
}
