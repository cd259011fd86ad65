using Microsoft.AspNetCore.Diagnostics;
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
    public void OnGet() => Show();

    /// <summary>The same after a post that went wrong.</summary>
    public void OnPost() => Show();

    private void Show()
    {
        // Not bound, but read off the route: binding would read once more a form that could not be read.
        var code = int.TryParse(RouteData.Values["code"] as string, out var known) ? known : 404;
        if (HttpContext.Features.Get<IExceptionHandlerFeature>()?.Error is BadHttpRequestException bad)
            code = bad.StatusCode;
        (Heading, Words) = code switch
        {
            404 => ("Nothing on this shelf", "There is no page here. It may have been deleted, or the address was copied short."),
            413 => ("That is more than fits through the door", "Files of up to 5 MB can be brought in. Go back, and bring in one recipe at a time."),
            >= 500 => ("Something broke on our side", "What you had saved is safe. Go back and try once more; the log says what happened."),
            _ => ("That could not be done", "The request was not one that this page understands. Go back, and nothing is lost."),
        };
        Response.StatusCode = code is >= 400 and < 600 ? code : 404;
    }
}
