using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Units;

/// <summary>The one switch for units and light.</summary>
public sealed class IndexModel : PageModel
{
    /// <summary>Remembers the choice and goes back to where the baker was.</summary>
    public IActionResult OnPost(string? back, string? mass, string? oven, string? length, string? theme)
    {
        var (units, light) = Preferences.Read($"{mass}.{oven}.{length}.{theme}");
        Response.Cookies.Append(Preferences.Cookie, Preferences.Write(units, light), new CookieOptions
        {
            MaxAge = TimeSpan.FromDays(730),
            HttpOnly = true,
            SameSite = SameSiteMode.Lax,
            IsEssential = true,
        });
        return LocalRedirect(Url.IsLocalUrl(back) ? back : Routes.Counter);
    }
}
