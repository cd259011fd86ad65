using System.Collections.Concurrent;
using RoundCrumb.Core.Recipes;

namespace RoundCrumb.Data.Recipes;

/// <summary>Versions as the core knows them, by their id. What was read before a change is never kept after it.</summary>
public sealed class RecipeCache
{
    private readonly ConcurrentDictionary<string, PartRecipe> _recipes = new(StringComparer.Ordinal);
    private readonly Lock _lock = new();

    internal PartRecipe? Find(string id) => _recipes.GetValueOrDefault(id);

    /// <summary>Keeps a version, unless something was changed since <paramref name="stamp"/>.</summary>
    internal void Keep(PartRecipe recipe, int stamp)
    {
        lock (_lock)
        {
            if (stamp == Stamp)
                _recipes[recipe.Id] = recipe;
        }
    }

    /// <summary>The parts changed last, while nothing has been changed since.</summary>
    internal IReadOnlyList<PartRecipe>? Recent { get; private set; }

    /// <summary>Goes up with every change.</summary>
    internal int Stamp { get; private set; }

    internal void KeepRecent(IReadOnlyList<PartRecipe> recent, int stamp)
    {
        lock (_lock)
        {
            if (stamp == Stamp)
                Recent = recent;
        }
    }

    /// <summary>Says that some versions were changed, or none and only which are offered.</summary>
    internal void Changed(RoundCrumbContext context, params IReadOnlyList<string> ids) => context.Forget(() => Forget(ids), Clear);

    /// <summary>Says that anything may have been changed.</summary>
    internal void Clear(RoundCrumbContext context) => context.Forget(Clear, Clear);

    private void Forget(IEnumerable<string> ids)
    {
        lock (_lock)
        {
            foreach (var id in ids)
                _recipes.TryRemove(id, out _);
            Stamp++;
            Recent = null;
        }
    }

    /// <summary>
    /// All of it: of what was not kept after all nothing may stay, for the next part that is kept has its number.
    /// </summary>
    private void Clear() => Forget([.. _recipes.Keys]);
}
