using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data;

/// <summary>
/// Fills in what a file of an earlier version did not have and tables alone cannot work out. Done again it changes nothing.
/// </summary>
internal static class FileUpkeep
{
    /// <summary>Fills in the keys of names, the uses of parts, and writes kinds by their names.</summary>
    public static async Task RunAsync(RoundCrumbContext context, CancellationToken cancel)
    {
        await NameAsync(context.Pies, p => p.DeletedAt is null, p => p.Id, p => "", cancel);
        await NameAsync(context.Parts, p => p.DeletedAt is null, p => p.Id, p => p.Kind.ToString(), cancel);
        await NameAsync(context.OwnIngredients, _ => true, o => o.Id, _ => "", cancel);
        if (!await context.PartUses.AnyAsync(cancel))
        {
            await UseAsync(context.Pies, cancel);
            await UseAsync(context.Bakes, cancel);
            await UseAsync(context.DayOrders, cancel);
        }

        foreach (var version in await context.PartVersions.ToListAsync(cancel))
            version.Lines = RecipeBox.Pack(RecipeBox.Unpack(version.Lines));
        foreach (var own in await context.OwnIngredients.ToListAsync(cancel))
            own.Values = Larder.ValuesOf(own) is { } values ? Larder.Write(values) : own.Values;
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Two names that were told apart until now are so still: the later one has its number in its key.</summary>
    private static async Task NameAsync<T>(
        IQueryable<T> all, Func<T, bool> lives, Func<T, int> id, Func<T, string> kind, CancellationToken cancel)
        where T : class, INamed
    {
        var taken = new HashSet<(string, string)>();
        foreach (var one in (await all.ToListAsync(cancel)).OrderBy(id))
        {
            var key = one.NameKey.Length > 0 ? one.NameKey : Names.KeyOf(one.Name);
            one.NameKey = !lives(one) || taken.Add((kind(one), key)) ? key : FormattableString.Invariant($"{key} #{id(one)}");
        }
    }

    private static async Task UseAsync<T>(IQueryable<T> all, CancellationToken cancel)
        where T : class, IComposed
    {
        foreach (var one in await all.ToListAsync(cancel))
            one.Uses.AddRange(PartUse.In(one.Address).Select(u => new PartUse { PartId = u.Part, Version = u.Version }));
    }
}
