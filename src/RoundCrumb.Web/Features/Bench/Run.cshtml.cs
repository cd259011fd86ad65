using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>A day at the bench: what is at hand, what is next, which clocks run.</summary>
[Costly("Late", "Choose", "Choices", "Swap", HasOwnQueue = true)]
public sealed class RunModel(
    BenchDesk desk, Replanner replanner, Rehearsals rehearsals, KitchenClock clock, Preferences preferences) : PageModel
{
    /// <summary>What is shown.</summary>
    public BenchView View { get; private set; } = null!;

    /// <summary>Shows the bench.</summary>
    /// <param name="id">The run.</param>
    /// <param name="baker">Whose lane; everybody's where nobody of that name is here.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IActionResult> OnGetAsync(int id, string? baker, CancellationToken cancel) =>
        await ShowAsync(id, baker, cancel) ? Page() : NotFound();

    /// <summary>What changes of it, when somebody has done something.</summary>
    public async Task<IActionResult> OnGetLiveAsync(int id, string? baker, CancellationToken cancel) =>
        await ShowAsync(id, baker, cancel) ? Partial("_Bench", View) : NotFound();

    /// <summary>What would keep all in time, where the offer cannot.</summary>
    public async Task<IActionResult> OnGetChoicesAsync(int id, string? baker, CancellationToken cancel)
    {
        if (await desk.OpenAsync(id, cancel) is not { } open)
            return NotFound();
        await replanner.ChoicesAsync(open, cancel);
        return await OnGetLiveAsync(id, baker, cancel);
    }

    /// <summary>Puts the rest on the clock again.</summary>
    public Task<IActionResult> OnPostLateAsync(int id, string? baker, string? ask, CancellationToken cancel) =>
        DoAsync(id, baker, async open => (await replanner.AskAsync(open, preferences.Shown, ask ?? "", cancel)).Why, cancel);

    /// <summary>Goes on by what was offered.</summary>
    public Task<IActionResult> OnPostAcceptAsync(int id, string? baker, Guid offer, string? device, CancellationToken cancel) =>
        DoAsync(
            id, baker,
            async open =>
            {
                if (replanner.Of(id) is not { } there || there.Id != offer)
                    return "That offer was answered already, or another has been made since.";
                await desk.AcceptAsync(there, device ?? "", baker ?? "", cancel);
                replanner.Answered(open);
                return "";
            },
            cancel);

    /// <summary>Goes on as it is.</summary>
    public Task<IActionResult> OnPostRefuseAsync(int id, string? baker, CancellationToken cancel) =>
        DoAsync(
            id, baker,
            open =>
            {
                replanner.Answered(open);
                return Task.FromResult("");
            },
            cancel);

    /// <summary>Does what would keep all in time, and plans the rest with it.</summary>
    public Task<IActionResult> OnPostChooseAsync(int id, string? baker, string? code, string? ask, CancellationToken cancel) =>
        DoAsync(
            id, baker,
            async open =>
            {
                if (DayChange.Read(code) is not { } change || !await desk.ApplyAsync(open, change, cancel))
                    return "That cannot be done any more. Here is the day as it is now.";
                return await desk.OpenAsync(id, cancel) is { } now
                    ? (await replanner.AskAsync(now, preferences.Shown, ask ?? "", cancel)).Why
                    : "";
            },
            cancel);

    /// <summary>Gives an order another topping because of what went wrong, and plans the rest with it.</summary>
    public Task<IActionResult> OnPostSwapAsync(
        int id, string? baker, string? device, string? deed, string? code, string? ask, CancellationToken cancel) =>
        DoAsync(
            id, baker,
            async open =>
            {
                if (BenchView.Read(deed) is not WentWrong wrong || DayChange.Read(code) is not OtherTopping change
                        || !await desk.ApplyAsync(open, change, cancel))
                    return "That cannot be done any more. Here is the day as it is now.";
                var now = clock.Now;
                await desk.TakeAsync(id, new(device, baker, now, [new(Guid.NewGuid(), now, wrong)]), cancel);
                if (await desk.OpenAsync(id, cancel) is not { Day: { } day } after)
                    return "";
                var offered = await replanner.AskAsync(after, preferences.Shown, ask ?? "", cancel);
                return $"{new DayChanges(day).Say(change)}. {offered.Why}".TrimEnd();
            },
            cancel);

    /// <summary>Sets how fast a rehearsal goes.</summary>
    public Task<IActionResult> OnPostSpeedAsync(int id, string? baker, double speed, CancellationToken cancel) =>
        ClockAsync(id, baker, (c, now) => c.GoesOn(now).AtSpeed(double.IsFinite(speed) ? speed : c.Speed, now), cancel);

    /// <summary>Has a rehearsal stand.</summary>
    public Task<IActionResult> OnPostPauseAsync(int id, string? baker, CancellationToken cancel) =>
        ClockAsync(id, baker, static (c, now) => c.Paused(now), cancel);

    /// <summary>Goes on with a rehearsal that stands.</summary>
    public Task<IActionResult> OnPostGoOnAsync(int id, string? baker, CancellationToken cancel) =>
        ClockAsync(id, baker, static (c, now) => c.GoesOn(now), cancel);

    /// <summary>Goes on to what is next in a rehearsal.</summary>
    public Task<IActionResult> OnPostSkipAsync(int id, string? baker, CancellationToken cancel) =>
        DoAsync(id, baker, _ => rehearsals.SkipAsync(id, cancel), cancel);

    private Task<IActionResult> ClockAsync(
        int id, string? baker, Func<RehearsalClock, DateTimeOffset, RehearsalClock> change, CancellationToken cancel) => DoAsync(
        id, baker,
        async _ => await rehearsals.ChangeAsync(id, change, cancel) ? "" : "This is no rehearsal that is under way.", cancel);

    private async Task<IActionResult> DoAsync(int id, string? baker, Func<OpenBench, Task<string>> act, CancellationToken cancel)
    {
        if (await desk.OpenAsync(id, cancel) is not { } open)
            return NotFound();
        var said = await act(open);
        if (!await ShowAsync(id, baker, cancel, said))
            return NotFound();
        return Request.Headers.ContainsKey("HX-Request") ? Partial("_Bench", View) : Page();
    }

    private async Task<bool> ShowAsync(int id, string? baker, CancellationToken cancel, string said = "")
    {
        if (await desk.OpenAsync(id, cancel) is not { } open)
            return false;
        var lane = open.Day?.Bakers.Any(b => b.Id == baker) is true ? baker! : "";
        View = new(open, lane, await clock.ZoneAsync(cancel), preferences.Shown, replanner.Of(id))
        {
            IsDue = open.Run.Clock is not { Hands.Of: HandsOf.Nobody } && replanner.IsDue(open),
            Said = said,
        };
        return true;
    }
}
