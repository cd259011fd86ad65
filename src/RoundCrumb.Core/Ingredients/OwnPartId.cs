namespace RoundCrumb.Core.Ingredients;

/// <summary>How the parts of a baker's own are called in addresses: a mark, the part's number, and its version.</summary>
public static class OwnPartId
{
    /// <summary>What such an id begins with; none that is shipped does.</summary>
    public const string Prefix = "box-";

    /// <summary>The part as such, whichever version; an id that is shipped as it is.</summary>
    /// <param name="id">The id of a crust, a filling or a topping.</param>
    public static string WithoutVersion(string id) =>
        id.StartsWith(Prefix, StringComparison.Ordinal) && id.LastIndexOf('-') is var at && at > Prefix.Length ? id[..at] : id;

    /// <summary>The version that an id names; none for what is shipped.</summary>
    /// <param name="id">The id of a crust, a filling or a topping.</param>
    public static string? VersionOf(string id) =>
        WithoutVersion(id) is var part && part.Length < id.Length ? id[(part.Length + 1)..] : null;
}
