using Microsoft.AspNetCore.Html;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Application.Reading;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Core.Working;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Baking;

/// <summary>How a filled shell bakes: its middle against the clock, when to take it out, and what another heat would do.</summary>
public sealed class IndexModel(CompositionReader compositions, Preferences baker) : PageModel
{
    private const double CoolestOven = 60, HottestOven = 260, ColdestFilling = 0, WarmestFilling = 90;

    /// <summary>The pie.</summary>
    public Assessment Pie { get; private set; } = null!;

    /// <summary>How its filling is baked by its family; none where it is not.</summary>
    public FillingBake? Bake => Pie.Composition.Filling.Formula.Family.Bake;

    /// <summary>How it warms, as it was asked for; none where nothing is baked.</summary>
    public BakingCurve? Curve { get; private set; }

    /// <summary>True where another heat or another start was asked for than its own.</summary>
    public bool IsOther { get; private set; }

    /// <summary>The oven's heat and the filling's start as they were typed.</summary>
    public DegreesField Heat { get; private set; }

    /// <summary>How warm the filling goes in, as it was typed.</summary>
    public DegreesField Start { get; private set; }

    /// <summary>The composition as an address.</summary>
    public string Canonical { get; private set; } = "";

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Works it out for the pie in the address.</summary>
    public async Task OnGetAsync(
        [FromQuery(Name = "heat")] string? heat, [FromQuery(Name = "start")] string? start, CancellationToken cancel)
    {
        var kitchen = await compositions.KitchenAsync(cancel);
        var read = await compositions.ReadAsync(Request.QueryString.Value ?? "", cancel);
        Canonical = CompositionAddress.Write(read.Composition);
        Pie = Assessment.Of(read.Composition, 1, kitchen);
        if (Bake is not { } bake)
            return;
        var pour = Pie.Composition.Filling.Formula.Family.PourHeat.At.Usual;
        Heat = DegreesField.Of(heat, bake.Heat.Usual, CoolestOven, HottestOven, Shown.Units.Oven);
        Start = DegreesField.Of(start, pour, ColdestFilling, WarmestFilling, Shown.Units.Oven);
        IsOther = Heat.Celsius != bake.Heat.Usual || Start.Celsius != pour;
        Curve = Pie.BakingAt(Heat.Celsius, Start.Celsius);
    }

    /// <summary>Minutes as a baker says them.</summary>
    public string Say(double minutes) => Shown.Say(new Quantity(Math.Round(minutes), Dimension.Time));

    /// <summary>From when to when it may be.</summary>
    public string Band(double minutes)
    {
        var band = HeatBand.Of(minutes, false);
        return $"{Say(band.Least)} to {Say(band.Most)}";
    }

    /// <summary>A warmth in the baker's own degrees.</summary>
    public string Warm(double celsius) => Shown.Say(new Quantity(Math.Round(celsius), Dimension.Warmth));

    /// <summary>A figure that opens.</summary>
    public IHtmlContent Figure(IWorked worked) => FigureLink.To(worked, Shown, Canonical, 1);
}
