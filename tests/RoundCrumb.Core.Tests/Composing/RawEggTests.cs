using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Labelling;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Composing;

/// <summary>Egg is cooked only where a step takes that egg to 71 °C, or it is pasteurised; everything that says so says the same.</summary>
public sealed class RawEggTests
{
    private static readonly (string Says, string Address, bool Raw)[] Pies_ =
    [
        ("a boiled custard", "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing", false),
        ("a curd stirred to 80", "pan=tart-23&crust=sweet-short&edge=trimmed&fill=grapefruit-curd&top=none", false),
        ("a condensed-milk pie baked to 72", "pan=plate-23&crust=wheatmeal-crumb&bake=baked&fill=lime-condensed&top=none", false),
        ("the same, chilled", "pan=plate-23&crust=wheatmeal-crumb&bake=chilled&fill=lime-condensed&top=none", true),
        ("the same without an oven", "pan=plate-23&crust=wheatmeal-crumb&bake=chilled&fill=lime-condensed&top=none&nooven=1", true),
        ("whites folded into a jelly", "pan=springform-20&crust=plain-crumb&bake=chilled&fill=raspberry-chiffon&top=none", true),
        ("Swiss meringue", "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=meringue-swiss", false),
        ("French meringue", "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=meringue-french", true),
        ("Italian meringue", "pan=plate-23&crust=butter-flaky&fill=malt-custard&top=meringue-italian", true),
        ("a yolk seal on a baked shell", "pan=plate-23&crust=butter-flaky&fill=lemon-cheese&seal=yolk&top=none", false),
        (
            "a white seal on crumbs that are not baked",
            "pan=plate-23&crust=plain-crumb&bake=chilled&seal=white&fill=lemon-cheese&top=none", true),
    ];

    [Fact]
    public void Rule_label_and_question_say_the_same()
    {
        foreach (var (says, address, raw) in Pies_)
        {
            var pie = Assessment.Of(Pies.Read(address));
            RawEgg.In(pie.Composition).Any().ShouldBe(raw, says);
            PieLabel.Of(BatchSheet.Of(pie)).HasRawEgg.ShouldBe(raw, says);
            var asked = Assessment.Of(Pies.Read(address + "&no-raw=1"));
            asked.Advice.Any(f => f.Rule.Id == "raw-egg").ShouldBe(raw, says);

            // Pasteurised egg makes it the same pie for them, and it weighs what it weighed.
            var safe = Assessment.Of(Pies.Read(address + "&no-raw=1&pasteurised=1"));
            safe.Advice.ShouldNotContain(f => f.Rule.Id == "raw-egg", says);
            PieLabel.Of(BatchSheet.Of(safe)).HasRawEgg.ShouldBeFalse(says);
            safe.PotMass.Value.Value.ShouldBe(asked.PotMass.Value.Value, 1e-9, says);
            CompositionAddress.Read(CompositionAddress.Write(safe.Composition)).Composition.Occasion.Swaps
                .ToList().ShouldBe([AskedSwap.PasteurisedEgg], says);
        }
    }

    /// <summary>Cream just off the boil, poured at 35 °C: the yolks that nobody's step heats stay raw.</summary>
    [Fact]
    public void Egg_that_no_step_takes_anywhere_is_raw()
    {
        var ganache = new PartRecipe(
            "box-1-1", "Ganache with yolks", PartKind.Filling, "ganache",
            [new(Pantry.DarkChocolate, 250), new(Pantry.DoubleCream, 250), new(Pantry.Yolk, 54)]).AsFilling()!;
        RawEgg.In(ganache).ShouldBe(Pantry.Yolk);
        var baked = new PartRecipe(
            "box-2-1", "Custard with whites folded in", PartKind.Filling, "starch-custard",
            [
                new(Pantry.Milk, 500), new(Pantry.Cornflour, 40), new(Pantry.Yolk, 72), new(Pantry.EggWhite, 64, GoesIn.WhitesFolded)
            ]).AsFilling()!;
        RawEgg.In(baked).ShouldBe(Pantry.EggWhite);
    }

    [Fact]
    public void Nothing_of_the_house_is_called_cooked_below_71()
    {
        foreach (var family in FillingFamilies.All)
        {
            (family.HobTakesEggTo?.Usual ?? 100).ShouldBeGreaterThanOrEqualTo(RawEgg.Safe.Usual, family.Id);
            if (family.Bake is { } bake)
                bake.DoneAt.Usual.ShouldBeGreaterThanOrEqualTo(RawEgg.Safe.Usual, family.Id);
        }

        ToppingBook.All.ShouldAllBe(t => t.EggTakenTo == null || t.EggTakenTo.Usual >= RawEgg.Safe.Usual);
    }
}
