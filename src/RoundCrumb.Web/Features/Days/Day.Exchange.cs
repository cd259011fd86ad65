using Microsoft.AspNetCore.Mvc;
using RoundCrumb.Application.Days;
using RoundCrumb.Data.Days;

namespace RoundCrumb.Web.Features.Days;

/// <content>The day as a calendar or a table, out and in.</content>
public sealed partial class DayModel
{
    /// <summary>The plan as a calendar.</summary>
    public async Task<IActionResult> OnGetCalendarAsync(int id, CancellationToken cancel) =>
        await ShowAsync(id, null, cancel) && View is { } view
            ? File(System.Text.Encoding.UTF8.GetBytes(new DayExchange(view).Calendar(clock.Now)), "text/calendar", FileName("ics"))
            : NotFound();

    /// <summary>The plan as a table.</summary>
    public async Task<IActionResult> OnGetTableAsync(int id, CancellationToken cancel) =>
        await ShowAsync(id, null, cancel) && View is { } view
            ? File(System.Text.Encoding.UTF8.GetBytes(new DayExchange(view).Table()), "text/csv", FileName("csv"))
            : NotFound();

    private string FileName(string end) => $"bake-day-{Open.Kept.From:yyyy-MM-dd}.{end}";

    /// <summary>Reads a calendar or a table back: what was moved in it is put there, and the rest planned round it.</summary>
    public async Task<IActionResult> OnPostImportAsync(int id, IFormFile? file, CancellationToken cancel)
    {
        if (!await ShowAsync(id, null, cancel))
            return NotFound();
        Form = "import";
        if (file is null || file.Length == 0)
            Troubles["file"] = "Choose a calendar (.ics) or a table (.csv) of this day.";
        else if (file.Length > LargestFile)
            Troubles["file"] = "That file is larger than any day.";
        else if (View is null || Job is not null)
            Troubles["file"] = "Plan the day first; then what was moved can be told.";
        if (Troubles.Count > 0)
            return Page();
        using var reader = new StreamReader(file!.OpenReadStream());
        var (moved, said) = new DayExchange(View!).Read(
            await reader.ReadToEndAsync(cancel), file.FileName.EndsWith(".csv", StringComparison.OrdinalIgnoreCase));
        if (moved.Count == 0)
        {
            Read = [.. said, said.Count == 0 ? "Nothing in it was moved: the plan is as it was." : "Nothing was moved."];
            return Page();
        }

        var keys = moved.Select(m => m.Placed.Key).ToHashSet();
        List<DayMark> before = [.. Open.Kept.DayMarks.Where(m => keys.Contains(m.Key))];
        await book.ChangeAsync(id, d =>
        {
            foreach (var (placed, slot) in moved)
                d.Say(DayMark.At(placed.Key, slot));
        }, cancel);
        await ReplanAsync(id, b => b.ChangeAsync(id, d => d.Restore(keys, before)), cancel);
        var view = View!;
        await ShowAsync(id, null, cancel);
        Read = [
            $"Moved: {string.Join(", ", moved.Select(m => $"{m.Placed.Letters} {m.Placed.Label} to {view.DayAndClock(m.Slot)}"))}.",
            .. said
        ];
        return Page();
    }
}
