using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>How a pie comes to the table: cut and plated, or whole where it is small.</summary>
/// <param name="Slices">How many one pie makes; 1 for what is not cut.</param>
/// <param name="Step">The cutting and plating of all of them.</param>
public sealed record Serving(Worked<Number> Slices, Step Step)
{
    /// <summary>Putting out a pie that is not cut, minutes.</summary>
    public static readonly Constant Whole = new(
        "served whole up to so many slices’ weight", 1.5, 1.2, 1.8, Dimension.Factor, "Half a tartlet is nobody’s pudding.");

    /// <summary>Fetching knife and hot water, minutes.</summary>
    public static readonly Constant Knife = new(
        "hot water, knife and plates set out", 3, 2, 5, Dimension.Time, "A hot dry knife, wiped between cuts, leaves clean faces.");

    /// <summary>Setting the plates out, minutes.</summary>
    public static readonly Constant Plates = new("plates set out", 2, 1, 4, Dimension.Time, "Counted and cool.");

    /// <summary>Cutting a slice and plating it, minutes.</summary>
    public static readonly Constant CutOne = new("cutting and plating a slice", 0.75, 0.5, 1.5, Dimension.Time, "Dip, wipe, cut, lift.");

    /// <summary>Plating one that is not cut, minutes.</summary>
    public static readonly Constant PlateOne = new(
        "plating a small pie", 0.3, 0.2, 0.5, Dimension.Time, "Out of its pan and on to a plate.");

    /// <summary>Minutes that a cut slice may stand before it is eaten.</summary>
    public static readonly Constant Stands = new("a cut slice stands", 15, 5, 30, Dimension.Time, "Cut faces dry and cream slumps.");

    /// <summary>How a pie that was worked out is served.</summary>
    /// <param name="pie">The pie, for so many.</param>
    public static Serving Of(Assessment pie)
    {
        var crust = pie.Crust.Cut?.Value.Value ?? pie.Crust.Total.Value.Value;
        var filling = pie.FilledMass.Value.Value + pie.Layers.Sum(l => l.Mass.Value.Value);
        var topping = pie.Toppings.SelectMany(t => t.Lines).Sum(l => l.Mass.Value.Value);
        var each = pie.Composition.Filling.Formula.Family.Portion;
        var all = crust + filling + topping;
        var slices = all < Whole.Usual * each.Usual ? 1 : Math.Round(all / each.Usual, MidpointRounding.AwayFromZero);
        var figure = new Worked<Number>(
            "slices", "Slices of one pie", new(slices),
            "(crust + filling + topping) ÷ a slice, to the nearest whole one; what weighs little more than a slice is served whole",
            Term.Given("crust", new Grams(crust)), Term.Given("filling", new Grams(filling)), Term.Given("topping", new Grams(topping)),
            each, Whole);
        return slices <= 1
            ? new(
                figure,
                new(
                    StepKind.Plate, StepPart.Assembly, "Plate them.", new(Plates.Usual, PlateOne.Usual, pie.Pies), MinuteRange.None,
                    Place.Bench, "whole rims, clean plates"))
            : new(
                figure,
                new(
                    StepKind.CutAndPlate, StepPart.Assembly,
                    new("Cut each into {0} with a hot dry knife, wiped between cuts, and plate.", figure),
                    new(Knife.Usual, CutOne.Usual * slices, pie.Pies), MinuteRange.None, Place.Bench,
                    "clean faces, the tip of the slice whole"));
    }
}
