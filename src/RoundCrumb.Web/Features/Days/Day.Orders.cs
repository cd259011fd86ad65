using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Storage;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Web.Features.Days;

/// <summary>Orders of a day: taken, changed, taken off and brought back.</summary>
public sealed partial class DayModel
{
    /// <summary>Takes an order.</summary>
    public async Task<IActionResult> OnPostOrderAsync(
        int id, int pie, string? count, string? date, string? time, string? notes, Stock stock, bool served, CancellationToken cancel)
    {
        var of = await shelf.FindAsync(pie, cancel);
        if (of is null)
            Troubles["pie"] = "That pie has been deleted. Choose another.";
        var (many, due) = await ReadOrderAsync(id, count, date, time, notes, cancel);
        if (Troubles.Count > 0)
            return await AgainAsync(id, "order", cancel);
        return await book.ChangeAsync(
            id,
            d =>
                d.Orders.Add(
                    new DayOrder
                    {
                        PieId = pie,
                        Name = of!.Name,
                        Address = of.Address,
                        Count = many,
                        Due = due,
                        Notes = notes?.Trim() ?? "",
                        Stock = stock,
                        Served = served,
                    }),
            cancel)
            ? Back(id)
            : NotFound();
    }

    private async Task<(int Count, DateTime Due)> ReadOrderAsync(
        int id, string? count, string? date, string? time, string? notes, CancellationToken cancel)
    {
        if (!int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many is < 1 or > DayOrder.MostPies)
            Troubles["count"] = $"A whole number from 1 to {DayOrder.MostPies}.";
        var day = await book.FindAsync(id, cancel);
        if (!DateOnly.TryParseExact(date, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var on)
                || (day is not null && (on < day.From || on >= day.From.AddDays(day.Days))))
            Troubles["date"] = "One of the days that are planned.";
        var minutes = Hours.Clock(time);
        if (minutes is null or >= 24 * 60)
            Troubles["time"] = "A time such as 12:30.";
        if (notes?.Length > DayOrder.LongestNotes)
            Troubles["notes"] = $"{DayOrder.LongestNotes} characters at most.";
        var due = on.ToDateTime(TimeOnly.MinValue).AddMinutes(minutes ?? 0);
        if (Troubles.Count == 0 && day is not null && new DayClock(day.From, await clock.ZoneAsync(cancel)) is var wall)
        {
            if (wall.SlotOf(due) is not { } slot)
                Troubles["time"] = "The clocks go forward over that hour. Say an hour later.";
            else if (slot <= wall.SlotAt(clock.Now))
                Troubles["time"] = "That is past. Say a later time.";
        }

        return (many, due);
    }

    /// <summary>Changes an order, if nobody has since it was opened.</summary>
    public async Task<IActionResult> OnPostChangeAsync(
        int id, int order, int version, string? count, string? date, string? time, string? notes, Stock stock, bool served,
        CancellationToken cancel)
    {
        var form = $"order-{order}";
        var (many, due) = await ReadOrderAsync(id, count, date, time, notes, cancel);
        if (Troubles.Count > 0)
            return await AgainAsync(id, form, cancel);
        var outcome = await book.TryAsync(id, d =>
        {
            if (d.Orders.FirstOrDefault(o => o.Id == order) is not { } one || one.Version != version)
                return false;
            (one.Count, one.Due, one.Notes, one.Stock, one.Served) = (many, due, notes?.Trim() ?? "", stock, served);
            one.Version++;
            return true;
        }, cancel);
        if (outcome is KeepOutcome.Kept)
            return Back(id);
        if (outcome is KeepOutcome.Gone || !await ShowAsync(id, null, cancel))
            return NotFound();
        Form = form;
        var mine = new DayOrder
        {
            Name = "",
            Address = "",
            Count = many,
            Due = due,
            Notes = notes?.Trim() ?? "",
            Stock = stock,
            Served = served,
        };
        if (Open.Kept.Orders.FirstOrDefault(o => o.Id == order) is { } now)
        {
            Changed = Elsewhere.Of(
                "This order", SaidOf(mine).Zip(SaidOf(now), static (m, n) => new FieldElsewhere(m.Name, m.Value, n.Value)));
        }
        else
        {
            var had = SaidOf(mine).Where(f => f.Value.Length > 0).Select(f => $"{f.Name.ToLowerInvariant()} {f.Value}");
            Read = [$"This order was taken off elsewhere, so nothing was changed. You had: {string.Join(", ", had)}."];
        }

        return Page();
    }

    /// <summary>An order's fields as they are called on its form.</summary>
    private static IEnumerable<(string Name, string Value)> SaidOf(DayOrder order) =>
    [
        ("How many", order.Count.ToString(CultureInfo.InvariantCulture)),
        (order.Served ? "Served at" : "Ready by", order.Due.ToString("ddd d MMM HH:mm", CultureInfo.InvariantCulture)),
        ("Ready or served", order.Served ? "served" : "ready"), ("From", order.Stock.Words), ("Notes", order.Notes),
    ];

    /// <summary>Takes an order off.</summary>
    public async Task<IActionResult> OnPostOffAsync(int id, int order, CancellationToken cancel) =>
        await book.TakeOffAsync(id, order, off: true, cancel) ? Back(id, $"?off={order}") : NotFound();

    /// <summary>Puts an order back.</summary>
    public async Task<IActionResult> OnPostBackAsync(int id, int order, CancellationToken cancel) =>
        await book.TakeOffAsync(id, order, off: false, cancel) ? Back(id) : NotFound();

    /// <summary>Takes a pie as it is now in the box.</summary>
    public async Task<IActionResult> OnPostFreshAsync(int id, int order, CancellationToken cancel)
    {
        var ordered = (await book.FindAsync(id, cancel))?.Orders.FirstOrDefault(o => o.Id == order)?.PieId;
        var pies = await shelf.FindAsync(ordered is { } one ? [one] : [], cancel);
        return await book.ChangeAsync(id, d =>
        {
            if (d.Orders.FirstOrDefault(o => o.Id == order) is { PieId: { } pie } kept && pies.TryGetValue(pie, out var now))
                (kept.Address, kept.Name, kept.Version) = (now.Address, now.Name, kept.Version + 1);
        }, cancel) ? Back(id) : NotFound();
    }
}
