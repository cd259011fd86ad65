using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Playing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Days;

/// <summary>How sure a planned day is: for every order how often it is ready in time, what makes it late, and what would help.</summary>
[Costly(HasOwnQueue = true)]
[OfBakeDay]
public sealed class SureModel(DayOpener days, DaySureness sureness, Rehearsals rehearsals, Preferences baker) : PageModel
{
    /// <summary>The day.</summary>
    public OpenDay Open { get; private set; } = null!;

    /// <summary>How sure it is; none where it has no plan.</summary>
    public DayOdds? Odds { get; private set; }

    /// <summary>What would make it surer.</summary>
    public IReadOnlyList<SurerOffer> Offers { get; private set; } = [];

    /// <summary>Something to say; empty where there is nothing.</summary>
    public string Said { get; private set; } = "";

    /// <summary>A share as a baker says it: 93 in 100.</summary>
    public static string Share(double share) => share switch
    {
        >= 1 => "always",
        > 0.99 => "nearly always",
        <= 0 => "never",
        _ => string.Create(CultureInfo.InvariantCulture, $"{Math.Round(share * 100):0} in 100"),
    };

    /// <summary>What is drawn, and between what.</summary>
    public static string Range(Constant constant)
    {
        static string N(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
        return constant.Dimension switch
        {
            Dimension.Share => $"{N(constant.Usual * 100)} in 100 {constant.Name}",
            Dimension.Time => $"{constant.Name} {N(constant.Low)}–{N(constant.High)} min, usually {N(constant.Usual)}.",
            _ => $"{constant.Name}: × {N(constant.Low)} to × {N(constant.High)}, usually × {N(constant.Usual)}.",
        };
    }

    /// <summary>What a work is called, with its pies.</summary>
    public string NameOf(int work)
    {
        var w = Open.Built.Day.Works[work];
        var pies = string.Join(" and ", w.Batches.Select(b => Open.Built.Day.Batches[b].Name));
        return $"{w.Label.ToLowerInvariant()}{(w.IsHands ? "" : ", in the oven")} ({pies})";
    }

    /// <summary>What a change is called.</summary>
    public string Say(SurerChange change) => change switch
    {
        BeginSooner sooner => $"Begin everything {DayView.HowLong(sooner.Slots)} sooner",
        LendHand lend => string.Create(
            CultureInfo.InvariantCulture,
            $"{Open.Bakers.FirstOrDefault(b => b.Id == lend.Baker)?.Name} here {lend.Date:ddd} {Clock(lend.From)}–{Clock(lend.To)}"),
        UseEveryOven => "Use every oven",
        _ => throw new InvalidOperationException($"{change.GetType().Name} has no words."),
    };

    /// <summary>Shows how sure it is.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel) => await ShowAsync(id, cancel) ? Page() : NotFound();

    /// <summary>Does a change.</summary>
    public async Task<IActionResult> OnPostApplyAsync(int id, string? code, CancellationToken cancel)
    {
        if (await days.OpenAsync(id, cancel) is not { } open)
            return NotFound();
        Said = SurerChange.Read(code) is { } change && await sureness.ApplyAsync(open, change, cancel)
            ? "Done. The day is as sure as this now:"
            : "That cannot be done any more: the day has changed since. Here it is as it is now.";
        return await ShowAsync(id, cancel) ? Page() : NotFound();
    }

    /// <summary>Begins a rehearsal.</summary>
    public async Task<IActionResult> OnPostRehearseAsync(
        int id, string? hands, double speed, DayLuck luck, int? seed, CancellationToken cancel)
    {
        var wish = new RehearsalWish(
            OwnHands.Read(hands), double.IsFinite(speed) ? speed : RehearsalClock.Slowest, Enum.IsDefined(luck) ? luck : DayLuck.Ordinary,
            seed ?? Random.Shared.Next());
        if (await rehearsals.BeginAsync(id, wish, Shown, cancel) is { } run)
        {
            var lane = run.Clock is { Hands: { Of: HandsOf.OneBaker } hand } ? "?baker=" + Uri.EscapeDataString(hand.Baker) : "";
            return Redirect(Routes.Run(run.Id) + lane);
        }

        Said = "This day has no plan that fits it. Plan it, then rehearse it.";
        return await ShowAsync(id, cancel) ? Page() : NotFound();
    }

    private static string Clock(int minute) => string.Create(CultureInfo.InvariantCulture, $"{minute / 60:00}:{minute % 60:00}");

    private async Task<bool> ShowAsync(int id, CancellationToken cancel)
    {
        if (await days.OpenAsync(id, cancel) is not { } open)
            return false;
        Open = open;
        if (open.Plan is null)
            return true;
        Odds = DaySureness.Odds(open, cancel);
        Offers = await sureness.OffersAsync(open, Odds, cancel);
        return true;
    }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>A day and a time.</summary>
    public string Due(int batch) =>
        Open.Clock.WallOf(Open.Built.Day.Batches[batch].Due).ToString("ddd HH:mm", CultureInfo.InvariantCulture);

    /// <summary>Minutes as a baker says them.</summary>
    public static string Minutes(double minutes) => DayView.Minutes(Math.Max(1, (int)Math.Round(minutes / Slot.Minutes) * Slot.Minutes));
}
