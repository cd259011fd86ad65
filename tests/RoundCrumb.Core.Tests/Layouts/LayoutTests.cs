using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Layouts;

namespace RoundCrumb.Core.Tests.Layouts;

public class LayoutTests
{
    [Theory]
    [InlineData(300, 200, 100, 0, 6)]

    // Staggered: rows of 4 and 3 at 86.6 mm: 100 + 2 × 86.6 = 273 high, so 4 + 3 + 4 = 11; square rows give 8.
    [InlineData(400, 280, 100, 0, 11)]

    // The same stood on end, and one that is too small for any.
    [InlineData(280, 400, 100, 0, 11)]
    [InlineData(99, 400, 100, 0, 0)]

    // 20 mm apart: 3 × 100 + 2 × 20 = 340.
    [InlineData(340, 100, 100, 20, 3)]
    [InlineData(339, 100, 100, 20, 2)]
    public void Rows_in_a_rectangle_by_hand(double width, double height, double diameter, double gap, int count) =>
        Layout.InRectangle(width, height, diameter, gap).Count.ShouldBe(count);

    [Fact]
    public void Seven_lie_in_a_circle_three_of_them_wide()
    {
        // One in the middle and six touching it and each other.
        var spots = Layout.On(s => Math.Sqrt((s.X * s.X) + (s.Y * s.Y)) <= 100 + 1e-6, 150, 150, 100, 150);
        spots.Count.ShouldBe(7);
        Apart(spots).ShouldBeGreaterThanOrEqualTo(100 - 1e-6);
    }

    [Property]
    public void Nothing_overlaps_and_nothing_leaves_a_rectangle(PositiveInt width, PositiveInt height, PositiveInt diameter, byte gap)
    {
        var (w, h, d) = (width.Get % 900, height.Get % 900, 10 + (diameter.Get % 200));
        var spots = Layout.InRectangle(w, h, d, gap % 30);
        Apart(spots).ShouldBeGreaterThanOrEqualTo(d + (gap % 30) - 1e-6);
        spots.ShouldAllBe(
            s => s.X >= (d / 2.0) - 1e-6 && s.Y >= (d / 2.0) - 1e-6 && s.X <= w - (d / 2.0) + 1e-6 && s.Y <= h - (d / 2.0) + 1e-6);
    }

    [Property]
    public void Nothing_overlaps_and_nothing_leaves_a_circle(PositiveInt radius, PositiveInt diameter)
    {
        var (r, d) = (10.0 + (radius.Get % 250), 10.0 + (diameter.Get % 80));
        var spots = r < d / 2 ? [] : Layout.On(s => Math.Sqrt((s.X * s.X) + (s.Y * s.Y)) <= r - (d / 2) + 1e-6, r, r, d, r);
        Apart(spots).ShouldBeGreaterThanOrEqualTo(d - 1e-6);
        spots.ShouldAllBe(s => Math.Sqrt((s.X * s.X) + (s.Y * s.Y)) + (d / 2) <= r + 1e-5);

        // However they lie, they can't cover more than there is; and a circle that takes one gets one.
        (spots.Count * d * d / 4).ShouldBeLessThanOrEqualTo(r * r + 1e-6);
        (spots.Count > 0).ShouldBe(r >= d / 2);
    }

    private static double Apart(IReadOnlyList<Spot> spots)
    {
        var least = double.MaxValue;
        for (var i = 0; i < spots.Count; i++)
        {
            for (var j = 0; j < i; j++)
                least = Math.Min(least, spots[i].To(spots[j]));
        }

        return least;
    }
}
