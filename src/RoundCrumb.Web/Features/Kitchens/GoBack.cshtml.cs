using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>Copies of the data, and the way back to one: it is gone back to at the next start, when nobody writes.</summary>
[Costly("Choose", "Upload")]
public sealed class GoBackModel(DataFile file, TimeProvider clock) : PageModel
{
    /// <summary>The copies beside the data, the newest first; with what is wrong with one that cannot be used.</summary>
    public IReadOnlyList<(CopyFacts Copy, string Trouble)> Copies { get; private set; } = [];

    /// <summary>The copy that is gone back to at the next start; none where nothing is.</summary>
    public string? Pending { get; private set; }

    /// <summary>Why nothing was done; empty where something was, or nobody has tried.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>Lists them.</summary>
    public Task OnGetAsync(CancellationToken cancel) => ShowAsync(cancel);

    /// <summary>Goes back to one of the copies at the next start.</summary>
    public async Task<IActionResult> OnPostChooseAsync(string? copy, CancellationToken cancel) =>
        FileRestore.Beside(file.Path).FirstOrDefault(f => Path.GetFileName(f) == copy) is { } known
            ? await ChooseAsync(known, cancel)
            : await SayAsync("That copy is not here any more.", cancel);

    /// <summary>Goes back to a backup of the baker's own at the next start.</summary>
    public async Task<IActionResult> OnPostUploadAsync([FromForm(Name = "file")] IFormFile? sent, CancellationToken cancel)
    {
        if (sent is not { Length: > 0 })
            return await SayAsync("Choose a backup file first.", cancel);
        var folder = Path.GetDirectoryName(file.Path)!;
        var stem = Path.GetFileNameWithoutExtension(file.Path);
        var kept = Path.Combine(
            folder,
            string.Create(
                CultureInfo.InvariantCulture, $"{stem}.uploaded-{clock.GetLocalNow():yyyyMMdd-HHmmss}.db"));
        await using (var to = new FileStream(kept, FileMode.CreateNew))
            await sent.CopyToAsync(to, cancel);
        var answer = await ChooseAsync(kept, cancel);
        if (Trouble.Length > 0)
            System.IO.File.Delete(kept);
        return answer;
    }

    /// <summary>Stays with what is here.</summary>
    public IActionResult OnPostStay()
    {
        FileRestore.AtNextStart(file.Path, null);
        return Redirect(Routes.GoBack);
    }

    private async Task<IActionResult> ChooseAsync(string copy, CancellationToken cancel)
    {
        try
        {
            await FileRestore.LookAsync(copy, cancel);
        }
        catch (FileTroubleException e)
        {
            return await SayAsync(e.Trouble.Says, cancel);
        }

        FileRestore.AtNextStart(file.Path, copy);
        return Redirect(Routes.GoBack);
    }

    private async Task<IActionResult> SayAsync(string words, CancellationToken cancel)
    {
        Trouble = words;
        await ShowAsync(cancel);
        return Page();
    }

    private async Task ShowAsync(CancellationToken cancel)
    {
        Pending = FileRestore.Pending(file.Path);
        var copies = new List<(CopyFacts, string)>();
        foreach (var copy in FileRestore.Beside(file.Path))
        {
            try
            {
                copies.Add((await FileRestore.LookAsync(copy, cancel), ""));
            }
            catch (FileTroubleException e)
            {
                copies.Add((new(copy, System.IO.File.GetLastWriteTimeUtc(copy), 0, 0, 0, 0, false), e.Trouble.Says));
            }
        }

        Copies = copies;
    }
}
