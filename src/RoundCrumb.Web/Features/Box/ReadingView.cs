using System.Globalization;
using RoundCrumb.Application.Box;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Web.Features.Box;

/// <summary>A swap that is offered for a line, with what it alters.</summary>
/// <param name="Line">Which ingredient line of the part.</param>
/// <param name="Ingredient">What it stands in for.</param>
/// <param name="Swap">The swap.</param>
/// <param name="Alters">What the figures become, each in a few words.</param>
public sealed record OfferedSwap(int Line, Ingredient Ingredient, Substitute Swap, IReadOnlyList<string> Alters);

/// <summary>What was understood of a part as it is written, beside its lines.</summary>
public sealed class ReadingView
{
    /// <param name="form">As typed.</param>
    /// <param name="lines">As read.</param>
    /// <param name="shown">The baker's units.</param>
    public ReadingView(PartForm form, IReadOnlyList<ReadLine> lines, QuantityFormatter shown)
    {
        Form = form;
        Lines = lines;
        Shown = shown;
        Recipe = form.Recipe(lines);
        Facts = PartFacts.Of(Recipe);
        _firstOf = new int[lines.Count];
        for (var i = 1; i < lines.Count; i++)
            _firstOf[i] = _firstOf[i - 1] + lines[i - 1].Items.Count(x => x.Ingredient is not null);
    }

    /// <summary>The most swaps that are offered: each is worked out whole, and nobody looks through more.</summary>
    private const int MostSwaps = 40;

    /// <summary>Which ingredient of the part is the first of each line.</summary>
    private readonly int[] _firstOf;

    /// <summary>As typed.</summary>
    public PartForm Form { get; }

    /// <summary>As read, one for each line of the text.</summary>
    public IReadOnlyList<ReadLine> Lines { get; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; }

    /// <summary>As the core knows it.</summary>
    public PartRecipe Recipe { get; }

    /// <summary>What the core knows of it.</summary>
    public PartFacts Facts { get; }

    /// <summary>How many of the lines that hold something were understood whole.</summary>
    public (int Whole, int Of) Understood => (Lines.Count(l => l.IsWhole), Lines.Count(l => !l.IsBlank && l.Heading.Length == 0));

    /// <summary>How a line reads, in one short line: "120 g plain flour · 100 % of flour".</summary>
    public string Said(int index, out bool odd)
    {
        var line = Lines[index];
        odd = false;
        if (line.IsBlank)
            return "";
        if (line.Heading.Length > 0)
            return "heading";
        odd = line.NotRead.Length > 0 || line.Question.Length > 0
            || line.Items.Any(i => i.Grams is null && !i.Assumed.Contains(LineReader.ToTaste));
        if (line.Items.Count == 0)
            return "not understood";
        var at = _firstOf[index];
        return string.Join("; ", line.Items.Select(item =>
        {
            if (item.Ingredient is not { } what)
                return $"“{item.Name}” is not known";
            var share = Facts.Shares[at++].Value.Value;
            var grams = item.Grams is { } g
                ? Shown.Weigh(new Grams(g), what)
                : item.Assumed.Contains(LineReader.ToTaste) ? "to taste"
                : "how much?";
            var ofAll = item.Grams is not null && share >= 0.0005
                ? string.Create(CultureInfo.InvariantCulture, $" · {share * 100:0.#} %")
                : "";
            return $"{grams} {what.ShortName}{ofAll}" + (item.GoesIn switch
            {
                Core.Fillings.GoesIn.WhippedAndFolded => " · whipped, folded in",
                Core.Fillings.GoesIn.WhippedStiff => " · whipped stiff, folded in",
                Core.Fillings.GoesIn.WhitesFolded => " · whisked, folded in",
                Core.Fillings.GoesIn.Ribbon => " · whisked to a ribbon",
                Core.Fillings.GoesIn.Reduced => item.ReducedTo is { } left
                    ? string.Create(CultureInfo.InvariantCulture, $" · boiled down to {left * 100:0} % of its volume")
                    : " · boiled down to half",
                Core.Fillings.GoesIn.Boiled => " · boiled first",
                Core.Fillings.GoesIn.Toasted =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $" · {(what.IsFat ? "browned" : "toasted")} first, {what.UsualLoss * 100:0} % less"),
                Core.Fillings.GoesIn.Caramelised => " · melted to caramel or toffee first",
                Core.Fillings.GoesIn.Soured => " · only its curd goes in",
                Core.Fillings.GoesIn.Drained => " · drains away with the whey",
                Core.Fillings.GoesIn.Beaten => " · beaten",
                Core.Fillings.GoesIn.Bloom => " · blooms the gelatine",
                Core.Fillings.GoesIn.Steeped => " · steeped, strained out",
                _ => "",
            }) + (line.Optional ? " · optional" : "");
        }));
    }

    /// <summary>Swaps for the lines, with what each alters: for each ingredient where it comes first.</summary>
    public IEnumerable<OfferedSwap> Swaps() => AllSwaps().Take(MostSwaps);

    private IEnumerable<OfferedSwap> AllSwaps()
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < Recipe.Lines.Count; i++)
        {
            if (!seen.Add(Recipe.Lines[i].Ingredient.Id))
                continue;
            foreach (var swap in SubstituteBook.For(Recipe.Lines[i].Ingredient).Where(s => Suits(s)))
                yield return new(i, Recipe.Lines[i].Ingredient, swap, Alters(PartFacts.Of(swap.Apply(Recipe, i))));
        }

        // Half of a dough's flour may be oats; a custard's may not.
        bool Suits(Substitute s) => Recipe.Kind is PartKind.Crust
            ? s.With.All(w => w.Ingredient != "cornflour") || s.For != "plain-flour"
            : s.For != "plain-flour" || s.With.All(w => w.Ingredient is "cornflour");
    }

    /// <summary>What changes from this part to another: yield, set, sweetness, fat, allergens.</summary>
    public IReadOnlyList<string> Alters(PartFacts after)
    {
        var changes = new List<string>(6);
        var s = Shown;
        if (Facts.Yield is { } was && after.Yield is { } now && Math.Abs(was.Value.Value - now.Value.Value) > 4)
            changes.Add($"yield {s.Say(was.Amount)} → {s.Say(now.Amount)}");
        else if (Facts.Yield is null && Math.Abs(Facts.Total.Value.Value - after.Total.Value.Value) > 2)
            changes.Add($"weight {s.Say(Facts.Total.Amount)} → {s.Say(after.Total.Amount)}");
        if (Facts.Set is { } set && after.Set is { } then && Math.Abs(set.Value.Value - then.Value.Value) > 0.02)
            changes.Add(
                $"set {s.Say(set.Amount)} → {s.Say(then.Amount)}" + (Facts.Cut!.Name != after.Cut!.Name ? $", {after.Cut.Name}" : ""));
        Share("sugars", Facts.Sugars.Value.Value, after.Sugars.Value.Value);
        Share("fat", Facts.Fat.Value.Value, after.Fat.Value.Value);
        Share("sharp juice", Facts.Juice.Value.Value, after.Juice.Value.Value);
        Share("alcohol", Facts.Alcohol.Value.Value, after.Alcohol.Value.Value);
        var (before, behind) = (Facts.Part.Contains, after.Part.Contains);
        if (before.Except(behind).ToList() is { Count: > 0 } gone)
            changes.Add("no more " + string.Join(", ", gone));
        if (behind.Except(before).ToList() is { Count: > 0 } come)
            changes.Add("now " + string.Join(", ", come));
        if (Facts.IsVegetarian != after.IsVegetarian)
            changes.Add(after.IsVegetarian ? "fit for vegetarians" : "no longer for vegetarians");
        return changes;

        void Share(string name, double a, double b)
        {
            if (Math.Abs(a - b) > 0.004)
                changes.Add(string.Create(CultureInfo.InvariantCulture, $"{name} {a * 100:0.#} → {b * 100:0.#} %"));
        }
    }

    /// <summary>What the eggs come to, in words.</summary>
    public string Eggs => string.Join(", ", Facts.Eggs.Select(e => QuantityFormatter.Pieces(e.Count, e.Egg.Piece)));

    /// <summary>The checks that found something, the gravest first.</summary>
    public IEnumerable<RatioCheck> Odd => Facts.Checks.Where(c => !c.IsSound).OrderBy(c => c.Severity);

    /// <summary>How grave a check is.</summary>
    public static (string Mark, string Word, string Css) Severe(Severity severity) => Compose.ComposeView.Severe(severity);
}
