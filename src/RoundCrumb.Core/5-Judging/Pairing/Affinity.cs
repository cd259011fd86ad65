using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Pairing;

/// <summary>What a crust does for a filling beyond holding it: which taste or bite lifts which. Custom, as bakers have it.</summary>
/// <param name="Phrase">What is said of it.</param>
/// <param name="Crust">True for a crust that does it.</param>
/// <param name="Filling">True for a filling that is lifted.</param>
public sealed record Affinity(string Phrase, Func<CrustFamily, bool> Crust, Func<FillingFormula, bool> Filling)
{
    /// <summary>Sharp juice in a filling from which it is a sharp one, share of its weight.</summary>
    private const double SharpFrom = 0.06;

    /// <summary>Sugars in a filling from which it is a sweet one, share of its weight.</summary>
    private const double SweetFrom = 0.28;

    /// <summary>Sugar in a dough from which it is a sweet one, share of its flour.</summary>
    private const double SweetDoughFrom = 0.15;

    /// <summary>Fruit in a filling from which it is one of fruit, share of its weight.</summary>
    private const double FruitFrom = 0.2;

    /// <summary>All of them, what says most first.</summary>
    public static IReadOnlyList<Affinity> All { get; } =
    [
        new("ginger lifts it", Of(CrustBook.GingerCrumb), static f => IsSharp(f) || HasFruit(f)),
        new("salt against sweet", Of(CrustBook.PretzelCrumb), static f =>
            IsSweet(f) || HasDark(f) || IsSharp(f)),
        new("dark biscuit under it", Of(CrustBook.SandwichCrumb), HasDark),
        new("nuts under dark and creamy", static c => c is CrumbFamily && c.Ingredients.Any(i => i.Shelf is PantryShelf.Nuts), HasDark),
        new("oats under fruit", static c => c.Ingredients.Any(i => i.Is(Traits.Oats)), HasFruit),
        new(
            "wheatmeal under cheese", Of(CrustBook.WheatmealCrumb),
            static f => f.Lines.Any(l => l.Ingredient.Is(Traits.CreamCheese) || l.Ingredient.Is(Traits.CondensedMilk))),
        new("a mild base for a mild cream", Of(CrustBook.WaferCrumb), static f =>
            f.Family.Scale == SetScale.Starch && !IsSharp(f) && !HasDark(f)),
        new(
            "sweet and short against sharp or dark", static c => c is RolledFamily { NeedsLayers: false } && IsSweet(c),
            static f => IsSharp(f) || HasDark(f) || f.Family.Scale == SetScale.Paste),
        new(
            "short under what is baked in it", static c => c is RolledFamily { NeedsLayers: false } && !IsSweet(c),
            static f => !f.Family.NeedsNoOven || f.Family.Scale == SetScale.Curd),
        new(
            "flakes under cream and fruit", static c => c is RolledFamily { NeedsLayers: true },
            static f => f.Family.Scale == SetScale.Starch || f.Family.Scale == SetScale.StarchInFruit),
    ];

    /// <summary>What a crust does for a filling; none where nothing stands out.</summary>
    public static Affinity? Of(CrustFamily crust, FillingFormula filling) => All.FirstOrDefault(a => a.Crust(crust) && a.Filling(filling));

    /// <summary>Crumb of the same biscuit, the book’s or the baker’s own.</summary>
    private static Func<CrustFamily, bool> Of(CrumbFamily book) => c => c is CrumbFamily own && own.Crumb == book.Crumb;

    private static bool HasDark(FillingFormula f) =>
        f.Lines.Any(l => l.Ingredient.Shelf is PantryShelf.Chocolate || l.Ingredient.Is(Traits.Coffee));

    private static bool IsSweet(CrustFamily c) =>
        c.Formula.Any(l => l.Ingredient.Shelf is PantryShelf.Sugars && l.Share.Usual >= SweetDoughFrom);

    private static bool IsSweet(FillingFormula f) =>
        f.Lines.Sum(l => l.Grams * l.Ingredient.Sugars) >= SweetFrom * f.Lines.Sum(l => l.Grams);

    private static bool HasFruit(FillingFormula f) =>
        f.Lines.Where(l => l.Ingredient.Shelf is PantryShelf.Fruit && l.Ingredient.Juice < 0.5)
        .Sum(l => l.Grams) >= FruitFrom * f.Lines.Sum(l => l.Grams);

    private static bool IsSharp(FillingFormula f) =>
        f.Lines.Sum(l => l.Grams * l.Ingredient.Juice) >= SharpFrom * f.Lines.Sum(l => l.Grams);
}
