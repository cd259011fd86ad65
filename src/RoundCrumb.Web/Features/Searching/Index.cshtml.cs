using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace RoundCrumb.Web.Features.Searching;

/// <summary>The one field that goes anywhere: a list under the field where there is script, a page where there is none.</summary>
public sealed class IndexModel(Finder finder) : PageModel
{
    /// <summary>So many under the field.</summary>
    private const int MostUnder = 9;

    /// <summary>So many on the page.</summary>
    private const int MostOnPage = 80;

    /// <summary>What is searched for.</summary>
    public string Typed { get; private set; } = "";

    /// <summary>What was found.</summary>
    public IReadOnlyList<Found> Found { get; private set; } = [];

    /// <summary>Searches.</summary>
    public async Task<IActionResult> OnGetAsync(string? q, CancellationToken cancel)
    {
        Typed = (q ?? "").Trim();
        if (Typed.Length > Finder.Longest)
            Typed = Typed[..Finder.Longest];
        var under = Request.Headers["HX-Request"] == "true" && Request.Headers["HX-History-Restore-Request"] != "true";
        Found = await finder.FindAsync(Typed, under ? MostUnder : MostOnPage, cancel);
        return under ? Partial("_Under", this) : Page();
    }
}
