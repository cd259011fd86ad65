using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Fillings;
using RoundCrumb.Core.Layering;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>What meets what in a pie, and at which temperature.</summary>
public static class Meetings
{
    /// <summary>Every meeting of a pie from the crust up.</summary>
    public static IReadOnlyList<Meeting> Of(Composition c)
    {
        var meetings = new List<Meeting>(4);
        var fillings = c.Fillings.ToList();
        for (var i = 0; i < fillings.Count; i++)
        {
            var upper = fillings[i];
            var heat = upper.Family.PourHeat;
            var amount = heat.At;
            if (i == 0)
            {
                meetings.Add(new(
                    upper.Name, "the crust",
                    new Phrase(
                        upper.Family.GoesOntoHotShell
                            ? "{0} onto the crust while that is still hot from the oven."
                            : "{0} onto a cold crust.",
                        Range(amount.Low, amount.High)),
                    IfNot(heat), false));
                continue;
            }

            var lower = fillings[i - 1];
            var bears = lower.Family.PourHeat.Bears;
            var melts = upper.Family.Bake is null && amount.Low > bears.Usual;
            meetings.Add(new(
                upper.Name, lower.Name,
                upper.Family.Bake is not null
                    ? new Phrase("It is baked on the layer below, which melts in the oven and sets again.")
                    : new Phrase(
                        "{0} onto a layer that is set and cold, and bears {1}.",
                        Range(amount.Low, Math.Max(amount.Low, Math.Min(amount.High, bears.Usual))),
                        new Quantity(bears.Usual, Dimension.Warmth)),
                amount.High > bears.Usual ? "warmer, it melts what it lies on and the two run together" : IfNot(heat), melts));
        }

        foreach (var topping in c.Toppings)
        {
            var says = topping.Topping.Kind switch
            {
                ToppingKind.Whipped =>
                    new Phrase("Cream at {0} onto a filling no warmer than {1}.", Range(4, 8), new Quantity(20, Dimension.Warmth)),
                ToppingKind.Jelly => new Phrase("Jelly at {0} onto a set, cold filling.", Range(20, 28)),
                ToppingKind.Meringue =>
                    new Phrase("Meringue onto the filling while that is above {0}.", new Quantity(60, Dimension.Warmth)),
                ToppingKind.Glaze => new Phrase("Glaze while it is hot; a tart that was baked is warm, not hot."),
                _ => Phrase.None,
            };
            if (!says.IsEmpty)
            {
                meetings.Add(new(topping.Topping.Name, fillings[^1].Name, says, topping.Topping.Kind switch
                {
                    ToppingKind.Whipped => "warmer, the cream melts and slides",
                    ToppingKind.Jelly => "warmer, it melts the filling and the two run together; colder, it sets in lumps",
                    ToppingKind.Meringue => "on a cold filling it stays raw beneath and weeps",
                    _ => "cold, it lies in ridges",
                }, false));
            }
        }

        return meetings;
    }

    private static string IfNot(PourHeat heat) =>
        (heat.Warmer.Length > 0 ? "warmer, " + heat.Warmer : "") + (heat.Warmer.Length > 0 && heat.Colder.Length > 0 ? "; " : "")
            + (heat.Colder.Length > 0 ? "colder, " + heat.Colder : "");

    private static Quantity Range(double low, double high) => new((low + high) / 2, Dimension.Warmth, low, high);
}
