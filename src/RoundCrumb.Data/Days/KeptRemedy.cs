namespace RoundCrumb.Data.Days;

/// <summary>A change that would make the day possible, as it is kept beside its plan.</summary>
/// <param name="Code">The change, as it reads back.</param>
/// <param name="IsLeast">True when less of it is proven not to do.</param>
public sealed record KeptRemedy(string Code, bool IsLeast);
