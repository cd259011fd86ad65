using System.Globalization;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Explaining;

/// <summary>A day's figures, in minutes, each with how it was made. What stands on the clock is in whole slots of five minutes.</summary>
/// <param name="built">The day.</param>
/// <param name="clock">What the clock on the wall says.</param>
public sealed class DayFigures(BuiltDay built, DayClock clock)
{
    private readonly Day _day = built.Day;

    private static MinuteRange Slots(int slots) => MinuteRange.Of(slots * Slot.Minutes);

    /// <summary>The figures that a plan has besides those of the orders.</summary>
    public IReadOnlyList<IWorked> Of(Plan plan) =>
    [
        Hands(plan), OvensOn(plan), Late(plan),
        .. Enumerable.Range(0, _day.Batches.Count).Where(b => plan.Ready[b] > _day.Batches[b].Due).Select(b => Late(plan, b)),
        .. Enumerable.Range(0, _day.Works.Count).Select(Takes),
    ];

    /// <summary>
    /// The figures that a day has before it is planned: hands, how long each order takes, and what doing like work in one go saves.
    /// </summary>
    public IReadOnlyList<IWorked> OfOrders() =>
    [
        Hands(), .. Enumerable.Range(0, built.Made.Count).SelectMany(b => new IWorked[] { HandsFor(b), Lead(b) }),
        .. built.Joined.Where(j => !j.Apart).Select(j => Saves([j])), .. OneGo().Where(g => !g[0].Apart).Select(Saves)
    ];

    /// <summary>What is done in one go, the stages of one dough together, as a baker would pull them apart.</summary>
    public IReadOnlyList<IReadOnlyList<Joined>> OneGo() =>
        [
            .. built.Joined.GroupBy(
                j => (string.Join(' ', j.Orders), j.Join.Kind is JoinKind.Dough or JoinKind.Fat ? "" : j.Label))
                .Select(g => (IReadOnlyList<Joined>)[.. g])
        ];

    /// <summary>Minutes that one piece of work takes: hands from beginning to end, or in the oven.</summary>
    /// <param name="work">Which work of the day.</param>
    public Worked<MinuteRange> Takes(int work)
    {
        var w = _day.Works[work];
        var id = "takes-" + w.Key;
        var name = $"{w.Label}: how long";
        var parts = built.WorksOf(work);
        if (parts[0].Work.Baking is { } baking)
        {
            return new(
                id, name, Slots(w.Length), "from going in to coming out, to the next five minutes; what hands do at the door is in it",
                Term.Given("in the oven", MinuteRange.Of(baking.Minutes)),
                Term.Given("of that, hands at the door", MinuteRange.Of(baking.Touches.Sum(t => t.Minutes))));
        }

        var more = parts.Where(p => p.Work.More >= 0.5).Select(
            p => Term.Given($"{p.Work.Pies} × {p.Of.Order.Name}", MinuteRange.Of(p.Work.More)));
        return parts.Count == 1
            ? new(
                id, name, Slots(w.Length), "setting up once + what grows with the pies, to the next five minutes",
                [Term.Given("setting up", MinuteRange.Of(parts[0].Work.SetUp)), .. more])
            : new(
                id, name, Slots(w.Length),
                "the longest setting up, once for all + what grows with the pies of each, to the next five minutes",
                [Term.Given("setting up", MinuteRange.Of(parts.Max(p => p.Work.SetUp))), .. more]);
    }

    /// <summary>Minutes of hands for one order, as if it were made by itself.</summary>
    /// <param name="batch">Which.</param>
    public Worked<MinuteRange> HandsFor(int batch)
    {
        var (order, _, chain) = built.Made[batch];
        var terms = chain.Works.Select(
            w => Term.Given(w.Label + (w.Baking is null ? "" : ": at the door"), MinuteRange.Of(HandsOf(w)))).ToArray();
        return new(
            "hands-" + order.Key, $"{order.Name}: hands", MinuteRange.Of(chain.Works.Sum(HandsOf)),
            "each piece of work, added up, made by itself", terms);
    }

    private static double HandsOf(Work work) => work.Baking is { } baking ? baking.Touches.Sum(t => t.Minutes) : work.Minutes;

    /// <summary>
    /// Minutes from the first hands on an order to the time it is ready, at the least: its longest way from work to work, with hands and
    /// ovens to spare.
    /// </summary>
    /// <param name="batch">Which.</param>
    public Worked<MinuteRange> Lead(int batch)
    {
        // From the end: what is the longest that must still follow each piece of work.
        var (order, _, chain) = built.Made[batch];
        var left = new double[chain.Works.Count];
        var next = new (double Wait, int To)[chain.Works.Count];
        for (var w = chain.Works.Count - 1; w >= 0; w--)
        {
            next[w] = chain.Gaps.Where(g => g.From == w).Select(g => (g.Wait.Least, g.To))
                .Concat(chain.Endings.Where(e => e.From == w).Select(e => (e.Wait.Least, -1)))
                .MaxBy(n => n.Item1 + (n.Item2 < 0 ? 0 : left[n.Item2]));
            left[w] = chain.Works[w].Minutes + next[w].Wait + (next[w].To < 0 ? 0 : left[next[w].To]);
        }

        var terms = new List<Term>();
        for (var w = Array.IndexOf(left, left.Max()); w >= 0; w = next[w].To)
        {
            terms.Add(
                Term.Given(
                    chain.Works[w].Label + (chain.Works[w].Baking is null ? "" : ", in the oven"), MinuteRange.Of(chain.Works[w].Minutes)));
            if (next[w].Wait > 0)
                terms.Add(Term.Given("then it waits", MinuteRange.Of(next[w].Wait)));
        }

        return new(
            "lead-" + order.Key, $"{order.Name}: from the first hands to ready", MinuteRange.Of(left.Max()),
            "the longest way from work to work, with the shortest waits, hands and ovens to spare", [.. terms]);
    }

    /// <summary>Minutes of hands in all, order by order.</summary>
    public Worked<MinuteRange> Hands() => Sum(
        "hands-orders", "Hands in all", "what is done for each order, or in one go for several, added up",
        Touching().GroupBy(h => string.Join(", ", _day.Works[h.Work].Batches.Select(b => _day.Batches[b].Name))), plan: null);

    /// <summary>Minutes of hands in all, day by day.</summary>
    public Worked<MinuteRange> Hands(Plan plan) => Sum("hands", "Hands in all", "the hands of each day, added up",
        Touching().OrderBy(h => plan.Starts[h.Work] + h.After).GroupBy(h => DayOf(plan.Starts[h.Work] + h.After)), plan);

    private Worked<MinuteRange> Sum(
        string id, string name, string formula, IEnumerable<IGrouping<string, (int Work, int After, int Length)>> groups, Plan? plan)
    {
        var terms = groups.Select((g, k) => Term.Of(new Worked<MinuteRange>(
            $"{id}-{k}", g.Key, Slots(g.Sum(h => h.Length)), "what hands do, added up; at the oven’s door too",
            [.. g.Select(h => OneStretch(h.Work, h.After, h.Length, plan))]))).ToArray();
        return new(id, name, Slots(_day.Works.Sum(w => w.Hands)), formula, terms);
    }

    private Term OneStretch(int work, int after, int length, Plan? plan)
    {
        var w = _day.Works[work];
        var name = (plan is null ? "" : Clock(plan.Starts[work] + after) + " ") + w.Label
            + (w.Load is null ? "" : after == w.Load.Touches[^1].After ? ": out" : ": at the door");
        return w.Load is null ? Term.Of(Takes(work)) with { Name = name } : Term.Given(name, Slots(length));
    }

    /// <summary>Minutes that ovens are on.</summary>
    public Worked<MinuteRange> OvensOn(Plan plan) => new(
        "ovens", "Ovens on", Slots(plan.OvenOn(_day)), "each run of an oven, warming up counted in, added up",
        [.. plan.Runs.Select((r, k) => Term.Of(new Worked<MinuteRange>(
            $"ovens-{k}", $"{_day.Ovens[r.Oven].Name}, {DayAndClock(r.From - _day.Ovens[r.Oven].WarmUp)}–{Clock(r.To)}",
            Slots(r.To - r.From + _day.Ovens[r.Oven].WarmUp), "warming up + from the first in to the last out, at one heat",
            [
                Term.Given("warming up", Slots(_day.Ovens[r.Oven].WarmUp)), Term.Given("baking", Slots(r.To - r.From)),
                Term.Given("heat", r.Heat, Dimension.OvenHeat),
                .. Enumerable.Range(0, _day.Works.Count)
                    .Where(i => plan.Ovens[i] == r.Oven && plan.Starts[i] >= r.From && plan.EndOf(_day, i) <= r.To)
                    .Select(
                        i =>
                            Term.Given(
                                $"of that {Clock(plan.Starts[i])} {_day.Works[i].Label}, {_day.Batches[_day.Works[i].Batches[0]].Name}",
                                Slots(_day.Works[i].Length))),
            ])))]);

    /// <summary>Minutes that all orders together are late.</summary>
    public Worked<MinuteRange> Late(Plan plan) => new(
        "late", "Late in all", Slots(plan.Lateness(_day)), "how late each order is, added up",
        [.. Enumerable.Range(0, _day.Batches.Count).Where(b => plan.Ready[b] > _day.Batches[b].Due).Select(b => Term.Of(Late(plan, b)))]);

    /// <summary>Minutes that one order is late.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="batch">Which; one that is late.</param>
    public Worked<MinuteRange> Late(Plan plan, int batch)
    {
        var b = _day.Batches[batch];
        var last = _day.Endings.Where(e => e.Batch == batch).MaxBy(e => plan.EndOf(_day, e.From) + e.Least)!;
        var end = plan.EndOf(_day, last.From);
        var done = $"wanted {DayAndClock(b.Due)}, {_day.Works[last.From].Label} over {DayAndClock(end)}";
        var stands = Term.Given("then it has to stand", Slots(plan.Ready[batch] - end));
        var (id, name, late) = ("late-" + b.Key, $"{b.Name}: late", Slots(plan.Ready[batch] - b.Due));
        return end >= b.Due
            ? new(
                id, name, late,
                "from when it is wanted to the end of its last work" + (plan.Ready[batch] > end ? " + how long it then has to stand" : ""),
                [Term.Given(done, Slots(end - b.Due)), .. plan.Ready[batch] > end ? [stands] : Array.Empty<Term>()])
            : new(
                id, name, late, "how long it has to stand after its last work − from then to when it is wanted", stands,
                Term.Given(done, Slots(b.Due - end)));
    }

    /// <summary>Minutes of hands saved by doing like work in one go.</summary>
    /// <param name="joined">What is done so, for the same orders.</param>
    public Worked<MinuteRange> Saves(IReadOnlyList<Joined> joined)
    {
        var id = $"saves-{joined[0].Name}" + (joined.Count > 1 ? "-all" : "");
        if (joined.Count > 1)
            return new(
                id, "Saved by doing it in one go", MinuteRange.Of(joined.Sum(j => j.Saves)), "what each stage saves, added up",
                [.. joined.Select(j => Term.Of(Saves([j])) with { Name = j.Label })]);
        var one = joined[0];
        var works = built.Made.Where(m => one.Orders.Contains(m.Order.Key))
            .Select(m => (m.Order, Work: m.Chain.Works.First(w => w.Join == one.Join))).ToList();
        return new(
            id, "Saved by doing it in one go", MinuteRange.Of(one.Saves),
            "setting up for each − the longest setting up, which is done once for all",
            [
                .. works.Select(w => Term.Given($"setting up for {w.Order.Name}", MinuteRange.Of(w.Work.SetUp))),
                Term.Given("the longest", MinuteRange.Of(works.Max(w => w.Work.SetUp)))
            ]);
    }

    /// <summary>Stretches of hands, and hands at an oven's door.</summary>
    private IEnumerable<(int Work, int After, int Length)> Touching() => Enumerable.Range(0, _day.Works.Count)
        .SelectMany(
            i => _day.Works[i].Load is { } load ? load.Touches.Select(t => (i, t.After, t.Length)) : [(i, 0, _day.Works[i].Length)]);

    private string Clock(int slot) => clock.WallOf(slot).ToString("HH:mm", CultureInfo.InvariantCulture);

    private string DayAndClock(int slot) => clock.WallOf(slot).ToString("ddd HH:mm", CultureInfo.InvariantCulture);

    private string DayOf(int slot) => clock.WallOf(slot).ToString("dddd d MMMM", CultureInfo.InvariantCulture);
}
