using RoundCrumb.Core.Arranging;
using RoundCrumb.Core.Cooling;
using RoundCrumb.Core.Quantities;
using RoundCrumb.Core.Toppings;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Advice;

/// <summary>Rules about what lies on top.</summary>
internal static class ToppingRules
{
    /// <summary>A filling this sweet wants an unsweetened topping.</summary>
    private const double SweetFilling = 0.16;

    private static readonly Rule PastItsHold = new("cream-past-hold", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        foreach (var (top, hours) in c.ToppingHours())
        {
            if (hours * 60 <= top.Topping.Holds.Most)
                continue;
            var cream = top.Topping.Kind is ToppingKind.Whipped;
            var remedies = new List<Remedy>(3);
            if (cream && top.Topping.Id != Topping.Icing.Id && hours * 60 <= Topping.Icing.Holds.Most)
                remedies.Add(new("Hold it with icing sugar", "sweeter", p => p.Top(top, Topping.Icing)));
            if (cream && hours * 60 <= ToppingBook.Mascarpone.Holds.Most && top.Topping.Id != ToppingBook.Mascarpone.Id)
                remedies.Add(new("Hold it with mascarpone", "richer; a tub of it", p => p.Top(top, ToppingBook.Mascarpone)));
            if (cream && hours * 60 <= Topping.Gelatine.Holds.Most && !c.Occasion.Vegetarian && remedies.Count < 2)
                remedies.Add(new("Hold it with gelatine", "10 min to bloom and melt", p => p.Top(top, Topping.Gelatine)));
            var later = top.Topping.Holds.Least / 60;
            if (top.Topping.GoesOn is GoesOn.Cold)
                remedies.Add(new(new("Top it {0} ahead", Changes.Hours(later)), "a job nearer to serving", p => p.Topped(later)));
            else
                remedies.Add(new(new("Fill it {0} ahead", Changes.Hours(later)), "a later start", p => p.Filled(later)));
            return new(
                rule, Severity.Disappoints,
                cream
                    ? new("The cream weeps and sinks before it is served.")
                    : new($"{top.Topping.Name}: {top.Topping.Why} before it is served."),
                new(
                    (cream ? "Held by " + top.Topping.Why + " it lasts {0}" : "It lasts {0}") + "; it waits {1}.",
                    top.Topping.Holds.AsQuantity(), Changes.Hours(hours)),
                remedies);
        }

        return null;
    });

    private static readonly Rule OnWarm = new("cream-on-warm", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var cold = (c.Occasion.FilledAhead - c.Occasion.ToppedAhead) * 60;
        var least = pie.SetTime.Value.Least;
        if (cold >= least - 0.5
                || c.Toppings.FirstOrDefault(
                    t => t.Topping.GoesOn is GoesOn.Cold && t.Topping.Kind is ToppingKind.Whipped or ToppingKind.Jelly) is not { } top)
            return null;
        var later = Math.Floor(c.Occasion.FilledAhead - (least / 60));
        var earlier = Math.Ceiling(c.Occasion.ToppedAhead + (least / 60));
        return new(
            rule, Severity.Disappoints,
            top.Topping.Kind is ToppingKind.Jelly
                ? "The jelly goes on before the filling has set, and the two run together."
                : new Phrase("The cream goes on while the filling is above {0}, and slides off.", new Quantity(20, Dimension.Warmth)),
            new(
                "It is topped {0} after filling; cold right through takes {1}.", new Quantity(cold, Dimension.Time),
                new Quantity(least, Dimension.Time)),
            [
                later >= 0
                    ? new(new("Top it {0} ahead", Changes.Hours(later)), "a job nearer to serving", p => p.Topped(later))
                    : new(new("Fill it {0} ahead", Changes.Hours(earlier)), "an earlier start", p => p.Filled(earlier)),
            ]);
    });

    private static readonly Constant MeringueWants = new(
        "meringue wants its filling at", 60, 60, 70, Dimension.Warmth,
        "It has to cook through from below; colder, its syrup gathers there.");

    private static readonly Rule MeringueOnCold = new("meringue-on-cold", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        var (family, at) = (c.Filling.Formula.Family, LayerPours.GoesInAt(c));
        if (c.Toppings.FirstOrDefault(t => t.Topping.Kind is ToppingKind.Meringue && t.Topping.Id != ToppingBook.Italian.Id) is not { } top
                || at.Usual >= MeringueWants.Usual || family.Bake is not null)
            return null;
        return new(
            rule, Severity.Disappoints,
            "On a cold filling the meringue stays wet beneath, and slides on its own syrup.",
            new(
                "This filling goes in at about {0}; meringue wants it above {1}.",
                new Quantity(at.Usual, Dimension.Warmth),
                new Quantity(MeringueWants.Usual, Dimension.Warmth)),
            [
                new("Make it Italian", "a thermometer, and boiling sugar", p => p.Top(top, ToppingBook.Italian)),
                .. c.Filling.Cooled && family.GoesInHot
                    ?
                    [
                        new(
                            "Pour it straight from the pan", "the whites ready before it",
                            p => p with { Filling = p.Filling with { Cooled = false } }),
                    ]
                    : Array.Empty<Remedy>(),
                new("Take whipped cream", "no meringue", p => p.Top(top, Topping.Icing))
            ]);
    });

    private static readonly Rule CrumbleOnWhat = new("crumble-unbaked", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Filling.Formula.Family.Bake is null && c.Toppings.FirstOrDefault(t => t.Topping.Kind is ToppingKind.Crumble) is { } top
            ? new(
                rule, Severity.Stops,
                "The crumble stays raw: this filling is not baked.",
                "Crumble bakes on its filling, or on a tray by itself.",
                [
                    new("Strew it with toasted hazelnuts instead", "no crumble", p => p.Top(top, ToppingBook.Hazelnuts)),
                    new("Leave it off", "nothing crisp on top", p => p.Retop(top, ToppingChoice.Usual(Topping.None))),
                ])
            : null;
    });

    private static readonly Rule PieceTooLarge = new("piece-too-large", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var none = pie.Toppings.FirstOrDefault(t => t.Count is { Value.Value: 0 });
        if (none is null)
            return null;
        var top = none.Choice;
        var across = new Millimetres(2 * pie.SurfaceHalf);
        if (top.Topping.Piece is { } piece)
        {
            var remedies = new List<Remedy>(2);
            if (PieceBook.Find(piece.Smaller) is { } smaller && smaller.Length.Usual < across.Value
                    && Topping.Find("laid-" + smaller.Id) is { } other)
                remedies.Add(new($"Cut it smaller: {smaller.Name}", "more cutting", p => p.Retop(top, ToppingChoice.Usual(other))));
            remedies.Add(new("Leave it off", "nothing laid on top", p => p.Retop(top, ToppingChoice.Usual(Topping.None))));
            return new(
                rule, Severity.Stops,
                new(
                    $"Not one goes on whole: {piece.Name} are {{0}} long and the pie is {{1}} across up there.",
                    new Quantity(piece.Length.Usual, Dimension.Length), across.AsQuantity()),
                "A piece that hangs over the rim breaks the edge and falls.", remedies);
        }

        var fits = Math.Max(Laying.Nozzles.Least, Math.Floor(across.Value / 6));
        return new(
            rule, Severity.Stops,
            new(
                "A nozzle of {0} is too wide here: what it pipes is wider than the pie, {1} across.", top.Laying.Nozzle.AsQuantity(),
                across.AsQuantity()),
            "A rosette comes out nearly two and a half times as wide as the nozzle.",
            [
                new(
                    new("Take one of {0}", new Quantity(fits, Dimension.Length)), "smaller peaks",
                    p => p.Retop(top, top with { Laying = top.Laying with { Nozzle = new(fits) } })),
                new(
                    "Spread it instead", "no pattern",
                    p => p.Retop(top, top with { Laying = top.Laying with { Pattern = Pattern.Spread } })),
            ]);
    });

    private static readonly Rule TallOnSoft = new("tall-on-soft", Layer.Topping, DecidedBy.Physics, static (rule, pie) =>
    {
        var c = pie.Composition;
        return c.Toppings.FirstOrDefault(
            t => t.Topping.Kind is ToppingKind.Whipped && t.Laying.Pattern is Pattern.Spread && t.Height.Value >= 17) is { } top
            && pie.Yield.Cut.Verdict < 0
            ? new(
                rule, Severity.Disappoints,
                "So much cream presses a soft filling out of the slice.",
                new($"{{0}} of cream on a filling that is {pie.Yield.Cut.Name}: {pie.Yield.Cut.Meaning}.", top.Height.AsQuantity()),
                [
                    new(
                        new("Put on {0}", new Quantity(12, Dimension.Length)), "less cream",
                        p => p.Retop(top, top with { Height = new(12) })),
                ])
            : null;
    });

    private static readonly Rule SweetOnSweet = new("sweet-on-sweet", Layer.Topping, DecidedBy.Custom, static (rule, pie) =>
    {
        var c = pie.Composition;
        var filling = pie.Yield.Sugars.Value.Value;
        if (filling < SweetFilling
                || pie.Toppings.FirstOrDefault(
                    t => t.Choice.Topping.Kind is ToppingKind.Whipped && t.Choice.Topping.IsSweetened) is not { } top)
            return null;
        return new(
            rule, Severity.WorthKnowing,
            "Sweet on sweet: the slice tires before it is finished.",
            new("The filling is {0} sugar and the cream {1}.", new Quantity(filling, Dimension.Share), top.Sugars),
            [
                new(
                    "Leave the cream plain", "holds only 2–4 h",
                    p => p.Top(top.Choice, Topping.Plain).Topped(Math.Min(p.Occasion.ToppedAhead, 2)))
            ]);
    });

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Rule> All { get; } = [
        PastItsHold, OnWarm, MeringueOnCold, CrumbleOnWhat, PieceTooLarge, TallOnSoft, SweetOnSweet
    ];
}
