using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace RoundCrumb.Web.Pages.Lost;

/// <summary>What a baker sees when a page is not there or something broke.</summary>
[IgnoreAntiforgeryToken]
public sealed class IndexModel : PageModel
{
    /// <summary>The heading.</summary>
    public string Heading { get; private set; } = "";

    /// <summary>What happened and what to do.</summary>
    public string Words { get; private set; } = "";

    /// <summary>Shows the page for a status code.</summary>
    public void OnGet(int code) => Show(code);

    /// <summary>The same after a post that went wrong.</summary>
    public void OnPost(int code) => Show(code);

    private void Show(int code)
    {
        (Heading, Words) = code switch
        {
            404 => ("Nothing on this shelf", "There is no page here. It may have been deleted, or the address was copied short."),
            >= 500 => ("Something broke on our side", "What you had saved is safe. Go back and try once more; the log says what happened."),
            _ => ("That could not be done", "The request was not one that this page understands. Go back, and nothing is lost."),
        };
        Response.StatusCode = code is >= 400 and < 600 ? code : 404;
    }
}
