using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Fillings;

/// <summary>What is done to a line before it goes in, and what that does to the sums.</summary>
public class PreparedLineTests
{
    private static FillingFormula With(FormulaLine line) => new(
        "own", "Own", FillingFamilies.StarchCustard, [line, new(Pantry.Cornflour, 40)], null, "#ffffff");

    private static IReadOnlyList<Step> StepsOf(FillingFormula filling) => PieOf(filling).Chain.Steps;

    private static Assessment PieOf(FillingFormula filling) => Assessment.Of(
        Composition.For(PanCupboard.Plate23, CrustBook.WheatmealCrumb, filling, Topping.None), 1, Core.Kitchens.Kitchen.Usual);

    [Fact]
    public void A_litre_of_milk_boiled_down_to_200_ml_by_hand()
    {
        // 1,030 g × 0.97 = 999.1 ml; a fifth is 199.8 ml. 799.3 ml boil off, which weigh as much: 1,030 − 0.8 × 0.97 × 1,030 = 230.7 g are
        // left. 799.3 ÷ 15 ml a minute is 53 min at a lively boil.
        var line = new FormulaLine(Pantry.Milk, 1030, GoesIn.Reduced) { ReducedTo = 0.2 };
        (1030 * FillingYield.KeptOf(line)).ShouldBe(230.7, 0.1);
        var made = FillingYield.Of(With(line), 1);
        made.Weighed.Value.Value.ShouldBe(230.7 + 40, 0.1);
        made.Reducing!.Value.Best.ShouldBe(53.3, 0.1);
    }

    [Fact]
    public void Where_nothing_is_said_half_is_left()
    {
        var line = new FormulaLine(Pantry.Milk, 500, GoesIn.Reduced);
        FillingYield.KeptOf(line).ShouldBe(0.5);
        FillingYield.BoiledDownTo(line).ShouldBe(0.5);
    }

    [Property]
    public void The_further_it_is_boiled_down_the_less_is_left_and_never_less_than_what_is_no_water(PositiveInt a, PositiveInt b)
    {
        var (low, high) = (Math.Min(a.Get % 90, b.Get % 90) + 5, Math.Max(a.Get % 90, b.Get % 90) + 5);
        FormulaLine To(int percent) => new(Pantry.Milk, 100, GoesIn.Reduced) { ReducedTo = percent / 100.0 };
        FillingYield.KeptOf(To(low)).ShouldBeLessThanOrEqualTo(FillingYield.KeptOf(To(high)));
        FillingYield.KeptOf(To(low)).ShouldBeGreaterThanOrEqualTo(1 - Pantry.Milk.Makeup.Water - 1e-9);
    }

    [Fact]
    public void Toasted_nuts_lose_what_they_usually_lose_and_are_a_step_of_their_own()
    {
        // 100 g of hazelnuts lose 6 %: 94 g go in.
        var formula = With(new(Pantry.Find("hazelnuts")!, 100, GoesIn.Toasted));
        FillingYield.Of(formula, 1).Weighed.Value.Value.ShouldBe(94 + 40, 0.01);
        var toast = StepsOf(formula).Where(s => s.Kind == StepKind.Toast && s.Part == StepPart.Filling).ShouldHaveSingleItem();
        toast.Wait.ShouldBe(new MinuteRange(5, 8, 10));
        toast.Where.ShouldBe(Place.Oven);
        toast.Heat!.Value.ShouldSatisfyAllConditions(
            h => h.At.Value.ShouldBe(170), h => h.Low.Value.ShouldBe(165), h => h.High.Value.ShouldBe(175));
        toast.Cue.ShouldNotBeEmpty();
    }

    [Fact]
    public void What_is_boiled_down_says_to_what_and_the_butter_how_brown()
    {
        var steps = StepsOf(With(new(Pantry.Milk, 1030, GoesIn.Reduced) { ReducedTo = 0.2 }));
        var reduce = steps.Single(s => s.Kind == StepKind.Reduce);
        reduce.Do.Template.ShouldContain("down to a fifth");
        reduce.Where.ShouldBe(Place.Hob);

        // 53 min of boiling and 15 to 30 of cooling.
        reduce.Wait.Best.ShouldBe(53.3 + 22.5, 1);

        var brown = StepsOf(With(new(Pantry.Butter, 100, GoesIn.Toasted))).Where(s => s.Kind == StepKind.BrownButter)
            .ShouldHaveSingleItem();
        brown.Subject.ShouldBe(Pantry.Butter.Id);
        brown.Wait.ShouldBe(MinuteRange.Between(5, 10));
        brown.Caution.IsEmpty.ShouldBeFalse();
    }

    [Fact]
    public void What_is_got_ready_comes_before_the_filling_is_made()
    {
        var pie = PieOf(With(new(Pantry.Find("hazelnuts")!, 100, GoesIn.Toasted)));
        var steps = pie.Chain.Steps;
        var kinds = steps.Select(s => s.Kind).ToList();
        kinds.IndexOf(StepKind.Toast).ShouldBeLessThan(kinds.IndexOf(StepKind.MakeFilling));
        steps.Select(s => s.Id).ShouldBeUnique();

        // And a day plans it: in the oven, for as long.
        var toast = kinds.IndexOf(StepKind.Toast);
        WorkChain.Of(pie, default, 2).Works.ShouldContain(w => w.Steps.Contains(toast));
    }

    [Theory]
    [InlineData(GoesIn.Boiled)]
    [InlineData(GoesIn.Mixed)]
    public void What_is_boiled_first_takes_the_room_of_what_is_not(GoesIn way) =>
        FillingYield.Of(With(new(Pantry.Find("pineapple")!, 200, way)), 1).Weighed.Value.Value.ShouldBe(240, 0.01);
}
