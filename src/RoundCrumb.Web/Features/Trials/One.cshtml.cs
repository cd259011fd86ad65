using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Learning;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Batches;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Trials;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Trials;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Trials;

/// <summary>One trial: the two pies, what differs in their sheets, their bakes, and how it stands.</summary>
public sealed class OneModel(TrialDesk desk, TrialBook trials, CompositionReader compositions, Preferences baker) : PageModel
{
    /// <summary>How it stands.</summary>
    public TrialStanding Standing { get; private set; } = null!;

    /// <summary>The two sheets, for one pie each.</summary>
    public IReadOnlyDictionary<TrialArm, BatchSheet> Sheets { get; private set; } = new Dictionary<TrialArm, BatchSheet>();

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown => baker.Shown;

    /// <summary>Why it could not be begun; empty where nobody has tried.</summary>
    public string Trouble { get; private set; } = "";

    /// <summary>What was typed.</summary>
    public string Pies { get; private set; } = "1";

    /// <summary>Shows it.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel) => await ShowAsync(id, cancel) ? Page() : NotFound();

    /// <summary>Makes a batch sheet for each of the two.</summary>
    public async Task<IActionResult> OnPostBeginAsync(int id, string? pies, CancellationToken cancel)
    {
        if (!await ShowAsync(id, cancel))
            return NotFound();
        Pies = (pies ?? "").Trim();
        if (!int.TryParse(Pies, out var count) || count is < 1 or > BatchSheet.MostPies)
        {
            Trouble = $"How many of each, from 1 to {BatchSheet.MostPies}.";
            return Page();
        }

        await trials.BeginAsync(Standing.Trial, count, cancel);
        return Redirect(Routes.Trial(id));
    }

    /// <summary>Deletes it, or brings it back.</summary>
    public async Task<IActionResult> OnPostDeleteAsync(int id, bool away, CancellationToken cancel)
    {
        await trials.DeleteAsync(id, away, cancel);
        return Redirect(Routes.Trial(id));
    }

    private async Task<bool> ShowAsync(int id, CancellationToken cancel)
    {
        if (await desk.StandingAsync(id, cancel) is not { } standing)
            return false;
        Standing = standing;
        var book = await compositions.BookAsync([standing.Trial.AsItIs, standing.Trial.Changed], cancel);
        var kitchen = await compositions.KitchenAsync(cancel);
        BatchSheet Of(string address) => BatchSheet.Of(Assessment.Of(CompositionAddress.Read(address, book).Composition, 1, kitchen));
        Sheets = new Dictionary<TrialArm, BatchSheet>
        {
            [TrialArm.AsItIs] = Of(standing.Trial.AsItIs),
            [TrialArm.Changed] = Of(standing.Trial.Changed),
        };
        return true;
    }
}
