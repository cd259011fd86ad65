using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace RoundCrumb.Web.Hosting;

/// <summary>
/// The place that a page leads on to may hold what was typed, and a header holds plain letters only: the others are escaped.
/// </summary>
public sealed class PlainLocationFilter : IAlwaysRunResultFilter
{
    /// <inheritdoc/>
    public void OnResultExecuting(ResultExecutingContext context)
    {
        if (context.Result is RedirectResult redirect && !IsPlain(redirect.Url))
            redirect.Url = Escaped(redirect.Url);
    }

    /// <inheritdoc/>
    public void OnResultExecuted(ResultExecutedContext context)
    {
    }

    /// <summary>An address with everything escaped that a header cannot hold.</summary>
    /// <param name="address">The address.</param>
    public static string Escaped(string address) => IsPlain(address)
        ? address
        : string.Concat(Encoding.UTF8.GetBytes(address).Select(b => b is > 32 and < 127 ? ((char)b).ToString() : $"%{b:X2}"));

    private static bool IsPlain(string address) => address.All(c => c is > ' ' and < (char)127);
}
