using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Corrections;
using RoundCrumb.Core.Learning;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Learned;

/// <summary>What this kitchen has learned: every correction with the book's figure, its own, from how many bakes and how sure.</summary>
public sealed class IndexModel(LearnedDesk desk, KitchenClock clock, Preferences baker) : PageModel
{
    /// <summary>All that is known.</summary>
    public LearnedList List { get; private set; } = new([], [], [], [], 0);

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone { get; private set; } = TimeZoneInfo.Utc;

    /// <summary>What was just decided, to be said; empty where nothing was.</summary>
    public string Said { get; private set; } = "";

    /// <summary>The kinds of which something is known, with their corrections.</summary>
    public IEnumerable<IGrouping<CorrectionKind, NamedLearned>> Kinds => List.All.Where(n => !IsAlone(n)).GroupBy(n => n.Learned.Key.Kind);

    /// <summary>A family with one thing in it says no more than that one thing.</summary>
    private bool IsAlone(NamedLearned one) => one.Learned.Key is { Under.Length: 0 } key && key.Kind.HasTwoLevels
        && one.Learned.Choice.Mode is CorrectionMode.On && List.All.Count(n => n.Learned.Key.Family == key) <= 2;

    /// <summary>Shows it.</summary>
    public async Task OnGetAsync(string? said, CancellationToken cancel)
    {
        List = await desk.ListAsync(cancel);
        Zone = await clock.ZoneAsync(cancel);
        Said = said switch
        {
            nameof(BakeSaid.LeftOut) => "It is left out of this; everything else of that bake counts as before.",
            nameof(BakeSaid.Counts) => "It counts, and is not asked about again.",
            _ => "",
        };
    }

    /// <summary>Answers what was asked about a bake.</summary>
    public async Task<IActionResult> OnPostSayAsync(string? of, int bake, BakeSaid said, CancellationToken cancel)
    {
        if (!CorrectionKey.TryRead(of, out var key) || !Enum.IsDefined(said))
            return BadRequest();
        await desk.SayAsync(key, bake, said, cancel);
        return Redirect($"{Routes.Learned}?said={said}");
    }
}
