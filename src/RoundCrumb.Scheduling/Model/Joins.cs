using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Scheduling.Model;

/// <summary>Finds like work of several orders that is done in one go.</summary>
internal static class Joins
{
    /// <summary>For each batch and each name of like work, the first batch of those that do it together.</summary>
    public static Dictionary<(JoinName Join, int Batch), int> Of(List<Prepared> made, DaySetting setting, out List<Joined> joined)
    {
        var groups = new Dictionary<(JoinName, int), int>();
        joined = [];
        foreach (
            var join in made.SelectMany(m => m.Chain.Works).Select(w => w.Join).OfType<JoinName>().Distinct()
                .OrderBy(j => j.ToString(), StringComparer.Ordinal))
        {
            var users = Enumerable.Range(0, made.Count).Where(b => made[b].Chain.Works.Any(w => w.Join == join)).ToList();
            while (users.Count > 0)
            {
                // What is done already is settled first: it takes in nobody else.
                var first = users.Cast<int?>().FirstOrDefault(b => DoneWith(made, setting, join, b!.Value) is not null) ?? users[0];
                var together = users.Where(b => made[b].Order.Due - made[first].Order.Due <= Slot.Down(join.Within.Usual)).ToList();
                var name = $"{join} {made[first].Order.Key}";

                // What was done in one go stays so; what was not done with it is not done.
                var with = DoneWith(made, setting, join, first);
                if (with is not null)
                    together = [.. together.Where(b => b == first || with.Contains(made[b].Order.Key))];

                // No longer at a stretch than hands can stand: what is more makes a second lot.
                double Minutes(int b) => made[b].Chain.Works.First(w => w.Join == join).More;
                while (with is null && together.Count > 1 && together.Sum(Minutes) > StepConstants.LongestStretch.Usual)
                    together.RemoveAt(together.Count - 1);

                // What is creamed in one go stands finished at one time: in pans that there are, in the cold that there is.
                if (with is null && join.FinishesPies)
                {
                    while (together.Count > 1 && !StandTogether([.. together.Select(b => made[b])], setting.Kitchen))
                        together.RemoveAt(together.Count - 1);
                }

                users.RemoveAll(together.Contains);
                if (together.Count < 2)
                    continue;
                var works = together.Select(b => made[b].Chain.Works.First(w => w.Join == join)).ToList();
                var pulled = setting.Apart.Contains(name);
                joined.Add(
                    new(
                        name, join, works[0].Label, [.. together.Select(b => made[b].Order.Key)],
                        works.Sum(w => w.SetUp) - works.Max(w => w.SetUp), pulled));
                if (pulled)
                    continue;
                foreach (var b in together)
                    groups[(join, b)] = together[0];
            }
        }

        return groups;
    }

    /// <summary>The orders for which a batch's share of like work was done; none where it is not done.</summary>
    private static IReadOnlyList<string>? DoneWith(List<Prepared> made, DaySetting setting, JoinName join, int batch)
    {
        var work = made[batch].Chain.Works.First(w => w.Join == join);
        return setting.Done.TryGetValue(new WorkKey(made[batch].Order.Key, work.Id).ToString(), out var done) ? done.Orders : null;
    }

    private static bool StandTogether(List<Prepared> some, Kitchen kitchen)
    {
        var rooms = kitchen.Cold.Where(c => c.Kind is ColdKind.Fridge && c.Places > 0)
            .Select(c => new ColdRoom(c.Kind, c.Widest.Value, c.Places * ColdRoom.Place)).ToList();
        return some.GroupBy(p => DayBuilder.PanKey(p.Pie.Composition.Pan))
            .All(g => DayBuilder.Owned(kitchen, g.First().Pie.Composition.Pan) is not { } owned || g.Sum(p => p.Order.Count) <= owned)
            && (
                rooms.Count == 0
                    || some.Sum(p => DayBuilder.UnitsOf(p.Pie.Composition.Pan, p.Order.Count, rooms)) <= rooms.Sum(r => r.Units));
    }
}
