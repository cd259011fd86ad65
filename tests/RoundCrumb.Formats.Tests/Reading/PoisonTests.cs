using RoundCrumb.Core.Ingredients;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Tests.Reading;

/// <summary>What is poison is never a filling, whatever it reads like.</summary>
public sealed class PoisonTests
{
    private static readonly LineReader Reader = new(IngredientFinder.Shipped, new());

    [Theory]
    [InlineData("400 g rhubarb leaves")]
    [InlineData("2 rhubarb leaves, shredded")]
    [InlineData("a handful of elder leaves")]
    [InlineData("10 apricot kernels, crushed")]
    [InlineData("50 g bitter almonds")]
    [InlineData("a sprig of yew to decorate")]
    [InlineData("lily-of-the-valley, to finish")]
    [InlineData("oleander blossoms")]
    [InlineData("laburnum flowers for the top")]
    [InlineData("a few fresh flowers to decorate")]
    public void It_is_not_read_as_something_to_eat(string text)
    {
        var line = Reader.Read(text);
        line.Items.ShouldBeEmpty(text);
        line.IsWhole.ShouldBeFalse(text);
        line.Question.Length.ShouldBeGreaterThan(20, text);
        line.WordsOnly.ShouldContain(w => !w.AllergensStated, text);
    }

    [Theory]
    [InlineData("300 g raw elderberries")]
    [InlineData("200 g dried kidney beans")]
    [InlineData("3 g tonka bean, grated")]
    [InlineData("2 tbsp ground nutmeg")]
    public void It_is_asked_about(string text) => Reader.Read(text).Question.ShouldNotBeEmpty(text);

    [Theory]
    [InlineData("500 g rhubarb, cut in pieces")]
    [InlineData("1/2 tsp grated nutmeg")]
    [InlineData("2 tbsp orange flower water")]
    [InlineData("8 heads of elderflower")]
    [InlineData("1 tsp almond extract")]
    [InlineData("rose petals, to finish")]
    [InlineData("30 g cornflour")]
    [InlineData("1 tbsp sunflower seeds")]
    public void What_is_eaten_is_left_alone(string text) => Poisons.In(text, Reader.Read(text).Items is [var first, ..] ? first.Grams
        : null).ShouldBeNull(text);

    [Fact]
    public void No_ingredient_of_the_pantry_is_on_the_list_by_a_pinch_of_it()
    {
        foreach (var name in Pantry.All.SelectMany(IngredientFinder.NamesOf))
            Poisons.In(name, 0.3).ShouldBeNull(name);
    }
}
