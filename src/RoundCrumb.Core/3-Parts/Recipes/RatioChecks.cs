using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Recipes;

/// <summary>The families' ranges against a part's own figures.</summary>
public static class RatioChecks
{
    /// <summary>Further out than this share of the range's own ends, it will disappoint.</summary>
    private const double FarOut = 0.25;

    private static readonly FamilyRatio[] MeringueSugar =
    [
        new(
            "sugar", i => i.IsSugar ? i.Sugars : 0,
            FamilyRatio.Percent("sugar in a meringue", 65, 59, 68, "One and a half to twice the whites."), "it is soft and weeps sooner",
            "it is stiff and cloying"),
    ];

    private static readonly IReadOnlyDictionary<string, IReadOnlyList<FamilyRatio>> OfToppings =
        new Dictionary<string, IReadOnlyList<FamilyRatio>>(
        StringComparer.Ordinal)
        {
            [PartFamilies.Meringue] = MeringueSugar,
            [PartFamilies.FrenchMeringue] = MeringueSugar,
            [PartFamilies.ItalianMeringue] = MeringueSugar,
            [PartFamilies.Crumble] =
        [
            new(
                "fat", i => i.IsFat ? 1 : 0, FamilyRatio.Percent("fat in a crumble", 27, 20, 34, "A little more than half of the flour."),
                "it stays dust", "it melts to a lid"),
            new(
                "sugars", i => i.Sugars, FamilyRatio.Percent("sugars in a crumble", 22, 14, 32, "Enough to crisp."), "it is bready",
                "it goes to toffee"),
        ],
            [PartFamilies.Jelly] =
        [
            new(
                "gelatine", i => i.Is(Traits.Agar) ? 2.5 : i.GelatineEquivalent,
                FamilyRatio.Percent("gelatine in a jelly layer", 2.0, 1.6, 2.8, "It cuts and does not run."), "it runs off the slice",
                "it bounces"),
        ],
            [PartFamilies.Glaze] =
        [
            new(
                "water", i => i.Is(Traits.PlainWater) ? 1 : 0,
                FamilyRatio.Percent("water in a glaze", 20, 10, 35, "Thin enough to brush while it is hot."), "it lies in ridges",
                "it runs off the fruit"),
        ],
            [PartFamilies.WhippedCream] =
        [
            new(
                "sugar", i => i.IsSugar ? i.Sugars : 0, FamilyRatio.Percent("sugar in whipped cream", 5, 0, 10, "To taste."), "",
                "it is sweeter than the filling can bear, and whips less"),
            new(
                "gelatine", i => i.GelatineEquivalent,
                FamilyRatio.Percent("gelatine in whipped cream", 0.8, 0, 1.1, "A trace holds for two days."), "",
                "it is felt on the tongue"),
        ],
        };

    /// <summary>The checks of a part.</summary>
    public static IReadOnlyList<RatioCheck> Of(PartRecipe part, FillingYield? made)
    {
        if (part.Total <= 0)
            return [];
        return part.Kind switch
        {
            PartKind.Crust => OfCrust(part),
            _ => [.. RatiosOf(part).Select(r => Check(r, part, made?.Weighed.Value.Value ?? part.Total, "all that is weighed"))],
        };
    }

    private static IReadOnlyList<RatioCheck> OfCrust(PartRecipe part) => (part.Counted, CrustBook.Find(part.FamilyId)) switch
    {
        (FormulaBase.Flour, { } dough) when part.Flour > 0 => [.. Dough(dough).Select(r => Check(r, part, part.Flour, "flour"))],
        (FormulaBase.Crumbs, { } crumb) when part.Crumbs > 0 => [.. Crumb(crumb, part).Select(r => Check(r, part, part.Crumbs, "crumbs"))],
        _ => [],
    };

    private static IReadOnlyList<FamilyRatio> RatiosOf(PartRecipe part) =>
        part.Kind is PartKind.Filling ? PartFamilies.Filling(part.FamilyId)?.Ratios ?? [] : OfToppings.GetValueOrDefault(part.FamilyId, []);

    /// <summary>A dough's fat, wet and sugar, from the family's own declaration.</summary>
    private static IEnumerable<FamilyRatio> Dough(CrustFamily family)
    {
        yield return new(
            "fat", i => i.IsFat ? 1 : 0, Over(family, i => i.IsFat, "fat to flour"), "it is hard and bready",
            "it slumps and greases the pan");
        yield return new(
            "water and egg", Wet, Over(family, i => Wet(i) > 0, "water and egg to flour"), "it cracks and will not hold",
            "it is tough, and shrinks");
        yield return new(
            "sugar", i => i.IsSugar ? 1 : 0, Over(family, i => i.IsSugar, "sugar to flour"), "it stays pale",
            "it browns before it is baked through, and sticks");

        static double Wet(Ingredient i) =>
            i.Egg is not EggPart.None || (i.Shelf is PantryShelf.Drinks or PantryShelf.Dairy && i.Makeup.Water > 0.6)
                || i.Is(Traits.Vinegar) || i.Juice >= 1
                ? 1
                : 0;
    }

    private static IEnumerable<FamilyRatio> Crumb(CrustFamily family, PartRecipe part)
    {
        // What a crumb drinks depends on the biscuit: its own figure where the craft has one.
        var crumb = part.Lines.Where(l => l.Ingredient.MakesCrumb).MaxBy(l => l.Mass)!.Ingredient;
        yield return new(
            "melted fat", i => i.IsFat ? 1 : 0, FatFor(crumb, family), "it crumbles when it is cut", "it is greasy and sets like a tile");
        yield return new(
            "sugar", i => i.IsSugar ? 1 : 0, FamilyRatio.Percent("sugar to crumb", 8, 0, 25, "It helps a baked crumb to hold together."),
            "", "it is sticky, and hard when cold");
    }

    /// <summary>What a crumb drinks: its own family's figure, or one for the biscuits that have no family.</summary>
    private static Constant FatFor(Ingredient crumb, CrustFamily family) => crumb switch
    {
        _ when crumb.Is(Traits.CoarseCrumb) => FamilyRatio.Percent("fat to oat biscuit crumb", 50, 45, 55, "Coarser crumb drinks more."),
        _ when crumb.Is(Traits.RichCrumb) => FamilyRatio.Percent("fat to this crumb", 39, 34, 45, "Rich and sugary already."),
        _ when crumb.Is(Traits.ButteryCrumb) =>
            FamilyRatio.Percent("fat to shortbread crumb", 22, 16, 28, "It is a quarter butter already."),
        _ =>
            Fat(
                CrustBook.All.FirstOrDefault(f => f.CountedAgainst is FormulaBase.Crumbs && f.FromPackets == crumb)
                    ?? (crumb.Shelf is PantryShelf.Nuts ? CrustBook.NutCrumb : family)),
    };

    private static Constant Fat(CrustFamily family) => family.Formula.First(p => p.Ingredient.IsFat).Share;

    private static RatioCheck Check(FamilyRatio ratio, PartRecipe part, double against, string of)
    {
        var counted = part.Lines.Where(l => l.Mass > 0 && ratio.Counts(l.Ingredient) > 0).ToList();
        var value = counted.Sum(l => l.Mass * ratio.Counts(l.Ingredient)) / against;
        var worked = new Worked<Share>(
            "ratio-" + ratio.Name.Replace(' ', '-'), char.ToUpperInvariant(ratio.Name[0]) + ratio.Name[1..], new(value),
            $"{ratio.Name} ÷ {of}",
            [
                .. counted.Select(l => Term.Given(l.Ingredient.ShortName, l.Mass * ratio.Counts(l.Ingredient), Dimension.Mass)),
                Term.Given(of, against, Dimension.Mass), ratio.Range
            ]);
        var tolerance = 0.02 * Math.Max(ratio.Range.High, 0.01);
        var low = value < ratio.Range.Low - tolerance && ratio.TooLittle.Length > 0;
        var high = value > ratio.Range.High + tolerance;
        if (!low && !high)
            return new(worked, ratio.Range, Severity.WorthKnowing, Phrase.None);
        var far = low ? value < ratio.Range.Low * (1 - FarOut) : value > ratio.Range.High * (1 + FarOut);
        return new(worked, ratio.Range, far ? Severity.Disappoints : Severity.WorthKnowing, new(
            (low ? "Little " : "Much ") + ratio.Name + " ({0}, usually {1}): " + (low ? ratio.TooLittle : ratio.TooMuch) + ".",
            worked, new Quantity(ratio.Range.Usual, Dimension.Share, ratio.Range.Low, ratio.Range.High)));
    }

    private static Constant Over(CrustFamily family, Func<Ingredient, bool> counts, string name)
    {
        var parts = family.Formula.Where(d => counts(d.Ingredient)).Select(d => d.Share).ToList();
        return new(
            name, parts.Sum(p => p.Usual), parts.Sum(p => p.Low), parts.Sum(p => p.High), Dimension.Share,
            $"As this family is made: {family.Name.ToLowerInvariant()}.");
    }
}
