using FsCheck.Xunit;
using RoundCrumb.Core.Composing;

namespace RoundCrumb.Core.Tests.Composing;

public class BiteTests
{
    [Fact]
    public void A_grapefruit_curd_tart_by_hand()
    {
        // A 20 cm tin, crust 3 mm: disc 257.2 mm, 187.0 g. Curd 22 − 4 = 18 mm deep: half-widths 94.8 to 96.6, π × 18 × 95.7² = 517.6 ml,
        // × 1.12 g to the ml (weighed 608 less steam 22.1, × 0.98 = 574.2 g in 518.9 ml: 1.1066) = 572.8 g.
        var pie = Assessment.Of(
            Pies.Read("pan=tart-20&crust=sweet-short&edge=trimmed&seal=white&fill=grapefruit-curd&make=exact&top=none"));
        pie.Crust.Cut!.Value.Value.ShouldBe(187.0, 0.3);
        pie.FilledMass.Value.Value.ShouldBe(572.8, 2);

        // Sugars: crust 33 of 209 parts is icing sugar, and 0.6 % of 55 butter, and flour's own; with the curd's 171 ÷ 608 = 28.3 %:
        // (187 × 0.17 + 573 × 0.283) ÷ 760 = 25.5 %. Juice: (240 × 0.8 + 45) ÷ 608 = 39 %, × 573 ÷ 760 = 29.4 %.
        var bite = Bite.Of(pie);
        bite.Sugars.Value.Value.ShouldBe(0.255, 0.012);
        bite.Juice.Value.Value.ShouldBe(0.294, 0.004);
        bite.Word.ShouldBe("sweet, sharp");

        // Sharp carries sweet: nothing more is wanted.
        bite.Balance.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("pan=plate-20&crust=pretzel-crumb&bind=honey&fill=salt-caramel&top=icing&cream=12", "sweet", "sharp")]
    [InlineData("pan=tart-23&crust=sandy&edge=trimmed&fill=sesame-chocolate&top=none", "rich", "sharp")]
    public void What_is_sweet_or_rich_wants_something_sharp(string pie, string word, string balance)
    {
        var bite = Bite.Of(Assessment.Of(Pies.Read(pie)));
        bite.Word.ShouldContain(word);
        bite.Balance.ShouldContain(balance);
    }

    [Property(Arbitrary = [typeof(ArbitraryPies)])]
    public void Shares_of_a_bite_lie_within_the_whole_and_between_its_layers(Composition pie)
    {
        var work = Assessment.Of(pie);
        var bite = Bite.Of(work);
        foreach (var figure in bite.Figures())
            figure.Amount.Amount.ShouldBeInRange(0, 1);

        // No bite is sweeter than its sweetest layer.
        double[] sugars =
        [
            work.Yield.Sugars.Value.Value, work.Crust.Lines.Max(l => l.Ingredient.Sugars),
            .. work.Toppings.Select(t => t.Sugars.Value.Value),
            .. work.Layers.Select(l => l.Yield?.Sugars.Value.Value ?? l.Lines[0].Ingredient.Sugars),
        ];
        var sweetest = sugars.Max();
        bite.Sugars.Value.Value.ShouldBeLessThanOrEqualTo(sweetest + 1e-9);
    }
}
