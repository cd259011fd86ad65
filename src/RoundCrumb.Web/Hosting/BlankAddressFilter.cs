using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace RoundCrumb.Web.Hosting;

/// <summary>A part of an address that is blank names nothing: no page is asked for what is called nothing at all.</summary>
public sealed class BlankAddressFilter : IPageFilter
{
    /// <inheritdoc/>
    public void OnPageHandlerSelected(PageHandlerSelectedContext context)
    {
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuting(PageHandlerExecutingContext context)
    {
        if (context.RouteData.Values.Values.Any(static v => v is string said && said.Length > 0 && string.IsNullOrWhiteSpace(said)))
            context.Result = new NotFoundResult();
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuted(PageHandlerExecutedContext context)
    {
    }
}
