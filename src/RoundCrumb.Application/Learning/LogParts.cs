using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Application.Learning;

/// <summary>The parts by which a log can be narrowed.</summary>
public sealed class LogParts(PieShelf shelf, CompositionReader compositions, RecipeBox box)
{
    /// <summary>So many of the pies kept last are looked through.</summary>
    private const int PiesAtHand = 200;

    /// <summary>The crusts and fillings of the pies that are kept, by name; the baker's own without their versions.</summary>
    public async Task<IReadOnlyList<(string Id, string Name)>> OfKeptPiesAsync(CancellationToken cancel = default)
    {
        var pies = await shelf.ListAsync(0, PiesAtHand, cancel: cancel);
        var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        var found = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var fields in pies.Select(p => CompositionAddress.FieldsOf(p.Address)))
        {
            if (fields.TryGetValue(CompositionAddress.CrustField, out var crust) && book.Crust(crust) is { } family)
                found.TryAdd(OwnPartId.WithoutVersion(crust), family.Name);
            if (fields.TryGetValue(CompositionAddress.FillingField, out var fill) && book.Filling(fill) is { } formula)
                found.TryAdd(OwnPartId.WithoutVersion(fill), formula.Name);
        }

        return [.. found.Select(f => (f.Key, f.Value)).OrderBy(f => f.Value, StringComparer.OrdinalIgnoreCase)];
    }

    /// <summary>The fillings of a family, by id: those shipped, and the baker's own that were changed last.</summary>
    public async Task<IReadOnlyList<string>> OfFamilyAsync(FillingFamily family, CancellationToken cancel = default) =>
    [
        .. FillingBook.All.Where(f => f.Family == family).Select(f => f.Id),
        .. (await box.RecentAsync(cancel)).Where(p => p.FamilyId == family.Id).Select(p => OwnPartId.WithoutVersion(p.Id)),
    ];
}
