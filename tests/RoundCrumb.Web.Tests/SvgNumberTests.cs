using System.Globalization;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Tests;

/// <summary>Numbers as a drawing has them: to a hundredth, without noughts that say nothing.</summary>
public sealed class SvgNumberTests
{
    [Theory]
    [InlineData(0, "0")]
    [InlineData(-0.001, "0")]
    [InlineData(12, "12")]
    [InlineData(-3.5, "-3.5")]
    [InlineData(-0.05, "-0.05")]
    [InlineData(2.005001, "2.01")]
    [InlineData(99.999, "100")]
    [InlineData(3e9, "3000000000")]
    public void A_number_is_short(double value, string written) => Svg.N(value).ShouldBe(written);

    /// <summary>Read back it is never off by more than half a hundredth, and it has two places at most.</summary>
    [Fact]
    public void It_is_right_to_a_hundredth()
    {
        for (var thousandths = -25_000; thousandths <= 25_000; thousandths += 7)
        {
            var written = Svg.N(thousandths / 1000.0);
            double.Parse(written, CultureInfo.InvariantCulture).ShouldBe(thousandths / 1000.0, 0.00501);
            (written.Split('.') is [_, var places] ? places.Length : 0).ShouldBeLessThanOrEqualTo(2, written);
        }
    }
}
