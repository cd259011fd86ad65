using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Fillings;

public class InHandTests
{
    private static Composition From(string ingredient, double grams, FillingFormula? filling = null, double setter = 1)
    {
        var pie = Composition.For(PanCupboard.Plate23, CrustBook.WheatmealCrumb, filling ?? FillingBook.MaltCustard, Topping.None);
        return pie with { Filling = pie.Filling with { Batch = BatchChoice.From(ingredient, new(grams)), Setter = setter } };
    }

    [Fact]
    public void Half_a_litre_of_milk_says_how_much_filling_there_is()
    {
        // However much milk the formula has, its share of the batch stays: 515 g of it are weighed out, and all else follows.
        var sheet = BatchSheet.Of(Assessment.Of(From("milk", 515), 1, Core.Kitchens.Kitchen.Usual));
        var milk = FillingBook.MaltCustard.Lines.Single(l => l.Ingredient == Pantry.Milk).Grams;
        foreach (var line in FillingBook.MaltCustard.Lines)
            sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient == line.Ingredient)
                .ShouldContain(l => Math.Abs(l.Mass.Value.Value - (line.Grams * 515 / milk)) < 0.01, line.Ingredient.Id);
    }

    [Fact]
    public void The_sum_is_what_is_in_hand_over_what_a_batch_takes()
    {
        var yolks = FillingBook.MaltCustard.Lines.Single(l => l.Ingredient == Pantry.Yolk).Grams;
        var fit = Assessment.Of(From("yolk", 7 * 18), 1, Core.Kitchens.Kitchen.Usual).Fit;
        fit.Chosen.Kind.ShouldBe(BatchKind.InHand);
        fit.Chosen.Scale.Value.Value.ShouldBe(126 / yolks, 1e-9);
        fit.Chosen.Scale.Terms.Count.ShouldBe(2);
    }

    [Fact]
    public void How_many_pans_it_fills_is_the_batch_over_what_one_takes_and_is_only_said_where_a_batch_is()
    {
        var fit = Assessment.Of(From("milk", 1030), 1, Core.Kitchens.Kitchen.Usual).Fit;
        fit.Fills!.Value.Value.ShouldBe(
            fit.Chosen.Volume.Value.Value / fit.Needed.Value.Value, 1e-9, "one pan: what is needed is what one takes");
        fit.Fills.Value.Value.ShouldBeInRange(1.2, 2.5);
        var pie = From("milk", 1030);
        Assessment.Of(pie with { Filling = pie.Filling with { Batch = BatchChoice.Exact } }, 1, Core.Kitchens.Kitchen.Usual)
            .Fit.Fills.ShouldBeNull();
    }

    /// <summary>Fixing a line and scaling back is the identity, whatever the firmness.</summary>
    [Property]
    public void So_many_times_the_line_is_so_many_times_the_batch(PositiveInt line, PositiveInt tenths, bool firm)
    {
        var formula = FillingBook.All[line.Get % FillingBook.All.Count];
        var setter = firm ? 1.2 : 1;
        var fixedBy = formula.Lines[line.Get % formula.Lines.Count];
        var times = 0.1 + (tenths.Get % 80 / 10.0);
        var written = formula.Lines.Where(l => l.Ingredient == fixedBy.Ingredient).Sum(l => formula.GramsOf(l, setter));
        var factor = BatchChoice.From(fixedBy.Ingredient.Id, new(written * times)).TimesOf(formula, setter)!.Value.Value;
        factor.ShouldBe(times, 1e-9);
        (factor * written).ShouldBe(written * times, 1e-6);
    }

    [Fact]
    public void An_address_keeps_it_and_another_filling_lets_it_go()
    {
        var address = CompositionAddress.Write(From("milk", 515.5));
        address.ShouldContain("make=from~milk~515.5");
        CompositionAddress.Read(address).Composition.Filling.Batch.ShouldBe(BatchChoice.From("milk", new(515.5)));
        CompositionAddress.Read(address.Replace("fill=malt-custard", "fill=lemon-cheese", StringComparison.Ordinal))
            .Composition.Filling.Batch.ShouldBe(BatchChoice.Exact);
    }

    [Theory]
    [InlineData("from~milk~")]
    [InlineData("from~milk~-5")]
    [InlineData("from~milk~NaN")]
    [InlineData("from~~12")]
    [InlineData("from~milk~1e9")]
    public void What_is_no_amount_is_said_and_made_to_fit(string make)
    {
        var read = CompositionAddress.Read($"fill=malt-custard&make={make}");
        read.Composition.Filling.Batch.ShouldBe(BatchChoice.Exact);
        read.Troubles.ShouldContain(t => t.Field == CompositionAddress.Make);
    }
}
