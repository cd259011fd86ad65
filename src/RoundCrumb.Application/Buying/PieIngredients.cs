using System.Collections.Concurrent;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Application.Buying;

/// <summary>Remembers what goes into a pie, by its address: that says which versions of its parts it has.</summary>
public sealed class PieIngredients
{
    private const int MostKept = 2000;

    private readonly ConcurrentDictionary<string, IReadOnlySet<string>> _known = new(StringComparer.Ordinal);

    /// <summary>The ids of what goes into a pie.</summary>
    /// <param name="address">The pie.</param>
    /// <param name="read">Reads it, where it is not remembered.</param>
    public IReadOnlySet<string> Of(string address, Func<Composition> read)
    {
        if (_known.Count > MostKept)
            _known.Clear();
        return _known.GetOrAdd(
            address,
            _ => BatchSheet.Of(Assessment.Of(read(), 1, Kitchen.Usual)).Parts.SelectMany(p => p.Lines).Select(l => l.Ingredient.Id)
                .ToHashSet(StringComparer.Ordinal));
    }
}

/// <summary>Which of the saved pies take an ingredient.</summary>
public sealed class PiesWith(PieIngredients known, PieShelf shelf, CompositionReader compositions)
{
    /// <summary>The most pies that are looked at; those saved last.</summary>
    private const int MostPies = 100;

    /// <summary>Names of saved pies by the id of what goes into them, those saved last first.</summary>
    public async Task<ILookup<string, string>> ByIngredientAsync(CancellationToken cancel = default)
    {
        var pies = (await shelf.AllAsync(cancel)).Take(MostPies).ToList();
        var book = await compositions.BookAsync(pies.Select(p => p.Address), cancel);
        return pies.SelectMany(p =>
            known.Of(p.Address, () => CompositionAddress.Read(p.Address, book).Composition).Select(i => (Id: i, p.Name)))
            .ToLookup(x => x.Id, x => x.Name, StringComparer.Ordinal);
    }
}
