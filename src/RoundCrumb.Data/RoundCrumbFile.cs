using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace RoundCrumb.Data;

/// <summary>Opens the SQLite file: foreign keys on, write-ahead log, and patience while another writer is busy.</summary>
public static class RoundCrumbFile
{
    /// <summary>Sets a context up for a file.</summary>
    public static DbContextOptionsBuilder UseRoundCrumbFile(this DbContextOptionsBuilder options, string path) =>
        options.UseSqlite(new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = 10 }.ToString())
            .AddInterceptors(new BusyTimeout());

    /// <summary>Creates the file's folder and the file, and brings its tables up to date.</summary>
    public static async Task PrepareAsync(RoundCrumbContext context, string path, CancellationToken cancel = default)
    {
        if (Path.GetDirectoryName(Path.GetFullPath(path)) is { Length: > 0 } folder)
            Directory.CreateDirectory(folder);
        await context.Database.MigrateAsync(cancel);
        await context.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL;", cancel);
    }

    private sealed class BusyTimeout : DbConnectionInterceptor
    {
        private const string Pragma = "PRAGMA busy_timeout=5000;";

        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
        {
            using var command = connection.CreateCommand();
            command.CommandText = Pragma;
            command.ExecuteNonQuery();
        }

        public override async Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            var command = connection.CreateCommand();
            await using (command.ConfigureAwait(false))
            {
                command.CommandText = Pragma;
                await command.ExecuteNonQueryAsync(cancellationToken).ConfigureAwait(false);
            }
        }
    }
}

/// <summary>For the tool that writes migrations.</summary>
internal sealed class DesignTimeContext : IDesignTimeDbContextFactory<RoundCrumbContext>
{
    public RoundCrumbContext CreateDbContext(string[] args) =>
        new((DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>().UseRoundCrumbFile("design.db").Options);
}
