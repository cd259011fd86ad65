using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Tests.Toppings;

public class ToppingTests
{
    [Fact]
    public void An_even_layer_by_hand()
    {
        // Surface at the fill line: π × 107.32² = 36,184 mm²; × 12 mm = 434.2 ml whipped; ÷ 1.9 = 228.5 ml of cream.
        var pie = Assessment.Of(Pies.Plain);
        pie.Topping!.Cream!.Value.Value.ShouldBe(228.5, 0.5);
        pie.Topping!.Lines.ShouldHaveSingleItem();
    }

    [Fact]
    public void Gelatine_in_cream_is_eight_tenths_of_a_gram_for_100_ml_and_five_times_its_water()
    {
        var lines = Assessment.Of(Pies.Plain with { Topping = ToppingChoice.Usual(Topping.Gelatine) }).Topping!.Lines;
        var gelatine = lines.Single(l => l.Ingredient.Id == "gelatine").Mass.Value.Value;
        gelatine.ShouldBe(228.5 * 0.008, 0.01);
        lines.Single(l => l.Ingredient.Id == "water").Mass.Value.Value.ShouldBe(gelatine * 5, 1e-9);
    }

    [Theory]
    [InlineData(6, "thin swirl")]
    [InlineData(12, "even layer")]
    [InlineData(17, "generous")]
    [InlineData(24, "mound")]
    [InlineData(40, "mound")]
    public void Layer_styles(double height, string name) => LayerStyle.Nearest(new Millimetres(height)).Name.ShouldBe(name);

    [Fact]
    public void A_mound_is_whipped_stiff() => LayerStyle.Nearest(new(24)).Stage.ShouldBe("stiff peaks");

    [Fact]
    public void Nothing_on_top_takes_nothing() => Assessment.Of(Pies.Cheese).Topping.ShouldBeNull();
}
