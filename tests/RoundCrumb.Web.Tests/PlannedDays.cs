using RoundCrumb.Application.Days;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;

namespace RoundCrumb.Web.Tests;

/// <summary>Days of chance, planned, the same for the same seed.</summary>
internal static class PlannedDays
{
    private static readonly SolveOptions Repeatable = new() { Deterministic = true, Workers = 1, Seconds = 0.3 };

    public static DayView View(int seed, int batches)
    {
        var built = DayMaker.Make(seed, batches);
        var from = new DateOnly(2027, 3, 5);
        var plan = DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken).Plan
            ?? DaySolver.Solve(built.Day, Repeatable with { Seconds = 4 }, cancel: TestContext.Current.CancellationToken).Plan!;
        var bakers = built.Day.Shifts.Select(s => s.Baker).Distinct().Order(StringComparer.Ordinal)
            .Select(b => new Baker(b, b, [null, null, null, null, null, null, null])).ToList();
        var open = new OpenDay
        {
            Kept = new BakeDay { Name = "A day", From = from, Days = 2 },
            Clock = new DayClock(from, TimeZoneInfo.Utc),
            Orders = [],
            Setting = built.Setting,
            Built = built,
            Kitchen = built.Setting.Kitchen with { Bakers = bakers },
            Now = -1,
            Odd = new Dictionary<string, string>(),
        };
        return new(open, built, plan, new QuantityFormatter(UnitChoice.Usual));
    }
}
