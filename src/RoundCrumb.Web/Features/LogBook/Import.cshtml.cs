using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;

namespace RoundCrumb.Web.Features.LogBook;

/// <summary>A log brought in from a table or a document.</summary>
public sealed class ImportModel(LogTransfer transfer) : PageModel
{
    /// <summary>The largest file that is taken, bytes.</summary>
    private const int Largest = 5 * 1024 * 1024;

    /// <summary>What came of it; none before anything was sent.</summary>
    public TakenLogs? Taken { get; private set; }

    /// <summary>What was pasted.</summary>
    public string Text { get; private set; } = "";

    /// <summary>Shows the form.</summary>
    public void OnGet()
    {
    }

    /// <summary>Brings it in.</summary>
    public async Task OnPostAsync(string? text, IFormFile? file, CancellationToken cancel)
    {
        Text = text ?? "";
        if (file is { Length: > Largest })
        {
            Taken = new(0, 0, [], "That file is larger than 5 MB; bring it in in pieces.");
            return;
        }

        if (file is { Length: > 0 })
        {
            using var reader = new StreamReader(file.OpenReadStream());
            Text = await reader.ReadToEndAsync(cancel);
        }

        Taken = Text.Trim().Length == 0 ? new(0, 0, [], "Choose a file, or paste a table.") : await transfer.TakeInAsync(Text, cancel);
        if (Taken.Trouble.Length == 0 && Taken.Wrong.Count == 0)
            Text = "";
    }
}
