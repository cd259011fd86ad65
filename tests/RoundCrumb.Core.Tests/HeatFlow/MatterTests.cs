using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.HeatFlow;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>How what pies are made of conducts and holds heat.</summary>
public class MatterTests
{
    /// <summary>Water at 20 °C: 0.604 W/(m·K), 996 kg/m³, 4,177 J/(kg·K), by Choi and Okos.</summary>
    [Fact]
    public void Water_is_water()
    {
        var water = Matter.Of(new(1, 0, 0, 0, 0));
        water.ConductivityAt(20).ShouldBe(0.604, 0.002);
        water.Density.ShouldBe(996, 1);
        water.CapacityAt(20).ShouldBe(4177, 5);
    }

    /// <summary>
    /// By hand at 20 °C, 70 % water, 6 % fat, 4 % protein, 19 % carbohydrate, 1 % fibre: cp = 0.7 × 4,176.6 + 0.06 × 2,011.7 + 0.04 ×
    /// 2,031.9 +
    /// 0.19 × 1,585.7 + 0.01 × 1,880.7 = 3,445.7; volumes 0.703, 0.0654, 0.0303, 0.1193, 0.0077 of 0.926 litres a kilogram: 1,080 kg/m³;
    /// k = (0.703 × 0.6037 + 0.0654 × 0.1751 + 0.0303 × 0.2016 + 0.1193 × 0.2274 + 0.0077 × 0.207) ÷ 0.926 = 0.508.
    /// </summary>
    [Fact]
    public void A_pastry_cream_by_hand()
    {
        var cream = Matter.Of(new(0.70, 0.06, 0.04, 0.19, 0.01));
        cream.CapacityAt(20).ShouldBe(3446, 20);
        cream.Density.ShouldBe(1080, 6);
        cream.ConductivityAt(20).ShouldBe(0.508, 0.005);
    }

    /// <summary>A fifth of air takes a quarter of the conduction away and leaves the capacity of a gram as it was.</summary>
    [Fact]
    public void Air_keeps_heat_in()
    {
        var cheese = Matter.Of(new(0.56, 0.24, 0.05, 0.14, 0.01));
        var whipped = Matter.Of(new(0.56, 0.24, 0.05, 0.14, 0.01, 0.2));
        (whipped.ConductivityAt(20) / cheese.ConductivityAt(20)).ShouldBe(0.75, 0.03);
        whipped.Density.ShouldBe(cheese.Density * 0.8, 0.5);
        whipped.CapacityAt(20).ShouldBe(cheese.CapacityAt(20), 1e-9);
    }

    [Fact]
    public void Freezing_takes_what_the_freezable_water_gives()
    {
        // From 5 to −30 °C, water less what protein binds freezes nearly all: about 0.3 MJ a kilogram of it, besides the cooling itself.
        var dough = Matter.Of(new(0.5, 0, 0, 0.5, 0));
        dough.FreezesAt!.Value.ShouldBeLessThan(0);
        var heat = dough.EnthalpyAt(5) - dough.EnthalpyAt(-30);
        heat.ShouldBeInRange(150_000, 260_000);
        Matter.Of(new(0, 1, 0, 0, 0)).FreezesAt.ShouldBeNull();
    }

    [Property]
    public void The_warmer_the_more_heat_is_in_it_and_it_always_conducts(PositiveInt water, PositiveInt fat, PositiveInt sugar, byte air)
    {
        var sum = (double)(water.Get + fat.Get + sugar.Get);
        var matter = Matter.Of(new(water.Get / sum, fat.Get / sum, 0, sugar.Get / sum, 0, air / 300.0));
        for (double t = -39; t < 119; t += 1.7)
        {
            matter.EnthalpyAt(t + 1).ShouldBeGreaterThan(matter.EnthalpyAt(t));
            matter.ConductivityAt(t).ShouldBeInRange(0.02, 2.5);
        }

        matter.Density.ShouldBeInRange(100, 1700);
    }

    [Theory]
    [InlineData(double.NaN, 0)]
    [InlineData(-0.1, 0)]
    [InlineData(0, 0)]
    [InlineData(1, 0.99)]
    public void Nothing_and_nonsense_are_refused(double water, double air) =>
        Should.Throw<ArgumentOutOfRangeException>(() => Matter.Of(new(water, 0, 0, 0, 0, air)));
}
