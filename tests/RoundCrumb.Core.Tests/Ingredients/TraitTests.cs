using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Core.Tests.Ingredients;

/// <summary>What an ingredient is to the craft goes on to a baker's own.</summary>
public class TraitTests
{
    private static Ingredient Own(string from, Traits? traits = null)
    {
        var shipped = Pantry.Find(from)!;
        return (IngredientValues.Of(shipped) with { Traits = traits }).Like(shipped, "own-" + from, "My " + shipped.ShortName, []);
    }

    private static PartRecipe Part(PartKind kind, string family, params RecipeLine[] lines) => new("own-9", "Own", kind, family, lines);

    [Fact]
    public void Own_cream_is_a_whipped_topping()
    {
        Part(PartKind.Topping, PartFamilies.WhippedCream, new RecipeLine(Own("double-cream"), 300)).Trouble.Exists.ShouldBeFalse();
        Part(
            PartKind.Topping, PartFamilies.WhippedCream, new RecipeLine(Own("double-cream", Traits.None), 300))
            .Trouble.Says.ShouldContain("wants cream");
    }

    [Fact]
    public void Own_butter_browns_and_minds_the_warmth()
    {
        var pan = Core.Pans.PanCupboard.Plate23;
        var crumb = Part(
            PartKind.Crust, "plain-crumb", new RecipeLine(Pantry.BiscuitCrumbs, 200), new RecipeLine(Own("butter"), 80)).AsCrust()!;
        CrustSums.Of(Core.Composing.Composition.UsualCrust(pan, crumb) with { Browned = true }, pan).BrownedAway.ShouldNotBeNull()
            .Value.Value.ShouldBeGreaterThan(5);
        var flaky = Part(
            PartKind.Crust, "butter-flaky", new RecipeLine(Pantry.PlainFlour, 250), new RecipeLine(Own("butter"), 200),
            new RecipeLine(Pantry.Water, 70))
            .AsCrust().ShouldBeOfType<RolledFamily>();
        flaky.MindsWarmth.ShouldBeTrue();
    }

    [Theory]
    [InlineData("agar")]
    [InlineData("gelatine")]
    public void Own_agar_and_gelatine_set_a_jelly(string from) =>
        Part(
            PartKind.Topping, PartFamilies.Jelly, new RecipeLine(Pantry.Find("raspberry-puree")!, 200), new RecipeLine(Own(from), 4))
            .Trouble.Exists.ShouldBeFalse();

    [Fact]
    public void Own_condensed_milk_is_set_by_acid_and_own_cheese_by_itself()
    {
        double Index(string family, params RecipeLine[] lines)
        {
            var filling = Part(PartKind.Filling, family, lines).AsFilling()!;
            return filling.Family.Scale.Of(filling, 1);
        }

        RecipeLine[] Milk(Ingredient milk) => [new(milk, 400), new(Pantry.Yolk, 60), new(Pantry.LemonJuice, 120)];
        Index("acid-milk", Milk(Own("condensed-milk"))).ShouldBe(Index("acid-milk", Milk(Pantry.Find("condensed-milk")!)), 1e-9);
        Index("acid-milk", Milk(Own("condensed-milk"))).ShouldBe(100.0 * (60 + 120) / 400, 1e-9);
        RecipeLine[] Cheese(Ingredient cheese) => [new(cheese, 500), new(Pantry.DoubleCream, 300), new(Pantry.CasterSugar, 80)];
        Index("cheese", Cheese(Own("cream-cheese"))).ShouldBe(Index("cheese", Cheese(Pantry.CreamCheese)), 1e-9);
    }

    [Fact]
    public void Every_trait_has_words_and_something_in_the_pantry_that_has_it()
    {
        TraitWords.All.Select(t => t.Name).ShouldBeUnique();
        TraitWords.All.ShouldAllBe(t => Pantry.All.Any(i => i.Is(t)));
    }

    [Fact]
    public void What_was_kept_before_there_were_traits_has_those_of_what_it_was_made_from() =>
        Own("whipping-cream").Traits.ShouldBe(Traits.Whips);
}
