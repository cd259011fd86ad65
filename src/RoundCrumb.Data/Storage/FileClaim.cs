namespace RoundCrumb.Data.Storage;

/// <summary>
/// One process a file: held for as long as Round Crumb runs with it, and let go by the system itself when the process
/// ends, however it ends. It is a lock on a file of its own beside the data, since to open and close the data file
/// itself would drop SQLite's locks on it.
/// </summary>
public sealed class FileClaim : IDisposable
{
    private readonly FileStream _lock;

    private FileClaim(FileStream held) => _lock = held;

    /// <summary>Claims a file.</summary>
    /// <param name="path">The data file; a link is followed.</param>
    /// <exception cref="FileTroubleException">Another process has it, or its folder may not be written to.</exception>
    public static FileClaim Take(string path)
    {
        var file = Path.GetFullPath(path);
        if (File.Exists(file) && File.ResolveLinkTarget(file, returnFinalTarget: true) is { } target)
            file = target.FullName;
        try
        {
            Directory.CreateDirectory(Path.GetDirectoryName(file)!);
            return new(new FileStream(file + ".lock", FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None, 1));
        }
        catch (UnauthorizedAccessException e)
        {
            throw new FileTroubleException(new(FileTroubleKind.NoAccess, path), e);
        }
        catch (IOException e)
        {
            throw new FileTroubleException(new(KindOf(e), path), e);
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _lock.Dispose();

    private static FileTroubleKind KindOf(IOException e) => e switch
    {
        DirectoryNotFoundException or PathTooLongException => FileTroubleKind.NoAccess,
        _ when DiskRoom.IsMissing(e) => FileTroubleKind.NoRoom,
        _ when e.Message.Contains("being used by another process", StringComparison.Ordinal) => FileTroubleKind.InUse,
        _ => FileTroubleKind.NoAccess,
    };
}
