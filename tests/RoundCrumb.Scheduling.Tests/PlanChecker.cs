using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>
/// Says everything that is wrong with a plan. It knows nothing of the solver: it goes through the plan minute by minute
/// with the chains as the craft gives them and the kitchen as it stands, counting hands, shelves, burners and places.
/// </summary>
internal static class PlanChecker
{
    private const int Grid = 5;

    public static IReadOnlyList<string> Check(BuiltDay built, Plan plan)
    {
        var wrong = new List<string>();
        var day = built.Day;
        var kitchen = built.Setting.Kitchen;
        var end = (day.Horizon + 600) * Grid;

        // Which work of the plan does a batch's own piece of work: by the steps that it is.
        var at = new int[built.Made.Count][];
        for (var b = 0; b < built.Made.Count; b++)
        {
            var chain = built.Made[b].Chain;
            at[b] = new int[chain.Works.Count];
            var taken = new HashSet<int>();
            for (var w = 0; w < chain.Works.Count; w++)
            {
                at[b][w] = Enumerable.Range(0, day.Works.Count).First(i => !taken.Contains(i) && day.Works[i].Batches.Contains(b)
                    && day.Works[i].Steps[day.Works[i].Batches.ToList().IndexOf(b)].SequenceEqual(chain.Works[w].Steps)
                        && day.Works[i].IsHands == chain.Works[w].Baking is null && day.Works[i].Label == chain.Works[w].Label);
                taken.Add(at[b][w]);
            }
        }

        // What happened is not argued with, nor is what it took.
        bool Past(int i) => day.Done.ContainsKey(i);
        for (var i = 0; i < day.Works.Count; i++)
        {
            if (day.Done.TryGetValue(i, out var done) && plan.Starts[i] != done.Start)
                wrong.Add($"{day.Works[i].Key} is done and was moved");
        }

        int Start(int i) => plan.Starts[i] * Grid;
        int End(int i) => (plan.Starts[i] + day.Works[i].Length) * Grid;

        // Long enough for the hands and the baking that the craft asks for, within a slot.
        foreach (var i in Enumerable.Range(0, day.Works.Count).Where(i => !Past(i)))
        {
            var w = day.Works[i];
            var parts = w.Batches.Select(b => built.Made[b].Chain.Works[Array.IndexOf(at[b], i)]).ToList();
            var needs = w.IsHands ? parts.Max(p => p.SetUp) + parts.Sum(p => p.More) : parts[0].Baking!.Minutes;
            if (End(i) - Start(i) < needs - 1)
                wrong.Add($"{w.Key} {w.Label} has {End(i) - Start(i)} min of {needs:0}");
            if (plan.Starts[i] < day.Now)
                wrong.Add($"{w.Key} begins in the past");
        }

        // Waits: least and most, within a slot; then keeping and holding.
        for (var b = 0; b < built.Made.Count; b++)
        {
            var (order, _, chain) = built.Made[b];
            foreach (var gap in chain.Gaps.Where(g => !Past(at[b][g.From]) || !Past(at[b][g.To])))
            {
                var minutes = Start(at[b][gap.To]) - End(at[b][gap.From]);
                if (minutes < gap.Wait.Least - 1)
                    wrong.Add(
                        $"{order.Key}: {chain.Works[gap.From].Label} to {chain.Works[gap.To].Label} {minutes} min, least "
                            + $"{gap.Wait.Least:0}");

                // What is made for several pies at once may stand till its turn comes: a day.
                var most = gap.IsTie && day.Works[at[b][gap.From]].Batches.Count > 1 ? Math.Max(24 * 60, gap.Wait.Most) : gap.Wait.Most;
                if (!Past(at[b][gap.From]) && minutes > Math.Max(most, gap.Wait.Least + Grid) + 1)
                    wrong.Add(
                        $"{order.Key}: {chain.Works[gap.From].Label} to {chain.Works[gap.To].Label} {minutes} min, most {gap.Wait.Most:0}");
            }

            var ready = plan.Ready[b] * Grid;
            foreach (var ending in chain.Endings)
            {
                var minutes = ready - End(at[b][ending.From]);
                if (minutes < ending.Wait.Least - 1)
                    wrong.Add($"{order.Key} has {minutes} min to set, least {ending.Wait.Least:0}");
                if (!Past(at[b][ending.From]) && minutes > Math.Max(ending.Wait.Most, ending.Wait.Least + Grid) + 1)
                    wrong.Add($"{order.Key} stands {minutes} min after {chain.Works[ending.From].Label}, most {ending.Wait.Most:0}");
            }

            if (ready < order.Due * Grid)
                wrong.Add($"{order.Key} counts as ready before it is wanted");
            foreach (
                var filled in chain.Filled.Where(
                    f => !chain.Filled.Any(x => Past(at[b][x])) && ready - End(at[b][f]) > chain.Keeps.Most + 1))
                wrong.Add($"{order.Key} is {ready - End(at[b][filled])} min old, keeps {chain.Keeps.Most:0}");
            if (chain.Topped is { } topped && !Past(at[b][topped]) && ready - End(at[b][topped]) > Math.Max(Grid, chain.HoldsMost) + 1)
                wrong.Add($"{order.Key}: its topping holds {chain.HoldsMost:0} min");
        }

        // Hands, minute by minute.
        var hands = new int[end];
        foreach (var shift in day.Shifts)
            Count(hands, shift.From * Grid, shift.To * Grid, 1);
        for (var t = day.AfterHours * Grid; t < end; t++)
            hands[t] = Math.Max(1, hands[t]);
        foreach (var (from, to) in day.Held)
        {
            for (var t = from * Grid; t < to * Grid; t++)
                hands[t] = Math.Max(0, hands[t] - 1);
        }

        var busy = new int[end];
        foreach (var i in Enumerable.Range(0, day.Works.Count).Where(i => !Past(i)))
        {
            if (day.Works[i].IsHands)
                Count(busy, Start(i), End(i), 1);
            else
            {
                foreach (var touch in day.Works[i].Load!.Touches)
                    Count(busy, Start(i) + (touch.After * Grid), Start(i) + ((touch.After + touch.Length) * Grid), 1);
            }
        }

        Over(wrong, "hands", busy, t => hands[t]);
        foreach (
            var (tool, many) in new[]
            {
                (Tool.Burner, kitchen.Burners),
                (Tool.Mixer, kitchen.Mixers),
                (Tool.Processor, kitchen.Processors)
            })

        {
            var used = new int[end];
            foreach (
                var i in Enumerable.Range(0, day.Works.Count).Where(i => !Past(i) && day.Works[i].IsHands && day.Works[i].Tool == tool))
                Count(used, Start(i), End(i), 1);
            Over(wrong, tool.ToString(), used, _ => many);
        }

        Ovens(wrong, built, plan, end);
        Cold(wrong, built, plan, at, end);
        Heat(wrong, built, plan, at, end);

        // Pans.
        foreach (var pan in kitchen.Pans.Where(p => p.Room is not null))
        {
            var used = new int[end];
            for (var b = 0; b < built.Made.Count; b++)
            {
                if (DayBuilder.PanKey(built.Made[b].Pie.Composition.Pan) == DayBuilder.PanKey(pan.Pan))
                    Count(used, Start(at[b][built.Made[b].Chain.PansFrom]), plan.Ready[b] * Grid, built.Made[b].Order.Count);
            }

            Over(wrong, pan.Pan.Name, used, _ => pan.Room!.Value);
        }

        return wrong;
    }

    private static void Ovens(List<string> wrong, BuiltDay built, Plan plan, int end)
    {
        var day = built.Day;
        for (var o = 0; o < day.Ovens.Count; o++)
        {
            var oven = built.Setting.Kitchen.Ovens[o];
            var shelves = new int[end];
            var heat = new int[end];
            for (var i = 0; i < day.Works.Count; i++)
            {
                if (plan.Ovens[i] != o)
                    continue;
                var (from, to) = (plan.Starts[i] * Grid, (plan.Starts[i] + day.Works[i].Length) * Grid);
                var load = day.Works[i].Load!;
                var each = oven.OnOneShelf(built.Made[day.Works[i].Batches[0]].Pie.Composition.Pan);
                Count(shelves, from, to, load.Shelves[o]);
                if (each > 0 && load.Shelves[o] * each < day.Works[i].Pies && day.Works[i].Part != StepPart.Topping)
                    wrong.Add($"{day.Works[i].Pies} do not go on {load.Shelves[o]} shelves of {oven.Name}");
                for (var t = from; t < to; t++)
                {
                    if (heat[t] != 0 && heat[t] != load.Heat)
                        wrong.Add($"{oven.Name} is to be at {heat[t]} and {load.Heat} at minute {t}");
                    heat[t] = load.Heat;
                }

                if (!plan.Runs.Any(r => r.Oven == o && r.Heat == load.Heat && r.From * Grid <= from && r.To * Grid >= to))
                    wrong.Add($"{day.Works[i].Key} is in {oven.Name} outside its runs");
            }

            Over(wrong, oven.Name, shelves, _ => oven.Shelves);

            // It cannot change its heat, or be hot, without warming up.
            var runs = plan.Runs.Where(r => r.Oven == o).OrderBy(r => r.From).ToList();
            for (var k = 1; k < runs.Count; k++)
            {
                if ((runs[k].From - runs[k - 1].To) * Grid < oven.WarmUp - 1)
                    wrong.Add($"{oven.Name} has {(runs[k].From - runs[k - 1].To) * Grid} min from {runs[k - 1].Heat} to {runs[k].Heat}");
            }
        }

        for (var i = 0; i < day.Works.Count; i++)
        {
            if (!day.Works[i].IsHands && (plan.Ovens[i] < 0 || day.Works[i].Load!.Shelves[plan.Ovens[i]] == 0))
                wrong.Add($"{day.Works[i].Key} has no oven that takes it");
        }
    }

    private static void Cold(List<string> wrong, BuiltDay built, Plan plan, int[][] at, int end)
    {
        var day = built.Day;
        foreach (var kind in new[] { ColdKind.Fridge, ColdKind.Freezer })
        {
            var places = built.Setting.Kitchen.Cold.Where(c => c.Kind == kind).ToList();
            if (places.Count == 0)
                continue;
            var rooms = places.Select(c => new ColdRoom(c.Kind, c.Widest.Value, c.Places * ColdRoom.Place)).ToList();
            var where = kind is ColdKind.Fridge ? WaitsAt.Fridge : WaitsAt.Freezer;
            var used = new int[end];
            for (var b = 0; b < built.Made.Count; b++)
            {
                var (_, pie, chain) = built.Made[b];
                bool Past(int w) => day.Done.ContainsKey(at[b][w]);
                foreach (var gap in chain.Gaps.Where(g => g.At == where && !(Past(g.From) && Past(g.To))))
                {
                    var (from, to) = (at[b][gap.From], at[b][gap.To]);
                    Count(
                        used, (plan.Starts[from] + day.Works[from].Length) * Grid, plan.Starts[to] * Grid,
                        DayBuilder.UnitsOf(pie.Composition.Pan, gap.Holds.Pies, rooms) + (gap.Holds.Parcels * ColdRoom.Parcel));
                }

                foreach (var ending in chain.Endings.Where(e => e.At == where))
                    Count(
                        used, (plan.Starts[at[b][ending.From]] + day.Works[at[b][ending.From]].Length) * Grid, plan.Ready[b] * Grid,
                        DayBuilder.UnitsOf(pie.Composition.Pan, ending.Pies, rooms));
            }

            Over(wrong, kind.ToString(), used, _ => rooms.Sum(r => r.Units));
        }
    }

    /// <summary>
    /// Hot pies give the fridge an hour of much heat and two of less; it takes so much of it at once, or one batch by itself.
    /// </summary>
    private static void Heat(List<string> wrong, BuiltDay built, Plan plan, int[][] at, int end)
    {
        var kitchen = built.Setting.Kitchen;
        var fridges = kitchen.Cold.Where(c => c is { Kind: ColdKind.Fridge, Cooler: not null }).ToList();
        if (fridges.Count == 0)
            return;
        var used = new int[end];
        var room = (int)fridges.Sum(f => FridgeAir.TakesInAnHour(f.Cooler!.Value.Facts, f.Air, kitchen.Room.Value));
        for (var b = 0; b < built.Made.Count; b++)
        {
            var (_, pie, chain) = built.Made[b];
            if (pie.FridgeHeat.Count == 0)
                continue;
            for (var w = 0; w < chain.Works.Count; w++)
            {
                if (!chain.Works[w].Steps.Any(s => chain.Steps[s].Kind is StepKind.Set))
                    continue;
                var goesIn = (plan.Starts[at[b][w]] + built.Day.Works[at[b][w]].Length) * Grid;
                int Mean(int from, int slots) => (int)Math.Round(
                    pie.FridgeHeat.Skip(from).Take(slots).Sum(x => Math.Round(x * chain.Works[w].Pies)) / slots);
                room = Math.Max(room, Mean(0, 12));
                Count(used, goesIn, goesIn + 60, Mean(0, 12));
                Count(used, goesIn + 60, goesIn + 180, Mean(12, 24));
            }
        }

        Over(wrong, "heat into the fridge", used, _ => room);
    }

    private static void Count(int[] line, int from, int to, int by)
    {
        for (var t = Math.Max(0, from); t < Math.Min(line.Length, to); t++)
            line[t] += by;
    }

    private static void Over(List<string> wrong, string what, int[] used, Func<int, int> most)
    {
        for (var t = 0; t < used.Length; t++)
        {
            if (used[t] <= most(t))
                continue;
            wrong.Add($"{what}: {used[t]} of {most(t)} at minute {t}");
            return;
        }
    }
}
