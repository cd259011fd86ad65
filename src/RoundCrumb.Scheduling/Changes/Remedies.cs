using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;

namespace RoundCrumb.Scheduling.Changes;

/// <summary>
/// When a day cannot be done as it is: the least change of each kind that would do it, each tried by solving the day with it.
/// </summary>
public static class Remedies
{
    private const int HalfHour = 30 / Slot.Minutes;
    private const int MostHalfHours = 6;
    private const int MostPlaces = 6;

    /// <summary>Finds them, the kinds one after another, and reports each as it is found.</summary>
    /// <param name="orders">The orders.</param>
    /// <param name="setting">Where and when.</param>
    /// <param name="plan">The plan that is late.</param>
    /// <param name="options">How each trial is solved.</param>
    /// <param name="found">Told of each.</param>
    /// <param name="facts">What happened already, where the day is under way.</param>
    /// <param name="cancel">Stops it.</param>
    public static IReadOnlyList<DayRemedy> Find(
        IReadOnlyList<Order> orders, DaySetting setting, Plan? plan, SolveOptions options, Action<DayRemedy>? found = null,
        DayFacts? facts = null, CancellationToken cancel = default)
    {
        var remedies = new List<DayRemedy>();
        var built = DayBuilder.Build(orders, setting);
        var rows = Rows(orders, setting, built, plan).Concat(OfLate(orders, setting, built, plan));

        // Of a day that is under way the pies come first: what is at hand can be done, and nobody has to be called in.
        if (facts is not null)
            rows = OfLate(orders, setting, built, plan).Concat(Rows(orders, setting, built, plan));
        foreach (var row in rows)
        {
            if (cancel.IsCancellationRequested)
                break;
            if (Least(orders, setting, row, options, facts, cancel) is not { } remedy)
                continue;
            remedies.Add(remedy);
            found?.Invoke(remedy);
        }

        return remedies;
    }

    /// <summary>Each kind of change, the smallest first.</summary>
    private static IEnumerable<IReadOnlyList<DayChange>> Rows(IReadOnlyList<Order> orders, DaySetting setting, BuiltDay built, Plan? plan)
    {
        if (setting.Forbidden.Count > 0)
            yield return [new AllOvens()];
        foreach (var kind in new[] { ColdKind.Fridge, ColdKind.Freezer })
        {
            if (setting.Kitchen.Cold.Any(c => c.Kind == kind && c.Places > 0))
                yield return [.. Enumerable.Range(1, MostPlaces).Select(n => new MoreCold(kind, n))];
        }

        foreach (var pan in built.Day.Pans.Where(p => built.Day.Batches.Where(b => b.Pan == p.Pan).Sum(b => b.Pies) > p.Owned))
            yield return [
                .. Enumerable.Range(
                    1, built.Day.Batches.Where(b => b.Pan == pan.Pan).Sum(b => b.Pies) - pan.Owned).Select(n => new MorePans(pan.Pan, n))
            ];
        foreach (var shift in setting.Shifts.Where(s => s.To > setting.Now).OrderBy(s => s.From))
        {
            // Not into somebody's night: from five in the morning, to ten at night.
            var midnight = shift.From - (shift.From % (24 * 60 / Slot.Minutes));
            var earlier = Enumerable.Range(1, MostHalfHours)
                .Select(n => new MoreHours(shift.Baker, shift.From - (n * HalfHour), shift.To, shift.From, shift.To))
                .Where(c => c.From >= Math.Max(setting.Now, midnight + (10 * HalfHour))).ToList();
            var later = Enumerable.Range(1, MostHalfHours)
                .Select(n => new MoreHours(shift.Baker, shift.From, shift.To + (n * HalfHour), shift.From, shift.To))
                .Where(c => c.To <= midnight + (44 * HalfHour)).ToList();
            if (earlier.Count > 0)
                yield return earlier;
            if (later.Count > 0)
                yield return later;
        }

        // A day off, and the day before: from the evening back to the early afternoon.
        const int Evening = 20 * 60;
        var aDay = 24 * 60 / Slot.Minutes;
        var bakers = setting.Shifts.Select(s => s.Baker).Distinct().Order(StringComparer.Ordinal).ToList();
        for (var day = setting.Now > 0 ? setting.Now / aDay : -1; day < setting.End / aDay; day++)
        {
            foreach (var baker in day < 0 ? bakers.Take(1) : bakers)
            {
                if (day < 0 || !setting.Shifts.Any(s => s.Baker == baker && s.From / aDay == day))
                    yield return [
                        .. Enumerable.Range(1, 2 * MostHalfHours).Select(n => new MoreShift(baker, day, Evening - (n * 30), Evening))
                            .Where(c => (day * aDay) + (c.From / Slot.Minutes) >= setting.Today)
                    ];
            }
        }

    }

    /// <summary>What can be changed of the orders that are late.</summary>
    private static IEnumerable<IReadOnlyList<DayChange>> OfLate(
        IReadOnlyList<Order> orders, DaySetting setting, BuiltDay built, Plan? plan)
    {
        var late = plan is null
            ? built.Day.Batches.Select(b => b.Key).ToList()
            : built.Day.Batches.Where((b, i) => plan.Ready[i] > b.Due).Select(b => b.Key).ToList();
        foreach (var key in late)
        {
            var order = orders.First(o => o.Key == key);
            foreach (var rest in Enum.GetValues<ShellRest>())
            {
                if (OtherRest.Fits(order.Pie, rest) && !ShellIsBaked(key, setting, built))
                    yield return [new OtherRest(key, rest)];
            }

            if (order.Count > 1)
                yield return [.. Enumerable.Range(1, order.Count - 1).Select(n => new OtherCount(key, order.Count - n))];
            if (order.Pie.Filling.Formula.Family == FillingFamilies.CheeseStiff)
            {
                foreach (var formula in FillingBook.All.Where(f => f.Family == FillingFamilies.CheeseGelatine).Take(1))
                    yield return [new OtherFilling(key, formula.Id)];
            }

            if (plan is not null && late.Count == 1)
                yield return [
                    .. Enumerable.Range(1, 12).Select(n => new OtherDue(key, order.Due + (n * 3))),
                    new OtherDue(key, plan.Ready[built.Day.Batches.ToList().FindIndex(b => b.Key == key)])
                ];
        }
    }

    /// <summary>True where a shell of an order is in the oven already, or was.</summary>
    private static bool ShellIsBaked(string order, DaySetting setting, BuiltDay built) => built.Day.Works.Any(
        w => w.Load is not null && WorkKey.TryParse(w.Key, out var key) && key.Order == order
            && key.Work.Step.Kind is StepKind.BakeShell && setting.Done.ContainsKey(w.Key));

    /// <summary>The least of a row that will do, found by halving: more of the same never does harm.</summary>
    private static DayRemedy? Least(
        IReadOnlyList<Order> orders, DaySetting setting, IReadOnlyList<DayChange> row, SolveOptions options, DayFacts? facts,
        CancellationToken cancel)
    {
        var (low, high) = (-1, row.Count - 1);
        if (high < 0)
            return null;
        if (Does(orders, setting, row[high], options, facts, cancel) is not true)
            return null;

        // What is below low is known not to do; whether that is proven is remembered.
        var proven = true;
        while (high - low > 1)
        {
            if (cancel.IsCancellationRequested)
                return null;
            var middle = (low + high) / 2;
            var does = Does(orders, setting, row[middle], options, facts, cancel);
            if (does is true)
                high = middle;
            else
                (low, proven) = (middle, does is false);
        }

        return new(row[high], proven);
    }

    /// <summary>True where nothing is late with it, false where something provably is, none where that is not known.</summary>
    private static bool? Does(
        IReadOnlyList<Order> orders, DaySetting setting, DayChange change, SolveOptions options, DayFacts? facts,
        CancellationToken cancel)
    {
        var (others, other) = change.Applied(orders, setting);
        var built = DayBuilder.Build(others, other);
        if (built.LeftOut.Count > 0)
            return false;
        if (facts is not null)
            built = facts.Of(built);
        using var enough = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        var solution = DaySolver.Solve(built.Day, options with { OnlyLateness = true, Known = null }, cancel: enough.Token);
        if (solution.NoneExists)
            return false;
        if (solution.Plan is not { } plan)
            return null;
        return plan.Lateness(built.Day) == 0 ? true : solution.LatenessProven ? false : null;
    }
}

/// <summary>What a planned day takes.</summary>
/// <param name="Hands">Minutes of hands.</param>
/// <param name="OvenOn">Minutes of ovens, warming up counted in.</param>
/// <param name="Lateness">Minutes that all orders together are late.</param>
public readonly record struct Tally(int Hands, int OvenOn, int Lateness)
{
    /// <summary>What a plan takes.</summary>
    public static Tally Of(Day day, Plan plan) =>
        new(day.Works.Sum(w => w.Hands) * Slot.Minutes, plan.OvenOn(day) * Slot.Minutes, plan.Lateness(day) * Slot.Minutes);
}

/// <summary>What a change of the orders costs.</summary>
/// <param name="Was">What the day takes as it is.</param>
/// <param name="Would">What it would take; none where there is no plan with the change.</param>
/// <param name="IsLeast">True when it is proven that it costs no less, in lateness and in oven hours.</param>
/// <param name="LeftOut">Orders that then cannot be made at all.</param>
public sealed record Cost(Tally Was, Tally? Would, bool IsLeast, IReadOnlyList<OrderTrouble> LeftOut)
{
    /// <summary>What one more of an order costs, beside a plan that is known.</summary>
    public static Cost OfOneMore(
        IReadOnlyList<Order> orders, DaySetting setting, Plan known, string order, SolveOptions options, CancellationToken cancel = default)
    {
        var before = DayBuilder.Build(orders, setting);
        var one = orders.First(o => o.Key == order);
        var (others, other) = new OtherCount(order, one.Count + 1).Applied(orders, setting);
        var after = DayBuilder.Build(others, other);
        var solution = DaySolver.Solve(after.Day, options, cancel: cancel);
        return new(
            Tally.Of(before.Day, known), solution.Plan is { } plan ? Tally.Of(after.Day, plan) : null,
            solution.LatenessProven && solution.OvenOnProven,
            [.. after.LeftOut.Where(t => before.LeftOut.All(l => l.Order.Key != t.Order.Key))]);
    }
}
