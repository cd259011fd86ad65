using System.Buffers.Binary;
using System.Globalization;
using System.Security.Cryptography;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace RoundCrumb.Data.Storage;

/// <summary>The one SQLite file: opened, brought up to date, copied and tidied.</summary>
public static class RoundCrumbFile
{
    /// <summary>Sets a context up for a file: foreign keys on, and patience while another writer is busy.</summary>
    public static DbContextOptionsBuilder UseRoundCrumbFile(this DbContextOptionsBuilder options, string path) =>
        options.UseSqlite(ConnectionTo(path, mode: SqliteOpenMode.ReadWrite)).AddInterceptors(new FileWatch(path), new Committed());

    /// <summary>Looks at a file without writing anything.</summary>
    /// <exception cref="FileTroubleException">It cannot be kept in.</exception>
    public static FileState Inspect(string path)
    {
        using var known = Unpooled(path);
        return FileInspection.Of(path, [.. known.Database.GetMigrations()]);
    }

    /// <summary>
    /// Makes the file where there is none, and brings its tables up to date where they are older. Both are done to a copy
    /// that takes the file's place in one move, so that whoever is cut off finds the file as it was; what was there
    /// before is kept beside it.
    /// </summary>
    /// <param name="path">The file. It must be claimed (<see cref="FileClaim"/>) while this runs.</param>
    /// <param name="say">Is told what takes a while.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <exception cref="FileTroubleException">It cannot be kept in; nothing was written to it.</exception>
    public static async Task PrepareAsync(string path, Action<string>? say = null, CancellationToken cancel = default)
    {
        SweepUp(path);
        if (HasAnothersLog(path))
        {
            SetLogAside(path);
            say?.Invoke(
                "The file was put in this place by hand, and the log that lay beside it belongs to the one before. The log is set aside as "
                    + $"“{LogOf(path)}.left”; the file is as it came.");
        }

        await FileRestore.RunPendingAsync(path, say, cancel);
        var state = Inspect(path);
        try
        {
            if (Path.GetDirectoryName(Path.GetFullPath(path)) is { Length: > 0 } folder)
                Directory.CreateDirectory(folder);
            if (state is not FileState.Current)
                await UpdateAsync(path, state, say, cancel);
            await using var connection = new SqliteConnection(ConnectionTo(path, pooled: false));
            await connection.OpenAsync(cancel);
            await ExecuteAsync(connection, "PRAGMA journal_mode=WAL;", cancel);
            await MarkAsync(path, connection, cancel);
        }
        catch (UnauthorizedAccessException e)
        {
            throw new FileTroubleException(new(FileTroubleKind.NoAccess, path), e);
        }
        catch (Exception e) when (DiskRoom.IsMissing(e))
        {
            throw new FileTroubleException(new(FileTroubleKind.NoRoom, path), e);
        }
        catch (SqliteException e)
        {
            throw new FileTroubleException(
                new(
                    e.SqliteErrorCode is SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED
                        ? FileTroubleKind.Locked
                        : FileTroubleKind.NoAccess,
                    path),
                e);
        }
    }

    /// <summary>Writes what stands in the write-ahead log into the file itself, so that the file alone is the data.</summary>
    /// <returns>False where somebody was reading or writing; then some of it still stands in the log.</returns>
    public static async Task<bool> TidyAsync(string path, CancellationToken cancel = default)
    {
        await using var connection = new SqliteConnection(ConnectionTo(path, pooled: false));
        await connection.OpenAsync(cancel);
        await using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA wal_checkpoint(TRUNCATE);";
        await using var row = await command.ExecuteReaderAsync(cancel);
        return await row.ReadAsync(cancel) && row.GetInt32(0) == 0;
    }

    /// <summary>Where it is written down which file a log belongs to.</summary>
    private static string MarkOf(string path) => path + ".mark";

    /// <summary>
    /// Marks the file with a number of its own, in the file and beside it. A copy has none, so that a copy put in the file's place is told
    /// from the file that the log beside it belongs to.
    /// </summary>
    private static async Task MarkAsync(string path, SqliteConnection connection, CancellationToken cancel)
    {
        var mark = RandomNumberGenerator.GetInt32(1, int.MaxValue);

        // What is beside the file is only there while the same is in it: a log is never set aside for want of a mark.
        File.Delete(MarkOf(path));
        await ExecuteAsync(connection, string.Create(CultureInfo.InvariantCulture, $"PRAGMA user_version={mark};"), cancel);
        await TidyAsync(path, cancel);
        if (MarkIn(path) == mark)
            await File.WriteAllTextAsync(MarkOf(path), mark.ToString(CultureInfo.InvariantCulture), cancel);
    }

    /// <summary>The number in the file's own head, where no log is asked; none in what is too short.</summary>
    private static int? MarkIn(string path)
    {
        Span<byte> head = stackalloc byte[64];
        using var stream = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        return stream.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) < head.Length
            ? null
            : BinaryPrimitives.ReadInt32BigEndian(head[60..64]);
    }

    /// <summary>True where a log with something in it lies beside a file that is not the one it was written for.</summary>
    private static bool HasAnothersLog(string path)
    {
        if (!File.Exists(path) || !File.Exists(LogOf(path)) || new FileInfo(LogOf(path)).Length == 0 || !File.Exists(MarkOf(path)))
            return false;
        return int.TryParse(File.ReadAllText(MarkOf(path)), NumberStyles.None, CultureInfo.InvariantCulture, out var beside)
            && MarkIn(path) is { } inFile && beside != inFile;
    }

    /// <summary>Takes away what a process that was cut off left of its copies.</summary>
    private static void SweepUp(string path)
    {
        var folder = Path.GetDirectoryName(Path.GetFullPath(path))!;
        if (!Directory.Exists(folder))
            return;
        foreach (var left in Directory.EnumerateFiles(folder, Path.GetFileName(path) + ".*")
            .Where(f => f.Contains(".backup-", StringComparison.Ordinal) || f.EndsWith(Half, StringComparison.Ordinal)))
            File.Delete(left);
    }

    /// <summary>What ends so is not whole, or is of no use any more: it is swept up at the next start.</summary>
    private const string Half = ".half";

    /// <summary>A name beside a file for what is needed a short while; what is left of it is swept up at the next start.</summary>
    internal static string BesideForAWhile(string path) => $"{path}.{Guid.NewGuid():N}{Half}";

    /// <summary>The name of the write-ahead log of a file.</summary>
    public static string LogOf(string path) => path + "-wal";

    /// <summary>Copies a file while it is in use: one moment of it, whole, and checked.</summary>
    /// <param name="path">The file.</param>
    /// <param name="copy">Where to; what is there is replaced once the copy is found good.</param>
    /// <param name="cancel">Cancels it between two steps.</param>
    /// <exception cref="FileTroubleException">The file is not there or damaged, or there is no room for the copy.</exception>
    public static async Task BackUpAsync(string path, string copy, CancellationToken cancel = default)
    {
        if (!File.Exists(path))
            throw new FileTroubleException(new(FileTroubleKind.NoAccess, path));
        if (Directory.Exists(copy))
            throw new FileTroubleException(new(FileTroubleKind.Folder, copy));
        var half = copy + Half;
        try
        {
            if (Path.GetDirectoryName(Path.GetFullPath(copy)) is { Length: > 0 } folder)
                Directory.CreateDirectory(folder);
            File.Delete(half);
            await using (var from = new SqliteConnection(ConnectionTo(path, pooled: false, SqliteOpenMode.ReadOnly)))
            await using (var to = new SqliteConnection(ConnectionTo(half, pooled: false)))
            {
                await from.OpenAsync(cancel);
                await to.OpenAsync(cancel);
                from.BackupDatabase(to);

                // A file that travels has no log beside it.
                await ExecuteAsync(to, "PRAGMA journal_mode=DELETE;", cancel);
                await ExecuteAsync(to, "PRAGMA user_version=0;", cancel);
                await using var check = to.CreateCommand();
                check.CommandText = "PRAGMA integrity_check(1);";
                if (await check.ExecuteScalarAsync(cancel) is not "ok")
                    throw new FileTroubleException(new(FileTroubleKind.Damaged, path));
            }

            File.Move(half, copy, overwrite: true);
        }
        catch (Exception e) when (DiskRoom.IsMissing(e))
        {
            throw new FileTroubleException(new(FileTroubleKind.NoRoom, copy), e);
        }
        catch (Exception e) when (
            e is UnauthorizedAccessException or DirectoryNotFoundException
                or SqliteException { SqliteErrorCode: SQLitePCL.raw.SQLITE_CANTOPEN or SQLitePCL.raw.SQLITE_READONLY })
        {
            throw new FileTroubleException(new(FileTroubleKind.NoAccess, copy), e);
        }
        catch (SqliteException e)
        {
            throw new FileTroubleException(
                new(e.SqliteErrorCode is SQLitePCL.raw.SQLITE_NOTADB ? FileTroubleKind.NotADatabase : FileTroubleKind.Damaged, path), e);
        }
        finally
        {
            File.Delete(half);
        }
    }

    private static async Task UpdateAsync(string path, FileState state, Action<string>? say, CancellationToken cancel)
    {
        var next = path + ".next";
        foreach (var left in (string[])[next, next + "-journal", LogOf(next), next + "-shm"])
            File.Delete(left);
        try
        {
            if (state is FileState.Older)
            {
                var before = await BackUpBeforeAsync(path, cancel);
                say?.Invoke($"The file is of an earlier version and is brought up to date now. As it was, it is kept as “{before}”.");
                File.Copy(before, next);
            }

            await using (var context = Unpooled(next))
            {
                // Whoever held this lock when the copy was made is gone: the file is claimed by this process alone.
                await context.Database.OpenConnectionAsync(cancel);
                await ExecuteAsync(
                    (SqliteConnection)context.Database.GetDbConnection(), "DROP TABLE IF EXISTS __EFMigrationsLock;", cancel);
                await context.Database.MigrateAsync(cancel);
                if (state is FileState.Older)
                    await FileUpkeep.RunAsync(context, cancel);
            }

            await using (var made = new SqliteConnection(ConnectionTo(next, pooled: false)))
            {
                await made.OpenAsync(cancel);
                await ExecuteAsync(made, "PRAGMA journal_mode=DELETE;", cancel);
            }

            // A log that stayed behind would be read into the new file: the old one must have none any more.
            if (state is FileState.Older)
                await CloseLogAsync(path, cancel);
            else
                SetLogAside(path);
            File.Move(next, path, overwrite: true);
        }
        finally
        {
            File.Delete(next);
        }
    }

    /// <summary>The file as it was, under a name that says when.</summary>
    private static async Task<string> BackUpBeforeAsync(string path, CancellationToken cancel)
    {
        var stem = Path.Combine(Path.GetDirectoryName(Path.GetFullPath(path))!, Path.GetFileNameWithoutExtension(path));
        string last;
        await using (var context = Unpooled(path))
            last = (await context.Database.GetAppliedMigrationsAsync(cancel)).Last();
        var copy = $"{stem}.before-update-from-{last[(last.IndexOf('_', StringComparison.Ordinal) + 1)..]}.db";
        await BackUpAsync(path, copy, cancel);
        return copy;
    }

    internal static async Task CloseLogAsync(string path, CancellationToken cancel)
    {
        await using (var old = new SqliteConnection(ConnectionTo(path, pooled: false)))
        {
            await old.OpenAsync(cancel);
            await ExecuteAsync(old, "PRAGMA journal_mode=DELETE;", cancel);
        }

        if (File.Exists(LogOf(path)))
            throw new FileTroubleException(new(FileTroubleKind.Locked, path));
    }

    /// <summary>A log without its file, or of an empty one, belongs to nothing any more; it is not thrown away all the same.</summary>
    internal static void SetLogAside(string path)
    {
        if (File.Exists(LogOf(path)))
            File.Move(LogOf(path), LogOf(path) + ".left", overwrite: true);
        File.Delete(path + "-shm");
    }

    private static async Task ExecuteAsync(SqliteConnection connection, string words, CancellationToken cancel)
    {
        await using var command = connection.CreateCommand();
#pragma warning disable CA2100 // The words are those of this file.
        command.CommandText = words;
#pragma warning restore CA2100
        await command.ExecuteNonQueryAsync(cancel);
    }

    internal static string ConnectionTo(
        string path, bool pooled = true, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate, bool foreignKeys = true) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = foreignKeys,
            DefaultTimeout = 10,
            Pooling = pooled,
            Mode = mode,
        }.ToString();

    /// <summary>A context that leaves nothing open behind it.</summary>
    private static RoundCrumbContext Unpooled(string path) =>
        new(
            (DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>()
                .UseSqlite(ConnectionTo(path, pooled: false)).Options);
}

/// <summary>For the tool that writes migrations.</summary>
internal sealed class DesignTimeContext : IDesignTimeDbContextFactory<RoundCrumbContext>
{
    public RoundCrumbContext CreateDbContext(string[] args) =>
        new((DbContextOptions<RoundCrumbContext>)new DbContextOptionsBuilder<RoundCrumbContext>().UseRoundCrumbFile("design.db").Options);
}
