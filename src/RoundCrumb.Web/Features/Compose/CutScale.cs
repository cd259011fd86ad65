namespace RoundCrumb.Web.Features.Compose;

/// <summary>What the drawings of a list share, so that they can be compared.</summary>
/// <param name="Wide">How wide each is, mm of pie.</param>
/// <param name="High">How high, mm.</param>
public readonly record struct CutScale(double Wide, double High);
