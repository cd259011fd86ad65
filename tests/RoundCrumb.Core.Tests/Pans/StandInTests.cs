using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Core.Tests.Pans;

public class StandInTests
{
    [Fact]
    public void A_tart_shared_out_to_small_tins_by_hand()
    {
        // A 20 cm tin lined 4 mm with crumb, filled to 5 mm below its rim: 16 mm deep. Half-widths inside the lining: at its
        // base 97.5 + 0.4 − 4.02 = 93.9, at the line 97.5 + 2 − 4.02 = 95.5; volume π × 16 × 94.7² ÷ 1000 = 451 ml.
        var pie = Assessment.Of(Pies.Read("pan=tart-20&crust=plain-crumb&bake=baked&fill=malt-custard&make=exact&top=none"));
        pie.FilledEach.Value.Value.ShouldBe(451, 1);

        // A 10 cm one is 20 deep, so 11 of filling: half-widths 44.0 and 45.3 (its wall leans 2.5 in 20), π × 11 × 44.67² = 69.0 ml.
        // 451 ÷ 69 = 6.5: seven tins, each with 64.4 ml, about 10.3 mm deep; for 16 mm none is deep enough.
        var small = pie.StandIns.Single(s => s.Pan.Id == "tartlet-10");
        small.Count.ShouldBe(7);
        small.Depth.Value.Value.ShouldBe(10.3, 0.1);
        small.Deeper.Value.Value.ShouldBe(-5.7, 0.1);
        small.BakeTime.Value.Value.ShouldBe(0.75, 1e-9);
        small.SameDepthFits.ShouldBeFalse();
        pie.StandIns.Single(s => s.Pan.Id == "tart-23").SameDepthFits.ShouldBeTrue();
    }

    [Fact]
    public void The_nearest_size_comes_first_and_the_pan_itself_never()
    {
        var pie = Assessment.Of(Pies.Read("pan=tart-25&crust=plain-crumb&bake=baked&fill=malt-custard&make=exact"));
        pie.StandIns[0].Pan.Kind.ShouldBe(PanKind.TartTin);
        pie.StandIns[0].Count.ShouldBe(1);
        pie.StandIns.ShouldNotContain(s => s.Pan == pie.Composition.Pan);
        pie.StandIns.Select(s => s.Misfit).ShouldBe(pie.StandIns.Select(s => s.Misfit).Order());
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 150)]
    public void What_stands_in_holds_the_same_filling(Composition composition)
    {
        var pie = Assessment.Of(composition);
        foreach (var other in pie.StandIns)
        {
            var lined = other.After.Lined;
            (lined.VolumeTo(other.Depth.Value.Value).Value * other.Count).ShouldBe(pie.FilledEach.Value.Value, 1e-3);
            other.Count.ShouldBeGreaterThan(0);
            if (other.SameDepthFits)
                pie.FilledDepth.Value.Value.ShouldBeLessThan(other.Pan.Depth.Value);
            other.SetTime.Value.Least.ShouldBeGreaterThanOrEqualTo(composition.Filling.Formula.Family.SetTime.Least - 1e-9);
        }

        pie.StandInFigures().Select(f => f.Id).ShouldBeUnique();
    }
}
