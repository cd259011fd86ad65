using System.Globalization;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Application.Days;

/// <summary>One piece of work as it stands in the plan.</summary>
/// <param name="Index">Which work of the day.</param>
/// <param name="Key">Its key.</param>
/// <param name="Letters">The letters of its pies.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Pies">Of which pies, and how many.</param>
/// <param name="From">First slot.</param>
/// <param name="To">The slot after the last.</param>
/// <param name="Who">The baker's lane; -1 for a load.</param>
/// <param name="Oven">The oven; -1 for hands.</param>
/// <param name="Tint">The colour of what is in the pie.</param>
/// <param name="Mark">Pinned or done; empty for neither.</param>
/// <param name="Then">The baker's lane that takes over; -1 where nobody has to.</param>
/// <param name="ThenAt">The slot from which.</param>
public sealed record PlacedWork(
    int Index, string Key, string Letters, string Label, string Pies, int From, int To, int Who, int Oven, string Tint, string Mark,
    int Then = -1, int ThenAt = 0);

/// <summary>A day's plan, ready to be drawn and listed.</summary>
public sealed class DayView
{
    private readonly OpenDay _open;
    private readonly Dictionary<int, string> _why = [];
    private readonly Dictionary<(int, int), int> _doors = [];

    /// <summary>A plan of an open day.</summary>
    /// <param name="open">The day.</param>
    /// <param name="built">The day as it was solved: the same, or as it can still be changed.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="shown">The baker's units.</param>
    public DayView(OpenDay open, BuiltDay built, Plan plan, QuantityFormatter shown)
    {
        (_open, Built, Plan, Shown) = (open, built, plan, shown);
        Placed = Place();
    }

    /// <summary>All the work that the plan is of.</summary>
    public BuiltDay Built { get; }

    /// <summary>The day that the plan is of.</summary>
    public Day Day => Built.Day;

    /// <summary>What is drawn.</summary>
    public Plan Plan { get; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; }

    /// <summary>The day as it was opened.</summary>
    public OpenDay Open => _open;

    /// <summary>All work, in the order in which it begins.</summary>
    public IReadOnlyList<PlacedWork> Placed { get; }

    /// <summary>The letter of an order on this day: A for the first that is due.</summary>
    public static string LetterOf(int batch) =>
        batch < 26 ? ((char)('A' + batch)).ToString() : LetterOf((batch / 26) - 1) + LetterOf(batch % 26);

    /// <summary>A time of day.</summary>
    public string Clock(int slot) => _open.Clock.WallOf(slot).ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>A day and a time.</summary>
    public string DayAndClock(int slot) => _open.Clock.WallOf(slot).ToString("ddd HH:mm", CultureInfo.InvariantCulture);

    /// <summary>Slots as a baker says them: 45 min, 1 h 20.</summary>
    public static string HowLong(int slots) => Minutes(slots * Slot.Minutes);

    /// <summary>Minutes as a baker says them.</summary>
    public static string Minutes(int minutes) =>
        minutes < 60 ? $"{minutes} min" : minutes % 60 == 0 ? $"{minutes / 60} h" : $"{minutes / 60} h {minutes % 60:00}";

    /// <summary>The orders that are late, with how many slots.</summary>
    public IReadOnlyList<(Batch Batch, int Slots)> Late =>
    [
        .. Day.Batches.Select((b, i) => (b, Plan.Ready[i] - b.Due)).Where(x => x.Item2 > 0)
    ];

    /// <summary>
    /// What hot pies do to the fridge, in a sentence; empty where nothing hot goes in, or nothing is known of the fridge.
    /// </summary>
    public string FridgeSays
    {
        get
        {
            if (FridgeDay.Of(Built, Plan) is not { } fridge)
                return "";
            string Warm(double celsius) => Shown.Say(new Quantity(celsius, Dimension.Warmth));
            return fridge.TooWarm > 0
                ? $"From {DayAndClock(fridge.From)} to {Clock(fridge.To)} the fridge gets up to {Warm(Math.Ceiling(fridge.Peak))}: "
                    + $"{string.Join(", ", fridge.Works.Select(w => LettersOf(Day.Works[w])).Distinct())} go in hot. What else "
                        + $"is in there is to "
                    + $"stay below {Warm(CoolingCurve.AirLimit)}: cool some in a tray or over ice first, or make fewer at a time."
                : $"Hot pies warm the fridge to {Warm(Math.Ceiling(fridge.Peak))} at most.";
        }
    }

    /// <summary>True where the fridge gets too warm for what else is in it.</summary>
    public bool FridgeTooWarm => FridgeDay.Of(Built, Plan) is { TooWarm: > 0 };

    /// <summary>Whose hands, and who takes over; or which oven.</summary>
    public string WhoOf(PlacedWork p) => p.Oven >= 0 ? Day.Ovens[p.Oven].Name
        : p.Who < 0 || p.Who >= _open.Bakers.Count ? "hands"
        : _open.Bakers[p.Who].Name + (p.Then >= 0 ? $", from {Clock(p.ThenAt)} {_open.Bakers[p.Then].Name}" : "");

    /// <summary>When somebody has to be here, day by day.</summary>
    public string Here => string.Join(", ", Plan.Attended(Day).Select(a => $"{DayAndClock(a.From)}–{Clock(a.To)}"));

    /// <summary>Why a work stands where it does, in a sentence or two.</summary>
    public string Why(int work)
    {
        if (_why.TryGetValue(work, out var known))
            return known;
        if (Day.Pinned.ContainsKey(work))
            return _why[work] = "You put it here.";
        if (Day.Done.ContainsKey(work))
            return _why[work] = "It is begun or done.";
        var later = Say(Reasons.NoLater(Day, Plan, work), later: true);
        var earlier = Say(Reasons.NoEarlier(Day, Plan, work), later: false);
        return _why[work] = later.Length > 0
            ? later + (earlier.Length > 0 ? " " + earlier : "")
            : earlier.Length > 0 ? earlier
            : "It could be moved a little either way.";
    }

    private string Say(IReadOnlyList<Reason> reasons, bool later)
    {
        if (reasons.Count == 0)
            return "";
        var said = reasons.OrderBy(
            r =>
                r.Binds switch
                {
                    Binds.Wait => 0,
                    Binds.TooLong => 1,
                    Binds.Due => 2,
                    Binds.Keeps => 3,
                    Binds.Hours => 4,
                    Binds.Hands => 5,
                    _ => 6
                })
            .DistinctBy(r => r.Binds).Take(2).Select(r => One(r, later));
        return (later ? "No later: " : "No earlier: ") + string.Join("; ", said) + ".";
    }

    private string One(Reason reason, bool later)
    {
        var other = reason.Work < 0
            ? ""
            : $"{LettersOf(Day.Works[reason.Work])} {Day.Works[reason.Work].Label.ToLowerInvariant()} at {Clock(Plan.Starts[reason.Work])}";
        return reason.Binds switch
        {
            Binds.Wait when later => reason.Slots == 0 ? $"{other} follows" : $"{other} needs {HowLong(reason.Slots)} after it",
            Binds.Wait => reason.Slots == 0 ? $"{other} comes first" : $"{HowLong(reason.Slots)} have to pass after {other}",
            Binds.TooLong when later => $"{HowLong(reason.Slots)} after {other} is the longest it may wait",
            Binds.TooLong => $"{other} may follow {HowLong(reason.Slots)} after it at most",
            Binds.Due => reason.Slots == 0 ? "it is wanted then" : $"it needs {HowLong(reason.Slots)} before it is wanted",
            Binds.Keeps => $"it keeps {HowLong(reason.Slots)}",
            Binds.Hours => "nobody is here then",
            Binds.Hands => $"all hands are busy, with {other}",
            Binds.Tool => $"{other} has the burner or machine",
            Binds.Oven => reason.Work < 0 ? "the oven would be on for longer" : $"{other} is in the oven",
            Binds.Pans => $"its pans are still in use, for {(reason.Work < 0 ? "" : LettersOf(Day.Works[reason.Work]))}",
            Binds.Cold => "the cold place is full then",
            Binds.Heat when later => $"the fridge cannot take the heat of {other} as well, if it goes in later",
            Binds.Heat => $"the fridge still takes in the heat of {other}, and until then it waits on the rack",
            Binds.Pinned => "you put it here",
            _ => "it is past",
        };
    }

    private static string LettersOf(DayWork work) => string.Concat(work.Batches.Select(LetterOf));

    /// <summary>The slots of which something is to be drawn: work, and ovens that are on. What lies between is folded.</summary>
    public IReadOnlyList<(int From, int To)> Busy()
    {
        const int Fold = 75 / Slot.Minutes;
        var spans = Placed.Select(p => (p.From, p.To)).Concat(Plan.Runs.Select(r => (From: r.From - Day.Ovens[r.Oven].WarmUp, r.To)))
            .Concat(Day.Batches.Select((b, i) => (From: Plan.Ready[i] - 2, To: Plan.Ready[i] + 2))).OrderBy(s => s.From).ToList();
        var busy = new List<(int From, int To)>();
        foreach (var (from, to) in spans)
        {
            // Whole half hours, so that the clock at the side is easy to read.
            var (start, end) = ((from - 1) / 6 * 6, ((to + 6) / 6) * 6);
            if (busy.Count > 0 && start <= busy[^1].To + Fold)
                busy[^1] = (busy[^1].From, Math.Max(busy[^1].To, end));
            else
                busy.Add((start, end));
        }

        return busy;
    }

    /// <summary>How many pie places of a kind of cold are taken at a slot.</summary>
    public double ColdAt(WaitsAt at, int slot) => Reasons.UsedAt(Day, Plan, at, slot) / (double)ColdRoom.Place;

    /// <summary>Who is at the oven's door for each touch of a load, by the load and which of its touches it is.</summary>
    public IReadOnlyDictionary<(int Work, int Touch), int> AtTheDoor => _doors;

    /// <summary>
    /// What is to be said of a day when a step of it is done or begun: it stays where it is, and so does all that had to come before it.
    /// </summary>
    /// <param name="key">The step, one of those that are placed.</param>
    public List<DayMark> DoneWith(string key)
    {
        var before = new HashSet<int> { Placed.First(p => p.Key == key).Index };
        for (var known = 0; known < before.Count;)
        {
            known = before.Count;
            before.UnionWith(Day.Gaps.Where(g => before.Contains(g.To)).Select(g => g.From).ToList());
        }

        return [.. from p in Placed
                   where before.Contains(p.Index)
                   let at = Open.DoneAt(p.Index, p.From, p.Oven)
                   select new DayMark { Key = p.Key, Kind = MarkKind.Done, Start = at.Start, Oven = at.Oven, Orders = [.. at.Orders] }];
    }

    /// <summary>Whose hands do each stretch, and who takes over when; whose are at each oven's door is noted on the way.</summary>
    private Dictionary<int, (int Who, int Then, int At)> HandOut()
    {
        // What each baker has in hand: what is handed over later leaves whoever takes it free until then.
        var taken = Enumerable.Range(0, Math.Max(1, _open.Bakers.Count)).Select(_ => new List<(int From, int To)>()).ToArray();
        var last = new Dictionary<int, int>();
        var hands = new Dictionary<int, (int Who, int Then, int At)>();

        // Stretches of hands and hands at an oven's door, in the order in which they begin.
        var all = Enumerable.Range(0, Day.Works.Count).SelectMany(i => Day.Works[i].Load is { } load
            ? load.Touches.Select((t, k) => (Work: i, Touch: k, From: Plan.Starts[i] + t.After, t.Length))
            : [(Work: i, Touch: -1, From: Plan.Starts[i], Day.Works[i].Length)]);
        foreach (var (i, touch, from, length) in all.OrderBy(x => x.From).ThenByDescending(x => x.Length))
        {
            // Whoever made what comes before goes on with it, where they are free and here.
            var w = Day.Works[i];
            bool Here(int b, int at) => Day.Shifts.Any(s => IsHis(s, b) && s.From <= at && at < s.To);
            bool IsFree(int b, int since, int until) => taken[b].TrueForAll(t => t.To <= since || until <= t.From);
            int HomeOf(int b, int since) => Day.Shifts.Where(s => IsHis(s, b) && s.From <= since && since < s.To).Max(s => s.To);
            int Until(int b) => Here(b, from) ? Math.Min(from + length, HomeOf(b, from)) : from + length;
            var who = Enumerable.Range(0, taken.Length).OrderByDescending(b => Here(b, from) && IsFree(b, from, Until(b)))
                .ThenByDescending(b => IsFree(b, from, from + length)).ThenByDescending(b => Here(b, from + length - 1))
                .ThenByDescending(b => w.Batches.Any(x => last.TryGetValue(x, out var l) && l == b))
                .ThenBy(b => taken[b].Select(t => t.To).DefaultIfEmpty(0).Max()).First();

            // Whoever goes home meanwhile hands it over to one who is free then and stays.
            var (then, at) = (-1, from + length);
            if (touch < 0 && Here(who, from) && !Here(who, from + length - 1))
            {
                var home = HomeOf(who, from);
                then = Enumerable.Range(0, taken.Length)
                    .Where(b => b != who && IsFree(b, home, from + length) && Here(b, home) && Here(b, from + length - 1))
                    .DefaultIfEmpty(-1).First();
                if (then >= 0)
                {
                    at = home;
                    taken[then].Add((home, from + length));
                }
            }

            taken[who].Add((from, at));
            if (touch >= 0)
                _doors[(i, touch)] = who;
            else
                hands[i] = (who, then, at);
            foreach (var b in w.Batches)
                last[b] = who;
        }

        return hands;
    }

    private List<PlacedWork> Place()
    {
        var placed = new List<PlacedWork>(Day.Works.Count);
        var hands = HandOut();
        foreach (var i in Enumerable.Range(0, Day.Works.Count).OrderBy(i => Plan.Starts[i]).ThenBy(i => i))
        {
            var w = Day.Works[i];
            var pies = string.Join(" and ", Built.WorksOf(i).Select(x => $"{x.Of.Order.Name} × {x.Work.Pies}"));

            // What is too long for one stretch is done in several, each for all the pies.
            var turns = w.IsHands
                ? Enumerable.Range(0, Day.Works.Count)
                    .Where(
                        o =>
                            Day.Works[o].IsHands && Day.Works[o].Label == w.Label && Day.Works[o].Batches.SequenceEqual(w.Batches)
                                && Day.Works[o].Steps[0].Any(w.Steps[0].Contains))
                    .ToList()
                : [];
            if (turns.Count > 1 && w.Pies == Day.Batches[w.Batches[0]].Pies)
                pies = $"{turns.IndexOf(i) + 1} of {turns.Count}, {pies}";
            var (who, then, thenAt) = hands.GetValueOrDefault(i, (-1, -1, 0));
            var mark = Day.Pinned.ContainsKey(i) ? "pinned" : _open.Setting.Done.ContainsKey(w.Key) ? "done" : "";
            placed.Add(
                new(
                    i, w.Key, LettersOf(w), w.Label, pies, Plan.Starts[i], Plan.Starts[i] + w.Length, who, Plan.Ovens[i],
                    Built.Made[w.Batches[0]].Pie.Composition.Filling.Formula.Tint, mark, then, thenAt));
        }

        return placed;
    }

    /// <summary>True for a shift of the baker of a lane.</summary>
    private bool IsHis(Shift shift, int lane) => lane < _open.Bakers.Count && _open.Bakers[lane].Id == shift.Baker;

    /// <summary>How a date is said.</summary>
    public static string Date(DateOnly date) => date.ToString("ddd d MMM", CultureInfo.InvariantCulture);

    /// <summary>What is done in a work, each step as one baker tells another.</summary>
    public IEnumerable<(Prepared Made, Step Step)> StepsOf(int work)
    {
        var w = Day.Works[work];
        for (var k = 0; k < w.Batches.Count; k++)
        {
            var made = Built.Made[w.Batches[k]];
            foreach (var s in w.Steps[k])
                yield return (made, made.Chain.Steps[s]);
        }
    }

    /// <summary>What an oven's dial is turned to.</summary>
    public string DialOf(int oven, int heat)
    {
        var one = Built.Setting.Kitchen.Ovens[oven];
        return (one.DialIsHeat ? "" : "set ")
            + Shown.Say(
                one.DialIsHeat
                    ? new Quantity(heat, Dimension.OvenHeat)
                    : one.DialFor(new Core.Working.Worked<OvenCelsius>("heat", "Oven", new(heat), "the heat wanted")).Amount);
    }

    /// <summary>What an oven is at, with its dial where that says something else.</summary>
    public string HeatOf(int oven, int heat)
    {
        var wanted = new Core.Working.Worked<OvenCelsius>("heat", "Oven", new(heat), "the heat wanted");
        var one = Built.Setting.Kitchen.Ovens[oven];
        var said = Shown.Say(new Quantity(heat, Dimension.OvenHeat));
        return one.DialIsHeat ? said : said + ", set " + Shown.Say(one.DialFor(wanted).Amount);
    }
}
