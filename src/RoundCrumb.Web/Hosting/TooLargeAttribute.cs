namespace RoundCrumb.Web.Hosting;

/// <summary>What is said where somebody sends a page more than it takes.</summary>
/// <param name="what">What was sent, as a heading begins.</param>
/// <param name="words">How much may be sent, and what to do.</param>
[AttributeUsage(AttributeTargets.Class)]
public sealed class TooLargeAttribute(string what, string words) : Attribute
{
    /// <summary>The trouble in words.</summary>
    public TroubleOf Trouble { get; } =
        new(StatusCodes.Status413PayloadTooLarge, $"{what} is too large", words + " What you had saved is safe.");
}
