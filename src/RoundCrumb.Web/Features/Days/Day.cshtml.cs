using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Storage;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Explaining;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Days;

/// <summary>One bake day: its orders, its hours, and its plan.</summary>
[Costly("Solve", "More", "Pin", "Unpin", "Apply", "Import", HasOwnQueue = true)]
[OfBakeDay]
public sealed partial class DayModel(
    DayBook book, DayOpener days, PieShelf shelf, Planner planner, Preferences baker, KitchenClock clock) : PageModel
{
    /// <summary>Seconds that a plan close to the known one, or what one more costs, may take at the most.</summary>
    private const double LongestNear = 4;

    private const int LargestFile = 2 * 1024 * 1024;

    private double SecondsNear => Math.Min(LongestNear, planner.Seconds);

    /// <summary>The day.</summary>
    public OpenDay Open { get; private set; } = null!;

    /// <summary>The plan as it is drawn; none where there is none.</summary>
    public DayView? View { get; private set; }

    /// <summary>The day being planned; none where it is not.</summary>
    public PlanningJob? Job { get; private set; }

    /// <summary>How many other days and questions are solved before it.</summary>
    public Place Place => Job is { } job ? planner.PlaceOf(job) : default;

    /// <summary>The work that is chosen.</summary>
    public string? Step { get; private set; }

    /// <summary>
    /// The pies of the box that are offered, those changed last, in the order of their names. Any other is put on the day from Compose.
    /// </summary>
    public async Task<IReadOnlyList<SavedPie>> PiesAsync() =>
    [
        .. (await shelf.ListAsync(0, MostOffered, cancel: HttpContext.RequestAborted)).OrderBy(
            p => p.Name, StringComparer.OrdinalIgnoreCase)
    ];

    /// <summary>The most pies that one list offers.</summary>
    public const int MostOffered = 150;

    /// <summary>What the last job, or the last click, had to say.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>The form that the troubles are in.</summary>
    public string Form { get; private set; } = "";

    /// <summary>Both versions, where somebody else has changed an order, or the hours, meanwhile.</summary>
    public Elsewhere? Changed { get; private set; }

    /// <summary>What a form was opened over: as it was seen, until both versions have been shown.</summary>
    public string SeenBy(string form, string name, string now) => Changed is null ? Typed(form, name, now) : now;

    /// <summary>An order that was just taken off.</summary>
    public int? Off { get; private set; }

    /// <summary>What one more costs, and of which order.</summary>
    public (string Order, Cost Cost)? More { get; private set; }

    /// <summary>What came of a file that was read.</summary>
    public IReadOnlyList<string> Read { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>What was typed into a field of a form that could not be kept; what is kept otherwise.</summary>
    public string Typed(string form, string name, string kept) =>
        Form == form && Request.HasFormContentType && Request.Form.TryGetValue(name, out var typed) ? typed.ToString() : kept;

    /// <summary>The trouble with a field of a form; none where there is none.</summary>
    public string? Trouble(string form, string name) => Form == form ? Troubles.GetValueOrDefault(name) : null;

    /// <summary>A figure of the day that opens.</summary>
    public IHtmlContent Figure(IWorked figure, string? said = null) =>
        FigureLink.At(
            $"{Routes.DayWorking(Open.Kept.Id)}?f={Uri.EscapeDataString(figure.Id)}", figure,
            said ?? DayView.Minutes((int)Math.Round(figure.Amount.Amount)));

    /// <summary>What is done for an order, its figures opening as those of its batch sheet do.</summary>
    public IHtmlContent Sentence(Phrase phrase, Prepared made) =>
        FigureLink.Sentence(phrase, Shown, CompositionAddress.Write(made.Pie.Composition), made.Order.Count);

    /// <summary>A fingerprint of the day that is shown, its orders as they are kept too: also those that cannot be made.</summary>
    public string Fingerprint =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{OpenDay.FingerprintOf(Open.Built)}-{string.Join('.', Open.Kept.Orders.Select(o => $"{o.Id}v{o.Version}"))}");

    /// <summary>The day that it is, by the clock of the day.</summary>
    public DateOnly Today => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(clock.Now, Open.Clock.Zone).DateTime);

    /// <summary>What would make it possible.</summary>
    public DayChanges Changes => new(Open);

    /// <summary>The figures of the day that is shown: as it is kept, or as it is just being planned.</summary>
    public DayFigures Figures => new(View?.Built ?? Open.Built, Open.Clock);

    /// <summary>When the last order is wanted, which is what a next one begins from.</summary>
    public DateTime UsualDue =>
        Open.Kept.Orders.Count > 0
            ? Open.Kept.Orders.MaxBy(o => o.Id)!.Due
            : Open.Kept.From.AddDays(Open.Kept.Days - 1).ToDateTime(new TimeOnly(12, 0));

    /// <summary>Shows the day.</summary>
    public async Task<IActionResult> OnGetAsync(int id, string? step, int? off, CancellationToken cancel)
    {
        if (!await ShowAsync(id, step, cancel))
            return NotFound();
        Off = off;
        return Page();
    }

    /// <summary>The plan alone, as it is getting better or for another chosen step.</summary>
    public async Task<IActionResult> OnGetPlanAsync(int id, string? step, string? seen, CancellationToken cancel)
    {
        // Asked again and again while it is planned: that needs nothing but the job.
        if (planner.Standing(id) is { Over: false, Job: { } job })
        {
            if (seen == planner.PulseOf(job))
                return new NoContentResult();
            (Open, Job) = (job.Opened, job);
            View = ViewOf(job);
            Step = View?.Placed.Any(p => p.Key == step) is true ? step : null;
            return Partial("_Plan", this);
        }

        return await ShowAsync(id, step, cancel) ? Partial("_Plan", this) : NotFound();
    }

    private DayView? ViewOf(PlanningJob job) => job.Steps is [.., var last] ? new(job.Opened, job.Built, last.Plan, Shown) : null;

    /// <summary>What is shown of the job that plans the day; a page that has seen it need not see it again.</summary>
    public string Pulse => Job is { } job ? planner.PulseOf(job) : "";

    private async Task<bool> ShowAsync(int id, string? step, CancellationToken cancel)
    {
        var standing = planner.Standing(id);
        if (await days.OpenAsync(id, cancel) is not { } open)
            return false;
        if (planner.Standing(id) != standing)
            return await ShowAsync(id, step, cancel);
        Open = open;
        Job = standing.Over ? null : standing.Job;
        Said = standing is { Over: true, Job: { } last } && last.Version == open.Kept.Version ? last.Trouble : "";
        if (Job is { } job)
            View = ViewOf(job);
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

    private static RedirectResult Back(int id, string more = "") => new($"{Routes.Day(id)}{more}");

    /// <summary>
    /// Says the hours of the day's bakers; those that were changed elsewhere since the page was opened are not gone over unseen.
    /// </summary>
    public async Task<IActionResult> OnPostHoursAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        var form = HoursForm.Sent(Open, Request.Form);
        foreach (var (field, words) in form.Troubles)
            Troubles[field] = words;
        if (Troubles.Count > 0)
            return await AgainAsync(id, "hours", cancel);
        var outcome = await book.TryAsync(id, form.TryApply, cancel);
        if (outcome is KeepOutcome.Kept)
            return Back(id);
        if (outcome is KeepOutcome.Gone || !await ShowAsync(id, null, cancel))
            return NotFound();
        Form = "hours";
        Changed = form.Beside(Open.Kept);
        return Page();
    }

    /// <summary>Joins like work, or pulls it apart.</summary>
    public async Task<IActionResult> OnPostApartAsync(int id, string? name, bool apart, CancellationToken cancel) => await book.ChangeAsync(
        id, d =>
    {
        var names = d.Apart.Where(n => n != name);
        d.Apart = [.. apart && name is not null ? names.Append(name) : names];
    }, cancel) ? Back(id) : NotFound();

    /// <summary>Leaves an oven cold, or uses it again.</summary>
    public async Task<IActionResult> OnPostOvenAsync(int id, string? oven, bool cold, CancellationToken cancel) => await book.ChangeAsync(
        id, d =>
    {
        var ovens = d.ColdOvens.Where(o => o != oven);
        d.ColdOvens = [.. cold && oven is not null ? ovens.Append(oven) : ovens];
    }, cancel) ? Back(id) : NotFound();

    /// <summary>Takes back the extra places and the lent pans.</summary>
    public async Task<IActionResult> OnPostPlacesAsync(int id, CancellationToken cancel) =>
        await book.ChangeAsync(id, d =>
        {
            (d.MoreFridge, d.MoreFreezer) = (0, 0);
            d.LentPans.Clear();
        }, cancel) ? Back(id) : NotFound();

    /// <summary>Puts the day on the clock.</summary>
    public async Task<IActionResult> OnPostSolveAsync(int id, bool longer, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        if (Open.Built.Made.Count > 0)
            await planner.BeginAsync(Open, longer ? 4 * planner.Seconds : planner.Seconds, near: false);
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

        // While the first plan is still looked for there is nothing to see yet, but what is asked is asked all the same.
        if (step is null || Open.Built.Day.Works.All(w => w.Key != step))
            return Back(id);
        var at = slot;
        if (at is null && DateOnly.TryParseExact(date, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var on)
                && Hours.Clock(time) is { } minutes)
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

        List<DayMark> before = [.. Open.Kept.DayMarks.Where(m => m.Key == step && m.Kind is MarkKind.Pinned)];
        await book.ChangeAsync(id, d => d.Say(DayMark.At(step, to)), cancel);
        await ReplanAsync(id, undo: b => b.ChangeAsync(id, d => d.Restore([step], before)), cancel);
        return Back(id, $"?step={step}");
    }

    /// <summary>Lets a step go that the baker had put somewhere.</summary>
    public async Task<IActionResult> OnPostUnpinAsync(int id, string? step, CancellationToken cancel)
    {
        if (!await book.ChangeAsync(id, d => d.Forget(step ?? ""), cancel))
            return NotFound();
        await ReplanAsync(id, null, cancel);
        return Back(id, $"?step={step}");
    }

    /// <summary>Forgets what was said of a step that is no longer as it was.</summary>
    public async Task<IActionResult> OnPostForgetAsync(int id, string? mark, CancellationToken cancel) =>
        await book.ChangeAsync(id, d => d.Forget(mark ?? ""), cancel) ? Back(id) : NotFound();

    /// <summary>A step is done, or begun: it stays where it is, and so does all that had to come before it.</summary>
    public async Task<IActionResult> OnPostDoneAsync(int id, string? step, CancellationToken cancel)
    {
        if (!await ShowAsync(id, step, cancel))
            return NotFound();
        if (Step is not null && View is { } view)
        {
            var done = view.DoneWith(Step);
            await book.ChangeAsync(id, d => done.ForEach(d.Say), cancel);
        }

        return Back(id, $"?step={step}");
    }

    private async Task ReplanAsync(int id, Func<DayBook, Task>? undo, CancellationToken cancel)
    {
        if (await days.OpenAsync(id, cancel) is { } open && open.Built.Made.Count > 0)
            await planner.BeginAsync(open, open.Plan is null ? planner.Seconds : SecondsNear, near: open.Plan is not null, undo);
    }

    /// <summary>Does what would make the day possible, and plans it anew.</summary>
    public async Task<IActionResult> OnPostApplyAsync(int id, string? code, string? seen, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();

        // What was offered for another day than this one is now would undo what somebody else has changed meanwhile.
        if (seen != Fingerprint)
        {
            Read = ["This day was changed elsewhere since that was offered, so nothing was done. Here is the day as it is now."];
            return Page();
        }

        if (DayChange.Read(code) is not { } change)
            return Back(id);
        var open = Open;
        await book.ChangeAsync(id, d => new DayChanges(open).Apply(d, change), cancel);
        planner.Halt(id);
        if (await days.OpenAsync(id, cancel) is { } now && now.Built.Made.Count > 0)
            await planner.BeginAsync(now, planner.Seconds, near: false);
        return Back(id);
    }

    /// <summary>What one more of an order costs.</summary>
    public async Task<IActionResult> OnPostMoreAsync(int id, string? order, string? ask, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        if (order is not null && Open.Plan is { } plan && Open.Built.Day.Batches.Any(b => b.Key == order))
        {
            var open = Open;
            if (await planner.AskAsync(
                    new(Urgency.AtThePage, SecondsNear, ask ?? ""),
                    stop =>
                        Cost.OfOneMore(
                            open.Orders, DayOpener.FromNow(open).Setting, plan, order, new SolveOptions { Seconds = SecondsNear }, stop),
                    cancel) is { } cost)
                More = (order, cost);
            else
                Read = ["Too many questions are being worked out at once. Ask again in a minute."];
        }

        return Page();
    }
}
