using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Pans;

/// <summary>A pan in this kitchen: one that Round Crumb knows, or one by its own measures.</summary>
public sealed class KitchenPan
{
    public int Id { get; set; }

    /// <summary>The pan as the fields of a composition's address: <c>pan=plate-23</c>, or <c>pan=own</c> with its measures.</summary>
    public required string Address { get; set; }

    /// <summary>How many there are.</summary>
    public int Owned { get; set; }

    /// <summary>Counts up at every change, so that a form filled in before somebody else's change is noticed.</summary>
    public int Version { get; set; } = 1;

    /// <summary>When it was put away; it can be brought back.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>A pan with how many there are of it.</summary>
/// <param name="Id">Its number in this kitchen.</param>
/// <param name="Pan">The pan.</param>
/// <param name="Owned">How many there are.</param>
/// <param name="Version">Counts up at every change.</param>
public sealed record OwnedPan(int Id, Pan Pan, int Owned, int Version = 1);

/// <summary>The pans of this kitchen.</summary>
public sealed class PanRack(RoundCrumbContext context, Remembered<IReadOnlyList<OwnedPan>> cache, TimeProvider clock)
{
    /// <summary>The most of one pan that a kitchen counts.</summary>
    public const int MostOwned = 500;

    /// <summary>All of them, in the order of the cupboard, the baker's own last.</summary>
    public Task<IReadOnlyList<OwnedPan>> AllAsync(CancellationToken cancel = default) => cache.ReadAsync(
        async Task<IReadOnlyList<OwnedPan>> () =>
    {
        var rows = await context.KitchenPans.AsNoTracking().Where(p => p.DeletedAt == null).OrderBy(p => p.Id).ToListAsync(cancel);
        var pans = rows.Select(r => new OwnedPan(r.Id, Read(r), r.Owned, r.Version)).ToList();
        var order = PanCupboard.All.Select((p, i) => (p.Id, i)).ToDictionary(p => p.Id, p => p.i);
        return [.. pans.OrderBy(p => order.GetValueOrDefault(p.Pan.Id, int.MaxValue))];
    });

    /// <summary>Puts a pan on the rack; more of one that is there already.</summary>
    public Task AddAsync(Pan pan, int owned, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var address = CompositionAddress.WritePan(pan);
        var there = await context.KitchenPans.FirstOrDefaultAsync(p => p.Address == address && p.DeletedAt == null, cancel);
        if (there is null)
            context.KitchenPans.Add(new KitchenPan { Address = address, Owned = Math.Clamp(owned, 1, MostOwned) });
        else
            (there.Owned, there.Version) = (Math.Min(MostOwned, there.Owned + owned), there.Version + 1);
        await SaveAsync(cancel);
        return true;
    });

    /// <summary>Changes how many there are, if nobody has since <paramref name="version"/>; none puts it away.</summary>
    public Task<KeepOutcome> CountAsync(int id, int version, int owned, CancellationToken cancel = default) => context.AgainAsync(
        async () =>
    {
        var pan = await context.KitchenPans.FirstOrDefaultAsync(p => p.Id == id, cancel);
        if (pan is null)
            return KeepOutcome.Gone;
        if (pan.Version != version)
            return KeepOutcome.ChangedElsewhere;
        if (owned <= 0)
            pan.DeletedAt = clock.GetUtcNow();
        else
            (pan.Owned, pan.DeletedAt) = (Math.Min(owned, MostOwned), null);
        pan.Version++;
        await SaveAsync(cancel);
        return KeepOutcome.Kept;
    });

    /// <summary>Brings back a pan that was put away.</summary>
    public Task<bool> BringBackAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        if (await context.KitchenPans.FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } pan)
            return false;
        (pan.DeletedAt, pan.Version) = (null, pan.Version + 1);
        await SaveAsync(cancel);
        return true;
    });

    private async Task SaveAsync(CancellationToken cancel)
    {
        await context.SaveChangesAsync(cancel);
        cache.Forget(context);
    }

    private static Pan Read(KitchenPan row)
    {
        var pan = CompositionAddress.Read(row.Address).Composition.Pan;
        return pan.Id == PanCupboard.OwnId ? pan with { Key = FormattableString.Invariant($"kitchen-{row.Id}") } : pan;
    }
}
