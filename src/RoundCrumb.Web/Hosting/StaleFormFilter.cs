using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Core.Infrastructure;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.AspNetCore.Mvc.ModelBinding;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace RoundCrumb.Web.Hosting;

/// <summary>
/// When a form's token is no longer good (cookies cleared, the page open since last month) the baker sees what was typed
/// and can send it again, instead of an empty 400.
/// </summary>
public sealed class StaleFormFilter : IAlwaysRunResultFilter
{
    /// <inheritdoc/>
    public void OnResultExecuting(ResultExecutingContext context)
    {
        if (context.Result is not IAntiforgeryValidationFailedResult)
            return;
        context.Result = new ViewResult
        {
            ViewName = "/Features/Lost/StaleForm.cshtml",
            StatusCode = StatusCodes.Status400BadRequest,
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
