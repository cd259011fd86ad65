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

    /// <summary>The bakes, in no order.</summary>
    /// <param name="now">The moment that it is.</param>
    /// <param name="zone">The kitchen's time zone: a Saturday is one by the clock on its wall.</param>
    /// <param name="pies">The tea room's pies, by name.</param>
    public static IEnumerable<Bake> All(DateTimeOffset now, TimeZoneInfo zone, IReadOnlyDictionary<string, string> pies)
    {
        var made = new Maker(DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime), zone, pies);
        return [.. OfRhubarb(made), .. OfYoghurt(made), .. OfCoffee(made), .. OfTheCounter(made)];
    }

    /// <summary>Its custard gives less than the book says, and the filled shell takes longer: five bakes that agree.</summary>
    private static IEnumerable<Bake> OfRhubarb(Maker made)
    {
        foreach (var (weeks, pot, filled, notes, taste) in new[]
        {
            (6, 0.93, 1.16, "Middle still waved at the book's minutes.", ""), (5, 0.95, 1.10, "", "The buttermilk comes through."),
            (4, 0.94, 1.14, "Left it until it trembled as one.", ""), (3, 0.93, 1.12, "", "Sharp, and better for it."),
            (2, 0.94, 1.15, "", "")
        })
        {
            yield return made.Of(Rhubarb, 1, made.Saturday(weeks), new()
            {
                OvenSet = new(170),
                OvenRead = new(170 + 10 + (weeks * 2 % 5)),
                FromPot = new(Math.Round(RhubarbPot * pot)),
                LeftOver = new(0),
                StageMinutes = new Dictionary<StageKind, double> { [StageKind.Filled] = Math.Round(RhubarbBake * filled) },
                Base = BaseVerdict.Firm,
                Set = SetVerdict.Clean,
                Baker = "baker-1",
                Sold = 1,
                Notes = notes,
                SomethingNew = weeks == 3 ? "new flour" : "",
                TasteWords = taste,
                Tastes = taste.Length == 0
                    ? new Dictionary<TasteScale, int>()
                    : new Dictionary<TasteScale, int> { [TasteScale.Sweet] = 0, [TasteScale.Sharp] = weeks == 3 ? 1 : 0 },
            });
        }
    }

    /// <summary>It sets firmer here than it should: three words that agree.</summary>
    private static IEnumerable<Bake> OfYoghurt(Maker made)
    {
        foreach (var (weeks, set, taste) in new[]
        {
            (5, SetVerdict.Firm, "Bounces a little."), (3, SetVerdict.Firm, "Good, but stiff straight from the fridge."),
            (2, SetVerdict.Firm, "")
        })
        {
            yield return made.Of(Yoghurt, 2, made.Saturday(weeks), new()
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
    }

    /// <summary>Unsealed, and a night too long: the base says so each time.</summary>
    private static IEnumerable<Bake> OfCoffee(Maker made)
    {
        foreach (var days in new[] { 30, 16 })
        {
            yield return made.Of(Coffee, 1, days, new()
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
    }

    /// <summary>The Saturday counter, week by week.</summary>
    private static IEnumerable<Bake> OfTheCounter(Maker made)
    {
        foreach (var (weeks, sold, thrown) in new[] { (6, 1.75, 0.25), (5, 2.0, 0.0), (4, 1.5, 0.5), (3, 2.0, 0.0), (2, 2.0, 0.0) })
            yield return made.Of(Malt, 2, made.Saturday(weeks),
                new() { Sold = sold, ThrownAway = thrown, Top = TopVerdict.Held, Baker = "baker-1" });
        foreach (var (weeks, sold, left) in new[] { (5, 0.75, 0.25), (3, 1.0, 0.0) })
            yield return made.Of(Lime, 1, made.Saturday(weeks),
                new() { Sold = sold, Unsold = left, Set = SetVerdict.Clean, Base = BaseVerdict.Firm });
    }

    /// <summary>Makes bakes of some time ago.</summary>
    private sealed class Maker(DateOnly today, TimeZoneInfo zone, IReadOnlyDictionary<string, string> pies)
    {
        /// <summary>Days since a Saturday so many weeks ago.</summary>
        public int Saturday(int weeks) => (((int)today.DayOfWeek + 1) % 7) + (7 * weeks);

        /// <summary>A bake with its log.</summary>
        public Bake Of(string pie, int count, int daysAgo, BakeEntry entry) => new()
        {
            PieName = pie,
            Address = Core.Composing.CompositionAddress.WithLearned(pies[pie], 0),
            Pies = count,
            MadeAt = At(daysAgo, 8),
            Log = BakeBook.LogOf(entry, new BakeLog(), At(daysAgo, 20)),
        };

        private DateTimeOffset At(int daysAgo, int hour)
        {
            var at = today.AddDays(-daysAgo).ToDateTime(new TimeOnly(hour, 0));
            return new DateTimeOffset(at, zone.GetUtcOffset(at)).ToUniversalTime();
        }
    }

    /// <summary>
    /// What the book plans for the pot of the rhubarb pie, g, and for the filled shell, min: what was written down is off these.
    /// </summary>
    private const double RhubarbPot = 751, RhubarbBake = 24;
}
