using System.Collections.Concurrent;
using Microsoft.EntityFrameworkCore;

namespace RoundCrumb.Data.Storage;

/// <summary>Several changes that are kept together or not at all.</summary>
public sealed class AllOrNothing(RoundCrumbContext context)
{
    private static readonly ConcurrentDictionary<string, int> AtWork = new(StringComparer.Ordinal);

    /// <summary>
    /// True while this application itself writes several changes at once into a file: what is locked then is locked by nobody else.
    /// </summary>
    public static bool IsAtWorkOn(string path) => AtWork.GetValueOrDefault(path) > 0;

    /// <summary>Does them; where something is thrown, or it is cancelled, nothing of it is kept.</summary>
    public async Task<T> RunAsync<T>(Func<Task<T>> changes, CancellationToken cancel = default)
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        var path = context.Database.GetDbConnection().DataSource;
        AtWork.AddOrUpdate(path, 1, static (_, n) => n + 1);
        try
        {
            var result = await changes();
            await transaction.CommitAsync(cancel);
            return result;
        }
        finally
        {
            AtWork.AddOrUpdate(path, 0, static (_, n) => n - 1);
            context.ChangeTracker.Clear();

            // A transaction that is thrown away tells nobody.
            await transaction.DisposeAsync();
            context.Over();
        }
    }
}
