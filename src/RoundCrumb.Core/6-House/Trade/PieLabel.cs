using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Steps;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Labelling;

/// <summary>Whose law a label follows.</summary>
public enum LabelLaw
{
    /// <summary>The fourteen of the European Union.</summary>
    European,

    /// <summary>The nine of the United States.</summary>
    American,
}

/// <summary>A stretch of a label's text.</summary>
/// <param name="Text">The words.</param>
/// <param name="IsAllergen">True where they are set off as an allergen.</param>
public readonly record struct LabelWords(string Text, bool IsAllergen);

/// <summary>One ingredient of a label.</summary>
/// <param name="Ingredient">Which.</param>
/// <param name="Grams">What of it is in one pie, g.</param>
/// <param name="Contains">What it is itself made of, where it is a compound.</param>
public sealed record LabelLine(Ingredient Ingredient, double Grams, IReadOnlyList<string> Contains);

/// <summary>What a label of a pie says. Which of it a counter, a box or a parcel must carry differs by country.</summary>
/// <param name="Lines">Ingredients by what of them is in the pie, the greatest first.</param>
/// <param name="Allergens">What is in it.</param>
/// <param name="NotStated">Ingredients of which nobody has said what they have: never to be taken for none.</param>
/// <param name="Net">What one pie weighs.</param>
/// <param name="Keeps">How long it keeps from when it is filled; the topping's hours where those are shorter.</param>
/// <param name="Nutrition">For 100 g.</param>
/// <param name="HasAlcohol">True where there is alcohol in it; it never cooks off wholly.</param>
/// <param name="HasGelatine">True where gelatine is in it.</param>
/// <param name="IsVegetarian">False where anything of a slaughtered animal is in it: gelatine, lard, suet.</param>
/// <param name="HasRawEgg">True where egg in it stays raw or is only lightly cooked.</param>
public sealed record PieLabel(
    IReadOnlyList<LabelLine> Lines, Allergens Allergens, IReadOnlyList<Ingredient> NotStated, Worked<Grams> Net, Worked<MinuteRange> Keeps,
    Nutrition Nutrition, bool HasAlcohol, bool HasGelatine, bool IsVegetarian, bool HasRawEgg)
{
    /// <summary>Water that is left in a shell after baking is named from this share of the pie on.</summary>
    private const double WaterFrom = 0.05;

    /// <summary>Compound ingredients: what they hold is to be held against their packets.</summary>
    public IEnumerable<Ingredient> ToCheck => Lines.Where(l => l.Contains.Count > 0).Select(l => l.Ingredient);

    /// <summary>What may be in it, by what packets or its recipes' own words say, and nobody has answered yet.</summary>
    public Allergens Perhaps { get; init; }

    /// <summary>The label of a batch.</summary>
    public static PieLabel Of(BatchSheet sheet)
    {
        var pie = sheet.Pie;
        var contents = PieContents.Of(sheet);
        var held = Held.Of(pie.Composition).Select(h => h.What).DistinctBy(i => (i.Id, i.Name)).ToList();
        var contains = held.Aggregate(Allergens.None, (all, i) => all | i.Allergens);

        // What is put in to taste is named last; water by what is left of it.
        var all = contents.Lines.GroupBy(l => l.Ingredient.Id).Select(g => (g.First().Ingredient, Grams: g.Sum(l => l.Grams))).ToList();
        var toTaste = held.Where(i => i.WordsOnly.Length == 0 && !all.Exists(l => l.Ingredient.Id == i.Id)).Select(i => (Ingredient: i,
            Grams: 0.0));
        var water = all.Where(l => l.Ingredient.Is(Traits.PlainWater)).Sum(l => l.Grams) - contents.Evaporated;
        var lines = all.Concat(toTaste).Where(
                l => !l.Ingredient.Is(Traits.PlainWater) || water / contents.Net.Value.Value > WaterFrom)
            .Select(l => l.Ingredient.Is(Traits.PlainWater) ? (l.Ingredient, Grams: water) : l)
            .OrderByDescending(l => l.Grams).ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal)
            .Select(l => new LabelLine(l.Ingredient, l.Grams, Compound.Usual(l.Ingredient))).ToList();
        var (keeps, cream) = (pie.Times.Keeps, pie.Times.CreamHolds);
        var shorter = cream is not null && cream.Value.Most < keeps.Value.Most ? cream : keeps;
        return new(
            lines, contains, [.. held.Where(i => !i.AllergensStated)], contents.Net,
            new("label-keeps", "Keeps", shorter.Value, "the shorter of filling and topping",
                [Term.Of(keeps), .. cream is null ? Array.Empty<Term>() : [Term.Of(cream)]]),
            Nutrition.Of([.. contents.Lines.Select(l => (l.Ingredient, l.Solids))], contents.Net.Value.Value),
            held.Exists(i => i.Alcohol > 0), held.Exists(i => i is { Bloom: > 0, FromSlaughter: true }),
            !held.Exists(i => i.FromSlaughter), RawEgg.In(pie.Composition).Any())
        {
            Perhaps = held.Aggregate(Allergens.None, (perhaps, i) => perhaps | i.Unanswered) & ~contains,
        };
    }

    /// <summary>The list of ingredients as it is printed, its allergens set off: in words, not by colour.</summary>
    public IReadOnlyList<LabelWords> Text(LabelLaw law)
    {
        var words = new List<LabelWords>();
        for (var i = 0; i < Lines.Count; i++)
        {
            var line = Lines[i];
            words.AddRange(Named(i == 0 ? "" : ", ", line.Ingredient.ShortName, line.Ingredient.Allergens, law));
            if (line.Contains.Count > 0)
            {
                for (var k = 0; k < line.Contains.Count; k++)
                    words.AddRange(Named(k == 0 ? " (" : ", ", line.Contains[k], line.Ingredient.Allergens, law));
                words.Add(new(")", false));
            }
            else
            {
                // Butter is milk to the law: where the name does not say it, it is said behind it.
                foreach (var allergen in Asked(line.Ingredient.Allergens, law).Where(a =>
                    !AllergenWords.Names(line.Ingredient.ShortName, a)))
                    words.AddRange([new(" (", false), new(AllergenWords.Of(allergen), true), new(")", false)]);
            }
        }

        words.Add(new(".", false));
        return words;
    }

    /// <summary>The groups of a law that are in it, in the law's own order and words.</summary>
    public IReadOnlyList<string> Groups(LabelLaw law) => GroupsOf(Allergens, law);

    /// <summary>The groups of a law that some allergens fall into.</summary>
    public static IReadOnlyList<string> GroupsOf(Allergens some, LabelLaw law) => law switch
    {
        LabelLaw.European => [.. AllergenLaw.Named(some)],
        LabelLaw.American => [.. AllergenLaw.NamedInAmerica(some)],
    };

    private static IEnumerable<Allergens> Asked(Allergens some, LabelLaw law)
    {
        var named = (law is LabelLaw.European ? AllergenLaw.European : AllergenLaw.American).Aggregate(Allergens.None, (a, g) => a | g.Of);
        return AllergenWords.In(some & named);
    }

    private static IEnumerable<LabelWords> Named(string before, string name, Allergens some, LabelLaw law)
    {
        yield return new(before, false);
        var word = Asked(some, law).Select(AllergenWords.Of).FirstOrDefault(w => name.Contains(w, StringComparison.OrdinalIgnoreCase));
        if (word is null)
        {
            yield return new(name, false);
            yield break;
        }

        // The whole word is set off: almonds, not almond.
        var at = name.IndexOf(word, StringComparison.OrdinalIgnoreCase);
        var end = at + word.Length;
        while (end < name.Length && char.IsLetter(name[end]))
            end++;
        yield return new(name[..at], false);
        yield return new(name[at..end], true);
        yield return new(name[end..], false);
    }
}
