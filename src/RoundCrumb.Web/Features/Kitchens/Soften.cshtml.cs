using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Units;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Web.Hosting;

namespace RoundCrumb.Web.Features.Kitchens;

/// <summary>How long things take to soften, to get cold and to thaw in this kitchen.</summary>
public sealed class SoftenModel(KitchenBook kitchen, Preferences baker) : PageModel
{
    private const double ColdestRoom = 5, WarmestRoom = 45, LeastGrams = 20, MostGrams = 5000, UsualGrams = 250;
    private const double HotFilling = 85;

    /// <summary>The room, as it was typed.</summary>
    public DegreesField Room { get; private set; }

    /// <summary>How much of it there is, as it was typed.</summary>
    public NumberField Grams { get; private set; }

    /// <summary>What softens on the bench: its name, and its time.</summary>
    public IReadOnlyList<(string Name, SofteningTime Time)> Softens { get; private set; } = [];

    /// <summary>A hot custard of that weight in its bowl, down to cool: minutes on the bench and over ice.</summary>
    public (double? Bench, double Ice) Custard { get; private set; }

    /// <summary>A mixing bowl for cream: minutes in each cold place.</summary>
    public IReadOnlyList<(string Place, double? Minutes)> Bowl { get; private set; } = [];

    /// <summary>A disc of frozen dough of that weight: minutes in each fridge.</summary>
    public IReadOnlyList<(string Place, double? Minutes)> Dough { get; private set; } = [];

    /// <summary>True where nobody has said how a fridge here cools.</summary>
    public bool FridgeUnknown { get; private set; }

    /// <summary>The baker's units.</summary>
    public QuantityFormatter Shown { get; } = baker.Shown;

    /// <summary>Works it all out.</summary>
    public async Task OnGetAsync(
        [FromQuery(Name = "room")] string? room, [FromQuery(Name = "grams")] string? grams, CancellationToken cancel)
    {
        var here = await kitchen.KitchenAsync(cancel);
        Room = DegreesField.Of(room, here.Room.Value, ColdestRoom, WarmestRoom, Shown.Units.Oven);
        Grams = NumberField.Of(grams, UsualGrams, LeastGrams, MostGrams, "g");
        var (warm, much) = (Room.Celsius, Grams.Value!.Value);
        var rack = Coolers.Rack * here.Rack.Times;
        Softens =
        [
            .. new[] { Pantry.Butter, Pantry.CreamCheese }.Select(i => (i.Name, SofteningTime.Of(i, much, new(warm), rack))),
        ];
        var custard = Matter.Of(CustardBlend);
        var cool = CoolingFirst.CooledTo.Usual;
        Custard = (
            BowlCooling.OnTheBench(custard, much, HotFilling, Math.Max(cool, warm + 3), warm),
            BowlCooling.OverIce(custard, much, HotFilling, cool));
        var fridges = here.Cold.Where(c => c is { Kind: ColdKind.Fridge, Cooler: not null }).ToList();
        FridgeUnknown = fridges.Count == 0;
        if (FridgeUnknown)
            fridges = [new("any", Cooler.StillFridge.Facts.Name, ColdKind.Fridge, 1, new(400)) { Cooler = Cooler.StillFridge }];
        Bowl =
        [
            .. fridges.Select(f => (f.Name, BowlCooling.Chilled(warm, f.Air, f.Cooler!.Value.Facts.Transfer * f.Heat.Times))),
            ("a freezer", BowlCooling.Chilled(warm, FrozenDough.Freezer, Coolers.Freezer)),
        ];
        Dough = [.. fridges.Select(f => (f.Name, FrozenDough.Thaw(much, f.Air, f.Cooler!.Value.Facts.Transfer * f.Heat.Times)))];
    }

    /// <summary>A custard of milk, egg and sugar.</summary>
    private static readonly Blend CustardBlend = new(0.72, 0.06, 0.05, 0.16, 0.01);

    /// <summary>Minutes as a baker says them; in words where it never happens.</summary>
    public string Say(double? minutes, string never) => minutes is not { } m
        ? never
        : Shown.Say(new Quantity(m < 20 ? Math.Max(1, Math.Round(m)) : Math.Round(m / 5) * 5, Dimension.Time));

    /// <summary>A warmth in the baker's own degrees.</summary>
    public string Warm(double celsius) => Shown.Say(new Quantity(celsius, Dimension.Warmth));

    /// <summary>A weight in the baker's own units.</summary>
    public string Weight => Shown.Say(new Quantity(Grams.Value!.Value, Dimension.Mass));
}
