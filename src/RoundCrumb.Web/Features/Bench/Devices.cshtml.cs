using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>A simulated scale and probe to try the bench with, and what a device of one's own has to send.</summary>
public sealed class DevicesModel(ReadingDoor door) : PageModel
{
    /// <summary>The last reading of each device.</summary>
    public IReadOnlyList<LiveReading> Last { get; private set; } = [];

    /// <summary>Shows the devices.</summary>
    public void OnGet() => Last = door.Last;
}
