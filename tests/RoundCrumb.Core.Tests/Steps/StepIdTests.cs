using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;

namespace RoundCrumb.Core.Tests.Steps;

/// <summary>A step is known by what it is, not by where it stands.</summary>
public class StepIdTests
{
    [Property(Arbitrary = [typeof(Pies)], MaxTest = 300)]
    public void Each_step_of_a_pie_has_a_name_of_its_own_that_reads_back(Composition pie)
    {
        var steps = Assessment.Of(pie).Chain.Steps;
        steps.Select(s => s.Id).ShouldBeUnique();
        foreach (var step in steps)
        {
            StepId.TryParse(step.Id.ToString(), out var read).ShouldBeTrue(step.Id.ToString());
            read.ShouldBe(step.Id);
            step.Label.ShouldNotBeEmpty();
        }
    }

    [Property(Arbitrary = [typeof(Pies)], MaxTest = 200)]
    public void Every_step_that_is_baked_says_its_heat_and_its_range(Composition pie)
    {
        foreach (var step in Assessment.Of(pie).Chain.Steps.Where(s => s.Bakes))
        {
            var heat = step.Heat.ShouldNotBeNull(step.Id.ToString());
            heat.Low.Value.ShouldBeLessThanOrEqualTo(heat.At.Value);
            heat.High.Value.ShouldBeGreaterThanOrEqualTo(heat.At.Value);
            heat.At.Value.ShouldBeInRange(100, 250);
        }
    }

    [Property(Arbitrary = [typeof(Pies)], MaxTest = 200)]
    public void A_warm_room_takes_no_step_s_name_away(Composition pie)
    {
        var cool = Assessment.Of(pie, 2).Chain.Steps.Select(s => s.Id);
        var warm = Assessment.Of(pie, 2, Kitchen.Usual with { Room = new RoomCelsius(31) }).Chain.Steps.Select(s => s.Id);
        cool.Except(warm).ShouldBeEmpty();
        warm.Except(cool).ShouldAllBe(id => id.Kind == StepKind.ChillBoard);
    }

    [Fact]
    public void Every_kind_and_place_has_words_and_no_two_kinds_the_same()
    {
        Enum.GetValues<StepKind>().Select(k => k.Label).ShouldBeUnique();
        Enum.GetValues<Place>().Select(p => p.Name).ShouldBeUnique();
        foreach (var place in Enum.GetValues<Place>())
            (Enum.IsDefined(place.Tool) && Enum.IsDefined(place.WaitsAt)).ShouldBeTrue(place.Name);
    }

    /// <summary>Every shape of crust, through what is done, what is waited for and what it is made of.</summary>
    [Fact]
    public void Every_family_of_crusts_is_made_laid_and_kept()
    {
        foreach (var family in CrustBook.All)
        {
            var pan = family is ShellFamily shell ? shell.Foil : Core.Pans.PanCupboard.Plate23;
            foreach (var treatment in family.Treatments)
            {
                var pie = Assessment.Of(
                    Composition.For(pan, family, FillingBook.MaltCustard, Core.Toppings.Topping.Plain) with
                    {
                        Crust = Composition.UsualCrust(pan, family) with { Treatment = treatment },
                    },
                    3);
                var crust = pie.Chain.Steps.Where(s => s.Part is StepPart.Crust).ToList();
                crust.Count.ShouldBeGreaterThan(0, family.Id);
                crust.Sum(s => s.HandsOn).ShouldBeGreaterThan(0, family.Id);
                (crust.Any(s => s.Kind.TakesPans) || family is ShellFamily).ShouldBeTrue(family.Id);
                crust.Any(s => s.Where is Place.Oven).ShouldBe(
                    treatment is Treatment.HotStart or Treatment.Steady or Treatment.Baked, $"{family.Id} {treatment}");
                family.Ingredients.Count.ShouldBeGreaterThan(0, family.Id);
                pie.Crust.Lines.Select(l => l.Ingredient).Except(family.Ingredients).ShouldBeEmpty(family.Id);
                family.Ingredients.Aggregate(Core.Ingredients.Allergens.None, (all, i) => all | i.Allergens)
                    .ShouldBe(
                        pie.Crust.Lines.Aggregate(Core.Ingredients.Allergens.None, (all, l) => all | l.Ingredient.Allergens), family.Id);
                family.Keeping.ShouldNotBeEmpty(family.Id);
            }
        }
    }
}
