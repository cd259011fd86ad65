using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Core.Infrastructure;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.AspNetCore.Mvc.ModelBinding;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace RoundCrumb.Web.Hosting;

/// <summary>A form that came back too late to be trusted, with everything that was typed into it.</summary>
/// <param name="Action">Where it was going.</param>
/// <param name="Fields">What was typed.</param>
/// <param name="MayResend">True when it came from our own page, so that it may be sent again.</param>
public sealed record StaleForm(string Action, IReadOnlyList<KeyValuePair<string, string>> Fields, bool MayResend);

/// <summary>
/// When a form's token is no longer good (cookies cleared, the page open since last month) the baker sees what was typed
/// and can send it again, instead of an empty 400.
/// </summary>
public sealed class StaleFormFilter : IAlwaysRunResultFilter
{
    private const string Token = "__RequestVerificationToken";

    /// <inheritdoc/>
    public void OnResultExecuting(ResultExecutingContext context)
    {
        if (context.Result is not IAntiforgeryValidationFailedResult)
            return;
        var request = context.HttpContext.Request;
        var fields = request.HasFormContentType
            ? request.Form.Where(f => f.Key != Token).SelectMany(f => f.Value.Select(v => KeyValuePair.Create(f.Key, v ?? ""))).ToList()
            : [];
        context.Result = new ViewResult
        {
            ViewName = "/Pages/Lost/StaleForm.cshtml",
            StatusCode = StatusCodes.Status400BadRequest,
            ViewData = new ViewDataDictionary<StaleForm>(new EmptyModelMetadataProvider(), new ModelStateDictionary())
            {
                Model = new StaleForm(request.Path + request.QueryString, fields, request.Headers["Sec-Fetch-Site"] is var site && (site.Count == 0 || site == "same-origin")),
            },
        };
    }

    /// <inheritdoc/>
    public void OnResultExecuted(ResultExecutedContext context)
    {
    }
}
