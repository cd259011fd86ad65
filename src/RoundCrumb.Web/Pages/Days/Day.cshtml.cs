using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Pies;
using RoundCrumb.Formats.Calendars;
using RoundCrumb.Scheduling;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Pages.Days;

/// <summary>One bake day: its orders, its hours, and its plan.</summary>
public sealed class DayModel(DayBook book, DayDesk days, PieShelf shelf, Planner planner, Preferences baker, TimeProvider clock) : PageModel
{
    private const double SecondsNear = 4;
    private const int LargestFile = 2 * 1024 * 1024;

    /// <summary>The day.</summary>
    public OpenDay Open { get; private set; } = null!;

    /// <summary>The plan as it is drawn; none where there is none.</summary>
    public DayView? View { get; private set; }

    /// <summary>The day being planned; none where it is not.</summary>
    public PlanningJob? Job { get; private set; }

    /// <summary>The work that is chosen.</summary>
    public string? Step { get; private set; }

    /// <summary>The pies of the box.</summary>
    public IReadOnlyList<SavedPie> Pies { get; private set; } = [];

    /// <summary>What the last job, or the last click, had to say.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>The form that the troubles are in.</summary>
    public string Form { get; private set; } = "";

    /// <summary>An order that was just taken off.</summary>
    public int? Off { get; private set; }

    /// <summary>What one more costs, and of which order.</summary>
    public (string Order, Cost Cost)? More { get; private set; }

    /// <summary>What came of a file that was read.</summary>
    public IReadOnlyList<string> Read { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public Shown Shown { get; } = baker.Shown;

    /// <summary>What was typed into a field of a form that could not be kept; what is kept otherwise.</summary>
    public string Typed(string form, string name, string kept) => Form == form && Request.HasFormContentType && Request.Form.TryGetValue(name, out var typed) ? typed.ToString() : kept;

    /// <summary>The trouble with a field of a form; none where there is none.</summary>
    public string? Trouble(string form, string name) => Form == form ? Troubles.GetValueOrDefault(name) : null;

    /// <summary>The dates of the day.</summary>
    public IEnumerable<DateOnly> Dates => Enumerable.Range(0, Open.Kept.Days).Select(d => Open.Kept.From.AddDays(d));

    /// <summary>What is odd about the days themselves: a night in which the clocks are changed.</summary>
    public IEnumerable<string> OddNights()
    {
        const int Usual = 24 * 60 / Slot.Minutes;
        for (var d = 0; d < Open.Kept.Days; d++)
        {
            var slots = Open.Clock.DayStart(d + 1) - Open.Clock.DayStart(d);
            if (slots != Usual)
                yield return $"The clocks go {(slots < Usual ? "forward" : "back")} on {Say(Open.Kept.From.AddDays(d))}: that day is {DayView.HowLong(Math.Abs(Usual - slots))} {(slots < Usual ? "shorter" : "longer")}, and the plan counts it so.";
        }
    }

    /// <summary>How a date is said.</summary>
    public static string Say(DateOnly date) => date.ToString("ddd d MMM", CultureInfo.InvariantCulture);

    /// <summary>When the last order is wanted, which is what a next one begins from.</summary>
    public DateTime UsualDue => Open.Kept.Orders.Count > 0 ? Open.Kept.Orders.MaxBy(o => o.Id)!.Due : Open.Kept.From.AddDays(Open.Kept.Days - 1).ToDateTime(new TimeOnly(12, 0));

    /// <summary>Shows the day.</summary>
    public async Task<IActionResult> OnGetAsync(int id, string? step, int? off, CancellationToken cancel)
    {
        if (!await ShowAsync(id, step, cancel))
            return NotFound();
        Off = off;
        return Page();
    }

    /// <summary>The plan alone, as it is getting better or for another chosen step.</summary>
    public async Task<IActionResult> OnGetPlanAsync(int id, string? step, CancellationToken cancel) =>
        await ShowAsync(id, step, cancel) ? Partial("_Plan", this) : NotFound();

    private async Task<bool> ShowAsync(int id, string? step, CancellationToken cancel)
    {
        var standing = planner.Standing(id);
        if (await days.OpenAsync(id, cancel) is not { } open)
            return false;
        if (planner.Standing(id) != standing)
            return await ShowAsync(id, step, cancel);
        Open = open;
        Pies = await shelf.AllAsync(cancel);
        Job = standing.Over ? null : standing.Job;
        Said = standing.Over ? standing.Job?.Trouble ?? "" : "";
        if (Job is { } job)
            View = job.Steps.Count > 0 ? new(open, job.Built, job.Steps[^1].Plan, Shown) : null;
        else if (open.Plan is { } plan)
            View = new(open, open.Built, plan, Shown);
        Step = View?.Placed.Any(p => p.Key == step) is true ? step : null;
        return true;
    }

    private async Task<IActionResult> AgainAsync(int id, string form, CancellationToken cancel)
    {
        Form = form;
        return await ShowAsync(id, null, cancel) ? Page() : NotFound();
    }

    private static RedirectResult Back(int id, string more = "") => new($"/days/{id}{more}");

    /// <summary>Takes an order.</summary>
    public async Task<IActionResult> OnPostOrderAsync(int id, int pie, string? count, string? date, string? time, string? notes, Stock stock, CancellationToken cancel)
    {
        var of = await shelf.FindAsync(pie, cancel);
        if (of is null)
            Troubles["pie"] = "That pie is no longer in the box. Choose another.";
        var (many, due) = await ReadOrderAsync(id, count, date, time, notes, cancel);
        if (Troubles.Count > 0)
            return await AgainAsync(id, "order", cancel);
        return await book.ChangeAsync(id, d => d.Orders.Add(new DayOrder { PieId = pie, Name = of!.Name, Address = of.Address, Count = many, Due = due, Notes = notes?.Trim() ?? "", Stock = stock }), cancel) ? Back(id) : NotFound();
    }

    private async Task<(int Count, DateTime Due)> ReadOrderAsync(int id, string? count, string? date, string? time, string? notes, CancellationToken cancel)
    {
        if (!int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many is < 1 or > DayOrder.MostPies)
            Troubles["count"] = $"A whole number from 1 to {DayOrder.MostPies}.";
        var day = await book.FindAsync(id, cancel);
        if (!DateOnly.TryParseExact(date, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var on) || (day is not null && (on < day.From || on >= day.From.AddDays(day.Days))))
            Troubles["date"] = "One of the days that are planned.";
        var minutes = Hours.Clock(time);
        if (minutes is null or >= 24 * 60)
            Troubles["time"] = "A time such as 12:30.";
        if (notes?.Length > DayOrder.LongestNotes)
            Troubles["notes"] = $"{DayOrder.LongestNotes} characters at most.";
        var due = on.ToDateTime(TimeOnly.MinValue).AddMinutes(minutes ?? 0);
        if (Troubles.Count == 0 && day is not null && new DayClock(day.From, clock.LocalTimeZone) is var wall)
        {
            if (wall.SlotOf(due) is not { } slot)
                Troubles["time"] = "The clocks go forward over that hour. Say an hour later.";
            else if (slot <= wall.SlotAt(clock.GetUtcNow()))
                Troubles["time"] = "That is past. Say a later time.";
        }

        return (many, due);
    }

    /// <summary>Changes an order.</summary>
    public async Task<IActionResult> OnPostChangeAsync(int id, int order, string? count, string? date, string? time, string? notes, Stock stock, CancellationToken cancel)
    {
        var (many, due) = await ReadOrderAsync(id, count, date, time, notes, cancel);
        if (Troubles.Count > 0)
            return await AgainAsync(id, $"order-{order}", cancel);
        return await book.ChangeAsync(id, d =>
        {
            if (d.Orders.FirstOrDefault(o => o.Id == order) is { } one)
                (one.Count, one.Due, one.Notes, one.Stock) = (many, due, notes?.Trim() ?? "", stock);
        }, cancel) ? Back(id) : NotFound();
    }

    /// <summary>Takes an order off.</summary>
    public async Task<IActionResult> OnPostOffAsync(int id, int order, CancellationToken cancel) =>
        await book.TakeOffAsync(id, order, off: true, cancel) ? Back(id, $"?off={order}") : NotFound();

    /// <summary>Puts an order back.</summary>
    public async Task<IActionResult> OnPostBackAsync(int id, int order, CancellationToken cancel) =>
        await book.TakeOffAsync(id, order, off: false, cancel) ? Back(id) : NotFound();

    /// <summary>Takes a pie as it is now in the box.</summary>
    public async Task<IActionResult> OnPostFreshAsync(int id, int order, CancellationToken cancel)
    {
        var pies = (await shelf.AllAsync(cancel)).ToDictionary(p => p.Id);
        return await book.ChangeAsync(id, d =>
        {
            if (d.Orders.FirstOrDefault(o => o.Id == order) is { PieId: { } pie } one && pies.TryGetValue(pie, out var now))
                (one.Address, one.Name) = (now.Address, now.Name);
        }, cancel) ? Back(id) : NotFound();
    }

    /// <summary>Says the hours of one day.</summary>
    public async Task<IActionResult> OnPostHoursAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        var said = new List<(int Baker, DateOnly Date, Hours? Hours)>();
        foreach (var one in Open.Bakers)
        {
            foreach (var date in Dates)
            {
                var name = $"h-{one.Id}-{date:yyyy-MM-dd}";
                if (!Hours.TryRead(Request.Form[name], out var hours))
                    Troubles[name] = "From and to, such as 06:00–15:00.";
                else if (hours != DayBook.HoursOf(Open.Kept, one, date))
                    said.Add((DayDesk.NumberOf(one), date, hours));
            }
        }

        if (Troubles.Count > 0)
            return await AgainAsync(id, "hours", cancel);
        await book.ChangeAsync(id, d => said.ForEach(s => DayBook.SayHours(d, s.Baker, s.Date, s.Hours)), cancel);
        return Back(id);
    }

    /// <summary>Joins like work, or pulls it apart.</summary>
    public async Task<IActionResult> OnPostApartAsync(int id, string? name, bool apart, CancellationToken cancel) => await book.ChangeAsync(id, d =>
    {
        var names = d.Apart.Split('\n', StringSplitOptions.RemoveEmptyEntries).Where(n => n != name);
        d.Apart = string.Join('\n', apart && name is not null ? names.Append(name) : names);
    }, cancel) ? Back(id) : NotFound();

    /// <summary>Leaves an oven cold, or uses it again.</summary>
    public async Task<IActionResult> OnPostOvenAsync(int id, string? oven, bool cold, CancellationToken cancel) => await book.ChangeAsync(id, d =>
    {
        var ovens = d.Forbidden.Split(' ', StringSplitOptions.RemoveEmptyEntries).Where(o => o != oven);
        d.Forbidden = string.Join(' ', cold && oven is not null ? ovens.Append(oven) : ovens);
    }, cancel) ? Back(id) : NotFound();

    /// <summary>Takes back the extra places and the lent pans.</summary>
    public async Task<IActionResult> OnPostPlacesAsync(int id, CancellationToken cancel) =>
        await book.ChangeAsync(id, d => (d.MoreFridge, d.MoreFreezer, d.MorePans) = (0, 0, ""), cancel) ? Back(id) : NotFound();

    /// <summary>Puts the day on the clock.</summary>
    public async Task<IActionResult> OnPostSolveAsync(int id, bool longer, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        if (Open.Built.Made.Count > 0)
            planner.Begin(Open, longer ? 4 * planner.Seconds : planner.Seconds, near: false);
        return Back(id);
    }

    /// <summary>Stops planning; the best so far is kept.</summary>
    public IActionResult OnPostStop(int id)
    {
        planner.Halt(id);
        return Back(id);
    }

    /// <summary>Puts a step where the baker says; the rest is planned round it.</summary>
    public async Task<IActionResult> OnPostPinAsync(int id, string? step, int? slot, string? date, string? time, CancellationToken cancel)
    {
        if (!await ShowAsync(id, step, cancel))
            return NotFound();
        if (Step is null || View is null)
            return Back(id);
        var at = slot;
        if (at is null && DateOnly.TryParseExact(date, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var on) && Hours.Clock(time) is { } minutes)
            at = Open.Clock.SlotOf(on.ToDateTime(TimeOnly.MinValue).AddMinutes(Math.Min(minutes, (24 * 60) - 1)));
        if (at is not { } to || to < 0 || to > Open.Setting.End)
        {
            Troubles["time"] = "A time of these days, such as 10:15.";
            Form = "pin";
            return Page();
        }

        if (to < Open.Now)
        {
            Troubles["time"] = "That is past. Say a later time.";
            Form = "pin";
            return Page();
        }

        var was = Open.Kept.DayMarks.FirstOrDefault(m => m.Key == Step && m.Kind is MarkKind.Pinned)?.Start;
        await MarkAsync(id, Step, MarkKind.Pinned, to, -1, cancel);
        var key = Step;
        await ReplanAsync(id, undo: b => b.ChangeAsync(id, d => Mark(d, key, was is null ? null : new DayMark { Key = key, Kind = MarkKind.Pinned, Start = was.Value })), cancel);
        return Back(id, $"?step={step}");
    }

    /// <summary>Lets a step go that the baker had put somewhere.</summary>
    public async Task<IActionResult> OnPostUnpinAsync(int id, string? step, CancellationToken cancel)
    {
        if (!await book.ChangeAsync(id, d => Mark(d, step ?? "", null), cancel))
            return NotFound();
        await ReplanAsync(id, null, cancel);
        return Back(id, $"?step={step}");
    }

    /// <summary>A step is done, or begun: it stays where it is, and so does all that had to come before it.</summary>
    public async Task<IActionResult> OnPostDoneAsync(int id, string? step, CancellationToken cancel)
    {
        if (!await ShowAsync(id, step, cancel))
            return NotFound();
        if (Step is not null && View is { } view)
        {
            var before = new HashSet<int> { view.Placed.First(p => p.Key == Step).Index };
            for (var known = 0; known < before.Count;)
            {
                known = before.Count;
                before.UnionWith(view.Day.Gaps.Where(g => before.Contains(g.To)).Select(g => g.From).ToList());
            }

            var done = view.Placed.Where(p => before.Contains(p.Index)).ToList();
            await book.ChangeAsync(id, d => done.ForEach(p => Mark(d, p.Key, new DayMark { Key = p.Key, Kind = MarkKind.Done, Start = p.From, Oven = p.Oven })), cancel);
        }

        return Back(id, $"?step={step}");
    }

    private Task<bool> MarkAsync(int id, string key, MarkKind kind, int start, int oven, CancellationToken cancel) =>
        book.ChangeAsync(id, d => Mark(d, key, new DayMark { Key = key, Kind = kind, Start = start, Oven = oven }), cancel);

    private static void Mark(BakeDay day, string key, DayMark? mark)
    {
        var there = day.DayMarks.FirstOrDefault(m => m.Key == key);
        if (mark is null)
        {
            if (there is not null)
                day.DayMarks.Remove(there);
        }
        else if (there is not null)
        {
            (there.Kind, there.Start, there.Oven) = (mark.Kind, mark.Start, mark.Oven);
        }
        else
        {
            day.DayMarks.Add(mark);
        }
    }

    private async Task ReplanAsync(int id, Func<DayBook, Task>? undo, CancellationToken cancel)
    {
        if (await days.OpenAsync(id, cancel) is { } open && open.Built.Made.Count > 0)
            planner.Begin(open, open.Plan is null ? planner.Seconds : SecondsNear, near: open.Plan is not null, undo);
    }

    /// <summary>Does what would make the day possible, and plans it anew.</summary>
    public async Task<IActionResult> OnPostApplyAsync(int id, string? code, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        if (Change.Read(code) is not { } change)
            return Back(id);
        var open = Open;
        await book.ChangeAsync(id, d => Apply(d, change, open), cancel);
        planner.Halt(id);
        if (await days.OpenAsync(id, cancel) is { } now && now.Built.Made.Count > 0)
            planner.Begin(now, planner.Seconds, near: false);
        return Back(id);
    }

    private static void Apply(BakeDay day, Change change, OpenDay open)
    {
        DayOrder? Order(string key) => day.Orders.FirstOrDefault(o => DayDesk.KeyOf(o.Id) == key);
        switch (change)
        {
            case MoreHours hours when hours.Baker < open.Bakers.Count:
                var from = open.Clock.WallOf(hours.From);
                var to = open.Clock.WallOf(hours.To);
                DayBook.SayHours(day, DayDesk.NumberOf(open.Bakers[hours.Baker]), DateOnly.FromDateTime(from), new((int)from.TimeOfDay.TotalMinutes, to.Date > from.Date ? 24 * 60 : (int)to.TimeOfDay.TotalMinutes));
                break;
            case MoreShift shift when shift.Baker < open.Bakers.Count:
                if (shift.Day < 0)
                {
                    // What stands at a slot stands a day's slots later from then on.
                    var by = open.Clock.DayStart(0) - open.Clock.DayStart(-1);
                    (day.From, day.Days, day.Plan) = (day.From.AddDays(-1), day.Days + 1, "");
                    day.DayMarks.ForEach(m => m.Start += by);

                    // Nobody else comes in for it.
                    foreach (var other in open.Bakers)
                        DayBook.SayHours(day, DayDesk.NumberOf(other), day.From, null);
                }

                DayBook.SayHours(day, DayDesk.NumberOf(open.Bakers[shift.Baker]), day.From.AddDays(Math.Max(0, shift.Day)), new(shift.From, shift.To));
                break;
            case MoreCold cold:
                if (cold.Kind is ColdKind.Fridge)
                    day.MoreFridge += cold.Places;
                else
                    day.MoreFreezer += cold.Places;
                break;
            case MorePans pans:
                day.MorePans = (day.MorePans + FormattableString.Invariant($"\n{pans.More} {pans.Pan}")).Trim('\n');
                break;
            case OtherCount count when Order(count.Order) is { } order:
                order.Count = Math.Clamp(count.Count, 1, DayOrder.MostPies);
                break;
            case OtherDue due when Order(due.Order) is { } order:
                order.Due = open.Clock.WallOf(due.Due);
                break;
            case OtherFilling filling when Order(filling.Order) is { } order:
                var (orders, _) = filling.Applied(open.Orders, open.Setting);
                order.Address = Core.Composing.CompositionAddress.Write(orders.First(o => o.Key == filling.Order).Pie);
                order.Name = FillingBook.All.First(f => f.Id == filling.Formula).Name + ", for " + order.Name;
                order.Name = order.Name[..Math.Min(order.Name.Length, SavedPie.LongestName)];
                order.PieId = null;
                break;
            case AllOvens:
                day.Forbidden = "";
                break;
        }
    }

    /// <summary>What a pan of the day is called.</summary>
    public string PanName(string pan) => Open.Kitchen.Pans.Where(p => DayBuilder.PanKey(p.Pan) == pan).Select(p => p.Pan.Name).FirstOrDefault("of the pan");

    /// <summary>What a change is called: what it is, and what it is no longer.</summary>
    public string Say(Change change)
    {
        string NameOf(string key) => Open.Orders.FirstOrDefault(o => o.Key == key)?.Name ?? "the order";
        switch (change)
        {
            case MoreHours h when h.Baker < Open.Bakers.Count:
                var name = Open.Bakers[h.Baker].Name;
                return h.From < h.Was
                    ? $"{name} begins {Open.Clock.WallOf(h.From):ddd HH:mm}, not {Open.Clock.WallOf(h.Was):HH:mm}"
                    : $"{name} stays until {Open.Clock.WallOf(h.To):ddd HH:mm}, not {Open.Clock.WallOf(h.Until):HH:mm}";
            case MoreShift m when m.Baker < Open.Bakers.Count:
                return $"{Open.Bakers[m.Baker].Name} comes in on {Say(Open.Kept.From.AddDays(m.Day))}, {new Hours(m.From, m.To)}";
            case MoreCold c:
                return $"Room for {c.Places} more {(c.Places == 1 ? "pie" : "pies")} in a {(c.Kind is ColdKind.Fridge ? "fridge" : "freezer")}: another shelf, a cool box";
            case MorePans p:
                return $"Borrow {p.More} more {PanName(p.Pan)}";
            case OtherCount c:
                return $"{c.Count} of {NameOf(c.Order)}, not {Open.Orders.FirstOrDefault(o => o.Key == c.Order)?.Count}";
            case OtherDue d:
                return $"{NameOf(d.Order)} at {Open.Clock.WallOf(d.Due):ddd HH:mm}, not {Open.Clock.WallOf(Open.Orders.FirstOrDefault(o => o.Key == d.Order)?.Due ?? 0):HH:mm}";
            case OtherFilling f:
                return $"A gelatine set instead of an overnight one: {FillingBook.All.FirstOrDefault(x => x.Id == f.Formula)?.Name} for {NameOf(f.Order)}";
            case AllOvens:
                return "Use every oven";
            default:
                return "";
        }
    }

    /// <summary>What one more of an order costs.</summary>
    public async Task<IActionResult> OnPostMoreAsync(int id, string? order, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        if (order is not null && Open.Plan is { } plan && Open.Built.Day.Batches.Any(b => b.Key == order))
        {
            var open = Open;
            More = (order, await Task.Run(() => Cost.OfOneMore(open.Orders, DayDesk.FromNow(open).Setting, plan, order, new SolveOptions { Seconds = SecondsNear }, cancel), cancel));
        }

        return Page();
    }

    /// <summary>The plan as a calendar.</summary>
    public async Task<IActionResult> OnGetCalendarAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel) || View is null)
            return NotFound();
        return File(System.Text.Encoding.UTF8.GetBytes(CalendarFile.Write(Open.Kept.Name, View.Placed.Select(Entry), Open.Kept.Version, clock.GetUtcNow())), "text/calendar", FileName("ics"));
    }

    private string FileName(string end) => $"bake-day-{Open.Kept.From:yyyy-MM-dd}.{end}";

    private string UidOf(string key) => $"{key}.{Open.Kept.Stamp:N}@roundcrumb";

    private CalendarEntry Entry(Placed p)
    {
        var load = p.Oven >= 0;
        var words = string.Join("\n", View!.StepsOf(p.Index).Select(s => Shown.Say(s.Step.Do) + (s.Step.Cue.Length > 0 ? $" Right when: {s.Step.Cue}." : "")).Distinct());
        var where = load ? View.Day.Ovens[p.Oven].Name + ", " + View.HeatOf(p.Oven, View.Day.Works[p.Index].Load!.Heat) : p.Who >= 0 && p.Who < Open.Bakers.Count ? Open.Bakers[p.Who].Name : "";

        // A load wants its baker as it comes out; hands want theirs as they begin.
        return new(UidOf(p.Key), $"{p.Letters} {p.Label}: {p.Pies}", words, Open.Clock.MomentOf(p.From), Open.Clock.MomentOf(p.To), where, load ? 0 : 5);
    }

    /// <summary>The plan as a table.</summary>
    public async Task<IActionResult> OnGetTableAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel) || View is null)
            return NotFound();
        var lines = View.Placed.Select(p => new DayLine(
            p.Key, Open.Clock.WallOf(p.From).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), View.Clock(p.From), View.Clock(p.To), (p.To - p.From) * Slot.Minutes,
            p.Oven >= 0 ? View.Day.Ovens[p.Oven].Name : p.Who >= 0 && p.Who < Open.Bakers.Count ? Open.Bakers[p.Who].Name : "hands",
            p.Label, p.Pies, View.Day.Works[p.Index].Pies, string.Join(" ", View.StepsOf(p.Index).Select(s => Shown.Say(s.Step.Do)).Distinct())));
        return File(System.Text.Encoding.UTF8.GetBytes(DayTable.Write(lines)), "text/csv", FileName("csv"));
    }

    /// <summary>Reads a calendar or a table back: what was moved in it is put there, and the rest planned round it.</summary>
    public async Task<IActionResult> OnPostImportAsync(int id, IFormFile? file, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        Form = "import";
        if (file is null || file.Length == 0)
            Troubles["file"] = "Choose a calendar (.ics) or a table (.csv) of this day.";
        else if (file.Length > LargestFile)
            Troubles["file"] = "That file is larger than any day.";
        else if (View is null || Job is not null)
            Troubles["file"] = "Plan the day first; then what was moved can be told.";
        if (Troubles.Count > 0)
            return Page();
        using var reader = new StreamReader(file!.OpenReadStream());
        var text = await reader.ReadToEndAsync(cancel);
        var moved = new List<(string Key, int Slot)>();
        var said = new List<string>();
        var unknown = 0;
        if (file.FileName.EndsWith(".csv", StringComparison.OrdinalIgnoreCase))
        {
            var (lines, troubles) = DayTable.Read(text);
            said.AddRange(troubles);
            foreach (var (key, start) in lines)
                Moved(key, Open.Clock.SlotOf(start));
        }
        else
        {
            var read = CalendarFile.Read(text);
            if (read.Trouble.Length > 0)
                said.Add(read.Trouble);
            var mine = View!.Placed.ToDictionary(p => UidOf(p.Key), p => p.Key, StringComparer.Ordinal);
            foreach (var (uid, _, start) in read.Entries)
                Moved(mine.GetValueOrDefault(uid, ""), Open.Clock.SlotAt(start));
        }

        if (unknown > 0)
            said.Add($"{unknown} in it {(unknown == 1 ? "is" : "are")} not of this day and {(unknown == 1 ? "was" : "were")} passed over.");
        var past = moved.RemoveAll(m => m.Slot < Math.Max(0, Open.Now));
        if (past > 0)
            said.Add($"{past} {(past == 1 ? "was" : "were")} moved into the past and stay{(past == 1 ? "s" : "")} as planned.");
        Read = said;
        if (moved.Count == 0)
        {
            Read = [.. said, said.Count == 0 ? "Nothing in it was moved: the plan is as it was." : "Nothing was moved."];
            return Page();
        }

        var keys = moved.Select(m => m.Key).ToHashSet();
        var before = Open.Kept.DayMarks.Where(m => keys.Contains(m.Key)).ToList();
        await book.ChangeAsync(id, d => moved.ForEach(m => Mark(d, m.Key, new DayMark { Key = m.Key, Kind = MarkKind.Pinned, Start = m.Slot })), cancel);
        await ReplanAsync(id, b => b.ChangeAsync(id, d =>
        {
            foreach (var key in keys)
                Mark(d, key, before.FirstOrDefault(m => m.Key == key) is { } was ? new DayMark { Key = key, Kind = was.Kind, Start = was.Start, Oven = was.Oven } : null);
        }), cancel);
        var view = View!;
        await ShowAsync(id, null, cancel);
        Read = [$"Moved: {string.Join(", ", moved.Select(m => $"{view.Placed.First(p => p.Key == m.Key).Letters} {view.Placed.First(p => p.Key == m.Key).Label} to {view.DayAndClock(m.Slot)}"))}.", .. said];
        return Page();

        void Moved(string key, int? slot)
        {
            if (View!.Placed.FirstOrDefault(p => p.Key == key) is not { } placed)
                unknown++;
            else if (slot is { } to && to != placed.From)
                moved.Add((key, to));
        }
    }
}
