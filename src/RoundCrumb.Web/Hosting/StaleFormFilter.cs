using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Core.Infrastructure;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.AspNetCore.Mvc.ModelBinding;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace RoundCrumb.Web.Hosting;

/// <summary>
/// When a form's token is no longer good (cookies cleared, the page open since last month), or what it was for was deleted elsewhere, the
/// baker sees what was typed and can send it again, instead of an empty 400 or 404.
/// </summary>
public sealed class StaleFormFilter : IAlwaysRunResultFilter
{
    /// <inheritdoc/>
    public void OnResultExecuting(ResultExecutingContext context)
    {
        var stale = context.Result is IAntiforgeryValidationFailedResult;
        if (!stale && !(context.Result is NotFoundResult && HttpMethods.IsPost(context.HttpContext.Request.Method)))
            return;
        context.Result = new ViewResult
        {
            ViewName = stale ? "/Features/Lost/StaleForm.cshtml" : "/Features/Lost/GoneForm.cshtml",
            StatusCode = stale ? StatusCodes.Status400BadRequest : StatusCodes.Status404NotFound,
            ViewData = new ViewDataDictionary<SentForm>(new EmptyModelMetadataProvider(), new ModelStateDictionary())
            {
                Model = SentForm.Of(context.HttpContext.Request),
            },
        };
    }

    /// <inheritdoc/>
    public void OnResultExecuted(ResultExecutedContext context)
    {
    }
}
