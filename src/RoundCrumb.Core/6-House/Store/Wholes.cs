using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Stocktaking;

/// <summary>Something that is bought whole and used in parts: an egg, a lemon.</summary>
/// <param name="Whole">What is bought; one piece of it has a weight.</param>
/// <param name="Parts">Its parts; <see cref="Ingredient.GramsEach"/> of each comes out of one piece.</param>
public sealed record Wholes(Ingredient Whole, IReadOnlyList<Ingredient> Parts)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Wholes> All { get; } =
    [
        .. Pantry.All.Where(i => i.PartOf.Length > 0).GroupBy(i => i.PartOf).Select(g => new Wholes(Pantry.Get(g.Key), [.. g])),
    ];

    private static readonly Dictionary<string, Wholes> ByPart = All.SelectMany(w => w.Parts.Select(p => (p.Id, w)))
        .ToDictionary(x => x.Id, x => x.w, StringComparer.Ordinal);

    /// <summary>What a part comes out of; none for what is bought as it is.</summary>
    public static Wholes? OfPart(string ingredient) => ByPart.GetValueOrDefault(ingredient);

    /// <summary>The whole that an ingredient is, or is a part of; none for neither.</summary>
    public static Wholes? Of(string ingredient) => OfPart(ingredient) ?? All.FirstOrDefault(w => w.Whole.Id == ingredient);
}
