using System.Globalization;

namespace RoundCrumb.Core.Ingredients;

/// <summary>How the parts of a baker's own are called in addresses: a mark, the part's number, and its version.</summary>
public static class OwnPartId
{
    /// <summary>What such an id begins with; none that is shipped does.</summary>
    public const string Prefix = "box-";

    /// <summary>The id of a version of a part.</summary>
    /// <param name="part">The part's number.</param>
    /// <param name="version">The version's number.</param>
    public static string Of(int part, int version) => string.Create(CultureInfo.InvariantCulture, $"{Prefix}{part}-{version}");

    /// <summary>The numbers of part and version; null if it is not an id of a baker's own part.</summary>
    /// <param name="id">The id, or any other text.</param>
    public static (int Part, int Version)? Parse(string? id)
    {
        if (id is null || !id.StartsWith(Prefix, StringComparison.Ordinal))
            return null;
        var pieces = id[Prefix.Length..].Split('-');
        return pieces.Length == 2 && int.TryParse(pieces[0], NumberStyles.None, CultureInfo.InvariantCulture, out var part)
            && int.TryParse(pieces[1], NumberStyles.None, CultureInfo.InvariantCulture, out var version)
            ? (part, version)
            : null;
    }

    /// <summary>The part as such, whichever version; an id that is shipped as it is.</summary>
    /// <param name="id">The id of a crust, a filling or a topping.</param>
    public static string WithoutVersion(string id) =>
        id.StartsWith(Prefix, StringComparison.Ordinal) && id.LastIndexOf('-') is var at && at > Prefix.Length ? id[..at] : id;

    /// <summary>The version that an id names; none for what is shipped.</summary>
    /// <param name="id">The id of a crust, a filling or a topping.</param>
    public static string? VersionOf(string id) =>
        WithoutVersion(id) is var part && part.Length < id.Length ? id[(part.Length + 1)..] : null;
}
