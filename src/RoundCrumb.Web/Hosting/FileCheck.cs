using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Diagnostics.HealthChecks;
using RoundCrumb.Data;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Web.Hosting;

/// <summary>Healthy while the SQLite file is there, may be written to, and has room to grow.</summary>
public sealed class FileCheck(RoundCrumbContext data, DataFile file) : IHealthCheck
{
    /// <summary>With less than this free, bytes, SQLite cannot keep even a small change.</summary>
    private const long None = 64 * 1024;

    /// <summary>Says how it is, and what is wrong where something is.</summary>
    public static Task WriteAsync(HttpContext context, HealthReport report) =>
        context.Response.WriteAsync(
            string.Join(
                ' ',
                report.Entries.Values.Select(e => e.Description ?? "").Prepend(
                    report.Status + (report.Status is HealthStatus.Healthy ? "" : ":"))).TrimEnd(),
            context.RequestAborted);

    /// <inheritdoc/>
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default)
    {
        try
        {
            // Whoever may begin to write may write; nothing is.
            await using (await data.Database.BeginTransactionAsync(System.Data.IsolationLevel.Serializable, cancellationToken))
            {
            }
        }
        catch (Exception e) when (e is SqliteException or FileTroubleException)
        {
            return HealthCheckResult.Unhealthy(TroubleOf.File(e, file.Path)?.Says ?? e.Message);
        }

        return DiskRoom.FreeBeside(file.Path) switch
        {
            < None => HealthCheckResult.Unhealthy(new FileTrouble(FileTroubleKind.NoRoom, file.Path).Says),
            < DiskRoom.Scant and var left =>
                HealthCheckResult.Degraded(
                    string.Create(
                        CultureInfo.InvariantCulture, $"Only {left / 1e6:0.#} MB are left on the disk that “{file.Path}” is on.")),
            _ => HealthCheckResult.Healthy(),
        };
    }
}
