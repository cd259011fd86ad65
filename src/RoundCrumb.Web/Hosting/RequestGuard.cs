using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace RoundCrumb.Web.Hosting;

/// <summary>
/// The one door of all pages: what no browser of a baker's sends is turned away here with words, so that no page need think of it.
/// </summary>
public sealed class RequestGuard(RequestDelegate next)
{
    private static readonly string[] Methods = ["GET", "HEAD", "POST"];

    /// <summary>Lets a request in, or turns it away with 400 or 405.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        var request = context.Request;
        if (!Methods.Contains(request.Method))
        {
            // The page that says so is drawn as any other.
            request.Method = HttpMethods.Get;
            context.Response.StatusCode = StatusCodes.Status405MethodNotAllowed;
            return;
        }

        if (!IsText(request.QueryString.Value) || request.Query.Any(f => !IsText(f.Key) || f.Value.Any(v => !IsText(v)))
                || (HttpMethods.IsPost(request.Method) && !await HasFormAsync(context)))
        {
            context.Response.StatusCode = StatusCodes.Status400BadRequest;
            return;
        }

        await next(context);
    }

    /// <summary>True where a form came that can be read. It is read here once; whoever asks for it afterwards gets what was read.</summary>
    private static async Task<bool> HasFormAsync(HttpContext context)
    {
        if (!context.Request.HasFormContentType)
            return false;
        try
        {
            var form = await context.Request.ReadFormAsync(context.RequestAborted);
            return form.All(f => IsText(f.Key) && f.Value.All(IsText));
        }
        catch (Exception e) when (
            e is InvalidDataException or DecoderFallbackException or NotSupportedException or ArgumentException
                || (e is IOException and not BadHttpRequestException))
        {
            return false;
        }
    }

    /// <summary>
    /// True for words: no half letters, and no character that ends a text or belongs to a terminal. A form sends line breaks and tabs.
    /// </summary>
    private static bool IsText(string? words)
    {
        if (words is null)
            return true;
        for (var i = 0; i < words.Length; i++)
        {
            var c = words[i];
            if (c == '\0')
                return false;
            if (char.IsHighSurrogate(c) ? i + 1 >= words.Length || !char.IsLowSurrogate(words[i + 1]) : char.IsLowSurrogate(c))
                return false;
            if (char.IsHighSurrogate(c))
                i++;
        }

        return true;
    }
}

/// <summary>A page that is asked for something it does not do says so, and is not drawn without what it would show.</summary>
public sealed class NoHandlerFilter : IPageFilter
{
    /// <inheritdoc/>
    public void OnPageHandlerSelected(PageHandlerSelectedContext context)
    {
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuting(PageHandlerExecutingContext context)
    {
        if (context.HandlerMethod is not null)
            return;
        var method = context.HttpContext.Request.Method;
        if (!HttpMethods.IsGet(method) && !HttpMethods.IsHead(method))
            context.Result = new StatusCodeResult(StatusCodes.Status400BadRequest);

        // A page that nothing is worked out for shows itself.
        else if (context.ActionDescriptor.HandlerMethods.Any(static h => HttpMethods.IsGet(h.HttpMethod)))
            context.Result = new StatusCodeResult(StatusCodes.Status404NotFound);
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuted(PageHandlerExecutedContext context)
    {
    }
}
