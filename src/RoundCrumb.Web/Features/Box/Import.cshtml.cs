using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Recipes;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Formats.Import;
using RoundCrumb.Formats.Reading;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Box;

/// <summary>A recipe that is being brought in.</summary>
public sealed record ShownRecipe
{
    public string Title { get; init => field = value ?? ""; } = "";

    /// <summary>True when a pie is to be made of its parts.</summary>
    public bool Pie { get; init; }

    /// <summary>True when it has a crust and a filling.</summary>
    public bool MayBePie { get; init; }

    /// <summary>The pan that it is for.</summary>
    public string Pan { get; init; } = PanCupboard.Plate23.Id;

    /// <summary>Heats, sizes and times in its method.</summary>
    public string Says { get; init => field = value ?? ""; } = "";
}

/// <summary>A section of it.</summary>
public sealed record ShownSection
{
    public int Recipe { get; init; }

    /// <summary>True when it is to be kept.</summary>
    public bool Take { get; init; }

    public PartForm Form { get; init => field = value ?? new(); } = new();
}

/// <summary>Imports recipes: every line is shown as it is read before anything is kept.</summary>
[Costly("Look", "Again", "Save", "Box")]
public sealed class ImportModel(BoxTransfer transfer, CompositionReader compositions, Preferences baker) : PageModel
{
    private const int MostSections = 120;

    /// <summary>What was pasted.</summary>
    public string Text { get; private set; } = "";

    /// <summary>Why nothing could be taken.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>The recipes found.</summary>
    public IReadOnlyList<ShownRecipe> Recipes { get; private set; } = [];

    /// <summary>Their sections.</summary>
    public IReadOnlyList<ShownSection> Sections { get; private set; } = [];

    /// <summary>What was understood of each section.</summary>
    public IReadOnlyList<ReadingView> Readings { get; private set; } = [];

    /// <summary>What is wrong, by recipe ("r0") or section ("s1").</summary>
    public Dictionary<string, string> Bad { get; } = new(StringComparer.Ordinal);

    /// <summary>The box that was chosen.</summary>
    public BoxDocument? Box { get; private set; }

    /// <summary>The same as it was read.</summary>
    public string Json { get; private set; } = "";

    /// <summary>Shows an empty page.</summary>
    public void OnGet()
    {
    }

    /// <summary>Reads what was pasted or chosen.</summary>
    public async Task<IActionResult> OnPostLookAsync(string? text, IFormFile? file, CancellationToken cancel)
    {
        Text = text ?? "";
        var importer = new Importer(await compositions.ReaderAsync(new(), cancel));
        ImportResult result;
        if (file is { Length: > 0 })
        {
            if (file.Length > Importer.LargestFile)
            {
                result = ImportResult.Failed(
                    $"That file is {file.Length / 1048576.0:0.0} MB; up to {Importer.LargestFile / 1048576} MB can be read.");
            }
            else
            {
                using var bytes = new MemoryStream((int)file.Length);
                await file.CopyToAsync(bytes, cancel);
                result = importer.Read(bytes.ToArray(), file.FileName);
                if (result.Box is not null)
                    Json = System.Text.Encoding.UTF8.GetString(bytes.ToArray()).TrimStart('\ufeff');
            }
        }
        else
        {
            result = file is not null && file.FileName.Length > 0 && Text.Length == 0
                ? ImportResult.Failed("That file is empty.")
                : importer.Read(Text);
            if (result.Box is not null)
                Json = Text;
        }

        (Trouble, Box) = (result.Trouble, result.Box);
        var sections = new List<ShownSection>();
        var recipes = new List<ShownRecipe>();
        foreach (var recipe in result.Recipes)
        {
            if (sections.Count + recipe.Sections.Count > MostSections)
            {
                Trouble = $"Only the first {recipes.Count} recipes are shown; bring the rest in afterwards.";
                break;
            }

            sections.AddRange(recipe.Sections.Select((s, i) => Section(recipe, s, i, recipes.Count, importer)));
            var kinds = sections.Where(s => s.Recipe == recipes.Count).Select(s => s.Form.KindOf).ToList();
            var said = MethodReader.Read(recipe.Title + "\n" + recipe.Method);
            recipes.Add(new()
            {
                Title = recipe.Title,
                MayBePie = kinds.Contains(PartKind.Crust) && kinds.Contains(PartKind.Filling),
                Pie = kinds.Contains(PartKind.Crust) && kinds.Contains(PartKind.Filling),
                Pan = PanFor(said, recipe.Title + " " + recipe.Method),
                Says = Says(said),
            });
        }

        (Recipes, Sections) = (recipes, sections);
        await ReadAsync(cancel);
        return Page();
    }

    /// <summary>Reads the sections again after they were changed.</summary>
    public async Task<IActionResult> OnPostAgainAsync(List<ShownRecipe>? r, List<ShownSection>? s, CancellationToken cancel)
    {
        if (!await PostedAsync(r, s, cancel))
            return BadRequest();
        return Page();
    }

    /// <summary>Keeps what was chosen: parts, and a pie of them where that is wanted.</summary>
    public async Task<IActionResult> OnPostSaveAsync(List<ShownRecipe>? r, List<ShownSection>? s, CancellationToken cancel)
    {
        if (!await PostedAsync(r, s, cancel))
            return BadRequest();
        var taken = Enumerable.Range(0, Sections.Count).Where(i => Sections[i].Take).ToList();
        if (taken.Count == 0)
            Trouble = "Nothing is ticked to be brought in.";
        foreach (var i in taken)
        {
            if (Sections[i].Form.Troubles() is { Count: > 0 } wrong)
                Bad[$"s{i}"] = string.Join(" ", wrong.Values);
        }

        for (var n = 0; n < Recipes.Count; n++)
        {
            if (Recipes[n].Pie && TitleProblem(Recipes[n].Title) is { } problem)
                Bad[$"r{n}"] = problem;
        }

        if (Bad.Count > 0 || taken.Count == 0)
            return Page();

        var made = await transfer.ImportAsync([.. taken.Select(i => Sections[i].Form.Draft(Readings[i].Lines))], parts =>
        {
            var ids = taken.Zip(parts).ToDictionary(t => t.First, t => t.Second);
            return Enumerable.Range(0, Recipes.Count).Where(n => Recipes[n].Pie).Select(n => (Recipes[n].Title, Address: Address(n, ids)))
                .Where(p => p.Address is not null).Select(p => (p.Title, p.Address!));
        }, cancel);
        return Redirect(made.OnlyPie is { } pie && Recipes.Count == 1 ? $"{Routes.Compose}?pie={pie}" : made.Address);
    }

    /// <summary>Imports a whole box.</summary>
    public async Task<IActionResult> OnPostBoxAsync(string? json, CancellationToken cancel)
    {
        var (document, trouble) = BoxDocument.Read(json ?? "");
        if (document is null)
        {
            Trouble = trouble;
            return Page();
        }

        return Redirect((await transfer.ImportAsync(document, cancel)).Address);
    }

    private static string? TitleProblem(string title) => Compose.IndexModel.NameProblem(title.Trim());

    private async Task<bool> PostedAsync(List<ShownRecipe>? r, List<ShownSection>? s, CancellationToken cancel)
    {
        if (r is not { Count: > 0 } || s is not { Count: > 0 and <= MostSections } || s.Exists(x => x.Recipe < 0 || x.Recipe >= r.Count))
            return false;
        Recipes = r;

        // A family of another kind gives way to one that the lines look like.
        var reader = await compositions.ReaderAsync(new(), cancel);
        Sections = [
            .. s.Select(
                x =>
                    PartFamilies.Of(x.Form.KindOf).Any(f => f.Id == x.Form.Family)
                        ? x
                        : x with
                        {
                            Form = x.Form with
                            {
                                Family = PartGuess.FamilyOf(
                                    x.Form.KindOf, CompositionReader.Understood(reader.ReadAll(x.Form.Lines, cancel))),
                            },
                        })
        ];
        await ReadAsync(cancel);
        return true;
    }

    private async Task ReadAsync(CancellationToken cancel)
    {
        var readings = new List<ReadingView>(Sections.Count);
        foreach (var section in Sections)
            readings.Add(
                new ReadingView(
                    section.Form, (await compositions.ReaderAsync(section.Form.Measures, cancel)).ReadAll(section.Form.Lines, cancel),
                    baker.Shown));
        Readings = readings;
    }

    private static ShownSection Section(ImportedRecipe recipe, ImportedSection section, int index, int number, Importer importer)
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
            Take = lines.Count > 0,
            Form = new()
            {
                Name = name.Length > Part.LongestName ? name[..Part.LongestName] : name,
                Kind = kind.ToString(),
                Family = family,
                Lines = section.Lines,
                Method = section.Method.Length > 0
                    ? section.Method
                    : index == 0 ? recipe.Method[..Math.Min(recipe.Method.Length, Part.LongestText)]
                    : "",
            },
        };
    }

    private string? Address(int recipe, Dictionary<int, Part> ids)
    {
        var mine = ids.Where(i => Sections[i.Key].Recipe == recipe).Select(i => i.Value).ToList();
        if (mine.Find(p => p.Kind is PartKind.Crust) is not { } crust || mine.Find(p => p.Kind is PartKind.Filling) is not { } filling)
            return null;
        var topping = mine.Find(p => p.Kind is PartKind.Topping);
        var pan = PanCupboard.Find(Recipes[recipe].Pan) ?? PanCupboard.Plate23;
        return $"pan={pan.Id}&crust={RecipeBox.IdOf(crust.Id, 1)}&fill={RecipeBox.IdOf(filling.Id, 1)}&"
            + $"top={(topping is null ? Topping.None.Id : RecipeBox.IdOf(topping.Id, 1))}";
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

    private string Says(ReadMethod said)
    {
        var s = baker.Shown;
        return string.Join("; ", new[]
        {
            string.Join(", ", said.Heats.Take(4).Select(h => s.Say(h.AsQuantity()))),
            string.Join(", ", said.Sizes.Take(4).Select(z => string.Join(" × ", z.Select(x => s.Say(x.AsQuantity()))))),
            string.Join(", ", said.Minutes.Take(8).Select(m => s.Say(m.AsQuantity()))),
        }.Where(t => t.Length > 0));
    }
}
