using Microsoft.Extensions.DependencyInjection;
using RoundCrumb.Application.Days;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Days;
using RoundCrumb.Scheduling.Changes;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Web.Tests;

/// <summary>What a remedy was proven with is what a click on it makes of the kept day.</summary>
public sealed class DayChangesTests
{
    private static async Task<OpenDay> OpenAsync(Kitchen kitchen, int day)
    {
        await using var scope = kitchen.Services.CreateAsyncScope();
        return (
            await scope.ServiceProvider.GetRequiredService<DayOpener>().OpenAsync(day, TestContext.Current.CancellationToken))
            .ShouldNotBeNull();
    }

    /// <summary>Every kind of change, for a day as it stands.</summary>
    private static IEnumerable<DayChange> Changes(OpenDay open)
    {
        var early = open.Setting.Shifts.Where(s => s.Baker == "baker-1").MinBy(s => s.From);
        var late = open.Setting.Shifts.Where(s => s.Baker == "baker-2").MaxBy(s => s.To);
        var order = open.Orders[0];
        yield return new MoreHours("baker-1", early.From - 6, early.To, early.From, early.To);
        yield return new MoreHours("baker-2", late.From, late.To + 9, late.From, late.To);
        yield return new MoreShift("baker-2", -1, 18 * 60, 20 * 60);
        yield return new MoreCold(ColdKind.Fridge, 2);
        yield return new MoreCold(ColdKind.Freezer, 1);
        yield return new MorePans(DayBuilder.PanKey(order.Pie.Pan), 2);
        yield return new OtherCount(order.Key, order.Count + 1);
        yield return new OtherDue(order.Key, order.Due + 7);
        yield return new OtherFilling(order.Key, order.Pie.Filling.Formula.Id == "lime-condensed" ? "malt-custard" : "lime-condensed");
        foreach (var rest in Enum.GetValues<ShellRest>())
        {
            if (open.Orders.FirstOrDefault(o => OtherRest.Fits(o.Pie, rest)) is { } rolled)
                yield return new OtherRest(rolled.Key, rest);
        }

        yield return new OtherTopping(order.Key, order.Pie.Topping.Topping.Id == "dust-icing" ? "dust-cocoa" : "dust-icing");
        yield return new AllOvens();
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task A_click_makes_of_the_day_what_was_tried(int day)
    {
        await using var first = new Kitchen(demo: true);
        var kinds = Changes(await OpenAsync(first, day)).Count();
        for (var k = 0; k < kinds; k++)
        {
            // Each on a day as it was ordered, with an oven left cold so that using every oven is something.
            await using var kitchen = new Kitchen(demo: true);
            await ChangeAsync(kitchen, day, d => d.ColdOvens = ["oven-2"]);
            var open = await OpenAsync(kitchen, day);
            var change = Changes(open).ElementAt(k);
            DayChange.Read(change.Code).ShouldBe(change);
            new DayChanges(open).Say(change).ShouldNotBeEmpty(change.Code);

            var (orders, setting) = change.Applied(open.Orders, open.Setting);
            var tried = DayBuilder.Build(orders, setting);
            OpenDay.FingerprintOf(tried).ShouldNotBe(OpenDay.FingerprintOf(open.Built), change.Code);
            await ChangeAsync(kitchen, day, d => new DayChanges(open).Apply(d, change));
            var made = await OpenAsync(kitchen, day);
            made.Built.Day.Shifts.Order(Comparer<Shift>.Create((a, b) => (a.Baker, a.From).CompareTo((b.Baker, b.From))))
                .ShouldBe(
                    tried.Day.Shifts.Order(Comparer<Shift>.Create((a, b) => (a.Baker, a.From).CompareTo((b.Baker, b.From)))), change.Code);
            foreach (var kind in (ColdKind[])[ColdKind.Fridge, ColdKind.Freezer])
            {
                foreach (var wide in (double[])[0, 200, 230, 260, 300, 400])
                    made.Built.Day.RoomFor(kind, wide).ShouldBe(tried.Day.RoomFor(kind, wide), $"{change.Code}, {kind} {wide}");
            }

            made.Built.Day.Works.Select(w => (w.Key, w.Length, w.Load?.Heat))
                .ShouldBe(tried.Day.Works.Select(w => (w.Key, w.Length, w.Load?.Heat)), change.Code);
            made.Built.Day.Batches.Select(b => (b.Key, b.Due, b.Pies)).ShouldBe(
                tried.Day.Batches.Select(b => (b.Key, b.Due, b.Pies)), change.Code);
            made.Built.Day.Pans.ShouldBe(tried.Day.Pans, change.Code);
            (made.Built.Day.End, made.Built.Day.Gaps.Count).ShouldBe((tried.Day.End, tried.Day.Gaps.Count), change.Code);
        }
    }

    private static async Task ChangeAsync(Kitchen kitchen, int day, Action<BakeDay> change)
    {
        await using var scope = kitchen.Services.CreateAsyncScope();
        (
            await scope.ServiceProvider.GetRequiredService<DayBook>().ChangeAsync(day, change, TestContext.Current.CancellationToken))
            .ShouldBeTrue();
    }
}
