using System.Globalization;
using System.Text.RegularExpressions;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.TestKit;
using RoundCrumb.Web.Features.Days;

namespace RoundCrumb.Web.Tests;

/// <summary>Who does what, on days of chance.</summary>
public sealed class DayViewTests
{
    /// <summary>What each baker has to do: the lane, from when, until when.</summary>
    private static IEnumerable<(int Who, int From, int To, string What)> Hands(DayView view)
    {
        foreach (var p in view.Placed)
        {
            if (p.Oven < 0)
            {
                yield return (p.Who, p.From, p.Then >= 0 ? p.ThenAt : p.To, p.Label);
                if (p.Then >= 0)
                    yield return (p.Then, p.ThenAt, p.To, p.Label);
                continue;
            }

            var touches = view.Day.Works[p.Index].Load!.Touches;
            for (var k = 0; k < touches.Count; k++)
                yield return (
                    view.AtTheDoor[(p.Index, k)], p.From + touches[k].After, p.From + touches[k].After + touches[k].Length, p.Label);
        }
    }

    [Fact]
    public void On_paper_even_a_plan_that_is_busy_for_two_days_and_a_night_is_no_taller_than_a_sheet()
    {
        var view = PlannedDays.View(2, 5);

        // Something begins every 75 min, so that nothing between can be folded: far longer than what fits at the usual height.
        var spread = view.Plan with { Starts = [.. view.Plan.Starts.Select((_, i) => i * 15)], Runs = [] };
        var busy = new DayView(view.Open, view.Built, spread, view.Shown);
        busy.Busy().Sum(b => b.To - b.From).ShouldBeGreaterThan(40 * 60 / Slot.Minutes);
        var box = Regex.Match(DayDrawing.OnPaper(busy).ToString(), "viewBox=\"0 0 (\\d+) (\\d+)\"").Groups;
        (double.Parse(box[2].Value, CultureInfo.InvariantCulture) / double.Parse(box[1].Value, CultureInfo.InvariantCulture))
            .ShouldBeLessThanOrEqualTo((244.0 / 192) + 0.01);
    }

    [Fact]
    public void A_plan_is_of_a_day_with_everything_that_it_depends_on_and_of_no_other()
    {
        var built = DayMaker.Make(3, 6);
        var day = built.Day;
        string Print(Day other) => OpenDay.FingerprintOf(built with { Day = other });
        Print(day with { }).ShouldBe(OpenDay.FingerprintOf(DayMaker.Make(3, 6)));

        // What is asked of the plan itself does not make another day of it.
        Print(
            day with
            {
                Now = 7,
                Pinned = new Dictionary<int, int> { [0] = 9 },
                Done = new Dictionary<int, (int, int)> { [1] = (4, -1) },
                Held = [(3, 5)],
            }).ShouldBe(Print(day));
        var others = new Dictionary<string, Day>
        {
            [nameof(Day.Endings)] = day with { Endings = [.. day.Endings, new(0, 0, 1, 2, 3, default, default)] },
            [nameof(Day.Gaps)] = day with { Gaps = [.. day.Gaps.Select((g, i) => i == 0 ? g with { Best = g.Best + 1 } : g)] },
            [nameof(Day.Works)] = day with
            {
                Works = [.. day.Works.Select((w, i) => i == 0 ? w with { Tool = w.Tool == Tool.None ? Tool.Burner : Tool.None } : w)],
            },
            [nameof(Day.Batches)] = day with
            {
                Batches = [.. day.Batches.Select((b, i) => i == 0 ? b with { HoldsMost = b.HoldsMost + 1 } : b)],
            },
            [nameof(Day.Shifts)] = day with { Shifts = [.. day.Shifts.SkipLast(1)] },
            [nameof(Day.Ovens)] = day with { Ovens = [.. day.Ovens.Select(o => o with { WarmUp = o.WarmUp + 1 })] },
            [nameof(Day.Cold)] = day with { Cold = [.. day.Cold.Select(c => c with { Widest = c.Widest - 1 })] },
            [nameof(Day.Heats)] = day with { Heats = [.. day.Heats, new(0, [40, 30])] },
            [nameof(Day.HeatLimit)] = day with { HeatLimit = (day.HeatLimit ?? 0) + 1 },
            [nameof(Day.Pans)] = day with { Pans = [.. day.Pans, new("plate-23 ", "23 cm pie plate", 2)] },
            [nameof(Day.Burners)] = day with { Burners = day.Burners + 1 },
            [nameof(Day.Mixers)] = day with { Mixers = day.Mixers + 1 },
            [nameof(Day.Processors)] = day with { Processors = day.Processors + 1 },
            [nameof(Day.End)] = day with { End = day.End + 1 },
        };

        // Whoever adds something to a day adds it here, or says above that no plan depends on it.
        typeof(Day).GetProperties().Where(p => p.CanWrite).Select(p => p.Name)
            .Except([nameof(Day.Now), nameof(Day.Pinned), nameof(Day.Done), nameof(Day.Held)]).Order(StringComparer.Ordinal)
            .ShouldBe(others.Keys.Order(StringComparer.Ordinal));
        others.Values.Select(Print).Append(Print(day)).Distinct().Count().ShouldBe(others.Count + 1);
    }

    [Fact]
    public void Nobody_is_asked_to_do_two_things_at_once_or_to_work_when_they_are_not_here()
    {
        for (var seed = 1; seed <= 40; seed++)
        {
            var view = PlannedDays.View(seed, 2 + (seed % 7));
            var day = view.Day;
            foreach (var lane in Hands(view).GroupBy(h => h.Who))
            {
                var all = lane.OrderBy(h => h.From).ToList();
                for (var k = 0; k < all.Count; k++)
                {
                    // After hours somebody stays for what is late; until then everybody works in their own.
                    for (var t = all[k].From; t < Math.Min(all[k].To, day.AfterHours); t++)
                        day.Shifts.Any(s => s.Baker == $"baker-{lane.Key + 1}" && s.From <= t && t < s.To)
                            .ShouldBeTrue($"day {seed}: baker {lane.Key} at {view.DayAndClock(t)}, {all[k].What}");
                    if (k > 0 && all[k].From < day.AfterHours)
                        all[k].From.ShouldBeGreaterThanOrEqualTo(
                            all[k - 1].To,
                            $"day {seed}: baker {lane.Key}, {all[k - 1].What} and {all[k].What} at {view.DayAndClock(all[k].From)}");
                }
            }

            // Nothing is left out, and what is written of it is what the plan says.
            view.Placed.Select(p => p.Index).Order().ShouldBe(Enumerable.Range(0, day.Works.Count));
            view.Placed.ShouldAllBe(
                p =>
                    p.From == view.Plan.Starts[p.Index] && p.To == view.Plan.EndOf(day, p.Index) && p.Pies.Length > 0
                        && view.WhoOf(p).Length > 0);
        }
    }

    [Fact]
    public void What_is_folded_away_is_a_time_in_which_nobody_does_anything()
    {
        for (var seed = 1; seed <= 10; seed++)
        {
            var view = PlannedDays.View(seed, 4);
            var busy = view.Busy();
            for (var k = 1; k < busy.Count; k++)
                busy[k].From.ShouldBeGreaterThan(busy[k - 1].To);
            Hands(view).ShouldAllBe(h => busy.Any(b => b.From <= h.From && h.To <= b.To));
            view.Plan.Runs.ShouldAllBe(r => busy.Any(b => b.From <= r.From - view.Day.Ovens[r.Oven].WarmUp && r.To <= b.To));
        }
    }
}
