using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Days;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Steps;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pies;
using RoundCrumb.Scheduling.Model;

namespace RoundCrumb.Web.Features.Days;

/// <summary>Puts a pie as it stands in Compose on a bake day.</summary>
public sealed class OrderModel(DayBook book, CompositionReader compositions, PieShelf shelf, KitchenClock clock) : PageModel
{
    /// <summary>The pie's address.</summary>
    public string Address { get; private set; } = "";

    /// <summary>What it is called.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The pie of the box that it is; none where it has been changed since, or never saved.</summary>
    public int? PieId { get; private set; }

    /// <summary>How many are wanted, as it was asked for.</summary>
    public string Many { get; private set; } = "1";

    /// <summary>What its crust can be made from.</summary>
    public IReadOnlyList<Stock> States { get; private set; } = [];

    /// <summary>What it is made from, as it was asked for.</summary>
    public Stock State { get; private set; }

    /// <summary>The days that are not past.</summary>
    public IReadOnlyList<BakeDay> Days { get; private set; } = [];

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>What was typed.</summary>
    public string Typed(string name, string usual) =>
        Request.HasFormContentType && Request.Form.TryGetValue(name, out var typed) ? typed.ToString() : usual;

    /// <summary>The days to choose from: a bake day and one of its dates.</summary>
    public IEnumerable<(string Value, string Words)> Choices => Days.SelectMany(
        d => Enumerable.Range(0, d.Days).Reverse().Select(n => d.From.AddDays(n)).Select(date =>
        (string.Create(CultureInfo.InvariantCulture, $"{d.Id} {date:yyyy-MM-dd}"), $"{d.Name}: {DayView.Date(date)}")));

    /// <summary>Where so many of a pie, its crust made from this, are put on a bake day.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="many">How many.</param>
    /// <param name="stock">What its crust is made from.</param>
    public static string AddressOf(Composition pie, int many, Stock stock) =>
        FormattableString.Invariant($"{Routes.DayOrder}?many={many}&from={stock.Id}&{CompositionAddress.Write(pie)}");

    /// <summary>Shows the form.</summary>
    /// <param name="many">How many are wanted; 1 where it is no number that a day takes.</param>
    /// <param name="from">What the crust is made from; scratch where it is nothing that suits.</param>
    /// <param name="cancel">Cancels it.</param>
    public async Task OnGetAsync(string? many, string? from, CancellationToken cancel)
    {
        await ShowAsync(Request.QueryString.Value?.TrimStart('?') ?? "", cancel);
        if (int.TryParse(many, NumberStyles.None, CultureInfo.InvariantCulture, out var asked) && asked is >= 1 and <= DayOrder.MostPies)
            Many = asked.ToString(CultureInfo.InvariantCulture);
        State = States.FirstOrDefault(s => s.Id == from);
    }

    private async Task ShowAsync(string address, CancellationToken cancel)
    {
        var read = (await compositions.ReadAsync(address, cancel)).Composition;
        Address = CompositionAddress.Write(read);
        States = [.. Enum.GetValues<Stock>().Where(s => s.Suits(read.Crust.Family))];
        var known = await shelf.OfAddressAsync(Address, cancel);
        (PieId, Name) = (known?.Id, known?.Name ?? $"{read.Filling.Formula.Name} on {read.Crust.Family.Name.ToLowerInvariant()}");
        var today = await clock.TodayAsync(cancel);
        Days = [.. (await book.AllAsync(cancel)).Where(d => d.From.AddDays(d.Days) > today).OrderBy(d => d.From)];
    }

    /// <summary>From Compose, with the pie as it stands there.</summary>
    public async Task<IActionResult> OnPostBeginAsync(string? address, CancellationToken cancel) =>
        Redirect(Routes.DayOrder + "?" + CompositionAddress.Write((await compositions.ReadAsync(address ?? "", cancel)).Composition));

    /// <summary>Puts it on the day.</summary>
    public async Task<IActionResult> OnPostAsync(
        string? address, string? day, string? count, string? time, string? name, string? stock, bool served,
        CancellationToken cancel)
    {
        await ShowAsync(address ?? "", cancel);
        var parts = (day ?? "").Split(' ');
        if (parts.Length != 2 || !int.TryParse(parts[0], CultureInfo.InvariantCulture, out var id)
                || !DateOnly.TryParseExact(parts[1], "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date)
                || Days.All(d => d.Id != id))
            (id, date) = (0, default);
        if (id == 0)
            Troubles["day"] = "Choose a bake day.";
        if (!int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out var many) || many is < 1 or > DayOrder.MostPies)
            Troubles["count"] = $"A whole number from 1 to {DayOrder.MostPies}.";
        var called = name?.Trim() ?? "";
        if (called.Length == 0 || called.Length > SavedPie.LongestName)
            Troubles["name"] = $"A name of {SavedPie.LongestName} characters at most.";
        if (Hours.Clock(time) is not { } minutes || minutes >= 24 * 60)
            (minutes, Troubles["time"]) = (0, "A time such as 12:30.");
        var due = date.ToDateTime(TimeOnly.MinValue).AddMinutes(minutes);
        if (Troubles.Count == 0 && new DayClock(date, await clock.ZoneAsync(cancel)) is var wall
                && (wall.SlotOf(due) is not { } slot || slot <= wall.SlotAt(clock.Now)))
            Troubles["time"] = "That time is past, or the clocks jump over it.";
        if (!Enum.TryParse<Stock>(stock ?? nameof(Stock.Scratch), out var from) || !States.Contains(from))
            Troubles["stock"] = "Choose what it is made from.";
        if (Troubles.Count > 0)
            return Page();
        if (!await book.ChangeAsync(
            id,
            d =>
                d.Orders.Add(
                    new DayOrder
                    {
                        PieId = called == Name ? PieId : null,
                        Name = called,
                        Address = Address,
                        Count = many,
                        Due = due,
                        Served = served,
                        Stock = from,
                    }),
            cancel))
        {
            // Deleted in another window between the look and the order.
            await ShowAsync(address ?? "", cancel);
            Troubles["day"] = "That bake day was deleted a moment ago. Choose another.";
            return Page();
        }

        return Redirect(Routes.Day(id));
    }
}
