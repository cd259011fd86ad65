using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Kitchens;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Dough that was made before comes out of the freezer.</summary>
internal static class ThawingStep
{
    /// <summary>A disc of dough for each, thawed in this kitchen's fridge; where nothing is known of one, overnight.</summary>
    public static Step Of(Assessment pie)
    {
        var table = StepConstants.Thaw;
        var fridge = pie.Kitchen.Cold.FirstOrDefault(c => c.Kind is ColdKind.Fridge && c.Cooler is not null);
        var hours = fridge?.Cooler is { } cooler
            ? FrozenDough.Thaw(pie.Crust.Total.Value.Value, fridge.Air, cooler.Facts.Transfer * fridge.Heat.Times)
            : null;
        var least = hours is { } m ? Math.Ceiling(m / 15) * 15 : table.Low;
        return new(
            StepKind.ThawDough, StepPart.Crust,
            hours is null
                ? "Take the frozen dough out to thaw in the fridge overnight."
                : new Phrase(
                    "Take the frozen dough out to thaw in the fridge: overnight, or {0} at least in discs {1} thick.",
                    new Quantity(least, Dimension.Time), new Quantity(FrozenDough.DiscThick, Dimension.Length)),
            new(2, 0, pie.Pies), new(least, Math.Max(least, table.Usual), table.High), Place.Fridge, "gives to a thumb, still cold")
        { Id = new(StepKind.ThawDough, "", 0) };
    }
}
