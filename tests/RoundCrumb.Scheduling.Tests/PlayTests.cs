using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>Plays of a day: as planned they go as planned, and with luck as a clock that goes minute by minute says.</summary>
public sealed class PlayTests(ITestOutputHelper output)
{
    private static readonly SolveOptions Quick = new() { Seconds = 1.5, Workers = 1, Deterministic = true };

    private static (BuiltDay Built, Plan Plan) Day(int seed, int batches)
    {
        var built = DayMaker.Make(seed, batches, served: seed % 2 == 0);
        return (built, DaySolver.Solve(built.Day, Quick, null, TestContext.Current.CancellationToken).Plan!);
    }

    [Theory]
    [InlineData(1, 3)]
    [InlineData(2, 5)]
    [InlineData(3, 6)]
    public void Where_everything_takes_what_was_planned_it_is_done_as_planned(int seed, int batches)
    {
        var (built, plan) = Day(seed, batches);
        var played = DayPlay.Once(built.Day, plan, Draw.AsPlanned(built, plan));
        for (var i = 0; i < built.Day.Works.Count; i++)
        {
            played.Starts[i].ShouldBe(plan.Starts[i] * 5.0, 1e-6, built.Day.Works[i].Key);
            played.Ends[i].ShouldBe(plan.EndOf(built.Day, i) * 5.0, 1e-6, built.Day.Works[i].Key);
        }

        for (var b = 0; b < built.Day.Batches.Count; b++)
            played.Ready[b].ShouldBeLessThanOrEqualTo(plan.Ready[b] * 5.0);
    }

    [Fact]
    public void On_twenty_days_the_share_in_time_agrees_with_a_clock_that_goes_by_tenths_of_a_minute()
    {
        var worst = 0.0;
        for (var seed = 1; seed <= 20; seed++)
        {
            var (built, plan) = Day(seed, 2 + (seed % 4));
            const int Plays = 120;
            var (mine, theirs) = (new int[built.Day.Batches.Count], new int[built.Day.Batches.Count]);
            for (var play = 0; play < Plays; play++)
            {
                var draw = Draw.Of(built, plan, (seed * 1000) + play);
                var played = DayPlay.Once(built.Day, plan, draw).Ready;
                var counted = TickingClock.Ready(built.Day, plan, draw);
                for (var b = 0; b < mine.Length; b++)
                {
                    var due = (built.Day.Batches[b].Due * 5) + DayOdds.Grace;
                    mine[b] += played[b] <= due ? 1 : 0;
                    theirs[b] += counted[b] <= due ? 1 : 0;
                }
            }

            worst = Math.Max(worst, mine.Zip(theirs, (a, b) => Math.Abs(a - b) / (double)Plays).Max());
        }

        output.WriteLine($"{worst:P1} apart at most");
        worst.ShouldBeLessThanOrEqualTo(0.03);
    }

    [Fact]
    public void A_hand_lent_helps_and_the_same_luck_gives_the_same_answer()
    {
        var (built, plan) = Day(4, 6);
        DayOdds Odds(int hands = 0) => DayOdds.Of(built, plan, 400, 1, hands, TestContext.Current.CancellationToken);
        var (now, lent) = (Odds(), Odds(1));
        output.WriteLine($"{now.AllInTime:P0} as it is, {lent.AllInTime:P0} with a hand lent");
        lent.AllInTime.ShouldBeGreaterThanOrEqualTo(now.AllInTime);
        now.Orders.ShouldAllBe(o => o.InTime >= now.AllInTime && o.InTime <= 1);
        now.Orders.Where(o => o.InTime < 1).ShouldAllBe(o => o.Blame != null && o.BlameShare > 0 && o.LateBy > 0);
        Odds().AllInTime.ShouldBe(now.AllInTime);
    }

    [Fact]
    public void The_blame_is_with_what_overran()
    {
        var (built, plan) = Day(1, 1);
        var draw = Draw.AsPlanned(built, plan);
        var day = built.Day;
        var hands = Enumerable.Range(0, day.Works.Count).Where(i => day.Works[i].IsHands).OrderBy(i => plan.Starts[i]).ToList();
        var slow = hands[^1];
        draw.Hands[slow] += 90;
        var played = DayPlay.Once(day, plan, draw);
        played.Ready[0].ShouldBeGreaterThan(day.Batches[0].Due * 5.0);
        DayOdds.Blame(day, played, 0).ShouldBe(slow);

        // Something else that overran by less, on the same way, is not blamed for it.
        draw.Hands[hands[0]] += 20;
        DayOdds.Blame(day, DayPlay.Once(day, plan, draw), 0).ShouldBe(slow);
    }
}

/// <summary>
/// The same rules told again, by a clock that looks at everything every tenth of a minute. It knows nothing of events, and is as slow
/// as that.
/// </summary>
internal static class TickingClock
{
    private const double Step = 0.1;

    public static double[] Ready(Day day, Plan plan, Draw draw)
    {
        var works = day.Works.Count;
        var (begun, done) = (new double?[works], new double?[works]);
        var (stage, until, atDoor) = (new int[works], new double[works], new bool[works]);
        var hands = day.AtWork();
        var order = Enumerable.Range(0, works).OrderBy(i => plan.Starts[i]).ThenBy(i => i).ToList();
        var runOf = order.ToDictionary(
            i => i,
            i => day.Works[i].Load is null
                ? -1
                : plan.Runs.ToList().FindIndex(
                    r =>
                        r.Oven == plan.Ovens[i] && r.Heat == day.Works[i].Load!.Heat && r.From <= plan.Starts[i]
                            && plan.Starts[i] < r.To));
        var end = (day.Horizon + 400) * 5.0;
        for (var now = order.Min(i => plan.Starts[i]) * 5.0; now < end && done.Any(d => d is null); now += Step)
        {
            // What is over is over.
            for (var i = 0; i < works; i++)
            {
                if (begun[i] is null || done[i] is not null || until[i] > now + 1e-6)
                    continue;
                if (day.Works[i].Load is null)
                {
                    done[i] = now;
                }
                else if (atDoor[i])
                {
                    (atDoor[i], stage[i]) = (false, stage[i] + 1);
                    until[i] = now + draw.Stages[i][stage[i]];
                }
            }

            int Busy() => Enumerable.Range(0, works).Count(
                i => begun[i] is not null && (day.Works[i].Load is null ? done[i] is null : atDoor[i] && until[i] > now + 1e-6));
            int Free() => hands[Math.Min(hands.Length - 1, (int)((now + 1e-6) / 5))] - Busy();

            // First the oven's door, what has been due longest first.
            foreach (var i in Enumerable.Range(0, works).Where(
                         i =>
                             begun[i] is not null && done[i] is null && day.Works[i].Load is not null && !atDoor[i]
                                 && until[i] <= now + 1e-6)
                         .OrderBy(i => until[i]).ToList())
            {
                if (Free() <= 0)
                    break;
                atDoor[i] = true;
                until[i] = now + draw.Touches[i][stage[i]];

                // It is out as the last of what is done at the door begins.
                if (stage[i] == draw.Touches[i].Length - 1)
                    done[i] = now;
            }

            foreach (var i in order.Where(i => begun[i] is null && plan.Starts[i] * 5 <= now + 1e-6).ToList())
            {
                if (day.Gaps.Any(g => g.To == i && !(done[g.From] is { } d && d + (g.Least * 5) <= now + 1e-6)))
                    continue;
                var w = day.Works[i];
                if (w.Load is null)
                {
                    var many = w.Tool switch
                    {
                        Tool.Burner => day.Burners,
                        Tool.Mixer => day.Mixers,
                        Tool.Processor => day.Processors,
                        _ => 0
                    };
                    if (Free() <= 0 || (many > 0 && Enumerable.Range(0, works).Count(
                            x => begun[x] is not null && done[x] is null && day.Works[x].Load is null && day.Works[x].Tool == w.Tool)
                                >= many))
                        continue;
                    (begun[i], until[i]) = (now, now + draw.Hands[i]);
                    continue;
                }

                var oven = plan.Ovens[i];
                var inIt = Enumerable.Range(0, works).Where(x => plan.Ovens[x] == oven && begun[x] is not null && done[x] is null).ToList();
                if (inIt.Sum(x => day.Works[x].Load!.Shelves[oven]) + w.Load.Shelves[oven] > day.Ovens[oven].Shelves)
                    continue;

                // Hot when its own warming up is over, begun as planned or when the run before is empty.
                if (runOf[i] is >= 0 and var run && !IsHot(run, now))
                    continue;
                (begun[i], stage[i], until[i]) = (now, 0, now + draw.Stages[i][0]);
            }
        }

        return
        [
            .. day.Batches.Select(
                (_, b) => day.Endings.Where(e => e.Batch == b).Max(e => (done[e.From] ?? double.PositiveInfinity) + (e.Least * 5)))
        ];

        bool IsHot(int run, double now)
        {
            var from = (plan.Runs[run].From - day.Ovens[plan.Runs[run].Oven].WarmUp) * 5.0;
            var before = plan.Runs.Index().Where(r => r.Item.Oven == plan.Runs[run].Oven && r.Item.From < plan.Runs[run].From)
                .OrderByDescending(r => r.Item.From).Select(r => (int?)r.Index).FirstOrDefault();
            if (before is { } earlier)
            {
                var loads = Enumerable.Range(0, day.Works.Count).Where(x => runOf[x] == earlier).ToList();
                if (loads.Any(x => done[x] is null))
                    return false;
                from = Math.Max(from, loads.Max(x => done[x]!.Value));
            }

            return from + draw.WarmUps[run] <= now + 1e-6;
        }
    }
}
