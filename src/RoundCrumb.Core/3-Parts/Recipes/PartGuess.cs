using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Recipes;

/// <summary>
/// Guesses what a recipe from elsewhere is: a crust, a filling or a topping, and of which family. The baker has the last word.
/// </summary>
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
        return Share(i => i.Is(Traits.Whips) || (i.Is(Traits.CreamCheese) && i.Makeup.Fat > 0.4) || i.IsSugar) > 0.93
            && Share(i => i.IsSugar) < 0.3
            ? PartKind.Topping
            : PartKind.Filling;
    }

    /// <summary>The crust that is bought, where the lines are nothing but one; none otherwise.</summary>
    public static CrustFamily? BoughtCrust(IReadOnlyCollection<RecipeLine> lines)
    {
        var bought = lines.Where(l => l.Ingredient.Is(Traits.BoughtShell | Traits.BoughtDough)).ToList();
        if (bought.Count == 0 || bought.Sum(l => l.Mass) < 0.9 * lines.Sum(l => l.Mass))
            return null;
        var what = bought[0].Ingredient;
        return what.Is(Traits.BoughtDough) ? CrustBook.BoughtSheet
            : CrustBook.All.OfType<ShellFamily>().FirstOrDefault(f => f.Shell == what) ?? CrustBook.BoughtShell23;
    }

    /// <summary>The family that some lines of a kind look like.</summary>
    public static string FamilyOf(PartKind kind, IReadOnlyCollection<RecipeLine> lines)
    {
        double Grams(Func<Ingredient, bool> counts) => lines.Where(l => counts(l.Ingredient)).Sum(l => l.Mass);
        if (kind is PartKind.Topping)
        {
            return Grams(i => i.Is(Traits.Whips)) > 0 ? PartFamilies.WhippedCream
                : Grams(i => i.Egg is EggPart.White) > 0 ? PartFamilies.Meringue
                : Grams(i => i.IsFlour) > 0 ? PartFamilies.Crumble
                : Grams(i => i.Bloom > 0 || i.Is(Traits.Agar)) > 0 ? PartFamilies.Jelly
                : Grams(i => i.Is(Traits.Jam)) > 0 ? PartFamilies.Glaze
                : PartFamilies.WhippedCream;
        }

        if (kind is PartKind.Filling)
            return Filling(lines).Id;

        if (BoughtCrust(lines) is { } bought)
            return bought.Id;
        var flour = Grams(i => i.IsFlour);
        if (flour <= 0 || Grams(i => i.Shelf is PantryShelf.Biscuits) > flour)
        {
            // The family of the biscuit that there is most of; a biscuit without one of its own is like the plain kind.
            var crumb = lines.Where(l => l.Ingredient.MakesCrumb).MaxBy(l => l.Mass)?.Ingredient;
            return CrustBook.All.OfType<CrumbFamily>().FirstOrDefault(f => f.Crumb == crumb)?.Id
                ?? (crumb?.Shelf is PantryShelf.Nuts ? CrustBook.NutCrumb.Id : CrustBook.PlainCrumb.Id);
        }

        var sugar = Grams(i => i.IsSugar) / flour;
        var egg = Grams(i => i.Egg is not EggPart.None) / flour;
        if (Grams(i => i.Is(Traits.Oats)) / flour > 0.15)
            return CrustBook.PartOats.Id;
        if (sugar >= 0.2)
            return Grams(i => i.Shelf is PantryShelf.Nuts) > 0 || sugar > 0.36 ? CrustBook.Sandy.Id : CrustBook.SweetShort.Id;
        if (egg > 0.08)
            return CrustBook.ShortCrust.Id;
        var butter = Grams(i => i.Is(Traits.Butter | Traits.BlockMargarine));
        var other = Grams(i => i.IsFat) - butter;
        return other <= butter * 0.2
            ? CrustBook.ButterFlaky.Id
            : butter <= other * 0.2 ? CrustBook.ShorteningFlaky.Id
            : CrustBook.HalfFlaky.Id;
    }

    /// <summary>What a filling is most like, by what there is much of and by what sets it.</summary>
    private static FillingFamily Filling(IReadOnlyCollection<RecipeLine> lines)
    {
        var total = Math.Max(1, lines.Sum(l => l.Mass));
        double Share(Func<Ingredient, bool> counts) => lines.Where(l => counts(l.Ingredient)).Sum(l => l.Mass) / total;
        bool Any(GoesIn how) => lines.Any(l => l.GoesIn == how);
        var cheese = Share(i => i.Is(Traits.FreshCheese));
        var eggs = Share(i => i.Egg is not EggPart.None);
        var starch = lines.Sum(l => l.Mass * l.Ingredient.StarchEquivalent) / total;
        if (Any(GoesIn.Soured))
            return FillingFamilies.FreshCurd;
        if (Share(i => i.Bloom > 0) > 0)
            return cheese >= 0.15 ? FillingFamilies.CheeseGelatine : FillingFamilies.Chiffon;
        if (cheese >= 0.3 && eggs < 0.08)
            return FillingFamilies.CheeseStiff;
        if (Share(i => i.Is(Traits.DarkChocolate | Traits.PaleChocolate)) >= 0.3)
            return FillingFamilies.Ganache;
        if (Share(i => i.Is(Traits.CondensedMilk)) >= 0.35)
            return Share(i => i.Juice >= 0.5) >= 0.08 ? FillingFamilies.AcidMilk : FillingFamilies.CaramelLayer;
        if (Share(i => i.Is(Traits.GroundNuts)) >= 0.12)
            return FillingFamilies.AlmondPaste;
        if (Share(i => i.Shelf is PantryShelf.Nuts) >= 0.15 && Share(i => i.IsSugar) >= 0.2)
            return FillingFamilies.NutSyrup;
        if (Share(i => i.Shelf is PantryShelf.Fruit && i.Juice < 0.9) >= 0.5 && eggs < 0.05)
            return FillingFamilies.FruitCrumble;
        if (eggs >= 0.1 && starch < 0.02 && Share(i => i.Juice >= 0.5) >= 0.1)
            return Share(i => i.IsFat) >= 0.1 ? FillingFamilies.PouredCurd : FillingFamilies.BakedCitrus;
        if (Share(i => i.IsSugar) >= 0.35 && eggs < 0.02 && starch < 0.005)
            return FillingFamilies.CaramelLayer;
        if (eggs >= 0.12 && starch < 0.012 && Share(i => i.Shelf is PantryShelf.Dairy) >= 0.3)
            return cheese >= 0.2 ? FillingFamilies.FreshCurd : FillingFamilies.BakedCustard;
        return Any(GoesIn.WhippedAndFolded) && starch > 0.01 ? FillingFamilies.LightCustard : FillingFamilies.StarchCustard;
    }
}
