using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>What is poured onto a cold layer: how warm the face between gets, and how long it cools in its bowl first.</summary>
public class LayerPourTests
{
    private const string Ring = "pan=springform-20&crust=plain-crumb&treat=baked&top=none";

    private static readonly Matter Jelly = Matter.Of(new(0.80, 0, 0.02, 0.18, 0));

    /// <summary>Fillings as they lie in the fridge: cheese, cheese with a fifth of air, half whipped cream.</summary>
    private static readonly Matter[] Cold =
        [Matter.Plain(0.405, 1065, 3060), Matter.Plain(0.304, 852, 3060), Matter.Plain(0.22, 500, 3200)];

    /// <summary>
    /// By hand, a jelly of √(0.54 × 1055 × 3750) = 1462 at 35 °C onto cheese of √(0.405 × 1065 × 3060) = 1149 at 5 °C:
    /// (1462 × 35 + 1149 × 5) ÷ (1462 + 1149) = 21.8 °C.
    /// </summary>
    [Theory]
    [InlineData(35, 21, 27)]
    [InlineData(40, 24, 30)]
    [InlineData(45, 27, 34)]
    public void The_face_between_a_jelly_and_a_cold_filling_gets_as_warm_as_the_rule_says(double at, double least, double most)
    {
        foreach (var filling in Cold)
            LayerPours.Face(Jelly, at, filling, 5).ShouldBeInRange(least, most);
        LayerPours.Face(Jelly, 35, Cold[0], 5).ShouldBe(21.8, 0.3);
    }

    [Property(MaxTest = 100)]
    public void The_limit_is_that_at_which_the_face_comes_to_what_it_bears(PositiveInt bears, PositiveInt which)
    {
        var (face, lower) = (15 + (bears.Get % 40), Cold[which.Get % Cold.Length]);
        var limit = LayerPours.UpTo(Jelly, lower, 5, face);
        limit.ShouldBeGreaterThan(face);
        LayerPours.Face(Jelly, limit, lower, 5).ShouldBe(face, 0.5);
    }

    [Fact]
    public void A_curd_cools_to_what_the_cheese_beneath_bears_and_the_minutes_are_said()
    {
        var pie = Assessment.Of(Pies.Read(Ring + "&fill=grapefruit-curd&under1=blackcurrant-cheese&under1-high=15"), 2);
        var pour = pie.Pourings.ShouldHaveSingleItem();
        pour.Melts.ShouldBeFalse();
        pour.UpTo.Value.Value.ShouldBeInRange(38, 50);
        pour.PourAt.Value.ShouldBeLessThanOrEqualTo(pour.UpTo.Value.Value);
        pour.Face.Value.ShouldBeLessThanOrEqualTo(27);
    }

    [Fact]
    public void What_is_made_hot_gets_a_step_of_its_own_in_which_it_cools()
    {
        // A custard goes in at 82 °C; on a curd whose face bears 30 °C it would have to be cooler than it can be: that is a warning.
        Assessment.Of(Pies.Read(Ring + "&fill=malt-custard&under1=grapefruit-curd&under1-high=10")).Pourings.Single().Melts.ShouldBeTrue();

        // A curd goes in at 38 °C, and may wait till 32; cheese without gelatine bears 20 at its face.
        var pie = Assessment.Of(Pies.Read(Ring + "&fill=grapefruit-curd&under1=ginger-lime-cheese&under1-high=15"));
        var pour = pie.Pourings.ShouldHaveSingleItem();
        pour.CoolsFirst.ShouldBeTrue();
        pour.PourAt.Value.ShouldBeInRange(32, 37);
        pour.OverIce!.Value.ShouldBeLessThan(pour.OnTheBench!.Value);
        var steps = pie.Chain.Steps.ToList();
        var at = steps.FindIndex(s => s.Kind is StepKind.CoolToPour);
        at.ShouldBeInRange(1, steps.FindIndex(s => s.Kind is StepKind.Fill) - 1);
        steps[at].Wait.Least.ShouldBe(Math.Ceiling(pour.OverIce.Value));
        steps[at].Wait.Best.ShouldBeGreaterThanOrEqualTo(steps[at].Wait.Least);
    }

    [Fact]
    public void A_jelly_cools_to_barely_warm_before_it_meets_the_cheese_and_the_step_says_how_long()
    {
        var pie = Assessment.Of(
            Pies.Read("pan=springform-20&crust=plain-crumb&treat=baked&fill=lemon-cheese&top=jelly-raspberry&cream=6"), 2);
        var jelly = pie.JellyPour(pie.Toppings.Single())!;
        jelly.PourAt.Value.ShouldBe(25);
        jelly.UpTo.Value.ShouldBeGreaterThan(25);
        jelly.Face.Value.ShouldBeInRange(14, 20);
        jelly.OverIce.ShouldBeLessThan(jelly.OnTheBench!.Value);
        var step = pie.Chain.Steps.First(s => s.Kind is StepKind.MakeTopping);
        step.Wait.Least.ShouldBe(Math.Ceiling(jelly.OverIce));
        step.Wait.Best.ShouldBe(40);
        step.Wait.Most.ShouldBe(Math.Ceiling(jelly.OnTheBench.Value) + 10);
        new Core.Units.QuantityFormatter(Core.Units.UnitChoice.Usual).Say(step.Do).ShouldContain("Down to 25 °C: ");

        // In a warm room it is done over ice.
        var warm = Assessment.Of(pie.Composition, 2, Kitchen.Usual with { Room = new(34) });
        warm.JellyPour(warm.Toppings.Single())!.Cool.Template.ShouldContain("over ice");
    }

    [Fact]
    public void A_bowl_cools_on_the_bench_in_as_long_as_it_does_and_over_ice_in_a_few_minutes()
    {
        // A cup of melted jelly from 45 to 30 °C: some half an hour on the bench, a few over ice.
        BowlCooling.OnTheBench(Jelly, 250, 45, 30, 20)!.Value.ShouldBeInRange(15, 50);
        BowlCooling.OverIce(Jelly, 250, 45, 30).ShouldBeInRange(1, 5);
        BowlCooling.OnTheBench(Jelly, 250, 45, 5, 20).ShouldBeNull();
        BowlCooling.OnTheBench(Jelly, 250, 30, 30, 20).ShouldBe(0);
        BowlCooling.OverIce(Jelly, 250, 30, 35).ShouldBe(0);
    }

    [Property(MaxTest = 60)]
    public void More_in_the_bowl_or_colder_takes_longer_and_ice_never_does(PositiveInt grams, PositiveInt to)
    {
        var (g, cold) = (100 + (grams.Get * 37 % 3000), 25 + (to.Get % 30));
        var bench = BowlCooling.OnTheBench(Jelly, g, 80, cold, 20)!.Value;
        BowlCooling.OnTheBench(Jelly, g * 2, 80, cold, 20)!.Value.ShouldBeGreaterThan(bench);
        BowlCooling.OnTheBench(Jelly, g, 80, cold - 2, 20)!.Value.ShouldBeGreaterThan(bench);
        BowlCooling.OverIce(Jelly, g, 80, cold).ShouldBeLessThan(bench);
        BowlCooling.OverIce(Jelly, g * 2, 80, cold).ShouldBeGreaterThan(BowlCooling.OverIce(Jelly, g, 80, cold));
    }

    [Fact]
    public void A_layer_beneath_chills_as_long_as_this_fridge_takes()
    {
        var pie = Pies.Read(Ring + "&fill=lemon-cheese&under1=malt-custard&under1-high=10");
        MinuteRange Chills(Assessment a) => a.Chain.Steps.Single(s => s.Kind is StepKind.ChillLayer).Wait;
        var table = Chills(Assessment.Of(pie));
        MinuteRange In(Cooler cooler, string composition) => Chills(
            Assessment.Of(
                Pies.Read(composition), 1,
                Kitchen.Usual with { Cold = [new("cold-1", "Fridge", ColdKind.Fridge, 8, new(400)) { Cooler = cooler }] }));
        const string thin = Ring + "&fill=lemon-cheese&under1=malt-custard&under1-high=10";
        const string thick = Ring + "&fill=lemon-cheese&under1=malt-custard&under1-high=20";
        var still = In(Cooler.StillFridge, thin);
        still.ShouldNotBe(table);
        In(Cooler.BlastChiller, thin).Least.ShouldBeLessThan(still.Least);
        In(Cooler.StillFridge, thick).Least.ShouldBeGreaterThan(still.Least);

        // Ten millimetres of hot custard in a still fridge: under an hour and a half.
        still.Least.ShouldBeInRange(30, 90);
    }
}
