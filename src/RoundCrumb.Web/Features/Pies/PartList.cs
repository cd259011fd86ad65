using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Recipes;

namespace RoundCrumb.Web.Features.Pies;

/// <summary>A part in the list beside the pies.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Address">Where it opens.</param>
/// <param name="What">What is known of it, in a few words.</param>
/// <param name="Kind">What it is.</param>
/// <param name="IsOwn">True for the baker’s own; false for one that comes with Round Crumb.</param>
public sealed record PartRow(string Name, string Address, string What, PartKind Kind, bool IsOwn);

/// <summary>The parts beside the pies: the baker’s own first, those changed last before the others.</summary>
public sealed class PartList(RecipeBox box, Search search)
{
    /// <summary>So many of one’s own are listed of each kind; the others are found by searching.</summary>
    public const int MostOwn = 12;

    /// <summary>The parts that are asked for.</summary>
    /// <param name="words">Words of them; empty for all.</param>
    /// <param name="tag">A tag; empty for all.</param>
    /// <param name="shown">The baker’s units.</param>
    /// <param name="cancel">Ends it.</param>
    public async Task<IReadOnlyList<PartRow>> FindAsync(string words, string tag, QuantityFormatter shown, CancellationToken cancel)
    {
        var rows = new List<PartRow>();
        if (words.Length > 0)
        {
            var hits = await search.FindAsync(words, 60, cancel);
            var ids = hits.Where(h => h.Kind == "part").Select(h => int.TryParse(h.Ref, out var id) ? id : 0).Where(id => id > 0);
            var current = await box.CurrentAsync([.. ids], cancel);
            var own = await box.RecipesAsync([.. current.Select(c => OwnPartId.Of(c.Part, c.Version))], cancel);
            rows.AddRange(own.Select(r => Own(r, shown)));
            rows.AddRange(hits.Where(h => h.Kind == "shipped").Select(h => ShippedParts.Find(h.Ref)).OfType<PartRecipe>()
                .Select(p => Shipped(p, shown)));
            return rows;
        }

        foreach (var kind in Enum.GetValues<PartKind>())
        {
            var parts = await box.ListAsync(kind, tag, BoxSort.Changed, MostOwn, cancel: cancel);
            var recipes = (await box.RecipesAsync([.. parts.Select(p => OwnPartId.Of(p.Id, p.Current))], cancel)).ToDictionary(r => r.Id);
            rows.AddRange(parts.Select(p => recipes.GetValueOrDefault(OwnPartId.Of(p.Id, p.Current))).OfType<PartRecipe>()
                .Select(r => Own(r, shown)));
        }

        if (tag.Length == 0)
            rows.AddRange(ShippedParts.All.Select(p => Shipped(p, shown)));
        return rows;
    }

    private static PartRow Own(PartRecipe part, QuantityFormatter shown) =>
        new(part.Name, Routes.Part(OwnPartId.Parse(part.Id)!.Value.Part), What(part, shown), part.Kind, true);

    private static PartRow Shipped(PartRecipe part, QuantityFormatter shown) =>
        new(part.Name, $"{Routes.NewPart}?from={part.Id}", What(part, shown), part.Kind, false);

    /// <summary>The one or two figures that tell a part from its neighbours.</summary>
    private static string What(PartRecipe part, QuantityFormatter shown)
    {
        if (part.Trouble.Exists)
            return "not for a pie yet: " + part.Trouble.Says;
        var facts = PartFacts.Of(part);
        return part.Kind switch
        {
            PartKind.Filling =>
                $"{PartFamilies.NameOf(part.Kind, part.FamilyId).ToLowerInvariant()}, {shown.Say(facts.Yield!.Amount)}, {facts.Cut!.Name}",
            PartKind.Crust when CrustBook.Find(part.FamilyId) is CrumbFamily => "pressed crumb" + Fat("of crumbs"),
            PartKind.Crust => PartFamilies.NameOf(part.Kind, part.FamilyId).ToLowerInvariant() + Fat("of flour"),
            PartKind.Topping => "holds " + shown.Say(part.AsTopping()!.Holds.AsQuantity()),
        };

        string Fat(string of) => facts.Checks.Count > 0 ? $", fat {shown.Say(facts.Checks[0].Ratio.Amount)} {of}" : "";
    }
}
