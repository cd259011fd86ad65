using System.Text.Json;
using FsCheck.Xunit;
using RoundCrumb.Core.Bench;

namespace RoundCrumb.Core.Tests.Bench;

/// <summary>The clock of a rehearsal.</summary>
public sealed class RehearsalClockTests
{
    private static readonly DateTimeOffset Day = new(2027, 3, 6, 5, 0, 0, TimeSpan.Zero);
    private static readonly DateTimeOffset Real = new(2026, 11, 29, 3, 0, 0, TimeSpan.Zero);

    private static RehearsalClock Begun => new(1, DayLuck.Ordinary, new(HandsOf.OneBaker, "baker-2"), 60, Day, Real);

    [Fact]
    public void Ten_seconds_at_sixty_times_are_ten_minutes()
    {
        Begun.MomentAt(Real.AddSeconds(10)).ShouldBe(Day.AddMinutes(10));

        // Then at 300 times for two seconds: ten minutes more.
        Begun.AtSpeed(300, Real.AddSeconds(10)).MomentAt(Real.AddSeconds(12)).ShouldBe(Day.AddMinutes(20));

        // A minute in which it stands is none at all, and the way back in time is none either.
        var stands = Begun.Paused(Real.AddSeconds(10));
        stands.MomentAt(Real.AddSeconds(70)).ShouldBe(Day.AddMinutes(10));
        stands.GoesOn(Real.AddSeconds(70)).MomentAt(Real.AddSeconds(71)).ShouldBe(Day.AddMinutes(11));
        Begun.MomentAt(Real.AddSeconds(-5)).ShouldBe(Day);
        Begun.SkippedTo(Day.AddHours(2), Real.AddSeconds(1)).MomentAt(Real.AddSeconds(2)).ShouldBe(Day.AddHours(2).AddMinutes(1));
        Begun.SkippedTo(Day.AddHours(-2), Real.AddSeconds(1)).MomentAt(Real.AddSeconds(1)).ShouldBe(Day.AddMinutes(1));
    }

    [Property]
    public void Whatever_is_done_to_it_it_never_goes_back_and_reads_back_from_what_is_kept((byte What, ushort Wait)[] deeds)
    {
        var (clock, now, shown) = (Begun, Real, Day);
        foreach (var (what, wait) in deeds)
        {
            now = now.AddMilliseconds(wait);
            clock = (what % 5) switch
            {
                0 => clock.AtSpeed(what * 5, now),
                1 => clock.Paused(now),
                2 => clock.GoesOn(now),
                3 => clock.SkippedTo(clock.MomentAt(now).AddMinutes(what - 100), now),
                _ => JsonSerializer.Deserialize<RehearsalClock>(
                    JsonSerializer.Serialize(clock, JsonSerializerOptions.Web), JsonSerializerOptions.Web)!,
            };
            clock.Speed.ShouldBeInRange(RehearsalClock.Slowest, RehearsalClock.Fastest);
            clock.MomentAt(now).ShouldBeGreaterThanOrEqualTo(shown);
            shown = clock.MomentAt(now);
        }
    }
}
