using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Scheduling.Tests;

/// <summary>Slots and the clock on the wall, nights in which it is put forward or back among them.</summary>
public class DayClockTests
{
    // Forward from 2 to 3 on the last Sunday in March, back from 3 to 2 on the last Sunday in October, an hour ahead in winter.
    private static readonly TimeZoneInfo Zone = TimeZoneInfo.CreateCustomTimeZone(
        "lock", TimeSpan.FromHours(1), "Lock", "Lock", "Lock, summer",
        [TimeZoneInfo.AdjustmentRule.CreateAdjustmentRule(DateTime.MinValue.Date, DateTime.MaxValue.Date, TimeSpan.FromHours(1),
            TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new(1, 1, 1, 2, 0, 0), 3, 5, DayOfWeek.Sunday),
            TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new(1, 1, 1, 3, 0, 0), 10, 5, DayOfWeek.Sunday))]);

    [Fact]
    public void An_ordinary_day_has_288_slots_and_slots_come_back_as_times()
    {
        var clock = new DayClock(new(2027, 5, 6), Zone);
        clock.DayStart(1).ShouldBe(288);
        clock.SlotOf(new(2027, 5, 6, 9, 30, 0)).ShouldBe(114);
        clock.WallOf(114).ShouldBe(new(2027, 5, 6, 9, 30, 0));
        clock.SlotAt(clock.MomentOf(114).AddMinutes(4)).ShouldBe(114);
        clock.SlotAt(clock.MomentOf(0).AddMinutes(-1)).ShouldBe(-1);
    }

    [Fact]
    public void The_night_clocks_go_forward_is_an_hour_short_and_lacks_that_hour()
    {
        // 28 March 2027 is the last Sunday of March.
        var clock = new DayClock(new(2027, 3, 27), Zone);
        (clock.DayStart(2) - clock.DayStart(1)).ShouldBe(23 * 12);
        clock.SlotOf(new(2027, 3, 28, 2, 30, 0)).ShouldBeNull();
        clock.SlotOf(new(2027, 3, 28, 6, 0, 0)).ShouldBe(288 + (5 * 12));
        clock.SlotsOf(new(2027, 3, 28), 150, 600).From.ShouldBe(clock.SlotOf(new(2027, 3, 28, 3, 30, 0))!.Value);
    }

    [Fact]
    public void The_night_clocks_go_back_is_an_hour_longer_and_has_one_hour_twice()
    {
        // 31 October 2027 is the last Sunday of October.
        var clock = new DayClock(new(2027, 10, 30), Zone);
        (clock.DayStart(2) - clock.DayStart(1)).ShouldBe(25 * 12);
        clock.ComesTwice(new(2027, 10, 31, 2, 30, 0)).ShouldBeTrue();

        // The first of the two is meant.
        clock.SlotOf(new(2027, 10, 31, 2, 30, 0)).ShouldBe(288 + 30);
        clock.WallOf(288 + 30).ShouldBe(new(2027, 10, 31, 2, 30, 0));
        clock.WallOf(288 + 42).ShouldBe(new(2027, 10, 31, 2, 30, 0));
        clock.SlotOf(new(2027, 10, 31, 6, 0, 0)).ShouldBe(288 + (7 * 12));
    }
}
