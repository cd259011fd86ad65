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
/// <param name="Grams">What went into one pie, g.</param>
/// <param name="Contains">What it is itself made of, where it is a compound.</param>
public sealed record LabelLine(Ingredient Ingredient, double Grams, IReadOnlyList<string> Contains);

/// <summary>What a label of a pie says. Which of it a counter, a box or a parcel must carry differs by country.</summary>
/// <param name="Lines">Ingredients by weight as they went in, the greatest first.</param>
/// <param name="Allergens">What is in it.</param>
/// <param name="NotStated">Ingredients of which nobody has said what they have: never to be taken for none.</param>
/// <param name="Net">What one pie weighs.</param>
/// <param name="Keeps">How long it keeps from when it is filled; the topping's hours where those are shorter.</param>
/// <param name="Nutrition">For 100 g.</param>
/// <param name="HasAlcohol">True where there is alcohol in it; it never cooks off wholly.</param>
/// <param name="HasGelatine">True where gelatine is in it.</param>
/// <param name="IsVegetarian">False where anything of a slaughtered animal is in it: gelatine, lard, suet.</param>
/// <param name="HasRawEgg">True where egg in it stays raw.</param>
public sealed record PieLabel(
    IReadOnlyList<LabelLine> Lines, Allergens Allergens, IReadOnlyList<Ingredient> NotStated, Worked<Grams> Net, Worked<MinuteRange> Keeps,
    Nutrition Nutrition, bool HasAlcohol, bool HasGelatine, bool IsVegetarian, bool HasRawEgg)
{
    /// <summary>Water that is left in a shell after baking is named from this share of the pie on.</summary>
    private const double WaterFrom = 0.05;

    /// <summary>What a baked crust loses, as a share of its dough: water.</summary>
    public static readonly Constant CrustLoses = new(
        "a baked crust loses", 0.10, 0.07, 0.14, Dimension.Share, "Water, most of it; a pressed crumb less.");

    /// <summary>Compound ingredients: what they hold is to be held against their packets.</summary>
    public IEnumerable<Ingredient> ToCheck => Lines.Where(l => l.Contains.Count > 0).Select(l => l.Ingredient);

    /// <summary>The label of a batch.</summary>
    public static PieLabel Of(BatchSheet sheet)
    {
        var pie = sheet.Pie;
        var all = sheet.Parts.SelectMany(p => p.Lines).Where(l => l.Mass.Value.Value > 0).GroupBy(l => l.Ingredient)
            .Select(g => (Ingredient: g.Key, Grams: g.Sum(l => l.Mass.Value.Value) / pie.Pies)).ToList();
        var baked = pie.Composition.Crust.IsBaked;
        var dough = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var crust = dough * (baked ? 1 - CrustLoses.Usual : 1);
        var layers = pie.Layers.Sum(l => l.Mass.Value.Value);
        var toppings = pie.Toppings.SelectMany(t => t.Lines).Sum(l => l.Mass.Value.Value);
        var net = new Worked<Grams>(
            "label-net", "Net weight", new(crust + layers + pie.FilledMass.Value.Value + toppings),
            baked ? "crust × what baking leaves of it + filling + layers + topping" : "crust + filling + layers + topping",
            [
                Term.Given("crust, raw", new Grams(dough)), .. baked ? [CrustLoses] : Array.Empty<Term>(), Term.Of(pie.FilledMass),
                Term.Given("layers", new Grams(layers)), Term.Given("topping", new Grams(toppings)),
            ]);

        // What evaporates is water, so a pie weighs less than its sheet; what stays in the bowl is no part of it, but has the same makeup.
        var sheetGrams = all.Sum(l => l.Grams);
        var evaporated = Math.Max(0, (pie.Yield.Mass.Value.Value > 0 ? Boiled(pie) : 0) + (dough - crust));
        var made = Math.Max(1, sheetGrams - evaporated);
        var water = all.Where(l => l.Ingredient.Is(Traits.PlainWater)).Sum(l => l.Grams) - evaporated;
        var lines = all.Where(l => !l.Ingredient.Is(Traits.PlainWater) || water / made > WaterFrom)
            .OrderByDescending(l => l.Ingredient.Is(Traits.PlainWater) ? water : l.Grams)
            .ThenBy(l => l.Ingredient.Name, StringComparer.Ordinal)
            .Select(l => new LabelLine(l.Ingredient, l.Grams, Compound.Usual(l.Ingredient))).ToList();
        var (keeps, cream) = (pie.Times.Keeps, pie.Times.CreamHolds);
        var shorter = cream is not null && cream.Value.Most < keeps.Value.Most ? cream : keeps;
        return new(
            lines, all.Aggregate(Allergens.None, (a, l) => a | l.Ingredient.Allergens),
            [.. all.Select(l => l.Ingredient).Where(i => !i.AllergensStated)],
            net, new("label-keeps", "Keeps", shorter.Value, "the shorter of filling and topping",
                [Term.Of(keeps), .. cream is null ? Array.Empty<Term>() : [Term.Of(cream)]]),
            Nutrition.Of(all, made), all.Exists(l => l.Ingredient.Alcohol > 0),
            all.Exists(l => l.Ingredient is { Bloom: > 0, FromSlaughter: true }),
            !all.Exists(l => l.Ingredient.FromSlaughter),
            pie.Composition.Fillings.Any(f => Needs.RawEggIn(f) is not null));
    }

    /// <summary>What a filling loses on the hob or in the oven, for one pie, g.</summary>
    private static double Boiled(Assessment pie)
    {
        var weighed = pie.Composition.Filling.Formula.Lines.Sum(l =>
            pie.Composition.Filling.Formula.GramsOf(l, pie.Composition.Filling.Setter))
            * pie.Fit.Chosen.Scale.Value.Value;
        return Math.Max(0, weighed - pie.PotMass.Value.Value) / pie.Pies;
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
