using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Tests.Ingredients;

/// <summary>What the values of a baker’s own ingredient may be, for the form, imports and the API alike.</summary>
public class IngredientLimitTests
{
    private static readonly IngredientValues Butter = IngredientValues.Of(Pantry.Butter);

    private static string[] Wrong(IngredientValues values) => [.. IngredientLimits.Problems(values).Select(p => p.Field)];

    public static TheoryData<string> Shipped => [.. Pantry.All.Select(i => i.Id)];

    [Theory]
    [MemberData(nameof(Shipped))]
    public void Everything_that_ships_keeps_to_them(string id) => Wrong(IngredientValues.Of(Pantry.Get(id))).ShouldBeEmpty();

    [Theory]
    [InlineData(0, "bulk")]
    [InlineData(0.04, "bulk")]
    [InlineData(3.1, "bulk")]
    [InlineData(double.NaN, "bulk")]
    [InlineData(double.PositiveInfinity, "bulk")]
    public void A_density_is_one_of_something_in_a_kitchen(double density, string field) =>
        Wrong(Butter with { BulkDensity = density }).ShouldBe([field]);

    [Fact]
    public void Each_value_has_its_least_and_its_most_and_no_number_is_neither()
    {
        Wrong(Butter with { Water = -0.01 }).ShouldBe(["water"]);
        Wrong(Butter with { Fat = 1.2 }).ShouldBe(["fat"]);
        Wrong(Butter with { Sugars = double.NaN }).ShouldBe(["sugars"]);
        Wrong(Butter with { StarchEquivalent = 2.5 }).ShouldBe(["sets"]);
        Wrong(Butter with { Alcohol = 0.96 }).ShouldBe(["alcohol"]);
        Wrong(Butter with { Bloom = 400 }).ShouldBe(["bloom"]);
        Wrong(Butter with { UsualLoss = 0.7 }).ShouldBe(["loss"]);
        Wrong(Butter with { GramsEach = 6000 }).ShouldBe(["each"]);
        Wrong(Butter with { PackGrams = 60_000, PackPrice = 20_000 }).ShouldBe(["pack", "price"]);
    }

    [Fact]
    public void Together_they_are_no_more_than_the_whole()
    {
        // 0.2 + 0.5 + 0.2 + 0.1 + 0.1 = 1.1 g of a gram.
        var full = Butter with { Water = 0.2, Fat = 0.5, Sugars = 0.2, Protein = 0.1, Starch = 0.1 };
        Wrong(full).ShouldBe([IngredientLimits.Makeup]);
        Wrong(full with { Starch = 0 }).ShouldBeEmpty();

        // Each typed to a tenth of a gram: half a milligram over is rounding, a gram is not.
        Wrong(full with { Starch = 0.0004 }).ShouldBeEmpty();
        Wrong(full with { Starch = 0.01 }).ShouldBe([IngredientLimits.Makeup]);
    }

    [Fact]
    public void No_more_is_saturated_than_is_fat()
    {
        Wrong(Butter with { Fat = 0.5, Saturates = 0.6 }).ShouldBe(["saturates"]);
        Wrong(Butter with { Fat = 0.5, Saturates = 0.5 }).ShouldBeEmpty();

        // What is out of its own limits is said first, by itself.
        Wrong(Butter with { Fat = 2, Saturates = 3 }).ShouldBe(["fat", "saturates"]);
    }

    [Fact]
    public void Every_limit_has_words_for_whoever_typed_something_else()
    {
        IngredientLimits.All.Select(l => l.Field).ShouldBeUnique();
        IngredientLimits.All.ShouldAllBe(l => l.Words.EndsWith('.') && l.Least < l.Most);
    }
}
