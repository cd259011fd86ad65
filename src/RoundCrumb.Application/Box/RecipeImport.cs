using System.Globalization;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Crusts;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;

namespace RoundCrumb.Application.Box;

/// <summary>A recipe that is being brought in, as it is looked over.</summary>
public sealed record RecipeToImport
{
    /// <summary>What the pie will be called.</summary>
    public string Title { get; init => field = value ?? ""; } = "";

    /// <summary>True when a pie is to be made of its parts.</summary>
    public bool Pie { get; init; }

    /// <summary>True when it has a crust and a filling.</summary>
    public bool MayBePie { get; init; }

    /// <summary>The pan that it is for, by id.</summary>
    public string Pan { get; init; } = PanCupboard.Plate23.Id;

    /// <summary>Heats, sizes and times in its method, and how many it serves.</summary>
    public string Says { get; init => field = value ?? ""; } = "";

    /// <summary>True where it had no headings, and was parted by what belongs together.</summary>
    public bool IsParted { get; init; }

    /// <summary>What tells which cups it means; empty where nothing does.</summary>
    public string CupBecause { get; init => field = value ?? ""; } = "";

    /// <summary>What of it is in no part, a piece a line.</summary>
    public string NotUsed { get; init => field = value ?? ""; } = "";

    /// <summary>Lines that are taken for one.</summary>
    public List<JoinToShow> Joins { get; init => field = value ?? []; } = [];
}

/// <summary>Two lines of a paste that are taken for one, as the page keeps them.</summary>
public sealed record JoinToShow
{
    /// <summary>As the first was written.</summary>
    public string First { get; init => field = value ?? ""; } = "";

    /// <summary>As the second was written.</summary>
    public string Second { get; init => field = value ?? ""; } = "";

    /// <summary>As they are read.</summary>
    public string Whole { get; init => field = value ?? ""; } = "";
}

/// <summary>A section of a recipe that is being brought in: a part, if it is taken.</summary>
public sealed record SectionToImport
{
    /// <summary>Which of the recipes it belongs to, from 0.</summary>
    public int Recipe { get; init; }

    /// <summary>True when it is to be kept.</summary>
    public bool Take { get; init; }

    /// <summary>The crust that is bought instead of made, by id; empty for a part that is kept.</summary>
    public string Bought { get; init => field = value ?? ""; } = "";

    /// <summary>True where a part is to be kept of it.</summary>
    public bool IsKept => Take && Bought.Length == 0;

    /// <summary>The part as it will be.</summary>
    public PartForm Form { get; init => field = value ?? new(); } = new();
}

/// <summary>Recipes on their way into the box: what was found, guessed part by part, to be looked over before anything is kept.</summary>
/// <param name="Recipes">The recipes.</param>
/// <param name="Sections">Their sections, in order.</param>
/// <param name="Trouble">What is not shown, and why; empty where all is.</param>
public sealed record RecipeImport(
    IReadOnlyList<RecipeToImport> Recipes, IReadOnlyList<SectionToImport> Sections, string Trouble = "")
{
    /// <summary>The most sections that are looked over at once.</summary>
    public const int MostSections = 120;

    /// <summary>What was found, each section as the part that it looks like.</summary>
    public static RecipeImport Of(ImportResult found, Importer importer, QuantityFormatter shown)
    {
        var sections = new List<SectionToImport>();
        var recipes = new List<RecipeToImport>();
        foreach (var recipe in found.Recipes)
        {
            if (sections.Count + recipe.Sections.Count > MostSections)
                return new(recipes, sections, $"Only the first {recipes.Count} recipes are shown; bring the rest in afterwards.");
            var cup = CupGuess.Of(string.Join('\n', recipe.Sections.Select(s => s.Lines).Append(recipe.Method)));
            var mine = recipe.Sections.Select((s, i) => Section(recipe, s, i, recipes.Count, importer, cup.Cup)).ToList();
            sections.AddRange(mine);
            var whole = mine.Exists(s => s.Form.KindOf is PartKind.Crust) && mine.Exists(s => s.Form.KindOf is PartKind.Filling);
            var said = MethodReader.Read(recipe.Title + "\n" + recipe.Method);
            recipes.Add(new()
            {
                Title = recipe.Title,
                MayBePie = whole,
                Pie = whole,
                Pan = PanFor(said, recipe.Title + " " + recipe.Method),
                Says = string.Join("; ", new[] { recipe.Serves, Says(said, shown) }.Where(t => t.Length > 0)),
                IsParted = recipe.IsParted,
                CupBecause = cup.Because,
                NotUsed = string.Join('\n', recipe.NotUsed.Concat(Beyond(recipe))),
                Joins = [.. recipe.Joins.Take(MostJoins).Select(j => new JoinToShow { First = j.First, Second = j.Second, Whole =
                    j.Whole })],
            });
        }

        return new(recipes, sections, found.Trouble);
    }

    private const int MostJoins = 40;

    /// <summary>What of the method is longer than is kept.</summary>
    private static IEnumerable<string> Beyond(ImportedRecipe recipe) => recipe.Method.Length <= Part.LongestText
        ? []
        :
        [
            $"The method has {recipe.Method.Length} characters, and {Part.LongestText} can be kept. This is left out:",
            recipe.Method[Part.LongestText..],
        ];

    /// <summary>The same with two lines that were taken for one apart again.</summary>
    /// <param name="apart">Which recipe and which of its joins, as "0:2"; anything else changes nothing.</param>
    public RecipeImport Apart(string? apart)
    {
        if ((apart ?? "").Split(':') is not [var r, var n]
                || !int.TryParse(r, NumberStyles.None, CultureInfo.InvariantCulture, out var recipe) || recipe >= Recipes.Count
                || !int.TryParse(n, NumberStyles.None, CultureInfo.InvariantCulture, out var at) || at >= Recipes[recipe].Joins.Count)
            return this;
        var join = Recipes[recipe].Joins[at];
        return this with
        {
            Recipes =
            [
                .. Recipes.Select((one, i) => i == recipe ? one with { Joins = [.. one.Joins.Where(j => j != join)] } : one),
            ],
            Sections =
            [
                .. Sections.Select(s => s.Recipe != recipe ? s : s with
                {
                    Form = s.Form with
                    {
                        Lines = string.Join('\n', s.Form.Lines.ReplaceLineEndings("\n").Split('\n').SelectMany(
                            l => l == join.Whole ? new[] { join.First, join.Second } : [l])),
                    },
                }),
            ],
        };
    }

    /// <summary>The same with other lines in one section.</summary>
    /// <param name="section">Which section, from 0.</param>
    /// <param name="lines">Its lines.</param>
    public RecipeImport WithLines(int section, string lines) => this with
    {
        Sections = [.. Sections.Select((s, i) => i == section ? s with { Form = s.Form with { Lines = lines } } : s)],
    };

    /// <summary>
    /// The recipes as they come back from the page; none where they do not belong together. A family of another kind gives way to one that
    /// the lines look like.
    /// </summary>
    public static RecipeImport? Sent(List<RecipeToImport>? recipes, List<SectionToImport>? sections, LineReader reader)
    {
        if (recipes is not { Count: > 0 } || sections is not { Count: > 0 and <= MostSections }
                || sections.Exists(x => x.Recipe < 0 || x.Recipe >= recipes.Count))
            return null;
        return new(recipes, [.. sections.Select(s => PartFamilies.Of(s.Form.KindOf).Any(f => f.Id == s.Form.Family) ? s : s with
        {
            Form = s.Form with
            {
                Family = PartGuess.FamilyOf(s.Form.KindOf, CompositionReader.Understood(reader.ReadAll(s.Form.Lines))),
            },
        })]);
    }

    /// <summary>
    /// The pie that a recipe makes of its parts, all of them: what is baked in the shell is the filling, or else the last one, and the
    /// others
    /// lie beneath it; none where it lacks a crust or a filling.
    /// </summary>
    /// <param name="recipe">Which recipe, from 0.</param>
    /// <param name="kept">The parts that were kept, by section.</param>
    public PieOfParts? PieOf(int recipe, IReadOnlyDictionary<int, Part> kept)
    {
        var mine = kept.Where(k => Sections[k.Key].Recipe == recipe).Select(k => k.Value).ToList();
        var bought = Sections.FirstOrDefault(s => s.Recipe == recipe && s.Take && CrustBook.Find(s.Bought) is not null)?.Bought;
        var crust = mine.Find(p => p.Kind is PartKind.Crust) is { } made ? OwnPartId.Of(made.Id, 1) : bought;
        var fillings = mine.FindAll(p => p.Kind is PartKind.Filling);
        if (crust is null || fillings.Count == 0)
            return null;
        static bool IsBaked(Part part) =>
            PartFamilies.Filling(part.Versions[^1].FamilyId) is { NeedsNoOven: false };
        var filling = fillings.Find(IsBaked) ?? fillings[^1];
        var beneath = fillings.FindAll(f => f != filling);
        var toppings = mine.FindAll(p => p.Kind is PartKind.Topping);
        var address = $"pan={Recipes[recipe].Pan}&crust={crust}&fill={OwnPartId.Of(filling.Id, 1)}&"
            + $"top={(toppings.Count == 0 ? Topping.None.Id : OwnPartId.Of(toppings[0].Id, 1))}"
            + string.Concat(beneath.Take(Composition.MostLayers).Select((p, i) =>
                $"&{CompositionAddress.UnderAt(i).Id}={OwnPartId.Of(p.Id, 1)}"))
            + string.Concat(toppings.Skip(1).Take(Composition.MostLayers).Select((p, i) =>
                $"&{CompositionAddress.OverAt(i).Id}={OwnPartId.Of(p.Id, 1)}"));
        return new(
            Recipes[recipe].Title, address,
            [
                .. beneath.Skip(Composition.MostLayers).Concat(toppings.Skip(1 + Composition.MostLayers)).Select(p => p.Name),
                .. mine.Where(p => p.Kind is PartKind.Crust).Skip(1).Select(p => p.Name),
            ]);
    }

    private static SectionToImport Section(
        ImportedRecipe recipe, ImportedSection section, int index, int number, Importer importer, CupSize cup)
    {
        var lines = CompositionReader.Understood(importer.Lines(section.Lines));
        var named = Importer.Named(section.Heading);
        var kind = section.Kind ?? named?.Kind ?? PartGuess.KindOf(section.Heading) ?? PartGuess.KindOf(lines);
        var family = PartFamilies.Of(kind).Any(f => f.Id == section.FamilyId) ? section.FamilyId : PartGuess.FamilyOf(kind, lines);
        var name = named?.Name ?? (section.Kind is not null && section.Heading.Length > 0 ? section.Heading
            : recipe.Sections.Count == 1 ? recipe.Title
            : recipe.Title.Length > 0 ? $"{recipe.Title}: {kind.ToString().ToLowerInvariant()}" : section.Heading);
        if (name.Length == 0)
            name = $"{PartFamilies.NameOf(kind, family)} {index + 1}";
        return new()
        {
            Recipe = number,
            Take = lines.Count > 0
                && (kind is not PartKind.Topping || !new PartRecipe("asked", name, kind, family, lines).Trouble.Exists),
            Bought = kind is PartKind.Crust ? PartGuess.BoughtCrust(lines)?.Id ?? "" : "",
            Form = new()
            {
                Name = name.Length > Part.LongestName ? name[..Part.LongestName] : name,
                Kind = kind.ToString(),
                Family = family,
                Cup = cup.ToString(),
                Lines = section.Lines,
                Method = section.Method.Length > 0
                    ? section.Method
                    : index == 0 ? recipe.Method[..Math.Min(recipe.Method.Length, Part.LongestText)]
                    : "",
            },
        };
    }

    /// <summary>The known pan nearest to the size that is named, of the kind that is named.</summary>
    private static string PanFor(ReadMethod said, string text)
    {
        if (said.Sizes.FirstOrDefault(s => s.Count == 1 && s[0].Value is > 60 and < 320) is not { } size)
            return PanCupboard.Plate23.Id;
        PanKind? kind = Says("springform") || Says("cake tin") ? PanKind.Springform
            : Says("square") || Says("brownie tin") ? PanKind.SquareTin
            : Says("tart") || Says("flan") || Says("fluted") || Says("loose-bottom") ? PanKind.TartTin
            : Says("plate") || Says("pie dish") || Says("pie pan") ? PanKind.PiePlate
            : null;
        return PanCupboard.All.MinBy(p => Math.Abs(p.Top.Value - size[0].Value) + (kind is null || p.Kind == kind ? 0 : 60))!.Id;

        bool Says(string word) => text.Contains(word, StringComparison.OrdinalIgnoreCase);
    }

    private static string Says(ReadMethod said, QuantityFormatter s) => string.Join("; ", new[]
    {
        string.Join(", ", said.Heats.Take(4).Select(h => s.Say(h.AsQuantity()))),
        string.Join(", ", said.Sizes.Take(4).Select(z => string.Join(" × ", z.Select(x => s.Say(x.AsQuantity()))))),
        string.Join(", ", said.Minutes.Take(8).Select(m => s.Say(m.AsQuantity()))),
    }.Where(t => t.Length > 0));
}
