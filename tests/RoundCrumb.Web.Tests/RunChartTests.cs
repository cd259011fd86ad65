using System.Globalization;
using System.Xml.Linq;
using RoundCrumb.Web.Drawing;

namespace RoundCrumb.Web.Tests;

/// <summary>The chart of a measured thing, bake after bake.</summary>
public sealed class RunChartTests
{
    private static XElement Drawn(RunPoint[] points, RunBand? book = null, RunBand? here = null, params RunMark[] marks)
    {
        static string Said(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
        return XElement.Parse(RunChart.Draw("Pots, bake after bake", points, book, here, marks, Said).ToString()!);
    }

    private static IEnumerable<double> Numbers(XElement svg, string attribute) => svg.Descendants()
        .Select(e => (string?)e.Attribute(attribute)).OfType<string>().Select(v => double.Parse(v, CultureInfo.InvariantCulture));

    private static RunPoint At(double from, double? to = null, bool counts = true) => new(from, to ?? from, "1 Nov", "a pie", counts);

    /// <summary>One bake, several that agree to the gram, and figures of next to nothing: all have a scale, and lie on the paper.</summary>
    [Theory]
    [InlineData(1.0)]
    [InlineData(0.0)]
    [InlineData(-12.5)]
    [InlineData(1e-7)]
    [InlineData(40000.0)]
    public void Equal_values_have_a_scale_too(double value)
    {
        foreach (var many in new[] { 1, 2, 40 })
        {
            var svg = Drawn([.. Enumerable.Repeat(At(value), many)]);
            svg.Descendants().Count(e => e.Name.LocalName == "circle").ShouldBe(many);
            Numbers(svg, "cx").ShouldAllBe(x => x >= 70 && x <= 664);
            Numbers(svg, "cy").ShouldAllBe(y => y >= 16 && y <= 196);
        }
    }

    /// <summary>“At most” and “at least” have one end only; the other runs to the edge and does not make the scale endless.</summary>
    [Fact]
    public void A_verdict_that_is_open_at_one_end_is_a_bar_to_the_edge()
    {
        var svg = Drawn(
            [At(double.NegativeInfinity, 0.4), At(0.2, double.PositiveInfinity), At(0.3)], new(0, 1, "the book"));
        svg.Descendants().Where(e => (string?)e.Attribute("class") == "point")
            .Count(e => e.Elements().Any(x => x.Name.LocalName == "path")).ShouldBe(2);
        svg.ToString().ShouldNotContain("NaN");
        svg.ToString().ShouldNotContain("∞");
        svg.ToString().ShouldNotContain("Infinity");
    }

    /// <summary>A bake that is left out is drawn open; a mark near the right edge writes to the left, so that it is not cut off.</summary>
    [Fact]
    public void What_is_left_out_and_what_was_new_are_seen()
    {
        var svg = Drawn(
            [At(1), At(2, counts: false), At(1.5), At(1.2)], null, new(1, 2, "here"), new(1, "new flour"), new(3, "a new & hot element"));
        svg.Descendants().Count(e => (string?)e.Attribute("class") == "point out").ShouldBe(1);
        var marks = svg.Descendants().Where(e => e.Name.LocalName == "text" && e.Value.Contains("new", StringComparison.Ordinal)).ToList();
        marks.Select(m => (string?)m.Attribute("text-anchor")).ShouldBe(["start", "end"]);
        marks[1].Value.ShouldBe("a new & hot element");
    }

    [Fact]
    public void Nothing_that_was_measured_is_no_chart() =>
        RunChart.Draw("Nothing", [At(double.NegativeInfinity, double.PositiveInfinity)], null, null, [], v => "").ToString()
            .ShouldBeEmpty();
}
