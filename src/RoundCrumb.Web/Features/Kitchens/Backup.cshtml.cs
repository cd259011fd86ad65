using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>Everything that is kept, as one file to put away.</summary>
[Costly]
public sealed class BackupModel(DataFile file, TimeProvider clock) : PageModel
{
    /// <summary>A checked copy of the data as it is now.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken cancel)
    {
        // Beside the data, where there is room for it; gone as soon as it is sent.
        var copy = $"{file.Path}.backup-{Guid.NewGuid():N}";
        await RoundCrumbFile.BackUpAsync(file.Path, copy, cancel);
        var stream = new FileStream(
            copy, FileMode.Open, FileAccess.Read, FileShare.Read, 64 * 1024, FileOptions.DeleteOnClose | FileOptions.Asynchronous);
        return File(stream, "application/vnd.sqlite3", DataFile.NameOfCopy(clock.GetLocalNow()));
    }
}
