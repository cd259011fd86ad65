using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;

namespace RoundCrumb.Core.Recipes;

/// <summary>Guesses what a recipe from elsewhere is: a crust, a filling or a topping, and of which family. The baker has the last word.</summary>
public static class PartGuess
{
    private static readonly (PartKind Kind, string[] Words)[] Headings =
    [
        (PartKind.Topping, ["topping", "to finish", "to decorate", "to top", "meringue", "whipped cream", "decoration", "garnish"]),
        (PartKind.Crust, ["crust", "base", "pastry", "shell", "dough", "case", "crumb"]),
        (PartKind.Filling, ["filling", "custard", "curd", "cheesecake", "ganache", "mousse", "cream"]),
    ];

    /// <summary>The kind that a heading names; none where it names none.</summary>
    public static PartKind? KindOf(string heading)
    {
        foreach (var (kind, words) in Headings)
        {
            if (Array.Exists(words, w => heading.Contains(w, StringComparison.OrdinalIgnoreCase)))
                return kind;
        }

        return null;
    }

    /// <summary>The kind that some lines look like.</summary>
    public static PartKind KindOf(IReadOnlyCollection<RecipeLine> lines)
    {
        var total = lines.Sum(l => l.Mass);
        if (total <= 0)
            return PartKind.Filling;
        double Share(Func<Ingredient, bool> counts) => lines.Where(l => counts(l.Ingredient)).Sum(l => l.Mass) / total;
        if (Share(i => i.IsFlour || i.Shelf is PantryShelf.Biscuits) > 0.35)
            return PartKind.Crust;
        return Share(i => i.Id is "double-cream" or "whipping-cream" or "plant-cream" or "mascarpone" || i.IsSugar) > 0.93 && Share(i => i.IsSugar) < 0.3 ? PartKind.Topping : PartKind.Filling;
    }

    /// <summary>The family that some lines of a kind look like.</summary>
    public static string FamilyOf(PartKind kind, IReadOnlyCollection<RecipeLine> lines)
    {
        double Grams(Func<Ingredient, bool> counts) => lines.Where(l => counts(l.Ingredient)).Sum(l => l.Mass);
        if (kind is PartKind.Topping)
            return PartFamilies.WhippedCream;
        if (kind is PartKind.Filling)
            return Grams(i => i.Bloom > 0) > 0 ? FillingFamily.CheeseGelatine.Id : FillingFamily.StarchCustard.Id;

        var flour = Grams(i => i.IsFlour);
        if (flour <= 0 || Grams(i => i.Shelf is PantryShelf.Biscuits) > flour)
        {
            // The family of the biscuit that there is most of; a biscuit without one of its own is like the plain kind.
            var crumb = lines.Where(l => l.Ingredient.Shelf is PantryShelf.Biscuits or PantryShelf.Nuts || l.Ingredient.Id is "rolled-oats").MaxBy(l => l.Mass)?.Ingredient;
            return CrustBook.All.OfType<CrumbFamily>().FirstOrDefault(f => f.Crumb == crumb)?.Id
                ?? (crumb?.Shelf is PantryShelf.Nuts ? CrustBook.NutCrumb.Id : CrustBook.PlainCrumb.Id);
        }

        var sugar = Grams(i => i.IsSugar) / flour;
        var egg = Grams(i => i.Egg is not EggPart.None) / flour;
        if (Grams(i => i.Id is "rolled-oats" or "oat-flour") / flour > 0.15)
            return CrustBook.PartOats.Id;
        if (sugar >= 0.2)
            return Grams(i => i.Shelf is PantryShelf.Nuts) > 0 || sugar > 0.36 ? CrustBook.Sandy.Id : CrustBook.SweetShort.Id;
        if (egg > 0.08)
            return CrustBook.ShortCrust.Id;
        var butter = Grams(i => i.Id is "butter" or "salted-butter" or "margarine");
        var other = Grams(i => i.IsFat) - butter;
        return other <= butter * 0.2 ? CrustBook.ButterFlaky.Id : butter <= other * 0.2 ? CrustBook.ShorteningFlaky.Id : CrustBook.HalfFlaky.Id;
    }
}
