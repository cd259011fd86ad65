namespace RoundCrumb.Web.Tests;

/// <summary>A clock that shows what it is set to.</summary>
internal sealed class SetClock(DateTimeOffset now) : TimeProvider
{
    /// <summary>What it shows.</summary>
    public DateTimeOffset Now { get; set; } = now;

    /// <inheritdoc/>
    public override DateTimeOffset GetUtcNow() => Now;
}
