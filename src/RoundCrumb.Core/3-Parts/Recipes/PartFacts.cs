using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Recipes;

/// <summary>A ratio of a part against what its family allows.</summary>
/// <param name="Ratio">The ratio, with its working.</param>
/// <param name="Range">What the family allows.</param>
/// <param name="Severity">How far out it is.</param>
/// <param name="Says">What that does; empty when it is inside.</param>
public sealed record RatioCheck(Worked<Share> Ratio, Constant Range, Severity Severity, Phrase Says)
{
    /// <summary>True when it lies inside.</summary>
    public bool IsSound => Says.IsEmpty;
}

/// <summary>What the core knows of a part: what it weighs, gives, contains, and whether its ratios are sane.</summary>
/// <param name="Part">The part.</param>
/// <param name="Total">All that is weighed.</param>
/// <param name="Shares">Each line's share: bakers' percentage of a dough, share of the crumbs, share of the whole for fillings and
/// toppings.</param>
/// <param name="Yield">What one batch gives, ml; none for a crust.</param>
/// <param name="YieldMass">The same by weight; none for a crust.</param>
/// <param name="Set">Its set index; none for what does not set.</param>
/// <param name="Cut">How it will cut; none for what is not cut.</param>
/// <param name="Sugars">Sugars, as a share.</param>
/// <param name="Juice">Sharp juice, as a share.</param>
/// <param name="Fat">Fat, as a share.</param>
/// <param name="Alcohol">Alcohol, as a share.</param>
/// <param name="Allergens">What a label must name.</param>
/// <param name="Eggs">Eggs, yolks and whites for one batch, in words.</param>
/// <param name="Checks">Its ratios against the family's.</param>
public sealed record PartFacts(
    PartRecipe Part,
    Worked<Grams> Total,
    IReadOnlyList<Worked<Share>> Shares,
    Worked<Millilitres>? Yield,
    Worked<Grams>? YieldMass,
    Worked<Number>? Set,
    CutBand? Cut,
    Worked<Share> Sugars,
    Worked<Share> Juice,
    Worked<Share> Fat,
    Worked<Share> Alcohol,
    Allergens Allergens,
    IReadOnlyList<(Ingredient Egg, double Count)> Eggs,
    IReadOnlyList<RatioCheck> Checks)
{
    /// <summary>True when nothing from a slaughtered animal is in it.</summary>
    public bool IsVegetarian => Part.Everything.All(i => !i.FromSlaughter);

    /// <summary>What a share is of, in a word.</summary>
    public string ShareOf =>
        Part.Counted switch { FormulaBase.Flour => "of flour", FormulaBase.Crumbs => "of crumbs", FormulaBase.Nothing => "of all" };

    /// <summary>The facts of a part.</summary>
    public static PartFacts Of(PartRecipe part)
    {
        var lines = part.Lines;
        var total = new Worked<Grams>(
            "part-total", "All that is weighed", new(part.Total), "all lines added up",
            [.. lines.Select(l => Term.Given(l.Ingredient.ShortName, l.Mass, Dimension.Mass))]);
        var keys = WeighedLine.Keys([.. lines.Select(l => l.Ingredient)]);
        var (against, of) = part.Counted switch
        {
            FormulaBase.Flour => (part.Flour, "flour"),
            FormulaBase.Crumbs => (part.Crumbs, "crumbs"),
            FormulaBase.Nothing => (part.Total, "all that is weighed"),
        };
        var shares = new Worked<Share>[lines.Count];
        for (var i = 0; i < shares.Length; i++)
        {
            shares[i] = new(
                $"part-share-{keys[i]}", lines[i].Ingredient.ShortName, new(against > 0 ? lines[i].Mass / against : 0), $"its grams ÷ {of}",
                Term.Given("its grams", lines[i].Mass, Dimension.Mass), Term.Given(of, against, Dimension.Mass));
        }

        var filling = part.AsFilling();
        var made = filling is null ? null : FillingYield.Of(filling, 1);
        var whipped = part.AsTopping() is { Kind: ToppingKind.Whipped } topping ? Whipped(part, topping) : null;
        var eggs = lines.Where(l => l.Ingredient.Egg is not EggPart.None && l.Ingredient.GramsEach > 0).GroupBy(l => l.Ingredient)
            .Select(g => (g.Key, Math.Round(g.Sum(l => l.Mass) / g.Key.GramsEach, 2))).Where(e => e.Item2 > 0).ToList();
        return new(
            part, total, shares, made?.Volume ?? whipped, made?.Mass ?? (whipped is null ? null : total), made?.SetIndex, made?.Cut,
            Sum("sugars", "Sugars", l => l.Ingredient.Sugars), Sum("juice", "Sharp juice", l => l.Ingredient.Juice),
            Sum("fat", "Fat", l => l.Ingredient.Makeup.Fat), Sum("alcohol", "Alcohol", l => l.Ingredient.Alcohol),
            part.Everything.Aggregate(Allergens.None, (all, i) => all | i.Allergens), eggs, RatioChecks.Of(part, made));

        Worked<Share> Sum(string id, string name, Func<RecipeLine, double> share)
        {
            var grams = lines.Sum(l => l.Mass * share(l));
            return new(
                "part-" + id, name, new(part.Total > 0 ? grams / part.Total : 0),
                $"{name.ToLowerInvariant()} of every line ÷ all that is weighed",
                [
                    .. lines.Where(l => l.Mass * share(l) > 0.05).Select(
                        l => Term.Given("in " + l.Ingredient.ShortName, l.Mass * share(l), Dimension.Mass)),
                    Term.Of(total)
                ]);
        }
    }

    private static Worked<Millilitres> Whipped(PartRecipe part, Topping topping)
    {
        var factor = LayerStyle.Nearest(new(12)).WhipFactor;
        var cream = part.Lines.Where(l => l.Ingredient == topping.Base).Sum(l => l.Mass) / topping.Base.BulkDensity;
        return new(
            "part-whipped", "Whipped, it gives", new(cream * factor.Usual), "cream in ml × how much it swells",
            Term.Given("cream", new Millilitres(cream)), factor);
    }

    /// <summary>Every figure that can be opened.</summary>
    public IEnumerable<IWorked> Figures() =>
        new IWorked?[] { Total, Yield, YieldMass, Set, Sugars, Juice, Fat, Alcohol }.OfType<IWorked>().Concat(Shares)
            .Concat(Checks.Select(c => c.Ratio)).DistinctBy(f => f.Id);
}
