using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Buying;

/// <summary>Something that an order wants.</summary>
/// <param name="For">What it is for: the order and its part.</param>
/// <param name="Ingredient">What.</param>
/// <param name="Mass">How much, 0 or more.</param>
/// <param name="On">The day on which it is used.</param>
public sealed record Want(string For, Ingredient Ingredient, Grams Mass, DateOnly On);

/// <summary>One line of a shopping list.</summary>
/// <param name="Ingredient">What is bought.</param>
/// <param name="Wanted">All that is wanted of it, with what for.</param>
/// <param name="InHouse">What of that is in the house and good on its day.</param>
/// <param name="ToBuy">What is left to buy.</param>
/// <param name="Packs">The packs; none where it is not known how it is bought.</param>
public sealed record ShoppingLine(
    Ingredient Ingredient, Worked<Grams> Wanted, Worked<Grams> InHouse, Worked<Grams> ToBuy, PackSet? Packs)
{
    /// <summary>What would be left of the packs, g.</summary>
    public double Left => Packs is { } packs ? Math.Max(0, packs.Grams - ToBuy.Value.Value) : 0;

    /// <summary>What it would cost, pounds; none where no pack is known.</summary>
    public decimal? Price => Packs?.Price;

    /// <summary>A bigger pack that is cheaper by the gram; none where the packs are that already.</summary>
    public BiggerPack? Bigger { get; init; }

    /// <summary>Eggs of which only a part is used; none for other things.</summary>
    public EggCount? Eggs { get; init; }
}

/// <summary>A bigger pack, and what speaks for it.</summary>
/// <param name="Pack">The pack.</param>
/// <param name="Saves">What it saves on what it holds beyond what is wanted now, pounds.</param>
/// <param name="CostsMore">What has to be paid more today, pounds.</param>
/// <param name="Left">What would be left of it, g.</param>
/// <param name="KeepsDays">For how many days that keeps once it is open.</param>
public sealed record BiggerPack(PackOffer Pack, decimal Saves, decimal CostsMore, double Left, double KeepsDays);

/// <summary>How many eggs yolks and whites come to.</summary>
/// <param name="Yolks">Yolks wanted beyond those in the house.</param>
/// <param name="Whites">Whites wanted beyond those in the house.</param>
/// <param name="Whole">Whole eggs wanted.</param>
public sealed record EggCount(int Yolks, int Whites, int Whole)
{
    /// <summary>Eggs in all.</summary>
    public int Eggs => Math.Max(Yolks, Whites) + Whole;

    /// <summary>Whites that are left over.</summary>
    public int WhitesLeft => Math.Max(0, Yolks - Whites);

    /// <summary>Yolks that are left over.</summary>
    public int YolksLeft => Math.Max(0, Whites - Yolks);
}

/// <summary>What has to be bought for some orders: each thing once, less what is in the house and still good on its day.</summary>
/// <param name="Lines">One for each thing, in the order of the pantry's shelves.</param>
public sealed record ShoppingList(IReadOnlyList<ShoppingLine> Lines)
{
    /// <summary>What all packs cost, pounds.</summary>
    public decimal Price => Lines.Sum(l => l.Price ?? 0);

    /// <summary>The list for some wants. Water comes from the tap.</summary>
    /// <param name="wants">What is wanted.</param>
    /// <param name="stock">What is in the house.</param>
    /// <param name="packs">The packs of an ingredient in this kitchen's shops.</param>
    public static ShoppingList Of(IEnumerable<Want> wants, StockLevels stock, Func<Ingredient, IReadOnlyList<PackOffer>> packs)
    {
        var all = wants.Where(w => w.Mass.Value > 0 && !w.Ingredient.Is(Traits.PlainWater)).ToList();
        var house = new InHouse(stock);
        var lines = new List<ShoppingLine>();
        foreach (var some in all.Where(w => EggsOf(w.Ingredient) is EggPart.None).GroupBy(w => w.Ingredient.Id))
        {
            var ingredient = some.First().Ingredient;
            var (wanted, there) = house.Take(ingredient, [.. some]);
            lines.Add(Line(ingredient, wanted, there, packs(ingredient)));
        }

        var eggs = all.Where(w => EggsOf(w.Ingredient) is not EggPart.None).ToList();
        if (eggs.Count > 0)
            lines.Add(EggLine(eggs, house, packs(Pantry.WholeEgg)));
        return new([
            .. lines.OrderBy(l => l.Ingredient.Shelf).ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal),
        ]);
    }

    /// <summary>What part of a hen's egg it is; none for what is sold by itself, as pasteurised yolk is.</summary>
    private static EggPart EggsOf(Ingredient ingredient) =>
        ingredient == Pantry.WholeEgg || ingredient == Pantry.Yolk || ingredient == Pantry.EggWhite ? ingredient.Egg : EggPart.None;

    /// <summary>Eggs: as many as the greater of yolks and whites asks for, and the whole ones.</summary>
    private static ShoppingLine EggLine(List<Want> wants, InHouse house, IReadOnlyList<PackOffer> offers)
    {
        int Lacking(Ingredient part)
        {
            var (wanted, there) = house.Take(part, [.. wants.Where(w => w.Ingredient == part)]);
            return (int)Math.Ceiling(((wanted.Value.Value - there.Value.Value) / part.GramsEach) - 0.02);
        }

        var eggs = new EggCount(Lacking(Pantry.Yolk), Lacking(Pantry.EggWhite), 0);
        var egg = Pantry.WholeEgg;
        var whole = wants.Where(w => w.Ingredient == egg).ToList();
        eggs = eggs with { Whole = (int)Math.Ceiling((whole.Sum(w => w.Mass.Value) / egg.GramsEach) - 0.02) };

        // Those that are there serve all three; the first day on which one is wanted decides which are still good.
        var first = wants.Min(w => w.On);
        var asked = new Want("eggs", egg, new(eggs.Eggs * egg.GramsEach), first);
        var (_, there) = house.Take(egg, [asked]);
        var wanted = new Worked<Grams>(
            "buy-eggs", "eggs, wanted", new(eggs.Eggs * egg.GramsEach), "(the greater of yolks and whites + whole eggs) × grams an egg",
            Term.Given("yolks beyond those in the house", eggs.Yolks, Dimension.Count),
            Term.Given("whites beyond those in the house", eggs.Whites, Dimension.Count),
            Term.Given("whole eggs", eggs.Whole, Dimension.Count), Term.Given("an egg", new Grams(egg.GramsEach)));
        return Line(egg, wanted, there, offers) with { Eggs = eggs };
    }

    private static ShoppingLine Line(Ingredient of, Worked<Grams> wanted, Worked<Grams> there, IReadOnlyList<PackOffer> offers)
    {
        var buy = new Worked<Grams>(
            "buy-less-" + of.Id, of.Name + ", to buy", new(Math.Max(0, wanted.Value.Value - there.Value.Value)),
            "wanted − in the house and good on its day", Term.Of(wanted), Term.Of(there));
        var packs = CheapestPacks.Of(buy.Value.Value, offers);
        return new(of, wanted, there, buy, packs) { Bigger = BiggerOf(of, buy.Value.Value, packs, offers) };
    }

    /// <summary>A bigger pack that is cheaper by the gram than what would be bought, and by how much.</summary>
    private static BiggerPack? BiggerOf(Ingredient of, double grams, PackSet? packs, IReadOnlyList<PackOffer> offers)
    {
        if (packs is not { Packs: { Count: > 0 } chosen })
            return null;
        var perGram = (double)packs.Price / packs.Grams;
        var largest = chosen.Max(p => p.Pack.Grams);
        var bigger = offers.Where(o => o.Grams > largest && o.Grams >= grams && o.PerGram < perGram * (1 - LeastSaving))
            .OrderBy(o => o.PerGram).FirstOrDefault();
        return bigger is null
            ? null
            : new(
                bigger, (decimal)((perGram - bigger.PerGram) * bigger.Grams), bigger.Price - packs.Price, bigger.Grams - grams,
                Keeping.Of(of, of.IsDry ? StoredIn.Shelf : StoredIn.Fridge).Usual / (24 * 60));
    }

    /// <summary>Less of a saving than this is not worth a word; our own choice.</summary>
    private const double LeastSaving = 0.05;

    /// <summary>What is in the house, as it is promised to one want after the other.</summary>
    private sealed class InHouse(StockLevels stock)
    {
        private readonly Dictionary<string, double> _left = stock.Lots.ToDictionary(l => l.Lot.Id, l => l.Left, StringComparer.Ordinal);

        /// <summary>Promises what there is, the nearest date first, to the first day first.</summary>
        public (Worked<Grams> Wanted, Worked<Grams> There) Take(Ingredient of, IReadOnlyList<Want> wants)
        {
            var lots = stock.Lots.Where(l => l.Lot.Ingredient?.Id == of.Id).OrderBy(l => l.Lot.UseBy ?? DateOnly.MaxValue)
                .ThenBy(l => l.Lot.Id, StringComparer.Ordinal).ToList();
            var from = new Dictionary<string, double>(StringComparer.Ordinal);
            foreach (var want in wants.OrderBy(w => w.On))
            {
                var lacks = want.Mass.Value;
                foreach (var lot in lots.Where(l => l.Lot.IsGoodOn(want.On)))
                {
                    var taken = Math.Min(lacks, _left[lot.Lot.Id]);
                    if (taken <= 0)
                        continue;
                    _left[lot.Lot.Id] -= taken;
                    from[lot.Lot.Id] = from.GetValueOrDefault(lot.Lot.Id) + taken;
                    lacks -= taken;
                }
            }

            var wanted = new Worked<Grams>(
                "buy-" + of.Id, of.Name + ", wanted", new(wants.Sum(w => w.Mass.Value)), "what goes into each part, added up",
                [.. wants.GroupBy(w => w.For).Select(g => Term.Given(g.Key, new Grams(g.Sum(w => w.Mass.Value))))]);
            var there = new Worked<Grams>(
                "buy-house-" + of.Id, of.Name + ", in the house", new(from.Values.Sum()), "what is good on the day that wants it",
                [
                    .. lots.Where(l => from.ContainsKey(l.Lot.Id)).Select(
                        l => Term.Given(l.Lot.UseBy is { } day ? $"to be used by {day:d MMM}" : "without a date", new Grams(from[l.Lot.Id]))),
                ]);
            return (wanted, there);
        }
    }
}
