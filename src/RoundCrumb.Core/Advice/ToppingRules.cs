using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about the cream.</summary>
internal static class ToppingRules
{
    /// <summary>A filling this sweet wants an unsweetened topping.</summary>
    private const double SweetFilling = 0.16;

    private static readonly Rule PastItsHold = new("cream-past-hold", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        if (c.Topping.Topping == Topping.None || c.Occasion.ToppedAhead * 60 <= c.Topping.Topping.Holds.Most)
            return null;
        var hours = c.Occasion.ToppedAhead;
        var later = c.Topping.Topping.Holds.Least / 60;
        var remedies = new List<Remedy>(3);
        if (c.Topping.Topping != Topping.Icing && hours * 60 <= Topping.Icing.Holds.Most)
            remedies.Add(new("Hold it with icing sugar", "sweeter", p => p.Top(Topping.Icing)));
        if (hours * 60 <= Topping.Gelatine.Holds.Most && !c.Occasion.Vegetarian)
            remedies.Add(new("Hold it with gelatine", "10 min to bloom and melt", p => p.Top(Topping.Gelatine)));
        remedies.Add(new(new("Top it {0} ahead", Changes.Hours(later)), "a job nearer to serving", p => p.Topped(later)));
        return new(
            rule, Severity.Disappoints,
            new("The cream weeps and sinks before it is served."),
            new("Held by " + c.Topping.Topping.Why + " it lasts {0}; it waits {1}.", c.Topping.Topping.Holds.AsQuantity(), Changes.Hours(hours)),
            remedies);
    });

    private static readonly Rule OnWarm = new("cream-on-warm", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var cold = (c.Occasion.FilledAhead - c.Occasion.ToppedAhead) * 60;
        var least = pie.Chain.SetTime.Value.Least;
        if (c.Topping.Topping == Topping.None || cold >= least - 0.5)
            return null;
        var later = Math.Floor(c.Occasion.FilledAhead - (least / 60));
        var earlier = Math.Ceiling(c.Occasion.ToppedAhead + (least / 60));
        return new(
            rule, Severity.Disappoints,
            new("The cream goes on while the filling is above {0}, and slides off.", new Quantity(20, Dimension.Warmth)),
            new("It is topped {0} after filling; cold right through takes {1}.", new Quantity(cold, Dimension.Time), new Quantity(least, Dimension.Time)),
            [
                later >= 0
                    ? new(new("Top it {0} ahead", Changes.Hours(later)), "a job nearer to serving", p => p.Topped(later))
                    : new(new("Fill it {0} ahead", Changes.Hours(earlier)), "an earlier start", p => p.Filled(earlier)),
            ]);
    });

    private static readonly Rule TallOnSoft = new("tall-on-soft", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Topping.Topping != Topping.None && c.Topping.Height.Value >= 17 && pie.Yield.Cut.Verdict < 0
            ? new(
                rule, Severity.Disappoints,
                "So much cream presses a soft filling out of the slice.",
                new($"{{0}} of cream on a filling that is {pie.Yield.Cut.Name}: {pie.Yield.Cut.Meaning}.", c.Topping.Height.AsQuantity()),
                [new(new("Put on {0}", new Quantity(12, Dimension.Length)), "less cream", p => p with { Topping = p.Topping with { Height = new(12) } })])
            : null;
    });

    private static readonly Rule SweetOnSweet = new("sweet-on-sweet", Layer.Topping, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        var filling = pie.Yield.Sugars.Value.Value;
        if (c.Topping.Topping == Topping.None || !c.Topping.Topping.IsSweetened || filling < SweetFilling)
            return null;
        return new(
            rule, Severity.WorthKnowing,
            "Sweet on sweet: the slice tires before it is finished.",
            new("The filling is {0} sugar and the cream {1}.", new Quantity(filling, Dimension.Share), pie.Topping!.Sugars),
            [new("Leave the cream plain", "holds only 2–4 h", p => p.Top(Topping.Plain).Topped(Math.Min(p.Occasion.ToppedAhead, 2)))]);
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [PastItsHold, OnWarm, TallOnSoft, SweetOnSweet];
}
