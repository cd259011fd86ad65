using System.Globalization;
using System.Security.Cryptography;
using System.Text.Json;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Runs;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Days;

/// <summary>A kept day, read: its orders as the scheduler knows them, and its plan where that still fits.</summary>
public sealed record OpenDay
{
    /// <summary>The day as it is kept.</summary>
    public required BakeDay Kept { get; init; }

    /// <summary>The day's slots and what the clock says at them.</summary>
    public required DayClock Clock { get; init; }

    /// <summary>Its orders, those that can be made.</summary>
    public required IReadOnlyList<Order> Orders { get; init; }

    /// <summary>Its kitchen, bakers and hours.</summary>
    public required DaySetting Setting { get; init; }

    /// <summary>All its work, as the solver is given it.</summary>
    public required BuiltDay Built { get; init; }

    /// <summary>The kitchen with what the day changes of it.</summary>
    public required Kitchen Kitchen { get; init; }

    /// <summary>Its dates.</summary>
    public IEnumerable<DateOnly> Dates => Enumerable.Range(0, Kept.Days).Select(d => Kept.From.AddDays(d));

    /// <summary>What is odd about the days themselves: a night in which the clocks are changed.</summary>
    public IEnumerable<string> OddNights()
    {
        const int Usual = 24 * 60 / Slot.Minutes;
        for (var d = 0; d < Kept.Days; d++)
        {
            var slots = Clock.DayStart(d + 1) - Clock.DayStart(d);
            if (slots != Usual)
                yield return $"The clocks go {(slots < Usual ? "forward" : "back")} on {DayView.Date(Kept.From.AddDays(d))}: "
                    + $"that day is {DayView.HowLong(Math.Abs(Usual - slots))} {(slots < Usual ? "shorter" : "longer")}, and "
                    + $"the plan counts it so.";
        }
    }

    /// <summary>The plan; none where there is none, or the day has changed since.</summary>
    public Plan? Plan { get; init; }

    /// <summary>The plan as it is kept; none where it does not fit.</summary>
    public KeptPlan? KeptPlan { get; init; }

    /// <summary>The slot at which a step of an order is begun by the plan; none where there is no plan, or the step is not in it.</summary>
    /// <param name="batch">Which of the day's orders, as it counts them.</param>
    /// <param name="step">Which of its steps.</param>
    public int? WeighedAt(int batch, int step)
    {
        if (Plan is null)
            return null;
        for (var i = 0; i < Built.Day.Works.Count; i++)
        {
            var at = Built.Day.Works[i].Batches.ToList().IndexOf(batch);
            if (at >= 0 && Built.Day.Works[i].Steps[at].Contains(step))
                return Plan.Starts[i];
        }

        return null;
    }

    /// <summary>True where there is a plan, but of a day that has changed since.</summary>
    public bool OutOfDate { get; init; }

    /// <summary>The slot that it is now; may lie before or after the day.</summary>
    public required int Now { get; init; }

    /// <summary>What was done of it at the bench; none where it was never begun there.</summary>
    public RunState? Run { get; init; }

    /// <summary>What is odd about an order, by its key: its pie gone from the box, an hour that comes twice.</summary>
    public required IReadOnlyDictionary<string, string> Odd { get; init; }

    /// <summary>The bakers in the order of the day's lanes.</summary>
    public IReadOnlyList<Baker> Bakers => Kitchen.Bakers;

    /// <summary>
    /// A fingerprint of everything that a day's plan depends on: of all that the day is, so that nothing can be forgotten, but for what is
    /// asked of the plan itself (what is pinned, what is done, what time it is).
    /// </summary>
    public static string FingerprintOf(BuiltDay built)
    {
        var asked = built.Day with { Pinned = new Dictionary<int, int>(), Done = new Dictionary<int, (int, int)>(), Now = 0 };
        return Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(asked)))[..24];
    }

    /// <summary>What is meant by a mark that no longer fits: the step and whose it is.</summary>
    public string NameOf(WorkKey key) =>
        $"{key.Work.Step.Kind.Label} for {Orders.FirstOrDefault(o => o.Key == key.Order)?.Name ?? "an order that is gone"}";

    /// <summary>
    /// A work that is done or under way as it is known from then on: by its oven's id, and with all for whom it was done.
    /// </summary>
    /// <param name="work">Which work of the day as it is shown.</param>
    /// <param name="start">Its first slot.</param>
    /// <param name="oven">Its oven among the day's; -1 for hands.</param>
    public DoneWork DoneAt(int work, int start, int oven)
    {
        var of = Built.Day.Works[work];
        return new(
            start, oven < 0 ? "" : Built.Day.Ovens[oven].Id,
            of.Batches.Count > 1 ? [.. of.Batches.Select(b => Built.Day.Batches[b].Key)] : []);
    }

    /// <summary>A plan as it is kept.</summary>
    public static KeptPlan Keep(BuiltDay built, Plan plan, bool latenessProven, bool ovenOnProven)
    {
        var day = built.Day;
        return new(
            FingerprintOf(built),
            day.Works.Select((w, i) => (w.Key, i)).ToDictionary(x => x.Key, x => plan.Starts[x.i]),
            day.Works.Select((w, i) => (w.Key, i)).Where(x => plan.Ovens[x.i] >= 0)
                .ToDictionary(x => x.Key, x => day.Ovens[plan.Ovens[x.i]].Id),
            day.Batches.Select((b, i) => (b.Key, i)).ToDictionary(x => x.Key, x => plan.Ready[x.i]),
            [.. plan.Runs.Select(r => new KeptRun(day.Ovens[r.Oven].Id, r.Heat, r.From, r.To))],
            latenessProven, ovenOnProven);
    }

    /// <summary>A kept plan for a day; none where something of the day is not in it.</summary>
    public static Plan? Fit(Day day, KeptPlan kept)
    {
        int OvenOf(string id) => day.Ovens.ToList().FindIndex(o => o.Id == id);
        if (day.Works.Any(
                w => !kept.Starts.ContainsKey(w.Key) || (!w.IsHands && (!kept.Ovens.TryGetValue(w.Key, out var oven) || OvenOf(oven) < 0)))
                || day.Batches.Any(b => !kept.Ready.ContainsKey(b.Key))
                || kept.Runs.Any(r => OvenOf(r.Oven) < 0))
            return null;
        return new(
            [.. day.Works.Select(w => kept.Starts[w.Key])], [.. day.Works.Select(w => w.IsHands ? -1 : OvenOf(kept.Ovens[w.Key]))],
            [.. day.Batches.Select(b => Math.Max(b.Due, kept.Ready[b.Key]))],
            [.. kept.Runs.Select(r => new OvenRun(OvenOf(r.Oven), r.Heat, r.From, r.To))]);
    }
}

/// <summary>Opens kept days.</summary>
public sealed class DayOpener(DayBook book, RunBook runs, CompositionReader compositions, PieShelf shelf, KitchenClock clock)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);

    /// <summary>Opens a day; none where it is not there.</summary>
    public async Task<OpenDay?> OpenAsync(int id, CancellationToken cancel = default) =>
        await book.FindAsync(id, cancel) is { } day ? await OpenAsync(day, cancel) : null;

    /// <summary>Opens a day that was read.</summary>
    public async Task<OpenDay> OpenAsync(BakeDay day, CancellationToken cancel = default)
    {
        var last = await runs.LastOfAsync(day.Id, cancel);

        // What is learned while it is made, or from it, changes nothing of it.
        var kitchen = last is null ? await compositions.KitchenAsync(cancel) : await compositions.KitchenThenAsync(last.Learned, cancel);
        return await OpenAsync(day, kitchen, clock.Now, last is null ? null : (await runs.OpenAsync(last.Id, cancel)).State, cancel);
    }

    /// <summary>
    /// Opens a day as a rehearsal of it stands: at its moment, and with what was done in it and nothing else; none where it is not there.
    /// </summary>
    /// <param name="id">The day.</param>
    /// <param name="moment">The moment; none before anything of it is begun.</param>
    /// <param name="rehearsed">What was done.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<OpenDay?> OpenRehearsedAsync(
        int id, DateTimeOffset? moment, RunState rehearsed, CancellationToken cancel = default)
    {
        if (await book.FindAsync(id, cancel) is not { } day)
            return null;
        day.DayMarks.RemoveAll(m => m.Kind is MarkKind.Done);
        return await OpenAsync(day, await compositions.KitchenAsync(cancel), moment, rehearsed, cancel);
    }

    private async Task<OpenDay> OpenAsync(
        BakeDay day, Kitchen kitchen, DateTimeOffset? moment, RunState? run, CancellationToken cancel)
    {
        var wall = new DayClock(day.From, await clock.ZoneAsync(cancel));
        var odd = new Dictionary<string, string>(StringComparer.Ordinal);
        var orders = new List<Order>();
        var pies = await shelf.FindAsync([.. day.Orders.Select(o => o.PieId).OfType<int>()], cancel);
        foreach (var order in day.Orders)
        {
            var key = KeyOf(order.Id);
            var composition = (await compositions.ReadAsync(order.Address, cancel)).Composition;
            var due = wall.SlotOf(order.Due) ?? wall.SlotOf(order.Due.AddHours(1)) ?? 0;
            if (order.PieId is { } pie && !pies.ContainsKey(pie))
                odd[key] = "Its pie has been deleted. It is made as it was when it was ordered.";
            else if (order.PieId is { } known && pies[known].Address != order.Address)
                odd[key] = "Its pie has been changed since. It is made as it was when it was ordered.";
            if (wall.SlotOf(order.Due) is null)
                odd[key] = $"The clocks go forward over {order.Due:HH:mm} that night; it is wanted an hour later by the clock.";
            else if (wall.ComesTwice(order.Due))
                odd[key] = $"The clocks go back that night and show {order.Due:HH:mm} twice; the first is meant.";
            orders.Add(new(key, order.Name, composition, order.Count, due, order.Stock, order.Served));
        }

        var kept = day.Plan.Length == 0 ? null : JsonSerializer.Deserialize<KeptPlan>(day.Plan, Json);
        var now = moment is { } at ? wall.SlotAt(at) : -1;
        var setting = SettingOf(day, kitchen, wall);
        setting = setting with
        {
            Done = run is null ? setting.Done : DoneAtTheBench(run, setting.Done, wall),
            Now = Math.Max(0, now),
            Today = now,
            UnderWay = kept?.Starts.Where(s => s.Value < now).Select(s => s.Key.Split('.')[0]).ToHashSet() ?? [],
        };
        var built = DayBuilder.Build(orders, setting);
        var fits = kept is not null && kept.Print == OpenDay.FingerprintOf(built) && built.Made.Count > 0;
        var plan = fits ? OpenDay.Fit(built.Day, kept!) : null;
        return new()
        {
            Kept = day,
            Clock = wall,
            Orders = orders,
            Setting = setting,
            Built = built,
            Kitchen = kitchen,
            Plan = plan,
            KeptPlan = plan is null ? null : kept,
            OutOfDate = kept is not null && plan is null,
            Now = now,
            Run = run,
            Odd = odd,
        };
    }

    /// <summary>What a baker has said is done, and what was ticked or taken in hand at the bench, which knows better.</summary>
    private static Dictionary<string, DoneWork> DoneAtTheBench(
        RunState run, IReadOnlyDictionary<string, DoneWork> said, DayClock wall)
    {
        var done = new Dictionary<string, DoneWork>(said, StringComparer.Ordinal);
        foreach (var task in run.Plan.Tasks.Where(t => t.Task.Touch is null))
        {
            if (run.BegunAt(task.Task) is { } begun)
                done[task.Task.Work.ToString()] = new(
                    Math.Max(0, wall.SlotAt(begun)), task.Task.Work.Work.InOven ? task.Oven : "", task.Orders.Count > 1 ? task.Orders : []);
        }

        return done;
    }

    /// <summary>The same day as it can still be changed: what has begun stays as it was, and nothing new begins before now.</summary>
    public static BuiltDay FromNow(OpenDay open)
    {
        if (open.Now <= 0)
            return open.Built;
        var done = new Dictionary<string, DoneWork>(open.Setting.Done, StringComparer.Ordinal);
        if (open.Plan is { } plan)
        {
            for (var i = 0; i < open.Built.Day.Works.Count; i++)
            {
                if (plan.Starts[i] < open.Now)
                    done.TryAdd(open.Built.Day.Works[i].Key, open.DoneAt(i, plan.Starts[i], plan.Ovens[i]));
            }
        }

        return DayBuilder.Build(open.Orders, open.Setting with
        {
            Done = done,
            Pinned = open.Setting.Pinned.Where(p => p.Value >= open.Now).ToDictionary(p => p.Key, p => p.Value),
        });
    }

    /// <summary>Keeps a plan.</summary>
    public Task<bool> KeepAsync(int id, KeptPlan plan, CancellationToken cancel = default) =>
        book.ChangeAsync(id, d => d.Plan = JsonSerializer.Serialize(plan, Json), cancel);

    /// <summary>The key of an order.</summary>
    public static string KeyOf(int order) => FormattableString.Invariant($"o{order}");

    /// <summary>The number of a baker.</summary>
    public static int NumberOf(Baker baker) => int.Parse(baker.Id.AsSpan("baker-".Length), CultureInfo.InvariantCulture);

    private static DaySetting SettingOf(BakeDay day, Kitchen kitchen, DayClock wall)
    {
        var shifts = new List<Shift>();
        for (var b = 0; b < kitchen.Bakers.Count; b++)
        {
            for (var d = 0; d < day.Days; d++)
            {
                var date = day.From.AddDays(d);
                if (DayBook.HoursOf(day, kitchen.Bakers[b], date) is not { } hours)
                    continue;
                var (from, to) = wall.SlotsOf(date, hours.From, hours.To);
                if (to > from)
                    shifts.Add(new(kitchen.Bakers[b].Id, from, to));
            }
        }

        var cold = kitchen.Cold.ToList();
        var wide = new Millimetres(cold.Count == 0 ? 300 : cold.Max(c => c.Widest.Value));
        if (day.MoreFridge > 0)
            cold.Add(new("more-fridge", "more room", ColdKind.Fridge, day.MoreFridge, wide));
        if (day.MoreFreezer > 0)
            cold.Add(new("more-freezer", "more room", ColdKind.Freezer, day.MoreFreezer, wide));
        foreach (var lent in day.LentPans)
            kitchen = MorePans.With(kitchen, lent.Pan, lent.More);
        return new()
        {
            Kitchen = kitchen with { Cold = cold },
            Shifts = shifts,
            End = wall.DayStart(day.Days),
            Forbidden = day.ColdOvens.ToHashSet(),
            Apart = day.Apart.ToHashSet(),
            Pinned = day.DayMarks.Where(m => m.Kind is MarkKind.Pinned).ToDictionary(m => m.Key, m => m.Start),
            Done = day.DayMarks.Where(m => m.Kind is MarkKind.Done).ToDictionary(m => m.Key, m => new DoneWork(m.Start, m.Oven, m.Orders)),
        };
    }
}
