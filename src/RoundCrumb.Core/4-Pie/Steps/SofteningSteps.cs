using RoundCrumb.Core.Baking;
using RoundCrumb.Core.Composing;
using RoundCrumb.Core.HeatFlow;
using RoundCrumb.Core.Ingredients;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Steps;

/// <summary>Steps in which something from the fridge stands out until it is soft.</summary>
internal static class SofteningSteps
{
    /// <summary>The step, as long as this much of it takes in this room.</summary>
    /// <param name="pie">The pie.</param>
    /// <param name="step">The step as its part declares it.</param>
    /// <param name="what">What softens in it; nothing leaves it as it is.</param>
    /// <param name="lines">What goes into the part, g of each.</param>
    public static Step In(Assessment pie, Step step, Softens what, IEnumerable<(Ingredient Ingredient, double Grams)> lines)
    {
        bool Is(Ingredient ingredient) => what switch
        {
            Softens.Nothing => false,
            Softens.Fat => ingredient.IsFat,
            Softens.CreamCheese => ingredient.Is(Traits.CreamCheese),
        };
        var (soft, grams) = lines.Where(l => Is(l.Ingredient)).OrderByDescending(l => l.Grams).FirstOrDefault();
        if (grams <= 0)
            return step;
        var time = SofteningTime.Of(soft, grams, pie.Kitchen.Room, Coolers.Rack * pie.Kitchen.Rack.Times);
        if (time is not { InOnePiece: { } whole, CutSmall: { } cut })
            return step with
            {
                // Waiting gains nothing; it may stand out all the same, as long as it may.
                Wait = new(0, 0, what is Softens.CreamCheese ? Softening.CheeseStandsOut.Usual : Softening.StandsOut.Usual),
                Do = Phrase.Join(
                    step.Do,
                    new(
                        "In a room of {0} it does not get soft by itself: cut it small and work it over warm water.",
                        new Quantity(pie.Kitchen.Room.Value, Dimension.Warmth))),
            };

        // Cheese may not stand out as long as butter: where one piece is not soft by then, it is cut small.
        if (what is Softens.CreamCheese && whole > Softening.CheeseStandsOut.Usual)
            return CutSmall(step, whole, cut);
        var most = what is Softens.CreamCheese ? Softening.CheeseStandsOut.Usual : Math.Max(whole, Softening.StandsOut.Usual);
        return step with
        {
            Wait = new(Math.Min(Math.Min(cut, whole), most), Math.Min(whole, most), most),
            Do = cut < whole
                ? Phrase.Join(
                    step.Do,
                    new(
                        "{0} in one piece in this room, {1} cut small.", new Quantity(whole, Dimension.Time),
                        new Quantity(cut, Dimension.Time)))
                : step.Do,
        };
    }

    /// <summary>
    /// What would not be soft in one piece while it may stand out: it is cut small, and worked warm where that takes too long.
    /// </summary>
    private static Step CutSmall(Step step, double whole, double cut)
    {
        var most = Softening.CheeseStandsOut.Usual;
        var stands = Math.Min(cut, most);
        return step with
        {
            Wait = new(stands, stands, most),
            Do = Phrase.Join(
                step.Do,
                cut <= most
                    ? new(
                        "Cut it small: {0} in this room. In one piece it would take {1}, longer than it may stand out.",
                        new Quantity(cut, Dimension.Time), new Quantity(whole, Dimension.Time))
                    : new(
                        "Cut it small, and after {0} work it over warm water: in this room it would take {1}, longer than it may stand "
                            + "out.",
                        new Quantity(most, Dimension.Time), new Quantity(cut, Dimension.Time))),
        };
    }
}
