using System.Globalization;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Stocktaking;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Stocktaking;

/// <summary>What is in the house: what was counted, and what was used since.</summary>
public sealed class StockBook(RoundCrumbContext context, Larder larder, TimeProvider clock)
{
    /// <summary>How a lot is called by its number.</summary>
    public static string IdOf(int row) => row.ToString(CultureInfo.InvariantCulture);

    /// <summary>What is on the list, as it was counted.</summary>
    public Task<List<StockRow>> RowsAsync(CancellationToken cancel = default) =>
        context.StockRows.AsNoTracking().Where(r => r.GoneAt == null).OrderBy(r => r.Id).ToListAsync(cancel);

    /// <summary>What there is now.</summary>
    public async Task<StockLevels> LevelsAsync(CancellationToken cancel = default)
    {
        var known = await larder.KnownAsync(cancel);
        var lots = (await RowsAsync(cancel)).Select(r => LotOf(r, known)).OfType<StockLot>().ToList();
        if (lots.Count == 0)
            return StockLevels.None;

        // What was used before the oldest count is in every count already.
        var first = lots.Min(l => l.At);
        var uses = await context.StockUses.AsNoTracking().Where(u => u.At >= first).ToListAsync(cancel);
        return StockLevels.Of(lots, uses.Select(u => new StockUse($"{u.Owner} {u.Line}", u.Ingredient, new(u.Grams), u.At)));
    }

    /// <summary>A row as the core knows it; none where its ingredient is no longer known.</summary>
    public static StockLot? LotOf(StockRow row, KnownIngredients known)
    {
        StockItem? item = row.Made is { } made ? new MadeItem(made, row.Words)
            : known.Find(row.Ingredient ?? "") is { } ingredient ? new IngredientItem(ingredient) : null;
        return item is null ? null : new(IdOf(row.Id), item, row.Counted, row.CountedAt)
        {
            UseBy = row.UseBy,
            IsOpen = row.IsOpen,
            Where = row.Where,
        };
    }

    /// <summary>Puts something on the list, counted now.</summary>
    public Task<IReadOnlyList<int>> AddAsync(IReadOnlyList<StockRow> rows, CancellationToken cancel = default) => context.AgainAsync(
        async () =>
        {
            foreach (var row in rows)
            {
                row.CountedAt = clock.GetUtcNow();
                context.StockRows.Add(row);
            }

            await context.SaveChangesAsync(cancel);
            return (IReadOnlyList<int>)[.. rows.Select(r => r.Id)];
        });

    /// <summary>Changes a lot, if nobody else has since it was looked at.</summary>
    /// <param name="id">Which.</param>
    /// <param name="version">As it was looked at.</param>
    /// <param name="change">What is changed; where it is counted anew, what was used before is in that count.</param>
    /// <param name="isCount">True where it was counted.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<KeepOutcome> ChangeAsync(
        int id, int version, Action<StockRow> change, bool isCount, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (await context.StockRows.FirstOrDefaultAsync(r => r.Id == id, cancel) is not { } row)
            return KeepOutcome.Gone;
        if (row.Version != version)
            return KeepOutcome.ChangedElsewhere;
        change(row);
        if (isCount)
            row.CountedAt = clock.GetUtcNow();
        row.Version++;
        await context.SaveChangesAsync(cancel);
        return KeepOutcome.Kept;
    });

    /// <summary>Takes a lot off the list, or brings it back.</summary>
    /// <param name="id">Which.</param>
    /// <param name="gone">Why; none to bring it back.</param>
    /// <param name="thrownAway">How much was thrown away, g or pieces.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>False where it is not there.</returns>
    public Task<bool> TakeOffAsync(int id, WhyGone? gone, double thrownAway, CancellationToken cancel = default) => context.AgainAsync(
        async () =>
        {
            if (await context.StockRows.FirstOrDefaultAsync(r => r.Id == id, cancel) is not { } row)
                return false;
            row.GoneAt = gone is null ? null : clock.GetUtcNow();
            row.Gone = gone ?? WhyGone.Mended;
            row.ThrownAway = gone is WhyGone.ThrownAway ? thrownAway : 0;
            row.Version++;
            await context.SaveChangesAsync(cancel);
            return true;
        });

    /// <summary>Says all that something has used: what it said before and says no longer was not used after all.</summary>
    /// <param name="owner">What uses it.</param>
    /// <param name="uses">By line: of what, how much and when. What is kept already keeps its own moment.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task SayUsedAsync(
        string owner, IReadOnlyDictionary<string, (string Ingredient, Grams Mass, DateTimeOffset At)> uses,
        CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var kept = await context.StockUses.Where(u => u.Owner == owner).ToListAsync(cancel);
        context.StockUses.RemoveRange(kept.Where(k => !uses.ContainsKey(k.Line)));
        var there = kept.ToDictionary(k => k.Line, StringComparer.Ordinal);
        foreach (var (line, use) in uses)
        {
            if (there.TryGetValue(line, out var row))
                (row.Ingredient, row.Grams) = (use.Ingredient, use.Mass.Value);
            else
                context.StockUses.Add(
                    new() { Owner = owner, Line = line, Ingredient = use.Ingredient, Grams = use.Mass.Value, At = use.At });
        }

        await context.SaveChangesAsync(cancel);
        return true;
    });

    /// <summary>The lines that some have used, by what used them.</summary>
    public async Task<ILookup<string, string>> UsedAsync(IEnumerable<string> owners, CancellationToken cancel = default)
    {
        var asked = owners.ToList();
        var used = await context.StockUses.AsNoTracking().Where(u => asked.Contains(u.Owner)).Select(u => new { u.Owner, u.Line })
            .ToListAsync(cancel);
        return used.ToLookup(u => u.Owner, u => u.Line, StringComparer.Ordinal);
    }
}
