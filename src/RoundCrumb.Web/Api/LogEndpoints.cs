using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Formats.Logs;

namespace RoundCrumb.Web.Api;

/// <summary>One thing that was learned.</summary>
/// <param name="Kind">What kind of figure.</param>
/// <param name="Of">The ids of what it is of.</param>
/// <param name="Name">What that is called.</param>
/// <param name="Value">What the book's figure is multiplied by, or what is added to it.</param>
/// <param name="Low">The low end: nine in ten such bands hold the truth.</param>
/// <param name="High">The high end.</param>
/// <param name="Bakes">From how many bakes.</param>
/// <param name="InUse">True where it is put on.</param>
public sealed record LearnedAnswer(
    CorrectionKind Kind, string Of, string Name, double Value, double Low, double High, int Bakes, bool InUse);

/// <summary>The log and what was learned, over HTTP.</summary>
public static class LogEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapLogs(this WebApplication app)
    {
        var api = app.MapGroup(Routes.Api).WithTags("Log");
        api.MapGet("/log.csv", CsvAsync).WithSummary("All that was written down, as CSV: grams, °C, minutes, mm and hours.");
        api.MapGet("/log.json", JsonAsync).WithSummary("The same as one document of the format round-crumb-log, version 1.");
        api.MapGet("/learned", LearnedAsync).WithSummary("What this kitchen has learned, and what of it is in use.");
    }

    private static async Task<FileContentHttpResult> CsvAsync(LogTransfer transfer, CancellationToken cancel) =>
        TypedResults.File(Encoding.UTF8.GetBytes(LogTable.Csv(await transfer.AllAsync(cancel))), "text/csv", "log.csv");

    private static async Task<FileContentHttpResult> JsonAsync(LogTransfer transfer, CancellationToken cancel) => TypedResults.File(
        Encoding.UTF8.GetBytes(LogTable.Document(await transfer.AllAsync(cancel))), "application/json", "log.json");

    private static async Task<Ok<IReadOnlyList<LearnedAnswer>>> LearnedAsync(LearnedDesk desk, CancellationToken cancel) =>
        TypedResults.Ok<IReadOnlyList<LearnedAnswer>>(
    [
        .. (await desk.ListAsync(cancel)).All.Select(n => new LearnedAnswer(
            n.Learned.Key.Kind, n.Learned.Key.Write(), n.Title, Math.Round(n.Learned.Value, 4), Math.Round(n.Learned.Low, 4),
            Math.Round(n.Learned.High, 4), n.Learned.Bakes, n.Put is not null)),
    ]);
}
