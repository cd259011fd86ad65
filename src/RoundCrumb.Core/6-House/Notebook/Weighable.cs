using RoundCrumb.Core.Baking;
using RoundCrumb.Core.BlindBaking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Records;

/// <summary>Something of a pie's ingredients that a baker can weigh or measure, against what the book takes it for.</summary>
/// <param name="Key">What is learned from it.</param>
/// <param name="Name">What it is, as a baker would say it.</param>
/// <param name="Book">What the book takes it for.</param>
public sealed record Weighable(CorrectionKey Key, string Name, Quantity Book)
{
    /// <summary>What of a pie can be weighed, each once.</summary>
    /// <param name="pie">The pie.</param>
    public static IReadOnlyList<Weighable> Of(Assessment pie)
    {
        var c = pie.Composition;
        var all = new List<Weighable>();
        if (c.Crust.Family is CrumbFamily { Crumb: { } crumb, BiscuitMass.Usual: > 0 } family && pie.Crust.Biscuits is not null)
        {
            all.Add(new(
                CorrectionKey.OfIngredient(CorrectionKind.BiscuitWeight, crumb.Id), "One biscuit weighs",
                new(family.BiscuitMass.Usual, Dimension.Mass)));
        }

        if (c.Crust.Family is RolledFamily { Sheet: null } dough
            && dough.Dough.FirstOrDefault(d => d.Ingredient.Is(Traits.PlainWater)) is { } water)
        {
            all.Add(new(
                CorrectionKey.DoughWater(dough.Id), "Water that 100 g of flour took", new(water.Percent.Usual * 100, Dimension.Mass)));
        }

        foreach (var topping in pie.Toppings.Where(t => t.Style is not null))
        {
            all.Add(new(
                CorrectionKey.OfIngredient(CorrectionKind.WhippedVolume, topping.Lines[0].Ingredient.Id), "Cream swelled, times its volume",
                new(topping.Style!.WhipFactor.Usual, Dimension.Factor)));
        }

        foreach (var one in c.Fillings.SelectMany(f => f.Lines).Select(l => l.Ingredient).Distinct())
        {
            if (PieceWeights.KindOf(one) is { } kind)
                all.Add(new(CorrectionKey.OfIngredient(kind, one.Id), NameOf(kind, one), new(one.GramsEach, Dimension.Mass)));
        }

        return [.. all.DistinctBy(w => w.Key)];
    }

    /// <summary>The stages of a pie that can be timed: those of its shell, and of the filled shell.</summary>
    /// <param name="pie">The pie.</param>
    public static IReadOnlyList<BakeStage> StagesOf(Assessment pie) =>
        pie.FilledBake is { } filled ? [.. pie.Card.Stages, filled] : pie.Card.Stages;

    private static string NameOf(CorrectionKind kind, Ingredient one) => kind switch
    {
        CorrectionKind.EggWeight => one.Egg switch
        {
            EggPart.Yolk => "One yolk weighs",
            EggPart.White => "One white weighs",
            EggPart.Whole or EggPart.None => "One egg weighs without its shell",
        },
        _ => Capital(one.ShortName) + ", from one " + Pantry.Get(one.PartOf).ShortName,
    };

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
