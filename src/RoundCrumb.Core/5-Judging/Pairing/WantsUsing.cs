using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Pairing;

/// <summary>A pairing that uses up something.</summary>
/// <param name="Cell">The filling on the crust that suits it best.</param>
/// <param name="PerPie">How much of it one pie takes.</param>
/// <param name="Pies">How many whole pies there is enough of it for; 0 where it is too little for one.</param>
public sealed record WantsUsing(Cell Cell, Worked<Grams> PerPie, int Pies)
{
    /// <summary>What is short by no more than a fiftieth is enough: nobody leaves a lemon for it.</summary>
    private const double NearEnough = 1.02;

    /// <summary>How much of an ingredient the filling of one pie takes; none where it has none of it.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="what">The ingredient.</param>
    public static Worked<Grams>? Each(Assessment pie, Ingredient what)
    {
        var lines = pie.Composition.Filling.Formula.Lines;

        // Juice and zest come off the same lemon: as many are cut as the one takes that takes more.
        var taken = lines.Where(l => l.Ingredient == what || l.Ingredient.PartOf == what.Id).GroupBy(l => l.Ingredient)
            .Select(g => g.Sum(l => l.Grams) * (g.Key == what || g.Key.GramsEach <= 0 ? 1 : what.GramsEach / g.Key.GramsEach)).ToList();
        var share = taken.Count == 0 ? 0 : taken.Max() / lines.Sum(l => l.Grams);
        return share <= 0 ? null : new(
            "uses-" + what.Id, $"{what.ShortName} in one", pie.PotMass.Value * share,
            "what goes into the pot × its share of the recipe, what is squeezed or grated counted as the whole fruit",
            Term.Of(pie.PotMass), Term.Given("its share of the recipe", share, Dimension.Share));
    }

    /// <summary>Every figure that can be opened.</summary>
    /// <param name="pie">The pie.</param>
    public static IEnumerable<IWorked> Figures(Assessment pie) =>
        pie.Composition.Filling.Formula.Lines.SelectMany(l =>
            l.Ingredient.PartOf is { Length: > 0 } whole && Pantry.Find(whole) is { } one ? [l.Ingredient, one] : new[] { l.Ingredient })
            .Distinct().Select(i => Each(pie, i)).OfType<IWorked>();

    /// <summary>The fillings of a board that take an ingredient, each on the crust that suits it best, the best first.</summary>
    /// <param name="board">The board.</param>
    /// <param name="what">What wants using.</param>
    /// <param name="have">How much there is of it.</param>
    /// <param name="kitchen">The kitchen.</param>
    public static IReadOnlyList<WantsUsing> Of(Board board, Ingredient what, Grams have, Kitchen kitchen)
    {
        var found = new List<WantsUsing>();
        for (var i = 0; i < board.Fillings.Count; i++)
        {
            var at = i;
            var best = Board.Ranked(board.Cells.Select(r => r[at])).FirstOrDefault();
            if (best is null or { Level: PairLevel.No } || Each(Assessment.Of(best.Best, 1, kitchen), what) is not { } each)
                continue;
            found.Add(new(best, each, each.Value.Value > 0 ? (int)Math.Floor(have.Value / each.Value.Value * NearEnough) : 0));
        }

        return [.. found.OrderByDescending(f => f.Pies > 0).ThenByDescending(f => f.Cell.Score.Points)];
    }
}
