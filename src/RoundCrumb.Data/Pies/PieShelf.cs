using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Pies;

/// <summary>What became of an attempt to keep a pie.</summary>
/// <param name="Outcome">How it went.</param>
/// <param name="Pie">The pie as it is now; none when it is gone.</param>
public sealed record Kept(KeepOutcome Outcome, SavedPie? Pie);

/// <summary>The saved pies.</summary>
public sealed class PieShelf(RoundCrumbContext context, TimeProvider clock)
{
    /// <summary>All that are not deleted, newest change first.</summary>
    public Task<List<SavedPie>> AllAsync(CancellationToken cancel = default) =>
        context.Pies.AsNoTracking().Where(p => p.DeletedAt == null).OrderByDescending(p => p.SavedAt).ThenBy(p => p.Name)
            .ToListAsync(cancel);

    /// <summary>Those changed last, newest first: a page of a list that can be long.</summary>
    /// <param name="skip">How many are passed over.</param>
    /// <param name="take">How many at most.</param>
    /// <param name="tag">A tag that they have; any where it is empty.</param>
    /// <param name="byName">True for all of them in the order of their names.</param>
    /// <param name="cancel">Cancels it.</param>
    public Task<List<SavedPie>> ListAsync(int skip, int take, string tag = "", bool byName = false, CancellationToken cancel = default)
    {
        var pies = context.Pies.AsNoTracking().Where(p => p.DeletedAt == null);
        if (tag.Length > 0)
            pies = pies.Where(p => (" " + p.Tags + " ").Contains(" " + tag + " "));
        pies = byName ? pies.OrderBy(p => p.Name) : pies.OrderByDescending(p => p.SavedAt).ThenBy(p => p.Name);
        return pies.Skip(skip).Take(take).ToListAsync(cancel);
    }

    /// <summary>How many there are.</summary>
    public Task<int> CountAsync(CancellationToken cancel = default) => context.Pies.CountAsync(p => p.DeletedAt == null, cancel);

    /// <summary>Those with some numbers; deleted ones are not found.</summary>
    public async Task<IReadOnlyDictionary<int, SavedPie>> FindAsync(IReadOnlyCollection<int> ids, CancellationToken cancel = default) =>
        ids.Count == 0
            ? new Dictionary<int, SavedPie>()
            : await context.Pies.AsNoTracking().Where(p => p.DeletedAt == null && ids.Contains(p.Id)).ToDictionaryAsync(p => p.Id, cancel);

    /// <summary>The pie with just this composition that was changed last, or none.</summary>
    public Task<SavedPie?> OfAddressAsync(string address, CancellationToken cancel = default) =>
        context.Pies.AsNoTracking().Where(p => p.DeletedAt == null && p.Address == address).OrderByDescending(p => p.SavedAt)
            .FirstOrDefaultAsync(cancel);

    /// <summary>One pie, or none; deleted ones are not found.</summary>
    public Task<SavedPie?> FindAsync(int id, CancellationToken cancel = default) =>
        context.Pies.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);

    /// <summary>Keeps a new pie.</summary>
    public Task<Kept> AddAsync(string name, string address, CancellationToken cancel = default) => AddAsync(name, address, "", cancel);

    /// <summary>Keeps a new pie with tags.</summary>
    public Task<Kept> AddAsync(string name, string address, string tags, CancellationToken cancel = default)
    {
        var pie = new SavedPie { Name = name, Address = address, Tags = tags, SavedAt = clock.GetUtcNow() };
        context.Pies.Add(pie);
        return SaveAsync(pie, cancel);
    }

    /// <summary>Changes a pie's name or make-up, if nobody has changed it since <paramref name="version"/>.</summary>
    public Task<Kept> ChangeAsync(int id, int version, string name, string? address, CancellationToken cancel = default) =>
        ChangeAsync(id, version, name, address, null, cancel);

    /// <summary>The same with its tags; what is none stays as it was.</summary>
    public Task<Kept> ChangeAsync(
        int id, int version, string name, string? address, string? tags, CancellationToken cancel = default) => WithAsync(id, version,
        pie =>
    {
        pie.Name = name;
        pie.Address = address ?? pie.Address;
        pie.Tags = tags ?? pie.Tags;
    }, cancel);

    /// <summary>A copy under the next free name: "Malt pie 2".</summary>
    public Task<SavedPie?> DuplicateAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
        await FindAsync(id, cancel) is { } pie
            ? (await TakeInAsync([(pie.Name, pie.Address, pie.Tags)], always: true, cancel))[0].Pie
            : null);

    /// <summary>
    /// Keeps pies under their names or the next free ones; those that are here already, just as they are, are not kept again.
    /// </summary>
    /// <param name="pies">Names, addresses and tags.</param>
    /// <param name="always">True to keep a copy of what is here already.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>Each as it is kept, in the same order, and whether it was here already.</returns>
    public async Task<IReadOnlyList<(SavedPie Pie, bool WasHere)>> TakeInAsync(
        IReadOnlyList<(string Name, string Address, string Tags)> pies, bool always = false, CancellationToken cancel = default)
    {
        var here = await context.Pies.AsNoTracking().Where(p => p.DeletedAt == null).ToListAsync(cancel);
        var names = new NamesTaken(here.Select(p => p.Name));
        var same = here.ToLookup(p => p.Address, StringComparer.Ordinal);
        var taken = new List<(SavedPie, bool)>(pies.Count);
        foreach (var (name, address, tags) in pies)
        {
            if (!always && same[address].FirstOrDefault(p => NamesTaken.AreAlike(p.Name, name)) is { } known)
            {
                taken.Add((known, true));
                continue;
            }

            var pie = new SavedPie
            {
                Name = names.Free(name, SavedPie.LongestName),
                Address = address,
                Tags = tags,
                SavedAt = clock.GetUtcNow(),
            };
            context.Pies.Add(pie);
            taken.Add((pie, false));
        }

        await context.SaveChangesAsync(cancel);
        return taken;
    }

    /// <summary>Takes a pie off the shelf; <see cref="RestoreAsync"/> brings it back.</summary>
    public Task<SavedPie?> DeleteAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var pie = await context.Pies.FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);
        if (pie is null)
            return null;
        pie.DeletedAt = clock.GetUtcNow();
        pie.Version++;
        await context.SaveChangesAsync(cancel);
        return pie;
    });

    /// <summary>Brings a deleted pie back; under another name when its own has been taken meanwhile.</summary>
    public Task<SavedPie?> RestoreAsync(int id, CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var pie = await context.Pies.FirstOrDefaultAsync(p => p.Id == id, cancel);
        if (pie is null || pie.DeletedAt is null)
            return pie;
        pie.DeletedAt = null;
        pie.Version++;
        var key = Names.KeyOf(pie.Name);
        for (var n = 2; await context.Pies.AnyAsync(p => p.Id != id && p.DeletedAt == null && p.NameKey == key, cancel); n++)
        {
            pie.Name = pie.Name[..Math.Min(pie.Name.Length, SavedPie.LongestName - 12)] + $" (back {n})";
            key = Names.KeyOf(pie.Name);
        }

        await context.SaveChangesAsync(cancel);
        return pie;
    });

    private async Task<Kept> WithAsync(int id, int version, Action<SavedPie> change, CancellationToken cancel)
    {
        var pie = await context.Pies.FirstOrDefaultAsync(p => p.Id == id && p.DeletedAt == null, cancel);
        if (pie is null)
            return new(KeepOutcome.Gone, null);
        if (pie.Version != version)
            return new(KeepOutcome.ChangedElsewhere, pie);
        change(pie);
        pie.Version++;
        pie.SavedAt = clock.GetUtcNow();
        return await SaveAsync(pie, cancel);
    }

    private async Task<Kept> SaveAsync(SavedPie pie, CancellationToken cancel)
    {
        var key = Names.KeyOf(pie.Name);
        if (await context.Pies.AsNoTracking().FirstOrDefaultAsync(
                p => p.Id != pie.Id && p.DeletedAt == null && p.NameKey == key, cancel) is { } other)
        {
            context.ChangeTracker.Clear();
            return new(KeepOutcome.NameTaken, other);
        }

        try
        {
            await context.SaveChangesAsync(cancel);
            return new(KeepOutcome.Kept, pie);
        }
        catch (DbUpdateConcurrencyException)
        {
            context.ChangeTracker.Clear();
            return new(KeepOutcome.ChangedElsewhere, await FindAsync(pie.Id, cancel));
        }
        catch (DbUpdateException e) when (Attempts.IsTaken(e))
        {
            // Somebody else took the name between the look and the write.
            context.ChangeTracker.Clear();
            return new(KeepOutcome.NameTaken, pie);
        }
    }
}
