using System.Globalization;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.Http.Features;

namespace RoundCrumb.Web.Hosting;

/// <summary>
/// What this page does takes the kitchen computer a while: it is done for each address only so often, and for all together only a few at
/// once.
/// </summary>
/// <param name="handlers">The handlers of which that is true; all of the page where none are named.</param>
[AttributeUsage(AttributeTargets.Class)]
public sealed class CostlyAttribute(params string[] handlers) : Attribute
{
    /// <summary>The handlers of which it is true.</summary>
    public IReadOnlyList<string> Handlers { get; } = handlers;

    /// <summary>True where what it does waits in a queue of its own, so that only how often it is asked for is limited here.</summary>
    public bool HasOwnQueue { get; init; }

    /// <summary>True where only what is sent costs, and looking does not.</summary>
    public bool Sending { get; init; }

    /// <summary>True where it is true of a request.</summary>
    public bool Is(HttpRequest request) => (!Sending || HttpMethods.IsPost(request.Method)) &&
        (Handlers.Count == 0 || Handlers.Contains(request.Query["handler"].ToString(), StringComparer.OrdinalIgnoreCase));
}

/// <summary>The limits on what costs much.</summary>
public static class CostlyLimits
{
    /// <summary>
    /// How many of them an address may ask for in a minute, and at once after a rest. A baker who imports, plans and reads as fast as hands
    /// allow stays under one a second.
    /// </summary>
    private const int PerMinute = 60;

    /// <summary>How many are done at once; the rest wait. As many as the smallest machine has cores.</summary>
    private const int AtOnce = 2;

    /// <summary>How many may wait for that.</summary>
    private const int Waiting = 16;

    /// <summary>Adds the limits.</summary>
    public static IServiceCollection AddCostlyLimits(this IServiceCollection services, IConfiguration settings)
    {
        var perMinute = settings.GetValue("RoundCrumb:CostlyPerMinute", PerMinute);
        return services.AddRateLimiter(options =>
        {
            options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            options.OnRejected = static (rejected, _) =>
            {
                rejected.HttpContext.Response.Headers.RetryAfter = (
                    rejected.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after) ? Math.Max(1, (int)after.TotalSeconds) : 5)
                    .ToString(CultureInfo.InvariantCulture);
                return ValueTask.CompletedTask;
            };
            options.GlobalLimiter = PartitionedRateLimiter.CreateChained(
                PartitionedRateLimiter.Create<HttpContext, string>(context => CostOf(context) is not null
                    ? RateLimitPartition.GetTokenBucketLimiter(
                        "from " + context.Connection.RemoteIpAddress,
                        _ =>
                            new()
                            {
                                TokenLimit = perMinute,
                                TokensPerPeriod = Math.Max(1, perMinute / 12),
                                ReplenishmentPeriod = TimeSpan.FromSeconds(5),
                                QueueLimit = 0,
                            })
                    : RateLimitPartition.GetNoLimiter("")),
                PartitionedRateLimiter.Create<HttpContext, string>(static context => CostOf(context) is { HasOwnQueue: false }
                    ? RateLimitPartition.GetConcurrencyLimiter(
                        "costly",
                        static _ =>
                            new() { PermitLimit = AtOnce, QueueLimit = Waiting, QueueProcessingOrder = QueueProcessingOrder.OldestFirst })
                    : RateLimitPartition.GetNoLimiter("")));
        });
    }

    private static CostlyAttribute? CostOf(HttpContext context) =>
        context.Features.Get<IEndpointFeature>()?.Endpoint?.Metadata.GetMetadata<CostlyAttribute>() is { } costly
            && costly.Is(context.Request)
            ? costly
            : null;
}
