using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Steps;

/// <summary>Slices, and the hands that cut them.</summary>
public class ServingTests
{
    private static double Weighs(Serving serving) => serving.Slices.Terms.Take(3).Sum(t => t.Amount.Amount);

    [Fact]
    public void A_custard_pie_is_cut_into_as_many_as_its_weight_makes()
    {
        // 23 cm: some 300 g of crust, 815 g of custard, 250 g of cream; 1,370 ÷ 145 is nine and a half at the most.
        var pie = Assessment.Of(
            CompositionAddress.Read("pan=plate-23&crust=butter-flaky&fill=malt-custard&make=below&top=icing&cream=12").Composition, 2);
        var serving = Serving.Of(pie);
        Weighs(serving).ShouldBeInRange(1200, 1450);
        serving.Slices.Value.Value.ShouldBe(Math.Round(Weighs(serving) / 145));
        serving.Step.Label.ShouldBe("Cut and plate");

        // Knife and plates once, three quarters of a minute a slice, two pies.
        serving.Step.HandsOn.ShouldBe(3 + (2 * 0.75 * serving.Slices.Value.Value), 1e-9);
    }

    [Fact]
    public void A_rich_pie_is_cut_smaller_and_a_tartlet_not_at_all()
    {
        var cheese = Serving.Of(
            Assessment.Of(
                Composition.For(
                    PanCupboard.Find("tart-25")!, CrustBook.Find("plain-crumb")!, FillingBook.Find("lemon-cheese")!, Topping.None)));
        cheese.Slices.Value.Value.ShouldBe(Math.Round(Weighs(cheese) / 95));

        var tartlet = Serving.Of(
            Assessment.Of(
                Composition.For(
                    PanCupboard.Find("tartlet-8")!, CrustBook.Find("sweet-short")!, FillingBook.Find("sharp-lemon")!, Topping.None),
                40));
        tartlet.Slices.Value.Value.ShouldBe(1);
        tartlet.Step.Label.ShouldBe("Plate");
        tartlet.Step.HandsOn.ShouldBe(2 + (40 * 0.3), 1e-9);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void No_slice_is_far_from_what_a_slice_weighs(Composition pie)
    {
        var serving = Serving.Of(Assessment.Of(pie));
        var slices = serving.Slices.Value.Value;
        var each = pie.Filling.Formula.Family.Portion.Usual;
        slices.ShouldBeGreaterThanOrEqualTo(1);
        if (slices > 1)
            (Weighs(serving) / slices).ShouldBeInRange(0.75 * each, 1.25 * each);
        else
            Weighs(serving).ShouldBeLessThan(1.5 * each);

        // Two more pies are two more pies' cutting of the same knife.
        var three = Serving.Of(Assessment.Of(pie, 3));
        three.Step.HandsOn.ShouldBe(three.Step.Hands.SetUp + (3 * three.Step.Hands.PerPie), 1e-9);
    }
}
