using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace RoundCrumb.Data.Storage;

/// <summary>
/// Empties what is remembered when a transaction is over, kept or not: what others read meanwhile is of before, and what it read itself may
/// be of what was not kept.
/// </summary>
internal sealed class Committed : DbTransactionInterceptor
{
    /// <inheritdoc/>
    public override void TransactionCommitted(DbTransaction transaction, TransactionEndEventData eventData) => Over(eventData);

    /// <inheritdoc/>
    public override Task TransactionCommittedAsync(
        DbTransaction transaction, TransactionEndEventData eventData, CancellationToken cancellationToken = default) =>
        OverAsync(eventData);

    /// <inheritdoc/>
    public override void TransactionRolledBack(DbTransaction transaction, TransactionEndEventData eventData) => Over(eventData);

    /// <inheritdoc/>
    public override Task TransactionRolledBackAsync(
        DbTransaction transaction, TransactionEndEventData eventData, CancellationToken cancellationToken = default) =>
        OverAsync(eventData);

    private static Task OverAsync(TransactionEndEventData over)
    {
        Over(over);
        return Task.CompletedTask;
    }

    private static void Over(TransactionEndEventData over) => (over.Context as RoundCrumbContext)?.Over();
}
