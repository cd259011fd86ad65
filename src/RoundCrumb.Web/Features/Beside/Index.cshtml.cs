using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Features.Learned;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Beside;

/// <summary>Bakes side by side: what was put in, what happened, how it came out, and one measured thing over time.</summary>
public sealed class IndexModel(BesideDesk desk, LearnedDesk learned, PhotoBook photos, KitchenClock clock, Preferences baker) : PageModel
{
    /// <summary>What is shown.</summary>
    public Application.Learning.Beside Beside { get; private set; } = new([], [], []);

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>The first photograph of each, by the bake's number.</summary>
    public IReadOnlyDictionary<int, int> Photos { get; private set; } = new Dictionary<int, int>();

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone { get; private set; } = TimeZoneInfo.Utc;

    /// <summary>What is followed over time; none where nothing was measured.</summary>
    public LearnedDetail? Followed { get; private set; }

    /// <summary>Its chart.</summary>
    public IHtmlContent Chart { get; private set; } = HtmlString.Empty;

    /// <summary>A group's name.</summary>
    public static string NameOf(BesideGroup group) => group switch
    {
        BesideGroup.Parts => "Made of",
        BesideGroup.Weighed => "Weighed, for one pie",
        BesideGroup.Happened => "What happened, against the plan",
        BesideGroup.CameOut => "How it came out",
    };

    /// <summary>A bake's day.</summary>
    public string Day(Bake bake) => TimeZoneInfo.ConvertTime(bake.MadeAt, Zone).ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>Shows them.</summary>
    public async Task OnGetAsync([FromQuery] int[] b, string? of, CancellationToken cancel)
    {
        Zone = await clock.ZoneAsync(cancel);
        Beside = await desk.OfAsync(b, cancel);
        Photos = await photos.FirstAsync([.. Beside.Bakes.Select(x => x.Bake.Id)], cancel);
        var key = CorrectionKey.TryRead(of, out var asked) && Beside.Measured.Any(m => m.Key == asked) ? asked
            : Beside.Measured.Count > 0 ? Beside.Measured[0].Key
            : (CorrectionKey?)null;
        if (key is { } one)
            Followed = await learned.OneAsync(one, cancel);
        if (Followed is not null)
            Chart = LearnedChart.Draw(Followed, Zone, Shown);
    }
}
