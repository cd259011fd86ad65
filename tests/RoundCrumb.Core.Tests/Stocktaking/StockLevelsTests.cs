using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Tests.Stocktaking;

/// <summary>What is in the house: what was counted, less what was used since.</summary>
public sealed class StockLevelsTests
{
    private static readonly DateTimeOffset Monday = new(2026, 11, 23, 8, 0, 0, TimeSpan.Zero);
    private static readonly DateOnly Day = new(2026, 11, 23);

    private static StockLot Lot(string id, Ingredient of, double grams, int hour = 0, DateOnly? useBy = null, bool open = false) =>
        new(id, new IngredientItem(of), grams, Monday.AddHours(hour)) { UseBy = useBy, IsOpen = open };

    private static StockUse Use(string source, Ingredient of, double grams, int hour = 1) =>
        new(source, of.Id, new(grams), Monday.AddHours(hour));

    private static double Left(StockLevels levels, string lot) => levels.Lots.Single(l => l.Lot.Id == lot).Left;

    /// <summary>
    /// Two tubs of cream, 300 g each. 350 g are used: the one that is to be used first is empty, 250 g of the other are left.
    /// </summary>
    [Fact]
    public void The_nearest_date_goes_first()
    {
        var levels = StockLevels.Of(
            [Lot("late", Pantry.DoubleCream, 300, useBy: Day.AddDays(6)), Lot("soon", Pantry.DoubleCream, 300, useBy: Day.AddDays(1))],
            [Use("a", Pantry.DoubleCream, 350)]);
        (Left(levels, "soon"), Left(levels, "late")).ShouldBe((0, 250));
        levels.GoodOn(Pantry.DoubleCream, Day).Value.ShouldBe(250);
        levels.GoodOn(Pantry.DoubleCream, Day.AddDays(7)).Value.ShouldBe(0);
    }

    /// <summary>
    /// What is past its day is drawn on last, since whoever bakes takes the good one; and it is named until it is thrown away.
    /// </summary>
    [Fact]
    public void What_is_past_its_day_is_named_and_goes_last()
    {
        var levels = StockLevels.Of(
            [Lot("old", Pantry.Milk, 500, useBy: Day.AddDays(-1)), Lot("new", Pantry.Milk, 500, useBy: Day.AddDays(3))],
            [Use("a", Pantry.Milk, 200)]);
        (Left(levels, "old"), Left(levels, "new")).ShouldBe((500, 300));
        levels.PastOn(Day).Single().Lot.Id.ShouldBe("old");
    }

    /// <summary>
    /// Six eggs are 300 g. Four yolks, 72 g, take four eggs: two are left, 100 g, and four whites of 32 g, 128 g. A meringue of 100 g of
    /// white takes those first: 28 g stay.
    /// </summary>
    [Fact]
    public void Yolks_out_of_eggs_leave_whites_which_are_used_first()
    {
        var eggs = Lot("eggs", Pantry.WholeEgg, 300);
        var yolks = StockLevels.Of([eggs], [Use("custard", Pantry.Yolk, 72)]);
        Left(yolks, "eggs").ShouldBe(100, 1e-9);
        var whites = yolks.Lots.Single(l => l.Lot.LeftFrom == "eggs");
        (whites.Lot.Ingredient, whites.Left).ShouldBe((Pantry.EggWhite, 128));
        whites.Lot.UseBy.ShouldBe(Day.AddDays(4), "whites keep four days in a jar");

        var both = StockLevels.Of([eggs], [Use("custard", Pantry.Yolk, 72), Use("meringue", Pantry.EggWhite, 100, 2)]);
        Left(both, "eggs").ShouldBe(100, 1e-9);
        both.Lots.Single(l => l.Lot.LeftFrom == "eggs").Left.ShouldBe(28, 1e-9);
        both.Missing.ShouldBeEmpty();
    }

    [Fact]
    public void More_used_than_counted_is_said_and_nothing_goes_below_nothing()
    {
        var levels = StockLevels.Of([Lot("b", Pantry.Butter, 250)], [Use("a", Pantry.Butter, 400), Use("s", Pantry.Salt, 5)]);
        Left(levels, "b").ShouldBe(0);
        levels.Missing[Pantry.Butter.Id].Value.ShouldBe(150);
        levels.Missing.ShouldNotContainKey(Pantry.Salt.Id, "what nobody counts is not missed");
    }

    [Fact]
    public void A_count_holds_from_when_it_was_made()
    {
        // Weighed at ten: what was used at nine is in the count already.
        var levels = StockLevels.Of([Lot("b", Pantry.Butter, 180, hour: 2)], [Use("a", Pantry.Butter, 70), Use("c", Pantry.Butter, 30, 3)]);
        Left(levels, "b").ShouldBe(150);
        levels.Lots[0].Figure.Terms.Select(t => t.Amount.Amount).ShouldBe([180, 30]);
    }

    /// <summary>
    /// To the gram: what was counted is what is left and what was used of it, whatever was used when; sent twice or in another order it is
    /// the same; and taking a use back is as though it had never been.
    /// </summary>
    [Property(MaxTest = 200)]
    public bool Nothing_is_lost_and_nothing_appears(PositiveInt[] lots, PositiveInt[] uses, PositiveInt seed)
    {
        Ingredient[] things = [Pantry.Butter, Pantry.Milk, Pantry.WholeEgg, Pantry.Yolk, Pantry.EggWhite];
        var counted = lots.Select((l, i) => Lot(
            $"l{i}", things[l.Get % things.Length], l.Get % 700, hour: i % 3, useBy: l.Get % 4 == 0 ? null : Day.AddDays(l.Get % 9)))
                .ToList();
        var used = uses.Select((u, i) => Use($"u{i}", things[u.Get % things.Length], u.Get % 300, u.Get % 6)).ToList();
        var levels = StockLevels.Of(counted, used);
        var whole = levels.Lots.All(l => l.Left >= 0 && Math.Abs(l.Left + l.Uses.Sum(u => u.Amount) - l.Lot.Counted) < 1e-6);

        // What is no egg is either taken from a lot or missing, where it was counted by then.
        var plain = used.Where(u => u.Ingredient == Pantry.Butter.Id || u.Ingredient == Pantry.Milk.Id).ToList();
        var asked = plain.Where(u => counted.Exists(l => l.Ingredient?.Id == u.Ingredient && l.At <= u.At)).Sum(u => u.Mass.Value);
        var taken = levels.Lots.SelectMany(l => l.Uses).Where(u => plain.Contains(u.Use)).Sum(u => u.Amount);
        var missing = levels.Missing.Where(m => m.Key == Pantry.Butter.Id || m.Key == Pantry.Milk.Id).Sum(m => m.Value.Value);
        var all = Math.Abs(asked - taken - missing) < 1e-6;
        var again = StockLevels.Of(counted, used.Concat(used).OrderBy(u => (u.Source + seed.Get).GetHashCode(StringComparison.Ordinal)));
        var undone = StockLevels.Of(counted, used.Skip(1));
        var never = StockLevels.Of(counted, used.Where(u => u.Source != "u0"));
        return whole && all && Same(levels, again) && Same(undone, never);

        static bool Same(StockLevels a, StockLevels b) =>
            a.Lots.Select(l => (l.Lot.Id, Math.Round(l.Left, 6))).SequenceEqual(b.Lots.Select(l => (l.Lot.Id, Math.Round(l.Left, 6))));
    }

    [Fact]
    public void Everything_of_the_pantry_and_every_part_made_ahead_has_a_time_that_it_keeps()
    {
        foreach (var where in Enum.GetValues<StoredIn>())
        {
            Pantry.All.ShouldAllBe(i => Keeping.Of(i, where).Low > 0 && Keeping.Of(i, where).Low <= Keeping.Of(i, where).High);
            Enum.GetValues<MadePart>().ShouldAllBe(p => p.Keeps(where).Low > 0 && p.Keeps(where).Usual <= p.Keeps(where).High);
        }

        Enum.GetValues<MadePart>().ShouldAllBe(p => p.Keeps(StoredIn.Freezer).Usual > p.Keeps(StoredIn.Fridge).Usual);
        Keeping.Of(Pantry.DoubleCream, StoredIn.Fridge).Usual.ShouldBeLessThan(Keeping.Of(Pantry.PlainFlour, StoredIn.Shelf).Usual);
        new MadeItem(MadePart.BakedShell, "butter flaky, 23 cm").Name.ShouldBe("shell, baked: butter flaky, 23 cm");
    }
}
