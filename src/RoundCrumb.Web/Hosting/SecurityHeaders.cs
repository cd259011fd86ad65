using Microsoft.Net.Http.Headers;

namespace RoundCrumb.Web.Hosting;

/// <summary>What a browser is told about what these pages may do: only what ships with them.</summary>
public static class SecurityHeaders
{
    private const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; connect-src 'self'; "
            + "form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /// <summary>Adds the headers to every answer.</summary>
    public static IApplicationBuilder UseSecurityHeaders(this IApplicationBuilder app) => app.Use(static (context, next) =>
    {
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "same-origin";
        headers.XFrameOptions = "DENY";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";

        // What a program reads, and a copy of everything, are for nobody's shelf between here and there.
        if (context.Request.Path.StartsWithSegments(Routes.Api) || context.Request.Path.StartsWithSegments(Routes.Backup))
            headers.CacheControl = "no-store";

        // A page asked for by a script may be a part of itself: nobody keeps the one for the other.
        headers.Append(HeaderNames.Vary, "HX-Request");
        return next(context);
    });
}
