using System.Globalization;
using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Advice;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Cooling;

/// <summary>How a pie cools: its curve against the clock, when it has set, and whether it is cold soon enough.</summary>
public sealed class IndexModel(CompositionReader compositions, KitchenBook kitchens, ReadingBook readings, Preferences baker) : PageModel
{
    /// <summary>So many side by side are asked about at most.</summary>
    public const int MostTogether = 60;

    private const int MostReadings = 2;
    private const double LongestMinutes = 24 * 60, Coldest = -5, Hottest = 99;

    /// <summary>The pie.</summary>
    public Assessment Pie { get; private set; } = null!;

    /// <summary>How it cools; none where it does not, or is no deeper than a film.</summary>
    public PieCooling? Cooling { get; private set; }

    /// <summary>Followed to the end, for the drawing.</summary>
    public CoolingCurve? Curve { get; private set; }

    /// <summary>How the two-step rule is kept.</summary>
    public TwoStepRule? Rule { get; private set; }

    /// <summary>What would do, where it is not kept for sure.</summary>
    public IReadOnlyList<CoolingChange> Changes { get; private set; } = [];

    /// <summary>What is done with the filling first.</summary>
    public CoolFirst First { get; private set; }

    /// <summary>Every place that can be asked of: this kitchen's, then one of each kind.</summary>
    public IReadOnlyList<ColdPlace> Places { get; private set; } = [];

    /// <summary>True where readings have said how it takes heat.</summary>
    public bool Measured => Place.Heat.IsMeasured;

    /// <summary>The curve as others of its kind have it; none where that is the one that is shown.</summary>
    public CoolingCurve? Book { get; private set; }

    /// <summary>The readings as they were typed, each with its minutes.</summary>
    public IReadOnlyList<(NumberField After, DegreesField Read)> Typed { get; private set; } = [];

    /// <summary>Those that could be read.</summary>
    public IReadOnlyList<ProbeReading> Readings =>
        [
            .. Typed.Where(t => t.After.Value is not null && !double.IsNaN(t.Read.Celsius))
                .Select(t => new ProbeReading(t.After.Value!.Value, t.Read.Celsius)),
        ];

    /// <summary>How many of it the place takes at once before its air gets too warm for what else is in there.</summary>
    public int AtOnce { get; private set; }

    /// <summary>What they say of the place; none where there are none.</summary>
    public HeatFit? Fit { get; private set; }

    /// <summary>True where they can be saved: they are believed, and the place is this kitchen's.</summary>
    public bool CanSave => Fit is { IsSound: true } && IsOwn;

    /// <summary>True for a place of this kitchen; the others are one of each kind, to compare.</summary>
    public bool IsOwn { get; private set; }

    /// <summary>The one that is.</summary>
    public ColdPlace Place { get; private set; } = null!;

    /// <summary>True where this kitchen has said of a fridge how it cools.</summary>
    public bool KitchenHasSaid { get; private set; }

    /// <summary>The number side by side, as it was typed.</summary>
    public string Many { get; private set; } = "";

    /// <summary>What is wrong with that number; empty for nothing.</summary>
    public string ManyTrouble { get; private set; } = "";

    /// <summary>The composition as an address.</summary>
    public string Canonical { get; private set; } = "";

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>What sets its filling, and how cold that wants it.</summary>
    public Core.Fillings.ColdSet SetsBy => Pie.Composition.Filling.Formula.Family.SetsBy;

    /// <summary>Works it out for the pie in the address.</summary>
    public Task OnGetAsync(
        [FromQuery(Name = "where")] string? where, [FromQuery(Name = "many")] string? many, [FromQuery(Name = "first")] string? first,
        CancellationToken cancel) => ReadAsync(where, many, first, cancel);

    /// <summary>Saves what the thermometer said of the place.</summary>
    public async Task<IActionResult> OnPostKeepAsync(
        [FromQuery(Name = "where")] string? where, [FromQuery(Name = "many")] string? many, CancellationToken cancel)
    {
        await ReadAsync(where, many, null, cancel);
        if (!CanSave || (await kitchens.EquipmentAsync(cancel)).Cold.FirstOrDefault(c => c.Item.Id == Place.Id) is not { } known)
            return Page();
        await readings.AddAsync(
            new()
            {
                ColdId = known.Id,
                Cooler = known.Item.Cooler,
                Times = Fit!.Value.Times,
                Of = Pie.Composition.Filling.Formula.Name,
                Points = [.. Readings.Select(r => new HeatReadingPoint { Minutes = r.Minutes, Celsius = r.Celsius })],
            }, cancel);
        return Redirect(At());
    }

    private async Task ReadAsync(string? where, string? many, string? first, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        var read = await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel);
        Canonical = CompositionAddress.Write(read.Composition);
        var own = kitchen.Cold.Where(c => c is { Kind: ColdKind.Fridge, Cooler: not null, Places: > 0 }).ToList();
        KitchenHasSaid = own.Count > 0;
        Places = [.. own, .. Enum.GetValues<Cooler>().Select(Any)];
        Place = Places.FirstOrDefault(p => p.Id == where) ?? Places[0];
        IsOwn = own.Contains(Place);
        Many = many?.Trim() is { Length: > 0 and <= 20 } typed ? typed : "1";
        var known = int.TryParse(Many, NumberStyles.None, CultureInfo.InvariantCulture, out var together)
            && together is >= 1 and <= MostTogether;
        ManyTrouble = known ? "" : $"A whole number from 1 to {MostTogether}.";
        First = Enum.TryParse<CoolFirst>(first, out var way) && Enum.IsDefined(way) ? way : CoolFirst.Straight;
        Pie = Assessment.Of(read.Composition, known ? together : 1, kitchen);
        Cooling = Pie.CoolingIn(Place with { Places = Math.Max(Place.Places, MostTogether) }, known ? together : 1);
        if (Cooling is null)
            return;
        if (Cooling.RackMinutes > 0)
            First = CoolFirst.Straight;
        Typed =
        [
            .. Enumerable.Range(1, MostReadings).Select(
                n => (NumberField.OfMinutes(Request.Query["at" + n], LongestMinutes),
                    DegreesField.Of(Request.Query["read" + n], null, Coldest, Hottest, Shown.Units.Oven))),
        ];
        if (Readings.Count > 0 && First is CoolFirst.Straight)
        {
            Fit = HeatFit.OfPie(Pie, Place, Cooling.Together, Readings);
            if (Fit is { IsSound: true } fit)
            {
                Place = Place with { Heat = new(fit.Times, Readings.Count) };
                Cooling = Pie.CoolingIn(Place with { Places = Math.Max(Place.Places, MostTogether) }, Cooling.Together)!;
            }
        }

        if (Measured)
            Book = Pie.CurveOf(Pie.CoolingIn(Cooling.Place with { Heat = PlaceHeat.Book }, Cooling.Together)!, First);
        AtOnce = Pie.TakenAtOnce(Place, MostTogether);
        Curve = Pie.CurveOf(Cooling, First);
        Rule = TwoStepRule.Of(Curve.MinutesTo, Measured);
        Changes = First is CoolFirst.Straight ? CoolingChange.For(Pie, Cooling) : [];
    }

    /// <summary>How warm a step on the hob got what was poured cooler than the rule begins, °C; none for what was never so warm.</summary>
    public Constant? OnTheHob => Pie.Composition.Filling.Formula.Family.HobTakesEggTo;

    /// <summary>Minutes of the first two hours that are left for the bowl; none where it never gets so cold in here.</summary>
    public double? LeftForTheBowl => Curve!.MinutesTo(CoolingConstants.RuleMiddle.Usual) is { } poured
        ? CoolingConstants.FirstStretch.Usual - poured
        : null;

    /// <summary>Minutes in the bowl on the bench from where the rule begins to the pour; none where it is not cooled there.</summary>
    public double? InTheBowl => LayerPours.InTheBowl(Pie);

    private static ColdPlace Any(Cooler cooler) =>
        new(cooler.ToString(), cooler.Facts.Name, ColdKind.Fridge, MostTogether, new(1000)) { Cooler = cooler };

    /// <summary>This page for another way, place or number.</summary>
    public string At(CoolFirst? first = null, ColdPlace? place = null, int? many = null) =>
        $"{Routes.Cooling}?where={Uri.EscapeDataString((place ?? Place).Id)}&many={many ?? Cooling?.Together ?? 1}"
            + $"&first={first ?? First}&{Canonical}";

    /// <summary>Where a change is looked at: the pie itself in Compose, or its cooling here.</summary>
    public string AddressOf(CoolingChange change) => change.After != Pie.Composition
        ? $"{Routes.Cooling}?where={Uri.EscapeDataString(Place.Id)}&many={Cooling!.Together}&{CompositionAddress.Write(change.After)}"
        : change.First != First ? At(change.First)
        : change.Place.Id != Place.Id ? At(place: change.Place)
        : At(many: 1);

    /// <summary>Minutes as a baker says them, with how far they may be off.</summary>
    public string Say(double minutes) => Shown.Say(new Quantity(Rounded(minutes), Dimension.Time));

    /// <summary>From when to when it may be.</summary>
    public string Band(double minutes)
    {
        var band = HeatBand.Of(minutes, Measured);
        return $"{Say(band.Least)} to {Say(band.Most)}";
    }

    /// <summary>A warmth in the baker's own degrees.</summary>
    public string Warm(double celsius) => Shown.Say(new Quantity(celsius, Dimension.Warmth));

    /// <summary>A sentence whose figures open.</summary>
    public IHtmlContent Sentence(Phrase phrase) => FigureLink.Sentence(phrase, Shown, Canonical, 1);

    private static double Rounded(double minutes) => minutes < 20 ? Math.Round(minutes) : Math.Round(minutes / 5) * 5;
}
