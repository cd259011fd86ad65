namespace RoundCrumb.Web.Hosting;

/// <summary>A form that could not be used when it came, with everything that was typed into it.</summary>
/// <param name="Action">Where it was going.</param>
/// <param name="Fields">What was typed.</param>
/// <param name="MayResend">True when it came from our own page, so that it may be sent again at one click.</param>
public sealed record SentForm(string Action, IReadOnlyList<KeyValuePair<string, string>> Fields, bool MayResend)
{
    private const string Token = "__RequestVerificationToken";

    /// <summary>The form of a request; one without fields where it has none that can be read.</summary>
    /// <param name="request">The request.</param>
    /// <param name="action">Where it was going, with its query; where it is now when left out.</param>
    public static SentForm Of(HttpRequest request, string? action = null)
    {
        action ??= request.Path + request.QueryString;
        try
        {
            return request.HasFormContentType
                ? new(
                    action,
                    [.. request.Form.Where(f => f.Key != Token).SelectMany(f => f.Value.Select(v => KeyValuePair.Create(f.Key, v ?? "")))],
                    IsOurs(request))
                : new(action, [], false);
        }
        catch (Exception e) when (e is InvalidDataException or IOException or InvalidOperationException)
        {
            return new(action, [], false);
        }
    }

    /// <summary>
    /// True for a form that one of our pages sent. Browsers that say so are believed; of one that says nothing, where it
    /// comes from must be this very place, and where that is not said either it is not sent again: a form of a foreign
    /// page would be signed by us at one click.
    /// </summary>
    private static bool IsOurs(HttpRequest request)
    {
        if (request.Headers["Sec-Fetch-Site"] is { Count: > 0 } site)
            return site == "same-origin";
        var from = request.Headers.Origin is { Count: > 0 } origin ? origin.ToString() : request.Headers.Referer.ToString();
        return Uri.TryCreate(from, UriKind.Absolute, out var uri)
            && uri.Authority.Equals(request.Host.Value, StringComparison.OrdinalIgnoreCase) && uri.Scheme == request.Scheme;
    }
}
