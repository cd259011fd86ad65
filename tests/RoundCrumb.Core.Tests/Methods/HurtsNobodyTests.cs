using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Diagnosis;
using RoundCrumb.Core.Faults;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Guide;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;

namespace RoundCrumb.Core.Tests.Methods;

/// <summary>
/// What once could have hurt somebody, case by case: cooling counted from the pour, curd drained all night, meringue on a warm curd,
/// glass on a hot tray, a closed blender, butterscotch, and what is rich in egg and stands in the room.
/// </summary>
public sealed class HurtsNobodyTests
{
    private static readonly QuantityFormatter Plain = new(UnitChoice.Usual);

    private static List<Step> Steps(string address) => [.. Pies.Work(address).Chain.Steps];

    private static bool Says(Step step, Caution caution) =>
        Plain.Say(step.Caution).Contains(Plain.Say(caution.Says), StringComparison.Ordinal);

    /// <summary>
    /// What was over 57 °C on the hob, and is poured cooler, has its clock from the hob: its minutes in the bowl are told, or it cools in
    /// the fridge by a step that says how soon.
    /// </summary>
    [Fact]
    public void The_cold_clock_begins_on_the_hob()
    {
        var fridge = new ColdPlace("cold-1", "Fridge", ColdKind.Fridge, 8, new(280)) { Cooler = Cooler.StillFridge };
        var (inTheBowl, inTheCold) = (0, 0);
        foreach (var filling in FillingBook.All.Where(f => f.Family.HobTakesEggTo is not null && f.Family.Bake is null))
        {
            var pie = Assessment.Of(Composition.For(PanCupboard.Plate23, CrustBook.ButterFlaky, filling, Topping.None));
            filling.Family.HobTakesEggTo!.Usual.ShouldBeGreaterThan(CoolingConstants.RuleFrom.Usual, filling.Id);
            if (pie.CoolingIn(fridge).ShouldNotBeNull(filling.Id).Start.Usual >= CoolingConstants.RuleFrom.Usual)
                continue;
            if (pie.Chain.Steps.Any(s => s.Part is StepPart.Filling && s.Where is Place.Fridge && Says(s, Cautions.EggRich)))
            {
                inTheCold++;
                continue;
            }

            LayerPours.InTheBowl(pie).ShouldNotBeNull(filling.Id).ShouldBeGreaterThan(0, filling.Id);
            inTheBowl++;
        }

        inTheBowl.ShouldBeGreaterThan(0);
        inTheCold.ShouldBeGreaterThan(0);
    }

    /// <summary>Nothing that sets by being soured or drained may be left on the hob for longer than its curd is safe there.</summary>
    [Fact]
    public void Curd_drains_two_hours_at_most_outside_the_fridge()
    {
        foreach (var filling in FillingBook.All.Where(f => f.Lines.Any(l => l.GoesIn is GoesIn.Soured)))
        {
            var drains = Assessment.Of(Composition.Usual with { Filling = Composition.Usual.Filling with { Formula = filling } })
                .Chain.Steps.Where(s => Plain.Say(s.Do).Contains("drain", StringComparison.OrdinalIgnoreCase)).ToList();
            drains.ShouldNotBeEmpty(filling.Id);
            drains.ShouldAllBe(s => s.Where == Place.Fridge || s.Wait.Most <= Cautions.OutOfTheFridge);
        }
    }

    /// <summary>Meringue is spooned onto a curd that comes from the pan; onto one that was cooled it is spoken of.</summary>
    [Theory]
    [InlineData("grapefruit-curd", false)]
    [InlineData("grapefruit-curd&cooled=1", true)]
    [InlineData("malt-custard", false)]
    [InlineData("malt-custard&cooled=1", true)]
    public void Meringue_goes_onto_what_is_hot(string filling, bool told)
    {
        var pie = Pies.Work($"pan=plate-23&crust=butter-flaky&bake=hot&seal=white&top=meringue-swiss&fill={filling}");
        pie.Advice.Any(f => f.Rule.Id == "meringue-on-cold").ShouldBe(told);
        if (!told)
        {
            pie.Composition.PoursStraightFromThePan.ShouldBeTrue();
            return;
        }

        // What it says is how warm this one goes in, and not how warm it usually does.
        var found = pie.Advice.Single(f => f.Rule.Id == "meringue-on-cold");
        Plain.Say(found.Because).ShouldContain(Plain.Say(new Quantity(LayerPours.CooledFirst.Usual, Dimension.Warmth)));
        Assessment.Of(found.Remedies[1].Apply(pie.Composition)).Advice.ShouldNotContain(f => f.Rule.Id == "meringue-on-cold");
    }

    /// <summary>Of a hot tray nobody speaks who does not say that it is for metal; nor of the freezer where the plate is glass.</summary>
    [Fact]
    public void A_hot_tray_is_for_metal()
    {
        var said = FaultBook.All
            .SelectMany(f => f.Cures.Select(c => c.Do).Append(f.Prevention).Concat(CauseBook.Of(f).Select(c => c.Prevention)))
            .Where(w => w.Contains(" hot tray", StringComparison.Ordinal) || w.Contains("tray that is hot", StringComparison.Ordinal))
            .ToList();
        said.ShouldNotBeEmpty();
        said.ShouldAllBe(w => w.Contains("metal", StringComparison.Ordinal) && w.Contains("glass", StringComparison.Ordinal));
        var advice = Pies.Work("pan=plate-23&crust=butter-flaky&fill=malt-custard&unchilled=1&top=none").Advice;
        advice.ShouldContain(f => f.Rule.Id == "not-chilled");
        advice.SelectMany(f => f.Remedies).ShouldAllBe(r => !r.Do.Template.StartsWith("Freeze", StringComparison.Ordinal));
    }

    /// <summary>Where a fault or a page of the guide would have hot filling blended, it says how it may not be.</summary>
    [Fact]
    public void Whoever_blends_what_is_hot_is_told_of_the_lid()
    {
        var said = FaultBook.All.SelectMany(f => f.Cures.Select(c => c.Do))
            .Concat(TechniqueGuide.All.SelectMany(p => p.How.Append(p.TooLittle.Rescue).Append(p.TooMuch.Rescue)))
            .Where(w => w.Contains("blend", StringComparison.OrdinalIgnoreCase)).ToList();
        said.Count.ShouldBeGreaterThanOrEqualTo(2);
        said.ShouldAllBe(w => w.Contains("stick blender", StringComparison.Ordinal));
        Cautions.All.ShouldContain(c => c.At == "blending what is hot");
    }

    /// <summary>The butterscotch of the house is made in a step of its own, which says how hot melted sugar and butter are.</summary>
    [Fact]
    public void Butterscotch_is_made_and_cautioned()
    {
        var steps = Steps("pan=plate-23&crust=butter-flaky&fill=butterscotch-custard&top=none");
        steps.ShouldContain(s => Says(s, Cautions.All.Single(c => c.At == "butterscotch, toffee"))
            && Plain.Say(s.Do).Contains("butter", StringComparison.OrdinalIgnoreCase));
    }

    /// <summary>A walnut tart and a ganache tart keep in the room, and the sheet says that the law may want them cold.</summary>
    [Theory]
    [InlineData("walnut-treacle")]
    [InlineData("sesame-chocolate")]
    public void What_is_rich_in_egg_or_cream_says_that_the_law_may_want_it_cold(string filling)
    {
        var steps = Steps($"pan=tart-23&crust=sweet-short&bake=steady&edge=trimmed&fill={filling}&top=none");
        steps.ShouldContain(s => Says(s, Cautions.All.Single(c => c.At == "nut tarts, ganache")));
    }

    /// <summary>
    /// Vanilla in spirit is known by what it is, so that a baker's own extract, and a paste, may be a pod for those who want no alcohol.
    /// </summary>
    [Theory]
    [InlineData("vanilla")]
    [InlineData("vanilla-paste")]
    public void A_pod_stands_in_for_any_vanilla_in_spirit(string id)
    {
        var own = Pantry.Get(id) with { Id = "own-7", Name = "Our vanilla", MadeFrom = Pantry.Get(id) };
        foreach (var vanilla in (Ingredient[])[Pantry.Get(id), own])
        {
            var filling = new PartRecipe(
                "box-3-1", "Custard", PartKind.Filling, "starch-custard",
                [new(Pantry.Milk, 500), new(Pantry.Cornflour, 40), new(Pantry.Yolk, 72), new(vanilla, 5)]).AsFilling()!;
            var pie = Composition.Usual with { Filling = Composition.Usual.Filling with { Formula = filling } };
            pie = pie with { Occasion = pie.Occasion with { NoAlcohol = true } };
            var found = Assessment.Of(pie).Advice.Single(f => f.Rule.Id == "alcohol");
            var plain = found.Remedies[0].Apply(pie);
            plain.Occasion.Swaps.ToList().ShouldBe([AskedSwap.VanillaPod]);
            Assessment.Of(plain).Advice.ShouldNotContain(f => f.Rule.Id == "alcohol");
        }
    }
}
