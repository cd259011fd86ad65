using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Market;

namespace RoundCrumb.Core.Tests.Learning;

/// <summary>What a day like it may sell.</summary>
public sealed class ForecastTests
{
    private static readonly DateOnly Saturday = new(2026, 11, 28);

    private static DaySales Sold(int weeksAgo, double sold, double made = 10) =>
        new(Saturday.AddDays(-7 * weeksAgo), made, sold, made - sold, 0);

    /// <summary>
    /// One Saturday a week ago sold 4 of 10: 16 quarters, weight 0.5^(1/8) = 0.917. All days say 16 too, worth two days. Shape
    /// 2 × 16 + 0.917 × 16 + 0.01 = 46.68, rate 2.917: 16.0 quarters, 4.0 pies.
    /// </summary>
    [Fact]
    public void One_day_by_hand()
    {
        var forecast = Forecast.Of([Sold(1, 4)], Saturday).ShouldNotBeNull();
        forecast.Mean.ShouldBe(4.0, 0.01);
        forecast.IsThin.ShouldBeTrue();
        forecast.Low.ShouldBeLessThan(4);
        forecast.High.ShouldBeGreaterThan(4);
    }

    [Fact]
    public void Sold_out_says_more_and_other_weekdays_say_little()
    {
        var some = Forecast.Of([Sold(1, 2, 3), Sold(2, 2, 3), Sold(3, 2, 3)], Saturday)!;
        var all = Forecast.Of([Sold(1, 2, 2), Sold(2, 2, 2), Sold(3, 2, 2)], Saturday)!;
        all.Mean.ShouldBeGreaterThan(some.Mean);
        all.SoldOut.ShouldBe(3);
        var tuesdays = Enumerable.Range(1, 6).Select(w => Sold(w, 1) with { Day = Saturday.AddDays((-7 * w) - 4) }).ToList();
        var mixed = Forecast.Of([.. tuesdays, Sold(1, 5), Sold(2, 5), Sold(3, 5), Sold(4, 5)], Saturday)!;
        mixed.Mean.ShouldBeInRange(3.5, 5);
        Forecast.Of([.. tuesdays, Sold(1, 5), Sold(2, 5)], Saturday.AddDays(-4))!.Mean.ShouldBeLessThan(mixed.Mean);
    }

    [Fact]
    public void Nothing_sold_is_no_forecast() => Forecast.Of([], Saturday).ShouldBeNull();

    [Property(MaxTest = 100)]
    public void The_middle_lies_within_the_band_and_more_sold_is_never_less(PositiveInt seed)
    {
        var random = new Random(seed.Get);
        var sales = Enumerable.Range(1, random.Next(1, 12)).Select(w => Sold(w, random.Next(0, 36) / 4.0)).ToList();
        var forecast = Forecast.Of(sales, Saturday)!;
        forecast.Low.ShouldBeLessThanOrEqualTo(forecast.Mean + 0.25);
        forecast.High.ShouldBeGreaterThanOrEqualTo(forecast.Mean - 0.25);
        Forecast.Of([.. sales.Select(s => s with { Sold = s.Sold + 1, Made = s.Made + 1 })],
            Saturday)!.Mean.ShouldBeGreaterThan(forecast.Mean);
    }

    /// <summary>Poisson days of a known mean: eight in ten of the next days lie within the band, give or take.</summary>
    [Fact]
    public void The_band_holds_eight_days_in_ten()
    {
        var random = new Random(5);
        var (held, n) = (0, 600);
        for (var k = 0; k < n; k++)
        {
            var mean = 6 + (random.NextDouble() * 20);
            double Draw()
            {
                var (limit, p, count) = (Math.Exp(-mean), 1.0, 0);
                while ((p *= random.NextDouble()) > limit)
                    count++;
                return count / 4.0;
            }

            var forecast = Forecast.Of([.. Enumerable.Range(1, 10).Select(w => Sold(w, Draw(), 40))], Saturday)!;
            var next = Draw();
            held += next >= forecast.Low && next <= forecast.High ? 1 : 0;
        }

        ((double)held / n).ShouldBeInRange(0.76, 0.93);
    }
}
