using RoundCrumb.Core.Composing;
using RoundCrumb.Core.Cooling;
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
    /// <param name="pie">Its facts.</param>
    public static IReadOnlyList<Meeting> Of(Assessment pie)
    {
        var c = pie.Composition;
        var meetings = new List<Meeting>(4);
        var fillings = c.Fillings.ToList();
        var first = fillings[0].Family.PourHeat;
        meetings.Add(
            new(
                fillings[0].Name, "the crust",
                new Phrase(
                    fillings[0].Family.GoesOntoHotShell
                        ? "{0} onto the crust while that is still hot from the oven."
                        : "{0} onto a cold crust.",
                    Range(first.At.Low, first.At.High)),
                IfNot(first), false));
        for (var i = 1; i < fillings.Count; i++)
        {
            var (upper, lower) = (fillings[i], fillings[i - 1]);
            meetings.Add(
                pie.Pourings.FirstOrDefault(p => p.Upper == upper && p.Lower == lower) is { } pouring
                    ? Poured(pouring)
                    : new(
                        upper.Name, lower.Name, new Phrase("It is baked on the layer below, which melts in the oven and sets again."),
                        IfNot(upper.Family.PourHeat), false));
        }

        foreach (var sums in pie.Toppings)
        {
            var topping = sums.Choice;
            var says = topping.Topping.Kind switch
            {
                ToppingKind.Whipped =>
                    new Phrase("Cream at {0} onto a filling no warmer than {1}.", Range(4, 8), new Quantity(20, Dimension.Warmth)),
                ToppingKind.Jelly when pie.JellyPour(sums) is { } jelly => Phrase.Join(
                    new(
                        "Jelly at {0} onto a set, cold filling. At {1} the face between comes to {2}.",
                        Range(
                            LayerPours.JellyPoured.Low,
                            Math.Max(jelly.PourAt.Value, Math.Min(LayerPours.JellyPoured.High, jelly.UpTo.Value))),
                        jelly.PourAt.AsQuantity(), jelly.Face.AsQuantity()),
                    jelly.Cool),
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

    /// <summary>Something poured onto a layer: how warm, what the face between comes to, and how it is cooled to that.</summary>
    private static Meeting Poured(LayerPour pouring)
    {
        var heat = pouring.Upper.Family.PourHeat;
        var bears = pouring.Lower.Family.PourHeat.Bears.Usual;
        var limit = pouring.UpTo.Value.Value;
        return new(
            pouring.Upper.Name, pouring.Lower.Name,
            Phrase.Join(
                new(
                    limit < heat.At.High
                        ? "{0} onto a layer that is set and cold. At {1} the face between comes to {2}; it bears {3}, so {4} is the most."
                        : "{0} onto a layer that is set and cold. At {1} the face between comes to {2}; it bears {3}.",
                    Range(heat.At.Low, Math.Max(heat.At.Low, Math.Min(heat.At.High, limit))), pouring.PourAt.AsQuantity(),
                    pouring.Face.AsQuantity(), new Quantity(bears, Dimension.Warmth), pouring.UpTo),
                pouring.Cool),
            heat.At.High > limit ? "warmer, it melts what it lies on and the two run together" : IfNot(heat), pouring.Melts);
    }

    private static string IfNot(PourHeat heat) =>
        (heat.Warmer.Length > 0 ? "warmer, " + heat.Warmer : "") + (heat.Warmer.Length > 0 && heat.Colder.Length > 0 ? "; " : "")
            + (heat.Colder.Length > 0 ? "colder, " + heat.Colder : "");

    private static Quantity Range(double low, double high) => new((low + high) / 2, Dimension.Warmth, low, high);
}
