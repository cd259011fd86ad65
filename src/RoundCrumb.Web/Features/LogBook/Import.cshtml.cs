using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.LogBook;

/// <summary>A log brought in from a table or a document: a long one goes on beside everything else, and can be stopped.</summary>
[Costly(Sending = true, HasOwnQueue = true)]
public sealed class ImportModel(LogImports imports) : PageModel
{
    /// <summary>The largest that is taken, bytes of a file or characters of what is pasted.</summary>
    private const int Largest = 5 * 1024 * 1024;

    /// <summary>Most are done by then, and are shown at once.</summary>
    private static readonly TimeSpan WaitedFor = TimeSpan.FromSeconds(1.5);

    /// <summary>What came of it; none before anything was sent.</summary>
    public TakenLogs? Taken { get; private set; }

    /// <summary>What was pasted.</summary>
    public string Text { get; private set; } = "";

    /// <summary>The one that is under way.</summary>
    public LogImportJob? Job { get; private set; }

    /// <summary>Something to say of one that was stopped.</summary>
    public string Said { get; private set; } = "";

    /// <summary>Shows the form, how far the import is that is under way, and what came of the last.</summary>
    public void OnGet() => Show();

    /// <summary>How far it is, asked again and again.</summary>
    public IActionResult OnGetProgress()
    {
        if (imports.Last is not { Over.IsCompleted: false } job)
        {
            // What came of it is on the page.
            Response.Headers["HX-Redirect"] = Routes.LogImport;
            return new NoContentResult();
        }

        return Partial("_Progress", job);
    }

    /// <summary>Stops it.</summary>
    public async Task<IActionResult> OnPostStopAsync(CancellationToken cancel)
    {
        if (imports.Last is { Over.IsCompleted: false } job)
        {
            job.Stop();
            await Task.WhenAny(job.Over, Task.Delay(WaitedFor, cancel));
        }

        return Redirect(Routes.LogImport);
    }

    /// <summary>Brings it in.</summary>
    public async Task<IActionResult> OnPostAsync(string? text, IFormFile? file, CancellationToken cancel)
    {
        Text = text ?? "";
        if (file is { Length: > Largest })
            return Refused("That file is larger than 5 MB; bring it in in pieces.");
        if (file is { Length: > 0 })
        {
            using var reader = new StreamReader(file.OpenReadStream());
            Text = await reader.ReadToEndAsync(cancel);
        }

        if (Text.Length > Largest)
            return Refused("That is more than 5 MB; bring it in in pieces.");
        if (Text.Trim().Length == 0)
            return Refused("Choose a file, or paste a table.");
        if (imports.TryBegin(Text) is not { } job)
            return Refused("Another log is being imported just now. Wait till it is done, or stop it; what you sent is still here.");
        await Task.WhenAny(job.Over, Task.Delay(WaitedFor, cancel));
        Show();
        return Page();
    }

    private PageResult Refused(string why)
    {
        (Job, Taken) = (imports.Last is { Over.IsCompleted: false } job ? job : null, new(0, 0, [], why));
        return Page();
    }

    private void Show()
    {
        if (imports.Last is not { } job)
            return;
        if (!job.Over.IsCompleted)
        {
            (Job, Text) = (job, "");
            return;
        }

        (Taken, Text) = (job.Taken, job.Text ?? "");
        if (job.Failed is { } failed)
            Taken = new(job.Taken?.Taken ?? 0, 0, [], TroubleOf.Thrown(failed, HttpContext).Words);
        else if (job.Stopped)
            Said = job.Taken is null
                ? "It was stopped, and nothing of it was taken in. What you sent is still here."
                : "It was stopped while it was learned from. The bakes are in the notebook; the rest is learned when Round Crumb starts "
                    + "again.";
        if (job.Taken is { Trouble: "", Wrong.Count: 0 } && job.Failed is null)
            Text = "";
    }
}
