using Microsoft.Extensions.Diagnostics.HealthChecks;
using RoundCrumb.Data;

namespace RoundCrumb.Web.Hosting;

/// <summary>Healthy while the SQLite file answers.</summary>
public sealed class FileCheck(RoundCrumbContext file) : IHealthCheck
{
    /// <inheritdoc/>
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default) =>
        await file.Database.CanConnectAsync(cancellationToken) ? HealthCheckResult.Healthy() : HealthCheckResult.Unhealthy("The file does not answer.");
}
