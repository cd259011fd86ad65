using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Practice;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Scheduling.Playing;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>What a rehearsal cost: what was late, what took the time, what was missed, and what the log would say.</summary>
public sealed class RehearsedModel(Rehearsals rehearsals, BenchDesk desk, KitchenClock clock, Preferences preferences) : PageModel
{
    private TimeZoneInfo _zone = TimeZoneInfo.Utc;

    /// <summary>The rehearsal.</summary>
    public RehearsalReading Reading { get; private set; } = null!;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = preferences.Shown;

    /// <summary>Shows what it cost.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel)
    {
        if (await rehearsals.ReadAsync(id, cancel) is not { } reading)
        {
            // Of a day that is deleted nothing can be reckoned; the bench says how to bring it back.
            return await desk.OpenAsync(id, cancel) is { Run.IsRehearsal: true } ? Redirect(Routes.Run(id)) : NotFound();
        }

        (Reading, _zone) = (reading, await clock.ZoneAsync(cancel));
        return Page();
    }

    /// <summary>A day and a time.</summary>
    public string At(DateTimeOffset at) => TimeZoneInfo.ConvertTime(at, _zone).ToString("ddd HH:mm", CultureInfo.InvariantCulture);

    /// <summary>Minutes as a baker says them.</summary>
    public static string Minutes(double minutes) => DayView.Minutes(Math.Max(1, (int)Math.Round(minutes)));

    /// <summary>The answer in a line.</summary>
    public string Answer
    {
        get
        {
            var orders = Reading.Cost.Orders;
            var (all, inTime) = (orders.Count, orders.Count(o => o.InTime));
            var left = orders.Count(o => o.Ready is null);
            return left == all ? "Nothing was finished"
                : inTime == all ? all == 1 ? "Ready in time" : $"All {all} orders ready in time"
                : $"{inTime} of {all} {(all == 1 ? "order" : "orders")} ready in time{(left > 0 ? $", {left} not finished" : "")}";
        }
    }

    /// <summary>What went wrong in it, each once, to be traced.</summary>
    public IReadOnlyList<Fault> ToTrace =>
        [.. Reading.Cost.Losses.Select(l => FaultBook.Find(l.Fault)).OfType<Fault>().Distinct().Take(4)];

    /// <summary>What would help against what it cost, the costliest first.</summary>
    public IReadOnlyList<ExerciseKind> ToPractise =>
        [.. Reading.Cost.Losses.OrderByDescending(l => l.Minutes).Select(l => Against(l.Kind)).Distinct().Take(3)];

    /// <summary>What to practise against a kind of loss.</summary>
    private static ExerciseKind Against(LossKind kind) => kind switch
    {
        LossKind.Hands or LossKind.Idle => ExerciseKind.OrderOfSteps,
        LossKind.WentWrong or LossKind.PassedOver or LossKind.TooSoon or LossKind.TooLate or LossKind.Bake => ExerciseKind.ReadTheWork,
        LossKind.Oven => ExerciseKind.RunningLate,
        LossKind.CutShort => ExerciseKind.ReadTheCut,
    };

    /// <summary>What cost something, in words.</summary>
    public string Say(RehearsalLoss loss)
    {
        var seen = FaultBook.Find(loss.Fault)?.Seen is { Length: > 0 } words ? char.ToLowerInvariant(words[0]) + words[1..] : loss.Fault;
        return loss.Kind switch
        {
            LossKind.Hands => $"{loss.Task.Name} took {Minutes(loss.Minutes)} longer than planned",
            LossKind.WentWrong when loss.Minutes < 1 => $"{loss.Task.Name}: {seen}; put right in no time",
            LossKind.WentWrong => $"{loss.Task.Name}: {seen}; putting it right took {Minutes(loss.Minutes)}",
            LossKind.PassedOver => $"{loss.Task.Name}: {seen}, and nothing was done about it",
            LossKind.Oven => $"The {OvenOf(loss)} was hot {Minutes(loss.Minutes)} later than planned",
            LossKind.Bake => $"{loss.Task.Pies} needed {Minutes(loss.Minutes)} longer in the {OvenOf(loss)}",
            LossKind.TooSoon => $"{loss.Task.Name}, {Minutes(loss.Minutes)} before it was right",
            LossKind.TooLate => $"{loss.Task.Name}, {Minutes(loss.Minutes)} after it was right",
            LossKind.CutShort => $"{loss.Task.Name}: begun {Minutes(loss.Minutes)} before its wait was over",
            LossKind.Idle => $"{loss.Task.Name} could have been begun {Minutes(loss.Minutes)} sooner",
        };
    }

    private string OvenOf(RehearsalLoss loss) =>
        Reading.Open.Day?.Kitchen.Ovens.FirstOrDefault(o => o.Id == loss.Task.Oven)?.Name.ToLowerInvariant() ?? "oven";

    /// <summary>What those losses have in common, in words.</summary>
    public static string Heading(LossKind kind) => kind switch
    {
        LossKind.Hands => "Hands",
        LossKind.WentWrong => "What went wrong",
        LossKind.PassedOver => "Passed over",
        LossKind.Oven => "Ovens",
        LossKind.Bake => "Baking",
        LossKind.TooSoon => "Out too soon",
        LossKind.TooLate => "In too long",
        LossKind.CutShort => "Waits cut short",
        LossKind.Idle => "Begun late",
    };
}
