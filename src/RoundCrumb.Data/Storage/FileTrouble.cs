namespace RoundCrumb.Data.Storage;

/// <summary>Why a file cannot be kept in.</summary>
public enum FileTroubleKind
{
    /// <summary>It is a folder.</summary>
    Folder,

    /// <summary>It is something else than a SQLite file.</summary>
    NotADatabase,

    /// <summary>It was cut short, or its pages do not fit together.</summary>
    Damaged,

    /// <summary>It is another program's database.</summary>
    Foreign,

    /// <summary>A newer Round Crumb has changed its tables.</summary>
    Newer,

    /// <summary>It is marked as not to be written to.</summary>
    ReadOnly,

    /// <summary>It, or its folder, may not be opened or written to.</summary>
    NoAccess,

    /// <summary>Its disk is full.</summary>
    NoRoom,

    /// <summary>Another Round Crumb is running with it.</summary>
    InUse,

    /// <summary>Another program keeps it locked.</summary>
    Locked,

    /// <summary>It was deleted, moved or replaced while it was open.</summary>
    Moved,
}

/// <summary>What is wrong with a file, and what to do about it.</summary>
/// <param name="Kind">What is wrong.</param>
/// <param name="File">The file.</param>
public sealed record FileTrouble(FileTroubleKind Kind, string File)
{
    /// <summary>The first of the exit codes; each kind has its own, in their order.</summary>
    public const int FirstExitCode = 10;

    /// <summary>What a program that cannot start because of it ends with.</summary>
    public int ExitCode => FirstExitCode + (int)Kind;

    /// <summary>One sentence or two for the person who starts it: what is wrong with which file, and what to do.</summary>
    public string Says => Kind switch
    {
        FileTroubleKind.Folder =>
            $"“{File}” is a folder: name a file in it, such as --RoundCrumb:File={Path.Combine(File, "roundcrumb.db")}.",
        FileTroubleKind.NotADatabase =>
            $"“{File}” is not a SQLite file; nothing was written to it. Name another file, or put a backup in its place.",
        FileTroubleKind.Damaged => $"“{File}” is damaged; nothing was written to it. Put a backup in its place, or name another file.",
        FileTroubleKind.Foreign => $"“{File}” is another program’s database; nothing was written to it. Name another file.",
        FileTroubleKind.Newer =>
            $"“{File}” was written by a newer Round Crumb; nothing was written to it. Start that one, or put back the copy that it "
                + $"made before it brought the file up to date.",
        FileTroubleKind.ReadOnly => $"“{File}” may only be read; nothing was written to it. Allow writing to it, or name another file.",
        FileTroubleKind.NoAccess => $"“{File}” may not be opened, or its folder may not be written to. Allow both, or name another file.",
        FileTroubleKind.NoRoom => $"The disk that “{File}” is on is full, so nothing was kept. Make room, then try again.",
        FileTroubleKind.InUse => $"Round Crumb is already running with “{File}”. Open it at the address printed there, or stop it first.",
        FileTroubleKind.Locked => $"Another program keeps “{File}” locked. Close it there, then try again.",
        FileTroubleKind.Moved =>
            $"“{File}” was moved, deleted or replaced while Round Crumb was running, so nothing more is kept. Put it back, then "
                + $"start Round Crumb again.",
        _ => throw new InvalidOperationException($"{Kind} is not described."),
    };
}

/// <summary>A file cannot be kept in.</summary>
public sealed class FileTroubleException : IOException
{
    /// <summary>Says why.</summary>
    /// <param name="trouble">What is wrong.</param>
    /// <param name="inner">What it was noticed by.</param>
    public FileTroubleException(FileTrouble trouble, Exception? inner = null)
        : base(trouble.Says, inner) => Trouble = trouble;

    /// <summary>What is wrong.</summary>
    public FileTrouble Trouble { get; }
}
