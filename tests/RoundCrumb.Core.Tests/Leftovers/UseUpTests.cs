using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Leftovers;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Tests.Leftovers;

/// <summary>What is left over, and what would use it.</summary>
public sealed class UseUpTests
{
    private static readonly DateOnly Saturday = new(2026, 11, 28);

    private static readonly BatchSheet Malt = Sheet("pan=plate-23&crust=butter-flaky&fill=malt-custard&top=icing");
    private static readonly BatchSheet Cheese = Sheet("pan=springform-20&crust=plain-crumb&bake=chilled&fill=blackcurrant-cheese&top=none");

    private static BatchSheet Sheet(string address) =>
        BatchSheet.Of(Assessment.Of(CompositionAddress.Read(address).Composition, 1, Kitchen.Usual));

    private static Leftover Left(Ingredient of, double grams, int days = 1, double worth = 1) =>
        new(new IngredientLeft(of), new(grams), Saturday.AddDays(days), new(worth), "in the house");

    private static double Wants(BatchSheet sheet, Ingredient of) =>
        sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Ingredient == of).Sum(l => l.Mass.Value.Value);

    /// <summary>
    /// Two lots of cream, 100 g until Saturday and 600 g until Monday: the first goes whole, the rest comes out of the second.
    /// </summary>
    [Fact]
    public void Of_two_lots_the_one_that_has_to_go_is_used_first()
    {
        var used = UseUp.Of(Malt, [Left(Pantry.DoubleCream, 600, 2, 3), Left(Pantry.DoubleCream, 100, 0)], Saturday);
        var cream = Wants(Malt, Pantry.DoubleCream);
        used.Single(u => u.Of.Mass.Value == 100).Mass.Value.ShouldBe(100);
        used.Single(u => u.Of.Mass.Value == 600).Mass.Value.ShouldBe(cream - 100, 1e-9);

        // Each says what one pie takes and what there was of it; of the second lot, that the first went before.
        var second = used.Single(u => u.Of.Mass.Value == 600).Figure;
        second.Terms.Select(t => t.Amount.Amount).ShouldBe([cream, 600]);
        second.Formula.ShouldContain("besides what went before");
        used.Single(u => u.Of.Mass.Value == 100).Figure.Formula.ShouldBe("the lesser of what one pie takes and what is left over");
        used.Single(u => u.Of.Mass.Value == 600).Worth.Value.ShouldBe(3 * (cream - 100) / 600, 1e-9);
    }

    /// <summary>Dough or filling in the house, called in the baker’s own words, stands for all that would be weighed for it.</summary>
    [Theory]
    [InlineData(MadePart.Dough, "butter flaky", true)]
    [InlineData(MadePart.Dough, "Flaky", true)]
    [InlineData(MadePart.Dough, "sweet short", false)]
    [InlineData(MadePart.Dough, "", false)]
    [InlineData(MadePart.Dough, "butter flaky, 23 cm", true)]
    [InlineData(MadePart.Filling, "malt", true)]
    [InlineData(MadePart.Curd, "lemon", false)]
    [InlineData(MadePart.Crumbs, "butter flaky", false)]
    public void What_is_made_already_is_used_where_its_words_name_the_part(MadePart part, string words, bool isUsed)
    {
        var left = new Leftover(new MadeLeft(new(part, words)), new(150), Saturday, new(1), "in the house");
        var used = UseUp.Of(Malt, [left], Saturday);
        used.Count.ShouldBe(isUsed ? 1 : 0);
        if (isUsed)
            used[0].Mass.Value.ShouldBe(150, "less than a pie takes, so all of it");
    }

    [Fact]
    public void What_is_past_by_then_is_of_no_use()
    {
        UseUp.Of(Malt, [Left(Pantry.DoubleCream, 600, -1)], Saturday).ShouldBeEmpty();
        UseUp.Of(Cheese, [Left(Pantry.Milk, 500)], Saturday).ShouldBeEmpty("no milk goes into it");
    }

    [Fact]
    public void Filling_goes_into_a_pie_of_the_same_and_offcuts_into_the_same_dough()
    {
        var custard = new Leftover(new FillingLeft(FillingBook.MaltCustard), new(200), Saturday, new(1), "of the batch");
        var dough = new Leftover(new DoughLeft((RolledFamily)CrustBook.ButterFlaky), new(90), Saturday, new(0.5), "of the rolling");
        UseUp.Of(Malt, [custard, dough], Saturday).Select(u => u.Mass.Value).ShouldBe([200, 90]);
        UseUp.Of(Cheese, [custard, dough], Saturday).ShouldBeEmpty();
    }

    [Fact]
    public void The_pie_that_saves_most_comes_first()
    {
        Leftover[] left = [Left(Pantry.CreamCheese, 280, worth: 2.10), Left(Pantry.Milk, 500, worth: 0.60)];
        var ranked = UseUp.Rank([("malt", Malt), ("cheese", Cheese)], left, Saturday);
        ranked.Select(r => r.Pie).ShouldBe(["cheese", "malt"]);
        UseUp.Rank([("malt", Malt)], [Left(Pantry.Salt, 500)], Saturday).ShouldBeEmpty("a pinch uses nothing up");
    }

    [Fact]
    public void Everything_left_over_is_good_for_something()
    {
        foreach (var ingredient in Pantry.All)
            Left(ingredient, 150).GoodFor.Length.ShouldBeGreaterThan(5, ingredient.Name);
        Left(Pantry.EggWhite, 320).GoodFor.ShouldStartWith("3 meringue tops");
        new Leftover(new FillingLeft(FillingBook.MaltCustard), new(350), Saturday, new(1), "").GoodFor.ShouldBe("3 pots of 120 ml");
        new Leftover(new DoughLeft((RolledFamily)CrustBook.ButterFlaky), new(75), Saturday, new(1), "")
            .GoodFor.ShouldContain("2 tartlet shells");
    }

    /// <summary>No pie uses more of a leftover than there is of it, nor more of a thing than goes into it.</summary>
    [Property(MaxTest = 100)]
    public bool Nothing_is_used_twice(PositiveInt[] amounts)
    {
        Ingredient[] things = [Pantry.Butter, Pantry.Milk, Pantry.DoubleCream, Pantry.Yolk];
        var left = amounts.Select((a, i) => Left(things[i % things.Length], a.Get % 700, i % 3)).ToList();
        var used = UseUp.Of(Malt, left, Saturday);
        return used.All(u => u.Mass.Value <= u.Of.Mass.Value + 1e-9)
            && things.All(t => used.Where(u => u.Of.Item == new IngredientLeft(t)).Sum(u => u.Mass.Value) <= Wants(Malt, t) + 1e-9);
    }
}
