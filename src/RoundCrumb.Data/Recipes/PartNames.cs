using System.Globalization;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Data.Recipes;

/// <summary>What the baker's own parts are called, whichever version.</summary>
public sealed class PartNames(RoundCrumbContext context)
{
    /// <summary>Names by id without a version; what is not there is left out.</summary>
    /// <param name="ids">Ids of parts; those that are shipped are passed over.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task<IReadOnlyDictionary<string, string>> OfAsync(IEnumerable<string> ids, CancellationToken cancel = default)
    {
        var numbers = ids.Where(i => i.StartsWith(OwnPartId.Prefix, StringComparison.Ordinal))
            .Select(i => i[OwnPartId.Prefix.Length..].Split('-')[0])
            .Where(n => int.TryParse(n, NumberStyles.None, CultureInfo.InvariantCulture, out _))
            .Select(n => int.Parse(n, CultureInfo.InvariantCulture)).Distinct().ToList();
        if (numbers.Count == 0)
            return new Dictionary<string, string>();
        return await context.Parts.AsNoTracking().Where(p => numbers.Contains(p.Id))
            .ToDictionaryAsync(p => string.Create(CultureInfo.InvariantCulture, $"{OwnPartId.Prefix}{p.Id}"), p => p.Name, cancel);
    }
}
