using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace RoundCrumb.Data.Storage;

/// <summary>What two do at the same moment.</summary>
internal static class Attempts
{
    /// <summary>Whoever comes second tries again on what is there then; after so many the two are told apart by words instead.</summary>
    private const int Most = 8;

    /// <summary>Reads, changes and saves; once more from the start where somebody else saved in between.</summary>
    /// <param name="context">What it is done in; what it holds is forgotten before each attempt.</param>
    /// <param name="attempt">All of it.</param>
    /// <exception cref="DbUpdateConcurrencyException">Somebody else saved in between every time.</exception>
    public static async Task<T> AgainAsync<T>(this RoundCrumbContext context, Func<Task<T>> attempt)
    {
        for (var n = 1; ; n++)
        {
            context.ChangeTracker.Clear();
            try
            {
                return await attempt();
            }
            catch (DbUpdateConcurrencyException) when (n < Most)
            {
            }
            catch (DbUpdateException e) when (IsTaken(e) && n < Most)
            {
            }
            catch (DbUpdateException e) when (IsTaken(e))
            {
                throw new DbUpdateConcurrencyException("A name was taken between the look and the write, every time.", e);
            }
        }
    }

    /// <summary>True where a name, or a number, was taken between the look and the write.</summary>
    public static bool IsTaken(DbUpdateException e) =>
        e.InnerException is SqliteException { SqliteErrorCode: SQLitePCL.raw.SQLITE_CONSTRAINT };
}
