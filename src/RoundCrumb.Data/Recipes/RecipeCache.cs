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

    /// <summary>Says that some versions were changed.</summary>
    internal void Drop(RoundCrumbContext context, IReadOnlyList<string> ids) => context.Forget(
        () =>
        {
            lock (_lock)
            {
                foreach (var id in ids)
                    _recipes.TryRemove(id, out _);
                Changed();
            }
        });

    /// <summary>Says that anything may have been changed.</summary>
    internal void Clear(RoundCrumbContext context) => context.Forget(
        () =>
        {
            lock (_lock)
            {
                _recipes.Clear();
                Changed();
            }
        });

    /// <summary>Says that which versions are offered was changed.</summary>
    internal void Changed(RoundCrumbContext context) => context.Forget(Changed);

    private void Changed()
    {
        lock (_lock)
        {
            Stamp++;
            Recent = null;
        }
    }
}
