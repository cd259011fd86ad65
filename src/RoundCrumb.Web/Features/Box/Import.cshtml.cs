using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Box;
using RoundCrumb.Application.Reading;
using RoundCrumb.Formats.Import;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Box;

/// <summary>Imports recipes: every line is shown as it is read before anything is kept.</summary>
[Costly("Look", "Again", "Save", "Box")]
public sealed class ImportModel(BoxTransfer transfer, CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>What was pasted.</summary>
    public string Text { get; private set; } = "";

    /// <summary>Why nothing could be taken.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>What was found.</summary>
    public RecipeImport Found { get; private set; } = new([], []);

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
        var result = file is { Length: > 0 } ? await ReadFileAsync(importer, file, cancel)
            : file is not null && file.FileName.Length > 0 && Text.Length == 0 ? ImportResult.Failed("That file is empty.")
            : importer.Read(Text);
        Box = result.Box;
        if (Box is not null && Json.Length == 0)
            Json = Text;
        await ShowAsync(RecipeImport.Of(result, importer, baker.Shown), cancel);
        return Page();
    }

    /// <summary>Reads the sections again after they were changed.</summary>
    public async Task<IActionResult> OnPostAgainAsync(
        List<RecipeToImport>? r, List<SectionToImport>? s, string? apart, string? answer, CancellationToken cancel)
    {
        if (!await SentAsync(r, s, cancel))
            return BadRequest();
        if ((answer ?? "").Split(':') is [var section, var code]
            && int.TryParse(section, NumberStyles.None, CultureInfo.InvariantCulture, out var at) && at < Readings.Count
            && AnsweredLine.Read(code, Readings[at].Lines) is { } one)
        {
            ModelState.Clear();
            await ShowAsync(Found.WithLines(at, one.Apply(Found.Sections[at].Form.Lines)), cancel);
        }

        if (!string.IsNullOrEmpty(apart))
        {
            ModelState.Clear();
            await ShowAsync(Found.Apart(apart), cancel);
        }

        return Page();
    }

    /// <summary>Keeps what was chosen: parts, and a pie of them where that is wanted.</summary>
    public async Task<IActionResult> OnPostSaveAsync(List<RecipeToImport>? r, List<SectionToImport>? s, CancellationToken cancel)
    {
        if (!await SentAsync(r, s, cancel))
            return BadRequest();
        var (recipes, sections) = (Found.Recipes, Found.Sections);
        var taken = Enumerable.Range(0, sections.Count).Where(i => sections[i].IsKept).ToList();
        if (taken.Count == 0)
            Trouble = "Nothing is ticked to be brought in.";
        foreach (var i in taken)
        {
            if (sections[i].Form.Troubles() is { Count: > 0 } wrong)
                Bad[$"s{i}"] = string.Join(" ", wrong.Values);
        }

        for (var n = 0; n < recipes.Count; n++)
        {
            if (recipes[n].Pie && Compose.IndexModel.NameProblem(recipes[n].Title.Trim()) is { } problem)
                Bad[$"r{n}"] = problem;
        }

        if (Bad.Count > 0 || taken.Count == 0)
            return Page();

        var made = await transfer.ImportAsync([.. taken.Select(i => sections[i].Form.Draft(Readings[i].Lines))], parts =>
        {
            var kept = taken.Zip(parts).ToDictionary(t => t.First, t => t.Second);
            return Enumerable.Range(0, recipes.Count).Where(n => recipes[n].Pie)
                .Select(n => Found.PieOf(n, kept)).OfType<PieOfParts>();
        }, cancel);
        return Redirect(made.OnlyPie is { } pie && recipes.Count == 1 && made.LeftOut.Count == 0 ? $"{Routes.Compose}?pie={pie}"
            : made.Address);
    }

    /// <summary>Imports a whole box.</summary>
    public async Task<IActionResult> OnPostBoxAsync(string? json, CancellationToken cancel)
    {
        var (document, trouble) = BoxDocument.Read(json ?? "");
        if (document is not null)
            return Redirect((await transfer.ImportAsync(document, cancel)).Address);
        Trouble = trouble;
        return Page();
    }

    private async Task<ImportResult> ReadFileAsync(Importer importer, IFormFile file, CancellationToken cancel)
    {
        if (file.Length > Importer.LargestFile)
            return ImportResult.Failed(
                $"That file is {file.Length / 1048576.0:0.0} MB; up to {Importer.LargestFile / 1048576} MB can be read.");
        using var bytes = new MemoryStream((int)file.Length);
        await file.CopyToAsync(bytes, cancel);
        var result = importer.Read(bytes.ToArray(), file.FileName);
        if (result.Box is not null)
            Json = System.Text.Encoding.UTF8.GetString(bytes.ToArray()).TrimStart('\ufeff');
        return result;
    }

    private async Task<bool> SentAsync(List<RecipeToImport>? r, List<SectionToImport>? s, CancellationToken cancel)
    {
        if (RecipeImport.Sent(r, s, await compositions.ReaderAsync(new(), cancel)) is not { } sent)
            return false;
        await ShowAsync(sent, cancel);
        return true;
    }

    private async Task ShowAsync(RecipeImport found, CancellationToken cancel)
    {
        (Found, Trouble) = (found, found.Trouble);
        var readings = new List<ReadingView>(found.Sections.Count);
        foreach (var section in found.Sections)
        {
            var reader = await compositions.ReaderAsync(section.Form.Measures, cancel);
            readings.Add(new ReadingView(section.Form, reader.ReadAll(section.Form.Lines, cancel), baker.Shown));
        }

        Readings = readings;
    }
}
