using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Recipes;

/// <summary>A ratio that a family keeps to, and what happens outside it.</summary>
/// <param name="Name">What is counted.</param>
/// <param name="Counts">Which lines count, and how much of each.</param>
/// <param name="Range">What the family allows.</param>
/// <param name="TooLittle">What too little does.</param>
/// <param name="TooMuch">What too much does.</param>
public sealed record FamilyRatio(string Name, Func<Ingredient, double> Counts, Constant Range, string TooLittle, string TooMuch);

/// <summary>The families' ranges against a part's own figures.</summary>
public static class RatioChecks
{
    /// <summary>Further out than this share of the range's own ends, it will disappoint.</summary>
    private const double FarOut = 0.25;

    private static readonly FamilyRatio[] MeringueSugar =
    [
        new("sugar", i => i.IsSugar ? i.Sugars : 0, Percent("sugar in a meringue", 65, 59, 68, "One and a half to twice the whites."), "it is soft and weeps sooner", "it is stiff and cloying"),
    ];

    private static readonly IReadOnlyDictionary<string, IReadOnlyList<FamilyRatio>> ByFamily = new Dictionary<string, IReadOnlyList<FamilyRatio>>(StringComparer.Ordinal)
    {
        [FillingFamilies.StarchCustard.Id] =
        [
            new("sugars", i => i.Sugars, Percent("sugars in a starch custard", 13, 8, 24, "Less is flat, more softens the set."), "it tastes flat", "it is cloying, and sugar takes water from the starch"),
            new("egg", i => i.Egg is EggPart.None ? 0 : 1, Percent("egg in a starch custard", 10, 4, 20, "Yolk for richness and colour."), "it is pale and lean", "it tastes of egg"),
            new("starch", i => i.StarchEquivalent, Percent("starch as cornflour", 3.8, 2.3, 6, "What sets it."), "there is little to set it", "it turns pasty"),
            new("milk and cream", i => i.Shelf is PantryShelf.Dairy ? 1 : 0, Percent("milk and cream", 72, 50, 88, "The body of it."), "there is little custard in it", "there is little else in it"),
        ],
        [FillingFamilies.CheeseGelatine.Id] =
        [
            new("cream cheese", i => i.Id is "cream-cheese" or "mascarpone" or "quark" or "ricotta" or "goats-curd" ? 1 : 0, Percent("cheese in a cream cheese filling", 45, 28, 65, "It gives body and taste."), "it is a mousse, hardly a cheese filling", "it is heavy"),
            new("gelatine", i => i.GelatineEquivalent, Percent("gelatine, 200 bloom", 0.85, 0.5, 1.6, "What sets it."), "it spoons instead of cutting", "it bounces"),
            new("sugars", i => i.Sugars, Percent("sugars in a cream cheese filling", 13, 7, 22, "Cold dulls sweetness a little."), "it tastes of cheese alone", "it is cloying"),
        ],
        [FillingFamilies.LightCustard.Id] =
        [
            new("sugars", i => i.Sugars, Percent("sugars in a light custard", 13, 8, 22, "Cream and air dull sweetness."), "it tastes flat", "it is cloying"),
            new("starch", i => i.StarchEquivalent, Percent("starch as cornflour", 3.7, 2.3, 5.5, "It has to hold the cream as well."), "it slumps once the cream is in", "it turns pasty"),
        ],
        [FillingFamilies.BakedCustard.Id] =
        [
            new("egg", i => i.Egg is EggPart.None ? 0 : 1, Percent("egg in a baked custard", 17, 12, 24, "What sets it."), "it will not hold its slice", "it tastes of egg"),
            new("sugars", i => i.Sugars, Percent("sugars in a baked custard", 15, 9, 24, "Less is flat, more keeps it from setting."), "it tastes flat", "it sets late, and weeps"),
        ],
        [FillingFamilies.PouredCurd.Id] =
        [
            new("sugars", i => i.Sugars, Percent("sugars in a curd", 26, 18, 36, "Against so much acid."), "it puckers", "it is sweet before it is sharp"),
            new("butter", i => i.IsFat ? 1 : 0, Percent("butter in a curd", 21, 12, 32, "It rounds the acid and stiffens when cold."), "it is thin and harsh", "it is greasy"),
        ],
        [FillingFamilies.BakedCitrus.Id] =
        [
            new("egg", i => i.Egg is EggPart.None ? 0 : 1, Percent("egg in a baked citrus filling", 28, 20, 36, "What sets it."), "juice runs from the cut", "it tastes of egg"),
            new("sugars", i => i.Sugars, Percent("sugars in a baked citrus filling", 26, 18, 38, "Against so much acid."), "it puckers", "it is sweet before it is sharp"),
        ],
        [FillingFamilies.CheeseStiff.Id] =
        [
            new("cheese", i => i.Id is "cream-cheese" or "mascarpone" or "quark" or "ricotta" or "goats-curd" ? 1 : 0, Percent("cheese, set without gelatine", 54, 50, 70, "Half of it at least, or it stays a spoon dessert."), "it stays a spoon dessert", "it is heavy"),
        ],
        [FillingFamilies.Chiffon.Id] =
        [
            new("gelatine", i => i.GelatineEquivalent, Percent("gelatine, 200 bloom", 0.95, 0.6, 1.5, "It has to hold foam up."), "the foam sinks", "it bounces"),
        ],
        [FillingFamilies.AlmondPaste.Id] =
        [
            new("butter", i => i.IsFat ? 1 : 0, Percent("butter in an almond paste", 19, 12, 28, "It creams and carries the air."), "it is dry", "it melts into the shell"),
            new("sugars", i => i.Sugars, Percent("sugars in an almond paste", 20, 14, 28, "Equal weights with the butter is usual."), "it is dull", "it sinks and sticks"),
        ],
        [FillingFamilies.FruitCrumble.Id] =
        [
            new("sugars", i => i.Sugars, Percent("sugars with fruit", 21, 12, 32, "By how sharp the fruit is."), "it puckers", "it is syrup"),
        ],
        [FillingFamilies.AcidMilk.Id] =
        [
            new("condensed milk", i => i.Id is "condensed-milk" ? 1 : 0, Percent("condensed milk with citrus", 69, 55, 80, "The body of it."), "it is thin and sharp", "it is sweet and hardly sets"),
            new("sharp juice", i => i.Juice, Percent("juice with condensed milk", 21, 14, 30, "It sets the milk as well as tasting."), "it stays a sauce", "it breaks and weeps"),
        ],
        [FillingFamilies.Ganache.Id] =
        [
            new("chocolate", i => i.Shelf is PantryShelf.Chocolate ? 1 : 0, Percent("chocolate in a ganache", 45, 35, 62, "One to one with the cream cuts clean."), "it will not be cut", "it splits, or cracks under the knife"),
            new("fat", i => i.Makeup.Fat, Percent("fat in a ganache", 39, 28, 48, "Of cocoa butter, cream and butter together."), "it is thin", "it splits"),
        ],
        [FillingFamilies.FreshCurd.Id] =
        [
            new("egg", i => i.Egg is EggPart.None ? 0 : 1, Percent("egg in a fresh curd filling", 21, 14, 28, "What sets it, once the whey is gone."), "it will not hold its slice", "it tastes of egg"),
        ],
        [FillingFamilies.NutSyrup.Id] =
        [
            new("nuts", i => i.Shelf is PantryShelf.Nuts ? 1 : 0, Percent("nuts in syrup", 25, 18, 40, "Enough to be in every bite."), "it is syrup with a few nuts", "it falls apart"),
            new("sugars", i => i.Sugars, Percent("sugars in nut and syrup", 34, 24, 45, "A rich sweet thing, sharpened with salt."), "it does not set sticky", "it is cloying"),
        ],
        [FillingFamilies.CaramelLayer.Id] =
        [
            new("sugars", i => i.Sugars, Percent("sugars in a caramel", 48, 38, 60, "What is cooked to amber."), "it is butter sauce", "it turns to toffee"),
            new("fat", i => i.Makeup.Fat, Percent("fat in a caramel", 31, 20, 40, "From cream and butter."), "it is sticky and hard", "it splits"),
        ],
        [PartFamilies.Meringue] = MeringueSugar,
        [PartFamilies.FrenchMeringue] = MeringueSugar,
        [PartFamilies.ItalianMeringue] = MeringueSugar,
        [PartFamilies.Crumble] =
        [
            new("fat", i => i.IsFat ? 1 : 0, Percent("fat in a crumble", 27, 20, 34, "A little more than half of the flour."), "it stays dust", "it melts to a lid"),
            new("sugars", i => i.Sugars, Percent("sugars in a crumble", 22, 14, 32, "Enough to crisp."), "it is bready", "it goes to toffee"),
        ],
        [PartFamilies.Jelly] =
        [
            new("gelatine", i => i.Id is "agar" ? 2.5 : i.GelatineEquivalent, Percent("gelatine in a jelly layer", 1.6, 1.3, 2.4, "It cuts and does not run."), "it runs off the slice", "it bounces"),
        ],
        [PartFamilies.Glaze] =
        [
            new("water", i => i.Id is "water" ? 1 : 0, Percent("water in a glaze", 20, 10, 35, "Thin enough to brush while it is hot."), "it lies in ridges", "it runs off the fruit"),
        ],
        [PartFamilies.WhippedCream] =
        [
            new("sugar", i => i.IsSugar ? i.Sugars : 0, Percent("sugar in whipped cream", 5, 0, 10, "To taste."), "", "it is sweeter than the filling can bear, and whips less"),
            new("gelatine", i => i.GelatineEquivalent, Percent("gelatine in whipped cream", 0.8, 0, 1.1, "A trace holds for two days."), "", "it is felt on the tongue"),
        ],
    };

    /// <summary>The checks of a part.</summary>
    public static IReadOnlyList<RatioCheck> Of(PartRecipe part, FillingYield? made)
    {
        if (part.Total <= 0)
            return [];
        return part.Kind switch
        {
            PartKind.Crust when CrustBook.Find(part.FamilyId) is RolledFamily rolled && part.Flour > 0 => [.. Rolled(rolled).Select(r => Check(r, part, part.Flour, "flour"))],
            PartKind.Crust when CrustBook.Find(part.FamilyId) is CrumbFamily crumb && part.Crumbs > 0 => [.. Crumb(crumb, part).Select(r => Check(r, part, part.Crumbs, "crumbs"))],
            PartKind.Crust => [],
            _ => [.. ByFamily.GetValueOrDefault(part.FamilyId, []).Select(r => Check(r, part, made?.Weighed.Value.Value ?? part.Total, "all that is weighed"))],
        };
    }

    /// <summary>A dough's fat, wet and sugar, from the family's own declaration.</summary>
    private static IEnumerable<FamilyRatio> Rolled(RolledFamily family)
    {
        yield return new("fat", i => i.IsFat ? 1 : 0, Over(family, i => i.IsFat, "fat to flour"), "it is hard and bready", "it slumps and greases the pan");
        yield return new("water and egg", Wet, Over(family, i => Wet(i) > 0, "water and egg to flour"), "it cracks and will not hold", "it is tough, and shrinks");
        yield return new("sugar", i => i.IsSugar ? 1 : 0, Over(family, i => i.IsSugar, "sugar to flour"), "it stays pale", "it browns before it is baked through, and sticks");

        static double Wet(Ingredient i) => i.Egg is not EggPart.None || (i.Shelf is PantryShelf.Drinks or PantryShelf.Dairy && i.Makeup.Water > 0.6) || i.Id is "vinegar" || i.Juice >= 1 ? 1 : 0;
    }

    private static IEnumerable<FamilyRatio> Crumb(CrumbFamily family, PartRecipe part)
    {
        // What a crumb drinks depends on the biscuit: its own figure where the craft has one.
        var crumb = part.Lines.Where(l => l.Ingredient.Shelf is PantryShelf.Biscuits or PantryShelf.Nuts || l.Ingredient.Id is "rolled-oats").MaxBy(l => l.Mass)!.Ingredient;
        yield return new("melted fat", i => i.IsFat ? 1 : 0, FatFor(crumb, family), "it crumbles when it is cut", "it is greasy and sets like a tile");
        yield return new("sugar", i => i.IsSugar ? 1 : 0, Percent("sugar to crumb", 8, 0, 25, "It helps a baked crumb to hold together."), "", "it is sticky, and hard when cold");
    }

    /// <summary>What a crumb drinks: its own family's figure, or one for the biscuits that have no family.</summary>
    private static Constant FatFor(Ingredient crumb, CrumbFamily family) => crumb.Id switch
    {
        "oat-biscuit-crumbs" => Percent("fat to oat biscuit crumb", 50, 45, 55, "Coarser crumb drinks more."),
        "spiced-biscuit-crumbs" or "chocolate-biscuit-crumbs" or "coconut-biscuit-crumbs" => Percent("fat to this crumb", 39, 34, 45, "Rich and sugary already."),
        "shortbread-crumbs" => Percent("fat to shortbread crumb", 22, 16, 28, "It is a quarter butter already."),
        _ => Fat(CrustBook.All.OfType<CrumbFamily>().FirstOrDefault(f => f.Crumb == crumb) ?? (crumb.Shelf is PantryShelf.Nuts ? CrustBook.NutCrumb : family)),
    };

    private static Constant Fat(CrumbFamily family) => family.Mix.First(p => p.Role is CrumbRole.Fat).Share;

    private static RatioCheck Check(FamilyRatio ratio, PartRecipe part, double against, string of)
    {
        var counted = part.Lines.Where(l => l.Mass > 0 && ratio.Counts(l.Ingredient) > 0).ToList();
        var value = counted.Sum(l => l.Mass * ratio.Counts(l.Ingredient)) / against;
        var worked = new Worked<Share>(
            "ratio-" + ratio.Name.Replace(' ', '-'), char.ToUpperInvariant(ratio.Name[0]) + ratio.Name[1..], new(value), $"{ratio.Name} ÷ {of}",
            [.. counted.Select(l => Term.Given(l.Ingredient.ShortName, l.Mass * ratio.Counts(l.Ingredient), Dimension.Mass)), Term.Given(of, against, Dimension.Mass), ratio.Range]);
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

    private static Constant Over(RolledFamily family, Func<Ingredient, bool> counts, string name)
    {
        var parts = family.Dough.Where(d => counts(d.Ingredient)).Select(d => d.Percent).ToList();
        return new(name, parts.Sum(p => p.Usual), parts.Sum(p => p.Low), parts.Sum(p => p.High), Dimension.Share, $"As this family is made: {family.Name.ToLowerInvariant()}.");
    }

    private static Constant Percent(string name, double usual, double low, double high, string reason) =>
        new(name, usual / 100, low / 100, high / 100, Dimension.Share, reason);
}
