namespace RoundCrumb.Data.Storage;

/// <summary>Several changes that are kept together or not at all.</summary>
public sealed class AllOrNothing(RoundCrumbContext context)
{
    /// <summary>Does them; where something is thrown, or it is cancelled, nothing of it is kept.</summary>
    public async Task<T> RunAsync<T>(Func<Task<T>> changes, CancellationToken cancel = default)
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        try
        {
            var result = await changes();
            await transaction.CommitAsync(cancel);
            return result;
        }
        finally
        {
            context.ChangeTracker.Clear();

            // A transaction that is thrown away tells nobody.
            await transaction.DisposeAsync();
            context.Over();
        }
    }
}
