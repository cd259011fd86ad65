using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Recipes;

/// <summary>The parts that come with Round Crumb, as recipes: to look at, to copy, to start from.</summary>
public static class ShippedParts
{
    /// <summary>Flour or crumbs that a shipped crust is written for, grams.</summary>
    private const double Base = 250;

    /// <summary>Cream that a shipped topping is written for, ml.</summary>
    private const double Cream = 300;

    /// <summary>White, flour, juice or jam that another topping is written for, grams.</summary>
    private const double ToppingBase = 200;

    /// <summary>All of them: crusts, fillings, toppings.</summary>
    public static IReadOnlyList<PartRecipe> All { get; } =
    [
        .. CrustBook.All.Where(PartFamilies.IsMade).Select(Of),
        .. FillingBook.All.Select(Of),
        .. Topping.All.Where(t => PartFamilies.FamilyOf(t) is not null && t != Topping.None && t != ToppingBook.Held).Select(Of),
    ];

    /// <summary>The one with this id, or none.</summary>
    public static PartRecipe? Find(string id) => All.FirstOrDefault(p => p.Id == id);

    private static PartRecipe Of(CrustFamily family) =>
        new(
            family.Id, family.Name, PartKind.Crust, family.Id,
            [.. family.Formula.Select(l => new RecipeLine(l.Ingredient, Math.Round(Base * l.Share.Usual, 1), Note: l.Note))]);

    private static PartRecipe Of(FillingFormula formula) => new(
        formula.Id, formula.Name, PartKind.Filling, formula.Family.Id,
        [.. formula.Lines.Select(l => new RecipeLine(l.Ingredient, l.Grams, l.GoesIn, l.Note))]);

    private static PartRecipe Of(Topping topping) => new(
        topping.Id, topping.Name, PartKind.Topping, PartFamilies.FamilyOf(topping)!,
        topping.Kind is not ToppingKind.Whipped
        ? [
            new(topping.Base, ToppingBase),
            .. topping.With.Select(w => new RecipeLine(w.Ingredient, Math.Round(ToppingBase * w.PerBase.Usual, 1), Note: w.Note))
        ]
        : [
            new(topping.Base, Math.Round(Cream * topping.Base.BulkDensity), Note: "cold"),
            .. topping.With.Select(w => new RecipeLine(w.Ingredient, Math.Round(Cream * w.PerBase.Usual, 1), Note: w.Note))
        ]);
}
