using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Stocktaking;

namespace RoundCrumb.Data.Demo;

/// <summary>What the tea room has in the house, and what its two shops ask for. All of it is made up.</summary>
internal static class DemoStock
{
    /// <summary>Ingredient, grams, days until it is to be used (none without a date), open or not.</summary>
    private static readonly (string Ingredient, double Grams, int? Days, bool Open)[] Lots =
    [
        ("plain-flour", 2200, null, true), ("caster-sugar", 900, null, true), ("icing-sugar", 350, null, true),
        ("cornflour", 180, null, true),
        ("butter", 750, 24, false), ("milk", 1136, 4, false), ("double-cream", 600, 5, false), ("double-cream", 120, 0, true),
        ("cream-cheese", 280, 9, false), ("whole-egg", 700, 12, false), ("egg-white", 130, 1, true), ("ground-almonds", 160, null, true),
        ("blood-orange-juice", 200, -1, true), ("gelatine", 40, null, false), ("biscuit-crumbs", 240, null, true),
    ];

    /// <summary>Ingredient, what a pack holds, shop, and what it cost so many days ago.</summary>
    private static readonly (string Ingredient, double Grams, string Shop, (int DaysAgo, double Price)[] Prices)[] Packs =
    [
        ("butter", 250, "Corner shop", [(300, 1.85), (210, 1.95), (120, 2.05), (40, 2.20)]),
        ("butter", 1000, "Dairy", [(300, 6.40), (180, 6.80), (90, 7.40), (12, 8.10)]),
        ("double-cream", 300, "Corner shop", [(300, 1.50), (150, 1.60), (30, 1.65)]),
        ("double-cream", 2000, "Dairy", [(300, 8.20), (120, 8.60), (12, 9.40)]),
        ("milk", 1136, "Corner shop", [(300, 1.45)]), ("milk", 2272, "Dairy", [(200, 1.90)]),
        ("plain-flour", 1500, "Corner shop", [(300, 1.10), (60, 1.15)]), ("plain-flour", 16000, "Mill", [(300, 11.20), (60, 11.90)]),
        ("caster-sugar", 1000, "Corner shop", [(300, 1.65), (100, 1.80)]), ("caster-sugar", 5000, "Mill", [(300, 6.90)]),
        ("whole-egg", 600, "Corner shop", [(300, 3.00), (45, 3.20)]), ("whole-egg", 1500, "Farm", [(300, 6.25), (45, 6.50)]),
        ("cream-cheese", 280, "Corner shop", [(300, 2.10)]), ("cream-cheese", 1000, "Dairy", [(150, 5.60)]),
        ("dark-chocolate", 1000, "Mill", [(300, 9.80), (150, 12.40), (20, 14.90)]), ("dark-chocolate", 100, "Corner shop", [(100, 1.90)]),
    ];

    /// <summary>What is made ahead: what, which, how much, where, days until it is to be used.</summary>
    private static readonly (MadePart Part, string Words, double Amount, StoredIn Where, int Days)[] Made =
    [
        (MadePart.LinedShell, "butter flaky, 23 cm plate", 2, StoredIn.Freezer, 21),
        (MadePart.Dough, "sweet short", 310, StoredIn.Fridge, 1),
        (MadePart.Curd, "sharp lemon", 240, StoredIn.Fridge, 3),
    ];

    public static void PutIn(RoundCrumbContext context, DateTimeOffset now, DateOnly today)
    {
        foreach (var (ingredient, grams, days, open) in Lots)
        {
            var of = Pantry.Get(ingredient);
            context.StockRows.Add(
                new()
                {
                    Ingredient = of.Id,
                    Counted = grams,
                    CountedAt = now,
                    UseBy = days is { } d ? today.AddDays(d) : null,
                    IsOpen = open,
                    Where = of.IsDry ? StoredIn.Shelf : StoredIn.Fridge,
                });
        }

        foreach (var (part, words, amount, where, days) in Made)
        {
            context.StockRows.Add(
                new() { Made = part, Words = words, Counted = amount, CountedAt = now, Where = where, UseBy = today.AddDays(days) });
        }

        foreach (var (ingredient, grams, shop, prices) in Packs)
        {
            foreach (var (ago, price) in prices)
            {
                context.PackPrices.Add(
                    new()
                    {
                        Ingredient = Pantry.Get(ingredient).Id,
                        Grams = grams,
                        Shop = shop,
                        Price = (decimal)price,
                        Since = today.AddDays(-ago)
                    });
            }
        }

        context.KitchenTrades.Add(new() { HandsAnHour = 13.50m, House = "Marrowby Lock Tea Room", Place = "The towpath, Marrowby Lock" });
    }
}
