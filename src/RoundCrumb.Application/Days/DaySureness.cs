using System.Globalization;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Application.Days;

/// <summary>Something that would make a day surer, done by one click.</summary>
public abstract record SurerChange
{
    /// <summary>Slots by which all is planned as if it were wanted sooner; 0 where the plan stays as it is.</summary>
    public abstract int PlannedSooner { get; }

    /// <summary>As text that reads back.</summary>
    public abstract string Code { get; }

    /// <summary>Reads one back; none where it is not one.</summary>
    public static SurerChange? Read(string? code) => (code ?? "").Split(' ') switch
    {
        ["sooner", var slots] when int.TryParse(slots, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n is > 0 and <= 24 =>
            new BeginSooner(n),
        ["here", var baker, var date, var from, var to] when DateOnly.TryParseExact(date, "yyyy-MM-dd", out var on)
            && int.TryParse(from, NumberStyles.None, CultureInfo.InvariantCulture, out var f)
            && int.TryParse(to, NumberStyles.None, CultureInfo.InvariantCulture, out var t) && f < t && t <= 24 * 60 =>
            new LendHand(baker, on, f, t),
        ["ovens"] => new UseEveryOven(),
        _ => null,
    };
}

/// <summary>Everything that is not done yet is begun sooner, and whoever works comes in so much sooner.</summary>
/// <param name="Slots">By how many slots; over 0.</param>
public sealed record BeginSooner(int Slots) : SurerChange
{
    /// <inheritdoc/>
    public override int PlannedSooner => Slots;

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"sooner {Slots}");
}

/// <summary>Somebody is here for as long as there is work on a date.</summary>
/// <param name="Baker">Who, by id.</param>
/// <param name="Date">When.</param>
/// <param name="From">From when, minutes after midnight.</param>
/// <param name="To">Until when, minutes after midnight.</param>
public sealed record LendHand(string Baker, DateOnly Date, int From, int To) : SurerChange
{
    /// <inheritdoc/>
    public override int PlannedSooner => 0;

    /// <inheritdoc/>
    public override string Code => FormattableString.Invariant($"here {Baker} {Date:yyyy-MM-dd} {From} {To}");
}

/// <summary>An oven that was left cold is used too, so that all is out of the way sooner.</summary>
public sealed record UseEveryOven : SurerChange
{
    /// <inheritdoc/>
    public override int PlannedSooner => DaySureness.Sooner;

    /// <inheritdoc/>
    public override string Code => "ovens";
}

/// <summary>A change with what it would do, played as often with the same luck.</summary>
/// <param name="Change">The change.</param>
/// <param name="Odds">How sure the day would be.</param>
public sealed record SurerOffer(SurerChange Change, DayOdds Odds);

/// <summary>How sure a planned day is, and what would make it surer.</summary>
public sealed class DaySureness(DayBook book, DayOpener days, Planner planner)
{
    /// <summary>Slots by which a day is begun sooner: twenty minutes.</summary>
    internal const int Sooner = 20 / Slot.Minutes;

    /// <summary>Seconds in which the day is planned for an earlier start.</summary>
    private const double Seconds = 1.5;

    /// <summary>A change that gains less than this share is not worth a click.</summary>
    private const double Worth = 0.01;

    /// <summary>Plays the day.</summary>
    public static DayOdds Odds(OpenDay open, CancellationToken cancel = default) => DayOdds.Of(open.Built, open.Plan!, cancel: cancel);

    /// <summary>What would make it surer, the best first, each played with the same luck.</summary>
    /// <param name="open">A day with a plan.</param>
    /// <param name="now">How sure it is now.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<IReadOnlyList<SurerOffer>> OffersAsync(OpenDay open, DayOdds now, CancellationToken cancel = default)
    {
        var offers = new List<SurerOffer>();
        foreach (var change in Changes(open))
        {
            if (await WithAsync(open, change, cancel) is var (built, plan))
                offers.Add(new(change, DayOdds.Of(built, plan, cancel: cancel)));
        }

        return [.. offers.Where(o => o.Odds.AllInTime >= now.AllInTime + Worth).OrderByDescending(o => o.Odds.AllInTime)];
    }

    /// <summary>Does a change to the kept day and its plan.</summary>
    /// <returns>False where it cannot be done any more.</returns>
    public async Task<bool> ApplyAsync(OpenDay open, SurerChange change, CancellationToken cancel = default)
    {
        if (open.Plan is null || await WithAsync(open, change, cancel) is not var (_, plan))
            return false;
        await book.ChangeAsync(
            open.Kept.Id,
            d =>
            {
                foreach (var (baker, date, hours) in HoursOf(open, change))
                    DayBook.SayHours(d, DayOpener.NumberOf(baker), date, hours);
                if (change is UseEveryOven)
                    d.ColdOvens = [];
            },
            cancel);
        if (await days.OpenAsync(open.Kept.Id, cancel) is not { } now)
            return false;
        var kept = open.KeptPlan!;
        await days.KeepAsync(open.Kept.Id, OpenDay.Keep(now.Built, plan, kept.LatenessProven, kept.OvenOnProven), cancel);
        return true;
    }

    private static IEnumerable<SurerChange> Changes(OpenDay open)
    {
        yield return new BeginSooner(Sooner);
        if (open.Setting.Forbidden.Count > 0)
            yield return new UseEveryOven();
        var plan = open.Plan!;
        foreach (var date in open.Dates)
        {
            var (from, to) = DayOf(open, date);
            var hands = plan.HandsOf(open.Built.Day)
                .Where(h => h.From >= from && h.From < to && !open.Built.Day.Done.ContainsKey(h.Work)).ToList();
            if (hands.Count == 0)
                continue;
            var (first, last) = (Minute(open, hands.Min(h => h.From)), Minute(open, hands.Max(h => h.To)));
            last = last <= first ? 24 * 60 : last;
            foreach (var baker in open.Bakers)
            {
                var here = DayBook.HoursOf(open.Kept, baker, date);
                var (f, t) = (Math.Min(first, here?.From ?? first), Math.Max(last, here?.To ?? last));
                if (f < t && (here is not { } h || f < h.From || t > h.To))
                    yield return new LendHand(baker.Id, date, f, t);
            }
        }
    }

    /// <summary>
    /// The day with a change, and its plan with it; none where there is no such plan. For an earlier start, and for one oven more, it is
    /// planned as if all were wanted sooner, but for what is served at its hour or would stand too long; when it is wanted stays as it is.
    /// </summary>
    private async Task<(BuiltDay Built, Plan Plan)?> WithAsync(OpenDay open, SurerChange change, CancellationToken cancel)
    {
        var plan = open.Plan!;
        var shifts = open.Setting.Shifts.ToList();
        foreach (var (baker, date, hours) in HoursOf(open, change))
        {
            var (from, to) = open.Clock.SlotsOf(date, hours.From, hours.To);
            var (midnight, next) = DayOf(open, date);
            shifts.RemoveAll(s => s.Baker == baker.Id && s.From < next && s.To > midnight);
            shifts.Add(new(baker.Id, from, to));
        }

        var setting = open.Setting with
        {
            Shifts = shifts,
            Forbidden = change is UseEveryOven ? new HashSet<string>() : open.Setting.Forbidden,
        };
        var built = DayBuilder.Build(open.Orders, setting);
        var slots = change.PlannedSooner;
        if (slots == 0)
            return (built, plan);
        var day = built.Day;
        var tight = day.Endings.Where(e => plan.Ready[e.Batch] - plan.EndOf(day, e.From) + slots > e.Most)
            .Select(e => day.Batches[e.Batch].Key).ToHashSet(StringComparer.Ordinal);
        var earlier = DayBuilder.Build(
            open.Orders.Select(o => o.Served || tight.Contains(o.Key) ? o : o with { Due = Math.Max(1, o.Due - slots) }), setting);
        if (earlier.Made.Count != built.Made.Count)
            return null;
        var known = OpenDay.Fit(earlier.Day, open.KeptPlan!);
        if (known is not null)
        {
            known = known with
            {
                Starts = [.. known.Starts.Select((s, i) => earlier.Day.Done.ContainsKey(i) ? s : Math.Max(0, s - slots))],
                Runs = [.. known.Runs.Select(r => r with { From = r.From - slots, To = r.To - slots })],
            };
        }

        var solved = await planner.AskAsync(
            new(Urgency.AtThePage, Seconds, ""),
            stop => DaySolver.Solve(earlier.Day, new() { Seconds = Seconds, Known = known, StayNear = true }, null, stop), cancel);

        // The same work, though the orders may stand in another order among themselves.
        return solved?.Plan is { } found && found.Lateness(earlier.Day) == 0
            && OpenDay.Fit(day, OpenDay.Keep(earlier, found, false, false)) is { } moved
            ? (built, moved)
            : null;
    }

    private static (int From, int To) DayOf(OpenDay open, DateOnly date)
    {
        var day = date.DayNumber - open.Kept.From.DayNumber;
        return (open.Clock.DayStart(day), open.Clock.DayStart(day + 1));
    }

    /// <summary>The hours that a change says.</summary>
    private static IEnumerable<(Baker Baker, DateOnly Date, Hours Hours)> HoursOf(OpenDay open, SurerChange change)
    {
        switch (change)
        {
            case LendHand lend when open.Bakers.FirstOrDefault(b => b.Id == lend.Baker) is { } baker:
                yield return (baker, lend.Date, new(lend.From, lend.To));
                break;
            case BeginSooner sooner:
                foreach (var date in open.Dates)
                {
                    foreach (var one in open.Bakers)
                    {
                        if (DayBook.HoursOf(open.Kept, one, date) is { } hours)
                            yield return (one, date, hours with { From = Math.Max(0, hours.From - (sooner.Slots * Slot.Minutes)) });
                    }
                }

                break;
        }
    }

    private static int Minute(OpenDay open, int slot) => (int)open.Clock.WallOf(slot).TimeOfDay.TotalMinutes;
}
