using System.Globalization;

namespace RoundCrumb.Web.Features.Compose;

/// <summary>
/// The saved pie that Compose was opened from, and as which of its versions: what is saved from there must not go over a later one unseen.
/// </summary>
/// <param name="Pie">Its number.</param>
/// <param name="Seen">The version.</param>
public readonly record struct OpenedFrom(int Pie, int Seen)
{
    /// <summary>The field that the number stands in.</summary>
    public const string PieField = "pie";

    /// <summary>The field that the version stands in.</summary>
    public const string SeenField = "seen";

    /// <summary>Reads it from an address; a version that is not said is 0, which none is.</summary>
    public static OpenedFrom? Of(IQueryCollection query) =>
        int.TryParse(query[PieField], NumberStyles.None, CultureInfo.InvariantCulture, out var pie)
            ? new(pie, int.TryParse(query[SeenField], NumberStyles.None, CultureInfo.InvariantCulture, out var seen) ? seen : 0)
            : null;

    /// <summary>As it stands at the end of an address.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"&{PieField}={Pie}&{SeenField}={Seen}");
}
