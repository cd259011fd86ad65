using FsCheck;
using FsCheck.Xunit;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Core.Tests.Buying;

/// <summary>What has to be bought for some orders.</summary>
public sealed class ShoppingListTests
{
    private static readonly DateOnly Friday = new(2026, 11, 27);
    private static readonly DateTimeOffset Morning = new(2026, 11, 26, 8, 0, 0, TimeSpan.Zero);

    private static Want Wanted(Ingredient of, double grams, int days = 0, string @for = "a pie") =>
        new(@for, of, new(grams), Friday.AddDays(days));

    private static StockLevels House(params (Ingredient Of, double Grams, int? Days)[] lots) => StockLevels.Of(
        lots.Select((l, i) => new StockLot($"l{i}", new IngredientItem(l.Of), l.Grams, Morning)
        {
            UseBy = l.Days is { } d ? Friday.AddDays(d) : null,
        }),
        []);

    private static IReadOnlyList<PackOffer> Packs(Ingredient of) => of.Pack.Grams > 0 ? [new(of.Pack.Grams, of.Pack.Price)] : [];

    private static ShoppingLine Line(ShoppingList list, Ingredient of) => list.Lines.Single(l => l.Ingredient == of);

    /// <summary>
    /// Cream: 400 g for the filling and 250 g for the top, 200 g in the fridge: 450 g to buy, two tubs of 300 g, 150 g left.
    /// </summary>
    [Fact]
    public void What_is_split_over_parts_is_one_line_less_what_is_there()
    {
        var list = ShoppingList.Of(
            [Wanted(Pantry.DoubleCream, 400, 0, "filling"), Wanted(Pantry.DoubleCream, 250, 0, "topping"), Wanted(Pantry.Water, 90)],
            House((Pantry.DoubleCream, 200, 3)), Packs);
        var cream = list.Lines.ShouldHaveSingleItem();
        (cream.Wanted.Value.Value, cream.InHouse.Value.Value, cream.ToBuy.Value.Value).ShouldBe((650, 200, 450));
        cream.Wanted.Terms.Select(t => t.Name).ShouldBe(["filling", "topping"]);
        cream.Packs!.Packs.ShouldHaveSingleItem().Count.ShouldBe(2);
        cream.Left.ShouldBe(150);
        cream.Price.ShouldBe(3.30m);
    }

    /// <summary>
    /// 200 g are good until Friday and 300 g until Sunday; Friday takes 250 g, Sunday 400 g: 500 of 650 g are there, 150 to buy.
    /// </summary>
    [Fact]
    public void What_is_past_its_day_by_then_is_not_counted_on()
    {
        var stock = House((Pantry.Milk, 200, 0), (Pantry.Milk, 300, 2));
        var both = ShoppingList.Of([Wanted(Pantry.Milk, 250), Wanted(Pantry.Milk, 400, 2)], stock, Packs);
        Line(both, Pantry.Milk).ToBuy.Value.Value.ShouldBe(150);
        Line(ShoppingList.Of([Wanted(Pantry.Milk, 400, 2)], stock, Packs), Pantry.Milk).ToBuy.Value.Value.ShouldBe(100);
        Line(ShoppingList.Of([Wanted(Pantry.Milk, 400, 3)], stock, Packs), Pantry.Milk).ToBuy.Value.Value.ShouldBe(400);
    }

    /// <summary>
    /// Nine yolks (162 g), four whites (128 g) and three eggs (150 g), with two whites in a jar: nine and three are twelve eggs; of the
    /// nine
    /// whites two are wanted, so seven are left.
    /// </summary>
    [Fact]
    public void Yolks_and_whites_come_out_of_the_same_eggs()
    {
        var list = ShoppingList.Of(
            [Wanted(Pantry.Yolk, 162), Wanted(Pantry.EggWhite, 128), Wanted(Pantry.WholeEgg, 150)], House((Pantry.EggWhite, 64, 2)), Packs);
        var eggs = list.Lines.ShouldHaveSingleItem();
        eggs.Ingredient.ShouldBe(Pantry.WholeEgg);
        var pieces = eggs.Pieces.ShouldNotBeNull();
        (pieces.TakenApart, pieces.Whole, pieces.All).ShouldBe((9, 3, 12));
        pieces.Left.ShouldBe([(Pantry.EggWhite, 7)]);
        eggs.Promised.Single(p => p.Ingredient == Pantry.EggWhite).Mass.Value.ShouldBe(64, "the jar of whites is spoken for");
        eggs.Packs!.Packs.ShouldHaveSingleItem().ShouldBe(new(new(600, 3.00m), 1));
    }

    /// <summary>Juice of two lemons (90 g) and zest of three (18 g) come off three lemons; the juice of one is left over.</summary>
    [Fact]
    public void Juice_and_zest_come_off_the_same_lemons()
    {
        var (juice, zest) = (Pantry.Get("lemon-juice"), Pantry.Get("lemon-zest"));
        var line = ShoppingList.Of([Wanted(juice, 90), Wanted(zest, 18)], StockLevels.None, Packs).Lines.ShouldHaveSingleItem();
        line.Ingredient.Id.ShouldBe("lemon");
        line.Pieces!.All.ShouldBe(3);
        line.Pieces.Left.ShouldBe([(juice, 1)]);
    }

    [Fact]
    public void Pasteurised_yolk_is_bought_as_what_it_is()
    {
        var carton = Pantry.Get("pasteurised-yolk");
        ShoppingList.Of([Wanted(carton, 100)], StockLevels.None, Packs).Lines.ShouldHaveSingleItem().Ingredient.ShouldBe(carton);
    }

    /// <summary>Flour, 300 g: 500 g cost 0.60, 1.5 kg 1.05. The large one costs 0.45 more today and saves a gram 0.05p.</summary>
    [Fact]
    public void A_bigger_pack_is_named_where_it_is_cheaper_by_the_gram()
    {
        PackOffer[] flour = [new(500, 0.60m), new(1500, 1.05m)];
        var line = ShoppingList.Of([Wanted(Pantry.PlainFlour, 300)], StockLevels.None, _ => flour).Lines[0];
        var bigger = line.Bigger.ShouldNotBeNull();
        (bigger.Pack.Grams, bigger.CostsMore, bigger.Left).ShouldBe((1500, 0.45m, 1200));
        bigger.Saves.ShouldBe(0.75m, "1.5 kg in small packs are 1.80");
        bigger.KeepsDays.ShouldBeGreaterThan(90);
        ShoppingList.Of([Wanted(Pantry.PlainFlour, 1400)], StockLevels.None, _ => flour).Lines[0].Bigger.ShouldBeNull();
    }

    /// <summary>
    /// Plums bought on Friday keep five days, until Wednesday: too soon for Saturday week, in time for Tuesday; jam keeps.
    /// </summary>
    [Fact]
    public void Fruit_that_would_not_keep_until_it_is_used_is_bought_later()
    {
        var plums = Pantry.Get("plums");
        ShoppingLine For(Ingredient of, int days) => ShoppingList.Of([Wanted(of, 300, days)], StockLevels.None, Packs).Lines[0];
        For(plums, 8).TooSoon(Friday).ShouldBe(Friday.AddDays(5));
        For(plums, 4).TooSoon(Friday).ShouldBeNull();
        For(Pantry.Get("apricot-jam"), 8).TooSoon(Friday).ShouldBeNull();
        For(Pantry.DoubleCream, 8).TooSoon(Friday).ShouldBeNull("its pack has a date of its own");
    }

    [Fact]
    public void What_nobody_sells_by_the_pack_is_listed_without_one()
    {
        var line = ShoppingList.Of([Wanted(Pantry.Butter, 100)], StockLevels.None, static _ => []).Lines[0];
        (line.Packs, line.Price, line.Left).ShouldBe((null, null, 0));
        line.ToBuy.Value.Value.ShouldBe(100);
    }

    /// <summary>
    /// What is wanted is what is there and what is bought; a list for two days is the two lists together where nothing is shared, and never
    /// more than that in money; and no lot is promised twice.
    /// </summary>
    [Property(MaxTest = 150)]
    public bool The_list_adds_up(PositiveInt[] wants, PositiveInt[] lots)
    {
        Ingredient[] things = [Pantry.Butter, Pantry.Milk, Pantry.PlainFlour, Pantry.CasterSugar, Pantry.DoubleCream];
        var all = wants.Select((w, i) => Wanted(things[w.Get % things.Length], w.Get % 900, w.Get % 2)).ToList();
        var house = House([.. lots.Select(l => (things[l.Get % things.Length], l.Get % 500.0, l.Get % 5 == 0 ? (int?)null : l.Get % 3))]);
        var both = ShoppingList.Of(all, house, Packs);
        var bare = ShoppingList.Of(all, StockLevels.None, Packs);
        var days = all.GroupBy(w => w.On).Select(g => ShoppingList.Of(g, StockLevels.None, Packs)).ToList();
        double Bought(ShoppingList list, Ingredient of) => list.Lines.Where(l => l.Ingredient == of).Sum(l => l.ToBuy.Value.Value);
        return both.Lines.All(l => Math.Abs(l.Wanted.Value.Value - l.InHouse.Value.Value - l.ToBuy.Value.Value) < 1e-6)
            && both.Lines.All(l => l.InHouse.Value.Value <= house.Lots.Where(o => o.Lot.Ingredient == l.Ingredient).Sum(o => o.Left) + 1e-6)
            && both.Lines.All(l => Math.Abs(l.Packs!.Grams - l.ToBuy.Value.Value - l.Left) < 1e-6)
            && things.All(t => Math.Abs(Bought(bare, t) - days.Sum(d => Bought(d, t))) < 1e-6)
            && bare.Price <= days.Sum(d => d.Price);
    }

    /// <summary>
    /// Over random days, to the gram: what was there and what was bought is what was used and what is left, and nothing was missing; eggs
    /// and
    /// lemons, which are taken apart, in pieces.
    /// </summary>
    [Property(MaxTest = 150)]
    public bool What_is_bought_and_there_is_what_is_used_and_left(PositiveInt[] wants, PositiveInt[] lots)
    {
        Ingredient[] things = [Pantry.Butter, Pantry.Milk, Pantry.PlainFlour, Pantry.Yolk, Pantry.EggWhite, Pantry.WholeEgg,
            Pantry.CasterSugar];
        var all = wants.Select((w, i) => Wanted(things[w.Get % things.Length], 1 + (w.Get % 400), 0, $"u{i}")).ToList();
        var there = lots.Select((l, i) => new StockLot($"l{i}", new IngredientItem(things[l.Get % things.Length]), l.Get % 500, Morning))
            .ToList();
        var list = ShoppingList.Of(all, StockLevels.Of(there, []), i => i == Pantry.WholeEgg ? [new(50, 0.25m)] : [new(100, 1)]);
        var bought = list.Lines.Where(l => l.Packs!.Grams > 0)
            .Select(l => new StockLot("b" + l.Ingredient.Id, new IngredientItem(l.Ingredient), l.Packs!.Grams, Morning)).ToList();

        // What is taken apart is used first, as it was reckoned: a whole egg would otherwise go to where a yolk is wanted.
        var uses = all.Select(w => new StockUse(w.For, w.Ingredient.Id, w.Mass, Morning.AddHours(w.Ingredient.PartOf.Length > 0 ? 2 : 1)));
        var after = StockLevels.Of([.. there, .. bought], uses);
        double Sum(IEnumerable<StockLot> of, Ingredient i) => of.Where(l => l.Ingredient == i).Sum(l => l.Counted);
        var plain = things.Where(t => Wholes.Of(t.Id) is null).All(t => Math.Abs(
            Sum(there, t) + Sum(bought, t) - all.Where(w => w.Ingredient == t).Sum(w => w.Mass.Value)
            - after.Lots.Where(l => l.Lot.Ingredient == t).Sum(l => l.Left)) < 1e-6);

        // A spoon's worth less than a piece does not open another egg.
        return plain && after.Missing.Values.All(m => m.Value < 3);
    }
}
