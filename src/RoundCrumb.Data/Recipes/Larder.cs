using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.EntityFrameworkCore;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Data.Storage;

namespace RoundCrumb.Data.Recipes;

/// <summary>Every ingredient, shipped and the baker's own, and what names the baker has explained.</summary>
/// <param name="All">Shipped ones first.</param>
/// <param name="Remembered">Words by the id of the ingredient they stand for.</param>
public sealed record KnownIngredients(IReadOnlyList<Ingredient> All, IReadOnlyDictionary<string, string> Remembered)
{
    private readonly Dictionary<string, Ingredient> _byId = All.ToDictionary(i => i.Id, StringComparer.Ordinal);

    /// <summary>The ingredient with this id, or none.</summary>
    public Ingredient? Find(string id) => _byId.GetValueOrDefault(id);
}

/// <summary>The ingredients of this kitchen.</summary>
public sealed class Larder(RoundCrumbContext context, Remembered<KnownIngredients> cache, RecipeCache recipes, TimeProvider clock)
{
    private static readonly JsonSerializerOptions Json = new() { Converters = { new JsonStringEnumConverter() } };

    /// <summary>Values as they are kept: what they are called, not which in a row.</summary>
    public static string Write(IngredientValues values) => JsonSerializer.Serialize(values, Json);

    /// <summary>All that is known.</summary>
    public Task<KnownIngredients> KnownAsync(CancellationToken cancel = default) => cache.ReadAsync(async () =>
    {
        var own = await context.OwnIngredients.AsNoTracking().OrderBy(o => o.Id).ToListAsync(cancel);
        var names = await context.RememberedNames.AsNoTracking().ToDictionaryAsync(n => n.Words, n => n.IngredientId, cancel);
        return new KnownIngredients([.. Pantry.All, .. own.Select(ToIngredient).OfType<Ingredient>()], names);
    });

    /// <summary>Adds an ingredient like another, or changes one of the baker's own if nobody has since.</summary>
    /// <param name="slug">The id of the one to change; none for a new one.</param>
    /// <param name="version">The version that it was changed over.</param>
    /// <param name="name">Its name.</param>
    /// <param name="otherNames">Other names.</param>
    /// <param name="from">The ingredient it is like.</param>
    /// <param name="values">Its values.</param>
    /// <param name="cancel">Cancels it.</param>
    /// <returns>How it went, and its id where it was kept.</returns>
    public Task<(KeepOutcome Outcome, string Slug)> KeepAsync(
        string? slug, int version, string name, IReadOnlyList<string> otherNames, Ingredient from, IngredientValues values,
        CancellationToken cancel = default) => context.AgainAsync(async () =>
    {
        var own = slug is null ? null : await context.OwnIngredients.FirstOrDefaultAsync(o => o.Slug == slug, cancel);
        if (slug is not null && own is null)
            return (KeepOutcome.Gone, "");
        if (own is not null && own.Version != version)
            return (KeepOutcome.ChangedElsewhere, own.Slug);
        var key = Names.KeyOf(name);
        if (await context.OwnIngredients.AnyAsync(o => o.NameKey == key && o.Slug != slug, cancel))
            return (KeepOutcome.NameTaken, "");
        var others = string.Join('|', otherNames);
        var json = Write(values);
        if (own is null)
        {
            own = new()
            {
                Slug = await FreeSlugAsync(name, cancel),
                Name = name,
                OtherNames = others,
                From = from.Id,
                Values = json,
                SavedAt = clock.GetUtcNow(),
            };
            context.OwnIngredients.Add(own);
        }
        else
        {
            (own.Name, own.OtherNames, own.Values, own.SavedAt, own.Version) = (name, others, json, clock.GetUtcNow(), own.Version + 1);
        }

        await context.SaveChangesAsync(cancel);
        Forget();
        return (KeepOutcome.Kept, own.Slug);
    });

    /// <summary>One of the baker's own as it is kept, or none.</summary>
    public Task<OwnIngredient?> FindOwnAsync(string slug, CancellationToken cancel = default) =>
        context.OwnIngredients.AsNoTracking().FirstOrDefaultAsync(o => o.Slug == slug, cancel);

    /// <summary>The baker's own ingredients, as they are kept.</summary>
    public Task<List<OwnIngredient>> OwnAsync(CancellationToken cancel = default) =>
        context.OwnIngredients.AsNoTracking().OrderBy(o => o.Name).ToListAsync(cancel);

    /// <summary>The values of one of the baker's own.</summary>
    public static IngredientValues? ValuesOf(OwnIngredient own) => JsonSerializer.Deserialize<IngredientValues>(own.Values, Json);

    /// <summary>Remembers what some words stand for.</summary>
    public async Task RememberAsync(string words, string ingredientId, CancellationToken cancel = default)
    {
        await context.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO RememberedNames (Words, IngredientId) VALUES ({words}, {ingredientId})
            ON CONFLICT (Words) DO UPDATE SET IngredientId = excluded.IngredientId
            """,
            cancel);
        Forget();
    }

    /// <summary>Remembers what several names stand for.</summary>
    public async Task RememberAsync(IEnumerable<(string Words, string IngredientId)> names, CancellationToken cancel = default)
    {
        context.RememberedNames.AddRange(names.Select(n => new RememberedName { Words = n.Words, IngredientId = n.IngredientId }));
        await context.SaveChangesAsync(cancel);
        Forget();
    }

    private void Forget()
    {
        cache.Forget(context);
        recipes.Clear(context);
    }

    private async Task<string> FreeSlugAsync(string name, CancellationToken cancel)
    {
        var slug = new StringBuilder("own-");
        foreach (var c in name.Select(NameWords.WithoutAccent).Select(char.ToLowerInvariant))
        {
            if (char.IsAsciiLetterOrDigit(c))
                slug.Append(c);
            else if (slug[^1] != '-' && CharUnicodeInfo.GetUnicodeCategory(c) is not UnicodeCategory.NonSpacingMark)
                slug.Append('-');
        }

        var stem = slug.ToString().Trim('-');
        stem = stem[..Math.Min(stem.Length, 48)];
        var taken = await context.OwnIngredients.Where(o => o.Slug.StartsWith(stem)).Select(o => o.Slug).ToListAsync(cancel);
        var free = stem;
        for (var n = 2; taken.Contains(free); n++)
            free = string.Create(CultureInfo.InvariantCulture, $"{stem}-{n}");
        return free;
    }

    private static Ingredient? ToIngredient(OwnIngredient own) =>
        Pantry.Find(own.From) is { } from && ValuesOf(own) is { } values
            ? values.Like(from, own.Slug, own.Name, own.OtherNames.Length == 0 ? [] : own.OtherNames.Split('|'))
            : null;
}
