using RoundCrumb.Core.Recipes;
using static RoundCrumb.Core.Composing.CompositionAddress;

namespace RoundCrumb.Core.Composing;

/// <summary>Addresses in as few words as they can be said, for pages that hold many links.</summary>
public static class BriefAddress
{
    /// <summary>
    /// An address that says no more than it must: without what is read so anyhow. For links that are followed at once; what is kept is
    /// written whole, so that it stays the same pie when what is usual changes.
    /// </summary>
    /// <param name="address">As <see cref="Write"/> makes it.</param>
    /// <param name="book">The parts.</param>
    public static string Of(string address, PartBook book)
    {
        var whole = Read(address, book).Composition;
        var fields = FieldsOf(address);
        var kept = new Dictionary<string, string>(fields, StringComparer.Ordinal);

        // Most fields say what is usual for these parts and are left out at once, where that is the same pie; the others one by one.
        var parts = fields.Where(f => PartFields.Contains(f.Key)).ToDictionary(StringComparer.Ordinal);
        var unusual = parts.Concat(fields.Except(FieldsOf(Write(Read(parts.GetValueOrDefault, book: book).Composition))))
            .DistinctBy(f => f.Key).ToDictionary(StringComparer.Ordinal);
        if (Read(unusual.GetValueOrDefault, book: book).Composition == whole)
            kept = unusual;
        foreach (var (name, typed) in kept.Where(f => !PartFields.Contains(f.Key)).ToList())
        {
            kept.Remove(name);
            if (Read(kept.GetValueOrDefault, book: book).Composition != whole)
                kept[name] = typed;
        }

        return string.Join('&', address.Split('&').Where(f => kept.ContainsKey(f.Split('=', 2)[0])));
    }

    /// <summary>
    /// An address of one of many pies that are nearly alike: it leaves out what was left out of another, as long as it is read the same,
    /// and nothing where it is not, so that each costs little.
    /// </summary>
    /// <param name="pie">The pie.</param>
    /// <param name="left">What was left out of the other’s address; see <see cref="LeftOut"/>.</param>
    /// <param name="book">The parts.</param>
    public static string Of(Composition pie, IReadOnlySet<string> left, PartBook book)
    {
        var whole = Write(pie);
        var shorter = string.Join('&', whole.Split('&').Where(f => !left.Contains(f)));
        return Read(shorter, book).Composition == pie ? shorter : whole;
    }

    /// <summary>The fields of an address that its brief form leaves out.</summary>
    /// <param name="whole">As <see cref="Write"/> makes it.</param>
    /// <param name="brief">As <see cref="Of(string, PartBook)"/> makes it.</param>
    public static IReadOnlySet<string> LeftOut(string whole, string brief)
    {
        var left = whole.Split('&').ToHashSet(StringComparer.Ordinal);
        left.ExceptWith(brief.Split('&'));
        return left;
    }
}
