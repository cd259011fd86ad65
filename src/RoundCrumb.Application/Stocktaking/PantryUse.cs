using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Application.Stocktaking;

/// <summary>Knows what of the pantry this kitchen has to do with.</summary>
public sealed class PantryUse(PieShelf shelf, StockKeeper keeper, PriceBook prices, CompositionReader compositions)
{
    /// <summary>So many of the saved pies are looked at, the latest first. Our own choice: it keeps the page quick.</summary>
    private const int MostPies = 200;

    /// <summary>
    /// The ids of what the baker has written down, has in the house, has a price of, or weighs for one of the saved pies; none in a
    /// kitchen that has nothing yet.
    /// </summary>
    public async Task<IReadOnlySet<string>> IdsAsync(CancellationToken cancel = default)
    {
        var ids = new HashSet<string>(StringComparer.Ordinal);
        var known = (await compositions.KnownAsync(cancel)).All;
        ids.UnionWith(known.Where(i => i.MakeupFrom is SourceKind.Baker).Select(i => i.Id));
        ids.UnionWith((await keeper.LevelsAsync(cancel)).Lots.Select(l => l.Lot.Ingredient?.Id).OfType<string>());
        ids.UnionWith((await prices.PricesAsync(cancel)).All.Select(p => p.Ingredient));
        var pies = (await shelf.AllAsync(cancel)).Take(MostPies).Select(p => p.Address).ToList();
        var book = await compositions.BookAsync(pies, cancel);
        foreach (var address in pies)
        {
            var sheet = BatchSheet.Of(Assessment.Of(CompositionAddress.Read(address, book).Composition));
            ids.UnionWith(sheet.Parts.SelectMany(p => p.Lines).Select(l => l.Ingredient.Id));
        }

        return ids;
    }
}
