using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Stocktaking;

/// <summary>What is left of a lot.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="Left">How much, g or pieces; 0 or more.</param>
/// <param name="Uses">What was used of it since it was counted, the first first.</param>
public sealed record LotLevel(StockLot Lot, double Left, IReadOnlyList<(StockUse Use, double Amount)> Uses)
{
    /// <summary>What is left, with what was counted and used.</summary>
    public IWorked Figure => Lot.Item.By is Dimension.Count
        ? new Worked<PieceCount>("stock-" + Lot.Id, Lot.Item.Name, new(Left), "as counted − used since", Terms())
        : new Worked<Grams>("stock-" + Lot.Id, Lot.Item.Name, new(Left), "as counted − used since", Terms());

    private Term[] Terms() =>
    [
        Term.Given("as counted", Lot.Counted, Lot.Item.By), .. Uses.Select(u => Term.Given("used", u.Amount, Lot.Item.By)),
    ];
}

/// <summary>
/// What is in the house: what was counted, less what was used since. It is worked out from both each time, so that taking a use back is
/// all that undoing it needs.
/// </summary>
/// <param name="Lots">Every lot, those of which nothing is left too; what is left over of eggs or lemons is a lot of its own.</param>
/// <param name="Missing">
/// By ingredient, what was used beyond what was counted, g: something was not counted, or is counted too low.
/// </param>
public sealed record StockLevels(IReadOnlyList<LotLevel> Lots, IReadOnlyDictionary<string, Grams> Missing)
{
    /// <summary>Nothing in the house.</summary>
    public static StockLevels None { get; } = new([], new Dictionary<string, Grams>());

    /// <summary>Grams below which nothing is left: what clings to a spoon.</summary>
    private const double Crumb = 1e-6;

    /// <summary>The levels after some uses.</summary>
    /// <param name="lots">What was counted.</param>
    /// <param name="uses">What was used, in any order; of several with one source one counts.</param>
    public static StockLevels Of(IEnumerable<StockLot> lots, IEnumerable<StockUse> uses)
    {
        var open = lots.Select(l => new Running(l)).ToList();
        var missing = new Dictionary<string, Grams>(StringComparer.Ordinal);
        foreach (var use in uses.DistinctBy(u => u.Source).OrderBy(u => u.At).ThenBy(u => u.Source, StringComparer.Ordinal))
        {
            var wanted = use.Mass.Value;
            foreach (var lot in InTurn(open, use, l => l.Ingredient?.Id == use.Ingredient))
                wanted -= lot.Take(use, wanted);
            if (wanted > Crumb && Wholes.OfPart(use.Ingredient) is { } whole)
                wanted -= FromWholes(open, use, whole, wanted);
            if (wanted > Crumb && open.Exists(l => l.Lot.Ingredient?.Id == use.Ingredient && l.Lot.At <= use.At))
                missing[use.Ingredient] = missing.GetValueOrDefault(use.Ingredient) + new Grams(wanted);
        }

        return new([.. open.Select(l => new LotLevel(l.Lot, l.Left < Crumb ? 0 : l.Left, l.Uses))], missing);
    }

    /// <summary>How much of an ingredient is good on a day, g.</summary>
    public Grams GoodOn(Ingredient ingredient, DateOnly day) =>
        new(Lots.Where(l => l.Lot.Ingredient?.Id == ingredient.Id && l.Lot.IsGoodOn(day)).Sum(l => l.Left));

    /// <summary>What is left and past its day.</summary>
    public IEnumerable<LotLevel> PastOn(DateOnly day) => Lots.Where(l => l.Left > 0 && !l.Lot.IsGoodOn(day));

    /// <summary>Takes a part out of whole eggs or lemons; the other parts of each stay, as lots of their own.</summary>
    private static double FromWholes(List<Running> open, StockUse use, Wholes whole, double wanted)
    {
        var part = whole.Parts.First(p => p.Id == use.Ingredient);
        var got = 0.0;
        foreach (var lot in InTurn(open, use, l => l.Ingredient?.Id == whole.Whole.Id))
        {
            var pieces = Math.Min((wanted - got) / part.GramsEach, lot.Left / whole.Whole.GramsEach);
            if (pieces * part.GramsEach < Crumb)
                continue;
            lot.Take(use, pieces * whole.Whole.GramsEach);
            got += pieces * part.GramsEach;
            open.AddRange(whole.Parts.Where(p => p != part).Select(other => new Running(
                new($"{lot.Lot.Id}-{other.Id}-{use.Source}", new IngredientItem(other), pieces * other.GramsEach, use.At)
                {
                    Where = StoredIn.Fridge,
                    IsOpen = true,
                    LeftFrom = lot.Lot.Id,
                    UseBy = DateOnly.FromDateTime(use.At.UtcDateTime.AddMinutes(Keeping.Of(other, StoredIn.Fridge).Usual)),
                })));
        }

        return got;
    }

    /// <summary>The lots that a use draws on: the good ones, those whose date is nearest, those that are open.</summary>
    private static List<Running> InTurn(List<Running> open, StockUse use, Func<StockLot, bool> fits)
    {
        var day = DateOnly.FromDateTime(use.At.UtcDateTime);
        return open.Where(l => l.Left > 0 && l.Lot.At <= use.At && fits(l.Lot)).OrderByDescending(l => l.Lot.IsGoodOn(day))
            .ThenBy(l => l.Lot.UseBy ?? DateOnly.MaxValue).ThenByDescending(l => l.Lot.IsOpen).ThenBy(l => l.Lot.At)
            .ThenBy(l => l.Lot.Id, StringComparer.Ordinal).ToList();
    }

    private sealed class Running(StockLot lot)
    {
        public StockLot Lot { get; } = lot;

        public double Left { get; private set; } = lot.Counted;

        public List<(StockUse Use, double Amount)> Uses { get; } = [];

        public double Take(StockUse use, double most)
        {
            var taken = Math.Min(most, Left);
            if (taken <= 0)
                return 0;
            Left -= taken;
            Uses.Add((use, taken));
            return taken;
        }
    }
}
