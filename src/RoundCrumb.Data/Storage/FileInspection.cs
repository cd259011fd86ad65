using System.Globalization;
using Microsoft.Data.Sqlite;

namespace RoundCrumb.Data.Storage;

/// <summary>What a file is found to be before anything is written to it.</summary>
public enum FileState
{
    /// <summary>Not there, or empty.</summary>
    New,

    /// <summary>Ours, with tables of an earlier version.</summary>
    Older,

    /// <summary>Ours, as this version writes it.</summary>
    Current,
}

/// <summary>Looks at a file without writing to it, to it or beside it.</summary>
public static class FileInspection
{
    private static readonly byte[] Magic = "SQLite format 3\0"u8.ToArray();

    /// <summary>Looks at a file.</summary>
    /// <param name="path">The file.</param>
    /// <param name="migrations">The migrations that this version knows, the first one first.</param>
    /// <exception cref="FileTroubleException">It cannot be kept in.</exception>
    public static FileState Of(string path, IReadOnlyList<string> migrations)
    {
        if (Directory.Exists(path))
            throw Trouble(FileTroubleKind.Folder);
        var file = new FileInfo(path);
        if (!file.Exists || file.Length == 0)
            return FileState.New;
        if (file.IsReadOnly)
            throw Trouble(FileTroubleKind.ReadOnly);
        try
        {
            Span<byte> head = stackalloc byte[Magic.Length];
            using (var stream = file.OpenRead())
            {
                if (stream.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) < head.Length || !head.SequenceEqual(Magic))
                    throw Trouble(FileTroubleKind.NotADatabase);
            }

            return OfDatabase(path, migrations);
        }
        catch (UnauthorizedAccessException e)
        {
            throw Trouble(FileTroubleKind.NoAccess, e);
        }
        catch (SqliteException e)
        {
            throw Trouble(e.SqliteErrorCode switch
            {
                SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED => FileTroubleKind.Locked,
                SQLitePCL.raw.SQLITE_CANTOPEN or SQLitePCL.raw.SQLITE_PERM => FileTroubleKind.NoAccess,
                SQLitePCL.raw.SQLITE_FULL => FileTroubleKind.NoRoom,
                _ => FileTroubleKind.Damaged,
            }, e);
        }

        FileTroubleException Trouble(FileTroubleKind kind, Exception? inner = null) => new(new(kind, path), inner);
    }

    private static FileState OfDatabase(string path, IReadOnlyList<string> migrations)
    {
        using var connection = new SqliteConnection(Reading(path));
        connection.Open();
        var tables = List(connection, "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\'");
        var applied = tables.Contains("__EFMigrationsHistory")
            ? List(connection, "SELECT MigrationId FROM __EFMigrationsHistory ORDER BY MigrationId")
            : [];

        // A start that was cut off before its first table leaves a file with nothing but the lists of migrations.
        if (applied.Count == 0 && tables.TrueForAll(t => t.StartsWith("__EFMigrations", StringComparison.Ordinal)))
            return FileState.New;
        if (applied.Count == 0 || applied[0] != migrations[0])
            throw new FileTroubleException(new(FileTroubleKind.Foreign, path));
        if (applied.Exists(a => !migrations.Contains(a)))
            throw new FileTroubleException(new(FileTroubleKind.Newer, path));
        if (List(connection, "PRAGMA quick_check(1)") is not ["ok"])
            throw new FileTroubleException(new(FileTroubleKind.Damaged, path));
        return applied.Count < migrations.Count ? FileState.Older : FileState.Current;
    }

    /// <summary>
    /// How a file is opened for reading alone. One that nobody has open is opened as if it could not change, so that nothing is made beside
    /// it.
    /// </summary>
    private static string Reading(string path)
    {
        var source = File.Exists(path + "-wal")
            ? path
            : "file:" + string.Join('/', Path.GetFullPath(path).Split('/').Select(Uri.EscapeDataString)) + "?immutable=1";
        return new SqliteConnectionStringBuilder
        {
            DataSource = source,
            Mode = SqliteOpenMode.ReadOnly,
            Pooling = false,
            DefaultTimeout = 5,
        }.ToString();
    }

    private static List<string> List(SqliteConnection connection, string query)
    {
        using var command = connection.CreateCommand();
#pragma warning disable CA2100 // Every query is one of those above.
        command.CommandText = query;
#pragma warning restore CA2100
        using var rows = command.ExecuteReader();
        var found = new List<string>();
        while (rows.Read())
            found.Add(Convert.ToString(rows.GetValue(0), CultureInfo.InvariantCulture) ?? "");
        return found;
    }
}
