using System.Text.RegularExpressions;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Formats.Import;

/// <summary>
/// Parts a list without headings by what belongs together: biscuits with their butter, or flour with its fat, are a crust; cream that is
/// whipped at the end is a topping. It is a guess, and the recipe says so.
/// </summary>
internal static partial class PartSplitter
{
    /// <summary>Sugar that is more than this share of the crumb or the flour belongs to the filling.</summary>
    private const double MostSugar = 0.5;

    /// <summary>The recipe with its one list parted; the same where it has headings, or is one part.</summary>
    public static ImportedRecipe Part(ImportedRecipe recipe, LineReader reader)
    {
        if (recipe.Sections is not [{ Heading: "", Kind: null } only])
            return recipe;
        var lines = only.Lines.Split('\n').Select(l => (Text: l, Read: reader.Read(l))).ToList();
        var crust = CrustLines(lines.ConvertAll(l => l.Read));
        var topping = lines.Count - ToppingLines(lines.ConvertAll(l => l.Read), crust);
        if (crust == 0 || crust >= topping)
            return recipe;
        var sections = new List<ImportedSection> { Section(PartKind.Crust, 0, crust), Section(PartKind.Filling, crust, topping) };
        if (topping < lines.Count)
            sections.Add(Section(PartKind.Topping, topping, lines.Count));
        return recipe with { Sections = sections, IsParted = true };

        ImportedSection Section(PartKind kind, int from, int to) =>
            new("", string.Join('\n', lines[from..to].Select(l => l.Text))) { Kind = kind };
    }

    /// <summary>How many lines from the first are the crust's; 0 for none.</summary>
    private static int CrustLines(List<ReadLine> lines)
    {
        var first = lines.FindIndex(l => l.Items.Any(i => i.Ingredient is not null));
        if (first < 0 || lines[first].Items[0].Ingredient is not { } start)
            return 0;
        if (start.Is(Traits.BoughtShell | Traits.BoughtDough))
            return first + 1;
        var crumb = start.Shelf is PantryShelf.Biscuits;
        if (!crumb && !(start.IsFlour || (start.Is(Traits.Butter) && lines.Count > first + 1 && IsDryBase(lines[first + 1]))))
            return 0;
        double dry = 0, fat = 0;
        var eggs = 0;
        var sugars = 0;
        var at = first;
        for (; at < lines.Count; at++)
        {
            if (lines[at].Items.Count == 0)
                continue;
            var (what, grams) = (lines[at].Items[0].Ingredient, lines[at].Items.Sum(i => i.Grams ?? 0));
            if (what is null)
                break;
            var isDry = what.Shelf is PantryShelf.Biscuits
                ? crumb && fat == 0
                : what.IsFlour && !crumb && (fat == 0 || dry == 0 || grams < dry / 2);
            if (isDry)
                dry += grams;
            else if (what.IsFat && (fat == 0 || fat + grams <= dry))
                fat += grams;
            else if (what.IsSugar && ++sugars == 1 && grams <= MostSugar * Math.Max(dry, fat))
                continue;
            else if (what.Egg is not EggPart.None && !crumb && ++eggs == 1 && grams <= 0.5 * dry)
                continue;
            else if (what.Is(Traits.Salty | Traits.PlainWater | Traits.Vinegar | Traits.RelaxesDough))
                continue;
            else if (what.Shelf is PantryShelf.Nuts && grams <= Math.Max(1, dry))
                continue;
            else if (what.Shelf is PantryShelf.Flavours && fat == 0)
                continue;
            else
                break;
        }

        return dry > 0 && fat > 0 ? at : 0;
    }

    private static bool IsDryBase(ReadLine line) =>
        line.Items.Any(i => i.Ingredient is { } what && (what.IsFlour || what.Shelf is PantryShelf.Biscuits || what.IsSugar));

    /// <summary>
    /// How many lines at the end are a topping's: whipped cream, or whites with their sugar, after a filling of something else.
    /// </summary>
    private static int ToppingLines(List<ReadLine> lines, int crust)
    {
        var n = 0;
        for (var at = lines.Count - 1; at > crust + 1; at--, n++)
        {
            var line = lines[at];
            if (line.Items.Count == 0)
                continue;
            if (line.Items[0].Ingredient is not { } what || !(GoesOnTop(what) || line.Items[0].Grams is null))
                break;
            var before = lines[crust..at].SelectMany(l => l.Items).Select(i => i.Ingredient).OfType<Ingredient>().ToList();
            if (what.Is(Traits.Whips) && before.Exists(i => i.Shelf is PantryShelf.Dairy or PantryShelf.Eggs or PantryShelf.Fruit))
                return OnTop().IsMatch(line.Text) ? n + 1 : 0;
            if (what.Egg is EggPart.White && before.Exists(i => i.Egg is EggPart.Yolk))
                return n + 1;
        }

        return 0;
    }

    private static bool GoesOnTop(Ingredient what) =>
        what.Is(Traits.Whips) || what.IsSugar || what.Egg is EggPart.White || what.Shelf is PantryShelf.Chocolate or PantryShelf.Flavours;

    [GeneratedRegex(@"^(?!.*fold).*(?:whip|top|serve|finish|decorat)", RegexOptions.IgnoreCase)]
    private static partial Regex OnTop();
}
