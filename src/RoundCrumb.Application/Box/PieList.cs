using System.Globalization;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Application.Box;

/// <summary>A saved pie with its sums.</summary>
/// <param name="Pie">As it is kept.</param>
/// <param name="Sums">Its sums in this kitchen.</param>
public sealed record PieRow(SavedPie Pie, Assessment Sums);

/// <summary>A page of the pies that are asked for.</summary>
/// <param name="Rows">The pies.</param>
/// <param name="Leaf">Which page it is, from 1.</param>
/// <param name="Leaves">How many pages there are; at least 1.</param>
/// <param name="Many">How many pies there are of these; of those looked at.</param>
/// <param name="IsPart">True where there are more pies than were looked at.</param>
public sealed record PiePage(IReadOnlyList<PieRow> Rows, int Leaf, int Leaves, int Many, bool IsPart);

/// <summary>Lists the saved pies, by what their sums say of them.</summary>
public sealed class PieList(PieShelf shelf, Search search, CompositionReader compositions)
{
    /// <summary>So many stand on a page.</summary>
    public const int AtOnce = 24;

    /// <summary>Where sums decide, so many are worked out at most: those changed last.</summary>
    public const int MostWorkedOut = 250;

    /// <summary>A page of them.</summary>
    /// <param name="filter">Which.</param>
    /// <param name="leaf">Which page, from 1; what lies outside is taken as the nearest.</param>
    /// <param name="cancel">Ends it.</param>
    public async Task<PiePage> FindAsync(PieFilter filter, int leaf, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        if (filter is { Family: "", NoOven: false, Without: Core.Ingredients.Allergens.None, Within: null, Pan: "", Words: "", Tag: "" }
                && filter.Sort is PieSort.Changed or PieSort.Name)
        {
            var all = await shelf.CountAsync(cancel);
            var (at, leaves) = Leaves(all, leaf);
            var some = await shelf.ListAsync((at - 1) * AtOnce, AtOnce, "", filter.Sort is PieSort.Name, cancel);
            return new(await WorkedOutAsync(some), at, leaves, all, false);
        }

        var kept = await shelf.ListAsync(0, MostWorkedOut + 1, filter.Tag, false, cancel);
        var isPart = kept.Count > MostWorkedOut;
        var named = kept.Take(MostWorkedOut);
        if (filter.Words.Length > 0)
        {
            var hits = (await search.FindAsync(filter.Words, MostWorkedOut, cancel)).Where(h => h.Kind == "pie")
                .Select(h => int.Parse(h.Ref, CultureInfo.InvariantCulture)).ToHashSet();
            named = named.Where(p => hits.Contains(p.Id));
        }

        var pan = PanCupboard.All.Concat(kitchen.Pans.Select(p => p.Pan)).FirstOrDefault(p => p.Key == filter.Pan);
        var found = (await WorkedOutAsync([.. named])).Where(r => filter.Takes(r.Sums, pan));
        List<PieRow> rows = filter.Sort switch
        {
            PieSort.Changed => [.. found],
            PieSort.Name => [.. found.OrderBy(r => r.Pie.Name, StringComparer.CurrentCultureIgnoreCase)],
            PieSort.Hands => [.. found.OrderBy(r => r.Sums.Times.HandsOn.Value.Best)],
            PieSort.Time => [.. found.OrderBy(r => r.Sums.Times.StartToSlice.Value.Least)],
        };
        var (now, of) = Leaves(rows.Count, leaf);
        return new([.. rows.Skip((now - 1) * AtOnce).Take(AtOnce)], now, of, rows.Count, isPart);

        async Task<IReadOnlyList<PieRow>> WorkedOutAsync(IReadOnlyList<SavedPie> pies)
        {
            var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
            return [.. pies.Select(p => new PieRow(p, Assessment.Of(CompositionAddress.Read(p.Address, book).Composition, 1, kitchen)))];
        }
    }

    /// <summary>One pie by its number; none where it is not there.</summary>
    public async Task<PieRow?> OneAsync(int id, CancellationToken cancel)
    {
        if (await shelf.FindAsync(id, cancel) is not { } pie)
            return null;
        var read = await compositions.ReadAsync(pie.Address, cancel);
        return new(pie, Assessment.Of(read.Composition, 1, await compositions.KitchenAsync(cancel)));
    }

    private static (int Leaf, int Leaves) Leaves(int many, int leaf)
    {
        var leaves = Math.Max(1, (many + AtOnce - 1) / AtOnce);
        return (Math.Clamp(leaf, 1, leaves), leaves);
    }
}
