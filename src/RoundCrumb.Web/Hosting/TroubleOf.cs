using System.Text;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Hosting;

/// <summary>What a baker, or a program, is told of something that went wrong.</summary>
/// <param name="Status">The HTTP status.</param>
/// <param name="Heading">In three to six words.</param>
/// <param name="Words">What happened and what to do.</param>
public sealed record TroubleOf(int Status, string Heading, string Words)
{
    /// <summary>What stands for a status alone.</summary>
    public static TroubleOf Code(int status) => status switch
    {
        404 => new(404, "Nothing on this shelf", "There is no page here. It may have been deleted, or the address was copied short."),
        409 =>
            new(
                409, "Changed elsewhere at the same moment",
                "Somebody else changed the same thing while this was on its way, so this was not kept. Go back, look at what is "
                    + "there now, and try again."),
        413 => new(413, "That is too large", "Files of up to 5 MB can be taken. Go back, and send it in pieces; nothing is lost."),
        429 =>
            new(
                429, "Too many at once",
                "This takes the kitchen computer a while, and it has been asked for it too often. Wait a minute, then try again; "
                    + "nothing is lost."),
        503 => new(503, "Not kept", "Nothing of this was kept. Try again in a minute."),
        >= 500 =>
            new(500, "Something broke on our side", "What you had saved is safe. Go back and try once more; the log says what happened."),
        _ =>
            new(
                status is >= 400 and < 500 ? status : 404, "That could not be done",
                "The request was not one that this page understands. Go back, and nothing is lost."),
    };

    /// <summary>What stands for something that was thrown while a request was answered.</summary>
    public static TroubleOf Thrown(Exception thrown, HttpContext context) =>
        thrown is BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } && TooLarge(context) is { } own
            ? own
            : Thrown(thrown, context.RequestServices.GetRequiredService<DataFile>().Path);

    /// <summary>What the page that was asked says of what is too large for it; null if it says nothing of its own.</summary>
    private static TroubleOf? TooLarge(HttpContext context)
    {
        var asked = context.Features.Get<IExceptionHandlerPathFeature>()?.Endpoint ?? context.GetEndpoint();
        return asked?.Metadata.GetMetadata<TooLargeAttribute>()?.Trouble;
    }

    /// <summary>What stands for something that was thrown.</summary>
    /// <param name="thrown">It.</param>
    /// <param name="path">The data file, for the words.</param>
    public static TroubleOf Thrown(Exception thrown, string path = "") => thrown switch
    {
        BadHttpRequestException bad => Code(bad.StatusCode),
        DbUpdateConcurrencyException => Code(409),

        // What is sent as JSON and names no sort of thing that is known.
        NotSupportedException { Source: "System.Text.Json" } or System.Text.Json.JsonException => Code(400),
        AntiforgeryValidationException or InvalidDataException or DecoderFallbackException => Code(400),
        _ when File(thrown, path) is { Kind: FileTroubleKind.Locked } && AllOrNothing.IsAtWorkOn(path) =>
            new(503, "Busy for a moment", "Something large is being written just now, so this was not kept. Try again in a few seconds."),
        _ when File(thrown, path) is { } trouble => new(503, "Not kept", trouble.Says),
        _ => Code(500),
    };

    /// <summary>What is wrong with the file, where that is what something was thrown for; nothing otherwise.</summary>
    public static FileTrouble? File(Exception? thrown, string path) => thrown switch
    {
        null => null,
        FileTroubleException known => known.Trouble,
        _ when DiskRoom.IsMissing(thrown) => new(FileTroubleKind.NoRoom, path),
        SqliteException e => KindOf(e.SqliteErrorCode) is { } kind ? new(kind, path) : null,
        _ => File(thrown.InnerException, path),
    };

    private static FileTroubleKind? KindOf(int code) => code switch
    {
        SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED => FileTroubleKind.Locked,
        SQLitePCL.raw.SQLITE_CANTOPEN => FileTroubleKind.Moved,
        SQLitePCL.raw.SQLITE_READONLY => FileTroubleKind.ReadOnly,
        SQLitePCL.raw.SQLITE_CORRUPT or SQLitePCL.raw.SQLITE_NOTADB => FileTroubleKind.Damaged,
        _ => null,
    };
}

/// <summary>Writes into the log why something was not kept: one line, since the file is at fault and not the code.</summary>
public sealed partial class TroubleLog(ILogger<TroubleLog> log) : IExceptionHandler
{
    /// <inheritdoc/>
    public ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (TroubleOf.Thrown(exception, httpContext) is { Status: StatusCodes.Status503ServiceUnavailable } trouble)
            NotKept(
                log, httpContext.Request.Method,
                httpContext.Features.Get<IExceptionHandlerPathFeature>()?.Path ?? httpContext.Request.Path, trouble.Words);
        return ValueTask.FromResult(false);
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "{Method} {Path}: {Why}")]
    private static partial void NotKept(ILogger logger, string method, string path, string why);
}
