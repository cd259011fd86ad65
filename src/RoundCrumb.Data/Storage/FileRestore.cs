using System.Globalization;
using Microsoft.Data.Sqlite;

namespace RoundCrumb.Data.Storage;

/// <summary>What a copy of the data holds.</summary>
/// <param name="Path">Where it lies.</param>
/// <param name="Taken">When it was last written to.</param>
/// <param name="Pies">Pies in it.</param>
/// <param name="Parts">The baker's own parts in it.</param>
/// <param name="Bakes">Batch sheets and bakes in it.</param>
/// <param name="Days">Bake days in it.</param>
/// <param name="IsOlder">True where it was made by an earlier version; it is brought up to date when it is gone back to.</param>
public sealed record CopyFacts(string Path, DateTimeOffset Taken, int Pies, int Parts, int Bakes, int Days, bool IsOlder)
{
    /// <summary>What it holds, in a line.</summary>
    public string Says => string.Create(
        CultureInfo.InvariantCulture,
        $"{Of(Pies, "pie")}, {Of(Parts, "own part")}, {Of(Bakes, "bake")}, {Of(Days, "bake day")}")
            + (IsOlder ? "; of an earlier version" : "");

    private static string Of(int n, string what) => $"{n} {what}{(n == 1 ? "" : "s")}";
}

/// <summary>What was gone back to.</summary>
/// <param name="To">What is there now.</param>
/// <param name="Before">Where what was there before is kept; none where nothing was there.</param>
public sealed record GoneBack(CopyFacts To, string? Before);

/// <summary>
/// Going back to a copy. The copy is checked first and never changed; what is there is kept beside the file; a log beside it is written
/// into
/// what it belongs to, so that it is never read into the copy. Whoever is cut off finds the one or the other, whole.
/// </summary>
public static class FileRestore
{
    /// <summary>What a copy holds; it is opened for reading alone and checked.</summary>
    /// <param name="copy">The copy.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <exception cref="FileTroubleException">It is no copy of Round Crumb's data, or is damaged.</exception>
    public static async Task<CopyFacts> LookAsync(string copy, CancellationToken cancel = default)
    {
        if (!File.Exists(copy))
            throw new FileTroubleException(new(FileTroubleKind.NoAccess, copy));
        var state = RoundCrumbFile.Inspect(copy);
        if (state is FileState.New)
            throw new FileTroubleException(new(FileTroubleKind.NotADatabase, copy));
        await using var connection = new SqliteConnection(RoundCrumbFile.ConnectionTo(copy, pooled: false, SqliteOpenMode.ReadOnly));
        await connection.OpenAsync(cancel);
        return new(
            copy, File.GetLastWriteTimeUtc(copy), await CountAsync(connection, "Pies", cancel), await CountAsync(connection, "Parts",
                cancel),
            await CountAsync(connection, "Bakes", cancel), await CountAsync(connection, "BakeDays", cancel), state is FileState.Older);
    }

    /// <summary>Goes back to a copy. The file must be claimed: nobody runs with it.</summary>
    /// <param name="path">The file.</param>
    /// <param name="copy">The copy.</param>
    /// <param name="now">What time it is, for the name of what is kept.</param>
    /// <param name="cancel">Cancels it until the copy takes the file's place.</param>
    /// <exception cref="FileTroubleException">The copy cannot be used, or there is no room; the file is as it was.</exception>
    public static async Task<GoneBack> RunAsync(string path, string copy, DateTimeOffset now, CancellationToken cancel = default)
    {
        var facts = await LookAsync(copy, cancel);
        var next = path + ".next";
        try
        {
            await RoundCrumbFile.BackUpAsync(copy, next, cancel);
            var before = await KeepAsync(path, now, cancel);
            File.Move(next, path, overwrite: true);
            return new(facts, before);
        }
        finally
        {
            File.Delete(next);
        }
    }

    /// <summary>Keeps what is there beside it, and leaves no log behind that could be read into what comes in its place.</summary>
    private static async Task<string?> KeepAsync(string path, DateTimeOffset now, CancellationToken cancel)
    {
        var log = RoundCrumbFile.LogOf(path);
        if (!File.Exists(path) || new FileInfo(path).Length == 0)
        {
            RoundCrumbFile.SetLogAside(path);
            return null;
        }

        var stem = Path.Combine(Path.GetDirectoryName(Path.GetFullPath(path))!, Path.GetFileNameWithoutExtension(path));
        var kept = string.Create(CultureInfo.InvariantCulture, $"{stem}.before-going-back-{now:yyyyMMdd-HHmmss}.db");
        try
        {
            await RoundCrumbFile.BackUpAsync(path, kept, cancel);
            await RoundCrumbFile.CloseLogAsync(path, cancel);
        }
        catch (Exception e) when (
            e is SqliteException or FileTroubleException { Trouble.Kind: FileTroubleKind.Damaged or FileTroubleKind.NotADatabase })
        {
            // What cannot be read is kept as it lies, with its log.
            File.Copy(path, kept, overwrite: true);
            if (File.Exists(log))
                File.Copy(log, RoundCrumbFile.LogOf(kept), overwrite: true);
            RoundCrumbFile.SetLogAside(path);
        }

        return kept;
    }

    /// <summary>Where it is written down that a copy is to be gone back to at the next start.</summary>
    private static string PendingOf(string path) => path + ".going-back";

    /// <summary>The copy that is gone back to at the next start; none where nothing is.</summary>
    /// <param name="path">The file.</param>
    public static string? Pending(string path) => File.Exists(PendingOf(path)) ? File.ReadAllText(PendingOf(path)).Trim() : null;

    /// <summary>Goes back to a copy at the next start; none takes that back.</summary>
    /// <param name="path">The file.</param>
    /// <param name="copy">The copy; it was looked at.</param>
    public static void AtNextStart(string path, string? copy)
    {
        if (copy is null)
            File.Delete(PendingOf(path));
        else
            File.WriteAllText(PendingOf(path), Path.GetFullPath(copy));
    }

    /// <summary>Goes back where that was asked for. What cannot be gone back to is said, and the file stays as it is.</summary>
    internal static async Task RunPendingAsync(string path, Action<string>? say, CancellationToken cancel)
    {
        if (Pending(path) is not { Length: > 0 } copy)
            return;
        try
        {
            var gone = await RunAsync(path, copy, DateTimeOffset.Now, cancel);
            say?.Invoke($"Gone back to “{copy}”: {gone.To.Says}. What was there before is kept as “{gone.Before}”.");
        }
        catch (FileTroubleException e)
        {
            say?.Invoke($"Not gone back: {e.Trouble.Says} The file is as it was.");
        }

        AtNextStart(path, null);
    }

    private static async Task<int> CountAsync(SqliteConnection connection, string table, CancellationToken cancel)
    {
        await using var exists = connection.CreateCommand();
        exists.CommandText = "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name = $name";
        exists.Parameters.AddWithValue("$name", table);
        if (await exists.ExecuteScalarAsync(cancel) is not > 0L)
            return 0;
        await using var command = connection.CreateCommand();
#pragma warning disable CA2100 // The names are those of this file.
        command.CommandText = $"SELECT COUNT(*) FROM {table}";
#pragma warning restore CA2100
        return Convert.ToInt32(await command.ExecuteScalarAsync(cancel), CultureInfo.InvariantCulture);
    }

    /// <summary>The copies that lie beside a file, the newest first.</summary>
    /// <param name="path">The file.</param>
    public static IReadOnlyList<string> Beside(string path)
    {
        var folder = Path.GetDirectoryName(Path.GetFullPath(path))!;
        var stem = Path.GetFileNameWithoutExtension(path);
        return !Directory.Exists(folder)
            ? []
            : [
                .. Directory.EnumerateFiles(folder, "*.db")
                    .Where(f => Path.GetFullPath(f) != Path.GetFullPath(path) && Path.GetFileName(f).StartsWith(stem + ".",
                        StringComparison.Ordinal))
                    .OrderByDescending(File.GetLastWriteTimeUtc).Take(MostListed),
            ];
    }

    private const int MostListed = 40;
}
