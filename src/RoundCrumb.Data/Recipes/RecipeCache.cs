using System.Collections.Concurrent;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Data.Recipes;

/// <summary>Versions as the core knows them, by their id. They do not change but when nothing uses them yet.</summary>
public sealed class RecipeCache
{
    private readonly ConcurrentDictionary<string, PartRecipe> _recipes = new(StringComparer.Ordinal);

    internal PartRecipe? Find(string id) => _recipes.GetValueOrDefault(id);

    internal void Keep(PartRecipe recipe) => _recipes[recipe.Id] = recipe;

    /// <summary>The parts changed last, while nothing has been changed since.</summary>
    internal IReadOnlyList<PartRecipe>? Recent { get; private set; }

    internal int Stamp { get; private set; }

    internal void KeepRecent(IReadOnlyList<PartRecipe> recent, int stamp)
    {
        // What was looked up before a change is not kept after it.
        if (stamp == Stamp)
            Recent = recent;
    }

    internal void Drop(string id)
    {
        _recipes.TryRemove(id, out _);
        Changed();
    }

    internal void Clear()
    {
        _recipes.Clear();
        Changed();
    }

    internal void Changed()
    {
        Stamp++;
        Recent = null;
    }
}
