using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Layering;

/// <summary>What meets what in a pie, how warm, and what comes of it where it is not so.</summary>
public class MeetingTests
{
    private static readonly QuantityFormatter Said = new(UnitChoice.Usual);

    private static IReadOnlyList<(string Upper, string Lower, string Says)> Of(string address) =>
        [.. Meetings.Of(Pies.Work(address)).Select(m => (m.Upper, m.Lower, Said.Say(m.Says)))];

    [Fact]
    public void A_custard_pie_with_cream_has_two_meetings()
    {
        var all = Of("pan=plate-23&crust=butter-flaky&fill=malt-custard&top=plain&cream=12");
        all.Count.ShouldBe(2);
        all[0].Lower.ShouldBe("the crust");
        all[0].Says.ShouldContain("onto a cold crust");
        all[1].Says.ShouldBe("Cream at 4 °C to 8 °C onto a filling no warmer than 20 °C.");
        all[1].Lower.ShouldBe(all[0].Upper);
    }

    [Fact]
    public void A_baked_citrus_goes_onto_a_shell_hot_from_the_oven() =>
        Of($"pan=plate-23&crust=sweet-short&fill={FillingBook.All.First(f => f.Family == FillingFamilies.BakedCitrus).Id}&top=none")[0]
            .Says.ShouldContain("while that is still hot from the oven");

    [Fact]
    public void A_layer_between_meets_what_is_under_and_over_it()
    {
        var all = Of("pan=springform-20&crust=plain-crumb&bake=chilled&fill=honey-cheese&under1=salt-caramel&top=none");
        all.Count.ShouldBe(2);
        all[1].Lower.ShouldBe(all[0].Upper);
        all[1].Says.ShouldContain("the face between comes to");
    }

    /// <summary>
    /// From the crust up each meets the one before it, there is one for each layer, and each says how warm and what comes of it otherwise.
    /// </summary>
    [Property(Arbitrary = [typeof(ArbitraryPies)], MaxTest = 150)]
    public void Every_layer_meets_the_one_beneath(Composition pie)
    {
        var all = Meetings.Of(Assessment.Of(pie));
        var fillings = pie.Fillings.ToList();
        all.Count.ShouldBeGreaterThanOrEqualTo(fillings.Count);
        all[0].Lower.ShouldBe("the crust");
        for (var i = 0; i < all.Count; i++)
        {
            Said.Say(all[i].Says).ShouldEndWith(".");
            if (i < fillings.Count)
                all[i].Upper.ShouldBe(fillings[i].Name);
            if (i > 0)
                all[i].Lower.ShouldBe(fillings[Math.Min(i, fillings.Count) - 1].Name);
        }

        foreach (var topping in all.Skip(fillings.Count))
            topping.IfNot.ShouldNotBeEmpty(topping.Upper);
    }
}
