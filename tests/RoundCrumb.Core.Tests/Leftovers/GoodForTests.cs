using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Leftovers;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Tests.Leftovers;

/// <summary>What is left over, what it is called, and what it is good for besides another pie.</summary>
public class GoodForTests
{
    private static Leftover Left(LeftItem item, double grams) => new(item, new(grams), new(2026, 12, 5), new(0), "");

    private static string Of(LeftItem item, double grams) => Left(item, grams).GoodFor;

    private static IngredientLeft Ingredient(string id) => new IngredientLeft(Pantry.Get(id));

    [Fact]
    public void Pots_and_shells_are_counted_by_hand()
    {
        var filling = new FillingLeft(FillingBook.MaltCustard);
        Of(filling, 60).ShouldBe("a spoon for the cook"); // 60 ÷ 115 is half a pot
        Of(filling, 120).ShouldBe("a 120 ml pot");
        Of(filling, 460).ShouldBe("4 pots of 120 ml");
        var dough = new DoughLeft((RolledFamily)CrustBook.ButterFlaky);
        Of(dough, 20).ShouldBe("a biscuit or two, or the freezer");
        Of(dough, 40).ShouldBe("a tartlet shell, or the freezer"); // 35 g a shell
        Of(dough, 110).ShouldBe("3 tartlet shells, rolled once more, or the freezer");
    }

    [Theory]
    [InlineData("egg-white", 30, "brushing shells; they freeze for three months")]
    [InlineData("egg-white", 200, "2 meringue tops; they freeze for three months")]
    [InlineData("yolk", 36, "sealing shells, within two days")]
    [InlineData("yolk", 75, "a curd, within two days")]
    [InlineData("double-cream", 100, "whipped on another pie, or ganache")]
    [InlineData("biscuit-crumbs", 100, "pressed into pots, or the freezer")]
    [InlineData("milk", 100, "custard, or the bakers’ tea")]
    [InlineData("plain-flour", 100, "the next batch")]
    public void Ingredients_are_good_for_what_bakers_do_with_them(string id, double grams, string words) =>
        Of(Ingredient(id), grams).ShouldBe(words);

    /// <summary>Of everything that can be left over it is said what it is good for, with a name to say it of.</summary>
    [Fact]
    public void Nothing_is_good_for_nothing()
    {
        LeftItem[] all =
        [
            .. Pantry.All.Select(i => new IngredientLeft(i)), .. FillingBook.All.Select(f => new FillingLeft(f)),
            .. CrustBook.All.OfType<RolledFamily>().Select(d => new DoughLeft(d)),
            .. Enum.GetValues<MadePart>().Select(p => new MadeLeft(new MadeItem(p, "Saturday’s"))),
        ];
        foreach (var item in all)
        {
            item.Name.ShouldNotBeNullOrWhiteSpace();
            foreach (var grams in (double[])[0, 1, 40, 500, 5000])
                Of(item, grams).ShouldNotBeNullOrWhiteSpace($"{grams} g of {item.Name}");
        }
    }

    /// <summary>A part made ahead keeps at least as long in the freezer, and its figures lie in order.</summary>
    [Fact]
    public void Parts_made_ahead_keep_longer_frozen()
    {
        foreach (var part in Enum.GetValues<MadePart>())
        {
            var cold = part.Keeps(StoredIn.Fridge);
            var frozen = part.Keeps(StoredIn.Freezer);
            foreach (var keeps in new[] { cold, frozen })
            {
                keeps.Low.ShouldBeLessThanOrEqualTo(keeps.Usual, part.Name);
                keeps.Usual.ShouldBeLessThanOrEqualTo(keeps.High, part.Name);
                keeps.Dimension.ShouldBe(Dimension.Time);
                keeps.Reason.ShouldNotBeEmpty(part.Name);
            }

            frozen.Usual.ShouldBeGreaterThan(cold.Usual, part.Name);
        }
    }

    /// <summary>What is counted comes in shells; what is weighed does not.</summary>
    [Fact]
    public void Shells_are_counted() =>
        Enum.GetValues<MadePart>().Where(p => p.IsCounted != p.Name.Contains("shell", StringComparison.Ordinal)).ShouldBeEmpty();
}
