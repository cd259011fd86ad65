using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Bench;
using RoundCrumb.Application.Learning;
using RoundCrumb.Core.Records;
using RoundCrumb.Core.Units;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Bench;

/// <summary>The end of a day: what the bench timed and measured is there, and only how it came out is asked.</summary>
public sealed class LogModel(BenchDesk desk, RunLog log, LearnedDesk learned, Preferences preferences) : PageModel
{
    /// <summary>The run.</summary>
    public OpenBench Open { get; private set; } = null!;

    /// <summary>Its orders.</summary>
    public IReadOnlyList<OrderToLog> Orders { get; private set; } = [];

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = preferences.Shown;

    /// <summary>What is wrong with the notes of an order, by its id.</summary>
    public Dictionary<int, string> Troubles { get; } = [];

    /// <summary>What was written down, or could not be.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What was typed or chosen for an order.</summary>
    public string Typed(int order, string name) =>
        Request.HasFormContentType && Request.Form.TryGetValue(Field(order, name), out var typed) ? typed.ToString() : "";

    /// <summary>The name of a field of an order.</summary>
    public static string Field(int order, string name) => string.Create(CultureInfo.InvariantCulture, $"{name}-{order}");

    /// <summary>Shows what there is to write down.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken cancel) =>
        !await ShowAsync(id, cancel) ? NotFound() : Open.Run.IsRehearsal ? Redirect(Routes.Rehearsed(id)) : Page();

    /// <summary>Writes down all that is not yet.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken cancel)
    {
        if (!await ShowAsync(id, cancel))
            return NotFound();
        if (Open.Run.IsRehearsal)
            return Redirect(Routes.Rehearsed(id));
        var open = Orders.Where(o => !o.IsLogged).ToList();
        foreach (var one in open)
        {
            if (Typed(one.Order.Id, BakeEntryReader.Notes).Trim() is { Length: > BakeEntryReader.LongestNotes } notes)
                Troubles[one.Order.Id] = $"That is {notes.Length} characters; {BakeEntryReader.LongestNotes} can be kept.";
        }

        if (Troubles.Count > 0)
            return Page();
        var written = new List<int>();
        foreach (var one in open)
        {
            var verdicts = new Verdicts(
                Chosen<BaseVerdict>(one, BakeEntryReader.Base), Chosen<SetVerdict>(one, BakeEntryReader.Set),
                Chosen<TopVerdict>(one, BakeEntryReader.Top), Typed(one.Order.Id, BakeEntryReader.Notes).Trim());
            if (await log.WriteAsync(Open, one, verdicts, cancel) is { } bake)
                written.Add(bake);
        }

        await ShowAsync(id, cancel);
        Said = written.Count == open.Count
            ? "Written down."
            : "Somebody else was writing some of it down at the same moment; theirs is kept.";
        foreach (var bake in written)
        {
            if (await learned.MovedByAsync(bake, cancel) is { IsEmpty: false } moved)
                Said += " Learned: " + Shown.Say(moved);
        }

        return Page();
    }

    private T Chosen<T>(OrderToLog one, string field)
        where T : struct, Enum =>
        Typed(one.Order.Id, field) is { Length: > 0 } word && !char.IsAsciiDigit(word[0]) && Enum.TryParse<T>(word, true, out var chosen)
            ? chosen
            : default;

    private async Task<bool> ShowAsync(int id, CancellationToken cancel)
    {
        if (await desk.OpenAsync(id, cancel) is not { } open)
            return false;
        (Open, Orders) = (open, await log.OrdersAsync(open, cancel));
        return true;
    }
}
