using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Tests;

/// <summary>An amount of one ingredient as a baker says it: what is in hand, in a pack, or left in a jar.</summary>
public class InHandTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    private static double? Grams(string typed, Ingredient what) => InHand.Read(typed, what, Reader).Choice?.Amount.Value;

    /// <summary>A sack is more than any pie takes; of everything in the pantry any weight is taken as it is said.</summary>
    [Theory]
    [InlineData("250 g", 250)]
    [InlineData("1.5 kg", 1500)]
    [InlineData("12 kg", 12000)]
    [InlineData("2 lb", 907.2)]
    [InlineData("½ oz", 14.2)]
    public void A_weight_of_anything_is_taken_as_it_is_said(string typed, double grams)
    {
        foreach (var one in Pantry.All)
            Grams(typed, one).ShouldNotBeNull(one.Name).ShouldBe(grams, 0.1, one.Name);
    }

    /// <summary>A cup of it weighs what its density says: the American one holds 236.6 ml.</summary>
    [Fact]
    public void A_measure_is_weighed_by_the_density()
    {
        foreach (var one in new[] { Pantry.CasterSugar, Pantry.Milk, Pantry.Salt })
            Grams("1 cup", one).ShouldNotBeNull(one.Name).ShouldBe(236.588 * one.BulkDensity, 0.06, one.Name);
    }

    [Fact]
    public void Pieces_and_packs_are_counted()
    {
        Grams("7", Pantry.Yolk).ShouldBe(7 * Pantry.Yolk.GramsEach);
        Grams("7 yolks", Pantry.Yolk).ShouldBe(7 * Pantry.Yolk.GramsEach);
        Grams("two and a half", Pantry.Yolk).ShouldBe(2.5 * Pantry.Yolk.GramsEach);
    }

    [Theory]
    [InlineData("")]
    [InlineData("-2 kg")]
    [InlineData("−2 kg")]
    [InlineData("plenty")]
    [InlineData("12 furlongs")]
    [InlineData("0 g")]
    [InlineData("500 g butter")]
    [InlineData("1 kg and 2 lemons")]
    public void What_is_no_amount_of_it_is_said_and_kept(string typed)
    {
        var read = InHand.Read(typed, Pantry.Milk, Reader);
        read.Choice.ShouldBeNull();
        read.Trouble.ShouldContain("No amount of whole milk that can be read");
        read.Typed.ShouldBe(typed);
    }

    /// <summary>What is read makes so much of a filling as it has of that line: an amount and what it makes invert.</summary>
    [Fact]
    public void It_makes_as_much_as_there_is_of_it()
    {
        var malt = FillingBook.MaltCustard;
        foreach (var line in malt.Lines.Where(l => l.Ingredient.Is(Traits.Butter) == false && l.Grams > 20))
        {
            var choice = InHand.Read($"{line.Grams * 3:0.0} g", line.Ingredient, Reader).Choice!.Value;
            choice.TimesOf(malt, setter: 1)!.Value.Value.ShouldBe(3, 0.01, line.Ingredient.Name);
        }
    }
}
