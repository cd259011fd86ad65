using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;

namespace RoundCrumb.Data.Pans;

/// <summary>A pan in this kitchen: one that Round Crumb knows, or one by its own measures.</summary>
public sealed class KitchenPan
{
    public int Id { get; set; }

    /// <summary>The pan as the fields of a composition's address: <c>pan=plate-23</c>, or <c>pan=own</c> with its measures.</summary>
    public required string Address { get; set; }

    /// <summary>How many there are.</summary>
    public int Owned { get; set; }

    /// <summary>When it was put away; it can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>A pan with how many there are of it.</summary>
/// <param name="Id">Its number in this kitchen.</param>
/// <param name="Pan">The pan.</param>
/// <param name="Owned">How many there are.</param>
public sealed record OwnedPan(int Id, Pan Pan, int Owned);

/// <summary>The pans of this kitchen, kept in memory until they change.</summary>
public sealed class PanCache
{
    private volatile IReadOnlyList<OwnedPan>? _pans;

    internal IReadOnlyList<OwnedPan>? Pans
    {
        get => _pans;
        set => _pans = value;
    }
}

/// <summary>The pans of this kitchen.</summary>
public sealed class PanRack(RoundCrumbContext context, PanCache cache, TimeProvider clock)
{
    /// <summary>The most of one pan that a kitchen counts.</summary>
    public const int MostOwned = 500;

    /// <summary>All of them, in the order of the cupboard, the baker's own last.</summary>
    public async Task<IReadOnlyList<OwnedPan>> AllAsync(CancellationToken cancel = default)
    {
        if (cache.Pans is { } known)
            return known;
        var rows = await context.KitchenPans.AsNoTracking().Where(p => p.DeletedAt == null).OrderBy(p => p.Id).ToListAsync(cancel);
        var pans = rows.Select(r => new OwnedPan(r.Id, Read(r), r.Owned)).ToList();
        var order = PanCupboard.All.Select((p, i) => (p.Id, i)).ToDictionary(p => p.Id, p => p.i);
        return cache.Pans = [.. pans.OrderBy(p => order.GetValueOrDefault(p.Pan.Id, int.MaxValue))];
    }

    /// <summary>Puts a pan on the rack; more of one that is there already.</summary>
    public async Task AddAsync(Pan pan, int owned, CancellationToken cancel = default)
    {
        var address = CompositionAddress.WritePan(pan);
        var there = await context.KitchenPans.FirstOrDefaultAsync(p => p.Address == address && p.DeletedAt == null, cancel);
        if (there is null)
            context.KitchenPans.Add(new KitchenPan { Address = address, Owned = Math.Clamp(owned, 1, MostOwned) });
        else
            there.Owned = Math.Min(MostOwned, there.Owned + owned);
        await SaveAsync(cancel);
    }

    /// <summary>Changes how many there are; none puts it away.</summary>
    /// <returns>False when it is not there.</returns>
    public async Task<bool> CountAsync(int id, int owned, CancellationToken cancel = default)
    {
        var pan = await context.KitchenPans.FirstOrDefaultAsync(p => p.Id == id, cancel);
        if (pan is null)
            return false;
        if (owned <= 0)
            pan.DeletedAt = clock.GetUtcNow();
        else
            (pan.Owned, pan.DeletedAt) = (Math.Min(owned, MostOwned), null);
        await SaveAsync(cancel);
        return true;
    }

    private async Task SaveAsync(CancellationToken cancel)
    {
        await context.SaveChangesAsync(cancel);
        cache.Pans = null;
    }

    private static Pan Read(KitchenPan row)
    {
        var pan = CompositionAddress.Read(row.Address).Composition.Pan;
        return pan.Id == PanCupboard.OwnId ? pan with { Key = FormattableString.Invariant($"kitchen-{row.Id}") } : pan;
    }
}
