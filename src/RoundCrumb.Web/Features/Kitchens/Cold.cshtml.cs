using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>How a place of this kitchen takes heat: a cup of water in it, and what readings say.</summary>
public sealed class ColdModel(KitchenBook kitchen, ReadingBook readings, Preferences baker) : PageModel
{
    /// <summary>How the rack is named in an address.</summary>
    public const string Rack = "rack";

    private const double LeastWater = 50, MostWater = 500, MostCup = 800, MostHours = 24, Longest = MostHours * 60;
    private const double Boiling = 95, Freezing = -5;

    /// <summary>Every place that can be measured, by how it is named in an address.</summary>
    public IReadOnlyList<(string Id, HeatTaker Place)> Places { get; private set; } = [];

    /// <summary>Cold places of which nobody has said how they cool.</summary>
    public IReadOnlyList<string> Unknown { get; private set; } = [];

    /// <summary>How the one that is looked at is named in an address.</summary>
    public string Id { get; private set; } = Rack;

    /// <summary>The one that is looked at.</summary>
    public HeatTaker Place { get; private set; } = null!;

    /// <summary>What is in the cup, as it was typed.</summary>
    public NumberField Water { get; private set; }

    /// <summary>What the empty cup weighs, as it was typed.</summary>
    public NumberField Cup { get; private set; }

    /// <summary>The first reading, as it was typed.</summary>
    public DegreesField First { get; private set; }

    /// <summary>Minutes between the readings, as they were typed.</summary>
    public NumberField Minutes { get; private set; }

    /// <summary>The second reading, as it was typed.</summary>
    public DegreesField Second { get; private set; }

    /// <summary>What the two readings say; none while they are not both there.</summary>
    public HeatFit? Fit { get; private set; }

    /// <summary>What has been put down of this place.</summary>
    public IReadOnlyList<HeatReading> Kept { get; private set; } = [];

    /// <summary>The reading that was just left out; none where none was.</summary>
    public int? LeftOut { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    private bool Fahrenheit => Shown.Units.Oven is OvenUnit.Fahrenheit;

    /// <summary>Shows a place.</summary>
    public async Task<IActionResult> OnGetAsync([FromQuery(Name = "place")] string? place, int? leftOut, CancellationToken cancel)
    {
        LeftOut = leftOut;
        return await ReadAsync(place, name => Request.Query[name], cancel) ? Page() : NotFound();
    }

    /// <summary>Puts the two readings down.</summary>
    public async Task<IActionResult> OnPostKeepAsync([FromForm(Name = "place")] string? place, CancellationToken cancel)
    {
        if (!await ReadAsync(place, name => Request.Form[name], cancel))
            return NotFound();
        if (Fit is not { IsSound: true } fit)
            return Page();
        var (cold, cooler) = await KindAsync(cancel);
        await readings.AddAsync(
            new()
            {
                ColdId = cold,
                Cooler = cooler,
                Times = fit.Times,
                Of = FormattableString.Invariant($"A cup of {Water.Value:0} ml of water"),
                Points = [new() { Celsius = First.Celsius }, new() { Minutes = Minutes.Value!.Value, Celsius = Second.Celsius }],
            }, cancel);
        return Redirect($"{Routes.Cold}?place={Id}");
    }

    /// <summary>Leaves a reading out.</summary>
    public async Task<IActionResult> OnPostLeaveOutAsync([FromForm(Name = "place")] string? place, int id, CancellationToken cancel) =>
        await readings.LeaveOutAsync(id, leaveOut: true, cancel)
            ? Redirect($"{Routes.Cold}?place={Uri.EscapeDataString(place ?? Rack)}&leftOut={id.ToString(CultureInfo.InvariantCulture)}")
            : NotFound();

    /// <summary>Brings a reading back.</summary>
    public async Task<IActionResult> OnPostBackAsync([FromForm(Name = "place")] string? place, int id, CancellationToken cancel) =>
        await readings.LeaveOutAsync(id, leaveOut: false, cancel)
            ? Redirect($"{Routes.Cold}?place={Uri.EscapeDataString(place ?? Rack)}")
            : NotFound();

    /// <summary>The cup's curve: as its kind has it, as readings here have it, and as the two that were typed have it.</summary>
    public IHtmlContent Curve => CupDrawing.Draw(
        new CupOfWater(Water.Value!.Value, Cup.Value!.Value), Place, Fit is { IsSound: true } fit ? fit.Times : null,
        double.IsNaN(First.Celsius) ? null : First.Celsius, Fit is null ? null : (Minutes.Value!.Value, Second.Celsius), Shown);

    /// <summary>A factor as a baker reads it.</summary>
    public static string Times(double times) => FormattableString.Invariant($"{times:0.00} times");

    /// <summary>What was read, in the baker's own degrees.</summary>
    public string Read(HeatReading reading) => string.Join(
        ", ", reading.Points.Select(
            p => p.Minutes == 0
                ? Warm(p.Celsius) + " at first"
                : $"{Warm(p.Celsius)} after {Shown.Say(new Quantity(p.Minutes, Dimension.Time))}"));

    /// <summary>A warmth in the baker's own degrees.</summary>
    public string Warm(double celsius) => Shown.Say(new Quantity(celsius, Dimension.Warmth));

    private async Task<bool> ReadAsync(string? place, Func<string, string?> typed, CancellationToken cancel)
    {
        var all = await kitchen.KitchenAsync(cancel);
        Unknown = [.. all.Cold.Where(c => c is { Kind: Core.Kitchens.ColdKind.Fridge, Cooler: null }).Select(c => c.Name)];
        Places =
        [
            .. all.Cold.Select(c => (c.Id, Place: HeatTaker.Of(c))).Where(p => p.Place is not null).Select(p => (p.Id, p.Place!)),
            (Rack, HeatTaker.RackIn(all)),
        ];
        if (place is not null && Places.All(p => p.Id != place))
            return false;
        (Id, Place) = Places.First(p => place is null || p.Id == place);
        Water = NumberField.Of(typed("water"), CupOfWater.Usual.Water, LeastWater, MostWater, "ml");
        Cup = NumberField.Of(typed("cup"), CupOfWater.Usual.Cup, 0, MostCup, "g");
        First = DegreesField.Of(typed("first"), null, Freezing, Boiling, Shown.Units.Oven);
        Second = DegreesField.Of(typed("second"), null, Freezing, Boiling, Shown.Units.Oven);
        Minutes = NumberField.OfMinutes(typed("minutes"), Longest);
        if (Minutes.Value is { } minutes && !double.IsNaN(First.Celsius) && !double.IsNaN(Second.Celsius)
                && Water.Trouble.Length + Cup.Trouble.Length == 0)
            Fit = HeatFit.OfCup(new(Water.Value!.Value, Cup.Value!.Value), Place, First.Celsius, Second.Celsius, minutes);
        Kept = await readings.OfAsync((await KindAsync(cancel)).Cold, cancel);
        return true;
    }

    private async Task<(int? Cold, Cooler? Cooler)> KindAsync(CancellationToken cancel)
    {
        var known = (await kitchen.EquipmentAsync(cancel)).Cold.FirstOrDefault(c => c.Item.Id == Id);
        return known is null ? (null, null) : (known.Id, known.Item.Cooler);
    }
}
