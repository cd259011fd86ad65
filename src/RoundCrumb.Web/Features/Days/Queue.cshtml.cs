using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Days;

namespace RoundCrumb.Web.Features.Days;

/// <summary>Where a question stands that somebody waits for: one line of text, and nothing once it is answered.</summary>
public sealed class QueueModel(Planner planner) : PageModel
{
    /// <summary>Says how many are worked out first, and about how long it takes.</summary>
    /// <param name="key">The key that it was asked with.</param>
    public IActionResult OnGet(string key) =>
        planner.PlaceOf(key) is { } place ? Content(Say(place), "text/plain; charset=utf-8") : new NoContentResult();

    /// <summary>A place in the queue in words.</summary>
    public static string Say(Place place)
    {
        var first = place.Before switch
        {
            0 => "It is being worked out",
            1 => "One other is worked out first",
            var n => string.Create(CultureInfo.InvariantCulture, $"{n} others are worked out first"),
        };

        // What is in front may be done sooner than it may take, so the time is rough: to five seconds, from two minutes on in minutes.
        var seconds = Math.Max(1, Math.Ceiling(place.Seconds));
        var rough = seconds switch
        {
            < 10 => $"{seconds:0} s",
            < 120 => $"{Math.Ceiling(seconds / 5) * 5:0} s",
            _ => $"{Math.Ceiling(seconds / 60):0} min",
        };
        return $"{first}: up to about {rough}.";
    }
}
