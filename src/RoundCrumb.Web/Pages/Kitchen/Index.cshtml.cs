using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Pans;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Pages.Kitchen;

/// <summary>The kitchen: its pans on a rack, drawn to one scale.</summary>
public sealed class IndexModel(PanRack rack, Preferences baker) : PageModel
{
    private static readonly string[] Needed = [CompositionAddress.OwnTop, CompositionAddress.OwnBase, CompositionAddress.OwnDepth];
    private readonly Dictionary<string, string> _typed = new(StringComparer.Ordinal);

    /// <summary>The pans.</summary>
    public IReadOnlyList<OwnedPan> Pans { get; private set; } = [];

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>A pan that was just put away and can be brought back.</summary>
    public int? Gone { get; private set; }

    /// <summary>The baker's units.</summary>
    public Shown Shown { get; } = baker.Shown;

    /// <summary>What a field of the form holds.</summary>
    public string Typed(string name) => _typed.GetValueOrDefault(name, "");

    /// <summary>By how much its sizes and its water differ.</summary>
    public static string Off(Pan pan)
    {
        var off = (pan.ByItsSizes.Volume.Value / pan.Inside.Volume.Value) - 1;
        return Math.Abs(off) < 0.005 ? "the same" : FormattableString.Invariant($"{Math.Abs(off) * 100:0.#} % too {(off > 0 ? "much" : "little")}");
    }

    /// <summary>Shows the rack.</summary>
    public async Task OnGetAsync(int? gone, CancellationToken cancel)
    {
        Gone = gone;
        Pans = await rack.AllAsync(cancel);
    }

    /// <summary>Puts a pan that is known on the rack.</summary>
    public async Task<IActionResult> OnPostTakeAsync(string? pan, CancellationToken cancel)
    {
        if (PanCupboard.Find(pan ?? "") is not { } known)
            return NotFound();
        await rack.AddAsync(known, 1, cancel);
        return Redirect("/kitchen");
    }

    /// <summary>Changes how many there are of a pan.</summary>
    public async Task<IActionResult> OnPostCountAsync(int id, int owned, CancellationToken cancel)
    {
        if (!await rack.CountAsync(id, owned, cancel))
            return NotFound();
        return Redirect(owned <= 0 ? $"/kitchen?gone={id}" : $"/kitchen#pan-{id}");
    }

    /// <summary>Puts a measured pan on the rack.</summary>
    public async Task<IActionResult> OnPostMeasureAsync(CancellationToken cancel)
    {
        foreach (var field in Request.Form)
            _typed[field.Key] = field.Value.ToString().Trim();
        foreach (var field in Needed.Where(f => Typed(f).Length == 0))
            Troubles[field] = "Measure this inside the pan.";
        if (Typed(CompositionAddress.OwnName).Length == 0)
            Troubles[CompositionAddress.OwnName] = "Give it a name that you will know it by.";
        var owned = 1;
        if (Typed("owned").Length > 0 && (!int.TryParse(Typed("owned"), out owned) || owned is < 1 or > PanRack.MostOwned))
            Troubles["owned"] = $"A whole number from 1 to {PanRack.MostOwned}.";

        // The same reading as in Compose: the same limits, the same words. What was left empty is taken as usual.
        var read = CompositionAddress.Read(
            name => name == CompositionAddress.PanField ? PanCupboard.OwnId : name.StartsWith("own-", StringComparison.Ordinal) && Typed(name).Length > 0 ? Typed(name) : null,
            Shown.Units.Length);
        foreach (var trouble in read.Troubles.Where(t => t.Field.StartsWith("own-", StringComparison.Ordinal)))
            Troubles.TryAdd(trouble.Field, Shown.Say(trouble.Message));
        if (Troubles.Count > 0)
        {
            Pans = await rack.AllAsync(cancel);
            return Page();
        }

        await rack.AddAsync(read.Composition.Pan, owned, cancel);
        return Redirect("/kitchen");
    }
}
