using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pairing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.HeatFlow;

/// <summary>How long pies set, by heat, against what practice says of them.</summary>
public class PieCoolingTests
{
    /// <summary>A household fridge takes three to five hot custards without harm, a café's upright eight and more.</summary>
    [Fact]
    public void A_fridge_takes_so_many_hot_pies_at_once()
    {
        var pie = Assessment.Of(Pies.Read("pan=plate-23&crust=short&fill=malt-custard&top=none"));
        ColdPlace Place(Cooler cooler) => new("cold-1", "Fridge", ColdKind.Fridge, 8, new(400)) { Cooler = cooler };
        var household = pie.TakenAtOnce(Place(Cooler.StillFridge), 30);
        household.ShouldBeInRange(3, 5);
        pie.CoolingIn(Place(Cooler.StillFridge), household)!.Curve.AirTooWarm.ShouldBe(0);
        pie.CoolingIn(Place(Cooler.StillFridge), household + 1)!.Curve.AirTooWarm.ShouldBeGreaterThan(0);
        pie.TakenAtOnce(Place(Cooler.FanFridge), 30).ShouldBeGreaterThanOrEqualTo(8);
        Assessment.Of(Pies.Read("pan=springform-20&crust=plain-crumb&fill=lemon-cheese&top=none"))
            .TakenAtOnce(Place(Cooler.StillFridge), 30).ShouldBe(30);
    }

    private static readonly Pan Springform = PanCupboard.All.First(p => p.Kind is PanKind.Springform && p.Top.Value > 190);
    private static readonly Pan Tartlet = PanCupboard.All.First(p => p.IsSmall);

    private static Kitchen With(Cooler? cooler, double? reads = null) => Kitchen.Usual with
    {
        Cold = [new("cold-1", "Fridge", ColdKind.Fridge, 12, new(400)) { Cooler = cooler, Reads = reads }],
    };

    private static Composition Made(Pan pan, FillingFormula filling, double? deep = null)
    {
        var pie = Composition.For(pan, CrustBook.WheatmealCrumb, filling, Topping.None);
        return deep is not { } mm ? pie
            : pie with { Filling = pie.Filling with { Line = new(Assessment.Of(pie).Lined.Depth.Value - mm) } };
    }

    private static Assessment Pie(
        Pan pan, FillingFormula filling, Cooler? cooler = Cooler.StillFridge, double? reads = null, double? deep = null, int pies = 1) =>
        Assessment.Of(Made(pan, filling, deep), pies, With(cooler, reads));

    /// <summary>Minutes that practised bakers give, in a still fridge.</summary>
    [Fact]
    public void Practice_says_the_same()
    {
        static void Sets(Assessment pie, double least, double most) =>
            pie.Cooling!.SetTime!.Value.Least.ShouldBeInRange(least, most, pie.Composition.Filling.Formula.Id + pie.Composition.Pan.Id);
        Sets(Pie(PanCupboard.Plate23, FillingBook.MaltCustard), 150, 210);
        Sets(Pie(Tartlet, FillingBook.MaltCustard), 50, 90);
        Sets(Pie(Springform, FillingBook.LemonCheese, deep: 30), 120, 270);
        Sets(Pie(Springform, FillingBook.All.First(f => f.Family == FillingFamilies.CheeseStiff)), 6 * 60, 10 * 60);
        Sets(Pie(PanCupboard.Plate23, FillingBook.All.First(f => f.Family == FillingFamilies.Ganache)), 90, 150);
        Sets(Pie(PanCupboard.Plate23, FillingBook.All.First(f => f.Family == FillingFamilies.CaramelLayer), deep: 12), 40, 90);
    }

    [Fact]
    public void The_steps_and_the_times_wait_by_it_and_the_working_says_where()
    {
        var pie = Pie(PanCupboard.Plate23, FillingBook.MaltCustard);
        var set = pie.Cooling!.SetTime!;
        pie.Chain.SetTime.ShouldBe(set);
        pie.Chain.Steps.Single(s => s.Kind == StepKind.Set).Wait.ShouldBe(set.Value);
        set.Formula.ShouldContain("Fridge");
        set.Terms.Select(t => t.Name).ShouldContain("air in there");
        set.Value.Least.ShouldBeLessThanOrEqualTo(set.Value.Best);
        set.Value.Best.ShouldBeLessThanOrEqualTo(set.Value.Most);
    }

    [Fact]
    public void Where_nobody_has_said_how_the_fridge_cools_the_familys_table_stays_and_says_so()
    {
        var pie = Pie(PanCupboard.Plate23, FillingBook.MaltCustard, cooler: null);
        pie.Cooling.ShouldBeNull();
        pie.Chain.SetTime.Value.Least.ShouldBe(FillingFamilies.StarchCustard.SetTime.Least);
        pie.Chain.SetTime.Formula.ShouldContain("nothing is known of the fridge");
    }

    /// <summary>Eight hot pies warm a household fridge past 8 °C for hours: the step says so, and how many at a time do not.</summary>
    [Fact]
    public void So_many_hot_pies_that_the_fridge_gets_too_warm_are_spoken_of_at_the_step()
    {
        static Phrase Set(Assessment pie) => pie.Chain.Steps.Single(s => s.Kind == StepKind.Set).Do;
        var many = Set(Pie(PanCupboard.Plate23, FillingBook.MaltCustard, pies: 8));
        many.Template.ShouldContain("the air in the Fridge");
        var fits = (int)many.Amounts[^1].Quantity.Amount;
        fits.ShouldBeInRange(2, 7);
        Set(Pie(PanCupboard.Plate23, FillingBook.MaltCustard, pies: fits)).Template.ShouldBe("Set in the fridge.");
        Set(Pie(PanCupboard.Plate23, FillingBook.MaltCustard, Cooler.FanFridge, pies: 8)).Template.ShouldBe("Set in the fridge.");
    }

    /// <summary>A brace in a fridge's name is a brace.</summary>
    [Fact]
    public void A_fridges_name_is_words_and_nothing_else()
    {
        var odd = With(Cooler.StillFridge) with
        {
            Cold = [new("cold-1", "Box {0} {", ColdKind.Fridge, 12, new(400)) { Cooler = Cooler.StillFridge }],
        };
        var set = Assessment.Of(Made(PanCupboard.Plate23, FillingBook.MaltCustard), 10, odd)
            .Chain.Steps.Single(s => s.Kind == StepKind.Set);
        new QuantityFormatter(UnitChoice.Usual).Say(set.Do).ShouldContain("Box {0} {");
    }

    [Fact]
    public void A_fridge_that_is_never_cold_enough_has_no_minutes_and_the_table_stays()
    {
        var pie = Pie(PanCupboard.Plate23, FillingBook.LemonCheese, reads: 13);
        pie.Cooling!.SetTime.ShouldBeNull();
        pie.Chain.SetTime.Value.ShouldBe(Pie(PanCupboard.Plate23, FillingBook.LemonCheese, cooler: null).Chain.SetTime.Value);
    }

    [Fact]
    public void A_fridge_too_narrow_for_it_is_not_reckoned_with()
    {
        var narrow = With(Cooler.StillFridge) with
        {
            Cold = [new("cold-1", "Box", ColdKind.Fridge, 2, new(120)) { Cooler = Cooler.StillFridge }],
        };
        Assessment.Of(Made(PanCupboard.Plate23, FillingBook.MaltCustard), 1, narrow).Cooling.ShouldBeNull();
    }

    [Property(MaxTest = 60)]
    public void Deeper_warmer_air_and_more_of_them_are_never_sooner(PositiveInt which, PositiveInt more, bool fan)
    {
        var filling = FillingBook.All[which.Get % FillingBook.All.Count];
        var cooler = fan ? Cooler.FanFridge : Cooler.StillFridge;
        double? Minutes(double deep, double reads, int pies) =>
            Pie(Springform, filling, cooler, reads, deep, pies).Cooling?.SetTime?.Value.Least;
        if (Minutes(20, 3, 1) is not { } usual)
            return;
        (Minutes(20 + (more.Get % 20), 3, 1) ?? double.MaxValue).ShouldBeGreaterThanOrEqualTo(usual);
        (Minutes(20, 4.5, 1) ?? double.MaxValue).ShouldBeGreaterThanOrEqualTo(usual - 5);
        (Minutes(20, 3, 1 + (more.Get % 8)) ?? double.MaxValue).ShouldBeGreaterThanOrEqualTo(usual - 5);
    }

    [Fact]
    public void Every_filling_of_the_book_says_what_it_is_made_of()
    {
        foreach (var filling in FillingBook.All)
        {
            var blend = PieMatter.Of(filling, 1, FillingYield.Of(filling, 1));
            (blend.Water + blend.Fat + blend.Protein + blend.Carbohydrate + blend.Rest).ShouldBe(1, 0.01, filling.Id);
            Matter.Of(blend).ConductivityAt(20).ShouldBeInRange(0.2, 0.6, filling.Id);
            Matter.Of(blend).CapacityAt(20).ShouldBeInRange(2000, 4000, filling.Id);
        }

        var light = FillingBook.All.First(f => f.Family == FillingFamilies.Chiffon);
        PieMatter.Of(light, 1, FillingYield.Of(light, 1)).Air.ShouldBeGreaterThan(0.15);
    }

    /// <summary>From 57 °C: 2 h to 21 and 6 h to 5, with a fifth less and a third more for what nobody has measured.</summary>
    [Theory]
    [InlineData(10, 90, 270, RuleKept.Yes)]
    [InlineData(10, 110, 270, RuleKept.Uncertain)]
    [InlineData(10, 145, 370, RuleKept.Uncertain)]
    [InlineData(10, 151, 270, RuleKept.No)]
    [InlineData(10, 90, 451, RuleKept.No)]
    public void The_two_step_rule_is_kept_not_kept_or_too_near_to_say(double begins, double first, double both, RuleKept kept)
    {
        var rule = TwoStepRule.Of(celsius => celsius > 50 ? begins : celsius > 20 ? begins + first : begins + both, false);
        rule.Kept.ShouldBe(kept);
        rule.First.ShouldBe(first);
        rule.Both.ShouldBe(both);
    }

    [Fact]
    public void The_rule_does_not_begin_for_what_was_never_hot_and_is_not_kept_by_what_never_gets_cold()
    {
        TwoStepRule.Of(_ => 0, false).Kept.ShouldBe(RuleKept.DoesNotApply);
        TwoStepRule.Of(celsius => celsius > 20 ? 30 : null, false).Kept.ShouldBe(RuleKept.No);
    }

    /// <summary>A deep hot custard in a still fridge misses the rule; what is offered instead meets it.</summary>
    [Fact]
    public void What_would_meet_the_rule_does()
    {
        var pie = Assessment.Of(
            Made(PanCupboard.Plate23, FillingBook.MaltCustard), 1,
            With(Cooler.StillFridge) with
            {
                Cold =
                [
                    new("cold-1", "Still", ColdKind.Fridge, 8, new(400)) { Cooler = Cooler.StillFridge },
                    new("cold-2", "Chiller", ColdKind.Fridge, 8, new(400)) { Cooler = Cooler.BlastChiller },
                ],
            });
        var now = pie.Cooling!;
        CoolingChange.RuleOf(pie, now, CoolFirst.Straight).Kept.ShouldNotBe(RuleKept.Yes);
        var changes = CoolingChange.For(pie, now);
        changes.ShouldContain(c => c.Place.Id == "cold-2" && c.Rule.Kept == RuleKept.Yes);
        changes.ShouldContain(c => c.After != pie.Composition);
        changes.ShouldAllBe(c => c.Rule.Kept == RuleKept.DoesNotApply || (c.Rule.First <= 120 && c.Rule.Both <= 360));
        changes.Select(c => c.Rule.Kept).ShouldBeInOrder();
        CoolingChange.For(pie, pie.CoolingIn(pie.Kitchen.Cold[1])!).ShouldBeEmpty();
    }

    /// <summary>35 mm: first in a tray 15 mm deep, 5:22 to 10 °C; over ice first, 3:28; straight in, 7:26.</summary>
    [Fact]
    public void In_a_tray_or_over_ice_first_it_is_cold_sooner()
    {
        var deep = PanCupboard.All.First(p => p.Kind is PanKind.PiePlate && p.Depth.Value >= 46);
        var pie = Pie(deep, FillingBook.MaltCustard, deep: 35);
        double To(CoolFirst first, double celsius) => pie.CurveOf(pie.Cooling!, first).MinutesTo(celsius)!.Value;
        To(CoolFirst.Tray, 21).ShouldBe(126, 20);
        To(CoolFirst.IceBath, 21).ShouldBeInRange(8, 20);
        To(CoolFirst.Straight, 10).ShouldBeGreaterThan(To(CoolFirst.Tray, 10));
        To(CoolFirst.Tray, 10).ShouldBeGreaterThan(To(CoolFirst.IceBath, 10));
        To(CoolFirst.IceBath, 10).ShouldBe(208, 40);
    }

    /// <summary>A stand-in of the same depth sets as long as the pie itself: both from one sum.</summary>
    [Fact]
    public void Another_pan_sets_by_the_same_sum()
    {
        var pie = Pie(PanCupboard.Plate23, FillingBook.MaltCustard);
        var here = pie.Cooling!.SetTime!.Value.Least;
        foreach (var other in StandIn.For(pie, pie.Kitchen.Pans))
            other.SetTime.Value.Least.ShouldBe(
                here * Math.Pow(other.Depth.Value.Value / pie.FilledDepth.Value.Value, 1.04), 0.5, other.Pan.Name);
    }

    [Fact]
    public void Nothing_of_a_filling_and_half_a_metre_of_it_are_words_or_hours_but_no_fault()
    {
        Pie(PanCupboard.Plate23, FillingBook.MaltCustard, deep: 0.5).Cooling.ShouldBeNull();
        var well = new Pan("own", "A bucket", PanKind.Ring, PanMaterial.DarkSteel, new(300), new(300), new(500));
        var bucket = Pie(well, FillingBook.MaltCustard, deep: 480);
        (bucket.Cooling?.SetTime?.Value.Least ?? 0).ShouldBeGreaterThanOrEqualTo(0);
        bucket.Chain.SetTime.Value.Best.ShouldBeGreaterThan(0);
    }
}
