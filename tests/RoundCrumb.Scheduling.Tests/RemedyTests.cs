using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;
using RoundCrumb.Scheduling.Solving;
using RoundCrumb.TestKit;
using static RoundCrumb.Scheduling.Tests.Days;

namespace RoundCrumb.Scheduling.Tests;

public class RemedyTests
{
    private static IReadOnlyList<DayRemedy> Find(DaySetting setting, params Order[] orders)
    {
        var (_, solution) = Solve(setting, orders);
        solution.Plan.ShouldNotBeNull();
        return Remedies.Find(
            orders, setting, solution.Plan, Repeatable with { Seconds = 2 }, cancel: TestContext.Current.CancellationToken);
    }

    private static void DoesIt(DayRemedy remedy, DaySetting setting, params Order[] orders)
    {
        var (others, other) = remedy.Change.Applied(orders, setting);
        var built = DayBuilder.Build(others, other);
        var plan = DaySolver.Solve(built.Day, Repeatable, cancel: TestContext.Current.CancellationToken).Plan.ShouldNotBeNull();
        plan.Lateness(built.Day).ShouldBe(0, remedy.Change.Code);
        PlanChecker.Check(built, plan).ShouldBeEmpty();

        // And it is known again from its few words.
        DayChange.Read(remedy.Change.Code).ShouldBe(remedy.Change);
    }

    [Fact]
    public void A_fridge_too_small_by_one_asks_for_one_place()
    {
        // Two cheese tarts and two custard pies, all due cold at ten: four places, and the fridge has three.
        var setting = Setting(Kitchen(fridge: 3));
        Order[] orders = [Order("a", LemonCheese, 2, At(1, 10)), Order("b", Malt, 2, At(1, 10))];
        var remedies = Find(setting, orders);
        var cold = remedies.Single(r => r.Change is MoreCold { Kind: ColdKind.Fridge });
        cold.Change.ShouldBe(new MoreCold(ColdKind.Fridge, 1));
        cold.IsLeast.ShouldBeTrue();
        foreach (var remedy in remedies)
            DoesIt(remedy, setting, orders);
        remedies.ShouldContain(r => r.Change is OtherCount);
    }

    [Fact]
    public void Too_little_time_asks_for_an_earlier_start_or_a_later_hour_and_no_more_of_it_than_it_takes()
    {
        // One day only: a custard pie from six in the morning is ready at one at the soonest (hands 85 min, rests 20 + 60
        // + 30 + 30, 45 in the oven, 180 to set, on the grid). It is wanted half an hour before.
        var setting = Setting(days: 1);
        Order[] orders = [Order("a", Malt, 1, At(0, 12.5))];
        var remedies = Find(setting, orders);
        var earlier = remedies.Single(r => r.Change is MoreHours { Baker: "baker-1" } h && h.From < h.Was);
        earlier.IsLeast.ShouldBeTrue();
        foreach (var remedy in remedies)
            DoesIt(remedy, setting, orders);

        // Half an hour less of it would not do.
        var hours = (MoreHours)earlier.Change;
        var (others, other) = (hours with { From = hours.From + 6 }).Applied(orders, setting);
        var (built, less) = Solve(other, [.. others]);
        less.Plan!.Lateness(built.Day).ShouldBeGreaterThan(0);
        remedies.ShouldContain(r => r.Change is OtherDue);
    }

    [Fact]
    public void Pans_that_are_wanted_twice_over_ask_for_more_of_them()
    {
        var setting = Setting(Kitchen(plates: 3), days: 1);
        Order[] orders = [Order("a", Malt, 2, At(0, 15)), Order("b", Coffee, 2, At(0, 15))];
        var remedies = Find(setting, orders);
        var pans = remedies.Single(r => r.Change is MorePans);
        ((MorePans)pans.Change).More.ShouldBe(1);
        DoesIt(pans, setting, orders);
    }

    [Fact]
    public void An_overnight_set_gives_way_to_gelatine()
    {
        // Without gelatine it sets eight hours at the least, with it four: from six in the morning, three in the afternoon
        // is too soon for the one and not for the other.
        var setting = Setting(days: 1);
        Order[] orders = [
            Order("a", "pan=tart-25&crust=plain-crumb&bake=chilled&fill=ginger-lime-cheese&make=exact&top=none", 1, At(0, 15))
        ];
        var remedies = Find(setting, orders);
        remedies.ShouldContain(r => r.Change is OtherFilling);
        foreach (var remedy in remedies)
            DoesIt(remedy, setting, orders);
    }

    [Fact]
    public void A_shell_that_cannot_wait_for_its_chill_is_frozen_or_does_without()
    {
        // A chill takes 30 min at the least, the freezer 15: there is an hour that is too soon for the one and not for the other.
        var setting = Setting(days: 1);
        for (var hour = 10.0; hour < 18; hour += 0.25)
        {
            Order[] orders =
            [
                Order(
                    "a", "pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&fill=sesame-chocolate&make=exact&top=none", 1,
                    At(0, hour))
            ];
            var (frozen, other) = new OtherRest("a", ShellRest.Freezer).Applied(orders, setting);
            var (built, solved) = Solve(other, [.. frozen]);
            if (solved.Plan is not { } plan || plan.Lateness(built.Day) > 0)
                continue;
            built.Made[0].Chain.Steps.ShouldContain(s => s.Kind == StepKind.FreezeShell);
            var remedies = Find(setting, orders);
            var rests = remedies.Where(r => r.Change is OtherRest).ToList();
            rests.Select(r => ((OtherRest)r.Change).Rest).ShouldBe([ShellRest.Freezer, ShellRest.None]);
            foreach (var rest in rests)
                DoesIt(rest, setting, orders);
            var (bare, _) = new OtherRest("a", ShellRest.None).Applied(orders, setting);
            DayBuilder.Build(bare, setting).Made[0].Chain.Steps.ShouldNotContain(s => s.Kind == StepKind.ChillShell);

            // What is bought, or stands in glass, is not offered what would harm it.
            OtherRest.Fits(Order("b", Malt, 1, 0).Pie, ShellRest.Freezer).ShouldBeFalse();
            OtherRest.Fits(Order("b", Coffee, 1, 0).Pie, ShellRest.None).ShouldBeFalse();
            return;
        }

        Assert.Fail("No hour is late for a chill and in time for the freezer.");
    }

    [Fact]
    public void A_cold_oven_is_the_first_thing_to_ask_for()
    {
        // Four shells in the small oven alone are load after load; the soonest hour that both ovens make is too soon for it.
        var setting = Setting(Kitchen(plates: 8), days: 1);
        var alone = setting with { Forbidden = new HashSet<string> { "big" } };
        for (var hour = 13.0; hour < 16; hour += 0.25)
        {
            Order[] orders = [Order("a", Malt, 4, At(0, hour))];
            var (both, solved) = Solve(setting, orders);
            if (solved.Plan!.Lateness(both.Day) > 0)
                continue;
            var remedies = Find(alone, orders);
            remedies[0].Change.ShouldBe(new AllOvens());
            DoesIt(remedies[0], alone, orders);
            return;
        }

        Assert.Fail("Both ovens never make it.");
    }

    [Fact]
    public void A_cheese_that_wants_the_night_asks_for_the_evening_before()
    {
        // Eight hours to set at the least, wanted at noon: whoever comes in the evening before, it is set by morning.
        var setting = Setting(days: 1);
        Order[] orders = [Order("a", LemonCheese, 1, At(0, 12))];
        var remedies = Find(setting, orders);
        var before = remedies.Single(r => r.Change is MoreShift { Day: -1 });
        DoesIt(before, setting, orders);
        before.IsLeast.ShouldBeTrue();
        ((MoreShift)before.Change).From.ShouldBeGreaterThanOrEqualTo(18 * 60);
    }

    [Fact]
    public void One_more_pie_says_what_it_costs()
    {
        Order[] orders = [Order("a", Malt, 2, At(1, 12)), Order("b", Walnut, 1, At(1, 14))];
        var (_, solution) = Solve(Setting(), orders);
        var cost = Cost.OfOneMore(orders, Setting(), solution.Plan!, "a", Repeatable, TestContext.Current.CancellationToken);
        var would = cost.Would.ShouldNotBeNull();
        would.Lateness.ShouldBe(0);
        would.Hands.ShouldBeGreaterThan(cost.Was.Hands);
        cost.Was.OvenOn.ShouldBe(solution.Plan!.OvenOn(DayBuilder.Build(orders, Setting()).Day) * Slot.Minutes);

        // The seventh of six plates cannot be had at all, and it says so.
        Order[] full = [Order("a", Malt, 6, At(1, 12))];
        var (_, six) = Solve(Setting(), full);
        Cost.OfOneMore(full, Setting(), six.Plan!, "a", Repeatable, TestContext.Current.CancellationToken).LeftOut.Single()
            .Kind.ShouldBe(TroubleKind.NoPans);
    }

    [Fact]
    public void More_of_anything_never_makes_a_day_later()
    {
        // What halving rests on: hours, places, pans and ovens only add ways. Days of chance, with their mornings cut short.
        var options = Repeatable with { OnlyLateness = true };
        var compared = 0;
        for (var seed = 1; seed <= 6; seed++)
        {
            var made = DayMaker.Make(seed, 3);
            var orders = made.Made.Select(m => m.Order).ToList();
            var tight = made.Setting with
            {
                Shifts = [.. made.Setting.Shifts.Where(s => s.From >= At(1, 0)).Select(s => s with { From = s.From + (3 * Hour) })],
                Forbidden = new HashSet<string> { "small" },
            };
            int? Lateness(DaySetting setting)
            {
                var day = DayBuilder.Build(orders, setting).Day;
                var solution = DaySolver.Solve(day, options, cancel: TestContext.Current.CancellationToken);
                return solution.LatenessProven ? solution.Plan!.Lateness(day) : null;
            }

            var before = Lateness(tight);
            var shift = tight.Shifts[0];
            foreach (
                var change in (DayChange[])[
                    new MoreHours(shift.Baker, shift.From - Hour, shift.To, shift.From, shift.To),
                    new MoreHours(shift.Baker, shift.From, shift.To + Hour, shift.From, shift.To),
                    new MoreCold(Core.Kitchens.ColdKind.Fridge, 2), new AllOvens()])
            {
                if (before is null || Lateness(change.Applied(orders, tight).Setting) is not { } after)
                    continue;
                after.ShouldBeLessThanOrEqualTo(before.Value, $"day {seed}: {change.Code}");
                compared++;
            }
        }

        compared.ShouldBeGreaterThan(12);
    }

    [Theory]
    [InlineData("")]
    [InlineData("cold Fridge 0")]
    [InlineData("count a -1")]
    [InlineData("hours 0 20 10 0 0")]
    [InlineData("nothing such")]
    [InlineData("pans 2")]
    [InlineData("rest a 1")]
    [InlineData("rest a Sofa")]
    [InlineData("shift 0 9 600 700")]
    [InlineData("shift 0 0 700 600")]
    public void Nonsense_is_no_change(string code) => DayChange.Read(code).ShouldBeNull();
}
