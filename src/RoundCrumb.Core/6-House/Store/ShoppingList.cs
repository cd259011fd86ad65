using RoundCrumb.Core.Corrections;
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

    /// <summary>What of the house is promised to it, by ingredient: of what is bought whole its parts too.</summary>
    public IReadOnlyList<(Ingredient Ingredient, Grams Mass)> Promised { get; init; } = [];

    /// <summary>The last day on which it is used.</summary>
    public DateOnly LastOn { get; init; }

    /// <summary>
    /// Until when it keeps, bought on a day, where that is sooner than it is used; none where it keeps, or its pack has a date of its own.
    /// </summary>
    public DateOnly? TooSoon(DateOnly bought) =>
        Ingredient is { Shelf: PantryShelf.Fruit, IsDry: false } && !Ingredient.Is(Traits.Jam | Traits.InLiquid)
            && bought.AddDays((int)(Keeping.Of(Ingredient, StoredIn.Fridge).Usual / (24 * 60))) is var until && until < LastOn
                ? until
                : null;

    /// <summary>A bigger pack that is cheaper by the gram; none where the packs are that already.</summary>
    public BiggerPack? Bigger { get; init; }

    /// <summary>How many pieces its parts come to, for what is bought whole: eggs, lemons; none for other things.</summary>
    public WholeCount? Pieces { get; init; }
}

/// <summary>A bigger pack, and what speaks for it.</summary>
/// <param name="Pack">The pack.</param>
/// <param name="Saves">What it saves on what it holds beyond what is wanted now, pounds.</param>
/// <param name="CostsMore">What has to be paid more today, pounds.</param>
/// <param name="Left">What would be left of it, g.</param>
/// <param name="KeepsDays">For how many days that keeps once it is open.</param>
public sealed record BiggerPack(PackOffer Pack, decimal Saves, decimal CostsMore, double Left, double KeepsDays);

/// <summary>How many pieces of a whole its parts come to.</summary>
/// <param name="Parts">Of each part how many pieces are wanted for it beyond what is in the house.</param>
/// <param name="Whole">Pieces that are wanted whole.</param>
public sealed record WholeCount(IReadOnlyList<(Ingredient Part, int Pieces)> Parts, int Whole)
{
    /// <summary>Pieces that are taken apart: as many as the part that wants the most.</summary>
    public int TakenApart => Parts.Max(p => p.Pieces);

    /// <summary>Pieces in all.</summary>
    public int All => TakenApart + Whole;

    /// <summary>Parts that are left over, and of how many pieces.</summary>
    public IEnumerable<(Ingredient Part, int Pieces)> Left =>
        Parts.Where(p => p.Pieces < TakenApart).Select(p => (p.Part, TakenApart - p.Pieces));
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
    /// <param name="corrections">What this kitchen has learned of its eggs and fruit; the book where there is none.</param>
    public static ShoppingList Of(
        IEnumerable<Want> wants, StockLevels stock, Func<Ingredient, IReadOnlyList<PackOffer>> packs, CorrectionSet? corrections = null)
    {
        var all = wants.Where(w => w.Mass.Value > 0 && !w.Ingredient.Is(Traits.PlainWater)).ToList();
        var house = new InHouse(stock);
        var lines = new List<ShoppingLine>();
        foreach (var some in all.Where(w => WholeOf(w.Ingredient) is null).GroupBy(w => w.Ingredient.Id))
        {
            var ingredient = some.First().Ingredient;
            var (wanted, there) = house.Take(ingredient, [.. some]);
            lines.Add(Line(ingredient, wanted, there, packs(ingredient)) with
            {
                LastOn = some.Max(w => w.On),
                Promised = [(ingredient, there.Value)],
            });
        }

        foreach (var some in all.Where(w => WholeOf(w.Ingredient) is not null).GroupBy(w => WholeOf(w.Ingredient)!))
            lines.Add(WholeLine(some.Key, [.. some], house, packs(some.Key.Whole), corrections));
        return new([
            .. lines.OrderBy(l => l.Ingredient.Shelf).ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal),
        ]);
    }

    /// <summary>
    /// What it is bought as a part of; a baker's own, and what is sold by itself as pasteurised yolk is, are bought as they are.
    /// </summary>
    private static Wholes? WholeOf(Ingredient ingredient) =>
        Wholes.Of(ingredient.Id) is { } whole && (ingredient == whole.Whole || ingredient.PartOf.Length > 0) ? whole : null;

    /// <summary>What is taken apart: as many pieces as the part that wants the most, and those that are wanted whole.</summary>
    private static ShoppingLine WholeLine(
        Wholes of, List<Want> wants, InHouse house, IReadOnlyList<PackOffer> offers, CorrectionSet? corrections)
    {
        // A spoon's worth less than a piece does not open another one.
        const double Short = 0.02;
        var each = of.Whole.GramsEach;
        var parts = of.Parts.Select(part =>
        {
            var (asked, got) = house.Take(part, [.. wants.Where(w => w.Ingredient == part)]);
            return (Part: part, Got: got.Value,
                Pieces: Math.Max(0, (int)Math.Ceiling(corrections.PiecesIn(part, asked.Value - got.Value) - Short)));
        }).ToList();
        var whole = wants.Where(w => w.Ingredient == of.Whole).Sum(w => w.Mass.Value);
        var pieces = new WholeCount(
            [.. parts.Select(p => (p.Part, p.Pieces))], Math.Max(0, (int)Math.Ceiling(corrections.PiecesIn(of.Whole, new(whole)) - Short)));

        // Those that are there serve all; the first day on which one is wanted decides which are still good.
        var (_, there) = house.Take(of.Whole, [new(of.Whole.Name, of.Whole, new(pieces.All * each), wants.Min(w => w.On))]);
        var wanted = new Worked<Grams>(
            "buy-" + of.Whole.Id, of.Whole.Name + ", wanted", new(pieces.All * each),
            "(the part that wants the most + whole ones) × grams each",
            [
                .. parts.Select(p => Term.Given($"for {p.Part.ShortName}, beyond what is in the house", p.Pieces, Dimension.Count)),
                Term.Given("whole", pieces.Whole, Dimension.Count), Term.Given("grams each", new Grams(each)),
            ]);
        return Line(of.Whole, wanted, there, offers) with
        {
            Pieces = pieces,
            LastOn = wants.Max(w => w.On),
            Promised = [.. parts.Select(p => (p.Part, p.Got)), (of.Whole, there.Value)],
        };
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
                        l => Term.Given(l.Lot.UseBy is { } day ? $"to be used by {day:d MMM}" : "without a date",
                            new Grams(from[l.Lot.Id]))),
                ]);
            return (wanted, there);
        }
    }
}
