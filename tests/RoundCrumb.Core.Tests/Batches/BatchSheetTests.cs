using FsCheck.Xunit;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Tests.Batches;

public class BatchSheetTests
{
    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Three_times_the_pies_are_three_times_every_weight(Composition pie)
    {
        // Weighed to fit, nothing is rounded to whole eggs, so the law holds to the gram.
        var exact = pie with { Filling = pie.Filling with { Batch = Core.Fillings.BatchChoice.Exact } };
        var one = BatchSheet.Of(Assessment.Of(exact)).Parts.SelectMany(p => p.Lines).ToList();
        var three = BatchSheet.Of(Assessment.Of(exact, 3)).Parts.SelectMany(p => p.Lines).ToList();
        three.Select(l => l.Key).ShouldBe(one.Select(l => l.Key));
        for (var i = 0; i < one.Count; i++)
            three[i].Mass.Value.Value.ShouldBe(one[i].Mass.Value.Value * 3, 1e-6 * Math.Max(1, one[i].Mass.Value.Value));
    }

    [Fact]
    public void A_batch_for_three_pies_has_whole_yolks()
    {
        // Three malt pies need 3 × 4.36 = 13.07 yolks: 14 when rounded up.
        var sheet = BatchSheet.Of(Assessment.Of(Pies.Read(CompositionAddress.Write(Pies.Plain) + "&make=above"), 3));
        sheet.Parts.Single(p => p.Name == "Filling").Lines.Single(l => l.Ingredient == Pantry.Yolk).Pieces.ShouldBe(14, 1e-6);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void What_is_made_is_what_is_poured_and_what_is_left(Composition pie)
    {
        var sums = Assessment.Of(pie, 4);
        (sums.FilledEach.Value.Value * 4 + sums.LeftOver.Value.Value).ShouldBe(sums.Fit.Chosen.Volume.Value.Value, 1e-3);
        (sums.FilledMass.Value.Value * 4 + sums.LeftOverMass.Value.Value).ShouldBe(sums.PotMass.Value.Value, 1e-2);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Every_figure_opens_to_a_formula_and_its_inputs(Composition pie)
    {
        var figures = BatchSheet.Of(Assessment.Of(pie, 2)).Figures().ToList();
        figures.Select(f => f.Id).ShouldBeUnique();
        foreach (var figure in figures)
            Opens(figure, 0);

        static void Opens(IWorked figure, int deep)
        {
            deep.ShouldBeLessThan(12);
            figure.Formula.ShouldNotBeNullOrWhiteSpace(figure.Id);
            figure.Terms.ShouldNotBeEmpty(figure.Id);
            foreach (var term in figure.Terms)
            {
                term.Name.ShouldNotBeNullOrWhiteSpace(figure.Id);
                if (term.Constant is { } constant)
                {
                    constant.Reason.ShouldNotBeNullOrWhiteSpace(constant.Name);
                    constant.Usual.ShouldBeInRange(constant.Low, constant.High, constant.Name);
                }

                if (term.From is { } from)
                    Opens(from, deep + 1);
            }
        }
    }

    [Fact]
    public void Allergens_come_from_what_is_in_it()
    {
        BatchSheet.Of(Assessment.Of(Pies.Plain)).Allergens.ShouldBe(Allergens.Wheat | Allergens.Barley | Allergens.Milk | Allergens.Egg);
        BatchSheet.Of(Assessment.Of(Pies.Cheese)).Allergens.ShouldBe(Allergens.Wheat | Allergens.Milk);
    }

    /// <summary>In a warm room the board is chilled before the dough is rolled: every step behind it moves by one place.</summary>
    [Fact]
    public void A_step_that_is_ticked_stays_ticked_when_another_comes_before_it()
    {
        var cool = BatchSheet.Of(Assessment.Of(Pies.Plain, 2));
        var warm = BatchSheet.Of(Assessment.Of(Pies.Plain, 2, Kitchen.Usual with { Room = new(28) }));
        warm.Pie.Chain.Steps.Count.ShouldBe(cool.Pie.Chain.Steps.Count + 1);
        var fill = cool.Pie.Chain.Steps.Single(s => s.Kind is StepKind.Fill);
        warm.Ticks().ShouldContain(BatchSheet.StepTick(fill));
        cool.Ticks().Except(warm.Ticks()).ShouldBeEmpty();

        // A sheet of an earlier version was ticked by places.
        cool.Renamed("step.0").ShouldBe(BatchSheet.StepTick(cool.Pie.Chain.Steps[0]));
        cool.Renamed("step.99").ShouldBe("step.99");
        cool.Renamed("crust.butter").ShouldBe("crust.butter");
    }

    [Fact]
    public void Ticks_are_unique_and_stay_the_same_for_the_same_pie()
    {
        var ticks = BatchSheet.Of(Assessment.Of(Pies.Plain, 2)).Ticks().ToList();
        ticks.ShouldBeUnique();
        ticks.ShouldBe(BatchSheet.Of(Assessment.Of(Pies.Plain, 2)).Ticks());
    }
}
