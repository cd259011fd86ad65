using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Core.Tests.Recipes;

public class ComparisonAndSubstituteTests
{
    private static readonly PartRecipe Malt = ShippedParts.Find("malt-custard")!;

    [Fact]
    public void A_version_is_compared_line_by_line()
    {
        var after = Malt with
        {
            Lines = [
                .. Malt.Lines.Where(l => l.Ingredient != Pantry.Salt).Select(
                    l => l.Ingredient == Pantry.Cornflour ? l with { Grams = 35 } : l),
                new(Pantry.Honey, 20)
            ],
        };
        var compared = VersionComparison.Of(Malt, after);
        compared.Lines.Single(l => l.Change is LineChange.Changed)
            .ShouldSatisfyAllConditions(l => l.Ingredient.ShouldBe(Pantry.Cornflour), l => l.Difference.ShouldBe(6, 1e-9));
        compared.Lines.Single(l => l.Change is LineChange.Added).Ingredient.ShouldBe(Pantry.Honey);
        compared.Lines.Single(l => l.Change is LineChange.Removed).Ingredient.ShouldBe(Pantry.Salt);
        compared.After.Set!.Value.Value.ShouldBeGreaterThan(compared.Before.Set!.Value.Value);
    }

    [Fact]
    public void Nothing_changed_is_the_same_throughout() =>
        VersionComparison.Of(Malt, Malt).Lines.ShouldAllBe(l => l.Change == LineChange.Same);

    [Property]
    public void What_was_added_one_way_was_removed_the_other(int[] picks, int[] others)
    {
        var (a, b) = (Some(picks), Some(others));
        var there = VersionComparison.Of(a, b).Lines;
        var back = VersionComparison.Of(b, a).Lines;
        there.Count(l => l.Change is LineChange.Added).ShouldBe(back.Count(l => l.Change is LineChange.Removed));
        there.Sum(l => l.Difference).ShouldBe(-back.Sum(l => l.Difference), 1e-6);
        there.Where(l => l.After is not null).Select(l => l.After).ShouldBe(b.Lines);
        there.Count(l => l.Before is not null).ShouldBe(a.Lines.Count);

        static PartRecipe Some(int[]? picks) =>
            Malt with { Lines = [.. (picks ?? []).Select(p => new RecipeLine(Pantry.All[Math.Abs(p % 8)], 10 + Math.Abs(p % 90)))] };
    }

    public static TheoryData<string> Swaps => [.. SubstituteBook.All.Select(s => s.Id)];

    [Theory]
    [MemberData(nameof(Swaps))]
    public void A_swap_names_what_is_in_the_pantry_and_changes_one_line(string id)
    {
        var swap = SubstituteBook.Find(id)!;
        Pantry.Find(swap.For).ShouldNotBeNull();
        swap.With.ShouldAllBe(w => Pantry.Find(w.Ingredient) != null && w.PerGram > 0);
        swap.Alters.ShouldNotBeNullOrWhiteSpace();
        var part = new PartRecipe(
            "p", "p", PartKind.Filling, "starch-custard", [new(Pantry.Milk, 300), new(Pantry.Find(swap.For)!, 100), new(Pantry.Salt, 1)]);
        var after = swap.Apply(part, 1);
        after.Lines[0].ShouldBe(part.Lines[0]);
        after.Lines[^1].ShouldBe(part.Lines[^1]);
        after.Lines.Skip(1).SkipLast(1).Sum(l => l.Mass).ShouldBe(100 * swap.With.Sum(w => w.PerGram), 1e-9);
        swap.Apply(part, 2).ShouldBe(part);
    }

    [Fact]
    public void Swaps_are_each_there_once() => SubstituteBook.All.Select(s => s.Id).ShouldBeUnique();

    [Fact]
    public void Agar_for_gelatine_makes_it_fit_for_vegetarians_and_oat_drink_leaves_out_the_milk()
    {
        var cheese = ShippedParts.Find("lemon-cheese")!;
        var at = cheese.Lines.ToList().FindIndex(l => l.Ingredient == Pantry.Gelatine);
        PartFacts.Of(cheese).IsVegetarian.ShouldBeFalse();
        PartFacts.Of(SubstituteBook.Find("gelatine~agar")!.Apply(cheese, at)).IsVegetarian.ShouldBeTrue();
        PartFacts.Of(SubstituteBook.Find("milk~oat-milk")!.Apply(Malt, 0)).Allergens.HasFlag(Allergens.Oats).ShouldBeTrue();
    }

    [Fact]
    public void Condensed_milk_by_hand()
    {
        // 397 g become 238.2 g of cream and 158.8 g of icing sugar: sugars 154.0 + 6.4 = 160.5 g instead of 220.3.
        var part = new PartRecipe("p", "p", PartKind.Filling, "starch-custard", [new(Pantry.Find("condensed-milk")!, 397)]);
        var after = SubstituteBook.Find("condensed-milk~double-cream~icing-sugar")!.Apply(part, 0);
        after.Lines.Select(l => Math.Round(l.Mass, 1)).ShouldBe([238.2, 158.8]);
        after.Lines.Sum(l => l.Mass * l.Ingredient.Sugars).ShouldBe(160.5, 0.1);
    }

    [Fact]
    public void Whipped_cream_stays_whipped_when_another_cream_takes_its_place()
    {
        var cheese = ShippedParts.Find("lemon-cheese")!;
        var at = cheese.Lines.ToList().FindIndex(l => l.GoesIn is GoesIn.WhippedAndFolded);
        SubstituteBook.Find("double-cream~whipping-cream")!.Apply(cheese, at).Lines[at].GoesIn.ShouldBe(GoesIn.WhippedAndFolded);
    }
}
