using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Kitchens;

namespace RoundCrumb.Web.Features.Notebook;

/// <summary>The notebook: what was made, and what of it is not written down yet.</summary>
public sealed class IndexModel(BakeBook bakes, KitchenClock clock) : PageModel
{
    /// <summary>How many bakes stand on a page.</summary>
    private const int AtOnce = 40;

    /// <summary>What the list is narrowed to by its address.</summary>
    private const string Open = "open";

    /// <summary>Which page it is; the last bakes are on the first.</summary>
    public int Leaf { get; private set; } = 1;

    /// <summary>How many pages there are.</summary>
    public int Leaves { get; private set; } = 1;

    /// <summary>True where only those are listed that are not written down yet.</summary>
    public bool OnlyOpen { get; private set; }

    /// <summary>The bakes, the last first.</summary>
    public IReadOnlyList<Bake> Bakes { get; private set; } = [];

    /// <summary>Where the kitchen is.</summary>
    public TimeZoneInfo Zone { get; private set; } = TimeZoneInfo.Utc;

    /// <summary>The address of another page of the same list.</summary>
    public string At(int leaf) => $"{Routes.Notebook}?leaf={leaf}{(OnlyOpen ? "&show=" + Open : "")}";

    /// <summary>Shows the bakes.</summary>
    public async Task OnGetAsync(string? show, int leaf, CancellationToken cancel)
    {
        OnlyOpen = show == Open;
        var all = await bakes.CountAsync(OnlyOpen, cancel);
        Leaves = Math.Max(1, (all + AtOnce - 1) / AtOnce);
        Leaf = Math.Clamp(leaf, 1, Leaves);
        Bakes = await bakes.ListAsync(OnlyOpen, (Leaf - 1) * AtOnce, AtOnce, cancel);
        Zone = await clock.ZoneAsync(cancel);
    }
}
