using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Lost;

/// <summary>What a baker sees when a page is not there, something broke, or something could not be kept.</summary>
[IgnoreAntiforgeryToken]
public sealed class IndexModel : PageModel
{
    /// <summary>What happened and what to do.</summary>
    public TroubleOf Trouble { get; private set; } = TroubleOf.Code(404);

    /// <summary>What was typed into a form that could not be kept; none where there was none.</summary>
    public SentForm? Form { get; private set; }

    /// <summary>Shows the page for a status code.</summary>
    public void OnGet() => Show();

    /// <summary>The same after a post that went wrong.</summary>
    public void OnPost() => Show();

    private void Show()
    {
        // Not bound, but read off the route: binding would read once more a form that could not be read.
        var code = int.TryParse(RouteData.Values["code"] as string, out var known) ? known : 404;
        var thrown = HttpContext.Features.Get<IExceptionHandlerPathFeature>();

        // An address that somebody wrote is a page that is not there, and no fault of ours.
        if (code >= 500 && HttpContext.Features.Get<IStatusCodeReExecuteFeature>() is null)
            code = StatusCodes.Status404NotFound;
        Trouble = thrown is null ? TroubleOf.Code(code) : TroubleOf.Thrown(thrown.Error, HttpContext);
        Response.StatusCode = Trouble.Status;
        if (thrown is not null && Trouble.Status is 409 or 503)
            Form = SentForm.Of(Request, thrown!.Path + Request.QueryString);
        else if (HttpContext.Features.Get<IStatusCodeReExecuteFeature>() is { } from
            && Trouble.Status == StatusCodes.Status429TooManyRequests)
            Form = SentForm.Of(Request, from.OriginalPath + from.OriginalQueryString);
    }
}
