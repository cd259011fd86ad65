using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Data.Storage;

/// <summary>Something whose address can name the baker's own parts.</summary>
public interface IComposed
{
    /// <summary>The composition, as written by the core.</summary>
    string Address { get; }

    /// <summary>The parts that it names; follows the address when it is saved.</summary>
    List<PartUse> Uses { get; }
}

/// <summary>
/// A version of a part in use: by a pie, a bake or an order of a bake day, even one that was taken away and can come back.
/// </summary>
public sealed class PartUse
{
    public int Id { get; set; }

    public int PartId { get; set; }

    public int Version { get; set; }

    public int? PieId { get; set; }

    public int? BakeId { get; set; }

    public int? OrderId { get; set; }

    /// <summary>The parts that an address names, each once.</summary>
    public static IEnumerable<(int Part, int Version)> In(string address)
    {
        var fields = CompositionAddress.FieldsOf(address);
        return CompositionAddress.PartFields.Select(f => fields.TryGetValue(f, out var id) ? OwnPartId.Parse(id) : null)
            .OfType<(int Part, int Version)>().Distinct();
    }
}
