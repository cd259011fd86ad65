using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Records;
using RoundCrumb.Data.Bakes;

namespace RoundCrumb.Data.Demo;

/// <summary>What the tea room wrote down in the six weeks before: enough of some pies to learn from, too little of others.</summary>
internal static class DemoLogs
{
    private const string Rhubarb = "Rhubarb buttermilk custard pie";
    private const string Yoghurt = "Raspberry yoghurt pie";
    private const string Coffee = "Late-shift coffee pie";
    private const string Malt = "Malt custard cream pie";
    private const string Lime = "Lime pie on ginger crumb";

    /// <summary>The bakes, the oldest first.</summary>
    /// <param name="now">The moment that it is.</param>
    /// <param name="pies">The tea room's pies, by name.</param>
    public static IEnumerable<Bake> All(DateTimeOffset now, IReadOnlyDictionary<string, string> pies)
    {
        Bake Made(string pie, int count, int daysAgo, BakeEntry entry) => new()
        {
            PieName = pie,
            Address = Core.Composing.CompositionAddress.WithLearned(pies[pie], 0),
            Pies = count,
            MadeAt = now.AddDays(-daysAgo).AddHours(-3),
            Log = BakeBook.LogOf(entry, new BakeLog(), now.AddDays(-daysAgo).AddHours(9)),
        };

        // Its custard gives less than the book says, and the filled shell takes longer: five bakes that agree, and one slip of the pen.
        foreach (var (days, pot, filled, notes, taste) in new[]
        {
            (40, 0.93, 1.16, "Middle still waved at the book's minutes.", ""), (33, 0.95, 1.10, "", "The buttermilk comes through."),
            (26, 0.94, 1.14, "Left it until it trembled as one.", ""), (19, 0.93, 1.12, "", "Sharp, and better for it."),
            (12, 0.94, 1.15, "", "")
        })
        {
            yield return Made(Rhubarb, 1, days, new()
            {
                OvenSet = new(175),
                OvenRead = new(175 + (days % 5) + 6),
                FromPot = new(Math.Round(RhubarbPot * pot)),
                LeftOver = new(0),
                StageMinutes = new Dictionary<StageKind, double> { [StageKind.Filled] = Math.Round(RhubarbBake * filled) },
                Base = BaseVerdict.Firm,
                Set = SetVerdict.Clean,
                Baker = "baker-1",
                Sold = 1,
                Notes = notes,
                TasteWords = taste,
                Tastes = taste.Length == 0
                    ? new Dictionary<TasteScale, int>()
                    : new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 0, [TasteScale.Sharp] = days == 19 ? 1 : 0 },
            });
        }

        // It sets firmer here than it should: three words that agree.
        foreach (var (days, set, taste) in new[]
        {
            (37, SetVerdict.Firm, "Bounces a little."), (23, SetVerdict.Firm, "Good, but stiff straight from the fridge."),
            (9, SetVerdict.Firm, "")
        })
        {
            yield return Made(Yoghurt, 2, days, new()
            {
                Set = set,
                Base = BaseVerdict.Crisp,
                Sold = 1.75,
                ThrownAway = 0.25,
                Baker = "baker-2",
                TasteWords = taste,
                Tastes = new Dictionary<TasteScale, int> { [TasteScale.Sweet] = -1, [TasteScale.Flavour] = 0 },
            });
        }

        // Unsealed, and a night too long: the base says so each time.
        foreach (var days in new[] { 30, 16 })
        {
            yield return Made(Coffee, 1, days, new()
            {
                Set = SetVerdict.Clean,
                Base = BaseVerdict.Soggy,
                Top = TopVerdict.Softened,
                Stood = 22,
                Sold = 0.75,
                ThrownAway = 0.25,
                TasteWords = "Good coffee, sad bottom.",
                Notes = "Same as last time: the night shift's pie is never sealed.",
            });
        }

        // The Saturday counter, week by week.
        foreach (var (days, sold, thrown) in new[] { (42, 1.75, 0.25), (35, 2.0, 0.0), (28, 1.5, 0.5), (21, 2.0, 0.0), (14, 2.0, 0.0) })
            yield return Made(Malt, 2, days, new() { Sold = sold, ThrownAway = thrown, Top = TopVerdict.Held, Baker = "baker-1" });
        foreach (var (days, sold, left) in new[] { (34, 0.75, 0.25), (20, 1.0, 0.0) })
            yield return Made(Lime, 1, days, new() { Sold = sold, Unsold = left, Set = SetVerdict.Clean, Base = BaseVerdict.Firm });
    }

    /// <summary>What the book plans for the pot of the rhubarb pie, g, and for the filled shell, min: what was written down is off these.</summary>
    private const double RhubarbPot = 751, RhubarbBake = 21;
}
