using System.Globalization;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Pans;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Storage;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>The kitchen: its pans on a rack, drawn to one scale.</summary>
public sealed partial class IndexModel(PanRack rack, KitchenBook kitchen, Preferences baker, TimeProvider clock) : PageModel
{
    private static readonly string[] Needed = [CompositionAddress.OwnTop, CompositionAddress.OwnBase, CompositionAddress.OwnDepth];

    /// <summary>The form that was sent.</summary>
    public EquipmentForm Sent { get; } = new(baker.Shown);

    /// <summary>The pans.</summary>
    public IReadOnlyList<OwnedPan> Pans { get; private set; } = [];

    /// <summary>What could not be used, by field.</summary>
    public Dictionary<string, string> Troubles { get; } = new(StringComparer.Ordinal);

    /// <summary>A pan that was just put away and can be brought back.</summary>
    public int? Gone { get; private set; }

    /// <summary>What there is besides pans.</summary>
    public EquipmentOnHand Equipment { get; private set; } = new([], [], RoomCelsius.Usual, Schools.None);

    /// <summary>An oven that was just put away and can be brought back.</summary>
    public int? GoneOven { get; private set; }

    /// <summary>A cold place that was just put away and can be brought back.</summary>
    public int? GoneCold { get; private set; }

    /// <summary>A baker who was just put away and can be brought back.</summary>
    public int? GoneBaker { get; private set; }

    /// <summary>The days of a week, Monday first.</summary>
    public static IReadOnlyList<string> Weekdays { get; } = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];

    /// <summary>A baker's week in a line, days of the same hours together.</summary>
    public static string WeekOf(Baker baker)
    {
        var parts = new List<string>();
        for (var d = 0; d < 7;)
        {
            var (from, hours) = (d, baker.Week[d]);
            while (d < 7 && baker.Week[d] == hours)
                d++;
            if (hours is { } h)
                parts.Add((d - from == 1 ? Weekdays[from][..3] : $"{Weekdays[from][..3]}–{Weekdays[d - 1][..3]}") + " " + h);
        }

        return parts.Count == 0 ? "no hours" : string.Join(", ", parts);
    }

    /// <summary>Both versions of a form, where somebody else has changed the same thing meanwhile.</summary>
    public (string Form, Elsewhere Both)? Changed { get; private set; }

    /// <summary>A pan of which somebody else has changed the number meanwhile.</summary>
    public (int Pan, Elsewhere Both)? PanElsewhere { get; private set; }

    /// <summary>Both versions of a form; none where nobody has changed it.</summary>
    public Elsewhere? ChangedIn(string form) => Changed is { } changed && changed.Form == form ? changed.Both : null;

    /// <summary>The version that a form is filled in over: the one that was seen, until both have been shown.</summary>
    public int VersionOf(string form, int now) =>
        Sent.Name == form && ChangedIn(form) is null && int.TryParse(Sent["version"], out var seen) ? seen : now;

    /// <summary>What a form was opened over, where that is told by its values: as it was seen, until both have been shown.</summary>
    public string SeenBy(string form, string now) =>
        Sent.Name == form && ChangedIn(form) is null && Sent["seen"].Length > 0 ? Sent["seen"] : now;

    /// <summary>The burners and machines as a form says that it has seen them.</summary>
    public string ToolsNow => FormattableString.Invariant($"{Equipment.Burners}/{Equipment.Mixers}/{Equipment.Processors}");

    private bool Fahrenheit => Shown.Units.Oven is OvenUnit.Fahrenheit;

    /// <summary>What a room's warmth is said in.</summary>
    public string WarmthUnit => Fahrenheit ? "°F" : "°C";

    /// <summary>The room's warmth in the baker's unit.</summary>
    public string RoomText => Warmth(Equipment.Room.Value);

    /// <summary>A warmth as it is typed in.</summary>
    public string Warmth(double celsius) =>
        (Fahrenheit ? (celsius * 9 / 5) + 32 : celsius).ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>What an oven's error is said in.</summary>
    public string DegreeWords => WarmthUnit + "; less than 0 is cold";

    /// <summary>A length as a field shows it.</summary>
    public string Length(Millimetres value) =>
        Shown.Units.Length is LengthUnit.Inches
            ? (value.Value / 25.4).ToString("0.##", CultureInfo.InvariantCulture)
            : value.Value.ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>An oven's error in the baker's unit.</summary>
    public string Degrees(double celsius) => (Fahrenheit ? celsius * 9 / 5 : celsius).ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>What an oven's dial is turned to for a moderate heat.</summary>
    public static Quantity DialFor180(Oven oven) =>
        oven.DialFor(new Worked<OvenCelsius>("oven", "Oven", new(180), "a moderate oven")).Amount;

    /// <summary>The trouble with a field of an oven or a cold place; none where there is none.</summary>
    public string? EquipmentTrouble(string form, string name) => Sent.Name == form ? Sent.Troubles.GetValueOrDefault(name) : null;

    /// <summary>What was typed into a field of an oven or a cold place that could not be kept; null where nothing was.</summary>
    public string? EquipmentTyped(string form, string name) => Sent.Name == form && Sent.Has(name) ? Sent[name] : null;

    /// <summary>True when a form is to stand open.</summary>
    public bool EquipmentOpen(string form) => Sent.Name == form;

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>What a field of the form holds.</summary>
    public string Typed(string name) => Sent[name];

    /// <summary>By how much its sizes and its water differ.</summary>
    public static string Off(Pan pan)
    {
        var off = (pan.ByItsSizes.Volume.Value / pan.Inside.Volume.Value) - 1;
        return Math.Abs(off) < 0.005
            ? "the same"
            : FormattableString.Invariant($"{Math.Abs(off) * 100:0.#} % too {(off > 0 ? "much" : "little")}");
    }

    /// <summary>Shows the rack.</summary>
    public async Task OnGetAsync(int? gone, int? goneOven, int? goneCold, int? goneBaker, CancellationToken cancel)
    {
        (Gone, GoneOven, GoneCold, GoneBaker) = (gone, goneOven, goneCold, goneBaker);
        await ShowAsync(cancel);
    }

    private async Task ShowAsync(CancellationToken cancel)
    {
        Pans = await rack.AllAsync(cancel);
        Equipment = await kitchen.EquipmentAsync(cancel);
    }

    /// <summary>Puts a pan that is known on the rack.</summary>
    public async Task<IActionResult> OnPostTakeAsync(string? pan, CancellationToken cancel)
    {
        if (PanCupboard.Find(pan ?? "") is not { } known)
            return NotFound();
        await rack.AddAsync(known, 1, cancel);
        return Redirect(Routes.Kitchen);
    }

    /// <summary>Changes how many there are of a pan.</summary>
    public async Task<IActionResult> OnPostCountAsync(int id, int version, int owned, CancellationToken cancel)
    {
        switch (await rack.CountAsync(id, version, owned, cancel))
        {
            case KeepOutcome.Kept:
                return Redirect(owned <= 0 ? $"{Routes.Kitchen}?gone={id}" : $"{Routes.Kitchen}#pan-{id}");
            case KeepOutcome.ChangedElsewhere:
                await ShowAsync(cancel);
                PanElsewhere = (
                    id,
                    Elsewhere.Of(
                        "This pan", [new("How many", Invariant(owned), Invariant(Pans.FirstOrDefault(p => p.Id == id)?.Owned ?? 0))]));
                return Page();
            default:
                return NotFound();
        }
    }

    /// <summary>Brings back a pan that was put away.</summary>
    public async Task<IActionResult> OnPostPanBackAsync(int id, CancellationToken cancel) =>
        await rack.BringBackAsync(id, cancel) ? Redirect($"{Routes.Kitchen}#pan-{id}") : NotFound();

    private static string Invariant(int number) => number.ToString(CultureInfo.InvariantCulture);

    /// <summary>Puts a measured pan on the rack.</summary>
    public async Task<IActionResult> OnPostMeasureAsync(CancellationToken cancel)
    {
        Sent.Take(Request.Form);
        foreach (var field in Needed.Where(f => Typed(f).Length == 0))
            Troubles[field] = "Measure this inside the pan.";
        if (Typed(CompositionAddress.OwnName).Length == 0)
            Troubles[CompositionAddress.OwnName] = "Give it a name that you will know it by.";
        var owned = 1;
        if (Typed("owned").Length > 0 && (!int.TryParse(Typed("owned"), out owned) || owned is < 1 or > PanRack.MostOwned))
            Troubles["owned"] = $"A whole number from 1 to {PanRack.MostOwned}.";

        // The same reading as in Compose: the same limits, the same words. What was left empty is taken as usual.
        var read = CompositionAddress.Read(
            name =>
                name == CompositionAddress.PanField
                    ? PanCupboard.OwnId
                    : name.StartsWith("own-", StringComparison.Ordinal) && Typed(name).Length > 0 ? Typed(name)
                    : null,
            Shown.Units.Length);
        foreach (var trouble in read.Troubles.Where(t => t.Field.StartsWith("own-", StringComparison.Ordinal)))
            Troubles.TryAdd(trouble.Field, Shown.Say(trouble.Message));
        if (Troubles.Count > 0)
        {
            await ShowAsync(cancel);
            return Page();
        }

        await rack.AddAsync(read.Composition.Pan, owned, cancel);
        return Redirect(Routes.Kitchen);
    }

    private static FieldElsewhere Beside((string Name, string Value) mine, (string Name, string Value) now) =>
        new(mine.Name, mine.Value, now.Value);

    private IEnumerable<(string Name, string Value)> Of(Oven o) =>
    [
        ("Name", o.Name), ("Shelf, wide", Shown.Say(o.Width.AsQuantity())), ("Shelf, deep", Shown.Say(o.Depth.AsQuantity())),
        ("Shelves", Invariant(o.Shelves)), ("Warms up in", FormattableString.Invariant($"{o.WarmUp:0} min")),
        ("Runs hot by", Degrees(o.RunsHot) + " " + WarmthUnit), ("Fan", o.Fan ? "yes" : "no"),
    ];

    private IEnumerable<(string Name, string Value)> Of(ColdPlace c) =>
        [
            ("Name", c.Name), ("Takes", Invariant(c.Places)), ("Widest", Shown.Say(c.Widest.AsQuantity())),
            ("Freezer", c.Kind is ColdKind.Freezer ? "yes" : "no"), ("How it cools", c.Cooler?.Facts.Name ?? "not said"),
            ("Reads", c.Reads is { } reads ? Warmth(reads) + " " + WarmthUnit : "not said"),
        ];

    private static IEnumerable<(string Name, string Value)> Of(string name, IReadOnlyList<Hours?> week) =>
        [("Name", name), .. week.Select((h, d) => (Weekdays[d], h?.ToString() ?? "off"))];

    /// <summary>Goes on after something was kept; where it was changed elsewhere, shows both.</summary>
    private async Task<IActionResult> AfterAsync(
        KeepOutcome outcome, string next, string what, Func<IEnumerable<FieldElsewhere>> both, CancellationToken cancel)
    {
        if (outcome is KeepOutcome.Kept)
            return Redirect(next);
        await ShowAsync(cancel);
        if (outcome is KeepOutcome.Gone)
        {
            // The form of a new one stands under the same name without a number.
            Sent.BecomeNew();
            Changed = (Sent.Name, Elsewhere.Gone(what));
        }
        else
        {
            Changed = (Sent.Name, Elsewhere.Of(what, both()));
        }

        return Page();
    }

    private async Task<IActionResult> AgainAsync(CancellationToken cancel)
    {
        await ShowAsync(cancel);
        return Page();
    }
}
