using Microsoft.Data.Sqlite;

namespace RoundCrumb.Data.Storage;

/// <summary>Whether there is room on the disk.</summary>
public static class DiskRoom
{
    /// <summary>
    /// With less than this free, bytes, a busy day may not be kept whole any more: a day with its plan takes some 100 kB, and SQLite wants
    /// as much again while it writes. Our own choice, with room for a hundred.
    /// </summary>
    public const long Scant = 20 * 1024 * 1024;

    /// <summary>ENOSPC, as Linux and macOS number it.</summary>
    private const int NoSpace = 28;

    /// <summary>Bytes free where a file lies; none where that cannot be told.</summary>
    public static long? FreeBeside(string path)
    {
        try
        {
            return new DriveInfo(Path.GetDirectoryName(Path.GetFullPath(path))!).AvailableFreeSpace;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or ArgumentException)
        {
            return null;
        }
    }

    /// <summary>True where something failed because the disk is full.</summary>
    public static bool IsMissing(Exception? e) => e switch
    {
        null => false,
        SqliteException { SqliteErrorCode: SQLitePCL.raw.SQLITE_FULL } => true,
        SqliteException => false,
        IOException when (e.HResult & 0xFFFF) == NoSpace => true,
        _ => IsMissing(e.InnerException),
    };
}
