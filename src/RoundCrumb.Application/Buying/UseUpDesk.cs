using RoundCrumb.Application.Days;
using RoundCrumb.Application.Reading;
using RoundCrumb.Application.Stocktaking;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Buying;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Costing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Leftovers;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Stocktaking;

namespace RoundCrumb.Application.Buying;

/// <summary>What a day leaves that does not keep.</summary>
/// <param name="Mass">All of it.</param>
/// <param name="Worth">What it cost, pounds.</param>
public readonly record struct Waste(Grams Mass, Pounds Worth);

/// <summary>Another batch of one order that leaves less.</summary>
/// <param name="Order">The order.</param>
/// <param name="Batch">How much filling is made then.</param>
/// <param name="Waste">What the day leaves then.</param>
public sealed record OtherBatch(DayOrder Order, BatchKind Batch, Waste Waste);

/// <summary>What a day leaves over, and what would use it.</summary>
/// <param name="Open">The day.</param>
/// <param name="Left">What does not keep: what is close to its date, and what the day itself leaves.</param>
/// <param name="SameDay">Orders of the day that one more pie of would use some of it.</param>
/// <param name="Box">Others of your pies that would.</param>
/// <param name="Waste">What is left if nobody does anything.</param>
/// <param name="Lower">The change of batches that lowers it most; none where none does.</param>
public sealed record OpenUseUp(
    OpenDay Open, IReadOnlyList<Leftover> Left, IReadOnlyList<UsesUp<DayOrder>> SameDay, IReadOnlyList<UsesUp<SavedPie>> Box, Waste Waste,
    OtherBatch? Lower);

/// <summary>What stands in the house and has to go soon, and what could be made of it now.</summary>
/// <param name="Left">What is close to its date, the first to go first.</param>
/// <param name="Pies">Your pies that use the most of it.</param>
public sealed record LeftInHouse(IReadOnlyList<Leftover> Left, IReadOnlyList<UsesUp<SavedPie>> Pies);

/// <summary>Finds what a day leaves over and what would use it up.</summary>
public sealed class UseUpDesk(
    DayOpener days, DayBook book, StockKeeper keeper, StockBook stock, PriceBook prices, PieShelf shelf, CompositionReader compositions,
    KitchenClock clock)
{
    /// <summary>What keeps for longer than this is no leftover but stock, days. Our own choice.</summary>
    private const double FreshDays = 7;

    /// <summary>What is to be used within so many days after the day is close to its date. Our own choice.</summary>
    private const int CloseDays = 2;

    private const int MostPies = 60, MostShown = 6;

    /// <summary>Ways to make a batch that are tried.</summary>
    private static readonly BatchKind[] Ways = [BatchKind.Exact, BatchKind.Below, BatchKind.Above];

    /// <summary>What a day leaves over; none where it is not there.</summary>
    public async Task<OpenUseUp?> OpenAsync(int day, CancellationToken cancel = default)
    {
        if (await days.OpenAsync(day, cancel) is not { } open)
            return null;
        var known = await prices.PricesAsync(cancel);
        var today = await clock.TodayAsync(cancel);
        IReadOnlyList<PackOffer> Packs(Ingredient i) => known.On(today, i);
        var levels = await keeper.LevelsAsync(cancel);
        var used = await stock.UsedByAsync(open, cancel);
        var last = open.Kept.Orders.Count == 0 ? open.Kept.From : DateOnly.FromDateTime(open.Kept.Orders.Max(o => o.Due));
        var left = Left(
            [.. open.Built.Made.Select(m => m.Pie)], WantsOf(open, used), levels, open.Kept.From, last, Packs, open.Kitchen.Corrections);
        var sheets = await SheetsAsync(open.Kitchen, cancel);
        var ordered = open.Kept.Orders.Select(o => o.Address).ToHashSet(StringComparer.Ordinal);
        var same = open.Built.Made.Select(m => (
            Order: open.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == m.Order.Key),
            Sheet: BatchSheet.Of(Assessment.Of(m.Pie.Composition, 1, open.Kitchen)))).Where(x => x.Order is not null).Select(x =>
                (x.Order!, x.Sheet));
        return new(
            open, left, [.. UseUp.Rank(same, left, last).Take(MostShown)],
            [.. UseUp.Rank(sheets.Where(s => !ordered.Contains(s.Pie.Address)), left, last).Take(MostShown)], WasteOf(left),
            Lower(open, levels, used, last, Packs, WasteOf(left), cancel));
    }

    /// <summary>What in the house is close to its date, and which of your pies use the most of it when they are made today.</summary>
    /// <param name="today">The date.</param>
    /// <param name="most">At most so many pies.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<LeftInHouse> InHouseAsync(DateOnly today, int most, CancellationToken cancel = default)
    {
        var known = await prices.PricesAsync(cancel);
        var kitchen = await compositions.KitchenAsync(cancel);
        var left = Left(
            [], [], await keeper.LevelsAsync(cancel), today, today, i => known.On(today, i), kitchen.Corrections);
        if (left.Count == 0)
            return new([], []);
        return new([.. left.OrderBy(l => l.UseBy)], [.. UseUp.Rank(await SheetsAsync(kitchen, cancel), left, today).Take(most)]);
    }

    /// <summary>Your pies, each with its sheet for one.</summary>
    private async Task<IEnumerable<(SavedPie Pie, BatchSheet Sheet)>> SheetsAsync(Kitchen kitchen, CancellationToken cancel)
    {
        var pies = (await shelf.AllAsync(cancel)).Take(MostPies).ToList();
        var read = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        return pies.Select(p => (p, BatchSheet.Of(Assessment.Of(CompositionAddress.Read(p.Address, read).Composition, 1, kitchen))));
    }

    /// <summary>Makes another batch of an order.</summary>
    public async Task<bool> MakeAsync(int day, int order, BatchKind batch, CancellationToken cancel = default)
    {
        if (await days.OpenAsync(day, cancel) is not { } open
                || open.Orders.FirstOrDefault(o => o.Key == DayOpener.KeyOf(order)) is not { } there || !Ways.Contains(batch))
            return false;
        var address = CompositionAddress.Write(With(there.Pie, batch));
        return await book.ChangeAsync(
            day,
            d =>
            {
                foreach (var one in d.Orders.Where(o => o.Id == order))
                {
                    (one.Address, one.PieId) = (address, null);
                    one.Version++;
                }
            },
            cancel);
    }

    /// <summary>Adds one of a pie to a day, wanted when its last order is.</summary>
    public async Task<bool> AddAsync(int day, int pie, CancellationToken cancel = default)
    {
        if (await shelf.FindAsync(pie, cancel) is not { } of || await book.FindAsync(day, cancel) is not { Orders.Count: > 0 } kept)
            return false;
        return await book.ChangeAsync(
            day,
            d => d.Orders.Add(
                new()
                {
                    PieId = of.Id,
                    Name = of.Name,
                    Address = of.Address,
                    Count = 1,
                    Due = kept.Orders.Max(o => o.Due),
                    Notes = "Uses up what is left"
                }),
            cancel);
    }

    /// <summary>Makes one more of an order.</summary>
    public Task<bool> MoreAsync(int day, int order, CancellationToken cancel = default) => book.ChangeAsync(
        day,
        d =>
        {
            foreach (var one in d.Orders.Where(o => o.Id == order && o.Count < DayOrder.MostPies))
            {
                one.Count++;
                one.Version++;
            }
        },
        cancel);

    private static List<Want> WantsOf(OpenDay open, ILookup<string, string> used) =>
        [.. ShoppingDesk.Wants(open, new(DateOnly.MinValue, DateOnly.MaxValue), used)];

    private static Waste WasteOf(IReadOnlyList<Leftover> left) =>
        new(new(left.Sum(l => l.Mass.Value)), new(left.Sum(l => l.Worth.Value)));

    /// <summary>
    /// All that does not keep and is not past before the day begins: of the house what is close to its date and not wanted, and what the
    /// day leaves.
    /// </summary>
    private static List<Leftover> Left(
        IReadOnlyList<Assessment> pies, IReadOnlyList<Want> wants, StockLevels levels, DateOnly first, DateOnly last,
        Func<Ingredient, IReadOnlyList<PackOffer>> packs, CorrectionSet corrections)
    {
        var list = ShoppingList.Of(wants, levels, packs, corrections);
        var left = new List<Leftover>();
        Pounds Worth(Ingredient of, double grams) => new((GramPrices.PerGram(of, packs)?.Value ?? 0) * grams);
        void Add(Ingredient of, double grams, DateOnly by, string from)
        {
            if (grams >= 5)
                left.Add(new(new IngredientLeft(of), new(grams), by, Worth(of, grams), from));
        }

        // What stands in the house and is not wanted, lot by lot.
        var wanted = list.Lines.SelectMany(l => l.Promised).ToDictionary(p => p.Ingredient.Id, p => p.Mass.Value, StringComparer.Ordinal);
        foreach (var level in levels.Lots.Where(l => l.Left > 0 && l.Lot.Ingredient is not null).OrderBy(l =>
            l.Lot.UseBy ?? DateOnly.MaxValue))
        {
            var of = level.Lot.Ingredient!;
            var taken = Math.Min(level.Left, wanted.GetValueOrDefault(of.Id));
            wanted[of.Id] = wanted.GetValueOrDefault(of.Id) - taken;
            if (level.Lot.UseBy is { } by && by >= first && by <= last.AddDays(CloseDays))
                Add(of, level.Left - taken, by, "in the house");
        }

        foreach (var level in levels.Lots.Where(l => l.Left > 0 && l.Lot.Item is MadeItem && l.Lot.UseBy >= first
                     && l.Lot.UseBy <= last.AddDays(CloseDays)))
        {
            var made = (MadeItem)level.Lot.Item;
            left.Add(
                new(
                    new MadeLeft(made), new(made.Part.IsCounted ? 0 : level.Left), level.Lot.UseBy!.Value, new(0),
                    made.Part.IsCounted ? $"{level.Left:0} in the house" : "in the house"));
        }

        DateOnly By(Ingredient of) => last.AddDays((int)(Keeping.Of(of, StoredIn.Fridge).Usual / (24 * 60)));
        foreach (var line in list.Lines)
        {
            foreach (var (part, pieces) in line.Pieces?.Left ?? [])
                Add(part, pieces * corrections.Each(part).Value, By(part), $"of the {line.Ingredient.Piece.Many}");
            if (line.Pieces is null && Keeping.Of(line.Ingredient, StoredIn.Fridge).Usual <= FreshDays * 24 * 60)
                Add(line.Ingredient, line.Left, By(line.Ingredient), "of its pack");
        }

        foreach (var pie in pies)
        {
            var formula = pie.Composition.Filling.Formula;
            var filling = pie.LeftOverMass.Value.Value;
            var cost = formula.Lines.Sum(l => Worth(l.Ingredient, l.Grams).Value) / Math.Max(1, formula.Lines.Sum(l => l.Grams));
            if (filling >= 5)
                left.Add(new(new FillingLeft(formula), new(filling), last.AddDays(2), new(cost * filling), "of the batch"));
            if (pie.Composition.Crust.Family is RolledFamily rolled && pie.Crust.Offcuts is { } offcuts
                && offcuts.Value.Value * pie.Pies >= 20)
            {
                var dough = pie.Crust.Lines.Sum(l => Worth(l.Ingredient, l.Mass.Value.Value).Value) / Math.Max(1,
                    pie.Crust.Total.Value.Value);
                var grams = offcuts.Value.Value * pie.Pies;
                left.Add(new(new DoughLeft(rolled), new(grams), last.AddDays(1), new(dough * grams), "of the rolling"));
            }
        }

        return left;
    }

    private static Composition With(Composition pie, BatchKind batch) =>
        pie with { Filling = pie.Filling with { Batch = new BatchChoice(batch) } };

    /// <summary>Tries each way to make each order's batch, and finds the one that leaves the least in money, then in weight.</summary>
    private static OtherBatch? Lower(
        OpenDay open, StockLevels levels, ILookup<string, string> used, DateOnly last, Func<Ingredient, IReadOnlyList<PackOffer>> packs,
        Waste now,
        CancellationToken cancel)
    {
        OtherBatch? best = null;
        for (var at = 0; at < open.Built.Made.Count; at++)
        {
            cancel.ThrowIfCancellationRequested();
            var made = open.Built.Made[at];
            if (open.Kept.Orders.FirstOrDefault(o => DayOpener.KeyOf(o.Id) == made.Order.Key) is not { } order
                || made.Pie.Composition.Filling.Batch.IsSaid)
                continue;
            foreach (var way in Ways.Where(w => w != made.Pie.Composition.Filling.Batch.Kind))
            {
                var other = Assessment.Of(With(made.Pie.Composition, way), made.Order.Count, open.Kitchen);
                var pies = open.Built.Made.Select((m, i) => i == at ? other : m.Pie).ToList();
                var changed = open with
                {
                    Built =
                    open.Built with { Made = [.. open.Built.Made.Select((m, i) => i == at ? m with { Pie = other } : m)] }
                };
                var waste = WasteOf(Left(pies, WantsOf(changed, used), levels, open.Kept.From, last, packs, open.Kitchen.Corrections));
                if (IsLess(waste, best?.Waste ?? now))
                    best = new(order, way, waste);
            }
        }

        return best;

        static bool IsLess(Waste a, Waste b) => a.Worth.Value < b.Worth.Value - 0.02
            || (a.Worth.Value <= b.Worth.Value + 0.005 && a.Mass.Value < b.Mass.Value - 10);
    }
}
