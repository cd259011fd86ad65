using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Hosting;

/// <summary>The file that this application keeps everything in, claimed for as long as it runs.</summary>
/// <param name="Path">The file.</param>
public sealed record DataFile(string Path)
{
    /// <summary>A name for a copy of it, made now.</summary>
    public static string NameOfCopy(DateTimeOffset now) => FormattableString.Invariant($"round-crumb-{now:yyyy-MM-dd-HHmm}.db");
}

/// <summary>
/// Writes the log back into the file when nothing has been written for a while, and once more at the end, so that the file alone is the
/// data.
/// </summary>
public sealed partial class FileKeeper(DataFile file, TimeProvider clock, ILogger<FileKeeper> log) : BackgroundService
{
    /// <summary>How often it is looked.</summary>
    private static readonly TimeSpan Every = TimeSpan.FromSeconds(3);

    /// <summary>How long nothing must have been written.</summary>
    private static readonly TimeSpan Idle = TimeSpan.FromSeconds(2);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Every);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            var written = new FileInfo(RoundCrumbFile.LogOf(file.Path));
            if (written is { Exists: true, Length: > 0 } && clock.GetUtcNow() - written.LastWriteTimeUtc > Idle)
                await TidyAsync();
        }
    }

    /// <inheritdoc/>
    public override async Task StopAsync(CancellationToken cancellationToken)
    {
        await base.StopAsync(cancellationToken);
        await TidyAsync();
    }

    private async Task TidyAsync()
    {
        try
        {
            if (File.Exists(file.Path))
                await RoundCrumbFile.TidyAsync(file.Path);
        }
        catch (Exception e) when (e is Microsoft.Data.Sqlite.SqliteException or IOException)
        {
            NotNow(log, e.Message);
        }
    }

    [LoggerMessage(Level = LogLevel.Warning, Message = "The log could not be written into the file: {Why}")]
    private static partial void NotNow(ILogger logger, string why);
}
