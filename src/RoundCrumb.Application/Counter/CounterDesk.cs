using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Buying;
using RoundCrumb.Application.Days;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Runs;

namespace RoundCrumb.Application.Counter;

/// <summary>What waits to be taken up, the most urgent first.</summary>
public enum NextThing
{
    /// <summary>A clock of the bench is due.</summary>
    ClockDue,

    /// <summary>A day is under way at the bench.</summary>
    BenchUnderWay,

    /// <summary>A first step of a new kitchen.</summary>
    FirstSteps,

    /// <summary>Today’s or tomorrow’s orders have no plan that fits them.</summary>
    PlanTheDay,

    /// <summary>A planned day can be begun at the bench.</summary>
    BeginTheDay,

    /// <summary>A bake is not logged.</summary>
    LogABake,

    /// <summary>Nothing presses.</summary>
    Compose,
}

/// <summary>A day of which something is wanted today or tomorrow, or else next.</summary>
/// <param name="Open">The day.</param>
/// <param name="IsPlanned">True where it has a plan that fits it.</param>
/// <param name="IsUnderWay">True where it is under way at the bench.</param>
public sealed record NearDay(OpenDay Open, bool IsPlanned, bool IsUnderWay)
{
    /// <summary>True where work on it may begin today: it is one of its dates.</summary>
    public bool IsToday(DateOnly today) => Open.Dates.Contains(today);

    /// <summary>What comes next by its plan, for a day that is not under way at the bench: when, what, for which orders.</summary>
    /// <param name="most">At most so many.</param>
    public IEnumerable<(DateTime At, string What, string For)> Coming(int most)
    {
        if (IsUnderWay || !IsPlanned || Open.Plan is not { } plan)
            return [];
        var day = Open.Built.Day;
        return plan.HandsOf(day).Where(h => h.From >= Open.Now).OrderBy(h => h.From).Select(h => h.Work).Distinct().Take(most)
            .Select(w => (
                Open.Clock.WallOf(plan.Starts[w]), day.Works[w].Label,
                string.Join(" and ", Open.Built.WorksOf(w).Select(x => $"{x.Of.Order.Name} × {x.Work.Pies}"))));
    }
}

/// <summary>Something that stands ready and keeps until a day.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Pies">How many.</param>
/// <param name="MadeOn">When it was filled.</param>
/// <param name="UseBy">The last day on which it is good.</param>
/// <param name="Day">The bake day that it is of.</param>
/// <param name="Tint">Its filling’s colour.</param>
public sealed record KeptPie(string Name, int Pies, DateOnly MadeOn, DateOnly UseBy, int Day, string Tint);

/// <summary>Now and next.</summary>
/// <param name="Now">The kitchen’s wall clock.</param>
/// <param name="Zone">Its zone.</param>
/// <param name="UnderWay">What the bench has under way.</param>
/// <param name="Days">The days of which something is wanted today or tomorrow; where nothing is, those of the next date.</param>
/// <param name="Orders">What is wanted then, the soonest first.</param>
/// <param name="Kept">What is made and still good, what has to be sold soonest first.</param>
/// <param name="ToLog">Bakes that are not logged, the latest first.</param>
/// <param name="NotLogged">How many such bakes there are.</param>
/// <param name="First">What a new kitchen has still to do.</param>
/// <param name="Left">What in the house has to go soon, and what could be made of it.</param>
/// <param name="Later">The date that the orders are for, where it is later than tomorrow; none where it is not.</param>
public sealed record CounterState(
    DateTime Now, TimeZoneInfo Zone, IReadOnlyList<OpenBench> UnderWay, IReadOnlyList<NearDay> Days,
    IReadOnlyList<(DayOrder Order, int Day)> Orders, IReadOnlyList<KeptPie> Kept, IReadOnlyList<Bake> ToLog, int NotLogged,
    IReadOnlyList<FirstStep> First, LeftInHouse Left, DateOnly? Later)
{
    /// <summary>The date that it is.</summary>
    public DateOnly Today => DateOnly.FromDateTime(Now);

    /// <summary>What to do next.</summary>
    public NextThing Next =>
        UnderWay.Any(r => r.State.Clocks().Any(c => c.IsDue(r.Now))) ? NextThing.ClockDue
        : UnderWay.Count > 0 ? NextThing.BenchUnderWay
        : First.Count > 0 ? NextThing.FirstSteps
        : Days.Any(d => !d.IsPlanned) ? NextThing.PlanTheDay
        : Days.Any(d => d.IsToday(Today)) ? NextThing.BeginTheDay
        : NotLogged > 0 ? NextThing.LogABake
        : NextThing.Compose;
}

/// <summary>Puts together what the counter shows: what is under way, what is wanted, what keeps and what waits.</summary>
public sealed class CounterDesk(
    RunBook runs, BenchDesk bench, DayBook book, DayOpener days, CompositionReader compositions, BakeBook bakes, FirstStepsBook first,
    UseUpDesk useUp, KitchenClock clock, TimeProvider time)
{
    private const int MostUnderWay = 4, MostToLog = 4, MostMade = 3;

    /// <summary>An order that was wanted so many hours ago is still shown.</summary>
    private const double LateShown = 2;

    /// <summary>Days back in which something may have been made that still keeps.</summary>
    private const int KeepsBack = 4;

    /// <summary>Now and next.</summary>
    public async Task<CounterState> OpenAsync(CancellationToken cancel = default)
    {
        var zone = await clock.ZoneAsync(cancel);
        var now = TimeZoneInfo.ConvertTime(time.GetUtcNow(), zone).DateTime;
        var today = DateOnly.FromDateTime(now);
        var underWay = new List<OpenBench>();
        foreach (var run in (await runs.UnderWayAsync(cancel)).Take(MostUnderWay))
        {
            if (await bench.OpenAsync(run.Id, cancel) is { } open)
                underWay.Add(open);
        }

        var near = new List<NearDay>();
        var orders = new List<(DayOrder, int)>();

        // Where nothing is wanted today or tomorrow, the next date for which something is stands in their place.
        var nearIds = await book.BetweenAsync(today, today.AddDays(1), cancel);
        var until = today.AddDays(1);
        if (nearIds.Count == 0 && await book.NextAsync(today, cancel) is { } next)
            (nearIds, until) = (await book.BetweenAsync(next, next, cancel), next);
        foreach (var id in nearIds)
        {
            if (await days.OpenAsync(id, cancel) is not { } open)
                continue;
            near.Add(new(open, open.Plan is not null && !open.OutOfDate, underWay.Any(u => u.Run.BakeDayId == id)));
            orders.AddRange(open.Kept.Orders
                .Where(o => o.Due >= now.AddHours(-LateShown) && DateOnly.FromDateTime(o.Due) <= until).Select(o => (o, id)));
        }

        var kept = new List<KeptPie>();
        var kitchen = await compositions.KitchenAsync(cancel);
        foreach (var id in await book.BetweenAsync(today.AddDays(-KeepsBack), today, cancel))
        {
            foreach (var order in (await book.FindAsync(id, cancel))?.Orders.Where(o => o.Due <= now) ?? [])
            {
                var pie = Assessment.Of((await compositions.ReadAsync(order.Address, cancel)).Composition, order.Count, kitchen);

                // It was filled so long before it was wanted as it sets.
                var filled = order.Due.AddMinutes(-pie.SetTime.Value.Best);
                var last = DateOnly.FromDateTime(filled.AddMinutes(PieLabel.Of(BatchSheet.Of(pie)).Keeps.Value.Most));
                if (last >= today)
                    kept.Add(new(order.Name, order.Count, DateOnly.FromDateTime(filled), last, id, pie.Composition.Filling.Formula.Tint));
            }
        }

        // What is still at the bench is logged from there when it is done.
        var toLog = new LogQuery
        {
            OnlyOpen = true,
            Without = [.. underWay.SelectMany(u => u.Day?.Kept.Orders ?? []).Select(o => o.BakeId).OfType<int>()],
        };
        return new(
            now, zone, underWay, near, [.. orders.OrderBy(o => o.Item1.Due)], [.. kept.OrderBy(k => k.UseBy)],
            await bakes.ListAsync(toLog, 0, MostToLog, cancel), await bakes.CountAsync(toLog, cancel), await first.LeftAsync(cancel),
            await useUp.InHouseAsync(today, MostMade, cancel), until > today.AddDays(1) ? until : null);
    }
}
